package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import joropo.app.drawing.Drawn;
import joropo.app.drawing.Pin.Spot;
import joropo.app.drawing.Pin;
import joropo.app.drawing.SectionDrawing;
import joropo.app.job.Sketch.Assumed;
import joropo.core.section.SectionCheck;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** The picture of a job: its section with the findings tied to their places. */
final class JobDrawing {
    private static final Map<String, Spot> SPOTS = Map.ofEntries(Map.entry("shaft-size", Spot.TRACK), Map.entry("roundness", Spot.TRACK),
            Map.entry("surface", Spot.TRACK), Map.entry("edge", Spot.SHAFT_END), Map.entry("bore-size", Spot.SEAT), Map.entry("interference", Spot.SEAT),
            Map.entry("D1", Spot.LIP), Map.entry("D2", Spot.LIP), Map.entry("S4", Spot.LIP), Map.entry("S4-fitted", Spot.LIP), Map.entry("S5", Spot.TRACK), Map.entry("S5-fitted", Spot.TRACK), Map.entry("found", Spot.LIP),
            Map.entry("S2", Spot.BACK), Map.entry("S2-fitted", Spot.BACK), Map.entry("tilt", Spot.BACK), Map.entry("D9", Spot.BACK),
            Map.entry("S6", Spot.STOP), Map.entry("D6", Spot.OUTSIDE), Map.entry("play", Spot.INSIDE), Map.entry("hand-turn", Spot.INSIDE));
    private static final Map<Assumed, String> WORDS = Map.of(Assumed.SHAFT, "shaft", Assumed.BORE, "bore", Assumed.WIDTH, "width of the seal",
            Assumed.FACING, "way round", Assumed.DEPTH, "depth", Assumed.STOP, "stop");

    private JobDrawing() { }

    /** @param findings as they are listed beside the picture: each tag bears the number of its finding there */
    static String svg(JobEvaluation evaluation, List<Finding> findings) {
        Sketch sketch = evaluation.sketch();
        Set<Assumed> assumed = sketch.assumed();
        List<Pin> pins = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Spot spot = SPOTS.get(findings.get(i).id());
            if (spot != null) {
                pins.add(new Pin(i + 1, findings.get(i).status(), spot));
            }
        }
        boolean decided = !assumed.contains(Assumed.WIDTH) && !assumed.contains(Assumed.FACING);
        boolean inch = evaluation.measured().system() == SealSystem.INCH;
        return SectionDrawing.svg(new Drawn(sketch.section(), sketch.stopMm(), !assumed.contains(Assumed.STOP), decided && !assumed.contains(Assumed.DEPTH),
                decided ? SectionCheck.check(sketch.section()).track() : null,
                label(assumed.contains(Assumed.SHAFT), sketch.section().shaftDiameterMm(), inch ? "" : " h11"),
                label(assumed.contains(Assumed.BORE), sketch.section().boreDiameterMm(), inch ? "" : " H8"), notes(assumed), pins), "s-");
    }

    private static @Nullable String label(boolean assumed, double mm, String toleranceClass) {
        if (assumed) {
            return null;
        }
        boolean whole = Math.abs(mm - Math.rint(mm)) < 1e-9;
        return "Ø " + Length.show(mm, whole ? 0 : 2) + toleranceClass;
    }

    private static List<String> notes(Set<Assumed> assumed) {
        if (assumed.isEmpty()) {
            return List.of();
        }
        return List.of("not read or decided yet, drawn as usual: " + String.join(", ", assumed.stream().map(WORDS::get).toList()).toLowerCase(Locale.ROOT));
    }
}
