package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.section.SectionResult.Shift;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Where each lip runs: on the ground surface (S4), clear of old tracks (S5); guide. */
final class TrackRules {
    /** Half the width of the lip's contact (mm, guide). */
    private static final double HALF_CONTACT_MM = 0.4;
    /** The lip keeps this far from the ends of the running surface (mm, guide). */
    private static final double SURFACE_END_MM = 1.0;
    /** The band keeps this far from an old groove (mm, guide). */
    private static final double GROOVE_ROOM_MM = 1.0;

    private static final double SLACK = 1e-9;

    private final Entry entry;
    private final Section section;
    private final DepthRules depths;

    TrackRules(Entry entry, DepthRules depths) {
        this.entry = entry;
        this.section = entry.section();
        this.depths = depths;
    }

    List<Finding> judge() {
        List<Finding> findings = new ArrayList<>();
        for (Seal seal : entry.seals()) {
            findings.add(s4(seal));
            grooves(seal).forEach(g -> findings.add(s5(seal, g)));
        }
        return findings;
    }

    LipTrack track(Seal seal) {
        double half = section.wanderMm() + HALF_CONTACT_MM;
        return new LipTrack(seal.id(), Length.snap(seal.lipMm() - half), Length.snap(seal.lipMm() + half));
    }

    private static boolean runsOn(Seal seal, ShaftItem.On on) {
        return (seal.mount() == Mount.SHAFT) == (on == ShaftItem.On.HOUSING);
    }

    private Finding s4(Seal seal) {
        String subject = "lip track on the running surface";
        LipTrack band = track(seal);
        double lip = Length.snap(seal.lipMm());
        List<Band> surfaces = Stream.concat(
                        entry.shaft(ShaftItem.RunningSurface.class)
                                .filter(r -> runsOn(seal, r.on()))
                                .map(r -> new Band(r.fromMm(), r.toMm())),
                        entry.shaft(ShaftItem.Sleeve.class)
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
                entry.shaft(ShaftItem.Sleeve.class).anyMatch(s -> within(s.fromMm(), band) || within(s.toMm(), band));
        ShaftItem broken = section.shaftItems().stream()
                .filter(i -> (i.cutsALip() || i instanceof ShaftItem.Chamfer || i instanceof ShaftItem.Step)
                        && i.fromMm() < band.toMm() - SLACK
                        && i.toMm() > band.fromMm() + SLACK)
                .findFirst()
                .orElse(null);
        boolean good = inside(band, surface) && broken == null && !cutByEnd;
        String where = "band " + mm(band.fromMm()) + " to " + mm(band.toMm()) + " mm.";
        String message = good
                ? "The lip keeps to the ground surface, play and growth included."
                : broken != null
                        ? "The lip runs over something that cuts it or leads the medium past it: " + where
                        : cutByEnd
                                ? "The lip runs over the end of a sleeve: " + where
                                : "The lip runs off the ground surface: " + where;
        return guide(
                        "S4",
                        good ? PASS : Status.FAIL,
                        subject,
                        message,
                        good ? "" : "Another depth, another width, or a sleeve.",
                        seal)
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

    /** Band against groove: what lies between them, negative where they overlap (mm). */
    private double roomMm(Seal seal, ShaftItem.WearGroove groove) {
        LipTrack band = track(seal);
        return Length.snap(Math.max(groove.fromMm() - band.toMm(), band.fromMm() - groove.toMm()));
    }

    /** The band against the track of an old lip: it has to clear it by {@value #GROOVE_ROOM_MM} mm. */
    private Finding s5(Seal seal, ShaftItem.WearGroove groove) {
        double room = roomMm(seal, groove);
        Status status = room < -SLACK ? Status.FAIL : room < GROOVE_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String places = shifts(seal, groove).stream()
                .filter(Shift::allowed)
                .map(s -> mm(s.toFromMm()))
                .collect(Collectors.joining(" or "));
        String remedy = status == PASS
                ? ""
                : places.isEmpty()
                        ? "No depth in the window clears it: dress by measure, sleeve, or renew the shaft."
                        : "The outer face at " + places + " mm clears it by " + mm(GROOVE_ROOM_MM) + " mm.";
        String message =
                switch (status) {
                    case PASS -> "The lip runs beside the old groove.";
                    case CAUTION -> "The lip runs close beside the old groove.";
                    default -> "The lip runs in the old groove: it lifts at its edge and leaks on the first day.";
                };
        return guide("S5", status, "lip track against the old groove", message, remedy, seal)
                .withValue(room, "mm")
                .withLimits(Limits.atLeast(GROOVE_ROOM_MM), 0);
    }

    /** Places that clear a groove, for every seal that does not. */
    List<Shift> shifts() {
        return entry.seals().stream()
                .flatMap(s -> grooves(s)
                        .filter(g -> roomMm(s, g) < GROOVE_ROOM_MM - SLACK)
                        .flatMap(g -> shifts(s, g).stream()))
                .distinct()
                .toList();
    }

    private Stream<ShaftItem.WearGroove> grooves(Seal seal) {
        return entry.shaft(ShaftItem.WearGroove.class).filter(g -> runsOn(seal, g.on()));
    }

    /** Outward and inward of one groove. */
    private List<Shift> shifts(Seal seal, ShaftItem.WearGroove groove) {
        LipTrack band = track(seal);
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
                && s4(moved).status() != Status.FAIL
                && grooves(moved).allMatch(g -> roomMm(moved, g) >= GROOVE_ROOM_MM - SLACK);
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy, Seal seal) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "stack and depth")
                .withPart(seal.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
