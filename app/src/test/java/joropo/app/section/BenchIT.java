package joropo.app.section;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import joropo.app.Keyboard;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The section bench in the real browser: by keys alone, by pointer, by touch, and without script. */
class BenchIT {
    /** A lip at 6.80 in a groove from 6 to 7; the places that clear it are -0.20 and 3.60, and 3.60 is allowed. */
    private static final String GROOVED = """
            {"name": "grooved", "shaftDiameterMm": 45, "boreDiameterMm": 62,
             "spaces": [{"medium": "AIR"}, {"medium": "OIL"}],
             "boreItems": [{"type": "SEAL", "id": "s1", "fromMm": 2, "widthMm": 8,
               "outsideDiameterMm": 62, "mainLip": "IN"},
              {"type": "SHOULDER", "id": "h1", "fromMm": 14}],
             "shaftItems": [{"type": "RUNNING_SURFACE", "fromMm": 0, "toMm": 30},
              {"type": "WEAR_GROOVE", "fromMm": 6, "toMm": 7, "depthMm": 0.05}]}""";

    @AfterEach
    void nothingToComplainOf() {}

    private static Page bringIn(String person, String text) {
        Page page = Workshop.page(person);
        page.navigate(Workshop.address() + "/sections");
        page.fill("#text", text);
        page.click("#bring button.keep");
        page.waitForURL("**/sections/*");
        return page;
    }

    private static Locator found(Page page, String rule) {
        return page.locator("#found .found-list li:has(b:text-is('" + rule + "'))");
    }

    private static Locator row(Page page, String words) {
        return page.locator(".rows li", new Page.LocatorOptions().setHasText(words));
    }

    @Test
    void aGreasedPairWithAWayOutIsBuiltFromNothingByKeyboardAlone() {
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/sections");
        var keys = new Keyboard(page);
        keys.to("#name")
                .type("tail pulley")
                .to("#shaft")
                .type("60")
                .to("#bore")
                .type("80")
                .to("#width")
                .type("8")
                .press("Enter");
        page.waitForURL("**/sections/*?at=b0");
        assertThat(page.locator("#in-hand")).hasText("lip seal s1");
        keys.press("f");
        assertThat(row(page, "s1")).containsText("faces outside");
        assertThat(found(page, "D1").first()).containsText("it will leak at once");
        keys.press("a").type("lip").press("Tab").press("Enter");
        assertThat(page.locator("#in-hand")).hasText("lip seal s2");
        for (int i = 0; i < 12; i++) {
            keys.press("Shift+ArrowRight");
        }
        assertThat(row(page, "s2")).containsText("20.00 to 28.00");
        keys.press("f");
        assertThat(row(page, "s2")).containsText("faces outside");
        keys.press("ArrowUp");
        assertThat(page.locator("#in-hand")).hasText("space 1");
        keys.press("Enter").type("grease");
        assertThat(row(page, "space 1")).containsText("grease");
        keys.to("#greaseFeed").type("grease gun");
        assertThat(row(page, "space 1")).containsText("grease gun");
        keys.press("Escape").press("ArrowUp").press("ArrowUp");
        assertThat(page.locator("#in-hand")).hasText("outside");
        keys.press("Enter").to("#dirt").type("mud");
        assertThat(row(page, "outside").first()).containsText("mud");
        keys.press("Escape");
        for (String next : new String[] {"lip seal s1", "space 1", "lip seal s2", "inside"}) {
            keys.press("ArrowDown");
            assertThat(page.locator("#in-hand")).hasText(next);
        }
        keys.press("Enter").type("air");
        assertThat(page.locator(".quick-verdict")).not().containsText("wrong");
        assertThat(found(page, "D5")).containsText("Old grease leaves past the turned outer lip: leave it so.");
        assertThat(found(page, "D6")).containsText("Something keeps the mud out.");
        assertThat(page.locator("#bench-said")).containsText("inside: figures");
        keys.press("Escape").press("z");
        assertThat(row(page, "inside").last()).containsText("oil");
        keys.press("y");
        assertThat(row(page, "inside").last()).containsText("air");
        keys.press("t");
        assertThat(page.locator("#board svg:visible title")).hasText("Half section, tail pulley, outside right");
        keys.press("?");
        assertThat(page.locator("#keys")).containsText("past its neighbour");
        Workshop.close(page);
    }

