package joropo.app.store;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.arrangement.PartKind;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/** Receiving, issuing, counting, extending; the whole store out and in as CSV. */
class StoreIT {
    private static final StoreImports IMPORTS = Workshop.bean(StoreImports.class);
    private static final StoreCsv CSV = Workshop.bean(StoreCsv.class);
    private static final StoreService STORE = Workshop.bean(StoreService.class);

    @Test
    void aLotIsReceivedCountedAndExtendedOnce() {
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/store");
        page.click(".add[action='/store'] button.keep");
        assertThat(page.locator(".add[action='/store'] .wrong")).hasText(new String[] {
            "Is needed.",
            "Is needed: the maker will ask for it.",
            "Is needed: where it lies.",
            "Must be a whole number from 1 to 10000."
        });
        page.selectOption("#lot-kind", "LIP_SEAL");
        page.fill("#lot-size", "45x62");
        page.fill("#lot-batch", "T-77");
        page.fill("#lot-cured", "spring 2020");
        page.fill("#lot-count", "4");
        page.fill("#lot-place", "T3");
        page.click(".add[action='/store'] button.keep");
        assertThat(page.locator(".add[action='/store']")).containsText("not understood as a seal size");
        assertThat(page.locator(".add[action='/store']")).containsText("Is needed: its date follows from it.");
        assertThat(page.locator(".add[action='/store']")).containsText("not understood as a cure quarter");
        assertThat(page.locator("#lot-cured")).hasValue("spring 2020");
        page.fill("#lot-size", "45-62-8");
        page.selectOption("#lot-material", "NBR");
        page.fill("#lot-cured", "2Q2012");
        page.click(".add[action='/store'] button.keep");
        page.waitForURL("**/store?another=*");
        page.click("text=To this lot");
        assertThat(page.locator("h1")).hasText("lip seal 45x62x8, NBR");
        assertThat(page.locator("main")).containsText("NBR, group B, cured 2Q2012: to be used by 30 Jun 2019.");

        page.fill("#issued-count", "9");
        page.click(".moving button:has-text('Take out')");
        assertThat(page.locator(".moving .wrong")).hasText("Is more than there are: 4 on hand.");
        page.fill("#issued-count", "1");
        page.fill("#issued-why", "bench trial");
        page.click(".moving button:has-text('Take out')");
        assertThat(page.locator(".moving .wrong")).containsText("Only a lead releases it");
        assertThat(page.locator("#issued-why")).hasValue("bench trial");
        page.fill("#counted-count", "3");
        page.click(".moving button:has-text('Counted')");
        assertThat(page.locator("table.plain tbody tr").first()).containsText("counted-1");
        assertThat(page.locator("#inspection")).hasCount(0);
        page.fill("#scrapped-count", "3");
        page.click(".moving button:has-text('Scrap')");
        assertThat(page.locator(".moving .wrong")).containsText("Needs a reason");
        page.fill("#scrapped-why", "past its date");
        page.click(".moving button:has-text('Scrap')");
        assertThat(page.locator(".figures dd").first()).hasText("0");
        page.navigate(Workshop.address() + "/find?q=t-77");
        assertThat(page.locator("main")).containsText("lip seal 45x62x8, NBR");
        Workshop.close(page);
    }

