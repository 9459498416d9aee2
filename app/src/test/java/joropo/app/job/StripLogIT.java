package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.section.SectionRole;
import joropo.core.section.BoreItem;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/** What comes off is logged with a tap a part, is the section that was found, and goes back in the other way round. */
class StripLogIT {
    /** One grey dot. */
    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==");

    private static final int MOST_ACTIONS = 40;

    private Page page;
    private int actions;

    private void tap(String selector) {
        actions++;
        page.click(selector);
    }

    private void off(String kind, int parts) {
        tap("#off-" + kind);
        assertThat(page.locator(".strip-log > li")).hasCount(parts);
    }

    private void note(String field, String text) {
        actions++;
        page.locator(".strip-log > li").first().locator("[name=" + field + "]").fill(text);
    }

    private void keep() {
        actions++;
        page.locator(".strip-log > li").first().locator("[name=condition]").press("Enter");
    }

    @Test
    void twelvePartsInUnderFortyActionsAndBackTheOtherWayRound() {
        String number = JobMaker.open();
        JobMaker.keep(
                number,
                Stage.INTAKE,
                "symptom",
                "DRIPPING",
                "levelSeen",
                "yes",
                "breatherSeen",
                "yes",
                "aboveSeen",
                "yes");
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.remove(number, "COVER", "", null, person))
                .withMessageContaining("Isolated, locked, pressure off");
        page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/strip");
        assertThat(page.locator("#strip")).containsText("Make it safe first");
        page.check("#isolated");
        page.check("#locked");
        page.check("#pressureOff");
        assertThat(page.locator("#off-COVER")).isVisible();

        off("BOLT", 1);
        off("COVER", 2);
        tap("button[aria-label='cover brought along: washer']");
        assertThat(page.locator(".strip-log > li")).hasCount(3);
        off("GASKET", 4);
        off("RETAINING_RING", 5);
        note("place", "1");
        note("thickness", "2");
        keep();
        assertThat(page.locator(".strip-log > li").first()).containsText("at 1 mm, 2 mm long");
        off("WASHER", 6);
        off("LIP_SEAL", 7);
        actions++;
        page.locator(".strip-log > li").first().locator("[name=faced]").selectOption("OUT");
        note("place", "4 furlongs");
        keep();
        assertThat(page.locator(".strip-log .wrong")).containsText("not understood as a length");
        assertThat(page.locator(".strip-log > li").first().locator("[name=place]"))
                .hasValue("4 furlongs");
        note("place", "4");
        keep();
        off("WASHER", 8);
        off("LIP_SEAL", 9);
        actions++;
        page.locator(".strip-log > li").first().locator("[name=faced]").selectOption("IN");
        note("place", "0.63 in");
        note("marking", "45 62 8 NBR");
        keep();
        assertThat(page.locator(".strip-log > li").first())
                .containsText("faced inside, at 0.63 in, marking read: 45 62 8 NBR");
        off("SLEEVE", 10);
        off("KEY", 11);
        off("BEARING", 12);
        assertThat(page.locator("#unplaced"))
                .containsText(
                        "Place not read, drawn against its neighbour in the section as found: washer 2, washer 3, "
                                + "bearing.");
        assertThat(actions).as("actions for twelve parts").isLessThan(MOST_ACTIONS);

        page.locator("input[type=file]").first().setInputFiles(new FilePayload("bearing.png", "image/png", PNG));
        page.waitForURL("**/strip*");
        assertThat(page.locator(".strip-log > li").first().locator("img.thumb")).isVisible();
        assertThat(page.locator(".strip-log img.thumb")).hasJSProperty("naturalWidth", 1);
        page.click("#go button.keep");
        page.waitForURL("**/measure");

        assertThat(Workshop.bean(JobSheets.class)
                        .page(number, Stage.DECIDE, person)
                        .lists()
                        .parts()
                        .lines())
                .extracting(p -> p.line().part().name())
                .contains("gasket");
        var found =
                Workshop.bean(JobBench.class).of(number, SectionRole.AS_FOUND).orElseThrow();
        assertThat(found.seals()).extracting(BoreItem.Seal::mainLip).containsExactly(Side.OUT, Side.IN);
        assertThat(found.seals()).extracting(BoreItem.Seal::fromMm).containsExactly(4.0, 16.002);
        assertThat(found.boreItems().get(0)).isInstanceOf(BoreItem.Ring.class);

