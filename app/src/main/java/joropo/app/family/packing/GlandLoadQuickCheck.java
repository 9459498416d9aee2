package joropo.app.family.packing;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckChoices;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.packing.GlandLoadCheck;
import joropo.core.packing.GlandLoadInput;
import joropo.core.packing.GlandLoadResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the bolts of a gland do to its packing. */
@RestController
@Order(102)
@Tag(name = "checks")
class GlandLoadQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/gland-load";
    private static final QuickForm FORM = QuickForm.of(
                    "gland-load",
                    "Load of a gland",
                    "What the torque of its nuts presses the packing with, and what that asks of bolts and stem.")
            .mind(PackingFields.GLAND)
            .with(
                    "Gland",
                    Field.size("shaftMm", "shaft or stem").need(),
                    Field.size("boxBoreMm", "box, bore").need(),
                    Field.size("packedLengthMm", "packed length").need(),
                    Field.choice("packing", "packing", PackingFields.STYLES).need(),
                    Field.pressure("pressureMpa", "pressure in the box"),
                    Field.choice("stem", "a valve's stem", GlandLoadInput.Stem.class, GlandLoadInput.Stem::words)
                            .hint("empty: the shaft of a pump"))
            .with(
                    "Bolts",
                    Field.number("bolts", "bolts", "", 1, 96).need(),
                    Field.size("boltDiameterMm", "bolt, diameter").need(),
                    Field.number("torqueNm", "torque of each", "N·m", 0.01, 100_000)
                            .need(),
                    Field.choice("friction", "threads", GlandLoadInput.Friction.class, GlandLoadInput.Friction::words),
                    Field.choice("boltClass", "class", CheckChoices.BOLT_CLASSES));

    private final Show show;

    GlandLoadQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Pressure of a gland on its packing, stress of its bolts, what a stem needs")
    CheckAnswer<GlandLoadResult> check(@RequestBody GlandLoadInput input) {
        GlandLoadResult result = GlandLoadCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        GlandLoadResult r = GlandLoadCheck.check(CheckInput.of(values, GlandLoadInput.class));
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("on the packing", Length.show(r.glandStressMpa(), 2), "MPa", null),
                new Figure("each bolt", Length.show(r.boltForceN() / 1000, 2), "kN", null)));
        if (r.stemTorqueNm() != null) {
            figures.add(new Figure(
                    "the packing takes of the stem's torque", Length.show(r.stemTorqueNm(), 1), "N·m", null));
        }
        if (r.stemForceN() != null) {
            figures.add(new Figure("the packing takes of the stem's force", Length.show(r.stemForceN(), 0), "N", null));
        }
        return QuickResult.of(show, r.findings(), figures);
    }
}
