package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A set of V rings between its header rings (guide): the open side to the pressure, as many as the pressure asks for.
 *
 * @param rings V rings without the headers, @param open where their open side looks, @param pressure where it comes
 *     from, @param bothSides whether it comes from the other side too, @param pressureMpa with its peaks
 * @param pitchMm from ring to ring, @param headersMm both headers together, @param stackMm as measured in the box,
 * @param takeUpMm what the gland has taken up, @param split whether rings are cut, @param jointsOffset whether their
 *     joints stand apart
 * @param paired whether another set beside it looks the other way
 * @param rimSeen whether every rim was looked at under a glass, and is whole; each absent: not known
 */
@RecordBuilder
public record ChevronSet(
        @Nullable Integer rings,
        @Nullable Side open,
        @Nullable Side pressure,
        @Nullable Boolean bothSides,
        @Nullable Double pressureMpa,
        @Nullable Double pitchMm,
        @Nullable Double headersMm,
        @Nullable Double stackMm,
        @Nullable Double takeUpMm,
        @Nullable Boolean split,
        @Nullable Boolean jointsOffset,
        @Nullable Boolean rimSeen,
        boolean paired) {
    /** To each pressure (MPa) its rings. */
    private record Enough(double toMpa, int rings) {}

    private static final List<Enough> BY_PRESSURE =
            List.of(new Enough(3.5, 3), new Enough(10, 4), new Enough(20, 5), new Enough(35, 6));
    /** So far beyond what its rings are for a set is doubtful, not wrong. */
    private static final double DOUBTFUL = 2;

    private static final Limits TAKE_UP = new Limits(0.0, 5.0);
    private static final int MOST_RINGS = 40;
    private static final double SLACK = 1e-9;

    public ChevronSet {
        new Needs()
                .that("rings", rings == null || rings >= 1 && rings <= MOST_RINGS, "must be 1 to 40, got " + rings)
                .optionalSize("pitchMm", pitchMm)
                .optionalSize("headersMm", headersMm)
                .optionalSize("stackMm", stackMm)
                .optionalNotNegative("takeUpMm", takeUpMm)
                .done();
    }

    /** By rings, pitch and headers (mm); absent while one of them is not known. */
    public @Nullable Double stackByRingsMm() {
        return rings == null || pitchMm == null || headersMm == null
                ? null
                : Double.valueOf(Length.snap(rings * pitchMm + headersMm));
    }

    public List<Finding> findings() {
        List<Finding> out = new ArrayList<>(List.of(wayRound(), count(), rim(), takeUp()));
        if (!Boolean.FALSE.equals(split)) {
            out.add(joints());
        }
        return out;
    }

    private Finding wayRound() {
        String subject = "way round of the V rings";
        if (open == null || pressure == null) {
            return Finding.missing(
                    "way-round",
                    subject,
                    open == null
                            ? "Where their open side looks is not known."
                            : "From which side the pressure comes is not known.",
                    "Look at the drawing.");
        }
        if (Boolean.TRUE.equals(bothSides) && paired) {
            return Say.guide("way-round", Status.PASS, subject, "Two sets, back to back: each holds its side.", "");
        }
        if (Boolean.TRUE.equals(bothSides)) {
            return Say.guide(
                    "way-round",
                    Status.FAIL,
                    subject,
                    "The pressure comes from both sides: one set holds one of them.",
                    "Two sets, back to back.");
        }
        boolean right = open == pressure;
        if (right && bothSides == null) {
            return Finding.missing(
                    "way-round",
                    subject,
                    "Whether the pressure comes from both sides is not known.",
                    "Look at its lines.");
        }
        return Say.guide(
                "way-round",
                right ? Status.PASS : Status.FAIL,
                subject,
                right
                        ? "Their open side looks to the pressure, which spreads them."
                        : "Their backs look to the pressure: it leaks at once.",
                right ? "" : "Turn the whole set round: the male ring into the open V on the pressure side.");
    }

    private Finding count() {
        String subject = "V rings for the pressure";
        if (pressureMpa == null || rings == null) {
            return Finding.missing(
                    "rings",
                    subject,
                    rings == null ? "How many there are is not known." : "The pressure is not known.",
                    "Count them; say the pressure with its peaks.");
        }
        if (pressureMpa > BY_PRESSURE.get(BY_PRESSURE.size() - 1).toMpa + SLACK) {
            return Finding.missing("rings", subject, "Above 35 MPa only its maker says.", "Ask its maker.");
        }
        double stands = BY_PRESSURE.stream()
                .filter(s -> s.rings <= rings)
                .mapToDouble(Enough::toMpa)
                .max()
                .orElse(0);
        int wanted = BY_PRESSURE.stream()
                .filter(s -> pressureMpa <= s.toMpa + SLACK)
                .findFirst()
                .orElseThrow()
                .rings;
        Status status =
                rings >= wanted ? Status.PASS : pressureMpa <= DOUBTFUL * stands + SLACK ? Status.CAUTION : Status.FAIL;
        return Say.guide(
                        "rings",
                        status,
                        subject,
                        status == Status.PASS ? "As many as this pressure asks for." : "It asks for " + wanted + ".",
                        status == Status.PASS ? "" : wanted + " rings, or the figure of its maker.")
                .withValue((double) rings, "")
                .withLimits(Limits.atLeast((double) wanted), 0);
    }

    private Finding rim() {
        String subject = "rims of the V rings";
        return rimSeen == null
                ? Finding.missing("rim", subject, "They are not looked at.", "Look round each rim under a glass.")
                : Say.guide(
                        "rim",
                        rimSeen ? Status.PASS : Status.FAIL,
                        subject,
                        rimSeen ? "Whole all round." : "One nick in a rim leaks.",
                        rimSeen ? "" : "A new set.");
    }

    private Finding takeUp() {
        String subject = "take-up of the set";
        Double stack = stackMm != null ? stackMm : stackByRingsMm();
        if (takeUpMm == null || stack == null) {
            return Finding.missing(
                    "take-up",
                    subject,
                    takeUpMm == null
                            ? "What the gland takes up is not measured."
                            : "The height of the stack is not known.",
                    "Measure the stack, and the gland before and after.");
        }
        double percent = 100 * takeUpMm / stack;
        boolean right = percent <= TAKE_UP.upper() + SLACK;
        String by = stackMm == null ? " The stack's height by its rings is assumed." : "";
        return Say.guide(
                        "take-up",
                        right ? Status.PASS : Status.FAIL,
                        subject,
                        (right ? "The pressure does the rest." : "So much crushes the lips, and they seal no more.")
                                + by,
                        right ? "" : "A thicker shim under the gland.")
                .withValue(Math.rint(percent * 10) / 10, "%")
                .withLimits(TAKE_UP, 0);
    }

    private Finding joints() {
        if (split == null && !Boolean.FALSE.equals(jointsOffset)) {
            return Finding.missing(
                    "joints", "joints of split rings", "Whether the rings are cut is not known.", "Look at them.");
        }
        return jointsOffset == null
                ? Finding.missing(
                        "joints", "joints of split rings", "Whether they stand apart is not known.", "Look at them.")
                : Say.guide(
                        "joints",
                        jointsOffset ? Status.PASS : Status.FAIL,
                        "joints of split rings",
                        jointsOffset ? "They stand apart from ring to ring." : "In line they leak in one place.",
                        jointsOffset ? "" : "Turn every ring by a quarter.");
    }

    /** How it goes in. */
    public List<Step> steps() {
        Step.When fit = Step.When.FIT;
        List<Step> out = new ArrayList<>();
        out.add(hold(
                "parts",
                Step.When.PREPARE,
                "Lay out a whole new set: male ring, " + (rings == null ? "the" : rings)
                        + " V rings, female ring. Count " + "them.",
                "A rebuilt box gets new rings."));
        out.add(hold(
                "clean",
                Step.When.PREPARE,
                "Box clean, threads and edges on their way covered, rims looked at under a glass.",
                "One nick leaks."));
        out.add(hold(
                "way-round",
                fit,
                "Male ring on the pressure side, into the open V; every open side "
                        + (open == null ? "to the pressure" : open.words()) + "; female ring behind the closed backs.",
                "The wrong way round it leaks at once."));
        out.add(step(
                "enter",
                fit,
                "One ring after the other, lubricated, pushed with a blunt tool on its heel"
                        + (Boolean.TRUE.equals(split) ? ", each joint a quarter further." : "."),
                "A ring that is driven in a stack folds its lips."));
        out.add(hold(
                "gland",
                Step.When.CLOSE,
                "Gland square; take up no more than 5 % of the stack" + takeUpWords() + ".",
                "The pressure spreads the set, not the gland."));
        out.add(new Step(
                "prove",
                Step.When.PROVE,
                "Bleed slowly, move it end to end without load, then hold: the rod stays dry.",
                "Air under pressure burns with the oil.",
                true,
                "Stand clear of the rod; no bare hand feels for a leak.",
                null,
                ""));
        return out;
    }

    private String takeUpWords() {
        Double stack = stackMm != null ? stackMm : stackByRingsMm();
        return stack == null ? "" : ", " + Length.show(TAKE_UP.upper() / 100 * stack, 1) + " mm";
    }

    private static Step step(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, false, "", null, "");
    }

    private static Step hold(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, true, "", null, "");
    }

    /** What has to be in hand. @param size of rod and box as it is written, empty: not known */
    public List<Part> parts(String size) {
        return List.of(new Part(
                "set",
                1,
                PartKind.CHEVRON,
                "chevron set" + (size.isEmpty() ? "" : " " + size) + (rings == null ? "" : ", " + rings + " V rings"),
                size,
                null,
                "old rings are never used again",
                null));
    }
}
