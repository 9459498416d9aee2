package joropo.core.material;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Seal materials and fluids of the tables together with the works' own ones; an own one of the same code goes first.
 */
public record Materials(List<Elastomer> ownMaterials, List<Fluid> ownFluids) {
    public static final Materials LISTED = new Materials(List.of(), List.of());

    /** @throws RefusedInput when an own material is based on none that is listed */
    public static Materials with(@Nullable List<Elastomer> ownMaterials, @Nullable List<Fluid> ownFluids) {
        if (ownMaterials != null) {
            ownMaterials.stream()
                    .filter(m -> Elastomer.listed(m.family()).isEmpty())
                    .findFirst()
                    .ifPresent(m -> {
                        throw new RefusedInput(
                                "ownMaterials",
                                "'" + m.family() + "' is no listed material that " + m.code() + " could be based on");
                    });
        }
        return new Materials(
                ownMaterials == null ? List.of() : List.copyOf(ownMaterials),
                ownFluids == null ? List.of() : List.copyOf(ownFluids));
    }

    /** Every material, own ones first. */
    public List<Elastomer> materials() {
        return Stream.concat(ownMaterials.stream(), Elastomer.all().stream().filter(e -> ownMaterials.stream()
                        .noneMatch(o -> o.code().equals(e.code()))))
                .toList();
    }

    /** @throws RefusedInput when neither the works nor the table knows it */
    public Elastomer material(String code, String field) {
        return ownMaterials.stream()
                .filter(m -> m.code().equals(code))
                .findFirst()
                .or(() -> Elastomer.listed(code))
                .orElseThrow(() -> new RefusedInput(
                        field,
                        "'" + code + "' is no seal material; known are "
                                + materials().stream().map(Elastomer::code).collect(Collectors.joining(", "))));
    }

    /** @throws RefusedInput when neither the works nor the table knows it */
    public Fluid fluid(String key, String field) {
        return ownFluids.stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .or(() -> Fluid.listed(key))
                .orElseThrow(() -> new RefusedInput(
                        field,
                        "'" + key + "' is no fluid; known are "
                                + Stream.concat(ownFluids.stream(), Fluid.all().stream())
                                        .map(Fluid::key)
                                        .collect(Collectors.joining(", "))));
    }
}
