package joropo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.ui.Errors;
import joropo.app.ui.NotFound;
import joropo.core.plan.PartState;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Parts list, strip log and timers of a job: each act its own small form, with script and without. */
@Controller
@RequestMapping("/jobs/{number}")
class JobListsController {
    private final JobSheets sheets;
    private final JobListsService lists;

    JobListsController(JobSheets sheets, JobListsService lists) {
        this.sheets = sheets;
        this.lists = lists;
    }

    /** One act on a list. */
    @FunctionalInterface
    private interface Act {
        void run();
    }

    @PostMapping("/parts")
    String list(
            @PathVariable String number,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Stage from = stage(form);
        return done(number, from, "parts", htmx, me, form, model, () -> {
            if (form.containsKey("proposal")) {
                lists.propose(number, from, form.get("proposal"), me);
            } else {
                lists.list(number, from, form, me);
            }
        });
    }

    @PostMapping("/parts-from-store")
    String layOutAll(
            @PathVariable String number,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, stage(form), "parts", htmx, me, form, model, () -> lists.layOutAll(number, me));
    }

    @PostMapping("/parts-from-kit")
    String layOutKit(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String kit,
            @RequestParam(name = "in", defaultValue = "") List<String> in,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, stage(form), "parts", htmx, me, form, model, () -> lists.layOutKit(number, kit, in, me));
    }

    @PostMapping("/parts/{part}")
    String decide(
            @PathVariable String number,
            @PathVariable String part,
            @RequestParam PartState state,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String lot = form.getOrDefault("lot", "");
        return done(
                number,
                stage(form),
                "parts",
                htmx,
                me,
                form,
                model,
                () -> lists.decide(
                        number,
                        part,
                        state,
                        lot.matches("\\d{1,18}") ? Long.valueOf(lot) : null,
                        form.getOrDefault("reason", ""),
                        form.getOrDefault("followUp", ""),
                        me));
    }

    @PostMapping("/strip-log")
    String remove(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String item,
            @RequestParam(defaultValue = "") String again,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String with,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model,
            HttpServletResponse response) {
        int before = lists.countAsked(number);
        String out = done(number, stage(form), "strip", htmx, me, form, model, () -> {
            if (!again.isEmpty()) {
                lists.removeAsLastTime(number, me);
            } else if (item.matches("\\d{1,4}")) {
                lists.removeOf(number, Integer.parseInt(item), me);
            } else {
                lists.remove(number, kind, name, with.matches("\\d{1,18}") ? Long.valueOf(with) : null, me);
            }
        });
        anewWithOther(before, number, response);
        return out;
    }

    /** With one item or bearing more or less the whole sheet is another one: the page is loaded anew. */
    private void anewWithOther(int before, String number, HttpServletResponse response) {
        if (lists.countAsked(number) != before) {
            response.setHeader("HX-Refresh", "true");
        }
    }

    @PostMapping("/strip-log/{part}")
    String note(
            @PathVariable String number,
            @PathVariable long part,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(
                number,
                stage(form),
                "strip",
                htmx,
                me,
                form,
                model,
                () -> lists.note(number, part, form, me.unit(), me));
    }

    @PostMapping("/strip-log/{part}/strike")
    String strike(
            @PathVariable String number,
            @PathVariable long part,
            @RequestParam String why,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model,
            HttpServletResponse response) {
        int before = lists.countAsked(number);
        String out =
                done(number, stage(form), "strip", htmx, me, form, model, () -> lists.strike(number, part, why, me));
        anewWithOther(before, number, response);
        return out;
    }

    @PostMapping("/strip-log/{part}/photo")
    String photo(
            @PathVariable String number,
            @PathVariable long part,
            @RequestParam MultipartFile file,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model)
            throws IOException {
        try {
            lists.photo(number, part, file.getOriginalFilename(), file.getBytes(), me);
            return "redirect:/jobs/" + number + "/strip#strip";
        } catch (RefusedInput e) {
            model.addAttribute("view", sheets.page(number, Stage.STRIP, me));
            model.addAttribute("notice", "The photo " + e.errors().get(0).message() + ".");
            return "job/job";
        }
    }

    @PostMapping("/strip-log/{part}/back")
    String back(
            @PathVariable String number,
            @PathVariable long part,
            @RequestParam StripPart.Back state,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(
                number, stage(form), "back", htmx, me, form, model, () -> lists.back(number, part, state, reason, me));
    }

    @PostMapping("/timers")
    String startTimer(
            @PathVariable String number,
            @RequestParam String what,
            @RequestParam String minutes,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(
                number,
                stage(form),
                "timers",
                htmx,
                me,
                form,
                model,
                () -> lists.startTimer(number, what, minutes, me));
    }

    @PostMapping("/timers/{id}/stop")
    String stopTimer(
            @PathVariable String number,
            @PathVariable long id,
            @RequestParam String why,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return done(number, stage(form), "timers", htmx, me, form, model, () -> lists.stopTimer(number, id, why, me));
    }

    /** Does it, and shows the list as it stands then; what was refused stands where it was typed, with the texts. */
    private String done(
            String number,
            Stage from,
            String list,
            boolean htmx,
            Person me,
            Map<String, String> form,
            Model model,
            Act act) {
        try {
            act.run();
            if (!htmx) {
                return "redirect:/jobs/" + number + "/" + from.path() + "#" + list;
            }
        } catch (RefusedInput e) {
            model.addAttribute("listErrors", Errors.byField(e));
            model.addAttribute("typed", form);
        }
        model.addAttribute("view", sheets.page(number, from, me));
        model.addAttribute("notice", "");
        model.addAttribute("list", list);
        return htmx ? "job/listed" : "job/job";
    }

    private static Stage stage(Map<String, String> form) {
        return Stage.ofPath(form.getOrDefault("from", "")).orElseThrow(() -> new NotFound("stage"));
    }
}
