package joropo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.diagnosis.DiagnosisResult.Ranked;
import joropo.core.material.Medium;
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
    /** Clear oil proves nothing soon after a change; milky oil then has come in since, and weighs this much more. */
    private static final int SINCE_CHANGE = 1;

    private static final String OIL_CHANGED = "OIL_CHANGED";

    private static final String OIL_MILKY = "OIL_MILKY";

    private DiagnosisCheck() {}

    public static DiagnosisResult check(DiagnosisInput in) {
        List<Symptom> seen = symptoms(in.signs());
        List<Symptom> absent = symptoms(in.absent());
        boolean oilChanged = in.signs().contains(OIL_CHANGED);
        Set<String> out = in.ruledOut().stream().filter(c -> !isShown(c, seen)).collect(Collectors.toSet());
        List<Ranked> ranked = Cause.all().stream()
                .filter(c -> !out.contains(c.code()))
                .map(c -> ranked(c, seen, absent, oilChanged))
                .filter(r -> r.score() > 0)
                .sorted(Comparator.comparing(Ranked::score).reversed())
                .toList();
        Symptom next = next(in, ranked);
        List<Finding> findings = new ArrayList<>(List.of(finding(ranked, seen, next)));
        contradiction(in, seen).ifPresent(findings::add);
        return new DiagnosisResult(ranked, next == null ? null : next.code(), List.copyOf(findings));
    }

    private static List<Symptom> symptoms(List<String> codes) {
        return codes.stream().map(c -> Symptom.of(c).orElseThrow()).toList();
    }

    /** Whether what was seen shows this source by itself, however it was looked at before. */
    private static boolean isShown(String cause, List<Symptom> seen) {
        return seen.stream().anyMatch(s -> s.group() == Symptom.Group.INNOCENT && s.weight(cause) > 0);
    }

    /** Signs that cannot stand together, and a look that a sign speaks against. */
    private static Optional<Finding> contradiction(DiagnosisInput in, List<Symptom> seen) {
        List<String> both = new ArrayList<>();
        for (Symptom one : seen) {
            seen.stream()
                    .filter(other -> one.code().compareTo(other.code()) < 0
                            && (one.notWith().contains(other.code())
                                    || other.notWith().contains(one.code())))
                    .forEach(other -> both.add(one.words() + ", and " + other.words()));
        }
        in.ruledOut().stream()
                .filter(c -> isShown(c, seen))
                .map(c -> Cause.of(c).orElseThrow())
                .forEach(c -> both.add("\"" + c.words() + "\" was ruled out, and a sign speaks for it"));
        return both.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "contradiction",
                        Status.CAUTION,
                        "signs against each other",
                        "These exclude each other: " + String.join("; ", both) + ".",
                        "Look again, and keep what is so.",
                        Source.GUIDE,
                        "failure signs"));
    }

    private static Ranked ranked(Cause cause, List<Symptom> seen, List<Symptom> absent, boolean oilChanged) {
        List<String> why = new ArrayList<>();
        double score = 0;
        for (Symptom sign : seen) {
            int weight = sign.weight(cause.code());
            boolean since = weight > 0 && oilChanged && sign.code().equals(OIL_MILKY);
            score += weight + (since ? SINCE_CHANGE : 0);
            if (weight > 0) {
                why.add(sign.words() + ": " + strength(weight) + (since ? ", and it came in since the change" : ""));
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
                        && asked(s, in)
                        && looked.stream()
                                .noneMatch(l -> in.signs().contains(l.code())
                                        && (l.notWith().contains(s.code())
                                                || s.notWith().contains(l.code())))
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

    /** Whether a sign is worth asking for at this place: by what seals there and what is kept. */
    private static boolean asked(Symptom sign, DiagnosisInput in) {
        boolean ofThePlace = in.position() == null
                || !sign.group().isOfAPart()
                || switch (in.position()) {
                    case LIP_SEAL -> sign.group() == Symptom.Group.LIP;
                    case PACKING -> sign.group() == Symptom.Group.PACKING;
                    case MECHANICAL -> sign.group() == Symptom.Group.FACES || sign.group() == Symptom.Group.O_RING;
                };
        boolean oil = in.medium() == null || in.medium() == Medium.OIL;
        return ofThePlace && (oil || !sign.code().startsWith("OIL_"));
    }

    private static int spread(Symptom sign, List<Ranked> top) {
        int most = top.stream().mapToInt(r -> sign.weight(r.cause())).max().orElse(0);
        int least = top.size() < TOP
                ? 0
                : top.stream().mapToInt(r -> sign.weight(r.cause())).min().orElse(0);
        return most - least;
    }

    private static Finding finding(List<Ranked> ranked, List<Symptom> seen, @Nullable Symptom next) {
        if (ranked.isEmpty()) {
            return Finding.missing(
                    "causes",
                    "cause of the leak",
                    seen.isEmpty() ? "Nothing was looked at yet." : "No cause fits yet.",
                    "Look, and note what is there and what is not.");
        }
        double best = ranked.get(0).score();
        List<Cause> first = ranked.stream()
                .filter(r -> r.score() == best)
                .map(r -> Cause.of(r.cause()).orElseThrow())
                .toList();
        boolean alone = first.size() == 1;
        boolean leads = alone && (ranked.size() == 1 || best - ranked.get(1).score() >= DiagnosisResult.LEADS - 1e-9);
        long innocent = first.stream().filter(c -> !c.ofTheSeal()).count();
        String words = (leads ? "It points to: " : alone ? "Possible, it leads by little: " : "Equally likely: ")
                + first.stream().map(Cause::words).collect(Collectors.joining("; ")) + ", score "
                + Length.show(best, 1) + (seen.size() == 1 ? ". One sign alone proves nothing." : ".");
        String seal = innocent == 0
                ? ""
                : innocent == first.size()
                        ? " That is not the seal: a new one would cure nothing."
                        : " Not all of these are the seal.";
        String look = next == null ? "Look further." : "Look next: " + next.words() + "?";
        if (!alone) {
            return Finding.missing("causes", "cause of the leak", words + seal, look)
                    .withSource(Source.GUIDE, "failure signs");
        }
        return Finding.of(
                "causes",
                innocent == 0 && leads ? Status.PASS : Status.CAUTION,
                "cause of the leak",
                words + seal,
                leads ? first.get(0).remedy() : look,
                Source.GUIDE,
                "failure signs");
    }
}
