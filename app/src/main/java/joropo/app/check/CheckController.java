package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The checks of core by JSON: the body is the check's input, the answer its result. Nothing is stored. Each check
 * brings its own route.
 */
@RestController
@RequestMapping("/api/v1/checks")
@Tag(
        name = "checks",
        description = "One check each: input in, figures and findings out. Lengths in mm, names end in their unit.")
class CheckController {
    private final List<CheckKind> checks;

    CheckController(List<CheckKind> checks) {
        this.checks = checks;
    }

    /** The kinds there are. */
    record Kinds(List<String> kinds) {}

    @GetMapping
    @Operation(summary = "Lists the kinds of check")
    Kinds kinds() {
        return new Kinds(checks.stream().map(CheckKind::kind).toList());
    }

    @PostMapping("/{kind}")
    @Operation(hidden = true)
    void unknown(@PathVariable String kind) {
        throw new UnknownKind(kind);
    }
}
