package joropo.core.assembly;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Turned by hand and run for the first time: what was seen, and what it means (guide). */
public final class ProvingCheck {
    private static final String FIRST_RUN = "the seal after the first run";

    private ProvingCheck() {}

    public static Finding handTurn(@Nullable HandTurn seen) {
        String subject = "a full turn by hand";
        if (seen == null) {
            return Finding.missing(
                    "hand-turn",
                    subject,
                    "The shaft has not been turned by hand yet.",
                    "Turn it once round before anything drives it.");
        }
        return switch (seen) {
            case EVEN -> proved("hand-turn", Status.PASS, subject, "The drag is even all round.", "");
            case TIGHT_PLACE ->
                proved(
                        "hand-turn",
                        Status.CAUTION,
                        subject,
                        "One tight place in a turn: run-out, offset or a lip that sits crooked.",
                        "Read run-out and the seal's depth at four places again.");
            case SCRAPE ->
                proved(
                        "hand-turn",
                        Status.FAIL,
                        subject,
                        "Metal touches metal: the case or the driver's mark rubs on what turns.",
                        "Out again; read the depth against the turning part.");
            case CLICK ->
                proved(
                        "hand-turn",
                        Status.FAIL,
                        subject,
                        "A click comes from something loose or a spring out of its groove.",
                        "Out again; look for the spring and for parts left inside.");
        };
    }

    /** Of a seal that has to be dry. */
    public static Finding firstRun(@Nullable FirstRun seen) {
        if (seen == null) {
            return notLooked();
        }
        return switch (seen) {
            case DRY -> ran(Status.PASS, "Dry after the first run.", "");
            case SWEATING ->
                ran(
                        Status.CAUTION,
                        "A film without a drop: the lip may still be running in.",
                        "Look again after a shift.");
            case SEEPING ->
                ran(
                        Status.CAUTION,
                        "A drop within ten minutes: more than running in.",
                        "Look again after a shift; if it stays, find the cause.");
            case DRIPPING, RUNNING ->
                ran(
                        Status.FAIL,
                        "It leaks: first make sure whether at the lip, behind the case or beside it.",
                        "Stop, wipe, dust with chalk, run again, look where it starts.");
        };
    }

    /**
     * Of a packed box on a turning shaft: its drops cool it, and how many is judged by their count.
     *
     * @param counted whether its drops were counted
     */
    public static Finding firstRunOfBox(@Nullable FirstRun seen, boolean counted) {
        if (seen == null) {
            return notLooked();
        }
        return seen == FirstRun.DRY
                ? ran(
                        Status.FAIL,
                        "A packed box that runs dry burns, packing and sleeve.",
                        "Stop, let it cool, nuts back; it has to drip before it runs on.")
                : counted
                        ? ran(Status.PASS, "It drips, and its drops are counted.", "")
                        : Finding.missing(
                                "first-run",
                                FIRST_RUN,
                                "It drips, as a packed box must; how much nobody has counted.",
                                "Count its drops for a minute.");
    }

    /** Of a job in which one thing has to drip and another has to be dry. */
    public static Finding mixed() {
        return Finding.missing(
                "first-run",
                FIRST_RUN,
                "A packing has to drip here and another seal has to be dry: one word does not tell it of both.",
                "Look at each, and write down what was seen of it.");
    }

    private static Finding notLooked() {
        return Finding.missing(
                "first-run",
                FIRST_RUN,
                "The first run has not been looked at yet.",
                "Run it with guards on; look after ten minutes and again warm.");
    }

    private static Finding ran(Status status, String message, String remedy) {
        return proved("first-run", status, FIRST_RUN, message, remedy);
    }

    private static Finding proved(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "proving");
    }
}
