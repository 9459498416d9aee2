package joropo.core.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Is the seal pressed in square? The tilt over its outside diameter by the two-step rule (guide,
 * {@code seat-squareness.csv}), and where to tap when it is not; a mechanical seal's seat is never tapped.
 */
public final class SeatSquarenessCheck {
    private record Line(double overMm, double toMm, double limitMm) {
        Line(CsvTable.Row row) {
            this(row.number("od_over_mm"), row.number("od_to_mm"), row.number("tilt_limit_mm"));
        }
    }

    private static final Ranges<Line> LIMITS =
            new Ranges<>("seat-squareness", CsvTable.rows("seat-squareness", Line::new), Line::overMm, Line::toMm);
    private static final double LEVEL_MM = 1e-6;
    /** A mechanical seal's seat may tilt by this over its places (mm, guide). */
    private static final double SEAT_MM = 0.05;

    private SeatSquarenessCheck() {}

    /** What is said while too few places are read. @param read how many are */
    public static Finding unread(int read) {
        return Finding.missing(
                "tilt",
                "seat squareness over the outside",
                "Depth has been read at " + read + " of four places.",
                "Read it at 12, 3, 6 and 9 o'clock.");
    }

    public static SeatSquarenessResult check(SeatSquarenessInput in) {
        List<HarmonicFit.Point> points = in.readings().stream()
                .map(r -> new HarmonicFit.Point(r.degrees(), r.depthMm()))
                .toList();
        HarmonicFit fit = HarmonicFit.of(points);
        double uncertaintyMm = in.readU();
        double amplitude = Length.snap(fit.amplitude());
        double overGauge = in.outsideDiameterMm() / in.gaugeCircleMm();
        double tilt = Length.snap(2 * amplitude * overGauge); // tilt = 2 A OD / gauge circle
        double tiltU = 2 * fit.amplitudeUncertainty(points, uncertaintyMm) * overGauge;
        boolean level = amplitude < LEVEL_MM;
        double deepest = fit.directionDeg();
        double proud = HarmonicFit.normalize(deepest + 180);
        boolean tapped = !level && in.what() != SeatSquarenessInput.What.SEAT;
        double tap = clock(proud);
        OptionalInt odd = HarmonicFit.suspicious(points, uncertaintyMm);

        List<Finding> findings = new ArrayList<>();
        findings.add(tiltFinding(in, tilt, tiltU, tapped ? tap : null));
        if (in.uncertaintyMm() == null) {
            findings.add(Finding.of(
                    "gauge",
                    Status.CAUTION,
                    "gauge of the depths",
                    "The gauge is not named: judged as if by a caliper's depth rod.",
                    "Name the gauge.",
                    Source.GUIDE,
                    "decision rule"));
        }
        findings.add(oddFinding(points, odd));
        return new SeatSquarenessResult(
                Length.snap(fit.c()),
                amplitude,
                tilt,
                level ? null : deepest,
                level ? null : proud,
                tapped ? tap : null,
                odd.isPresent() ? List.of(points.get(odd.getAsInt()).angleDeg()) : List.of(),
                findings);
    }

    /** Clock position to a tenth of an hour, 12 for straight up. */
    static double clock(double deg) {
        double hours = Math.rint(HarmonicFit.normalize(deg) / 3) / 10;
        return hours < 0.05 ? 12 : hours;
    }

    private static Finding tiltFinding(SeatSquarenessInput in, double tilt, double tiltU, @Nullable Double tap) {
        boolean seat = in.what() == SeatSquarenessInput.What.SEAT;
        double limit = seat ? SEAT_MM : LIMITS.atOrLast(in.outsideDiameterMm()).limitMm;
        Status status = seat ? Limits.atMost(limit).judge(tilt, tiltU) : Limits.twoStep(tilt, tiltU, limit, 2 * limit);
        String message =
                switch (status) {
                    case PASS ->
                        seat
                                ? "The seat sits square: the faces run true."
                                : "The seal sits square: the lip is loaded evenly round the shaft.";
                    case REMEASURE -> "The gauge cannot tell whether the seal sits square enough.";
                    default ->
                        seat
                                ? "The seat sits out of square: the faces open once a turn."
                                : "The seal sits out of square: its lip is wide on one side, narrow on the other, and "
                                        + "wears early.";
                };
        return Finding.of(
                        "tilt",
                        status,
                        "seat squareness over the outside",
                        message,
                        seat ? pressedAgain(status) : tapped(status, tap),
                        Source.GUIDE,
                        "seat squareness by outside diameter")
                .withValue(tilt, "mm")
                .withLimits(Limits.atMost(limit), tiltU);
    }

    /** A hard face is brittle: nothing is put right by tapping. */
    private static String pressedAgain(Status status) {
        return switch (status) {
            case PASS -> "";
            case REMEASURE -> "Read it with a finer gauge, a dial on a bridge. Never tap a seat.";
            default -> "Never tap a seat: out by hand from behind, clean both surfaces, press it again.";
        };
    }

    private static String tapped(Status status, @Nullable Double tap) {
        return status == Status.PASS || tap == null
                ? ""
                : "Tap on the case at " + Length.show(tap, 1) + " o'clock, then read all places again.";
    }

    private static Finding oddFinding(List<HarmonicFit.Point> points, OptionalInt odd) {
        String subject = "one reading against the others";
        if (odd.isPresent()) {
            HarmonicFit.Point point = points.get(odd.getAsInt());
            return Finding.of(
                            "suspicious",
                            Status.CAUTION,
                            subject,
                            "The reading at " + Length.show(clock(point.angleDeg()), 1)
                                    + " o'clock does not go with the others: dirt, burr or a slip.",
                            "Read that place again.",
                            Source.GUIDE,
                            "leave-one-out")
                    .withValue(point.valueMm(), "mm");
        }
        boolean possible = points.size() >= HarmonicFit.LEAST_FOR_SUSPICION;
        return Finding.of(
                "suspicious",
                Status.PASS,
                subject,
                possible
                        ? "No reading stands out."
                        : "With fewer than six readings a slip cannot be told from a tilt; no check was made.",
                "",
                Source.GUIDE,
                "leave-one-out");
    }
}
