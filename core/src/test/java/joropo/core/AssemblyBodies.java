package joropo.core;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.AlignmentCheck;
import joropo.core.assembly.AlignmentInput;
import joropo.core.assembly.AlignmentInputBuilder;
import joropo.core.assembly.CentringCheck;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.CentringInputBuilder;
import joropo.core.assembly.ClockingCheck;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.ClockingInputBuilder;
import joropo.core.assembly.PressureHoldCheck;
import joropo.core.assembly.PressureHoldInput;
import joropo.core.assembly.RunoutCheck;
import joropo.core.assembly.RunoutInput;
import joropo.core.assembly.ShimsCheck;
import joropo.core.assembly.ShimsInput;
import joropo.core.assembly.ShimsInputBuilder;
import joropo.core.mechseal.ChamberCheck;
import joropo.core.mechseal.ChamberInput;
import joropo.core.mechseal.ChamberInputBuilder;
import joropo.core.mechseal.FlatnessCheck;
import joropo.core.mechseal.FlatnessInput;
import joropo.core.mechseal.SealFacesCheck;
import joropo.core.mechseal.SealFacesInput;
import joropo.core.mechseal.SealFacesInputBuilder;
import joropo.core.mechseal.SealHolds;
import joropo.core.mechseal.SealHoldsBuilder;
import joropo.core.mechseal.SealIdentity;
import joropo.core.mechseal.SealIdentityBuilder;
import joropo.core.mechseal.SealSettingCheck;
import joropo.core.mechseal.SealSettingInput;
import joropo.core.mechseal.SealSettingInputBuilder;

/** Bodies of mechanical seals and of what is set, in which everything is given and nearly all is well. */
final class AssemblyBodies {
    private AssemblyBodies() {}

    static List<Bodies.Kind> all() {
        return List.of(
                Bodies.kind(
                        "runout",
                        new RunoutInput(swings(), 0.05, RunoutInput.Coupling.RIGID, 0.002),
                        RunoutCheck::check,
                        Bodies::findings),
                Bodies.kind(
                        "runout by coupling",
                        new RunoutInput(swings(), null, RunoutInput.Coupling.FLEXIBLE, 0.002),
                        RunoutCheck::check,
                        Bodies::findings),
                Bodies.kind("centring", centring(), CentringCheck::check, Bodies::findings),
                Bodies.kind("shims", shims(0.52), ShimsCheck::check, Bodies::findings),
                Bodies.kind("shims inside", shims(0.70), ShimsCheck::check, Bodies::findings),
                Bodies.kind("clocking", clocking(), ClockingCheck::check, Bodies::findings),
                Bodies.kind("alignment", alignment(), AlignmentCheck::check, Bodies::findings),
                Bodies.kind(
                        "alignment by its speed",
                        AlignmentInputBuilder.builder(alignment())
                                .rimMm(List.of(0.0, 0.04, 0.02, -0.02))
                                .speedRpm(2950.0)
                                .limitOffsetMm(null)
                                .limitAngleMmPer100(null)
                                .build(),
                        AlignmentCheck::check,
                        Bodies::findings),
                Bodies.kind(
                        "pressure-hold", hold(PressureHoldInput.Held.GAS), PressureHoldCheck::check, Bodies::findings),
                Bodies.kind(
                        "pressure-hold liquid",
                        hold(PressureHoldInput.Held.LIQUID),
                        PressureHoldCheck::check,
                        Bodies::findings),
                Bodies.kind("chamber", chamber(), ChamberCheck::check, Bodies::findings),
                Bodies.kind(
                        "seal-setting",
                        setting(SealSettingInput.Style.MULTI_SPRING),
                        SealSettingCheck::check,
                        Bodies::findings),
                Bodies.kind(
                        "seal-setting bellows",
                        setting(SealSettingInput.Style.BELLOWS),
                        SealSettingCheck::check,
                        Bodies::findings),
                Bodies.kind("seal-faces", faces(52.0), SealFacesCheck::check, Bodies::findings),
                Bodies.kind("seal-faces near opening", faces(53.5), SealFacesCheck::check, Bodies::findings),
                Bodies.kind("which seal", identity(), SealIdentity::findings, Bodies::findings),
                Bodies.kind(
                        "which seal in the sea",
                        SealIdentityBuilder.builder(identity())
                                .fluid("SEA_WATER")
                                .build(),
                        SealIdentity::findings,
                        Bodies::findings),
                Bodies.kind("seal holds", holds(), SealHolds::findings, Bodies::findings),
                Bodies.kind("flatness", new FlatnessInput(2.0), FlatnessCheck::check, Bodies::findings));
    }

    private static List<RunoutInput.Reading> swings() {
        double[] mm = {0.01, 0.008, 0, -0.007, -0.01, -0.007, 0, 0.007};
        return IntStream.range(0, mm.length)
                .mapToObj(i -> new RunoutInput.Reading(45.0 * i, mm[i]))
                .toList();
    }

