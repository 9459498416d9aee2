package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import org.junit.jupiter.api.Test;

/** Two people on one job see each other's ticks without reloading, and neither loses what is being typed. */
class TwoBrowsersIT {
    @Test
    void ticksOfTheOneAppearAtTheOther() {
        String number = JobMaker.madeSafe();
        JobMaker.keep(
                number,
                Stage.DECIDE,
                "size",
                "45x62x8",
                "layout",
                "DUST_LIP",
                "material",
                "HNBR",
                "caseType",
                "RUBBER",
                "mainLip",
                "IN");
        JobMaker.newSeals(number);
        JobMaker.settle(number);
        String fit = Workshop.address() + "/jobs/" + number + "/fit";
        Page marisol = Workshop.page("marisol");
        Page tobias = Workshop.page("tobias");
        marisol.waitForResponse("**/watch", () -> marisol.navigate(fit));
        tobias.waitForResponse("**/watch", () -> tobias.navigate(fit));
        tobias.click("#counted > summary");
        tobias.fill("#entry-TEMPORARY", "half a wo");

        marisol.click("button[aria-label='Done: step 1']");
        assertThat(marisol.locator("#steps summary").first()).containsText("1 of");
        assertThat(tobias.locator("#steps summary").first()).containsText("1 of");
        tobias.click("button[aria-label='Done: step 2']");
        assertThat(marisol.locator("#steps summary").first()).containsText("2 of");

        marisol.click("#counted > summary");
        marisol.fill("#entry-FASTENER", "cover bolts");
        marisol.keyboard().press("Enter");
        assertThat(marisol.locator("#ledger .is-open")).containsText("cover bolts");
        marisol.click("#times > summary");
        marisol.fill("#timer-what", "sealant");
        marisol.fill("#timer-minutes", "5");
        marisol.keyboard().press("Enter");
        assertThat(tobias.locator("#timers [role=timer]")).hasCount(1);
        assertThat(tobias.locator("#entry-TEMPORARY")).hasValue("half a wo");
        tobias.fill("#entry-TEMPORARY", "half a worn rag");
        tobias.keyboard().press("Enter");
        assertThat(tobias.locator("#ledger .is-open")).hasCount(2);
        assertThat(marisol.locator("#ledger .is-open")).hasCount(2);

        marisol.fill("#depth12", "2.5");
        assertThat(marisol.locator("#echo-depth12")).containsText("2.500 mm");
        assertThat(tobias.locator("#depth12")).hasValue("");
        tobias.fill("#depth3", "2.4");
        assertThat(tobias.locator("#held"))
                .containsText("This sheet was typed in another window too, by Marisol Araguaney");
        Workshop.close(marisol);
        Workshop.close(tobias);
    }
}
