package joropo.app.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.drawing.BoltCircle;
import joropo.app.drawing.DriverDrawing;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.TrackDrawing;
import joropo.app.drawing.TrackDrawn;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.DriverFigures;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Show;
import joropo.app.ui.SignFields;
import joropo.app.ui.StruckOutLine;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.Symptom;
import joropo.core.fits.Deviations;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterResult;
import joropo.core.fits.LimitsAndFitsCheck;
import joropo.core.fits.LimitsAndFitsInput;
import joropo.core.fits.LimitsAndFitsResult;
import joropo.core.fits.ThermalFitCheck;
import joropo.core.fits.ThermalFitInput;
import joropo.core.fits.ThermalFitResult;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.removal.Cleaning;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalResult;
import joropo.core.section.SectionResult.Band;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceResult;
import joropo.core.surface.SurfaceByEye;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs each quick check: its values become the check's input by their names, its result becomes figures, lists and a
 * drawing.
 */
@Component
class QuickRuns {
    private static final int BEST = 6;

    private final JsonMapper json = JsonMapper.builder().build();
    private final Show show;

    QuickRuns(Show show) {
        this.show = show;
    }

    /**
     * @param values by field, as read; what was not typed is not there. @throws RefusedInput naming the fields that
     *     cannot be judged
     */
    QuickResult run(QuickKind kind, Map<String, Object> values, Shop shop) {
        Map<String, Object> v = new HashMap<>(values);
        return switch (kind.path()) {
            case "removal" -> removal(RemovalCheck.check(input(v, RemovalInput.class)));
            case "diameter" -> diameter(DiameterCheck.check(diameterInput(v, shop)));
            case "limits-and-fits" -> fits(LimitsAndFitsCheck.check(input(v, LimitsAndFitsInput.class)));
            case "running-surface" -> surface(surfaceInput(v));
            case "lip-seal-size" -> sizes(LipSealSizeCheck.check(input(v, LipSealSizeInput.class)));
            case "lip-seal" -> lipSeal(LipSealCheck.check(lipSealInput(v, shop)));
            case "thermal-fit" -> thermal(ThermalFitCheck.check(input(v, ThermalFitInput.class)));
            case "driver" -> driver(v, shop);
            case "torque-plan" -> torque(TorquePlanCheck.check(input(whole(v, "bolts"), TorquePlanInput.class)));
            case "diagnosis" -> diagnosis(DiagnosisCheck.check(SignFields.input(n -> (String) v.get(n), List.of())));
            case "seat-squareness" -> square(SeatSquarenessCheck.check(squareInput(v)));
            default -> throw new IllegalStateException("No quick check is " + kind.path());
        };
    }

    /** The check's input from values of the same names; a refusal of the input comes out as it was made. */
    private <T> T input(Map<String, Object> values, Class<T> kind) {
        try {
            return json.convertValue(values, kind);
        } catch (JacksonException | IllegalArgumentException e) {
            for (Throwable t = e; t != null; t = t.getCause()) {
                if (t instanceof RefusedInput refused) {
                    throw refused;
                }
            }
            throw e;
        }
    }

    private DiameterInput diameterInput(Map<String, Object> v, Shop shop) {
        List<List<Object>> planes = Stream.of("a", "b")
                .map(p -> Stream.of(v.remove(p + "1"), v.remove(p + "2"))
                        .filter(Objects::nonNull)
                        .toList())
                .filter(p -> !p.isEmpty())
                .toList();
        v.put("planes", planes.stream().map(p -> Map.of("readingsMm", p)).toList());
        ShopGauge gauge = shop.gauge((String) v.get("gauge"));
        if (gauge != null) {
            v.put("gauge", gauge.kind().name());
            v.putIfAbsent("uncertaintyMm", gauge.certificateMm());
        }
        return input(v, DiameterInput.class);
    }

