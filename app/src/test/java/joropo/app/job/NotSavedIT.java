package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ColorScheme;
import java.net.http.HttpResponse;
import java.util.regex.Pattern;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.access.NewPerson;
import joropo.app.access.PeopleService;
import joropo.app.access.Role;
import joropo.app.family.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;

/** A save that fails is seen: what was typed stays, the verdict is grey until it was judged, and it goes out again. */
class NotSavedIT {
    private static final Pattern GREY = Pattern.compile(".*is-unjudged.*");
    private static final Pattern JUDGED = Pattern.compile("(?!.*is-unjudged).*");
    private final JdbcTemplate writer = Workshop.bean(JdbcTemplate.class);
    private Page page;
    private String number;

    @BeforeEach
    void open() {
        number = JobMaker.madeSafe();
        page = Workshop.own("marisol");
        Workshop.expect(
                page, ".*(status of 50\\d|Status Error Code 50\\d|ERR_FAILED|htmx:[a-zA-Z]+|Response Status).*");
        page.onDialog(Dialog::accept);
        page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
    }

    @AfterEach
    void close() {
        Workshop.close(page);
    }

    private String stored(String field) {
        var typed =
                Workshop.bean(JobStore.class).load(number).sheet(Stage.MEASURE).get(field);
        return typed == null ? "" : typed.text();
    }

    private void isNotSaved(String why) {
        isNotSaved(why, "10.5", "");
    }

    private void isNotSaved(String why, String typed, String before) {
        assertThat(page.locator("#not-saved")).containsText("Not saved.");
        assertThat(page.locator("#not-saved")).containsText(why);
        assertThat(page.locator("body")).hasClass(GREY);
        assertThat(page.locator("#stopDepth")).hasValue(typed);
        assertThat(stored("stopDepth")).isEqualTo(before);
    }

    private void isSavedByItself() {
        assertThat(page.locator("#echo-stopDepth")).containsText("10.500 mm");
        assertThat(page.locator("#not-saved")).hasCount(0);
        assertThat(page.locator("body")).hasClass(JUDGED);
        assertThat(page.locator("#stopDepth")).hasValue("10.5");
        assertThat(stored("stopDepth")).isEqualTo("10.5");
    }

    @Test
    void aServerThatAnswersWithAnErrorIsAskedAgain() {
        page.route("**/draft", r -> r.fulfill(new Route.FulfillOptions().setStatus(500)));
        page.fill("#stopDepth", "10.5");
        isNotSaved("The server did not take it (500).");
        page.unroute("**/draft");
        isSavedByItself();
    }

    @Test
    void whereTheConnectionIsCutALinkLeavesOnlyAfterAQuestion() {
        page.route("**/draft", Route::abort);
        page.fill("#stopDepth", "10.5");
        isNotSaved("No connection to the server.");
        page.click("#shaftline a:has-text('Decide')");
        assertThat(page.locator(".ask-leave")).containsText("Not saved yet.");
        page.click(".ask-leave button:has-text('Stay here')");
        assertThat(page.locator(".ask-leave")).hasCount(0);
        page.click("#shaftline a:has-text('Decide')");
        page.click(".ask-leave button:has-text('Leave it')");
        page.waitForURL("**/decide");
        page.unroute("**/draft");
        page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
        isSavedByItself();
    }

    @Test
    void aFullDiskSaysSo() {
        writer.execute("pragma max_page_count = " + writer.queryForObject("pragma page_count", Integer.class));
        try {
            assertThatExceptionOfType(DataAccessException.class).isThrownBy(() -> {
                for (int row = 0; row < 10_000; row++) {
                    writer.update(
                            "insert into act (at, person_name, what) values ('2026-11-01T08:00:00Z', 'x', ?)",
                            "x".repeat(3000));
                }
            });
            page.fill("#stopDepth", "10.5");
            isNotSaved("the disk may be full");
        } finally {
            writer.execute("pragma max_page_count = 1073741823");
        }
        isSavedByItself();
    }

