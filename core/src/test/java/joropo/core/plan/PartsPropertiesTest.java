package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.FoundSection;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.CureQuarter;
import joropo.core.material.Medium;
import joropo.core.plan.Lives.Fitted;
import joropo.core.plan.Lives.Life;
import joropo.core.plan.StockMatch.Lot;
import joropo.core.plan.StockMatch.Offer;
import joropo.core.plan.StripLog.Removed;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** What holds of parts, lots, strip logs and lives whatever they are; random ones from a fixed seed. */
class PartsPropertiesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final List<String> SIZES =
            List.of("45x62x8", "45 x 62 x 8", "45-62-8", "45x62x10", "62x45x8", "45,0x62x8", "1.5000x2.250x0.2500 in");
    private static final List<String> MATERIALS = List.of("NBR", "HNBR", "FKM", "AU", "PTFE");
    private static final int RUNS = 400;

    private final Random random = new Random(20261125);

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private Lot lot(long id) {
        String material = random.nextInt(6) == 0 ? null : any(MATERIALS);
        CureQuarter cured =
                random.nextInt(5) == 0 ? null : new CureQuarter(2008 + random.nextInt(20), 1 + random.nextInt(4));
        return new Lot(
                id,
                any(List.of(PartKind.LIP_SEAL, PartKind.O_RING)),
                "seal",
                any(SIZES),
                material,
                material,
                cured,
                random.nextBoolean(),
                random.nextInt(4),
                TODAY.minusDays(random.nextInt(900)));
    }

    /**
     * Nothing of another kind, size or material is offered, nothing that serves is left out, the older goes first, and
     * what a lead has to release comes last.
     */
    @Test
    void offersAreWhatServesInTheOrderOfUse() {
        for (int run = 0; run < RUNS; run++) {
            List<Lot> lots = IntStream.range(0, 30).mapToObj(this::lot).toList();
            String material = random.nextInt(3) == 0 ? null : any(MATERIALS);
            Part part =
                    new Part("p", 1 + random.nextInt(3), PartKind.LIP_SEAL, "lip seal", any(SIZES), material, "", null);
            List<Offer> offers = StockMatch.of(part, lots, TODAY);
            assertThat(offers)
                    .extracting(Offer::lot)
                    .containsExactlyInAnyOrderElementsOf(lots.stream()
                            .filter(l -> l.kind() == PartKind.LIP_SEAL
                                    && l.onHand() > 0
                                    && StockMatch.sameFigures(l.size(), part.size())
                                    && (material == null || material.equals(l.material())))
                            .toList());
            assertThat(offers).allSatisfy(o -> {
                assertThat(o.enough()).isEqualTo(o.lot().onHand() >= part.count());
                assertThat(o.needsLead())
                        .isEqualTo(o.life().finding().status() == Status.FAIL
                                || o.life().finding().status() == Status.MISSING);
            });
            assertThat(offers).extracting(Offer::needsLead).isSorted();
            List<LocalDate> good = offers.stream()
                    .filter(o -> !o.needsLead() && o.life().useBy() != null)
                    .map(o -> o.life().useBy())
                    .toList();
            assertThat(good).isSorted();
            List<Lot> mixed = new ArrayList<>(lots);
            Collections.shuffle(mixed, random);
            assertThat(StockMatch.of(part, mixed, TODAY))
                    .as("the order in which lots are listed says nothing")
                    .isEqualTo(offers);
        }
    }

    /**
     * The same whichever way they are written; another order of figures, another figure or another unit is another
     * size.
     */
    @Test
    void sizesAreTheSameByFigureOrderAndUnit() {
        List<String> same = List.of("45x62x8", "45 x 62 x 8", "45-62-8", "45,0x62x8.0", "45 / 62 / 8 mm");
        List<String> other = List.of("62x45x8", "45x62", "45x62x8 in", "45x62x8\"", "45x62x8x1", "4562x8", "");
        for (String one : same) {
            assertThat(same).allMatch(s -> StockMatch.sameFigures(one, s));
            assertThat(other).noneMatch(o -> StockMatch.sameFigures(one, o) || StockMatch.sameFigures(o, one));
        }
        assertThat(StockMatch.sameFigures("1.5 in", "1.5\"")).isTrue();
        assertThat(StockMatch.sameFigures("ring 150 with spring", "150 indented"))
                .as("an in within a word is no inch")
                .isTrue();
    }

    private Section typed() {
        return SectionBuilder.builder()
                .name("t")
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .shaftEntersFrom(Side.IN)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(2.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .mainLip(Side.IN)
                                .spring(true)
                                .build(),
                        new BoreItem.Shoulder("h1", 80.0, null, null)))
                .shaftItems(List.of())
                .build();
    }

    private Removed removed() {
        PartKind kind = any(List.of(PartKind.values()));
        return new Removed(
                kind,
                "part",
                any(List.of(Side.OUT, Side.IN)),
                random.nextInt(4) == 0 ? Double.valueOf(random.nextInt(60)) : null,
                random.nextBoolean() ? Double.valueOf(1 + random.nextInt(9)) : null,
                null,
                random.nextInt(8) == 0,
                kind.wantsLine() ? any(Arrays.asList(null, PartKind.Line.BORE, PartKind.Line.SHAFT)) : null);
    }

    /**
     * Whatever came off: every seal of the log stands in the section, between one space more than there are seals, at
     * its place where that was read; and it can be judged.
     */
    @Test
    void everyStripLogMakesASectionThatCanBeJudged() {
        for (int run = 0; run < RUNS; run++) {
            List<Removed> log = IntStream.range(0, random.nextInt(13))
                    .mapToObj(i -> removed())
                    .toList();
            assertThat(StripLog.buildOrder(StripLog.buildOrder(log))).isEqualTo(log);
            Section found = new FoundSection(Logged.found(log), Map.of()).whole(typed());
            List<Removed> seals =
                    log.stream().filter(r -> r.kind() == PartKind.LIP_SEAL).toList();
            if (seals.isEmpty()) {
                assertThat(found).isEqualTo(typed());
                continue;
            }
            assertThat(found.seals()).hasSize(seals.size());
            assertThat(found.spaces()).hasSize(seals.size() + 1);
            assertThat(found.boreItems()).extracting(BoreItem::id).doesNotHaveDuplicates();
            assertThat(found.boreItems()).isSortedAccordingTo(Comparator.comparing(BoreItem::fromMm));
            List<Double> read = log.stream()
                    .filter(r -> r.isInBore() && r.placeMm() != null)
                    .map(Removed::placeMm)
                    .toList();
            assertThat(found.boreItems()).extracting(BoreItem::fromMm).containsAll(read);
            assertThat(found.seals().stream()
                            .filter(s -> s.mainLip() == Side.OUT)
                            .count())
                    .isEqualTo(seals.stream().filter(s -> s.faced() == Side.OUT).count());
            assertThat(LipSealRules.section(found).findings()).isNotEmpty();
        }
    }

    private List<Fitted> fittings(String position) {
        List<Fitted> out = new ArrayList<>();
        Instant at = Instant.parse("2020-01-01T12:00:00Z");
        for (int i = 0; i < 1 + random.nextInt(7); i++) {
            at = at.plus(Duration.ofDays(1 + random.nextInt(500)));
            out.add(new Fitted(
                    position + "-" + i,
                    any(List.of("45x62x8", "70x90x10")),
                    at,
                    random.nextInt(3) == 0 ? null : Double.valueOf(random.nextInt(9000)),
                    "heat"));
        }
        return out;
    }

    /**
     * One life runs at each position, all others have ended; a mean lies between the shortest and the longest, and
     * comes from three at least.
     */
    @Test
    void livesEndOneByOneAndMeansLieBetweenThem() {
        for (int run = 0; run < RUNS; run++) {
            List<Lives> positions = IntStream.range(0, 1 + random.nextInt(4))
                    .mapToObj(p -> Lives.of(fittings("p" + p)))
                    .toList();
            assertThat(positions).allSatisfy(p -> {
                assertThat(p.mean().ended()).isEqualTo(p.lives().size() - 1);
                assertThat(p.lives().get(0).removedAt()).isNull();
                assertThat(p.lives())
                        .isSortedAccordingTo(
                                Comparator.comparing(Life::fittedAt).reversed());
                meanLiesBetween(p);
            });
        }
    }

    private static void meanLiesBetween(Lives lives) {
        var days = lives.lives().stream()
                .filter(l -> l.removedAt() != null)
                .mapToLong(l -> l.days(Instant.EPOCH))
                .summaryStatistics();
        assertThat(lives.mean().meanDays() == null).isEqualTo(days.getCount() < 3);
        if (lives.mean().meanDays() != null) {
            assertThat(lives.mean().meanDays()).isBetween((double) days.getMin(), (double) days.getMax());
        }
        var hours = lives.lives().stream()
                .filter(l -> l.hours() != null)
                .mapToDouble(Life::hours)
                .summaryStatistics();
        assertThat(lives.mean().meanHours() == null).isEqualTo(hours.getCount() < 3);
        if (lives.mean().meanHours() != null) {
            assertThat(lives.mean().meanHours()).isBetween(hours.getMin(), hours.getMax());
        }
    }
}
