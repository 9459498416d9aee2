package joropo.app.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import joropo.app.access.Person;
import joropo.app.ui.Paged;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The records as a whole, for a lead. */
@Controller
@RequestMapping("/records")
class RecordsController {
    private static final String BUSY = "Something else runs already: let it end, or stop it.";

    private final RecordsService records;

    RecordsController(RecordsService records) {
        this.records = records;
    }

    @GetMapping
    String page(Model model) throws IOException {
        return page("", model);
    }

    /** How far a long work is, asked for by the page while it runs. */
    @GetMapping("/progress")
    String progress(Model model) {
        model.addAttribute("work", records.progress().orElse(null));
        return "exchange/records :: work";
    }

    @PostMapping("/verify")
    String verify(@ModelAttribute(name = "me", binding = false) Person me, Model model) throws IOException {
        return records.verify(me) ? "redirect:/records" : page(BUSY, model);
    }

    @PostMapping("/backup")
    String backup(@ModelAttribute(name = "me", binding = false) Person me, Model model) throws IOException {
        return records.backup(me) ? "redirect:/records" : page(BUSY, model);
    }

    @PostMapping("/out")
    String takeOut(@ModelAttribute(name = "me", binding = false) Person me, Model model) throws IOException {
        return records.takeOut(me) ? "redirect:/records" : page(BUSY, model);
    }

    /** @param keep absent: it is only tried */
    @PostMapping("/in")
    String bringIn(
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "false") boolean keep,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model)
            throws IOException {
        if (file.isEmpty()) {
            return page("Choose the file of a shop first.", model);
        }
        Path copy = Files.createTempFile("shop", ".zip");
        file.transferTo(copy);
        if (records.bringIn(copy, keep, me)) {
            return "redirect:/records";
        }
        Files.delete(copy);
        return page(BUSY, model);
    }

    @PostMapping("/stop")
    String stop() {
        records.stop();
        return "redirect:/records";
    }

    @GetMapping("/backups/{name}")
    ResponseEntity<Resource> backup(@PathVariable String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(records.backupFile(name)));
    }

    @GetMapping("/acts")
    String acts(@RequestParam(defaultValue = "") String person, Model model) {
        model.addAttribute("acts", records.acts(person, Paged.asked(model)));
        model.addAttribute("person", person);
        model.addAttribute("names", records.names());
        return "exchange/acts";
    }

    private String page(String notice, Model model) throws IOException {
        model.addAttribute("notice", notice);
        model.addAttribute("work", records.progress().orElse(null));
        model.addAttribute("backups", records.backups());
        return "exchange/records";
    }
}
