package joropo.app.settings;

import joropo.core.material.Elastomer;
import org.jspecify.annotations.Nullable;

/**
 * A compound that the works uses.
 *
 * @param family listed material it is based on, @param minC, @param maxC its own limits (°C), @param document where
 *     they are written
 */
public record OwnMaterial(
        long id,
        String code,
        String name,
        String family,
        double minC,
        double maxC,
        String document,
        @Nullable String withdrawnWhy) {
    /** @throws joropo.core.units.RefusedInput when its limits cannot be, or its family is not listed */
    Elastomer material() {
        return new Elastomer(
                code,
                Elastomer.of(family).code(),
                name,
                minC,
                maxC,
                Elastomer.of(family).cautions());
    }
}
