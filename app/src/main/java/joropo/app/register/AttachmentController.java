package joropo.app.register;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Photos shown, documents handed out. */
@Controller
class AttachmentController {
    private static final Duration KEPT = Duration.ofDays(30);

    private final AttachmentService attachments;

    AttachmentController(AttachmentService attachments) {
        this.attachments = attachments;
    }

    @GetMapping("/attachments/{id}")
    ResponseEntity<Resource> file(@PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
        AttachmentService.Stored stored = attachments.find(id, small);
        ContentDisposition how = (stored.attachment().isPhoto()
                        ? ContentDisposition.inline()
                        : ContentDisposition.attachment())
                .filename(stored.attachment().name(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(stored.mediaType()))
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                .header(HttpHeaders.CONTENT_DISPOSITION, how.toString())
                .body(new FileSystemResource(stored.file()));
    }
}
