package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.drawing.BoltCircle;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanInput.Clamped;
import joropo.core.assembly.TorquePlanInput.FigureFor;
import joropo.core.assembly.TorquePlanInput.Threads;
import joropo.core.assembly.TorquePlanInput.TorqueUnit;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** In which order and to which setting a ring of bolts is tightened. */
@RestController
@Order(110)
@Tag(name = "checks")
class TorquePlanQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/torque-plan";
    private static final QuickForm FORM = QuickForm.of(
                    "torque-plan",
                    "Torque plan",
                    "In which order, in which passes and to which setting a ring of bolts is tightened.")
            .mind("Never on a joint under pressure. A wrench that slips takes the hand along: pull, do " + "not push.")
            .with(
                    "Joint",
                    Field.number(
                                    "bolts",
                                    "bolts round the circle",
                                    "",
                                    TorquePlanInput.LEAST_BOLTS,
                                    TorquePlanInput.MOST_BOLTS)
                            .need()
                            .hint("1: a single nut or screw"),
                    Field.number("torque", "specified torque", "", 0.01, TorquePlanInput.MOST_TORQUE)
                            .hint("empty: none is to be had"),
                    Field.choice("torqueUnit", "figure is in", TorqueUnit.class, TorqueUnit::words),
                    Field.choice("figureFor", "specified for", FigureFor.class, FigureFor::words),
                    Field.choice("threads", "threads are", Threads.class, Threads::words),
                    Field.size("wrenchLengthMm", "wrench, grip to square"),
                    Field.play("extensionMm", "extension in line with it").hint("empty: none"),
                    Field.yesNo("leftHand", "left-hand thread").hint("empty: no"))
            .folded(
                    "No figure, trial, marks",
                    Field.line("thread", "thread").hint("such as M12"),
                    Field.choice("boltClass", "class on the head", CheckChoices.BOLT_CLASSES),
                    Field.choice("clamped", "what is clamped", Clamped.class, Clamped::words),
                    Field.yesNo("trialSeating", "gasket seated on trial first"),
                    Field.yesNo("toMark", "back to the mark made before loosening"),
                    Field.yesNo("newFasteners", "bolt or nut is new"));

    private final Show show;

    TorquePlanQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Sequence, passes and wrench setting for a ring of bolts")
    CheckAnswer<TorquePlanResult> check(@RequestBody TorquePlanInput input) {
        TorquePlanResult result = TorquePlanCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        if (values.get("bolts") instanceof Double count && count != Math.rint(count)) {
            throw new RefusedInput("bolts", "must be a whole number");
        }
        TorquePlanResult r = TorquePlanCheck.check(CheckInput.of(values, TorquePlanInput.class));
        List<Figure> figures = new ArrayList<>();
        for (int i = 0; i < r.passesNm().size(); i++) {
            figures.add(new Figure(
                    i == r.passesNm().size() - 1 ? "then all round" : "pass " + (i + 1),
                    Length.show(r.passesNm().get(i), 1),
                    "N·m",
                    null));
        }
        if (r.wrenchNm() != null) {
            figures.add(new Figure("wrench set to", Length.show(r.wrenchNm(), 1), "N·m", null));
        }
        if (r.inUnits() != null) {
            figures.add(new Figure("that is", Length.show(r.inUnits().lbfFt(), 1), "lbf·ft", null));
            figures.add(new Figure("or", Length.show(r.inUnits().lbfIn(), 0), "lbf·in", null));
            figures.add(new Figure("or", Length.show(r.inUnits().kgfM(), 2), "kgf·m", null));
        }
        String order = r.sequence().stream().map(String::valueOf).collect(Collectors.joining(", "));
        return QuickResult.of(
                        show,
                        r.findings(),
                        figures,
                        new Listing(
                                "Order of one pass, numbered round the circle",
                                false,
                                List.of(new Entry(null, order, "number the bolts with chalk first"))))
                .drawn(BoltCircle.svg(r.sequence(), "b-"));
    }
}