    private RunningSurfaceInput surfaceInput(Map<String, Object> v) {
        List<Object> seen = Stream.of("seen", "seen2")
                .map(v::remove)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        if (!seen.isEmpty()) {
            v.put(
                    "defects",
                    seen.stream()
                            .flatMap(s -> SurfaceByEye.valueOf((String) s).defects().stream())
                            .toList());
        }
        return input(v, RunningSurfaceInput.class);
    }

    private LipSealInput lipSealInput(Map<String, Object> v, Shop shop) {
        Object angle = v.remove("angleDeg");
        Object perMinute = v.remove("perMinute");
        if (angle != null || perMinute != null) {
            Map<String, Object> swing = new HashMap<>();
            swing.put("angleDeg", angle);
            swing.put("perMinute", perMinute);
            v.put("swing", swing);
        }
        var own = shop.seals((String) v.get("material"), (String) v.get("insideFluid"), (String) v.get("outsideFluid"));
        v.put("ownMaterials", own.ownMaterials());
        v.put("ownFluids", own.ownFluids());
        v.put("practice", shop.practice().name());
        return input(v, LipSealInput.class);
    }

    private SeatSquarenessInput squareInput(Map<String, Object> v) {
        List<Map<String, Object>> readings = new ArrayList<>();
        for (int clock : new int[] {12, 3, 6, 9}) {
            Object depth = v.remove("depth" + clock);
            if (depth != null) {
                readings.add(Map.of("clock", (double) clock, "depthMm", depth));
            }
        }
        v.put("readings", readings);
        return input(v, SeatSquarenessInput.class);
    }

    private QuickResult removal(RemovalResult r) {
        List<Entry> ways = r.ways().stream()
                .map(w -> new Entry(
                        show.sign(w.verdict()),
                        w.way().words(),
                        String.join(
                                " ",
                                Stream.concat(Stream.of(w.reason() + "."), w.cautions().stream())
                                        .toList())))
                .toList();
        List<Entry> cleaning = Cleaning.all().stream()
                .map(c -> new Entry(null, c.surface(), c.means() + (c.never().isEmpty() ? "" : "; never " + c.never())))
                .toList();
        return result(
                r.findings(),
                List.of(),
                new Listing("Ways, the first that holds first", false, ways),
                new Listing("Cleaning afterwards", true, cleaning));
    }

    private QuickResult diameter(DiameterResult r) {
        return result(
                r.findings(),
                List.of(
                        mm("mean", r.meanMm(), 3),
                        mm("least", r.minMm(), 3),
                        mm("greatest", r.maxMm(), 3),
                        mm("ovality", r.ovalityMm(), 3),
                        mm("taper", r.taperMm(), 3),
                        mm("uncertainty", r.uncertaintyMm(), 3)));
    }

    private QuickResult fits(LimitsAndFitsResult r) {
        List<Figure> out = new ArrayList<>();
        limits("hole", r.hole(), out);
        limits("shaft", r.shaft(), out);
        if (r.fit() != null) {
            out.add(new Figure(
                    r.fit().kind().name().toLowerCase(Locale.ROOT) + ", clearance",
                    Length.show(r.fit().minClearanceUm(), 0) + " to "
                            + Length.show(r.fit().maxClearanceUm(), 0),
                    "µm",
                    null));
        }
        return result(r.findings(), out);
    }

    private static void limits(String name, @Nullable Deviations d, List<Figure> out) {
        if (d != null) {
            out.add(new Figure(name, Length.show(d.minMm(), 3) + " to " + Length.show(d.maxMm(), 3), "mm", null));
        }
    }

