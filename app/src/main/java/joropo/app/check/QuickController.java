package joropo.app.check;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.print.Printing;
import joropo.app.ui.NotFound;
import joropo.core.units.RefusedInput;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
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

/** The quick checks by page: what was typed stands in the link, so that it can be sent. */
@Controller
@RequestMapping("/checks")
class QuickController {
    private final QuickService checks;
    private final Printing files;

    QuickController(QuickService checks, Printing files) {
        this.checks = checks;
        this.files = files;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("kinds", checks.forms());
        return "check/list";
    }

    @GetMapping("/{kind:[a-z-]+}")
    String check(
            @PathVariable String kind,
            @RequestParam Map<String, String> texts,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return page(checks.view(checks.check(kind), texts, me), "", model);
    }

    @GetMapping("/{kind:[a-z-]+}.{format:svg|pdf|dxf}")
    ResponseEntity<byte[]> drawing(
            @PathVariable String kind,
            @PathVariable String format,
            @RequestParam Map<String, String> texts,
            @ModelAttribute(name = "me", binding = false) Person me) {
        QuickCheck check = checks.check(kind);
        QuickResult result = checks.result(check, texts, me);
        if (result == null || result.file() == null) {
            throw new NotFound(kind + " with these figures");
        }
        return files.file(
                result.file(),
                Printing.Format.valueOf(format.toUpperCase(Locale.ROOT)),
                kind,
                check.form().title(),
                "");
    }

    @GetMapping("/{kind:[a-z-]+}.csv")
    ResponseEntity<String> table(
            @PathVariable String kind,
            @RequestParam Map<String, String> texts,
            @ModelAttribute(name = "me", binding = false) Person me) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(kind + ".csv")
                                .build()
                                .toString())
                .body(checks.csv(checks.check(kind), texts, me));
    }

    /** A check that was kept as a table is opened again. */
    @PostMapping("/{kind}/open")
    String open(
            @PathVariable String kind,
            @RequestParam MultipartFile file,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model)
            throws IOException {
        QuickCheck check = checks.check(kind);
        try {
            return "redirect:/checks/" + kind
                    + checks.opened(check, new String(file.getBytes(), StandardCharsets.UTF_8), me);
        } catch (RefusedInput e) {
            return page(
                    checks.view(check, Map.of(), me),
                    "Not opened: it " + e.errors().get(0).message() + ".",
                    model);
        }
    }

    @PostMapping("/{kind}/take")
    String take(
            @PathVariable String kind,
            @RequestParam Map<String, String> texts,
            @RequestParam String job,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            return "redirect:" + checks.take(checks.check(kind), texts, job, me);
        } catch (RefusedInput e) {
            return page(
                    checks.view(checks.check(kind), texts, me),
                    "Not taken: it " + e.errors().get(0).message() + ".",
                    model);
        }
    }

    private static String page(QuickView view, String notice, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("notice", notice);
        return "check/check";
    }
}
