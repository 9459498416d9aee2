package joropo.core.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Which place of a coupling to try next, and when it is over: only a place that was measured ends it, whatever the
 * model says (guide).
 */
public final class ClockingCheck {
    /** From so many trials the model can be wrong, and so be believed. */
    private static final int TELLING = 4;

    private static final int FITTED = 3;
    private static final double FOLLOWS = 0.15;
    private static final double FIRST_PLACES = 3.0;

    private final ClockingInput in;
    /** Mean of what was measured, by place. */
    private final Map<Integer, Double> measured;

    private final int best;
    private final @Nullable ClockingModel model;

    private ClockingCheck(ClockingInput in) {
        this.in = in;
        measured = new TreeMap<>(in.trials().stream()
                .collect(Collectors.groupingBy(
                        ClockingInput.Trial::place, Collectors.averagingDouble(ClockingInput.Trial::tirMm))));
        best = measured.entrySet().stream()
                .min(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        model = measured.size() < FITTED ? null : new ClockingModel(in.places(), measured);
    }

    public static ClockingResult check(ClockingInput in) {
        return new ClockingCheck(in).result();
    }

    /** While only some of it is known. */
    public static Finding unread() {
        return Finding.missing(
                "limit",
                "best place measured, whole reading",
                "Still wanted: how many index places there are.",
                "Type that too.");
    }

    private boolean tells() {
        return model != null && measured.size() >= TELLING;
    }

    private double mean() {
        return measured.values().stream().mapToDouble(v -> v).average().orElseThrow();
    }

    private boolean follows() {
        return tells() && model.errorMm(measured) <= FOLLOWS * mean() + 1e-9;
    }

    private List<Integer> open() {
        return IntStream.range(0, in.places())
                .filter(in::fits)
                .filter(p -> !measured.containsKey(p))
                .boxed()
                .toList();
    }

    private ClockingResult result() {
        Finding limit = limit();
        List<Finding> findings = new ArrayList<>(List.of(balanced(), repeat(), model(limit.status()), limit));
        Say.gauge(in.uncertaintyMm(), "a dial indicator").ifPresent(findings::add);
        return ClockingResultBuilder.builder()
                .bestPlace(best)
                .feasible(
                        limit.status() == Status.PASS
                                ? Boolean.TRUE
                                : limit.status() == Status.FAIL ? Boolean.FALSE : null)
                .predictedTirMm(follows() ? predicted() : null)
                .fitErrorMm(tells() ? Double.valueOf(model.errorMm(measured)) : null)
                .nextTrial(next(limit.status()).orElse(null))
                .findings(findings)
                .build();
    }

    private List<@Nullable Double> predicted() {
        List<@Nullable Double> out = new ArrayList<>();
        for (int place = 0; place < in.places(); place++) {
            out.add(in.fits(place) ? Double.valueOf(Length.snap(model.tir(place))) : null);
        }
        return out;
    }

    /** Three places far apart first, then where the model sees the least; where it does not hold, the farthest. */
    private Optional<Integer> next(Status limit) {
        if (limit == Status.PASS || Boolean.TRUE.equals(in.balancedSet())) {
            return Optional.empty();
        }
        if (model == null) {
            double wanted = in.trials().get(0).place() + measured.size() * in.places() / FIRST_PLACES;
            return open().stream()
                    .min(Comparator.comparingDouble((Integer p) -> apart(p, wanted))
                            .thenComparing(p -> p));
        }
        return !tells() || follows()
                ? open().stream()
                        .min(Comparator.comparingDouble((Integer p) -> model.tir(p))
                                .thenComparing(p -> p))
                : open().stream()
                        .max(Comparator.comparingDouble(this::fromMeasured).thenComparing(Comparator.reverseOrder()));
    }

    private double apart(double one, double other) {
        double by = Math.abs(one - other) % in.places();
        return Math.min(by, in.places() - by);
    }

    private double fromMeasured(int place) {
        return measured.keySet().stream()
                .mapToDouble(m -> apart(m, place))
                .min()
                .orElseThrow();
    }

    private Finding balanced() {
        String subject = "balance of the parts";
        if (in.balancedSet() == null) {
            return Finding.missing(
                    "balanced",
                    subject,
                    "Whether they are balanced as a set is not known.",
                    "Look for match marks, ask the maker.");
        }
        return Say.guide(
                "balanced",
                in.balancedSet() ? Status.FAIL : Status.PASS,
                subject,
                in.balancedSet()
                        ? "Balanced as a set: turned against each other they shake the machine."
                        : "Each part is balanced by itself: it may be turned.",
                in.balancedSet() ? "Back to its match marks; cure the run-out itself." : "");
    }

    private Finding repeat() {
        double apart = measured.keySet().stream()
                .mapToDouble(p -> {
                    var at = in.trials().stream()
                            .filter(t -> t.place() == p)
                            .mapToDouble(ClockingInput.Trial::tirMm)
                            .summaryStatistics();
                    return at.getMax() - at.getMin();
                })
                .max()
                .orElseThrow();
        boolean twice = measured.size() < in.trials().size();
        boolean loose = apart > in.tirU() + 1e-9;
        Finding said = Say.guide(
                "repeat",
                loose ? Status.REMEASURE : Status.PASS,
                "one place tried twice",
                loose
                        ? "One place does not come again: a loose fit, or dirt between."
                        : twice ? "It comes again." : "No place was tried twice.",
                loose ? "Clean the fit, tighten alike, try that place again." : "");
        return twice ? said.withValue(Length.snap(apart), "mm") : said;
    }

    private Finding model(Status limit) {
        String subject = "what the trials follow";
        boolean over = limit == Status.PASS || limit == Status.FAIL;
        if (!tells()) {
            return Say.guide(
                    "model",
                    Status.PASS,
                    subject,
                    "Fewer than four trials always fit: nothing is claimed from them but the next place.",
                    "");
        }
        boolean follows = follows();
        return Say.guide(
                        "model",
                        follows || over ? Status.PASS : Status.CAUTION,
                        subject,
                        follows
                                ? "The parts follow the model; what it says of other places is a hint."
                                : "The parts do not follow the model" + (over ? "." : ": measure every place."),
                        follows || over ? "" : "Measure every place.")
                .withValue(Math.rint(1000 * model.errorMm(measured) / Math.max(mean(), 1e-9)) / 10, "%")
                .withLimits(Limits.atMost(100 * FOLLOWS), 0);
    }

    private Finding limit() {
        String subject = "best place measured, whole reading";
        double tir = measured.get(best);
        if (in.limitMm() == null) {
            return Finding.missing("limit", subject, "How much it may be is not known.", "Take the maker's limit.")
                    .withValue(Length.snap(tir), "mm");
        }
        Limits limits = Limits.atMost(in.limitMm());
        Status status = limits.judge(tir, in.tirU());
        if (status != Status.FAIL || open().isEmpty()) {
            return Finding.of(
                            "limit",
                            status,
                            subject,
                            switch (status) {
                                case PASS -> "Place " + best + " is measured and inside.";
                                case REMEASURE -> "The gauge cannot tell whether place " + best + " is inside.";
                                default -> "Every place is measured, none is inside; the best is place " + best + ".";
                            },
                            switch (status) {
                                case PASS -> "";
                                case REMEASURE -> "Try it again with a finer gauge, or another place.";
                                default -> "Cure a part, or a lead signs the concession that names place " + best + ".";
                            },
                            Source.MAKER,
                            "limit as typed")
                    .withValue(Length.snap(tir), "mm")
                    .withLimits(limits, in.tirU());
        }
        return Finding.missing(
                        "limit",
                        subject,
                        "None measured so far is inside.",
                        next(Status.MISSING)
                                .map(p -> "Try place " + p + " next.")
                                .orElse(""))
                .withValue(Length.snap(tir), "mm")
                .withLimits(limits, in.tirU());
    }
}
