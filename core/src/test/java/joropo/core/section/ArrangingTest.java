package joropo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Medium;
import joropo.core.section.Arranging.Arranged;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Side;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

class ArrangingTest {
    private static final Section PAIR = Written.section(
            "AIR mud, GREASE gun, OIL; ring 0+2.2 t 2; seal 3+8 OUT; washer 12+2.5; seal 16+10 IN dust OUT; stop "
                    + "30; joint SPLINE 0 2; ground 0-40; groove 19-20");

    private static List<String> order(Section section) {
        return section.boreItems().stream().map(i -> i.id() + "@" + i.fromMm()).toList();
    }

    private static int at(Section section, String id) {
        return section.boreItems().stream().map(BoreItem::id).toList().indexOf(id);
    }

    private static BoreItem item(Section section, String id) {
        return section.boreItems().get(at(section, id));
    }

    @Test
    void aPartIsPlacedAndKeepsItsPlaceInTheOrder() {
        Arranged moved = Arranging.placed(PAIR, at(PAIR, "s1"), 4.3);
        assertThat(order(moved.section())).containsExactly("r0@0.0", "s1@4.3", "w2@12.0", "s2@16.0", "h4@30.0");
        assertThat(moved.section().boreItems().get(moved.part()).id()).isEqualTo("s1");
        assertThat(moved.section().spaces()).isEqualTo(PAIR.spaces());
    }

    @Test
    void aSealThatPassesAnotherOneTakesItsPlaceBetweenTheSpaces() {
        Arranged moved = Arranging.placed(PAIR, at(PAIR, "s1"), 50);
        assertThat(moved.section().seals()).extracting(Seal::id).containsExactly("s2", "s1");
        assertThat(moved.section().boreItems().get(moved.part()).fromMm()).isEqualTo(50);
        assertThat(new ArrangedParts(moved.section(), LipSealRules.SEAT)
                        .space(moved.section().seals().get(1), Side.IN)
                        .medium())
                .isEqualTo(Medium.OIL);
    }

