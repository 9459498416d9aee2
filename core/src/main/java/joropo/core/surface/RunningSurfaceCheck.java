package joropo.core.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.FindingBuilder;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** A running surface by measure and by eye, and the remedies for what does not hold (guide). */
public final class RunningSurfaceCheck {
    /** Findings that no work on the shaft's surface answers. */
    private static final Set<String> NOT_OF_THE_TRACK = Set.of("looked");
    /** Nominal sizes nearer than this are the same (mm). */
    private static final double SAME_MM = 0.02;

    private static final String WEAR = "wear of a running surface";

    private RunningSurfaceCheck() {}

    /** @param limits what the kind of seal that runs here asks of its track */
    public static RunningSurfaceResult check(RunningSurfaceInput in, TrackLimits limits) {
        TrackFinish finish = limits.finish(in.nominalMm());
        List<Finding> findings = new ArrayList<>();
        if (in.defects() == null) {
            findings.add(Finding.missing(
                    "looked",
                    "running surface under the lip",
                    "The track was not looked at yet.",
                    "Clean it, look along it, draw a nail across it."));
        }
        if (in.grooveDepthMm() != null) {
            findings.add(DefectRules.groove(in.grooveDepthMm()));
        }
        Defect measured = in.grooveDepthMm() == null
                ? null
                : in.seen().stream()
                        .filter(d -> d.kind() == Defect.Kind.WEAR_GROOVE && d.onShaftTrack() && d.depthUm() == null)
                        .findFirst()
                        .orElse(null);
        in.seen().stream()
                .filter(d -> d != measured) // the one whose depth was measured is judged by it, another one by itself
                .map(d -> DefectRules.judge(d, in))
                .forEach(findings::add);
        findings.add(size(in, limits));
        findings.add(
                in.ovalityMm() == null
                        ? Finding.missing(
                                "roundness",
                                "ovality of the shaft at the lip",
                                "It has not been read.",
                                "Read two directions of one plane.")
                        : TrackRoundness.judge(in.nominalMm(), in.ovalityMm(), in.readU()));
        findings.add(finish.judgeRoughness(in.raUm(), in.lipMaterial()));
        if (in.rzUm() != null) {
            findings.add(finish.judgeRz(in.rzUm()));
        }
        findings.add(finish.judgeHardness(
                in.hardnessHrc(), in.surfaceSpeedMPerS(), in.isDirty() || in.ptfeLip(), in.assumed()));
        double turned = in.measuredMm() == null ? in.nominalMm() : in.measuredMm();
        findings.add(
                LeadTest.judge(in.leadAdvanceMm(), in.leadTurns(), in.leadReverses(), turned, finish.leadMostDeg()));

        var rules = new RemedyRules(in, limits, findings);
        Double lead = in.leadAdvanceMm() == null || in.leadTurns() == null
                ? null
                : Double.valueOf(Length.snap(LeadTest.angleDeg(in.leadAdvanceMm(), in.leadTurns(), turned)));
        return new RunningSurfaceResult(
                lead,
                rules.requiredShiftMm(),
                wantsRemedy(in, findings) ? rules.offers() : List.of(),
                List.copyOf(findings));
    }

    private static Finding size(RunningSurfaceInput in, TrackLimits track) {
        String subject = "shaft beside the groove";
        if (in.measuredMm() == null) {
            return Finding.missing("size", subject, "It has not been read.", "Read the shaft beside the groove.");
        }
        SealSystem system = SealSystem.of(in.nominalMm(), null);
        boolean sleeved = in.sleeveMm() != null && SleeveCover.isRead(in.measuredMm(), in.sleeveMm(), in.nominalMm());
        Limits limits = sleeved ? SleeveCover.limits(in.sleeveMm()) : track.shaftMm(system, in.nominalMm());
        boolean belongs = sleeved || SealSize.belongs(SealSize.SHAFT_LESS_NOMINAL_MM, in.measuredMm(), in.nominalMm());
        Status read = belongs ? limits.judge(in.measuredMm(), in.readU()) : Status.FAIL;
        Status status = read == Status.PASS && in.uncertaintyMm() == null ? Status.CAUTION : read;
        String message =
                switch (status) {
                    case PASS ->
                        sleeved ? "It has the size of the sleeve that was fitted here." : "The shaft has its size.";
                    case CAUTION ->
                        "The shaft has its size, as far as a vernier caliper tells: the gauge is not named.";
                    case REMEASURE -> "The gauge cannot tell whether the shaft has its size.";
                    default ->
                        !belongs
                                ? "Not this size: a shaft of this reading is none of this nominal."
                                : in.measuredMm() < limits.lower()
                                        ? "The shaft is below its least size."
                                        : "The shaft is above its greatest size.";
                };
        return Finding.of(
                        "size",
                        status,
                        subject,
                        message,
                        status == Status.PASS
                                ? ""
                                : status == Status.CAUTION
                                        ? "Name the gauge."
                                        : "Read again with a finer gauge; if it stays, a remedy or another seal.",
                        system == SealSystem.METRIC && !sleeved ? Source.STANDARD : Source.GUIDE,
                        sleeved
                                ? "running surface"
                                : system == SealSystem.METRIC ? "ISO 6194-1, h11" : "inch trade limits")
                .withValue(in.measuredMm(), "mm")
                .withLimits(limits, in.readU());
    }

