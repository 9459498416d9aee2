package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterResult;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A measured shaft or bore against its limits. */
@RestController
@Order(30)
@Tag(name = "checks")
class DiameterQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/diameter";
    private static final QuickForm FORM = QuickForm.of(
                    "diameter",
                    "Diameter",
                    "A measured shaft or bore against its limits, with what the gauge can tell.")
            .with(
                    "Part",
                    Field.choice("part", "part", Field.pairs("SHAFT", "shaft", "BORE", "bore"))
                            .hint("empty: as its class is written"),
                    Field.size("nominalMm", "nominal").need(),
                    Field.line("toleranceClass", "tolerance class, or limits").hint("such as h11 or H8"),
                    Field.choice("gauge", "gauge", CheckChoices.GAUGES).with(Field.Own.GAUGES),
                    Field.size("lowerMm", "least"),
                    Field.size("upperMm", "most"))
            .with(
                    "Readings",
                    Field.size("a1", "plane A, 12 to 6").need(),
                    Field.size("a2", "plane A, 3 to 9").need(),
                    Field.size("b1", "plane B, 12 to 6"),
                    Field.size("b2", "plane B, 3 to 9"))
            .folded(
                    "Uncertainty, temperature",
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: the gauge's"),
                    Field.temperature("partTemperatureC", "of the part"),
                    Field.temperature("gaugeTemperatureC", "of the gauge"),
                    Field.choice("partMaterial", "part made of", CheckChoices.METALS)
                            .hint("empty: steel"))
            .into(
                    "a1:shaftA1",
                    "a2:shaftA2",
                    "b1:shaftB1",
                    "b2:shaftB2",
                    "gauge:shaftGauge",
                    "partTemperatureC:partC",
                    "gaugeTemperatureC:gaugeC");

    private final Show show;

    DiameterQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "A measured shaft or bore against a class or absolute limits, with the gauge's uncertainty")
    CheckAnswer<DiameterResult> check(@RequestBody DiameterInput input) {
        DiameterResult result = DiameterCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        DiameterResult r = DiameterCheck.check(input(values, shop));
        return QuickResult.of(
                show,
                r.findings(),
                List.of(
                        QuickResult.mm("mean", r.meanMm(), 3),
                        QuickResult.mm("least", r.minMm(), 3),
                        QuickResult.mm("greatest", r.maxMm(), 3),
                        QuickResult.mm("ovality", r.ovalityMm(), 3),
                        QuickResult.mm("taper", r.taperMm(), 3),
                        QuickResult.mm("uncertainty", r.uncertaintyMm(), 3)));
    }

    private static DiameterInput input(Map<String, Object> v, Shop shop) {
        List<List<Object>> planes = Stream.of("a", "b")
                .map(p -> Stream.of(v.remove(p + "1"), v.remove(p + "2"))
                        .filter(Objects::nonNull)
                        .toList())
                .filter(p -> !p.isEmpty())
                .toList();
        if (v.get("part") == null && v.get("toleranceClass") instanceof String written && !written.isBlank()) {
            v.put("part", Character.isUpperCase(written.strip().charAt(0)) ? "BORE" : "SHAFT");
        }
        v.put("planes", planes.stream().map(p -> Map.of("readingsMm", p)).toList());
        ShopGauge gauge = shop.gauge((String) v.get("gauge"));
        if (gauge != null) {
            v.put("gauge", gauge.kind().name());
            v.putIfAbsent("uncertaintyMm", gauge.certificateMm());
        }
        return CheckInput.of(v, DiameterInput.class);
    }

    /** Readings of a bore go to the fields of the bore. */
    @Override
    public Map<String, String> intoJob(Map<String, Object> values, Map<String, String> texts) {
        Map<String, String> out = new LinkedHashMap<>();
        boolean bore = "BORE".equals(values.get("part"));
        QuickCheck.super
                .intoJob(values, texts)
                .forEach((field, text) -> out.put(bore ? field.replace("shaft", "bore") : field, text));
        return out;
    }
}
