package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Locale;
import joropo.app.drawing.Drawn;
import joropo.app.drawing.Look;
import joropo.app.print.DrawingFiles;
import joropo.core.section.Section;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A section that is sent in comes back as its drawing. */
@RestController
@Tag(name = "drawings")
class SectionDrawingController {
    private final DrawingFiles files;

    SectionDrawingController(DrawingFiles files) {
        this.files = files;
    }

    @PostMapping("/api/v1/drawings/section.{format:svg|pdf|dxf}")
    @Operation(summary = "Draws a section to scale, half a cut: as a picture, on a page, or as lines in mm")
    ResponseEntity<byte[]> draw(
            @PathVariable String format,
            @RequestParam(defaultValue = "SHEET") Look.Paper paper,
            @RequestParam(defaultValue = "OUTSIDE_LEFT") Look.View view,
            @RequestBody Section section) {
        return files.section(
                Drawn.of(section).with(new Look(paper, view, false, null)),
                DrawingFiles.Format.valueOf(format.toUpperCase(Locale.ROOT)),
                "section",
                "");
    }
}
