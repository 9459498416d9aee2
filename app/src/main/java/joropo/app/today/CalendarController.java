package joropo.app.today;

import java.time.LocalDate;
import joropo.app.job.ConcessionLine;
import joropo.app.job.JobService;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Paged;
import joropo.app.watch.WatchLine;
import joropo.app.watch.WatchService;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Days to come, for any calendar program: looks at what was accepted for a time and at signed jobs, readings of leak
 * watches, bottles that fill and allowances that are reached, certificates of gauges that end.
 */
@Controller
class CalendarController {
    private final JobService jobs;
    private final WatchService watches;
    private final SettingsService settings;

    CalendarController(JobService jobs, WatchService watches, SettingsService settings) {
        this.jobs = jobs;
        this.watches = watches;
        this.settings = settings;
    }

    /** @param area of the round and @param person who reads: only their watches, and nothing else; empty: everything */
    @GetMapping("/calendar.ics")
    ResponseEntity<String> calendar(
            @RequestParam(defaultValue = "") String area, @RequestParam(defaultValue = "") String person) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Joropo//Looks and certificates//EN"));
        calendar.withDefaults();
        if (area.isBlank() && person.isBlank()) {
            ofJobs(calendar);
            settings.shop().gauges().stream()
                    .filter(g -> g.withdrawnWhy() == null && g.dueOn() != null)
                    .forEach(g ->
                            calendar.add(day(g.dueOn(), "Certificate of " + g.name() + " ends", "gauge-" + g.id())));
        }
        watches.everyLine().stream()
                .filter(w -> area.isBlank() || w.area().equals(area))
                .filter(w -> person.isBlank() || person.equals(w.readerName()))
                .forEach(w -> ofWatch(calendar, w));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/calendar;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"joropo.ics\"")
                .body(calendar.toString());
    }

    private void ofJobs(Calendar calendar) {
        int page = 1;
        for (Paged<ConcessionLine> some = jobs.concessions(page); ; some = jobs.concessions(++page)) {
            some.shown()
                    .forEach(c -> calendar.add(
                            day(c.nextLook(), "Look at " + c.place() + ": " + c.defect(), "look-" + c.jobNumber())));
            if (page >= some.pages()) {
                break;
            }
        }
        jobs.looks()
                .forEach(l -> calendar.add(
                        day(l.dueOn(), "Look at " + l.place() + " again, job " + l.jobNumber(), "job-look-" + l.id())));
    }

    private static void ofWatch(Calendar calendar, WatchLine w) {
        String place = w.place() + ": " + w.name();
        calendar.add(day(w.dueOn(), "Read " + place, "watch-" + w.id()));
        if (w.fullOn() != null) {
            calendar.add(day(w.fullOn(), "Bottle full at " + place, "full-" + w.id()));
        }
        if (w.crossesOn() != null && !w.crossesOn().isBefore(w.dueOn())) {
            calendar.add(day(w.crossesOn(), "Allowance reached at " + place, "change-" + w.id()));
        }
    }

    /** A whole day. Its name stays the same, so that a calendar which takes it again does not show it twice. */
    private static VEvent day(LocalDate on, String words, String name) {
        var event = new VEvent(on, words);
        event.add(new Uid(name + "@joropo"));
        return event;
    }
}
