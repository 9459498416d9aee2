package joropo.app.print;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import joropo.app.drawing.Dxf;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionLines;
import joropo.app.drawing.SectionPicture;
import joropo.core.units.LengthUnit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;

/** Pages and drawings as files in open formats. */
@Service
public class Printing {
    /** The formats, as the end of a file's name. */
    public enum Format {
        SVG(MediaType.valueOf("image/svg+xml")),
        PDF(MediaType.APPLICATION_PDF),
        DXF(MediaType.valueOf("image/vnd.dxf"));

        private final MediaType type;

        Format(MediaType type) {
            this.type = type;
        }
    }

    private final Printer printer;

    Printing(Printer printer) {
        this.printer = printer;
    }

    /** A page as PDF. @param template of its own, @param values what it names, @param unit of the reader */
    public byte[] pdf(String template, Map<String, ?> values, LengthUnit unit) {
        return printer.pdf(template, values, unit);
    }

    /** The same to look at, print or send. @param name of the file without its end */
    public ResponseEntity<byte[]> page(String template, Map<String, ?> values, LengthUnit unit, String name) {
        return answer(pdf(template, values, unit), Format.PDF, name);
    }

    /**
     * A label to stick on, 62 by 29 mm. @param lines under its title, empty ones are left out, @param address that a
     * phone opens from its square, @param name of the file without its end
     */
    public ResponseEntity<byte[]> label(String title, List<String> lines, String address, String name) {
        return page(
                "print/label",
                Map.of(
                        "title", title,
                        "lines", lines.stream().filter(l -> !l.isBlank()).toList(),
                        "code", QrCode.svg(address)),
                LengthUnit.MM,
                name);
    }

    /**
     * @param name of the file without its end, @param title what stands over a printed drawing, @param place where the
     *     part belongs
     */
    public ResponseEntity<byte[]> file(LineDrawing drawing, Format format, String name, String title, String place) {
        if (format == Format.PDF && drawing.isAtTrueSize()) {
            return answer(
                    printer.pdf(
                            "print/true-size",
                            Map.of(
                                    "title", title,
                                    "place", place,
                                    "drawing", drawing.svg("d-", title),
                                    "wide", String.format(Locale.ROOT, "%.3f", drawing.wideMm()),
                                    "high", String.format(Locale.ROOT, "%.3f", drawing.highMm())),
                            LengthUnit.MM),
                    format,
                    name);
        }
        return format == Format.DXF
                ? answer(Dxf.of(drawing).getBytes(StandardCharsets.US_ASCII), format, name)
                : picture(drawing.svg("d-", title), format, name, title, place);
    }

    /** A section as picture, page or lines. @param name of the file without its end, @param place where it belongs */
    public ResponseEntity<byte[]> section(SectionPicture drawn, Format format, String name, String place) {
        String title =
                drawn.section().name().isBlank() ? "Section" : drawn.section().name();
        return format == Format.DXF
                ? file(SectionLines.of(drawn), format, name, title, place)
                : picture(SectionDrawing.svg(drawn, "s-"), format, name, title, place);
    }

    private ResponseEntity<byte[]> picture(String svg, Format format, String name, String title, String place) {
        return answer(
                format == Format.PDF
                        ? printer.pdf(
                                "print/drawing", Map.of("title", title, "place", place, "drawing", svg), LengthUnit.MM)
                        : svg.getBytes(StandardCharsets.UTF_8),
                format,
                name);
    }

    private static ResponseEntity<byte[]> answer(byte[] body, Format format, String name) {
        ContentDisposition disposition = (format == Format.DXF
                        ? ContentDisposition.attachment()
                        : ContentDisposition.inline())
                .filename(name + "." + format.name().toLowerCase(Locale.ROOT), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(format.type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(body);
    }
}
