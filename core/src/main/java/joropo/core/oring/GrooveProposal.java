package joropo.core.oring;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import joropo.core.oring.OringSizeResult.Entry;
import joropo.core.oring.OringSizeResult.Groove;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Groove and ring together where only bore and shaft are known: for each section of the gland table the groove of its
 * middle depth, with the listed ring that it stretches or compresses right, judged hot, cold and off centre (guide).
 */
final class GrooveProposal {
    /** Grooves are drawn to a hundredth (mm). */
    private static final double STEP = 100;

    private final OringSizeInput in;

    private GrooveProposal(OringSizeInput in) {
        this.in = in;
    }

    /** A groove with the ring in it. @param worst over the sizes and what they become */
    private record Choice(Groove groove, RingSize ring, Fit fit, Status worst, int cautions, double offMiddle) {}

    static OringSizeResult propose(OringSizeInput in) {
        var proposal = new GrooveProposal(in);
        List<Choice> choices = GlandTable.rows(GlandTable.Use.of(in.gland(), in.motion())).stream()
                .map(proposal::best)
                .filter(Objects::nonNull)
                .sorted(Comparator.comparing(Choice::worst, Comparator.reverseOrder())
                        .thenComparingInt(Choice::cautions)
                        .thenComparingDouble(Choice::offMiddle))
                .toList();
        return new OringSizeResult(
                choices.stream().map(Choice::groove).toList(),
                choices.stream().map(GrooveProposal::entry).toList(),
                List.of(finding(choices)));
    }

    private static Entry entry(Choice c) {
        return new Entry(
                c.ring.designation(),
                null,
                c.ring.insideMm(),
                c.ring.sectionMm(),
                c.fit.circumference,
                c.fit.squeezePercent(),
                c.fit.fillPercent());
    }

    /** The ring for a groove of this section; absent where none is listed that holds. */
    private @Nullable Choice best(GlandTable.Row row) {
        double depth = row.depthMiddleMm();
        double groove = round(
                in.gland() == Gland.PISTON ? in.counterDiameterMm() - 2 * depth : in.counterDiameterMm() + 2 * depth);
        double width = round(row.widthMm() + row.widthPlusMm() / 2);
        return RingSize.all().stream()
                .filter(r -> Math.abs(r.sectionMm() - row.sectionMm()) <= 0.011)
                .map(r -> choice(r, groove, width))
                .filter(Objects::nonNull)
                .min(Comparator.comparing(Choice::worst, Comparator.reverseOrder())
                        .thenComparingInt(Choice::cautions)
                        .thenComparingDouble(Choice::offMiddle))
                .orElse(null);
    }

    private @Nullable Choice choice(RingSize ring, double groove, double width) {
        GlandUse use = GlandUse.of(in.gland(), in.motion(), RingShape.O, ring.sectionMm());
        if (groove <= 0
                || in.gland() == Gland.PISTON && groove >= in.otherDiameterMm()
                || in.gland() == Gland.ROD && groove <= in.otherDiameterMm()) {
            return null;
        }
        Fit fit =
                new Fit(use, new Sizes(in.counterDiameterMm(), groove, width, 0, ring.insideMm(), ring.sectionMm()), 0);
        if (fit.worst() == Status.FAIL) {
            return null;
        }
        List<Finding> ends = ends(ring, groove, width);
        Status worst = Finding.worst(ends).worse(fit.worst());
        if (worst == Status.FAIL) {
            return null;
        }
        return new Choice(
                new Groove(groove, width, ring.designation(), fit.squeezePercent(), fit.fillPercent()),
                ring,
                fit,
                worst,
                fit.cautions(),
                Math.abs(fit.squeezePercent() - use.squeezeMiddle()));
    }

    /** Off centre, and cold and hot where these are known. */
    private List<Finding> ends(RingSize ring, double groove, double width) {
        OringGlandInput gland = OringGlandInputBuilder.builder()
                .gland(in.gland())
                .motion(in.motion())
                .counterDiameterMm(in.counterDiameterMm())
                .grooveDiameterMm(groove)
                .grooveWidthMm(width)
                .ringInsideMm(ring.insideMm())
                .sectionMm(ring.sectionMm())
                .tolerances(new Tolerances(0.0, 0.0, 0.0, 0.0, ring.insideToleranceMm(), ring.sectionToleranceMm()))
                .gapMm(in.gapMm())
                .material(in.material())
                .fluid(in.fluid())
                .coldestC(in.coldestC())
                .hottestC(in.hottestC())
                .build();
        return OringGlandCheck.check(gland, 0).findings().stream()
                .filter(f -> List.of("extremes", "off-centre", "swell", "temperature", "material")
                        .contains(f.id()))
                .filter(f -> in.material() != null || f.id().equals("off-centre") || f.id().equals("extremes"))
                .toList();
    }

    private static double round(double mm) {
        return Math.rint(mm * STEP) / STEP;
    }

    private static Finding finding(List<Choice> choices) {
        if (choices.isEmpty()) {
            return Say.guide(
                    "gland",
                    Status.FAIL,
                    "groove and ring",
                    "No groove of the trade holds a listed ring here: cold, hot or off centre it lets go.",
                    "A smaller gap, guides, or another kind of seal.");
        }
        Choice best = choices.get(0);
        return Say.guide(
                "gland",
                best.worst,
                "groove and ring",
                "Groove Ø " + best.groove.grooveDiameterMm() + ", " + best.groove.grooveWidthMm() + " wide, for "
                        + best.ring.designation() + ".",
                "Judge it with its tolerances and pressure before it is cut.");
    }
}
