package joropo.core.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import joropo.core.assembly.BoltStrength;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** What a gland presses its packing with, and what that asks of bolts and stem (guide). */
public final class GlandLoadCheck {
    /** Of a pump: at least so many pressures, and above these the leak alone sets it. */
    private static final double PUMP_LEAST = 1.5;

    private static final double PUMP_MOST = 3;
    private static final double PUMP_MOST_MPA = 3;
    /** Of a stem, in pressures. */
    private static final double STEM_FROM = 1.5;

    private static final double STEM_TO = 2;
    /** Share of the proof stress that a gland bolt may bear. */
    private static final double BOLT_SHARE = 0.6;

    private static final double SLACK = 1e-9;

    private final GlandLoadInput in;
    private final PackingStyle style;
    private final List<GlandLoadInput.Friction> frictions;

    private GlandLoadCheck(GlandLoadInput in) {
        this.in = in;
        style = PackingStyle.need(in.packing(), "packing");
        frictions = in.friction() == null ? List.of(GlandLoadInput.Friction.values()) : List.of(in.friction());
    }

    public static GlandLoadResult check(GlandLoadInput in) {
        return new GlandLoadCheck(in).result();
    }

    private GlandLoadResult result() {
        List<Finding> findings = new ArrayList<>(List.of(worse(this::stress), worse(this::bolt), friction()));
        double force = force(frictions.get(0));
        double stress = stressMpa(force);
        double rub = style.friction() * PackingCheck.SIDEWAYS * stress * Math.PI * in.shaftMm() * in.packedLengthMm();
        if (in.stem() != null) {
            findings.add(stem(rub));
        }
        return new GlandLoadResult(
                Length.snap(force),
                Length.snap(stress),
                in.stem() == GlandLoadInput.Stem.TURNING
                        ? Double.valueOf(Length.snap(rub * in.shaftMm() / 2 / 1000))
                        : null,
                in.stem() == GlandLoadInput.Stem.RISING ? Double.valueOf(Length.snap(rub)) : null,
                findings);
    }

    /** Of each bolt (N). */
    private double force(GlandLoadInput.Friction friction) {
        return in.torqueNm() * 1000 / (friction.nutFactor() * in.boltDiameterMm());
    }

    private double stressMpa(double force) {
        return in.bolts() * force / in.areaMm2();
    }

    /** By the worse of the frictions that may be. */
    private Finding worse(DoubleFunction<Finding> rule) {
        return frictions.stream()
                .map(f -> rule.apply(force(f)))
                .max(Comparator.comparing(f -> -f.status().ordinal()))
                .orElseThrow();
    }

    private Finding stress(double force) {
        double stress = stressMpa(force);
        Finding said = style.isChevron() ? chevron(stress) : in.stem() != null ? onStem(stress) : onPump(stress);
        return said.withValue(Math.rint(stress * 1000) / 1000, "MPa");
    }

    private static Finding said(Status status, String message, String remedy) {
        return Say.guide("stress", status, "pressure of the gland on the packing", message, remedy);
    }

    private Finding chevron(double stress) {
        Limits band = new Limits(style.stressFromMpa(), style.stressToMpa());
        boolean right = band.margin(stress) >= -SLACK;
        return said(
                        right ? Status.PASS : Status.FAIL,
                        right
                                ? "Enough to hold the set; the pressure spreads it."
                                : stress < style.stressFromMpa()
                                        ? "The set lies loose."
                                        : "It crushes the lips, which the pressure should spread.",
                        right ? "" : "Set it by its take-up.")
                .withLimits(band, 0);
    }

    private static Finding noPressure() {
        return Finding.missing(
                "stress", "pressure of the gland on the packing", "The pressure in the box is not known.", "Say it.");
    }

