package joropo.app;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
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
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * One running application with demo data and one browser for all tests of a run: starting them is the dear part. Every
 * page collects what the browser complains about; a test asks {@link #complaints()} at its end.
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
    private static final List<String> COMPLAINTS = Collections.synchronizedList(new ArrayList<>());
    private static final Map<String, String> SIGNED_IN = new HashMap<>();
    private static ConfigurableApplicationContext application;
    private static Browser browser;

    private Workshop() {}

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
        return new SpringApplicationBuilder(JoropoApplication.class)
                .run(
                        "--server.port=0",
                        "--joropo.data=" + data,
                        "--joropo.demo=" + demo,
                        "--spring.main.register-shutdown-hook=true");
    }

    public static Path temporary(String name) {
        try {
            return Files.createTempDirectory(name);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            String chromium = System.getenv().getOrDefault("JOROPO_CHROMIUM", "/usr/bin/chromium");
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

    /** A page with one of the demo people signed in; the sign-in itself is done once a person. */
    public static synchronized Page page(String person, ColorScheme scheme, int width, int height) {
        String state = SIGNED_IN.computeIfAbsent(person, name -> {
            Page page = stranger(ColorScheme.LIGHT, 1280, 800);
            signIn(page, address(), name);
            String stored = page.context().storageState();
            page.context().close();
            return stored;
        });
        return watch(browser()
                .newContext(options(scheme, width, height).setStorageState(state))
                .newPage());
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

    private static Browser.NewContextOptions options(ColorScheme scheme, int width, int height) {
        return new Browser.NewContextOptions()
                .setColorScheme(scheme)
                .setViewportSize(width, height)
                .setAcceptDownloads(true)
                .setHasTouch(width < 1024);
    }

    private static Page watch(Page page) {
        BrowserContext context = page.context();
        context.setDefaultTimeout(15_000);
        page.onConsoleMessage(m -> {
            boolean expected = m.text().matches("(?s).*(status of|Status Error Code) 4\\d\\d.*");
            if (m.type().equals("error") && !expected || m.text().contains("Content Security Policy")) {
                COMPLAINTS.add(page.url() + ": " + m.text());
            }
        });
        page.onPageError(e -> COMPLAINTS.add(page.url() + ": " + e));
        return page;
    }

    /** What the browser complained about since this was asked last. */
    public static List<String> complaints() {
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
