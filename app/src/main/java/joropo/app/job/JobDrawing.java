package joropo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import joropo.app.drawing.Drawn;
import joropo.app.drawing.Look;
import joropo.app.drawing.Pin;
import joropo.app.drawing.Pin.Spot;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.TrackDrawing;
import joropo.app.drawing.TrackDrawn;
import joropo.app.job.Sketch.Assumed;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.ShaftItem;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The picture of a job: its section with the findings tied to their places. */
final class JobDrawing {
    private static final Map<String, Spot> SPOTS = new HashMap<>();

    private static final Map<Assumed, String> WORDS = Map.of(
            Assumed.SHAFT,
            "shaft",
            Assumed.BORE,
            "bore",
            Assumed.WIDTH,
            "width of the seal",
            Assumed.FACING,
            "way round",
            Assumed.DEPTH,
            "depth",
            Assumed.STOP,
            "stop");

    static {
        put(
                Spot.TRACK,
                "shaft-size",
                "roundness",
                "groove",
                "wear-groove",
                "score-round",
                "score-axial",
                "score-slanting",
                "pit",
                "rust-pock",
                "tarnish",
                "rust",
                "burr",
                "coating-flaked",
                "looked",
                "roughness",
                "hardness",
                "lead",
                "run-out",
                "unread",
                "S5",
                "S5-fitted",
                "remedy");
        put(Spot.SHAFT_END, "edge");
        put(
                Spot.SEAT,
                "bore-size",
                "interference",
                "hot",
                "bore-roughness",
                "bore-nick",
                "bore-score-axial",
                "bore-bore-wear",
                "offset");
        put(Spot.LIP, "D1", "D2", "S4", "S4-fitted", "found", "choice", "pressure", "lip-temperature");
        put(Spot.BACK, "S2", "S2-fitted", "tilt", "D9");
        put(Spot.STOP, "S6", "held", "pair");
        put(Spot.OUTSIDE, "D6");
        put(Spot.INSIDE, "play", "hand-turn", "fluid");
    }

    private static void put(Spot spot, String... findings) {
        List.of(findings).forEach(f -> SPOTS.put(f, spot));
    }

    /** A sleeve reaches this far past the lip on both sides (mm), as the plan says. */
    private static final double SLEEVE_PAST_MM = 1.5;

    private JobDrawing() {}

    /**
     * @param findings as they are listed beside the picture: each tag bears the number of its finding there
     * @param next id of the part that is now to go in, absent: none stands out
     */
    static String svg(JobEvaluation evaluation, List<Finding> findings, Look.Paper paper, @Nullable String next) {
        Sketch sketch = evaluation.sketch();
        Section section = sketch.section();
        Integer chosen = next == null
                ? null
                : section.boreItems().stream()
                        .filter(i -> next.equals(i.id()))
                        .findFirst()
                        .map(section.boreItems()::indexOf)
                        .orElse(null);
        Look look = new Look(paper, Look.View.OUTSIDE_LEFT, false, chosen);
        return SectionDrawing.svg(
                drawn(evaluation, sketch).with(pins(findings)).with(look), paper == Look.Paper.SHEET ? "s-" : "n-");
    }

    private static List<Pin> pins(List<Finding> findings) {
        List<Pin> out = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Finding f = findings.get(i);
            Spot spot = SPOTS.get(f.id());
            if (spot != null) {
                out.add(new Pin(i + 1, f.status(), spot, f.part()));
            } else if (f.id().matches("[DS]\\d+") && f.status() != Status.PASS) {
                out.add(Pin.of(i + 1, f.status(), f.id(), f.part()));
            }
        }
        return out;
    }

    private static Drawn drawn(JobEvaluation evaluation, Sketch sketch) {
        Set<Assumed> assumed = sketch.assumed();
        boolean decided = !assumed.contains(Assumed.WIDTH) && !assumed.contains(Assumed.FACING);
        List<Band> tracks = decided
                ? LipSealRules.section(sketch.section()).lipTracks().stream()
                        .map(t -> new Band(t.fromMm(), t.toMm()))
                        .toList()
                : List.of();
        if (evaluation.sections().planned() != null) {
            return Drawn.of(sketch.section(), tracks);
        }
        boolean inch = evaluation.measured().system() == SealSystem.INCH;
        return new Drawn(
                sketch.section(),
                sketch.stopMm(),
                !assumed.contains(Assumed.STOP),
                decided && !assumed.contains(Assumed.DEPTH),
                tracks,
                label(assumed.contains(Assumed.SHAFT), sketch.section().shaftDiameterMm(), inch ? "" : " h11"),
                label(assumed.contains(Assumed.BORE), sketch.section().boreDiameterMm(), inch ? "" : " H8"),
                notes(sketch),
                List.of(),
                Look.SHEET);
    }

    /** The running surface along the shaft; empty while nothing of it is known. */
    static String track(JobEvaluation evaluation) {
        SurfaceWork surface = evaluation.surface();
        Section section = evaluation.sketch().section();
        Band ground = section.shaftItem(ShaftItem.RunningSurface.class)
                .map(r -> new Band(r.fromMm(), r.toMm()))
                .orElse(null);
        if (ground == null && surface.oldLipMm() == null) {
            return "";
        }
        Set<Assumed> assumed = evaluation.sketch().assumed();
        boolean placed = !assumed.contains(Assumed.WIDTH)
                && !assumed.contains(Assumed.FACING)
                && !assumed.contains(Assumed.DEPTH);
        Band track = placed ? LipSealRules.section(section).track() : null;
        Offer remedy = surface.remedy();
        boolean sleeved = track != null
                && remedy != null
                && !remedy.ruledOut()
                && (remedy.remedy() == Remedy.THIN_SLEEVE || remedy.remedy() == Remedy.HEAVY_SLEEVE);
        return TrackDrawing.svg(
                new TrackDrawn(
                        section.shaftDiameterMm(),
                        ground,
                        surface.groove()
                                .map(g -> new Band(g.fromMm(), g.toMm()))
                                .orElse(null),
                        surface.groove().map(ShaftItem.WearGroove::depthMm).orElse(null),
                        surface.oldLipMm(),
                        track,
                        surface.inwardMm(),
                        surface.outwardMm(),
                        surface.result().requiredShiftMm(),
                        sleeved ? new Band(track.fromMm() - SLEEVE_PAST_MM, track.toMm() + SLEEVE_PAST_MM) : null,
                        sleeved ? remedy.runningDiameterMm() : null,
                        true,
                        remedy == null
                                ? List.of()
                                : List.of("remedy: " + remedy.remedy().words())),
                "r-");
    }

    private static @Nullable String label(boolean assumed, double mm, String toleranceClass) {
        if (assumed) {
            return null;
        }
        boolean whole = Math.abs(mm - Math.rint(mm)) < 1e-9;
        return "Ø " + Length.show(mm, whole ? 0 : 2) + toleranceClass;
    }

    private static List<String> notes(Sketch sketch) {
        List<String> out = new ArrayList<>();
        if (!sketch.assumed().isEmpty()) {
            out.add("not read or decided yet, drawn as usual: "
                    + String.join(
                                    ", ",
                                    sketch.assumed().stream().map(WORDS::get).toList())
                            .toLowerCase(Locale.ROOT));
        }
        return out;
    }
}
