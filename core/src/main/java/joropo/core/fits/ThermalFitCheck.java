package joropo.core.fits;

import java.util.List;
import java.util.Map;
import joropo.core.fits.ThermalFitInput.Part;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.DiameterReadings;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * Joining with heat or cold: T_outer = 20 + (interference + clearance) / (alpha_o D) + (alpha_i / alpha_o) (T_i - 20),
 * and T_inner = 20 - (interference + clearance) / (alpha_i D) with the outer part at 20 °C (computed).
 */
public final class ThermalFitCheck {
    private static final double CLEARANCE_SHARE = 0.001;
    private static final double CLEARANCE_MM = 0.02;
    /** How hot the outer part may become (°C, guide): an open bearing; a sealed or greased one stands 80 only. */
    private static final Map<String, Double> HOTTEST = Map.of("BEARING_STEEL", 110.0, "ALUMINIUM", 150.0);

    private static final double SEALED_BEARING_C = 80;
    /** What a freezer and what dry ice reaches (°C, guide). */
    private static final double FREEZER_C = -18;

    private static final double DRY_ICE_C = -78;
    private static final String GUIDE = "heat and cold";

    private ThermalFitCheck() {}

    /** @throws RefusedInput when a material is not in the table */
    public static ThermalFitResult check(ThermalFitInput in) {
        double d = in.sizeMm();
        double outer = alpha("material", in.material());
        double inner = alpha("innerMaterial", in.innerMaterial());
        double open = in.interferenceMm()
                + (in.clearanceMm() == null ? CLEARANCE_SHARE * d + CLEARANCE_MM : in.clearanceMm());
        if (in.part() == Part.OUTER) {
            double rest = inner / outer * (in.shaftTemperatureC() - DiameterReadings.REFERENCE_C);
            double to =
                    Math.max(DiameterReadings.REFERENCE_C, DiameterReadings.REFERENCE_C + open / (outer * d) + rest);
            return new ThermalFitResult(
                    Length.snap(to),
                    null,
                    Length.snap(outer * d * (to - DiameterReadings.REFERENCE_C)),
                    List.of(heat(in, to, outer * d)));
        }
        double to = Math.min(DiameterReadings.REFERENCE_C, DiameterReadings.REFERENCE_C - open / (inner * d));
        return new ThermalFitResult(
                null,
                Length.snap(to),
                Length.snap(inner * d * (to - DiameterReadings.REFERENCE_C)),
                List.of(cold(in, to, inner * d, open)));
    }

    private static double alpha(String field, String code) {
        try {
            return ThermalExpansion.of(code).perK();
        } catch (RefusedInput e) {
            throw new RefusedInput(field, e.errors().get(0).message());
        }
    }

    private static Finding heat(ThermalFitInput in, double to, double perK) {
        String subject = "temperature of the outer part";
        Double limit = in.limitC() != null ? in.limitC() : HOTTEST.get(in.material());
        if (limit == null) {
            return finding(
                            "heat",
                            Status.CAUTION,
                            subject,
                            "No limit is known for this material: seals, grease and paint near by have theirs.",
                            "Look at everything that is heated with it.",
                            in)
                    .withValue(Length.snap(to), "°C");
        }
        Limits limits = Limits.atMost(limit);
        Status status = limits.judge(to, 0);
        double clearance = Length.snap(perK * (limit - DiameterReadings.REFERENCE_C) - in.interferenceMm());
        String remedy = status == Status.PASS
                ? "Hot parts burn: gloves. Join at once, hold until it grips."
                : "Heat to " + Length.show(limit, 0) + " °C and press"
                        + (clearance > 0 ? ", or join with " + Length.show(clearance, 3) + " mm clearance" : "")
                        + "; or cool the shaft as well.";
        String bearing = in.limitC() == null && in.material().equals("BEARING_STEEL")
                ? " Open bearings to 110 °C, sealed or greased ones to " + Length.show(SEALED_BEARING_C, 0) + "."
                : "";
        return finding(
                        "heat",
                        status,
                        subject,
                        (status == Status.PASS
                                        ? "The part opens below its limit."
                                        : "The part would have to become hotter than it may.")
                                + bearing,
                        remedy,
                        in)
                .withValue(Length.snap(to), "°C")
                .withLimits(limits, 0);
    }

    private static Finding cold(ThermalFitInput in, double to, double perK, double open) {
        double limit = in.limitC() != null ? in.limitC() : DRY_ICE_C;
        Limits limits = Limits.atLeast(limit);
        Status status = limits.judge(to, 0);
        String means = to >= FREEZER_C
                ? "A freezer reaches it."
                : to >= DRY_ICE_C
                        ? "Dry ice reaches it: it takes the air away, so ventilate."
                        : "Neither a freezer nor dry ice reaches it.";
        String gives = open <= 0
                ? ""
                : " A freezer takes " + gain(perK, FREEZER_C) + " of the " + Length.show(open, 3) + " mm, dry ice "
                        + gain(perK, DRY_ICE_C) + ".";
        return finding(
                        "cold",
                        status,
                        "temperature of the inner part",
                        means + gives,
                        status == Status.PASS
                                ? "Frozen parts burn and sweat: gloves, dry and oil at once."
                                : "Heat the outer part instead, or both.",
                        in)
                .withValue(Length.snap(to), "°C")
                .withLimits(limits, 0);
    }

    /** How much a diameter shrinks down to a temperature. */
    private static String gain(double perK, double toC) {
        return Length.show(perK * (DiameterReadings.REFERENCE_C - toC), 3);
    }

    private static Finding finding(
            String id, Status status, String subject, String message, String remedy, ThermalFitInput in) {
        return Finding.of(
                id,
                status,
                subject,
                message,
                remedy,
                in.limitC() == null ? Source.GUIDE : Source.MAKER,
                in.limitC() == null ? GUIDE : "limit as typed");
    }
}
