package joropo.app.family.oring;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
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
import joropo.core.oring.Gland;
import joropo.core.oring.LoadedRingCheck;
import joropo.core.oring.LoadedRingInput;
import joropo.core.oring.LoadedRingResult;
import joropo.core.oring.StretchTools;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A slide ring over its elastic loader. */
@RestController
@Order(96)
@Tag(name = "checks")
class LoadedRingQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/loaded-ring";
    private static final QuickForm FORM = QuickForm.of(
                    "loaded-ring",
                    "Slide ring over its loader",
                    "Whether the loader presses the slide ring right, and how far the ring has to be stretched.")
            .with(
                    "Groove",
                    OringFields.gland("kind", Gland.PISTON, Gland.ROD).need(),
                    Field.size("counterDiameterMm", "bore or rod").need(),
                    Field.size("grooveDepthMm", "groove, depth to the bore or rod")
                            .need(),
                    Field.size("grooveWidthMm", "groove, width").need())
            .with(
                    "Rings",
                    Field.size("slideThicknessMm", "slide ring, thick").need(),
                    Field.size("slideWidthMm", "slide ring, wide").need(),
                    Field.size("sectionMm", "loader, section").need(),
                    Field.size("ringInsideMm", "loader, inside").need(),
                    Field.choice("slideMaterial", "slide ring of", OringFields.MATERIALS)
                            .hint("empty: PTFE"),
                    Field.size("passOverMm", "largest diameter on its way"))
            .folded(
                    "Tolerances",
                    OringFields.tolerance("counterMm", "bore or rod"),
                    OringFields.tolerance("grooveMm", "groove, diameter"),
                    OringFields.tolerance("widthMm", "groove, width"),
                    OringFields.tolerance("slideThicknessMm", "slide ring, thick"),
                    OringFields.tolerance("slideWidthMm", "slide ring, wide"),
                    OringFields.tolerance("sectionMm", "loader, section"),
                    OringFields.tolerance("ringInsideMm", "loader, inside"));

    private final Show show;

    LoadedRingQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Squeeze of the loader, fill, side play and stretch of a slide ring over its loader")
    CheckAnswer<LoadedRingResult> check(@RequestBody LoadedRingInput input) {
        LoadedRingResult result = LoadedRingCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        OringFields.gatherTolerances(values);
        LoadedRingInput in = CheckInput.of(values, LoadedRingInput.class);
        LoadedRingResult r = LoadedRingCheck.check(in);
        List<Figure> figures = new ArrayList<>(List.of(
                OringFields.percent("squeeze of the loader", r.loaderSqueezePercent()),
                OringFields.percent("fill", r.fillPercent()),
                QuickResult.mm("side play", r.widthPlayMm(), 2)));
        if (r.stretchPercent() != null) {
            figures.add(OringFields.percent("stretch on its way", r.stretchPercent()));
        }
        if (r.coneLargeMm() != null) {
            figures.add(QuickResult.mm("cone, large end", r.coneLargeMm(), 2));
        }
        if (r.sizingMm() != null) {
            figures.add(QuickResult.mm("sleeve that sizes it back", r.sizingMm(), 2));
        }
        QuickResult result = QuickResult.of(show, r.findings(), figures);
        return StretchTools.of(in, r)
                .map(StretchSheet::of)
                .map(sheet -> result.drawn(sheet.svg("l-", "Cone, pusher and sizing sleeve"), sheet))
                .orElse(result);
    }
}
