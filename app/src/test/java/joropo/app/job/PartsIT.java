package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;

import com.microsoft.playwright.Page;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.store.StoreService;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/**
 * Parts of a job against the store: what is missing stops it before the machine is opened, and what is too old goes in
 * only with a lead's word.
 */
class PartsIT {
    private static final StoreService STORE = Workshop.bean(StoreService.class);

    private static String url(String number, Stage stage) {
        return Workshop.address() + "/jobs/" + number + "/" + stage.path();
    }

    private static long lot(
            String kind, String name, String size, String material, String batch, String cured, int count) {
        return STORE.receive(
                Map.of(
                        "kind",
                        kind,
                        "name",
                        name,
                        "size",
                        size,
                        "material",
                        material,
                        "batch",
                        batch,
                        "cured",
                        cured,
                        "count",
                        Integer.toString(count),
                        "place",
                        "T9"),
                LengthUnit.MM,
                JobMaker.person("jacinta"));
    }

    private static int onHand(long lot) {
        return STORE.lot(lot).lot().onHand();
    }

    @Test
    void aMissingPartStopsTheJobBeforeTheMachineIsOpenedAndTheStoreLetsItGoOn() {
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
        Page page = Workshop.page("marisol");
        page.navigate(url(number, Stage.INTAKE));
        page.click("#parts .gauge > details summary");
        page.click("#parts .gauge > details .decide-part button");
        assertThat(page.locator("#parts .wrong")).hasText("Needs a kind from the list.");
        page.selectOption("#new-kind", "SLINGER");
        page.fill("#new-size", "45");
        page.fill("#new-count", "two");
        page.click("#parts .gauge > details .decide-part button");
        assertThat(page.locator("#parts .wrong")).hasText("Needs a whole number of pieces.");
        assertThat(page.locator("#new-size")).hasValue("45");
        page.fill("#new-count", "1");
        page.click("#parts .gauge > details .decide-part button");
        assertThat(page.locator(".part-lines li.is-open")).containsText("slinger 45");
        assertThat(page.locator(".part-lines li.is-open")).containsText("none in the store");

        page.navigate(url(number, Stage.STRIP));
        assertThat(page.locator("#held"))
                .containsText("Not in hand: slinger 45. The machine stays closed until each is laid out or decided.");
        page.check("#isolated");
        page.check("#locked");
        page.check("#pressureOff");
        page.click("#go button.keep");
        assertThat(page.locator(".notice[role=alert]").first()).hasText("Not saved yet: see what is marked.");
        assertThat(page.locator("#isolated")).isChecked();

        long lot = lot("SLINGER", "", "45", "", "S-" + number, "", 2);
        page.click("#held a");
        page.waitForURL("**/intake");
        page.click("button[aria-label^='Lay out slinger 45']");
        assertThat(page.locator("#part-line-own-slinger-45")).containsText("new, laid out, batch S-" + number);
        assertThat(onHand(lot)).isEqualTo(1);
        page.navigate(url(number, Stage.STRIP));
        page.click("#go button.keep");
        page.waitForURL("**/measure");
        page.navigate(url(number, Stage.INTAKE));
        page.click("button[aria-label='Decide anew: slinger 45']");
        assertThat(page.locator("#part-line-own-slinger-45")).containsText("otherwise");
        assertThat(onHand(lot)).as("back in its lot").isEqualTo(2);

        page.click("#part-line-own-slinger-45 summary");
        page.selectOption("#state-own-slinger-45", "UNOBTAINABLE");
        page.fill("#reason-own-slinger-45", "six weeks at every source");
        page.click("#part-line-own-slinger-45 .decide-part button");
        assertThat(page.locator("#part-line-own-slinger-45 .wrong"))
                .hasText("Needs what is to follow, by when and from whom.");
        assertThat(page.locator("#reason-own-slinger-45")).hasValue("six weeks at every source");
        page.fill("#follow-own-slinger-45", "old one dressed, new one by week 4 from the gear's builder");
        page.click("#part-line-own-slinger-45 .decide-part button");
        assertThat(page.locator("#part-line-own-slinger-45"))
                .containsText("cannot be had: six weeks at every source; to follow: old one dressed");
        Workshop.close(page);
    }

