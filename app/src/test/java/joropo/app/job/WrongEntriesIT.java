package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.Workshop;
import joropo.app.family.Families;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Kind;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Wrong things typed into every field of every stage: each message stands at its field, and what was typed stays. */
class WrongEntriesIT {
    private static final String LONG = "9".repeat(10_000);
    /** For each kind of field: what is typed, and what the message then says. */
    private static final Map<Kind, Map<String, String>> WRONG = new LinkedHashMap<>();

    static {
        WRONG.put(
                Kind.SIZE,
                wrong(
                        "abc",
                        "not understood",
                        "-3",
                        "not above zero",
                        "0",
                        "not above zero",
                        "45000",
                        "more than 5 m",
                        "1 9/16",
                        "without an inch mark",
                        "12 bar",
                        "not understood",
                        "1e3",
                        "not understood",
                        LONG,
                        "10000 characters"));
        WRONG.put(
                Kind.PLACE,
                wrong(
                        "abc",
                        "not understood",
                        "45 m",
                        "not understood",
                        "-6000",
                        "more than 5 m",
                        LONG,
                        "10000 characters"));
        WRONG.put(Kind.PLAY, wrong("abc", "not understood", "-0.1", "Cannot be below zero", LONG, "10000 characters"));
        WRONG.put(
                Kind.HOURS,
                wrong("many", "not understood as a time", "-5", "is below", "9999999", "look at the figure"));
        WRONG.put(
                Kind.SPEED,
                wrong(
                        "fast",
                        "not understood as a speed",
                        "-5",
                        "is below",
                        "900000",
                        "look at the figure",
                        "3 bar",
                        "not understood"));
        WRONG.put(
                Kind.PRESSURE,
                wrong("high", "not understood as a pressure", "-0.5", "is below", "900", "look at the figure"));
        WRONG.put(
                Kind.TEMPERATURE,
                wrong("hot", "not understood as a temperature", "-300", "is below", "2000", "look at the figure"));
        WRONG.put(
                Kind.NUMBER,
                wrong(
                        "much",
                        "not understood",
                        "-99999",
                        "Must lie between",
                        "3 bar",
                        "not understood",
                        LONG,
                        "10000 characters"));
        WRONG.put(
                Kind.SEAL_SIZE,
                wrong(
                        "45",
                        "not understood as a seal size",
                        "62x45x8",
                        "larger than its shaft",
                        "45x62x0",
                        "not above zero"));
        WRONG.put(Kind.DATE, wrong("soon", "not understood as a day", "2026-02-30", "not understood as a day"));
        WRONG.put(Kind.LINE, wrong("x".repeat(10_000), "room for 120 characters, got 10000"));
        WRONG.put(Kind.NOTE, wrong("x".repeat(10_000), "room for 1000 characters, got 10000"));
    }

    /** Fields at which something else is said, or nothing. */
    private static final String UNSAID = "said => Object.entries(said).filter(([name, text]) => { "
            + "const wrong = document.querySelector('#echo-' + name + ' .wrong'); "
            + "return !wrong || !wrong.textContent.includes(text) "
            + "|| document.getElementById(name).getAttribute('aria-invalid') !== 'true'; })"
            + ".map(([name, text]) => name + ': ' + text)";

    private static Map<String, String> wrong(String... typedAndSaid) {
        Map<String, String> out = new LinkedHashMap<>();
        for (int i = 0; i < typedAndSaid.length; i += 2) {
            out.put(typedAndSaid[i], typedAndSaid[i + 1]);
        }
        return out;
    }

    private static Map<String, String> typed(List<Field<?>> fields, int round) {
        return fields.stream()
                .collect(Collectors.toMap(Field::name, f -> entry(f, round).getKey()));
    }

    private static Map<String, String> said(List<Field<?>> fields, int round) {
        return fields.stream()
                .collect(Collectors.toMap(Field::name, f -> entry(f, round).getValue()));
    }

