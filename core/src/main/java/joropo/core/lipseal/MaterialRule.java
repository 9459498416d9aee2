package joropo.core.lipseal;

import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import joropo.core.lipseal.LipLimits.Row;
import joropo.core.lipseal.LipLimits.Speed;
import joropo.core.material.Contact;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.FluidClass;
import joropo.core.material.FluidClass.Hottest;
import joropo.core.units.Length;

/** Whether a lip of a material stands the fluids, the heat, the cold and the speed (guide). */
final class MaterialRule {
    /** Lip materials, the cheapest first (guide). */
    static final List<String> BY_PRICE = List.of("NBR", "HNBR", "ACM", "EPDM", "FKM", "VMQ", "PTFE", "FFKM");

    private static final String PTFE = "PTFE";
    /** A PTFE lip is too stiff below this (°C, guide). */
    private static final double PTFE_COLDEST_C = -60;
    /** This near its limit a material ages early (K, guide). */
    private static final double NEAR_K = 10;

    private static final Set<String> PRESSURE_MATERIALS = Set.of("NBR", "FKM");

    private static final double SLACK = 1e-9;

    private final LipSealInput in;
    private final OperatingPoint at;

    MaterialRule(LipSealInput in, OperatingPoint at) {
        this.in = in;
        this.at = at;
    }

    /** Where the material stands among the cheaper ones; those that are no lip material come last. */
    static int price(Elastomer material) {
        int place = BY_PRICE.indexOf(material.family());
        return place < 0 ? BY_PRICE.size() : place;
    }

    static boolean belongsTo(Elastomer material, Layout layout) {
        return PTFE.equals(material.family()) == (layout == Layout.PTFE);
    }

    /** The worst rating of a material on either side. */
    int rating(Elastomer material) {
        return Math.max(
                at.inside().rating(material).orElse(1),
                at.outside().rating(material).orElse(1));
    }

    Judgement judge(Elastomer material, Layout layout) {
        var out = new Judgement();
        if (price(material) == BY_PRICE.size()) {
            return out.strike("not a lip material");
        }
        if (layout == Layout.PRESSURE && !PRESSURE_MATERIALS.contains(material.family())) {
            return out.strike("the short stiff lip is made of NBR and FKM only");
        }
        if (in.isFood() && !material.isMadeForFood()) {
            return out.strike(material.code() + " is not made for food or drinking water");
        }
        wetted(material, layout, out);
        fluid(material, at.inside(), out);
        fluid(material, at.outside(), out);
        heat(material, layout, out);
        cold(material, out);
        speed(material, layout, out);
        play(material, layout, out);
        return out;
    }

    /** What reaches the lip: nothing but air, or too little. */
    private void wetted(Elastomer material, Layout layout, Judgement out) {
        boolean ptfe = PTFE.equals(material.family());
        if (at.runsDry(in.wetting())) {
            if (ptfe && in.makerDocument() != null && in.makerSpeaksOf(layout, material.code())) {
                out.say(PASS, "runs dry by its maker's document");
            } else if (ptfe) {
                out.say(MISSING, "runs dry: only with its maker's word");
            } else {
                out.strike("the lip runs dry: there is nothing that wets it");
            }
        } else if (in.wetting() == Wetting.POOR && !ptfe) {
            out.mind(material.code() + " hardly wetted wears early");
            if ("VMQ".equals(material.family())) {
                out.putLast();
            }
        }
    }

    private static void fluid(Elastomer material, Contact side, Judgement out) {
        if (side.unknown()) {
            out.say(
                    MISSING,
                    "the " + side.medium().words() + " is not named: it is not known whether " + material.code()
                            + " stands it");
        }
        if (side.isUnrated(material)) {
            out.say(MISSING, material.code() + " has no rating in " + side.words());
        }
        int rating = side.rating(material).orElse(1);
        if (rating == Fluid.UNSUITABLE) {
            out.strike(material.code() + " does not stand " + side.words());
        } else if (rating == Fluid.DOUBTFUL) {
            out.mind(material.code() + " is doubtful in " + side.words() + ": only with its maker's written yes")
                    .putLast();
        } else if (rating == Fluid.CONDITIONS) {
            out.mind(material.code() + " in " + side.words() + " under conditions"
                    + side.fluids().stream()
                            .map(Fluid::note)
                            .filter(n -> !n.isEmpty())
                            .findFirst()
                            .map(n -> ": " + n)
                            .orElse(""));
        }
    }

