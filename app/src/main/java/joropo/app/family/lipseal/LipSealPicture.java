package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.Pin;
import joropo.app.drawing.Pin.Spot;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.app.drawing.SectionPictureBuilder;
import joropo.app.drawing.TrackDrawing;
import joropo.app.drawing.TrackPictureBuilder;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.ShaftItem;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.surface.SleeveCover;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The picture of a job: its section with the findings tied to their places. */
final class LipSealPicture {
    private static final Map<String, Spot> SPOTS = new HashMap<>();

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
        put(Spot.BACK, "one-place", "S2", "S2-fitted", "tilt", "D9");
        put(Spot.STOP, "S6", "held", "pair");
        put(Spot.OUTSIDE, "D6");
        put(Spot.INSIDE, "play", "hand-turn", "fluid");
    }

    private static void put(Spot spot, String... findings) {
        List.of(findings).forEach(f -> SPOTS.put(f, spot));
    }

    private LipSealPicture() {}

    /**
     * @param findings as they are listed beside the picture: each tag bears the number of its finding there
     * @param next id of the part that is now to go in, absent: none stands out
     */
    static String svg(LipSealWork work, List<Finding> findings, Paper paper, @Nullable String next) {
        AssumedSection entry = work.entry();
        Section section = entry.section();
        Integer chosen = next == null
                ? null
                : section.boreItems().stream()
                        .filter(i -> next.equals(i.id()))
                        .findFirst()
                        .map(section.boreItems()::indexOf)
                        .orElse(null);
        DrawingStyle look = new DrawingStyle(paper, Orientation.OUTSIDE_LEFT, false, chosen);
        return SectionDrawing.svg(
                drawn(work, entry).with(pins(findings)).with(look), paper == Paper.NARROW ? "n-" : "s-");
    }

    private static List<Pin> pins(List<Finding> findings) {
        List<Pin> out = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Finding f = findings.get(i);
            Spot spot = SPOTS.get(f.rule());
            if (spot != null) {
                out.add(new Pin(i + 1, f.status(), spot, f.part()));
            } else if (f.rule().matches("[DS]\\d+") && f.status() != Status.PASS) {
                out.add(Pin.of(i + 1, f.status(), f.rule(), f.part()));
            }
        }
        return Pin.onePerPlace(out);
    }

    private static SectionPicture drawn(LipSealWork work, AssumedSection entry) {
        boolean decided = entry.knowsTheSeal();
        boolean seated = decided && work.isSeated();
        Section section = work.besideFound(seated ? work.placed() : entry.section());
        List<Band> tracks = decided
                ? (seated ? LipSealRules.section(section) : work.judged())
                        .lipTracks().stream()
                                .map(t -> new Band(t.fromMm(), t.toMm()))
                                .toList()
                : List.of();
        if (work.isRearranged()) {
            return SectionPicture.of(section, tracks);
        }
        boolean inch = work.measured().system() == SealSystem.INCH;
        return SectionPictureBuilder.builder()
                .section(section)
                .stopMm(entry.stopMm())
                .stopRead(!entry.assumes(Assumed.STOP))
                .depthRead(decided && !entry.assumes(Assumed.DEPTH))
                .tracks(tracks)
                .shaftLabel(label(entry.assumes(Assumed.SHAFT), entry.section().shaftDiameterMm(), inch ? "" : " h11"))
                .boreLabel(label(entry.assumes(Assumed.BORE), entry.section().boreDiameterMm(), inch ? "" : " H8"))
                .notes(notes(entry))
                .pins(List.of())
                .look(DrawingStyle.SHEET)
                .build();
    }

    /** The running surface along the shaft; empty while nothing of it is known. */
    static String track(LipSealWork work) {
        TrackAssessment track = work.track();
        Section section = work.entry().section();
        Band ground = section.shaftItem(ShaftItem.RunningSurface.class)
                .map(r -> new Band(r.fromMm(), r.toMm()))
                .orElse(null);
        if (ground == null && track.oldLipMm() == null) {
            return "";
        }
        boolean placed = work.entry().knowsTheSeal() && !work.entry().assumes(Assumed.DEPTH);
        Band lip = placed ? work.judged().track(work.entry().among().id()) : null;
        Offer remedy = track.remedy();
        boolean sleeved = lip != null
                && remedy != null
                && !remedy.ruledOut()
                && (remedy.remedy() == Remedy.THIN_SLEEVE || remedy.remedy() == Remedy.HEAVY_SLEEVE);
        return TrackDrawing.svg(
                TrackPictureBuilder.builder()
                        .shaftMm(section.shaftDiameterMm())
                        .ground(ground)
                        .groove(track.groove()
                                .map(g -> new Band(g.fromMm(), g.toMm()))
                                .orElse(null))
                        .grooveDepthMm(track.groove()
                                .map(ShaftItem.WearGroove::depthMm)
                                .orElse(null))
                        .oldLipMm(track.oldLipMm())
                        .track(lip)
                        .inwardMm(track.move() == null ? null : track.move().inwardMm())
                        .outwardMm(track.move() == null ? null : track.move().outwardMm())
                        .requiredMm(track.result().requiredShiftMm())
                        .sleeve(
                                sleeved
                                        ? new Band(lip.fromMm() - SleeveCover.PAST_MM, lip.toMm() + SleeveCover.PAST_MM)
                                        : null)
                        .sleeveOutsideMm(sleeved ? remedy.runningDiameterMm() : null)
                        .datum(true)
                        .notes(
                                remedy == null
                                        ? List.of()
                                        : List.of("remedy: " + remedy.remedy().words()))
                        .build(),
                "r-");
    }

    private static @Nullable String label(boolean assumed, double mm, String toleranceClass) {
        if (assumed) {
            return null;
        }
        boolean whole = Math.abs(mm - Math.rint(mm)) < 1e-9;
        return "Ø " + Length.show(mm, whole ? 0 : 2) + toleranceClass;
    }

    private static List<String> notes(AssumedSection entry) {
        List<String> out = new ArrayList<>();
        if (!entry.assumed().isEmpty()) {
            out.add("not read or decided yet, drawn as " + (entry.asLastTime() ? "last time: " : "usual: ")
                    + String.join(
                                    ", ",
                                    entry.assumed().stream().map(Assumed::words).toList())
                            .toLowerCase(Locale.ROOT));
        }
        return out;
    }
}
