package joropo.app.family.toy;

import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.toy.GasketRule;
import joropo.core.toy.GasketRule.GasketInput;
import joropo.core.toy.GasketRule.GasketResult;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Its quick check, with the JSON route. */
@RestController
@ConditionalOnProperty("joropo.toy")
class ToyQuickCheck implements QuickCheck {
    private static final QuickForm FORM = QuickForm.of("gasket", "Gasket", "Whether a gasket is thick enough.")
            .with("Gasket", Field.size("thicknessMm", "thickness"))
            .into("thicknessMm:i2-thickness");

    private final Show show;

    ToyQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping("/api/v1/checks/gasket")
    CheckAnswer<GasketResult> check(@RequestBody GasketInput input) {
        GasketResult result = GasketRule.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        return QuickResult.of(
                show, GasketRule.check(CheckInput.of(values, GasketInput.class)).findings(), List.of());
    }
}
