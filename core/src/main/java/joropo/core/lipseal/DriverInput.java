package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.core.section.Mount;
import joropo.core.sizes.SealSize;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What a seal is to be driven in with; mm.
 *
 * @param outsideDiameterMm of the seal, nominal, @param pressSide side of the seal that is towards the tool, absent:
 *     CLOSED
 * @param proudMm how far the seal stands out of the housing when home, or @param sunkMm how far below its face,
 *     or @param flush with it
 * @param mount absent: BORE, @param shaftInPlace whether the shaft's end passes through the seal while it is driven
 * @param standsOutMm how far shaft end, dowels or studs stand out of the housing's face, @param availableMm diameters
 *     of the shop's own plain discs, or @param available its drivers with their forms
 */
@RecordBuilder
public record DriverInput(
        Double shaftMm,
        Double boreMm,
        Double outsideDiameterMm,
        @Nullable PressSide pressSide,
        @Nullable Double proudMm,
        @Nullable Double sunkMm,
        @Nullable Boolean flush,
        @Nullable Boolean shaftInPlace,
        @Nullable Double standsOutMm,
        @Nullable Mount mount,
        @Nullable List<Double> availableMm,
        @Nullable List<OwnDriver> available) {
    private static final int MOST_OWN = 500;
    /** No ring seal is narrower across both sides (mm, guide): nothing would be left of a driver. */
    private static final double NARROWEST_MM = 4;

    /** Side of the seal towards the tool. */
    public enum PressSide {
        CLOSED,
        OPEN
    }

    public DriverInput {
        new Needs()
                .size("shaftMm", shaftMm)
                .size("boreMm", boreMm)
                .size("outsideDiameterMm", outsideDiameterMm)
                .that(
                        "boreMm",
                        shaftMm == null || boreMm == null || boreMm > shaftMm,
                        "must be above the shaft, got " + boreMm)
                .that(
                        "outsideDiameterMm",
                        shaftMm == null || outsideDiameterMm == null || outsideDiameterMm > shaftMm,
                        "must be above the shaft, got " + outsideDiameterMm)
                .that(
                        "outsideDiameterMm",
                        shaftMm == null
                                || outsideDiameterMm == null
                                || outsideDiameterMm <= shaftMm
                                || outsideDiameterMm >= shaftMm + NARROWEST_MM,
                        "leaves a ring too narrow for a driver: " + outsideDiameterMm + " over " + shaftMm)
                .that(
                        "outsideDiameterMm",
                        boreMm == null
                                || outsideDiameterMm == null
                                || SealSize.belongs(SealSize.BORE_LESS_NOMINAL_MM, boreMm, outsideDiameterMm),
                        "is no seal of this bore: " + outsideDiameterMm + " in " + boreMm)
                .optionalNotNegative("proudMm", proudMm)
                .optionalNotNegative("sunkMm", sunkMm)
                .optionalNotNegative("standsOutMm", standsOutMm)
                .that("sunkMm", proudMm == null || sunkMm == null, "and proudMm cannot both be")
                .that(
                        "flush",
                        !Boolean.TRUE.equals(flush) || zero(proudMm) && zero(sunkMm),
                        "is neither proud nor sunk")
                .that(
                        "availableMm",
                        availableMm == null || availableMm.stream().allMatch(a -> a != null && a > 0),
                        "must each be above 0")
                .that(
                        "available",
                        available == null
                                || available.stream().allMatch(Objects::nonNull) && available.size() <= MOST_OWN,
                        "has an empty one, or more than " + MOST_OWN)
                .that("availableMm", availableMm == null || availableMm.size() <= MOST_OWN, "has more than " + MOST_OWN)
                .done();
        availableMm = availableMm == null ? List.of() : List.copyOf(availableMm);
        available = available == null ? List.of() : List.copyOf(available);
    }

    /** Whether the case grips the shaft and the lip runs in the housing; where nobody says, it grips the bore. */
    boolean isOnShaft() {
        return mount == Mount.SHAFT;
    }

    /** Whether the open side is towards the tool; where nobody says, the closed one is. */
    boolean isOpenSide() {
        return pressSide == PressSide.OPEN;
    }

    /** The shop's own set, plain discs among it. */
    List<OwnDriver> own() {
        return Stream.concat(availableMm.stream().map(OwnDriver::disc), available.stream())
                .toList();
    }

    private static boolean zero(@Nullable Double mm) {
        return mm == null || mm == 0;
    }

    /** A seal this near the face is flush with it (mm, guide). */
    private static final double FLUSH_MM = 0.005;

    /** For a seal whose outer face stands this far below the face of the housing. @param depthMm negative: proud */
    public static DriverInputBuilder atDepth(double depthMm) {
        return DriverInputBuilder.builder()
                .proudMm(depthMm < -FLUSH_MM ? Double.valueOf(-depthMm) : null)
                .sunkMm(depthMm > FLUSH_MM ? Double.valueOf(depthMm) : null)
                .flush(Math.abs(depthMm) <= FLUSH_MM);
    }

    boolean isFlush() {
        return Boolean.TRUE.equals(flush) || proudMm != null && proudMm == 0 || sunkMm != null && sunkMm == 0;
    }
}
