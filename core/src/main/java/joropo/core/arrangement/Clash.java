package joropo.core.arrangement;

import java.util.function.Function;
import java.util.regex.Pattern;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Two words of one level for one thing, of which one must be wrong. @param drawn the one that goes on, @param other */
public record Clash(Fact<?> drawn, Fact<?> other) {
    /** Rules under which it is said: of the sheet, of a row of what came off, or of a size that the place has. */
    private static final Pattern RULES = Pattern.compile("found-(place|length|way-round)|off\\d+-\\w+|listed-\\w+");

    /** Whether a finding says such a thing. */
    public static boolean isSaidBy(Finding finding) {
        return RULES.matcher(finding.rule()).matches();
    }

    /**
     * Said of both, until somebody has settled it (guide).
     *
     * @param id of the rule, @param name of the part, as people call it
     */
    public Finding finding(String id, String name) {
        return Finding.of(
                id,
                Status.REMEASURE,
                drawn.property().name() + " of the old " + name,
                "It was noted as " + words(drawn) + " and as " + words(other) + ": which?",
                "See which of the two is right and mend the other; until then the worse counts.",
                Source.GUIDE,
                "");
    }

    private static String words(Fact<?> fact) {
        Function<Double, String> mm =
                v -> Length.show(v, 2) + " mm" + (fact.u() > 0 ? " (±" + Length.show(fact.u(), 2) + ")" : "");
        return fact.value() instanceof Double v
                ? mm.apply(v)
                : fact.value() instanceof Side side
                        ? side.words()
                        : fact.value().toString();
    }
}
