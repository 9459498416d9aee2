package joropo.app.family.mechseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.SealDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.mechseal.SealSettingCheck;
import joropo.core.mechseal.SealSettingInput;
import joropo.core.mechseal.SealSettingResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A component seal and where it is set. */
@RestController
@Order(136)
@Tag(name = "checks")
class SealSettingQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/seal-setting";
    private static final QuickForm FORM = QuickForm.of(
                    "seal-setting",
                    "Setting of a component seal",
                    "Where the back of the unit belongs, and within which band.")
            .with(
                    "Seal",
                    Field.choice("style", "pressed by", SealSettingInput.Style.class, SealSettingInput.Style::words)
                            .need(),
                    Field.place("seatProtrusionMm", "seat's face, inward of the gland's mounting surface")
                            .need(),
                    Field.play("gasketMm", "gasket as compressed").hint("0: confined, or an O-ring"),
                    Field.size("workingLengthMm", "working length, face to back")
                            .need(),
                    Field.size("freeLengthMm", "free length"),
                    Field.yesNo("springTightens", "turning winds the spring tighter"),
                    Field.yesNo("coilDrives", "the coil of a bellows drives it"),
                    Field.size("toleranceMm", "maker's band, either way").hint("empty: by what presses it"))
            .with(
                    "Machine",
                    Field.place("rotorMoveMm", "rotor will be moved after, inward")
                            .hint("0: it stays"),
                    Field.play("axialPlayMm", "axial play, whole"),
                    Field.place("growthMm", "grows inward when warm").hint("outward: minus"),
                    Field.choice(
                                    "rotorAt",
                                    "while measured the rotor stood",
                                    SealSettingInput.RotorAt.class,
                                    SealSettingInput.RotorAt::words)
                            .hint("empty: in the middle"))
            .with(
                    "Reading",
                    Field.place("measuredMm", "back of the unit from the chamber face"),
                    Field.play("uncertaintyMm", "uncertainty of it, k = 2").hint("empty: a depth rod's"),
                    Field.place("oldScribeMm", "the old unit's scribe line"));

    private final Show show;

    SealSettingQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Setting dimension of a component seal with its band")
    CheckAnswer<SealSettingResult> check(@RequestBody SealSettingInput input) {
        SealSettingResult result = SealSettingCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        SealSettingInput in = CheckInput.of(values, SealSettingInput.class);
        SealSettingResult r = SealSettingCheck.check(in);
        List<Figure> figures = new ArrayList<>(List.of(
                QuickResult.mm("set at", r.settingMm(), 2),
                QuickResult.mm("from", r.lowMm(), 2),
                QuickResult.mm("to", r.highMm(), 2)));
        if (r.compressionMm() != null) {
            figures.add(QuickResult.mm("spring pressed by", r.compressionMm(), 2));
        }
        return QuickResult.of(show, r.findings(), figures).drawn(SealDrawing.of(in, r, null, null, "s-"));
    }
}
