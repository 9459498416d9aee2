package joropo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.diagnosis.DiagnosisResult.Ranked;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Ranks causes by what was seen and asks for the look that would part them best (guide). Is it the seal at all comes
 * first.
 */
public final class DiagnosisCheck {
    /** What is looked for in vain speaks against a cause by half of what it would have spoken for it. */
    private static final double AGAINST = 0.5;

    private static final int TOP = 3;
    /** Says nothing of a leak: only that the look of the oil cannot be read yet. */
    private static final String OIL_CHANGED = "OIL_CHANGED";

    private static final String OIL_MILKY = "OIL_MILKY";

    private DiagnosisCheck() {}

    public static DiagnosisResult check(DiagnosisInput in) {
        List<Symptom> seen = in.signs().stream()
                .map(c -> Symptom.of(c).orElseThrow())
                .filter(s -> counts(s, in))
                .toList();
        List<Symptom> absent = in.absent().stream()
                .map(c -> Symptom.of(c).orElseThrow())
                .filter(s -> counts(s, in))
                .toList();
        List<Ranked> ranked = Cause.all().stream()
                .filter(c -> !in.ruledOut().contains(c.code()))
                .map(c -> ranked(c, seen, absent))
                .filter(r -> r.score() > 0)
                .sorted(Comparator.comparing(Ranked::score).reversed())
                .toList();
        Symptom next = next(in, ranked);
        return new DiagnosisResult(ranked, next == null ? null : next.code(), List.of(finding(ranked, seen)));
    }

    /** Oil that was changed lately shows nothing of what was in it before. */
    private static boolean counts(Symptom sign, DiagnosisInput in) {
        return !(sign.code().equals(OIL_MILKY) && in.signs().contains(OIL_CHANGED));
    }

    private static Ranked ranked(Cause cause, List<Symptom> seen, List<Symptom> absent) {
        List<String> why = new ArrayList<>();
        double score = 0;
        for (Symptom sign : seen) {
            score += sign.weight(cause.code());
            if (sign.weight(cause.code()) > 0) {
                why.add(sign.words() + ": " + strength(sign.weight(cause.code())));
            }
        }
        for (Symptom sign : absent) {
            score -= AGAINST * sign.weight(cause.code());
            if (sign.weight(cause.code()) > 0 && score + AGAINST * sign.weight(cause.code()) > 0) {
                why.add("not " + sign.words() + ": speaks against it");
            }
        }
        return new Ranked(cause.code(), score, why);
    }

    private static String strength(int weight) {
        return weight == 3 ? "strong" : weight == 2 ? "usual" : "possible";
    }

    /**
     * The unasked sign that differs most among the top three; whether it is the seal at all is asked first, and
     * whatever is left where nothing parts them.
     */
    private static @Nullable Symptom next(DiagnosisInput in, List<Ranked> ranked) {
        List<Symptom> looked = Stream.concat(in.signs().stream(), in.absent().stream())
                .map(c -> Symptom.of(c).orElseThrow())
                .toList();
        List<Symptom> unasked = Symptom.all().stream()
                .filter(s -> !looked.contains(s)
                        && !in.ruledOut().containsAll(s.weights().keySet())
                        && looked.stream().allMatch(l -> s.group().goesWith(l.group())))
                .toList();
        boolean innocent = looked.stream().anyMatch(s -> s.group() == Symptom.Group.INNOCENT);
        if (!innocent) {
            return unasked.stream()
                    .filter(s -> s.group() == Symptom.Group.INNOCENT)
                    .findFirst()
                    .orElse(null);
        }
        List<Ranked> top = ranked.subList(0, Math.min(TOP, ranked.size()));
        return unasked.stream()
                .filter(s -> spread(s, top) > 0)
                .max(Comparator.comparingInt((Symptom s) -> spread(s, top))
                        .thenComparing(s -> -Symptom.all().indexOf(s)))
                .orElseGet(() -> ranked.isEmpty() ? unasked.stream().findFirst().orElse(null) : null);
    }

    private static int spread(Symptom sign, List<Ranked> top) {
        int most = top.stream().mapToInt(r -> sign.weight(r.cause())).max().orElse(0);
        int least = top.size() < TOP
                ? 0
                : top.stream().mapToInt(r -> sign.weight(r.cause())).min().orElse(0);
        return most - least;
    }

    private static Finding finding(List<Ranked> ranked, List<Symptom> seen) {
        if (ranked.isEmpty()) {
            return Finding.missing(
                    "causes",
                    "cause of the leak",
                    seen.isEmpty()
                            ? "Nothing was looked at yet."
                            : "What was seen points to nothing that the table knows.",
                    "Look, and say what is there and what is not.");
        }
        List<Cause> first = ranked.stream()
                .filter(r -> r.score() == ranked.get(0).score())
                .map(r -> Cause.of(r.cause()).orElseThrow())
                .toList();
        boolean alone = first.size() == 1;
        long innocent = first.stream().filter(c -> !c.ofTheSeal()).count();
        String words = (alone ? "It points to: " : "It points as much to one as to another: ")
                + first.stream().map(Cause::words).collect(Collectors.joining("; ")) + ", score "
                + Length.show(ranked.get(0).score(), 1) + (seen.size() == 1 ? ". One sign alone proves nothing." : ".");
        String seal = innocent == 0
                ? ""
                : innocent == first.size()
                        ? " That is not the seal: a new one would cure nothing."
                        : " Not all of these are the seal.";
        return Finding.of(
                "causes",
                innocent == 0 ? Status.PASS : Status.CAUTION,
                "cause of the leak",
                words + seal,
                alone ? first.get(0).remedy() : "Look further: what parts them stands first.",
                Source.GUIDE,
                "failure signs");
    }
}
