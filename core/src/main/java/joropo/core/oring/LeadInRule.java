package joropo.core.oring;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** The chamfer that brings a squeezed ring in without cutting it (guide). */
record LeadInRule(OringGlandInput in, Fit fit) {
    private static final double USUAL_DEG = 15;
    private static final double MOST_DEG = 20;
    private static final double STEEP_DEG = 30;
    private static final double MORE = 1.1;

    /** Length that the chamfer needs (mm, along the axis). */
    double needMm() {
        return Length.snap(Math.max(0, fit.squeezeMm()) * MORE / Math.tan(Math.toRadians(angle())));
    }

    private double angle() {
        return in.leadInAngleDeg() == null ? USUAL_DEG : in.leadInAngleDeg();
    }

    Finding finding() {
        String subject = "chamfer that the ring meets";
        String needs = Length.show(needMm(), 2) + " mm at " + Length.show(angle(), 0) + "°";
        if (in.leadInMm() == null) {
            return Finding.missing(
                    "lead-in",
                    subject,
                    "The chamfer has not been measured.",
                    "It needs " + needs + "; cover ports and edges.");
        }
        boolean isShort = in.leadInMm() < needMm() - 1e-9;
        Status status = isShort || angle() > STEEP_DEG + 1e-9
                ? Status.FAIL
                : angle() > MOST_DEG + 1e-9 ? Status.CAUTION : Status.PASS;
        return Say.guide(
                        "lead-in",
                        status,
                        subject,
                        switch (status) {
                            case PASS ->
                                "It leads the ring in" + (in.leadInAngleDeg() == null ? "; 15° is assumed." : ".");
                            case CAUTION -> "The chamfer is steep: the ring may be nicked.";
                            default ->
                                isShort
                                        ? "The chamfer is too short: the edge cuts the ring."
                                        : "The chamfer is so steep that it cuts the ring.";
                        },
                        status == Status.PASS ? "" : "A sleeve with a cone, or a chamfer of " + needs + ".")
                .withValue(in.leadInMm(), "mm")
                .withLimits(Limits.atLeast(needMm()), 0);
    }
}