    @ParameterizedTest
    @ValueSource(strings = {"withdrawn", "signed"})
    void aJobThatIsClosedMeanwhileIsASentence(String how) throws Exception {
        JobService jobs = Workshop.bean(JobService.class);
        if (how.equals("signed")) {
            number = JobMaker.readyToSign("IN");
            page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
            Filling.unfold(page);
            jobs.sign(number, JobMaker.person("jacinta"));
        } else {
            jobs.withdraw(number, "opened twice", JobMaker.person("jacinta"));
        }
        page.fill("#stopDepth", "10.6");
        isNotSaved(
                "Job " + number + " is " + how + ": it is not changed any more.",
                "10.6",
                how.equals("signed") ? "10.5" : "");
        var visitor = new Visitor(Workshop.address()).signIn("marisol");
        for (String act : new String[] {"/measure", "/strip/section", "/entries", "/withdrawal"}) {
            HttpResponse<String> answer = visitor.post(
                    "/jobs/" + number + act,
                    "nm",
                    "20",
                    "kind",
                    "TEMPORARY",
                    "what",
                    "rag",
                    "open",
                    "true",
                    "why",
                    "w");
            assertThat(answer.statusCode()).as(act).isEqualTo(409);
            assertThat(answer.body()).as(act).contains("is " + how + ": it is not changed any more.");
        }
        assertThat(visitor.post("/jobs/" + number + "/measure", "stopDepth", "1")
                        .body())
                .contains("is " + how + ": it is not changed any more.");
    }

    /** What one person typed is never saved under another's name without a word. */
    @Test
    void whatOnePersonTypedIsNotSavedUnderAnother() {
        Page window = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        Workshop.signIn(window, Workshop.address(), "marisol");
        String sheet = Workshop.address() + "/jobs/" + number + "/measure";
        window.navigate(sheet);
        window.context().clearCookies();
        window.fill("#stopDepth", "10.77");
        assertThat(window.locator("#signed-out")).isVisible();
        Workshop.signIn(window, Workshop.address(), "tobias");
        window.navigate(sheet);
        assertThat(window.locator("#not-saved")).containsText("marisol typed on this sheet");
        assertThat(window.locator("#stopDepth")).hasValue("");
        assertThat(stored("stopDepth")).isEmpty();
        window.click("#not-saved button:has-text('Leave it to marisol')");
        window.reload();
        window.click("#not-saved button:has-text('Take it over')");
        assertThat(window.locator("#echo-stopDepth")).containsText("10.770 mm");
        assertThat(stored("stopDepth")).isEqualTo("10.77");
        Workshop.close(window);
    }

    /** Who was withdrawn, or has a new password, is out at once wherever they were signed in. */
    @Test
    void aSessionEndsWithItsPersonAndItsPassword() throws Exception {
        var people = Workshop.bean(PeopleService.class);
        people.add(new NewPerson("breve", "Breve Guama", Role.FITTER, "a-long-password"), "jacinta");
        var breve = new Visitor(Workshop.address()).signIn("breve", "a-long-password");
        assertThat(breve.get("/").statusCode()).isEqualTo(200);
        people.setPassword("breve", "another-password", "jacinta");
        assertThat(breve.get("/").statusCode()).isEqualTo(302);
        breve = new Visitor(Workshop.address()).signIn("breve", "another-password");
        assertThat(breve.get("/").statusCode()).isEqualTo(200);
        people.withdraw("breve", "left", "jacinta");
        assertThat(breve.get("/").statusCode()).isEqualTo(302);
        assertThat(breve.swap("/jobs/" + number + "/measure/draft", "tab", "b", "seq", "0", "stopDepth", "3")
                        .statusCode())
                .isEqualTo(401);
        assertThat(stored("stopDepth")).isEmpty();
    }

    /** What no print can take is taken out when it is typed, and older records that hold it print too. */
    @Test
    void aCharacterThatNoPrintCanTakeSpoilsNoCard() throws Exception {
        String unfit = "dry\u000b all\u001d round\u0000 now and warm";
        var visitor = new Visitor(Workshop.address()).signIn("marisol");
        String typed = JobMaker.readyToSign("IN");
        visitor.swap("/jobs/" + typed + "/prove/draft", "tab", "c", "seq", "99999", "proveNote", unfit);
        assertThat(Workshop.bean(JobStore.class)
                        .load(typed)
                        .sheet(Stage.PROVE)
                        .get("proveNote")
                        .text())
                .isEqualTo("dry all round now and warm");
        String older = JobMaker.readyToSign("IN");
        JobMaker.keep(
                older,
                Stage.PROVE,
                "handTurn",
                "EVEN",
                "firstRun",
                "DRY",
                "levelRight",
                "yes",
                "breatherFree",
                "yes",
                "proveNote",
                unfit);
        Workshop.bean(JobService.class).sign(older, JobMaker.person("marisol"));
        assertThat(visitor.get("/jobs/" + older + "/card.pdf").statusCode()).isEqualTo(200);
        assertThat(visitor.get("/jobs/" + older + "/sign").statusCode()).isEqualTo(200);
    }
}
