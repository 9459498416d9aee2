package joropo.core.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.core.material.Fluid;
import joropo.core.material.Materials;
import joropo.core.material.Medium;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether the style of packing stands speed, pressure, heat and what it seals (guide). */
final class StyleRules {
    /** So near its figure it wants care. */
    private static final double NEAR = 0.9;

    private static final double NEUTRAL_PH_ENDS = 0.1;
    private static final double STRONGEST_PH = 14;
    private static final Set<String> OXIDISERS = Set.of("NITRIC_10", "HYPOCHLORITE", "OXYGEN", "SULPHURIC_10");
    private static final Set<String> WATERY = Set.of("WATER_COLD", "WATER_HOT", "SEA_WATER", "SYRUP_JUICE");
    /** Media of which no drop may come out. */
    private static final Set<Medium> MUST_NOT_LEAK = Set.of(Medium.FUEL, Medium.REFRIGERANT);

    private static final double SLACK = 1e-9;

    private final PackingInput in;
    private final @Nullable PackingStyle style;

    StyleRules(PackingInput in) {
        this.in = in;
        style = in.packing();
    }

    List<Finding> findings() {
        return List.of(speed(), pressure(), temperature(), medium());
    }

    private static Finding unnamed(String id, String subject) {
        return Finding.missing(id, subject, "The style of the packing is not named.", "Read its box.");
    }

    private static Finding against(String id, String subject, double value, String unit, double most, String what) {
        Status status = value > most + SLACK ? Status.FAIL : value > NEAR * most + SLACK ? Status.CAUTION : Status.PASS;
        return Say.guide(
                        id,
                        status,
                        subject,
                        switch (status) {
                            case FAIL -> "More than " + what + " stands.";
                            case CAUTION -> "Within a tenth of what " + what + " stands.";
                            default -> "Enough: " + what + ".";
                        },
                        status == Status.FAIL ? "Another style." : "")
                .withValue(Math.rint(value * 1000) / 1000, unit)
                .withLimits(Limits.atMost(most), 0);
    }

    private Finding speed() {
        String subject = "speed on the packing";
        Double v = in.surfaceMPerS();
        if (v == null) {
            return Finding.missing("speed", subject, "The speed is not known.", "Say it; 0 for a valve.");
        }
        return style == null
                ? unnamed("speed", subject)
                : against("speed", subject, v, "m/s", style.mostMPerS(), style.name());
    }

    private Finding pressure() {
        String subject = "pressure on the packing";
        if (in.pressureMpa() == null) {
            return Finding.missing("pressure", subject, "The pressure is not known.", "Say that in the box.");
        }
        if (style == null) {
            return unnamed("pressure", subject);
        }
        Boolean stem = in.isStem();
        boolean pulled = in.speedMPerS() != null && in.speedMPerS() > 0 && style.isChevron();
        if (stem == null) {
            double most = Math.max(or0(style.turningMpa()), or0(style.valveMpa()));
            return in.pressureMpa() > most + SLACK
                    ? against("pressure", subject, in.pressureMpa(), "MPa", most, style.name())
                    : Finding.missing("pressure", subject, "Whether the shaft turns is not known.", "Say its speed.");
        }
        Double most = stem || pulled ? style.valveMpa() : style.turningMpa();
        return most == null
                ? Finding.missing(
                        "pressure",
                        subject,
                        "For " + style.name() + (stem ? " on a stem" : " on a turning shaft") + " no figure is listed.",
                        "Ask its maker, or take another style.")
                : against("pressure", subject, in.pressureMpa(), "MPa", most, style.name());
    }

