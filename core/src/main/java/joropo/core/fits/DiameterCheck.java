package joropo.core.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.DiameterReadings;
import joropo.core.readings.Gauge;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** A measured diameter against its limits: every reading has to lie in them, by the decision rule. */
public final class DiameterCheck {
    /** A part this far from 20 °C, read with a gauge of unknown temperature, wants a thought (K, guide). */
    private static final double FAR_K = 10;
    /** Below this tolerance the temperature should be known (mm, guide). */
    private static final double FINE_MM = 0.1;

    private DiameterCheck() {}

    /** What is said of a shaft or bore that nobody has read. @param name of the part */
    public static Finding unread(String name) {
        return Finding.missing(
                name + "-size",
                name + " at the seal",
                "The " + name + " has not been read in two directions of one plane.",
                "Read it in two planes, two directions each.");
    }

    /** @throws RefusedInput when the class or the material is not in the tables, or the class is of the other kind */
    public static DiameterResult check(DiameterInput in) {
        Limits limits = limits(in);
        DiameterReadings readings = at20(in);
        double uncertaintyMm = in.effectiveUncertaintyMm();
        List<Finding> findings = new ArrayList<>();
        findings.add(size(in, readings, limits, uncertaintyMm));
        findings.add(temperature(in, limits));
        findings.add(gauge(in, limits, uncertaintyMm));
        return DiameterResultBuilder.builder()
                .meanMm(readings.meanMm())
                .minMm(readings.minMm())
                .maxMm(readings.maxMm())
                .ovalityMm(readings.ovalityMm())
                .taperMm(readings.taperMm())
                .planeMeansMm(readings.planes().stream()
                        .map(DiameterReadings.Plane::meanMm)
                        .toList())
                .at20(readings)
                .uncertaintyMm(uncertaintyMm)
                .findings(findings)
                .build();
    }

    private static Limits limits(DiameterInput in) {
        if (in.toleranceClass() != null) {
            try {
                boolean hole = ToleranceClass.parse(in.toleranceClass()).isHole();
                new Needs()
                        .that(
                                "",
                                hole == (in.part() == DiameterInput.Part.BORE),
                                "'" + in.toleranceClass() + "' is of the other kind: "
                                        + "bores have capital letters, shafts small ones")
                        .done();
                return in.limits();
            } catch (RefusedInput e) {
                throw new RefusedInput("toleranceClass", e.errors().get(0).message());
            }
        }
        return in.limits();
    }

    private static DiameterReadings at20(DiameterInput in) {
        DiameterReadings raw = new DiameterReadings(in.planes());
        if (in.partTemperatureC() == null) {
            return raw;
        }
        double gaugeC = in.gaugeTemperatureC() == null ? in.partTemperatureC() : in.gaugeTemperatureC();
        return raw.at20(ThermalExpansion.STEEL.perK(), gaugeC, material(in).perK(), in.partTemperatureC());
    }

    private static ThermalExpansion material(DiameterInput in) {
        try {
            return in.partMaterial() == null ? ThermalExpansion.STEEL : ThermalExpansion.of(in.partMaterial());
        } catch (RefusedInput e) {
            throw new RefusedInput("partMaterial", e.errors().get(0).message());
        }
    }

