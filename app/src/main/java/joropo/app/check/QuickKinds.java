package joropo.app.check;

import static joropo.app.ui.Field.Kind.LINE;
import static joropo.app.ui.Field.Kind.PLACE;
import static joropo.app.ui.Field.Kind.PLAY;
import static joropo.app.ui.Field.Kind.PRESSURE;
import static joropo.app.ui.Field.Kind.SIZE;
import static joropo.app.ui.Field.Kind.SPEED;
import static joropo.app.ui.Field.Kind.TEMPERATURE;
import static joropo.app.ui.Field.choice;
import static joropo.app.ui.Field.choices;
import static joropo.app.ui.Field.number;
import static joropo.app.ui.Field.of;
import static joropo.app.ui.Field.pairs;
import static joropo.app.ui.Field.yesNo;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.app.ui.Field.Own;
import joropo.app.ui.SignFields;
import joropo.core.diagnosis.Symptom;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.Gauge;
import joropo.core.removal.RemovalInput;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.surface.SurfaceByEye;

/** The quick checks there are, in the order in which fitters work; fields are named as in the JSON interface. */
final class QuickKinds {
    private static final List<Choice> METALS = ThermalExpansion.all().stream()
            .map(m -> new Choice(m.code(), m.name()))
            .toList();
    private static final List<Choice> FLUIDS =
            Fluid.all().stream().map(f -> new Choice(f.key(), f.name())).toList();
    private static final List<Choice> LIPS = LipSealCheck.lipMaterials().stream()
            .map(m -> new Choice(m, m + ", " + Elastomer.of(m).name()))
            .toList();
    private static final List<Choice> GAUGES = Arrays.stream(Gauge.values())
            .filter(g -> g.serves(Gauge.Use.SHAFT) || g.serves(Gauge.Use.BORE))
            .map(g -> new Choice(g.name(), g.words()))
            .toList();

