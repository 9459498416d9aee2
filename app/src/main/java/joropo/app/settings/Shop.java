package joropo.app.settings;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.app.ui.Field.Own;
import joropo.core.lipseal.Practice;
import joropo.core.material.Materials;
import joropo.core.readings.Gauge;
import org.jspecify.annotations.Nullable;

/**
 * A workshop as its settings describe it. What was withdrawn is still known to the sheets that name it, but not offered
 * any more.
 *
 * @param passwordAtSigning whether who signs says once more who they are, @param today the day that due dates are
 *     looked at on
 */
public record Shop(
        Practice practice,
        List<OwnGauge> gauges,
        List<OwnDriver> drivers,
        List<OwnFluid> fluids,
        List<OwnMaterial> materials,
        boolean passwordAtSigning,
        LocalDate today)
        implements Field.ShopLists {
    /** A workshop with nothing of its own. */
    public static Shop bare(LocalDate today) {
        return new Shop(Practice.ISO, List.of(), List.of(), List.of(), List.of(), true, today);
    }

    @Override
    public List<Choice> of(Own own) {
        return choices(own, why -> why == null);
    }

    @Override
    public List<Choice> gone(Own own) {
        return choices(own, why -> why != null);
    }

    private List<Choice> choices(Own own, Predicate<@Nullable String> withdrawn) {
        return switch (own) {
            case SHAFT_GAUGES -> gauges(Gauge.Use.SHAFT, withdrawn);
            case BORE_GAUGES -> gauges(Gauge.Use.BORE, withdrawn);
            case DEPTH_GAUGES -> gauges(Gauge.Use.DEPTH, withdrawn);
            case GAUGES ->
                gauges.stream()
                        .filter(g -> withdrawn.test(g.withdrawnWhy())
                                && (g.kind().serves(Gauge.Use.SHAFT) || g.kind().serves(Gauge.Use.BORE)))
                        .map(g -> new Choice(g.code(), g.name()))
                        .toList();
            case FLUIDS ->
                fluids.stream()
                        .filter(f -> withdrawn.test(f.withdrawnWhy()))
                        .map(f -> new Choice(f.code(), f.name()))
                        .toList();
            case MATERIALS ->
                materials.stream()
                        .filter(m -> withdrawn.test(m.withdrawnWhy()))
                        .map(m -> new Choice(m.code(), m.code() + ", " + m.name()))
                        .toList();
        };
    }

    private List<Choice> gauges(Gauge.Use use, Predicate<@Nullable String> withdrawn) {
        return gauges.stream()
                .filter(g -> withdrawn.test(g.withdrawnWhy()) && g.kind().serves(use))
                .map(g -> new Choice(g.code(), g.name()))
                .toList();
    }

    /** The gauge that a sheet names; absent when it names none that there is. */
    public @Nullable ShopGauge gauge(@Nullable String code) {
        Optional<ShopGauge> own = gauges.stream()
                .filter(g -> g.code().equals(code))
                .findFirst()
                .map(g -> new ShopGauge(g.name(), g.kind(), g.uncertaintyMm(), g.dueOn()));
        return own.or(() -> Arrays.stream(Gauge.values())
                        .filter(g -> g.name().equals(code))
                        .findFirst()
                        .map(g -> new ShopGauge(g.words(), g, null, null)))
                .orElse(null);
    }

    /** The set (mm), and what was made for this position; absent: the set alone. */
    public List<Double> driversFor(@Nullable Long positionId) {
        return drivers.stream()
                .filter(d -> d.withdrawnWhy() == null
                        && (d.positionId() == null || d.positionId().equals(positionId)))
                .map(OwnDriver::outsideMm)
                .toList();
    }

    /**
     * Seal materials and fluids, the own ones among them. @param inUse codes that count though they were withdrawn,
     * since a sheet names them
     */
    public Materials seals(@Nullable String... inUse) {
        List<String> named = Arrays.asList(inUse);
        return Materials.with(
                materials.stream()
                        .filter(m -> m.withdrawnWhy() == null || named.contains(m.code()))
                        .map(OwnMaterial::material)
                        .toList(),
                fluids.stream()
                        .filter(f -> f.withdrawnWhy() == null || named.contains(f.code()))
                        .map(OwnFluid::fluid)
                        .toList());
    }
}
