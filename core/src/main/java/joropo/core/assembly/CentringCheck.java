package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import joropo.core.readings.HarmonicFit;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** A ring that is centred on its shaft by gaps and screws (guide). */
public final class CentringCheck {
    private static final double NOTHING_MM = 1e-6;

    private final CentringInput in;
    private final Places places;
    private final HarmonicFit fit;
    private final Places.Swing swing;
    private final double offset;

    private CentringCheck(CentringInput in) {
        this.in = in;
        places = Places.of(
                in.readings().stream()
                        .map(r -> new HarmonicFit.Point(Places.degreesOf(r.clock(), r.angleDeg()), r.gapMm()))
                        .toList(),
                in.readU());
        fit = places.fit();
        swing = places.swing(fit);
        offset = Length.snap(fit.amplitude());
    }

    public static CentringResult check(CentringInput in) {
        return new CentringCheck(in).result();
    }

    /** While only some of it is read. */
    public static Finding unread() {
        return Finding.missing(
                "spread", "gap, greatest less least", "Still wanted: all four places.", "Type that too.");
    }

    private boolean isOff() {
        return offset >= NOTHING_MM;
    }

    private double moveDeg() {
        return HarmonicFit.normalize(fit.directionDeg() + 180);
    }

    private CentringResult result() {
        List<Finding> findings = new ArrayList<>();
        Finding spread = spread();
        findings.add(spread);
        findings.add(contact());
        findings.add(places.suspicious(Places::clock));
        findings.add(move(spread.status()));
        Say.gauge(in.uncertaintyMm(), "feelers").ifPresent(findings::add);
        return new CentringResult(
                Length.snap(fit.c()),
                offset,
                isOff() ? fit.directionDeg() : null,
                isOff() ? moveDeg() : null,
                places.spreadMm(),
                screwMoves(),
                findings);
    }

    /** In by the part of the move that points along the screw. */
    private List<CentringResult.ScrewMove> screwMoves() {
        List<CentringResult.ScrewMove> out = new ArrayList<>();
        for (CentringInput.Screw screw : in.screws() == null ? List.<CentringInput.Screw>of() : in.screws()) {
            double along = offset * Math.cos(Math.toRadians(screw.angleDeg() - fit.directionDeg()));
            double move = Length.snap(in.screwsIn() == CentringInput.ScrewsIn.HOUSING ? along : -along);
            Double turn = in.screwPitchMm() == null ? null : Double.valueOf(move / in.screwPitchMm() * 360);
            out.add(new CentringResult.ScrewMove(screw.angleDeg(), move, turn));
        }
        return out;
    }

    private Finding spread() {
        Limits limits = Limits.atMost(in.mostMm());
        Status status = limits.judge(swing.mm(), swing.uncertaintyMm());
        boolean maker = in.limitMm() != null;
        return Finding.of(
                        "spread",
                        status,
                        "gap, greatest less least",
                        switch (status) {
                            case PASS -> "The ring stands in the middle.";
                            case REMEASURE -> "The gauge cannot tell whether the ring stands in the middle.";
                            default -> "The ring stands off the middle.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "Read again with finer steps.";
                            default -> "Move it, and read all places again.";
                        },
                        maker ? Source.MAKER : Source.GUIDE,
                        maker ? "limit as typed" : "centring by gaps")
                .withValue(swing.mm(), "mm")
                .withLimits(limits, swing.uncertaintyMm());
    }

    private Finding contact() {
        String subject = "least gap";
        double least = places.leastMm();
        if (least <= NOTHING_MM) {
            return Say.guide("contact", Status.FAIL, subject, "It touches the shaft.", "Move it before anything turns.")
                    .withValue(least, "mm");
        }
        if (in.leastGapMm() == null) {
            return Finding.missing(
                            "contact",
                            subject,
                            "It does not touch; how much every gap has to be is not known.",
                            "Take the least gap from the maker.")
                    .withValue(least, "mm");
        }
        Limits limits = Limits.atLeast(in.leastGapMm());
        Status status = limits.judge(least, in.readU());
        return Finding.of(
                        "contact",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "Wide enough all round.";
                            case REMEASURE -> "The gauge cannot tell whether it is wide enough.";
                            default -> "Warm, or with its play, it touches there.";
                        },
                        status == Status.PASS
                                ? ""
                                : fit.c() < in.leastGapMm()
                                        ? "Centred it is too tight as well: another ring, or its bore opened."
                                        : "Move it, and read all places again.",
                        Source.MAKER,
                        "least gap as typed")
                .withValue(least, "mm")
                .withLimits(limits, in.readU());
    }

    private Finding move(Status spread) {
        boolean needed = spread != Status.PASS && isOff();
        return Finding.computed(
                "move",
                "move of the ring",
                offset,
                "mm",
                needed
                        ? "Move it " + Length.show(offset, 3) + " mm towards " + Places.clock(moveDeg())
                                + "; slacken the opposite screw first."
                        : "It stays where it is.");
    }
}
