package joropo.app.section;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The JSON Schemas of what is stored and exchanged. */
@RestController
@Tag(name = "schemas")
class SchemaController {
    private static final MediaType SCHEMA = MediaType.valueOf("application/schema+json");

    @GetMapping("/api/v1/schemas/section")
    @Operation(summary = "JSON Schema of a section")
    ResponseEntity<Resource> section() {
        return ResponseEntity.ok().contentType(SCHEMA).body(new ClassPathResource("schemas/section.json"));
    }
}
