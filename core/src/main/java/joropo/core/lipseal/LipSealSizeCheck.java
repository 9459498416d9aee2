package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import joropo.core.lipseal.LipSealSizeResult.Rejected;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * Listed sizes for a measured shaft, bore and depth. A worn shaft is below its nominal size: the search looks up, not
 * down. It identifies the size; whether shaft and bore are good enough (h11, H8) is judged elsewhere.
 */
public final class LipSealSizeCheck {
    /** Inside diameters this near are easily confused when the outside is the same (mm, guide). */
    private static final double CONFUSED_MM = 3;

    private static final int NAMED = 4;
    /** Three figures with something between them that is no figure. */
    private static final Pattern MARKED =
            Pattern.compile("(?<![\\d.,])(\\d{1,3}(?:[.,]\\d{1,4})?)(?:\\s*[xX×*/-]\\s*|\\s+)(\\d{1,3}(?:[.,]\\d{1,"
                    + "4})?)(?:\\s*[xX×*/-]\\s*|\\s+)(\\d{1,3}(?:[.,]\\d{1,4})?)(?![\\d.,])");

    private LipSealSizeCheck() {}

    public static LipSealSizeResult check(LipSealSizeInput in) {
        List<SealSize> listed = SealSize.all().stream()
                .filter(s -> in.system() == null || s.system() == in.system())
                .toList();
        Predicate<SealSize> shaft = s -> s.isOfShaft(in.shaftMm());
        Predicate<SealSize> bore = s -> in.boreMm() == null || s.isOfBore(in.boreMm());
        Predicate<SealSize> depth =
                s -> in.depthMm() == null || s.widthMm() + LipSealSeatLimits.DEPTH_ROOM_MM <= in.depthMm() + 1e-9;
        Optional<SealSize> marked = marked(in);
        List<SealSize> sizes = listed.stream()
                .filter(shaft.and(bore).and(depth))
                .sorted(Comparator.<SealSize, Boolean>comparing(s -> !marked.equals(Optional.of(s)))
                        .thenComparing(best(in)))
                .toList();
        List<Rejected> rejected = rejected(in, listed, shaft, bore, depth);

        List<Finding> findings = new ArrayList<>();
        findings.add(match(in, sizes, rejected));
        if (in.marking() != null && !in.marking().isBlank()) {
            findings.add(marking(in.marking().strip(), marked, sizes));
        }
        both(sizes, marked.filter(sizes::contains), findings);
        confused(sizes, listed, findings);
        return new LipSealSizeResult(sizes, rejected, findings);
    }

    private static Comparator<SealSize> best(LipSealSizeInput in) {
        return Comparator.<SealSize>comparingDouble(s -> Length.snap(Math.abs(in.shaftMm() - s.shaftMm())))
                .thenComparingDouble(s -> in.boreMm() == null ? 0 : Length.snap(Math.abs(in.boreMm() - s.boreMm())))
                .thenComparing(s -> !s.listed().equals("standard"))
                .thenComparing(SealSize::boreMm)
                .thenComparing(SealSize::widthMm)
                .thenComparing(SealSize::system);
    }

    private static List<Rejected> rejected(
            LipSealSizeInput in,
            List<SealSize> listed,
            Predicate<SealSize> shaft,
            Predicate<SealSize> bore,
            Predicate<SealSize> depth) {
        List<Rejected> out = new ArrayList<>();
        List<SealSize> byShaft = listed.stream().filter(shaft).toList();
        if (byShaft.isEmpty()) {
            out.add(new Rejected(
                    "shaft",
                    "No listed shaft size matches " + mm(in.shaftMm()) + " mm; nearest are "
                            + nearest(listed, SealSize::shaftMm, in.shaftMm()) + " mm."));
            return out;
        }
        List<SealSize> byBore = byShaft.stream().filter(bore).toList();
        if (byBore.isEmpty()) {
            out.add(new Rejected(
                    "bore",
                    "With shaft " + nearest(byShaft, SealSize::shaftMm, in.shaftMm()) + " no listed bore matches "
                            + mm(in.boreMm()) + " mm; nearest are " + nearest(byShaft, SealSize::boreMm, in.boreMm())
                            + " mm."));
            return out;
        }
        byBore.stream()
                .filter(depth.negate())
                .sorted(best(in))
                .forEach(s -> out.add(new Rejected(
                        "depth",
                        s.words() + " wants " + mm(s.widthMm() + LipSealSeatLimits.DEPTH_ROOM_MM)
                                + " mm of depth, there are " + mm(in.depthMm()) + " mm.")));
        return out;
    }

    private static String nearest(List<SealSize> sizes, ToDoubleFunction<SealSize> part, double wanted) {
        return sizes.stream()
                .mapToDouble(part)
                .distinct()
                .boxed()
                .sorted(Comparator.comparingDouble(v -> Math.abs(v - wanted)))
                .limit(NAMED)
                .sorted()
                .map(LipSealSizeCheck::mm)
                .collect(Collectors.joining(", "));
    }

