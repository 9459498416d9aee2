package joropo.app.job;

import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.ui.Errors;
import joropo.app.ui.NotFound;
import joropo.core.arrangement.PartKind;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is sealed in a job: added, named, taken out. */
@Controller
@RequestMapping("/jobs/{number}/items")
class JobItemsController {
    private final JobItems items;
    private final JobSheets sheets;

    JobItemsController(JobItems items, JobSheets sheets) {
        this.items = items;
        this.sheets = sheets;
    }

    /** One act. @return number of the item whose cards are to be seen */
    @FunctionalInterface
    private interface Act {
        int run();
    }

    @PostMapping
    String add(
            @PathVariable String number,
            @RequestParam PartKind kind,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String label = form.getOrDefault("label", "");
        return done(number, form, me, model, () -> items.add(number, kind, label, me));
    }

    @PostMapping("/sets/{key}")
    String addSet(
            @PathVariable String number,
            @PathVariable String key,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, form, me, model, () -> {
            items.addSet(number, key, me);
            return 1;
        });
    }

    @PostMapping("/{item}/label")
    String label(
            @PathVariable String number,
            @PathVariable int item,
            @RequestParam String label,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, form, me, model, () -> {
            items.label(number, item, label, me);
            return item;
        });
    }

    @PostMapping("/{item}/removal")
    String takeOut(
            @PathVariable String number,
            @PathVariable int item,
            @RequestParam String why,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, form, me, model, () -> {
            items.takeOut(number, item, why, me);
            return 1;
        });
    }

    /** What was refused stands where it was typed. */
    private String done(String number, Map<String, String> form, Person me, Model model, Act act) {
        Stage from =
                Stage.ofPath(form.getOrDefault("from", Stage.INTAKE.path())).orElseThrow(() -> new NotFound("stage"));
        try {
            return "redirect:/jobs/" + number + "/" + from.path() + "#item=" + act.run();
        } catch (RefusedInput e) {
            model.addAttribute("itemErrors", Errors.byField(e));
            model.addAttribute("typed", form);
            model.addAttribute("view", sheets.page(number, from, me));
            model.addAttribute("notice", "");
            return "job/job";
        }
    }
}
