package joropo.core.oring;

import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Which way a ring with a direction faces (guide): the lip of a U-cup to the pressure, the lip of a wiper outward, of
 * each of two to its own end, the closed side of an end ring away from the pressure.
 *
 * @param faces where its lip, of an end ring its closed side, looks; absent: not known
 * @param pressure the side that the pressure comes from; absent: not known
 * @param paired whether another one of its sort beside it faces the other way; of a wiper whether the joint has another
 * @param farEnd whether a wiper stands at the far end of a joint that is open at both; absent: nobody said
 */
public record WayRound(
        RingSort sort,
        @Nullable Side faces,
        @Nullable Side pressure,
        @Nullable Boolean pressureTurns,
        boolean paired,
        @Nullable Boolean farEnd) {
    private static final String SUBJECT = "way round";

    /** One that stands at no far end. */
    public WayRound(
            RingSort sort,
            @Nullable Side faces,
            @Nullable Side pressure,
            @Nullable Boolean pressureTurns,
            boolean paired) {
        this(sort, faces, pressure, pressureTurns, paired, null);
    }

    /** Whether it is the wiper at the far end of a joint that is open at both: it goes in when the shaft is through. */
    public boolean isFar() {
        return sort == RingSort.WIPER && Boolean.TRUE.equals(farEnd);
    }

    private Finding wiper() {
        return farEnd == null && paired
                ? Finding.missing(
                        "way-round",
                        SUBJECT,
                        "There are two wipers, and at which end this one stands is not known.",
                        "Say whether it stands at the far end.")
                : isFar()
                        ? judged(faces == Side.IN, "At the far end a wiper faces that end, inside as seen from here.")
                        : judged(faces == Side.OUT, "A wiper faces outward, its bead to its drawn side.");
    }

    /** Of a ring that has a direction. */
    public Finding finding() {
        String what = sort == RingSort.END_RING ? "closed side" : "lip";
        if (faces == null) {
            return Finding.missing(
                    "way-round", SUBJECT, "Where its " + what + " faces is not known.", "Look at the drawing.");
        }
        if (sort == RingSort.WIPER) {
            return wiper();
        }
        if (pressure == null) {
            return Finding.missing(
                    "way-round", SUBJECT, "From which side the pressure comes is not known.", "Say it at the duty.");
        }
        if (Boolean.TRUE.equals(pressureTurns)) {
            return paired
                    ? judged(true, "The pressure comes from both sides: two of them, back to back.")
                    : Say.guide(
                            "way-round",
                            Status.CAUTION,
                            SUBJECT,
                            "The pressure comes from both sides: one ring holds one of them.",
                            "Two of them, back to back.");
        }
        boolean right = sort == RingSort.END_RING ? faces != pressure : faces == pressure;
        if (right && pressureTurns == null) {
            return Finding.missing(
                    "way-round",
                    SUBJECT,
                    "Whether the pressure comes from both sides is not known.",
                    "Say it at the duty.");
        }
        return judged(
                right,
                sort == RingSort.END_RING
                        ? "Its closed side looks away from the pressure."
                        : "Its lip faces the pressure, which spreads it.");
    }

    private static Finding judged(boolean right, String rule) {
        return Say.guide(
                "way-round",
                right ? Status.PASS : Status.FAIL,
                SUBJECT,
                right ? rule : "It faces the wrong way. " + rule,
                right ? "" : "Turn it round before it goes in.");
    }

    /** As it stands on a plan and a card; empty for a ring that has no direction, or while it is not known. */
    public String words() {
        return faces == null || !sort.isFaced()
                ? ""
                : (sort == RingSort.END_RING ? "Closed side" : "Lip") + " faces " + faces.words() + ".";
    }
}
