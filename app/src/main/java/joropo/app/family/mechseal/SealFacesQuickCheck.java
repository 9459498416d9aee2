package joropo.app.family.mechseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.mechseal.SealFacesCheck;
import joropo.core.mechseal.SealFacesInput;
import joropo.core.mechseal.SealFacesResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How the faces of a seal are loaded. */
@RestController
@Order(138)
@Tag(name = "checks")
class SealFacesQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/seal-faces";
    private static final QuickForm FORM = QuickForm.of(
                    "seal-faces", "Load of seal faces", "Balance, closing pressure and heat of a pair of faces.")
            .with(
                    "Faces",
                    Field.size("outerMm", "narrow face, outer diameter").need(),
                    Field.size("innerMm", "narrow face, inner diameter").need(),
                    Field.size("balanceMm", "balance diameter").need(),
                    Field.choice(
                                    "pressureOn",
                                    "pressure stands",
                                    SealFacesInput.PressureOn.class,
                                    SealFacesInput.PressureOn::words)
                            .need(),
                    Field.pressure("pressureMpa", "pressure over the other side")
                            .need(),
                    Field.number("springForceN", "spring at working length", "N", 0, 1_000_000)
                            .need(),
                    Field.speed("speedRpm", "speed").need(),
                    Field.number("k", "share that opens", "", 0, 1).hint("0.8 light or flashing, else 0.5"),
                    Field.number("friction", "friction", "", 0, 1).hint("empty: 0.07"));

    private final Show show;

    SealFacesQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Balance ratio, closing pressure, pv and heat of a pair of faces")
    CheckAnswer<SealFacesResult> check(@RequestBody SealFacesInput input) {
        SealFacesResult result = SealFacesCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        SealFacesResult r = SealFacesCheck.check(CheckInput.of(values, SealFacesInput.class));
        return QuickResult.of(
                show,
                r.findings(),
                List.of(
                        new Figure("balance", Length.show(r.balanceRatio(), 3), "", null),
                        new Figure("on the faces", Length.show(r.facePressureMpa(), 3), "MPa", null),
                        new Figure("pressure times speed", Length.show(r.pvMpaMPerS(), 2), "MPa m/s", null),
                        new Figure("heat", Length.show(r.heatW(), 0), "W", null)));
    }
}