    @Test
    void anOverdueLotIsRefusedAndALeadReleasesItWithAReason() {
        long old = lot("LIP_SEAL", "", "45x62x8", "FKM", "OLD-1", "1Q2005", 3);
        String number = JobMaker.madeSafe();
        JobMaker.keep(
                number,
                Stage.DECIDE,
                "size",
                "45x62x8",
                "layout",
                "DUST_LIP",
                "material",
                "FKM",
                "caseType",
                "RUBBER",
                "mainLip",
                "IN",
                "chooseWhy",
                "hot oil");
        Page fitter = Workshop.page("marisol");
        fitter.navigate(url(number, Stage.FIT));
        assertThat(fitter.locator("#part-line-lip-seal .mark.is-fails")).hasCount(1);
        JobMaker.newSeals(number);
        fitter.reload();
        fitter.click("button.done");
        assertThat(fitter.locator("#steps .wrong")).containsText("either laid out nor decided: lip seal 45x62x8");
        fitter.fill("#release-lip-seal-" + old, "nothing else is here");
        fitter.click("button[aria-label^='Lead allows lip seal 45x62x8']");
        assertThat(fitter.locator("#part-line-lip-seal .wrong"))
                .containsText("FKM, group C, cured 1Q2005: to be used by 31 Mar 2015. Only a lead releases it, with a "
                        + "written reason.");
        assertThat(onHand(old)).isEqualTo(3);
        Workshop.close(fitter);

        Page lead = Workshop.page("jacinta");
        lead.navigate(url(number, Stage.FIT));
        lead.click("button[aria-label^='Lead allows lip seal 45x62x8']");
        assertThat(lead.locator("#part-line-lip-seal .wrong")).containsText("Write why it is used all the same.");
        lead.fill("#release-lip-seal-" + old, "for two days, hardness 76 and no crack");
        lead.click("button[aria-label^='Lead allows lip seal 45x62x8']");
        assertThat(lead.locator("#part-line-lip-seal"))
                .containsText(
                        "new, laid out, batch OLD-1, cured 1Q2005: for two days, hardness 76 and no crack Jacinta "
                                + "Samán");
        assertThat(onHand(old)).isEqualTo(2);
        lead.click("button.done");
        assertThat(lead.locator("#steps summary").first()).containsText("1 of");
        lead.navigate(Workshop.address() + "/store/" + old);
        assertThat(lead.locator("table.plain")).containsText(number);
        Workshop.close(lead);
        assertThat(Workshop.bean(JobService.class).snapshot(number).parts())
                .anyMatch(p -> p.contains("batch OLD-1, cured 1Q2005"));
    }

