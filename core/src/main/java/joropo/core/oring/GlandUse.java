package joropo.core.oring;

import java.util.Optional;
import joropo.core.verdict.Limits;

/**
 * What is right for a ring in one use (guide): the gland table's range for its section, and the wider one within which
 * it may still hold.
 *
 * @param row of the gland table; empty where the trade has no groove for such a section
 */
record GlandUse(Gland gland, RingMotion motion, RingShape shape, Optional<GlandTable.Row> row) {
    /** A slow shaft only (m/s, MPa; guide, {@code oring-glands.csv}). */
    static final double ROTARY_M_PER_S = 2;

    static final double ROTARY_MPA = 3;
    /** Leg of a boss's chamfer in sections of its ring (guide). */
    static final Limits BOSS_LEG = new Limits(1.35, 1.40);

    private static final Limits WIDE_STATIC = new Limits(12.0, 32.0);
    private static final Limits WIDE_FACE = new Limits(18.0, 33.0);
    private static final Limits WIDE_MOVING = new Limits(8.0, 25.0);
    private static final Limits WIDE_ROTARY = new Limits(2.0, 9.0);
    private static final Limits SQUARE_STATIC = new Limits(8.0, 20.0);
    private static final Limits SQUARE_MOVING = new Limits(5.0, 12.0);
    private static final Limits FILL = new Limits(60.0, 85.0);
    private static final double FILL_MOST = 90;
    private static final double SQUARE_FILL_MOST = 92;
    /** A chamfer by its guide is fuller than a groove (computed from the leg of 1.35 sections). */
    private static final Limits BOSS_FILL = new Limits(60.0, 88.0);

    private static final double BOSS_FILL_MOST = 92;

    static GlandUse of(Gland gland, RingMotion motion, RingShape shape, double sectionMm) {
        boolean listed = shape == RingShape.O && gland != Gland.BOSS;
        return new GlandUse(
                gland,
                motion,
                shape,
                listed ? GlandTable.row(GlandTable.Use.of(gland, motion), sectionMm) : Optional.empty());
    }

    boolean isMoving() {
        return motion != RingMotion.STATIC;
    }

    boolean isRotary() {
        return motion == RingMotion.ROTARY;
    }

    /** Squeeze (%) that is right; empty where no range is known but the wide one. A turning one goes by the worst. */
    Optional<Limits> squeezePass() {
        if (shape == RingShape.SQUARE) {
            return isRotary() ? Optional.empty() : Optional.of(squeezeWide());
        }
        return row.map(r -> isRotary() ? r.worstPercent() : r.squeezePercent());
    }

    /** Squeeze (%) outside which it does not hold, or wears and heats. */
    Limits squeezeWide() {
        if (shape == RingShape.SQUARE) {
            return isMoving() ? SQUARE_MOVING : SQUARE_STATIC;
        }
        return switch (motion) {
            case STATIC -> gland.isFace() ? WIDE_FACE : WIDE_STATIC;
            case RECIPROCATING -> WIDE_MOVING;
            case ROTARY -> WIDE_ROTARY;
        };
    }

    /** Middle of what is right (%). */
    double squeezeMiddle() {
        Limits limits = squeezePass().orElse(squeezeWide());
        return (limits.lower() + limits.upper()) / 2;
    }

    /** Nominal squeeze below which nothing is left for wear and dirt (mm). */
    double leastMm() {
        return isRotary() ? 0.05 : 0.15;
    }

    /** Squeeze that must be left wherever the sizes lie (mm). */
    double leastAnywhereMm() {
        return isRotary() ? 0.02 : 0.10;
    }

    /** Fill (%) that is right. */
    Limits fillPass() {
        return shape == RingShape.SQUARE ? Limits.atMost(SQUARE_FILL_MOST) : gland == Gland.BOSS ? BOSS_FILL : FILL;
    }

    /** Fill (%) above which the ring has no room. */
    double fillMost() {
        return shape == RingShape.SQUARE ? SQUARE_FILL_MOST : gland == Gland.BOSS ? BOSS_FILL_MOST : FILL_MOST;
    }
}
