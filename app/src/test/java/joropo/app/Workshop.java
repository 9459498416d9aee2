package joropo.app;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.util.FileSystemUtils;

/**
 * One running application with demo data and one browser for all tests of a run: starting them is the dear part. What
 * the browser complains about on any page fails the test that runs then ({@link Complaints}).
 */
public final class Workshop {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    private static final Path MEMORY = Path.of("/dev/shm");
    private static final long LEAST_MEMORY = 2L << 30;
    private static final double PATIENCE_MS = 20_000;
    private static final List<String> COMPLAINTS = Collections.synchronizedList(new ArrayList<>());
    /** A refusal is an answer: the browser prints it as an error all the same. */
    private static final String REFUSED = "(?s).*(status of|Status Error Code) 4\\d\\d.*";

    private static final Map<Page, String> EXPECTED = new WeakHashMap<>();
    private static final Map<String, String> SIGNED_IN = new HashMap<>();
    private static final Map<List<Object>, BrowserContext> SHARED = new HashMap<>();
    private static ConfigurableApplicationContext application;
    private static Path demo;
    private static Browser browser;

    static {
        // two runs share two cores: what comes late has still come
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private Workshop() {}

    /** Passwords are as dear to check as they are meant to be only where people type them. */
    @TestConfiguration(proxyBeanMethods = false)
    static class QuickPasswords {
        private static final int LEAST_STRENGTH = 4;

        @Bean
        @Primary
        PasswordEncoder quick() {
            return new DelegatingPasswordEncoder("bcrypt", Map.of("bcrypt", new BCryptPasswordEncoder(LEAST_STRENGTH)));
        }
    }

    public static synchronized String address() {
        return "http://127.0.0.1:" + application().getEnvironment().getProperty("local.server.port");
    }

    public static <T> T bean(Class<T> kind) {
        return application().getBean(kind);
    }

    private static synchronized ConfigurableApplicationContext application() {
        if (application == null) {
            application = start(temporary("joropo-test"), true);
        }
        return application;
    }

    /** An application of its own, for tests that change what others rely on. */
    public static ConfigurableApplicationContext start(Path data, boolean demo) {
        if (demo) {
            demoData(data);
        }
        ConfigurableApplicationContext started = new SpringApplicationBuilder(
                        JoropoApplication.class, QuickPasswords.class)
                .run(
                        "--server.port=0",
                        "--joropo.data=" + data,
                        "--joropo.demo=" + demo,
                        "--spring.main.register-shutdown-hook=true");
        if (demo) {
            rememberDemo(started);
        }
        return started;
    }

    /** Demo data as the first application of this run made them, where there are none yet: making them is dear. */
    public static synchronized void demoData(Path data) {
        try {
            if (demo != null && !Files.exists(data.resolve("joropo.db"))) {
                Files.copy(demo, data.resolve("joropo.db"));
                Files.writeString(data.resolve("DEMO"), "Made-up data of a test.");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized void rememberDemo(ConfigurableApplicationContext started) {
        if (demo == null) {
            Path file = temporary("joropo-demo").resolve("joropo.db");
            started.getBean(JdbcTemplate.class).execute("vacuum into '" + file + "'");
            demo = file;
        }
    }

    /** A folder of its own; in memory where the machine offers that, so that a slow disk does not slow the tests. */
    public static Path temporary(String name) {
        try {
            boolean inMemory = Files.isWritable(MEMORY) && MEMORY.toFile().getUsableSpace() > LEAST_MEMORY;
            Path made = inMemory ? Files.createTempDirectory(MEMORY, name) : Files.createTempDirectory(name);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> FileSystemUtils.deleteRecursively(made.toFile())));
            return made;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            String chromium = System.getenv().getOrDefault("JOROPO_CHROMIUM", "/usr/bin/chromium-headless-shell");
            browser = Playwright.create(
                            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(chromium))
                            .setArgs(FLAGS));
        }
        return browser;
    }

    /** A page in a fresh context, nobody signed in. */
    public static Page stranger(ColorScheme scheme, int width, int height) {
        return watch(browser().newContext(options(scheme, width, height)).newPage());
    }

    /**
     * A page with one of the demo people signed in, beside the other pages of that person: opening a browser anew for
     * each is dear.
     */
    public static synchronized Page page(String person, ColorScheme scheme, int width, int height) {
        return watch(SHARED.computeIfAbsent(
                        List.of(person, scheme, width, height), k -> signedIn(person, scheme, width, height))
                .newPage());
    }

    /** The same in a browser of its own, for tests that take cookies or leave typing behind. */
    public static synchronized Page own(String person) {
        return watch(signedIn(person, ColorScheme.LIGHT, 1280, 800).newPage());
    }

    /** The sign-in itself is done once a person. */
    private static BrowserContext signedIn(String person, ColorScheme scheme, int width, int height) {
        String state = SIGNED_IN.computeIfAbsent(person, name -> {
            Page page = stranger(ColorScheme.LIGHT, 1280, 800);
            signIn(page, address(), name);
            String stored = page.context().storageState();
            close(page);
            return stored;
        });
        return browser().newContext(options(scheme, width, height).setStorageState(state));
    }

    /** Closes a page. Its browser context ends with the run: to close one may wait without an end. */
    public static synchronized void close(Page page) {
        page.close();
    }

    public static Page page(String person) {
        return page(person, ColorScheme.LIGHT, 1280, 800);
    }

    public static void signIn(Page page, String address, String person) {
        page.navigate(address + "/login");
        page.fill("#username", person);
        page.fill("#password", "guasimo-" + person);
        page.click("button.keep");
        page.waitForURL(url -> !url.contains("/login"));
    }

    /** Signs the job whose last page is shown, as one of the demo people. */
    public static void sign(Page page, String person) {
        page.fill("#password", "guasimo-" + person);
        page.press("#password", "Enter");
        page.locator("#sign-head:has-text('Signed')").waitFor();
    }

    private static Browser.NewContextOptions options(ColorScheme scheme, int width, int height) {
        return new Browser.NewContextOptions()
                .setColorScheme(scheme)
                .setViewportSize(width, height)
                .setAcceptDownloads(true)
                .setHasTouch(width < 1024);
    }

    private static Page watch(Page page) {
        BrowserContext context = page.context();
        context.setDefaultTimeout(PATIENCE_MS);
        page.onConsoleMessage(m -> {
            boolean error = m.type().equals("error") || m.text().contains("Content Security Policy");
            if (error && !m.text().matches(REFUSED) && !m.text().matches(EXPECTED.getOrDefault(page, ""))) {
                COMPLAINTS.add(page.url() + ": " + m.text());
            }
        });
        page.onPageError(e -> COMPLAINTS.add(page.url() + ": " + e));
        return page;
    }

    /** What this page complains of since its test makes it so. @param pattern of the whole text */
    public static void expect(Page page, String pattern) {
        EXPECTED.put(page, "(?s)" + pattern);
    }

    /** The page as it is where no script runs. */
    public static void unscripted(Page page) {
        expect(page, ".*net::ERR_FAILED.*");
        page.route("**/*.js", route -> route.abort());
    }

    /** What the browser complained about since this was asked last. */
    static List<String> complaints() {
        synchronized (COMPLAINTS) {
            List<String> out = List.copyOf(COMPLAINTS);
            COMPLAINTS.clear();
            return out;
        }
    }

    /** A POST of JSON text, as a program would send it. */
    public static HttpResponse<String> post(String url, String body, String... headers) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body));
            if (headers.length > 0) {
                request.headers(headers);
            }
            return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
