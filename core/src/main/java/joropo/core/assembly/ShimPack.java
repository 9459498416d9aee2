package joropo.core.assembly;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;

/** Shims of one pack, each with its thickness (mm): what came out goes back in the same number and sum (guide). */
public record ShimPack(List<Double> shimsMm) {
    /** Thinner than a foil, or no shim any more (mm). */
    private static final double THINNEST_MM = 0.01;

    private static final double THICKEST_MM = 10;
    private static final int MOST = 50;
    /** Two sums nearer than this are the same pack: shims are read to a hundredth (mm, guide). */
    private static final double SAME_MM = 0.02;

    static final String WANTED = "needs 1 to " + MOST + " shims, each from " + Length.show(THINNEST_MM, 2) + " to "
            + Length.show(THICKEST_MM, 0) + " mm thick";

    public ShimPack {
        if (!isOne(shimsMm)) {
            throw new RefusedInput("", WANTED);
        }
        shimsMm = List.copyOf(shimsMm);
    }

    static boolean isOne(List<Double> shimsMm) {
        return !shimsMm.isEmpty()
                && shimsMm.size() <= MOST
                && shimsMm.stream().allMatch(t -> t != null && t >= THINNEST_MM - 1e-9 && t <= THICKEST_MM + 1e-9);
    }

    /**
     * Reads {@code 0.5 0.2 0.1}, {@code 0.5 + 0.2}, {@code 2x0.1, 0.05}: thicknesses parted by blanks, plus signs or
     * semicolons, a number before an x counts shims alike.
     *
     * @throws RefusedInput when it is no pack
     */
    public static ShimPack parse(String text, LengthUnit unit) {
        return new ShimPack(
                Arrays.stream(text.strip().replaceAll("\\s*[xX×]\\s*", "x").split("\\s*[+;]\\s*|\\s+|,\\s+"))
                        .flatMap(t -> shims(t, unit).stream())
                        .toList());
    }

    private static List<Double> shims(String text, LengthUnit unit) {
        int x = text.indexOf('x');
        if (x < 0) {
            return List.of(Length.parseSize(text, unit).mm());
        }
        String count = text.substring(0, x);
        if (!count.matches("[1-9][0-9]?")) {
            throw new RefusedInput("", "'" + text + "' is not understood: write 2x0.1 for two of 0.1 mm");
        }
        return Collections.nCopies(
                Integer.parseInt(count),
                Length.parseSize(text.substring(x + 1), unit).mm());
    }

    public double sumMm() {
        return sumMm(shimsMm);
    }

    static double sumMm(List<Double> shimsMm) {
        return Length.snap(shimsMm.stream().mapToDouble(Double::doubleValue).sum());
    }

    /** As it is said: {@code 3 shims, 0.80 mm: 0.50, 0.20, 0.10}. */
    public String words() {
        return shimsMm.size() + (shimsMm.size() == 1 ? " shim, " : " shims, ") + Length.show(sumMm(), 2) + " mm"
                + (shimsMm.size() == 1
                        ? ""
                        : ": " + shimsMm.stream().map(t -> Length.show(t, 2)).collect(Collectors.joining(", ")));
    }

    /** As {@link #parse} reads it in mm. */
    public String text() {
        return shimsMm.stream().map(t -> Length.show(t, 3)).collect(Collectors.joining(" "));
    }

    /** How it differs from the pack that came out; empty where number and sum are the same. */
    public Optional<String> unlike(ShimPack cameOut) {
        if (shimsMm.size() != cameOut.shimsMm.size()) {
            return Optional.of("counts " + shimsMm.size() + ", and " + cameOut.shimsMm.size() + " came out");
        }
        return Math.abs(sumMm() - cameOut.sumMm()) <= SAME_MM + 1e-9
                ? Optional.empty()
                : Optional.of("adds up to " + Length.show(sumMm(), 2) + " mm, and " + Length.show(cameOut.sumMm(), 2)
                        + " mm came out");
    }
}
