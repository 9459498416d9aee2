package joropo.core.lipseal;

import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.OptionalDouble;
import joropo.core.material.Dirt;
import joropo.core.units.Length;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether an arrangement of lips suits what lies on both sides and the pressure between them (guide). */
final class LayoutRule {
    /** Beyond the table of pressures a trace is borne, with caution (MPa, guide). */
    static final double TRACE_MPA = 0.01;
    /** What a lip bears on its back (MPa, guide), with caution. */
    static final double BACK_MPA = 0.02;

    private static final double SLACK = 1e-9;
    /** Hardness of the track under a PTFE lip (HRC, guide). */
    private static final double PTFE_HRC = 55;

    private final LipSealInput in;
    private final OperatingPoint at;
    private final boolean worn;

    /** @param worn whether the shaft reads below its limits */
    LayoutRule(LipSealInput in, OperatingPoint at, boolean worn) {
        this.in = in;
        this.at = at;
        this.worn = worn;
    }

    Judgement judge(Layout layout) {
        var out = new Judgement();
        place(layout, out);
        dirt(layout, out);
        return pressure(layout, out);
    }

    private void place(Layout layout, Judgement out) {
        if (layout.isPair()) {
            if (layout == Layout.TANDEM) {
                out.mind(
                        at.twoMedia()
                                ? "both lips face one way: only one medium is kept"
                                : "a second stop for what is inside: one school of two");
            } else if (!at.twoMedia() && in.dirt() != Dirt.MUD && in.dirt() != Dirt.IMMERSED) {
                out.strike("nothing outside asks for a second lip");
            }
            room(out);
        } else if (at.twoNamed() && (layout == Layout.PLAIN || layout == Layout.DUST_LIP)) {
            out.strike("one lip does not keep " + at.inside().words() + " and "
                    + at.outside().words() + " apart");
        } else if (at.twoLiquids()) {
            out.strike("one lip does not keep " + at.inside().medium().words() + " and "
                    + at.outside().medium().words() + " apart");
        } else if (at.twoMedia()) {
            out.mind("one lip between " + at.inside().medium().words() + " and "
                    + at.outside().medium().words());
        }
        if (!layout.isPair() && at.perhapsTwoMedia()) {
            out.say(
                    MISSING,
                    "there is " + at.inside().medium().words()
                            + " on both sides and only one is named: whether they are the same is not known");
        }
        switch (layout) {
            case CASSETTE -> {
                if (!worn && in.dirt() == Dirt.CLEAN) {
                    out.strike("neither a worn shaft nor dirt asks for its own sleeve");
                }
                out.say(PASS, "brings its own running sleeve");
            }
            case PTFE -> ptfe(out);
            default -> {}
        }
    }

    /** Two seals and the grease between them have to go in. */
    private void room(Judgement out) {
        double wanted = Length.snap(2 * in.widthMm() + PairRoom.GREASE_MM + LipSealSeatLimits.DEPTH_ROOM_MM);
        if (in.boreDepthMm() == null) {
            out.say(MISSING, "two seals want " + Length.show(wanted, 1) + " mm of depth, which is not known");
        } else if (in.boreDepthMm() < wanted - SLACK) {
            out.strike("two seals want " + Length.show(wanted, 1) + " mm of depth: "
                    + Length.show(wanted - in.boreDepthMm(), 1) + " mm are missing");
        } else {
            out.say(PASS, "there is depth for two seals");
        }
    }

    private void ptfe(Judgement out) {
        Double ra = in.raUm();
        Double hrc = in.hardnessHrc();
        if (ra != null
                && LipSealSeatLimits.shaft(in.shaftNominalMm())
                                .finish()
                                .roughness()
                                .ptfe()
                                .judge(ra, 0)
                        != PASS) {
            out.strike("a PTFE lip wants a track of Ra 0.1 to 0.4 µm, here " + Length.show(ra, 2));
        }
        if (hrc != null && hrc < PTFE_HRC - SLACK) {
            out.strike("a PTFE lip wants HRC 55, here " + Length.show(hrc, 0));
        }
        if (ra == null || hrc == null) {
            out.say(MISSING, "a PTFE lip wants Ra 0.1 to 0.4 µm and HRC 55: the track is not known");
        }
        out.say(PASS, "goes on over a cone");
    }

