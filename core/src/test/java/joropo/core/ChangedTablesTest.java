package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanInputBuilder;
import joropo.core.bearing.BearingCheck;
import joropo.core.bearing.BearingInputBuilder;
import joropo.core.bearing.BearingSign;
import joropo.core.bearing.Duty;
import joropo.core.bearing.Ring;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.Deciding;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInputBuilder;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.Practice;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.PressFitInputBuilder;
import joropo.core.lipseal.Wetting;
import joropo.core.material.CureQuarter;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.material.ShelfLife;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.RingMotion;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInputBuilder;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.readings.Gauge;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessInput.Reading;
import joropo.core.removal.Cleaning;
import joropo.core.section.CaseType;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every table counts: where one row says something else, a verdict does too. None is typed into a rule. */
class ChangedTablesTest {
    /** The classes of core once more, with one table changed. */
    private static final class Changed extends ClassLoader {
        private final String table;
        private final String from;
        private final String to;

        Changed(String table, String from, String to) {
            super(ChangedTablesTest.class.getClassLoader());
            this.table = table;
            this.from = from;
            this.to = to;
        }

        @Override
        protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
            synchronized (getClassLoadingLock(name)) {
                if (!name.startsWith("joropo.")) {
                    return super.loadClass(name, resolve);
                }
                Class<?> known = findLoadedClass(name);
                return known == null ? define(name) : known;
            }
        }

        private Class<?> define(String name) throws ClassNotFoundException {
            try (InputStream in = getParent().getResourceAsStream(name.replace('.', '/') + ".class")) {
                byte[] code = in.readAllBytes();
                return defineClass(name, code, 0, code.length);
            } catch (IOException e) {
                throw new ClassNotFoundException(name, e);
            }
        }

