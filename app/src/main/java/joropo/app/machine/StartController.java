package joropo.app.machine;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.job.JobService;
import joropo.app.machine.MachineController.PositionForm;
import joropo.app.register.NewPosition;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.today.FindService;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Where a job begins: at a position that is known, or at a new one that is written down on the way. */
@Controller
@RequestMapping("/start")
class StartController {
    private static final int LONGEST_SEARCH = 80;
    private static final int MOST = 12;

    private final RegisterService register;
    private final JobService jobs;
    private final FindService finder;
    private final Families families;

    StartController(RegisterService register, JobService jobs, FindService finder, Families families) {
        this.register = register;
        this.jobs = jobs;
        this.finder = finder;
        this.families = families;
    }

    @GetMapping
    String start(
            @RequestParam(defaultValue = "") String q,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return page(q, Map.of(), PositionForm.EMPTY, Map.of(), model);
    }

    /** A place that is not in the register yet; the machine may be. Nothing is stored when a field will not do. */
    @PostMapping
    String startAtNewPlace(
            @RequestParam Map<String, String> typed,
            @ModelAttribute PositionForm form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Map<String, String> errors = new LinkedHashMap<>();
        NewPosition wanted = form.read(new Fields(me.unit(), errors));
        try {
            if (errors.isEmpty()) {
                long position = register.addPlace(
                        typed.getOrDefault("machine", ""), typed.getOrDefault("place", ""), wanted, me.name());
                return "redirect:/jobs/" + jobs.open(position, me).number();
            }
        } catch (RefusedInput e) {
            errors.putAll(Errors.byField(e));
        }
        return page("", typed, form, errors, model);
    }

    private String page(
            String q, Map<String, String> typed, PositionForm form, Map<String, String> errors, Model model) {
        String asked = q.strip();
        boolean usable = !asked.isEmpty() && asked.length() <= LONGEST_SEARCH;
        List<Position> positions = usable
                ? finder.positions(asked)
                : jobs.lastWorkedAt(MOST).stream()
                        .map(register::position)
                        .flatMap(Optional::stream)
                        .toList();
        model.addAttribute("q", usable ? asked : "");
        model.addAttribute("positions", positions);
        model.addAttribute(
                "open", jobs.openAt(positions.stream().map(Position::id).toList()));
        model.addAttribute("typed", typed);
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("media", Medium.values());
        model.addAttribute("dirts", Dirt.values());
        model.addAttribute("rotations", Rotation.values());
        model.addAttribute("kinds", families.kinds());
        return "machine/start";
    }
}
