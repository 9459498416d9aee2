package joropo.app.today;

import java.util.List;
import joropo.app.access.Person;
import joropo.app.job.JobService;
import joropo.app.register.RegisterService;
import joropo.app.store.StoreService;
import joropo.app.ui.Paged;
import joropo.app.watch.WatchService;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** What is waiting, and finding anything. */
@Controller
class TodayController {
    private static final int LONGEST_SEARCH = 80;

    private final JobService jobs;
    private final RegisterService register;
    private final StoreService store;
    private final FindService finder;
    private final WatchService watches;

    TodayController(
            JobService jobs, RegisterService register, StoreService store, FindService finder, WatchService watches) {
        this.watches = watches;
        this.jobs = jobs;
        this.register = register;
        this.store = store;
        this.finder = finder;
    }

    @GetMapping("/")
    String today(@ModelAttribute(name = "me", binding = false) Person me, Model model) {
        model.addAttribute("forLead", me.isLead() ? jobs.waitingForLead() : List.of());
        model.addAttribute("toCountersign", me.isLead() ? jobs.waitingForCountersign() : List.of());
        model.addAttribute("sentBack", jobs.sentBackTo(me));
        model.addAttribute("jobs", jobs.openJobs(Paged.asked(model)));
        model.addAttribute("machines", Paged.of(1, register.machines()));
        model.addAttribute("due", Paged.of(1, store.due()));
        model.addAttribute("looks", jobs.looksDue());
        model.addAttribute("timesUp", jobs.timesUp());
        model.addAttribute("waiting", jobs.waitingForParts());
        model.addAttribute("rising", watches.rising());
        model.addAttribute("toRead", watches.due());
        model.addAttribute("concessions", jobs.concessions(1));
        model.addAttribute("today", store.today());
        return "today/today";
    }

    @GetMapping("/find")
    String find(@RequestParam(defaultValue = "") String q, Model model) {
        String asked = q.strip();
        boolean usable = !asked.isEmpty() && asked.length() <= LONGEST_SEARCH;
        model.addAttribute("q", asked.length() > LONGEST_SEARCH ? asked.substring(0, LONGEST_SEARCH) : asked);
        model.addAttribute("usable", usable);
        model.addAttribute("found", usable ? finder.find(asked, Paged.asked(model)) : FindService.Found.NOTHING);
        return "today/find";
    }

    /** A page with nothing on it, to measure the server by. */
    @GetMapping("/bare")
    String bare() {
        return "today/bare";
    }
}
