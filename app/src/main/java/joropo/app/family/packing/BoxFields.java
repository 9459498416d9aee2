package joropo.app.family.packing;

import java.util.List;
import joropo.app.check.CheckChoices;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Symptom;
import joropo.core.packing.GlandLoadInput;

/** What is asked of a stuffing box, and on which cards. */
final class BoxFields {
    static final Field<Boolean> STEM = Field.yesNo("boxStem", "a valve's stem")
            .hint("empty: the shaft of a pump")
            .stays();
    static final Field<Double> PLUNGER =
            Field.number("boxPlunger", "speed of a plunger", "m/s", 0, 200).stays();
    static final Field<Double> PRESSURE =
            Field.pressure("boxPressureMpa", "pressure in the box").stays();
    static final Field<Double> TEMPERATURE =
            Field.temperature("boxTemperatureC", "temperature in the box").stays();
    static final Field<String> FLUID =
            Field.choice("boxFluid", "fluid", CheckChoices.FLUIDS).stays();
    static final Field<Double> PH = Field.number("boxPh", "pH", "", 0, 14).stays();

    static final Field<Double> OLD_RINGS = Field.number("boxOldRings", "old rings counted", "", 0, 30);
    static final Field<String> OLD_WORDS = Field.line("boxOldWords", "which were hard, where it leaked, lantern at");

    static final Field<Double> SHAFT =
            Field.size("boxShaft", "shaft or sleeve, mean").hint("empty: as listed here");
    static final Field<Double> BORE = Field.size("boxBore", "box, bore, mean")
            .hint("empty: as listed here")
            .stays();
    static final Field<Double> DEPTH = Field.size("boxDepth", "box, depth").stays();
    static final Field<Double> BUSH =
            Field.play("boxBush", "bush at the bottom").stays();
    static final Field<Double> LANTERN =
            Field.size("boxLantern", "lantern ring").stays();
    static final Field<Double> SLOT = Field.size("boxSlot", "its slot").stays();
    static final Field<Double> PORT_FROM =
            Field.play("boxPortFrom", "port, from the box face: begins").stays();
    static final Field<Double> PORT_TO = Field.play("boxPortTo", "port ends").stays();
    static final Field<Double> ENTRY = Field.play("boxEntry", "gland enters at first");
    static final Field<Double> NOSE = Field.size("boxNose", "gland, its nose").stays();
    static final Field<Double> RUN_OUT = Field.play("boxRunOut", "run-out, whole reading");
    static final Field<Double> OFFSET = Field.play("boxOffset", "off the middle of the box");
    static final Field<Double> THROAT = Field.play("boxThroat", "clearance in the throat, radial");
    static final Field<Double> GROOVE =
            Field.play("boxGroove", "groove worn in").hint("0: looked at, none");
    static final Field<Double> OVALITY = Field.play("boxOvality", "ovality, two ways");
    static final Field<Boolean> SCORED =
            Field.yesNo("boxScored", "a nail feels a mark along it").hint("round it, at three places");
    static final Field<Double> BEND = Field.play("boxBend", "bend over 300 mm, half the reading");
    static final Field<Boolean> UNDER =
            Field.yesNo("boxUnderSleeve", "it leaks under the sleeve").hint("wipe, chalk, look at its end");
    static final Field<Double> RA = Field.number("boxRa", "roughness Ra", "µm", 0, 100);
    static final Field<Double> HRC =
            Field.number("boxHardness", "hardness", "HRC", 0, 80).stays();

    static final Field<String> STYLE =
            Field.choice("boxStyle", "packing", PackingFields.STYLES).stays();
    static final Field<String> JOINTS = Field.choice(
                    "boxJoints", "joints apart", Field.pairs("90", "90°", "120", "120°", "180", "180°"))
            .hint("empty: by the number of rings")
            .stays();
    static final Field<String> CUT = Field.choice(
                    "boxCut",
                    "rings are cut",
                    Field.pairs("BUTT", "square", "SKIVE", "at 45°", "FORMED", "die-formed between braided ends"))
            .hint("empty: square for a pump, 45° for a stem")
            .stays();
    static final Field<String> ORDER = Field.choice(
                    "boxOrder",
                    "what comes first",
                    Field.pairs("SHAFT", "bearing and shaft, then the box", "BOX", "the box, as its builder wants"))
            .stays();
    static final Field<Boolean> LIVE = Field.yesNo("glandLive", "springs on its bolts")
            .hint("live loading")
            .stays();
    static final Field<Boolean> HOME =
            Field.yesNo("glandHome", "bolted home, metal on metal").stays();
    static final Field<Boolean> PINS =
            Field.yesNo("glandPins", "hangs on eye bolts with pins").stays();
    static final Field<Boolean> NEW_SLEEVE = Field.yesNo("boxNewSleeve", "sleeve renewed");

