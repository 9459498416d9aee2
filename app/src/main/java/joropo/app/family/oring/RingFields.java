package joropo.app.family.oring;

import java.util.ArrayList;
import java.util.List;
import joropo.app.check.CheckChoices;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Symptom;
import joropo.core.oring.Gland;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingSort;
import joropo.core.shaft.Side;

/** What is asked of one ring of a joint, and on which cards. */
final class RingFields {
    private static final String NO_MARK_LABEL = "looked at, no mark a nail feels";
    private static final String SHAPE_LABEL = "oval or tapered by, the worse";

    static final Field<Double> PRESSURE =
            Field.pressure("ringPressureMpa", "pressure, peaks too").stays();
    static final Field<Boolean> PRESSURE_TURNS =
            Field.yesNo("ringPressureTurns", "it comes from both sides").stays();
    static final Field<Side> PRESSURE_SIDE = Field.choice("ringPressureSide", "it comes from", Side.class, Side::words)
            .stays();
    static final Field<String> FLUID =
            Field.choice("ringFluid", "fluid", CheckChoices.FLUIDS).stays();
    static final Field<Double> COLDEST =
            Field.temperature("ringColdestC", "coldest").stays();
    static final Field<Double> HOTTEST =
            Field.temperature("ringHottestC", "hottest").stays();

    static final Field<String> CLEANER = Field.choice("ringCleaner", "parts are cleaned with", CheckChoices.FLUIDS)
            .stays();

    static final Field<Double> ROD = Field.size("rodDiameter", "rod");
    static final Field<Double> ROD_GAP = Field.play("rodGap", "largest clearance round it, on the diameter");
    static final Field<Double> ROD_RA = Field.number("rodRa", "roughness Ra", "µm", 0, 100);
    static final Field<Boolean> ROD_NO_MARK = Field.yesNo("rodNoMark", NO_MARK_LABEL);
    static final Field<Double> ROD_BEND = Field.play("rodBend", "bend over 300 mm, between V-blocks");
    static final Field<Double> ROD_SHAPE = Field.play("rodShape", SHAPE_LABEL);
    static final Field<Double> ROD_LEAD_IN =
            Field.play("rodLeadIn", "chamfer at its end").stays();
    static final Field<Double> ROD_HRC =
            Field.number("rodHardness", "hardness", "HRC", 0, 80).stays();
    static final Field<Double> BORE = Field.size("boreDiameter", "bore");
    static final Field<Double> BORE_GAP = Field.play("boreGap", "largest clearance in it, on the diameter");
    static final Field<Double> BORE_RA = Field.number("boreRa", "roughness Ra", "µm", 0, 100);
    static final Field<Boolean> BORE_NO_MARK = Field.yesNo("boreNoMark", NO_MARK_LABEL);
    static final Field<Double> BORE_LEAD_IN =
            Field.play("boreLeadIn", "chamfer at its end").stays();
    static final Field<Double> BORE_SHAPE = Field.play("boreShape", SHAPE_LABEL);

    static final Field<RingSort> SORT = Field.choice("ringSort", "ring", RingSort.class, RingSort::words)
            .hint("empty: O-ring")
            .stays();
    static final Field<Gland> GLAND =
            Field.choice("ringGland", "groove of a", Gland.class, Gland::words).stays();
    static final Field<RingMotion> MOTION = Field.choice("ringMotion", "parts are", RingMotion.class, RingMotion::words)
            .hint("empty: U-cup, guide, wiper and slide ring move")
            .stays();
    static final Field<Double> COUNTER = Field.size("ringCounter", "bore or rod")
            .hint("empty: rod or bore of this joint")
            .stays();
    static final Field<Double> GROOVE =
            Field.size("ringGroove", "groove, diameter").stays();
    static final Field<Double> WIDTH = Field.size("ringWidth", "groove, width").stays();
    static final Field<Double> DEPTH =
            Field.size("ringDepth", "groove, depth").hint("of a face only").stays();
    static final Field<Double> GAP = Field.play("ringGap", "largest clearance, on the diameter")
            .hint("empty: that of the rod or bore that it runs on");
    static final Field<Double> GUIDE_THICK =
            Field.size("ringGuideThick", "strip of a guide ring, thick").stays();
    static final Field<Double> READ_TO = Field.play("ringReadTo", "diameters, widths read to within, ±")
            .hint("of each of them")
            .stays();
    static final Field<Double> FOUND_SECTION = Field.size("ringFoundSection", "old ring, section");
    static final Field<Double> FOUND_INSIDE = Field.size("ringFoundInside", "old ring, inside");
    static final Field<Double> STROKE = Field.play("ringStroke", "stroke").stays();
    static final Field<Double> STROKE_SPEED =
            Field.number("ringStrokeSpeed", "speed along it", "m/s", 0, 200).stays();
    static final Field<Double> RA = Field.number("ringRa", "lands that lie still, roughness Ra", "µm", 0, 100);
    static final Field<Boolean> NO_MARK = Field.yesNo("ringNoMark", "lands " + NO_MARK_LABEL);

