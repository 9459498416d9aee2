package joropo.core.mechseal;

import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Balance, closing pressure and heat of a pair of faces (computed; guide for what is allowed). */
public final class SealFacesCheck {
    private static final double K_USUAL = 0.5;
    private static final double K_LIGHT = 0.8;
    private static final double FRICTION = 0.07;
    private static final double UNBALANCED = 1;
    private static final double UNBALANCED_MPA = 1.0;
    private static final double SLACK = 1e-9;

    private final SealFacesInput in;
    private final double areaMm2;
    private final double balance;

    private SealFacesCheck(SealFacesInput in) {
        this.in = in;
        double outer2 = in.outerMm() * in.outerMm();
        double inner2 = in.innerMm() * in.innerMm();
        double own2 = in.balanceMm() * in.balanceMm();
        areaMm2 = Math.PI / 4 * (outer2 - inner2);
        balance = (in.pressureOn() == SealFacesInput.PressureOn.OUTSIDE ? outer2 - own2 : own2 - inner2)
                / (outer2 - inner2);
    }

    public static SealFacesResult check(SealFacesInput in) {
        return new SealFacesCheck(in).result();
    }

    private double closing(double k) {
        return Length.snap(in.pressureMpa() * (balance - k) + in.springForceN() / areaMm2);
    }

    private double margin() {
        return closing(in.k() == null ? K_LIGHT : in.k());
    }

    private SealFacesResult result() {
        double pressed = closing(K_USUAL);
        double speed = Math.PI * (in.outerMm() + in.innerMm()) / 2 * in.speedRpm() / 60_000;
        double pv = Math.max(0, pressed) * speed;
        double heat = (in.friction() == null ? FRICTION : in.friction()) * pv * areaMm2;
        return new SealFacesResult(
                balance, pressed, margin(), speed, pv, heat, List.of(opening(), balance(), heat(heat)));
    }

    private Finding opening() {
        String subject = "what closes the faces";
        if (in.k() == null && margin() < -SLACK && closing(K_USUAL) >= -SLACK) {
            return Finding.missing(
                            "opening",
                            subject,
                            "A light or flashing liquid opens them, another one does not: which it is, is not known.",
                            "Give k: 0.8 for light or flashing liquids, else 0.5.")
                    .withValue(margin(), "MPa");
        }
        boolean opens = margin() < -SLACK;
        return Say.guide(
                        "opening",
                        opens ? Status.FAIL : Status.PASS,
                        subject,
                        (opens ? "The pressure between the faces opens them." : "Spring and pressure keep them closed.")
                                + (in.k() == null ? " Half of it to eight tenths is assumed to open them." : ""),
                        opens ? "More spring, or a seal of another balance." : "")
                .withValue(margin(), "MPa")
                .withLimits(Limits.atLeast(0), 0);
    }

    private Finding balance() {
        boolean much = balance >= UNBALANCED - SLACK && in.pressureMpa() > UNBALANCED_MPA + SLACK;
        return Say.guide(
                        "balance",
                        much ? Status.CAUTION : Status.PASS,
                        "balance ratio",
                        much
                                ? "Unbalanced above 1 MPa: the whole pressure lies on the film."
                                : "Its balance suits the pressure.",
                        much ? "A balanced seal, or the maker's yes." : "")
                .withValue(Math.rint(balance * 1000) / 1000, "");
    }

    private Finding heat(double watts) {
        return Finding.computed(
                "heat",
                "heat of the faces",
                Math.rint(watts * 10) / 10,
                "W",
                in.friction() == null ? "Friction 0.07 is assumed." : "With the friction that was given.");
    }
}
