package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import org.junit.jupiter.api.Test;

/** A pump runs in, looked at with one thumb on a small screen; the network goes away in between. */
class RunInIT {
    private static String text(String number) {
        return Workshop.bean(JobLinesOfSheets.class)
                .of(number, Stage.PROVE, "runInLooks")
                .text();
    }

    @Test
    void looksAreNotedOnceWhetherTheNetworkIsThereOrNot() {
        String number = PackingJobIT.opened();
        JobMaker.keep(number, Stage.MEASURE, "boxDepth", "120", "boxEntry", "6");
        JobMaker.keep(number, Stage.DECIDE, "boxStyle", "PTFE_GRAPHITE", "boxOrder", "SHAFT");
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 400, 800);
        page.navigate(Workshop.address() + "/jobs/" + number + "/run-in");
        assertThat(page.locator(".run-in-advice .now")).hasText("First look");
        for (int i = 0; i < 4; i++) {
            page.tap("#drop");
        }
        assertThat(page.locator("#counted")).hasText("4");
        assertThat(page.locator("#drops")).not().hasValue("");
        page.fill("#drops", "90");
        page.fill("#box", "41");
        page.tap("button:has-text('Note this look')");
        assertThat(page.locator(".looks li")).hasCount(1);
        assertThat(page.locator(".run-in-advice .now")).hasText("wait");
        assertThat(text(number)).isEqualTo("0 90 41");

        Workshop.expect(page, ".*(ERR_INTERNET_DISCONNECTED|422).*");
        page.context().setOffline(true);
        page.fill("#drops", "88");
        page.tap("button:has-text('Note this look')");
        assertThat(page.locator("#kept")).containsText("sent when the network is back");
        assertThat(text(number)).isEqualTo("0 90 41");
        page.context().setOffline(false);
        assertThat(page.locator(".looks li")).hasCount(2);
        assertThat(text(number)).matches("0 90 41\\n[0-9.]+ 88 -");
        assertThat(page.locator("#kept")).isHidden();

        page.fill("#drops", "5000");
        page.tap("button:has-text('Note this look')");
        assertThat(page.locator("#kept")).containsText("is a stream");
        assertThat(page.locator("body")).not().containsText("NaN");
        assertThat(page.evaluate("() => document.documentElement.scrollWidth <= 400"))
                .isEqualTo(true);
        Workshop.close(page);
        assertThat(text(number).lines()).hasSize(2);
    }

    /** Repacking a pump on a small screen, each tap counted. */
    @Test
    void aPumpIsPackedAnewForSeventyEntriesAndLookedAtForTwo() {
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 400, 800);
        assertThat(PackingEntries.toTheFirstLook(page).total()).isLessThanOrEqualTo(70);
        assertThat(page.locator("#timers")).containsText("left");
        assertThat(PackingEntries.oneMoreLook(page).total()).isEqualTo(2);
        page.tap("button:has-text('One flat turned')");
        assertThat(page.locator("#looks li").nth(1)).containsText("1 flat");
        Workshop.close(page);
    }

    /** What another one notes stands here, and what is being typed stays. */
    @Test
    void twoPeopleSeeTheSameLooks() {
        String number = PackingJobIT.opened();
        JobMaker.keep(number, Stage.MEASURE, "boxDepth", "120", "boxEntry", "6");
        Page mine = Workshop.page("marisol", ColorScheme.LIGHT, 400, 800);
        Page other = Workshop.page("tobias");
        for (Page page : new Page[] {mine, other}) {
            page.navigate(Workshop.address() + "/jobs/" + number + "/run-in");
        }
        mine.fill("#drops", "4");
        other.fill("#drops", "90");
        other.fill("#box", "104");
        other.click("button:has-text('Note this look')");
        Workshop.expect(other, ".*422.*");
        assertThat(other.locator("#kept")).containsText("write 104 F if that was Fahrenheit");
        other.fill("#drops", "90");
        other.fill("#box", "104 F");
        other.click("summary:has-text('gland gap')");
        for (String place : new String[] {"12", "3", "6", "9"}) {
            other.fill("#gap" + place, "9.1");
        }
        other.click("button:has-text('Note this look')");
        assertThat(mine.locator("#looks li")).hasText("0 min: 90 drops, box 40 °C, gaps 9.1, 9.1, 9.1, 9.1 mm");
        assertThat(mine.locator("#timers")).containsText("gland has 9.1 mm left");
        assertThat(mine.locator("#drops")).hasValue("4");
        Workshop.close(mine);
        Workshop.close(other);
    }

    private static final long BEGAN = System.currentTimeMillis() - 20 * 60_000;

    private static String at(int minute) {
        return Long.toString(BEGAN + minute * 60_000L);
    }

    @Test
    void withoutAScriptALookIsPostedAndARefusalIsSaid() throws Exception {
        String number = PackingJobIT.opened();
        JobMaker.keep(number, Stage.MEASURE, "boxDepth", "120", "boxEntry", "6");
        Visitor visitor = new Visitor(Workshop.address()).signIn("tobias");
        String at = "/jobs/" + number + "/run-in";
        assertThat(visitor.post(at + "/looks", "box", "41").body()).contains("wants drops in a minute, or a cup");
        assertThat(visitor.post(at + "/looks", "drops", "many").body()).contains("needs a number for drops");
        visitor.post(at + "/looks", "ml", "3", "box", "41", "flats", "1", "at", at(0));
        assertThat(text(number)).isEqualTo("0 60 41 1");
        assertThat(visitor.get(at).body()).contains("60").contains("look again in");
        assertThat(visitor.post(at + "/looks", "gap", "9", "drops", "50").body())
                .contains("at all four places");
        visitor.post(at + "/looks", "flats", "1", "at", at(10));
        assertThat(text(number)).isEqualTo("0 60 41 1");
        visitor.post(at + "/looks", "drops", "44", "at", at(10));
        visitor.post(at + "/looks", "drops", "50", "at", at(6));
        visitor.post(at + "/looks", "drops", "44", "at", at(10));
        assertThat(text(number)).as("each once, at its place in time").matches("0 60 41 1\\n6 50 -\\n10 44 -");
        assertThat(visitor.get("/jobs/26-0004/run-in").statusCode()).isEqualTo(404);
    }
}
