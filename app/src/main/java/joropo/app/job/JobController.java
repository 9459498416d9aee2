package joropo.app.job;

import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.app.section.SectionRole;
import joropo.app.ui.Errors;
import joropo.app.ui.NotFound;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pages of a job: one a stage, the same for a browser with script and without. */
@Controller
@RequestMapping("/jobs/{number}")
class JobController {
    private final JobService jobs;
    private final JobSheets sheets;
    private final JobBench sections;
    private final JobWatches watches;

    JobController(JobService jobs, JobSheets sheets, JobBench sections, JobWatches watches) {
        this.jobs = jobs;
        this.sheets = sheets;
        this.sections = sections;
        this.watches = watches;
    }

    @GetMapping
    String job(@PathVariable String number) {
        return "redirect:/jobs/" + number + "/" + jobs.firstOpen(number).path();
    }

    @GetMapping("/{stage:[a-z]+}")
    String stage(
            @PathVariable String number,
            @PathVariable String stage,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return page(sheets.page(number, stage(stage), me), "", model);
    }

    /** Lists and ticks of a stage as they stand now, for a window in which somebody else's are to appear. */
    @GetMapping("/{stage}/live")
    String live(
            @PathVariable String number,
            @PathVariable String stage,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        page(sheets.live(number, stage(stage), me), "", model);
        return "job/live";
    }

    /** Tells a window when something of this job was changed in another one. */
    @GetMapping(path = "/watch", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @ResponseBody
    SseEmitter watch(@PathVariable String number) {
        return watches.watch(number);
    }

    @GetMapping("/{stage}/revisions/{revision}")
    String revision(@PathVariable String number, @PathVariable String stage, @PathVariable int revision, Model model) {
        model.addAttribute("number", number);
        model.addAttribute("kept", jobs.keptSheet(number, stage(stage), revision));
        return "job/revision";
    }

    /** One keystroke: saved, judged, drawn. A browser without script never comes here. */
    @PostMapping("/{stage}/draft")
    String draft(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        model.addAttribute("view", sheets.type(number, stage(stage), posted(form, me), me));
        return "job/echo";
    }

    @PostMapping("/{stage}")
    String keep(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Stage at = stage(stage);
        JobSheets.Keeping keeping = sheets.keep(number, at, posted(form, me), me);
        return keeping.isKept()
                ? "redirect:/jobs/" + number + "/" + at.next().orElse(at).path()
                : page(keeping.page(), "Not saved yet: see what is marked.", model);
    }

    @PostMapping("/{stage}/strike")
    String strike(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @RequestParam String strike,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String why = form.getOrDefault(strike + ".why", "");
        return page(sheets.strike(number, stage(stage), posted(form, me), strike, why, me), "", model);
    }

    /**
     * Takes what was offered, such as {@code size=45x62x8}, with whatever else was typed; it comes as pairs parted by a
     * semicolon.
     */
    @PostMapping("/{stage}/offer")
    String takeOffer(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @RequestParam String offer,
            @ModelAttribute(name = "me", binding = false) Person me) {
        for (String pair : offer.split(";")) {
            int is = pair.indexOf('=');
            if (is > 0) {
                form.put(pair.substring(0, is), pair.substring(is + 1));
            }
        }
        sheets.type(number, stage(stage), posted(form, me), me);
        return "redirect:/jobs/" + number + "/" + stage(stage).path();
    }

    /** Takes what the last job here had on this sheet and those behind it, with whatever else was typed. */
    @PostMapping("/{stage}/as-last-time")
    String takeAsLastTime(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me) {
        sheets.takeAsLastTime(number, stage(stage), posted(form, me), me);
        return "redirect:/jobs/" + number + "/" + stage(stage).path();
    }

    /** To the bench: what was typed is saved first. */
    @PostMapping("/{stage:strip|decide}/section")
    String arrange(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me) {
        Stage at = stage(stage);
        sheets.type(number, at, posted(form, me), me);
        return "redirect:/sections/"
                + sections.arrange(number, at == Stage.STRIP ? SectionRole.AS_FOUND : SectionRole.PLANNED, me);
    }

    /** What is planned laid beside what was found. */
    @PostMapping("/decide/section-against")
    String against(
            @PathVariable String number,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me) {
        return arrange(number, Stage.DECIDE.path(), form, me) + "/against";
    }

    /** What was found, or a section from the bench, as the section that is planned. */
    @PostMapping("/decide/section-{way:found|bench}")
    String plan(
            @PathVariable String number,
            @PathVariable String way,
            @RequestParam(defaultValue = "") String benched,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        sheets.type(number, Stage.DECIDE, posted(form, me), me);
        try {
            if (way.equals("found")) {
                sections.planAsFound(number, me);
            } else if (benched.matches("\\d{1,18}")) {
                sections.plan(number, Long.parseLong(benched), me);
            } else {
                return page(sheets.page(number, Stage.DECIDE, me), "Choose a section of the bench first.", model);
            }
            return "redirect:/jobs/" + number + "/decide";
        } catch (RefusedInput e) {
            return page(
                    sheets.page(number, Stage.DECIDE, me),
                    "Not planned: this job " + e.errors().get(0).message() + ".",
                    model);
        }
    }

    @PostMapping("/{stage}/take")
    String takeTyping(
            @PathVariable String number,
            @PathVariable String stage,
            @RequestParam String other,
            @ModelAttribute(name = "me", binding = false) Person me) {
        sheets.take(number, stage(stage), other, me);
        return "redirect:/jobs/" + number + "/" + stage(stage).path();
    }

    @PostMapping("/steps/{step}")
    String step(
            @PathVariable String number,
            @PathVariable String step,
            @RequestParam(required = false) @Nullable String read,
            @RequestParam(required = false) @Nullable String why,
            @RequestParam(defaultValue = "fit") String from,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return stepped(() -> jobs.finishStep(number, step, read, why, me), number, stage(from), htmx, me, model);
    }

    /** A tick that was wrong: taken back with a reason. */
    @PostMapping("/steps/{step}/undo")
    String undoStep(
            @PathVariable String number,
            @PathVariable String step,
            @RequestParam(defaultValue = "") String why,
            @RequestParam(defaultValue = "fit") String from,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return stepped(() -> jobs.undoStep(number, step, why, me), number, stage(from), htmx, me, model);
    }

    private String stepped(Runnable act, String number, Stage from, boolean htmx, Person me, Model model) {
        try {
            act.run();
            if (!htmx) {
                return "redirect:/jobs/" + number + "/" + from.path() + "#steps";
            }
        } catch (RefusedInput e) {
            model.addAttribute("stepErrors", Errors.byField(e));
        }
        String page = page(sheets.page(number, from, me), "", model);
        return htmx ? "job/stepped" : page;
    }

    @PostMapping("/torque/undo")
    String undoTick(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String joint,
            @RequestParam(defaultValue = "") String why,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String notice = "";
        try {
            jobs.undoTick(number, joint, why, me);
        } catch (RefusedInput e) {
            notice = "Not taken back: it " + e.errors().get(0).message() + ".";
        }
        if (!htmx && notice.isEmpty()) {
            return "redirect:/jobs/" + number + "/set#torque";
        }
        String page = page(sheets.page(number, Stage.SET, me), notice, model);
        return htmx ? "job/tightened" : page;
    }

    /** Things put in for a time and fasteners: entered, or counted out and made final. */
    @PostMapping("/entries")
    String enter(
            @PathVariable String number,
            @RequestParam JobEntry.Kind kind,
            @RequestParam String what,
            @RequestParam boolean open,
            @RequestParam(defaultValue = "fit") String from,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.enter(number, kind, what, open, me);
            if (!htmx) {
                return "redirect:/jobs/" + number + "/" + stage(from).path() + "#ledger";
            }
        } catch (RefusedInput e) {
            model.addAttribute("entryErrors", Errors.byField(e));
        }
        String page = page(sheets.page(number, stage(from), me), "", model);
        return htmx ? "job/ledger :: ledger(oob=false)" : page;
    }

