package joropo.core.lipseal;

import joropo.core.material.Medium;

/** What is taken where nothing else is said (guide); whoever takes it says so beside the result. */
public final class UsualDuty {
    /** Coldest start of a machine under a roof (°C). */
    public static final double COLDEST_C = 0;

    private static final double SUMP_C = 70;
    private static final double STEAM_C = 150;

    private UsualDuty() {}

    /** Temperature of what stands at the seal (°C). */
    public static double sumpC(Medium medium) {
        return medium == Medium.STEAM ? STEAM_C : SUMP_C;
    }

    public static Wetting wetting(Medium medium) {
        return switch (medium) {
            case GREASE -> Wetting.GREASE;
            case AIR, VACUUM, STEAM -> Wetting.POOR;
            default -> Wetting.SPLASH;
        };
    }
}
