package joropo.app.family.lipseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.LipSealSizeResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which listed seals belong to a measured shaft and bore. */
@RestController
@Order(60)
@Tag(name = "checks")
class LipSealSizeQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/lip-seal-size";
    private static final QuickForm FORM = QuickForm.of(
                    "lip-seal-size",
                    "Lip seal size",
                    "Which listed seals belong to a measured shaft and bore, metric and inch.")
            .with(
                    "Measured",
                    Field.size("shaftMm", "shaft").need(),
                    Field.size("boreMm", "bore"),
                    Field.size("depthMm", "depth of the seat"),
                    Field.choice("system", "only", Field.pairs("METRIC", "metric", "INCH", "inch")),
                    Field.line("marking", "marking read on the old seal"))
            .into("depthMm:stopDepth", "marking");

    private final Show show;

    LipSealSizeQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Listed lip seal sizes for a measured shaft, bore and depth")
    CheckAnswer<LipSealSizeResult> check(@RequestBody LipSealSizeInput input) {
        LipSealSizeResult result = LipSealSizeCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        LipSealSizeResult r = LipSealSizeCheck.check(CheckInput.of(values, LipSealSizeInput.class));
        List<Entry> sizes = r.sizes().stream()
                .map(s -> new Entry(null, s.words(), s.listed().equals("standard") ? "ISO 6194-1" : "common"))
                .toList();
        List<Entry> rejected = r.rejected().stream()
                .map(x -> new Entry(null, x.what(), x.reason()))
                .toList();
        return QuickResult.of(
                show,
                r.findings(),
                List.of(),
                new Listing("Sizes that fit, the best first", false, sizes),
                new Listing("What does not match", rejected.isEmpty(), rejected));
    }
}
