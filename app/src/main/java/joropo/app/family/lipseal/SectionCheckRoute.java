package joropo.app.family.lipseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckKind;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** An arrangement of seals, judged for lip seals: it has no page of its own, the bench is its page. */
@RestController
@Order(120)
@Tag(name = "checks")
class SectionCheckRoute implements CheckKind {
    @Override
    public String kind() {
        return "section";
    }

    @PostMapping("/api/v1/checks/section")
    @Operation(summary = "An arrangement of seals: which way, how deep, what is in the way, in which order")
    CheckAnswer<SectionResult> check(@RequestBody Section input) {
        SectionResult result = LipSealRules.section(input.written());
        return CheckAnswer.of(kind(), result, result.findings());
    }
}
