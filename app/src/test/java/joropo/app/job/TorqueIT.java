package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/**
 * The torque plan of a job: typed in the unit of the wrench, ticked bolt by bolt in its order, and not signed half
 * done.
 */
class TorqueIT {
    private static final int[] ORDER = {1, 3, 2, 4};

    @Test
    void boltByBoltPassByPassBeforeAnybodySigns() {
        String number = JobMaker.readyToSign("IN");
        var jobs = Workshop.bean(JobService.class);
        var person = JobMaker.person("marisol");
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        page.locator("details[data-card=locking]").evaluate("d => { d.open = true; }");
        page.fill("#bolts", "4.5");
        page.fill("#boltTorque", "30");
        page.selectOption("#torqueUnit", "LBF_FT");
        assertThat(page.locator("#echo-bolts .wrong")).hasText("Must be a whole number.");
        page.fill("#bolts", "4");
        page.selectOption("#figureFor", "DRY");
        page.selectOption("#threads", "OILED");
        page.selectOption("#locking", "NONE");
        assertThat(page.locator("#torque")).containsText("Pass 1 of 4: bolt 1 to 6.75 lbf·ft");
        assertThat(page.locator("#torque")).containsText("9.15 N·m");
        assertThat(page.locator("#rail")).containsText("figure against the threads");
        page.click("text=Save and go to Prove");
        page.waitForURL("**/prove");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        for (int bolt : ORDER) {
            assertThat(page.locator("#tick")).hasText("Bolt " + bolt + " done");
            page.click("#tick");
        }
        assertThat(page.locator("#torque")).containsText("Pass 2 of 4: bolt 1 to 13.5 lbf·ft");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.tick(number, "", 2, 3, 18.3, person))
                .withMessageContaining("goes on with bolt 1 in pass 2 to 18.3 N·m");
        jobs.tick(number, "", 1, 3, 9.15, person); // said before: changes nothing
        assertThatExceptionOfType(RefusedInput.class)
                .as("another figure")
                .isThrownBy(() -> jobs.tick(number, "", 2, 1, 19, person))
                .withMessageContaining("goes on with bolt 1 in pass 2");
        page.navigate(Workshop.address() + "/jobs/" + number + "/sign");
        assertThat(page.locator(".open-list")).containsText("Torque plan: 12 turns of the wrench are not ticked.");
        for (int turn = 4; turn < 15; turn++) {
            double nm = Workshop.bean(JobSheets.class)
                    .page(number, Stage.SET, person)
                    .counted()
                    .torque()
                    .get(0)
                    .set()
                    .nm();
            jobs.tick(number, "", turn / 4 + 1, ORDER[turn % 4], nm, person);
        }
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        var box = page.locator("#shaftline li").nth(Stage.SET.ordinal());
        assertThat(box).containsText("Set, not measured");
        page.click("#tick");
        assertThat(page.locator("#torque")).containsText("All passes are done.");
        assertThat(box).not().containsText("not measured");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.tick(number, "", 5, 1, 30.5, person))
                .withMessageContaining("no bolt left");
        Filling.unfold(page);
        page.fill("#boltTorque", "40");
        assertThat(page.locator("#torque")).containsText("Pass 1 of 4: bolt 1 to 9.00 lbf·ft");
        assertThat(page.locator("#torque"))
                .containsText("16 left"); // what was tightened to another figure counts for nothing
        page.fill("#boltTorque", "30");
        assertThat(page.locator("#torque")).containsText("All passes are done.");
        page.click("text=Save and go to Prove");
        page.waitForURL("**/prove");
        page.navigate(Workshop.address() + "/jobs/" + number + "/sign");
        assertThat(page.locator(".open-list")).hasCount(0);
        Workshop.close(page);
    }
}
