package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import joropo.core.assembly.TurnedPart;
import joropo.core.assembly.TurnedPart.Cylinder;
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

    /** Over the shaft the tool clears by this (mm, across). */
    private static final double OVER_SHAFT_MM = 0.5;

    /**
     * A seal that grips the shaft is pushed by its inner ring: a tube over the shaft, its land up to a third of the
     * ring's height outward, recessed for a washer that stands proud.
     */
    private DriverResult onShaft() {
        double hole = Length.snap(in.shaftMm() + OVER_SHAFT_MM);
        double landTo = Length.snap(in.shaftMm() + ring / BEARS_FROM);
        boolean proud = in.proudMm() != null && in.proudMm() > 0;
        double face = proud ? in.proudMm() : 0;
        double hollow = in.standsOutMm() == null ? 0 : in.standsOutMm() + HOLLOW_MORE_MM;
        double length = Math.max(BODY_MM, face + hollow + PLATE_THICK_MM);
        List<Cylinder> inner = new ArrayList<>();
        if (proud) {
            inner.add(new Cylinder(0, face, Length.snap(landTo - RECESS_MORE_MM)));
        }
        inner.add(new Cylinder(face, length, hole));
        OwnDriver own = in.own().stream()
                .filter(o -> o.form() != OwnDriver.Form.DISC && o.insideMm() != null)
                .filter(o -> o.insideMm() >= hole - 1e-9 && o.outsideMm() <= landTo + 1e-9)
                .max(Comparator.comparing(OwnDriver::outsideMm))
                .orElse(null);
        List<Finding> findings = List.of(
                guide(
                        "edge",
                        Status.PASS,
                        "edge of the driver on the case",
                        "It pushes the case by its inner ring, over the shaft.",
                        ""),
                own == null
                        ? guide(
                                "own",
                                Status.CAUTION,
                                "driver of the shop's own set",
                                "None of the set goes over the shaft and stays on the inner ring.",
                                "Turn one by the drawing; anything wider presses on the lip.")
                        : guide(
                                        "own",
                                        Status.PASS,
                                        "driver of the shop's own set",
                                        "Ø " + Length.show(own.outsideMm(), 1) + " goes over the shaft.",
                                        "")
                                .withValue(own.outsideMm(), "mm"),
                guide(
                        "stop",
                        own != null && own.stops() ? Status.PASS : Status.CAUTION,
                        "stop at depth",
                        own != null && own.stops()
                                ? "This driver stops by itself: the depth is measured all the same."
                                : "Nothing stops this driver: the depth is a hold, by gauge.",
                        "Blows or force that rise suddenly: stop and look."),
                support());
        return DriverResultBuilder.builder()
                .outsideMm(landTo)
                .landFromMm(hole)
                .landToMm(landTo)
                .throughHoleMm(hole)
                .recessDiameterMm(proud ? Double.valueOf(Length.snap(landTo - RECESS_MORE_MM)) : null)
                .recessDepthMm(proud ? in.proudMm() : null)
                .pickMm(own == null ? null : own.outsideMm())
                .hollowToMm(hollow == 0 ? null : Double.valueOf(hollow))
                .part(new TurnedPart(List.of(new Cylinder(0, length, landTo)), inner))
                .findings(findings)
                .build();
    }

    private static Finding support() {
        return guide(
                "support",
                Status.PASS,
                "what takes the blow",
                "Support the job on the ring that is driven against. Never on its own bearing, never on bellows, and "
                        + "never on the ears of a joint.",
                "Ask what else the tool could strike: cover, dowel, painted face.");
    }

    private DriverResult result() {
        if (in.isOnShaft()) {
            return onShaft();
        }
        boolean proud = in.proudMm() != null && in.proudMm() > 0;
        boolean sunk = in.sunkMm() != null && in.sunkMm() > 0;
        Double plate = proud || sunk || in.isFlush() ? Double.valueOf(in.outsideDiameterMm() + PLATE_MORE_MM) : null;
        double outside = proud || in.isFlush() ? plate : enters;
        double landTo =
                Length.snap(Math.min(in.outsideDiameterMm(), proud || in.isFlush() ? in.outsideDiameterMm() : enters));
        double landFrom =
                Length.snap(in.isOpenSide() ? landTo - 2 * rim() : in.outsideDiameterMm() - ring / BEARS_FROM);
        landFrom = Math.min(landFrom, landTo - 0.1);
        Double hole = Boolean.TRUE.equals(in.shaftInPlace()) ? Double.valueOf(in.shaftMm() + HOLE_MORE_MM) : null;
        Double hollow = in.standsOutMm() == null || in.standsOutMm() == 0
                ? null
                : Double.valueOf(in.standsOutMm() + HOLLOW_MORE_MM);
        Own pick = pick();
        List<Finding> findings = new ArrayList<>();
        findings.add(edge(landTo));
        findings.add(own(pick));
        findings.add(stop(proud, sunk, pick));
        findings.add(support());
        return DriverResultBuilder.builder()
                .outsideMm(outside)
                .landFromMm(landFrom)
                .landToMm(landTo)
                .throughHoleMm(hole)
                .recessDiameterMm(proud ? Double.valueOf(in.outsideDiameterMm() + RECESS_MORE_MM) : null)
                .recessDepthMm(proud ? in.proudMm() : null)
                .spigotMm(sunk ? in.sunkMm() : null)
                .pickMm(pick == null || pick.status == Status.FAIL ? null : pick.driver.outsideMm())
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
                                        + (in.pressSide() == null
                                                ? " The closed side is assumed to be towards the tool."
                                                : "")
                                : "It would press on the soft inside: the case bends or the lip comes off.",
                        status == Status.PASS ? "" : "Press with a plate over the whole seal.")
                .withValue(landTo, "mm")
                .withLimits(limits, 0);
    }

    private double leastEdge() {
        return in.outsideDiameterMm() - ring / EDGE_WITHIN;
    }

    /** The land on the open side (mm, across one side): the narrower of {@value #RIM_LAND_MM} and the outer third. */
    private double rim() {
        return Math.min(RIM_LAND_MM, ring / EDGE_WITHIN);
    }

    /** One of the shop's own and whether it will do. */
    private record Own(OwnDriver driver, Status status, String words) {}

    /** Of those that enter the bore and reach the case's edge, the one that will do best; the largest of several. */
    private @Nullable Own pick() {
        return in.own().stream()
                .filter(o ->
                        o.outsideMm() <= in.boreMm() - ENTERS_LESS_MM + 1e-9 && o.outsideMm() >= leastEdge() - 1e-9)
                .map(this::judge)
                .max(Comparator.comparing(Own::status).thenComparing(o -> o.driver.outsideMm()))
                .orElse(null);
    }

    private Own judge(OwnDriver own) {
        boolean disc = own.form() == OwnDriver.Form.DISC;
        double standsOut = in.standsOutMm() == null ? 0 : in.standsOutMm();
        boolean inTheWay = Boolean.TRUE.equals(in.shaftInPlace()) || standsOut > 0;
        if (in.isOpenSide()) {
            if (disc) {
                return new Own(own, Status.FAIL, "a disc presses on lip and spring");
            }
            if (own.insideMm() == null) {
                return new Own(own, Status.MISSING, "what it is hollow to is not known");
            }
            if (own.insideMm() < in.outsideDiameterMm() - 2 * rim() - 1e-9) {
                return new Own(own, Status.FAIL, "it is too wide for the rim and presses on lip or spring");
            }
        }
        if (inTheWay) {
            if (disc) {
                return new Own(own, Status.FAIL, "a disc strikes what stands in the way");
            }
            if (own.insideMm() == null) {
                return new Own(own, Status.MISSING, "what it is hollow to is not known");
            }
            if (own.insideMm() < in.shaftMm() + HOLE_MORE_MM - 1e-9) {
                return new Own(own, Status.FAIL, "its hole does not clear the shaft");
            }
            boolean through = own.form() == OwnDriver.Form.TUBE && own.hollowDepthMm() == null;
            if (!through && own.hollowDepthMm() == null) {
                return new Own(own, Status.MISSING, "how deep it is hollow is not known");
            }
            if (!through && own.hollowDepthMm() < standsOut + HOLLOW_MORE_MM - 1e-9) {
                return new Own(own, Status.FAIL, "it is not hollow deep enough");
            }
        }
        if (in.shaftInPlace() == null && disc) {
            return new Own(own, Status.MISSING, "whether the shaft's end is in place is not known");
        }
        return new Own(own, Status.PASS, "it enters and carries the case by its edge");
    }

    private Finding own(@Nullable Own pick) {
        String subject = "driver of the shop's own set";
        if (pick != null && pick.status != Status.FAIL) {
            return guide(
                            "own",
                            pick.status,
                            subject,
                            "Ø " + Length.show(pick.driver.outsideMm(), 1) + ": " + pick.words + ".",
                            pick.status == Status.PASS ? "" : "Look before it is struck.")
                    .withValue(pick.driver.outsideMm(), "mm");
        }
        return guide(
                "own",
                Status.CAUTION,
                subject,
                in.own().isEmpty()
                        ? "No set of drivers was given."
                        : pick != null
                                ? "None of the set will do: " + pick.words + "."
                                : "None of the set enters the bore and carries the case by its edge.",
                "Turn one by the drawing; else a plate, a tube or a block: a tube may press on the soft inside, a "
                        + "block tilts and stops only where the seal ends flush.");
    }

    private Finding stop(boolean proud, boolean sunk, @Nullable Own pick) {
        boolean ownStop = pick != null && pick.status == Status.PASS && pick.driver.stops();
        String message = in.isFlush()
                ? "The plate stops itself on the housing face: the seal ends flush and goes no deeper."
                : proud
                        ? "The plate's recess leaves the seal standing out by " + Length.show(in.proudMm(), 2) + " mm."
                        : sunk
                                ? "The spigot brings the seal " + Length.show(in.sunkMm(), 2)
                                        + " mm below the face and the plate stops it."
                                : ownStop
                                        ? "This driver stops by itself: the depth is measured all the same."
                                        : "Nothing stops this driver: the depth is a hold, by gauge.";
        return guide(
                "stop",
                in.isFlush() || proud || sunk || ownStop ? Status.PASS : Status.CAUTION,
                "stop at depth",
                message,
                "Blows or force that rise suddenly: stop and look.");
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
