package joropo.app.card;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import joropo.app.access.Person;
import joropo.app.job.JobService;
import joropo.app.print.Printing;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** The card of a job to look at, print or send. */
@Controller
class CardController {
    private final JobService jobs;
    private final CardService cards;
    private final Printing files;

    CardController(JobService jobs, CardService cards, Printing files) {
        this.jobs = jobs;
        this.cards = cards;
        this.files = files;
    }

    @GetMapping("/jobs/{number}/card.pdf")
    ResponseEntity<byte[]> card(@PathVariable String number, @ModelAttribute(name = "me", binding = false) Person me) {
        byte[] pdf = cards.pdf(
                jobs.find(number),
                jobs.snapshot(number),
                jobs.signature(number),
                jobs.addenda(number),
                jobs.reviews(number),
                me.unit());
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("job-" + number + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }

    /** A drawing of a tool or part of a job, as picture, page or file for a lathe's program. */
    @GetMapping("/jobs/{number}/{name:[a-z][a-z0-9-]*}.{format:svg|pdf|dxf}")
    ResponseEntity<byte[]> drawing(
            @PathVariable String number, @PathVariable String name, @PathVariable String format) {
        JobService.ToolDrawing tool = jobs.drawing(number, name);
        String title = name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
        return files.file(
                tool.drawing(),
                Printing.Format.valueOf(format.toUpperCase(Locale.ROOT)),
                name + "-" + number,
                title + ", job " + number,
                tool.place());
    }
}
