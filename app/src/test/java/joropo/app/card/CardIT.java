package joropo.app.card;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.openhtmltopdf.util.Diagnostic;
import com.openhtmltopdf.util.JDKXRLogger;
import com.openhtmltopdf.util.XRLog;
import com.openhtmltopdf.util.XRLogger;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.logging.Level;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.SectionPicture;
import joropo.app.job.JobService;
import joropo.app.job.Snapshot;
import joropo.app.print.Printing;
import joropo.app.section.SectionText;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import net.fortuna.ical4j.data.CalendarBuilder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The printer tells of what it cannot draw only in its log: one unknown thing and the whole drawing is gone. */
class CardIT {
    private final List<String> warnings = new ArrayList<>();

    @AfterEach
    void givesTheLogBack() {
        XRLog.setLoggerImpl(new JDKXRLogger());
    }

    @ParameterizedTest(name = "card of {0}")
    @CsvSource({"26-0001, 45x62x8, 1", "26-0003, 35x52x8, 1", "26-0005, size open, 1", "26-0008, size open, 1"})
    void printsWithoutAWarningOnOnePageWithAllFontsInside(String number, String size, int pages) throws Exception {
        listen();
        Snapshot card = Workshop.bean(JobService.class).snapshot(number);
        byte[] pdf = Workshop.bean(CardService.class)
                .pdf(
                        null,
                        card,
                        Workshop.bean(JobService.class).signature(number),
                        List.of(),
                        List.of(),
                        LengthUnit.MM);
        assertThat(warnings).isEmpty();
        try (var document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(size, number, "Findings", "Cautions", "licensed practice")
                    .doesNotContain("#");
            assertThat(document.getNumberOfPages()).isEqualTo(pages);
            for (PDPage page : document.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded())
                            .as(page.getResources().getFont(name).getName())
                            .isTrue();
                }
            }
        }
    }

    /** Turned over or up, with handles or not: the printer takes each drawing of a section whole. */
    @ParameterizedTest
    @EnumSource(Orientation.class)
    void aSectionPrintsInEveryView(Orientation view) throws Exception {
        listen();
        Section section = Workshop.bean(SectionText.class)
                .read(new String(
                        CardIT.class
                                .getResourceAsStream("/demo/tail-pulley.json")
                                .readAllBytes(),
                        StandardCharsets.UTF_8));
        SectionPicture drawn = SectionPicture.of(section).with(new DrawingStyle(Paper.WIDE, view, true, 1));
        byte[] pdf = Workshop.bean(Printing.class)
                .section(drawn, Printing.Format.PDF, "section", "Job 26-0006")
                .getBody();
        assertThat(warnings).isEmpty();
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("tail pulley", "Job 26-0006");
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(inked(new PDFRenderer(document).renderImageWithDPI(0, 40)))
                    .as("points of the page that are not white")
                    .isGreaterThan(0.05);
        }
    }

    private static double inked(BufferedImage page) {
        int[] points = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
        return Arrays.stream(points).filter(p -> (p & 0xffffff) != 0xffffff).count() / (double) points.length;
    }

    private void listen() {
        XRLog.setLoggerImpl(new XRLogger() {
            @Override
            public void log(String where, Level level, String message) {
                note(level, message);
            }

            @Override
            public void log(String where, Level level, String message, Throwable thrown) {
                note(level, message + " " + thrown);
            }

            @Override
            public void setLevel(String logger, Level level) {}

            @Override
            public boolean isLogLevelEnabled(Diagnostic diagnostic) {
                return true;
            }
        });
    }

    private void note(Level level, String message) {
        if (level.intValue() >= Level.WARNING.intValue()) {
            warnings.add(message);
        }
    }

    /** A phone that reads the square of a label opens the page it is about. */
    @Test
    void labelsLeadToTheirPageAndAMachinePrintsItsHistory() throws Exception {
        var visitor = new Visitor(Workshop.address()).signIn("marisol");
        for (String page : List.of("/store/1", "/machines/positions/1")) {
            byte[] pdf = visitor.bytes(page + "/label.pdf");
            try (var document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(readByPhone(new PDFRenderer(document))).isEqualTo(Workshop.address() + page);
            }
        }
        try (var document = Loader.loadPDF(visitor.bytes("/machines/1/history.pdf"))) {
            assertThat(new PDFTextStripper().getText(document)).contains("signed", "fitted", "history of a machine");
        }
    }

    /** Held nearer until it reads: at one distance alone the reader misses one square in two hundred. */
    private static String readByPhone(PDFRenderer label) throws Exception {
        for (int dpi : new int[] {120, 150, 203, 300, 400}) {
            BufferedImage seen = label.renderImageWithDPI(0, dpi);
            int wide = seen.getWidth();
            int high = seen.getHeight();
            var image = new RGBLuminanceSource(wide, high, seen.getRGB(0, 0, wide, high, null, 0, wide));
            for (Binarizer sight : List.of(new HybridBinarizer(image), new GlobalHistogramBinarizer(image))) {
                try {
                    return new QRCodeReader().decode(new BinaryBitmap(sight)).getText();
                } catch (ReaderException e) {
                    // not from here
                }
            }
        }
        return "nothing that reads";
    }

    @Test
    void daysToComeGoIntoACalendar() throws Exception {
        String text = new Visitor(Workshop.address())
                .signIn("marisol")
                .get("/calendar.ics")
                .body();
        var calendar = new CalendarBuilder().build(new StringReader(text));
        assertThat(calendar.getComponents()).isNotEmpty();
        assertThat(text).contains("SUMMARY:Look at ", "DTSTART;VALUE=DATE:20", "@joropo");
    }
}
