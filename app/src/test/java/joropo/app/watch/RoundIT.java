package joropo.app.watch;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A round of eight watches with a phone; the network goes in the middle of it, and comes back. */
class RoundIT {
    private final JdbcTemplate jdbc = Workshop.bean(JdbcTemplate.class);

    private List<Long> eight(String area) {
        List<Long> out = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            out.add(WatchMaker.watch("BOTTLE", "area", area, "walk", Integer.toString(i + 1), "bottleMl", "900"));
        }
        return out;
    }

    private static Locator stop(Page page, long watch) {
        return page.locator("#stop-" + watch);
    }

    private static void type(Page page, long watch, String figure) {
        page.fill("#figure-" + watch, figure);
        page.press("#figure-" + watch, "Enter");
    }

    private int counted(List<Long> watches) {
        return watches.stream()
                .mapToInt(w ->
                        jdbc.queryForObject("select count(*) from leak_entry where watch_id = ?", Integer.class, w))
                .sum();
    }

    @Test
    void eightWatchesAreReadOnceEachThoughTheNetworkIsCutInTheMiddle() throws Exception {
        String area = "north walk " + System.nanoTime();
        List<Long> watches = eight(area);
        Page page = Workshop.own("marisol");
        page.setViewportSize(400, 800);
        Workshop.expect(page, ".*(ERR_INTERNET_DISCONNECTED|ERR_FAILED|422|Failed to fetch).*");
        page.addInitScript("navigator.serviceWorker.addEventListener('message', () => { window.shelved = true; });");
        page.navigate(Workshop.address() + "/round?area=" + area.replace(" ", "+"));
        page.waitForFunction("() => window.shelved");
        for (int i = 0; i < 4; i++) {
            type(page, watches.get(i), Integer.toString(10 + i));
            assertThat(page.locator("#figure-" + watches.get(i + 1))).isFocused();
            assertThat(stop(page, watches.get(i))).containsText("Marisol"); // taken by the server
        }
        page.context().setOffline(true);
        for (int i = 4; i < 7; i++) {
            type(page, watches.get(i), Integer.toString(10 + i));
            assertThat(stop(page, watches.get(i))).containsText("kept here, not sent yet");
        }
        assertThat(page.locator("#away")).containsText("3 readings are kept in this phone");
        page.reload();
        assertThat(stop(page, watches.get(5))).containsText("15 mL, kept here, not sent yet");
        stop(page, watches.get(7)).locator("summary").click();
        stop(page, watches.get(7)).locator("button[value=NOT_READ]").click();
        assertThat(page.locator("#away")).containsText("4 readings are kept in this phone");
        // one may have arrived whose answer was lost by the cut
        assertThat(counted(watches)).isBetween(4, 5);

        // meanwhile somebody else empties one of them
        new Visitor(Workshop.address())
                .signIn("tobias")
                .post(
                        "/watches/" + watches.get(0) + "/round",
                        "figure",
                        "11",
                        "act",
                        "EMPTIED",
                        "sent",
                        "tobias-" + watches.get(0));
        page.context().setOffline(false);
        assertThat(page.locator("#away")).isHidden();
        assertThat(stop(page, watches.get(6))).containsText("16 mL");
        assertThat(stop(page, watches.get(7))).containsText("not read");
        assertThat(counted(watches)).isEqualTo(9);
        page.reload();
        assertThat(stop(page, watches.get(0))).containsText("Tobías");
        assertThat(page.locator("#away")).isHidden();
        assertThat(page.evaluate("() => document.documentElement.scrollWidth <= 400"))
                .isEqualTo(true);
        Workshop.close(page);
    }

    @Test
    void whatIsRefusedOnTheWayStaysAtItsStopAndAStreamCallsSomebody() {
        List<Long> watches = eight("south walk");
        watches.forEach(w -> WatchMaker.read(w, 3, "50"));
        Page page = Workshop.own("tobias");
        Workshop.expect(page, ".*422.*");
        page.navigate(Workshop.address() + "/round?area=south+walk");
        type(page, watches.get(1), "20");
        assertThat(stop(page, watches.get(1)).locator("[role=alert]")).containsText("less than before");
        assertThat(page.locator("#figure-" + watches.get(1))).hasValue("20");
        assertThat(page.locator("#figure-" + watches.get(1))).isFocused();
        type(page, watches.get(1), "70");
        assertThat(stop(page, watches.get(1))).containsText("70 mL");
        stop(page, watches.get(2)).locator("summary").click();
        stop(page, watches.get(2)).locator("button[value=RUNNING]").click();
        assertThat(stop(page, watches.get(2)).locator(".calls")).containsText("call somebody now");
        assertThat(counted(watches)).isEqualTo(10);
        Workshop.close(page);
    }

    /** Two people, one phone: nothing is lost when a session ends, and nothing goes under another's name. */
    @Test
    void aSessionThatEndsOnTheWayLosesNoReadingAndLendsNoName() {
        List<Long> watches = eight("east walk");
        String round = Workshop.address() + "/round?area=east+walk";
        Page page = Workshop.own("marisol");
        Workshop.expect(page, ".*(401|Failed to fetch|ERR_).*");
        page.navigate(round);
        type(page, watches.get(0), "10");
        assertThat(stop(page, watches.get(0))).containsText("Marisol");

        page.context().clearCookies();
        type(page, watches.get(1), "11");
        assertThat(stop(page, watches.get(1))).containsText("11 mL, kept here, not sent yet");
        assertThat(page.locator("#away")).containsText("until marisol signs in again");
        assertThat(counted(watches)).isEqualTo(1);

        Workshop.signIn(page, Workshop.address(), "tobias");
        page.navigate(round);
        assertThat(page.locator("#others")).containsText("Readings of marisol wait in this phone");
        type(page, watches.get(2), "12");
        assertThat(stop(page, watches.get(2))).containsText("Tobías");
        assertThat(counted(watches)).as("hers is not sent as his").isEqualTo(2);

        page.context().clearCookies();
        Workshop.signIn(page, Workshop.address(), "marisol");
        page.navigate(round);
        assertThat(stop(page, watches.get(1))).containsText("Marisol");
        // her session ends and begins anew in another window: this page still holds the mark of the old one
        page.context().clearCookies();
        Page window = page.context().newPage();
        Workshop.signIn(window, Workshop.address(), "marisol");
        window.close();
        type(page, watches.get(3), "13");
        assertThat(stop(page, watches.get(3))).containsText("Marisol");
        assertThat(counted(watches)).isEqualTo(4);
        assertThat(jdbc.queryForList(
                        "select p.name || ' ' || e.figure from leak_entry e join person p on p.id = e.person_id join"
                                + " leak_terms t on t.watch_id = e.watch_id where t.area = 'east walk' order by e.id",
                        String.class))
                .containsExactly("marisol 10.0", "tobias 12.0", "marisol 11.0", "marisol 13.0");
        Workshop.close(page);
    }

    @Test
    void aRoundWorksWithoutScript() throws Exception {
        List<Long> watches = eight("west walk");
        var viewer = new Visitor(Workshop.address()).signIn("marisol");
        String to = "/watches/" + watches.get(0) + "/round";
        assertThat(viewer.post(to, "figure", "12", "sent", "plain-" + watches.get(0))
                        .statusCode())
                .isEqualTo(302);
        assertThat(viewer.get("/round?area=west+walk").body()).contains("12 mL");
        assertThat(viewer.post(to, "figure", "much", "sent", "odd-" + watches.get(0))
                        .body())
                .contains("is not understood");
        assertThat(viewer.get("/round").body()).contains("west walk");
        assertThat(viewer.get("/round?area=no+such").body()).contains("No watch in this area.");
    }
}
