package joropo.app.job;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Errors;
import joropo.core.assembly.FirstRun;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How a job ends: what is left to the next fitter, the signature, what is added after it, its withdrawal. */
@Controller
@RequestMapping("/jobs/{number}")
class SignController {
    private static final String PASSWORD = "password";

    private final JobService jobs;
    private final JobSheets sheets;
    private final SettingsService settings;
    private final PeopleService people;
    private final Looks looks;

    SignController(JobService jobs, JobSheets sheets, SettingsService settings, PeopleService people, Looks looks) {
        this.looks = looks;
        this.jobs = jobs;
        this.sheets = sheets;
        this.settings = settings;
        this.people = people;
    }

    @PostMapping("/notes")
    String note(
            @PathVariable String number,
            @RequestParam String text,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.leaveNote(number, text, me);
            return "redirect:/jobs/" + number + "/sign#notes";
        } catch (RefusedInput e) {
            return page(number, "The note " + e.errors().get(0).message() + ".", me, model);
        }
    }

    @PostMapping("/signature")
    String sign(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            if (settings.shop().passwordAtSigning()) {
                people.confirm(me, PASSWORD, password, request.getRemoteAddr());
            }
            jobs.sign(number, me);
            return "redirect:/jobs/" + number + "/sign";
        } catch (RefusedInput e) {
            boolean unconfirmed = e.errors().get(0).field().equals(PASSWORD);
            model.addAttribute("unconfirmed", unconfirmed ? Errors.byField(e).get(PASSWORD) : null);
            return page(number, unconfirmed ? "Not signed." : "Not signed: see what is open.", me, model);
        }
    }

    @PostMapping("/looks/{id}")
    String looked(
            @PathVariable String number,
            @PathVariable long id,
            @RequestParam(required = false) @Nullable FirstRun seen,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "") String again,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            looks.seen(number, id, seen, note, again, me);
            return "redirect:/jobs/" + number + "/sign#looks";
        } catch (RefusedInput e) {
            model.addAttribute("lookErrors", Errors.byField(e));
            model.addAttribute("looked", Map.of("note", note, "again", again));
            return page(number, "The look was not noted.", me, model);
        }
    }

    @PostMapping("/reviews")
    String review(
            @PathVariable String number,
            @RequestParam Review.Kind kind,
            @RequestParam(defaultValue = "") String remark,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.review(number, kind, remark, me);
            return "redirect:/jobs/" + number + "/sign#reviews";
        } catch (RefusedInput e) {
            model.addAttribute("remarkText", remark);
            return page(number, "The remark " + e.errors().get(0).message() + ".", me, model);
        }
    }

    @PostMapping("/addenda")
    String addendum(
            @PathVariable String number,
            @RequestParam String text,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.addAddendum(number, text, me);
            return "redirect:/jobs/" + number + "/sign";
        } catch (RefusedInput e) {
            model.addAttribute("addendumText", text);
            return page(number, "The addendum " + e.errors().get(0).message() + ".", me, model);
        }
    }

    @PostMapping("/withdrawal")
    String withdraw(
            @PathVariable String number,
            @RequestParam String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.withdraw(number, why, me);
            return "redirect:/jobs/" + number + "/sign";
        } catch (RefusedInput e) {
            return page(number, "Withdrawing " + e.errors().get(0).message() + ".", me, model);
        }
    }

    private String page(String number, String notice, Person me, Model model) {
        return JobController.page(sheets.page(number, Stage.SIGN, me), notice, model);
    }
}
