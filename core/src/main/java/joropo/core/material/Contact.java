package joropo.core.material;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What touches a seal on one side: one named fluid, or the fluids that a bare medium may be, of which the worst counts
 * (guide).
 *
 * @param fluids empty for air, for vacuum, and where the medium alone says nothing
 * @param assumed whether the fluids were only assumed from the medium
 * @param unknown whether a fluid has to be named before anything can be said
 */
public record Contact(Medium medium, List<Fluid> fluids, boolean assumed, boolean unknown) {
    /** Up to here water is the cold one (°C, guide). */
    private static final double COLD_WATER_C = 40;

    /**
     * @param fluidKey the named fluid, @param field its field, for a refusal, @param lipC temperature at the lip (°C)
     */
    public static Contact of(Medium medium, @Nullable String fluidKey, String field, double lipC, Materials materials) {
        if (fluidKey != null) {
            return new Contact(medium, List.of(materials.fluid(fluidKey, field)), false, false);
        }
        List<String> keys =
                switch (medium) {
                    case OIL -> List.of("HLP_OIL", "EP_GEAR_OIL");
                    case GREASE -> List.of("MINERAL_GREASE");
                    case WATER -> List.of(lipC <= COLD_WATER_C ? "WATER_COLD" : "WATER_HOT");
                    case FUEL -> List.of("DIESEL", "PETROL");
                    case STEAM -> List.of("STEAM_150");
                    case AIR, VACUUM, PRODUCT, REFRIGERANT -> List.of();
                };
        return new Contact(
                medium,
                keys.stream().map(Fluid::of).toList(),
                !keys.isEmpty(),
                medium == Medium.PRODUCT || medium == Medium.REFRIGERANT);
    }

    /** The worst rating of a material here; empty where nobody rated it, or nothing has to be stood. */
    public Optional<Integer> rating(Elastomer material) {
        return fluids.stream().flatMap(f -> f.rating(material).stream()).max(Integer::compare);
    }

    /** Whether a fluid here has no rating for a material. */
    public boolean isUnrated(Elastomer material) {
        return fluids.stream().anyMatch(f -> f.rating(material).isEmpty());
    }

    /** In words, such as "mineral hydraulic oil HLP or EP gear oil". */
    public String words() {
        return fluids.isEmpty()
                ? medium.words()
                : fluids.stream().map(Fluid::name).collect(Collectors.joining(" or "));
    }
}
