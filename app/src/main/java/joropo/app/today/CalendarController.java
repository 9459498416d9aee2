package joropo.app.today;

import java.time.LocalDate;
import joropo.app.job.ConcessionLine;
import joropo.app.job.JobService;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Paged;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Days to come, for any calendar program: looks at what was accepted for a time, certificates of gauges that end. */
@Controller
class CalendarController {
    private final JobService jobs;
    private final SettingsService settings;

    CalendarController(JobService jobs, SettingsService settings) {
        this.jobs = jobs;
        this.settings = settings;
    }

    @GetMapping("/calendar.ics")
    ResponseEntity<String> calendar() {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Joropo//Looks and certificates//EN"));
        calendar.withDefaults();
        int page = 1;
        for (Paged<ConcessionLine> some = jobs.concessions(page); ; some = jobs.concessions(++page)) {
            some.shown()
                    .forEach(c -> calendar.add(
                            day(c.nextLook(), "Look at " + c.place() + ": " + c.defect(), "look-" + c.jobNumber())));
            if (page >= some.pages()) {
                break;
            }
        }
        settings.shop().gauges().stream()
                .filter(g -> g.withdrawnWhy() == null && g.dueOn() != null)
                .forEach(g -> calendar.add(day(g.dueOn(), "Certificate of " + g.name() + " ends", "gauge-" + g.id())));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/calendar;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"joropo.ics\"")
                .body(calendar.toString());
    }

    /** A whole day. Its name stays the same, so that a calendar which takes it again does not show it twice. */
    private static VEvent day(LocalDate on, String words, String name) {
        var event = new VEvent(on, words);
        event.add(new Uid(name + "@joropo"));
        return event;
    }
}
