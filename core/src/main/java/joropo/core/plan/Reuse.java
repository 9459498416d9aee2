package joropo.core.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.arrangement.PartKind;

/** Whether a part that came off may go back in (guide). */
public final class Reuse {
    /** States of a lip in which it is done for; what is denied ("no crack") is none. */
    private static final Pattern SPENT = Pattern.compile(
            "(?i)(?<!\\b(?:not|no|nothing|without) )\\b(hard(?:ened)?|crack(?:s|ed)?|glaz(?:e|ed)|torn|tear|cut|split"
                    + "|swollen|turned under|burnt|brittle)\\b");

    private Reuse() {}

    /**
     * Why it may not; empty: it may.
     *
     * @param inspection what was looked at and seen, blank: nobody wrote it
     * @param sealsPlanned lip seals that the section will have, 0: not known, @param newOnes of them that are laid out
     *     new
     * @param found its state as it came out, in words, empty: not noted
     */
    public static Optional<String> refused(
            PartKind kind, String inspection, int sealsPlanned, int newOnes, String found) {
        if (kind.wantsInspection() && inspection.isBlank()) {
            return Optional.of("goes back only with a written inspection: what was looked at, and what was seen");
        }
        if (kind != PartKind.LIP_SEAL) {
            return Optional.empty();
        }
        Matcher spent = SPENT.matcher(found + " " + inspection);
        return spent.find()
                ? Optional.of(
                        "was found " + spent.group().toLowerCase(Locale.ROOT) + ": such a lip does not seal again")
                : sealsPlanned < 2
                        ? Optional.of("counts as destroyed: a used seal is never the only one")
                        : newOnes >= sealsPlanned
                                ? Optional.of("has no place: new ones are laid out for all " + sealsPlanned
                                        + ". It is renewed, or one of them is decided anew")
                                : Optional.empty();
    }
}
