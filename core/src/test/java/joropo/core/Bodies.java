package joropo.core;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.core.assembly.EndPlayCheck;
import joropo.core.assembly.EndPlayInputBuilder;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanInputBuilder;
import joropo.core.bearing.BearingCheck;
import joropo.core.bearing.BearingInputBuilder;
import joropo.core.bearing.BearingSign;
import joropo.core.bearing.Duty;
import joropo.core.bearing.Force;
import joropo.core.bearing.Ring;
import joropo.core.bearing.Soap;
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
import joropo.core.oring.CounterfaceCheck;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.CounterfaceInputBuilder;
import joropo.core.oring.Gland;
import joropo.core.oring.LoadedRingCheck;
import joropo.core.oring.LoadedRingInput;
import joropo.core.oring.LoadedRingInputBuilder;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringGlandResult;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.RingMotion;
import joropo.core.oring.Tolerances;
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
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** A body for every check, in which everything is given and nearly all is well. */
final class Bodies {
    private Bodies() {}

    /** A check with a body in which everything is given and nearly all is well. */
    record Kind(String name, Record body, Function<Record, List<Finding>> check, Function<Record, Object> answer) {}

    static <R extends Record> Kind kind(
            String name, R body, Function<R, Object> answer, Function<Object, List<Finding>> findings) {
        @SuppressWarnings("unchecked")
        Function<Record, Object> any = r -> answer.apply((R) r);
        return new Kind(name, body, r -> findings.apply(any.apply(r)), any);
    }

