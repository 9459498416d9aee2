package joropo.app.family.lipseal;

import java.util.List;
import joropo.app.family.CommonFields;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.app.ui.Field.Own;
import joropo.core.diagnosis.DrainedOil;
import joropo.core.lipseal.EdgeCover;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipState;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.Gauge;
import joropo.core.section.CaseType;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Level;
import joropo.core.section.Mount;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.shaft.Swing;
import joropo.core.sizes.SealSize;
import joropo.core.surface.Remedy;
import joropo.core.surface.SurfaceByEye;

/** What is asked of a lip seal and its entry, stage by stage. */
final class LipSealFields {
    private static final String AS_POSITION = "empty: as at the position";
    private static final String NOT_SAID_NO = "empty: no";
    private static final double ROUGHEST_RA_UM = 100;
    private static final double ROUGHEST_RZ_UM = 500;
    private static final double HARDEST_HRC = 80;

    // intake
    static final Field<Medium> MEDIUM = Field.choice("medium", "inside", Medium.class, Medium::words)
            .hint(AS_POSITION)
            .stays();
    static final Field<String> FLUID = Field.choice(
                    "fluid",
                    "which, by name",
                    Fluid.all().stream().map(f -> new Choice(f.key(), f.name())).toList())
            .with(Own.FLUIDS)
            .hint("empty: the worst it may be")
            .stays();
    static final Field<Dirt> DIRT = Field.choice("dirt", "outside", Dirt.class, Dirt::words)
            .hint(AS_POSITION)
            .stays();
    static final Field<Double> SPEED =
            Field.speed("speed", "speed, rpm").hint("empty: as at the position").stays();
    static final Field<Rotation> ROTATION = Field.choice(
                    "rotation", "turns, seen from outside", Rotation.class, Rotation::words)
            .hint(AS_POSITION)
            .stays();
    static final Field<Double> SUMP = Field.temperature("sump", "sump temperature")
            .hint("empty: 70 °C assumed")
            .stays();
    static final Field<Double> COLDEST = Field.temperature("coldest", "coldest start")
            .hint("empty: 0 °C assumed")
            .stays();
    static final Field<Wetting> WETTING = Field.choice(
                    "wetting", "how the lip is wetted", Wetting.class, Wetting::words)
            .hint("empty: splashed; in grease: greased")
            .stays();
    static final Field<Double> PRESSURE = Field.pressure("pressure", "pressure inside")
            .hint("empty: none (0 MPa)")
            .stays();
    static final Field<Double> PRESSURE_OUT = Field.pressure("pressureOut", "pressure outside")
            .hint("empty: none (0 MPa)")
            .stays();
    static final Field<Medium> OUTSIDE_MEDIUM = Field.choice(
                    "outsideMedium", "medium outside", Medium.class, Medium::words)
            .hint("empty: air")
            .stays();
    static final Field<String> OUTSIDE_FLUID = Field.choice(
                    "outsideFluid",
                    "which outside, by name",
                    Fluid.all().stream().map(f -> new Choice(f.key(), f.name())).toList())
            .with(Own.FLUIDS)
            .hint("empty: the worst it may be")
            .stays();
    static final Field<Boolean> CORROSIVE = Field.yesNo("corrosive", "salt or acid wash outside")
            .hint(NOT_SAID_NO)
            .stays();
    static final Field<Boolean> FOOD =
            Field.yesNo("food", "food or drinking water").hint(NOT_SAID_NO).stays();
    static final Field<Double> SWING_ANGLE = Field.number("swingAngle", "swings: whole angle", "°", 0, Swing.MOST_DEG)
            .stays();
    static final Field<Double> SWING_RATE = Field.number(
                    "swingRate", "swings: to and fro per minute", "", 0, Swing.MOST_PER_MINUTE)
            .stays();

