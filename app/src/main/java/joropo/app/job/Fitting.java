package joropo.app.job;

import java.util.List;
import joropo.app.register.Position;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverInput.PressSide;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.EdgeCover;
import joropo.core.lipseal.FittingPlan;
import joropo.core.lipseal.Lubricants;
import joropo.core.lipseal.PartsList;
import joropo.core.lipseal.PlanInput;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * How the decided seal is fitted: with which driver, in which steps, from which parts.
 *
 * @param driver absent while nothing says how deep, @param plan, @param parts empty while the seal is not decided
 */
record Fitting(@Nullable DriverResult driver, List<Step> plan, List<Part> parts) {
    /** A seal this near the face is flush with it (mm). */
    private static final double FLUSH_MM = 0.005;

    /** @param targetMm depth that the outer face goes to, absent while nothing says how deep */
    static Fitting of(
            Position position,
            Values values,
            Decided decided,
            SurfaceWork surface,
            Section section,
            @Nullable Double targetMm) {
        if (!decided.canBePlanned()) {
            return new Fitting(null, List.of(), List.of());
        }
        DriverResult driver =
                targetMm == null ? null : DriverCheck.check(driver(position, values, decided, section, targetMm));
        ShaftEnd end = values.choice("shaftEnd", ShaftEnd.class);
        List<Lubricants.Zone> lubricants = !decided.isComplete()
                ? List.of()
                : Lubricants.of(
                        decided.material(),
                        section.inside().medium(),
                        decided.layout(),
                        decided.caseType(),
                        Boolean.TRUE.equals(values.yes("food")),
                        end == ShaftEnd.SPLINE);
        var input = new PlanInput(
                section,
                decided.size(),
                decided.layout(),
                decided.material(),
                decided.caseType(),
                end,
                values.choice("edgeCover", EdgeCover.class),
                targetMm,
                surface.remedy(),
                lubricants,
                driver,
                Boolean.TRUE.equals(values.yes("runningSleeve")),
                values.number("sleevePlaceOld"),
                position.oneWay());
        return new Fitting(driver, FittingPlan.of(input), PartsList.of(input));
    }

    /** The seal is driven in from outside, so the tool meets its closed side when the open side faces inward. */
    private static DriverInput driver(
            Position position, Values values, Decided decided, Section section, double depth) {
        return new DriverInput(
                section.shaftDiameterMm(),
                section.boreDiameterMm(),
                section.boreDiameterMm(),
                decided.mainLip() == Side.IN ? PressSide.CLOSED : PressSide.OPEN,
                depth < -FLUSH_MM ? Double.valueOf(-depth) : null,
                depth > FLUSH_MM ? Double.valueOf(depth) : null,
                Math.abs(depth) <= FLUSH_MM,
                values.yes("shaftInPlace"),
                values.number("standsOut"),
                values.shop().driversFor(position.id()));
    }
}