    private void heat(Elastomer material, Layout layout, Judgement out) {
        Double maker =
                in.makerLipLimitC() != null && in.makerSpeaksOf(layout, material.code()) ? in.makerLipLimitC() : null;
        double limit = maker != null ? maker : material.maxC();
        String where = maker != null ? " by its maker's word" : "";
        if (maker == null) {
            double lowest =
                    Double.POSITIVE_INFINITY; // where a fluid has a limit of its own it goes before the general one
            for (Contact side : List.of(at.inside(), at.outside())) {
                for (Fluid fluid : side.fluids()) {
                    FluidClass c = fluid.temperatureClass();
                    Hottest hottest = c.hottest(material);
                    if (hottest.hottestC() < lowest) {
                        lowest = hottest.hottestC();
                        limit = lowest;
                        where = " in " + c.words();
                    }
                    if (hottest.doubt() != null) {
                        out.mind(material.code() + " in " + fluid.name() + ": " + hottest.doubt());
                    }
                }
            }
        }
        String assumed = in.isSumpAssumed() ? "sump " + Length.show(in.sumpTemperatureC(), 0) + " °C assumed" : null;
        String says = material.code() + " to " + Length.show(limit, 0) + " °C" + where + ", lip "
                + Length.show(at.lipC(), 0) + " °C";
        if (at.lipC() > limit + SLACK) {
            out.strikeUnless(assumed, says);
        } else if (at.lipC() > limit - NEAR_K + SLACK) {
            out.mind(says + ": within 10 K of its limit" + (assumed == null ? "" : "; " + assumed));
        } else if (assumed != null) {
            out.mind(says + "; " + assumed);
        } else if (maker != null) {
            out.byMaker(says, in.makerDocument());
        } else {
            out.say(PASS, says);
        }
    }

    private void cold(Elastomer material, Judgement out) {
        double coldest = PTFE.equals(material.family()) ? Math.max(PTFE_COLDEST_C, material.minC()) : material.minC();
        if (in.coldestC() != null && in.coldestC() < coldest - SLACK) {
            out.strikeUnless(
                    in.isColdestAssumed() ? "coldest start assumed" : null,
                    material.code() + " is stiff below " + Length.show(coldest, 0) + " °C, coldest start "
                            + Length.show(in.coldestC(), 0) + " °C");
        }
    }

    private void speed(Elastomer material, Layout layout, Judgement out) {
        double v = at.speedMPerS();
        if (in.makerSpeedMPerS() != null && in.makerSpeaksOf(layout, material.code())) {
            if (v > in.makerSpeedMPerS() + SLACK) {
                out.strike("above the " + mPerS(in.makerSpeedMPerS()) + " of its maker's word");
            } else {
                out.byMaker("to " + mPerS(in.makerSpeedMPerS()) + " by its maker's word", in.makerDocument());
            }
            return;
        }
        Row row = in.wetting().isDry() ? Row.GREASE : layout.hasDustLip() ? Row.DUST_LIP_OIL : Row.SINGLE_LIP_OIL;
        Speed most = LipLimits.speed(material.family(), row);
        most.asOther()
                .ifPresent(other -> out.mind("no speed is listed for " + material.code() + "; judged as " + other));
        if (v > most.mPerS() + SLACK) {
            out.strike(material.code() + " to " + mPerS(most.mPerS()) + words(row) + ", here " + mPerS(v));
        } else if (layout.hasDustLip() && v > LipLimits.DUST_LIP_MOST_M_PER_S + SLACK) {
            if (in.makerDocument() == null) {
                out.strike("a dust lip runs nearly dry: above " + mPerS(LipLimits.DUST_LIP_MOST_M_PER_S)
                        + " only with its maker's word");
            } else {
                out.mind("a dust lip above " + mPerS(LipLimits.DUST_LIP_MOST_M_PER_S) + " by its maker's document");
            }
        }
    }

    /** Run-out and offset that this material does not follow speak against it, though the shaft is what wants work. */
    private void play(Elastomer material, Layout layout, Judgement out) {
        boolean maker = in.makerRunoutMm() != null && in.makerSpeaksOf(layout, material.code());
        above(
                        in.runoutTirMm(),
                        maker ? OptionalDouble.of(in.makerRunoutMm()) : LipLimits.runOutMm(material.family(), at.rpm()))
                .ifPresent(most -> out.mind("follows a run-out of " + Length.show(most, 2) + " mm only"));
        above(in.offsetMm(), LipLimits.offsetMm(material.family(), in.shaftNominalMm()))
                .ifPresent(most -> out.mind("bridges an offset of " + Length.show(most, 2) + " mm only"));
    }

    private static Optional<Double> above(Double measured, OptionalDouble most) {
        return measured != null && most.isPresent() && measured > most.getAsDouble() + SLACK
                ? Optional.of(most.getAsDouble())
                : Optional.empty();
    }

    private static String words(Row row) {
        return switch (row) {
            case GREASE -> " in grease or hardly wetted";
            case DUST_LIP_OIL -> " with a dust lip";
            case SINGLE_LIP_OIL -> " in oil";
        };
    }

    private static String mPerS(double v) {
        return Length.show(v, 1) + " m/s";
    }
}