    // strip
    static final Field<Double> FOUND_DEPTH = Field.place("foundDepth", "depth of the old seal from the face");
    static final Field<Side> FOUND_FACING = CommonFields.side("foundFacing", "its open side faced");
    static final Field<LipState> FOUND_STATE =
            Field.choice("foundState", "state of its lip", LipState.class, LipState::words);
    static final Field<String> MARKING = Field.line("marking", "marking read on it");
    static final Field<DrainedOil> DRAINED =
            Field.choice("drained", "what drained", DrainedOil.class, DrainedOil::words);
    static final Field<Boolean> RUNNING_SLEEVE = Field.yesNo("runningSleeve", "running sleeve or spacer on the shaft")
            .hint(NOT_SAID_NO)
            .stays();
    static final Field<Double> SLEEVE_PLACE_OLD = Field.place(
                    "sleevePlaceOld", "its place from its shoulder, read before pulling")
            .hint("only with a running sleeve");
    static final Field<String> STRIP_NOTE = Field.note("stripNote", "order of parts, what came with them");
    static final Field<Boolean> EDGE_REACHABLE =
            Field.yesNo("edgeReachable", "its edge can be reached").stays();
    static final Field<Boolean> RIM_PROUD = Field.yesNo("rimProud", "a rim stands proud");
    static final Field<Double> LINE_ROOM =
            Field.size("lineRoom", "room in line with the shaft").stays();
    static final Field<Double> TOOL_LENGTH = Field.size("toolLength", "length of the slide hammer");
    static final Field<Double> BEHIND =
            Field.play("behind", "free depth behind it").stays();
    static final Field<Double> LIP_OPENING = Field.size("lipOpening", "opening of the lip, for inner jaws");
    static final Field<Boolean> BRITTLE_BESIDE = Field.yesNo(
                    "brittleBeside", "brittle face or running surface beside it")
            .stays();
    static final Field<Boolean> OTHER_SIDE =
            Field.yesNo("otherSide", "can be reached from behind").stays();
    static final Field<Boolean> ELASTOMERS_STAY = Field.yesNo("elastomersStay", "other elastomers stay in");
    static final Field<Boolean> FLAMMABLE = Field.yesNo("flammable", "anything flammable near");
    static final Field<Boolean> PRESSURE_ALLOWED =
            Field.yesNo("pressureAllowed", "maker allows pressing out by oil").stays();

