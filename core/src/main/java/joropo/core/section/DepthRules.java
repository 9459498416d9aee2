package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.Window;
import joropo.core.surface.Place;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** How deep the seal may stand and where its lip then runs (S2, S4, S5 guide; S6 standard, DIN 3760 class). */
final class DepthRules {
    /** Room wanted before anything that turns, play and growth come on top (mm, guide). */
    private static final double TURNING_ROOM_MM = 0.5;
    /** Half the width of the lip's contact (mm, guide). */
    private static final double HALF_CONTACT_MM = 0.4;
    /** The lip keeps this far from the ends of the running surface (mm, guide). */
    private static final double SURFACE_END_MM = 1.0;
    /** The band keeps this far from an old groove (mm, guide). */
    private static final double GROOVE_ROOM_MM = 1.0;
    /** The case has to land on a bearing's still ring by this much of the diameter (mm, guide). */
    private static final double LANDING_MM = 2;
    private static final double SLACK = 1e-9;

    private DepthRules() { }

    static Band track(Section section) {
        double half = section.wanderMm() + HALF_CONTACT_MM;
        double lip = section.seal().lipMm();
        return new Band(Length.snap(lip - half), Length.snap(lip + half));
    }

    /** Window of the outer face; absent when nothing limits it inward. */
    static @Nullable Window window(Section section) {
        double width = section.seal().widthMm();
        Double stop = stopMm(section);
        Double turning = turningMm(section);
        if (stop == null && turning == null) {
            return null;
        }
        double byStop = stop == null ? Double.POSITIVE_INFINITY : stop - width;
        double byTurning = turning == null ? Double.POSITIVE_INFINITY : turning - clearanceMm(section) - width;
        double from = section.boreFromMm();
        double to = Length.snap(Math.min(byStop, byTurning));
        return new Window(from, to, byStop <= byTurning ? to : from);
    }

    static List<Finding> judge(Section section) {
        List<Finding> findings = new ArrayList<>();
        findings.add(s2(section));
        findings.add(s4(section));
        section.shaftItem(ShaftItem.WearGroove.class).ifPresent(g -> findings.add(s5(section, g)));
        findings.addAll(s6(section));
        return findings;
    }

    private static Finding s2(Section section) {
        Window window = window(section);
        String subject = "depth of the seal's outer face";
        if (window == null) {
            return Finding.missing("S2", subject, "Neither a stop nor a turning part behind the seal is known, so nothing says how deep is too deep.",
                    "Read the depth to the shoulder, or to the bearing and its turning part.").withPart("s1");
        }
        if (window.toMm() < window.fromMm() - SLACK) {
            return guide("S2", Status.FAIL, subject, "There is no room: a seal of " + mm(section.seal().widthMm())
                    + " mm stands out of the bore by " + mm(window.fromMm() - window.toMm()) + " mm before it is free inside.",
                    "Take a narrower seal.").withValue(Length.snap(section.seal().fromMm()), "mm");
        }
        Limits limits = new Limits(window.fromMm(), window.toMm());
        double from = Length.snap(section.seal().fromMm());
        double u = section.depthUncertaintyMm();
        Status status = onStop(section, from, u, window) ? PASS : limits.judge(from, u);
        String message = switch (status) {
            case PASS -> "The seal stands where it may; aim at " + mm(window.targetMm()) + " mm.";
            case REMEASURE -> "The depth is so near the end of its window that the gauge cannot tell.";
            default -> from < window.fromMm() ? "The seal stands out of the bore: part of its seat does not hold."
                    : "The seal stands too deep: it rubs on what turns behind it, or was crushed against its stop.";
        };
        return guide("S2", status, subject, message, status == PASS ? "" : "Between " + mm(window.fromMm()) + " and " + mm(window.toMm())
                + " mm; aim at " + mm(window.targetMm()) + " mm.").withValue(from, "mm").withLimits(limits, u);
    }

    /** A seal that is meant to lie on its stop, or flush with the mouth, reads at the end of its window by nature. */
    private static boolean onStop(Section section, double from, double u, Window window) {
        return Math.abs(from - window.targetMm()) <= u + SLACK
                && (window.targetMm() == window.toMm() && stopMm(section) != null || window.targetMm() == window.fromMm());
    }

    private static @Nullable Double stopMm(Section section) {
        Double shoulder = section.boreItem(BoreItem.Shoulder.class).map(BoreItem.Shoulder::fromMm).orElse(null);
        BoreItem.Bearing bearing = section.boreItem(BoreItem.Bearing.class).orElse(null);
        if (bearing == null || !stops(section, bearing)) {
            return shoulder;
        }
        return shoulder == null ? bearing.fromMm() : Double.valueOf(Math.min(shoulder, bearing.fromMm()));
    }

    /** A bearing's still ring is a stop only where the case lands on it and the turning parts lie far enough behind. */
    private static boolean stops(Section section, BoreItem.Bearing bearing) {
        return bearing.turningFromMm() != null && bearing.ringInsideDiameterMm() != null
                && bearing.turningFromMm() - bearing.fromMm() >= clearanceMm(section) - SLACK
                && bearing.ringInsideDiameterMm() <= section.seal().outsideDiameterMm() - LANDING_MM + SLACK;
    }

    private static @Nullable Double turningMm(Section section) {
        return section.boreItem(BoreItem.Bearing.class)
                .map(b -> b.turningFromMm() != null ? b.turningFromMm() : b.fromMm()).orElse(null);
    }

    private static double clearanceMm(Section section) {
        return TURNING_ROOM_MM + section.wanderMm();
    }

