package joropo.core.arrangement;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * One size of a place, that is listed for it and may have been read in a job too.
 *
 * @param id of the rule under which it is said that the two differ, starts with {@code listed-}
 * @param name as people call it, "shaft"
 * @param listedMm nominal, as the place has it (mm), absent: not known there
 * @param readMm in this job (mm), absent: not read
 */
public record Listed(
        String id,
        String name,
        @Nullable Double listedMm,
        @Nullable Double readMm) {
    /** More than a sleeve wears before it is renewed or a bore is cleaned up: one of the two is wrong (guide). */
    static final double APART_MM = 0.5;

    /** What was read, else what is listed; absent: neither. */
    public @Nullable Double mm() {
        return readMm != null ? readMm : listedMm;
    }

    /** What has to be judged: both words while they cannot both be right, each once; none where neither is known. */
    public List<Double> words() {
        return isApart()
                ? List.of(readMm, listedMm)
                : Stream.of(mm()).filter(Objects::nonNull).toList();
    }

    private boolean isApart() {
        return listedMm != null && readMm != null && Length.snap(Math.abs(readMm - listedMm)) > APART_MM;
    }

    /** Said while both words stand, until somebody has settled it. */
    public Optional<Finding> clash() {
        return isApart()
                ? Optional.of(Finding.of(
                        id,
                        Status.REMEASURE,
                        name,
                        "The place is listed with " + Length.show(listedMm, 2) + " mm, and " + Length.show(readMm, 2)
                                + " mm was read: which?",
                        "Read it again; if it is right, correct the size of the position.",
                        Source.GUIDE,
                        ""))
                : Optional.empty();
    }
}
