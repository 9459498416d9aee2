package joropo.core.packing;

import java.util.Comparator;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** Which listed section belongs into the measured one (guide). @param mm measured */
record BoxSection(double mm) {
    private static final List<Double> LISTED =
            List.of(3.0, 4.0, 5.0, 6.0, 6.35, 8.0, 9.5, 10.0, 11.0, 12.7, 14.0, 15.9, 16.0, 19.0, 20.0, 22.0, 25.0);
    /** So much a braid gives by itself; so much it may be rolled down (mm). */
    private static final double GIVES_MM = 0.1;

    private static final double ROLLED_MM = 0.3;
    /** Too thin by more than this it takes more tightening; by this it does not seal (mm). */
    private static final double THIN_MM = 0.2;

    private static final double TOO_THIN_MM = 0.5;
    private static final double SLACK = 1e-9;

    /** The nearest; of two that are equally near the one that is judged better. */
    double listedMm() {
        return nearest().stream()
                .max(Comparator.comparing((Double l) -> status(l)).thenComparing(Comparator.reverseOrder()))
                .orElseThrow();
    }

    private List<Double> nearest() {
        double off = LISTED.stream().mapToDouble(l -> Math.abs(l - mm)).min().orElseThrow();
        return LISTED.stream().filter(l -> Math.abs(l - mm) <= off + SLACK).toList();
    }

    private Status status(double listed) {
        double over = Length.snap(listed - mm);
        if (over > ROLLED_MM + SLACK || over <= -TOO_THIN_MM + SLACK) {
            return Status.FAIL;
        }
        return over > GIVES_MM + SLACK || over < -THIN_MM - SLACK ? Status.CAUTION : Status.PASS;
    }

    Finding finding() {
        List<String> said = nearest().stream().map(this::words).toList();
        return Say.guide(
                        "section",
                        status(listedMm()),
                        "section of the packing",
                        String.join(" ", said),
                        status(listedMm()) == Status.FAIL
                                ? "Measure again; a braid made to size, or a bush that makes the box smaller."
                                : "")
                .withValue(mm, "mm");
    }

    private String words(double listed) {
        double over = Length.snap(listed - mm);
        String name = Length.show(listed, 2).replaceAll("0$", "") + " mm: ";
        return switch (status(listed)) {
            case FAIL ->
                name
                        + (over > 0
                                ? "thicker than may be rolled down, 0.3 mm."
                                : "too thin by half a millimetre or more.");
            case CAUTION ->
                name
                        + (over > 0
                                ? "roll it down by " + Length.show(over, 2) + " mm. Never hammer it."
                                : "thin: it takes more tightening.");
            default -> name + "it fits.";
        };
    }
}
