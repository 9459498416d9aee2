package joropo.app.access;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Who gets in, who may do what, and what every answer carries along. */
class AccessIT {
    private static void tryPassword(Page page, String name, String password) {
        page.navigate(Workshop.address() + "/login");
        page.fill("#username", name);
        page.fill("#password", password);
        page.click("button.keep");
    }

    @Test
    void whoIsRefusedTooOftenWaitsAndNobodyElseDoes() throws Exception {
        PeopleService people = Workshop.bean(PeopleService.class);
        people.add(new NewPerson("cerrada", "Cerrada Totumo", Role.VIEWER, "a-long-password"), "jacinta");
        Tries tries = Workshop.bean(Tries.class);
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        for (String name : List.of("cerrada", "nobody-of-that-name")) {
            for (int i = 0; i < Tries.MOST; i++) {
                tryPassword(page, name, "wrong");
                assertThat(page.locator(".notice")).containsText("do not go together");
            }
            tryPassword(page, name, "a-long-password");
            assertThat(page.locator(".notice")).containsText("Too many tries");
        }
        assertThat(tries.mustWait("192.0.2.7", "cerrada")).isFalse();
        tries.admitted("127.0.0.1", "CERRADA");
        tryPassword(page, "cerrada", "a-long-password");
        assertThat(page.locator("h1")).hasText("Today");
        people.withdraw("cerrada", "left", "jacinta");
        page.navigate(Workshop.address() + "/");
        tryPassword(page, "cerrada", "wrong");
        assertThat(page.locator(".notice")).containsText("do not go together");
        tryPassword(page, "cerrada", "a-long-password");
        assertThat(page.locator(".notice")).containsText("withdrawn");
        tries.admitted("127.0.0.1", "cerrada");
        Workshop.close(page);
        assertThat(Workshop.bean(JdbcTemplate.class).queryForList("select password_hash from person", String.class))
                .allMatch(h -> h.startsWith("{bcrypt}"));
        assertThat(Workshop.bean(JdbcTemplate.class)
                        .queryForList("select what from act where what like 'must wait%'", String.class))
                .hasSize(2)
                .allMatch(w -> w.contains("from 127.0.0.1"));
    }

    @Test
    void everybodyChangesTheirOwnPasswordAndEndsWhatTheyOpenedElsewhere() throws Exception {
        PeopleService people = Workshop.bean(PeopleService.class);
        people.add(new NewPerson("propia", "Propia Totumo", Role.FITTER, "a-long-password"), "jacinta");
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        tryPassword(page, "propia", "a-long-password");
        var elsewhere = new Visitor(Workshop.address()).signIn("propia", "a-long-password");
        page.navigate(Workshop.address() + "/account");
        assertThat(page.locator("#sign-ins li")).hasCount(2);
        page.click("#sign-ins button");
        assertThat(page.locator("#sign-ins li")).hasCount(1);
        assertThat(elsewhere.get("/account").statusCode()).isEqualTo(302);
        page.getByText("Make a token").click();
        String token = page.locator(".notice .code").textContent();
        assertThat(people.ofToken(token)).isPresent();
        page.click("#tokens .lines button");
        assertThat(page.locator("#tokens .lines")).hasCount(0);
        assertThat(people.ofToken(token)).isEmpty();

        page.fill("#old", "not-this-one");
        page.fill("#fresh", "another-password");
        page.fill("#again", "another-password");
        page.click("#own-password button");
        assertThat(page.locator("#error-old")).hasText("Is not the one of propia.");
        page.fill("#old", "a-long-password");
        page.fill("#fresh", "á".repeat(37));
        page.fill("#again", "á".repeat(37));
        page.click("#own-password button");
        assertThat(page.locator("#error-password")).containsText("Needs 10 to 72 characters");
        page.fill("#old", "a-long-password");
        page.fill("#fresh", "another-password");
        page.fill("#again", "another-pasword");
        page.click("#own-password button");
        assertThat(page.locator("#error-again")).hasText("Is not the same.");
        page.fill("#old", "a-long-password");
        page.fill("#fresh", "another-password");
        page.fill("#again", "another-password");
        page.click("#own-password button");
        assertThat(page.locator(".notice")).containsText("Sign in with the new one");
        tryPassword(page, "propia", "another-password");
        assertThat(page.locator("h1")).hasText("Today");
        Workshop.close(page);
    }

