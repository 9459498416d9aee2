package joropo.app.family.lipseal;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Symptom;

/** Which cards a lip seal has at each stage, and which fields stand on them. */
final class LipSealCards {
    /** Opens where the seal stands, or is planned, out of the bore. */
    static final String DRIVING = "driving";

    private static final String WAY = "way";
    private static final List<Field<?>> BETWEEN = List.of(
            LipSealFields.BETWEEN_MEDIUM,
            LipSealFields.BETWEEN_FLUID,
            LipSealFields.BETWEEN_LEVEL,
            LipSealFields.BETWEEN_FEED);
    private static final Map<Stage, List<Card>> CARDS = new EnumMap<>(Stage.class);
    /** Of one seal more in the same entry: duty, depths and edges of the entry are asked once. */
    private static final Map<Stage, List<Card>> FURTHER = new EnumMap<>(Stage.class);

    static {
        CARDS.put(Stage.INTAKE, intake());
        CARDS.put(Stage.STRIP, strip());
        CARDS.put(Stage.MEASURE, measure());
        CARDS.put(Stage.DECIDE, decide());
        CARDS.put(Stage.FIT, fit());
        FURTHER.put(Stage.STRIP, List.of(foundSeal(), signs(), out()));
        FURTHER.put(
                Stage.MEASURE,
                List.of(
                        shaft(),
                        bore(),
                        Card.of("eye", "By eye and nail", Shape.LIST, LipSealFields.SURFACE, LipSealFields.SURFACE_2),
                        groove(),
                        finish(),
                        Card.of(
                                        "seat",
                                        "Its seat",
                                        Shape.LIST,
                                        LipSealFields.BORE_RA,
                                        LipSealFields.BORE_SEEN,
                                        LipSealFields.BORE_SEEN_DEPTH)
                                .fold()));
        FURTHER.put(Stage.DECIDE, List.of(work(), seal(), way(BETWEEN), driving(), maker()));
        FURTHER.put(Stage.FIT, fit());
    }

    private LipSealCards() {}

    static List<Card> of(Stage stage) {
        return CARDS.getOrDefault(stage, List.of());
    }

    /** Of the first of several: what lies between it and the next is asked of each but the innermost. */
    static List<Card> among(Stage stage) {
        return of(stage).stream()
                .map(c -> c.id().equals(WAY) ? way(BETWEEN) : c)
                .toList();
    }

    static List<Card> further(Stage stage) {
        return FURTHER.getOrDefault(stage, List.of());
    }

    private static List<Card> intake() {
        return List.of(
                Card.of(
                        "duty",
                        "Duty",
                        Shape.LIST,
                        LipSealFields.MEDIUM,
                        LipSealFields.FLUID,
                        LipSealFields.DIRT,
                        LipSealFields.SPEED,
                        LipSealFields.ROTATION),
                Card.of(
                                "heat",
                                "Heat, pressure, surroundings",
                                Shape.LIST,
                                LipSealFields.SUMP,
                                LipSealFields.COLDEST,
                                LipSealFields.WETTING,
                                LipSealFields.PRESSURE,
                                LipSealFields.PRESSURE_OUT,
                                LipSealFields.OUTSIDE_MEDIUM,
                                LipSealFields.OUTSIDE_FLUID,
                                LipSealFields.CORROSIVE,
                                LipSealFields.FOOD,
                                LipSealFields.SWING_ANGLE,
                                LipSealFields.SWING_RATE)
                        .fold());
    }

    private static List<Card> strip() {
        return List.of(
                Card.of(
                                "found",
                                "As found",
                                Shape.LIST,
                                LipSealFields.FOUND_DEPTH,
                                LipSealFields.FOUND_FACING,
                                LipSealFields.FOUND_STATE,
                                LipSealFields.MARKING,
                                LipSealFields.DRAINED,
                                LipSealFields.RUNNING_SLEEVE,
                                LipSealFields.SLEEVE_PLACE_OLD,
                                LipSealFields.STRIP_NOTE)
                        .withCauses(),
                signs(),
                out());
    }

