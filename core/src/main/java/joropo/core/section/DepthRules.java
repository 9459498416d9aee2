package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.SectionResult.DepthWindow;
import joropo.core.surface.Place;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * How deep each seal stands, what its case covers, and the seat it stands in (S2, S3 guide; S6 standard, DIN 3760
 * class).
 */
final class DepthRules {
    /** A case keeps this far from a port (mm, guide). */
    private static final double PORT_ROOM_MM = 0.5;
    /** A bearing may stand this far from where its mating part wants it (mm, guide). */
    private static final double MATE_MM = 0.05;

    private static final double SLACK = 1e-9;

    private final Entry entry;
    private final Section section;
    private final DepthWindows windows;

    DepthRules(Entry entry, DepthWindows windows) {
        this.entry = entry;
        this.section = entry.section();
        this.windows = windows;
    }

    List<Finding> judge() {
        List<Finding> findings = new ArrayList<>();
        for (Seal seal : entry.seals()) {
            findings.add(s2(seal));
        }
        entry.items(Bearing.class).filter(b -> b.mateMm() != null).forEach(b -> findings.add(mate(b)));
        for (Seal seal : entry.seals()) {
            entry.items(BoreItem.Port.class).forEach(p -> findings.add(s3(seal, p)));
        }
        findings.addAll(s6());
        return findings;
    }

    /**
     * Whether a seal may stand here as far as its depth and the ports beside it go; what is not known does not speak
     * against it.
     */
    boolean allows(Seal seal, double fromMm) {
        DepthWindow window = windows.of(seal).orElse(null);
        boolean deepEnough = window == null || fromMm >= window.fromMm() - SLACK && fromMm <= window.toMm() + SLACK;
        return deepEnough
                && entry.items(BoreItem.Port.class)
                        .noneMatch(p -> s3(seal.at(fromMm), p).status() == Status.FAIL);
    }

    private Finding s2(Seal seal) {
        DepthWindow window = windows.of(seal).orElse(null);
        String subject = "depth of the seal's outer face";
        if (window == null) {
            return Finding.missing(
                            "S2",
                            subject,
                            "Neither a stop nor a turning part behind the seal is known, so nothing says how deep "
                                    + "is too deep.",
                            "Read the depth to the shoulder, or to the bearing and its turning part.")
                    .withPart(seal.id());
        }
        if (window.toMm() < window.fromMm() - SLACK) {
            return guide(
                            "S2",
                            Status.FAIL,
                            subject,
                            "There is no room: a seal of " + mm(seal.widthMm()) + " mm stands out of the bore by "
                                    + mm(window.fromMm() - window.toMm()) + " mm before it is free inside.",
                            "Take a narrower seal.",
                            seal)
                    .withValue(Length.snap(seal.fromMm()), "mm");
        }
        Limits limits = new Limits(window.fromMm(), window.toMm());
        double from = Length.snap(seal.fromMm());
        double u = section.depthUncertaintyMm();
        Status status = onStop(seal, from, u, window) ? PASS : limits.judge(from, u);
        String message =
                switch (status) {
                    case PASS -> "The seal stands where it may; the usual aim is " + mm(window.targetMm()) + " mm.";
                    case REMEASURE -> "The depth is so near the end of its window that the gauge cannot tell.";
                    default ->
                        from < window.fromMm()
                                ? "The seal stands out of the bore: part of its seat does not hold."
                                : "The seal stands too deep: it rubs on what turns behind it, or was crushed "
                                        + "against its stop.";
                };
        return guide(
                        "S2",
                        status,
                        subject,
                        message,
                        status == PASS
                                ? ""
                                : "Between " + mm(window.fromMm()) + " and " + mm(window.toMm()) + " mm; aim at "
                                        + mm(window.targetMm()) + " mm.",
                        seal)
                .withValue(from, "mm")
                .withLimits(limits, u);
    }

    /** A seal that is meant to lie on its stop, or flush with the mouth, reads at the end of its window by nature. */
    private boolean onStop(Seal seal, double from, double u, DepthWindow window) {
        return Math.abs(from - window.targetMm()) <= u + SLACK
                && (window.targetMm() == window.toMm() && windows.hasStop(seal)
                        || window.targetMm() == window.fromMm());
    }

