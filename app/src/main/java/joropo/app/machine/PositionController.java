package joropo.app.machine;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.job.JobService;
import joropo.app.register.NewPosition;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.section.BenchService;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.app.watch.WatchService;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** One seal position: what stands there, how long seals lasted, what was left to know. */
@Controller
@RequestMapping("/machines/positions/{id}")
class PositionController {
    private final RegisterService register;
    private final JobService jobs;
    private final BenchService bench;
    private final Families families;
    private final WatchService watches;

    PositionController(
            RegisterService register, JobService jobs, BenchService bench, Families families, WatchService watches) {
        this.watches = watches;
        this.register = register;
        this.families = families;
        this.jobs = jobs;
        this.bench = bench;
    }

    @GetMapping
    String page(@PathVariable long id, @ModelAttribute(name = "me", binding = false) Person me, Model model) {
        return page(id, null, "", Map.of(), Map.of(), me, model);
    }

    @PostMapping
    String change(
            @PathVariable long id,
            @ModelAttribute MachineController.PositionForm form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Map<String, String> errors = new LinkedHashMap<>();
        NewPosition wanted = form.read(new Fields(me.unit(), errors));
        try {
            if (errors.isEmpty()) {
                register.changePosition(id, wanted, me.name());
                return "redirect:/machines/positions/" + id;
            }
        } catch (RefusedInput e) {
            errors.putAll(Errors.byField(e));
        }
        return page(id, form, "facts", Map.of(), errors, me, model);
    }

    @PostMapping("/jobs")
    String startJob(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean planned,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            return planned
                    ? "redirect:/jobs/" + jobs.openPlanned(id, me).number() + "/strip"
                    : "redirect:/jobs/" + jobs.open(id, me).number();
        } catch (RefusedInput e) {
            return page(id, null, "facts", Map.of(), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/limits")
    String addLimit(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Map<String, String> errors = new LinkedHashMap<>();
        try {
            Double least = number("least", form, errors);
            Double most = number("most", form, errors);
            if (errors.isEmpty()) {
                register.addLimit(
                        id,
                        form.getOrDefault("what", ""),
                        least,
                        most,
                        form.getOrDefault("limit-unit", ""),
                        form.getOrDefault("document", ""),
                        me);
                return "redirect:/machines/positions/" + id + "#limits";
            }
        } catch (RefusedInput e) {
            errors.putAll(Errors.byField(e));
        }
        return page(id, null, "limits", form, errors, me, model);
    }

    @PostMapping("/limits/{limit}/withdrawal")
    String withdrawLimit(
            @PathVariable long id,
            @PathVariable long limit,
            @RequestParam String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            register.withdrawLimit(id, limit, why, me.name());
            return "redirect:/machines/positions/" + id + "#limits";
        } catch (RefusedInput e) {
            return page(id, null, "limit-" + limit, Map.of(), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/attachments")
    String attach(
            @PathVariable long id,
            @RequestParam MultipartFile file,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model)
            throws IOException {
        try {
            register.position(id).orElseThrow(() -> new NotFound("position " + id));
            register.attach(
                    id,
                    null,
                    file.getOriginalFilename() == null ? "" : file.getOriginalFilename(),
                    file.getBytes(),
                    false,
                    me);
            return "redirect:/machines/positions/" + id + "#files";
        } catch (RefusedInput e) {
            return page(id, null, "files", Map.of(), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/attachments/{file}/withdrawal")
    String withdrawFile(
            @PathVariable long id,
            @PathVariable long file,
            @RequestParam String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            register.withdrawAttachment(file, why, me);
            return "redirect:/machines/positions/" + id + "#files";
        } catch (RefusedInput e) {
            return page(id, null, "file-" + file, Map.of(), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/recommendations/{recommendation}")
    String answer(
            @PathVariable long id,
            @PathVariable long recommendation,
            @RequestParam String answer,
            @RequestParam String on,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            jobs.answer(recommendation, answer, on, me);
            return "redirect:/machines/positions/" + id + "#advice";
        } catch (RefusedInput e) {
            return page(
                    id,
                    null,
                    "advice-" + recommendation,
                    Map.of("answer", answer, "on", on),
                    Errors.byField(e),
                    me,
                    model);
        }
    }

    private String page(
            long id,
            MachineController.@Nullable PositionForm form,
            String list,
            Map<String, String> typed,
            Map<String, String> errors,
            Person me,
            Model model) {
        Position position = register.position(id).orElseThrow(() -> new NotFound("position " + id));
        model.addAttribute("position", position);
        model.addAttribute("form", form == null ? MachineController.PositionForm.of(position, me.unit()) : form);
        model.addAttribute("list", list);
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        model.addAttribute("mayStart", families.of(position.kind()).isPresent());
        model.addAttribute("limits", register.limits(id));
        model.addAttribute("files", register.attachments(id));
        model.addAttribute("watches", watches.atPosition(id));
        model.addAttribute("history", jobs.history(id));
        model.addAttribute("drawing", bench.drawingOfFitted(id));
        model.addAttribute("jobs", jobs.ofPosition(id, Paged.asked(model)));
        model.addAttribute("kinds", MachineController.KINDS);
        model.addAttribute("media", Medium.values());
        model.addAttribute("dirts", Dirt.values());
        model.addAttribute("rotations", Rotation.values());
        return "machine/position";
    }

    private static @Nullable Double number(String field, Map<String, String> form, Map<String, String> errors) {
        String text = form.getOrDefault(field, "").strip().replace(',', '.');
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("-?\\d{1,7}(\\.\\d{1,4})?")) {
            errors.put(field, "Write a plain number, such as 0.05.");
            return null;
        }
        return Double.valueOf(text);
    }
}
