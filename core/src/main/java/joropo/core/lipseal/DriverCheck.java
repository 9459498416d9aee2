package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import joropo.core.lipseal.DriverInput.PressSide;
import joropo.core.lipseal.TurnedPart.Cylinder;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The driver that carries a seal's case by its stiff outer part and stops where the seal is home (guide). */
public final class DriverCheck {
    /** A driver that enters the bore is smaller by this: up to that bore, and above (mm). */
    private static final double SMALL_BORE_MM = 80;

    private static final double SMALL_LESS_MM = 0.5;
    private static final double LARGE_LESS_MM = 1.0;
    /** A driver of the own set still enters when it is this much smaller (mm). */
    private static final double ENTERS_LESS_MM = 0.3;
    /** A plate is larger than the seal by this, so that it stops on the housing (mm). */
    private static final double PLATE_MORE_MM = 10;

    private static final double RECESS_MORE_MM = 1;
    /**
     * The case is carried from two thirds of its ring height outward, and the tool's edge reaches the outermost sixth.
     */
    private static final double BEARS_FROM = 3;

    private static final double EDGE_WITHIN = 6;
    /** On the open side the land is this wide at most (mm). */
    private static final double RIM_LAND_MM = 2;

    private static final double HOLE_MORE_MM = 2;
    private static final double HOLLOW_MORE_MM = 5;
    /** Sizes of the drawing that nothing else decides (mm, guide). */
    private static final double PLATE_THICK_MM = 12;

    private static final double BODY_MM = 40;
    private static final double RELIEF_MM = 3;
    private static final String GUIDE = "drivers";

    private final DriverInput in;
    private final double ring;
    private final double enters;

    private DriverCheck(DriverInput in) {
        this.in = in;
        ring = in.outsideDiameterMm() - in.shaftMm();
        enters = in.boreMm() - (in.boreMm() <= SMALL_BORE_MM ? SMALL_LESS_MM : LARGE_LESS_MM);
    }

    public static DriverResult check(DriverInput in) {
        return new DriverCheck(in).result();
    }

    private DriverResult result() {
        boolean proud = in.proudMm() != null && in.proudMm() > 0;
        boolean sunk = in.sunkMm() != null && in.sunkMm() > 0;
        Double plate = proud || sunk || in.isFlush() ? Double.valueOf(in.outsideDiameterMm() + PLATE_MORE_MM) : null;
        double outside = proud || in.isFlush() ? plate : enters;
        double landTo =
                Length.snap(Math.min(in.outsideDiameterMm(), proud || in.isFlush() ? in.outsideDiameterMm() : enters));
        double landFrom = Length.snap(
                in.pressSide() == PressSide.OPEN
                        ? landTo - 2 * RIM_LAND_MM
                        : in.outsideDiameterMm() - ring / BEARS_FROM);
        landFrom = Math.min(landFrom, landTo - 0.1);
        Double hole = Boolean.TRUE.equals(in.shaftInPlace()) ? Double.valueOf(in.shaftMm() + HOLE_MORE_MM) : null;
        Double hollow = in.standsOutMm() == null || in.standsOutMm() == 0
                ? null
                : Double.valueOf(in.standsOutMm() + HOLLOW_MORE_MM);
        Double pick = pick();
        List<Finding> findings = new ArrayList<>();
        findings.add(edge(landTo));
        findings.add(own(pick));
        findings.add(stop(proud, sunk));
        findings.add(guide(
                "support",
                Status.CAUTION,
                "what takes the blow",
                "Support the job on the ring that is driven against, never on its own bearing, bellows or the ears "
                        + "of a joint.",
                "Ask what else the tool could strike: cover, dowel, painted face."));
        return DriverResultBuilder.builder()
                .outsideMm(outside)
                .landFromMm(landFrom)
                .landToMm(landTo)
                .throughHoleMm(hole)
                .recessDiameterMm(proud ? Double.valueOf(in.outsideDiameterMm() + RECESS_MORE_MM) : null)
                .recessDepthMm(proud ? in.proudMm() : null)
                .spigotMm(sunk ? in.sunkMm() : null)
                .pickMm(pick)
                .hollowToMm(hollow)
                .plateMm(plate)
                .part(part(proud, sunk, plate, landFrom, hole, hollow))
                .findings(findings)
                .build();
    }