    /** Whether anything found on the track wants work: it fails, cannot be told yet, or is a groove. */
    private static boolean wantsRemedy(RunningSurfaceInput in, List<Finding> findings) {
        boolean groove = in.grooveDepthMm() != null && in.grooveDepthMm() > 0;
        return groove
                || findings.stream()
                        .anyMatch(
                                f -> isOfTheTrack(f) && (f.status() == Status.FAIL || f.status() == Status.REMEASURE));
    }

    private static boolean isOfTheTrack(Finding f) {
        return !f.id().startsWith("bore-") && !NOT_OF_THE_TRACK.contains(f.id());
    }

    /**
     * The findings as they stand once a remedy was decided: what it answers becomes a caution that names it, and the
     * remedy itself is judged.
     *
     * @param remedy absent: nothing decided, the findings stand as they are
     */
    public static List<Finding> withRemedy(RunningSurfaceResult result, @Nullable Remedy remedy) {
        Offer offer = remedy == null ? null : result.offer(remedy).orElse(null);
        if (remedy == null || offer == null && result.remedies().isEmpty()) {
            return result.findings();
        }
        if (offer == null) {
            List<Finding> out = new ArrayList<>(result.findings());
            out.add(noWay(remedy));
            return out;
        }
        List<Finding> out = new ArrayList<>();
        result.findings().forEach(f -> out.add(answered(f, offer)));
        String reason = offer.reason().substring(0, 1).toUpperCase(Locale.ROOT)
                + offer.reason().substring(1) + ".";
        out.add(Finding.of(
                "remedy",
                offer.verdict(),
                "remedy: " + remedy.words(),
                reason,
                offer.ruledOut() ? "Take one that holds." : offer.caution() + ".",
                Source.GUIDE,
                WEAR));
        return out;
    }

    /** A remedy that is none of those that may be taken here. */
    private static Finding noWay(Remedy remedy) {
        return Finding.missing(
                "remedy",
                "remedy: " + remedy.words(),
                remedy == Remedy.RENEW_SLEEVE
                        ? "No running sleeve is noted that comes off the shaft."
                        : "It is none of the ways that may be taken here: nothing follows from it.",
                remedy == Remedy.RENEW_SLEEVE
                        ? "Note the sleeve where it comes off, or take another way."
                        : "Take one of those that are offered.");
    }

    /**
     * A finding about the track as it stands once this remedy is decided; one that it does not answer stays as it is.
     */
    public static Finding answered(Finding f, Offer offer) {
        boolean open = f.status() == Status.FAIL || f.status() == Status.REMEASURE;
        return !open || offer.ruledOut() || !isOfTheTrack(f)
                ? f
                : FindingBuilder.builder()
                        .id(f.id())
                        .status(Status.CAUTION)
                        .subject(f.subject())
                        .value(f.value())
                        .unit(f.unit())
                        .lower(f.lower())
                        .upper(f.upper())
                        .margin(f.margin())
                        .uncertainty(f.uncertainty())
                        .message(f.message() + " Answered by: " + offer.remedy().words() + ".")
                        .remedy(offer.precondition() + ".")
                        .source(f.source())
                        .reference(f.reference())
                        .part(f.part())
                        .build();
    }

    /** Whether the decided seal is one that its remedy leads to; PASS where the seal stays as it is. */
    public static Finding leadsTo(Offer offer, SealSize seal) {
        String subject = "seal after the remedy";
        boolean fits = offer.sizes() == null
                || offer.sizes().contains(seal)
                || offer.runningDiameterMm() != null && Math.abs(seal.shaftMm() - offer.runningDiameterMm()) < SAME_MM;
        if (fits) {
            return Finding.of(
                    "remedy-size",
                    Status.PASS,
                    subject,
                    seal.words() + " suits the worked shaft.",
                    "",
                    Source.COMPUTED,
                    "");
        }
        return Finding.of(
                "remedy-size",
                Status.FAIL,
                subject,
                seal.words() + " is not the seal that this remedy leads to.",
                "Take " + offer.sizes().stream().map(SealSize::words).collect(Collectors.joining(" or ")) + ".",
                Source.GUIDE,
                WEAR);
    }
}
