package joropo.core.mechseal;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.mechseal.SealSettingInput.RotorAt;
import joropo.core.mechseal.SealSettingInput.Style;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The setting dimension of a component seal: where its back belongs, within which band (computed; bands guide). */
public final class SealSettingCheck {
    private static final double SCRIBE_MM = 0.5;
    private static final double SLACK = 1e-9;

    private final SealSettingInput in;
    private final double face;
    private final double setting;
    private final double low;
    private final double high;

    private SealSettingCheck(SealSettingInput in) {
        this.in = in;
        double move = or0(in.rotorMoveMm());
        double play = or0(in.axialPlayMm());
        double growth = or0(in.growthMm());
        double below = play * (in.rotorAt() == RotorAt.IN ? 1 : in.rotorAt() == RotorAt.OUT ? 0 : 0.5);
        double above = play - below;
        face = Length.snap(in.seatProtrusionMm() - or0(in.gasketMm()));
        double place = face + in.workingLengthMm();
        setting = Length.snap(place - move);
        low = Length.snap(place - in.bandMm() + below + Math.max(0, -growth) - move);
        double top = place + in.bandMm();
        double contact = in.freeLengthMm() == null ? top : face + in.freeLengthMm();
        high = Length.snap(Math.min(top, contact) - above - Math.max(0, growth) - move);
    }

    private static double or0(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    public static SealSettingResult check(SealSettingInput in) {
        return new SealSettingCheck(in).result();
    }

    /** While its lengths are not read. */
    public static Finding unread() {
        return Finding.missing(
                "place",
                "back of the unit from the chamber face",
                "Where it belongs is not known before its lengths are read.",
                "Measure seat and unit.");
    }

    private SealSettingResult result() {
        List<Finding> findings = new ArrayList<>(List.of(place(), band(), compression(), spring()));
        if (in.oldScribeMm() != null) {
            findings.add(scribe(in.oldScribeMm()));
        }
        if (in.measuredMm() != null && in.uncertaintyMm() == null) {
            findings.add(Say.guide(
                    "gauge",
                    Status.CAUTION,
                    "gauge",
                    "The gauge is not named: judged as if by a caliper's depth rod.",
                    "Name the gauge."));
        }
        return SealSettingResultBuilder.builder()
                .faceMm(face)
                .settingMm(setting)
                .lowMm(low)
                .highMm(high)
                .compressionMm(
                        in.freeLengthMm() == null
                                ? null
                                : Double.valueOf(Length.snap(in.freeLengthMm() - in.workingLengthMm())))
                .findings(findings)
                .build();
    }

    private static String named(@Nullable Object value, String what) {
        return value == null ? what : "";
    }

    /** What changes the place and is not known. */
    private String shifts() {
        return words(
                named(in.gasketMm(), "the gasket as compressed"), named(in.rotorMoveMm(), "the rotor's move after"));
    }

    /** What narrows the band and is not known. */
    private String narrows() {
        return words(
                named(in.axialPlayMm(), "the axial play"),
                named(in.growthMm(), "the growth when warm"),
                named(in.freeLengthMm(), "the free length"));
    }

    private static String words(String... all) {
        return Stream.of(all).filter(w -> !w.isEmpty()).collect(Collectors.joining(", "));
    }

    private Finding place() {
        String subject = "back of the unit from the chamber face";
        String unknown = words(shifts(), narrows());
        if (in.measuredMm() == null) {
            return Finding.missing(
                            "place",
                            subject,
                            "It belongs at " + Length.show(setting, 2) + " mm; it is not read yet"
                                    + (unknown.isEmpty() ? "." : ", and " + unknown + " is not known."),
                            "Scribe the shaft at the chamber face, measure from there.")
                    .withLimits(limitsOrNone(), 0);
        }
        Limits limits = limitsOrNone();
        Status status = limits.judge(in.measuredMm(), in.placeU());
        boolean sure = shifts().isEmpty() && status == Status.FAIL;
        if (!unknown.isEmpty() && !sure) {
            return Finding.missing(
                            "place", subject, "Without " + unknown + " its place is not known.", "Measure that first.")
                    .withValue(in.measuredMm(), "mm");
        }
        return Finding.of(
                        "place",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It stands where it belongs.";
                            case REMEASURE -> "The gauge cannot tell whether it stands in its band.";
                            default ->
                                in.measuredMm() > high
                                        ? "Too far in: the spring is slack and the faces part."
                                        : "Too far out: the spring is pressed too hard and the faces burn.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "Read again with a depth micrometer.";
                            default -> "Set it at " + Length.show(setting, 2) + " mm, then tighten and read again.";
                        },
                        Source.COMPUTED,
                        "")
                .withValue(in.measuredMm(), "mm")
                .withLimits(limits, in.placeU());
    }

