package joropo.core.section;

import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What lies on one side of a seal.
 * @param pressureMpa gauge pressure, absent: 0
 * @param dirt absent: CLEAN, @param level absent: DRY for air and vacuum, else SPLASH
 */
public record Space(Medium medium, @Nullable Dirt dirt, @Nullable Double pressureMpa, @Nullable Level level) {
    private static final double VACUUM_MPA = -0.1;
    private static final double MOST_MPA = 100;

    public Space {
        new Needs().given("medium", medium).optionalBetween("pressureMpa", pressureMpa, VACUUM_MPA, MOST_MPA).done();
        dirt = dirt == null ? Dirt.CLEAN : dirt;
        pressureMpa = pressureMpa == null ? 0 : pressureMpa;
        level = level != null ? level : medium == Medium.AIR || medium == Medium.VACUUM ? Level.DRY : Level.SPLASH;
    }

    /** Whether something is here that runs: a liquid, or water that stands outside. */
    boolean holdsLiquid() {
        return medium.isLiquid() || dirt == Dirt.IMMERSED;
    }

    public String words() {
        return medium.words() + (dirt == Dirt.CLEAN ? "" : ", " + dirt.words());
    }
}
