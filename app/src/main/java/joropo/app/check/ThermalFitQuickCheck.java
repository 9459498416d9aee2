package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.fits.ThermalFitCheck;
import joropo.core.fits.ThermalFitInput;
import joropo.core.fits.ThermalFitResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How hot or how cold a part has to be to go together. */
@RestController
@Order(80)
@Tag(name = "checks")
class ThermalFitQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/thermal-fit";
    private static final QuickForm FORM = QuickForm.of(
                    "thermal-fit", "Heat and cold", "How hot or how cold a part has to be to go together.")
            .mind("Hot parts burn, frozen ones too: gloves, dry ice only where air moves. No flame near "
                    + "oil or grease.")
            .with(
                    "Fit",
                    Field.size("sizeMm", "diameter").need(),
                    Field.place("interferenceMm", "greatest interference").need(),
                    Field.choice(
                                    "part",
                                    "which is treated",
                                    Field.pairs("OUTER", "outer part, heated", "INNER", "inner part, cooled"))
                            .need(),
                    Field.choice("material", "outer part of", CheckChoices.METALS)
                            .need(),
                    Field.choice("innerMaterial", "inner part of", CheckChoices.METALS)
                            .hint("empty: the same"),
                    Field.play("clearanceMm", "clearance wanted").hint("empty: 0.001 of the size + 0.02 mm"),
                    Field.temperature("shaftTemperatureC", "inner part is at").hint("empty: 20 °C"),
                    Field.temperature("limitC", "allowed limit").hint("empty: the guide's"));

    private final Show show;

    ThermalFitQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "How hot or how cold a part has to be to join a press fit")
    CheckAnswer<ThermalFitResult> check(@RequestBody ThermalFitInput input) {
        ThermalFitResult result = ThermalFitCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        ThermalFitResult r = ThermalFitCheck.check(CheckInput.of(values, ThermalFitInput.class));
        Figure to = r.heatToC() != null
                ? new Figure("heat to", Length.show(r.heatToC(), 0), "°C", null)
                : new Figure("cool to", Length.show(r.coolToC(), 0), "°C", null);
        return QuickResult.of(show, r.findings(), List.of(to, QuickResult.mm("changes by", r.changeMm(), 3)));
    }
}