    private void dirt(Layout layout, Judgement out) {
        switch (in.dirt()) {
            case IMMERSED -> {
                if (layout != Layout.BACK_TO_BACK) {
                    out.strike("the entry stands under water: only a lip that faces outside keeps it out");
                }
            }
            case MUD -> {
                if (layout == Layout.PLAIN) {
                    out.strike("mud outside and nothing keeps it from the lip");
                } else if (layout == Layout.DUST_LIP) {
                    out.mind("a dust lip keeps out dust and splashes only");
                } else if (layout != Layout.BACK_TO_BACK && layout != Layout.CASSETTE) {
                    out.mind("mud outside: wants an excluder before it");
                }
            }
            case DUST -> {
                if (!layout.hasDustLip() && layout != Layout.BACK_TO_BACK) {
                    out.mind("dust outside and nothing keeps it from the lip");
                }
            }
            case CLEAN -> {}
        }
    }

    private Judgement pressure(Layout layout, Judgement out) {
        if (at.vacuumIsMissing()) {
            return out.say(MISSING, "how deep the vacuum is, is not known");
        }
        if (at.openIsMissing()) {
            return out.say(MISSING, "which way the seal will stand is not known, and pressure goes by it");
        }
        double p = layout == Layout.BACK_TO_BACK ? Math.abs(at.pressureMpa()) : at.pressureMpa();
        if (p < -SLACK) {
            return -p > BACK_MPA + SLACK
                    ? out.strike("pressure on its back, " + mpa(-p) + ", lifts the lip")
                    : out.mind("pressure on its back, " + mpa(-p));
        }
        if (p <= SLACK) {
            return out;
        }
        Double maker = in.makerPressureMpa() != null && (in.layout() == null || in.layout() == layout)
                ? in.makerPressureMpa()
                : null;
        if (maker != null) {
            return p <= maker + SLACK
                    ? out.byMaker("stands " + mpa(maker) + " by its maker's word", in.makerDocument())
                    : out.strike("above the " + mpa(maker) + " of its maker's word");
        }
        return layout == Layout.PRESSURE ? supported(p, out) : standard(p, out);
    }

    private Judgement supported(double p, Judgement out) {
        double most = LipLimits.supportedPressureMpa(at.speedMPerS());
        return p <= most + SLACK
                ? out.say(PASS, "stands " + mpa(most) + " at this speed")
                : out.strike("stands only " + mpa(most) + " at this speed, here " + mpa(p));
    }

    private Judgement standard(double p, Judgement out) {
        return switch (standardProfile(at, p)) {
            case PASS -> out.say(PASS, "pressure lies in the table of the standard profile");
            case CAUTION -> out.mind(mpa(p) + " at a speed where the standard profile stands none: free the breather");
            default ->
                out.strike("the standard profile stands "
                        + mpa(at.standardPressureMpa().orElse(0)) + " at this speed, here " + mpa(p));
        };
    }

    /** A pressure at the open side against the table of the standard profile (DIN 3760 class). */
    static Status standardProfile(OperatingPoint at, double pressureMpa) {
        OptionalDouble most = at.standardPressureMpa();
        if (pressureMpa <= most.orElse(0) + SLACK) {
            return PASS;
        }
        return most.isEmpty() && pressureMpa <= TRACE_MPA + SLACK ? Status.CAUTION : Status.FAIL;
    }

    private static String mpa(@Nullable Double p) {
        return Length.show(p, 3) + " MPa";
    }
}
