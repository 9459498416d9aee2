package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;

/** Why it leaks, asked at intake look by look; what came off at the strip stage goes on with the same ranking. */
class DiagnosisIT {
    @Test
    void theNextLookIsAskedForAndWhatCameOffIsCountedIn() {
        String number = JobMaker.open();
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/intake");
        assertThat(page.locator(".ask-next")).containsText("wet below, seal dry?");
        page.click("button[aria-label='Not there: wet below, seal dry']");
        assertThat(page.locator("#signWET_BELOW")).hasValue("ABSENT");
        page.locator("details[data-card=signs]").evaluate("d => { d.open = true; }");
        page.selectOption("#signLEAKS_WARM", "SEEN");
        assertThat(page.locator(".causes li").first()).containsText("pressure by a blocked breather");
        assertThat(page.locator(".causes li").first()).containsText("not the seal");
        assertThat(page.locator("#rail")).containsText("cause of the leak");
        page.selectOption("#signLEAKS_RUNNING", "SEEN");
        assertThat(page.locator(".causes li").first()).containsText("5.0");
        page.reload();
        assertThat(page.locator(".causes li").first()).containsText("leaks only when warm: strong");
        page.navigate(Workshop.address() + "/jobs/" + number + "/strip");
        Filling.unfold(page); // it is not made safe yet
        page.selectOption("#foundState", "HARD");
        assertThat(page.locator("#causes")).containsText("heat 3.0");
        page.selectOption("#drained", "MILKY");
        assertThat(page.locator("#causes")).containsText("water gets in past a lip");
        Workshop.close(page);
    }

    @Test
    void whereItIsWetIsToldInTheDrawingOrOverIt() {
        var over = new Locator.ClickOptions().setForce(true); // lines lie over what they belong to
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + JobMaker.open() + "/intake");
        page.locator("#drawing [data-wet=WET_AT_HUB] rect").click(over);
        assertThat(page.locator("#signWET_AT_HUB")).hasValue("SEEN");
        assertThat(page.locator("#causes")).containsText("wet at the shaft end or hub, seal dry: strong");
        page.locator("#drawing [data-wet=WET_BELOW] > :first-child").first().click(over);
        assertThat(page.locator("#signWET_AT_HUB")).hasValue("");
        assertThat(page.locator("#signWET_BELOW")).hasValue("SEEN");
        assertThat(page.locator("#wet-at [aria-pressed=true]")).hasText("below, seal dry");
        page.locator("#drawing [data-kind=LIP_SEAL]").first().click(over);
        assertThat(page.locator("#wet-at [aria-pressed=true]")).hasText("at the seal");
        page.locator("#wet-at [aria-pressed=true]").press("Enter");
        assertThat(page.locator("#wet-at [aria-pressed=true]")).hasCount(0);
        assertThat(page.locator("#signWET_AT_LIP")).hasValue("");
        page.navigate(Workshop.address() + "/jobs/" + PackingJobIT.opened() + "/intake");
        page.click("#wet-at [data-wet=WET_BELOW]");
        assertThat(page.locator("#signWET_BELOW")).hasValue("SEEN");
        Workshop.close(page);
    }
}
