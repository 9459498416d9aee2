package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.drawing.TurnDrawings;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.RunoutCheck;
import joropo.core.assembly.RunoutInput;
import joropo.core.assembly.RunoutResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** An indicator against a shaft that is turned. */
@RestController
@Order(122)
@Tag(name = "checks")
class RunoutQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/runout";
    private static final QuickForm FORM = QuickForm.of(
                    "runout", "Run-out", "Off its centre or out of round, and whether that will do.")
            .with(
                    "Readings",
                    Field.line("readings", "indicator, round a turn").need().hint(Readings.HINT),
                    Field.play("limitMm", "limit of the whole reading"),
                    Field.choice(
                            "coupling",
                            "else by its coupling",
                            RunoutInput.Coupling.class,
                            RunoutInput.Coupling::words),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: a dial indicator's"));

    private final Show show;

    RunoutQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Run-out from readings round a turn: first and second harmonic against a limit")
    CheckAnswer<RunoutResult> check(@RequestBody RunoutInput input) {
        RunoutResult result = RunoutCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Readings.round(values, "readings", "valueMm");
        RunoutInput in = CheckInput.of(values, RunoutInput.class);
        RunoutResult r = RunoutCheck.check(in);
        List<Figure> figures = new ArrayList<>(List.of(
                QuickResult.mm("whole reading", r.tirMm(), 3),
                QuickResult.mm("off its centre by", r.eccentricityMm(), 3)));
        if (r.highAngleDeg() != null) {
            figures.add(new Figure("high spot at", Length.show(r.highAngleDeg(), 0), "°", null));
        }
        return QuickResult.of(show, r.findings(), figures).drawn(TurnDrawings.runout(in, r, "t-"));
    }
}
