package joropo.core.readings;

import java.util.List;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Depth of a fitted seal's back, read round the circumference from one face.
 *
 * @param outsideDiameterMm outside diameter of the seal
 * @param gaugeCircleMm diameter of the circle on which the gauge stood
 * @param readings three or more, spread over more than 60 degrees
 * @param uncertaintyMm expanded uncertainty of one reading, k = 2; absent: a caliper's depth rod, with a caution
 * @param what absent: LIP_SEAL
 */
public record SeatSquarenessInput(
        @Nullable What what,
        Double outsideDiameterMm,
        Double gaugeCircleMm,
        List<Reading> readings,
        @Nullable Double uncertaintyMm) {
    private static final int MOST = 72;

    /** What was pressed in: a lip seal, or the seat of a mechanical seal. */
    public enum What {
        LIP_SEAL,
        SEAT
    }

    /** A lip seal. */
    public SeatSquarenessInput(
            Double outsideDiameterMm, Double gaugeCircleMm, List<Reading> readings, @Nullable Double uncertaintyMm) {
        this(null, outsideDiameterMm, gaugeCircleMm, readings, uncertaintyMm);
    }

    /**
     * One depth at one place of the circumference, as seen from outside.
     *
     * @param clock 0 to 12 o'clock; or else
     * @param angleDeg degrees clockwise from 12
     * @param depthMm from the named face to the seal's back, negative when it stands proud
     */
    public record Reading(@Nullable Double clock, @Nullable Double angleDeg, Double depthMm) {
        public Reading {
            new Needs()
                    .that("clock", clock != null ^ angleDeg != null, "or angleDeg is needed, one of the two")
                    .optionalBetween("clock", clock, 0, 12)
                    .optionalBetween("angleDeg", angleDeg, -360, 360)
                    .place("depthMm", depthMm)
                    .done();
        }

        double degrees() {
            return HarmonicFit.normalize(angleDeg != null ? angleDeg : clock * 30);
        }
    }

    public SeatSquarenessInput {
        new Needs()
                .size("outsideDiameterMm", outsideDiameterMm)
                .size("gaugeCircleMm", gaugeCircleMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .that(
                        "readings",
                        readings != null && readings.size() >= 3 && readings.size() <= MOST,
                        "needs 3 to " + MOST + " readings")
                .that(
                        "gaugeCircleMm",
                        gaugeCircleMm == null || outsideDiameterMm == null || gaugeCircleMm <= 2 * outsideDiameterMm,
                        "is more than twice the outside diameter, got "
                                + (gaugeCircleMm == null ? "" : Length.show(gaugeCircleMm, 2)))
                .done();
        what = what == null ? What.LIP_SEAL : what;
        readings = List.copyOf(readings);
    }

    /** Expanded uncertainty of one reading (mm): as given, else of a caliper's depth rod. */
    double readU() {
        return uncertaintyMm != null
                ? uncertaintyMm
                : Gauge.CALIPER_DEPTH.uncertaintyMm(readings.stream()
                        .mapToDouble(r -> Math.abs(r.depthMm))
                        .max()
                        .orElseThrow());
    }
}
