package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.section.SectionResult.Shift;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Each lip clear of the tracks of old ones, and where it would be (S5; guide). */
final class GrooveRules {
    /** The band keeps this far from an old groove (mm, guide). */
    static final double GROOVE_ROOM_MM = 1.0;

    private static final double SLACK = 1e-9;
    private static final String SUBJECT = "lip track against the old groove";

    private final ArrangedParts parts;
    private final Section section;
    private final TrackRules tracks;
    private final DepthRules depths;

    GrooveRules(ArrangedParts parts, TrackRules tracks, DepthRules depths) {
        this.parts = parts;
        this.section = parts.section();
        this.tracks = tracks;
        this.depths = depths;
    }

    List<Finding> judge() {
        return parts.seals().stream()
                .map(s -> grooves(s)
                        .map(g -> s5(s, g))
                        .reduce((a, b) -> a.status().compareTo(b.status()) <= 0 ? a : b))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Band against groove: what lies between them, negative where they overlap (mm). */
    private double roomMm(Seal seal, ShaftItem.WearGroove groove) {
        LipTrack band = tracks.track(seal);
        return Length.snap(Math.max(groove.fromMm() - band.toMm(), band.fromMm() - groove.toMm()));
    }

    /** The band against the track of an old lip: it has to clear it by {@value #GROOVE_ROOM_MM} mm. */
    private Finding s5(Seal seal, ShaftItem.WearGroove groove) {
        double room = roomMm(seal, groove);
        if (!groove.widthMeasured() && room >= -SLACK) {
            return Finding.missing(
                            "S5",
                            SUBJECT,
                            "The width of the old groove is not measured; as wide as usual, the lip would clear it by "
                                    + mm(room) + " mm.",
                            "Measure its depth and width along the shaft.")
                    .withPart(seal.id());
        }
        Status status = room < -SLACK ? Status.FAIL : room < GROOVE_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String message =
                switch (status) {
                    case PASS -> "The lip runs beside the old groove." + section.wanderAssumed();
                    case CAUTION -> "The lip runs close beside the old groove.";
                    default -> "The lip runs in the old groove: it lifts at its edge and leaks on the first day.";
                };
        return SectionFinding.depth(
                        "S5", status, SUBJECT, message, status == PASS ? "" : remedy(seal, groove), seal.id())
                .withValue(room, "mm")
                .withLimits(Limits.atLeast(GROOVE_ROOM_MM), 0);
    }

    private String remedy(Seal seal, ShaftItem.WearGroove groove) {
        String places = shifts(seal, groove).stream()
                .filter(Shift::allowed)
                .map(s -> mm(s.toFromMm()))
                .collect(Collectors.joining(" or "));
        return places.isEmpty()
                ? "No depth in the window clears it: dress by measure, sleeve, or renew the shaft."
                : "The outer face at " + places + " mm clears it by " + mm(GROOVE_ROOM_MM) + " mm.";
    }

    /** Places that clear a groove, for every seal that does not. */
    List<Shift> shifts() {
        return parts.seals().stream()
                .flatMap(s -> grooves(s)
                        .filter(g -> roomMm(s, g) < GROOVE_ROOM_MM - SLACK)
                        .flatMap(g -> shifts(s, g).stream()))
                .distinct()
                .toList();
    }

    private Stream<ShaftItem.WearGroove> grooves(Seal seal) {
        return parts.shaft(ShaftItem.WearGroove.class).filter(g -> TrackRules.runsOn(seal, g.on()));
    }

    /** Outward and inward of one groove. */
    private List<Shift> shifts(Seal seal, ShaftItem.WearGroove groove) {
        LipTrack band = tracks.track(seal);
        return Stream.of(groove.fromMm() - GROOVE_ROOM_MM - band.toMm(), groove.toMm() + GROOVE_ROOM_MM - band.fromMm())
                .map(Length::snap)
                .map(by -> new Shift(
                        seal.id(),
                        Length.snap(seal.fromMm() + by),
                        by,
                        mayStand(seal, Length.snap(seal.fromMm() + by))))
                .toList();
    }

    private boolean mayStand(Seal seal, double fromMm) {
        Seal moved = seal.at(fromMm);
        return depths.allows(seal, fromMm)
                && tracks.s4(moved).status() != Status.FAIL
                && grooves(moved).allMatch(g -> roomMm(moved, g) >= GROOVE_ROOM_MM - SLACK);
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