    /** What one mm is on the screen. */
    private static double pixels(Page page) {
        return ((Number) page.evaluate("() => { const svg = [...document.querySelectorAll('#board svg')].find(s => "
                        + "s.getClientRects().length); return svg.getScreenCTM().a * "
                        + "svg.dataset.scale; }"))
                .doubleValue();
    }

    private static void drag(Page page, String part, double mm) {
        BoundingBox box =
                page.locator("#board .wide-drawing [data-part='" + part + "']").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        double by = mm * pixels(page);
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + by / 2, y + 3);
        page.mouse().move(x + by, y);
        page.mouse().up();
    }

    @Test
    void aSealIsDraggedOffAWearGroove() {
        Page page = bringIn("tobias", GROOVED);
        assertThat(found(page, "S5")).containsText("The lip runs in the old groove");
        assertThat(found(page, "S5")).containsText("The outer face at 3.60 mm clears it by 1.00 mm.");
        drag(page, "b0", 1.2);
        assertThat(row(page, "s1")).containsText("3.20 to 11.20");
        assertThat(found(page, "S5")).containsText("close beside");
        page.click(".shift button");
        assertThat(row(page, "s1")).containsText("3.60 to 11.60");
        assertThat(page.locator(".found-list").first()).not().containsText("S5");
        assertThat(page.locator("#bench-said")).containsText("s1 at 3.60 mm");
        page.click("#work [data-key=t]");
        assertThat(page.locator("#board svg:visible title")).containsText("outside right");
        drag(page, "b0", 1);
        assertThat(row(page, "s1")).containsText("2.60 to 10.60"); // to the right is outward now
        for (String expected : new String[] {"3.60", "3.20", "2.00"}) {
            page.click("#work [data-key=z]");
            assertThat(row(page, "s1")).containsText(expected + " to");
        }
        assertThat(page.locator("#work [data-key=z]")).isDisabled();
        page.reload();
        page.click("#work [data-key=y]");
        assertThat(row(page, "s1")).containsText("3.20 to 11.20"); // what was undone is there after the visit
        Workshop.close(page);
    }

    @Test
    void aSealIsFlippedByTouchAndD1Turns() {
        Page page = Workshop.page("marisol", ColorScheme.DARK, 820, 1100);
        page.navigate(Workshop.address() + "/sections");
        page.click("button[aria-label='Begin with: Single lip']");
        page.waitForURL("**/sections/*");
        page.locator("#board .wide-drawing [data-part=b0]").tap();
        assertThat(page.locator("#in-hand")).hasText("lip seal s1");
        page.locator("text=Turn round").tap();
        assertThat(found(page, "D1"))
                .containsText("The lip faces outside, the oil is at its back: it will leak at once.");
        assertThat(page.locator(".quick-verdict")).containsText("wrong");
        page.locator("text=Turn round").tap();
        assertThat(page.locator(".quick-verdict")).not().containsText("wrong");
        for (Locator button :
                page.locator(".hand-acts button, .rows a, .found-list summary").all()) {
            if (button.isVisible()) {
                assertThat(button.boundingBox().height).as(button.textContent()).isGreaterThanOrEqualTo(44);
            }
        }
        Workshop.close(page);
    }

    @Test
    void figuresAreTypedAndWhatIsWrongStaysAtItsField() {
        Page page = bringIn("tobias", GROOVED);
        row(page, "s1").locator("a").click();
        page.locator("#widthMm").fill("7/16\"");
        assertThat(page.locator("#echo-widthMm")).hasText("11.113 mm, 0.4375 in");
        assertThat(row(page, "s1")).containsText("2.00 to 13.11");
        page.locator("#widthMm").fill("-3");
        assertThat(page.locator("#echo-widthMm .wrong")).containsText("not above zero");
        assertThat(page.locator("#widthMm")).hasValue("-3");
        assertThat(row(page, "s1")).containsText("2.00 to 13.11"); // nothing of it is stored
        page.locator("#widthMm").fill("10");
        assertThat(row(page, "s1")).containsText("2.00 to 12.00");
        page.locator("#lipOffsetMm").evaluate("f => { f.closest('details').open = true; }");
        page.locator("#lipOffsetMm").fill("11");
        assertThat(page.locator("#echo-lipOffsetMm .wrong")).hasText("Must be below the width.");
        page.locator("#lipOffsetMm").fill("");
        page.locator("#id").fill("h1");
        assertThat(page.locator("#echo-id .wrong")).hasText("Another part has this name.");
        page.locator("#id").fill("lip");
        assertThat(row(page, "lip seal lip")).isVisible();
        page.click("text=Take out");
        assertThat(page.locator(".notice")).hasText("Not done: the last part that seals stays: add another one first.");
        page.click("#work [data-key=z]");
        assertThat(row(page, "lip seal s1")).isVisible(); // a name typed letter by letter is one move
        Workshop.close(page);
    }

    @Test
    void aFileThatIsBroughtInGoesOutTheSameAndComesBackTheSame() throws IOException {
        Page page = bringIn("marisol", Files.readString(Path.of("src/test/resources/section-example.json")));
        String first = file(page);
        page.navigate(Workshop.address() + "/sections");
        Path saved = Workshop.temporary("joropo-section").resolve("section.json");
        Files.writeString(saved, first);
        page.locator("input[type=file]").setInputFiles(saved);
        page.waitForURL("**/sections/*");
        assertThat(file(page)).isEqualTo(first);
        assertThat(first).contains("\"reversedOnPurpose\"").doesNotContain("null");
        assertThat(found(page, "S5").first()).containsText("out of limits");
        assertThat(found(page, "S1").first()).containsText("0.32 to 0.98 mm by worst case");
        page.navigate(Workshop.address() + "/sections");
        for (String wrong : new String[] {
            "{",
            "[1, 2]",
            "{\"spaces\": [], \"boreItems\": []}",
            "{\"boreItems\": [{\"type\": \"RIVET\"}]}",
            GROOVED.replace("\"widthMm\": 8", "\"widthMm\": -8"),
            GROOVED.replace("name", "nam")
        }) {
            page.fill("#text", wrong);
            page.click("#bring button.keep");
            assertThat(page.locator("#error-text")).isVisible();
            assertThat(page.locator("#text")).hasValue(wrong);
        }
        Workshop.close(page);
    }

    private static String file(Page page) {
        return (String) page.evaluate("async () => (await fetch(location.pathname + '/section.json')).text()");
    }

    @Test
    void asMuchIsDoneWithoutScript() throws Exception {
        var person = new Visitor(Workshop.address()).signIn("tobias");
        person.get("/sections");
        String at = person.post("/sections/nothing", "shaft", "45", "bore", "40", "width", "")
                .body();
        assertThat(at).contains("This is needed.").contains("value=\"40\"");
        String location = person.post("/sections/nothing", "shaft", "45", "bore", "62", "width", "8")
                .headers()
                .firstValue("Location")
                .orElseThrow()
                .replaceAll("^.*?(/sections/\\d+).*$", "$1");
        person.get(location + "?at=b0");
        assertThat(person.post(location + "/turn", "at", "b0").statusCode()).isEqualTo(302);
        assertThat(person.get(location + "?at=b0").body()).contains("it will leak at once");
        assertThat(person.post(location + "/figures", "at", "b0", "fromMm", "2,5")
                        .statusCode())
                .isEqualTo(302);
        assertThat(person.get(location + "?at=b0").body()).contains("2.50 to 10.50");
        assertThat(person.post(location + "/figures", "at", "b0", "fromMm", "deep")
                        .body())
                .contains("value=\"deep\"")
                .contains("not understood as a length");
        assertThat(person.post(location + "/outward", "at", "b0").body())
                .contains("Not done: there is no part on the outside of the lip seal.");
        person.post(location + "/add", "at", "b0", "kind", "JOINT");
        assertThat(person.get(location + "?at=j0").body()).contains("splines").contains("D11");
        person.post(location + "/figures", "at", "j0", "sealedBy", "SEALANT");
        assertThat(person.get(location).body()).contains("It is closed.");
        for (String kind : SectionMoves.KINDS.keySet()) {
            assertThat(person.post(location + "/add", "at", "e", "kind", kind).statusCode())
                    .as(kind)
                    .isEqualTo(302);
        }
        assertThat(person.get(location).body())
                .contains("locating ring")
                .contains("port on top")
                .contains("chevron set");
        assertThat(person.get(location + "/section.dxf").body())
                .startsWith("0\r\nSECTION")
                .contains("AC1009")
                .endsWith("EOF\r\n");
        assertThat(person.get(location + "/section.svg?view=OUTSIDE_DOWN").body())
                .contains("rotate(-90)");
        assertThat(person.get(location + "/section.pdf").body()).startsWith("%PDF");
        assertThat(person.post(location + "/put-away").body()).contains("The reason needs 1 to 200 characters.");
        person.post(location + "/put-away", "why", "a trial");
        assertThat(person.get("/sections").body()).doesNotContain(location + "\"");
        assertThat(person.post(location + "/turn", "at", "b0").body()).contains("This section is closed");
        assertThat(person.get("/sections/99999").statusCode()).isEqualTo(404);
    }

    @Test
    void twoWindowsNeverWriteOverEachOther() {
        Page one = bringIn("marisol", GROOVED);
        Page two = Workshop.page("tobias");
        two.navigate(one.url() + "?at=b0");
        one.click(".rows [data-row=b0]");
        one.click("text=Turn round");
        assertThat(found(one, "D1")).containsText("leak at once");
        two.click("button[aria-label='1 mm inward']");
        assertThat(two.locator(".notice")).containsText("moved on in another window");
        assertThat(row(two, "s1")).containsText("2.00 to 10.00");
        assertThat(row(two, "s1")).containsText("faces outside");
        two.click("button[aria-label='1 mm inward']");
        assertThat(row(two, "s1")).containsText("3.00 to 11.00");
        Workshop.close(one);
        Workshop.close(two);
    }

    @Test
    void twoSectionsAreLaidSideBySide() {
        Page found = bringIn(
                "marisol",
                GROOVED.replace("grooved", "what came out").replace("\"mainLip\": \"IN\"", "\"mainLip\": \"OUT\""));
        String other = found.url().replaceAll(".*/", "");
        Workshop.close(found);
        Page kit = bringIn("marisol", GROOVED.replace("\"widthMm\": 8", "\"widthMm\": 7"));
        kit.click("text=Compare");
        kit.selectOption("#other", other);
        kit.click("text=Lay it there");
        assertThat(kit.locator("main")).containsText("The whole is 1.00 mm thinner than what was found.");
        assertThat(kit.locator("main"))
                .containsText("It faces inside; the one found faced outside: somebody may have had a reason.");
        assertThat(kit.locator("tr", new Page.LocatorOptions().setHasText(Pattern.compile("\\bD1\\b"))))
                .containsText("wrong");
        assertThat(kit.locator(".two-drawings svg")).hasCount(2);
        Workshop.close(kit);
    }

    /** Each is said at its rule, and its number stands in the drawing. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "S10 | is not of this place | \"boreDiameterMm\": 72 | \"medium\": \"OIL\"",
                "D5 | pressed into the machine | \"boreDiameterMm\": 62 | \"medium\": \"AIR\""
            })
    void whatLeaksOrWrecksIsWrongAtItsPlace(String rule, String words, String bore, String inside) {
        Page page = bringIn("marisol", """
                {"name": "motor", "shaftDiameterMm": 45, %s,
                 "spaces": [{"medium": "AIR", "dirt": "MUD"}, {"medium": "GREASE", "greaseFeed": "GUN"}, {%s}],
                 "boreItems": [{"type": "SEAL", "id": "s1", "fromMm": 0, "widthMm": 8, "outsideDiameterMm": 62,
                   "insideDiameterMm": 45, "mainLip": "IN"},
                  {"type": "SEAL", "id": "s2", "fromMm": 20, "widthMm": 8, "outsideDiameterMm": 62,
                   "insideDiameterMm": 45, "mainLip": "IN"}]}""".formatted(bore, inside));
        Locator wrong = found(page, rule).first();
        assertThat(wrong).containsText(words);
        assertThat(wrong).containsText("wrong");
        String number = wrong.locator(".nr").textContent();
        assertThat(page.locator("#board .wide-drawing svg text")
                        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + number + "$"))))
                .not()
                .hasCount(0);
        Workshop.close(page);
    }
}
