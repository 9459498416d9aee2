package joropo.app.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Symptom;
import joropo.core.material.Medium;

/** The cards that every job has, whatever is sealed. */
final class CommonCards {
    private static final Map<Stage, List<Card>> CARDS = new EnumMap<>(Stage.class);

    static {
        CARDS.put(Stage.INTAKE, intake());
        CARDS.put(Stage.STRIP, strip());
        CARDS.put(Stage.MEASURE, measure());
        CARDS.put(Stage.SET, set());
        CARDS.put(Stage.PROVE, prove());
        CARDS.put(Stage.SIGN, sign());
    }

    private static final Set<String> OF_TURNING = Set.of("play", "endPlay");

    private CommonCards() {}

    /**
     * Those of a stage: with the joints where things are tightened, and with bearings and boots that came off.
     *
     * @param joints keys of the joints, @param log what came off, @param turning whether there is an axial play to read
     * @param medium inside: a liquid is filled to its level, grease by its amount, air not at all
     */
    static List<Card> of(Stage stage, List<String> joints, List<StripPart> log, boolean turning, Medium medium) {
        List<Card> own = CARDS.getOrDefault(stage, List.of());
        List<Card> out = new ArrayList<>(own);
        if (stage == Stage.SET) {
            out.addAll(1, Joints.cards(joints));
        }
        if (stage == Stage.PROVE) {
            filled(medium).ifPresent(c -> out.add(1, c));
        }
        out.addAll(AssemblyCards.cards(stage));
        out.removeIf(c -> !turning && OF_TURNING.contains(c.id()));
        out.addAll(BearingCards.cards(stage, BearingCards.of(log)));
        out.addAll(BootCards.cards(stage, BootCards.of(log)));
        return out;
    }

    private static List<Card> intake() {
        return List.of(
                Card.of(
                        "seen",
                        "What is seen",
                        Shape.LIST,
                        CommonFields.SYMPTOM,
                        CommonFields.SINCE,
                        CommonFields.HOURS,
                        CommonFields.LAST_WORK),
                Card.of(
                                "innocent",
                                "Is it the seal at all?",
                                Shape.TICKS,
                                CommonFields.LEVEL_SEEN,
                                CommonFields.BREATHER_SEEN,
                                CommonFields.ABOVE_SEEN)
                        .atOnce("All three checked, fine")
                        .withCauses(),
                Card.of(
                                "signs",
                                "Why does it leak?",
                                Shape.LIST,
                                SymptomFields.of(Symptom.Group.INNOCENT, Symptom.Group.RUNNING))
                        .fold());
    }

    private static List<Card> strip() {
        return List.of(
                Card.of(
                        "safe",
                        "Made safe: hold",
                        Shape.TICKS,
                        CommonFields.ISOLATED,
                        CommonFields.LOCKED,
                        CommonFields.PRESSURE_OFF,
                        CommonFields.UNSAFE_WHY),
                Card.of(
                                "marks",
                                "Before anything comes off",
                                Shape.LIST,
                                CommonFields.REFERENCE,
                                CommonFields.LINE_MARKS)
                        .fold());
    }

    private static List<Card> measure() {
        return List.of(Card.of(
                        "endPlay",
                        "Axial play, seal out",
                        Shape.LIST,
                        CommonFields.PLAY_BEFORE,
                        CommonFields.PLAY_LOW,
                        CommonFields.PLAY_HIGH,
                        CommonFields.BEARINGS_RENEWED,
                        CommonFields.SHIM_OPENS)
                .fold());
    }

    private static List<Card> set() {
        return List.of(
                Card.of("play", "Axial play, shaft back in", Shape.LIST, CommonFields.PLAY_MEASURED),
                Card.of(
                                "closed",
                                "Closed and locked",
                                Shape.TICKS,
                                CommonFields.TIGHTENED,
                                CommonFields.LOCKED_UP,
                                CommonFields.COUNTED_OUT,
                                CommonFields.GUARDS_BACK)
                        .atOnce("All four done"));
    }

    private static List<Card> prove() {
        return List.of(Card.of(
                "proving",
                "Proving",
                Shape.LIST,
                CommonFields.HAND_TURN,
                CommonFields.FIRST_RUN,
                CommonFields.SEAL_C,
                CommonFields.PROVE_NOTE));
    }

    private static Optional<Card> filled(Medium medium) {
        List<Field<?>> ticks = CommonFields.filled(medium);
        return ticks.isEmpty()
                ? Optional.empty()
                : Optional.of(Card.of("filled", "Filled", Shape.TICKS, ticks).atOnce("Both done"));
    }

    private static List<Card> sign() {
        return List.of(
                Card.of(
                        "remark",
                        "For the record",
                        Shape.LIST,
                        CommonFields.CAUSE_CONFIRMED,
                        CommonFields.REMARK,
                        CommonFields.NEXT_LOOK),
                Card.of(
                                "concession",
                                "Concession",
                                Shape.LIST,
                                CommonFields.CONCESSION,
                                CommonFields.CONCESSION_WHY,
                                CommonFields.CONCESSION_EXPECTED,
                                CommonFields.CONCESSION_FALLBACK,
                                CommonFields.CONCESSION_LOOK)
                        .fold(),
                Card.of(
                                "advice",
                                "Recommendation to the owner",
                                Shape.LIST,
                                CommonFields.RECOMMENDATION,
                                CommonFields.RECOMMENDATION_ANSWER,
                                CommonFields.RECOMMENDATION_ON)
                        .fold());
    }
}
