package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.fits.Deviations;
import joropo.core.fits.LimitsAndFitsCheck;
import joropo.core.fits.LimitsAndFitsInput;
import joropo.core.fits.LimitsAndFitsResult;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Limits of a tolerance class, and how two fit. */
@RestController
@Order(40)
@Tag(name = "checks")
class LimitsAndFitsQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/limits-and-fits";
    private static final QuickForm FORM = QuickForm.of(
                    "limits-and-fits",
                    "Limits and fits",
                    "Limits of a tolerance class, and how two of them fit (ISO 286).")
            .with(
                    "Fit",
                    Field.size("sizeMm", "nominal size").need(),
                    Field.line("holeClass", "hole").hint("such as H8"),
                    Field.line("shaftClass", "shaft").hint("such as h11"));

    private final Show show;

    LimitsAndFitsQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Limits of size by tolerance class, and the fit of two (ISO 286)")
    CheckAnswer<LimitsAndFitsResult> check(@RequestBody LimitsAndFitsInput input) {
        LimitsAndFitsResult result = LimitsAndFitsCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        LimitsAndFitsResult r = LimitsAndFitsCheck.check(CheckInput.of(values, LimitsAndFitsInput.class));
        List<Figure> out = new ArrayList<>();
        limits("hole", r.hole(), out);
        limits("shaft", r.shaft(), out);
        if (r.fit() != null) {
            out.add(new Figure(
                    r.fit().kind().name().toLowerCase(Locale.ROOT) + ", clearance",
                    Length.show(r.fit().minClearanceUm(), 0) + " to "
                            + Length.show(r.fit().maxClearanceUm(), 0),
                    "µm",
                    null));
        }
        return QuickResult.of(show, r.findings(), out);
    }

    private static void limits(String name, @Nullable Deviations d, List<Figure> out) {
        if (d != null) {
            out.add(new Figure(name, Length.show(d.minMm(), 3) + " to " + Length.show(d.maxMm(), 3), "mm", null));
        }
    }
}