    private static List<Card> measure() {
        return List.of(
                shaft(),
                bore(),
                Card.of(
                        "depths",
                        "Depths from the face, run-out",
                        Shape.LIST,
                        LipSealFields.DEPTH_GAUGE,
                        LipSealFields.STOP_DEPTH,
                        LipSealFields.TURNING_DEPTH,
                        LipSealFields.RUNOUT_TIR,
                        LipSealFields.GROUND_FROM,
                        LipSealFields.GROUND_TO),
                Card.of(
                        "eye",
                        "By eye and nail",
                        Shape.LIST,
                        LipSealFields.SURFACE,
                        LipSealFields.SURFACE_2,
                        LipSealFields.SHAFT_END,
                        LipSealFields.ENTERS_FROM,
                        LipSealFields.HOUSING,
                        LipSealFields.SPLIT),
                groove(),
                finish(),
                Card.of("runout", "Offset, growth", Shape.LIST, LipSealFields.OFFSET, LipSealFields.GROWTH)
                        .fold(),
                Card.of(
                                "seat",
                                "Seat and its edges",
                                Shape.LIST,
                                LipSealFields.CYL_DEPTH,
                                LipSealFields.CORNER_RADIUS,
                                LipSealFields.LEAD_IN_LENGTH,
                                LipSealFields.LEAD_IN_ANGLE,
                                LipSealFields.BORE_RA,
                                LipSealFields.BORE_SEEN,
                                LipSealFields.BORE_SEEN_DEPTH)
                        .fold(),
                Card.of("clean", "Cleaning", Shape.LIST, LipSealFields.SOLVENT, LipSealFields.RUBBER_STAYS)
                        .fold(),
                Card.of(
                                "warmth",
                                "Temperature, doubtful readings",
                                Shape.LIST,
                                CommonFields.PART_C,
                                CommonFields.GAUGE_C,
                                LipSealFields.SHAFT_STANDS,
                                LipSealFields.BORE_STANDS)
                        .fold());
    }

    private static List<Card> decide() {
        return List.of(work(), seal(), way(List.of()), driving(), maker());
    }

    private static List<Card> fit() {
        List<Field<?>> square = Stream.of(
                        Stream.of(CommonFields.FIT_GAUGE),
                        LipSealFields.DEPTHS.stream(),
                        Stream.of(LipSealFields.GAUGE_CIRCLE))
                .<Field<?>>flatMap(s -> s)
                .toList();
        return List.of(
                Card.of(
                        "newSeal",
                        "The new seal in the hand, before it goes in",
                        Shape.LIST,
                        LipSealFields.NEW_GAUGE,
                        LipSealFields.NEW_OUTSIDE,
                        LipSealFields.NEW_WIDTH),
                Card.of("square", "Depth all round", Shape.CLOCK, square),
                Card.of("sleeve", "New running sleeve", Shape.LIST, LipSealFields.SLEEVE_PLACE_NEW)
                        .fold());
    }

    private static Card signs() {
        return Card.of("off", "What it shows: signs on what came off", Shape.LIST, SymptomFields.of(Symptom.Group.LIP))
                .fold();
    }

    private static Card out() {
        return Card.of(
                        "out",
                        "Ways of taking it out",
                        Shape.LIST,
                        LipSealFields.EDGE_REACHABLE,
                        LipSealFields.RIM_PROUD,
                        LipSealFields.LINE_ROOM,
                        LipSealFields.TOOL_LENGTH,
                        LipSealFields.BEHIND,
                        LipSealFields.LIP_OPENING,
                        LipSealFields.BRITTLE_BESIDE,
                        LipSealFields.OTHER_SIDE,
                        LipSealFields.ELASTOMERS_STAY,
                        LipSealFields.FLAMMABLE,
                        LipSealFields.PRESSURE_ALLOWED)
                .fold();
    }

