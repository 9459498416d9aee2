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
import joropo.app.ui.Show;
import joropo.core.mechseal.ChamberCheck;
import joropo.core.mechseal.ChamberInput;
import joropo.core.mechseal.ChamberResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The machine at its seal chamber. */
@RestController
@Order(134)
@Tag(name = "checks")
class ChamberQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/chamber";
    private static final QuickForm FORM = QuickForm.of(
                    "chamber", "Seal chamber", "Whether shaft, bearings and chamber will do for a mechanical seal.")
            .with(
                    "Machine",
                    Field.size("shaftDiameterMm", "shaft or sleeve at the seal").need(),
                    Field.size("chamberBoreMm", "chamber, bore").need(),
                    Field.play("runoutTirMm", "run-out, whole reading"),
                    Field.play("radialPlayMm", "lift of the shaft"),
                    Field.play("axialPlayMm", "axial play"),
                    Field.play("faceSquarenessTirMm", "chamber face, whole reading"),
                    Field.play("concentricityTirMm", "register or bore, whole reading"),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: a dial indicator's"))
            .with(
                    "Where it sits",
                    Field.choice("mount", "on the shaft sits", ChamberInput.Mount.class, ChamberInput.Mount::words),
                    Field.number("raUm", "roughness Ra", "µm", 0, 100),
                    Field.play("chamferMm", "chamfer, length"),
                    Field.number("chamferDeg", "chamfer, angle", "°", 0, 90));

    private final Show show;

    ChamberQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "The machine at its seal chamber against what a mechanical seal asks")
    CheckAnswer<ChamberResult> check(@RequestBody ChamberInput input) {
        ChamberResult result = ChamberCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        ChamberResult r = ChamberCheck.check(CheckInput.of(values, ChamberInput.class));
        return QuickResult.of(
                show,
                r.findings(),
                List.of(
                        QuickResult.mm("run-out to", r.runoutLimitMm(), 3),
                        QuickResult.mm("lift to", r.radialPlayLimitMm(), 3),
                        QuickResult.mm("face to", r.squarenessLimitMm(), 3)));
    }
}
