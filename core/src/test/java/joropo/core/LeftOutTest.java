package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.Symptom;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.fits.LimitsAndFitsCheck;
import joropo.core.fits.LimitsAndFitsInput;
import joropo.core.fits.ThermalFitCheck;
import joropo.core.fits.ThermalFitInput;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverInputBuilder;
import joropo.core.lipseal.HeldOn;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInputBuilder;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.OwnDriver;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.readings.Gauge;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalInputBuilder;
import joropo.core.removal.RemovalResult;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemBearingBuilder;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Joint;
import joropo.core.section.Level;
import joropo.core.section.Ribs;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.SpaceBuilder;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Hand;
import joropo.core.shaft.Motion;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Defect;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.surface.RunningSurfaceResult;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Over every check and every input that may be left out: leaving it out never gives PASS where a value that is allowed
 * would give worse, except where the finding names what it assumed; and every input matters to the answer.
 */
class LeftOutTest {
    /** Values of texts that are codes of a table. */
    private static final Map<String, List<String>> CODES = Map.ofEntries(
            Map.entry("holeClass", List.of("H7", "H8")),
            Map.entry("shaftClass", List.of("h11", "m5")),
            Map.entry("innerMaterial", List.of("STEEL", "ALUMINIUM")),
            Map.entry("marking", List.of("45x62x10", "50x72x8")),
            Map.entry("fluid", List.of("HLP_OIL", "EP_GEAR_OIL", "WATER_COLD")),
            Map.entry("insideFluid", List.of("HLP_OIL", "EP_GEAR_OIL", "WATER_COLD")),
            Map.entry("outsideFluid", List.of("HLP_OIL", "WATER_COLD")),
            Map.entry("material", List.of("NBR", "FKM", "EPDM", "VMQ", "STEEL", "ALUMINIUM")),
            Map.entry("lipMaterial", List.of("NBR", "PTFE")),
            Map.entry("housingMaterial", List.of("STEEL", "ALUMINIUM", "CAST_IRON")),
            Map.entry("partMaterial", List.of("STEEL", "ALUMINIUM")),
            Map.entry("toleranceClass", List.of("h11", "h8")),
            Map.entry("makerDocument", List.of("sheet 4")),
            Map.entry("mayTakeGrease", List.of("the builder's drawing")));
    /** What is not judged: names, and words that only tell parts apart. */
    private static final Set<String> NAMES =
            Set.of("name", "id", "beforeItem", "asFound", "clockMarks", "clock", "spring", "what");
    /** What somebody decided, or a value that goes before a guide: without it the guide is judged. */
    private static final Set<String> CHOICES = Set.of(
            "layout",
            "material",
            "caseType",
            "makerSpeedMPerS",
            "makerLipLimitC",
            "makerPressureMpa",
            "makerRunoutMm",
            "sealOutsideMinMm",
            "sealOutsideMaxMm",
            "uncertaintyMm",
            "flangeDiameterMm",
            "flangeThicknessMm");
    /** Drawn, and not judged. */
    private static final Set<String> DRAWN = Set.of("caseType", "flangeDiameterMm");
    /** How deep a mark is that no nail feels, and how long a feature of which only the place is known. */
    private static final Set<String> TOLD_OTHERWISE = Set.of("depthUm", "toMm");
    /** Judged when given, by the table of inputs. */
    private static final Set<String> WHEN_GIVEN = Set.of("cylindricalDepthMm", "totalDepthMm", "cornerRadiusMm");

    private static final String REFUSED = "refused";
    /** Of the values that may stand at a place, so many are passed over when all findings are gathered. */
    private static final int EACH = 4;

    /** A check with a body in which everything is given and nearly all is well. */
    private record Kind(
            String name, Record body, Function<Record, List<Finding>> check, Function<Record, Object> answer) {}

    private static <R extends Record> Kind kind(
            String name, R body, Function<R, Object> answer, Function<Object, List<Finding>> findings) {
        @SuppressWarnings("unchecked")
        Function<Record, Object> any = r -> answer.apply((R) r);
        return new Kind(name, body, r -> findings.apply(any.apply(r)), any);
    }

