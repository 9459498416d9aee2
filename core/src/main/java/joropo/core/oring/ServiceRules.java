package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.FluidClass;
import joropo.core.material.Materials;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether the material stands fluid, heat and cold, what it swells, and whether the ring stands the motion (guide). */
final class ServiceRules {
    /** Growth by volume for rating 1, 2 and 3 (%, guide). */
    private static final double[] SWELL = {5, 10, 15};

    private static final String DRY = "AIR";
    /** This near its limit a material ages early, or stiffens (K, guide). */
    private static final double NEAR_K = 10;
    /** Fill with swell and heat above which the groove bursts the ring (%, guide). */
    private static final double HOT_FILL_MOST = 95;
    /** A ring rolls and twists beyond these (guide). */
    private static final double SPIRAL_STROKE_MM = 300;

    private static final Limits SPIRAL_M_PER_S = new Limits(0.05, 0.5);

    private final OringGlandInput in;
    private final @Nullable Elastomer material;
    private final @Nullable Fluid fluid;

    ServiceRules(OringGlandInput in) {
        this.in = in;
        material = in.material() == null ? null : Materials.LISTED.material(in.material(), "material");
        fluid = in.fluid() == null ? null : Materials.LISTED.fluid(in.fluid(), "fluid");
    }

    private Optional<Integer> rating() {
        return material == null || fluid == null ? Optional.empty() : fluid.rating(material);
    }

    /** Growth by volume that is counted (%); 0 while nothing tells. */
    double swellPercent() {
        return fluid != null && fluid.key().equals(DRY)
                ? 0
                : rating().filter(r -> r <= SWELL.length).map(r -> SWELL[r - 1]).orElse(0.0);
    }

    Finding material() {
        String subject = "material in the fluid";
        if (material == null) {
            return Finding.missing(
                    "material",
                    subject,
                    "The material of the ring is not known.",
                    "Read its bag; colour tells nothing.");
        }
        if (fluid == null) {
            return Finding.missing("material", subject, "The fluid is not named.", "Name what it seals.");
        }
        Optional<Integer> rating = rating();
        if (rating.isEmpty()) {
            return Finding.missing(
                    "material", subject, material.code() + " has no rating in " + fluid.name() + ".", "Ask its maker.");
        }
        String in = material.code() + " in " + fluid.name();
        return switch (rating.get()) {
            case 1 -> Say.guide("material", Status.PASS, subject, in + " is suitable.", "");
            case Fluid.CONDITIONS ->
                Say.guide(
                        "material",
                        Status.CAUTION,
                        subject,
                        in + " under conditions" + (fluid.note().isEmpty() ? "." : ": " + fluid.note() + "."),
                        "Ask its maker.");
            case Fluid.DOUBTFUL ->
                Say.guide(
                        "material",
                        Status.CAUTION,
                        subject,
                        in + " is doubtful.",
                        "Only with its maker's written yes.");
            default -> Say.guide("material", Status.FAIL, subject, in + ": it does not stand it.", "Another material.");
        };
    }

    Finding swell(EndsRules ends) {
        String subject = "fill when warm and swollen";
        double fill = ends.hotFillPercent(swellPercent());
        if (rating().filter(r -> r == Fluid.UNSUITABLE).isPresent()) {
            return Say.guide(
                    "swell", Status.FAIL, subject, "What this fluid does to it no groove holds.", "Another material.");
        }
        boolean over = fill > HOT_FILL_MOST + 1e-9;
        boolean counted = material != null
                && fluid != null
                && (rating().isPresent() || fluid.key().equals(DRY));
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
                                                : "There is room for " + Length.show(swellPercent(), 0)
                                                        + " % of swelling and the heat.",
                        over ? "A wider groove, a thinner ring, or another material." : ""),
                fill,
                Limits.atMost(HOT_FILL_MOST));
    }

    Finding temperature() {
        String subject = "temperature of the ring";
        if (material == null) {
            return Finding.missing("temperature", subject, "The material is not known.", "Read its bag.");
        }
        List<String> why = new ArrayList<>();
        Status status = Status.PASS;
        FluidClass.Hottest inFluid = (fluid == null ? FluidClass.AIR : fluid.temperatureClass()).hottest(material);
        double hottest = Math.min(inFluid.hottestC(), material.maxC());
        if (in.hottestC() != null && in.hottestC() > hottest - NEAR_K + 1e-9) {
            boolean above = in.hottestC() > hottest + 1e-9;
            status = status.worse(above ? Status.FAIL : Status.CAUTION);
            why.add(material.code() + " stands " + degrees(hottest) + (fluid == null ? " in air" : "")
                    + (above ? "." : ": within 10 K of it."));
        }
        if (in.coldestC() != null && in.coldestC() < material.minC() + NEAR_K - 1e-9) {
            boolean below = in.coldestC() < material.minC() - 1e-9;
            status = status.worse(below ? Status.FAIL : Status.CAUTION);
            why.add(material.code() + " is stiff below " + degrees(material.minC())
                    + (below ? ": it does not follow, and leaks." : ": within 10 K of it."));
        }
        if (fluid == null) {
            status = status.worse(Status.CAUTION);
            why.add("Judged as in air: the fluid is not named.");
        } else if (inFluid.doubt() != null) {
            status = status.worse(Status.CAUTION);
            why.add("For " + fluid.name() + " " + inFluid.doubt() + ".");
        }
        if (in.hottestC() == null || in.coldestC() == null) {
            status = status.worse(Status.MISSING);
            why.add((in.hottestC() == null ? "The hottest" : "The coldest") + " is not known.");
        }
        return Say.guide(
                "temperature",
                status,
                subject,
                why.isEmpty() ? "It stays soft when cold and lasts when warm." : String.join(" ", why),
                status == Status.FAIL
                        ? "Another material."
                        : status == Status.MISSING ? "Say the coldest start and the hottest run." : "");
    }

    private static String degrees(double c) {
        return Length.show(c, 0) + " °C";
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
