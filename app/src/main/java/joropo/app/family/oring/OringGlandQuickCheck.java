package joropo.app.family.oring;

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
import joropo.app.drawing.GlandDrawing;
import joropo.app.drawing.TemperatureChart;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandResult;
import joropo.core.oring.RingShape;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a gland does to its ring. */
@RestController
@Order(92)
@Tag(name = "checks")
class OringGlandQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/o-ring-gland";
    private static final String DRAWN_AT = "drawnAtC";
    private static final QuickForm FORM = QuickForm.of(
                    "o-ring-gland",
                    "Ring in its gland",
                    "Whether a groove squeezes its ring right, cold, hot and off centre, and what "
                            + "the pressure does to it.")
            .mind("Never open a gland under pressure: a jet of oil goes through the skin. No bare "
                    + "hand feels for a leak.")
            .with(
                    "Gland",
                    OringFields.gland("kind").need(),
                    OringFields.motion().need(),
                    Field.size("counterDiameterMm", "bore or rod").hint("not of a face or a boss"),
                    Field.size("grooveDiameterMm", "groove, diameter")
                            .need()
                            .hint("of a face the wall that the ring lies on"),
                    Field.size("grooveWidthMm", "groove, width").need(),
                    Field.size("grooveDepthMm", "groove, depth").hint("of a face only"))
            .with(
                    "Ring",
                    Field.line("ring", "listed size").hint("such as 227 or 53.57x3.53"),
                    Field.size("ringInsideMm", "inside").hint("empty: by its size"),
                    Field.size("sectionMm", "section").hint("empty: by its size"),
                    Field.choice("ringShape", "shape", RingShape.class, RingShape::words)
                            .hint("empty: O-ring"),
                    Field.choice("material", "material", OringFields.MATERIALS),
                    Field.number("hardnessShoreA", "hardness", "Shore A", 30, 100))
            .with(
                    "Duty",
                    Field.choice("fluid", "fluid", CheckChoices.FLUIDS),
                    Field.pressure("pressureMpa", "pressure, peaks too"),
                    Field.play("gapMm", "largest clearance, on the diameter"),
                    Field.temperature("coldestC", "coldest"),
                    Field.temperature("hottestC", "hottest"),
                    Field.temperature(DRAWN_AT, "drawn as it is at").hint("empty: as measured; touch the chart"))
            .folded(
                    "Tolerances",
                    OringFields.tolerance("counterMm", "bore or rod"),
                    OringFields.tolerance("grooveMm", "groove, diameter"),
                    OringFields.tolerance("widthMm", "groove, width"),
                    OringFields.tolerance("depthMm", "groove, depth"),
                    OringFields.tolerance("ringInsideMm", "ring, inside"),
                    OringFields.tolerance("sectionMm", "ring, section"))
            .folded(
                    "Back-ups and gas",
                    Field.number("backups", "back-ups", "", 0, 2),
                    Field.size("backupThicknessMm", "each is thick"),
                    Field.yesNo("pressureTurns", "pressure comes from both sides"),
                    Field.yesNo("gas", "a gas is sealed"))
            .folded(
                    "Motion, way in, metals",
                    Field.play("strokeMm", "stroke"),
                    Field.number("speedMPerS", "speed along it", "m/s", 0, 200),
                    Field.speed("speedRpm", "speed of a turning shaft"),
                    Field.size("passOverMm", "largest diameter on its way"),
                    Field.play("leadInMm", "chamfer that it meets"),
                    Field.number("leadInAngleDeg", "angle of that chamfer", "°", 1, 80)
                            .hint("empty: 15"),
                    Field.play("offsetMm", "off centre by"),
                    Field.choice("partMaterial", "part with the groove", CheckChoices.METALS),
                    Field.choice("counterMaterial", "bore or rod", CheckChoices.METALS));

    private final Show show;

    OringGlandQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Stretch, squeeze, fill, extrusion and fitting of an O-ring or square ring in its gland")
    CheckAnswer<OringGlandResult> check(@RequestBody OringGlandInput input) {
        OringGlandResult result = OringGlandCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Double drawnAt = (Double) values.remove(DRAWN_AT);
        OringFields.gatherTolerances(values);
        OringGlandInput in = OringFields.saidAt(
                OringFields.names("tolerances:tolSectionMm"), () -> CheckInput.of(values, OringGlandInput.class));
        OringGlandResult r = OringGlandCheck.check(in);
        List<Figure> figures = new ArrayList<>();
        figures.add(
                r.stretchPercent() != null
                        ? OringFields.percent("stretch", r.stretchPercent())
                        : OringFields.percent("compression", r.compressionPercent()));
        figures.add(OringFields.percent("squeeze", r.squeezePercent()));
        figures.add(OringFields.percent("fill", r.fillPercent()));
        if (r.gapMm() != null) {
            figures.add(QuickResult.mm("clearance it stands", r.gapMm(), 2));
        }
        if (r.outsidePercent() != null) {
            figures.add(OringFields.percent("of many made, not as usual", r.outsidePercent()));
        }
        OringGlandInput then = drawnAt == null ? in : OringGlandCheck.at(in, drawnAt);
        String drawn = GlandDrawing.of(then, drawnAt == null ? r : OringGlandCheck.check(then, 0), "o-")
                + TemperatureChart.of(OringGlandCheck.overTemperature(in), r, "c-");
        QuickResult result = QuickResult.of(show, r.findings(), figures);
        return GrooveSheet.of(in).map(file -> result.drawn(drawn, file)).orElseGet(() -> result.drawn(drawn));
    }
}
