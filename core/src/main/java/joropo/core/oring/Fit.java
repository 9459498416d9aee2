package joropo.core.oring;

import java.util.List;
import java.util.stream.Stream;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/**
 * What one set of sizes does to a ring (computed), and how its figures are judged (guide). Figures in percent and mm.
 */
final class Fit {
    private static final double SLACK = 1e-9;
    /** Diameter of the circle that a right-angled corner of equal legs holds, in legs (computed: 2 - root 2). */
    private static final double CIRCLE_IN_CORNER = 2 - Math.sqrt(2);
    /** Compression of the circumference that is right, by the ring's inside diameter up to here (mm, %). */
    private static final double[][] COMPRESSION = {{13, 8}, {38, 6}, {98, 5}, {200, 4}, {Double.POSITIVE_INFINITY, 3}};

    private static final double COMPRESSION_MORE = 2;
    private static final double ROTARY_COMPRESSION = 8;

    private final GlandUse use;
    private final Sizes at;
    private final double backupsMm;
    /** Stretch of the inside, or compression of the outside, as the kind of gland has it (%). */
    final double circumference;
    /** Section in its place, by constant volume (mm). */
    final double sectionMm;
    /** Room for the section (mm). */
    final double depthMm;

    /** @param backupsMm thickness of all back-ups together */
    Fit(GlandUse use, Sizes at, double backupsMm) {
        this.use = use;
        this.at = at;
        this.backupsMm = backupsMm;
        circumference = use.gland().compresses() ? compression() : stretch(onto());
        sectionMm = section();
        depthMm = depth();
    }

    /** What its inside lies on (mm). */
    private double onto() {
        return use.gland() == Gland.BOSS ? at.grooveMm() - 2 * at.widthMm() : at.grooveMm();
    }

    private double compression() {
        double outside = at.insideMm() + 2 * at.sectionMm();
        return 100 * (outside - at.grooveMm()) / outside;
    }

    private double stretch(double diameterMm) {
        return 100 * (diameterMm - at.insideMm()) / at.insideMm();
    }

    private double section() {
        double section = at.sectionMm();
        if (use.gland().isFace() || use.shape() == RingShape.SQUARE) {
            return section;
        }
        if (use.gland().compresses()) {
            return circumference > 0
                    ? section / Math.sqrt(1 - circumference / 100)
                    : section / Math.sqrt(1 + Math.max(0, rodStretch()) / 100);
        }
        return circumference > 0 ? section / Math.sqrt(1 + circumference / 100) : section;
    }

    /** Stretch by the rod (%), negative where the ring is loose on it. */
    private double rodStretch() {
        return stretch(at.counterMm());
    }

    private double depth() {
        return switch (use.gland()) {
            case PISTON -> (at.counterMm() - at.grooveMm()) / 2;
            case ROD -> (at.grooveMm() - at.counterMm()) / 2;
            case FACE_INSIDE, FACE_OUTSIDE -> at.depthMm();
            case BOSS -> CIRCLE_IN_CORNER * at.widthMm();
        };
    }

    double squeezePercent() {
        return 100 * squeezeMm() / sectionMm;
    }

    double squeezeFreePercent() {
        return 100 * (at.sectionMm() - depthMm) / at.sectionMm();
    }

    double squeezeMm() {
        return sectionMm - depthMm;
    }

    /** Squeeze where the parts lie off centre by so much (%). */
    double squeezeOffPercent(double offMm) {
        return 100 * (squeezeMm() - offMm) / sectionMm;
    }

    double fillPercent() {
        return 100 * ringVolume() / grooveVolume();
    }

    private double ringVolume() {
        double mean = Math.PI * (at.insideMm() + at.sectionMm());
        double area = at.sectionMm() * at.sectionMm();
        return mean * (use.shape() == RingShape.SQUARE ? area : area * Math.PI / 4);
    }

    /** Up to the bore or rod, so with the gap, less the back-ups (mm³). */
    private double grooveVolume() {
        double width = at.widthMm() - backupsMm;
        double g = at.grooveMm();
        return switch (use.gland()) {
            case PISTON -> disc(at.counterMm(), g) * width;
            case ROD -> disc(g, at.counterMm()) * width;
            case FACE_INSIDE -> disc(g, g - 2 * width) * at.depthMm();
            case FACE_OUTSIDE -> disc(g + 2 * width, g) * at.depthMm();
            // the corner lies at the stud: its middle is a third of the leg away from it
            case BOSS -> Math.PI * (g - 2 * at.widthMm() + 2 * at.widthMm() / 3) * at.widthMm() * at.widthMm() / 2;
        };
    }

    private static double disc(double outside, double inside) {
        return Math.PI / 4 * (outside * outside - inside * inside);
    }

    boolean isPossible() {
        return depthMm > 0 && grooveVolume() > 0 && at.insideMm() > 0 && at.sectionMm() > 0;
    }

