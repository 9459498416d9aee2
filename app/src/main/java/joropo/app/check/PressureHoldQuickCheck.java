package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.PressureHoldCheck;
import joropo.core.assembly.PressureHoldInput;
import joropo.core.assembly.PressureHoldResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A space that is closed under pressure and looked at again. */
@RestController
@Order(132)
@Tag(name = "checks")
class PressureHoldQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/pressure-hold";
    private static final QuickForm FORM = QuickForm.of(
                    "pressure-hold", "Pressure hold", "Whether a closed space holds, heat and cold taken off.")
            .mind("Gas under pressure throws what lets go: stand aside, blanked joints guarded. "
                    + "Regulated gas is for licensed people.")
            .with(
                    "Hold",
                    Field.pressure("startMpa", "pressure at first").need(),
                    Field.pressure("endMpa", "at the end").need(),
                    Field.temperature("startC", "temperature at first").need(),
                    Field.temperature("endC", "at the end").need(),
                    Field.number("minutes", "held for", "min", 0.01, 500_000).need(),
                    Field.choice("medium", "filled with", PressureHoldInput.Held.class, PressureHoldInput.Held::words)
                            .need(),
                    Field.pressure("limitMpa", "it may lose"),
                    Field.number("volumeL", "its volume", "L", 0.001, 5000),
                    Field.pressure("uncertaintyMpa", "uncertainty of the gauge, k = 2")
                            .hint("empty: one in a hundred"));

    private final Show show;

    PressureHoldQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Pressure lost by a closed space, at one temperature")
    CheckAnswer<PressureHoldResult> check(@RequestBody PressureHoldInput input) {
        PressureHoldResult result = PressureHoldCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        PressureHoldResult r = PressureHoldCheck.check(CheckInput.of(values, PressureHoldInput.class));
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("lost, at one temperature", Length.show(r.correctedDropMpa(), 4), "MPa", null),
                new Figure("in an hour", Length.show(r.rateMpaPerHour(), 4), "MPa", null)));
        if (r.leakMlPerMin() != null) {
            figures.add(new Figure("leak", Length.show(r.leakMlPerMin(), 1), "mL/min", null));
        }
        return QuickResult.of(show, r.findings(), figures);
    }
}
