package joropo.core.packing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether shaft and box will do for packing (guide). */
final class BoxLimits {
    private static final double RA_UM = 0.4;
    private static final double OFFSET_MM = 0.15;
    private static final double GROOVE_MM = 0.2;
    private static final double THROAT_MM = 0.4;
    private static final double HRC = 40;
    private static final double HRC_HARD_FIBRES = 55;
    /** Over its figure by no more than this it is doubtful, not out. */
    private static final double DOUBTFUL = 1.5;

    private static final double SLACK = 1e-9;

    private final PackingInput in;
    private final @Nullable PackingStyle style;

    BoxLimits(PackingInput in) {
        this.in = in;
        style = in.packing();
    }

    List<Finding> findings() {
        List<Finding> out = new ArrayList<>();
        boolean stem = Boolean.TRUE.equals(in.isStem());
        if (!stem) {
            out.add(figure(
                    "runout",
                    "run-out of the shaft in the box",
                    in.runoutTirMm(),
                    "mm",
                    PackedFace.runOutMostMm(in.shaftMm()),
                    "The packing is beaten open at every turn.",
                    "Straighten or renew the shaft, look at the bearings."));
            out.add(hardness());
        }
        out.add(figure(
                "roughness",
                "roughness Ra of shaft or sleeve",
                in.raUm(),
                "µm",
                RA_UM,
                "It files the packing.",
                "Polish it round, or renew the sleeve."));
        out.add(figure(
                "offset",
                "shaft off the middle of the box",
                in.offsetMm(),
                "mm",
                OFFSET_MM,
                "One side is squeezed, the other leaks.",
                "Centre it before it is packed."));
        out.add(groove());
        out.add(throat());
        return out;
    }

    private static Finding figure(
            String id, String subject, @Nullable Double value, String unit, double most, String why, String remedy) {
        if (value == null) {
            return Finding.missing(id, subject, "It is not measured.", "Measure it before the box is packed.");
        }
        Status status =
                value <= most + SLACK ? Status.PASS : value <= DOUBTFUL * most + SLACK ? Status.CAUTION : Status.FAIL;
        return Say.guide(
                        id,
                        status,
                        subject,
                        status == Status.PASS ? "Good enough for packing." : why,
                        status == Status.PASS ? "" : remedy)
                .withValue(value, unit)
                .withLimits(Limits.atMost(most), 0);
    }

    private Finding groove() {
        String subject = "groove worn into shaft or sleeve";
        Double depth = in.grooveDepthMm();
        if (depth == null) {
            return Finding.missing("groove", subject, "Whether it is grooved is not known.", "Draw a nail along it.");
        }
        Status status = depth <= SLACK ? Status.PASS : depth <= GROOVE_MM + SLACK ? Status.CAUTION : Status.FAIL;
        return Say.guide(
                        "groove",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "None.";
                            case CAUTION -> "New rings leak along it until they have taken its shape.";
                            default -> "It leaks for good, and eats new packing.";
                        },
                        status == Status.FAIL ? "Renew the sleeve as its own part, or build the shaft up." : "")
                .withValue(depth, "mm")
                .withLimits(Limits.atMost(GROOVE_MM), 0);
    }

    private Finding throat() {
        String subject = "clearance in the throat, radial";
        Double clearance = in.throatClearanceMm();
        if (clearance == null) {
            return Finding.missing("throat", subject, "It is not measured.", "Measure it with a feeler.");
        }
        boolean wide = clearance > THROAT_MM + SLACK;
        return Say.guide(
                        "throat",
                        wide ? Status.CAUTION : Status.PASS,
                        subject,
                        wide ? "The pressure pushes the first ring through it." : "The first ring stays in the box.",
                        wide ? "A bush at the bottom, or a stiffer first ring." : "")
                .withValue(clearance, "mm")
                .withLimits(Limits.atMost(THROAT_MM), 0);
    }

    private Finding hardness() {
        String subject = "hardness of shaft or sleeve";
        Double hrc = in.sleeveHardnessHrc();
        double least = style == null || style.hasHardFibres() ? HRC_HARD_FIBRES : HRC;
        if (hrc == null) {
            return Finding.missing("hardness", subject, "It is not known.", "Ask its maker, or test it.");
        }
        if (hrc < HRC - SLACK || style != null && hrc < least - SLACK) {
            return Say.guide(
                            "hardness",
                            Status.FAIL,
                            subject,
                            "The packing wears grooves into it.",
                            "A harder sleeve" + (style != null && style.hasHardFibres() ? ", or a softer braid." : "."))
                    .withValue(hrc, "HRC")
                    .withLimits(Limits.atLeast(least), 0);
        }
        if (hrc < least - SLACK) {
            return Finding.missing(
                            "hardness", subject, "It will do unless the braid has hard fibres.", "Name the style.")
                    .withValue(hrc, "HRC");
        }
        return Say.guide("hardness", Status.PASS, subject, "Hard enough for this packing.", "")
                .withValue(hrc, "HRC")
                .withLimits(Limits.atLeast(least), 0);
    }
}
