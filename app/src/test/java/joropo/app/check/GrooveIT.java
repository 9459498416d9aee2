package joropo.app.check;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import joropo.app.Workshop;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A groove proposed from shaft and bore only, judged, exported and read back; by touch. */
class GrooveIT {
    private final Page page = Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180);

    private Path file(String format) {
        Download download = page.waitForDownload(() -> page.click(".plain-links a:has-text('" + format + "')"));
        return download.path();
    }

    private void open(String name, String content) {
        page.setInputFiles("#open-file", new FilePayload(name, "text/csv", content.getBytes(StandardCharsets.UTF_8)));
        page.tap(".open-check button");
    }

    @Test
    void aGrooveGoesOutAndComesBack() throws IOException {
        page.navigate(Workshop.address() + "/checks/o-ring-size?unit=MM&gland=PISTON&motion=STATIC&counterDiameterMm=60"
                + "&otherDiameterMm=59.9");
        page.tap(".quick-result a:has-text('Judge it')");
        assertThat(page.locator("#counterDiameterMm")).hasValue("60");
        String groove = page.inputValue("#grooveDiameterMm");
        String width = page.inputValue("#grooveWidthMm");
        String ring = page.inputValue("#ring");
        assertThat(Double.parseDouble(groove)).isBetween(45.0, 58.0);

        assertThat(Files.readString(file("SVG")).replaceAll("<[^>]+>", "")).contains("Ø " + shown(groove));
        assertThat(Files.readString(file("DXF"))).contains("%%c " + shown(groove), "AC1009");
        try (var pdf = Loader.loadPDF(file("PDF").toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Ring in its gland");
        }
        String figures = page.innerText(".quick-figures");
        String csv = Files.readString(file("CSV"));
        assertThat(csv)
                .startsWith("part,name,value,unit,words")
                .contains("typed,grooveWidthMm," + width, "figure,squeeze,");

        page.navigate(Workshop.address() + "/checks/o-ring-gland");
        open("groove.csv", csv);
        assertThat(page.locator("#grooveDiameterMm")).hasValue(groove);
        assertThat(page.locator("#ring")).hasValue(ring);
        assertThat(page.innerText(".quick-figures")).isEqualTo(figures);
        Workshop.close(page);
    }

    @Test
    void aTemperatureThatIsTouchedIsDrawn() {
        page.navigate(
                Workshop.address() + "/checks/o-ring-gland?unit=MM&gland=PISTON&motion=STATIC&counterDiameterMm=60"
                        + "&grooveDiameterMm=54.36&grooveWidthMm=4.8&ring=227&material=NBR"
                        + "&fluid=HLP_OIL&coldestC=-20&hottestC=100");
        String cool = page.locator(".track-view svg").first().innerHTML();
        page.locator("[data-temperature='100']").tap();
        assertThat(page.locator("#drawnAtC")).hasValue("100");
        assertThat(page.locator(".track-view")).containsText("closed: piston");
        assertThat(page.locator(".track-view svg").first().innerHTML()).isNotEqualTo(cool);
        Workshop.close(page);
    }

    /** A clearance that is wider than the groove is deep: judged, and nothing is left to be drawn for the lathe. */
    @Test
    void aGrooveWithoutALandIsNotDrawn() {
        page.navigate(Workshop.address() + "/checks/o-ring-gland?unit=MM&gland=ROD&motion=STATIC&counterDiameterMm=40"
                + "&grooveDiameterMm=45.6&grooveWidthMm=4.8&ring=222&pressureMpa=10&hardnessShoreA=70&gapMm=30");
        assertThat(page.locator(".quick-verdict")).containsText("out of limits");
        assertThat(page.locator(".plain-links:has-text('DXF')")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void whatIsNoSuchTableIsNotOpened() {
        page.navigate(Workshop.address() + "/checks/o-ring-gland");
        open("x.csv", "a,b\n1,2\n");
        assertThat(page.locator(".notice")).containsText("wants a file with the columns part, name and value");
        open("x.csv", "part,name,value\ntyped,shaftMm,45\n");
        assertThat(page.locator(".notice")).containsText("holds nothing that was typed into this check");
        Workshop.close(page);
    }

    private static String shown(String mm) {
        return String.format(Locale.ROOT, "%.2f", Double.parseDouble(mm));
    }
}