    @Test
    void aViewerReadsAndCannotPost() {
        Page page = Workshop.own("visita");
        page.navigate(Workshop.address() + "/jobs/26-0005/measure");
        assertThat(page.locator("#shaftA1")).isDisabled();
        assertThat(page.locator("#go")).hasCount(0);
        String token = page.locator("meta[name=_csrf]").getAttribute("content");
        for (String path : new String[] {
            "/jobs/26-0005/measure/draft", "/jobs/26-0005/measure", "/jobs/26-0005/signature", "/machines", "/people"
        }) {
            assertThat(post(page, path, token).status()).as(path).isEqualTo(403);
        }
        assertThat(page.navigate(Workshop.address() + "/people").status()).isEqualTo(403);
        assertThat(page.locator("h1")).hasText("You may not do this");
        Workshop.close(page);
    }

    @Test
    void aPostWithoutItsTokenChangesNothing() {
        Page page = Workshop.own("marisol");
        page.navigate(Workshop.address() + "/");
        int before = Workshop.bean(JdbcTemplate.class).queryForObject("select count(*) from machine", Integer.class);
        APIResponse answer = page.request()
                .post(
                        Workshop.address() + "/machines",
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set("name", "x")
                                        .set("place", "y")
                                        .set("note", "")));
        assertThat(answer.text()).contains("You were signed out");
        assertThat(Workshop.bean(JdbcTemplate.class).queryForObject("select count(*) from machine", Integer.class))
                .isEqualTo(before);
        Workshop.close(page);
    }

    @Test
    void answersCarryTheHeadersThatKeepAPageToItself() {
        Page page = Workshop.own("marisol");
        Map<String, String> headers = page.navigate(Workshop.address() + "/").headers();
        assertThat(headers)
                .containsEntry("content-security-policy", SecurityConfig.CONTENT_POLICY)
                .containsEntry("x-content-type-options", "nosniff")
                .containsEntry("x-frame-options", "DENY")
                .containsEntry("referrer-policy", "no-referrer")
                .containsEntry("cache-control", "no-cache, no-store, max-age=0, must-revalidate");
        String css = page.locator("link[href*=joropo]").getAttribute("href");
        assertThat(page.request().get(Workshop.address() + css).headers().get("cache-control"))
                .contains("max-age=31536000");
        Workshop.close(page);
    }

    @Test
    void anEmptyShopMakesItsFirstAccountAndWantsATokenForPrograms() {
        Path data = Workshop.temporary("joropo-empty");
        try (ConfigurableApplicationContext own = Workshop.start(data, false)) {
            String address = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
            page.navigate(address + "/");
            assertThat(page.locator("p.line")).containsText("Make the first account");
            page.fill("#name", "ana");
            page.fill("#fullName", "Ana Merey");
            page.fill("#password", "short");
            page.click("button.keep");
            assertThat(page.locator("#error-password"))
                    .hasText("Needs 10 to 72 characters, fewer where letters carry accents.");
            assertThat(page.locator("#fullName")).hasValue("Ana Merey");
            page.fill("#password", "long-enough-1");
            page.click("button.keep");
            page.fill("#username", "ana");
            page.fill("#password", "long-enough-1");
            page.click("button.keep");
            assertThat(page.locator(".empty").first()).containsText("No job is open");
            assertThat(page.navigate(address + "/first-account").url()).endsWith("/");

            String kinds = address + "/api/v1/checks/limits-and-fits";
            assertThat(Workshop.post(kinds, "{}").statusCode()).isEqualTo(401);
            page.navigate(address + "/account");
            page.getByText("Make a token").click();
            String token = page.locator(".notice .code").textContent();
            assertThat(Workshop.post(
                                    kinds,
                                    "{\"sizeMm\": 45, \"holeClass\": \"H8\"}",
                                    "Authorization",
                                    "Bearer " + token)
                            .statusCode())
                    .isEqualTo(200);
            assertThat(Workshop.post(kinds, "{}", "Authorization", "Bearer nonsense")
                            .statusCode())
                    .isEqualTo(401);
            Workshop.close(page);
        }
    }

    private static APIResponse post(Page page, String path, String token) {
        return page.request()
                .post(
                        Workshop.address() + path,
                        RequestOptions.create()
                                .setForm(FormData.create().set("_csrf", token))
                                .setMaxRedirects(0));
    }
}
