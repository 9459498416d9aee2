package joropo.app.family.lipseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.drawing.TrackDrawing;
import joropo.app.drawing.TrackPictureBuilder;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Judged;
import joropo.app.ui.Show;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.section.SectionResult.Band;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceResult;
import joropo.core.surface.SurfaceByEye;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether a lip may run on a track, and what can be done about it. */
@RestController
@Order(50)
@Tag(name = "checks")
class RunningSurfaceQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/running-surface";
    private static final List<Field.Choice> LIPS = LipSealCheck.lipMaterials().stream()
            .map(m -> new Field.Choice(m, m + ", " + Elastomer.of(m).name()))
            .toList();
    private static final QuickForm FORM = QuickForm.of(
                    "running-surface",
                    "Running surface",
                    "Whether a lip may run on this track, and what can be done about it.")
            .with(
                    "Shaft",
                    Field.size("nominalMm", "shaft of the seal, nominal").need(),
                    Field.size("measuredMm", "measured beside the groove"),
                    Field.play("uncertaintyMm", "uncertainty of the reading"),
                    Field.play("ovalityMm", "ovality"),
                    Field.choice("seen", "seen on the track", SurfaceByEye.class, SurfaceByEye::words),
                    Field.choice("seen2", "seen there too", SurfaceByEye.class, SurfaceByEye::words),
                    Field.play("grooveDepthMm", "groove, depth"),
                    Field.play("grooveWidthMm", "groove, width"),
                    Field.play("shiftInwardMm", "lip may move inward"),
                    Field.play("shiftOutwardMm", "lip may move outward"),
                    Field.size("boreMm", "bore of the housing"),
                    Field.choice("outsideDirt", "outside", Dirt.class, Dirt::words))
            .folded(
                    "Roughness, hardness, lead",
                    Field.number("raUm", "Ra", "µm", 0, 100),
                    Field.number("rzUm", "Rz", "µm", 0, 500),
                    Field.number("hardnessHrc", "hardness", "HRC", 0, 80),
                    Field.number("surfaceSpeedMPerS", "surface speed", "m/s", 0, 200),
                    Field.place("leadAdvanceMm", "thread test: walked"),
                    Field.number("leadTurns", "thread test: over turns", "", 0.01, 10_000),
                    Field.yesNo("leadReverses", "walk turns round with the rotation"))
            .folded(
                    "Play and sleeve",
                    Field.play("axialPlayMm", "axial play"),
                    Field.place("growthMm", "growth when hot, + inward"),
                    Field.play("lipContactMm", "width of the lip's contact").hint("empty: 0.8 mm"),
                    Field.size("sleeveWallMm", "wall of the thin sleeve").hint("empty: 0.3 mm"),
                    Field.choice("lipMaterial", "material of the lip", LIPS),
                    Field.yesNo("runningSleeve", "on a sleeve or spacer that comes off"),
                    Field.play("hardLayerMm", "depth of the hard layer"))
            .into(
                    "seen:surface",
                    "seen2:surface2",
                    "grooveDepthMm:grooveDepth",
                    "grooveWidthMm:grooveWidth",
                    "raUm:ra",
                    "rzUm:rz",
                    "hardnessHrc:hrc",
                    "leadAdvanceMm:leadAdvance",
                    "leadTurns",
                    "leadReverses",
                    "axialPlayMm:playBefore",
                    "growthMm:growth",
                    "sleeveWallMm:sleeveWall");

    private final Show show;

    RunningSurfaceQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "A worn or damaged running surface, and the remedies in the order offered")
    CheckAnswer<RunningSurfaceResult> check(@RequestBody RunningSurfaceInput input) {
        RunningSurfaceResult result = LipSealRules.surface(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        RunningSurfaceInput in = input(values);
        RunningSurfaceResult r = LipSealRules.surface(in);
        List<Figure> figures = new ArrayList<>();
        if (r.requiredShiftMm() != null) {
            figures.add(QuickResult.mm("lip has to move", r.requiredShiftMm(), 2));
        }
        if (r.leadAngleDeg() != null) {
            figures.add(new Figure("lead", Length.show(r.leadAngleDeg(), 3), "°", null));
        }
        List<Entry> remedies = r.remedies().stream()
                .map(o -> new Entry(
                        show.mark(o.verdict(), Judged.ARRANGEMENT),
                        o.remedy().words(),
                        o.reason() + (o.ruledOut() ? "" : ". " + o.precondition() + ". " + o.caution() + ".")))
                .toList();
        double half = (in.grooveWidthMm() == null ? 0 : in.grooveWidthMm()) / 2;
        String drawing = in.grooveDepthMm() == null && in.grooveWidthMm() == null
                ? ""
                : TrackDrawing.svg(
                        TrackPictureBuilder.builder()
                                .shaftMm(in.nominalMm())
                                .groove(new Band(-half, half))
                                .grooveDepthMm(in.grooveDepthMm())
                                .oldLipMm(0.0)
                                .inwardMm(in.shiftInwardMm())
                                .outwardMm(in.shiftOutwardMm())
                                .requiredMm(r.requiredShiftMm())
                                .datum(false)
                                .notes(List.of())
                                .build(),
                        "r-");
        return QuickResult.of(
                        show,
                        r.findings(),
                        figures,
                        new Listing("Remedies, the first that holds first", false, remedies))
                .drawn(drawing);
    }

    private static RunningSurfaceInput input(Map<String, Object> v) {
        List<SurfaceByEye> seen = Stream.of("seen", "seen2")
                .map(v::remove)
                .filter(Objects::nonNull)
                .map(SurfaceByEye.class::cast)
                .distinct()
                .toList();
        if (!seen.isEmpty()) {
            v.put("defects", seen.stream().flatMap(s -> s.defects().stream()).toList());
        }
        return CheckInput.of(v, RunningSurfaceInput.class);
    }
}