    private static CentringInput centring() {
        double[] mm = {0.21, 0.2, 0.19, 0.2};
        return CentringInputBuilder.builder()
                .readings(IntStream.range(0, mm.length)
                        .mapToObj(i -> new CentringInput.Reading(null, 90.0 * i, mm[i]))
                        .toList())
                .screws(List.of(new CentringInput.Screw(0.0), new CentringInput.Screw(180.0)))
                .screwsIn(CentringInput.ScrewsIn.HOUSING)
                .screwPitchMm(1.0)
                .limitMm(0.05)
                .leastGapMm(0.15)
                .uncertaintyMm(0.005)
                .build();
    }

    private static ShimsInput shims(double mm) {
        return ShimsInputBuilder.builder()
                .readingsMm(List.of(mm, mm + 0.02, mm + 0.01))
                .targetMm(0.70)
                .toleranceMm(0.10)
                .shimOpens(true)
                .availableMm(List.of(new ShimsInput.Stock(0.05, 2), new ShimsInput.Stock(0.10, 1)))
                .packMm(List.of(0.2, 0.1))
                .worn(false)
                .asItStands(false)
                .uncertaintyMm(0.005)
                .build();
    }

    private static ClockingInput clocking() {
        return ClockingInputBuilder.builder()
                .places(8)
                .trials(List.of(
                        new ClockingInput.Trial(0, 0.07),
                        new ClockingInput.Trial(2, 0.031),
                        new ClockingInput.Trial(4, 0.031),
                        new ClockingInput.Trial(3, 0.012)))
                .limitMm(0.02)
                .balancedSet(false)
                .every(1)
                .uncertaintyMm(0.001)
                .build();
    }

    private static AlignmentInput alignment() {
        return AlignmentInputBuilder.builder()
                .rimMm(List.of(0.0, 0.01, 0.02, 0.01))
                .faceMm(List.of(0.0, 0.0, 0.01, 0.01))
                .faceDiameterMm(200.0)
                .sagMm(-0.02)
                .frontFeetMm(250.0)
                .backFeetMm(750.0)
                .speedRpm(1480.0)
                .softFootMm(List.of(0.0, 0.01, 0.0, 0.01))
                .uncertaintyMm(0.002)
                .targetVerticalMm(0.0)
                .targetHorizontalMm(0.0)
                .limitOffsetMm(0.05)
                .limitAngleMmPer100(0.05)
                .build();
    }

    private static PressureHoldInput hold(PressureHoldInput.Held medium) {
        return new PressureHoldInput(0.6, 0.598, 20.0, 20.0, 30.0, 2.0, medium, 0.01, 0.002);
    }

    private static ChamberInput chamber() {
        return ChamberInputBuilder.builder()
                .shaftDiameterMm(50.0)
                .chamberBoreMm(90.0)
                .runoutTirMm(0.03)
                .radialPlayMm(0.03)
                .axialPlayMm(0.05)
                .faceSquarenessTirMm(0.02)
                .concentricityTirMm(0.08)
                .uncertaintyMm(0.002)
                .mount(ChamberInput.Mount.O_RING)
                .raUm(0.3)
                .chamferMm(1.5)
                .chamferDeg(30.0)
                .build();
    }

    private static SealSettingInput setting(SealSettingInput.Style style) {
        return SealSettingInputBuilder.builder()
                .seatProtrusionMm(6.0)
                .gasketMm(0.8)
                .workingLengthMm(42.5)
                .freeLengthMm(46.0)
                .rotorMoveMm(0.1)
                .axialPlayMm(0.06)
                .growthMm(0.05)
                .rotorAt(SealSettingInput.RotorAt.MIDDLE)
                .measuredMm(47.6)
                .uncertaintyMm(0.01)
                .style(style)
                .toleranceMm(0.5)
                .springTightens(true)
                .coilDrives(true)
                .oldScribeMm(47.5)
                .build();
    }

    private static SealFacesInput faces(double balance) {
        return SealFacesInputBuilder.builder()
                .outerMm(60.0)
                .innerMm(50.0)
                .balanceMm(balance)
                .pressureOn(SealFacesInput.PressureOn.OUTSIDE)
                .pressureMpa(1.2)
                .springForceN(balance > 53 ? 60.0 : 150.0)
                .speedRpm(2950.0)
                .k(0.5)
                .friction(0.07)
                .build();
    }

    private static SealIdentity identity() {
        return SealIdentityBuilder.builder()
                .sameAsDrawing(true)
                .seat(SealIdentity.Face.SILICON_CARBIDE)
                .rotor(SealIdentity.Face.CARBON)
                .elastomer("FKM")
                .springs(SealIdentity.Springs.STAINLESS)
                .fluid("HLP_OIL")
                .temperatureC(60.0)
                .pressureMpa(0.4)
                .makerPressureMpa(1.6)
                .dual(true)
                .barrierMpa(0.6)
                .barrierFluid("HLP_OIL")
                .barrierAbove(true)
                .build();
    }

    private static SealHolds holds() {
        return SealHoldsBuilder.builder()
                .faces(SealHolds.Faces.LAPPED)
                .bands(List.of(1.0, 2.0))
                .facesSeen(true)
                .clipsIn(3)
                .clipsOut(3)
                .full(true)
                .vented(true)
                .flush(true)
                .ports(true)
                .airTest(SealHolds.AirTest.HELD)
                .build();
    }
}
