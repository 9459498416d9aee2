package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.core.material.Elastomer;
import joropo.core.material.Materials;
import joropo.core.material.ThermalExpansion;
import joropo.core.oring.Sizes.Growth;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of the figures at the ends of the tolerances, cold and hot, and off centre (computed), and what is said
 * to it (guide).
 */
final class EndsRules {
    /** What the sizes are taken at (°C). */
    private static final double ROOM_C = 20;

    private static final long SEED = 14;
    /** Temperatures between coldest and hottest of which a line is drawn. */
    private static final int STEPS = 12;

    private final OringGlandInput in;
    private final GlandUse use;
    private final Fit fit;
    private final Tolerances tolerances;
    private final List<Fit> cold;
    private final List<Fit> hot;

    EndsRules(OringGlandInput in, Fit fit) {
        this.in = in;
        this.use = in.use();
        this.fit = fit;
        tolerances = in.tolerances() == null ? Tolerances.NONE : in.tolerances();
        cold = ends(in.coldestC());
        hot = ends(in.hottestC());
    }

    private List<Fit> ends(@Nullable Double temperatureC) {
        Growth growth = growth(temperatureC);
        return Sizes.ends().stream()
                .map(e -> in.sizes().moved(tolerances.each(), e).grown(growth))
                .map(s -> new Fit(use, s, in.backupsMm()))
                .toList();
    }

    /** None where the material of the ring is not known, since its growth is the most of it. */
    private Growth growth(@Nullable Double temperatureC) {
        if (temperatureC == null || in.material() == null) {
            return Growth.NONE;
        }
        double warmer = temperatureC - ROOM_C;
        Elastomer ring = Materials.LISTED.material(in.material(), "material");
        return new Growth(
                1 + perK(in.partMaterial()) * warmer,
                1 + perK(in.counterMaterial()) * warmer,
                1 + ring.perK() * warmer);
    }

    private static double perK(@Nullable String code) {
        return (code == null ? ThermalExpansion.STEEL : ThermalExpansion.of(code)).perK();
    }

    Band squeeze() {
        return band(
                fit.squeezePercent(),
                cold.stream().map(Fit::squeezePercent),
                hot.stream().map(Fit::squeezePercent));
    }

    Band squeezeFree() {
        return band(
                fit.squeezeFreePercent(),
                cold.stream().map(Fit::squeezeFreePercent),
                hot.stream().map(Fit::squeezeFreePercent));
    }

    /** The most with what it swells. @param swellPercent by volume */
    Band fill(double swellPercent) {
        return band(
                fit.fillPercent(),
                cold.stream().map(Fit::fillPercent),
                hot.stream().map(f -> f.fillPercent() * (1 + swellPercent / 100)));
    }

    private static Band band(double nominal, Stream<Double> least, Stream<Double> most) {
        return new Band(
                nominal,
                least.min(Double::compare).orElse(nominal),
                most.max(Double::compare).orElse(nominal));
    }

    /** Fill of the nominal sizes at the hottest, swollen (%). */
    double hotFillPercent(double swellPercent) {
        return new Fit(use, in.sizes().grown(growth(in.hottestC())), in.backupsMm()).fillPercent()
                * (1 + swellPercent / 100);
    }

    /** The nominal sizes from the coldest to the hottest; none while these or the material are not known. */
    List<AtTemperature> overTemperature(double swellPercent) {
        if (in.coldestC() == null || in.hottestC() == null || in.material() == null) {
            return List.of();
        }
        return IntStream.rangeClosed(0, STEPS)
                .mapToDouble(i -> in.coldestC() + i * (in.hottestC() - in.coldestC()) / STEPS)
                .mapToObj(c -> {
                    Fit at = new Fit(use, in.sizes().grown(growth(c)), in.backupsMm());
                    return new AtTemperature(c, at.squeezePercent(), at.fillPercent() * (1 + swellPercent / 100));
                })
                .toList();
    }

    /** The nominal sizes at a temperature; as they are where the material is not known. */
    Sizes at(double temperatureC) {
        return in.sizes().grown(growth(temperatureC));
    }

