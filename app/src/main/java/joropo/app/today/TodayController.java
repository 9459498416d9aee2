package joropo.app.today;

import java.util.List;
import joropo.app.job.JobService;
import joropo.app.register.RegisterService;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is waiting, and finding anything. */
@Controller
class TodayController {
    private static final int LONGEST_SEARCH = 80;

    private final JobService jobs;
    private final RegisterService register;

    TodayController(JobService jobs, RegisterService register) {
        this.jobs = jobs;
        this.register = register;
    }

    @GetMapping("/")
    String today(Model model) {
        model.addAttribute("jobs", jobs.openJobs());
        model.addAttribute("machines", register.machines());
        return "today/today";
    }

    @GetMapping("/find")
    String find(@RequestParam(defaultValue = "") String q, Model model) {
        String asked = q.strip();
        boolean usable = !asked.isEmpty() && asked.length() <= LONGEST_SEARCH;
        String pattern = "%" + asked.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
        model.addAttribute("q", asked.length() > LONGEST_SEARCH ? asked.substring(0, LONGEST_SEARCH) : asked);
        model.addAttribute("usable", usable);
        model.addAttribute("machines", usable ? register.machinesLike(pattern) : List.of());
        model.addAttribute("positions", usable ? register.positionsLike(pattern) : List.of());
        model.addAttribute("jobs", usable ? jobs.like(pattern) : List.of());
        return "today/find";
    }

    /** A page with nothing on it, to measure the server by. */
    @GetMapping("/bare")
    String bare() {
        return "today/bare";
    }
}
