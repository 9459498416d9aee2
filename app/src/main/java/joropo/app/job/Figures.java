package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import joropo.app.ui.Figure;
import joropo.app.ui.Sign;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.units.Length;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The figures under each card: what was computed from its readings. */
final class Figures {
    private final JobEvaluation evaluation;
    private final Function<Status, Sign> signs;

    Figures(JobEvaluation evaluation, Function<Status, Sign> signs) {
        this.evaluation = evaluation;
        this.signs = signs;
    }

    List<Figure> of(String card) {
        Measured measured = evaluation.measured();
        return switch (card) {
            case "shaft" -> diameter("shaft", measured.shaft(), measured.shaftLimits());
            case "bore" -> diameter("bore", measured.bore(), measured.boreLimits());
            case "duty" -> duty();
            case "heat" -> heat();
            case "groove" -> groove();
            case "seal" -> seal();
            case "way" -> way();
            case "square" -> square();
            default -> List.of();
        };
    }

    private List<Figure> diameter(String name, @Nullable DiameterResult result, @Nullable Limits limits) {
        if (result == null || limits == null) {
            return List.of();
        }
        List<Figure> out = new ArrayList<>();
        Sign roundness = name.equals("shaft") ? sign("roundness") : null;
        out.add(new Figure("ovality", fit(result.ovalityMm()), "mm", roundness));
        out.add(new Figure("taper", fit(result.taperMm()), "mm", null));
        out.add(new Figure(
                fit(limits.lower()) + " to " + fit(limits.upper()),
                fit(result.minMm()) + " to " + fit(result.maxMm()),
                "mm",
                sign(name + "-size")));
        return out;
    }

    private List<Figure> duty() {
        Double v = evaluation.speedMPerS();
        return v == null
                ? List.of()
                : List.of(new Figure(
                        "surface speed"
                                + (evaluation.sketch().assumed().contains(Sketch.Assumed.SHAFT)
                                        ? ", shaft assumed "
                                                + Length.show(
                                                        evaluation
                                                                .sketch()
                                                                .section()
                                                                .shaftDiameterMm(),
                                                        0)
                                        : ""),
                        Length.show(v, 2),
                        "m/s",
                        null));
    }

    /** The heat at the lip, with everything that was assumed for it. */
    private List<Figure> heat() {
        LipSealResult choosing = evaluation.decided().choosing();
        List<Figure> out = new ArrayList<>();
        if (choosing != null) {
            out.add(new Figure(
                    "at the lip", Length.show(choosing.lipTemperatureC(), 0), "°C", sign("lip-temperature")));
            out.add(new Figure("own rise", Length.show(choosing.temperatureRiseK(), 1), "K", null));
            out.add(new Figure("heat of one lip", Length.show(choosing.frictionLossW(), 0), "W", null));
        }
        return out;
    }

    private List<Figure> groove() {
        Double shift = evaluation.surface().result().requiredShiftMm();
        return shift == null ? List.of() : List.of(new Figure("lip has to move", mm(shift), "mm", null));
    }

    private List<Figure> seal() {
        var fit = evaluation.pressFit();
        if (fit == null || fit.interferenceMinMm() == null || fit.interferenceMaxMm() == null) {
            return List.of();
        }
        List<Figure> out = new ArrayList<>(List.of(new Figure(
                "interference",
                fit(fit.interferenceMinMm()) + " to " + fit(fit.interferenceMaxMm()),
                "mm",
                sign("interference"))));
        if (fit.hotInterferenceMinMm() != null) {
            out.add(new Figure(
                    "hot, at " + Length.show(evaluation.duty().sumpC(), 0) + " °C, least",
                    fit(fit.hotInterferenceMinMm()),
                    "mm",
                    sign("hot")));
        }
        return out;
    }

    private List<Figure> way() {
        List<Figure> out = new ArrayList<>();
        Window window = evaluation.window();
        if (window != null) {
            out.add(new Figure("depth window", mm(window.fromMm()) + " to " + mm(window.toMm()), "mm", sign("S2")));
            out.add(new Figure("goes to", mm(evaluation.targetMm()), "mm", null));
        }
        if (!evaluation.plan().isEmpty()) {
            out.add(new Figure(
                    "lip track", mm(evaluation.sketch().section().seal().lipMm()), "mm", sign("S4")));
        }
        return out;
    }

    private List<Figure> square() {
        SeatDepths seat = evaluation.seat();
        if (seat.square() == null) {
            return List.of();
        }
        SeatSquarenessResult square = seat.square();
        List<Figure> out = new ArrayList<>(List.of(
                new Figure("mean", mm(square.meanMm()), "mm", sign("S2-fitted")),
                new Figure("tilt over the outside", fit(square.tiltMm()), "mm", sign("tilt"))));
        if (square.tapAtClock() != null) {
            out.add(new Figure("proud at", Length.show(square.tapAtClock(), 1), "o'clock", null));
        }
        return out;
    }

    private @Nullable Sign sign(String id) {
        return evaluation.findings().stream()
                .filter(f -> f.finding().id().equals(id))
                .map(JobFinding::status)
                .reduce(Status::worse)
                .map(signs)
                .orElse(null);
    }

    private static String fit(double mm) {
        return Length.show(mm, 3);
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
