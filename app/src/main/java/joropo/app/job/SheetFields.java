package joropo.app.job;

import static joropo.app.ui.Field.Kind.DATE;
import static joropo.app.ui.Field.Kind.HOURS;
import static joropo.app.ui.Field.Kind.LINE;
import static joropo.app.ui.Field.Kind.NOTE;
import static joropo.app.ui.Field.Kind.PLACE;
import static joropo.app.ui.Field.Kind.PLAY;
import static joropo.app.ui.Field.Kind.PRESSURE;
import static joropo.app.ui.Field.Kind.SEAL_SIZE;
import static joropo.app.ui.Field.Kind.SIZE;
import static joropo.app.ui.Field.Kind.SPEED;
import static joropo.app.ui.Field.Kind.TEMPERATURE;
import static joropo.app.ui.Field.choice;
import static joropo.app.ui.Field.choices;
import static joropo.app.ui.Field.number;
import static joropo.app.ui.Field.of;
import static joropo.app.ui.Field.pairs;
import static joropo.app.ui.Field.tick;
import static joropo.app.ui.Field.yesNo;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.job.Card.Shape;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.app.ui.Field.Own;
import joropo.app.ui.SignFields;
import joropo.core.assembly.ProvingInput;
import joropo.core.diagnosis.Symptom;
import joropo.core.lipseal.EdgeCover;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.Gauge;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.surface.Remedy;
import joropo.core.surface.SurfaceByEye;

/** Which cards and fields each stage of a lip seal job has. */
final class SheetFields {
    private static final String AS_POSITION = "not said: as at the position";
    private static final List<Choice> SIDES =
            List.of(new Choice("IN", "inside, the machine"), new Choice("OUT", "outside, the air"));
    private static final Map<Stage, List<Card>> CARDS = new EnumMap<>(Stage.class);