    static final Field<String> RING =
            Field.line("ring", "listed size").hint("such as 227 or 53.57x3.53").stays();
    static final Field<Double> INSIDE =
            Field.size("ringInside", "inside").hint("empty: by its size").stays();
    static final Field<Double> SECTION =
            Field.size("ringSection", "section").hint("empty: by its size").stays();
    static final Field<String> MATERIAL =
            Field.choice("ringMaterial", "material", OringFields.JOB_MATERIALS).stays();
    static final Field<Double> HARDNESS =
            Field.number("ringHardness", "hardness", "Shore A", 30, 100).stays();
    static final Field<Double> BACKUPS =
            Field.number("ringBackups", "back-ups", "", 0, 2).stays();
    static final Field<Double> BACKUP_THICK =
            Field.size("ringBackupThick", "each is thick").stays();
    static final Field<Boolean> FAR_END = Field.yesNo("ringFarEnd", "a wiper at the far end")
            .hint("empty, a wiper alone: at this end")
            .stays();
    static final Field<Side> FACES = Field.choice("ringFaces", "its lip or closed side faces", Side.class, Side::words)
            .stays();
    static final Field<Boolean> BY_MAKER = Field.yesNo(
                    "ringByMaker", "its groove held against its maker's sheet, and right")
            .stays();

    static final Field<Boolean> ALL_BY_MAKER = Field.yesNo(
                    "ringAllByMaker", "grooves of cups, guides, wipers held against their makers' sheets, all right")
            .stays();
    static final Field<Double> MAKER_GROOVE =
            Field.size("ringMakerGroove", "maker's groove, diameter").stays();
    static final Field<Double> MAKER_WIDTH =
            Field.size("ringMakerWidth", "maker's groove, width").stays();
    static final Field<Double> MAKER_WITHIN =
            Field.play("ringMakerWithin", "maker's tolerance, ±").stays();

    static final Field<Double> SLIDE_THICK =
            Field.size("ringSlideThick", "slide ring, thick").stays();
    static final Field<Double> SLIDE_WIDE = Field.size("ringSlideWide", "slide ring, wide")
            .hint("the sizes above are its loader's")
            .stays();
    static final Field<String> LOADER_MATERIAL = Field.choice(
                    "ringLoaderMaterial", "loader, material", OringFields.JOB_MATERIALS)
            .stays();

    static final Field<Double> PASS_OVER =
            Field.size("ringPassOver", "largest diameter on its way").stays();
    static final Field<Double> LEAD_IN = Field.play("ringLeadIn", "chamfer that it meets")
            .hint("empty: that of its rod or bore")
            .stays();
    static final Field<Double> LEAD_ANGLE = Field.number("ringLeadAngle", "angle of that chamfer", "°", 1, 80)
            .hint("empty: 15")
            .stays();

    static final Field<Double> DRIFT = Field.play("cylinderDrift", "drift in a hold, the worse end");
    static final Field<Double> DRIFT_MINUTES = Field.number("cylinderDriftMinutes", "held for", "min", 0.1, 1440);
    static final Field<Double> DRIFT_MOST =
            Field.play("cylinderDriftMost", "its maker allows, in a minute").stays();
    static final Field<Boolean> ROD_WET = Field.yesNo("cylinderRodWet", "rod wet after ten strokes");

    static final String ROD_CARD = "rod";
    static final String BORE_CARD = "bore";
    static final String ALL_CARD = "ring-lands";
    static final String PROVE_CARD = "cylinder";
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
                        HOTTEST,
                        CLEANER));
            case MEASURE -> {
                List<Card> all = new ArrayList<>(List.of(
                        Card.of(
                                        ROD_CARD,
                                        "Rod",
                                        Shape.LIST,
                                        ROD,
                                        ROD_GAP,
                                        ROD_RA,
                                        ROD_NO_MARK,
                                        ROD_BEND,
                                        ROD_SHAPE,
                                        ROD_HRC,
                                        ROD_LEAD_IN)
                                .fold(),
                        Card.of(
                                        BORE_CARD,
                                        "Bore",
                                        Shape.LIST,
                                        BORE,
                                        BORE_GAP,
                                        BORE_RA,
                                        BORE_NO_MARK,
                                        BORE_SHAPE,
                                        BORE_LEAD_IN)
                                .fold()));
                all.addAll(further(stage));
                all.add(3, Card.of(ALL_CARD, "All grooves and lands", Shape.LIST, READ_TO, RA, NO_MARK, ALL_BY_MAKER));
                yield List.copyOf(all);
            }
            case PROVE ->
                List.of(Card.of(PROVE_CARD, "Cylinder on hold", Shape.LIST, ROD_WET, DRIFT, DRIFT_MINUTES, DRIFT_MOST)
                        .fold());
            default -> further(stage);
        };
    }

    /** What the joint holds is asked once. */
    static List<Card> further(Stage stage) {
        return switch (stage) {
            case STRIP ->
                List.of(Card.of("ring-signs", "Old ring", Shape.LIST, SymptomFields.of(Symptom.Group.O_RING))
                        .fold()
                        .withCauses());
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
                                DEPTH,
                                GROOVE,
                                WIDTH,
                                GUIDE_THICK,
                                GAP,
                                LEAD_IN),
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
                                        LOADER_MATERIAL,
                                        FAR_END,
                                        FACES,
                                        BY_MAKER,
                                        MAKER_GROOVE,
                                        MAKER_WIDTH,
                                        MAKER_WITHIN)
                                .fold());
            case FIT -> List.of(Card.of(WAY_CARD, "Way to its groove", Shape.LIST, PASS_OVER, LEAD_ANGLE));
            default -> List.of();
        };
    }
}
