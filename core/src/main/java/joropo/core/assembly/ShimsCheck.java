package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** A clearance that shims set: which of those at hand bring it right, and when none is touched (guide). */
public final class ShimsCheck {
    private final ShimsInput in;
    private final Limits limits;
    private final double mean;
    private final double spread;
    private final boolean inside;

    private ShimsCheck(ShimsInput in) {
        this.in = in;
        limits = new Limits(
                Length.snap(in.targetMm() - in.toleranceMm()), Length.snap(in.targetMm() + in.toleranceMm()));
        var all = in.readingsMm().stream().mapToDouble(r -> r).summaryStatistics();
        mean = Length.snap(all.getAverage());
        spread = Length.snap(all.getMax() - all.getMin());
        inside = in.readingsMm().stream().allMatch(r -> limits.margin(r) >= -1e-9);
    }

    public static ShimsResult check(ShimsInput in) {
        return new ShimsCheck(in).result();
    }

    /** While only some of it is read. */
    public static Finding unread() {
        return Finding.missing(
                "choice",
                "clearance against its target",
                "Still wanted: target, tolerance, and whether a thicker shim opens it.",
                "Type that too.");
    }

    private double change() {
        return Length.snap(in.targetMm() - mean);
    }

    /** What the pack has to change by. */
    private double packChange() {
        return in.shimOpens() ? change() : -change();
    }

    private double atHandMm() {
        return in.availableMm().stream()
                .mapToDouble(s -> s.thicknessMm() * s.count())
                .sum();
    }

    private List<Double> pack() {
        return in.packMm() == null ? List.of() : in.packMm();
    }

    private ShimsResult result() {
        Optional<ShimChoice.Chosen> chosen = inside
                ? Optional.of(new ShimChoice.Chosen(0, List.of(), List.of()))
                : new ShimChoice(
                                in.availableMm(),
                                pack(),
                                Math.min(atHandMm(), Math.abs(packChange()) + in.toleranceMm()))
                        .nearest(packChange(), in.toleranceMm());
        Double predicted = chosen.map(c -> Length.snap(mean + (in.shimOpens() ? c.changeMm() : -c.changeMm())))
                .orElse(null);
        List<Finding> findings = new ArrayList<>(List.of(seated(), choice(chosen.orElse(null), predicted)));
        if (in.worn() != null) {
            findings.add(wear(in.worn()));
        }
        Say.gauge(in.uncertaintyMm(), "feelers").ifPresent(findings::add);
        return new ShimsResult(
                mean,
                spread,
                change(),
                chosen.map(ShimChoice.Chosen::add).orElse(List.of()),
                chosen.map(ShimChoice.Chosen::remove).orElse(List.of()),
                predicted,
                findings);
    }

    private Finding seated() {
        Limits most = Limits.atMost(Length.snap(2 * in.toleranceMm()));
        double uncertainty = Places.DIFFERENCE * in.readU();
        Status status = most.judge(spread, uncertainty);
        return Say.guide(
                        "seated",
                        status,
                        "clearance from place to place",
                        switch (status) {
                            case PASS -> "It sits square.";
                            case REMEASURE -> "The gauge cannot tell whether it sits square.";
                            default -> "It is not seated, bent, or of a wrong fit: no shim cures that.";
                        },
                        status == Status.PASS ? "" : "Off again: clean the seats, look for a burr, read again.")
                .withValue(spread, "mm")
                .withLimits(most, uncertainty);
    }

    private Finding choice(ShimChoice.@Nullable Chosen chosen, @Nullable Double predicted) {
        Status status = inside ? whereItStands() : predicted == null ? Status.FAIL : withThem(predicted);
        return Finding.of(
                        "choice",
                        status,
                        inside || predicted == null ? "clearance against its target" : "clearance with these shims",
                        message(chosen, predicted, status),
                        status == Status.PASS && inside ? "" : remedy(predicted),
                        Source.MAKER,
                        "target as typed")
                .withValue(predicted == null ? mean : predicted, "mm")
                .withLimits(limits, in.readU());
    }

    private Status whereItStands() {
        return in.readingsMm().stream().map(r -> limits.judge(r, in.readU())).reduce(Status.PASS, Status::worse);
    }

    private Status withThem(double predicted) {
        if (Boolean.TRUE.equals(in.asItStands())) {
            return Status.CAUTION;
        }
        double by = predicted - mean;
        return in.readingsMm().stream().allMatch(r -> limits.margin(r + by) >= -1e-9) ? Status.PASS : Status.CAUTION;
    }

    private String message(ShimChoice.@Nullable Chosen chosen, @Nullable Double predicted, Status status) {
        if (inside) {
            return status == Status.PASS
                    ? "Every place lies inside: no shim is touched."
                    : "Every place reads inside, too near its end for this gauge; no shim is touched.";
        }
        if (chosen == null || predicted == null) {
            double wanted = packChange();
            return "No set at hand brings it inside: the pack wants " + Length.show(Math.abs(wanted), 2) + " mm "
                    + (wanted > 0 ? "more." : "less.");
        }
        return said("In: ", chosen.add()) + said("Out: ", chosen.remove()) + "The mean is then "
                + Length.show(predicted, 3) + " mm"
                + (status == Status.PASS || Boolean.TRUE.equals(in.asItStands())
                        ? "."
                        : ", and one place is still outside.");
    }

    private static String said(String what, List<Double> shims) {
        return shims.isEmpty()
                ? ""
                : what + shims.stream().map(t -> Length.show(t, 2)).collect(Collectors.joining(", ")) + " mm. ";
    }

    private String remedy(@Nullable Double predicted) {
        return inside
                ? "Read again with finer steps."
                : predicted == null ? "Get shims of that thickness." : "Read every place again with them in.";
    }

    private static Finding wear(boolean worn) {
        return Say.guide(
                "wear",
                worn ? Status.FAIL : Status.PASS,
                "what changed it",
                worn ? "Shims cure no worn bearing and no worn vane." : "New parts, or a new pack: shims set it.",
                worn ? "Overhaul before the clearance is set." : "");
    }
}
