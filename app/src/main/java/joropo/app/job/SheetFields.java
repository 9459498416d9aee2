package joropo.app.job;

import static joropo.app.job.Field.Kind.DATE;
import static joropo.app.job.Field.Kind.HOURS;
import static joropo.app.job.Field.Kind.LINE;
import static joropo.app.job.Field.Kind.NOTE;
import static joropo.app.job.Field.Kind.PLACE;
import static joropo.app.job.Field.Kind.PLAY;
import static joropo.app.job.Field.Kind.PRESSURE;
import static joropo.app.job.Field.Kind.SEAL_SIZE;
import static joropo.app.job.Field.Kind.SIZE;
import static joropo.app.job.Field.Kind.SPEED;
import static joropo.app.job.Field.Kind.TEMPERATURE;
import static joropo.app.job.Field.choice;
import static joropo.app.job.Field.of;
import static joropo.app.job.Field.tick;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.app.job.Card.Layout;
import joropo.app.job.Field.Choice;
import joropo.core.assembly.ProvingInput;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.Rotation;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Side;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.Gauge;
import joropo.core.surface.SurfaceByEye;

/** Which cards and fields each stage of a lip seal job has. */
final class SheetFields {
    private static final String AS_POSITION = "not said: as at the position";
    private static final List<Choice> SIDES = List.of(new Choice("IN", "inside, the machine"), new Choice("OUT", "outside, the air"));
    private static final Map<Stage, List<Card>> CARDS = new EnumMap<>(Stage.class);

