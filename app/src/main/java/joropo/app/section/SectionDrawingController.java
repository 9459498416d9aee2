package joropo.app.section;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Locale;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.SectionPicture;
import joropo.app.print.Printing;
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
    private final Printing files;

    SectionDrawingController(Printing files) {
        this.files = files;
    }

    @PostMapping("/api/v1/drawings/section.{format:svg|pdf|dxf}")
    @Operation(summary = "Draws a section to scale, half a cut: as a picture, on a page, or as lines in mm")
    ResponseEntity<byte[]> draw(
            @PathVariable String format,
            @RequestParam(defaultValue = "SHEET") Paper paper,
            @RequestParam(defaultValue = "OUTSIDE_LEFT") Orientation view,
            @RequestBody Section section) {
        return files.section(
                SectionPicture.of(section).with(new DrawingStyle(paper, view, false, null)),
                Printing.Format.valueOf(format.toUpperCase(Locale.ROOT)),
                "section",
                "");
    }
}
