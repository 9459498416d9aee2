package joropo.core.assembly;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.TorquePlanInput.FigureFor;
import joropo.core.assembly.TorquePlanInput.Threads;
import joropo.core.assembly.TorquePlanInput.TorqueUnit;
import joropo.core.assembly.TorquePlanResult.InUnits;
import joropo.core.units.Length;
import joropo.core.units.Unit;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Sequence, passes and the setting of the wrench for a ring of bolts (guide). */
public final class TorquePlanCheck {
    private static final double[] PASSES = {0.3, 0.6, 1, 1};

    private TorquePlanCheck() {}

    public static TorquePlanResult check(TorquePlanInput in) {
        List<Finding> findings = new ArrayList<>();
        Double figure = figureNm(in, findings);
        Double nm = figure == null ? null : Double.valueOf(figure * factor(in, findings));
        Double wrench = nm == null ? null : wrench(in, nm, findings);
        stainless(in, findings);
        if (in.leftHand()) {
            findings.add(finding(
                    "left-hand",
                    CAUTION,
                    "left-hand thread",
                    "It tightens to the left, anticlockwise.",
                    "Say it before the first turn; a forced left-hand thread is lost."));
        }
        if (in.isTrial()) {
            findings.add(finding(
                    "trial",
                    CAUTION,
                    "gasket seated on trial",
                    "The bolts go in dry, on trial; then each comes out by itself, is dressed and goes in for good.",
                    "Count them: none may stay on trial."));
        }
        findings.add(sequence(in, nm));
        return new TorquePlanResult(
                sequence(in.bolts()),
                nm == null
                        ? List.of()
                        : Arrays.stream(PASSES)
                                .mapToObj(p -> Length.snap(p * nm))
                                .toList(),
                wrench == null ? null : Double.valueOf(Length.snap(wrench)),
                nm == null
                        ? null
                        : new InUnits(Length.snap(nm), in(Unit.LBF_FT, nm), in(Unit.LBF_IN, nm), in(Unit.KGF_M, nm)),
                findings);
    }

    private static Finding sequence(TorquePlanInput in, @Nullable Double nm) {
        String order =
                switch (in.bolts()) {
                    case 1 -> "One only: run down by hand to contact first, then in steps.";
                    case 2 -> "Both in turn, a flat at a time.";
                    default ->
                        "Each bolt run down by hand to contact first; then three passes and a full round at the last "
                                + "figure.";
                };
        Finding out = Finding.of(
                "sequence",
                PASS,
                in.bolts() == 1 ? "steps of the one fastener" : "order of the bolts",
                order,
                "",
                Source.GUIDE,
                "torque");
        return nm == null ? out : out.withValue(Length.snap(nm), "N·m");
    }

    /** The figure as it was given, else by class (N·m); absent where there is none. */
    private static @Nullable Double figureNm(TorquePlanInput in, List<Finding> findings) {
        String subject = "figure for the torque";
        if (in.torque() != null) {
            return unit(in.torqueUnit()).toBase(in.torque());
        }
        if (in.isToMark()) {
            findings.add(toMark(in, subject));
            return null;
        }
        if (in.clamped() == null || in.thread() == null || in.boltClass() == null) {
            findings.add(Finding.missing(
                    "figure",
                    subject,
                    "No figure is given, and "
                            + (in.clamped() == null
                                    ? "what is clamped is not known."
                                    : in.thread() == null
                                            ? "the thread is not known."
                                            : "the class on the bolt's head is not known."),
                    "Find the figure; else thread, class and what is clamped."));
            return null;
        }
        if (in.clamped() != TorquePlanInput.Clamped.STEEL) {
            findings.add(Finding.missing(
                    "figure",
                    subject,
                    "No figure is given, and the class table is not for "
                            + in.clamped().words() + ".",
                    "Ask the machine's maker."));
            return null;
        }
        Double byClass = BoltStrength.dryNm(in.thread(), in.boltClass()).orElse(null);
        findings.add(
                byClass == null
                        ? Finding.missing(
                                "figure",
                                subject,
                                "The class table has coarse threads from M5 to M30 only, and none such as "
                                        + in.thread() + ".",
                                "Ask the machine's maker.")
                        : finding(
                                "figure",
                                CAUTION,
                                subject,
                                "No figure is given: " + Length.show(byClass, 0) + " N·m for dry threads by the table "
                                        + "of classes, " + in.thread() + " " + in.boltClass() + ".",
                                "The machine's own figure goes before it."));
        return byClass;
    }

    private static Finding toMark(TorquePlanInput in, String subject) {
        if (in.newFasteners() == null) {
            return Finding.missing(
                    "figure",
                    subject,
                    "Whether the same bolt and nut go back is not known: a mark is worth nothing on new ones.",
                    "Say whether they are new.");
        }
        return in.newFasteners()
                ? finding("figure", FAIL, subject, "A new fastener has no mark to come back to.", "Find the figure.")
                : finding(
                        "figure",
                        CAUTION,
                        subject,
                        "Back to the mark that was made before loosening, and five degrees past it at most.",
                        "Only where the joint was taken apart for access and nothing in it has changed.");
    }