    private boolean hasBand() {
        return low <= high + SLACK;
    }

    private Limits limitsOrNone() {
        return hasBand() ? new Limits(low, Math.max(low, high)) : new Limits(setting, setting);
    }

    private Finding band() {
        String subject = "band of the setting";
        if (!hasBand()) {
            return Say.guide(
                            "band",
                            Status.FAIL,
                            subject,
                            "Play and growth leave no room: no place is right.",
                            "The machine first: bearings, and what grows.")
                    .withValue(Length.snap(high - low), "mm");
        }
        if (!narrows().isEmpty()) {
            return Finding.missing(
                            "band", subject, "Without " + narrows() + " it may be narrower.", "Measure that first.")
                    .withValue(Length.snap(high - low), "mm");
        }
        return Finding.computed(
                "band",
                subject,
                Length.snap(high - low),
                "mm",
                "From " + Length.show(low, 2) + " to " + Length.show(high, 2) + " mm"
                        + (in.rotorAt() == null ? "; the rotor in the middle of its play is assumed." : "."));
    }

    private Finding compression() {
        String subject = "spring, pressed at working length";
        return in.freeLengthMm() == null
                ? Finding.missing(
                        "compression",
                        subject,
                        "The free length is not known.",
                        "Measure the unit before it is pressed.")
                : Finding.computed(
                        "compression",
                        subject,
                        Length.snap(in.freeLengthMm() - in.workingLengthMm()),
                        "mm",
                        "From free to working length.");
    }

    /** A coil that drives has to be wound tighter by the shaft. */
    private Finding spring() {
        String subject = "hand of the spring";
        boolean coil = in.style() == Style.SINGLE_SPRING
                || in.style() == Style.BELLOWS && !Boolean.FALSE.equals(in.coilDrives());
        if (!coil) {
            return Say.guide("spring", Status.PASS, subject, "No coil drives it: it has no hand.", "");
        }
        boolean sure = in.style() == Style.SINGLE_SPRING || in.coilDrives() != null;
        if (in.springTightens() == null || !in.springTightens() && !sure) {
            return Finding.missing(
                    "spring",
                    subject,
                    sure
                            ? "Whether the shaft winds it tighter is not known."
                            : "Whether its coil drives it is not known.",
                    "Turn the shaft its way by hand and look at the coil.");
        }
        return Say.guide(
                "spring",
                in.springTightens() ? Status.PASS : Status.FAIL,
                subject,
                in.springTightens()
                        ? "Turning winds it tighter on its unit."
                        : "Turning unwinds it: it slips, and the seal stands still.",
                in.springTightens() ? "" : "The seal of the other hand.");
    }

    private Finding scribe(double old) {
        double apart = Length.snap(Math.abs(old - setting));
        boolean far = apart >= SCRIBE_MM - SLACK;
        return Say.guide(
                        "scribe",
                        far ? Status.CAUTION : Status.PASS,
                        "the old scribe line against the new figure",
                        far ? "So far apart wants a reason." : "The old unit stood there too.",
                        far ? "Find it: another seal, another gasket, a rotor that was moved." : "")
                .withValue(apart, "mm")
                .withLimits(Limits.atMost(SCRIBE_MM), 0);
    }
}
