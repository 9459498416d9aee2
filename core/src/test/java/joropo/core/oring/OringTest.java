package joropo.core.oring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class OringTest {
    /** What the finder goes by. */
    private static final Set<String> SIZES = Set.of("stretch", "compression", "rod-fit", "squeeze", "absolute", "fill");

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
                .gapMm(0.1);
    }

    private static Status status(OringGlandResult result, String id) {
        return result.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    @ParameterizedTest
    @EnumSource(
            value = Gland.class,
            names = {"PISTON", "ROD", "FACE_INSIDE", "FACE_OUTSIDE"})
    void theFinderReturnsExactlyWhatTheGlandCheckAccepts(Gland gland) {
        for (double groove : List.of(30.6, 54.36, 148.0)) {
            for (double depth : List.of(1.3, 2.1, 2.65, 2.85, 4.4)) {
                double counter = gland == Gland.PISTON ? groove + 2 * depth : groove - 2 * depth;
                Set<String> found = OringSizeCheck.check(OringSizeInputBuilder.builder()
                                .gland(gland)
                                .motion(RingMotion.STATIC)
                                .counterDiameterMm(gland.isRadial() ? Double.valueOf(counter) : null)
                                .grooveDiameterMm(groove)
                                .grooveWidthMm(1.45 * depth + 0.6)
                                .grooveDepthMm(gland.isFace() ? Double.valueOf(depth) : null)
                                .build())
                        .sizes()
                        .stream()
                        .map(OringSizeResult.Entry::designation)
                        .collect(Collectors.toSet());
                Set<String> accepted = RingSize.all().stream()
                        .filter(r -> OringGlandCheck.check(
                                        OringGlandInputBuilder.builder()
                                                .gland(gland)
                                                .motion(RingMotion.STATIC)
                                                .counterDiameterMm(gland.isRadial() ? Double.valueOf(counter) : null)
                                                .grooveDiameterMm(groove)
                                                .grooveWidthMm(1.45 * depth + 0.6)
                                                .grooveDepthMm(gland.isFace() ? Double.valueOf(depth) : null)
                                                .ringInsideMm(r.insideMm())
                                                .sectionMm(r.sectionMm())
                                                .build(),
                                        0)
                                .findings()
                                .stream()
                                .filter(f -> SIZES.contains(f.id()))
                                .noneMatch(f -> f.status() == Status.FAIL))
                        .map(RingSize::designation)
                        .collect(Collectors.toSet());
                assertThat(found).as("%s %s deep %s", gland, groove, depth).isEqualTo(accepted);
            }
        }
    }

    /** Squeeze and fill by another way: areas and Pappus, from the sizes as typed. */
    @Test
    void figuresAreThoseOfAnIndependentFormula() {
        var random = new Random(7);
        for (int i = 0; i < 300; i++) {
            double id = 10 + 100 * random.nextDouble();
            double cs = 1.5 + 5 * random.nextDouble();
            double groove = id * (1 + 0.07 * random.nextDouble());
            double bore = groove + 2 * cs * (0.7 + 0.2 * random.nextDouble());
            double width = cs * (1.2 + 0.5 * random.nextDouble());
            OringGlandResult r = OringGlandCheck.check(
                    piston().counterDiameterMm(bore)
                            .grooveDiameterMm(groove)
                            .grooveWidthMm(width)
                            .ringInsideMm(id)
                            .sectionMm(cs)
                            .tolerances(null)
                            .build(),
                    0);
            // the ring keeps its volume: its circle times its inside
            double section = Math.sqrt(cs * cs * id / groove);
            double room = bore / 2 - groove / 2;
            assertThat(r.squeezePercent().nominal()).isCloseTo(100 - 100 * room / section, within(1e-6));
            double ring = 2 * Math.PI * (id / 2 + cs / 2) * Math.PI * (cs / 2) * (cs / 2);
            double place = 2 * Math.PI * (bore / 2 + groove / 2) / 2 * room * width;
            assertThat(r.fillPercent().nominal()).isCloseTo(100 * ring / place, within(1e-6));
        }
    }

    @Test
    void aDeeperGrooveSqueezesLessAndEverySetOfSizesLiesWithinTheExtremes() {
        double before = Double.POSITIVE_INFINITY;
        for (double groove = 55.5; groove > 53; groove -= 0.1) {
            OringGlandResult r =
                    OringGlandCheck.check(piston().grooveDiameterMm(groove).build(), 500);
            Band squeeze = r.squeezePercent();
            assertThat(squeeze.nominal()).isLessThan(before).isBetween(squeeze.min(), squeeze.max());
            assertThat(r.fillPercent().nominal())
                    .isBetween(r.fillPercent().min(), r.fillPercent().max());
            assertThat(r.outsidePercent()).isBetween(0.0, 100.0);
            before = squeeze.nominal();
        }
        OringGlandInput in = piston().build();
        Band all = OringGlandCheck.check(in).squeezePercent();
        var random = new Random(3);
        Stream.generate(() -> IntStream.range(0, 6)
                        .mapToDouble(i -> 2 * random.nextDouble() - 1)
                        .toArray())
                .limit(2000)
                .map(shares ->
                        new Fit(in.use(), in.sizes().moved(in.tolerances().each(), shares), 0))
                .forEach(f -> assertThat(f.squeezePercent()).isBetween(all.min(), all.max()));
    }

    @Test
    void coldSqueezesLessHeatFillsMoreAndTheSameSeedDrawsTheSame() {
        OringGlandInput in = piston().material("NBR")
                .fluid("HLP_OIL")
                .coldestC(-20.0)
                .hottestC(80.0)
                .build();
        OringGlandInput room = piston().material("NBR")
                .fluid("HLP_OIL")
                .coldestC(20.0)
                .hottestC(20.0)
                .build();
        OringGlandResult r = OringGlandCheck.check(in);
        OringGlandResult at20 = OringGlandCheck.check(room);
        assertThat(r.squeezePercent().min()).isLessThan(at20.squeezePercent().min());
        assertThat(r.squeezePercent().max()).isGreaterThan(at20.squeezePercent().max());
        assertThat(r.fillPercent().max()).isGreaterThan(at20.fillPercent().max());
        assertThat(r.outsidePercent()).isEqualTo(OringGlandCheck.check(in).outsidePercent());
        // NBR grows 1.8e-4 a kelvin, steel 1.15e-5: 60 K make 1.08 % of section, against 0.07 % of the room
        double section = 3.53 * 1.0108 / Math.sqrt(54.36 * 1.00069 / (53.57 * 1.0108));
        double hot = 100 * (1 - 2.82 * 1.00069 / section);
        OringGlandInput exact = OringGlandInputBuilder.builder(in)
                .tolerances(new Tolerances(0.0, 0.0, 0.0, null, 0.0, 0.0))
                .build();
        assertThat(OringGlandCheck.check(exact, 0).squeezePercent().max()).isCloseTo(hot, within(1e-6));
    }

    @Test
    void aWiderGapNeverStandsMorePressureNorASofterRing() {
        for (double shore = 70; shore < 95; shore += 2.5) {
            double before = Double.POSITIVE_INFINITY;
            for (double pressure = 0.1; pressure <= 40; pressure += 0.7) {
                double gap = ExtrusionCurve.bareMm(shore, pressure).orElseThrow();
                assertThat(gap).isLessThanOrEqualTo(before);
                assertThat(ExtrusionCurve.bareMm(shore + 2.5, pressure).orElseThrow())
                        .isGreaterThanOrEqualTo(gap - 1e-12);
                assertThat(ExtrusionCurve.backedMm(pressure)).isGreaterThanOrEqualTo(0.10);
                before = gap;
            }
        }
        assertThat(ExtrusionCurve.bareMm(70, 40.1)).isEmpty();
    }

    @Test
    void everyListedRingIsFoundByItsOwnSizesAndIsReadBack() {
        for (RingSize ring : RingSize.all()) {
            assertThat(RingSize.parse(ring.designation(), "ring")).isEqualTo(ring);
            List<OringSizeResult.Entry> sizes = OringSizeCheck.check(OringSizeInputBuilder.builder()
                            .measured(new OringSizeInput.Measured(ring.insideMm(), ring.sectionMm()))
                            .build())
                    .sizes();
            assertThat(sizes.get(0).likelihood()).isEqualTo(OringSizeResult.Likelihood.FITS);
            assertThat(sizes).anyMatch(e -> e.designation().equals(ring.designation()));
        }
        assertThat(RingSize.all())
                .as("a ring of both lists is one")
                .hasSize((int) RingSize.all().stream()
                        .map(RingSize::designation)
                        .distinct()
                        .count())
                .anyMatch(r -> r.designation().equals("227 = 53.57x3.53"));
    }

    @ParameterizedTest
    @CsvSource({
        "PISTON, 60, 59.9, STATIC",
        "PISTON, 60, 59.9, RECIPROCATING",
        "ROD, 40, 40.1, STATIC",
        "ROD, 20, 20.1, ROTARY"
    })
    void aProposedGrooveIsOneThatTheGlandCheckAccepts(Gland gland, double counter, double other, RingMotion motion) {
        OringSizeResult r = OringSizeCheck.check(OringSizeInputBuilder.builder()
                .gland(gland)
                .motion(motion)
                .counterDiameterMm(counter)
                .otherDiameterMm(other)
                .material("NBR")
                .fluid("HLP_OIL")
                .coldestC(0.0)
                .hottestC(60.0)
                .build());
        assertThat(r.grooves()).isNotEmpty().hasSameSizeAs(r.sizes());
        for (OringSizeResult.Groove g : r.grooves()) {
            OringGlandResult check = OringGlandCheck.check(OringGlandInputBuilder.builder()
                    .gland(gland)
                    .motion(motion)
                    .counterDiameterMm(counter)
                    .grooveDiameterMm(g.grooveDiameterMm())
                    .grooveWidthMm(g.grooveWidthMm())
                    .ring(g.designation())
                    .gapMm(0.1)
                    .build());
            assertThat(Finding.worst(check.findings().stream()
                            .filter(f -> SIZES.contains(f.id()) || f.id().equals("off-centre"))
                            .toList()))
                    .isNotEqualTo(Status.FAIL);
            assertThat(check.squeezePercent().nominal()).isCloseTo(g.squeezePercent(), within(1e-9));
        }
    }

    @Test
    void anUnknownMaterialIsNoBetterThanTheWorstOfAll() {
        for (double over = 54; over < 120; over += 3) {
            OringGlandResult without =
                    OringGlandCheck.check(piston().passOverMm(over).build(), 0);
            Status ptfe = status(
                    OringGlandCheck.check(
                            piston().passOverMm(over).material("PTFE").build(), 0),
                    "pull-over");
            if (ptfe != Status.PASS) {
                assertThat(status(without, "pull-over")).isNotEqualTo(Status.PASS);
            }
        }
    }
}
