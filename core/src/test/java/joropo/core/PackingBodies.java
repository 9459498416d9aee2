package joropo.core;

import java.util.List;
import joropo.core.material.Medium;
import joropo.core.packing.ChevronSet;
import joropo.core.packing.ChevronSetBuilder;
import joropo.core.packing.DropBand;
import joropo.core.packing.GlandLoadCheck;
import joropo.core.packing.GlandLoadInput;
import joropo.core.packing.GlandLoadInputBuilder;
import joropo.core.packing.PackedFace;
import joropo.core.packing.PackedFaceBuilder;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInputBuilder;
import joropo.core.packing.RunInCheck;
import joropo.core.packing.RunInInput;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/** Bodies of stuffing boxes, in which everything is given and nearly all is well. */
final class PackingBodies {
    private PackingBodies() {}

    static List<Bodies.Kind> all() {
        return List.of(
                Bodies.kind("packing", box().build(), PackingCheck::check, Bodies::findings),
                Bodies.kind(
                        "packing flax",
                        box().style("FLAX_GREASED")
                                .joints(null)
                                .flushRiseK(null)
                                .build(),
                        PackingCheck::check,
                        Bodies::findings),
                Bodies.kind(
                        "packing plunger",
                        box().style("CHEVRON_PTFE")
                                .speedRpm(null)
                                .speedMPerS(0.3)
                                .lanternWidthMm(null)
                                .lanternSlotMm(null)
                                .portFromMm(null)
                                .portToMm(null)
                                .build(),
                        PackingCheck::check,
                        Bodies::findings),
                Bodies.kind("gland-load", gland().torqueNm(10.0).build(), GlandLoadCheck::check, Bodies::findings),
                Bodies.kind(
                        "gland-load stem",
                        gland().torqueNm(70.0).stem(GlandLoadInput.Stem.TURNING).build(),
                        GlandLoadCheck::check,
                        Bodies::findings),
                Bodies.kind(
                        "gland-load chevron",
                        gland().torqueNm(10.0).packing("CHEVRON_RUBBER").build(),
                        GlandLoadCheck::check,
                        Bodies::findings),
                Bodies.kind("packed face", face(false), PackedFace::findings, Bodies::findings),
                Bodies.kind("packed stem", face(true), PackedFace::findings, Bodies::findings),
                Bodies.kind("chevron set", chevrons().build(), ChevronSet::findings, Bodies::findings),
                Bodies.kind(
                        "chevron set by its rings",
                        chevrons().stackMm(null).build(),
                        ChevronSet::findings,
                        Bodies::findings),
                Bodies.kind("run-in", series(9.0, new DropBand(5.0, 15.0)), RunInCheck::check, Bodies::findings),
                Bodies.kind("run-in above", series(20.0, null), RunInCheck::check, Bodies::findings));
    }

    private static ChevronSetBuilder chevrons() {
        return ChevronSetBuilder.builder()
                .rings(5)
                .open(Side.IN)
                .pressure(Side.IN)
                .bothSides(false)
                .pressureMpa(16.0)
                .pitchMm(8.0)
                .headersMm(20.0)
                .stackMm(60.0)
                .takeUpMm(1.0)
                .split(true)
                .jointsOffset(true)
                .rimSeen(true)
                .paired(false);
    }

    private static PackedFace face(boolean stem) {
        return PackedFaceBuilder.builder()
                .diameterMm(70.0)
                .stem(stem)
                .scored(false)
                .ovalityMm(0.02)
                .bendMm(stem ? 0.05 : null)
                .underSleeve(stem ? null : false)
                .build();
    }

    private static PackingInputBuilder box() {
        return PackingInputBuilder.builder()
                .shaftMm(70.0)
                .boxBoreMm(102.0)
                .boxDepthMm(120.0)
                .bottomBushMm(0.0)
                .lanternWidthMm(24.0)
                .lanternSlotMm(12.0)
                .portFromMm(54.0)
                .portToMm(66.0)
                .glandEntryMm(6.0)
                .glandNoseMm(20.0)
                .medium(Medium.WATER)
                .fluid("WATER_COLD")
                .ph(7.5)
                .sleeveHardnessHrc(60.0)
                .flushRiseK(10.0)
                .joints(90)
                .style("ARAMID")
                .speedRpm(960.0)
                .pressureMpa(0.6)
                .temperatureC(40.0)
                .runoutTirMm(0.05)
                .offsetMm(0.1)
                .throatClearanceMm(0.3)
                .grooveDepthMm(0.0)
                .raUm(0.3);
    }

    private static GlandLoadInputBuilder gland() {
        return GlandLoadInputBuilder.builder()
                .shaftMm(70.0)
                .boxBoreMm(102.0)
                .bolts(2)
                .boltDiameterMm(16.0)
                .friction(GlandLoadInput.Friction.LUBRICATED)
                .packedLengthMm(80.0)
                .packing("PTFE_GRAPHITE")
                .pressureMpa(0.6)
                .boltClass("8.8");
    }

    private static RunInInput series(double drops, @Nullable DropBand band) {
        List<Double> gaps = List.of(4.0, 4.1, 4.0, 4.1);
        return new RunInInput(
                25.0,
                band,
                12.0,
                List.of(
                        new RunInInput.Look(0.0, 1.0, 40.0, null, 40.0, gaps),
                        new RunInInput.Look(12.0, 0.0, drops, null, 42.0, gaps),
                        new RunInInput.Look(44.0, 0.0, null, drops / 20, 43.0, gaps)));
    }
}
