package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.drawing.AlignmentDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.AlignmentCheck;
import joropo.core.assembly.AlignmentInput;
import joropo.core.assembly.AlignmentResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A coupling read by rim and face. */
@RestController
@Order(130)
@Tag(name = "checks")
class AlignmentQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/alignment";
    private static final QuickForm FORM = QuickForm.of(
                    "alignment",
                    "Coupling alignment",
                    "Offset and angle by rim and face, and what goes under which foot.")
            .mind("Isolate and lock before a guard comes off. Jacking screws, not hammers.")
            .with(
                    "Readings",
                    Field.line("rimMm", "rim at 0, 90, 180, 270")
                            .need()
                            .hint("0 on top, 90 right seen from behind; in is +"),
                    Field.line("faceMm", "face at 0, 90, 180, 270").need().hint("rotor held one way"),
                    Field.size("faceDiameterMm", "face read on a diameter of").need(),
                    Field.place("sagMm", "sag of the bracket").hint("by which it drops below, +"),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: a dial indicator's"))
            .with(
                    "Machine",
                    Field.size("frontFeetMm", "front feet from the coupling").need(),
                    Field.size("backFeetMm", "back feet from the coupling").need(),
                    Field.speed("speedRpm", "speed").need(),
                    Field.line("softFootMm", "rise of each foot, slackened").hint("four of them"))
            .folded(
                    "Cold target and limits",
                    Field.place("targetVerticalMm", "to stand high by, cold"),
                    Field.place("targetHorizontalMm", "to stand right by, cold"),
                    Field.play("limitOffsetMm", "maker's limit, offset"),
                    Field.play("limitAngleMmPer100", "maker's limit, mm in 100 mm"));

    private final Show show;

    AlignmentQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Offset and angle of a coupling by rim and face, shims and moves")
    CheckAnswer<AlignmentResult> check(@RequestBody AlignmentInput input) {
        AlignmentResult result = AlignmentCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Readings.list(values, "rimMm", "faceMm", "softFootMm");
        AlignmentInput in = CheckInput.of(values, AlignmentInput.class);
        AlignmentResult r = AlignmentCheck.check(in);
        List<Figure> figures = new ArrayList<>();
        if (r.offsetVerticalMm() != null) {
            figures.add(QuickResult.mm("stands high by", r.offsetVerticalMm(), 3));
        }
        figures.add(QuickResult.mm("stands right by", r.offsetHorizontalMm(), 3));
        List<QuickResult.Entry> feet = new ArrayList<>();
        if (r.shimFrontMm() != null && r.shimBackMm() != null) {
            feet.add(shim("front feet", r.shimFrontMm()));
            feet.add(shim("back feet", r.shimBackMm()));
        }
        feet.add(aside("front feet", r.moveFrontMm()));
        feet.add(aside("back feet", r.moveBackMm()));
        return QuickResult.of(show, r.findings(), figures, new QuickResult.Listing("feet", false, feet))
                .drawn(AlignmentDrawing.of(in, r, "a-"));
    }

    private static QuickResult.Entry shim(String feet, double mm) {
        return new QuickResult.Entry(
                null, feet, (mm < 0 ? "take out " : "put in ") + Length.show(Math.abs(mm), 2) + " mm");
    }

    private static QuickResult.Entry aside(String feet, double mm) {
        return new QuickResult.Entry(
                null, feet, "move " + (mm < 0 ? "left " : "right ") + Length.show(Math.abs(mm), 2) + " mm");
    }
}