    private QuickResult surface(RunningSurfaceInput in) {
        RunningSurfaceResult r = LipSealRules.surface(in);
        List<Figure> figures = new ArrayList<>();
        if (r.requiredShiftMm() != null) {
            figures.add(mm("lip has to move", r.requiredShiftMm(), 2));
        }
        if (r.leadAngleDeg() != null) {
            figures.add(new Figure("lead", Length.show(r.leadAngleDeg(), 3), "°", null));
        }
        List<Entry> remedies = r.remedies().stream()
                .map(o -> new Entry(
                        show.sign(o.verdict()),
                        o.remedy().words(),
                        o.reason() + (o.ruledOut() ? "" : ". " + o.precondition() + ". " + o.caution() + ".")))
                .toList();
        double half = (in.grooveWidthMm() == null ? 0 : in.grooveWidthMm()) / 2;
        String drawing = in.grooveDepthMm() == null && in.grooveWidthMm() == null
                ? ""
                : TrackDrawing.svg(
                        new TrackDrawn(
                                in.nominalMm(),
                                null,
                                new Band(-half, half),
                                in.grooveDepthMm(),
                                0.0,
                                null,
                                in.shiftInwardMm(),
                                in.shiftOutwardMm(),
                                r.requiredShiftMm(),
                                null,
                                null,
                                false,
                                List.of()),
                        "r-");
        return drawn(
                r.findings(),
                figures,
                drawing,
                null,
                remedies.isEmpty()
                        ? List.of()
                        : List.of(new Listing("Remedies, the first that holds first", false, remedies)));
    }

    private QuickResult sizes(LipSealSizeResult r) {
        List<Entry> sizes = r.sizes().stream()
                .map(s -> new Entry(null, s.words(), s.listed().equals("standard") ? "ISO 6194-1" : "common"))
                .toList();
        List<Entry> rejected = r.rejected().stream()
                .map(x -> new Entry(null, x.what(), x.reason()))
                .toList();
        return result(
                r.findings(),
                List.of(),
                new Listing("Sizes that fit, the best first", false, sizes),
                new Listing("What does not match", rejected.isEmpty(), rejected));
    }

