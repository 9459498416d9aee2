package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What has to hold before a mechanical seal turns under power (guide): its faces, what was counted in, and the chamber.
 *
 * @param faces that go in, @param bands of both, counted after they were lapped; absent: not counted, @param facesSeen
 *     whether they were looked at under a lamp before they went in
 * @param clipsIn holders, keepers and clips counted in, @param clipsOut counted out
 * @param full, @param vented, @param flush, @param ports each absent: not looked
 * @param airTest what the low pressure test with air showed
 */
@RecordBuilder
public record SealHolds(
        @Nullable Faces faces,
        @Nullable List<Double> bands,
        @Nullable Boolean facesSeen,
        @Nullable Integer clipsIn,
        @Nullable Integer clipsOut,
        @Nullable Boolean full,
        @Nullable Boolean vented,
        @Nullable Boolean flush,
        @Nullable Boolean ports,
        @Nullable AirTest airTest) {
    /** Nearer than this it moved as reckoned with (mm, guide). */
    private static final double AS_RECKONED_MM = 0.05;

    public SealHolds {
        bands = bands == null ? List.of() : List.copyOf(bands);
    }

    /** Every rule once. */
    public List<Finding> findings() {
        return List.of(reuse(), seen(), clips(), air(), start());
    }

    /** Which faces go in. */
    public enum Faces {
        NEW("new, both"),
        LAPPED("the old pair, both lapped again"),
        ONE_LAPPED("one of them lapped"),
        AS_RUN("as they ran");

        private final String words;

        Faces(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What a test with air at low pressure showed. */
    public enum AirTest {
        HELD("held"),
        FELL("fell"),
        NOT_MADE("not made");

        private final String words;

        AirTest(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Of the faces, when they are chosen. */
    public Finding reuse() {
        String subject = "faces that go in";
        if (faces == null) {
            return Finding.missing("reuse", subject, "Which faces go in is not known.", "Say whether they are new.");
        }
        return switch (faces) {
            case NEW -> Say.guide("reuse", Status.PASS, subject, "A new pair.", "");
            case LAPPED -> lapped(subject);
            case ONE_LAPPED ->
                Say.guide(
                        "reuse",
                        Status.FAIL,
                        subject,
                        "One lapped face on one that has run: it leaks from the first turn.",
                        "Both lapped again, or a new pair.");
            case AS_RUN ->
                Say.guide(
                        "reuse",
                        Status.FAIL,
                        subject,
                        "Faces that have run, and were apart, do not find each other again.",
                        "Both lapped again, or a new pair.");
        };
    }

    private Finding lapped(String subject) {
        if (bands.size() < 2) {
            return Finding.missing(
                    "reuse", subject, "How flat they are now is not known.", "Count the light bands of both faces.");
        }
        Status worst = Finding.worst(bands.stream()
                .flatMap(b -> FlatnessCheck.check(new FlatnessInput(b)).findings().stream())
                .toList());
        return Say.guide(
                        "reuse",
                        worst,
                        subject,
                        worst == Status.PASS
                                ? "Both lapped again, as a pair, and flat."
                                : "Lapped again, and one of them is not flat.",
                        worst == Status.PASS ? "" : "Have both lapped once more.")
                .withValue(bands.stream().mapToDouble(b -> b).max().orElseThrow(), "bands");
    }

    /** New ones too: they come with chips. */
    public Finding seen() {
        String subject = "faces under a lamp";
        if (facesSeen == null) {
            return Finding.missing(
                    "faces", subject, "They were not looked at before they went in.", "Look: chips happen on the way.");
        }
        return Say.guide(
                "faces",
                facesSeen ? Status.PASS : Status.FAIL,
                subject,
                facesSeen ? "Whole and clean." : "A chip, a scratch or a crack.",
                facesSeen ? "" : "Another pair.");
    }

    /** One left in, and the seal is dead at the first turn. */
    public Finding clips() {
        String subject = "holders, keepers and clips";
        if (clipsIn == null || clipsOut == null) {
            return Finding.missing(
                    "clips",
                    subject,
                    clipsIn == null ? "They were not counted in." : "They were not counted out.",
                    "Count them, and keep them with the card.");
        }
        Status status = clipsOut.equals(clipsIn) ? Status.PASS : clipsOut < clipsIn ? Status.FAIL : Status.REMEASURE;
        return Say.guide(
                        "clips",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "All of them are out.";
                            case FAIL -> clipsIn - clipsOut + " still in: the seal does not run with it.";
                            default -> "More came out than went in.";
                        },
                        status == Status.PASS ? "" : "Find them before anything turns, count again.")
                .withValue(clipsOut, "")
                .withLimits(new Limits((double) clipsIn, (double) clipsIn), 0);
    }

    /** A seal that starts dry is dead in a minute. */
    public Finding start() {
        String subject = "before the first turn under power";
        List<String> not = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        ask(full, "chamber full", not, unread);
        ask(vented, "vented at its highest point", not, unread);
        ask(flush, "flush or barrier on at its figure", not, unread);
        ask(ports, "ports to the drawing, unused ones plugged", not, unread);
        if (!not.isEmpty()) {
            return Say.guide(
                    "start", Status.FAIL, subject, "Not so: " + String.join(", ", not) + ".", "First that, then turn.");
        }
        return unread.isEmpty()
                ? Say.guide("start", Status.PASS, subject, "Full, vented, flushed, ports right.", "")
                : Finding.missing(
                        "start",
                        subject,
                        "Not looked at: " + String.join(", ", unread) + ".",
                        "A seal that starts dry is dead in a minute.");
    }

    private static void ask(@Nullable Boolean holds, String what, List<String> not, List<String> unread) {
        if (holds == null) {
            unread.add(what);
        } else if (!holds) {
            not.add(what);
        }
    }

    /** Finds a nicked ring before the pump is filled. */
    public Finding air() {
        String subject = "air at low pressure";
        if (airTest == null) {
            return Finding.missing(
                    "air-test",
                    subject,
                    "Whether it was tested with air is not known.",
                    "To 0.2 MPa, or as the maker says.");
        }
        return switch (airTest) {
            case HELD -> Say.guide("air-test", Status.PASS, subject, "It held.", "");
            case FELL ->
                Say.guide(
                        "air-test",
                        Status.FAIL,
                        subject,
                        "It fell: a nicked ring, a face, a gasket.",
                        "Soapy water, find it, before anything is filled.");
            case NOT_MADE ->
                Say.guide(
                        "air-test",
                        Status.CAUTION,
                        subject,
                        "Not made: a nicked ring shows only when it is filled.",
                        "Make it where the maker allows it.");
        };
    }

    /**
     * Whether the rotor was moved after the seal was set, other than was reckoned with: the unit goes with it.
     *
     * @param reckonedMm, @param movedMm inward, each absent: not known, @param outMm by which the unit may go outward
     *     from where it stands, @param inMm inward
     */
    public static Finding moved(@Nullable Double reckonedMm, @Nullable Double movedMm, double outMm, double inMm) {
        String subject = "rotor moved after the seal was set";
        if (movedMm == null || reckonedMm == null) {
            return Finding.missing(
                    "moved",
                    subject,
                    "Whether the rotor was moved since is not known.",
                    "Say how far, 0 where it was not.");
        }
        double off = Length.snap(Math.abs(movedMm - reckonedMm));
        double room = movedMm > reckonedMm ? inMm : outMm;
        Status status = off > room + 1e-9 ? Status.FAIL : off <= AS_RECKONED_MM + 1e-9 ? Status.PASS : Status.CAUTION;
        return Say.guide(
                        "moved",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It moved as was reckoned with.";
                            case CAUTION -> "The unit went with it: its length has changed.";
                            default -> "The unit went with it: it stands out of its band now.";
                        },
                        status == Status.PASS ? "" : "Set the seal again, from the new place of the rotor.")
                .withValue(off, "mm")
                .withLimits(Limits.atMost(room), 0);
    }
}
