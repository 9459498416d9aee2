package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import joropo.core.readings.HarmonicFit;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Run-out of a shaft: off its centre or out of round, and whether that will do (guide, or the maker's limit). */
public final class RunoutCheck {
    private static final double NOTHING_MM = 1e-6;
    private static final int FOR_SECOND = 5;
    private static final double HALF = 0.5;

    private final RunoutInput in;
    private final Places places;
    private final HarmonicFit fit;
    private final Places.Swing swing;

    private RunoutCheck(RunoutInput in) {
        this.in = in;
        places = Places.of(
                in.readings().stream()
                        .map(r -> new HarmonicFit.Point(r.angleDeg(), r.valueMm()))
                        .toList(),
                in.readU());
        fit = places.fit();
        swing = places.swing(fit);
    }

    public static RunoutResult check(RunoutInput in) {
        return new RunoutCheck(in).result();
    }

    /** While only some of it is read. */
    public static Finding unread() {
        return Finding.missing(
                "limit", "run-out, whole reading", "Still wanted: four places at least.", "Type that too.");
    }

    private RunoutResult result() {
        List<Finding> findings = new ArrayList<>();
        findings.add(limit());
        findings.add(shape());
        findings.add(places.suspicious(Places::degrees));
        if (places.closedByMm() != null) {
            findings.add(closing(places.closedByMm()));
        }
        Say.gauge(in.uncertaintyMm(), "a dial indicator").ifPresent(findings::add);
        double amplitude = Length.snap(fit.amplitude());
        return new RunoutResult(
                places.spreadMm(),
                amplitude,
                amplitude < NOTHING_MM ? null : Double.valueOf(fit.directionDeg()),
                second(),
                Length.snap(fit.c()),
                places.suspiciousDeg(),
                findings);
    }

    private @Nullable Double second() {
        return places.points().size() < FOR_SECOND ? null : Double.valueOf(Length.snap(fit.secondAmplitude()));
    }

    private @Nullable Double most() {
        return in.limitMm() != null
                ? in.limitMm()
                : in.coupling() == null ? null : Double.valueOf(in.coupling().mostMm());
    }

    private Finding limit() {
        String subject = "run-out, whole reading";
        Double most = most();
        if (most == null) {
            return Finding.missing(
                            "limit",
                            subject,
                            "How much it may be is not known.",
                            "Take the maker's limit, or say which coupling sits there.")
                    .withValue(swing.mm(), "mm");
        }
        Limits limits = Limits.atMost(most);
        Status status = limits.judge(swing.mm(), swing.uncertaintyMm());
        boolean maker = in.limitMm() != null;
        return Finding.of(
                        "limit",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It runs true enough.";
                            case REMEASURE -> "The gauge cannot tell whether it runs true enough.";
                            default -> "It runs out: what sits there swings at every turn.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "Read again at eight places, with a finer gauge.";
                            default ->
                                "High spot at " + Places.degrees(fit.directionDeg())
                                        + ": clean the seats, turn one part to another place, or straighten.";
                        },
                        maker ? Source.MAKER : Source.GUIDE,
                        maker ? "limit as typed" : in.coupling().words())
                .withValue(swing.mm(), "mm")
                .withLimits(limits, swing.uncertaintyMm());
    }

    /** What comes twice in a turn stays when a part is turned to another place. */
    private Finding shape() {
        String subject = "out of round";
        Double amplitude = second();
        if (amplitude == null) {
            return Say.guide(
                    "shape",
                    Status.PASS,
                    subject,
                    "With fewer than five places shape cannot be told; eight are better.",
                    "");
        }
        double whole = Length.snap(2 * amplitude);
        Double most = most();
        boolean real = whole > Places.DIFFERENCE * in.readU() + 1e-9;
        boolean over = most != null && real && whole > most + 1e-9;
        boolean much = real && whole > HALF * places.spreadMm() + 1e-9;
        boolean holds = limit().status() == Status.PASS;
        Status status = over ? Status.FAIL : much && !holds ? Status.CAUTION : Status.PASS;
        return Say.guide(
                        "shape",
                        status,
                        subject,
                        status == Status.PASS
                                ? much
                                        ? "What there is comes from its shape."
                                        : "It is round; what there is, is offset."
                                : "It is out of round: that does not index away.",
                        status == Status.PASS ? "" : "Turn or grind it, or renew it.")
                .withValue(whole, "mm");
    }

    private Finding closing(double byMm) {
        boolean closed = places.closes();
        return Say.guide(
                        "closing",
                        closed ? Status.PASS : Status.REMEASURE,
                        "back at the first place",
                        closed ? "The indicator came back to where it began." : "The indicator has moved meanwhile.",
                        closed ? "" : "Hold it faster, and read the whole turn again.")
                .withValue(byMm, "mm")
                .withLimits(Limits.atMost(Length.snap(Places.DIFFERENCE * in.readU())), 0);
    }
}