    static {
        CARDS.put(Stage.INTAKE, List.of(
                Card.of("seen", "What is seen", Layout.LIST,
                        choice("symptom", "symptom", pairs("WET", "wet, no drops", "DRIPPING", "dripping", "RUNNING", "running out",
                                "MILKY", "milky oil", "DIRT_IN", "dirt or water got in", "NOISE", "noise or heat", "PLANNED", "planned change")).need(),
                        of("since", "since when", LINE), of("hours", "running hours of the seal", HOURS), of("lastWork", "done here last time", LINE)),
                Card.of("innocent", "Is it the seal at all?", Layout.TICKS,
                        tick("levelSeen", "level looked at: not over-full"), tick("breatherSeen", "breather looked at: free"),
                        tick("aboveSeen", "plugs, gaskets and hoses above: dry")),
                Card.of("duty", "Duty", Layout.LIST,
                        choice("medium", "inside", choices(Medium.values(), Medium::words)).hint(AS_POSITION), choice("dirt", "outside", choices(Dirt.values(), Dirt::words)).hint(AS_POSITION),
                        of("speed", "speed, rpm", SPEED).hint("empty: as at the position"), choice("rotation", "turns, seen from outside", choices(Rotation.values(), Rotation::words)).hint(AS_POSITION),
                        of("pressure", "pressure inside", PRESSURE).hint("empty: none (0 MPa)"))));
        CARDS.put(Stage.STRIP, List.of(
                Card.of("safe", "Made safe: hold", Layout.TICKS,
                        tick("isolated", "isolated and proved dead"), tick("locked", "locked and tagged"), tick("pressureOff", "pressure off, drained, weight held"),
                        of("unsafeWhy", "if one cannot be ticked: the reason", LINE)),
                Card.of("found", "As found", Layout.LIST,
                        of("foundDepth", "depth of the old seal from the face", PLACE), choice("foundFacing", "its open side faced", SIDES),
                        choice("foundState", "state of its lip", pairs("SOUND", "sound", "HARD", "hard, cracked, glazed", "WORN", "worn to a wide band",
                                "ONE_SIDED", "wide on one side", "CUT", "cut or torn", "TURNED", "turned under", "SPRING_OUT", "spring missing or out",
                                "SWOLLEN", "swollen, soft", "CASE_BENT", "case dented or bent")),
                        of("marking", "marking read on it", LINE),
                        choice("drained", "what drained", pairs("CLEAR", "clear", "DARK", "dark", "MILKY", "milky: water is in", "GLITTER", "glitter: metal")),
                        of("stripNote", "order of parts, what came with them", NOTE))));
        CARDS.put(Stage.MEASURE, List.of(
                Card.of("shaft", "Shaft at the lip", Layout.PLANES, choice("shaftGauge", "gauge", gauges(Gauge.Use.SHAFT)),
                        of("shaftA1", "A at the old track, 12 to 6", SIZE), of("shaftA2", "A at the old track, 3 to 9", SIZE),
                        of("shaftB1", "B beside it, 12 to 6", SIZE), of("shaftB2", "B beside it, 3 to 9", SIZE)),
                Card.of("bore", "Bore at the seat", Layout.PLANES, choice("boreGauge", "gauge", gauges(Gauge.Use.BORE)),
                        of("boreA1", "A near the mouth, 12 to 6", SIZE), of("boreA2", "A near the mouth, 3 to 9", SIZE),
                        of("boreB1", "B near the stop, 12 to 6", SIZE), of("boreB2", "B near the stop, 3 to 9", SIZE)),
                Card.of("depths", "Depths from the face", Layout.LIST, choice("depthGauge", "gauge", gauges(Gauge.Use.DEPTH)),
                        of("stopDepth", "to the shoulder", SIZE), of("turningDepth", "to the nearest turning part", SIZE),
                        of("groundFrom", "ground surface from", PLACE), of("groundTo", "ground surface to", PLACE)),
                Card.of("eye", "By eye and nail", Layout.LIST, choice("surface", "track on the shaft", choices(SurfaceByEye.values(), SurfaceByEye::words)),
                        choice("shaftEnd", "shaft's end", choices(ShaftEnd.values(), ShaftEnd::words)), choice("entersFrom", "shaft goes in from", SIDES)),
                Card.of("heat", "Temperature while reading", Layout.LIST, of("partC", "of the parts", TEMPERATURE).hint("°C"),
                        of("gaugeC", "of the gauge", TEMPERATURE).hint("empty: as the parts"),
                        choice("housing", "housing of", ThermalExpansion.all().stream().map(m -> new Choice(m.code(), m.name())).toList()).hint("not said: steel")).fold()));
        CARDS.put(Stage.DECIDE, List.of(
                Card.of("seal", "Seal", Layout.LIST, of("size", "size", SEAL_SIZE).hint("shaft x bore x width, such as 45x62x8"),
                        choice("caseType", "outside of the case", choices(CaseType.values(), CaseType::words)),
                        choice("dustLip", "dust lip", pairs("NONE", "none", "OUT", "faces outside"))),
                Card.of("way", "Way round and depth", Layout.LIST, choice("mainLip", "open side, with the spring, faces", SIDES),
                        of("plannedDepth", "depth of its outer face", PLACE).hint("empty: the target of the depth window"),
                        of("decideWhy", "reason, where it differs from what was found", LINE))));
        CARDS.put(Stage.FIT, List.of(
                Card.of("square", "Depth all round", Layout.CLOCK, choice("fitGauge", "gauge", gauges(Gauge.Use.DEPTH)),
                        of("depth12", "at 12", PLACE), of("depth3", "at 3", PLACE), of("depth6", "at 6", PLACE), of("depth9", "at 9", PLACE),
                        of("gaugeCircle", "gauge circle", SIZE).hint("empty: half way between shaft and bore"))));
        CARDS.put(Stage.SET, List.of(
                Card.of("play", "Axial play", Layout.LIST, of("playMeasured", "measured, whole", PLAY), of("playLow", "builder's least", PLAY),
                        of("playHigh", "builder's most", PLAY)),
                Card.of("closed", "Closed and locked", Layout.TICKS, tick("tightened", "fasteners in steps and crosswise"),
                        tick("lockedUp", "none left on trial, locking done"), tick("countedOut", "temporary things counted out"),
                        tick("guardsBack", "guards, plugs and tags back"))));
        CARDS.put(Stage.PROVE, List.of(
                Card.of("proving", "Proving", Layout.LIST,
                        choice("handTurn", "turned by hand", choices(ProvingInput.HandTurn.values(), ProvingInput.HandTurn::words)),
                        choice("firstRun", "after the first run, warm", choices(ProvingInput.FirstRun.values(), ProvingInput.FirstRun::words)),
                        of("proveNote", "what was seen", NOTE)),
                Card.of("filled", "Filled", Layout.TICKS, tick("levelRight", "filled to level"), tick("breatherFree", "breather free"))));
        CARDS.put(Stage.SIGN, List.of(
                Card.of("remark", "For the record", Layout.LIST, of("remark", "remark", NOTE), of("nextLook", "next look", DATE).hint("such as 2026-12-24")),
                Card.of("concession", "Concession", Layout.LIST, of("concession", "what does not hold, and why it is accepted", NOTE)).fold()));
    }

    private SheetFields() { }

    static List<Card> cards(Stage stage) {
        return CARDS.get(stage);
    }

    static Stream<Field> fields(Stage stage) {
        return cards(stage).stream().flatMap(c -> c.fields().stream());
    }

    private static <E extends Enum<E>> List<Choice> choices(E[] all, Function<E, String> words) {
        return Arrays.stream(all).map(e -> new Choice(e.name(), words.apply(e))).toList();
    }

    private static List<Choice> gauges(Gauge.Use use) {
        return Gauge.forUse(use).stream().map(g -> new Choice(g.name(), g.words())).toList();
    }

    private static List<Choice> pairs(String... valueAndWords) {
        Choice[] out = new Choice[valueAndWords.length / 2];
        Arrays.setAll(out, i -> new Choice(valueAndWords[2 * i], valueAndWords[2 * i + 1]));
        return List.of(out);
    }
}