    /** Before its date, once, by a lead: as a release is. */
    @Test
    void aDateIsExtendedOnceBeforeItHasPassed() {
        Person jacinta = Workshop.bean(PeopleService.class).find("jacinta").orElseThrow();
        long fresh = STORE.receive(nbr("2Q2024"), LengthUnit.MM, jacinta);
        long past = STORE.receive(nbr("2Q2012"), LengthUnit.MM, jacinta);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> STORE.extend(
                        fresh,
                        "shore 71",
                        Workshop.bean(PeopleService.class).find("marisol").orElseThrow()))
                .withMessageContaining("written by a lead");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> STORE.extend(past, "shore 71", jacinta))
                .withMessageContaining("comes too late: the date passed on 30 Jun 2019");
        Page page = Workshop.page("jacinta");
        page.navigate(Workshop.address() + "/store/" + fresh);
        page.fill("#inspection", " ");
        page.click(".moving button:has-text('Extend once')");
        assertThat(page.locator(".moving .wrong")).containsText("Needs what was looked at and found");
        page.fill("#inspection", "shore 71, no crack under the glass");
        page.click(".moving button:has-text('Extend once')");
        assertThat(page.locator("main")).containsText("to be used by 30 Jun 2034, extended once.");
        assertThat(page.locator("#inspection")).hasCount(0);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> STORE.extend(fresh, "shore 72", jacinta))
                .withMessageContaining("once already");
        page.navigate(Workshop.address() + "/store/" + past);
        assertThat(page.locator("main")).containsText("extended before it has passed, never after");
        assertThat(page.locator("#inspection")).hasCount(0);
        Workshop.close(page);
    }

    private static Map<String, String> nbr(String cured) {
        return Map.of(
                "kind",
                "LIP_SEAL",
                "name",
                "",
                "size",
                "45x62x8",
                "material",
                "NBR",
                "cured",
                cured,
                "batch",
                "X-" + cured,
                "count",
                "2",
                "place",
                "T5");
    }

    /** The next lot is nothing yet but for its place; another like it, asked for, wants its own batch and cure date. */
    @Test
    void threeLotsCostSixteenEntriesAndLieBySize() {
        Page page = Workshop.page("marisol");
        Entries entries = new Entries(page).at("receive");
        page.navigate(Workshop.address() + "/store");
        page.selectOption("#lot-kind", "");
        entries.fill("lot-kind", "LIP_SEAL", "lot-size", "9x22x7", "lot-material", "NBR", "lot-batch", "THREE-1");
        entries.fill("lot-cured", "2Q2026", "lot-count", "2", "lot-place", "E1");
        entries.tapThrough(".add[action='/store'] button.keep");
        for (String batch : List.of("THREE-2", "THREE-3")) {
            assertThat(page.locator("#lot-place")).hasValue("E1");
            assertThat(page.locator("#lot-size")).hasValue("");
            entries.tap("#like-it");
            assertThat(page.locator("#lot-size")).hasValue("9x22x7");
            assertThat(page.locator("#lot-cured")).hasValue("");
            entries.fill("lot-batch", batch, "lot-cured", "3Q2026").tapThrough(".add[action='/store'] button.keep");
        }
        assertThat(entries.total()).isLessThanOrEqualTo(16);
        List<String> sizes = STORE.lots().stream()
                .map(StoreService.Shelved::lot)
                .filter(l -> l.kind() == PartKind.LIP_SEAL)
                .map(Lot::size)
                .toList();
        assertThat(sizes.indexOf("9x22x7"))
                .isLessThan(sizes.indexOf("35x52x8") < 0 ? sizes.size() : sizes.indexOf("35x52x8"));
        assertThat(STORE.lots())
                .filteredOn(l -> l.lot().batch().startsWith("THREE-"))
                .hasSize(3);
        Workshop.close(page);
    }

    /** What was written wrong is written anew; the lot before is put away with why, and what lies there goes over. */
    @Test
    void aLotIsCorrectedByANewOne() {
        var person = Workshop.bean(PeopleService.class).find("jacinta").orElseThrow();
        Map<String, String> texts = new LinkedHashMap<>(Map.of(
                "kind",
                "O_RING",
                "size",
                "20x3",
                "material",
                "NBR",
                "cured",
                "1Q2026",
                "batch",
                "WRONG-1",
                "count",
                "5",
                "place",
                "T9"));
        long was = STORE.receive(texts, LengthUnit.MM, person);
        texts.put("material", "FKM");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> STORE.correct(was, texts, LengthUnit.MM, person))
                .withMessageContaining("needs what was wrong");
        texts.put("why", "read from the wrong tin");
        long now = STORE.correct(was, texts, LengthUnit.MM, person);
        assertThat(STORE.lot(was).lot())
                .extracting(Lot::withdrawnWhy, Lot::onHand)
                .containsExactly("corrected: read from the wrong tin", 0);
        assertThat(STORE.lot(now).lot())
                .extracting(Lot::material, Lot::onHand, Lot::withdrawnWhy)
                .containsExactly("FKM", 5, null);
    }

    @Test
    void aFileIsLookedAtFirstAndComesInWholeOrNotAtAll() {
        var person = Workshop.bean(PeopleService.class).find("jacinta").orElseThrow();
        int before = STORE.lots().size();
        String good = "kind,name,size,material,batch,cured,count,place,source\nLIP_SEAL,,35x52x8,NBR,C-1,1Q2025,4,Z1,"
                + "stores\nGASKET,\"gasket, thin\",,,C-2,,3,Z1,=SUM(A1)\n";
        String bad = good + "LIP_SEAL,,35x52x8,NBR,C-1,1Q2025,4,Z1,stores\nO_RING,,20x3,XYZ,,5Q25,many,,\n";
        Page page = Workshop.page("jacinta");
        page.navigate(Workshop.address() + "/store");
        page.fill("#csv", "part,number\nx,1\n");
        page.click("text=See what it brings");
        assertThat(page.locator("#import + form .wrong")).containsText("Needs the columns kind,name,size");
        page.fill("#csv", bad);
        page.click("text=See what it brings");
        assertThat(page.locator(".sub")).hasText("2 of 4 lines will not do. Nothing is stored: mend the file first.");
        assertThat(page.locator("tbody tr").nth(2)).containsText("Stands twice in this file.");
        assertThat(page.locator("tbody tr").nth(3))
                .containsText("Material is no seal material: XYZ. Cured is not understood as a cure quarter");
        assertThat(page.locator("button[name=take]")).hasCount(0);
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> CSV.take(bad, person));
        assertThat(STORE.lots()).as("none of it").hasSize(before);
        page.fill("#csv", good);
        page.click("text=Look at it again");
        page.click("text=Receive 2 lots");
        page.waitForURL("**/store/import/*");
        assertThat(page.locator("#progress .sub")).hasText("2 of 2 received");
        assertThat(STORE.lots()).hasSize(before + 2);
        assertThat(CSV.dryRun(good).lines())
                .allSatisfy(l -> assertThat(l.error()).contains("lies there already"));

        String out = CSV.write();
        assertThat(out).contains("lip seal,,35x52x8,NBR,C-1,1Q2025,4,Z1,stores", "\"gasket, thin\"", "'=SUM(A1)");
        List<String> lines = out.lines().toList();
        String moved = lines.get(0) + "\n"
                + lines.stream()
                        .filter(l -> l.contains("C-1,") || l.contains("C-2,"))
                        .map(l -> l.replace(",Z1,", ",Z2,"))
                        .reduce("", (a, b) -> a + b + "\n");
        assertThat(CSV.dryRun(moved).isClean()).as("what went out comes in").isTrue();
        Workshop.close(page);
    }

    /** Everybody else goes on writing between its steps, and nobody waits for the end of it. */
    @Test
    void fourHundredLotsComeInStepByStepAndAreStopped() {
        var jacinta = Workshop.bean(PeopleService.class).find("jacinta").orElseThrow();
        int before = STORE.lots().size();
        long id = CSV.take(lots("M", 400), jacinta);
        long other = STORE.receive(
                Map.of("kind", "GASKET", "name", "g", "batch", "G-400", "count", "1", "place", "T4"),
                LengthUnit.MM,
                jacinta);
        assertThat(STORE.lot(other).lot().onHand()).isEqualTo(1);
        Page page = Workshop.page("jacinta");
        page.navigate(Workshop.address() + "/store/import/" + id);
        assertThat(page.locator("#progress .sub")).hasText("400 of 400 received");
        assertThat(page.locator("#progress")).containsText("All of them are in the store.");
        assertThat(STORE.lots()).hasSize(before + 401);
        page.navigate(Workshop.address() + "/store?q=M-&page=99");
        assertThat(page.locator("#lots")).containsText("400 of " + (before + 401) + ", 25 shown");
        assertThat(page.locator(".pager")).containsText("page 16 of 16");
        assertThat(page.locator(".pager")).containsText("There is no page 99: this is the last.");
        Workshop.close(page);

        long stopped = CSV.take(lots("N", 2000), jacinta);
        IMPORTS.stop(stopped);
        IMPORTS.stop(stopped);
        assertThat(IMPORTS.progress(stopped).state()).isEqualTo(StoreImports.State.STOPPED);
        assertThatExceptionOfType(NotFound.class).isThrownBy(() -> IMPORTS.progress(9999));
    }

    private static String lots(String batch, int count) {
        var out = new StringBuilder("kind,name,size,material,batch,cured,count,place,source\n");
        for (int i = 0; i < count; i++) {
            out.append("O_RING,,20x3,NBR," + batch + "-" + i + ",1Q2026,5,Z9,file\n");
        }
        return out.toString();
    }
}
