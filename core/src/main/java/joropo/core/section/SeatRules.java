package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** The seat that a seal stands in: its depths, corner and lead-in (S6; standard). */
final class SeatRules {
    private final ArrangedParts parts;
    private final Section section;
    private final SeatLimits limits;

    SeatRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
        this.limits = parts.limits();
    }

    List<Finding> judge() {
        if (parts.seals().isEmpty()) {
            return List.of();
        }
        double width = parts.seals().stream()
                .mapToDouble(s -> s.widthMm() - s.standsProudMm(section.boreFromMm()))
                .sum();
        double uncertaintyMm = section.depthU();
        List<Finding> findings = new ArrayList<>();
        if (section.totalDepthMm() != null) {
            findings.add(seat(
                    "total depth of the seat",
                    section.totalDepthMm(),
                    "mm",
                    Limits.atLeast(Length.snap(limits.totalDepthMm(width))),
                    uncertaintyMm,
                    "The seat is deep enough.",
                    "The seat is too shallow: the seal would stand out or be crushed.",
                    "Take a narrower seal."));
        }
        if (section.cylindricalDepthMm() != null) {
            findings.add(seat(
                    "cylindrical depth of the seat",
                    section.cylindricalDepthMm(),
                    "mm",
                    Limits.atLeast(Length.snap(limits.cylindricalDepthMm(width))),
                    uncertaintyMm,
                    "The cylinder carries the case.",
                    "Too little cylinder for the case to sit square.",
                    "Take a narrower seal."));
        }
        if (section.cornerRadiusMm() != null) {
            findings.add(seat(
                    "corner radius of the seat",
                    section.cornerRadiusMm(),
                    "mm",
                    Limits.atMost(limits.cornerRadiusMm(parts.seals().get(0).widthMm())),
                    0,
                    "The case clears the corner.",
                    "The case rides on the corner and sits crooked.",
                    "A spacer before the corner, or ease the seal's edge as its maker allows."));
        }
        parts.items(BoreItem.LeadIn.class)
                .forEach(l -> leadIn(l, parts.seals().get(0).widthMm(), findings));
        return findings;
    }

    private void leadIn(BoreItem.LeadIn leadIn, double width, List<Finding> findings) {
        findings.add(seat(
                "length of the bore's lead-in",
                leadIn.lengthMm(),
                "mm",
                Limits.atLeast(limits.leadInMm(width)),
                0,
                "The lead-in guides the case.",
                "The lead-in is too short: the case starts crooked and is shaved.",
                "Lengthen it, no burr."));
        if (leadIn.angleDeg() != null) {
            findings.add(seat(
                    "angle of the bore's lead-in",
                    leadIn.angleDeg(),
                    "°",
                    limits.leadInDeg(width),
                    0,
                    "The lead-in guides the case.",
                    "The lead-in is too steep or too flat for the case.",
                    "Cut it to the table."));
        }
    }

    private Finding seat(
            String subject,
            double value,
            String unit,
            Limits permitted,
            double uncertaintyMm,
            String good,
            String bad,
            String cure) {
        Status status = permitted.judge(value, uncertaintyMm);
        String message = status == PASS
                ? good + section.depthsAssumed()
                : status == Status.REMEASURE ? "The gauge cannot tell whether this is enough." : bad;
        return Finding.of(
                        "S6",
                        status,
                        subject,
                        message,
                        status == PASS ? "" : status == Status.REMEASURE ? "Read again with a finer gauge." : cure,
                        Source.STANDARD,
                        limits.reference())
                .withValue(value, unit)
                .withLimits(permitted, uncertaintyMm);
    }
}