    private static Finding size(DiameterInput in, DiameterReadings readings, Limits limits, double uncertaintyMm) {
        double worst = limits.margin(readings.minMm()) <= limits.margin(readings.maxMm())
                ? readings.minMm()
                : readings.maxMm();
        Status status =
                limits.judge(readings.minMm(), uncertaintyMm).worse(limits.judge(readings.maxMm(), uncertaintyMm));
        String part = in.part().name().toLowerCase(Locale.ROOT);
        String message =
                switch (status) {
                    case PASS ->
                        "Every reading lies in its limits."
                                + (in.partTemperatureC() != null && in.gaugeTemperatureC() == null
                                        ? " The gauge is assumed to be as warm as the part."
                                        : "");
                    case REMEASURE ->
                        "A reading lies so near a limit that the gauge (U " + Length.show(uncertaintyMm, 3)
                                + " mm) cannot tell.";
                    default ->
                        worst < readings.meanMm() || worst < limits.lower()
                                ? "The " + part + " is below its least size."
                                : "The " + part + " is above its greatest size.";
                };
        String remedy =
                switch (status) {
                    case PASS -> "";
                    case REMEASURE -> "Read again with a finer gauge" + better(in, limits) + ".";
                    default ->
                        in.part() == DiameterInput.Part.SHAFT
                                ? "Read again; if it stays, another seal size, a sleeve or another shaft."
                                : "Read again; if it stays, a bush, another seal size or a rubber-covered case as "
                                        + "its maker allows.";
                };
        boolean byClass = in.toleranceClass() != null;
        return Finding.of(
                        "size",
                        status,
                        part + (byClass ? " to " + in.toleranceClass() : " between its limits"),
                        message,
                        remedy,
                        byClass ? Source.STANDARD : Source.MAKER,
                        byClass ? "ISO 286-2" : "limits as typed")
                .withValue(worst, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    private static Finding temperature(DiameterInput in, Limits limits) {
        String subject = "temperature while reading";
        Double partC = in.partTemperatureC();
        if (partC == null) {
            boolean fine = limits.upper() - limits.lower() < FINE_MM - 1e-9;
            return Finding.of(
                    "temperature",
                    fine ? Status.CAUTION : Status.PASS,
                    subject,
                    fine
                            ? "The tolerance is under 0.1 mm and no temperature was taken: a warm part reads large."
                            : "No temperature taken; the tolerance is wide enough for that.",
                    fine ? "Let part and gauge come to the same 20 °C, or type their temperatures." : "",
                    Source.GUIDE,
                    "temperature of readings");
        }
        boolean far = in.gaugeTemperatureC() == null && Math.abs(partC - DiameterReadings.REFERENCE_C) > FAR_K;
        return Finding.of(
                        "temperature",
                        far ? Status.CAUTION : Status.PASS,
                        subject,
                        far
                                ? "The part is more than 10 K from 20 °C and the gauge was taken to be as warm as "
                                        + "the part."
                                : "Readings were brought to 20 °C.",
                        far ? "Type the temperature of the gauge." : "",
                        Source.COMPUTED,
                        "ISO 1")
                .withValue(partC, "°C");
    }

    private static Finding gauge(DiameterInput in, Limits limits, double uncertaintyMm) {
        String subject = "gauge against the tolerance";
        if (in.gaugeIsUnnamed()) {
            return Finding.of(
                            "gauge",
                            Status.CAUTION,
                            subject,
                            "The gauge is not named: judged as if read with a vernier caliper.",
                            "Name the gauge.",
                            Source.GUIDE,
                            "decision rule")
                    .withValue(uncertaintyMm, "mm");
        }
        boolean coarse = limits.tooCoarse(uncertaintyMm);
        String message = !coarse
                ? "The gauge is fine enough for these limits."
                : limits.cannotPass(uncertaintyMm)
                        ? "With this gauge no reading at all can pass: its uncertainty exceeds half the tolerance."
                        : "The gauge is too coarse for these limits: many good parts will look doubtful.";
        return Finding.of(
                        "gauge",
                        coarse ? Status.CAUTION : Status.PASS,
                        subject,
                        message,
                        coarse ? "Use a finer gauge" + better(in, limits) + "." : "",
                        Source.GUIDE,
                        "decision rule")
                .withValue(uncertaintyMm, "mm");
    }

    /** Names the finest gauge, as long as it resolves the limits. */
    private static String better(DiameterInput in, Limits limits) {
        Gauge.Use use = in.part().use();
        double size = in.nominalMm();
        return Gauge.finest(use, size, v -> !limits.tooCoarse(v))
                .map(g -> ": " + g.words() + ", U " + Length.show(g.uncertaintyMm(size), 3) + " mm")
                .orElse("; none of the list is fine enough");
    }
}