    // measure
    static final Field<Double> SHAFT_A1 = Field.size("shaftA1", "A at the old track, 12 to 6");
    static final Field<Double> SHAFT_A2 = Field.size("shaftA2", "A at the old track, 3 to 9");
    static final Field<Double> SHAFT_B1 = Field.size("shaftB1", "B beside it, 12 to 6");
    static final Field<Double> SHAFT_B2 = Field.size("shaftB2", "B beside it, 3 to 9");
    static final Field<Double> BORE_A1 =
            Field.size("boreA1", "A near the mouth, 12 to 6").shared();
    static final Field<Double> BORE_A2 =
            Field.size("boreA2", "A near the mouth, 3 to 9").shared();
    static final Field<Double> BORE_B1 =
            Field.size("boreB1", "B near the stop, 12 to 6").shared();
    static final Field<Double> BORE_B2 =
            Field.size("boreB2", "B near the stop, 3 to 9").shared();
    static final Field<String> DEPTH_GAUGE =
            CommonFields.gauge("depthGauge", Gauge.Use.DEPTH, Own.DEPTH_GAUGES).stays();
    static final Field<Double> STOP_DEPTH =
            Field.size("stopDepth", "to the shoulder").stays();
    static final Field<Double> TURNING_DEPTH =
            Field.size("turningDepth", "to the nearest rotating part").stays();
    static final Field<Double> GROUND_FROM =
            Field.place("groundFrom", "ground band from").stays();
    static final Field<Double> GROUND_TO =
            Field.place("groundTo", "ground surface to").stays();
    static final Field<SurfaceByEye> SURFACE =
            Field.choice("surface", "track on the shaft", SurfaceByEye.class, SurfaceByEye::words);
    static final Field<SurfaceByEye> SURFACE_2 = Field.choice(
                    "surface2", "seen there too", SurfaceByEye.class, SurfaceByEye::words)
            .hint("empty: nothing");
    static final Field<ShaftEnd> SHAFT_END = Field.choice("shaftEnd", "shaft's end", ShaftEnd.class, ShaftEnd::words)
            .stays();
    static final Field<Side> ENTERS_FROM =
            CommonFields.side("entersFrom", "shaft goes in from").stays();
    static final Field<String> HOUSING = Field.choice(
                    "housing",
                    "housing of",
                    ThermalExpansion.all().stream()
                            .map(m -> new Choice(m.code(), m.name()))
                            .toList())
            .stays();
    static final Field<Boolean> SPLIT = Field.yesNo("split", "housing split through the bore")
            .hint(NOT_SAID_NO)
            .stays();
    static final Field<Double> GROOVE_DEPTH = Field.play("grooveDepth", "depth below the sound shaft");
    static final Field<Double> GROOVE_WIDTH = Field.play("grooveWidth", "width along the shaft");
    static final Field<Double> RA = Field.number("ra", "Ra on the track", "µm", 0, ROUGHEST_RA_UM);
    static final Field<Double> RZ = Field.number("rz", "Rz on the track", "µm", 0, ROUGHEST_RZ_UM);
    static final Field<Double> HRC =
            Field.number("hrc", "hardness", "HRC", 0, HARDEST_HRC).stays().shared();
    static final Field<Double> LEAD_ADVANCE = Field.place("leadAdvance", "thread test: walked");
    static final Field<Double> LEAD_TURNS = Field.number("leadTurns", "thread test: over turns", "", 0.01, 10_000);
    static final Field<Boolean> LEAD_REVERSES = Field.yesNo("leadReverses", "walk turns round with the rotation");
    static final Field<Double> RUNOUT_TIR = Field.play("runoutTir", "run-out at the lip, TIR");
    static final Field<Double> OFFSET = Field.play("offset", "offset of bore and shaft");
    static final Field<Double> GROWTH =
            Field.place("growth", "growth when hot, + inward").stays();
    static final Field<String> SOLVENT = Field.choice(
                    "solvent",
                    "cleaned with",
                    Fluid.all().stream().map(f -> new Choice(f.key(), f.name())).toList())
            .with(Own.FLUIDS)
            .hint("empty: cloth and scraper only");
    static final Field<String> RUBBER_STAYS = Field.choice(
                    "rubberStays",
                    "rubber that stays in or is touched",
                    Elastomer.all().stream()
                            .map(e -> new Choice(e.code(), e.code() + ", " + e.name()))
                            .toList())
            .with(Own.MATERIALS);
    static final Field<Double> CYL_DEPTH =
            Field.size("cylDepth", "cylindrical depth").stays();
    static final Field<Double> CORNER_RADIUS =
            Field.play("cornerRadius", "corner radius at the bottom").stays();
    static final Field<Double> LEAD_IN_LENGTH =
            Field.size("leadInLength", "length of the lead-in").stays();
    static final Field<Double> LEAD_IN_ANGLE =
            Field.number("leadInAngle", "angle of the lead-in", "°", 1, 89).stays();
    static final Field<Double> BORE_RA = Field.number("boreRa", "Ra of the bore", "µm", 0, ROUGHEST_RA_UM);
    static final Field<String> BORE_SEEN = Field.choice(
            "boreSeen",
            "seen in the bore",
            Field.pairs(
                    "SMOOTH",
                    "nothing",
                    "SCORE_AXIAL",
                    "scratch along the axis",
                    "NICK",
                    "nick across the seat",
                    "BORE_WEAR",
                    "worn"));
    static final Field<Double> BORE_SEEN_DEPTH = Field.number("boreSeenDepth", "how deep", "µm", 0, 5000);

    static final Field<Boolean> SHAFT_STANDS =
            Field.yesNo("shaftStands", "suspected reading of the shaft was read again: it stands");
    static final Field<Boolean> BORE_STANDS =
            Field.yesNo("boreStands", "suspected reading of the bore was read again: it stands");

