package joropo.core.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * One reading that is off by what a gauge is misread by, while its neighbours agree: suspected before anything is said
 * of the part (guide).
 *
 * @param index of the reading, from 0, @param offMm reading less its neighbours (mm), @param slip how it may have come
 *     about
 */
public record Misreading(int index, double offMm, Slip slip) {
    /** What gauges are misread by. */
    public enum Slip {
        HALF_TURN(0.50, "half a turn of the thimble"),
        INCH_TURN(0.025 * Length.MM_PER_INCH, "a turn of an inch micrometer"),
        TEN(10, "ten millimetres"),
        INCH(0, "typed in inches");

        private final double stepMm;
        private final String words;

        Slip(double stepMm, String words) {
            this.stepMm = stepMm;
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The finding that says so. */
    public static final String ID = "slip";

    /** So many others have to agree. */
    public static final int LEAST_NEIGHBOURS = 3;

    /** Others agree when they spread by no more than this share of the step (guide). */
    private static final double AGREE = 0.2;
    /** A reading is typed in inches when it is this near to its neighbours then, in parts (guide). */
    private static final double SAME_PARTS = 0.01;
    /** As near to an inch size a part is taken for one (mm, guide). */
    private static final double INCH_SIZE_MM = 0.03;

    /**
     * Each reading that is suspected; none where fewer than four were taken. @param readings in mm, in the order of
     * their fields, absent where one was not taken, @param uncertaintyMm U of the gauge
     */
    public static List<Misreading> among(List<@Nullable Double> readings, double uncertaintyMm) {
        List<Misreading> out = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            Double reading = readings.get(i);
            int at = i;
            double[] others = IntStream.range(0, readings.size())
                    .filter(k -> k != at && readings.get(k) != null)
                    .mapToDouble(readings::get)
                    .toArray();
            if (reading != null && others.length >= LEAST_NEIGHBOURS) {
                slip(reading, others, uncertaintyMm)
                        .ifPresent(s -> out.add(new Misreading(
                                at, reading - DoubleStream.of(others).average().orElseThrow(), s)));
            }
        }
        return out.size() == 1 ? List.copyOf(out) : List.of();
    }

    private static Optional<Slip> slip(double reading, double[] others, double uncertaintyMm) {
        double mean = DoubleStream.of(others).average().orElseThrow();
        double spread = DoubleStream.of(others).max().orElseThrow()
                - DoubleStream.of(others).min().orElseThrow();
        for (Slip slip : Slip.values()) {
            boolean off = slip == Slip.INCH
                    ? Math.abs(reading * Length.MM_PER_INCH - mean) <= SAME_PARTS * Math.abs(mean)
                    : Math.abs(Math.abs(reading - mean) - slip.stepMm) <= uncertaintyMm + spread / 2 + 1e-9;
            boolean agree = spread <= AGREE * (slip == Slip.INCH ? Math.abs(mean) : slip.stepMm) + 1e-9;
            if (off && agree && Math.abs(mean) > spread) {
                return Optional.of(slip);
            }
        }
        return Optional.empty();
    }

    /** The question at its field, in the unit of the reader. */
    public String question(LengthUnit unit) {
        if (slip == Slip.INCH) {
            return "Its neighbours read 25.4 times as much: typed in inches?";
        }
        double off = Math.abs(offMm);
        String figure = unit == LengthUnit.INCH
                ? Length.show(off / Length.MM_PER_INCH, 4) + " in"
                : Length.show(off, 2) + " mm";
        return figure + (offMm < 0 ? " less" : " more") + " than its neighbours: " + slip.words + "?";
    }

    /** One reading is suspected. @param subject what was read, such as the shaft */
    public Finding finding(String subject) {
        return Finding.of(
                        ID,
                        Status.REMEASURE,
                        "one reading of the " + subject + " against the others",
                        question(LengthUnit.MM) + " Nothing is said of the " + subject + " before that is clear.",
                        "Read it again there. If it stays, say that it stands.",
                        Source.GUIDE,
                        "misreadings")
                .withValue(Math.abs(offMm), "mm");
    }

    /**
     * An inch size that all readings agree with, where the place is known as metric; empty: none. @param nominalMm of
     * the place
     */
    public static Optional<SealSize> inchSize(List<Double> readings, double nominalMm, boolean shaft) {
        if (readings.isEmpty()) {
            return Optional.empty();
        }
        return SealSize.all().stream()
                .filter(s -> s.system() == SealSystem.INCH)
                .filter(s -> Math.abs((shaft ? s.shaftMm() : s.boreMm()) - nominalMm) > 2 * INCH_SIZE_MM)
                .filter(s -> readings.stream()
                        .allMatch(r -> Math.abs(r - (shaft ? s.shaftMm() : s.boreMm())) <= INCH_SIZE_MM))
                .findFirst();
    }
}