    static final List<Field<Double>> GAPS = List.of(
            Field.play("boxGap12", "gland gap at 12"),
            Field.play("boxGap3", "at 3"),
            Field.play("boxGap6", "at 6"),
            Field.play("boxGap9", "at 9"));

    static final Field<Double> BOLTS =
            Field.number("glandBolts", "gland bolts", "", 1, 96).stays();
    static final Field<Double> BOLT = Field.size("glandBolt", "bolt, diameter").stays();
    static final Field<Double> TORQUE =
            Field.number("glandTorque", "torque of each", "N·m", 0.01, 100_000).stays();
    static final Field<GlandLoadInput.Friction> FRICTION = Field.choice(
                    "glandFriction", "threads", GlandLoadInput.Friction.class, GlandLoadInput.Friction::words)
            .stays();
    static final Field<String> BOLT_CLASS =
            Field.choice("glandClass", "class", CheckChoices.BOLT_CLASSES).stays();
    static final Field<GlandLoadInput.Stem> MOVES = Field.choice(
                    "glandStem", "its stem is", GlandLoadInput.Stem.class, GlandLoadInput.Stem::words)
            .stays();

    static final Field<Double> TRAVEL = Field.number("runInTravel", "flats until the gland is home", "", 0, 600);
    static final Field<String> LOOKS =
            Field.series("runInLooks", LooksText.LABEL, 20_000).hint(LooksText.HINT);

    static final Field<String> RUN_IN_FROM =
            Field.line("runInFrom", "first look at").hint("kept by the run-in screen");

    static final String BOX_CARD = "box";
    static final String SHAFT_CARD = "box-shaft";
    static final String PACKING_CARD = "box-packing";
    static final String GAPS_CARD = "gland-gaps";
    static final String LOAD_CARD = "gland-load";
    static final String RUN_IN_CARD = "run-in";

    private BoxFields() {}

    static List<Card> cards(Stage stage) {
        return switch (stage) {
            case INTAKE ->
                List.of(Card.of(
                        "box-duty", "What it holds", Shape.LIST, STEM, PRESSURE, TEMPERATURE, FLUID, PH, PLUNGER));
            case STRIP ->
                List.of(
                        Card.of("box-gland", "Gland", Shape.LIST, LIVE, HOME, PINS),
                        Card.of("box-old", "Old rings", Shape.LIST, OLD_RINGS, OLD_WORDS, UNDER),
                        Card.of("box-signs", "What they show", Shape.LIST, SymptomFields.of(Symptom.Group.PACKING))
                                .fold()
                                .withCauses());
            case MEASURE ->
                List.of(
                        Card.of(
                                BOX_CARD,
                                "Box",
                                Shape.LIST,
                                SHAFT,
                                BORE,
                                DEPTH,
                                BUSH,
                                LANTERN,
                                SLOT,
                                PORT_FROM,
                                PORT_TO,
                                ENTRY,
                                NOSE),
                        Card.of(
                                SHAFT_CARD,
                                "Shaft in the box",
                                Shape.LIST,
                                RUN_OUT,
                                OFFSET,
                                THROAT,
                                GROOVE,
                                SCORED,
                                OVALITY,
                                BEND,
                                RA,
                                HRC));
            case DECIDE -> List.of(Card.of(PACKING_CARD, "Packing", Shape.LIST, STYLE, ORDER, JOINTS, CUT, NEW_SLEEVE));
            case FIT -> List.of(Card.of(GAPS_CARD, "Gland gap", Shape.LIST, List.copyOf(GAPS)));
            case SET ->
                List.of(Card.of(LOAD_CARD, "Gland", Shape.LIST, BOLTS, BOLT, TORQUE, FRICTION, BOLT_CLASS, MOVES)
                        .fold());
            case PROVE -> List.of(Card.of(RUN_IN_CARD, "Running in", Shape.LIST, LOOKS, TRAVEL, RUN_IN_FROM));
            default -> List.of();
        };
    }
}
