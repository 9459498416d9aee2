package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import joropo.core.section.BoreItem.Chevron;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether the profile of each part that seals stands the pressure across it, whatever holds its case (D13; guide). */
final class PressureRules {
    private static final double SLACK = 1e-9;
    private static final String SUBJECT = "profile against the pressure across it";

    /** V rings by pressure (MPa, guide): a set of so many stands so much. */
    private record Rings(int rings, double mpa) {}

    private static final List<Rings> SETS =
            List.of(new Rings(3, 3.5), new Rings(4, 10), new Rings(5, 20), new Rings(6, 35));

    private final ArrangedParts parts;
    private final Section section;

    PressureRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return parts.sealing().stream().map(this::d13).toList();
    }

    private Finding d13(Sealing part) {
        if (parts.vacuumIsMissing(part)) {
            return finding(part, MISSING, "How deep the vacuum is, is not known.", "Read its pressure.");
        }
        if (part instanceof Seal && parts.space(part, part.open().other()).isFed()) {
            return finding(part, PASS, "Grease leaves past this lip: its pressure is meant to lift it.", "");
        }
        double across = across(part);
        if (across == 0) {
            return finding(part, PASS, "No pressure across it." + parts.pressureAssumed(part), "")
                    .withValue(0, "MPa");
        }
        Finding out = part instanceof Chevron set ? chevron(set, across) : lip((Seal) part, across);
        return out.value() == null ? out.withValue(across, "MPa") : out;
    }

    /**
     * The most that stands across it (MPa): a pressure that pulses counts for more, on whichever side it helps least.
     */
    private double across(Sealing part) {
        Space out = parts.space(part, Side.OUT);
        Space in = parts.space(part, Side.IN);
        return Length.snap(Math.max(
                Math.abs(out.countedMpa() - in.mpa()),
                Math.max(Math.abs(out.mpa() - in.countedMpa()), Math.abs(out.mpa() - in.mpa()))));
    }

    private Finding lip(Seal seal, double across) {
        String pressure = Length.show(across, 3) + " MPa across it";
        if (seal.profile() == Profile.PTFE || seal.profile() == Profile.CASSETTE) {
            return finding(
                    seal,
                    MISSING,
                    pressure + "; what this profile stands only its maker knows.",
                    "Ask the maker for its pressure at this speed.");
        }
        double highest = parts.limits().highestPressureMpa(seal.profile());
        if (across > highest + SLACK) {
            return over(seal, across, highest, pressure + ", more than this profile stands at any speed");
        }
        @Nullable
        Double shaft = section.shaftDiameterMm() != null ? section.shaftDiameterMm() : seal.insideDiameterMm();
        if (section.speedRpm() == null || shaft == null) {
            return finding(
                    seal,
                    MISSING,
                    pressure + "; the speed" + (shaft == null ? " or the shaft" : "")
                            + " is not known, and what the lip stands goes by it.",
                    "Read the speed of the shaft.");
        }
        double most = parts.limits().mostPressureMpa(seal.profile(), section.speedRpm(), shaft);
        if (across <= most + SLACK) {
            return finding(
                            seal,
                            PASS,
                            "The lip stands " + pressure + " at this speed." + parts.pressureAssumed(seal),
                            "")
                    .withValue(across, "MPa")
                    .withLimits(Limits.atMost(most), 0);
        }
        boolean trace = seal.profile() == Profile.STANDARD
                && most == 0
                && across <= parts.limits().tracePressureMpa() + SLACK;
        if (trace) {
            return finding(
                            seal,
                            CAUTION,
                            pressure + ": at this speed the lip stands none, a trace is borne.",
                            "Keep the breather free.")
                    .withValue(across, "MPa")
                    .withLimits(Limits.atMost(most), 0);
        }
        return over(seal, across, most, pressure + ", more than the lip stands at this speed");
    }

    private static Finding over(Seal seal, double across, double most, String words) {
        return finding(
                        seal,
                        FAIL,
                        words + ": it is pressed onto the shaft, runs hot and turns over, however its case is held.",
                        seal.profile() == Profile.STANDARD
                                ? "Free the breather or take the pressure away; else a profile for pressure."
                                : "Take the pressure away, or another kind of seal.")
                .withValue(across, "MPa")
                .withLimits(Limits.atMost(most), 0);
    }

    private static Finding chevron(Chevron set, double across) {
        String pressure = Length.show(across, 2) + " MPa";
        double highest = SETS.get(SETS.size() - 1).mpa;
        if (across > highest + SLACK) {
            return finding(
                    set, FAIL, pressure + " is more than chevron sets are listed for.", "Ask the maker of the set.");
        }
        if (set.rings() == null) {
            return finding(set, MISSING, pressure + "; how many rings the set has is not known.", "Count the rings.");
        }
        double stands = SETS.stream()
                .filter(s -> s.rings <= set.rings())
                .mapToDouble(Rings::mpa)
                .max()
                .orElse(SETS.get(0).mpa * set.rings() / SETS.get(0).rings);
        Status status = across <= stands + SLACK ? PASS : across <= 2 * stands + SLACK ? CAUTION : FAIL;
        int wanted =
                SETS.stream().filter(s -> across <= s.mpa + SLACK).findFirst().orElseThrow().rings;
        return finding(
                        set,
                        status,
                        status == PASS
                                ? "The set has rings enough for " + pressure + "."
                                : "The set has " + set.rings() + " rings; for " + pressure + " " + wanted
                                        + " are usual.",
                        status == PASS ? "" : "A set of " + wanted + " rings.")
                .withValue(across, "MPa")
                .withLimits(Limits.atMost(stands), 0);
    }

    private static Finding finding(Sealing part, Status status, String message, String remedy) {
        return SectionFinding.direction("D13", status, SUBJECT, message, remedy, part.id());
    }
}