        @Override
        public InputStream getResourceAsStream(String name) {
            InputStream there = super.getResourceAsStream(name);
            if (!name.equals("tables/" + table + ".csv")) {
                return there;
            }
            try (there) {
                String text = new String(there.readAllBytes(), StandardCharsets.UTF_8);
                assertThat(text).as("the row stands in " + table).contains(from);
                return new ByteArrayInputStream(text.replace(from, to).getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private static String verdicts(List<Finding> findings) {
        return findings.stream().map(f -> f.id() + " " + f.status()).collect(Collectors.joining(", "));
    }

    private static DiameterInputBuilder read(DiameterInput.Part part, double mm) {
        return DiameterInputBuilder.builder()
                .part(part)
                .nominalMm(45.0)
                .uncertaintyMm(0.0)
                .planes(List.of(new Plane(null, List.of(mm, mm))));
    }

    private static String size(DiameterInputBuilder in) {
        return verdicts(DiameterCheck.check(in.build()).findings());
    }

    private static LipSealInputBuilder seal() {
        return LipSealInputBuilder.builder()
                .shaftNominalMm(45.0)
                .boreNominalMm(62.0)
                .widthMm(8.0)
                .speedRpm(1450.0)
                .insideMedium(Medium.OIL)
                .insideFluid("EP_GEAR_OIL")
                .sumpTemperatureC(70.0)
                .coldestC(0.0)
                .wetting(Wetting.SPLASH)
                .dirt(Dirt.DUST);
    }

    private static String nbr(LipSealInputBuilder in) {
        return LipSealCheck.check(in.build()).candidates().stream()
                .filter(c -> c.material().equals("NBR"))
                .map(c -> c.layout() + " " + c.verdict())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static String listed(String size) {
        return "decided " + Deciding.decided(List.of(), SealSize.parse(size, LengthUnit.MM));
    }

    private static String leak(String sign) {
        var result = DiagnosisCheck.check(new DiagnosisInput(List.of(sign), null, null));
        return verdicts(result.findings()) + " " + result.findings().get(0).message()
                + result.causes().subList(0, 1);
    }

    /** Each says what is found of one case. They are named, so that they can be loaded anew. */
    public enum Case implements Supplier<String> {
        PACKED(() -> PackingCheck.check(PackingInputBuilder.builder()
                        .shaftMm(70.0)
                        .boxBoreMm(102.0)
                        .boxDepthMm(100.0)
                        .style("ARAMID")
                        .temperatureC(240.0)
                        .build())
                .findings()
                .stream()
                .map(f -> f.id() + " " + f.status())
                .collect(Collectors.joining(", "))),
        DRESSED(() -> LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                        .nominalMm(45.0)
                        .measuredMm(44.97)
                        .uncertaintyMm(0.0)
                        .grooveDepthMm(0.022)
                        .grooveWidthMm(1.4)
                        .build())
                .remedies()
                .stream()
                .map(o -> o.remedy() + " " + o.verdict())
                .collect(Collectors.joining(", "))),
        SLEEVED(() -> LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                        .nominalMm(45.0)
                        .measuredMm(44.97)
                        .uncertaintyMm(0.0)
                        .grooveDepthMm(0.8)
                        .grooveWidthMm(1.4)
                        .build())
                .remedies()
                .stream()
                .map(o -> o.remedy() + " " + o.verdict())
                .collect(Collectors.joining(", "))),
        SOFT(() -> verdicts(LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                        .nominalMm(45.0)
                        .hardnessHrc(50.0)
                        .surfaceSpeedMPerS(1.0)
                        .build())
                .findings())),
        SHAFT_H11(() -> size(read(DiameterInput.Part.SHAFT, 44.86).toleranceClass("h11"))),
        SHAFT_F7(() -> size(read(DiameterInput.Part.SHAFT, 44.96).toleranceClass("f7"))),
        BORE_F8(() -> size(read(DiameterInput.Part.BORE, 45.03).toleranceClass("F8"))),
        BORE_K7(() -> size(read(DiameterInput.Part.BORE, 45.005).toleranceClass("K7"))),
        WARM(() -> size(read(DiameterInput.Part.SHAFT, 45.01)
                .toleranceClass("h11")
                .partTemperatureC(60.0)
                .gaugeTemperatureC(20.0))),
        GAUGED(() -> size(read(DiameterInput.Part.SHAFT, 44.99)
                .uncertaintyMm(null)
                .gauge(Gauge.OUTSIDE_MICROMETER)
                .toleranceClass("h11"))),
        TILTED(() -> verdicts(SeatSquarenessCheck.check(new SeatSquarenessInput(
                        62.0,
                        62.0,
                        List.of(
                                new Reading(12.0, null, 2.0),
                                new Reading(3.0, null, 2.05),
                                new Reading(6.0, null, 2.1),
                                new Reading(9.0, null, 2.05)),
                        0.0))
                .findings())),
        METRIC(() -> listed("45x62x8")),
        INCH(() -> listed("1.75x2.502x0.375 in")),
        BORE_FINISH(() -> BoreFinish.judge(3.0, 8, false).status().name()),
        PRESSED(() -> verdicts(PressFitCheck.check(PressFitInputBuilder.builder()
                        .boreNominalMm(62.0)
                        .caseType(CaseType.METAL)
                        .system(SealSystem.METRIC)
                        .practice(Practice.ISO)
                        .bore(DiameterInputBuilder.builder()
                                .part(DiameterInput.Part.BORE)
                                .nominalMm(62.0)
                                .toleranceClass("H8")
                                .uncertaintyMm(0.0)
                                .planes(List.of(new Plane(null, List.of(62.02, 62.02))))
                                .build())
                        .build())
                .findings())),
        FAST(() -> nbr(seal().insideFluid("HLP_OIL").speedRpm(3200.0).sumpTemperatureC(20.0))),
        STANDS(() -> nbr(seal().insideFluid("HLP_OIL"))),
        LEAK(() -> leak("WET_BELOW")),
        STORED(() -> ShelfLife.of("NBR", new CureQuarter(2019, 1), false, LocalDate.of(2026, 11, 25))
                .finding()
                .status()
                .name()),
        CLEANED(() -> Cleaning.all().toString()),
        ROUGH(() -> bearing(b -> b.signs(List.of(BearingSign.ROUGH)))),
        SEATED(() -> bearing(b -> b.shaftFit(DiameterInputBuilder.builder()
                .part(DiameterInput.Part.SHAFT)
                .nominalMm(50.0)
                .toleranceClass("g6")
                .uncertaintyMm(0.001)
                .planes(List.of(new Plane(null, List.of(49.985, 49.985))))
                .build()))),
        SQUEEZED(() -> gland(10.0)),
        NIBBLED(() -> gland(10.0)),
        RING_METRIC(() -> ring(54.0, 4.0)),
        RING_INCH(() -> ring(9.0, 1.83)),
        BY_CLASS(() -> String.valueOf(TorquePlanCheck.check(TorquePlanInputBuilder.builder()
                        .bolts(4)
                        .thread("M12")
                        .boltClass("8.8")
                        .clamped(TorquePlanInput.Clamped.STEEL)
                        .build())
                .wrenchNm()));

        private final Supplier<String> found;

        Case(Supplier<String> found) {
            this.found = found;
        }

        @Override
        public String get() {
            return found.get();
        }
    }

    private static String gland(double pressureMpa) {
        return verdicts(OringGlandCheck.check(
                        OringGlandInputBuilder.builder()
                                .gland(Gland.PISTON)
                                .motion(RingMotion.STATIC)
                                .counterDiameterMm(60.0)
                                .grooveDiameterMm(54.36)
                                .grooveWidthMm(4.8)
                                .ringInsideMm(53.57)
                                .sectionMm(3.53)
                                .material("NBR")
                                .hardnessShoreA(70.0)
                                .pressureMpa(pressureMpa)
                                .gapMm(0.1)
                                .build(),
                        0)
                .findings());
    }

    private static String ring(double insideMm, double sectionMm) {
        return OringSizeCheck.check(OringSizeInputBuilder.builder()
                        .measured(new OringSizeInput.Measured(insideMm, sectionMm))
                        .build())
                .sizes()
                .get(0)
                .toString();
    }

    private static String bearing(UnaryOperator<BearingInputBuilder> with) {
        return verdicts(BearingCheck.check(with.apply(BearingInputBuilder.builder()
                                .boreMm(50.0)
                                .outsideMm(90.0)
                                .widthMm(20.0)
                                .turningRing(Ring.INNER)
                                .duty(Duty.SLOW))
                        .build())
                .findings());
    }

    static Stream<Arguments> rows() {
        return Stream.of(
                Arguments.of("wear-remedies", "groove,polish,0,0.02,", "groove,polish,0,0.03,", "DRESSED"),
                Arguments.of(
                        "wear-remedies",
                        "groove,filled_sleeve,0.25,0.75,",
                        "groove,filled_sleeve,0.25,0.9,",
                        "SLEEVED"),
                Arguments.of(
                        "iso286-it-grades",
                        "30,50,1.5,2.5,4,7,11,16,25,39,62,100,160,",
                        "30,50,1.5,2.5,4,7,11,16,25,39,62,100,110,",
                        "SHAFT_H11"),
                Arguments.of(
                        "iso286-shaft-deviations", "f,30,50,-25,es,1,16,-25,", "f,30,50,-60,es,1,16,-60,", "SHAFT_F7"),
                Arguments.of("iso286-hole-deviations", "F,30,50,25,EI,1,16,25,", "F,30,50,60,EI,1,16,60,", "BORE_F8"),
                Arguments.of("iso286-hole-delta", "30,50,7,9", "30,50,7,0", "BORE_K7"),
                Arguments.of(
                        "thermal-expansion",
                        "STEEL,carbon and alloy steel,11.5",
                        "STEEL,carbon and alloy steel,0.1",
                        "WARM"),
                Arguments.of("oring-glands", "0.13,18.7,20.1,", "0.13,13.7,15.1,", "SQUEEZED"),
                Arguments.of("extrusion-gap", "70,10,0.13,", "70,10,0.03,", "NIBBLED"),
                Arguments.of("oring-sizes-metric", "54.00x4.00,54.00,", "54.00x4.00,53.90,", "RING_METRIC"),
                Arguments.of("oring-sizes-inch", "904,0.351,0.005,", "904,0.351,0.001,", "RING_INCH"),
                Arguments.of("gauges", "OUTSIDE_MICROMETER,25,50,0.005", "OUTSIDE_MICROMETER,25,50,0.05", "GAUGED"),
                Arguments.of("seat-squareness", "50,80,0.20", "50,80,0.05", "TILTED"),
                Arguments.of("lip-seal-sizes-metric", "45,62,8,", "45,61,8,", "METRIC"),
                Arguments.of("lip-seal-sizes-inch", "1.7500,2.502,0.3750,", "1.7500,2.503,0.3750,", "INCH"),
                Arguments.of(
                        "lip-seal-shaft",
                        "40,50,3.5,15,25,h11,0,-160,39,0.2,0.8,0.1,1,5,4,6.3,45,",
                        "40,50,3.5,15,25,h11,0,-160,39,0.2,0.8,0.1,1,5,4,6.3,52,",
                        "SOFT"),
                Arguments.of(
                        "lip-seal-housing",
                        "8,6.80,8.3,0.5,8.9,15,30,0.7,1.0,H8,0.8,3.2,",
                        "8,6.80,8.3,0.5,8.9,15,30,0.7,1.0,H8,0.8,2.0,",
                        "BORE_FINISH"),
                Arguments.of(
                        "lip-seal-press-fit",
                        "ISO,metal_case,50,80,0.09,0.23,",
                        "ISO,metal_case,50,80,-0.09,0.23,",
                        "PRESSED"),
                Arguments.of(
                        "lip-seal-limits",
                        "surface_speed_max,NBR,dust_lip_oil,,,,,8,",
                        "surface_speed_max,NBR,dust_lip_oil,,,,,7,",
                        "FAST"),
                Arguments.of("elastomer-temperature-by-fluid", "NBR,100,90,80,80,", "NBR,100,60,80,80,", "STANDS"),
                Arguments.of("fluid-compatibility", "HYDRAULIC,1,1,1,4,3,", "HYDRAULIC,4,1,1,4,3,", "STANDS"),
                Arguments.of("elastomers", "-30,100,120,70,180,B,7,3,", "-30,100,120,70,180,B,9,3,", "STORED"),
                Arguments.of(
                        "failure-signs",
                        "\"wet below, seal dry\",PLUG 3 GASKET 3",
                        "\"wet below, seal dry\",PLUG 1 GASKET 3",
                        "LEAK"),
                Arguments.of("failure-causes", "PLUG,a plug leaks,NO,", "PLUG,a plug leaks,YES,", "LEAK"),
                Arguments.of("cleaning", "wire wheel; anything along the axis", "anything along the axis", "CLEANED"),
                Arguments.of("bearing-signs", "turns rough,CAUTION", "turns rough,FAIL", "ROUGH"),
                Arguments.of("bearing-tolerances", "INNER,30,50,12", "INNER,30,50,30", "SEATED"),
                Arguments.of("packing-styles", "aramid braid,12,2.0,15,250,", "aramid braid,12,2.0,15,230,", "PACKED"),
                Arguments.of("proof-loads", "M12,1.75,84.3", "M12,1.75,80", "BY_CLASS"),
                Arguments.of("proof-stress", "8.8,0,16,580", "8.8,0,16,500", "BY_CLASS"));
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("rows")
    void aChangedRowChangesAVerdict(String table, String from, String to, String probe) throws Exception {
        String as = "joropo.core.ChangedTablesTest$Case";
        Class<?> cases = Class.forName(as, true, new Changed(table, from, to));
        Object one = cases.getMethod("valueOf", String.class).invoke(null, probe);
        String changed = (String) ((Supplier<?>) one).get();
        assertThat(Case.valueOf(probe).get()).isNotBlank().isNotEqualTo(changed);
    }

    @Test
    void noTableIsLeftOut() throws Exception {
        Set<String> changed = rows().map(a -> (String) a.get()[0]).collect(Collectors.toSet());
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/tables"))) {
            assertThat(files.map(f -> f.getFileName().toString().replace(".csv", "")))
                    .allMatch(changed::contains);
        }
    }
}