        page.navigate(Workshop.address() + "/jobs/" + number + "/fit");
        assertThat(page.locator("#back li b").allTextContents())
                .isEqualTo(List.of(
                        "bearing",
                        "key",
                        "running sleeve",
                        "lip seal 2",
                        "washer 3",
                        "lip seal",
                        "washer 2",
                        "retaining ring",
                        "gasket",
                        "cover",
                        "washer",
                        "bolts"));
        page.click("button[aria-label='Back in: bearing']");
        assertThat(page.locator("#back .wrong"))
                .hasText("Goes back only with a written inspection: what was looked at, and what was seen.");
        page.locator("#back li").first().locator("input[name=reason]").fill("turned dry and clean: smooth, no track");
        page.click("button[aria-label='Back in: bearing']");
        assertThat(page.locator("#is-back li"))
                .containsText("back in turned dry and clean: smooth, no track, Marisol Araguaney");
        page.click("summary[aria-label='lip seal 2: before its turn']");
        page.click("button[aria-label='Replace: lip seal 2']");
        assertThat(page.locator("#back .wrong")).hasText("Waits: key goes in before it, or say why that is left out.");
        for (String act : List.of("Back in: key", "Replace: running sleeve", "Replace: lip seal 2")) {
            Locator next = page.locator("#back li > div > form button[aria-label='" + act + "']");
            next.waitFor(); // its turn has come
            next.press("Enter");
        }
        assertThat(page.locator("#back li.is-settled")).hasCount(4);
        page.click("summary[aria-label='gasket: before its turn']");
        page.click("button[aria-label='Left out: gasket']");
        assertThat(page.locator("#back .wrong")).hasText("Needs why it is left out.");
        page.navigate(Workshop.address() + "/jobs/" + number + "/sign");
        assertThat(page.locator(".open-list"))
                .containsText(
                        "Came off, and nobody has said what became of it: bolts, cover, washer, gasket, retaining "
                                + "ring, washer 2, lip seal, washer 3.");
        Workshop.close(page);
    }

    @Test
    void aUsedSealIsNeverTheOnlyOneAndWhatWasNotedInErrorStaysInTheRecord() {
        String number = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        long seal = lists.remove(number, "LIP_SEAL", "", null, person);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.back(number, seal, StripPart.Back.BACK, "lip sound under the glass", person))
                .withMessageContaining("a used seal is never the only one");
        long wrong = lists.remove(number, "COVER", "", null, person);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.strike(number, wrong, " ", person))
                .withMessageContaining("needs a reason");
        lists.strike(number, wrong, "tapped twice", person);
        JobState state = Workshop.bean(JobStore.class).load(number);
        assertThat(state.beside().log()).extracting(StripPart::id).containsExactly(seal);
        assertThat(state.beside().removed())
                .extracting(StripPart::struckWhy)
                .contains("tapped twice (Marisol Araguaney)");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(
                        () -> lists.photo(number, seal, "x.png", "no picture".getBytes(StandardCharsets.UTF_8), person))
                .withMessageContaining("is no picture");
        byte[] heic = "\0\0\0\u0018ftypheic\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.photo(number, seal, "x.heic", heic, person))
                .withMessageContaining("set the phone's camera to JPEG");
    }

    @Test
    void aTimeThatIsNotUpStopsTheSignature() {
        String number = JobMaker.readyToSign("IN");
        page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        page.click("#times > summary");
        page.fill("#timer-what", "sealant, cure before oil");
        page.fill("#timer-minutes", "0");
        page.click("#timers form.row button");
        assertThat(page.locator("#timers .wrong"))
                .hasText("Needs a name, up to 60 characters, and whole minutes up to 10080.");
        assertThat(page.locator("#timer-what")).hasValue("sealant, cure before oil");
        page.fill("#timer-minutes", "90");
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=timer]")).containsText("left");
        page.navigate(Workshop.address() + "/jobs/" + number + "/sign");
        assertThat(page.locator(".open-list")).hasText("sealant, cure before oil: its time is not up yet.");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        page.click("#timers summary");
        page.locator("#timers input[name=why]").fill("wiped off, dry joint instead");
        page.keyboard().press("Enter");
        assertThat(page.locator("#timers")).containsText("stopped: wiped off, dry joint instead");
        page.navigate(Workshop.address() + "/jobs/" + number + "/sign");
        assertThat(page.locator("#sign")).isEnabled();
        Workshop.close(page);
    }

    /** Two people note one part from pages made at the same moment. */
    @Test
    void whatTwoNoteOfOnePartIsJoinedAndNeverOverwrittenSilently() {
        String number = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        var marisol = JobMaker.person("marisol");
        long part = lists.remove(number, "LIP_SEAL", "", null, marisol);
        lists.note(number, part, Map.of("place", "2.5", "was-place", "", "was-marking", ""), LengthUnit.MM, marisol);
        lists.note(
                number,
                part,
                Map.of("marking", "45 62 8", "was-marking", "", "was-place", ""),
                LengthUnit.MM,
                JobMaker.person("tobias"));
        assertThat(noted(number)).containsEntry("place", "2.5 mm").containsEntry("marking", "45 62 8");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(
                        () -> lists.note(number, part, Map.of("place", "3.5", "was-place", ""), LengthUnit.MM, marisol))
                .withMessageContaining("was noted meanwhile as \"2.5 mm\"");
        lists.note(number, part, Map.of("place", "", "was-place", "2.5 mm"), LengthUnit.MM, marisol);
        assertThat(noted(number)).as("with the item that it was").containsOnlyKeys("marking", "item");
    }

    private static Map<String, String> noted(String number) {
        return Workshop.bean(JobStore.class).load(number).beside().log().get(0).texts();
    }
}