    private static void stainless(TorquePlanInput in, List<Finding> findings) {
        if (in.isStainless() && in.threads() == Threads.DRY) {
            findings.add(finding(
                    "galling",
                    CAUTION,
                    "stainless threads",
                    "Dry stainless threads gall: they seize before they are tight.",
                    "Put a lubricant on, and take the figure for it."));
        }
    }

    private static Unit unit(TorqueUnit unit) {
        return Unit.valueOf(unit.name());
    }

    private static double in(Unit unit, double nm) {
        return Length.snap(unit.fromBase(nm));
    }

    /** What the threads make of the figure. A figure for lubricated threads is never raised for dry ones. */
    private static double factor(TorquePlanInput in, List<Finding> findings) {
        String subject = "figure against the threads";
        if (in.threads() == null) {
            findings.add(Finding.missing(
                    "threads",
                    subject,
                    "What is on the threads is not known: the figure stands as it is.",
                    "Say dry, oiled, anti-seize or threadlocker."));
            return 1;
        }
        FigureFor figureFor = in.torque() == null ? FigureFor.DRY : in.figureFor();
        if (figureFor == FigureFor.UNKNOWN) {
            findings.add(finding(
                    "threads",
                    CAUTION,
                    subject,
                    "For which threads the figure was given is not known: it stands as it is.",
                    "Look it up; on greased threads a dry figure over-tightens by a third."));
            return 1;
        }
        if (figureFor != FigureFor.DRY && in.threads() == Threads.DRY) {
            findings.add(finding(
                    "threads",
                    FAIL,
                    subject,
                    "The figure is for " + figureFor.words() + " and these are dry: they would stay loose.",
                    "Lubricate; no torque is raised for dry threads."));
            return 1;
        }
        double factor = figureFor == FigureFor.DRY
                ? switch (in.threads()) {
                    case DRY -> 1;
                    case OILED -> 0.75;
                    case ANTISEIZE -> 0.70;
                    case THREADLOCKER -> 0.85;
                }
                : in.threads() == Threads.ANTISEIZE ? 0.93 : 1;
        boolean unlocked = figureFor == FigureFor.THREADLOCKER && in.threads() != Threads.THREADLOCKER;
        String taken = factor == 1
                ? "The threads are as the figure wants them."
                : "The figure is taken times " + Length.show(factor, 2) + " for these threads.";
        findings.add(finding(
                "threads",
                factor == 1 && !unlocked ? PASS : CAUTION,
                subject,
                unlocked
                        ? "The figure is for threads with threadlocker and there is none: the lock is missing."
                                + (factor == 1 ? "" : " " + taken)
                        : taken,
                unlocked ? "Clean the threads and use threadlocker, or lock it otherwise." : ""));
        return factor;
    }

    /** An extension in line makes the wrench longer: it is set lower. */
    private static @Nullable Double wrench(TorquePlanInput in, double nm, List<Finding> findings) {
        if (in.extensionMm() == null || in.extensionMm() == 0) {
            return nm;
        }
        if (in.wrenchLengthMm() == null) {
            findings.add(Finding.missing(
                    "wrench",
                    "setting of the wrench",
                    "With an extension in line the wrench is set lower, and its own length is not known.",
                    "Measure the wrench from grip to square, or turn the extension square to it."));
            return null;
        }
        double set = nm * in.wrenchLengthMm() / (in.wrenchLengthMm() + in.extensionMm());
        findings.add(Finding.of(
                        "wrench",
                        PASS,
                        "setting of the wrench",
                        "Set lower for the extension in line; square to the wrench it would change nothing.",
                        "",
                        Source.COMPUTED,
                        "")
                .withValue(Length.snap(set), "N·m"));
        return set;
    }

    /**
     * Opposite pairs for an even count, the next pair nearest to square with the last one, within it first the bolt
     * farther from the last one tightened, ties to the lower number; an odd count steps on by half a round less half a
     * step.
     */
    static List<Integer> sequence(int bolts) {
        if (bolts % 2 == 1) {
            return IntStream.range(0, bolts)
                    .mapToObj(i -> i * ((bolts - 1) / 2) % bolts + 1)
                    .toList();
        }
        int half = bolts / 2;
        List<Integer> left = new ArrayList<>(IntStream.range(1, half).boxed().toList());
        List<Integer> out = new ArrayList<>(List.of(1, 1 + half));
        int last = 0;
        while (!left.isEmpty()) {
            int from = last;
            int pair = left.stream()
                    .max(Comparator.comparingInt((Integer p) -> steps(p, from, half))
                            .thenComparing(Comparator.reverseOrder()))
                    .orElseThrow();
            left.remove(Integer.valueOf(pair));
            int before = out.get(out.size() - 1) - 1;
            int other = pair + half;
            boolean otherFirst = steps(other, before, bolts) > steps(pair, before, bolts);
            out.add((otherFirst ? other : pair) + 1);
            out.add((otherFirst ? pair : other) + 1);
            last = pair;
        }
        return out;
    }

    /** Steps between two places of a ring, the shorter way. */
    private static int steps(int a, int b, int ring) {
        int way = Math.floorMod(a - b, ring);
        return Math.min(way, ring - way);
    }

    private static Finding finding(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "torque");
    }
}