    /** Each at its own field, which says so to those who cannot see. */
    private static void isSaid(Page page, Map<String, String> said) {
        try {
            page.waitForFunction("said => (" + UNSAID + ")(said).length === 0", said);
        } catch (TimeoutError late) {
            assertThat((List<?>) page.evaluate(UNSAID, said)).isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyFieldSaysWhatIsWrongWithIt(Stage stage) {
        Page page = Workshop.page("marisol");
        String number = JobMaker.madeSafe();
        page.navigate(Workshop.address() + "/jobs/" + number + "/" + stage.path());
        Filling.unfold(page);
        List<Field<?>> fields = new JobCards(
                        List.of(new JobItem(1, PartKind.LIP_SEAL, "", null)),
                        List.of(),
                        Map.of(),
                        Medium.OIL,
                        Workshop.bean(Families.class))
                .fields(stage)
                .filter(f -> WRONG.containsKey(f.kind()))
                .toList();
        // one wrong thing into each field at once, then the next, so that no message can stand at the wrong one
        int rounds =
                fields.stream().mapToInt(f -> WRONG.get(f.kind()).size()).max().orElse(0);
        for (int round = 0; round < rounds; round++) {
            page.evaluate(
                    "typed => { for (const [name, text] of Object.entries(typed)) "
                            + "document.getElementById(name).value = text; "
                            + "document.getElementById('sheet').dispatchEvent(new Event('input', { bubbles: "
                            + "true })); }",
                    typed(fields, round));
            isSaid(page, said(fields, round));
        }
        page.evaluate("() => { window.before = true; }");
        page.click("#go button.keep");
        page.waitForFunction("() => !window.before && document.readyState === 'complete'");
        isSaid(page, said(fields, rounds - 1));
        assertThat((Map<?, ?>) page.evaluate(
                        "names => Object.fromEntries(names.map((n) => [n, document.getElementById(n).value]))",
                        fields.stream().map(Field::name).toList()))
                .as("what was typed is kept")
                .isEqualTo(typed(fields, rounds - 1));
        if (!fields.isEmpty()) {
            assertThat(page.locator(".notice").first()).containsText("Not saved yet");
        }
        assertThat(Workshop.bean(JobSheets.class)
                        .page(number, stage, JobMaker.person("marisol"))
                        .window()
                        .revision())
                .isEqualTo(stage.compareTo(Stage.STRIP) <= 0 ? 1 : 0);
        Workshop.close(page);
    }

    private static Map.Entry<String, String> entry(Field<?> field, int round) {
        List<Map.Entry<String, String>> all =
                List.copyOf(WRONG.get(field.kind()).entrySet());
        return all.get(round % all.size());
    }

    @Test
    void whatIsNeededAndWhatContradictsIsSaidAtItsField() {
        Page page = Workshop.page("marisol");
        String number = JobMaker.open();
        page.navigate(Workshop.address() + "/jobs/" + number + "/intake");
        page.click("#go button.keep");
        assertThat(page.locator("#echo-symptom .wrong")).hasText("This is needed.");

        page.navigate(Workshop.address() + "/jobs/" + JobMaker.madeSafe() + "/measure");
        for (String name : List.of("shaftA1", "shaftA2")) {
            page.fill("#" + name, "62");
        }
        for (String name : List.of("boreA1", "boreA2")) {
            page.fill("#" + name, "45");
        }
        page.fill("#groundFrom", "12");
        page.fill("#groundTo", "4");
        assertThat(page.locator("#echo-boreA1 .wrong"))
                .hasText("The bore reads no larger than the shaft: look at both figures.");
        assertThat(page.locator("#echo-groundTo .wrong"))
                .hasText("Must lie further in than where the ground surface begins.");
        page.fill("#boreA1", "62,5 mm");
        page.fill("#boreA2", "2.4600\"");
        assertThat(page.locator("#echo-boreA2")).containsText("62.484 mm");
        assertThat(page.locator("#echo-boreA1 .wrong")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void theMessageComesWithoutScriptToo() {
        Page page = Workshop.page("marisol");
        Workshop.unscripted(page);
        page.navigate(Workshop.address() + "/jobs/" + JobMaker.madeSafe() + "/measure");
        page.fill("#shaftA1", "fourty");
        page.click("#go button.keep");
        assertThat(page.locator("#echo-shaftA1 .wrong")).containsText("'fourty' is not understood as a length");
        assertThat(page.locator("#shaftA1")).hasValue("fourty");
        page.fill("#shaftA1", "44.96");
        page.click("#go button.keep");
        page.waitForURL("**/decide");
        Workshop.close(page);
    }
}
