package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What is decided of one ring of a joint beside its gland (guide): its material and that of its loader, its way round,
 * its maker's groove, the gap behind it where no gland judges that.
 *
 * @param material code, {@link RingMaterial#BY_MAKER}, or absent; so is that of the loader
 * @param gapMm largest diametral clearance as it can come, @param cordInsideMm inside of a joined cord
 * @param grooveMm its groove's diameter as measured, absent: not
 */
@RecordBuilder
public record RingJoint(
        RingSort sort,
        @Nullable RingMotion motion,
        RingDuty duty,
        WayRound way,
        MakerGroove maker,
        @Nullable String material,
        @Nullable String loaderMaterial,
        @Nullable Double hardnessShoreA,
        @Nullable Double gapMm,
        @Nullable Double cordInsideMm,
        @Nullable Double grooveMm,
        @Nullable Double widthMm) {
    /** Least inside of a joined cord (mm, guide). */
    private static final double CORD_LEAST_MM = 25;

    public List<Finding> findings() {
        List<Finding> out = new ArrayList<>();
        if (sort.isFaced()) {
            out.add(way.finding());
        }
        if (sort.isByMaker()) {
            out.add(maker.finding(sort, grooveMm, widthMm));
        }
        materials(out);
        if (sort == RingSort.U_CUP) {
            out.add(heelGap());
        }
        joined().ifPresent(out::add);
        return out;
    }

    /** Of a ring in a gland fluid, heat and cold are judged there. */
    private void materials(List<Finding> out) {
        RingMaterial ring = material(material);
        if (sort.isElastic()) {
            out.addAll(ring.findings(duty).stream()
                    .filter(f -> f.id().equals("cleaner") || f.id().equals("food"))
                    .toList());
            return;
        }
        if (RingMaterial.BY_MAKER.equals(material)) {
            out.add(Say.guide(
                    "material",
                    Status.CAUTION,
                    "material of the " + sort.words(),
                    "Whether its material stands the fluid, the heat and the cold is not judged here.",
                    "Ask its maker."));
        } else {
            out.addAll(ring.findings(duty));
        }
        if (sort == RingSort.SLIDE) {
            material(loaderMaterial).findings(duty).forEach(f -> out.add(f.ofItem("loader-", "loader")));
        }
    }

    private RingMaterial material(@Nullable String code) {
        return new RingMaterial(
                RingMaterial.BY_MAKER.equals(code) ? null : code, duty.fluid(), duty.coldestC(), duty.hottestC());
    }

    /** Behind the heel of a U-cup, by the same curve as behind an O-ring. */
    private Finding heelGap() {
        return new ExtrusionRules(ExtrusionRulesLoadBuilder.builder()
                        .pressureMpa(duty.pressureMpa())
                        .pressureTurns(duty.pressureTurns())
                        .hardnessShoreA(hardnessShoreA)
                        .material(RingMaterial.BY_MAKER.equals(material) ? null : material)
                        .gapMm(gapMm)
                        .fluid(duty.fluid())
                        .build())
                .extrusion()
                .withId("heel-gap");
    }

    /** Of a joined cord; nothing of another ring. */
    private Optional<Finding> joined() {
        if (sort != RingSort.CORD) {
            return Optional.empty();
        }
        String subject = "joined cord";
        boolean moves = motion != null && motion != RingMotion.STATIC;
        boolean small = cordInsideMm != null && cordInsideMm < CORD_LEAST_MM - 1e-9;
        if (moves || small) {
            return Optional.of(Say.guide(
                    "joined",
                    Status.FAIL,
                    subject,
                    moves ? "A joint in a ring that moves opens." : "Under 25 mm inside a joint is stiff and leaks.",
                    "A moulded ring."));
        }
        return Optional.of(
                motion == null || cordInsideMm == null
                        ? Finding.missing(
                                "joined",
                                subject,
                                motion == null
                                        ? "Whether the parts move is not known."
                                        : "The inside of the ring is not known.",
                                "A joined cord is for parts that lie still, and 25 mm inside at least.")
                        : Say.guide("joined", Status.PASS, subject, "Large enough, and it lies still.", ""));
    }

    /** How long the cord of such a ring is cut: round its mean diameter (mm). */
    public static double cordMm(double insideMm, double sectionMm) {
        return Length.snap(Math.PI * (insideMm + sectionMm));
    }
}
