package joropo.core.oring;

import java.util.List;
import java.util.Optional;
import joropo.core.assembly.TurnedPart;
import joropo.core.assembly.TurnedPart.Cylinder;
import joropo.core.units.Length;

/**
 * What a stiff slide ring is brought over the land of a piston with (guide; lengths and walls computed): a cone that
 * ends as wide as the land, a pusher that slides over it, a sleeve that sizes the ring back.
 */
public record StretchTools(TurnedPart cone, TurnedPart pusher, TurnedPart sleeve) {
    /** Half the angle of cone and sleeve, as of a lead-in (°). */
    private static final double TAPER_DEG = 15;
    /** How much looser than the ring the cone begins, how much wider than the swollen ring the sleeve (mm). */
    private static final double EASY_MM = 1;
    /** Pusher over the cone, all round (mm). */
    private static final double FREE_MM = 0.2;

    private static final double WALL_MM = 6;
    private static final double STRAIGHT_MM = 10;

    /** Nothing for a ring that lies in a bore, which is laid in as a kidney, and while the land is not known. */
    public static Optional<StretchTools> of(LoadedRingInput in, LoadedRingResult result) {
        return in.gland() != Gland.PISTON || result.coneLargeMm() == null || result.sizingMm() == null
                ? Optional.empty()
                : Optional.of(of(in, result.coneLargeMm(), result.sizingMm()));
    }

    private static StretchTools of(LoadedRingInput in, double land, double sized) {
        double inside = in.counterDiameterMm() - 2 * in.slideThicknessMm();
        double tip = Math.max(1, Math.min(inside, land) - EASY_MM);
        double taper = taper(land - tip);
        double coneLong = Length.snap(taper + STRAIGHT_MM);
        TurnedPart cone = new TurnedPart(
                List.of(new Cylinder(0, taper, tip, land), new Cylinder(taper, coneLong, land)), List.of());
        double pusherLong = Length.snap(coneLong + in.grooveWidthMm() + STRAIGHT_MM);
        TurnedPart pusher = new TurnedPart(
                List.of(new Cylinder(0, pusherLong, Length.snap(land + 2 * FREE_MM + 2 * in.slideThicknessMm()))),
                List.of(new Cylinder(0, pusherLong, Length.snap(land + 2 * FREE_MM))));
        double mouth = Length.snap(Math.max(land + 2 * in.slideThicknessMm(), sized) + EASY_MM);
        double sleeveTaper = taper(mouth - sized);
        double sleeveLong = Length.snap(sleeveTaper + 3 * in.slideWidthMm());
        TurnedPart sleeve = new TurnedPart(
                List.of(new Cylinder(0, sleeveLong, Length.snap(mouth + 2 * WALL_MM))),
                List.of(new Cylinder(0, sleeveTaper, mouth, sized), new Cylinder(sleeveTaper, sleeveLong, sized)));
        return new StretchTools(cone, pusher, sleeve);
    }

    /** Length over which a diameter changes so much (mm), to the next full one. */
    private static double taper(double onDiameter) {
        return Math.max(1, Math.ceil(onDiameter / 2 / Math.tan(Math.toRadians(TAPER_DEG))));
    }
}
