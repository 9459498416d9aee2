package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Where each lip runs: on the ground surface, play and growth included (S4; guide). */
final class TrackRules {
    /** Half the width of the lip's contact (mm, guide). */
    static final double HALF_CONTACT_MM = 0.4;
    /** The lip keeps this far from the ends of the running surface (mm, guide). */
    private static final double SURFACE_END_MM = 1.0;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;
    private final Section section;

    TrackRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return parts.seals().stream().map(this::s4).toList();
    }

    LipTrack track(Seal seal) {
        double half = section.wanderMm() + HALF_CONTACT_MM;
        return new LipTrack(seal.id(), Length.snap(seal.lipMm() - half), Length.snap(seal.lipMm() + half));
    }

    static boolean runsOn(Seal seal, ShaftItem.On on) {
        return (seal.mount() == Mount.SHAFT) == (on == ShaftItem.On.HOUSING);
    }

    Finding s4(Seal seal) {
        String subject = "lip track on the running surface";
        LipTrack band = track(seal);
        double lip = Length.snap(seal.lipMm());
        List<Band> surfaces = Stream.concat(
                        parts.shaft(ShaftItem.RunningSurface.class)
                                .filter(r -> runsOn(seal, r.on()))
                                .map(r -> new Band(r.fromMm(), r.toMm())),
                        parts.shaft(ShaftItem.Sleeve.class)
                                .filter(s -> seal.mount() == Mount.BORE)
                                .map(s -> new Band(s.fromMm(), s.toMm())))
                .toList();
        if (surfaces.isEmpty()) {
            return Finding.missing(
                            "S4",
                            subject,
                            "The ends of the ground running surface are not known; the lip would run at " + mm(lip)
                                    + " mm.",
                            "Read from where to where the shaft is ground.")
                    .withPart(seal.id())
                    .withValue(lip, "mm");
        }
        Band surface =
                surfaces.stream().filter(b -> inside(band, b)).findFirst().orElse(surfaces.get(0));
        boolean cutByEnd =
                parts.shaft(ShaftItem.Sleeve.class).anyMatch(s -> within(s.fromMm(), band) || within(s.toMm(), band));
        ShaftItem broken = section.shaftItems().stream()
                .filter(i -> (i.cutsALip() || i instanceof ShaftItem.Chamfer || i instanceof ShaftItem.Step)
                        && i.fromMm() < band.toMm() - SLACK
                        && i.toMm() > band.fromMm() + SLACK)
                .findFirst()
                .orElse(null);
        boolean good = inside(band, surface) && broken == null && !cutByEnd;
        String where = "band " + mm(band.fromMm()) + " to " + mm(band.toMm()) + " mm.";
        String message = good
                ? "The lip keeps to the ground surface, play and growth included." + section.wanderAssumed()
                : broken != null
                        ? "The lip runs over something that cuts it or leads the medium past it: " + where
                        : cutByEnd
                                ? "The lip runs over the end of a sleeve: " + where
                                : "The lip runs off the ground surface: " + where;
        return SectionFinding.depth(
                        "S4",
                        good ? PASS : Status.FAIL,
                        subject,
                        message,
                        good ? "" : "Another depth, another width, or a sleeve.",
                        seal.id())
                .withValue(lip, "mm")
                .withLimits(ends(surface), 0);
    }

    private static boolean within(double mm, LipTrack band) {
        return mm > band.fromMm() + SLACK && mm < band.toMm() - SLACK;
    }

    private static boolean inside(LipTrack band, Band surface) {
        Limits limits = ends(surface);
        return band.fromMm() >= limits.lower() - SLACK && band.toMm() <= limits.upper() + SLACK;
    }

    private static Limits ends(Band surface) {
        return new Limits(
                Length.snap(surface.fromMm() + SURFACE_END_MM),
                Length.snap(Math.max(surface.fromMm() + SURFACE_END_MM, surface.toMm() - SURFACE_END_MM)));
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
