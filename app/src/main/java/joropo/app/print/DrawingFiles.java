package joropo.app.print;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import joropo.app.drawing.Dxf;
import joropo.app.drawing.LineDrawing;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;

/** A drawing as a file in open formats. */
@Service
public class DrawingFiles {
    /** The formats, as the end of a file's name. */
    public enum Format {
        SVG(MediaType.valueOf("image/svg+xml")), PDF(MediaType.APPLICATION_PDF), DXF(MediaType.valueOf("image/vnd.dxf"));

        private final MediaType type;

        Format(MediaType type) {
            this.type = type;
        }
    }

    private final Printer printer;

    DrawingFiles(Printer printer) {
        this.printer = printer;
    }

    /** @param name of the file without its end, @param title what stands over a printed drawing, @param place where the part belongs */
    public ResponseEntity<byte[]> file(LineDrawing drawing, Format format, String name, String title, String place) {
        return format == Format.DXF ? answer(Dxf.of(drawing).getBytes(StandardCharsets.US_ASCII), format, name) : picture(drawing.svg("d-", title), format, name, title, place);
    }

    /** A picture as it is, or printed on a page. @param svg the picture, @param format SVG or PDF */
    public ResponseEntity<byte[]> picture(String svg, Format format, String name, String title, String place) {
        return answer(format == Format.PDF ? printer.pdf("print/drawing", Map.of("title", title, "place", place, "drawing", svg)) : svg.getBytes(StandardCharsets.UTF_8), format, name);
    }

    private static ResponseEntity<byte[]> answer(byte[] body, Format format, String name) {
        ContentDisposition disposition = (format == Format.DXF ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(name + "." + format.name().toLowerCase(Locale.ROOT), StandardCharsets.UTF_8).build();
        return ResponseEntity.ok().contentType(format.type).header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString()).body(body);
    }
}