    // decide
    static final Field<Remedy> REMEDY = Field.choice("remedy", "what is done about it", Remedy.class, Remedy::words)
            .hint("nothing said: left as it is");
    static final Field<Double> SLEEVE_WALL =
            Field.size("sleeveWall", "wall of the sleeve").hint("empty: 0.3 mm");
    static final Field<SealSize> SIZE =
            Field.sealSize("size", "size").hint("such as 45x62x8").stays();
    static final Field<Layout> LAYOUT =
            Field.choice("layout", "layout", Layout.class, Layout::words).stays();
    static final Field<String> MATERIAL = Field.choice(
                    "material",
                    "material of the lip",
                    LipSealCheck.lipMaterials().stream()
                            .map(m -> new Choice(m, m + ", " + Elastomer.of(m).name()))
                            .toList())
            .with(Own.MATERIALS)
            .stays();
    static final Field<CaseType> CASE_TYPE = Field.choice(
                    "caseType", "outside of the case", CaseType.class, CaseType::words)
            .stays();
    static final Field<String> CHOOSE_WHY =
            Field.line("chooseWhy", "why not the first").stays();
    static final Field<Side> MAIN_LIP =
            CommonFields.side("mainLip", "open side, with the spring, faces").stays();
    static final Field<Mount> MOUNT = Field.choice(
                    "mount", "its case grips", Mount.class, Field.pairs("BORE", "the bore", "SHAFT", "the shaft"))
            .hint("empty: the bore")
            .stays();
    static final Field<Double> PROUD = Field.play("mayStandProud", "may stand proud of the face, by design")
            .stays();
    static final Field<Double> PLANNED_DEPTH =
            Field.place("plannedDepth", "depth of its outer face").hint("empty: the target");
    static final Field<EdgeCover> EDGE_COVER = Field.choice(
                    "edgeCover", "edge on the way covered by", EdgeCover.class, EdgeCover::words)
            .hint("empty: nothing")
            .stays();
    static final Field<Medium> BETWEEN_MEDIUM = Field.choice(
                    "betweenMedium", "between it and the next seal inward", Medium.class, Medium::words)
            .hint("empty: not known")
            .stays();
    static final Field<String> BETWEEN_FLUID = Field.choice(
                    "betweenFluid",
                    "which lies there, by name",
                    Fluid.all().stream().map(f -> new Choice(f.key(), f.name())).toList())
            .hint("empty: the worst it may be")
            .stays();
    static final Field<Level> BETWEEN_LEVEL = Field.choice("betweenLevel", "how full", Level.class, Level::words)
            .hint("empty: a third to a half")
            .stays();
    static final Field<GreaseFeed> BETWEEN_FEED = Field.choice(
                    "betweenFeed", "grease is fed there by", GreaseFeed.class, GreaseFeed::words)
            .hint("empty: not fed")
            .stays();
    static final Field<String> DECIDE_WHY = Field.line("decideWhy", "why not as found");
    static final Field<Boolean> SHAFT_IN_PLACE = Field.yesNo("shaftInPlace", "shaft's end is there while it is driven")
            .hint(NOT_SAID_NO)
            .stays();
    static final Field<Double> STANDS_OUT = Field.play("standsOut", "stands out of the face: shaft, dowels, studs")
            .hint("empty: nothing")
            .stays();
    static final Field<Double> MAKER_SPEED =
            Field.number("makerSpeed", "fastest surface speed", "m/s", 0, 200).stays();
    static final Field<Double> MAKER_LIP_LIMIT =
            Field.temperature("makerLipLimit", "hottest lip").stays();
    static final Field<Double> MAKER_PRESSURE =
            Field.pressure("makerPressure", "pressure").stays();
    static final Field<Double> MAKER_RUNOUT =
            Field.play("makerRunout", "run-out, TIR").stays();
    static final Field<Double> SEAL_OUTSIDE_MIN =
            Field.size("sealOutsideMin", "outside, least").stays();
    static final Field<Double> SEAL_OUTSIDE_MAX =
            Field.size("sealOutsideMax", "outside, most").stays();
    static final Field<String> MAKER_DOCUMENT = Field.line("makerDocument", "document, edition, page")
            .hint("empty: shown as unproved")
            .stays();

    // fit
    /** Depth of the fitted seal, in the order of {@link CommonFields#clockPlaces()}. */
    static final List<Field<Double>> DEPTHS = CommonFields.clockPlaces().stream()
            .map(clock -> Field.place("depth" + clock, "at " + clock))
            .toList();

    static final Field<Double> GAUGE_CIRCLE = Field.size("gaugeCircle", "gauge circle")
            .hint("empty: half way between shaft and bore")
            .stays();
    static final Field<String> NEW_GAUGE = CommonFields.gauge("newGauge", Gauge.Use.SHAFT, Own.SHAFT_GAUGES)
            .hint("empty: that of Measure")
            .stays()
            .shared();
    static final Field<Double> NEW_OUTSIDE = Field.size("newOutside", "outside of its case");
    static final Field<Double> NEW_WIDTH = Field.size("newWidth", "width");
    static final Field<Double> SLEEVE_PLACE_NEW = Field.place("sleevePlaceNew", "its place from its shoulder");

    private LipSealFields() {}
}