    private static Finding s4(Section section) {
        String subject = "lip track on the running surface";
        Band band = track(section);
        ShaftItem.RunningSurface surface = section.shaftItem(ShaftItem.RunningSurface.class).orElse(null);
        double lip = Length.snap(section.seal().lipMm());
        if (surface == null) {
            return Finding.missing("S4", subject, "The ends of the ground running surface are not known; the lip would run at "
                    + mm(lip) + " mm.", "Read from where to where the shaft is ground.").withPart("s1").withValue(lip, "mm");
        }
        Limits limits = new Limits(Length.snap(surface.fromMm() + SURFACE_END_MM), Length.snap(Math.max(surface.fromMm(), surface.toMm() - SURFACE_END_MM)));
        boolean inside = band.fromMm() >= limits.lower() - SLACK && band.toMm() <= limits.upper() + SLACK;
        return guide("S4", inside ? PASS : Status.FAIL, subject, inside ? "The lip keeps to the ground surface, play and growth included."
                : "The lip runs off the ground surface: band " + mm(band.fromMm()) + " to " + mm(band.toMm()) + " mm.",
                inside ? "" : "Another depth, another width, or a sleeve.").withValue(lip, "mm").withLimits(limits, 0);
    }

    /** The band against the track of an old lip: it has to clear it by {@value #GROOVE_ROOM_MM} mm. */
    private static Finding s5(Section section, ShaftItem.WearGroove groove) {
        Band band = track(section);
        double room = Length.snap(Math.max(groove.fromMm() - band.toMm(), band.fromMm() - groove.toMm()));
        double from = section.seal().fromMm();
        double outward = Length.snap(from - (band.toMm() - groove.fromMm() + GROOVE_ROOM_MM));
        double inward = Length.snap(from + (groove.toMm() - band.fromMm() + GROOVE_ROOM_MM));
        Status status = room < -SLACK ? Status.FAIL : room < GROOVE_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        Window window = window(section);
        String places = places(List.of(outward, inward), window);
        String remedy = status == PASS ? "" : places.isEmpty() ? "No depth in the window clears it: dress by measure, sleeve, or renew the shaft."
                : "The outer face at " + places + " mm clears it by " + mm(GROOVE_ROOM_MM) + " mm.";
        String message = switch (status) {
            case PASS -> "The lip runs beside the old groove.";
            case CAUTION -> "The lip runs close beside the old groove.";
            default -> "The lip runs in the old groove: it lifts at its edge and leaks on the first day.";
        };
        return guide("S5", status, "lip track against the old groove", message, remedy).withValue(room, "mm").withLimits(Limits.atLeast(GROOVE_ROOM_MM), 0);
    }

    private static String places(List<Double> wanted, @Nullable Window window) {
        return wanted.stream().filter(x -> window == null || x >= window.fromMm() - SLACK && x <= window.toMm() + SLACK)
                .map(DepthRules::mm).collect(Collectors.joining(" or "));
    }

    private static List<Finding> s6(Section section) {
        double width = section.seal().widthMm();
        double u = section.depthUncertaintyMm();
        List<Finding> findings = new ArrayList<>();
        if (section.totalDepthMm() != null) {
            findings.add(seat("total depth of the seat", section.totalDepthMm(), "mm", Limits.atLeast(Length.snap(Place.totalDepthMm(width))), u,
                    "The seat is deep enough.", "The seat is too shallow: the seal would stand out or be crushed.", "Take a narrower seal."));
        }
        if (section.cylindricalDepthMm() != null) {
            findings.add(seat("cylindrical depth of the seat", section.cylindricalDepthMm(), "mm",
                    Limits.atLeast(Length.snap(Place.cylindricalDepthMm(width))), u, "The cylinder carries the case.",
                    "Too little cylinder for the case to sit square.", "Take a narrower seal."));
        }
        if (section.cornerRadiusMm() != null) {
            findings.add(seat("corner radius of the seat", section.cornerRadiusMm(), "mm", Limits.atMost(Place.housing(width).cornerRadiusMm()), 0,
                    "The case clears the corner.", "The case rides on the corner and sits crooked.", "A spacer before the corner, or ease the seal's edge as its maker allows."));
        }
        section.boreItem(BoreItem.LeadIn.class).ifPresent(l -> leadIn(l, width, findings));
        return findings;
    }

    private static void leadIn(BoreItem.LeadIn leadIn, double width, List<Finding> findings) {
        Place.Housing housing = Place.housing(width);
        findings.add(seat("length of the bore's lead-in", leadIn.lengthMm(), "mm", Limits.atLeast(housing.leadInMinMm()), 0,
                "The lead-in guides the case.", "The lead-in is too short: the case starts crooked and is shaved.", "Lengthen it, no burr."));
        if (leadIn.angleDeg() != null) {
            findings.add(seat("angle of the bore's lead-in", leadIn.angleDeg(), "°", new Limits(housing.leadInMinDeg(), housing.leadInMaxDeg()), 0,
                    "The lead-in guides the case.", "The lead-in is too steep or too flat for the case.", "Cut it to the table."));
        }
    }

    private static Finding seat(String subject, double value, String unit, Limits limits, double u, String good, String bad, String cure) {
        Status status = limits.judge(value, u);
        String message = status == PASS ? good : status == Status.REMEASURE ? "The gauge cannot tell whether this is enough." : bad;
        return Finding.of("S6", status, subject, message, status == PASS ? "" : status == Status.REMEASURE ? "Read again with a finer gauge." : cure,
                Source.STANDARD, "DIN 3760 class").withValue(value, unit).withLimits(limits, u);
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "stack and depth").withPart("s1");
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
