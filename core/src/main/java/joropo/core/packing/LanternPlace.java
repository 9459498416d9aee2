package joropo.core.packing;

import java.util.Optional;
import java.util.stream.IntStream;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Where the lantern ring comes to lie, before and after the rings have settled, against its port (guide); mm from the
 * bottom of the box.
 *
 * @param rings in the box, @param slotAssumed whether its slot is not measured: half of it is taken
 */
record LanternPlace(
        double section,
        int rings,
        double bushMm,
        double lanternMm,
        double slotMm,
        boolean slotAssumed,
        double portFromMm,
        double portToMm) {
    /** Share of a ring's height that is left on average, and after settling. */
    private static final double MEAN = 0.94;

    private static final double SETTLED = 0.88;
    private static final double SLACK = 1e-9;

    /** Nothing where there is no lantern ring or its port is not known. */
    static Optional<LanternPlace> of(PackingInput in, int rings) {
        if (in.lanternWidthMm() == null || in.portFromMm() == null) {
            return Optional.empty();
        }
        double depth = in.boxDepthMm();
        return Optional.of(new LanternPlace(
                in.section(),
                rings,
                in.bush(),
                in.lantern(),
                in.lanternSlotMm() == null ? in.lantern() / 2 : in.lanternSlotMm(),
                in.lanternSlotMm() == null,
                depth - in.portToMm(),
                depth - in.portFromMm()));
    }

    private double portMiddle() {
        return (portFromMm + portToMm) / 2;
    }

    /** Rings below it. */
    int inboard() {
        long nearest = Math.round((portMiddle() - bushMm - lanternMm / 2) / (MEAN * section));
        return (int) Math.max(0, Math.min(rings, nearest));
    }

    /** Its middle over so many rings, a spacer below it. */
    private double middle(int below, double share, double spacer) {
        return bushMm + spacer + below * share * section + lanternMm / 2;
    }

    /** How much of the slot lies at the port. */
    private double overlap(double middle) {
        return Math.min(middle + slotMm / 2, portToMm) - Math.max(middle - slotMm / 2, portFromMm);
    }

    /** Half of the slot; a port that is narrower than that never has it. */
    private double wanted() {
        return slotMm / 2;
    }

    double overlapBefore() {
        return overlap(middle(inboard(), 1, 0));
    }

    double overlapAfter() {
        return overlap(middle(inboard(), SETTLED, 0));
    }

    boolean isUnderItsPort() {
        return Math.min(overlapBefore(), overlapAfter()) >= wanted() - SLACK;
    }

    /** The shortest spacer under it that would do, with as many rings below it as it takes; absent: none would. */
    @Nullable
    Double spacerMm() {
        return isUnderItsPort() || wanted() > portToMm - portFromMm + SLACK
                ? null
                : IntStream.rangeClosed(0, rings)
                        .mapToObj(this::spacer)
                        .flatMap(Optional::stream)
                        .min(Double::compare)
                        .orElse(null);
    }

    private Optional<Double> spacer(int below) {
        double reach = (slotMm + portToMm - portFromMm) / 2 - wanted();
        double low = portMiddle() - reach - middle(below, SETTLED, 0);
        double high = portMiddle() + reach - middle(below, 1, 0);
        double wantedMm = Math.max(0, low);
        return wantedMm <= high + SLACK && wantedMm > SLACK ? Optional.of(Length.snap(wantedMm)) : Optional.empty();
    }

    Finding finding() {
        String subject = "lantern ring under its port";
        Double spacer = spacerMm();
        String places = inboard() + (inboard() == 1 ? " ring" : " rings") + " below it: "
                + Length.show(Math.max(0, overlapBefore()), 1)
                + " mm of its slot at the port before, " + Length.show(Math.max(0, overlapAfter()), 1)
                + " mm after settling.";
        boolean right = isUnderItsPort();
        return Say.guide(
                "lantern",
                right && !slotAssumed ? Status.PASS : Status.CAUTION,
                subject,
                places + (slotAssumed ? " Half of it is assumed as its slot." : ""),
                right
                        ? slotAssumed ? "Measure its slot." : ""
                        : spacer == null
                                ? "No spacer brings it there before and after: a wider lantern ring, or other rings."
                                : "A spacer of " + Length.show(spacer, 1) + " mm under it.");
    }
}
