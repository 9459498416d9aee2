package joropo.core.mechseal;

import java.util.ArrayList;
import java.util.List;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.mechseal.ChamberInput.Mount;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether shaft, bearings and chamber are good enough for a mechanical seal (guide). */
public final class ChamberCheck {
    private static final double SMALL_MM = 50;
    private static final double RUN_OUT_MM = 0.05;
    private static final double RUN_OUT_PER_MM = 0.001;
    private static final double RUN_OUT_MOST_MM = 0.10;
    private static final double LIFT_SMALL_MM = 0.05;
    private static final double LIFT_MM = 0.08;
    private static final double AXIAL_MM = 0.08;
    private static final double SQUARE_PER_MM = 0.0005;
    private static final double SQUARE_LEAST_MM = 0.03;
    private static final double CONCENTRIC_MM = 0.125;
    private static final double RA_MOVING_UM = 0.4;
    private static final Limits RA_STILL = Limits.atMost(0.8);
    private static final Limits RA_BELLOWS = new Limits(0.8, 1.6);
    private static final double BELLOWS_BELOW_MM = 0.05;
    private static final double CHAMFER_MM = 1.5;
    private static final Limits CHAMFER_DEG = new Limits(15.0, 30.0);
    private static final double SLACK = 1e-9;

    private final ChamberInput in;

    private ChamberCheck(ChamberInput in) {
        this.in = in;
    }

    public static ChamberResult check(ChamberInput in) {
        return new ChamberCheck(in).result();
    }

    /** While shaft or chamber has no size. */
    public static Finding unread() {
        return Finding.missing(
                "runout",
                "the machine at its seal",
                "Shaft or chamber has no size yet: what they may be off by is not known.",
                "Read both, or write them at the position, such as 35 x 60.");
    }

    private double runOutMm() {
        double d = in.shaftDiameterMm();
        return d <= SMALL_MM ? RUN_OUT_MM : Math.min(RUN_OUT_MOST_MM, Length.snap(RUN_OUT_PER_MM * d));
    }

    private double liftMm() {
        return in.shaftDiameterMm() <= SMALL_MM ? LIFT_SMALL_MM : LIFT_MM;
    }

    private double squareMm() {
        return Math.max(SQUARE_LEAST_MM, Length.snap(SQUARE_PER_MM * in.chamberBoreMm()));
    }

    private ChamberResult result() {
        List<Finding> findings = new ArrayList<>(List.of(
                swing(
                        "runout",
                        "run-out of the shaft at the seal",
                        in.runoutTirMm(),
                        runOutMm(),
                        "The faces follow it at every turn and wear wide.",
                        "Straighten or renew the shaft, look at the bearings."),
                swing(
                        "radial-play",
                        "lift of the shaft",
                        in.radialPlayMm(),
                        liftMm(),
                        "The shaft whips, and the faces slide across each other.",
                        "New bearings before the seal."),
                swing(
                        "axial-play",
                        "axial play of the shaft",
                        in.axialPlayMm(),
                        AXIAL_MM,
                        "The faces are pushed together and apart.",
                        "Bearings and their shims first."),
                swing(
                        "squareness",
                        "chamber face square to the shaft",
                        in.faceSquarenessTirMm(),
                        squareMm(),
                        "The seat stands askew, the face opens twice a turn.",
                        "Clean the face, look for a burr; else machine it."),
                swing(
                        "concentricity",
                        "register or bore on the shaft's centre",
                        in.concentricityTirMm(),
                        CONCENTRIC_MM,
                        "Gland and sleeve stand off the middle and may touch.",
                        "Move the housing, or dowel it anew."),
                roughness()));
        if (in.shaft() != null) {
            findings.add(shaftClass(in.shaft()));
        }
        if (in.seat() != null) {
            findings.add(size("seat", "bore of the seat", in.seat(), "H8"));
        }
        if (in.chamferMm() != null || in.chamferDeg() != null) {
            findings.add(chamfer());
        }
        boolean swings = in.runoutTirMm() != null
                || in.radialPlayMm() != null
                || in.axialPlayMm() != null
                || in.faceSquarenessTirMm() != null
                || in.concentricityTirMm() != null;
        if (in.uncertaintyMm() == null && swings) {
            findings.add(Say.guide(
                    "gauge",
                    Status.CAUTION,
                    "gauge",
                    "The gauge is not named: judged as if by a dial indicator.",
                    "Name the gauge."));
        }
        return new ChamberResult(runOutMm(), liftMm(), AXIAL_MM, squareMm(), CONCENTRIC_MM, findings);
    }

