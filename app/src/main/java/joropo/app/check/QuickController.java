package joropo.app.check;

import java.util.Locale;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.job.Stage;
import joropo.app.print.DrawingFiles;
import joropo.app.ui.NotFound;
import joropo.core.units.RefusedInput;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The quick checks by page: what was typed stands in the link, so that it can be sent. */
@Controller
@RequestMapping("/checks")
class QuickController {
    private final QuickService checks;
    private final DrawingFiles files;

    QuickController(QuickService checks, DrawingFiles files) {
        this.checks = checks;
        this.files = files;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("kinds", QuickKinds.ALL);
        return "check/list";
    }

    @GetMapping("/{kind}")
    String check(
            @PathVariable String kind,
            @RequestParam Map<String, String> texts,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return page(checks.view(kind(kind), texts, me), "", model);
    }

    @GetMapping("/driver.{format:svg|pdf|dxf}")
    ResponseEntity<byte[]> driver(
            @PathVariable String format,
            @RequestParam Map<String, String> texts,
            @ModelAttribute(name = "me", binding = false) Person me) {
        QuickResult result = checks.result(kind("driver"), texts, me);
        if (result == null || result.file() == null) {
            throw new NotFound("driver with these figures");
        }
        return files.file(
                result.file(), DrawingFiles.Format.valueOf(format.toUpperCase(Locale.ROOT)), "driver", "Driver", "");
    }

    @PostMapping("/{kind}/take")
    String take(
            @PathVariable String kind,
            @RequestParam Map<String, String> texts,
            @RequestParam String job,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            Stage stage = checks.take(kind(kind), texts, job, me);
            return "redirect:/jobs/" + job + "/" + stage.path();
        } catch (RefusedInput e) {
            return page(
                    checks.view(kind(kind), texts, me),
                    "Not taken: it " + e.errors().get(0).message() + ".",
                    model);
        }
    }

    private static String page(QuickView view, String notice, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("notice", notice);
        return "check/check";
    }

    private static QuickKind kind(String path) {
        return QuickKinds.ofPath(path).orElseThrow(() -> new NotFound("check " + path));
    }
}
