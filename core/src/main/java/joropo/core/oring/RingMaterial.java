package joropo.core.oring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.FluidClass;
import joropo.core.material.Materials;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Whether the material of a ring stands the fluid, the heat and the cold (guide: the tables of materials and fluids).
 */
public final class RingMaterial {
    /** What a maker made and only its sheet tells of. */
    public static final String BY_MAKER = "OTHER";

    /** Growth by volume for rating 1, 2 and 3 (%, guide). */
    private static final double[] SWELL = {5, 10, 15};

    private static final String DRY = "AIR";
    /** This near its limit a material ages early, or stiffens (K, guide). */
    private static final double NEAR_K = 10;

    private static final int MOST_OFFERED = 5;
    /** What rings for higher pressure are made in (Shore A). */
    private static final int HARD_SHORE = 90;

    private static final String WEARS_LEAST = "AU";

    private final @Nullable Elastomer material;
    private final @Nullable Fluid fluid;
    private final @Nullable Double coldestC;
    private final @Nullable Double hottestC;

    /** @param material code, @param fluid key; each of these absent while not known */
    RingMaterial(
            @Nullable String material, @Nullable String fluid, @Nullable Double coldestC, @Nullable Double hottestC) {
        this.material = material == null ? null : Materials.LISTED.material(material, "material");
        this.fluid = fluid == null ? null : Materials.LISTED.fluid(fluid, "fluid");
        this.coldestC = coldestC;
        this.hottestC = hottestC;
    }

    /** One that would do. @param worst of what is said of it, @param hardnesses in which it is usual (Shore A) */
    public record Offer(String code, Status worst, List<Integer> hardnesses) {}

    /**
     * Those of the table that stand the duty, the best first; none while the fluid is not named. For a lip that rubs
     * along its rod the one of high wear strength goes first among equals (guide, {@code elastomers.csv}).
     */
    public static List<Offer> offers(RingDuty duty, RingSort sort) {
        boolean stiff = sort.isStiff();
        boolean rubs = sort == RingSort.U_CUP || sort == RingSort.WIPER;
        if (duty.fluid() == null) {
            return List.of();
        }
        return Elastomer.all().stream()
                .filter(e -> e.typicalShoreA().isEmpty() == stiff)
                .map(e -> offer(e, duty))
                .filter(o -> o.worst() != Status.FAIL)
                .sorted(Comparator.comparing(Offer::worst)
                        .reversed()
                        .thenComparing(o -> !rubs || !o.code().equals(WEARS_LEAST)))
                .limit(MOST_OFFERED)
                .toList();
    }

    private static Offer offer(Elastomer e, RingDuty duty) {
        return new Offer(
                e.code(),
                Finding.worst(
                        new RingMaterial(e.code(), duty.fluid(), duty.coldestC(), duty.hottestC()).findings(duty)),
                e.typicalShoreA().stream()
                        .flatMap(h -> h < HARD_SHORE ? Stream.of(h, HARD_SHORE) : Stream.of(h))
                        .toList());
    }

    /** All that a material has to stand in this duty. */
    List<Finding> findings(RingDuty duty) {
        List<Finding> out = new ArrayList<>(List.of(inFluid(), temperature(), cleaner(duty.cleaner())));
        food(duty.food()).ifPresent(out::add);
        return out;
    }

    @Nullable
    Fluid fluid() {
        return fluid;
    }

    boolean isKnown() {
        return material != null;
    }

    private Optional<Integer> rating() {
        return material == null || fluid == null ? Optional.empty() : fluid.rating(material);
    }

    boolean isDestroyed() {
        return rating().filter(r -> r == Fluid.UNSUITABLE).isPresent();
    }

    /** Whether what it swells is known. */
    boolean isSwellKnown() {
        return material != null
                && fluid != null
                && (rating().isPresent() || fluid.key().equals(DRY));
    }

    /** Growth by volume that is counted (%); 0 while nothing tells. */
    double swellPercent() {
        return fluid != null && fluid.key().equals(DRY)
                ? 0
                : rating().filter(r -> r <= SWELL.length).map(r -> SWELL[r - 1]).orElse(0.0);
    }

    Finding inFluid() {
        String subject = "material in the fluid";
        if (material == null) {
            return Finding.missing(
                    "material",
                    subject,
                    "The material of the ring is not known.",
                    "Read its bag; colour tells nothing.");
        }
        if (fluid == null) {
            return Finding.missing("material", subject, "The fluid is not named.", "Name what it seals.");
        }
        return rated("material", subject, fluid, "Another material.");
    }

