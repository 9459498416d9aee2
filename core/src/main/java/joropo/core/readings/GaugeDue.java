package joropo.core.readings;

import java.time.LocalDate;
import joropo.core.units.Day;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Whether a gauge's certificate still speaks for its readings (guide). */
public final class GaugeDue {
    private GaugeDue() {}

    /** @param gauge as its owner names it, @param dueOn last day of its certificate, @param today day of the reading */
    public static Finding judge(String gauge, LocalDate dueOn, LocalDate today) {
        boolean over = dueOn.isBefore(today);
        return Finding.of(
                "gauge-due",
                over ? Status.CAUTION : Status.PASS,
                "certificate of the gauge",
                gauge + (over ? " was due on " : " is good to ") + Day.words(dueOn) + ".",
                over ? "Read again with a gauge that is in date, or prove this one against a standard." : "",
                Source.GUIDE,
                "measuring");
    }
}
