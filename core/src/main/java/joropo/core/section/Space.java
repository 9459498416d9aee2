package joropo.core.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What lies on one side of a seal.
 *
 * @param fluid key of the fluid table, absent: not named, @param dirt absent: CLEAN, @param pressureMpa gauge pressure,
 *     absent: 0
 * @param pulsing whether the pressure pulses, @param level absent: DRY for air and vacuum, else SPLASH
 * @param greaseFeed absent: NONE, @param vented whether it is vented or drained, @param amountMl of one shot, where it
 *     is metered
 */
@RecordBuilder
public record Space(
        Medium medium,
        @Nullable String fluid,
        @Nullable Dirt dirt,
        @Nullable Double pressureMpa,
        @Nullable Boolean pulsing,
        @Nullable Level level,
        @Nullable GreaseFeed greaseFeed,
        @Nullable Boolean vented,
        @Nullable Double amountMl) {
    private static final double VACUUM_MPA = -0.1;
    private static final double MOST_MPA = 100;

    public Space {
        new Needs()
                .given("medium", medium)
                .optionalBetween("pressureMpa", pressureMpa, VACUUM_MPA, MOST_MPA)
                .optionalNotNegative("amountMl", amountMl)
                .done();
        dirt = dirt == null ? Dirt.CLEAN : dirt;
        pressureMpa = pressureMpa == null ? 0 : pressureMpa;
        pulsing = Boolean.TRUE.equals(pulsing);
        level = level != null ? level : medium == Medium.AIR || medium == Medium.VACUUM ? Level.DRY : Level.SPLASH;
        greaseFeed = greaseFeed == null ? GreaseFeed.NONE : greaseFeed;
        vented = Boolean.TRUE.equals(vented);
    }

    /** A space that is neither fed nor vented. */
    public Space(Medium medium, @Nullable Dirt dirt, @Nullable Double pressureMpa, @Nullable Level level) {
        this(medium, null, dirt, pressureMpa, null, level, null, null, null);
    }

    /** Whether the same stands in both, as far as it was named. */
    boolean isSameAs(Space other) {
        return stands() == other.stands() && (fluid == null || other.fluid == null || fluid.equals(other.fluid));
    }

    /** Whether grease is pumped into it. */
    boolean isFed() {
        return medium == Medium.GREASE && greaseFeed != GreaseFeed.NONE;
    }

    /** Whether there is nothing in it that a lip would have to keep. */
    boolean isEmpty() {
        return (medium == Medium.AIR || medium == Medium.VACUUM) && dirt != Dirt.IMMERSED;
    }

    /** Whether something is here that runs: a liquid, or water that stands outside. */
    boolean holdsLiquid() {
        return medium.isLiquid() || dirt == Dirt.IMMERSED;
    }

    /** What stands here: water where the place is immersed. */
    Medium stands() {
        return dirt == Dirt.IMMERSED && !medium.isLiquid() ? Medium.WATER : medium;
    }

    /** The same space with medium, dirt and pressure as another reading of it has them. */
    Space read(Space reading) {
        return SpaceBuilder.builder()
                .medium(reading.medium)
                .fluid(reading.fluid == null ? fluid : reading.fluid)
                .dirt(reading.dirt)
                .pressureMpa(reading.pressureMpa)
                .pulsing(pulsing)
                .level(reading.medium == medium ? level : reading.level)
                .greaseFeed(greaseFeed)
                .vented(vented)
                .amountMl(amountMl)
                .build();
    }

    public String words() {
        return medium.words() + (dirt == Dirt.CLEAN ? "" : ", " + dirt.words());
    }
}