    private Finding mate(Bearing bearing) {
        Limits limits = new Limits(Length.snap(bearing.mateMm() - MATE_MM), Length.snap(bearing.mateMm() + MATE_MM));
        Status status = limits.judge(Length.snap(bearing.fromMm()), section.depthUncertaintyMm());
        return Finding.of(
                        "S2",
                        status,
                        "place of the bearing",
                        status == PASS
                                ? "The bearing stands where its mating part wants it."
                                : "The bearing does not stand where its mating part wants it.",
                        status == PASS ? "" : "Move it to " + mm(bearing.mateMm()) + " mm.",
                        Source.GUIDE,
                        "stack and depth")
                .withValue(bearing.fromMm(), "mm")
                .withLimits(limits, section.depthUncertaintyMm())
                .withPart(bearing.id());
    }

    private Finding s3(Seal seal, BoreItem.Port port) {
        double room = Length.snap(Math.max(port.fromMm() - seal.toMm(), seal.fromMm() - port.toMm()));
        Status status = room < -SLACK ? Status.FAIL : room < PORT_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String message =
                switch (status) {
                    case FAIL -> "The case covers the port.";
                    case CAUTION -> "The case stands close to the port.";
                    default -> "The port stays free.";
                };
        return guide(
                        "S3",
                        status,
                        "port beside the case",
                        message,
                        status == PASS ? "" : "Another depth, or a seal of another width.",
                        seal)
                .withValue(room, "mm")
                .withLimits(Limits.atLeast(PORT_ROOM_MM), 0);
    }

    private List<Finding> s6() {
        if (entry.seals().isEmpty()) {
            return List.of();
        }
        double width = entry.seals().stream().mapToDouble(Seal::widthMm).sum();
        double u = section.depthUncertaintyMm();
        List<Finding> findings = new ArrayList<>();
        if (section.totalDepthMm() != null) {
            findings.add(seat(
                    "total depth of the seat",
                    section.totalDepthMm(),
                    "mm",
                    Limits.atLeast(Length.snap(Place.totalDepthMm(width))),
                    u,
                    "The seat is deep enough.",
                    "The seat is too shallow: the seal would stand out or be crushed.",
                    "Take a narrower seal."));
        }
        if (section.cylindricalDepthMm() != null) {
            findings.add(seat(
                    "cylindrical depth of the seat",
                    section.cylindricalDepthMm(),
                    "mm",
                    Limits.atLeast(Length.snap(Place.cylindricalDepthMm(width))),
                    u,
                    "The cylinder carries the case.",
                    "Too little cylinder for the case to sit square.",
                    "Take a narrower seal."));
        }
        if (section.cornerRadiusMm() != null) {
            findings.add(seat(
                    "corner radius of the seat",
                    section.cornerRadiusMm(),
                    "mm",
                    Limits.atMost(Place.housing(entry.seals().get(0).widthMm()).cornerRadiusMm()),
                    0,
                    "The case clears the corner.",
                    "The case rides on the corner and sits crooked.",
                    "A spacer before the corner, or ease the seal's edge as its maker allows."));
        }
        entry.items(BoreItem.LeadIn.class)
                .forEach(l -> leadIn(l, entry.seals().get(0).widthMm(), findings));
        return findings;
    }

    private static void leadIn(BoreItem.LeadIn leadIn, double width, List<Finding> findings) {
        Place.Housing housing = Place.housing(width);
        findings.add(seat(
                "length of the bore's lead-in",
                leadIn.lengthMm(),
                "mm",
                Limits.atLeast(housing.leadInMinMm()),
                0,
                "The lead-in guides the case.",
                "The lead-in is too short: the case starts crooked and is shaved.",
                "Lengthen it, no burr."));
        if (leadIn.angleDeg() != null) {
            findings.add(seat(
                    "angle of the bore's lead-in",
                    leadIn.angleDeg(),
                    "°",
                    new Limits(housing.leadInMinDeg(), housing.leadInMaxDeg()),
                    0,
                    "The lead-in guides the case.",
                    "The lead-in is too steep or too flat for the case.",
                    "Cut it to the table."));
        }
    }

    private static Finding seat(
            String subject, double value, String unit, Limits limits, double u, String good, String bad, String cure) {
        Status status = limits.judge(value, u);
        String message = status == PASS
                ? good
                : status == Status.REMEASURE ? "The gauge cannot tell whether this is enough." : bad;
        return Finding.of(
                        "S6",
                        status,
                        subject,
                        message,
                        status == PASS ? "" : status == Status.REMEASURE ? "Read again with a finer gauge." : cure,
                        Source.STANDARD,
                        "DIN 3760 class")
                .withValue(value, unit)
                .withLimits(limits, u);
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy, Seal seal) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "stack and depth")
                .withPart(seal.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
