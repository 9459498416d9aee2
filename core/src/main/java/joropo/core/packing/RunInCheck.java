package joropo.core.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.core.packing.RunInInput.Look;
import joropo.core.packing.RunInResult.Advice;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What to do next while packing is run in, by the looks so far (guide). */
public final class RunInCheck {
    /** After a turn it is left alone so long, and two looks that are alike lie so far apart (min). */
    private static final double SETTLING_MIN = 10;

    private static final double APART_MIN = 5;
    private static final double ALIKE = 0.1;
    /** In its band for so long, the box as warm as before within so much, it is run in. */
    private static final double DONE_MIN = 30;

    private static final double LEVEL_K = 5;
    private static final double TOO_WARM_K = 10;
    private static final double SLACK = 1e-9;

    private final RunInInput in;
    private final DropBand band;
    private final List<Look> looks;
    private final Look last;
    /** Index of the look at which was turned last, from where heat and time count; the first, where nothing was. */
    private final int turned;

    private final boolean anyTurn;

    private RunInCheck(RunInInput in) {
        this.in = in;
        band = in.band() == null ? DropBand.settled(in.shaftMm()) : in.band();
        looks = in.points();
        last = looks.get(looks.size() - 1);
        int at = looks.size() - 1;
        while (at >= 0 && looks.get(at).turned() == 0) {
            at--;
        }
        anyTurn = at >= 0;
        turned = Math.max(0, at);
    }

    public static RunInResult check(RunInInput in) {
        return new RunInCheck(in).result();
    }

    /** Of a gland that is bolted home: nothing is brought up. @param turns whether its shaft turns under braid */
    public static Finding home(boolean turns) {
        return Say.guide(
                "advice",
                turns ? Status.CAUTION : Status.PASS,
                "running in",
                turns
                        ? "Braid settles, and a gland that is bolted home cannot follow it."
                        : "The gland is bolted home on metal: there is nothing to bring up.",
                turns ? "Count its drops for the first hour; more shims under the next set." : "");
    }

    /** While there is no look. */
    public static Finding unread() {
        return Finding.missing(
                "advice", "running in", "It was not looked at while it ran in.", "Look, count, and note it.");
    }

    private record Said(
            Advice advice, String reason, @Nullable Double nextMin) {}

    private RunInResult result() {
        Said said = said();
        List<Finding> findings = new ArrayList<>();
        findings.add(Say.guide("advice", status(said.advice), "running in", said.reason, remedy(said.advice))
                .withValue(Math.rint(last.drops() * 10) / 10, "drops/min")
                .withLimits(new Limits(band.from(), band.to()), 0));
        if (last.gapsMm() != null) {
            findings.add(new GlandGaps(last.gapsMm()).finding());
        }
        GlandTravel travel = new GlandTravel(looks);
        return new RunInResult(
                said.advice, said.reason, said.nextMin, travelLeft(), travel.leftMm(), travel.daysLeft(), findings);
    }

    private static Status status(Advice advice) {
        return switch (advice) {
            case DONE -> Status.PASS;
            case WAIT -> Status.MISSING;
            case ONE_FLAT -> Status.CAUTION;
            default -> Status.FAIL;
        };
    }

    private static String remedy(Advice advice) {
        return switch (advice) {
            case DONE -> "Note leak, gland gaps and travel left.";
            case WAIT -> "Look again.";
            case ONE_FLAT -> "One flat on each nut in turn, gaps alike at four places, then look again in 10 min.";
            case LET_OFF ->
                "Stop, isolate, pressure off and proved, let it cool. Then ease each nut one flat and run it in again. "
                        + "Never on a running or pressurised box.";
            case REPACK -> "Stop, isolate, pressure off and proved, then new rings.";
        };
    }

    private boolean isTravelUsed() {
        return travelLeft() != null && travelLeft() <= SLACK
                || last.gapsMm() != null && last.gapsMm().stream().anyMatch(g -> g <= SLACK);
    }

    private @Nullable Double travelLeft() {
        return in.travelFlats() == null
                ? null
                : Double.valueOf(in.travelFlats()
                        - looks.stream().mapToDouble(Look::turned).sum());
    }