    static final List<QuickKind> ALL = List.of(
            diagnosis(),
            QuickKind.of(
                            "removal",
                            "Taking out",
                            "Which way a part comes out, and how each surface is cleaned after it.")
                    .mind("Isolated, locked, proved dead; pressure off, weight held. Eye protection: pulled parts fly.")
                    .with(
                            "What, and what is round it",
                            choice(
                                            "what",
                                            "what comes out",
                                            choices(RemovalInput.What.values(), RemovalInput.What::words))
                                    .need(),
                            yesNo("edgeReachable", "its edge can be reached").need(),
                            yesNo("rimProud", "a rim stands proud"),
                            of("spaceInLineMm", "room in line with the shaft", SIZE),
                            of("toolLengthMm", "length of the slide hammer", SIZE),
                            of("behindMm", "free depth behind it", PLAY),
                            of("lipOpeningMm", "free opening inside the lip", PLAY),
                            yesNo("besideBrittleFace", "brittle face or running surface beside it"),
                            yesNo("otherSideAccess", "can be reached from behind"),
                            yesNo("elastomersStay", "other elastomers stay in"),
                            yesNo("flammable", "anything flammable near"),
                            yesNo("pressureAllowed", "maker allows pressing out by oil"))
                    .into(
                            "edgeReachable",
                            "rimProud",
                            "spaceInLineMm:lineRoom",
                            "toolLengthMm:toolLength",
                            "behindMm:behind",
                            "besideBrittleFace:brittleBeside",
                            "otherSideAccess:otherSide",
                            "elastomersStay",
                            "flammable",
                            "pressureAllowed"),
            QuickKind.of(
                            "diameter",
                            "Diameter",
                            "A measured shaft or bore against its limits, with what the gauge can tell.")
                    .with(
                            "Part",
                            choice("part", "part", pairs("SHAFT", "shaft", "BORE", "bore"))
                                    .need(),
                            of("nominalMm", "nominal", SIZE).need(),
                            of("toleranceClass", "tolerance class, or limits", LINE)
                                    .hint("such as h11 or H8"),
                            choice("gauge", "gauge", GAUGES).with(Own.GAUGES),
                            of("lowerMm", "least", SIZE),
                            of("upperMm", "most", SIZE))
                    .with(
                            "Readings",
                            of("a1", "plane A, 12 to 6", SIZE).need(),
                            of("a2", "plane A, 3 to 9", SIZE).need(),
                            of("b1", "plane B, 12 to 6", SIZE),
                            of("b2", "plane B, 3 to 9", SIZE))
                    .folded(
                            "Uncertainty, temperature",
                            of("uncertaintyMm", "uncertainty of a reading, k = 2", PLAY)
                                    .hint("empty: the gauge's"),
                            of("partTemperatureC", "of the part", TEMPERATURE),
                            of("gaugeTemperatureC", "of the gauge", TEMPERATURE),
                            choice("partMaterial", "part made of", METALS).hint("not said: steel"))
                    .into(
                            "a1:shaftA1",
                            "a2:shaftA2",
                            "b1:shaftB1",
                            "b2:shaftB2",
                            "gauge:shaftGauge",
                            "partTemperatureC:partC",
                            "gaugeTemperatureC:gaugeC"),
            QuickKind.of(
                            "limits-and-fits",
                            "Limits and fits",
                            "Limits of a tolerance class, and how two of them fit (ISO 286).")
                    .with(
                            "Fit",
                            of("sizeMm", "nominal size", SIZE).need(),
                            of("holeClass", "hole", LINE).hint("such as H8"),
                            of("shaftClass", "shaft", LINE).hint("such as h11")),
            QuickKind.of(
                            "running-surface",
                            "Running surface",
                            "Whether a lip may run on this track, and what can be done about it.")
                    .with(
                            "Shaft",
                            of("nominalMm", "shaft of the seal, nominal", SIZE).need(),
                            of("measuredMm", "measured beside the groove", SIZE),
                            of("uncertaintyMm", "uncertainty of the reading", PLAY),
                            of("ovalityMm", "ovality", PLAY),
                            choice("seen", "seen on the track", choices(SurfaceByEye.values(), SurfaceByEye::words)),
                            choice("seen2", "seen there too", choices(SurfaceByEye.values(), SurfaceByEye::words)),
                            of("grooveDepthMm", "groove, depth", PLAY),
                            of("grooveWidthMm", "groove, width", PLAY),
                            of("shiftInwardMm", "lip may move inward", PLAY),
                            of("shiftOutwardMm", "lip may move outward", PLAY),
                            of("boreMm", "bore of the housing", SIZE),
                            choice("outsideDirt", "outside", choices(Dirt.values(), Dirt::words)))
                    .folded(
                            "Roughness, hardness, lead",
                            number("raUm", "Ra", "µm", 0, 100),
                            number("rzUm", "Rz", "µm", 0, 500),
                            number("hardnessHrc", "hardness", "HRC", 0, 80),
                            number("surfaceSpeedMPerS", "surface speed", "m/s", 0, 200),
                            of("leadAdvanceMm", "thread test: walked", PLACE),
                            number("leadTurns", "thread test: over turns", "", 0.01, 10_000),
                            yesNo("leadReverses", "walk turns round with the rotation"))
                    .folded(
                            "Play and sleeve",
                            of("axialPlayMm", "axial play, whole", PLAY),
                            of("growthMm", "growth when hot, + inward", PLACE),
                            of("lipContactMm", "width of the lip's contact", PLAY)
                                    .hint("empty: 0.8 mm"),
                            of("sleeveWallMm", "wall of the thin sleeve", SIZE).hint("empty: 0.3 mm"),
                            choice("lipMaterial", "material of the lip", LIPS))
                    .into(
                            "seen:surface",
                            "seen2:surface2",
                            "grooveDepthMm:grooveDepth",
                            "grooveWidthMm:grooveWidth",
                            "raUm:ra",
                            "rzUm:rz",
                            "hardnessHrc:hrc",
                            "leadAdvanceMm:leadAdvance",
                            "leadTurns",
                            "leadReverses",
                            "axialPlayMm:playBefore",
                            "growthMm:growth",
                            "sleeveWallMm:sleeveWall"),
            QuickKind.of(
                            "lip-seal-size",
                            "Lip seal size",
                            "Which listed seals belong to a measured shaft and bore, metric and inch.")
                    .with(
                            "Measured",
                            of("shaftMm", "shaft", SIZE).need(),
                            of("boreMm", "bore", SIZE),
                            of("depthMm", "depth of the seat", SIZE),
                            choice("system", "only", pairs("METRIC", "metric", "INCH", "inch")),
                            of("marking", "marking read on the old seal", LINE))
                    .into("depthMm:stopDepth", "marking"),
            QuickKind.of(
                            "lip-seal",
                            "Choosing a lip seal",
                            "Which layout, material and outside of the case stand this speed, heat, fluid and dirt.")
                    .with(
                            "Place",
                            of("shaftNominalMm", "shaft, nominal", SIZE).need(),
                            of("boreNominalMm", "bore, nominal", SIZE).need(),
                            of("widthMm", "width", SIZE).need(),
                            of("speedRpm", "speed, rpm", SPEED),
                            choice("housingMaterial", "housing of", METALS),
                            yesNo("splitHousing", "housing split"))
                    .with(
                            "Duty",
                            choice("insideMedium", "inside", choices(Medium.values(), Medium::words))
                                    .need(),
                            choice("insideFluid", "which, by name", FLUIDS)
                                    .with(Own.FLUIDS)
                                    .hint("not said: the worst it may be"),
                            of("sumpTemperatureC", "sump temperature", TEMPERATURE)
                                    .need(),
                            of("coldestC", "coldest start", TEMPERATURE),
                            choice("wetting", "how the lip is wetted", choices(Wetting.values(), Wetting::words))
                                    .need(),
                            choice("dirt", "outside", choices(Dirt.values(), Dirt::words))
                                    .need(),
                            of("pressureInsideMpa", "pressure inside", PRESSURE),
                            choice("rotation", "turns, seen from outside", choices(Rotation.values(), Rotation::words)))
                    .folded(
                            "Outside, swinging, run-out, track",
                            choice("outsideMedium", "medium outside", choices(Medium.values(), Medium::words))
                                    .hint("not said: air"),
                            choice("outsideFluid", "which, by name", FLUIDS).with(Own.FLUIDS),
                            of("pressureOutsideMpa", "pressure outside", PRESSURE),
                            yesNo("corrosive", "salt or acid wash outside"),
                            number("angleDeg", "swings: whole angle", "°", 0, 3600),
                            number("perMinute", "swings: to and fro per minute", "", 0, 10_000),
                            of("runoutTirMm", "run-out at the lip, TIR", PLAY),
                            of("offsetMm", "offset of bore and shaft", PLAY),
                            choice(
                                    "heldOn",
                                    "a stop holds it",
                                    pairs(
                                            "IN",
                                            "inside",
                                            "OUT",
                                            "outside",
                                            "BOTH",
                                            "on both sides",
                                            "NONE",
                                            "nowhere")),
                            number("raUm", "Ra on the track", "µm", 0, 100),
                            number("hardnessHrc", "hardness", "HRC", 0, 80))
                    .folded(
                            "What was decided, maker's values",
                            choice("layout", "layout", choices(Layout.values(), Layout::words)),
                            choice("material", "material", LIPS).with(Own.MATERIALS),
                            choice("caseType", "outside of the case", choices(CaseType.values(), CaseType::words)),
                            number("makerSpeedMPerS", "maker: fastest", "m/s", 0, 200),
                            of("makerLipLimitC", "maker: hottest lip", TEMPERATURE),
                            of("makerPressureMpa", "maker: pressure", PRESSURE),
                            of("makerRunoutMm", "maker: run-out, TIR", PLAY),
                            of("sealOutsideMinMm", "seal's outside, least", SIZE),
                            of("sealOutsideMaxMm", "seal's outside, most", SIZE),
                            of("makerDocument", "document, edition, page", LINE))
                    .into(
                            "speedRpm:speed",
                            "housingMaterial:housing",
                            "splitHousing:split",
                            "insideMedium:medium",
                            "insideFluid:fluid",
                            "sumpTemperatureC:sump",
                            "coldestC:coldest",
                            "wetting",
                            "dirt",
                            "pressureInsideMpa:pressure",
                            "rotation",
                            "outsideMedium",
                            "pressureOutsideMpa:pressureOut",
                            "corrosive",
                            "angleDeg:swingAngle",
                            "perMinute:swingRate",
                            "runoutTirMm:runoutTir",
                            "offsetMm:offset",
                            "raUm:ra",
                            "hardnessHrc:hrc",
                            "layout",
                            "material",
                            "caseType",
                            "makerSpeedMPerS:makerSpeed",
                            "makerLipLimitC:makerLipLimit",
                            "makerPressureMpa:makerPressure",
                            "makerRunoutMm:makerRunout",
                            "sealOutsideMinMm:sealOutsideMin",
                            "sealOutsideMaxMm:sealOutsideMax",
                            "makerDocument"),
            QuickKind.of("thermal-fit", "Heat and cold", "How hot or how cold a part has to be to go together.")
                    .mind("Hot parts burn, frozen ones too: gloves, dry ice only where air moves. No flame near "
                            + "oil or grease.")
                    .with(
                            "Fit",
                            of("sizeMm", "diameter", SIZE).need(),
                            of("interferenceMm", "greatest interference", PLACE).need(),
                            choice(
                                            "part",
                                            "which is treated",
                                            pairs("OUTER", "outer part, heated", "INNER", "inner part, cooled"))
                                    .need(),
                            choice("material", "outer part of", METALS).need(),
                            choice("innerMaterial", "inner part of", METALS).hint("not said: the same"),
                            of("clearanceMm", "clearance wanted", PLAY).hint("empty: 0.001 of the size + 0.02 mm"),
                            of("shaftTemperatureC", "inner part is at", TEMPERATURE)
                                    .hint("empty: 20 °C"),
                            of("limitC", "allowed limit", TEMPERATURE).hint("empty: the guide's")),
            QuickKind.of("driver", "Driver", "What a seal is driven in with, as a drawing for the lathe.")
                    .mind("Hands clear of the driver; eye protection under the hammer.")
                    .with(
                            "Seal and place",
                            of("shaftMm", "shaft", SIZE).need(),
                            of("boreMm", "bore", SIZE).need(),
                            of("outsideDiameterMm", "outside of the seal", SIZE).need(),
                            choice(
                                            "pressSide",
                                            "tool meets",
                                            pairs("CLOSED", "the closed side", "OPEN", "the open side"))
                                    .hint("not said: the closed side"),
                            of("sunkMm", "stands below the face by", PLAY),
                            of("proudMm", "stands proud by", PLAY),
                            yesNo("flush", "flush with the face"),
                            yesNo("shaftInPlace", "shaft's end is there while it is driven"),
                            of("standsOutMm", "stands out of the face: shaft, dowels, studs", PLAY))
                    .into("sunkMm:plannedDepth", "shaftInPlace", "standsOutMm:standsOut"),
            QuickKind.of(
                            "seat-squareness",
                            "Seat squareness",
                            "How far a fitted seal is out of square, and where to tap.")
                    .with(
                            "Depths",
                            of("outsideDiameterMm", "outside of the seal", SIZE).need(),
                            of("gaugeCircleMm", "gauge circle", SIZE).need(),
                            of("depth12", "at 12", PLACE),
                            of("depth3", "at 3", PLACE),
                            of("depth6", "at 6", PLACE),
                            of("depth9", "at 9", PLACE),
                            of("uncertaintyMm", "uncertainty of a reading, k = 2", PLAY))
                    .into("gaugeCircleMm:gaugeCircle", "depth12", "depth3", "depth6", "depth9"),
            QuickKind.of(
                            "torque-plan",
                            "Torque plan",
                            "In which order, in which passes and to which setting a ring of bolts is tightened.")
                    .mind("Never on a joint under pressure. A wrench that slips takes the hand along: pull, do "
                            + "not push.")
                    .with(
                            "Joint",
                            number("bolts", "bolts round the circle", "", 2, 96).need(),
                            number("torque", "torque of its figure", "", 0.01, 100_000)
                                    .need(),
                            choice(
                                            "torqueUnit",
                                            "figure is in",
                                            pairs(
                                                    "NM", "N·m", "LBF_FT", "lbf·ft", "LBF_IN", "lbf·in", "KGF_M",
                                                    "kgf·m"))
                                    .need(),
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
                            of("wrenchLengthMm", "wrench, grip to square", SIZE),
                            of("extensionMm", "extension in line with it", PLAY).hint("empty: none"),
                            yesNo("leftHand", "left-hand thread").hint("not said: no")));

    private QuickKinds() {}

    /** What a sign's answer may be. */
    private static QuickKind diagnosis() {
        QuickKind kind = QuickKind.of(
                        "diagnosis",
                        "Why does it leak?",
                        "What is seen, what is not, and which causes that points to; what to look at next.")
                .mind("Look with the machine stopped and locked; a jet under pressure goes through skin.");
        for (Symptom.Group group : Symptom.Group.values()) {
            Field[] fields = Symptom.all().stream()
                    .filter(s -> s.group() == group)
                    .map(SignFields::of)
                    .toArray(Field[]::new);
            kind = group == Symptom.Group.INNOCENT || group == Symptom.Group.RUNNING
                    ? kind.with(group.words(), fields)
                    : kind.folded(group.words(), fields);
        }
        return kind.into(Symptom.all().stream()
                .filter(s -> s.group().compareTo(Symptom.Group.LIP) <= 0)
                .map(SignFields::name)
                .toArray(String[]::new));
    }

    static Optional<QuickKind> ofPath(String path) {
        return ALL.stream().filter(k -> k.path().equals(path)).findFirst();
    }
}
