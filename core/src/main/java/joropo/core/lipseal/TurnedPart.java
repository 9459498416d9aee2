package joropo.core.lipseal;

import java.util.List;

/**
 * A part made on a lathe: cylinders outside and inside along the axis; x in mm from the face that presses, away from
 * the seal.
 *
 * @param outer from the pressing face on, without gaps, @param inner hollows from the pressing face on, without gaps;
 *     none for a solid part
 */
public record TurnedPart(List<Cylinder> outer, List<Cylinder> inner) {
    /** One stretch of one diameter. */
    public record Cylinder(double fromMm, double toMm, double diameterMm) {}

    /** @throws IllegalArgumentException when stretches do not join, or the wall is gone somewhere */
    public TurnedPart {
        outer = List.copyOf(outer);
        inner = List.copyOf(inner);
        joins(outer);
        joins(inner);
        if (outer.isEmpty()) {
            throw new IllegalArgumentException("A turned part needs an outside");
        }
        for (Cylinder hollow : inner) {
            for (Cylinder body : outer) {
                if (hollow.fromMm < body.toMm && body.fromMm < hollow.toMm && hollow.diameterMm >= body.diameterMm) {
                    throw new IllegalArgumentException("No wall is left: hollow " + hollow + " in " + body);
                }
            }
        }
        if (!inner.isEmpty() && inner.get(inner.size() - 1).toMm > outer.get(outer.size() - 1).toMm + 1e-9) {
            throw new IllegalArgumentException("A hollow reaches beyond the part: " + inner);
        }
    }

    private static void joins(List<Cylinder> stretches) {
        double at = 0;
        for (Cylinder c : stretches) {
            if (Math.abs(c.fromMm - at) > 1e-9 || c.toMm <= c.fromMm || c.diameterMm <= 0) {
                throw new IllegalArgumentException("Stretches must join from 0 on, got " + stretches);
            }
            at = c.toMm;
        }
    }

    public double lengthMm() {
        return outer.get(outer.size() - 1).toMm;
    }

    public double largestMm() {
        return outer.stream().mapToDouble(Cylinder::diameterMm).max().orElseThrow();
    }
}
