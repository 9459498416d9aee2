package joropo.app.access;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.Map;
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
    void aNameIsLockedAfterFiveRefusedTriesAndOpensAgainLater() {
        PeopleService people = Workshop.bean(PeopleService.class);
        people.add(new NewPerson("cerrada", "Cerrada Totumo", Role.VIEWER, "a-long-password"), "jacinta");
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        for (int i = 0; i < PeopleService.MOST_FAILURES; i++) {
            tryPassword(page, "cerrada", "wrong");
            assertThat(page.locator(".notice")).containsText("do not go together");
        }
        tryPassword(page, "cerrada", "a-long-password");
        assertThat(page.locator(".notice")).containsText("locked for a while");
        Workshop.bean(JdbcTemplate.class)
                .update("update person set locked_until = '2020-01-01T00:00:00.000Z' where name = 'cerrada'");
        tryPassword(page, "cerrada", "a-long-password");
        assertThat(page.locator("h1")).hasText("Today");
        assertThat(people.find("cerrada").orElseThrow().lockedUntil()).isNull();
        Workshop.close(page);
        assertThat(Workshop.bean(JdbcTemplate.class).queryForList("select password_hash from person", String.class))
                .allMatch(h -> h.startsWith("{bcrypt}"));
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
            assertThat(page.locator("#error-password")).hasText("Needs 10 to 72 characters.");
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