    @Test
    void turningTwiceIsNoTurnAndOnlySealsTurn() {
        Section once = Arranging.turned(PAIR, at(PAIR, "s2")).section();
        assertThat(((Seal) item(once, "s2")).mainLip()).isEqualTo(Side.OUT);
        assertThat(((Seal) item(once, "s2")).dustLip()).isEqualTo(Side.IN);
        assertThat(Arranging.turned(once, at(once, "s2")).section()).isEqualTo(PAIR);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Arranging.turned(PAIR, at(PAIR, "w2")))
                .withMessage("a washer has no open side to turn");
    }

    @Test
    void neighboursChangeOverWithinTheRoomTheyHad() {
        Arranged swapped = Arranging.swapped(PAIR, at(PAIR, "s1"), Side.IN);
        assertThat(order(swapped.section())).containsExactly("r0@0.0", "w2@3.0", "s1@6.5", "s2@16.0", "h4@30.0");
        assertThat(Arranging.swapped(swapped.section(), swapped.part(), Side.OUT)
                        .section())
                .isEqualTo(PAIR);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Arranging.swapped(PAIR, 0, Side.OUT))
                .withMessage("there is no part on the outside of the retaining ring");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Arranging.swapped(PAIR, at(PAIR, "h4"), Side.OUT))
                .withMessageContaining("shoulder");
    }

    @Test
    void aSealBringsASpaceAndTakesItAway() {
        Seal third = BoreItemSealBuilder.builder()
                .id("s3")
                .fromMm(40.0)
                .widthMm(8.0)
                .outsideDiameterMm(62.0)
                .mainLip(Side.IN)
                .spring(true)
                .build();
        Section three = Arranging.added(PAIR, third).section();
        assertThat(three.spaces())
                .extracting(Space::medium)
                .containsExactly(Medium.AIR, Medium.GREASE, Medium.AIR, Medium.OIL);
        assertThat(three.joints().get(0).between())
                .as("the joint still ends inside")
                .containsExactly(0, 3);
        assertThat(Arranging.without(three, at(three, "s3"))).isEqualTo(PAIR);
        Section before = Arranging.added(PAIR, third.at(-10)).section();
        assertThat(before.spaces())
                .extracting(Space::medium)
                .as("the new space lies between it and the next seal")
                .containsExactly(Medium.AIR, Medium.AIR, Medium.GREASE, Medium.OIL);
        Section one = Arranging.without(PAIR, at(PAIR, "s1"));
        assertThat(one.spaces()).extracting(Space::medium).containsExactly(Medium.AIR, Medium.OIL);
        assertThat(Arranging.without(PAIR, at(PAIR, "s2")).spaces()).isEqualTo(one.spaces());
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Arranging.without(one, at(one, "s2")))
                .withMessageContaining("the last part that seals stays");
    }

    @Test
    void washersShaftAndNamesFollow() {
        Section without = Arranging.without(PAIR, at(PAIR, "w2"));
        assertThat(without.spaces()).isEqualTo(PAIR.spaces());
        assertThat(Arranging.added(without, item(PAIR, "w2")).section()).isEqualTo(PAIR);
        assertThat(Arranging.freeId(PAIR, "s")).isEqualTo("s3");
        Section groove =
                Arranging.withShaftItem(PAIR, 1, PAIR.shaftItems().get(1).at(25));
        assertThat(groove.shaftItems().get(1)).isEqualTo(new ShaftItem.WearGroove(25.0, 26.0, 0.05));
        assertThat(Arranging.withoutShaftItem(
                        Arranging.withShaftItem(PAIR, null, new ShaftItem.Sleeve(1.0, 2.0, null)), 2))
                .isEqualTo(PAIR);
    }

    /** Every kind of part keeps its length and what belongs to it when it is moved there and back. */
    @Test
    void everyKindMovesThereAndBack() {
        Section all = Written.section(
                "AIR, AIR, OIL; cover -5+2; step 1 d 60; seal 2+8 IN; chevron 12+9 IN; ring 22+2 t 1.9; washer "
                        + "25+2; port 28-29 DRAIN; stop 30; bearing 31 in 50 turns 32.4;"
                        + " ground 0-9; groove 3-4; sleeve 5-6; keyway 7-8; hole 9-10; slinger -4--3");
        for (BoreItem i : all.boreItems()) {
            BoreItem moved = i.at(i.fromMm() + 7.3);
            assertThat(moved.toMm() - moved.fromMm())
                    .as(i.words())
                    .isCloseTo(
                            i.toMm() - i.fromMm(),
                            org.assertj.core.data.Offset.offset(1e-9)); // one addition either way
            assertThat(moved.at(i.fromMm())).as(i.words()).isEqualTo(i);
        }
        assertThat(((BoreItem.Bearing) all.boreItems().get(8).at(41.0)).turningFromMm())
                .as("what turns goes along")
                .isEqualTo(42.4);
        for (ShaftItem i : all.shaftItems()) {
            assertThat(i.at(i.fromMm() + 7.3).at(i.fromMm())).as(i.words()).isEqualTo(i);
        }
    }

    /** What was read goes before what was arranged; what was not read, and every part, stays. */
    @Test
    void readingsAreBroughtIntoAnArrangement() {
        Section read = Written.section("WATER mud, OIL 0.1; seal 2+8 IN; stop 31.5; bearing 35 turns 35;"
                + " ground -2-44; groove 21-22; play 0.3");
        Section agreed = PAIR.withReadings(read);
        assertThat(order(agreed)).containsExactly("r0@0.0", "s1@3.0", "w2@12.0", "s2@16.0", "h4@31.5", "b2@35.0");
        assertThat(agreed.shaftItems())
                .containsExactly(new ShaftItem.RunningSurface(-2.0, 44.0), new ShaftItem.WearGroove(21.0, 22.0, 0.05));
        assertThat(agreed.outside().medium()).isEqualTo(Medium.WATER);
        assertThat(agreed.spaces().get(1)).isEqualTo(PAIR.spaces().get(1));
        assertThat(agreed.inside().pressureMpa()).isEqualTo(0.1);
        assertThat(agreed.axialPlayMm()).isEqualTo(0.3);
        assertThat(agreed.withReadings(read)).as("once is enough").isEqualTo(agreed);
        assertThat(PAIR.withReadings(PAIR)).isEqualTo(PAIR);
    }

    @Test
    void aBearingKeepsItsStillRingBesideWhatTurns() {
        Section own = Written.section("AIR, OIL; seal 2+8 IN; bearing 14 in 50 turns 15");
        Section agreed = own.withReadings(Written.section("AIR, OIL; seal 2+8 IN; bearing 16 turns 16"));
        assertThat(agreed.boreItems().get(1))
                .isEqualTo(new BoreItem.Bearing("b1", 15.0, 50.0, 16.0, false, null, null, null, null, null, null));
    }
}