    @Test
    void whatIsDecidedTwiceIsIssuedOnceAndTooFewAreRefusedWhole() {
        long lot = lot("RETAINING_RING", "", "150", "", "R-1", "", 1);
        String number = JobMaker.open();
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        lists.list(number, Stage.INTAKE, Map.of("kind", "RETAINING_RING", "size", "150", "count", "1"), person);
        String id = Workshop.bean(JobStore.class)
                .load(number)
                .beside()
                .parts()
                .listed()
                .get(0)
                .part();
        lists.decide(number, id, PartState.NEW, lot, "", "", person);
        lists.decide(number, id, PartState.NEW, lot, "", "", person);
        assertThat(onHand(lot)).isZero();
        assertThat(STORE.movements(lot)).hasSize(2);
        lists.list(number, Stage.INTAKE, Map.of("kind", "RETAINING_RING", "size", "151", "count", "2"), person);
        String more = Workshop.bean(JobStore.class)
                .load(number)
                .beside()
                .parts()
                .listed()
                .get(1)
                .part();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.decide(number, more, PartState.NEW, lot, "", "", person))
                .withMessageContaining("of another size or material than what is wanted now");
        long one = lot("RETAINING_RING", "", "151", "", "R-2", "", 1);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.decide(number, more, PartState.NEW, one, "", "", person))
                .withMessageContaining("is more than there are: 1 on hand");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.decide(number, more, PartState.CARRY_OVER, one, "sound", "", person))
                .withMessageContaining("comes from the store only as a new one");
        assertThat(Workshop.bean(JobStore.class).load(number).beside().parts().decided())
                .extracting(PartEntry::part)
                .isEqualTo(List.of(id));
        for (PartState wanting : List.of(PartState.CARRY_OVER, PartState.TRANSFER, PartState.NOT_FOR_THIS)) {
            assertThatExceptionOfType(RefusedInput.class)
                    .isThrownBy(() -> lists.decide(number, more, wanting, null, " ", "", person))
                    .withMessageContaining("needs a written reason");
        }
    }

    /** As many go back to the lot as were taken, and one laid out is not two. */
    @Test
    void whatIsDecidedAnewGoesBackWhole() {
        long lot = lot("LIP_SEAL", "", "41x57x8", "NBR", "S-2", "1Q2026", 3);
        String number = JobMaker.open();
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        lists.list(number, Stage.INTAKE, Map.of("kind", "LIP_SEAL", "size", "41x57x8", "count", "2"), person);
        lists.decide(number, "lip-seal", PartState.NEW, lot, "", "", person);
        assertThat(onHand(lot)).isEqualTo(1);
        JobMaker.keep(number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        JobMaker.keep(
                number,
                Stage.DECIDE,
                "size",
                "41x57x8",
                "layout",
                "DUST_LIP",
                "material",
                "NBR",
                "caseType",
                "RUBBER",
                "mainLip",
                "IN",
                "chooseWhy",
                "as its builder fitted it");
        assertThat(line(number).part().count()).as("the plan wants one").isEqualTo(1);
        assertThat(line(number).isSettled()).as("two are enough for one").isTrue();
        lists.decide(number, "lip-seal", PartState.OPEN, null, "", "", person);
        assertThat(onHand(lot)).isEqualTo(3);
        PartEntry one = new PartEntry(
                "lip-seal", PartState.NEW, lot, "S-2", null, 1, "41x57x8", "NBR", "", "", "Marisol", Instant.EPOCH);
        assertThat(one.isFor(new Part("lip-seal", 2, PartKind.LIP_SEAL, "lip seal", "41x57x8", "NBR", "", null)))
                .as("one is not two")
                .isFalse();
    }

    /** One number for all that lies in it; what does not stays open, and a kit is laid out whole or not at all. */
    @Test
    void aKitIsHeldAgainstTheListAndLaidOutWithOneAct() {
        String number = JobMaker.open();
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        for (String size : List.of("150", "151", "152")) {
            lists.list(number, Stage.INTAKE, Map.of("kind", "RETAINING_RING", "size", size, "count", "1"), person);
        }
        List<String> ids = Workshop.bean(JobStore.class).load(number).beside().parts().listed().stream()
                .map(ListedPart::part)
                .toList();
        List<String> two = ids.subList(0, 2);
        for (var refused : Map.of("", two, "K-7", List.<String>of()).entrySet()) {
            assertThatExceptionOfType(RefusedInput.class)
                    .isThrownBy(() -> lists.layOutKit(number, refused.getKey(), refused.getValue(), person))
                    .withMessageContaining("kit");
        }
        lists.layOutKit(number, "K-7, cured 2Q2026", two, person);
        assertThatExceptionOfType(RefusedInput.class)
                .as("one of them is settled")
                .isThrownBy(() -> lists.layOutKit(number, "K-8", ids.subList(1, 3), person))
                .withMessageContaining("settled by now");
        assertThat(Workshop.bean(JobStore.class).load(number).beside().parts().decided())
                .extracting(PartEntry::part, PartEntry::words)
                .containsExactlyInAnyOrder(
                        tuple(ids.get(0), "new, laid out: from the kit K-7, cured 2Q2026"),
                        tuple(ids.get(1), "new, laid out: from the kit K-7, cured 2Q2026"));
    }

    private static PartLine line(String number) {
        return Workshop.bean(JobSheets.class)
                .page(number, Stage.DECIDE, JobMaker.person("marisol"))
                .lists()
                .parts()
                .lines()
                .get(0)
                .line();
    }
}
