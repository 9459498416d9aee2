package joropo.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Every page: no serious fault of accessibility in light and dark, nothing wider than its screen, nothing the browser
 * complains of.
 */
class PagesIT {
    /** One of each template: what else differs is only what stands in it. */
    private static final List<String> TEMPLATES = List.of(
            "/",
            "/machines",
            "/machines/1",
            "/machines/positions/1",
            "/find?q=conveyor",
            "/account",
            "/people",
            "/no-such-page",
            "/jobs/26-0001/sign",
            "/jobs/26-0003/fit",
            "/jobs/26-0002/set",
            "/jobs/26-0010/decide",
            "/jobs/26-0005/strip",
            "/jobs/26-0009/intake",
            "/jobs/26-0001/measure/revisions/1",
            "/settings",
            "/checks",
            "/checks/lip-seal?widthMm=wide",
            "/checks/running-surface?nominalMm=45&grooveDepthMm=0.06&grooveWidthMm=1.3&seen=GROOVE_CATCHES",
            "/sections",
            "/sections/2?at=b2",
            "/sections/1/against",
            "/sections/fitted/1",
            "/store",
            "/store/1",
            "/watches",
            "/watches/1",
            "/watches/new?position=1",
            "/round?area=clarifying",
            "/checks/leak-trend?kind=BOTTLE&events=1+Oct+2026+0;21+Oct+2026+42;10+Nov+2026+96",
            "/records",
            "/records/acts");

    /** In the dark only the colours differ. */
    private static final List<String> DARK_PAGES =
            List.of("/", "/jobs/26-0003/fit", "/jobs/26-0010/decide", "/sections/2?at=b2", "/store");

    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void noSeriousFaultOnAnyPage(ColorScheme scheme) {
        Page page = Workshop.page("jacinta", scheme, 1280, 800);
        page.addInitScript(rules());
        for (String path : scheme == ColorScheme.DARK ? DARK_PAGES : TEMPLATES) {
            page.navigate(Workshop.address() + path);
            assertThat(serious(page, scheme)).as(scheme + " " + path).isEmpty();
        }
        Workshop.close(page);
        Page gate = Workshop.stranger(scheme, 1280, 800);
        gate.addInitScript(rules());
        for (String path : List.of("/login", "/login?refused", "/login/kept")) {
            gate.navigate(Workshop.address() + path);
            assertThat(serious(gate, scheme)).as(scheme + " " + path).isEmpty();
        }
        Workshop.close(gate);
    }

    /** The script of the accessibility rules, brought in once a page; only what it calls a fault comes back. */
    private static String rules() {
        try (InputStream in = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @SuppressWarnings("unchecked")
    private static List<String> serious(Page page, ColorScheme scheme) {
        String only = scheme == ColorScheme.DARK
                ? "{type: 'rule', values: ['color-contrast']}"
                : "{type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa']}";
        return (List<String>) page.evaluate("async () => (await axe.run({runOnly: " + only
                + ", resultTypes: ['violations']})).violations"
                + ".filter(v => v.impact === 'serious' || v.impact === 'critical')"
                + ".map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ')).join(', '))");
    }

    @Test
    void nothingIsWiderThanItsScreen() {
        for (int width : new int[] {820, 400}) {
            Page page = Workshop.page("jacinta", ColorScheme.LIGHT, width, 900);
            for (String path : TEMPLATES) {
                page.navigate(Workshop.address() + path);
                assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth"))
                        .as(path + " at " + width)
                        .isLessThanOrEqualTo(width);
            }
            Workshop.close(page);
        }
    }

    @Test
    void wrongEntriesOfMachinesAndPositionsAreSaidAtTheirFields() {
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/machines");
        page.fill("#name", "n".repeat(10_000));
        page.click("form.grid2 button.keep");
        assertThat(page.locator("#error-name")).hasText("Needs 1 to 80 characters.");
        assertThat(page.locator("#error-place")).hasText("Needs 1 to 80 characters.");
        page.navigate(Workshop.address() + "/machines/1");
        page.fill("#name", "test");
        page.fill("#size", "45 m x 62");
        page.fill("#speed", "fast");
        page.click("form.grid2 button.keep");
        assertThat(page.locator("#error-size")).containsText("not understood as a length");
        assertThat(page.locator("#error-medium")).hasText("Choose one.");
        assertThat(page.locator("#error-speed")).containsText("not understood as a speed");
        assertThat(page.locator("#size")).hasValue("45 m x 62");
        page.fill("#size", "62x45x8");
        page.fill("#speed", "");
        page.click("form.grid2 button.keep");
        assertThat(page.locator("#error-size")).containsText("The bore must be larger than the shaft");
        Workshop.close(page);
    }

    @Test
    void keysMoveBetweenStagesFindAndFlip() {
        Page page = Workshop.page("tobias");
        page.navigate(Workshop.address() + "/jobs/26-0004/decide");
        assertThat(page.locator("#way-round")).containsText("faces outside");
        page.keyboard().press("f");
        assertThat(page.locator("#way-round")).containsText("faces inside");
        page.keyboard().press("f");
        assertThat(page.locator("#rail .finding").first()).containsText("Turn the seal");
        page.keyboard().press("[");
        page.waitForURL("**/measure");
        page.keyboard().press("]");
        page.waitForURL("**/decide");
        page.keyboard().press("?");
        assertThat(page.locator("#keys")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        page.keyboard().type("conveyor");
        page.keyboard().press("Enter");
        assertThat(page.locator(".sub")).containsText("conveyor");
        Workshop.close(page);
    }
}
