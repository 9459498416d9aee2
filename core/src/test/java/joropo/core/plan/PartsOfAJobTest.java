package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.FoundSection;
import joropo.core.lipseal.NewSealCheck;
import joropo.core.material.CureQuarter;
import joropo.core.material.Medium;
import joropo.core.plan.Lives.Fitted;
import joropo.core.plan.StockMatch.Lot;
import joropo.core.plan.StockMatch.Offer;
import joropo.core.plan.StripLog.Removed;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Parts from the store to the shaft and back: which lot, what came off, how long it lasted. */
class PartsOfAJobTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final Part SEAL =
            new Part("lip-seal", 1, PartKind.LIP_SEAL, "lip seal 45x62x8", "45x62x8", "NBR", "", null);

    private static Lot lot(
            long id, String size, @Nullable String material, @Nullable CureQuarter cured, int onHand, int receivedDay) {
        return new Lot(
                id,
                PartKind.LIP_SEAL,
                "lip seal",
                size,
                material,
                material,
                cured,
                false,
                onHand,
                LocalDate.of(2026, 1, receivedDay));
    }

    @Test
    void theOldestGoodLotComesFirstAndOnePastItsDateLast() {
        List<Lot> lots = List.of(
                lot(1, "45 62 8", "NBR", new CureQuarter(2024, 1), 3, 9),
                lot(2, "45x62x8", "NBR", new CureQuarter(2021, 2), 1, 20),
                lot(3, "45x62x8", "NBR", new CureQuarter(2015, 2), 5, 1),
                lot(4, "45-62-8", "NBR", null, 2, 1),
                lot(5, "45x62x8", "FKM", new CureQuarter(2020, 1), 2, 1),
                lot(6, "45x62x10", "NBR", new CureQuarter(2020, 1), 2, 1),
                lot(7, "45x62x8", "NBR", new CureQuarter(2020, 1), 0, 1),
                lot(8, "45x62x8", null, null, 2, 1),
                lot(9, "45x62x8", "NBR", new CureQuarter(2024, 1), 3, 2));
        List<Offer> offers = StockMatch.of(SEAL, lots, TODAY);
        assertThat(offers).extracting(o -> o.lot().id()).containsExactly(2L, 9L, 1L, 3L, 4L);
        assertThat(offers).extracting(Offer::needsLead).containsExactly(false, false, false, true, true);
        assertThat(StockMatch.of(
                        new Part("lip-seal", 2, PartKind.LIP_SEAL, "", "45x62x8", "NBR", "", null), lots, TODAY))
                .extracting(Offer::enough)
                .containsExactly(false, true, true, true, true);
        assertThat(StockMatch.of(
                        new Part("lip-seal", 1, PartKind.LIP_SEAL, "", "45x62x8", null, "", null), lots, TODAY))
                .as("material not decided")
                .hasSize(7);
    }

    @Test
    void aPartWithoutFiguresGoesByItsName() {
        var breather = new Lot(1, PartKind.BREATHER, "Breather M12", "", null, null, null, false, 1, TODAY);
        assertThat(StockMatch.of(
                        new Part("breather", 1, PartKind.BREATHER, "breather", "", null, "", null),
                        List.of(breather),
                        TODAY))
                .hasSize(1);
        assertThat(StockMatch.of(
                        new Part("filter", 1, PartKind.FILTER, "filter", "", null, "", null), List.of(breather), TODAY))
                .isEmpty();
    }

    /** No rubber in it is not no date: sealants and greases have their maker's. */
    @Test
    void aTinHasItsMakersDate() {
        var tin = new Lot(1, PartKind.SEALANT, "sealant film", "", null, null, null, false, 1, TODAY);
        assertThat(tin.life(TODAY).finding().status()).isEqualTo(Status.CAUTION);
        assertThat(tin.life(TODAY).isDue()).as("nobody knows when").isFalse();
        assertThat(StockMatch.of(
                        new Part("sealant", 1, PartKind.SEALANT, "sealant film", "", null, "", null),
                        List.of(tin),
                        TODAY))
                .singleElement()
                .matches(o -> !o.needsLead());
        var gasket = new Lot(2, PartKind.GASKET, "gasket", "", null, null, null, false, 1, TODAY);
        assertThat(gasket.life(TODAY).finding().status()).isEqualTo(Status.PASS);
        assertThat(lot(3, "45x62x8", "NBR", new CureQuarter(2019, 4), 1, 1)
                        .life(TODAY)
                        .isDue())
                .as("soon")
                .isTrue();
        assertThat(lot(4, "45x62x8", "NBR", null, 1, 1).life(TODAY).isDue())
                .as("not known")
                .isTrue();
        assertThat(lot(5, "45x62x8", "NBR", new CureQuarter(2025, 4), 1, 1)
                        .life(TODAY)
                        .isDue())
                .isFalse();
    }

    private static Section typed() {
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
                        new BoreItem.Shoulder("h1", 30.0, null, null)))
                .shaftItems(List.of())
                .build();
    }

    @Test
    void whatCameOffIsTheSectionThatWasFoundAndBackwardsTheOrderOfBuilding() {
        List<Removed> log = List.of(
                Removed.of(PartKind.COVER),
                Removed.of(PartKind.RETAINING_RING).at(1.0),
                new Removed(PartKind.LIP_SEAL, "lip seal", Side.OUT, null, 8.0, null, false, null),
                new Removed(PartKind.WASHER, "washer", null, null, 3.0, null, false, null),
                new Removed(PartKind.LIP_SEAL, "lip seal 2", Side.IN, 16.0, 8.0, null, false, null));
        Section found = new FoundSection(Logged.found(log), Map.of("o3", "s1", "o5", "s2")).whole(typed());
        assertThat(found.boreItems()).extracting(BoreItem::id).containsExactly("r2", "s1", "w4", "s2", "h1");
        assertThat(found.seals()).extracting(BoreItem.Seal::mainLip).containsExactly(Side.OUT, Side.IN);
        assertThat(found.boreItems().get(1).fromMm())
                .as("behind the ring")
                .isCloseTo(2.9, within(1e-9)); // groove 1.75 + 0.15 from 1.0
        assertThat(found.boreItems().get(3).fromMm()).isEqualTo(16.0);
        assertThat(found.spaces()).extracting(Space::medium).containsExactly(Medium.AIR, Medium.GREASE, Medium.OIL);
        assertThat(StripLog.buildOrder(log))
                .containsExactlyElementsOf(StripLog.buildOrder(StripLog.buildOrder(StripLog.buildOrder(log))))
                .first()
                .isEqualTo(log.get(4));
        assertThat(new FoundSection(Logged.found(log.subList(0, 2)), Map.of()).whole(typed()))
                .as("no seal logged")
                .isEqualTo(typed());
    }

    @Test
    void aLifeEndsWithTheNextFittingAndThreeMakeAMean() {
        List<Fitted> fitted = List.of(
                new Fitted("25-0001", "45x62x8", at("2025-01-01"), null, ""),
                new Fitted("25-0009", "45x62x8", at("2025-04-11"), 2400.0, "heat"),
                new Fitted("26-0003", "45x62x8", at("2026-01-01"), 6000.0, "dirt"));
        Lives two = Lives.of(fitted);
        assertThat(two.lives()).extracting(Lives.Life::job).containsExactly("26-0003", "25-0009", "25-0001");
        assertThat(two.lives().get(0).removedAt()).as("still runs").isNull();
        assertThat(two.lives().get(2).days(at("2026-11-25"))).isEqualTo(100);
        assertThat(two.lives().get(2).reason()).isEqualTo("heat");
        assertThat(two.mean().meanDays()).as("two have ended").isNull();
        Lives three = Lives.of(List.of(
                fitted.get(0),
                fitted.get(1),
                fitted.get(2),
                new Fitted("26-0020", "45x62x8", at("2026-04-11"), 1800.0, "dirt")));
        assertThat(three.mean().meanDays()).isCloseTo((100 + 265 + 100) / 3.0, within(1e-9));
        assertThat(three.mean().meanHours()).isCloseTo(3400, within(1e-9));
        assertThat(Lives.of(List.of()).lives()).isEmpty();
        Lives.Mean ofKind = two.mean().plus(10, null);
        assertThat(ofKind.ended()).isEqualTo(3);
        assertThat(ofKind.meanDays()).isCloseTo((10 + 100 + 265) / 3.0, within(1e-9));
        assertThat(ofKind.meanHours()).as("two have said their hours").isNull();
    }

    private static Instant at(String day) {
        return Instant.parse(day + "T08:00:00Z");
    }

    @Test
    void theSealInTheHandIsMeasuredAgainstItsSize() {
        var outside = new Limits(62.1, 62.3);
        assertThat(NewSealCheck.check(outside, 62.2, 8, 0.2, 8.05, 0.02))
                .extracting(Finding::status)
                .containsExactly(Status.PASS, Status.PASS);
        assertThat(NewSealCheck.check(outside, 60.2, 8, 0.2, 10.0, 0.02))
                .extracting(Finding::status)
                .containsExactly(Status.FAIL, Status.FAIL);
        assertThat(NewSealCheck.check(outside, 62.31, 8, 0.2, null, 0.02))
                .extracting(Finding::status)
                .containsExactly(Status.REMEASURE);
        assertThat(NewSealCheck.check(null, 62.31, 8, 0.2, null, 0.02))
                .extracting(Finding::status)
                .containsExactly(Status.MISSING);
        assertThat(NewSealCheck.check(outside, null, 8, 0.2, null, 0.02)).isEmpty();
    }
}
