package joropo.app.runs;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import joropo.app.Workshop;
import joropo.app.access.PeopleService;
import joropo.app.card.CardService;
import joropo.app.job.JobService;
import joropo.app.job.Review;
import joropo.core.units.LengthUnit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * Makes every picture of docs/screenshots anew from fresh demo data; run by {@code ./joropo shots}, never with the
 * tests.
 */
class ShotsRun {
    private static final Path FOLDER =
            Path.of(System.getProperty("joropo.home")).resolve("docs/screenshots");
    private static final int CARD_DPI = 100;

    @Test
    @Timeout(value = 1, unit = TimeUnit.HOURS)
    void takeAll() throws Exception {
        Files.createDirectories(FOLDER);
        Page page = Workshop.page("marisol");
        take(page, "/", "today");
        take(page, "/machines/positions/1", "position");
        take(page, "/jobs/26-0009/intake", "job-diagnosis", "#ask-next");
        take(page, "/jobs/26-0005/strip", "job-strip");
        take(page, "/jobs/26-0005/measure", "job-measure");
        take(page, "/jobs/26-0004/decide", "job-decide");
        take(page, "/watches/1", "watch");
        take(page, "/jobs/26-0011/decide#item=3", "job-rings");
        take(page, "/jobs/26-0014/decide", "job-packing");
        take(Workshop.page("marisol", ColorScheme.LIGHT, 400, 800), "/round?area=evaporators", "round");
        take(page, "/jobs/26-0003/fit", "job-fit");
        take(page, "/store", "store");
        take(page, "/jobs/26-0019/fit", "job-seal");
        take(page, "/sections/2?at=b0", "bench");
        card("26-0001");
        records();
    }

    /** What a lead sees of the records as a whole. */
    private static void records() throws Exception {
        var lead = Workshop.bean(PeopleService.class).find("jacinta").orElseThrow();
        Page page = Workshop.page("jacinta");
        Workshop.bean(JobService.class)
                .review(
                        "26-0001",
                        Review.Kind.SENT_BACK,
                        "Which gauge read the bore? Its certificate had ended.",
                        lead);
        take(page, "/jobs/26-0001/sign", "review", "#reviews");
        page.navigate(Workshop.address() + "/records");
        page.click("#out button");
        String link = page.locator("#work a[download]").getAttribute("href");
        Path file = Files.createTempFile("shop", ".zip");
        Files.write(file, page.request().get(Workshop.address() + link).body());
        Workshop.bean(JobService.class).addAddendum("24-0001", "Dry after a year.", lead);
        page.setInputFiles("#shop-file", file);
        page.click("#in button:has-text('Try it')");
        page.locator("#work .word").waitFor();
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("records.png")));
        take(page, "/records/acts", "acts");
        try (var document = Loader.loadPDF(page.request()
                .get(Workshop.address() + "/machines/1/history.pdf")
                .body())) {
            ImageIO.write(
                    new PDFRenderer(document).renderImageWithDPI(0, CARD_DPI),
                    "png",
                    FOLDER.resolve("history.png").toFile());
        }
    }

    /** @param at what is opened and brought into sight */
    private static void take(Page page, String path, String name, String... at) {
        page.navigate(Workshop.address() + path);
        for (String selector : at) {
            page.evaluate(
                    "s => { const at = document.querySelector(s); const fold = at.closest('details'); if (fold) "
                            + "fold.open = true; const pane = at.closest('.entries'); "
                            + "pane.scrollTop += at.getBoundingClientRect().top - pane.getBoundingClientRect().top "
                            + "- 80; }",
                    selector);
        }
        page.waitForFunction("() => document.fonts.status === 'loaded'");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    private static void card(String number) throws Exception {
        JobService jobs = Workshop.bean(JobService.class);
        byte[] pdf = Workshop.bean(CardService.class)
                .pdf(
                        jobs.find(number),
                        jobs.snapshot(number),
                        jobs.signature(number),
                        jobs.addenda(number),
                        jobs.reviews(number),
                        LengthUnit.MM);
        try (var document = Loader.loadPDF(pdf)) {
            BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, CARD_DPI);
            ImageIO.write(picture, "png", FOLDER.resolve("card.png").toFile());
        }
    }
}
