package joropo.app.runs;

import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.job.CylinderEntries;
import joropo.app.job.LipSealEntries;
import joropo.app.job.PackingEntries;
import joropo.app.job.SealEntries;

/** What whole jobs cost a person: every tap, typed field, tick and choice, by stage. */
final class EntryCost {
    /** @param most that it may cost */
    private record Row(String what, Entries entries, int most) {
        String line() {
            Map<String, Integer> byStage = entries.byStage();
            return String.format(
                    Locale.ROOT,
                    "| %s | %s | %d | %d |%n",
                    what,
                    byStage.entrySet().stream()
                            .map(e -> e.getKey() + " " + e.getValue())
                            .collect(Collectors.joining(", ")),
                    entries.total(),
                    most);
        }
    }

    private EntryCost() {}

    /** A table for the page of figures. */
    static String measured() {
        var pump = Workshop.page("marisol", ColorScheme.LIGHT, 400, 800);
        var bench = Workshop.page("marisol", ColorScheme.LIGHT, 1280, 800);
        List<Row> rows = List.of(
                new Row("a lip seal, from a bare register to signature (it was 189)", LipSealEntries.whole(bench), 80),
                new Row("the same place a second time", LipSealEntries.again(bench), 35),
                new Row(
                        "the same by touch, 820 wide",
                        LipSealEntries.whole(Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180)),
                        80),
                new Row(
                        "two lip seals and a sleeve, from a bare register to signature",
                        LipSealEntries.two(Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180)),
                        100),
                new Row(
                        "seven rings of a cylinder, from a bare register to signature",
                        CylinderEntries.whole(Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180)),
                        85),
                new Row("a pump packed anew, from intake to the first look", PackingEntries.toTheFirstLook(pump), 70),
                new Row(
                        "a cartridge, from intake to signature",
                        SealEntries.cartridge(Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180)),
                        70),
                new Row(
                        "a component seal, from intake to signature",
                        SealEntries.component(Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180)),
                        90),
                new Row("one more look while it runs in", PackingEntries.oneMoreLook(pump), 2));
        return String.format(
                        Locale.ROOT,
                        "%nEntries of whole jobs, counted by a script that works the pages: every tap, typed field, "
                                + "tick "
                                + "and choice.%n%n| job | by stage | entries | aim, at most |%n"
                                + "| --- | --- | --- | --- |%n")
                + rows.stream().map(Row::line).collect(Collectors.joining());
    }
}
