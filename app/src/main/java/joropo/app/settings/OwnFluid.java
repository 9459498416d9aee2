package joropo.app.settings;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.core.material.Fluid;
import org.jspecify.annotations.Nullable;

/**
 * A fluid of the works.
 *
 * @param code as on a sheet, @param likeFluid listed fluid whose class and ratings hold where nothing else is said
 * @param ratings the maker's own ratings, such as {@code NBR:2 FKM:1}, empty when none, @param document where they are
 *     written
 */
public record OwnFluid(
        long id,
        String code,
        String name,
        String likeFluid,
        String ratings,
        String document,
        @Nullable String withdrawnWhy) {
    /** @throws joropo.core.units.RefusedInput when it is like no listed fluid, or a rating is none */
    Fluid fluid() {
        Fluid like = Fluid.of(likeFluid);
        Map<String, Integer> all = new LinkedHashMap<>(like.ratings());
        Arrays.stream(ratings.split(" "))
                .filter(r -> !r.isBlank())
                .map(r -> r.split(":"))
                .forEach(r -> all.put(r[0], Integer.valueOf(r[1])));
        return new Fluid(
                code,
                name,
                like.temperatureClass(),
                all,
                document.isBlank() ? "own fluid, unproved: no document" : document);
    }
}
