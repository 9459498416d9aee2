package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.List;
import joropo.app.family.JobFinding;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.app.family.lipseal.ShaftAndBoreReadings.Measured;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.app.ui.StatusMark;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.units.Length;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The figures under each card: what was computed from its readings. */
final class LipSealFigures {
    private static final int HOURS = 12;

    private final LipSealWork work;
    private final Show show;

    LipSealFigures(LipSealWork work, Show show) {
        this.work = work;
        this.show = show;
    }

    List<Figure> of(String card) {
        ShaftAndBoreReadings measured = work.measured();
        return switch (card) {
            case "shaft" -> diameter("shaft", measured.shaft());
            case "bore" -> diameter("bore", measured.bore());
            case "duty" -> duty();
            case "found" -> found();
            case "heat" -> heat();
            case "groove" -> groove();
            case "seal" -> seal();
            case "way" -> way();
            case "square" -> square();
            default -> List.of();
        };
    }

    private List<Figure> diameter(String name, Measured part) {
        DiameterResult result = part.result();
        Limits limits = part.limits();
        if (result == null || limits == null) {
            return List.of();
        }
        StatusMark roundness = name.equals("shaft") ? mark("roundness") : null;
        return List.of(
                new Figure("ovality", fit(result.ovalityMm()), "mm", roundness),
                new Figure("taper", fit(result.taperMm()), "mm", null),
                new Figure(
                        fit(limits.lower()) + " to " + fit(limits.upper()),
                        fit(result.minMm()) + " to " + fit(result.maxMm()),
                        "mm",
                        mark(name + "-size")));
    }

    private List<Figure> duty() {
        Double v = work.speedMPerS();
        if (v == null) {
            return List.of();
        }
        String assumed = work.entry().assumes(Assumed.SHAFT)
                ? ", shaft assumed " + Length.show(work.entry().section().shaftDiameterMm(), 0)
                : "";
        return List.of(new Figure("surface speed" + assumed, Length.show(v, 2), "m/s", null));
    }

    /** What the list of what came off says, so that it need not be typed again. */
    private List<Figure> found() {
        Double logged = work.known().loggedMm(work.alike().index());
        return logged == null
                ? List.of()
                : List.of(new Figure("depth, as noted when it came off", mm(logged), "mm", null));
    }

    /** The heat at the lip, with everything that was assumed for it. */
    private List<Figure> heat() {
        LipSealResult choosing = work.decided().choosing();
        List<Figure> out = new ArrayList<>();
        if (choosing != null) {
            out.add(new Figure(
                    "at the lip", Length.show(choosing.lipTemperatureC(), 0), "°C", mark("lip-temperature")));
            out.add(new Figure("own rise", Length.show(choosing.temperatureRiseK(), 1), "K", null));
            out.add(new Figure("heat of one lip", Length.show(choosing.frictionLossW(), 0), "W", null));
        }
        return out;
    }

    private List<Figure> groove() {
        Double shift = work.track().result().requiredShiftMm();
        return shift == null ? List.of() : List.of(new Figure("lip has to move", mm(shift), "mm", null));
    }

    private List<Figure> seal() {
        var fit = work.pressFit();
        if (fit == null || fit.interferenceMinMm() == null || fit.interferenceMaxMm() == null) {
            return List.of();
        }
        List<Figure> out = new ArrayList<>(List.of(new Figure(
                "interference",
                fit(fit.interferenceMinMm()) + " to " + fit(fit.interferenceMaxMm()),
                "mm",
                mark("interference"))));
        if (fit.hotInterferenceMinMm() != null) {
            out.add(new Figure(
                    "hot, at " + Length.show(work.duty().sumpC(), 0) + " °C, least",
                    fit(fit.hotInterferenceMinMm()),
                    "mm",
                    mark("hot")));
        }
        return out;
    }

    private List<Figure> way() {
        List<Figure> out = new ArrayList<>();
        Window window = work.window();
        if (window != null) {
            out.add(new Figure("depth window", mm(window.fromMm()) + " to " + mm(window.toMm()), "mm", mark("S2")));
            out.add(new Figure(
                    work.entry().goesByFound() ? "goes to, by the old seal's place" : "goes to",
                    mm(work.targetMm()),
                    "mm",
                    null));
        }
        if (!work.plan().isEmpty()) {
            out.add(new Figure("lip track", mm(work.entry().seal().lipMm()), "mm", mark("S4")));
        }
        return out;
    }

    private List<Figure> square() {
        SeatDepths seat = work.seat();
        if (seat.square() == null) {
            return List.of();
        }
        SeatSquarenessResult square = seat.square();
        List<Figure> out = new ArrayList<>(List.of(
                new Figure("mean", mm(square.meanMm()), "mm", mark("S2-fitted")),
                new Figure("tilt over the outside", fit(square.tiltMm()), "mm", mark("tilt"))));
        if (square.tapAtClock() != null) {
            out.add(new Figure("high between", between(square.tapAtClock()), "o'clock", null));
        }
        return out;
    }

    private @Nullable StatusMark mark(String id) {
        return work.findings().stream()
                .filter(f -> f.finding().id().equals(id))
                .map(JobFinding::status)
                .reduce(Status::worse)
                .map(show::mark)
                .orElse(null);
    }

    private static String fit(double mm) {
        return Length.show(mm, 3);
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }

    /** A place of the clock by the hours beside it. */
    private static String between(double clock) {
        int hour = (int) Math.floor(clock);
        int before = hour % HOURS == 0 ? HOURS : hour % HOURS;
        int after = before % HOURS + 1;
        return clock == hour ? String.valueOf(before) : before + " and " + after;
    }
}
