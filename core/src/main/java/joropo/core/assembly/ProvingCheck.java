package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Turned by hand and run for the first time: what was seen, and what it means (guide). */
public final class ProvingCheck {
    private ProvingCheck() {}

    public static List<Finding> check(ProvingInput in) {
        return List.of(handTurn(in.handTurn()), firstRun(in.firstRun()));
    }

    private static Finding handTurn(ProvingInput.@Nullable HandTurn seen) {
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

    private static Finding firstRun(ProvingInput.@Nullable FirstRun seen) {
        String subject = "the seal after the first run";
        if (seen == null) {
            return Finding.missing(
                    "first-run",
                    subject,
                    "The first run has not been looked at yet.",
                    "Run it with guards on; look after ten minutes and again warm.");
        }
        return switch (seen) {
            case DRY -> proved("first-run", Status.PASS, subject, "Dry after the first run.", "");
            case SWEATING ->
                proved(
                        "first-run",
                        Status.CAUTION,
                        subject,
                        "A film without a drop: the lip may still be running in.",
                        "Look again after a shift.");
            case SEEPING ->
                proved(
                        "first-run",
                        Status.CAUTION,
                        subject,
                        "A drop within ten minutes: more than running in.",
                        "Look again after a shift; if it stays, find the cause.");
            case DRIPPING, RUNNING ->
                proved(
                        "first-run",
                        Status.FAIL,
                        subject,
                        "It leaks: first make sure whether at the lip, behind the case or beside it.",
                        "Stop, wipe, dust with chalk, run again, look where it starts.");
        };
    }

    private static Finding proved(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "proving");
    }
}
