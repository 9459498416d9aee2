package joropo.core.assembly;

import java.util.List;

/**
 * A part made on a lathe: stretches outside and inside along the axis; x in mm from its first face, which of a tool is
 * the one that presses.
 *
 * @param outer from the first face on, without gaps, @param inner hollows from the first face on, without gaps; none
 *     for a solid part
 */
public record TurnedPart(List<Cylinder> outer, List<Cylinder> inner) {
    /** One stretch, of one diameter or tapered. @param diameterMm where it begins, @param endMm where it ends */
    public record Cylinder(double fromMm, double toMm, double diameterMm, double endMm) {
        public Cylinder(double fromMm, double toMm, double diameterMm) {
            this(fromMm, toMm, diameterMm, diameterMm);
        }

        /** The diameter at a place of it (mm). */
        public double atMm(double x) {
            return diameterMm + (endMm - diameterMm) * (x - fromMm) / (toMm - fromMm);
        }

        double largestMm() {
            return Math.max(diameterMm, endMm);
        }

        double leastMm() {
            return Math.min(diameterMm, endMm);
        }
    }

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
                if (hollow.fromMm < body.toMm && body.fromMm < hollow.toMm && hollow.largestMm() >= body.leastMm()) {
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
            if (Math.abs(c.fromMm - at) > 1e-9 || c.toMm <= c.fromMm || c.leastMm() <= 0) {
                throw new IllegalArgumentException("Stretches must join from 0 on, got " + stretches);
            }
            at = c.toMm;
        }
    }

    public double lengthMm() {
        return outer.get(outer.size() - 1).toMm;
    }

    public double largestMm() {
        return outer.stream().mapToDouble(Cylinder::largestMm).max().orElseThrow();
    }
}
