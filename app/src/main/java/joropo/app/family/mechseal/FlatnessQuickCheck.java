package joropo.app.family.mechseal;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.mechseal.FlatnessCheck;
import joropo.core.mechseal.FlatnessInput;
import joropo.core.mechseal.FlatnessResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Flatness of a lapped face. */
@RestController
@Order(140)
@Tag(name = "checks")
class FlatnessQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/flatness";
    private static final QuickForm FORM = QuickForm.of("flatness", "Flatness of a face", "From its light bands.")
            .with(
                    "Face",
                    Field.number("bands", "light bands, helium", "", 0, 200).need());

    private final Show show;

    FlatnessQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Flatness of a lapped face from its light bands")
    CheckAnswer<FlatnessResult> check(@RequestBody FlatnessInput input) {
        FlatnessResult result = FlatnessCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        FlatnessResult r = FlatnessCheck.check(CheckInput.of(values, FlatnessInput.class));
        return QuickResult.of(
                show, r.findings(), List.of(new Figure("off flat by", Length.show(r.flatnessUm(), 2), "µm", null)));
    }
}