    static {
        CARDS.put(
                Stage.INTAKE,
                List.of(
                        Card.of(
                                "seen",
                                "What is seen",
                                Shape.LIST,
                                choice(
                                                "symptom",
                                                "symptom",
                                                pairs(
                                                        "WET",
                                                        "wet, no drops",
                                                        "DRIPPING",
                                                        "dripping",
                                                        "RUNNING",
                                                        "running out",
                                                        "MILKY",
                                                        "milky oil",
                                                        "DIRT_IN",
                                                        "dirt or water got in",
                                                        "NOISE",
                                                        "noise or heat",
                                                        "PLANNED",
                                                        "planned change"))
                                        .need(),
                                of("since", "since when", LINE),
                                of("hours", "running hours of the seal", HOURS),
                                of("lastWork", "done here last time", LINE)),
                        Card.of(
                                "innocent",
                                "Is it the seal at all?",
                                Shape.TICKS,
                                tick("levelSeen", "level looked at: not over-full"),
                                tick("breatherSeen", "breather looked at: free"),
                                tick("aboveSeen", "plugs, gaskets and hoses above: dry")),
                        Card.of(
                                        "signs",
                                        "Why does it leak?",
                                        Shape.LIST,
                                        signs(Symptom.Group.INNOCENT, Symptom.Group.RUNNING))
                                .fold(),
                        Card.of(
                                "duty",
                                "Duty",
                                Shape.LIST,
                                choice("medium", "inside", choices(Medium.values(), Medium::words))
                                        .hint(AS_POSITION),
                                choice(
                                                "fluid",
                                                "which, by name",
                                                Fluid.all().stream()
                                                        .map(f -> new Choice(f.key(), f.name()))
                                                        .toList())
                                        .with(Own.FLUIDS)
                                        .hint("not said: the worst it may be"),
                                choice("dirt", "outside", choices(Dirt.values(), Dirt::words))
                                        .hint(AS_POSITION),
                                of("speed", "speed, rpm", SPEED).hint("empty: as at the position"),
                                choice(
                                                "rotation",
                                                "turns, seen from outside",
                                                choices(Rotation.values(), Rotation::words))
                                        .hint(AS_POSITION)),
                        Card.of(
                                        "heat",
                                        "Heat, pressure, surroundings",
                                        Shape.LIST,
                                        of("sump", "sump temperature", TEMPERATURE)
                                                .hint("empty: 70 °C assumed"),
                                        of("coldest", "coldest start", TEMPERATURE)
                                                .hint("empty: 0 °C assumed"),
                                        choice(
                                                        "wetting",
                                                        "how the lip is wetted",
                                                        choices(Wetting.values(), Wetting::words))
                                                .hint("not said: splashed; in grease: greased"),
                                        of("pressure", "pressure inside", PRESSURE)
                                                .hint("empty: none (0 MPa)"),
                                        of("pressureOut", "pressure outside", PRESSURE)
                                                .hint("empty: none (0 MPa)"),
                                        choice(
                                                        "outsideMedium",
                                                        "medium outside",
                                                        choices(Medium.values(), Medium::words))
                                                .hint("not said: air"),
                                        yesNo("corrosive", "salt or acid wash outside")
                                                .hint("not said: no"),
                                        yesNo("food", "food or drinking water").hint("not said: no"),
                                        number("swingAngle", "swings: whole angle", "°", 0, 3600),
                                        number("swingRate", "swings: to and fro per minute", "", 0, 10_000))
                                .fold()));
        CARDS.put(
                Stage.STRIP,
                List.of(
                        Card.of(
                                "safe",
                                "Made safe: hold",
                                Shape.TICKS,
                                tick("isolated", "isolated and proved dead"),
                                tick("locked", "locked and tagged"),
                                tick("pressureOff", "pressure off, drained, weight held"),
                                of("unsafeWhy", "if one cannot be ticked: the reason", LINE)),
                        Card.of(
                                        "marks",
                                        "Before anything comes off",
                                        Shape.LIST,
                                        of("reference", "moving parts stand at", LINE)
                                                .hint("reference position, with its mark"),
                                        of("lineMarks", "lines that could be swapped, marked how", LINE))
                                .fold(),
                        Card.of(
                                "found",
                                "As found",
                                Shape.LIST,
                                of("foundDepth", "depth of the old seal from the face", PLACE),
                                choice("foundFacing", "its open side faced", SIDES),
                                choice(
                                        "foundState",
                                        "state of its lip",
                                        pairs(
                                                "SOUND",
                                                "sound",
                                                "HARD",
                                                "hard, cracked, glazed",
                                                "WORN",
                                                "worn to a wide band",
                                                "ONE_SIDED",
                                                "wide on one side",
                                                "CUT",
                                                "cut or torn",
                                                "TURNED",
                                                "turned under",
                                                "SPRING_OUT",
                                                "spring missing or out",
                                                "SWOLLEN",
                                                "swollen, soft",
                                                "CASE_BENT",
                                                "case dented or bent")),
                                of("marking", "marking read on it", LINE),
                                choice(
                                        "drained",
                                        "what drained",
                                        pairs(
                                                "CLEAR",
                                                "clear",
                                                "DARK",
                                                "dark",
                                                "MILKY",
                                                "milky: water is in",
                                                "GLITTER",
                                                "glitter: metal")),
                                yesNo("runningSleeve", "running sleeve or spacer on the shaft")
                                        .hint("not said: no"),
                                of("sleevePlaceOld", "its place from its shoulder, read before pulling", PLACE)
                                        .hint("only with a running sleeve"),
                                of("stripNote", "order of parts, what came with them", NOTE)),
                        Card.of("off", "What it shows: signs on what came off", Shape.LIST, signs(Symptom.Group.LIP))
                                .fold(),
                        Card.of(
                                        "out",
                                        "Ways of taking it out",
                                        Shape.LIST,
                                        yesNo("edgeReachable", "its edge can be reached"),
                                        yesNo("rimProud", "a rim stands proud"),
                                        of("lineRoom", "room in line with the shaft", SIZE),
                                        of("toolLength", "length of the slide hammer", SIZE),
                                        of("behind", "free depth behind it", PLAY),
                                        yesNo("brittleBeside", "brittle face or running surface beside it"),
                                        yesNo("otherSide", "can be reached from behind"),
                                        yesNo("elastomersStay", "other elastomers stay in"),
                                        yesNo("flammable", "anything flammable near"),
                                        yesNo("pressureAllowed", "maker allows pressing out by oil"))
                                .fold()));
        CARDS.put(
                Stage.MEASURE,
                List.of(
                        Card.of(
                                "shaft",
                                "Shaft at the lip",
                                Shape.PLANES,
                                choice("shaftGauge", "gauge", gauges(Gauge.Use.SHAFT))
                                        .with(Own.SHAFT_GAUGES),
                                of("shaftA1", "A at the old track, 12 to 6", SIZE),
                                of("shaftA2", "A at the old track, 3 to 9", SIZE),
                                of("shaftB1", "B beside it, 12 to 6", SIZE),
                                of("shaftB2", "B beside it, 3 to 9", SIZE)),
                        Card.of(
                                "bore",
                                "Bore at the seat",
                                Shape.PLANES,
                                choice("boreGauge", "gauge", gauges(Gauge.Use.BORE))
                                        .with(Own.BORE_GAUGES),
                                of("boreA1", "A near the mouth, 12 to 6", SIZE),
                                of("boreA2", "A near the mouth, 3 to 9", SIZE),
                                of("boreB1", "B near the stop, 12 to 6", SIZE),
                                of("boreB2", "B near the stop, 3 to 9", SIZE)),
                        Card.of(
                                "depths",
                                "Depths from the face",
                                Shape.LIST,
                                choice("depthGauge", "gauge", gauges(Gauge.Use.DEPTH))
                                        .with(Own.DEPTH_GAUGES),
                                of("stopDepth", "to the shoulder", SIZE),
                                of("turningDepth", "to the nearest turning part", SIZE),
                                of("groundFrom", "ground surface from", PLACE),
                                of("groundTo", "ground surface to", PLACE)),
                        Card.of(
                                "eye",
                                "By eye and nail",
                                Shape.LIST,
                                choice(
                                        "surface",
                                        "track on the shaft",
                                        choices(SurfaceByEye.values(), SurfaceByEye::words)),
                                choice(
                                        "surface2",
                                        "seen there too",
                                        choices(SurfaceByEye.values(), SurfaceByEye::words)),
                                choice("shaftEnd", "shaft's end", choices(ShaftEnd.values(), ShaftEnd::words)),
                                choice("entersFrom", "shaft goes in from", SIDES),
                                choice(
                                        "housing",
                                        "housing of",
                                        ThermalExpansion.all().stream()
                                                .map(m -> new Choice(m.code(), m.name()))
                                                .toList()),
                                yesNo("split", "housing split through the bore").hint("not said: no")),
                        Card.of(
                                        "groove",
                                        "Groove or score under the lip",
                                        Shape.LIST,
                                        of("grooveDepth", "depth below the sound shaft", PLAY),
                                        of("grooveWidth", "width along the shaft", PLAY))
                                .fold(),
                        Card.of(
                                        "finish",
                                        "Roughness, hardness, lead",
                                        Shape.LIST,
                                        number("ra", "Ra on the track", "µm", 0, 100),
                                        number("rz", "Rz on the track", "µm", 0, 500),
                                        number("hrc", "hardness", "HRC", 0, 80),
                                        of("leadAdvance", "thread test: walked", PLACE),
                                        number("leadTurns", "thread test: over turns", "", 0.01, 10_000),
                                        yesNo("leadReverses", "walk turns round with the rotation"))
                                .fold(),
                        Card.of(
                                        "runout",
                                        "Run-out, offset, play",
                                        Shape.LIST,
                                        of("runoutTir", "run-out at the lip, TIR", PLAY),
                                        of("offset", "offset of bore and shaft", PLAY),
                                        of("playBefore", "axial play, seal out", PLAY),
                                        of("growth", "growth when hot, + inward", PLACE))
                                .fold(),
                        Card.of(
                                        "seat",
                                        "Seat and its edges",
                                        Shape.LIST,
                                        of("cylDepth", "cylindrical depth", SIZE),
                                        of("cornerRadius", "corner radius at the bottom", PLAY),
                                        of("leadInLength", "length of the lead-in", SIZE),
                                        number("leadInAngle", "angle of the lead-in", "°", 1, 89),
                                        number("boreRa", "Ra of the bore", "µm", 0, 100),
                                        choice(
                                                "boreSeen",
                                                "seen in the bore",
                                                pairs(
                                                        "SMOOTH",
                                                        "nothing",
                                                        "SCORE_AXIAL",
                                                        "scratch along the axis",
                                                        "NICK",
                                                        "nick across the seat",
                                                        "BORE_WEAR",
                                                        "worn")),
                                        number("boreSeenDepth", "how deep", "µm", 0, 5000))
                                .fold(),
                        Card.of(
                                        "warmth",
                                        "Temperature while reading",
                                        Shape.LIST,
                                        of("partC", "of the parts", TEMPERATURE).hint("°C"),
                                        of("gaugeC", "of the gauge", TEMPERATURE)
                                                .hint("empty: as the parts"))
                                .fold()));
        CARDS.put(
                Stage.DECIDE,
                List.of(
                        Card.of(
                                "work",
                                "Running surface",
                                Shape.LIST,
                                choice("remedy", "what is done about it", choices(Remedy.values(), Remedy::words))
                                        .hint("nothing said: left as it is"),
                                of("sleeveWall", "wall of the thin sleeve at hand", SIZE)
                                        .hint("empty: 0.3 mm")),
                        Card.of(
                                "seal",
                                "Seal",
                                Shape.LIST,
                                of("size", "size", SEAL_SIZE).hint("shaft x bore x width, such as 45x62x8"),
                                choice("layout", "layout", choices(Layout.values(), Layout::words)),
                                choice(
                                                "material",
                                                "material of the lip",
                                                LipSealCheck.lipMaterials().stream()
                                                        .map(m -> new Choice(
                                                                m,
                                                                m + ", "
                                                                        + Elastomer.of(m)
                                                                                .name()))
                                                        .toList())
                                        .with(Own.MATERIALS),
                                choice("caseType", "outside of the case", choices(CaseType.values(), CaseType::words)),
                                of("chooseWhy", "reason, where it is not the recommended one", LINE)),
                        Card.of(
                                "way",
                                "Way round and depth",
                                Shape.LIST,
                                choice("mainLip", "open side, with the spring, faces", SIDES),
                                of("plannedDepth", "depth of its outer face", PLACE)
                                        .hint("empty: the target of the depth window"),
                                choice(
                                                "edgeCover",
                                                "edge on the way covered by",
                                                choices(EdgeCover.values(), EdgeCover::words))
                                        .hint("not said: nothing"),
                                of("decideWhy", "reason, where it differs from what was found", LINE)),
                        Card.of(
                                        "driving",
                                        "Driving it in",
                                        Shape.LIST,
                                        yesNo("shaftInPlace", "shaft's end is there while it is driven")
                                                .hint("not said: no"),
                                        of("standsOut", "stands out of the face: shaft, dowels, studs", PLAY)
                                                .hint("empty: nothing"))
                                .fold(),
                        Card.of(
                                        "maker",
                                        "Maker's values for this seal",
                                        Shape.LIST,
                                        number("makerSpeed", "fastest surface speed", "m/s", 0, 200),
                                        of("makerLipLimit", "hottest lip", TEMPERATURE),
                                        of("makerPressure", "pressure", PRESSURE),
                                        of("makerRunout", "run-out, TIR", PLAY),
                                        of("sealOutsideMin", "outside, least", SIZE),
                                        of("sealOutsideMax", "outside, most", SIZE),
                                        of("makerDocument", "document, edition, page", LINE)
                                                .hint("empty: shown as unproved"))
                                .fold()));
        CARDS.put(
                Stage.FIT,
                List.of(
                        Card.of(
                                "square",
                                "Depth all round",
                                Shape.CLOCK,
                                choice("fitGauge", "gauge", gauges(Gauge.Use.DEPTH))
                                        .with(Own.DEPTH_GAUGES),
                                of("depth12", "at 12", PLACE),
                                of("depth3", "at 3", PLACE),
                                of("depth6", "at 6", PLACE),
                                of("depth9", "at 9", PLACE),
                                of("gaugeCircle", "gauge circle", SIZE).hint("empty: half way between shaft and bore")),
                        Card.of(
                                        "newSeal",
                                        "The new seal in the hand, before it goes in",
                                        Shape.LIST,
                                        choice("newGauge", "gauge", gauges(Gauge.Use.SHAFT))
                                                .with(Own.SHAFT_GAUGES),
                                        of("newOutside", "outside of its case", SIZE),
                                        of("newWidth", "width", SIZE))
                                .fold(),
                        Card.of(
                                        "sleeve",
                                        "New running sleeve",
                                        Shape.LIST,
                                        of("sleevePlaceNew", "its place from its shoulder", PLACE))
                                .fold()));
        CARDS.put(
                Stage.SET,
                List.of(
                        Card.of(
                                "play",
                                "Axial play",
                                Shape.LIST,
                                of("playMeasured", "measured, whole", PLAY),
                                of("playLow", "builder's least", PLAY),
                                of("playHigh", "builder's most", PLAY)),
                        Card.of(
                                        "bolts",
                                        "Torque plan",
                                        Shape.LIST,
                                        number("bolts", "bolts round the circle", "", 2, 96),
                                        number("boltTorque", "torque of its figure", "", 0.01, 100_000),
                                        choice(
                                                "torqueUnit",
                                                "figure is in",
                                                pairs(
                                                        "NM", "N·m", "LBF_FT", "lbf·ft", "LBF_IN", "lbf·in", "KGF_M",
                                                        "kgf·m")),
                                        choice(
                                                "figureFor",
                                                "figure is for",
                                                pairs(
                                                        "DRY",
                                                        "dry threads",
                                                        "LUBRICATED",
                                                        "lubricated threads",
                                                        "UNKNOWN",
                                                        "nobody knows")),
                                        choice(
                                                "threads",
                                                "threads are",
                                                pairs(
                                                        "DRY",
                                                        "dry",
                                                        "OILED",
                                                        "oiled",
                                                        "ANTISEIZE",
                                                        "with anti-seize",
                                                        "THREADLOCKER",
                                                        "with threadlocker")),
                                        of("wrenchLength", "wrench, grip to square", SIZE),
                                        of("extension", "extension in line with it", PLAY)
                                                .hint("empty: none"),
                                        yesNo("leftHand", "left-hand thread").hint("not said: no"))
                                .fold(),
                        Card.of(
                                        "locking",
                                        "Locking",
                                        Shape.LIST,
                                        choice(
                                                "locking",
                                                "locked by",
                                                pairs(
                                                        "TAB",
                                                        "tab",
                                                        "PLATE",
                                                        "plate",
                                                        "WIRE",
                                                        "wire",
                                                        "PIN",
                                                        "pin",
                                                        "PEENED",
                                                        "peened",
                                                        "ADHESIVE_LOW",
                                                        "adhesive, low",
                                                        "ADHESIVE_MEDIUM",
                                                        "adhesive, medium",
                                                        "ADHESIVE_HIGH",
                                                        "adhesive, high",
                                                        "NONE",
                                                        "nothing, its builder wants none")),
                                        of("lockingWay", "direction of tab, wire or pin", LINE),
                                        of("heldAgainst", "who or what held against it", LINE),
                                        yesNo("impact", "an impact tool was used")
                                                .hint("not said: no"))
                                .fold(),
                        Card.of(
                                "closed",
                                "Closed and locked",
                                Shape.TICKS,
                                tick("tightened", "fasteners in steps and crosswise"),
                                tick("lockedUp", "none left on trial, locking done"),
                                tick("countedOut", "temporary things counted out"),
                                tick("guardsBack", "guards, plugs and tags back"))));
        CARDS.put(
                Stage.PROVE,
                List.of(
                        Card.of(
                                "proving",
                                "Proving",
                                Shape.LIST,
                                choice(
                                        "handTurn",
                                        "turned by hand",
                                        choices(ProvingInput.HandTurn.values(), ProvingInput.HandTurn::words)),
                                choice(
                                        "firstRun",
                                        "after the first run, warm",
                                        choices(ProvingInput.FirstRun.values(), ProvingInput.FirstRun::words)),
                                of("proveNote", "what was seen", NOTE)),
                        Card.of(
                                "filled",
                                "Filled",
                                Shape.TICKS,
                                tick("levelRight", "filled to level"),
                                tick("breatherFree", "breather free"))));
        CARDS.put(
                Stage.SIGN,
                List.of(
                        Card.of(
                                "remark",
                                "For the record",
                                Shape.LIST,
                                of("remark", "remark", NOTE),
                                of("nextLook", "next look", DATE).hint("such as 2026-12-24")),
                        Card.of(
                                        "concession",
                                        "Concession",
                                        Shape.LIST,
                                        of("concession", "the defect: what does not hold", NOTE),
                                        of("concessionWhy", "why it is accepted", LINE),
                                        of("concessionExpected", "what is expected of it", LINE),
                                        of("concessionFallback", "fallback, if it gets worse", LINE),
                                        of("concessionLook", "next look", DATE).hint("such as 2026-12-24"))
                                .fold(),
                        Card.of(
                                        "advice",
                                        "Recommendation to the owner",
                                        Shape.LIST,
                                        of("recommendation", "what is advised", NOTE),
                                        of("recommendationAnswer", "answer", LINE)
                                                .hint("empty: none yet"),
                                        of("recommendationOn", "answered on", DATE)
                                                .hint("such as 2026-12-24"))
                                .fold()));
    }

    private SheetFields() {}

    private static Field[] signs(Symptom.Group... groups) {
        return Symptom.all().stream()
                .filter(s -> List.of(groups).contains(s.group()))
                .map(SignFields::of)
                .toArray(Field[]::new);
    }

    static List<Card> cards(Stage stage) {
        return CARDS.get(stage);
    }

    static Stream<Field> fields(Stage stage) {
        return cards(stage).stream().flatMap(c -> c.fields().stream());
    }

    private static List<Choice> gauges(Gauge.Use use) {
        return Gauge.forUse(use).stream()
                .map(g -> new Choice(g.name(), g.words()))
                .toList();
    }
}
