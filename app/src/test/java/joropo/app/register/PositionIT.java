package joropo.app.register;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import joropo.app.Workshop;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import org.junit.jupiter.api.Test;

/** One position: what is known of it, its limits, files, history; and everything found by a word of it. */
class PositionIT {
    private static long position(String machine) {
        var register = Workshop.bean(RegisterService.class);
        return register.addPosition(
                register.addMachine(machine, "yard", "", "jacinta"),
                new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.DUST, Rotation.CW, 145.0),
                "jacinta");
    }

    @Test
    void whatIsKnownChangesAndLimitsAndFilesStayWithTheirReason() {
        long id = position("Dredge winch");
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/machines/positions/" + id);
        page.click("details.fold summary");
        page.check("#oneWay");
        page.selectOption("#rotation", "");
        page.fill("#size", "fortyfive");
        page.click("details.fold button.keep");
        assertThat(page.locator("details.fold .wrong").first()).containsText("not understood as a length");
        assertThat(page.locator("#size")).hasValue("fortyfive");
        page.fill("#size", "50x62");
        page.click("details.fold button.keep");
        assertThat(page.locator("details.fold .wrong")).hasText("Must be said where it turns only one way.");
        page.selectOption("#rotation", "CCW");
        page.fill("#note", "sheave guard first, xylophone key");
        page.click("details.fold button.keep");
        assertThat(page.locator(".facts")).containsText("turn only anticlockwise");
        assertThat(page.locator(".facts")).containsText("50 x 62");

        page.fill("#what", "axial play");
        page.click("text=Write it down");
        assertThat(page.locator("#limits ~ form .wrong").first()).hasText("Needs a least or a most.");
        page.fill("#least", "0.20");
        page.fill("#most", "0,05");
        page.fill("#limit-unit", "mm");
        page.click("text=Write it down");
        assertThat(page.locator("#limits ~ form .wrong")).hasText("Must not be below the least.");
        page.fill("#least", "0.02");
        page.fill("#document", "sheet 4, page 2");
        page.click("text=Write it down");
        assertThat(page.locator("#limits + table")).containsText("axial play0.02 mm0.05 mmsheet 4, page 2");
        page.click("text=Start a job");
        assertThat(page.locator(".place")).containsText("turn only anticlockwise");
        page.navigate(page.url().replace("intake", "measure"));
        assertThat(page.locator("main"))
                .containsText("Limits by its maker: axial play 0.02 to 0.05 mm (sheet 4, page 2)");
        page.navigate(Workshop.address() + "/machines/positions/" + id);
        page.click("summary[aria-label='withdraw axial play']");
        page.fill("[id^=why-limit-]", "sheet 5 is out");
        page.keyboard().press("Enter");
        assertThat(page.locator("#limits + table")).containsText("withdrawn: sheet 5 is out");

        page.setInputFiles("#file", new FilePayload("notes.txt", "text/plain", "no".getBytes(StandardCharsets.UTF_8)));
        page.click("text=Add the file");
        assertThat(page.locator("#files ~ form .wrong")).hasText("Is none of JPEG, PNG, WebP or PDF.");
        page.setInputFiles(
                "#file",
                new FilePayload("gear.pdf", "application/pdf", "%PDF-1.4 made up".getBytes(StandardCharsets.UTF_8)));
        page.click("text=Add the file");
        assertThat(page.locator(".file-list")).containsText("gear.pdf");
        var download = page.waitForDownload(() -> page.click(".file-list a"));
        assertThat(download.suggestedFilename()).isEqualTo("gear.pdf");

        page.fill("#find", "xylo");
        page.keyboard().press("Enter");
        page.click("text=Dredge winch");
        page.waitForURL("**/machines/positions/" + id);
        Workshop.close(page);
    }

    @Test
    void anythingIsFoundByWordsOfIt() {
        Page page = Workshop.page("visita");
        String[][] asked = {
            {"centrifugal play builder", "Drive output"},
            {"70x90x10 hnbr", "B-1107"},
            {"bush", "26-0005"},
            {"B-1443", "Breather M12"},
            {"stirrer backst", "Gear output"},
            {"\"; drop xyzzy", "Nothing found."},
            {"G-2 cured conve", ""}
        };
        for (String[] one : asked) {
            page.navigate(Workshop.address() + "/find");
            page.fill("#find", one[0]);
            page.keyboard().press("Enter");
            page.waitForURL("**/find?q=*");
            assertThat(page.locator("main"))
                    .containsText(one[1], new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true));
        }
        page.navigate(Workshop.address() + "/machines/positions/1");
        assertThat(page.locator("main")).containsText("mean life");
        assertThat(page.locator("main form")).hasCount(0);
        Workshop.close(page);
    }
}
