package joropo.app.machine;

import java.security.Principal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import joropo.app.access.PeopleService;
import joropo.app.family.Families;
import joropo.app.job.JobService;
import joropo.app.register.Machine;
import joropo.app.register.NewPosition;
import joropo.app.register.NewPositionBuilder;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.section.BenchService;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.Care;
import joropo.core.shaft.Rotation;
import joropo.core.sizes.SeatSize;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Pages of machines and their positions. */
@Controller
@RequestMapping("/machines")
class MachineController {
    /** The texts of a new machine as typed. */
    record MachineForm(String name, String place, String note) {
        static final MachineForm EMPTY = new MachineForm("", "", "");

        /** What did not come is empty. */
        MachineForm {
            name = Objects.requireNonNullElse(name, "");
            place = Objects.requireNonNullElse(place, "");
            note = Objects.requireNonNullElse(note, "");
        }
    }

    /** The texts of a position as typed. */
    record PositionForm(
            @Nullable PartKind kind,
            String name,
            String size,
            @Nullable Medium medium,
            @Nullable Dirt dirt,
            @Nullable Rotation rotation,
            String speed,
            @Nullable Boolean oneWay,
            @Nullable Set<Care> cares,
            @Nullable String note) {
        /** What did not come is empty. */
        PositionForm {
            name = Objects.requireNonNullElse(name, "");
            size = Objects.requireNonNullElse(size, "");
            speed = Objects.requireNonNullElse(speed, "");
        }

        static final PositionForm EMPTY =
                new PositionForm(PartKind.LIP_SEAL, "", "", null, null, null, "", false, Set.of(), "");

        /** As it stands, in the unit of the reader. */
        static PositionForm of(Position p, LengthUnit unit) {
            return new PositionForm(
                    p.kind(),
                    p.name(),
                    p.size().text(unit),
                    p.medium(),
                    p.dirt(),
                    p.rotation(),
                    p.speedRpm() == null ? "" : Length.show(p.speedRpm(), p.speedRpm() % 1 == 0 ? 0 : 2),
                    p.oneWay(),
                    p.care(),
                    p.note());
        }

        NewPosition read(Fields fields) {
            SeatSize seat = fields.seat("size", size);
            fields.chosen("medium", medium).chosen("dirt", dirt);
            return NewPositionBuilder.builder()
                    .kind(kind == null ? PartKind.LIP_SEAL : kind)
                    .name(name.strip())
                    .shaftMm(seat.shaftMm())
                    .boreMm(seat.boreMm())
                    .widthMm(seat.widthMm())
                    .medium(medium)
                    .dirt(dirt)
                    .rotation(rotation)
                    .speedRpm(fields.speedRpm("speed", speed))
                    .oneWay(Boolean.TRUE.equals(oneWay))
                    .cares(Care.codes(cares == null ? Set.of() : cares))
                    .note(note == null ? "" : note.strip())
                    .build();
        }
    }

    /** What may seal at a position. */
    static final List<PartKind> KINDS =
            List.of(PartKind.LIP_SEAL, PartKind.PACKING, PartKind.MECHANICAL_SEAL, PartKind.O_RING, PartKind.CHEVRON);

    private final RegisterService register;
    private final JobService jobs;
    private final PeopleService people;
    private final BenchService bench;
    private final Families families;

    MachineController(
            RegisterService register, JobService jobs, PeopleService people, BenchService bench, Families families) {
        this.register = register;
        this.jobs = jobs;
        this.people = people;
        this.bench = bench;
        this.families = families;
    }

    @GetMapping
    String list(Model model) {
        return listPage(MachineForm.EMPTY, Map.of(), model);
    }

    @PostMapping
    String add(@ModelAttribute MachineForm form, Principal who, Model model) {
        try {
            return "redirect:/machines/" + register.addMachine(form.name(), form.place(), form.note(), who.getName());
        } catch (RefusedInput e) {
            return listPage(form, Errors.byField(e), model);
        }
    }

    @GetMapping("/{id}")
    String machine(@PathVariable long id, Model model) {
        return machinePage(id, PositionForm.EMPTY, Map.of(), model);
    }

    @PostMapping("/{id}/positions")
    String addPosition(@PathVariable long id, @ModelAttribute PositionForm form, Principal who, Model model) {
        Map<String, String> errors = new LinkedHashMap<>();
        NewPosition wanted =
                form.read(new Fields(people.find(who.getName()).orElseThrow().unit(), errors));
        try {
            if (errors.isEmpty()) {
                register.addPosition(id, wanted, who.getName());
                return "redirect:/machines/" + id;
            }
        } catch (RefusedInput e) {
            errors.putAll(Errors.byField(e));
        }
        return machinePage(id, form, errors, model);
    }

    private String listPage(MachineForm form, Map<String, String> errors, Model model) {
        Paged<Machine> machines = Paged.of(Paged.asked(model), register.machines());
        Map<Long, List<Position>> positions = register.positionsOf(machines.shown());
        model.addAttribute("machines", machines);
        model.addAttribute("positions", positions);
        model.addAttribute(
                "standing",
                jobs.standing(positions.values().stream()
                        .flatMap(List::stream)
                        .map(Position::id)
                        .toList()));
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        return "machine/machines";
    }

    private String machinePage(long id, PositionForm form, Map<String, String> errors, Model model) {
        model.addAttribute("machine", register.machine(id).orElseThrow(() -> new NotFound("machine " + id)));
        model.addAttribute("positions", register.positionsOf(id));
        model.addAttribute("causes", jobs.causes(id));
        model.addAttribute("fitted", bench.fittedOfMachine(id));
        model.addAttribute("jobs", jobs.ofMachine(id, Paged.asked(model)));
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("media", Medium.values());
        model.addAttribute("dirts", Dirt.values());
        model.addAttribute("rotations", Rotation.values());
        model.addAttribute("kinds", KINDS);
        model.addAttribute("atWork", families.kinds());
        return "machine/machine";
    }
}
