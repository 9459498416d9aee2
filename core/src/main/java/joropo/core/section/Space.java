package joropo.core.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import joropo.core.material.Dirt;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What lies on one side of a seal. What is left out counts as usual, and the rules name it as assumed.
 *
 * @param fluid key of the fluid table, absent: not named, @param dirt absent: CLEAN, @param pressureMpa gauge pressure,
 *     absent: not known; 0 is taken, but never for a vacuum
 * @param pulsing whether the pressure pulses, @param level absent: DRY for air and vacuum, else SPLASH
 * @param greaseFeed absent: NONE, @param vented whether it is vented or drained, @param amountMl of one shot, where it
 *     is metered
 * @param mayTakeGrease why old grease may lie here, or that it may; absent: it may not
 * @param mediumAssumed whether nobody has said what lies here, so that no rule may rest on its medium; absent: somebody
 *     has
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
        @Nullable Double amountMl,
        @Nullable String mayTakeGrease,
        @Nullable Boolean mediumAssumed) {
    private static final double VACUUM_MPA = -0.1;
    private static final double MOST_MPA = 100;
    /** A pressure that pulses wears as this much of its figure (guide). */
    private static final double PULSING = 1.5;

    public Space {
        new Needs()
                .given("medium", medium)
                .that("fluid", fluid == null || Fluid.isListed(fluid), "is no fluid of the table, got " + fluid)
                .optionalBetween("pressureMpa", pressureMpa, VACUUM_MPA, MOST_MPA)
                .optionalNotNegative("amountMl", amountMl)
                .done();
    }

    /** A space that is neither fed nor vented. */
    public Space(Medium medium, @Nullable Dirt dirt, @Nullable Double pressureMpa, @Nullable Level level) {
        this(medium, null, dirt, pressureMpa, null, level, null, null, null, null, null);
    }

    /** Between two seals while nobody has said what lies there. */
    public static Space unsaid() {
        return SpaceBuilder.builder()
                .medium(Medium.GREASE)
                .level(Level.PARTIAL)
                .mediumAssumed(true)
                .build();
    }

    /** Whether its medium was never said. */
    public boolean nobodySaid() {
        return Boolean.TRUE.equals(mediumAssumed);
    }

    @Override
    public Dirt dirt() {
        return dirt == null ? Dirt.CLEAN : dirt;
    }

    boolean dirtIsAssumed() {
        return dirt == null;
    }

    @Override
    public Boolean pulsing() {
        return Boolean.TRUE.equals(pulsing);
    }

    @Override
    public Level level() {
        return level != null ? level : medium == Medium.AIR || medium == Medium.VACUUM ? Level.DRY : Level.SPLASH;
    }

    boolean levelIsAssumed() {
        return level == null && medium != Medium.AIR && medium != Medium.VACUUM;
    }

    @Override
    public GreaseFeed greaseFeed() {
        return greaseFeed == null ? GreaseFeed.NONE : greaseFeed;
    }

    boolean feedIsAssumed() {
        return greaseFeed == null && medium == Medium.GREASE;
    }

    @Override
    public Boolean vented() {
        return Boolean.TRUE.equals(vented);
    }

    /** Gauge pressure (MPa), 0 where none is known. */
    public double mpa() {
        return pressureMpa == null ? 0 : pressureMpa;
    }

    /** What the pressure counts as against a lip's limit (MPa): more than its figure where it pulses. */
    double countedMpa() {
        return pulsing() ? PULSING * mpa() : mpa();
    }

    /** Whether nothing can be taken for the pressure: a vacuum is one by its figure only. */
    boolean pressureIsMissing() {
        return pressureMpa == null && medium == Medium.VACUUM;
    }

    /** Whether another thing stands here. UNKNOWN where only one of the two is named. */
    Unlike unlike(Space other) {
        if (stands() != other.stands()) {
            return Unlike.YES;
        }
        if (Objects.equals(fluid, other.fluid)) {
            return Unlike.NO;
        }
        return fluid == null || other.fluid == null ? Unlike.UNKNOWN : Unlike.YES;
    }

    enum Unlike {
        YES,
        NO,
        UNKNOWN
    }

    /** Whether grease is pumped into it; into a liquid nobody does. */
    boolean isFed() {
        return greaseFeed() != GreaseFeed.NONE && !medium.isLiquid();
    }

    /** Whether there is nothing in it that a lip would have to keep. */
    boolean isEmpty() {
        return (medium == Medium.AIR || medium == Medium.VACUUM) && dirt != Dirt.IMMERSED && !isFed();
    }

    /** Whether something is here that runs: a liquid, or water that stands outside. */
    boolean holdsLiquid() {
        return stands().isLiquid();
    }

    /** What stands here: water where the place is immersed, grease where it is pumped in. */
    Medium stands() {
        return dirt == Dirt.IMMERSED && !medium.isLiquid() ? Medium.WATER : isFed() ? Medium.GREASE : medium;
    }

    /** The same space with medium, dirt and pressure as another reading of it has them, where somebody said it. */
    Space read(Space reading) {
        if (reading.nobodySaid()) {
            return this;
        }
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
                .mayTakeGrease(mayTakeGrease)
                .build();
    }

    public String words() {
        return (nobodySaid() ? "not said" : medium.words()) + (dirt() == Dirt.CLEAN ? "" : ", " + dirt().words());
    }

    /** Two spaces are the same where they count the same, whether a figure was given or taken. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Space s
                && medium == s.medium
                && Objects.equals(fluid, s.fluid)
                && dirt() == s.dirt()
                && Objects.equals(pressureMpa, s.pressureMpa)
                && pulsing().equals(s.pulsing())
                && level() == s.level()
                && greaseFeed() == s.greaseFeed()
                && vented().equals(s.vented())
                && Objects.equals(amountMl, s.amountMl)
                && Objects.equals(mayTakeGrease, s.mayTakeGrease)
                && nobodySaid() == s.nobodySaid();
    }

    @Override
    public int hashCode() {
        return Objects.hash(medium, fluid, dirt(), pressureMpa, level(), greaseFeed());
    }
}
