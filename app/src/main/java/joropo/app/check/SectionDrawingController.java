package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Locale;
import joropo.app.drawing.Drawn;
import joropo.app.drawing.SectionDrawing;
import joropo.app.print.DrawingFiles;
import joropo.core.section.Section;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A section that is sent in comes back as its drawing. */
@RestController
@Tag(name = "drawings")
class SectionDrawingController {
    private final DrawingFiles files;

    SectionDrawingController(DrawingFiles files) {
        this.files = files;
    }

    @PostMapping("/api/v1/drawings/section.{format:svg|pdf}")
    @Operation(summary = "Draws a section to scale, half a cut, lower half")
    ResponseEntity<byte[]> draw(@PathVariable String format, @RequestBody Section section) {
        String title = section.name().isBlank() ? "Section" : section.name();
        return files.picture(SectionDrawing.svg(Drawn.of(section), "s-"), DrawingFiles.Format.valueOf(format.toUpperCase(Locale.ROOT)), "section", title, "");
    }
}