    Status circumferenceStatus() {
        double c = circumference;
        return switch (use.gland()) {
            case PISTON -> use.isRotary() ? Status.FAIL : band(c, 1, use.isMoving() ? 3 : 5, -2, 8);
            case FACE_OUTSIDE -> band(c, 0, 5, -2, 8);
            case FACE_INSIDE -> band(c, 0, 3, -2, 5);
            case BOSS -> band(c, 1, 5, -2, 8);
            case ROD ->
                use.isRotary() && c <= SLACK
                        ? Status.FAIL
                        : band(
                                c,
                                Double.NEGATIVE_INFINITY,
                                compressionMost(),
                                Double.NEGATIVE_INFINITY,
                                compressionMost() + COMPRESSION_MORE);
        };
    }

    /** Compression of the circumference that is right (%). */
    private double compressionMost() {
        if (use.isRotary()) {
            return ROTARY_COMPRESSION;
        }
        int i = 0;
        while (at.insideMm() > COMPRESSION[i][0] + SLACK) {
            i++;
        }
        return COMPRESSION[i][1];
    }

    /** How much the ring is larger than its rod (% of the rod); negative: it is stretched by it. */
    double overRodPercent() {
        return 100 * (at.insideMm() - at.counterMm()) / at.counterMm();
    }

    /** Of a rod gland: the ring's inside against the rod. */
    Status rodFitStatus() {
        double loose = overRodPercent();
        if (use.isRotary()) {
            return band(loose, 2, 5, 0, 8);
        }
        return loose >= 0 ? band(loose, 0, 2, 0, 4) : band(rodStretch(), 0, 5, 0, 8);
    }

    /** Of the nominal sizes, without what the trade's own thinning says. */
    Status squeezeStatus() {
        if (use.gland() == Gland.BOSS && GlandUse.BOSS_LEG.margin(legs()) >= -SLACK) {
            return Status.PASS;
        }
        if (use.squeezePass().isPresent()) {
            Limits pass = use.squeezePass().get();
            if (holds(pass, squeezePercent()) || holds(pass, squeezeFreePercent())) {
                return Status.PASS;
            }
        } else if (use.shape() == RingShape.SQUARE) {
            return Status.MISSING;
        }
        return use.shape() == RingShape.O && holds(use.squeezeWide(), squeezePercent()) ? Status.CAUTION : Status.FAIL;
    }

    /** Leg of a boss's chamfer in sections of the ring. */
    double legs() {
        return at.widthMm() / at.sectionMm();
    }

    /**
     * Squeeze by the trade's empirical section of a stretched ring (%, guide), which thins more than constant volume
     * says.
     */
    double squeezeEmpiricalPercent() {
        double s = use.gland() == Gland.ROD && circumference <= 0
                ? rodStretch()
                : use.gland().compresses() ? 0 : circumference;
        if (s <= 0 || use.gland().isFace()) {
            return squeezePercent();
        }
        double thinner = s <= 3 ? 0.01 + 1.06 * s - 0.1 * s * s : 0.56 + 0.59 * s - 0.0046 * s * s;
        double section = at.sectionMm() * (1 - thinner / 100);
        return 100 * (section - depthMm) / section;
    }

    /** Whether the empirical section puts a squeeze that is right below what is right. */
    boolean isThinByTrade() {
        return use.squeezePass()
                .map(pass -> squeezeEmpiricalPercent() < pass.lower() - SLACK)
                .orElse(false);
    }

    Status absoluteStatus() {
        return squeezeMm() >= use.leastMm() - SLACK ? Status.PASS : Status.FAIL;
    }

    Status fillStatus() {
        double fill = fillPercent();
        return holds(use.fillPass(), fill)
                ? Status.PASS
                : fill <= use.fillMost() + SLACK ? Status.CAUTION : Status.FAIL;
    }

    private List<Status> statuses() {
        List<Status> all = List.of(
                circumferenceStatus(),
                squeezeStatus() == Status.PASS && isThinByTrade() ? Status.CAUTION : squeezeStatus(),
                absoluteStatus(),
                fillStatus());
        return use.gland() == Gland.ROD
                ? Stream.concat(all.stream(), Stream.of(rodFitStatus())).toList()
                : all;
    }

    /** The worst that is said of these sizes. */
    Status worst() {
        return statuses().stream().reduce(Status.PASS, Status::worse);
    }

    /** How many of its figures give a reason to think. */
    int cautions() {
        return (int) statuses().stream().filter(s -> s != Status.PASS).count();
    }

    /** Whether stretch, squeeze and fill are right. */
    boolean isRight() {
        return circumferenceStatus() == Status.PASS
                && squeezeStatus() == Status.PASS
                && fillStatus() == Status.PASS
                && (use.gland() != Gland.ROD || rodFitStatus() == Status.PASS);
    }

    private static boolean holds(Limits limits, double value) {
        return limits.margin(value) >= -SLACK;
    }

    private static Status band(double value, double passLow, double passHigh, double low, double high) {
        return value >= passLow - SLACK && value <= passHigh + SLACK
                ? Status.PASS
                : value >= low - SLACK && value <= high + SLACK ? Status.CAUTION : Status.FAIL;
    }
}
