package joropo.core.oring;

import java.util.Optional;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Whether the ring has room for what it swells, and stands the motion (guide). */
final class ServiceRules {
    /** Fill with swell and heat above which the groove bursts the ring (%, guide). */
    private static final double HOT_FILL_MOST = 95;
    /** A ring rolls and twists beyond these (guide). */
    private static final double SPIRAL_STROKE_MM = 300;

    private static final Limits SPIRAL_M_PER_S = new Limits(0.05, 0.5);

    private final OringGlandInput in;

    ServiceRules(OringGlandInput in) {
        this.in = in;
    }

    Finding swell(EndsRules ends, RingMaterial material) {
        String subject = "fill when warm and swollen";
        double fill = ends.hotFillPercent(material.swellPercent());
        if (material.isDestroyed()) {
            return Say.guide(
                    "swell", Status.FAIL, subject, "What this fluid does to it no groove holds.", "Another material.");
        }
        boolean over = fill > HOT_FILL_MOST + 1e-9;
        boolean counted = material.isSwellKnown();
        Status status = over ? Status.FAIL : !counted || in.hottestC() == null ? Status.CAUTION : Status.PASS;
        return Say.percent(
                Say.guide(
                        "swell",
                        status,
                        subject,
                        over
                                ? "Warm and swollen the ring has no room: it bursts its groove, or is crushed."
                                : !counted
                                        ? "No swelling is counted: material and fluid are not both known."
                                        : in.hottestC() == null
                                                ? "Heat is not counted: the hottest is not known."
                                                : "There is room for " + Length.show(material.swellPercent(), 0)
                                                        + " % of swelling and the heat.",
                        over ? "A wider groove, a thinner ring, or another material." : ""),
                fill,
                Limits.atMost(HOT_FILL_MOST));
    }

    /** Of a ring that moves. */
    Optional<Finding> speed() {
        return switch (in.motion()) {
            case STATIC -> Optional.empty();
            case RECIPROCATING -> Optional.of(stroke());
            case ROTARY -> Optional.of(turning());
        };
    }

    private Finding stroke() {
        String subject = "stroke and speed";
        if (in.ringShape() == RingShape.SQUARE) {
            return Say.guide("speed", Status.PASS, subject, "A square ring does not roll.", "");
        }
        boolean rolls = in.strokeMm() != null && in.strokeMm() > SPIRAL_STROKE_MM + 1e-9
                || in.speedMPerS() != null && SPIRAL_M_PER_S.margin(in.speedMPerS()) < -1e-9;
        if (!rolls && (in.strokeMm() == null || in.speedMPerS() == null)) {
            return Finding.missing(
                    "speed",
                    subject,
                    (in.strokeMm() == null ? "The stroke" : "The speed")
                            + " is not known: on a long, slow or fast one a ring rolls and twists.",
                    "Say both.");
        }
        return Say.guide(
                "speed",
                rolls ? Status.CAUTION : Status.PASS,
                subject,
                rolls
                        ? "On such a stroke a ring rolls in places and twists off in a spiral."
                        : "Short and even enough not to roll.",
                rolls ? "Another ring: a loaded slide ring, a U-cup, a square ring." : "");
    }

    private Finding turning() {
        String subject = "speed and pressure of a turning shaft";
        Double v = in.speedRpm() == null || in.counterDiameterMm() == null
                ? null
                : Double.valueOf(Math.PI * in.counterDiameterMm() * in.speedRpm() / 60_000);
        boolean beyond = v != null && v > GlandUse.ROTARY_M_PER_S + 1e-9
                || in.pressureMpa() != null && in.pressureMpa() > GlandUse.ROTARY_MPA + 1e-9;
        if (!beyond && (v == null || in.pressureMpa() == null)) {
            return Finding.missing(
                    "speed", subject, (v == null ? "The speed" : "The pressure") + " is not known.", "Say both.");
        }
        Finding finding = Say.guide(
                "speed",
                beyond ? Status.FAIL : Status.PASS,
                subject,
                beyond
                        ? "An O-ring stands slow shafts and little pressure only: 2 m/s and 3 MPa."
                        : "Slow enough for a ring.",
                beyond ? "A lip seal, or a mechanical seal." : "");
        return v == null
                ? finding
                : finding.withValue(Math.rint(v * 1000) / 1000, "m/s")
                        .withLimits(Limits.atMost(GlandUse.ROTARY_M_PER_S), 0);
    }
}