    private QuickResult lipSeal(LipSealResult r) {
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("surface speed", Length.show(r.surfaceSpeedMPerS(), 2), "m/s", null),
                new Figure("at the lip", Length.show(r.lipTemperatureC(), 0), "°C", null),
                new Figure("own rise", Length.show(r.temperatureRiseK(), 1), "K", null),
                new Figure("heat of one lip", Length.show(r.frictionLossW(), 0), "W", null),
                new Figure("thrust", Length.show(r.thrustN(), 0), "N", null)));
        if (r.interferenceMinMm() != null && r.interferenceMaxMm() != null) {
            figures.add(new Figure(
                    "interference",
                    Length.show(r.interferenceMinMm(), 3) + " to " + Length.show(r.interferenceMaxMm(), 3),
                    "mm",
                    null));
        }
        if (r.hotInterferenceMinMm() != null) {
            figures.add(mm("hot, least", r.hotInterferenceMinMm(), 3));
        }
        List<Entry> all = r.candidates().stream()
                .map(c -> new Entry(show.sign(c.verdict()), c.rank() + " " + c.words(), String.join("; ", c.reasons())))
                .toList();
        List<Entry> struck = StruckOutLine.of(r.struckOut()).stream()
                .map(s -> new Entry(null, s.reason(), s.seals()))
                .toList();
        return result(
                r.findings(),
                figures,
                new Listing(
                        "Recommended first, then what else may be taken",
                        false,
                        all.stream().limit(BEST).toList()),
                new Listing(
                        "More that may be taken", true, all.stream().skip(BEST).toList()),
                new Listing("Struck out, and why", !all.isEmpty(), struck));
    }

    private QuickResult thermal(ThermalFitResult r) {
        Figure to = r.heatToC() != null
                ? new Figure("heat to", Length.show(r.heatToC(), 0), "°C", null)
                : new Figure("cool to", Length.show(r.coolToC(), 0), "°C", null);
        return result(r.findings(), List.of(to, mm("changes by", r.changeMm(), 3)));
    }

    private QuickResult driver(Map<String, Object> v, Shop shop) {
        v.put("availableMm", shop.driversFor(null));
        DriverInput in = input(v, DriverInput.class);
        DriverResult r = DriverCheck.check(in);
        LineDrawing drawing =
                DriverDrawing.of(r, "Driver for a seal of outside " + Length.show(in.outsideDiameterMm(), 2));
        return drawn(
                r.findings(), DriverFigures.of(r), drawing.svg("d-", "Driver, cut along its axis"), drawing, List.of());
    }

    /** A count is a whole number. */
    private static Map<String, Object> whole(Map<String, Object> v, String field) {
        if (v.get(field) instanceof Double count && count != Math.rint(count)) {
            throw new RefusedInput(field, "must be a whole number");
        }
        return v;
    }

    private QuickResult torque(TorquePlanResult r) {
        List<Figure> figures = new ArrayList<>();
        for (int i = 0; i < r.passesNm().size(); i++) {
            figures.add(new Figure(
                    i == r.passesNm().size() - 1 ? "then all round" : "pass " + (i + 1),
                    Length.show(r.passesNm().get(i), 1),
                    "N·m",
                    null));
        }
        if (r.wrenchNm() != null) {
            figures.add(new Figure("wrench set to", Length.show(r.wrenchNm(), 1), "N·m", null));
        }
        figures.add(new Figure("that is", Length.show(r.inUnits().lbfFt(), 1), "lbf·ft", null));
        figures.add(new Figure("or", Length.show(r.inUnits().lbfIn(), 0), "lbf·in", null));
        figures.add(new Figure("or", Length.show(r.inUnits().kgfM(), 2), "kgf·m", null));
        String order = r.sequence().stream().map(String::valueOf).collect(Collectors.joining(", "));
        return drawn(
                r.findings(),
                figures,
                BoltCircle.svg(r.sequence(), "b-"),
                null,
                List.of(new Listing(
                        "Order of one pass, numbered round the circle",
                        false,
                        List.of(new Entry(null, order, "number the bolts with chalk first")))));
    }

    private QuickResult diagnosis(DiagnosisResult r) {
        List<Listing> lists = new ArrayList<>();
        if (r.nextCheck() != null) {
            Symptom next = Symptom.of(r.nextCheck()).orElseThrow();
            lists.add(new Listing(
                    "Look at this next", false, List.of(new Entry(null, next.words() + "?", next.check()))));
        }
        lists.add(new Listing(
                "What it points to, never certain",
                false,
                r.causes().stream()
                        .limit(BEST)
                        .map(c -> {
                            Cause cause = Cause.of(c.cause()).orElseThrow();
                            return new Entry(
                                    null,
                                    cause.words() + ", " + Length.show(c.score(), 1),
                                    String.join("; ", c.why()) + ". " + cause.remedy()
                                            + (cause.ofTheSeal() ? "." : ". Not the seal."));
                        })
                        .toList()));
        return result(r.findings(), List.of(), lists.toArray(Listing[]::new));
    }

    private QuickResult square(SeatSquarenessResult r) {
        List<Figure> out =
                new ArrayList<>(List.of(mm("mean", r.meanMm(), 2), mm("tilt over the outside", r.tiltMm(), 3)));
        if (r.tapAtClock() != null) {
            out.add(new Figure("tap at", Length.show(r.tapAtClock(), 1), "o'clock", null));
        }
        return result(r.findings(), out);
    }

    private static Figure mm(String label, double mm, int decimals) {
        return new Figure(label, Length.show(mm, decimals), "mm", null);
    }

    private QuickResult result(List<Finding> findings, List<Figure> figures, Listing... listings) {
        return drawn(findings, figures, "", null, List.of(listings));
    }

    private QuickResult drawn(
            List<Finding> findings,
            List<Figure> figures,
            String drawing,
            @Nullable LineDrawing file,
            List<Listing> listings) {
        List<FindingLine> lines = new ArrayList<>();
        findings.stream()
                .sorted((a, b) -> a.status().compareTo(b.status()))
                .forEach(f -> lines.add(show.line(lines.size() + 1, f)));
        return new QuickResult(
                show.sign(Finding.worst(findings)),
                figures,
                listings.stream().filter(l -> !l.entries().isEmpty()).toList(),
                lines,
                drawing,
                file);
    }
}
