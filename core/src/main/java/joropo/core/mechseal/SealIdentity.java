package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.FluidClass;
import joropo.core.material.Materials;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Which seal it is: code or drawing, face pair, elastomers and springs against what it has to stand (guide).
 *
 * @param sameAsDrawing whether its code was read and is that of the drawing; absent: not looked
 * @param seat, @param rotor the two faces, @param elastomer code, @param springs metal; each absent: not known
 * @param fluid key, @param temperatureC at the faces, @param pressureMpa, @param makerPressureMpa what its maker allows
 * @param dual whether a second pair stands behind a barrier, @param barrierMpa its pressure, @param barrierFluid key
 * @param barrierAbove whether by design it is above the chamber's
 */
@RecordBuilder
public record SealIdentity(
        @Nullable Boolean sameAsDrawing,
        @Nullable Face seat,
        @Nullable Face rotor,
        @Nullable String elastomer,
        @Nullable Springs springs,
        @Nullable String fluid,
        @Nullable Double temperatureC,
        @Nullable Double pressureMpa,
        @Nullable Double makerPressureMpa,
        boolean dual,
        @Nullable Double barrierMpa,
        @Nullable String barrierFluid,
        @Nullable Boolean barrierAbove) {
    private static final double NEAR_K = 10;
    private static final double SLACK = 1e-9;
    private static final Set<String> OXIDISERS = Set.of("NITRIC_10", "HYPOCHLORITE", "OXYGEN");
    private static final Set<String> CHLORIDES = Set.of("SEA_WATER", "HYPOCHLORITE");

    /** What a face is made of. */
    public enum Face {
        CARBON("carbon", false),
        SILICON_CARBIDE("silicon carbide", true),
        TUNGSTEN_CARBIDE("tungsten carbide", true),
        CERAMIC("ceramic", true),
        FILLED_PTFE("filled PTFE", false);

        private final String words;
        private final boolean hard;

        Face(String words, boolean hard) {
            this.words = words;
            this.hard = hard;
        }

        public String words() {
            return words;
        }
    }

    /** What springs and drive are made of. */
    public enum Springs {
        STAINLESS("stainless steel"),
        NICKEL_ALLOY("nickel alloy"),
        OUTSIDE("none in the product");

        private final String words;

        Springs(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Each rule once. */
    public List<Finding> findings() {
        List<Finding> out = new ArrayList<>(List.of(identity(), pair(), elastomerStands(), springsStand(), pressure()));
        if (dual) {
            out.add(barrier());
        }
        return out;
    }

    private Finding identity() {
        String subject = "which seal it is";
        if (sameAsDrawing == null) {
            return Finding.missing(
                    "identity", subject, "Its code was not held against the drawing.", "Read code, box and drawing.");
        }
        return Say.guide(
                "identity",
                sameAsDrawing ? Status.PASS : Status.FAIL,
                subject,
                sameAsDrawing ? "Code and drawing agree." : "It is another seal than the drawing's.",
                sameAsDrawing ? "" : "The right one, or the drawing changed by who answers for it.");
    }

    private Finding pair() {
        String subject = "pair of faces";
        if (seat == null || rotor == null || fluid == null) {
            return Finding.missing(
                    "pair",
                    subject,
                    (seat == null || rotor == null ? "What the faces are made of" : "What they run in")
                            + " is not known.",
                    "Take both faces and the fluid from the drawing.");
        }
        boolean alike = !seat.hard && !rotor.hard;
        boolean burns = (seat == Face.CARBON || rotor == Face.CARBON) && OXIDISERS.contains(fluid);
        boolean hard = seat.hard && rotor.hard;
        return Say.guide(
                "pair",
                alike ? Status.FAIL : burns ? Status.CAUTION : Status.PASS,
                subject,
                alike
                        ? "Two soft faces wear each other away."
                        : burns
                                ? "A strong oxidiser eats carbon."
                                : hard
                                        ? "Two hard faces: they stand dirt, and not one dry minute."
                                        : "A soft face on a hard one, as usual.",
                alike ? "One of them hard." : burns ? "Two hard faces, or the maker's written yes." : "");
    }

    private Finding elastomerStands() {
        String subject = "elastomers of the seal";
        if (elastomer == null || fluid == null || temperatureC == null) {
            return Finding.missing(
                    "elastomer",
                    subject,
                    (elastomer == null ? "Their material" : fluid == null ? "The fluid" : "The temperature")
                            + " is not known.",
                    "Take it from the drawing and the duty.");
        }
        Elastomer material = Materials.LISTED.material(elastomer, "elastomer");
        Fluid in = Materials.LISTED.fluid(fluid, "fluid");
        FluidClass.Hottest hottest = in.temperatureClass().hottest(material);
        int rating = in.rating(material).orElse(0);
        boolean hot = temperatureC > hottest.hottestC() + SLACK;
        boolean cold = temperatureC < material.minC() - SLACK;
        Status status = rating >= Fluid.UNSUITABLE || hot || cold
                ? Status.FAIL
                : rating == 0
                        ? Status.MISSING
                        : rating >= Fluid.CONDITIONS
                                        || hottest.doubt() != null
                                        || temperatureC > hottest.hottestC() - NEAR_K + SLACK
                                ? Status.CAUTION
                                : Status.PASS;
        return Say.guide(
                        "elastomer",
                        status,
                        subject,
                        switch (status) {
                            case FAIL ->
                                hot || cold
                                        ? material.code() + " does not stand " + Length.show(temperatureC, 0)
                                                + " °C here."
                                        : material.code() + " does not stand " + in.name() + ".";
                            case MISSING -> "Nothing is known of " + material.code() + " in " + in.name() + ".";
                            case CAUTION ->
                                material.code() + " in " + in.name() + ": under conditions, or near its limit.";
                            default -> material.code() + " stands " + in.name() + " at this temperature.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case FAIL -> "Other elastomers.";
                            default -> "Ask the maker.";
                        })
                .withValue(temperatureC, "°C")
                .withLimits(new Limits(material.minC(), hottest.hottestC()), 0);
    }

    private Finding springsStand() {
        String subject = "springs and drive";
        if (springs == null || fluid == null) {
            return Finding.missing(
                    "springs",
                    subject,
                    (springs == null ? "Their metal" : "The fluid") + " is not known.",
                    "Take it from the drawing.");
        }
        boolean cracks = springs == Springs.STAINLESS && CHLORIDES.contains(fluid);
        return Say.guide(
                "springs",
                cracks ? Status.CAUTION : Status.PASS,
                subject,
                cracks ? "Chlorides crack stainless springs." : "They stand the fluid.",
                cracks ? "Springs of nickel alloy, or outside the product." : "");
    }

    private Finding pressure() {
        String subject = "pressure at the seal";
        if (pressureMpa == null || makerPressureMpa == null) {
            return Finding.missing(
                    "pressure",
                    subject,
                    (pressureMpa == null ? "It" : "What the maker allows") + " is not known.",
                    "Take it from the duty and the maker's sheet.");
        }
        boolean over = pressureMpa > makerPressureMpa + SLACK;
        return Finding.of(
                        "pressure",
                        over ? Status.FAIL : Status.PASS,
                        subject,
                        over ? "More than its maker allows." : "Its maker allows it.",
                        over ? "A seal for that pressure." : "",
                        Source.MAKER,
                        "as typed")
                .withValue(pressureMpa, "MPa")
                .withLimits(Limits.atMost(makerPressureMpa), 0);
    }

    private Finding barrier() {
        String subject = "barrier of the second pair";
        if (barrierMpa == null || barrierFluid == null || barrierAbove == null || pressureMpa == null) {
            return Finding.missing(
                    "barrier",
                    subject,
                    "Its fluid, its pressure, and whether it stands above the chamber by design, are wanted.",
                    "Take them from the drawing.");
        }
        boolean right = barrierAbove ? barrierMpa > pressureMpa + SLACK : barrierMpa < pressureMpa - SLACK;
        Integer rating = elastomer == null
                ? null
                : Materials.LISTED
                        .fluid(barrierFluid, "barrierFluid")
                        .rating(Materials.LISTED.material(elastomer, "elastomer"))
                        .orElse(null);
        boolean eaten = rating != null && rating >= Fluid.UNSUITABLE;
        return Say.guide(
                        "barrier",
                        !right || eaten ? Status.FAIL : rating == null ? Status.MISSING : Status.PASS,
                        subject,
                        !right
                                ? "The barrier stands on the wrong side of the chamber's "
                                        + "pressure: the wrong pair opens."
                                : eaten
                                        ? "The elastomers do not stand the barrier's fluid."
                                        : rating == null
                                                ? "Whether the elastomers stand the barrier's fluid is not known."
                                                : "Barrier as designed.",
                        !right ? "Set the barrier first, before the chamber is filled." : "")
                .withValue(barrierMpa, "MPa");
    }
}
