package joropo.core.oring;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.core.oring.OringSizeResult.Entry;
import joropo.core.oring.OringSizeResult.Likelihood;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Which listed ring belongs to a gland, or which one a found ring was, or which groove and ring would do (guide). */
public final class OringSizeCheck {
    /** Listed section against the found one: it is flat, or swollen. */
    private static final Limits SECTION_SHARE = new Limits(0.95, 1.08);
    /** Found inside against the listed one: it is shrunk, or stretched. */
    private static final Limits INSIDE_SHARE = new Limits(0.97, 1.06);
    /** Of these ranges the half is likely. */
    private static final double LIKELY = 0.5;

    private static final String SUBJECT = "ring";

    private OringSizeCheck() {}

    public static OringSizeResult check(OringSizeInput in) {
        return in.measured() != null ? found(in.measured()) : in.isPair() ? GrooveProposal.propose(in) : ofGland(in);
    }

    /** One ring in the gland with its figures. */
    private record Judged(RingSize ring, Fit fit, int cautions, double offMiddle) {
        Entry entry() {
            return new Entry(
                    ring.designation(),
                    null,
                    ring.insideMm(),
                    ring.sectionMm(),
                    fit.circumference,
                    fit.squeezePercent(),
                    fit.fillPercent());
        }
    }

    private static OringSizeResult ofGland(OringSizeInput in) {
        List<Judged> judged = RingSize.all().stream()
                .map(r -> judge(in, r))
                .filter(Objects::nonNull)
                .sorted(Comparator.comparingInt(Judged::cautions).thenComparingDouble(Judged::offMiddle))
                .toList();
        return new OringSizeResult(null, judged.stream().map(Judged::entry).toList(), List.of(gland(judged)));
    }

    private static @Nullable Judged judge(OringSizeInput in, RingSize ring) {
        GlandUse use = GlandUse.of(in.gland(), in.motion(), RingShape.O, ring.sectionMm());
        Fit fit = new Fit(
                use,
                new Sizes(
                        in.counterDiameterMm() == null ? 0 : in.counterDiameterMm(),
                        in.grooveDiameterMm(),
                        in.grooveWidthMm(),
                        in.grooveDepthMm() == null ? 0 : in.grooveDepthMm(),
                        ring.insideMm(),
                        ring.sectionMm()),
                0);
        if (fit.worst() == Status.FAIL) {
            return null;
        }
        return new Judged(ring, fit, fit.cautions(), Math.abs(fit.squeezePercent() - use.squeezeMiddle()));
    }

    private static Finding gland(List<Judged> judged) {
        if (judged.isEmpty()) {
            return Say.guide(
                    "gland",
                    Status.FAIL,
                    SUBJECT,
                    "No listed ring belongs into this gland.",
                    "Measure again; depth and diameter of the groove first.");
        }
        Judged best = judged.get(0);
        return Say.guide(
                "gland",
                best.cautions == 0 ? Status.PASS : Status.CAUTION,
                SUBJECT,
                best.ring.designation() + (best.cautions == 0 ? " belongs" : " is the nearest") + ": squeezed "
                        + Length.show(best.fit.squeezePercent(), 1) + " %, groove "
                        + Length.show(best.fit.fillPercent(), 0) + " % full.",
                best.cautions == 0 ? "" : "Look at its figures before it goes in.");
    }

    /** Within which a listed ring may have been the found one (mm). */
    public record Window(double insideFrom, double insideTo, double sectionFrom, double sectionTo) {}

    /** What is looked through for a found ring. */
    public static Window window(OringSizeInput.Measured ring) {
        return new Window(
                ring.insideMm() / INSIDE_SHARE.upper(),
                ring.insideMm() / INSIDE_SHARE.lower(),
                ring.sectionMm() * SECTION_SHARE.lower(),
                ring.sectionMm() * SECTION_SHARE.upper());
    }

    private static OringSizeResult found(OringSizeInput.Measured ring) {
        List<Entry> entries = RingSize.all().stream()
                .filter(r -> holds(SECTION_SHARE, r.sectionMm() / ring.sectionMm())
                        && holds(INSIDE_SHARE, ring.insideMm() / r.insideMm()))
                .sorted(Comparator.comparing((RingSize r) -> likelihood(r, ring))
                        .thenComparingDouble(r -> Math.abs(r.sectionMm() - ring.sectionMm()))
                        .thenComparingDouble(r -> Math.abs(r.insideMm() - ring.insideMm())))
                .map(r ->
                        new Entry(r.designation(), likelihood(r, ring), r.insideMm(), r.sectionMm(), null, null, null))
                .toList();
        List<Entry> fits =
                entries.stream().filter(e -> e.likelihood() == Likelihood.FITS).toList();
        return new OringSizeResult(null, entries, List.of(foundFinding(entries, fits)));
    }

    private static Finding foundFinding(List<Entry> entries, List<Entry> fits) {
        if (entries.isEmpty()) {
            return Say.guide(
                    "gland",
                    Status.FAIL,
                    SUBJECT,
                    "No listed ring is near this one.",
                    "Measure section and inside again, and the gland.");
        }
        if (fits.size() == 1) {
            return Say.guide(
                    "gland",
                    Status.PASS,
                    SUBJECT,
                    "It measures as " + fits.get(0).designation() + ".",
                    "");
        }
        return Say.guide(
                "gland",
                Status.CAUTION,
                SUBJECT,
                entries.size() == 1
                        ? "It may have been " + entries.get(0).designation() + "."
                        : Stream.of(fits.size(), entries.size())
                                        .filter(n -> n > 0)
                                        .findFirst()
                                        .orElseThrow()
                                + (fits.isEmpty()
                                        ? " may have been it: a used ring is flat, swollen or shrunk."
                                        : " measure like it."),
                "Measure the gland; it tells which.");
    }

    private static Likelihood likelihood(RingSize ring, OringSizeInput.Measured found) {
        if (Math.abs(ring.sectionMm() - found.sectionMm()) <= ring.sectionToleranceMm() + 1e-9
                && Math.abs(ring.insideMm() - found.insideMm()) <= ring.insideToleranceMm() + 1e-9) {
            return Likelihood.FITS;
        }
        return holds(half(SECTION_SHARE), ring.sectionMm() / found.sectionMm())
                        && holds(half(INSIDE_SHARE), found.insideMm() / ring.insideMm())
                ? Likelihood.LIKELY_USED
                : Likelihood.POSSIBLE;
    }

    private static Limits half(Limits share) {
        return new Limits(1 + (share.lower() - 1) * LIKELY, 1 + (share.upper() - 1) * LIKELY);
    }

    private static boolean holds(Limits limits, double value) {
        return limits.margin(value) >= -1e-9;
    }
}