    private static double or0(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    private Finding temperature() {
        String subject = "temperature in the box";
        if (in.temperatureC() == null) {
            return Finding.missing("temperature", subject, "The temperature is not known.", "Say that in the box.");
        }
        return style == null
                ? unnamed("temperature", subject)
                : against("temperature", subject, in.temperatureC(), "°C", style.mostC(), style.name());
    }

    private Finding medium() {
        String subject = "medium on the packing";
        if (style == null) {
            return unnamed("medium", subject);
        }
        if (in.fluid() == null && in.medium() == null) {
            return Finding.missing("medium", subject, "What it seals is not named.", "Name it.");
        }
        List<String> why = new ArrayList<>();
        Status status = Status.PASS;
        for (Said said : List.of(byFluid(), byPh(), byLeak())) {
            status = status.worse(said.status);
            if (!said.words.isEmpty()) {
                why.add(said.words);
            }
        }
        return Say.guide(
                "medium",
                status,
                subject,
                status == Status.PASS ? String.join(" ", joined("It is made for it.", why)) : String.join(" ", why),
                status == Status.FAIL ? "Another style." : status == Status.MISSING ? "Ask its maker." : "");
    }

    private static List<String> joined(String first, List<String> more) {
        List<String> out = new ArrayList<>(List.of(first));
        out.addAll(more);
        return out;
    }

    private record Said(Status status, String words) {
        static final Said NOTHING = new Said(Status.PASS, "");
    }

    private Said byFluid() {
        Fluid fluid = in.sealed();
        boolean carbon = style.key().contains("GRAPHITE") || style.key().equals("CARBON_FIBRE");
        if (fluid == null) {
            return new Said(Status.CAUTION, "The fluid itself is not named.");
        }
        if (carbon && OXIDISERS.contains(fluid.key())) {
            return new Said(Status.FAIL, "A strong oxidiser burns carbon.");
        }
        if (style.key().equals("FLAX_GREASED")) {
            return WATERY.contains(fluid.key())
                    ? Said.NOTHING
                    : new Said(Status.FAIL, "Flax and cotton are for water only.");
        }
        if (style.key().equals("CHEVRON_RUBBER")) {
            return new Said(Status.MISSING, "Its rubber is not known: the table of fluids judges that.");
        }
        return style.material()
                .flatMap(m -> fluid.rating(Materials.LISTED.material(m, "style")))
                .filter(r -> r > 1)
                .map(r -> new Said(
                        r == Fluid.UNSUITABLE ? Status.FAIL : Status.CAUTION,
                        style.name() + " in " + fluid.name()
                                + (r == Fluid.UNSUITABLE ? ": it does not stand it." : " under conditions.")))
                .orElse(
                        style.material().isPresent() || !fluid.key().isEmpty() && isInert()
                                ? Said.NOTHING
                                : fibre(fluid));
    }

    /** Graphite and carbon stand everything but oxidisers. */
    private boolean isInert() {
        return style.key().contains("GRAPHITE") || style.key().equals("CARBON_FIBRE");
    }

    private Said fibre(Fluid fluid) {
        return new Said(Status.CAUTION, "Whether its fibre stands " + fluid.name() + ", its maker says.");
    }

    private Said byPh() {
        Double ph = in.ph();
        if (style.phFrom() == null || style.phTo() == null) {
            return Said.NOTHING;
        }
        if (ph == null) {
            return style.phFrom() <= 0 && style.phTo() >= STRONGEST_PH
                    ? Said.NOTHING
                    : new Said(Status.MISSING, "Its pH is not known.");
        }
        if (ph < style.phFrom() - SLACK || ph > style.phTo() + SLACK) {
            return new Said(
                    Status.FAIL,
                    "It stands pH " + Length.show(style.phFrom(), 0) + " to " + Length.show(style.phTo(), 0)
                            + " only.");
        }
        double near = NEUTRAL_PH_ENDS * (style.phTo() - style.phFrom());
        boolean low = style.phFrom() > 0 && ph < style.phFrom() + near - SLACK;
        boolean high = style.phTo() < STRONGEST_PH && ph > style.phTo() - near + SLACK;
        return low || high ? new Said(Status.CAUTION, "Its pH is near what it stands.") : Said.NOTHING;
    }

    /** What must not leak wants a flush in a lantern ring. */
    private Said byLeak() {
        if (in.medium() == null) {
            return new Said(Status.PASS, "It is assumed that some of it may leak.");
        }
        return !MUST_NOT_LEAK.contains(in.medium())
                ? Said.NOTHING
                : Optional.ofNullable(in.lanternWidthMm())
                        .map(w -> new Said(Status.CAUTION, "It must not leak: only with the flush on, by local rules."))
                        .orElse(new Said(
                                Status.FAIL,
                                "It must not leak, and packing leaks: a flush in a lantern ring, or a seal."));
    }
}