    @PostMapping("/torque/{pass}/{bolt}")
    String tick(
            @PathVariable String number,
            @PathVariable int pass,
            @PathVariable int bolt,
            @RequestParam(defaultValue = "") String joint,
            @RequestParam double nm,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String notice = "";
        try {
            jobs.tick(number, joint, pass, bolt, nm, me);
        } catch (RefusedInput e) {
            notice = "Not ticked: the plan " + e.errors().get(0).message() + ".";
        }
        if (!htmx && notice.isEmpty()) {
            return "redirect:/jobs/" + number + "/set#torque";
        }
        String page = page(sheets.page(number, Stage.SET, me), notice, model);
        return htmx ? "job/tightened" : page;
    }

    static String page(JobPage view, String notice, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("notice", notice);
        return "job/job";
    }

    private static Posted posted(Map<String, String> form, Person me) {
        String tab = form.getOrDefault("tab", "");
        String seq = form.getOrDefault("seq", "");
        String unit = form.getOrDefault("unit", "");
        return new Posted(
                tab.matches("[0-9a-z]{1,20}") ? tab : "unknown",
                seq.matches("\\d{1,15}") ? Long.parseLong(seq) : 0,
                "INCH".equals(unit) ? LengthUnit.INCH : "MM".equals(unit) ? LengthUnit.MM : me.unit(),
                form);
    }

    private static Stage stage(String path) {
        return Stage.ofPath(path).orElseThrow(() -> new NotFound("stage " + path));
    }
}
