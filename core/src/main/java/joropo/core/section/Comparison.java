package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.section.BoreItem.Stacked;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The kit laid beside what was found, part by part from outside and rule by rule (S8, guide).
 *
 * @param pairs parts side by side, a kind beside its own kind wherever the order allows, @param totalMm kit less found:
 *     how much thicker the whole is
 */
public record Comparison(List<Pair> pairs, double totalMm) {
    /** Thicknesses nearer than this are the same (mm, guide). */
    private static final double SAME_MM = 0.1;
    /** A seal that stands within this of the old one's place stands there (mm, guide). */
    private static final double SAME_PLACE_MM = 0.3;

    private static final double SLACK = 1e-9;

    /**
     * One part of each side, absent where the other has one more. @param differences in words, none where they are
     * alike
     */
    public record Pair(@Nullable Stacked kit, @Nullable Stacked found, List<String> differences) {}

    /** One rule on both sides; absent where it has nothing to judge there. */
    public record Rule(
            String id, @Nullable Status kit, @Nullable Status found) {}

    public Comparison {
        pairs = List.copyOf(pairs);
    }

    public static Comparison of(Section kit, Section found) {
        List<Stacked> a = parts(kit);
        List<Stacked> b = parts(found);
        return new Comparison(aligned(a, b), Length.snap(total(a) - total(b)));
    }

    /** The worst of each rule on both sides, in the order of the rules. */
    public static List<Rule> rules(Section kit, Section found, SeatLimits limits) {
        var out = new TreeMap<String, Rule>(Comparator.comparing((String id) -> id.charAt(0))
                .thenComparing(id -> Integer.parseInt(id.substring(1))));
        worst(kit, limits).forEach((id, status) -> out.put(id, new Rule(id, status, null)));
        worst(found, limits)
                .forEach((id, status) ->
                        out.merge(id, new Rule(id, null, status), (x, y) -> new Rule(id, x.kit, status)));
        return List.copyOf(out.values());
    }

    private static TreeMap<String, Status> worst(Section section, SeatLimits limits) {
        var out = new TreeMap<String, Status>();
        SectionCheck.check(section.comparedWith(null), limits)
                .findings()
                .forEach(f -> out.merge(f.id(), f.status(), Status::worse));
        return out;
    }

    private static List<Stacked> parts(Section section) {
        return section.boreItems().stream()
                .filter(Stacked.class::isInstance)
                .map(Stacked.class::cast)
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList();
    }

    private static double total(List<Stacked> parts) {
        return parts.stream().mapToDouble(Stacked::thickMm).sum();
    }

    /**
     * As many of the same kind side by side as the order allows (longest common run of kinds); what is left over stands
     * beside what is left over.
     */
    private static List<Pair> aligned(List<Stacked> a, List<Stacked> b) {
        int[][] most = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--) {
            for (int j = b.size() - 1; j >= 0; j--) {
                most[i][j] =
                        alike(a.get(i), b.get(j)) ? most[i + 1][j + 1] + 1 : Math.max(most[i + 1][j], most[i][j + 1]);
            }
        }
        List<Pair> out = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < a.size() || j < b.size()) {
            boolean both = i < a.size() && j < b.size();
            if (both && (alike(a.get(i), b.get(j)) || most[i + 1][j + 1] == most[i][j])) {
                out.add(pair(a.get(i++), b.get(j++)));
            } else if (i < a.size() && (j == b.size() || most[i + 1][j] >= most[i][j + 1])) {
                out.add(pair(a.get(i++), null));
            } else {
                out.add(pair(null, b.get(j++)));
            }
        }
        return out;
    }

    private static boolean alike(Stacked a, Stacked b) {
        return a.getClass() == b.getClass();
    }

    private static Pair pair(@Nullable Stacked kit, @Nullable Stacked found) {
        List<String> out = new ArrayList<>();
        if (kit == null || found == null) {
            out.add(
                    kit == null
                            ? "Found a " + found.words() + " that is not in the kit."
                            : "The kit has a " + kit.words() + " that was not found.");
        } else if (!alike(kit, found)) {
            out.add("The kit has a " + kit.words() + " where a " + found.words() + " was found.");
        } else {
            double more = Length.snap(kit.thickMm() - found.thickMm());
            if (Math.abs(more) > SAME_MM + SLACK) {
                out.add("The " + kit.words() + " is " + Length.show(Math.abs(more), 2) + " mm "
                        + (more > 0 ? "thicker" : "thinner") + " than the one found.");
            }
            if (kit instanceof Sealing a && found instanceof Sealing b && a.open() != b.open()) {
                out.add("It faces " + a.open().words() + "; the one found faced "
                        + b.open().words() + ": somebody may have had a reason.");
            }
            if (kit instanceof Seal a && found instanceof Seal b) {
                if (a.dustLip() != b.dustLip()) {
                    out.add("Its dust lip is not as on the one found.");
                }
                if (!Boolean.TRUE.equals(b.placeAssumed())
                        && Math.abs(a.fromMm() - b.fromMm()) > SAME_PLACE_MM + SLACK) {
                    out.add("It goes to " + Length.show(a.fromMm(), 2) + " mm; the one found stood at "
                            + Length.show(b.fromMm(), 2) + " mm.");
                }
            }
            if (kit instanceof Spacer a
                    && found instanceof Spacer b
                    && !Objects.equals(a.insideDiameterMm(), b.insideDiameterMm())) {
                out.add("The opening of the washer is not as on the one found.");
            }
        }
        return new Pair(kit, found, List.copyOf(out));
    }

    /** What differs as findings of S8, or that nothing does. */
    List<Finding> findings() {
        List<Finding> out = new ArrayList<>();
        pairs.forEach(p -> p.differences.forEach(d -> out.add(
                p.kit == null || p.kit.id() == null
                        ? say(CAUTION, d)
                        : say(CAUTION, d).withPart(p.kit.id()))));
        if (Math.abs(totalMm) > SAME_MM + SLACK) {
            out.add(say(
                    CAUTION,
                    "The whole is " + Length.show(Math.abs(totalMm), 2) + " mm " + (totalMm > 0 ? "thicker" : "thinner")
                            + " than what was found."));
        }
        return out.isEmpty() ? List.of(say(PASS, "Parts, widths, directions and openings are as found.")) : out;
    }

    private static Finding say(Status status, String message) {
        return Finding.of(
                "S8",
                status,
                "kit against what was found",
                message,
                status == PASS
                        ? ""
                        : "Judge both by drawing; another design with a named document is an accepted revision.",
                Source.GUIDE,
                "stack and depth");
    }
}