    private Said said() {
        if (last.drops() <= SLACK && band.from() > SLACK) {
            return new Said(Advice.LET_OFF, "No drop comes: nothing cools it, it burns.", null);
        }
        Double warmer = warmer();
        if (warmer != null && warmer > TOO_WARM_K + SLACK) {
            return new Said(
                    Advice.LET_OFF,
                    "The box is " + Length.show(warmer, 0) + " K warmer than before the last turn.",
                    null);
        }
        boolean above = last.drops() > band.to() + SLACK;
        boolean settled = isSettled();
        if (settled && above && isTravelUsed()) {
            return new Said(Advice.REPACK, "It leaks more than it may, and the gland's travel is used.", null);
        }
        if (isDone()) {
            return new Said(Advice.DONE, "In its band for half an hour, and no warmer.", null);
        }
        if (!settled) {
            return new Said(Advice.WAIT, waiting(), nextMin());
        }
        return above
                ? new Said(Advice.ONE_FLAT, "It has settled above its band.", null)
                : last.drops() < band.from() - SLACK
                        ? new Said(Advice.WAIT, "Below its band: it is left alone.", SETTLING_MIN)
                        : new Said(Advice.WAIT, inBand(), nextMin());
    }

    private String waiting() {
        return looks.size() == 1
                ? "One look says nothing yet."
                : sinceTurn() < SETTLING_MIN - SLACK
                        ? "It has had " + Length.show(sinceTurn(), 0) + " min since the last turn: it needs ten."
                        : "Two looks five minutes apart are not alike yet.";
    }

    private String inBand() {
        return looks.stream().skip(turned).anyMatch(l -> l.boxC() == null)
                ? "In its band. Read the box's temperature at every look: without it, it is never done."
                : "In its band: half an hour of it, and level heat.";
    }

    private double sinceTurn() {
        return last.minute() - looks.get(turned).minute();
    }

    /** At least until it may have settled. */
    private double nextMin() {
        return Math.max(APART_MIN, SETTLING_MIN - sinceTurn());
    }

    /** Since the last turn; absent while it is not read at both looks. */
    private @Nullable Double warmer() {
        Double then = looks.get(turned).boxC();
        return !anyTurn || turned == looks.size() - 1 || then == null || last.boxC() == null
                ? null
                : Double.valueOf(last.boxC() - then);
    }

    /** The first look that counts: what was read before a turn is gone with it. */
    private int firstAfter() {
        return anyTurn ? turned + 1 : 0;
    }

    private boolean isSettled() {
        return sinceTurn() >= SETTLING_MIN - SLACK
                && looks.subList(Math.min(firstAfter(), looks.size() - 1), looks.size() - 1).stream()
                        .filter(l -> last.minute() - l.minute() >= APART_MIN - SLACK)
                        .anyMatch(l -> Math.abs(last.drops() - l.drops()) <= ALIKE * l.drops() + SLACK);
    }

    /** Every look of the last half hour in the band and as warm. */
    private boolean isDone() {
        if (firstAfter() >= looks.size()) {
            return false;
        }
        List<Look> window = new ArrayList<>();
        for (int i = looks.size() - 1; i >= firstAfter(); i--) {
            window.add(0, looks.get(i));
            if (last.minute() - looks.get(i).minute() >= DONE_MIN - SLACK) {
                break;
            }
        }
        List<Double> warm =
                window.stream().map(Look::boxC).filter(Objects::nonNull).toList();
        return last.minute() - window.get(0).minute() >= DONE_MIN - SLACK
                && window.stream().allMatch(l -> l.drops() >= band.from() - SLACK && l.drops() <= band.to() + SLACK)
                && warm.size() == window.size()
                && looks.get(turned).boxC() != null
                && spread(warm) <= LEVEL_K + SLACK;
    }

    private static double spread(List<Double> values) {
        Stream<Double> sorted = values.stream().sorted();
        List<Double> all = sorted.toList();
        return all.get(all.size() - 1) - all.get(0);
    }
}
