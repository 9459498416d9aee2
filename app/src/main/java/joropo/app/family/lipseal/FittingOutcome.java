package joropo.app.family.lipseal;

import java.util.List;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.register.Position;
import joropo.core.arrangement.Arrangement;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverInput.PressSide;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.FittingPlan;
import joropo.core.lipseal.Lubricants;
import joropo.core.lipseal.Meets;
import joropo.core.lipseal.PartsList;
import joropo.core.lipseal.PlanInputBuilder;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.shaft.Side;
import joropo.core.surface.RunningSurfaceResult.Offer;
import org.jspecify.annotations.Nullable;

/**
 * How the decided seal is fitted: with which driver, in which steps, from which parts.
 *
 * @param driver absent while nothing says how deep, @param plan, @param parts empty while the seal is not decided
 */
record FittingOutcome(@Nullable DriverResult driver, List<Step> plan, List<Part> parts) {
    private static final FittingOutcome NONE = new FittingOutcome(null, List.of(), List.of());

    /**
     * @param goingIn the parts of the job, this seal where it is to be driven
     * @param judged what the rules say of the section, absent while the seal is not decided, @param targetMm depth that
     *     the outer face goes to, absent while nothing says how deep
     */
    static FittingOutcome of(
            JobFacts facts,
            LipSealFacts known,
            Arrangement goingIn,
            Decided decided,
            @Nullable Offer remedy,
            AssumedSection entry,
            @Nullable SectionResult judged,
            @Nullable Double targetMm) {
        Position position = facts.position();
        ReadFields read = facts.read();
        if (!decided.canBePlanned() || judged == null) {
            return NONE;
        }
        Meets meets = Meets.of(goingIn.planned().build(), facts.alike().key(), read.get(LipSealFields.SHAFT_IN_PLACE));
        DriverResult driver = targetMm == null
                ? null
                : DriverCheck.check(driver(position, read, decided, entry.section(), targetMm, meets));
        ShaftEnd end = read.get(LipSealFields.SHAFT_END);
        List<Lubricants.Zone> lubricants = !decided.isComplete()
                ? List.of()
                : Lubricants.of(
                        decided.material(),
                        entry.inside().nobodySaid() ? null : entry.inside().medium(),
                        decided.layout(),
                        decided.caseType(),
                        read.is(LipSealFields.FOOD),
                        end == ShaftEnd.SPLINE);
        var input = PlanInputBuilder.builder()
                .section(entry.section())
                .among(entry.among())
                .buildOrder(judged.buildOrder())
                .size(decided.size())
                .layout(decided.layout())
                .material(decided.material())
                .caseType(decided.caseType())
                .shaftEnd(end)
                .cover(read.get(LipSealFields.EDGE_COVER))
                .targetDepthMm(targetMm)
                .found(found(read, entry, judged))
                .remedy(remedy)
                .lubricants(lubricants)
                .driver(driver)
                .runningSleeve(LipSealFacts.hasRunningSleeve(facts))
                .sleevePlaceMm(read.get(LipSealFields.SLEEVE_PLACE_OLD))
                .oneWay(position.oneWay())
                .meets(meets)
                .cameOff(known.cameOff(entry.section()))
                .build();
        return new FittingOutcome(driver, FittingPlan.of(input), PartsList.of(input));
    }

    /** Where the old one stood, and why this one goes elsewhere. */
    private static String found(ReadFields read, AssumedSection entry, SectionResult judged) {
        Window window = judged.window(entry.among().id());
        String found = window == null ? "" : window.found();
        String why = read.get(LipSealFields.DECIDE_WHY);
        return found.isEmpty() || why == null || read.get(LipSealFields.PLANNED_DEPTH) == null
                ? found
                : found + " Decided otherwise: " + why + ".";
    }

    /** The seal is driven in from outside, so the tool meets its closed side when the open side faces inward. */
    private static DriverInput driver(
            Position position, ReadFields read, Decided decided, Section section, double depthMm, Meets meets) {
        return DriverInput.atDepth(depthMm)
                .shaftMm(section.shaftDiameterMm())
                .boreMm(section.boreDiameterMm())
                .outsideDiameterMm(section.boreDiameterMm())
                .mount(read.get(LipSealFields.MOUNT))
                .pressSide(decided.mainLip() == Side.IN ? PressSide.CLOSED : PressSide.OPEN)
                .shaftInPlace(meets.isThere())
                .standsOutMm(read.get(LipSealFields.STANDS_OUT))
                .availableMm(read.shop().driversFor(position.id()))
                .build();
    }
}
