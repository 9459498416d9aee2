package joropo.app.print;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.logging.Level;
import joropo.app.ui.InInches;
import joropo.app.ui.PlainText;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Service;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Prints a page through a template of its own into a PDF, with embedded fonts and nothing from outside. */
@Service
class Printer {
    private record Face(String file, String family, int weight) {}

    private static final List<Face> FACES = List.of(
            new Face("barlow-latin-400-normal", "Barlow", 400),
            new Face("barlow-latin-600-normal", "Barlow", 600),
            new Face("barlow-semi-condensed-latin-500-normal", "Barlow Semi Condensed", 500),
            new Face("barlow-semi-condensed-latin-600-normal", "Barlow Semi Condensed", 600),
            new Face("b612-mono-latin-400-normal", "B612 Mono", 400),
            new Face("b612-mono-latin-700-normal", "B612 Mono", 700));

    private final SpringTemplateEngine templates;

    static {
        // the printer tells of every step otherwise
        XRLog.listRegisteredLoggers().forEach(name -> XRLog.setLevel(name, Level.WARNING));
    }

    Printer(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    /** @param values what the template names, @param unit of the reader */
    byte[] pdf(String template, Map<String, ?> values, LengthUnit unit) {
        var context = new Context(Locale.ENGLISH);
        values.forEach(context::setVariable);
        String page = templates.process(template, context);
        return render(unit == LengthUnit.INCH ? InInches.page(page) : page);
    }

    private static byte[] render(String html) {
        try (var out = new ByteArrayOutputStream();
                var svg = new BatikSVGDrawer()) {
            var builder = new PdfRendererBuilder();
            builder.useFastMode();
            builder.withHtmlContent(PlainText.of(html), null); // older records may hold what is taken out today
            builder.useSVGDrawer(svg);
            builder.withProducer("Joropo");
            builder.useExternalResourceAccessControl(
                    (uri, type) -> uri != null && uri.startsWith("data:"),
                    ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
            for (Face face : FACES) {
                builder.useFont(
                        font(face.file),
                        face.family,
                        face.weight,
                        FontStyle.NORMAL,
                        true,
                        EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG));
            }
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The page could not be printed", e);
        }
    }

    private static FSSupplier<InputStream> font(String file) {
        return () -> Printer.class.getResourceAsStream("/print/fonts/" + file + ".ttf");
    }
}