    @SuppressWarnings("unchecked")
    static List<Finding> findings(Object result) {
        if (result instanceof List<?> listed) {
            return (List<Finding>) listed;
        }
        try {
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

    static List<Kind> all() {
        return Stream.of(own(), PackingBodies.all(), AssemblyBodies.all(), LeakBodies.all())
                .flatMap(List::stream)
                .toList();
    }

    private static List<Kind> own() {
        return List.of(
                kind("section greased", greased(), LipSealRules::section, Bodies::findings),
                kind("section flanged", flanged(), LipSealRules::section, Bodies::findings),
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
                        Bodies::findings),
                kind(
                        "diameter shaft",
                        read(DiameterInput.Part.SHAFT, 45, "h11", 44.95, 44.95),
                        DiameterCheck::check,
                        Bodies::findings),
                kind(
                        "limits-and-fits",
                        new LimitsAndFitsInput(45.0, "H8", "h11"),
                        LimitsAndFitsCheck::check,
                        Bodies::findings),
                kind(
                        "thermal-fit",
                        new ThermalFitInput(80.0, 0.05, 0.1, "STEEL", "STEEL", 40.0, 110.0, ThermalFitInput.Part.OUTER),
                        ThermalFitCheck::check,
                        Bodies::findings),
                kind(
                        "lip-seal-size",
                        new LipSealSizeInput(44.96, 62.02, 10.2, SealSystem.METRIC, "45x62x8"),
                        LipSealSizeCheck::check,
                        Bodies::findings),
                kind(
                        "diagnosis",
                        new DiagnosisInput(
                                List.of("LEAKS_RUNNING", "LEAKS_STANDING", "LIP_SWOLLEN"),
                                List.of("WET_BELOW"),
                                List.of("LEVEL"),
                                Medium.OIL,
                                DiagnosisInput.PositionKind.LIP_SEAL),
                        DiagnosisCheck::check,
                        Bodies::findings),
                kind("diagnosis place", ofThePlace("RUNNING"), DiagnosisCheck::check, Bodies::findings),
                kind("diagnosis medium", ofThePlace("INNOCENT"), DiagnosisCheck::check, Bodies::findings),
                kind("section metered", metered(), LipSealRules::section, Bodies::findings),
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
                        Bodies::findings),
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
                        Bodies::findings),
                kind(
                        "removal bearing",
                        RemovalInputBuilder.builder()
                                .what(RemovalInput.What.BEARING)
                                .edgeReachable(true)
                                .otherSideAccess(true)
                                .tightRing(RemovalInput.TightRing.INNER)
                                .build(),
                        RemovalCheck::check,
                        Bodies::ways),
                kind(
                        "torque-plan extension",
                        TorquePlanInputBuilder.builder()
                                .bolts(8)
                                .torque(48.0)
                                .torqueUnit(TorquePlanInput.TorqueUnit.NM)
                                .figureFor(TorquePlanInput.FigureFor.DRY)
                                .threads(TorquePlanInput.Threads.DRY)
                                .boltClass("8.8")
                                .wrenchLengthMm(400.0)
                                .extensionMm(100.0)
                                .leftHand(false)
                                .trialSeating(false)
                                .build(),
                        TorquePlanCheck::check,
                        Bodies::findings),
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
                        Bodies::findings),
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
                        Bodies::findings),
                kind("section", section(), LipSealRules::section, Bodies::findings),
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
                        Bodies::findings),
                kind("running-surface", surface(), LipSealRules::surface, Bodies::findings),
                kind(
                        "diameter",
                        read(DiameterInput.Part.BORE, 62, "H8", 62.02, 62.02),
                        DiameterCheck::check,
                        Bodies::findings),
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
                        Bodies::findings),
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
                        Bodies::findings),
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
                        Bodies::ways),
                kind(
                        "torque-plan class",
                        TorquePlanInputBuilder.builder()
                                .bolts(8)
                                .threads(TorquePlanInput.Threads.OILED)
                                .thread("M12")
                                .boltClass("8.8")
                                .clamped(TorquePlanInput.Clamped.STEEL)
                                .leftHand(false)
                                .trialSeating(false)
                                .build(),
                        TorquePlanCheck::check,
                        Bodies::findings),
                kind(
                        "torque-plan mark",
                        TorquePlanInputBuilder.builder()
                                .bolts(1)
                                .toMark(true)
                                .newFasteners(false)
                                .build(),
                        TorquePlanCheck::check,
                        Bodies::findings),
                kind(
                        "end-play",
                        EndPlayInputBuilder.builder()
                                .measuredMm(0.3)
                                .lowMm(0.05)
                                .highMm(0.15)
                                .packMm(List.of(0.5, 0.3))
                                .shimOpens(true)
                                .bearingsRenewed(true)
                                .uncertaintyMm(0.008)
                                .build(),
                        EndPlayCheck::check,
                        Bodies::findings),
                kind(
                        "end-play inside",
                        EndPlayInputBuilder.builder()
                                .measuredMm(0.1)
                                .lowMm(0.05)
                                .highMm(0.15)
                                .bearingsRenewed(false)
                                .uncertaintyMm(0.008)
                                .build(),
                        EndPlayCheck::check,
                        Bodies::findings),
                kind(
                        "bearing",
                        BearingInputBuilder.builder()
                                .boreMm(50.0)
                                .outsideMm(90.0)
                                .widthMm(20.0)
                                .turningRing(Ring.INNER)
                                .loadTurns(false)
                                .forceOn(Force.INNER)
                                .sealed(false)
                                .shaftFit(read(DiameterInput.Part.SHAFT, 50, "k6", 50.008, 50.008))
                                .boreFit(read(DiameterInput.Part.BORE, 90, "H7", 90.015, 90.015))
                                .homeDepthMm(21.0)
                                .measuredDepthMm(21.0)
                                .uncertaintyMm(0.008)
                                .signs(List.of())
                                .duty(Duty.CONTINUOUS)
                                .markingOld("K50")
                                .markingNew("K50")
                                .greaseOld(Soap.LITHIUM)
                                .greaseNew(Soap.LITHIUM)
                                .build(),
                        BearingCheck::check,
                        Bodies::findings),
                kind(
                        "bearing not read",
                        BearingInputBuilder.builder()
                                .boreMm(50.0)
                                .outsideMm(90.0)
                                .widthMm(20.0)
                                .turningRing(Ring.INNER)
                                .signs(List.of(BearingSign.ROUGH))
                                .duty(Duty.SLOW)
                                .build(),
                        BearingCheck::check,
                        Bodies::findings),
                kind(
                        "torque-plan",
                        TorquePlanInputBuilder.builder()
                                .bolts(8)
                                .torque(48.0)
                                .torqueUnit(TorquePlanInput.TorqueUnit.NM)
                                .figureFor(TorquePlanInput.FigureFor.DRY)
                                .threads(TorquePlanInput.Threads.DRY)
                                .boltClass("8.8")
                                .wrenchLengthMm(400.0)
                                .extensionMm(0.0)
                                .leftHand(false)
                                .trialSeating(false)
                                .build(),
                        TorquePlanCheck::check,
                        Bodies::findings),
                kind("o-ring-gland", piston().build(), Bodies::gland, Bodies::findings),
                kind(
                        "o-ring-gland backed",
                        piston().grooveWidthMm(6.25)
                                .backups(1)
                                .backupThicknessMm(1.45)
                                .pressureTurns(false)
                                .pressureMpa(25.0)
                                .motion(RingMotion.RECIPROCATING)
                                .strokeMm(100.0)
                                .speedMPerS(0.2)
                                .build(),
                        Bodies::gland,
                        Bodies::findings),
                kind(
                        "o-ring-gland listed",
                        piston().ring("227")
                                .ringInsideMm(null)
                                .sectionMm(null)
                                .leadInAngleDeg(20.0)
                                .gas(null)
                                .offsetMm(0.02)
                                .build(),
                        Bodies::gland,
                        Bodies::findings),
                kind(
                        "o-ring-gland turning",
                        piston().gland(Gland.ROD)
                                .motion(RingMotion.ROTARY)
                                .counterDiameterMm(20.0)
                                .grooveDiameterMm(26.55)
                                .grooveWidthMm(3.95)
                                .ringInsideMm(20.6)
                                .speedRpm(500.0)
                                .pressureMpa(1.0)
                                .passOverMm(null)
                                .build(),
                        Bodies::gland,
                        Bodies::findings),
                kind(
                        "o-ring-gland face",
                        piston().gland(Gland.FACE_INSIDE)
                                .counterDiameterMm(null)
                                .grooveDiameterMm(60.0)
                                .grooveDepthMm(2.65)
                                .tolerances(new Tolerances(null, 0.05, 0.06, 0.03, 0.2, 0.1))
                                .gapMm(0.0)
                                .passOverMm(null)
                                .build(),
                        Bodies::gland,
                        Bodies::findings),
                kind(
                        "loaded-ring",
                        LoadedRingInputBuilder.builder()
                                .gland(Gland.PISTON)
                                .counterDiameterMm(80.0)
                                .grooveDepthMm(5.5)
                                .grooveWidthMm(4.2)
                                .slideThicknessMm(2.5)
                                .slideWidthMm(4.05)
                                .sectionMm(3.53)
                                .ringInsideMm(66.27)
                                .tolerances(new LoadedRingInput.Tolerances(0.02, 0.05, 0.02, 0.02, 0.3, 0.08, 0.02))
                                .passOverMm(78.7)
                                .slideMaterial("PTFE")
                                .build(),
                        LoadedRingCheck::check,
                        Bodies::findings),
                kind(
                        "counterface",
                        CounterfaceInputBuilder.builder()
                                .part(CounterfaceInput.Part.ROD)
                                .motion(RingMotion.RECIPROCATING)
                                .diameterMm(50.0)
                                .bendMm(0.05)
                                .shapeLimitMm(0.05)
                                .raUm(0.2)
                                .hardnessHrc(50.0)
                                .dirt(Dirt.DUST)
                                .ovalityMm(0.01)
                                .taperMm(0.01)
                                .defects(List.of(
                                        new CounterfaceInput.Mark(Defect.Kind.SCORE_ROUND, 5.0, false),
                                        new CounterfaceInput.Mark(Defect.Kind.SCORE_AXIAL, 5.0, false)))
                                .build(),
                        CounterfaceCheck::check,
                        Bodies::findings),
                kind(
                        "counterface bore",
                        CounterfaceInputBuilder.builder()
                                .part(CounterfaceInput.Part.BORE)
                                .motion(RingMotion.STATIC)
                                .diameterMm(50.0)
                                .raUm(1.0)
                                .ovalityMm(0.01)
                                .taperMm(0.01)
                                .defects(List.of())
                                .build(),
                        CounterfaceCheck::check,
                        Bodies::findings),
                kind(
                        "o-ring-size",
                        OringSizeInputBuilder.builder()
                                .gland(Gland.PISTON)
                                .motion(RingMotion.STATIC)
                                .counterDiameterMm(60.0)
                                .grooveDiameterMm(54.36)
                                .grooveWidthMm(4.8)
                                .build(),
                        OringSizeCheck::check,
                        Bodies::findings),
                kind(
                        "o-ring-size face",
                        OringSizeInputBuilder.builder()
                                .gland(Gland.FACE_INSIDE)
                                .motion(RingMotion.STATIC)
                                .grooveDiameterMm(60.0)
                                .grooveWidthMm(4.8)
                                .grooveDepthMm(2.65)
                                .build(),
                        OringSizeCheck::check,
                        Bodies::findings),
                kind(
                        "o-ring-size found",
                        OringSizeInputBuilder.builder()
                                .measured(new OringSizeInput.Measured(54.5, 3.42))
                                .build(),
                        OringSizeCheck::check,
                        Bodies::findings),
                kind(
                        "o-ring-size pair",
                        OringSizeInputBuilder.builder()
                                .gland(Gland.PISTON)
                                .motion(RingMotion.STATIC)
                                .counterDiameterMm(60.0)
                                .otherDiameterMm(59.9)
                                .material("NBR")
                                .fluid("HLP_OIL")
                                .coldestC(0.0)
                                .hottestC(60.0)
                                .build(),
                        OringSizeCheck::check,
                        Bodies::findings));
    }

    /** Few draws, since a body is judged thousands of times. */
    private static OringGlandResult gland(OringGlandInput in) {
        return OringGlandCheck.check(in, 50);
    }

    /** A ring of 53.57 x 3.53 in a bore of 60. */
    private static OringGlandInputBuilder piston() {
        return OringGlandInputBuilder.builder()
                .gland(Gland.PISTON)
                .motion(RingMotion.STATIC)
                .counterDiameterMm(60.0)
                .grooveDiameterMm(54.36)
                .grooveWidthMm(4.8)
                .ringInsideMm(53.57)
                .sectionMm(3.53)
                .tolerances(new Tolerances(0.02, 0.02, 0.06, null, 0.2, 0.1))
                .gapMm(0.1)
                .pressureMpa(5.0)
                .hardnessShoreA(70.0)
                .material("NBR")
                .fluid("HLP_OIL")
                .coldestC(0.0)
                .hottestC(60.0)
                .partMaterial("STEEL")
                .counterMaterial("STEEL")
                .passOverMm(60.0)
                .leadInMm(3.0)
                .gas(false);
    }
}
