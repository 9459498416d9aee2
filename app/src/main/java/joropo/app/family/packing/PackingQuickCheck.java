package joropo.app.family.packing;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckChoices;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.BoxDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.material.Medium;
import joropo.core.packing.DropBand;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInput;
import joropo.core.packing.PackingResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What goes into a stuffing box. */
@RestController
@Order(100)
@Tag(name = "checks")
class PackingQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/packing";
    private static final QuickForm FORM = QuickForm.of(
                    "packing",
                    "Packing of a box",
                    "Section, rings, cuts, joints, the lantern ring under its port, and whether shaft, box and style "
                            + "will do.")
            .mind(PackingFields.GLAND)
            .with(
                    "Box",
                    Field.size("shaftMm", "shaft or sleeve").need(),
                    Field.size("boxBoreMm", "box, bore").need(),
                    Field.size("boxDepthMm", "box, depth").need(),
                    Field.size("bottomBushMm", "bush at the bottom"),
                    Field.size("lanternWidthMm", "lantern ring"),
                    Field.size("lanternSlotMm", "its slot"),
                    Field.size("portFromMm", "port, from the box face: begins"),
                    Field.size("portToMm", "port ends"),
                    Field.size("glandEntryMm", "gland enters at first")
                            .hint("empty: a third of the section, 3 at least"),
                    Field.size("glandNoseMm", "gland, its nose"))
            .with(
                    "Duty",
                    Field.choice("style", "packing", PackingFields.STYLES),
                    Field.speed("speedRpm", "speed").hint("0: a valve's stem"),
                    Field.number("speedMPerS", "speed of a plunger", "m/s", 0, 200),
                    Field.pressure("pressureMpa", "pressure in the box"),
                    Field.temperature("temperatureC", "temperature in the box"),
                    Field.choice("medium", "medium", Medium.class, Medium::words),
                    Field.choice("fluid", "fluid", CheckChoices.FLUIDS),
                    Field.number("ph", "pH", "", 0, 14))
            .with(
                    "Shaft in the box",
                    Field.play("runoutTirMm", "run-out, whole reading"),
                    Field.play("offsetMm", "off the middle of the box"),
                    Field.play("throatClearanceMm", "clearance in the throat, radial"),
                    Field.play("grooveDepthMm", "groove worn in").hint("0: looked at, none"),
                    Field.number("raUm", "roughness Ra", "µm", 0, 100),
                    Field.number("sleeveHardnessHrc", "hardness", "HRC", 0, 80))
            .folded(
                    "Joints, flush",
                    Field.number("joints", "joints apart", "°", 90, 180).hint("90, 120 or 180; empty: by the rings"),
                    Field.number("flushRiseK", "flush may warm by", "K", 0.1, 200));

    private final Show show;

    PackingQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Section, rings, cuts, joints, lantern ring and limits of a stuffing box")
    CheckAnswer<PackingResult> check(@RequestBody PackingInput input) {
        PackingResult result = PackingCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        PackingInput in = CheckInput.of(values, PackingInput.class);
        PackingResult r = PackingCheck.check(in);
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("section", Length.show(r.listedSectionMm(), 2), "mm", null),
                new Figure("rings", Integer.toString(r.rings()), "", null),
                new Figure("cut square", Length.show(r.buttCutMm(), 1), "mm", null),
                new Figure("cut at 45°, tip to tip", Length.show(r.skiveCutMm(), 1), "mm", null),
                new Figure(
                        "joints, from the bottom",
                        r.jointClock().stream().map(String::valueOf).collect(Collectors.joining(", ")),
                        "o'clock",
                        null)));
        if (r.ringsInboard() != null) {
            figures.add(new Figure(
                    "rings below the lantern, above", r.ringsInboard() + ", " + r.ringsOutboard(), "", null));
        }
        figures.add(drops("while it runs in", r.runInDropsPerMinute()));
        figures.add(drops("settled", r.settledDropsPerMinute()));
        if (r.flushMpa() != null) {
            figures.add(new Figure(
                    "flush at",
                    Length.show(r.flushMpa().from(), 2) + " to "
                            + Length.show(r.flushMpa().to(), 2),
                    "MPa",
                    null));
        }
        if (r.flushLPerMin() != null) {
            figures.add(new Figure("flush for the heat", Length.show(r.flushLPerMin(), 2), "L/min", null));
        }
        return QuickResult.of(show, r.findings(), figures).drawn(BoxDrawing.of(in, r, "b-"));
    }

    private static Figure drops(String label, DropBand band) {
        return new Figure(label, Length.show(band.from(), 0) + " to " + Length.show(band.to(), 0), "drops/min", null);
    }
}