    private Finding rated(String id, String subject, Fluid what, String remedy) {
        Optional<Integer> rating = what.rating(material);
        if (rating.isEmpty()) {
            return Finding.missing(
                    id, subject, material.code() + " has no rating in " + what.name() + ".", "Ask its maker.");
        }
        String in = material.code() + " in " + what.name();
        return switch (rating.get()) {
            case 1 -> Say.guide(id, Status.PASS, subject, in + " is suitable.", "");
            case Fluid.CONDITIONS ->
                Say.guide(
                        id,
                        Status.CAUTION,
                        subject,
                        in + " under conditions" + (what.note().isEmpty() ? "." : ": " + what.note() + "."),
                        "Ask its maker.");
            case Fluid.DOUBTFUL ->
                Say.guide(id, Status.CAUTION, subject, in + " is doubtful.", "Only with its maker's written yes.");
            default -> Say.guide(id, Status.FAIL, subject, in + ": it does not stand it.", remedy);
        };
    }

    /** What parts are cleaned with reaches every ring that stays. @param cleaner key, absent: not known */
    private Finding cleaner(@Nullable String cleaner) {
        String subject = "cleaner on the ring";
        if (cleaner == null) {
            return Say.guide(
                    "cleaner",
                    Status.CAUTION,
                    subject,
                    "What the parts are cleaned with is not named.",
                    "No solvent reaches a ring.");
        }
        Fluid with = Materials.LISTED.fluid(cleaner, "cleaner");
        if (material == null) {
            return Finding.missing("cleaner", subject, "The material of the ring is not known.", "Read its bag.");
        }
        Finding rated = rated("cleaner", subject, with, "Another cleaner, or only where no ring stays.");
        return with.rating(material).filter(r -> r == Fluid.DOUBTFUL).isPresent()
                ? Say.guide(
                        "cleaner",
                        Status.FAIL,
                        subject,
                        rated.message(),
                        "Another cleaner, or only where no ring stays.")
                : rated;
    }

    /** @param food whether it touches food or drinking water */
    private Optional<Finding> food(boolean food) {
        if (!food) {
            return Optional.empty();
        }
        String subject = "food or drinking water";
        boolean made = material == null || material.isMadeForFood();
        return Optional.of(Say.guide(
                "food",
                made ? Status.CAUTION : Status.FAIL,
                subject,
                made
                        ? "Only a compound that is approved for it, with its certificate kept, and a lubricant of food "
                                + "grade."
                        : material.code() + " is not made for food or drinking water.",
                made ? "Keep the certificate with the record." : "NBR, EPDM, FKM or VMQ, approved for it."));
    }

    Finding temperature() {
        String subject = "temperature of the ring";
        if (material == null) {
            return Finding.missing("temperature", subject, "The material is not known.", "Read its bag.");
        }
        List<String> why = new ArrayList<>();
        Status status = Status.PASS;
        FluidClass.Hottest inFluid = (fluid == null ? FluidClass.AIR : fluid.temperatureClass()).hottest(material);
        double hottest = Math.min(inFluid.hottestC(), material.maxC());
        if (hottestC != null && hottestC > hottest - NEAR_K + 1e-9) {
            boolean above = hottestC > hottest + 1e-9;
            status = status.worse(above ? Status.FAIL : Status.CAUTION);
            why.add(material.code() + " stands " + degrees(hottest) + (fluid == null ? " in air" : "")
                    + (above ? "." : ": within 10 K of it."));
        }
        if (coldestC != null && coldestC < material.minC() + NEAR_K - 1e-9) {
            boolean below = coldestC < material.minC() - 1e-9;
            status = status.worse(below ? Status.FAIL : Status.CAUTION);
            why.add(material.code() + " is stiff below " + degrees(material.minC())
                    + (below ? ": it does not follow, and leaks." : ": within 10 K of it."));
        }
        if (fluid == null) {
            status = status.worse(Status.CAUTION);
            why.add("Judged as in air: the fluid is not named.");
        } else if (inFluid.doubt() != null) {
            status = status.worse(Status.CAUTION);
            why.add("For " + fluid.name() + " " + inFluid.doubt() + ".");
        }
        if (hottestC == null || coldestC == null) {
            status = status.worse(Status.MISSING);
            why.add((hottestC == null ? "The hottest" : "The coldest") + " is not known.");
        }
        return Say.guide(
                "temperature",
                status,
                subject,
                why.isEmpty() ? "It stays soft when cold and lasts when warm." : String.join(" ", why),
                status == Status.FAIL
                        ? "Another material."
                        : status == Status.MISSING ? "Say the coldest start and the hottest run." : "");
    }

    private static String degrees(double c) {
        return Length.show(c, 0) + " °C";
    }
}
