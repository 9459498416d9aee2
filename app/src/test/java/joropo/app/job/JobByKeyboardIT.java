package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Files;
import java.util.regex.Pattern;
import joropo.app.Keyboard;
import joropo.app.Workshop;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** One job from the first drip to the signed card, without a pointer. */
class JobByKeyboardIT {
    @Test
    void fromIntakeToSignatureWithTheKeyboardAlone() throws Exception {
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        var keys = new Keyboard(page);
        page.navigate(Workshop.address() + "/login");
        keys.to("#username")
                .type("marisol")
                .press("Tab")
                .type("guasimo-marisol")
                .press("Enter");
        page.waitForURL(url -> !url.contains("/login"));
        keys.enterTo("a.button.keep", "**/start");
        keys.to("#q").type("gear motor output").press("Enter");
        page.waitForURL("**/start?q=*");
        keys.enterTo(".start-places button[aria-label*='gear motor output']", "**/jobs/*/intake");
        String number = page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");

        keys.pick("symptom", "drip")
                .field("since", "three days")
                .field("hours", "6400")
                .field("lastWork", "");
        keys.tick("levelSeen").tick("breatherSeen").tick("aboveSeen");
        keys.pick("medium", "oil").pick("dirt", "dust").field("speed", "145").pick("rotation", "clock");
        keep(keys, "strip");

        keys.tick("isolated").tick("locked").tick("pressureOff");
        keys.field("foundDepth", "2.5")
                .pick("foundFacing", "inside")
                .pick("foundState", "worn")
                .field("marking", "45 62 8");
        keep(keys, "measure");

        keys.pick("shaftGauge", "outside")
                .field("shaftA1", "44.962")
                .field("shaftA2", "44.958")
                .field("shaftB1", "44,971")
                .field("shaftB2", "1.7706 in");
        keys.pick("boreGauge", "three")
                .field("boreA1", "62.014")
                .field("boreA2", "62.018")
                .field("boreB1", "62.016")
                .field("boreB2", "62.012");
        keys.pick("depthGauge", "depth")
                .field("stopDepth", "10.50")
                .field("turningDepth", "14.5")
                .field("groundFrom", "-4")
                .field("groundTo", "16");
        keys.pick("surface", "smooth").pick("shaftEnd", "full").pick("entersFrom", "inside");
        assertThat(page.locator("#figures-shaft")).containsText("44.958 to 44.973");
        keep(keys, "decide");

        keys.field("size", "45x62x8")
                .pick("layout", "lip with")
                .pick("material", "HNBR")
                .pick("caseType", "rubber")
                .pick("mainLip", "inside");
        assertThat(page.locator("#way-round"))
                .hasText("Open side, with the spring, faces inside, towards the oil; dust lip faces outside.");
        assertThat(page.locator("#figures-way")).containsText("0.00 to 2.50");
        keys.to("#part-line-lip-seal summary").press("Enter").field("reason-lip-seal", "batch K-1, cured 2Q2025");
        assertThat(page.locator("#part-line-lip-seal")).containsText("new, laid out: batch K-1, cured 2Q2025");
        keep(keys, "fit");

        keys.field("newOutside", "62.25")
                .field("newWidth", "8.02")
                .pick("fitGauge", "depth")
                .field("depth12", "2.49")
                .field("depth3", "2.51")
                .field("depth6", "2.50")
                .field("depth9", "2.50")
                .field("gaugeCircle", "54");
        assertThat(page.locator("#figures-square")).containsText("2.50");
        for (int step = 1; step <= 14; step++) {
            String done = "button.done[aria-label='Done: step " + step + "']";
            page.locator(done).waitFor(); // what was typed last has come back
            keys.to(done).press("Enter");
            assertThat(page.locator("#steps summary").first()).containsText(step + " of 17 steps done");
        }
        keep(keys, "set");

        keys.field("playMeasured", "0.12");
        keys.tick("tightened").tick("lockedUp").tick("countedOut").tick("guardsBack");
        keep(keys, "prove");
        keys.pick("handTurn", "even")
                .pick("firstRun", "dry")
                .to("#proveNote")
                .type("dry after two hours")
                .press("Tab");
        keys.tick("levelRight").tick("breatherFree");
        keep(keys, "sign");
        keys.to("#remark").type("breather renewed").press("Tab").field("nextLook", "2026-12-24");
        keys.to("#go button.keep").press("Enter");
        assertThat(page.locator("#go .rev")).hasText("revision 1");
        keys.field("password", "guasimo-marisol");
        assertThat(page.locator("#sign-head")).hasText("Signed");

        Download download = page.waitForDownload(() -> keys.to("#card-link").press("Enter"));
        String text = text(Files.readAllBytes(download.path()));
        assertThat(download.suggestedFilename()).isEqualTo("job-" + number + ".pdf");
        assertThat(text)
                .contains(
                        "45x62x8",
                        "44.962",
                        "44,971",
                        "1.7706 in",
                        "62.018",
                        "10.50",
                        "2.49",
                        "Signed by Marisol Araguaney",
                        "SHA-256",
                        "faces inside, towards");
        assertThat(text).doesNotContain("#").contains(number);
        Workshop.close(page);
    }

    private static void keep(Keyboard keys, String next) {
        keys.enterTo("#go button.keep", "**/" + next);
    }

    private static String text(byte[] pdf) throws Exception {
        try (var document = Loader.loadPDF(pdf)) {
            return Pattern.compile("\\s+")
                    .matcher(new PDFTextStripper().getText(document))
                    .replaceAll(" ");
        }
    }
}