    private static Card shaft() {
        return Card.of(
                "shaft",
                "Shaft at the lip",
                Shape.PLANES,
                CommonFields.SHAFT_GAUGE,
                LipSealFields.SHAFT_A1,
                LipSealFields.SHAFT_A2,
                LipSealFields.SHAFT_B1,
                LipSealFields.SHAFT_B2);
    }

    private static Card bore() {
        return Card.of(
                "bore",
                "Bore at the seat",
                Shape.PLANES,
                CommonFields.BORE_GAUGE,
                LipSealFields.BORE_A1,
                LipSealFields.BORE_A2,
                LipSealFields.BORE_B1,
                LipSealFields.BORE_B2);
    }

    private static Card groove() {
        return Card.of(
                        "groove",
                        "Groove or score under the lip",
                        Shape.LIST,
                        LipSealFields.GROOVE_DEPTH,
                        LipSealFields.GROOVE_WIDTH)
                .fold();
    }

    private static Card finish() {
        return Card.of(
                        "finish",
                        "Roughness, hardness, lead",
                        Shape.LIST,
                        LipSealFields.RA,
                        LipSealFields.RZ,
                        LipSealFields.HRC,
                        LipSealFields.LEAD_ADVANCE,
                        LipSealFields.LEAD_TURNS,
                        LipSealFields.LEAD_REVERSES)
                .fold();
    }

    private static Card work() {
        return Card.of("work", "Running surface", Shape.LIST, LipSealFields.REMEDY, LipSealFields.SLEEVE_WALL);
    }

    private static Card seal() {
        return Card.of(
                "seal",
                "Seal",
                Shape.LIST,
                LipSealFields.SIZE,
                LipSealFields.LAYOUT,
                LipSealFields.MATERIAL,
                LipSealFields.CASE_TYPE,
                LipSealFields.CHOOSE_WHY);
    }

    /** @param between what is asked of the room to the next one inward, none: it stands alone */
    private static Card way(List<Field<?>> between) {
        List<Field<?>> fields = Stream.of(
                        List.<Field<?>>of(LipSealFields.MAIN_LIP, LipSealFields.MOUNT, LipSealFields.PLANNED_DEPTH),
                        between,
                        List.<Field<?>>of(LipSealFields.EDGE_COVER, LipSealFields.DECIDE_WHY))
                .flatMap(List::stream)
                .toList();
        return Card.of(WAY, "Way round and depth", Shape.LIST, fields);
    }

    private static Card driving() {
        return Card.of(
                        DRIVING,
                        "Driving it in",
                        Shape.LIST,
                        LipSealFields.SHAFT_IN_PLACE,
                        LipSealFields.STANDS_OUT,
                        LipSealFields.PROUD)
                .fold();
    }

    private static Card maker() {
        return Card.of(
                        "maker",
                        "Maker's values for this seal",
                        Shape.LIST,
                        LipSealFields.MAKER_SPEED,
                        LipSealFields.MAKER_LIP_LIMIT,
                        LipSealFields.MAKER_PRESSURE,
                        LipSealFields.MAKER_RUNOUT,
                        LipSealFields.SEAL_OUTSIDE_MIN,
                        LipSealFields.SEAL_OUTSIDE_MAX,
                        LipSealFields.MAKER_DOCUMENT)
                .fold();
    }

    private static Card foundSeal() {
        return Card.of(
                "found",
                "As found",
                Shape.LIST,
                LipSealFields.FOUND_DEPTH,
                LipSealFields.FOUND_FACING,
                LipSealFields.FOUND_STATE,
                LipSealFields.MARKING,
                LipSealFields.RUNNING_SLEEVE,
                LipSealFields.SLEEVE_PLACE_OLD,
                LipSealFields.STRIP_NOTE);
    }
}
