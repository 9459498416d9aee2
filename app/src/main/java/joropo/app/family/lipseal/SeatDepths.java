package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.drawing.Dial;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.settings.ShopGauge;
import joropo.core.readings.Misreading;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Depth of the fitted seal as read round the circumference.
 *
 * @param square absent while fewer than three places are read, @param uncertaintyMm of one reading
 * @param errors by name of the field
 */
record SeatDepths(
        @Nullable SeatSquarenessResult square,
        double uncertaintyMm,
        List<SeatSquarenessInput.Reading> readings,
        List<Finding> findings,
        Map<String, String> errors) {
    private static final int LEAST = 3;
    private static final double DEGREES_AN_HOUR = 30;

    /** @param boreMm, @param shaftMm where the seal sits */
    static SeatDepths of(ReadFields read, double boreMm, double shaftMm) {
        List<SeatSquarenessInput.Reading> readings = new ArrayList<>();
        List<Integer> places = CommonFields.clockPlaces();
        for (int i = 0; i < places.size(); i++) {
            Double depth = read.get(LipSealFields.DEPTHS.get(i));
            if (depth != null) {
                readings.add(new SeatSquarenessInput.Reading((double) places.get(i), null, depth));
            }
        }
        if (readings.size() < LEAST) {
            return new SeatDepths(null, 0, readings, List.of(SeatSquarenessCheck.unread(readings.size())), Map.of());
        }
        Double circle = read.get(LipSealFields.GAUGE_CIRCLE);
        ShopGauge gauge = read.gauge(CommonFields.FIT_GAUGE, LipSealFields.DEPTH_GAUGE);
        Double uncertaintyMm = gauge == null ? null : Double.valueOf(gauge.uncertaintyMm(boreMm));
        try {
            SeatSquarenessResult square = SeatSquarenessCheck.check(new SeatSquarenessInput(
                    boreMm, circle == null ? (boreMm + shaftMm) / 2 : circle, readings, uncertaintyMm));
            return new SeatDepths(
                    square, uncertaintyMm == null ? 0 : uncertaintyMm, readings, square.findings(), Map.of());
        } catch (RefusedInput e) {
            return new SeatDepths(
                    null,
                    0,
                    readings,
                    List.of(),
                    Map.of(LipSealFields.GAUGE_CIRCLE.name(), e.errors().get(0).message()));
        }
    }

    /** What is suspected of one of the depths, by name of its field. */
    Map<String, String> doubts(ReadFields read) {
        return Misreading.among(
                        Arrays.asList(
                                LipSealFields.DEPTHS.stream().map(read::get).toArray(Double[]::new)),
                        uncertaintyMm)
                .stream()
                .collect(Collectors.toMap(
                        m -> LipSealFields.DEPTHS.get(m.index()).name(),
                        m -> m.question(read.unit(LipSealFields.DEPTHS.get(m.index())))));
    }

    /** The uncertainty of one reading where its gauge is named; absent where nobody named it. */
    @Nullable
    Double namedU() {
        return uncertaintyMm == 0 ? null : Double.valueOf(uncertaintyMm);
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