    private Finding onStem(double stress) {
        if (style.stressFromMpa() == null || style.stressToMpa() == null) {
            return Finding.missing(
                    "stress",
                    "pressure of the gland on the packing",
                    "For " + style.name() + " on a stem no figure is listed.",
                    "Ask its maker.");
        }
        double p = in.pressureMpa() == null ? 0 : in.pressureMpa();
        Limits band =
                new Limits(Math.max(style.stressFromMpa(), STEM_FROM * p), Math.max(style.stressToMpa(), STEM_TO * p));
        boolean loose = stress < band.lower() - SLACK;
        boolean tight = stress > band.upper() + SLACK;
        if (in.pressureMpa() == null && !loose) {
            return noPressure();
        }
        return said(
                        loose || tight ? Status.FAIL : Status.PASS,
                        loose
                                ? "Too little: it blows out along the stem."
                                : tight ? "So much that the stem hardly moves." : "It seals, and the stem moves.",
                        loose ? "More torque, in steps, stroked between." : tight ? "Less torque, stroked again." : "")
                .withLimits(band, 0);
    }

    private Finding onPump(double stress) {
        if (in.pressureMpa() == null) {
            return noPressure();
        }
        double p = Math.max(0, in.pressureMpa());
        double most = Math.max(PUMP_MOST_MPA, PUMP_MOST * p);
        boolean loose = stress < PUMP_LEAST * p - SLACK;
        boolean tight = stress > most + SLACK;
        return said(
                        loose ? Status.FAIL : tight ? Status.CAUTION : Status.PASS,
                        loose
                                ? "Less than one and a half times the pressure: it blows through."
                                : tight
                                        ? "So much burns packing: the leak sets it, not the torque."
                                        : "Enough to seal.",
                        loose ? "More, flat by flat, by the leak." : tight ? "Let it off, and go by the leak." : "")
                .withLimits(new Limits(PUMP_LEAST * p, most), 0);
    }

    /** Of a chevron set the pressure loads the bolts too. */
    private Finding bolt(double force) {
        String subject = "stress of the gland bolts";
        double load = force;
        if (style.isChevron()) {
            if (in.pressureMpa() == null) {
                return Finding.missing("bolt", subject, "The pressure that spreads the set is not known.", "Say it.");
            }
            load = Math.max(force, Math.max(0, in.pressureMpa()) * in.areaMm2() / in.bolts());
        }
        OptionalDouble area = BoltStrength.areaMm2(in.boltDiameterMm());
        if (in.boltClass() == null || area.isEmpty()) {
            return Finding.missing(
                    "bolt",
                    subject,
                    area.isEmpty() ? "No such coarse thread is listed." : "The class of the bolts is not known.",
                    area.isEmpty() ? "Ask its maker." : "Read it on the head.");
        }
        OptionalDouble proof = BoltStrength.proofMpa(in.boltClass(), in.boltDiameterMm());
        if (proof.isEmpty()) {
            return Finding.missing("bolt", subject, "The class is not listed for this size.", "Ask its maker.");
        }
        double stress = load / area.getAsDouble();
        double most = BOLT_SHARE * proof.getAsDouble();
        boolean over = stress > most + SLACK;
        return Say.guide(
                        "bolt",
                        over ? Status.FAIL : Status.PASS,
                        subject,
                        over ? "More than 60 % of its proof stress." : "Well below its proof stress.",
                        over ? "Less torque, or stronger bolts." : "")
                .withValue(Math.rint(stress * 10) / 10, "MPa")
                .withLimits(Limits.atMost(most), 0);
    }

    private Finding friction() {
        return Say.guide(
                "friction",
                in.friction() == null ? Status.CAUTION : Status.PASS,
                "friction of the threads",
                in.friction() == null
                        ? "Not known: judged both dry and lubricated, by the worse."
                        : "Threads " + in.friction().words() + ".",
                in.friction() == null ? "Say whether they are lubricated." : "");
    }

    private Finding stem(double rub) {
        boolean turning = in.stem() == GlandLoadInput.Stem.TURNING;
        double value = turning ? rub * in.shaftMm() / 2 / 1000 : rub;
        return Finding.computed(
                "stem",
                turning ? "torque that the packing takes" : "force that the packing takes",
                Math.rint(value * 10) / 10,
                turning ? "N·m" : "N",
                "Compare it with what moved the stem before.");
    }
}