    private static List<Finding> findings(Object result) {
        try {
            @SuppressWarnings("unchecked")
            var out = (List<Finding>) result.getClass().getMethod("findings").invoke(result);
            return out;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static DiameterInput read(DiameterInput.Part part, double nominal, @Nullable String limits, double... mm) {
        return DiameterInputBuilder.builder()
                .part(part)
                .nominalMm(nominal)
                .toleranceClass(limits)
                .lowerMm(limits == null ? nominal - 0.1 : null)
                .upperMm(limits == null ? nominal : null)
                .gauge(part == DiameterInput.Part.SHAFT ? Gauge.OUTSIDE_MICROMETER : Gauge.BORE_GAUGE_3)
                .partTemperatureC(20.0)
                .gaugeTemperatureC(20.0)
                .partMaterial("STEEL")
                .planes(List.of(new Plane(0.0, Arrays.stream(mm).boxed().toList())))
                .build();
    }

    private static Finding finding(String id, Status status, String words) {
        return Finding.of(id, status, "", words, "", Source.GUIDE, "");
    }

    /** Each way of taking out as a finding of its own. */
    private static List<Finding> ways(Object result) {
        return Stream.concat(
                        findings(result).stream(),
                        ((RemovalResult) result)
                                .ways().stream().map(o -> finding(o.way().name(), o.verdict(), o.reason())))
                .toList();
    }

    private static Section section() {
        return SectionBuilder.builder()
                .name("whole")
                .rotation(Rotation.CW)
                .motion(Motion.TURNING)
                .attitude(Attitude.HORIZONTAL)
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .shaftEntersFrom(Side.OUT)
                .spaces(List.of(
                        SpaceBuilder.builder()
                                .medium(Medium.AIR)
                                .dirt(Dirt.DUST)
                                .pressureMpa(0.0)
                                .build(),
                        SpaceBuilder.builder()
                                .medium(Medium.OIL)
                                .fluid("EP_GEAR_OIL")
                                .pressureMpa(0.02)
                                .pulsing(false)
                                .level(Level.SPLASH)
                                .vented(true)
                                .build()))
                .boreItems(List.of(
                        new BoreItem.Ring("r1", 1.0, 1.9, 1.75, 0.03, null, null),
                        new BoreItem.Spacer("w1", 2.75, 3.0, 0.05, 49.0, 61.5, null, null),
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(5.75)
                                .widthMm(8.0)
                                .toleranceMm(0.1)
                                .outsideDiameterMm(62.0)
                                .insideDiameterMm(45.0)
                                .mainLip(Side.IN)
                                .dustLip(Side.OUT)
                                .ribs(Ribs.CW)
                                .lipOffsetMm(3.2)
                                .decidedMm(5.75)
                                .uncertaintyMm(0.02)
                                .build(),
                        new BoreItem.Shoulder("h1", 14.0, 0.05, 55.0),
                        BoreItemBearingBuilder.builder()
                                .id("b1")
                                .fromMm(21.0)
                                .ringInsideDiameterMm(74.0)
                                .turningFromMm(21.5)
                                .mateMm(21.0)
                                .build()))
                .shaftItems(List.of(
                        new ShaftItem.RunningSurface(4.0, 20.0, 45.0, null),
                        new ShaftItem.Chamfer(60.0, 62.0, 43.0, 25.0),
                        new ShaftItem.Keyway(40.0, 55.0, 40.0, true)))
                .joints(List.of(new Joint(Joint.Kind.SPLINE, List.of(0, 1), Joint.Closure.SEALANT)))
                .axialPlayMm(0.1)
                .growthMm(0.05)
                .boreFromMm(0.0)
                .cylindricalDepthMm(12.0)
                .totalDepthMm(14.0)
                .cornerRadiusMm(0.3)
                .speedRpm(900.0)
                .build();
    }

    private static RunningSurfaceInput surface() {
        return RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(44.95)
                .uncertaintyMm(0.005)
                .raUm(0.4)
                .rzUm(2.0)
                .hardnessHrc(50.0)
                .surfaceSpeedMPerS(3.0)
                .leadAdvanceMm(0.0)
                .leadTurns(20.0)
                .leadReverses(true)
                .boreMm(62.0)
                .outsideDirt(Dirt.CLEAN)
                .lipMaterial("NBR")
                .ovalityMm(0.005)
                .defects(List.of())
                .build();
    }

    /** A worn track with marks, on which every remedy is computed. */
    private static RunningSurfaceInput worn() {
        return RunningSurfaceInputBuilder.builder(surface())
                .grooveDepthMm(0.04)
                .grooveWidthMm(1.2)
                .lipContactMm(0.8)
                .axialPlayMm(0.1)
                .growthMm(0.05)
                .shiftInwardMm(2.0)
                .shiftOutwardMm(0.5)
                .leadAdvanceMm(1.2)
                .sleeveWallMm(0.3)
                .runningSleeve(false)
                .hardLayerMm(3.0)
                .slantHand(Hand.LEFT)
                .rotation(Rotation.CW)
                .rubberCase(true)
                .defects(List.of(
                        new Defect(Defect.Kind.SCORE_SLANTING, true, 3.0, 0.5, false, false),
                        new Defect(Defect.Kind.SCORE_AXIAL, true, 20.0, null, false, true),
                        new Defect(Defect.Kind.SCORE_AXIAL, true, 1.0, null, false, false)))
                .build();
    }

    /** Grease by gun between two seals, a ring, a flange, a keyway that passes a lip. */
    private static Section greased() {
        return SectionBuilder.builder(section())
                .shaftEntersFrom(Side.IN)
                .spaces(List.of(
                        SpaceBuilder.builder()
                                .medium(Medium.AIR)
                                .dirt(Dirt.MUD)
                                .vented(false)
                                .build(),
                        SpaceBuilder.builder()
                                .medium(Medium.GREASE)
                                .level(Level.PARTIAL)
                                .greaseFeed(GreaseFeed.GUN)
                                .vented(false)
                                .amountMl(2.0)
                                .build(),
                        SpaceBuilder.builder()
                                .medium(Medium.OIL)
                                .mayTakeGrease("the builder's drawing")
                                .build()))
                .boreItems(List.of(
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(0.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .insideDiameterMm(45.0)
                                .mainLip(Side.IN)
                                .mayStandProudMm(0.0)
                                .reversedOnPurpose(false)
                                .entersFrom(Side.OUT)
                                .build(),
                        BoreItemBearingBuilder.builder()
                                .id("b1")
                                .fromMm(12.0)
                                .widthMm(6.0)
                                .ringInsideDiameterMm(55.0)
                                .turningFromMm(13.0)
                                .turningInsideMm(50.0)
                                .turningOutsideMm(70.0)
                                .sealed(false)
                                .build(),
                        BoreItemSealBuilder.builder()
                                .id("s2")
                                .fromMm(20.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .insideDiameterMm(45.0)
                                .mainLip(Side.IN)
                                .build(),
                        new BoreItem.Step("t1", 40.0, 58.0)))
                .shaftItems(List.of(
                        new ShaftItem.RunningSurface(-5.0, 40.0, 45.0, null),
                        new ShaftItem.Chamfer(-60.0, -55.0, null, 20.0),
                        new ShaftItem.Keyway(-50.0, -30.0, 40.0, false),
                        new ShaftItem.Thread(-28.0, -20.0, 40.0, false, Hand.LEFT, true)))
                .joints(List.of(new Joint(Joint.Kind.KEYWAY, List.of(1, 0), null)))
                .build();
    }

    /** Metered grease between two seals, both of them to it; a bearing and a ring that end their room. */
    private static Section metered() {
        return SectionBuilder.builder(section())
                .spaces(List.of(
                        SpaceBuilder.builder()
                                .medium(Medium.OIL)
                                .fluid("HLP_OIL")
                                .build(),
                        SpaceBuilder.builder()
                                .medium(Medium.GREASE)
                                .level(Level.PARTIAL)
                                .greaseFeed(GreaseFeed.METERED)
                                .amountMl(2.0)
                                .build(),
                        SpaceBuilder.builder()
                                .medium(Medium.OIL)
                                .fluid("HLP_OIL")
                                .level(Level.SPLASH)
                                .build()))
                .boreItems(List.of(
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(0.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .insideDiameterMm(45.0)
                                .mainLip(Side.IN)
                                .build(),
                        BoreItemBearingBuilder.builder()
                                .id("b1")
                                .fromMm(12.0)
                                .widthMm(6.0)
                                .ringInsideDiameterMm(70.0)
                                .turningFromMm(8.2)
                                .turningInsideMm(30.0)
                                .turningOutsideMm(70.0)
                                .sealed(false)
                                .build(),
                        BoreItemSealBuilder.builder()
                                .id("s2")
                                .fromMm(20.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .insideDiameterMm(45.0)
                                .mainLip(Side.OUT)
                                .build(),
                        new BoreItem.Ring("r1", 28.5, 1.9, 1.75, 0.03, null, null)))
                .joints(List.of(new Joint(Joint.Kind.KEYWAY, List.of(1, 2), null)))
                .build();
    }

    /** Nothing seen, and every sign up to this group looked for: what is asked next goes by the place. */
    private static DiagnosisInput ofThePlace(String lastGroup) {
        List<String> absent = Symptom.all().stream()
                .filter(s -> s.group().compareTo(Symptom.Group.valueOf(lastGroup)) <= 0)
                .map(Symptom::code)
                .toList();
        return new DiagnosisInput(List.of(), absent, List.of(), Medium.OIL, DiagnosisInput.PositionKind.LIP_SEAL);
    }

    /** A flanged seal that faces the wrong way on purpose; a set of chevron rings before it. */
    private static Section flanged() {
        return SectionBuilder.builder(section())
                .spaces(List.of(
                        SpaceBuilder.builder().medium(Medium.AIR).build(),
                        SpaceBuilder.builder()
                                .medium(Medium.OIL)
                                .pressureMpa(0.1)
                                .pulsing(false)
                                .build()))
                .boreItems(List.of(BoreItemSealBuilder.builder()
                        .id("s1")
                        .fromMm(-2.0)
                        .widthMm(10.0)
                        .outsideDiameterMm(62.0)
                        .insideDiameterMm(45.0)
                        .mainLip(Side.OUT)
                        .flangeDiameterMm(70.0)
                        .flangeThicknessMm(2.0)
                        .build()))
                .build();
    }

    private static List<Kind> kinds() {
        return List.of(
                kind("section greased", greased(), LipSealRules::section, LeftOutTest::findings),
                kind("section flanged", flanged(), LipSealRules::section, LeftOutTest::findings),
                kind("running-surface worn", worn(), LipSealRules::surface, r -> Stream.concat(
                                findings(r).stream(),
                                ((RunningSurfaceResult) r)
                                        .remedies().stream()
                                                .map(o -> finding(o.remedy().name(), o.verdict(), o.reason())))
                        .toList()),
                kind(
                        "diameter limits",
                        DiameterInputBuilder.builder(read(DiameterInput.Part.SHAFT, 45, null, 44.95, 44.95))
                                .lowerMm(44.9)
                                .upperMm(45.0)
                                .gauge(null)
                                .uncertaintyMm(0.005)
                                .partTemperatureC(35.0)
                                .build(),
                        DiameterCheck::check,
                        LeftOutTest::findings),
                kind(
                        "diameter shaft",
                        read(DiameterInput.Part.SHAFT, 45, "h11", 44.95, 44.95),
                        DiameterCheck::check,
                        LeftOutTest::findings),
                kind(
                        "limits-and-fits",
                        new LimitsAndFitsInput(45.0, "H8", "h11"),
                        LimitsAndFitsCheck::check,
                        LeftOutTest::findings),
                kind(
                        "thermal-fit",
                        new ThermalFitInput(80.0, 0.05, 0.1, "STEEL", "STEEL", 40.0, 110.0, ThermalFitInput.Part.OUTER),
                        ThermalFitCheck::check,
                        LeftOutTest::findings),
                kind(
                        "lip-seal-size",
                        new LipSealSizeInput(44.96, 62.02, 10.2, SealSystem.METRIC, "45x62x8"),
                        LipSealSizeCheck::check,
                        LeftOutTest::findings),
                kind(
                        "diagnosis",
                        new DiagnosisInput(
                                List.of("LEAKS_RUNNING", "LEAKS_STANDING", "LIP_SWOLLEN"),
                                List.of("WET_BELOW"),
                                List.of("LEVEL"),
                                Medium.OIL,
                                DiagnosisInput.PositionKind.LIP_SEAL),
                        DiagnosisCheck::check,
                        LeftOutTest::findings),
                kind("diagnosis place", ofThePlace("RUNNING"), DiagnosisCheck::check, LeftOutTest::findings),
                kind("diagnosis medium", ofThePlace("INNOCENT"), DiagnosisCheck::check, LeftOutTest::findings),
                kind("section metered", metered(), LipSealRules::section, LeftOutTest::findings),
                kind(
                        "driver sunk",
                        DriverInputBuilder.builder()
                                .shaftMm(45.0)
                                .boreMm(62.0)
                                .outsideDiameterMm(62.0)
                                .sunkMm(2.0)
                                .shaftInPlace(false)
                                .available(List.of(new OwnDriver(61.0, OwnDriver.Form.RING, 48.0, 40.0, true)))
                                .build(),
                        DriverCheck::check,
                        LeftOutTest::findings),
                kind(
                        "driver anywhere",
                        DriverInputBuilder.builder()
                                .shaftMm(45.0)
                                .boreMm(62.0)
                                .outsideDiameterMm(62.0)
                                .shaftInPlace(false)
                                .available(List.of(new OwnDriver(61.0, OwnDriver.Form.RING, 48.0, 40.0, false)))
                                .build(),
                        DriverCheck::check,
                        LeftOutTest::findings),
                kind(
                        "removal bearing",
                        RemovalInputBuilder.builder()
                                .what(RemovalInput.What.BEARING)
                                .edgeReachable(true)
                                .otherSideAccess(true)
                                .tightRing(RemovalInput.TightRing.INNER)
                                .build(),
                        RemovalCheck::check,
                        LeftOutTest::ways),
                kind(
                        "torque-plan extension",
                        new TorquePlanInput(
                                8,
                                48.0,
                                TorquePlanInput.TorqueUnit.NM,
                                TorquePlanInput.FigureFor.DRY,
                                TorquePlanInput.Threads.DRY,
                                400.0,
                                100.0,
                                false),
                        TorquePlanCheck::check,
                        LeftOutTest::findings),
                kind(
                        "seat-squareness degrees",
                        new SeatSquarenessInput(
                                72.0,
                                62.0,
                                Stream.of(0, 90, 180, 270)
                                        .map(c -> new SeatSquarenessInput.Reading(null, (double) c, 2.0 + c / 1e4))
                                        .toList(),
                                0.008),
                        SeatSquarenessCheck::check,
                        LeftOutTest::findings),
                kind(
                        "lip-seal pressed",
                        LipSealInputBuilder.builder()
                                .shaftNominalMm(45.0)
                                .boreNominalMm(62.0)
                                .widthMm(8.0)
                                .speedRpm(500.0)
                                .insideMedium(Medium.OIL)
                                .insideFluid("HLP_OIL")
                                .pressureInsideMpa(0.04)
                                .sumpTemperatureC(50.0)
                                .coldestC(-40.0)
                                .coldestAssumed(false)
                                .wetting(Wetting.SPLASH)
                                .dirt(Dirt.CLEAN)
                                .housingMaterial("STEEL")
                                .heldOn(HeldOn.OUT)
                                .runoutTirMm(0.1)
                                .makerRunoutMm(0.2)
                                .makerDocument("sheet 4")
                                .sealOutsideMinMm(62.1)
                                .sealOutsideMaxMm(62.2)
                                .boreMarked(false)
                                .build(),
                        LipSealCheck::check,
                        LeftOutTest::findings),
                kind("section", section(), LipSealRules::section, LeftOutTest::findings),
                kind(
                        "lip-seal",
                        LipSealInputBuilder.builder()
                                .shaftNominalMm(45.0)
                                .boreNominalMm(62.0)
                                .widthMm(8.0)
                                .speedRpm(900.0)
                                .insideMedium(Medium.OIL)
                                .insideFluid("HLP_OIL")
                                .outsideMedium(Medium.AIR)
                                .pressureInsideMpa(0.0)
                                .pressureOutsideMpa(0.0)
                                .sumpTemperatureC(50.0)
                                .coldestC(0.0)
                                .wetting(Wetting.SPLASH)
                                .dirt(Dirt.CLEAN)
                                .corrosive(false)
                                .rotation(Rotation.CW)
                                .housingMaterial("STEEL")
                                .splitHousing(false)
                                .shaft(read(DiameterInput.Part.SHAFT, 45, "h11", 44.95, 44.95))
                                .bore(read(DiameterInput.Part.BORE, 62, "H8", 62.02, 62.02))
                                .runoutTirMm(0.05)
                                .offsetMm(0.05)
                                .heldOn(HeldOn.OUT)
                                .shaftEntersFrom(Side.IN)
                                .raUm(0.4)
                                .hardnessHrc(58.0)
                                .mainLip(Side.IN)
                                .boreDepthMm(20.0)
                                .food(false)
                                .shaftEnd(ShaftEnd.FULL_CHAMFER)
                                .build(),
                        LipSealCheck::check,
                        LeftOutTest::findings),
                kind("running-surface", surface(), LipSealRules::surface, LeftOutTest::findings),
                kind(
                        "diameter",
                        read(DiameterInput.Part.BORE, 62, "H8", 62.02, 62.02),
                        DiameterCheck::check,
                        LeftOutTest::findings),
                kind(
                        "seat-squareness",
                        new SeatSquarenessInput(
                                72.0,
                                62.0,
                                Stream.of(0, 3, 6, 9)
                                        .map(c -> new SeatSquarenessInput.Reading((double) c, null, 2.0))
                                        .toList(),
                                0.008),
                        SeatSquarenessCheck::check,
                        LeftOutTest::findings),
                kind(
                        "driver",
                        DriverInputBuilder.builder()
                                .shaftMm(45.0)
                                .boreMm(62.0)
                                .outsideDiameterMm(62.0)
                                .pressSide(DriverInput.PressSide.CLOSED)
                                .flush(true)
                                .shaftInPlace(true)
                                .standsOutMm(20.0)
                                .available(List.of(new OwnDriver(61.0, OwnDriver.Form.RING, 48.0, 40.0, true)))
                                .build(),
                        DriverCheck::check,
                        LeftOutTest::findings),
                kind(
                        "removal",
                        RemovalInputBuilder.builder()
                                .what(RemovalInput.What.LIP_SEAL)
                                .edgeReachable(true)
                                .spaceInLineMm(400.0)
                                .behindMm(10.0)
                                .besideBrittleFace(false)
                                .otherSideAccess(true)
                                .rimProud(false)
                                .toolLengthMm(250.0)
                                .lipOpeningMm(40.0)
                                .build(),
                        RemovalCheck::check,
                        LeftOutTest::ways),
                kind(
                        "torque-plan",
                        new TorquePlanInput(
                                8,
                                48.0,
                                TorquePlanInput.TorqueUnit.NM,
                                TorquePlanInput.FigureFor.DRY,
                                TorquePlanInput.Threads.DRY,
                                400.0,
                                0.0,
                                false),
                        TorquePlanCheck::check,
                        LeftOutTest::findings));
    }

    /** Where in a body a field stands: steps into lists and records. */
    private record Place(List<Object> steps) {
        String field() {
            return (String) steps.get(steps.size() - 1);
        }

        @Override
        public String toString() {
            return steps.stream().map(String::valueOf).collect(Collectors.joining("."));
        }
    }

    private static void places(Object at, List<Object> steps, List<Place> out) throws ReflectiveOperationException {
        if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                places(list.get(i), joined(steps, i), out);
            }
        } else if (at instanceof Record r && !(r instanceof DiameterInput && !steps.isEmpty())) {
            for (RecordComponent c : r.getClass().getRecordComponents()) {
                if (NAMES.contains(c.getName())) {
                    continue;
                }
                out.add(new Place(joined(steps, c.getName())));
                places(value(r, c.getName()), joined(steps, c.getName()), out);
            }
        }
    }

    private static List<Object> joined(List<Object> steps, Object more) {
        List<Object> out = new ArrayList<>(steps);
        out.add(more);
        return out;
    }

    private static @Nullable Object value(Record r, String name) throws ReflectiveOperationException {
        var accessor = r.getClass().getDeclaredMethod(name);
        accessor.setAccessible(true);
        return accessor.invoke(r);
    }

    /** The same body with one place changed. @throws RefusedInput when that is not allowed */
    private static Object with(Object at, List<Object> steps, @Nullable Object by) throws ReflectiveOperationException {
        if (steps.isEmpty()) {
            return by;
        }
        List<Object> rest = steps.subList(1, steps.size());
        if (at instanceof List<?> list) {
            List<Object> out = new ArrayList<>(list);
            int i = (Integer) steps.get(0);
            out.set(i, with(out.get(i), rest, by));
            return out;
        }
        RecordComponent[] components = at.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            Object old = value((Record) at, components[i].getName());
            values[i] = components[i].getName().equals(steps.get(0)) ? with(old, rest, by) : old;
        }
        Constructor<?> made = at.getClass()
                .getDeclaredConstructor(
                        Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
        made.setAccessible(true);
        try {
            return made.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RefusedInput refused) {
                throw refused;
            }
            throw e;
        }
    }

    private static Class<?> type(Record body, Place place) throws ReflectiveOperationException {
        Object at = body;
        for (Object step : place.steps.subList(0, place.steps.size() - 1)) {
            at = step instanceof Integer i ? ((List<?>) at).get(i) : value((Record) at, (String) step);
        }
        return Arrays.stream(at.getClass().getRecordComponents())
                .filter(c -> c.getName().equals(place.field()))
                .findFirst()
                .orElseThrow()
                .getType();
    }

    /** Values to try at a place, by its type. */
    private static List<?> values(Class<?> type, String name) {
        if (type.isEnum()) {
            return List.of(type.getEnumConstants());
        }
        if (type == Boolean.class) {
            return List.of(true, false);
        }
        if (type == Double.class) {
            return List.of(
                    -40.0, -5.0, -0.09, 0.0, 0.002, 0.01, 0.04, 0.1, 0.3, 0.6, 1.0, 2.0, 5.0, 9.0, 12.0, 15.0, 20.0,
                    30.0, 40.0, 44.0, 44.96, 48.0, 50.0, 57.0, 60.0, 61.0, 62.03, 65.0, 75.0, 100.0, 400.0, 1500.0,
                    6000.0);
        }
        return CODES.getOrDefault(name, List.of());
    }

    private static String key(Finding f) {
        return f.id() + (f.part() == null ? "" : " " + f.part());
    }

    private static Map<String, Finding> worst(List<Finding> findings) {
        return findings.stream()
                .collect(Collectors.toMap(
                        LeftOutTest::key, f -> f, (a, b) -> a.status().compareTo(b.status()) <= 0 ? a : b));
    }

    private static @Nullable List<Finding> judged(Kind kind, Place place, @Nullable Object value)
            throws ReflectiveOperationException {
        try {
            return kind.check.apply((Record) with(kind.body, place.steps, value));
        } catch (RefusedInput refused) {
            return null;
        }
    }

    private static List<Place> optional(Kind kind) throws ReflectiveOperationException {
        List<Place> all = new ArrayList<>();
        places(kind.body, List.of(), all);
        return all;
    }

    /** Kinds by name, each with every finding that its bodies give, whole and with one place changed. */
    static Map<String, List<Finding>> everyFinding() {
        return Every.FINDING;
    }

    /** Made once for all tests that look through them. */
    private static final class Every {
        private static final Map<String, List<Finding>> FINDING = made();

        private static Map<String, List<Finding>> made() {
            try {
                return gathered();
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static Map<String, List<Finding>> gathered() throws ReflectiveOperationException {
        Map<String, List<Finding>> out = new TreeMap<>();
        for (Kind kind : kinds()) {
            List<Finding> all = out.computeIfAbsent(kind.name.replaceAll(" .*", ""), k -> new ArrayList<>());
            all.addAll(findings(kind.answer.apply(kind.body)));
            for (Place place : optional(kind)) {
                List<Object> values = new ArrayList<>(values(type(kind.body, place), place.field()));
                values.add(0, null);
                for (int i = 0; i < values.size(); i += values.size() > 30 ? EACH : 1) {
                    Object value = values.get(i);
                    try {
                        all.addAll(findings(kind.answer.apply((Record) with(kind.body, place.steps, value))));
                    } catch (RefusedInput refused) {
                        continue; // not a body
                    }
                }
            }
        }
        return out;
    }

    @Test
    void leavingAnInputOutNeverMakesAVerdictBetter() throws ReflectiveOperationException {
        List<String> better = new ArrayList<>();
        int inputs = 0;
        for (Kind kind : kinds()) {
            Map<String, Finding> whole = worst(kind.check.apply(kind.body));
            for (Place place : optional(kind)) {
                List<Finding> without = judged(kind, place, null);
                if (without == null
                        || Stream.of(CHOICES, WHEN_GIVEN, TOLD_OTHERWISE).anyMatch(s -> s.contains(place.field()))) {
                    continue;
                }
                inputs++;
                Map<String, Finding> left = worst(without);
                boolean doubted = left.values().stream().anyMatch(f -> isDoubtMore(f, whole.get(key(f))));
                for (Object value : values(type(kind.body, place), place.field())) {
                    List<Finding> with = judged(kind, place, value);
                    for (Finding f :
                            with == null ? List.<Finding>of() : worst(with).values()) {
                        Finding l = left.get(key(f));
                        boolean worse = f.status() == Status.FAIL || f.status() == Status.REMEASURE;
                        if (worse
                                && l != null
                                && l.status() == Status.PASS
                                && !doubted
                                && !l.message().toLowerCase(Locale.ROOT).contains("assumed")) {
                            better.add(kind.name + ": " + place + " left out passes " + key(f));
                        }
                    }
                }
            }
        }
        assertThat(new TreeSet<>(better)).isEmpty();
        assertThat(inputs)
                .as("inputs that may be left out, over %s bodies", kinds().size())
                .isGreaterThan(250);
    }

    /** Whether leaving something out made a rule doubt that did not doubt before. */
    private static boolean isDoubtMore(Finding now, @Nullable Finding before) {
        return (now.status() == Status.MISSING || now.status() == Status.CAUTION)
                && (before == null || before.status().compareTo(now.status()) > 0);
    }

    @Test
    void everyInputMatters() throws ReflectiveOperationException {
        Set<String> asked = new TreeSet<>();
        Set<String> matters = new TreeSet<>();
        for (Kind kind : kinds()) {
            for (Place place : optional(kind)) {
                List<?> values = values(type(kind.body, place), place.field());
                if (values.isEmpty() || kind.name.startsWith("section") && DRAWN.contains(place.field())) {
                    continue;
                }
                String input = kind.name.replaceAll(" .*", "") + ": " + place.field();
                asked.add(input);
                Set<Object> answers = new HashSet<>(Set.of(String.valueOf(kind.answer.apply(kind.body))));
                for (Iterator<?> i = values.iterator(); answers.size() < 2 && i.hasNext(); ) {
                    answers.add(answer(kind, place, i.next()));
                    answers.remove(REFUSED);
                }
                if (answers.size() > 1) {
                    matters.add(input);
                }
            }
        }
        asked.removeAll(matters);
        assertThat(asked).isEmpty();
    }

    private static Object answer(Kind kind, Place place, @Nullable Object value) {
        try {
            return String.valueOf(kind.answer.apply((Record) with(kind.body, place.steps, value)));
        } catch (RefusedInput refused) {
            return REFUSED;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