    Finding extremes(double swellPercent) {
        String subject = "squeeze and fill over all tolerances, cold and hot";
        Band squeeze = squeeze();
        double leastMm = cold.stream().mapToDouble(Fit::squeezeMm).min().orElseThrow();
        Limits wide = use.squeezeWide();
        List<String> why = new ArrayList<>();
        Status status = Status.PASS;
        if (leastMm < use.leastAnywhereMm() - 1e-9) {
            status = Status.FAIL;
            why.add("At the worst only " + Length.show(leastMm, 2) + " mm of squeeze is left: it leaks.");
        }
        if (wide.margin(squeeze.min()) < -1e-9 || wide.margin(squeeze.max()) < -1e-9) {
            status = status.worse(Status.CAUTION);
            why.add("The squeeze runs from " + Length.show(squeeze.min(), 1) + " to " + Length.show(squeeze.max(), 1)
                    + " %.");
        }
        double full = fill(swellPercent).max();
        if (full > 100 + 1e-9) {
            status = status.worse(Status.CAUTION);
            why.add("The groove may be " + Length.show(full, 0) + " % full.");
        }
        if (!tolerances.isWhole(in.gland())) {
            status = status.worse(Status.MISSING);
            why.add("Not every tolerance is known.");
        }
        if (in.takesToleranceOfList()) {
            why.add("The ring is assumed to be within its list's tolerances.");
        }
        if (in.coldestC() == null || in.hottestC() == null || in.material() == null) {
            status = status.worse(Status.CAUTION);
            why.add("Cold and heat are not counted: " + (in.material() == null ? "the material" : "a temperature")
                    + " is not known.");
        } else if (in.partMaterial() == null || in.gland().isRadial() && in.counterMaterial() == null) {
            why.add("Steel is assumed.");
        }
        return Say.percent(
                Say.guide(
                        "extremes",
                        status,
                        subject,
                        status == Status.PASS && why.isEmpty()
                                ? "It holds wherever the sizes lie."
                                : String.join(" ", why),
                        status == Status.PASS
                                ? ""
                                : status == Status.MISSING
                                        ? "Give the tolerances of all sizes."
                                        : "Closer tolerances, or another groove depth."),
                status == Status.FAIL || squeeze.min() < wide.lower() ? squeeze.min() : squeeze.max(),
                wide);
    }

    /** Off centre by this much (mm); absent where nothing tells. */
    @Nullable
    Double offMm() {
        return in.offsetMm() != null ? in.offsetMm() : in.gapMm() == null ? null : Double.valueOf(in.gapMm() / 2);
    }

    /** Where nothing centres the parts. */
    Optional<Finding> offCentre() {
        if (!in.gland().isRadial()) {
            return Optional.empty();
        }
        String subject = "squeeze off centre";
        Double off = offMm();
        if (off == null) {
            return Optional.of(Finding.missing(
                    "off-centre",
                    subject,
                    "How far the parts can lie off centre is not known.",
                    "Give the largest clearance, or the offset."));
        }
        double least = fit.squeezeOffPercent(off);
        double most = fit.squeezeOffPercent(-off);
        Limits wide = use.squeezeWide();
        boolean out = wide.margin(least) < -1e-9 || wide.margin(most) < -1e-9;
        Status status =
                fit.squeezeMm() - off < use.leastAnywhereMm() - 1e-9 ? Status.FAIL : out ? Status.CAUTION : Status.PASS;
        String figures = Length.show(least, 1) + " % on one side, " + Length.show(most, 1) + " % on the other.";
        return Optional.of(Say.percent(
                Say.guide(
                        "off-centre",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It holds on both sides: " + figures;
                            case CAUTION -> "The parts lie to one side: " + figures;
                            default -> "The parts lie to one side and the ring lets go on the other: " + figures;
                        },
                        status == Status.PASS ? "" : "Guide the parts better, or a thicker section."),
                out && wide.margin(most) < wide.margin(least) ? most : least,
                wide));
    }

    /**
     * Share of rings and grooves outside what is right (%), each size triangular within its tolerance; absent where not
     * every tolerance is known.
     */
    @Nullable
    Double outsidePercent(int draws) {
        if (draws == 0 || !tolerances.isWhole(in.gland())) {
            return null;
        }
        var random = new SplittableRandom(SEED);
        double[] each = tolerances.each();
        double[] shares = new double[each.length];
        int outside = 0;
        for (int i = 0; i < draws; i++) {
            for (int k = 0; k < shares.length; k++) {
                shares[k] = random.nextDouble() + random.nextDouble() - 1;
            }
            if (!new Fit(use, in.sizes().moved(each, shares), in.backupsMm()).isRight()) {
                outside++;
            }
        }
        return 100.0 * outside / draws;
    }
}
