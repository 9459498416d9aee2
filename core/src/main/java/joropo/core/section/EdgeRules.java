package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What the shaft brings past each lip on its way in (S11; guide). A lip is a cantilever that points to its open side: a
 * shaft that comes from there meets its edge and may fold it back.
 */
final class EdgeRules {
    /** A rounded edge this long will do where the shaft comes from the back (mm, guide). */
    private static final double ROUNDED_MM = 0.6;
    /** With a dust lip, which is then met against its own edge (mm, guide). */
    private static final double ROUNDED_DUST_MM = 1;
    /** The lip's free radius is less than half the shaft by this much (mm, guide). */
    private static final double FREE_MM = 0.5;
    /** A chamfer to this angle is still one, with caution (degrees, guide). */
    private static final double MOST_DEG = 30;

    private static final double SLACK = 1e-9;
    private static final String SUBJECT = "edges that pass under the lip";

    private final ArrangedParts parts;
    private final Section section;

    EdgeRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    /** What one edge does to the lip. */
    private record Edge(Status status, String message, String remedy) {}

    List<Finding> judge() {
        return parts.seals().stream().map(this::s11).toList();
    }

    private Finding s11(Seal seal) {
        if (seal.mount() == Mount.SHAFT) {
            return finding(
                    seal,
                    new Edge(
                            MISSING,
                            "The lip runs in the housing: the edges that the housing brings past it are not known.",
                            "Look at the lead-in of the housing and at its edges."));
        }
        Side from = section.shaftEntersFrom();
        if (from == null) {
            return finding(
                    seal,
                    new Edge(
                            MISSING,
                            "From which side the shaft goes in is not known, so what passes the lip is not known "
                                    + "either.",
                            "Choose the side that the shaft goes in from."));
        }
        double lip = Length.snap(seal.lipMm());
        List<ShaftItem> passing = section.shaftItems().stream()
                .filter(i -> from == Side.IN ? i.fromMm() < lip - SLACK : i.toMm() > lip + SLACK)
                .toList();
        boolean against = from == seal.mainLip();
        List<Edge> edges = new ArrayList<>();
        edges.add(end(seal, passing, from, against));
        passing.forEach(i -> feature(seal, i, passing, against).ifPresent(edges::add));
        return finding(
                seal, edges.stream().min(Comparator.comparing(Edge::status)).orElseThrow());
    }

    /** The end that comes first, and its chamfer. */
    private Edge end(Seal seal, List<ShaftItem> passing, Side from, boolean against) {
        ShaftItem.Chamfer first = passing.stream()
                .filter(ShaftItem.Chamfer.class::isInstance)
                .map(ShaftItem.Chamfer.class::cast)
                .min(Comparator.comparingDouble(c -> from == Side.IN ? c.fromMm() : -c.toMm()))
                .orElse(null);
        if (first == null) {
            return new Edge(
                    MISSING,
                    (against ? "The shaft comes against the lip" : "The shaft comes from the lip's back")
                            + "; the chamfer at its end is not known.",
                    "Read the chamfer: length and angle.");
        }
        return against ? against(seal, first) : withTheLip(seal, first);
    }

    private Edge withTheLip(Seal seal, ShaftItem.Chamfer chamfer) {
        double least = seal.dustLip() == null ? ROUNDED_MM : ROUNDED_DUST_MM;
        double length = Length.snap(chamfer.toMm() - chamfer.fromMm());
        if (length == 0) {
            return new Edge(MISSING, "How long the chamfer at the shaft's end is, is not known.", "Read its length.");
        }
        return length >= least - SLACK
                ? new Edge(PASS, "The shaft comes from the lip's back, over a rounded end.", "")
                : new Edge(
                        FAIL,
                        "The shaft comes from the lip's back"
                                + (seal.dustLip() == null ? "" : ", against the dust lip") + ", over an end of "
                                + mm(length) + " mm only: its edge cuts.",
                        "Round the end to " + mm(least) + " mm at least, or put a cone over it.");
    }

