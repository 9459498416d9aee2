package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Alignment of a coupling by rim and face, and what goes under which foot (computed; limits guide or the maker's). */
public final class AlignmentCheck {
    private static final double OFFSET_MM = 0.05;
    private static final double ANGLE_MM_PER_100 = 0.05;
    private static final double SLOW_RPM = 1500;
    private static final double FAST_RPM = 3000;
    private static final double CLOSURE_MM = 0.05;
    private static final double SOFT_MM = 0.05;
    private static final double PER = 100;
    /** Half the difference of two readings. */
    private static final double HALF_U = Places.DIFFERENCE / 2;

    private final AlignmentInput in;
    private final double u;

    private AlignmentCheck(AlignmentInput in) {
        this.in = in;
        u = in.readU();
    }

    public static AlignmentResult check(AlignmentInput in) {
        return new AlignmentCheck(in).result();
    }

    /** Pipes that pull bend the machine out of line again. @param free whether flanges fall into line by hand */
    public static Finding pipes(@Nullable Boolean free) {
        String subject = "pipe strain";
        if (free == null) {
            return Finding.missing(
                    "pipe-strain",
                    subject,
                    "Whether the pipes pull is not known.",
                    "Flanges loose: they fall into line by hand, or they pull.");
        }
        return Say.guide(
                "pipe-strain",
                free ? Status.PASS : Status.FAIL,
                subject,
                free ? "The flanges fall into line." : "The pipes pull the machine out of line again.",
                free ? "" : "Ease the pipes at their hangers, then align.");
    }

    /** Feet that are tightened move it. @param again whether it was read again with all feet tight */
    public static Finding tight(@Nullable Boolean again) {
        String subject = "read again, all feet tight";
        return Boolean.TRUE.equals(again)
                ? Say.guide("tight", Status.PASS, subject, "These readings are those with all feet tight.", "")
                : Finding.missing("tight", subject, "Tightening moves it.", "Tighten all feet, read once more.");
    }

    /** While only some of it is read. */
    public static Finding unread() {
        return Finding.missing(
                "offset",
                "offset at the coupling",
                "Still wanted: rim, face and its diameter, both feet, the position's speed.",
                "Type that too.");
    }

    /** Vertical, + high, less its target; absent while the sag is not known. */
    private @Nullable Double vertical() {
        return in.sagMm() == null
                ? null
                : Double.valueOf(Length.snap((in.rimMm().get(0) - in.rimMm().get(2) - in.sagMm()) / 2 - in.targetV()));
    }

    private double horizontal() {
        return Length.snap((in.rimMm().get(1) - in.rimMm().get(3)) / 2 - in.targetH());
    }

    private double slope(int one, int other) {
        return (in.faceMm().get(one) - in.faceMm().get(other)) / in.faceDiameterMm();
    }

    private static double move(double offset, double slope, double feetMm) {
        return Length.snap(-(offset + slope * feetMm));
    }

    private AlignmentResult result() {
        Double y = vertical();
        double x = horizontal();
        double up = slope(0, 2);
        double aside = slope(1, 3);
        List<Finding> findings =
                new ArrayList<>(List.of(offset(y, x), angle(PER * up, PER * aside), closure(), softFoot(), sag()));
        Say.gauge(in.uncertaintyMm(), "a dial indicator").ifPresent(findings::add);
        return AlignmentResultBuilder.builder()
                .offsetVerticalMm(y)
                .offsetHorizontalMm(x)
                .angleVerticalMmPer100(Length.snap(PER * up))
                .angleHorizontalMmPer100(Length.snap(PER * aside))
                .shimFrontMm(y == null ? null : Double.valueOf(move(y, up, in.frontFeetMm())))
                .shimBackMm(y == null ? null : Double.valueOf(move(y, up, in.backFeetMm())))
                .moveFrontMm(move(x, aside, in.frontFeetMm()))
                .moveBackMm(move(x, aside, in.backFeetMm()))
                .findings(findings)
                .build();
    }

    /** What a fast machine may have of what a slow one may. */
    private double bySpeed() {
        double n = in.speedRpm();
        return n <= SLOW_RPM ? 1 : n <= FAST_RPM ? SLOW_RPM / n : SLOW_RPM / FAST_RPM;
    }

    private Finding offset(@Nullable Double y, double x) {
        String subject = "offset at the coupling";
        Limits limits = Limits.atMost(in.limitOffsetMm() != null ? in.limitOffsetMm() : OFFSET_MM * bySpeed());
        double uncertainty = HALF_U * u;
        Status aside = limits.judge(Math.abs(x), uncertainty);
        if (y == null && aside != Status.FAIL) {
            return Finding.missing(
                            "offset",
                            subject,
                            "How high it stands is not known without the sag of the bracket.",
                            "Read the sag on a straight bar.")
                    .withValue(Math.abs(x), "mm");
        }
        double worst = Math.max(Math.abs(x), y == null ? 0 : Math.abs(y));
        return judged("offset", subject, worst, "mm", limits, uncertainty, in.limitOffsetMm() != null);
    }

    private Finding angle(double up, double aside) {
        Limits limits =
                Limits.atMost(in.limitAngleMmPer100() != null ? in.limitAngleMmPer100() : ANGLE_MM_PER_100 * bySpeed());
        double worst = Length.snap(Math.max(Math.abs(up), Math.abs(aside)));
        double uncertainty = PER * Places.DIFFERENCE * u / in.faceDiameterMm();
        return judged(
                "angle",
                "angle at the coupling",
                worst,
                "mm/100 mm",
                limits,
                uncertainty,
                in.limitAngleMmPer100() != null);
    }

    private static Finding judged(
            String id, String subject, double value, String unit, Limits limits, double uncertainty, boolean maker) {
        Status status = limits.judge(value, uncertainty);
        return Finding.of(
                        id,
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "The shafts run in line.";
                            case REMEASURE -> "The gauge cannot tell whether the shafts run in line.";
                            default -> "Out of line: bearings and seal pay for it at every turn.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "Read again with a finer gauge, or shim by these figures and read again.";
                            default -> "Shim and move it by these figures, tighten, read again.";
                        },
                        maker ? Source.MAKER : Source.GUIDE,
                        maker ? "limit as typed" : "coupling alignment by speed")
                .withValue(value, unit)
                .withLimits(limits, uncertainty);
    }

    private static double closes(List<Double> r) {
        return Length.snap(Math.abs(r.get(0) + r.get(2) - r.get(1) - r.get(3)));
    }

    private Finding closure() {
        double rim = closes(in.rimMm());
        double face = closes(in.faceMm());
        boolean open = Math.max(rim, face) > CLOSURE_MM + 1e-9;
        return Say.guide(
                        "closure",
                        open ? Status.REMEASURE : Status.PASS,
                        "top and bottom against the sides",
                        open
                                ? rim > CLOSURE_MM + 1e-9
                                        ? "The rim's readings do not close: the bracket moved, or the rim is not round."
                                        : "The face's readings do not close: the rotor moved along, or "
                                                + "the face is not flat."
                                : "The readings close.",
                        open ? "Hold the bracket faster, hold the rotor one way, read again." : "")
                .withValue(Math.max(rim, face), "mm")
                .withLimits(Limits.atMost(CLOSURE_MM), 0);
    }

    private Finding softFoot() {
        String subject = "soft foot";
        if (in.softFootMm() == null) {
            return Finding.missing(
                    "soft-foot",
                    subject,
                    "Whether it stands on all four feet is not known.",
                    "Slacken one foot after the other, read how far each rises.");
        }
        double worst = in.softFootMm().stream().mapToDouble(r -> r).max().orElseThrow();
        Limits limits = Limits.atMost(SOFT_MM);
        double uncertainty = Places.DIFFERENCE * u;
        Status status = limits.judge(worst, uncertainty);
        return Say.guide(
                        "soft-foot",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It stands on all four feet.";
                            case REMEASURE -> "The gauge cannot tell whether it stands on all four feet.";
                            default -> "One foot is soft: tightening it bends the machine.";
                        },
                        status == Status.PASS ? "" : "Fill under that foot first, then align.")
                .withValue(worst, "mm")
                .withLimits(limits, uncertainty);
    }

    private Finding sag() {
        String subject = "sag of the bracket";
        return in.sagMm() == null
                ? Finding.missing(
                        "sag",
                        subject,
                        "It is not known: half of it would be taken for height.",
                        "Clamp the bracket on a straight bar, zero on top, read below.")
                : Finding.computed("sag", subject, in.sagMm(), "mm", "It is taken off the reading below.");
    }
}
