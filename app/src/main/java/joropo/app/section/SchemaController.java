package joropo.app.section;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The JSON Schemas of what is stored and exchanged. */
@RestController
@Tag(name = "schemas")
class SchemaController {
    private static final MediaType SCHEMA = MediaType.valueOf("application/schema+json");

    private final JsonMapper json;

    SchemaController(JsonMapper json) {
        this.json = json;
    }

    @GetMapping("/api/v1/schemas/section")
    @Operation(summary = "JSON Schema of a section")
    ResponseEntity<String> section() {
        return ResponseEntity.ok()
                .contentType(SCHEMA)
                .body(new SectionSchema(json).make().toPrettyString());
    }
}