    private Edge against(Seal seal, ShaftItem.Chamfer chamfer) {
        String comes = "The shaft comes against the lip";
        if (seal.profile() == Profile.PTFE) {
            return new Edge(
                    FAIL,
                    comes + ": a PTFE lip is folded back by any chamfer.",
                    "Use a cone that is larger than the shaft, or build in the other order.");
        }
        Double shaft = section.shaftDiameterMm();
        double length = chamfer.toMm() - chamfer.fromMm();
        Double angle = chamfer.angleDeg();
        Double reduction = shaft != null && chamfer.diameterMm() != null
                ? Double.valueOf(shaft - chamfer.diameterMm())
                : angle != null && length > 0 ? Double.valueOf(2 * length * Math.tan(Math.toRadians(angle))) : null;
        if (angle == null && reduction != null && length > 0) {
            angle = Math.toDegrees(Math.atan(reduction / 2 / length));
        }
        if (shaft == null || reduction == null || angle == null) {
            return new Edge(
                    MISSING,
                    comes + "; how steep and how deep its chamfer is, is not known.",
                    "Read the chamfer: length, and angle or small diameter.");
        }
        double least = parts.limits().chamferMm(shaft);
        Limits deg = parts.limits().chamferDeg(shaft);
        boolean deep = Length.snap(reduction) >= least - 0.01;
        if (!deep || angle > MOST_DEG + 0.5 || angle < deg.lower() - 0.5) {
            return new Edge(
                    FAIL,
                    comes + " without a full chamfer: it may fold the lip back and throw the spring.",
                    "A chamfer of " + Length.show(deg.lower(), 0) + " to " + Length.show(deg.upper(), 0) + "° down to "
                            + mm(shaft - least) + " mm, or a cone; else build in the other order.");
        }
        return angle > deg.upper() + 0.5
                ? new Edge(
                        CAUTION,
                        comes + ", over a chamfer of " + Length.show(angle, 0) + "°: rather steep.",
                        "Use a cone, and go slowly past the lip.")
                : new Edge(PASS, comes + ", over a full chamfer.", "");
    }

    /** A keyway, thread, groove, hole or step on the way. */
    private Optional<Edge> feature(Seal seal, ShaftItem item, List<ShaftItem> passing, boolean against) {
        boolean step = item instanceof ShaftItem.Step;
        if (!item.cutsALip() && !step) {
            return Optional.empty();
        }
        String what = "A " + item.words().replaceFirst("^splines$", "spline");
        if (Boolean.TRUE.equals(item.covered())) {
            return Optional.of(new Edge(PASS, what + " passes the lip, covered.", ""));
        }
        Double shaft = section.shaftDiameterMm();
        String cover = "Cover it with a sleeve or tape"
                + (shaft == null
                        ? ""
                        : ", " + mm(shaft + Math.max(0.01 * shaft, 1)) + " mm outside at most, lubricated")
                + ", or build in the other order.";
        if (step) {
            boolean chamfered = passing.stream()
                    .anyMatch(i -> i instanceof ShaftItem.Chamfer
                            && i.fromMm() <= item.toMm() + ArrangedParts.TOUCH_MM
                            && i.toMm() >= item.fromMm() - ArrangedParts.TOUCH_MM);
            return chamfered
                    ? Optional.empty()
                    : Optional.of(
                            new Edge(against ? FAIL : CAUTION, what + " without a chamfer passes the lip.", cover));
        }
        @Nullable Double edge = item.diameterMm() != null ? item.diameterMm() : shaft;
        if (edge == null || shaft == null) {
            return Optional.of(new Edge(
                    MISSING, what + " passes the lip; how far out its edge lies is not known.", "Read the shaft."));
        }
        boolean scrapes = edge / 2 > shaft / 2 - FREE_MM + SLACK;
        return Optional.of(new Edge(
                scrapes ? FAIL : CAUTION,
                what + " passes the lip uncovered"
                        + (scrapes ? ": its edge scrapes along it and cuts." : ", on a smaller diameter."),
                cover));
    }

    private static Finding finding(Seal seal, Edge edge) {
        return SectionFinding.depth("S11", edge.status, SUBJECT, edge.message, edge.remedy, seal.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