    private static Finding match(LipSealSizeInput in, List<SealSize> sizes, List<Rejected> rejected) {
        if (sizes.isEmpty()) {
            return Finding.of(
                    "match",
                    Status.FAIL,
                    "listed size for this place",
                    rejected.get(0).reason(),
                    "Measure again; else a sleeve, a bush or a made seal.",
                    Source.GUIDE,
                    "list of sizes");
        }
        SealSize first = sizes.get(0);
        boolean standard = first.listed().equals("standard");
        return Finding.of(
                "match",
                Status.PASS,
                "listed size for this place",
                "Nearest is " + first.words()
                        + (standard ? ", an ISO 6194-1 size." : ", a size in common use.")
                        + (first.system() == SealSystem.INCH
                                ? " Inch rows are trade steps, not checked sizes on sale: confirm before ordering."
                                : "")
                        + assumed(in),
                "",
                standard ? Source.STANDARD : Source.GUIDE,
                standard ? "ISO 6194-1" : "list of sizes");
    }

    /** What was not read and so speaks against no size, as a sentence. */
    private static String assumed(LipSealSizeInput in) {
        List<String> out = new ArrayList<>();
        if (in.boreMm() == null) {
            out.add("any bore");
        }
        if (in.depthMm() == null) {
            out.add("depth enough");
        }
        if (in.system() == null) {
            out.add("metric or inch");
        }
        return out.isEmpty() ? "" : " Assumed: " + String.join(", ", out) + ".";
    }

    /**
     * The size that stands on the old seal, when a size can be read there; the figures may be millimetres or inches.
     */
    private static Optional<SealSize> marked(LipSealSizeInput in) {
        if (in.marking() == null) {
            return Optional.empty();
        }
        Matcher found = MARKED.matcher(in.marking());
        if (!found.find()) {
            return Optional.empty();
        }
        String text = found.group(1) + "x" + found.group(2) + "x" + found.group(3);
        List<SealSize> read = new ArrayList<>();
        for (LengthUnit unit : LengthUnit.values()) {
            try {
                read.add(SealSize.parse(text.replace(',', '.'), unit));
            } catch (RefusedInput e) {
                continue; // no size in this unit
            }
        }
        return read.stream().filter(SealSize::known).findFirst().or(() -> read.stream()
                .findFirst());
    }

    private static Finding marking(String text, Optional<SealSize> marked, List<SealSize> sizes) {
        String subject = "marking on the old seal";
        if (marked.isEmpty()) {
            return Finding.of(
                    "marking",
                    Status.CAUTION,
                    subject,
                    "No size can be read in '" + text + "'.",
                    "Write it as shaft x bore x width, such as 45x62x8.",
                    Source.COMPUTED,
                    "");
        }
        return sizes.contains(marked.get())
                ? Finding.of(
                        "marking",
                        Status.PASS,
                        subject,
                        "The marking, " + marked.get().words() + ", agrees with the readings.",
                        "",
                        Source.COMPUTED,
                        "")
                : Finding.of(
                        "marking",
                        Status.CAUTION,
                        subject,
                        "The marking says " + marked.get().words() + ", which the readings do not bear out.",
                        "Measure again; a wrong seal may have been in, or the shaft is sleeved.",
                        Source.COMPUTED,
                        "");
    }

    private static void both(List<SealSize> sizes, Optional<SealSize> marked, List<Finding> findings) {
        if (marked.isEmpty() && sizes.stream().map(SealSize::system).distinct().count() > 1) {
            findings.add(Finding.of(
                    "system",
                    Status.CAUTION,
                    "metric or inch",
                    "Metric and inch sizes both match these readings.",
                    "Read the marking on the old seal.",
                    Source.GUIDE,
                    "list of sizes"));
        }
    }

    private static void confused(List<SealSize> sizes, List<SealSize> listed, List<Finding> findings) {
        if (sizes.isEmpty()) {
            return;
        }
        SealSize first = sizes.get(0);
        String others = listed.stream()
                .filter(s -> s.boreMm() == first.boreMm()
                        && s.widthMm() == first.widthMm()
                        && s.shaftMm() != first.shaftMm()
                        && Math.abs(s.shaftMm() - first.shaftMm()) <= CONFUSED_MM)
                .map(SealSize::words)
                .collect(Collectors.joining(", "));
        if (!others.isEmpty()) {
            findings.add(Finding.of(
                    "confused",
                    Status.CAUTION,
                    "easily confused sizes",
                    "Same outside and width, other inside: " + others + ".",
                    "Measure the inside of the new seal or read its marking before it goes in.",
                    Source.GUIDE,
                    "list of sizes"));
        }
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
