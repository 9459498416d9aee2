package joropo.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.family.ReadFields;
import joropo.app.ui.Errors;
import joropo.core.units.FieldError;
import joropo.core.units.RefusedInput;

/**
 * A page of a job opens whatever was typed: what a check refuses comes from something on the sheets or in the strip
 * log. It is said there, counts as not given, and the rest is judged without it.
 */
final class Refusals {
    /** More than so many absurd entries at once: then no figure is judged until some are mended. */
    private static final int MOST_LEFT_OUT = 6;
    /** A name in core ends in the unit, such as Mpa. */
    private static final int LONGEST_UNIT = 4;

    /**
     * What can be judged together. @param unread parts of the strip log, by their place in it, whose figures cannot be
     * so
     */
    record Judged(ReadFields read, Set<Integer> unread) {
        private Judged without(String field, String error) {
            return new Judged(read.without(field, error), unread);
        }

        private Judged without(int part) {
            return new Judged(
                    read, Stream.concat(unread.stream(), Stream.of(part)).collect(Collectors.toSet()));
        }
    }

    private final Function<Judged, JobWork> judge;
    private final int parts;

    private Refusals(Function<Judged, JobWork> judge, int parts) {
        this.judge = judge;
        this.parts = parts;
    }

    /** @param parts how many came off, @param judge makes all that follows, or refuses */
    static JobWork settled(ReadFields read, int parts, Function<Judged, JobWork> judge) {
        Judged all = new Judged(read, Set.of());
        try {
            return judge.apply(all);
        } catch (RefusedInput refused) {
            return new Refusals(judge, parts).settled(all, refused);
        }
    }

    private JobWork settled(Judged all, RefusedInput first) {
        Judged left = all;
        RefusedInput refused = first;
        for (int n = 0; n < MOST_LEFT_OUT; n++) {
            Judged further = null;
            for (Judged next : candidates(left, refused)) {
                Optional<RefusedInput> still = refusal(next);
                if (still.isEmpty()) {
                    return judge.apply(next);
                }
                if (further == null && !Objects.equals(still.get().getMessage(), refused.getMessage())) {
                    further = next;
                }
            }
            if (further == null) {
                break;
            }
            left = further;
            refused = refusal(left).orElseThrow();
        }
        return judge.apply(nothing(all, refused));
    }

    private Optional<RefusedInput> refusal(Judged of) {
        try {
            judge.apply(of);
            return Optional.empty();
        } catch (RefusedInput e) {
            return Optional.of(e);
        }
    }

    /** The same with one thing less each time, what the refusal names first. */
    private List<Judged> candidates(Judged left, RefusedInput refused) {
        List<Judged> out = new ArrayList<>(left.read().given().stream()
                .sorted(Comparator.comparing((String f) -> named(f, refused).isEmpty())
                        .thenComparing(f -> f))
                .map(f -> left.without(f, said(f, refused)))
                .toList());
        for (int part = 0; part < parts; part++) {
            if (!left.unread().contains(part)) {
                out.add(left.without(part));
            }
        }
        return out;
    }

    /** No figure at all: a page with nothing judged is still a page. */
    private Judged nothing(Judged all, RefusedInput refused) {
        Judged out = all;
        for (String field : all.read().given()) {
            out = out.without(field, said(field, refused));
        }
        for (int part = 0; part < parts; part++) {
            out = out.without(part);
        }
        return out;
    }

    private static String said(String field, RefusedInput refused) {
        return named(field, refused)
                .map(Errors::sentence)
                .orElse("This cannot be so beside what else is known here: look at the figure.");
    }

    /** What is said of a field of the sheets under its name in core; empty: nothing. */
    private static Optional<String> named(String field, RefusedInput refused) {
        String bare = field.substring(field.lastIndexOf('-') + 1);
        return refused.errors().stream()
                .filter(e -> e.field().startsWith(bare) && e.field().length() <= bare.length() + LONGEST_UNIT)
                .map(FieldError::message)
                .findFirst();
    }
}
