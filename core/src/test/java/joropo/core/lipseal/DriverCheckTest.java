package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import joropo.core.assembly.TurnedPart;
import joropo.core.assembly.TurnedPart.Cylinder;
import joropo.core.lipseal.DriverInput.PressSide;
import joropo.core.section.Mount;
import joropo.core.sizes.SealSize;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DriverCheckTest {
    private static DriverInput seal45(
            @Nullable PressSide side,
            @Nullable Double proud,
            @Nullable Double sunk,
            @Nullable Boolean flush,
            boolean shaft,
            @Nullable Double standsOut,
            Double... set) {
        return DriverInputBuilder.builder()
                .shaftMm(45.0)
                .boreMm(62.0)
                .outsideDiameterMm(62.0)
                .pressSide(side)
                .proudMm(proud)
                .sunkMm(sunk)
                .flush(flush)
                .shaftInPlace(shaft)
                .standsOutMm(standsOut)
                .availableMm(List.of(set))
                .build();
    }

    private static Status status(DriverResult r, String id) {
        return r.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    /**
     * A case that grips the shaft: a tube over it, hole 45.5, land to 45 + 17 / 3 = 50.67, recessed for a washer that
     * stands out 1.5.
     */
    @ParameterizedTest(name = "tube Ø {0} hollow to {1}: {2}")
    @CsvSource({"50.6, 45.5, PASS", "50.7, 45.5, CAUTION", "50.6, 45.4, CAUTION", "50.6, , CAUTION"})
    void aSealOnTheShaftIsPushedByItsInnerRing(double outside, Double inside, Status own) {
        DriverResult r = DriverCheck.check(DriverInputBuilder.builder()
                .shaftMm(45.0)
                .boreMm(62.0)
                .outsideDiameterMm(62.0)
                .mount(Mount.SHAFT)
                .proudMm(1.5)
                .available(List.of(new OwnDriver(outside, OwnDriver.Form.TUBE, inside, null, true)))
                .build());
        assertThat(r.throughHoleMm()).isEqualTo(45.5);
        assertThat(r.landToMm()).isCloseTo(50.67, within(0.005));
        assertThat(r.recessDepthMm()).isEqualTo(1.5);
        assertThat(status(r, "own")).isEqualTo(own);
        assertThat(status(r, "stop")).isEqualTo(own == Status.PASS ? Status.PASS : Status.CAUTION);
        assertThat(r.part().inner().get(1)).isEqualTo(new Cylinder(1.5, 40, 45.5));
    }

    /**
     * Worked: 45 x 62 x 8, shaft end in place, closed side, 2.0 proud: plate 72, recess 63.0 by 2.0, land 56.33 to 62,
     * hole 47.
     */
    @Test
    void thePlateForASealThatStandsProud() {
        DriverResult r = DriverCheck.check(seal45(null, 2.0, null, null, true, null));
        assertThat(r.outsideMm()).isEqualTo(72);
        assertThat(r.recessDiameterMm()).isEqualTo(63);
        assertThat(r.recessDepthMm()).isEqualTo(2);
        assertThat(r.landFromMm()).isCloseTo(56.33, within(0.005));
        assertThat(r.landToMm()).isEqualTo(62);
        assertThat(r.throughHoleMm()).isEqualTo(47);
        assertThat(r.spigotMm()).isNull();
        assertThat(r.part().inner()).extracting(Cylinder::diameterMm).containsExactly(63.0, r.landFromMm(), 47.0);
        assertThat(isThrough(r.part())).isTrue();
        assertThat(status(r, "stop")).isEqualTo(Status.PASS);
    }

    @Test
    void theSpigotTheFlushPlateAndThePlainDriver() {
        DriverResult sunk = DriverCheck.check(seal45(null, null, 3.5, null, false, null));
        assertThat(sunk.outsideMm()).as("bore - 0.5").isEqualTo(61.5);
        assertThat(sunk.spigotMm()).isEqualTo(3.5);
        assertThat(sunk.plateMm()).isEqualTo(72);
        assertThat(sunk.landToMm()).isEqualTo(61.5);
        assertThat(sunk.part().outer()).extracting(Cylinder::diameterMm).containsExactly(61.5, 72.0);
        DriverResult flush = DriverCheck.check(seal45(null, null, null, true, false, null));
        assertThat(flush.outsideMm()).isEqualTo(72);
        assertThat(flush.recessDepthMm()).isNull();
        assertThat(DriverCheck.check(seal45(null, 0.0, null, null, false, null)).outsideMm())
                .as("proud by nothing is flush")
                .isEqualTo(72);
        DriverResult plain = DriverCheck.check(seal45(null, null, null, null, false, null));
        assertThat(plain.outsideMm()).isEqualTo(61.5);
        assertThat(plain.throughHoleMm()).isNull();
        assertThat(status(plain, "stop")).isEqualTo(Status.CAUTION);
        assertThat(DriverCheck.check(DriverInputBuilder.builder()
                                .shaftMm(100.0)
                                .boreMm(130.0)
                                .outsideDiameterMm(130.0)
                                .build())
                        .outsideMm())
                .as("above 80: bore - 1.0")
                .isEqualTo(129);
    }

    @Test
    void onTheOpenSideItBearsOnTheRimOnlyAndIsHollowOverWhatStandsOut() {
        DriverResult open = DriverCheck.check(seal45(PressSide.OPEN, null, 1.0, null, true, 30.0));
        assertThat(open.landToMm() - open.landFromMm())
                .as("land of 2 mm either side")
                .isEqualTo(4);
        assertThat(open.hollowToMm()).isEqualTo(35);
        assertThat(isThrough(open.part())).isFalse();
        assertThat(open.part().lengthMm()).isGreaterThan(35);
    }

    /** The edge reaches 62 - 17/6 = 59.17 at least, and enters up to 61.7. */
    @ParameterizedTest(name = "set {0}: {1}")
    @CsvSource({"60, 60", "61.7, 61.7", "61.8, ", "59.17, 59.17", "59.1, "})
    void pickFromTheOwnSet(Double own, Double expected) {
        DriverResult r = DriverCheck.check(seal45(null, null, 1.0, null, false, null, own));
        assertThat(r.pickMm()).isEqualTo(expected);
        assertThat(status(r, "own")).isEqualTo(expected == null ? Status.CAUTION : Status.PASS);
    }

    @Test
    void theLargestOfTheSetIsTaken() {
        assertThat(DriverCheck.check(seal45(null, null, 1.0, null, false, null, 58.0, 61.0, 60.0, 64.0))
                        .pickMm())
                .isEqualTo(61);
    }

    /**
     * For every listed seal: the land lies on the outer third, the tool enters or stops on the housing, a wall is left
     * everywhere.
     */
    @Test
    void everyListedSealHasADriver() {
        for (SealSize size : SealSize.all()) {
            for (PressSide side : PressSide.values()) {
                DriverResult r = DriverCheck.check(DriverInputBuilder.builder()
                        .shaftMm(size.shaftMm())
                        .boreMm(size.boreMm())
                        .outsideDiameterMm(size.boreMm())
                        .pressSide(side)
                        .sunkMm(2.0)
                        .shaftInPlace(true)
                        .standsOutMm(12.0)
                        .build());
                assertThat(r.landFromMm())
                        .as(size.words())
                        .isLessThan(r.landToMm())
                        .isGreaterThan(size.shaftMm());
                assertThat(r.outsideMm()).isLessThan(size.boreMm());
                assertThat(status(r, "edge")).as(size.words()).isEqualTo(Status.PASS);
            }
        }
    }

    /** A shaft end 12 mm out of the face stands 12 + 10 from the face of a tool that reaches 10 mm below it. */
    @Test
    void theHollowClearsWhatStandsOutAlsoBelowTheFace() {
        DriverResult sunk = DriverCheck.check(DriverInputBuilder.builder()
                .shaftMm(45.0)
                .boreMm(62.0)
                .outsideDiameterMm(62.0)
                .sunkMm(10.0)
                .shaftInPlace(true)
                .standsOutMm(12.0)
                .build());
        assertThat(sunk.hollowToMm()).as("from the housing's face").isEqualTo(17);
        assertThat(sunk.part().inner().get(sunk.part().inner().size() - 1).toMm())
                .isEqualTo(27);
        assertThat(isThrough(sunk.part())).isFalse();
    }

    @Test
    void refusalsAndImpossibleParts() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> seal45(null, 1.0, 1.0, null, false, null))
                .withMessage("sunkMm: and proudMm cannot both be");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> seal45(null, 1.0, null, true, false, null))
                .withMessageStartingWith("flush: is neither");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TurnedPart(List.of(new Cylinder(0, 10, 20)), List.of(new Cylinder(0, 5, 20))))
                .withMessageStartingWith("No wall is left");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TurnedPart(List.of(new Cylinder(1, 10, 20)), List.of()))
                .withMessageStartingWith("Stretches must join");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TurnedPart(List.of(new Cylinder(0, 10, 20)), List.of(new Cylinder(0, 11, 5))))
                .withMessageStartingWith("A hollow reaches beyond");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TurnedPart(List.of(), List.of()))
                .withMessage("A turned part needs an outside");
    }

    private static boolean isThrough(TurnedPart part) {
        List<TurnedPart.Cylinder> inner = part.inner();
        return !inner.isEmpty() && inner.get(inner.size() - 1).toMm() == part.lengthMm();
    }
}
