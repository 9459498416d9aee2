package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Chevron;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;

/** Chevron sets against the pressure, one and two of them (D8; guide). */
final class ChevronRules {
    private final ArrangedParts parts;

    ChevronRules(ArrangedParts parts) {
        this.parts = parts;
    }

    List<Finding> judge() {
        List<Chevron> sets = parts.items(Chevron.class).toList();
        List<Finding> out = new ArrayList<>();
        sets.forEach(c -> out.add(d8(c)));
        for (int i = 1; i < sets.size(); i++) {
            pair(sets.get(i - 1), sets.get(i)).ifPresent(out::add);
        }
        return out;
    }

    private Finding d8(Chevron set) {
        double inward = parts.pushInwardMpa(set);
        if (parts.vacuumIsMissing(set)
                || parts.space(set, Side.OUT).pressureMpa() == null
                        && parts.space(set, Side.IN).pressureMpa() == null) {
            return SectionFinding.direction(
                    "D8",
                    MISSING,
                    "chevron set against the pressure",
                    "On which side the pressure stands is not known.",
                    "Read the pressure on both sides.",
                    set.id());
        }
        boolean against = inward > 0 && set.lips() == Side.IN || inward < 0 && set.lips() == Side.OUT;
        return SectionFinding.direction(
                "D8",
                against ? FAIL : PASS,
                "chevron set against the pressure",
                against
                        ? "The set's open side faces away from the pressure: it does not spread and leaks."
                        : "The set's open side faces the pressure." + parts.pressureAssumed(set),
                against ? "Turn the set." : "",
                set.id());
    }

    private static Optional<Finding> pair(Chevron outer, Chevron inner) {
        boolean away = outer.lips() == Side.OUT && inner.lips() == Side.IN;
        boolean towards = outer.lips() == Side.IN && inner.lips() == Side.OUT;
        return !away && !towards
                ? Optional.empty()
                : Optional.of(SectionFinding.direction(
                        "D8",
                        away ? PASS : FAIL,
                        "two chevron sets",
                        away
                                ? "The sets face away from each other: each takes the pressure of its side."
                                : "The sets face each other: pressure between them has no way out and neither holds "
                                        + "its own side.",
                        away ? "" : "Turn both sets.",
                        outer.id()));
    }
}
