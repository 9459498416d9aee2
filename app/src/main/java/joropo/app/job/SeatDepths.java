package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import joropo.app.drawing.Dial;
import joropo.app.settings.ShopGauge;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.section.Section;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Depth of the fitted seal as read round the circumference.
 *
 * @param square absent while fewer than three places are read, @param uncertaintyMm of one reading
 */
record SeatDepths(
        @Nullable SeatSquarenessResult square,
        double uncertaintyMm,
        List<SeatSquarenessInput.Reading> readings,
        List<Finding> findings) {
    private static final int LEAST = 3;
    private static final double DEGREES_AN_HOUR = 30;

    static SeatDepths of(Values values, Section section) {
        List<SeatSquarenessInput.Reading> readings = new ArrayList<>();
        for (int clock : new int[] {12, 3, 6, 9}) {
            Double depth = values.number("depth" + clock);
            if (depth != null) {
                readings.add(new SeatSquarenessInput.Reading((double) clock, null, depth));
            }
        }
        if (readings.size() < LEAST) {
            return new SeatDepths(
                    null,
                    0,
                    readings,
                    List.of(Finding.missing(
                            "tilt",
                            "seat squareness over the outside",
                            "Depth has been read at " + readings.size() + " of four places.",
                            "Read it at 12, 3, 6 and 9 o'clock.")));
        }
        double od = section.boreDiameterMm();
        Double circle = values.number("gaugeCircle");
        ShopGauge gauge = values.gauge("fitGauge");
        Double u = gauge == null ? null : Double.valueOf(gauge.uncertaintyMm(od));
        try {
            SeatSquarenessResult square = SeatSquarenessCheck.check(new SeatSquarenessInput(
                    od, circle == null ? (od + section.shaftDiameterMm()) / 2 : circle, readings, u));
            return new SeatDepths(square, u == null ? 0 : u, readings, square.findings());
        } catch (RefusedInput e) {
            values.refuse("gaugeCircle", e.errors().get(0).message());
            return new SeatDepths(null, 0, readings, List.of());
        }
    }

    /**
     * The readings as a small clock with the place to tap, while they are within reach of being put right; empty while
     * too few are read.
     */
    String dial() {
        if (square == null) {
            return "";
        }
        boolean fine =
                square.findings().stream().filter(f -> f.id().equals("tilt")).allMatch(f -> f.status() == Status.PASS);
        Double tap = fine ? null : square.proudAngleDeg();
        String words = "Depth round the circumference"
                + (tap == null ? "" : "; tap at " + Length.show(square.tapAtClock(), 1) + " o'clock");
        return Dial.svg(
                readings.stream()
                        .map(r -> new Dial.Reading(r.clock() * DEGREES_AN_HOUR, r.depthMm()))
                        .toList(),
                tap,
                words,
                "c-");
    }
}