    private TurnedPart part(
            boolean proud,
            boolean sunk,
            @Nullable Double plate,
            double landFrom,
            @Nullable Double hole,
            @Nullable Double hollow) {
        double face = proud ? in.proudMm() : 0;
        double seat = face + RELIEF_MM;
        double below = sunk ? in.sunkMm() : face;
        double length = Math.max(
                proud
                        ? face + PLATE_THICK_MM
                        : sunk ? in.sunkMm() + PLATE_THICK_MM : plate != null ? PLATE_THICK_MM : BODY_MM,
                hollow == null ? 0 : hollow + below + PLATE_THICK_MM);
        length = Math.max(length, seat + RELIEF_MM);
        List<Cylinder> outer = new ArrayList<>();
        if (sunk) {
            outer.add(new Cylinder(0, in.sunkMm(), enters));
            outer.add(new Cylinder(in.sunkMm(), length, plate));
        } else {
            outer.add(new Cylinder(0, length, plate == null ? enters : plate));
        }
        List<Cylinder> inner = new ArrayList<>();
        if (proud) {
            inner.add(new Cylinder(0, face, in.outsideDiameterMm() + RECESS_MORE_MM));
        }
        inner.add(new Cylinder(face, seat, landFrom));
        double bore = Math.min(hole == null ? landFrom : hole, landFrom);
        if (hollow != null) {
            inner.add(new Cylinder(seat, Math.max(below + hollow, seat + 1), bore));
        } else if (hole != null) {
            inner.add(new Cylinder(seat, length, bore));
        }
        return new TurnedPart(outer, inner);
    }

    private Finding edge(double landTo) {
        Limits limits = Limits.atLeast(Length.snap(leastEdge()));
        Status status = limits.judge(landTo, 0);
        return guide(
                        "edge",
                        status,
                        "edge of the driver on the case",
                        status == Status.PASS
                                ? "It carries the case by its stiff outer part."
                                : "It would press on the soft inside: the case bends or the lip comes off.",
                        status == Status.PASS ? "" : "Press with a plate over the whole seal.")
                .withValue(landTo, "mm")
                .withLimits(limits, 0);
    }

    private double leastEdge() {
        return in.outsideDiameterMm() - ring / EDGE_WITHIN;
    }

    /** The largest of the shop's own that enters the bore and still carries the case by its edge. */
    private @Nullable Double pick() {
        return in.availableMm().stream()
                .filter(a -> a <= in.boreMm() - ENTERS_LESS_MM + 1e-9 && a >= leastEdge() - 1e-9)
                .max(Double::compare)
                .orElse(null);
    }

    private Finding own(@Nullable Double pick) {
        String subject = "driver of the shop's own set";
        if (pick != null) {
            return guide(
                            "own",
                            Status.PASS,
                            subject,
                            "Ø " + Length.show(pick, 1) + " enters and carries the case by its edge.",
                            "")
                    .withValue(pick, "mm");
        }
        return guide(
                "own",
                Status.CAUTION,
                subject,
                in.availableMm().isEmpty()
                        ? "No set of drivers was given."
                        : "None of the set enters the bore and carries the case by its edge.",
                "Turn one by the drawing; else a plate, a tube or a block: a tube may press on the soft inside, a "
                        + "block tilts and stops only where the seal ends flush.");
    }

    private Finding stop(boolean proud, boolean sunk) {
        String message = in.isFlush()
                ? "The plate stops itself on the housing face: the seal ends flush and goes no deeper."
                : proud
                        ? "The plate's recess leaves the seal standing out by " + Length.show(in.proudMm(), 2) + " mm."
                        : sunk
                                ? "The spigot brings the seal " + Length.show(in.sunkMm(), 2)
                                        + " mm below the face and the plate stops it."
                                : "Nothing stops this driver: depth is known by measuring only.";
        return guide(
                "stop",
                in.isFlush() || proud || sunk ? Status.PASS : Status.CAUTION,
                "stop at depth",
                message,
                "Blows or force that rise suddenly: stop and look.");
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