    private Finding swing(String id, String subject, @Nullable Double value, double most, String why, String remedy) {
        if (value == null) {
            return Finding.missing(id, subject, "It is not measured.", "Measure it before the seal goes in.");
        }
        Limits limits = Limits.atMost(most);
        Status status = limits.judge(value, in.swingU());
        return Say.guide(
                        id,
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "Good enough for a mechanical seal.";
                            case REMEASURE -> "The gauge cannot tell whether it is good enough.";
                            default -> why;
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "Read again with a finer gauge.";
                            default -> remedy;
                        })
                .withValue(value, "mm")
                .withLimits(limits, in.swingU());
    }

    private Finding roughness() {
        String subject = "roughness Ra where the seal sits";
        Double ra = in.raUm();
        if (ra == null) {
            return Finding.missing(
                    "roughness", subject, "The roughness is not known.", "Read Ra, or compare with a specimen.");
        }
        if (in.mount() == null && ra <= RA_BELLOWS.upper() + SLACK) {
            return Finding.missing(
                            "roughness",
                            subject,
                            "What sits there is not known: a moving O-ring wants it smooth, a bellows rough.",
                            "Say what sits on the shaft.")
                    .withValue(ra, "µm");
        }
        Limits limits = in.mount() == null || in.mount() == Mount.BELLOWS
                ? RA_BELLOWS
                : in.mount() == Mount.STATIC ? RA_STILL : Limits.atMost(RA_MOVING_UM);
        boolean good = limits.margin(ra) >= -SLACK;
        boolean slips = ra < RA_BELLOWS.lower() && in.mount() == Mount.BELLOWS;
        return Say.guide(
                        "roughness",
                        good ? Status.PASS : Status.FAIL,
                        subject,
                        good
                                ? "Right for what sits there."
                                : slips
                                        ? "So smooth that the bellows slips on it."
                                        : "It files what moves on it, or leaks.",
                        good
                                ? ""
                                : slips ? "A light pass of fine cloth round it." : "Polish it round, or a new sleeve.")
                .withValue(ra, "µm")
                .withLimits(limits, 0);
    }

    /** To h6 under an O-ring or wedge; a bellows takes a shaft that is smaller by no more than its band. */
    private Finding shaftClass(DiameterInput shaft) {
        String subject = "shaft or sleeve at the seal";
        Finding fine = size("class", subject, shaft, "h6");
        DiameterInput wide = DiameterInputBuilder.builder(shaft)
                .toleranceClass(null)
                .lowerMm(Length.snap(shaft.nominalMm() - BELLOWS_BELOW_MM))
                .upperMm(shaft.nominalMm())
                .build();
        Finding bellows = judged("class", subject + ", bellows", wide);
        if (in.mount() == Mount.BELLOWS) {
            return bellows;
        }
        if (in.mount() != null || fine.status() == Status.PASS || bellows.status() == Status.FAIL) {
            return in.mount() == null && bellows.status() == Status.FAIL ? bellows : fine;
        }
        return Finding.missing(
                "class",
                subject,
                "It will do for a bellows; what sits there is not known.",
                "Say what sits on the shaft.");
    }

    private static Finding size(String id, String subject, DiameterInput read, String toleranceClass) {
        return judged(
                id,
                subject + ", " + toleranceClass,
                DiameterInputBuilder.builder(read)
                        .toleranceClass(toleranceClass)
                        .lowerMm(null)
                        .upperMm(null)
                        .build());
    }

    /** The worst that the check of a diameter says of it. */
    private static Finding judged(String id, String subject, DiameterInput read) {
        List<Finding> all = DiameterCheck.check(read).findings();
        Finding size = all.get(0);
        Status worst = Finding.worst(all);
        Finding said = all.stream().filter(f -> f.status() == worst).findFirst().orElse(size);
        return Finding.of(id, worst, subject, said.message(), said.remedy(), size.source(), size.reference())
                .withValue(size.value(), "mm")
                .withLimits(new Limits(size.lower(), size.upper()), size.uncertainty());
    }

    private Finding chamfer() {
        String subject = "chamfer over which elastomers pass";
        boolean tooShort = in.chamferMm() != null && in.chamferMm() < CHAMFER_MM - SLACK;
        boolean steep = in.chamferDeg() != null && CHAMFER_DEG.margin(in.chamferDeg()) < -SLACK;
        if (!tooShort && !steep && (in.chamferMm() == null || in.chamferDeg() == null)) {
            return Finding.missing(
                    "chamfer",
                    subject,
                    (in.chamferMm() == null ? "Its length" : "Its angle") + " is not known.",
                    "Measure it: 1.5 mm at 15 to 30 degrees.");
        }
        Finding said = Say.guide(
                "chamfer",
                tooShort || steep ? Status.FAIL : Status.PASS,
                subject,
                tooShort || steep ? "The elastomer is cut on its way in." : "Elastomers pass it whole.",
                tooShort || steep ? "Chamfer it: 1.5 mm at 15 to 30 degrees, edges broken." : "");
        return steep
                ? said.withValue(in.chamferDeg(), "°").withLimits(CHAMFER_DEG, 0)
                : said.withValue(in.chamferMm(), "mm").withLimits(Limits.atLeast(CHAMFER_MM), 0);
    }
}
