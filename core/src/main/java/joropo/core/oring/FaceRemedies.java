package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.oring.CounterfaceResult.Offer;
import joropo.core.oring.CounterfaceResult.Remedy;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What makes a face good again, each with its condition (guide). */
final class FaceRemedies {
    /** Honing takes this much more than the score is deep, on the diameter (mm). */
    private static final double CLEAN_UP_MM = 0.05;
    /** Honed bores are made in such steps (mm). */
    private static final double STEP_MM = 0.1;
    /** More than this is turned and sleeved, not honed (mm on the diameter). */
    private static final double HONED_MOST_MM = 1.0;
    /** Clearance of a new piston in a honed bore where its groove is drawn (mm). */
    private static final double CLEARANCE_MM = 0.1;

    private static final int MOST_SIZES = 3;

    private final CounterfaceInput in;
    private final Set<String> failed;

    FaceRemedies(CounterfaceInput in, List<Finding> findings) {
        this.in = in;
        failed = findings.stream()
                .filter(f -> f.status() == Status.FAIL)
                .map(Finding::id)
                .collect(Collectors.toSet());
    }

    List<Offer> offers() {
        List<Offer> out = new ArrayList<>();
        out.add(dress());
        boolean bore = in.part() == CounterfaceInput.Part.BORE;
        if (bore) {
            out.add(hone());
        }
        out.add(offer(
                Remedy.SLEEVE,
                isBent() ? Status.FAIL : Status.CAUTION,
                isBent()
                        ? "A sleeve does not straighten a rod."
                        : bore
                                ? "Bored out and lined: the wall has to bear it."
                                : "Only where the gland leaves room for it."));
        out.add(offer(
                Remedy.PLATE_AND_GRIND,
                isBent() ? Status.FAIL : Status.CAUTION,
                isBent()
                        ? "Grinding a bent rod takes the plating off one side."
                        : "By a shop that does it; then read it anew."));
        out.add(offer(Remedy.RENEW, Status.PASS, "A new " + (bore ? "barrel" : "rod") + " is sure."));
        return out;
    }

    private boolean isBent() {
        return failed.contains("bend");
    }

    private static Offer offer(Remedy remedy, Status verdict, String reason) {
        return new Offer(remedy, verdict, reason, null);
    }

    private Offer dress() {
        boolean onlyMarks =
                failed.equals(Set.of("score")) && in.defects().stream().allMatch(CounterfaceCheck::isDressed);
        boolean onlyRough = failed.equals(Set.of("roughness"));
        return onlyMarks || onlyRough
                ? offer(Remedy.DRESS, Status.CAUTION, "By hand, to 0.01 mm, then look and feel again.")
                : offer(Remedy.DRESS, Status.FAIL, "Dressing does not take away what is wrong here.");
    }

    /** Deepest of the marks (mm); absent where one of them is not measured. */
    private @Nullable Double deepestMm() {
        List<CounterfaceInput.Mark> marks = in.defects() == null ? List.of() : in.defects();
        if (in.defects() == null || marks.stream().anyMatch(m -> m.depthUm() == null)) {
            return null;
        }
        double shape = Stream.of(in.ovalityMm(), in.taperMm())
                .filter(Objects::nonNull)
                .mapToDouble(v -> v)
                .max()
                .orElse(0);
        return Math.max(
                shape,
                marks.stream().mapToDouble(m -> 2 * m.depthUm() / 1000).max().orElse(0));
    }

    private Offer hone() {
        Double deepest = deepestMm();
        if (failed.contains("hardness")) {
            return offer(Remedy.HONE_NEXT_SIZE, Status.FAIL, "Honing makes a soft bore no harder.");
        }
        if (deepest == null) {
            return offer(Remedy.HONE_NEXT_SIZE, Status.MISSING, "How deep the marks are is not known.");
        }
        double bore = Length.snap(Math.ceil((in.diameterMm() + deepest + CLEAN_UP_MM - 1e-9) / STEP_MM) * STEP_MM);
        if (bore - in.diameterMm() > HONED_MOST_MM + 1e-9) {
            return offer(Remedy.HONE_NEXT_SIZE, Status.FAIL, "Too deep to be honed out.");
        }
        List<String> sizes = sizes(bore);
        return new Offer(
                Remedy.HONE_NEXT_SIZE,
                sizes.isEmpty() ? Status.FAIL : Status.CAUTION,
                sizes.isEmpty()
                        ? "No listed ring belongs to a bore of " + Length.show(bore, 2) + " mm."
                        : "To " + Length.show(bore, 2)
                                + " mm, if the wall allows; the piston then wants its groove for it, and its gap read.",
                sizes);
    }

    private List<String> sizes(double bore) {
        OringSizeResult result = OringSizeCheck.check(OringSizeInputBuilder.builder()
                .gland(Gland.PISTON)
                .motion(in.motion())
                .counterDiameterMm(bore)
                .otherDiameterMm(Length.snap(bore - CLEARANCE_MM))
                .build());
        return Objects.requireNonNull(result.grooves()).stream()
                .limit(MOST_SIZES)
                .map(g -> g.designation() + ", groove Ø " + Length.show(g.grooveDiameterMm(), 2) + " x "
                        + Length.show(g.grooveWidthMm(), 2))
                .toList();
    }
}
