package joropo.app.family.oring;

import java.util.List;
import joropo.app.check.CheckChoices;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.core.oring.Gland;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingSort;
import joropo.core.shaft.Side;

/** What is asked of one ring of a joint, and on which cards. */
final class RingFields {
    static final Field<Double> PRESSURE = Field.pressure("ringPressureMpa", "pressure, peaks too");
    static final Field<Boolean> PRESSURE_TURNS = Field.yesNo("ringPressureTurns", "it comes from both sides");
    static final Field<Side> PRESSURE_SIDE = Field.choice("ringPressureSide", "it comes from", Side.class, Side::words);
    static final Field<String> FLUID = Field.choice("ringFluid", "fluid", CheckChoices.FLUIDS);
    static final Field<Double> COLDEST = Field.temperature("ringColdestC", "coldest");
    static final Field<Double> HOTTEST = Field.temperature("ringHottestC", "hottest");

    static final Field<RingSort> SORT =
            Field.choice("ringSort", "ring", RingSort.class, RingSort::words).hint("empty: O-ring");
    static final Field<Gland> GLAND = Field.choice("ringGland", "groove of a", Gland.class, Gland::words);
    static final Field<RingMotion> MOTION =
            Field.choice("ringMotion", "parts are", RingMotion.class, RingMotion::words);
    static final Field<Double> COUNTER =
            Field.size("ringCounter", "bore or rod").hint("not of a face or a boss");
    static final Field<Double> GROOVE = Field.size("ringGroove", "groove, diameter");
    static final Field<Double> WIDTH = Field.size("ringWidth", "groove, width");
    static final Field<Double> DEPTH = Field.size("ringDepth", "groove, depth").hint("of a face only");
    static final Field<Double> GAP = Field.play("ringGap", "largest clearance, on the diameter");
    static final Field<Double> READ_TO =
            Field.play("ringReadTo", "these are read to within, ±").hint("of each of them");
    static final Field<Double> FOUND_SECTION = Field.size("ringFoundSection", "old ring, section");
    static final Field<Double> FOUND_INSIDE = Field.size("ringFoundInside", "old ring, inside");
    static final Field<Double> STROKE = Field.play("ringStroke", "stroke");
    static final Field<Double> STROKE_SPEED = Field.number("ringStrokeSpeed", "speed along it", "m/s", 0, 200);
    static final Field<Double> RA = Field.number("ringRa", "roughness Ra", "µm", 0, 100);
    static final Field<Boolean> NO_MARK = Field.yesNo("ringNoMark", "looked at, no mark a nail feels");

    static final Field<String> RING = Field.line("ring", "listed size").hint("such as 227 or 53.57x3.53");
    static final Field<Double> INSIDE = Field.size("ringInside", "inside").hint("empty: by its size");
    static final Field<Double> SECTION = Field.size("ringSection", "section").hint("empty: by its size");
    static final Field<String> MATERIAL = Field.choice("ringMaterial", "material", OringFields.MATERIALS);
    static final Field<Double> HARDNESS = Field.number("ringHardness", "hardness", "Shore A", 30, 100);
    static final Field<Double> BACKUPS = Field.number("ringBackups", "back-ups", "", 0, 2);
    static final Field<Double> BACKUP_THICK = Field.size("ringBackupThick", "each is thick");
    static final Field<Side> FACES = Field.choice("ringFaces", "its lip or closed side faces", Side.class, Side::words);
    static final Field<Boolean> BY_MAKER =
            Field.yesNo("ringByMaker", "groove compared with its maker's figures, and right");

    static final Field<Double> SLIDE_THICK = Field.size("ringSlideThick", "slide ring, thick");
    static final Field<Double> SLIDE_WIDE =
            Field.size("ringSlideWide", "slide ring, wide").hint("the sizes above are its loader's");

    static final Field<Double> PASS_OVER = Field.size("ringPassOver", "largest diameter on its way");
    static final Field<Double> LEAD_IN = Field.play("ringLeadIn", "chamfer that it meets");
    static final Field<Double> LEAD_ANGLE =
            Field.number("ringLeadAngle", "angle of that chamfer", "°", 1, 80).hint("empty: 15");

    static final String DUTY_CARD = "ring-duty";
    static final String GROOVE_CARD = "groove";
    static final String RING_CARD = "ring";
    static final String FACES_CARD = "ring-faces";
    static final String WAY_CARD = "ring-way";

    private RingFields() {}

    static List<Card> cards(Stage stage) {
        return switch (stage) {
            case INTAKE ->
                List.of(Card.of(
                        DUTY_CARD,
                        "What it holds",
                        Shape.LIST,
                        FLUID,
                        PRESSURE,
                        PRESSURE_SIDE,
                        PRESSURE_TURNS,
                        COLDEST,
                        HOTTEST));
            default -> further(stage);
        };
    }

    /** What the joint holds is asked once. */
    static List<Card> further(Stage stage) {
        return switch (stage) {
            case MEASURE ->
                List.of(
                        Card.of(
                                GROOVE_CARD,
                                "Ring and groove",
                                Shape.LIST,
                                SORT,
                                GLAND,
                                MOTION,
                                COUNTER,
                                GROOVE,
                                WIDTH,
                                DEPTH,
                                GAP,
                                READ_TO),
                        Card.of("ring-face", "Face that it seals on", Shape.LIST, RA, NO_MARK),
                        Card.of(
                                        "ring-old",
                                        "Stroke, old ring",
                                        Shape.LIST,
                                        STROKE,
                                        STROKE_SPEED,
                                        FOUND_SECTION,
                                        FOUND_INSIDE)
                                .fold());
            case DECIDE ->
                List.of(
                        Card.of(
                                RING_CARD,
                                "Ring",
                                Shape.LIST,
                                RING,
                                MATERIAL,
                                INSIDE,
                                SECTION,
                                HARDNESS,
                                BACKUPS,
                                BACKUP_THICK),
                        Card.of(
                                        FACES_CARD,
                                        "Slide ring, way round, maker's groove",
                                        Shape.LIST,
                                        SLIDE_THICK,
                                        SLIDE_WIDE,
                                        FACES,
                                        BY_MAKER)
                                .fold());
            case FIT -> List.of(Card.of(WAY_CARD, "Way to its groove", Shape.LIST, PASS_OVER, LEAD_IN, LEAD_ANGLE));
            default -> List.of();
        };
    }
}
