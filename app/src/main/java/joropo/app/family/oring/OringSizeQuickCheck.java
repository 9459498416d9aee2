package joropo.app.family.oring;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckChoices;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.check.QuickResult.Entry;
import joropo.app.check.QuickResult.Listing;
import joropo.app.drawing.FoundRingField;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeResult;
import joropo.core.units.Length;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Which listed ring it is, by a found ring, by its gland, or by bore and shaft only. */
@RestController
@Order(94)
@Tag(name = "checks")
class OringSizeQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/o-ring-size";
    private static final String INSIDE = "foundInsideMm";
    private static final String SECTION = "foundSectionMm";
    private static final QuickForm FORM = QuickForm.of(
                    "o-ring-size",
                    "Ring size",
                    "Which listed ring it is: by a ring that was found, by its gland, or groove and "
                            + "ring by bore and shaft.")
            .with("A ring that was found", Field.size(SECTION, "section"), Field.size(INSIDE, "inside"))
            .with(
                    "Or its gland",
                    OringFields.gland("kind"),
                    OringFields.motion(),
                    Field.size("counterDiameterMm", "bore or rod"),
                    Field.size("grooveDiameterMm", "groove, diameter"),
                    Field.size("grooveWidthMm", "groove, width"),
                    Field.size("grooveDepthMm", "groove, depth").hint("of a face only"))
            .with(
                    "Or no groove yet",
                    Field.size("otherDiameterMm", "part that the groove is cut in")
                            .hint("kind, motion, bore or rod above"),
                    Field.choice("material", "material", OringFields.MATERIALS),
                    Field.choice("fluid", "fluid", CheckChoices.FLUIDS),
                    Field.temperature("coldestC", "coldest"),
                    Field.temperature("hottestC", "hottest"));

    private final Show show;

    OringSizeQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Listed rings for a gland or a found ring, or grooves and rings for bore and shaft")
    CheckAnswer<OringSizeResult> check(@RequestBody OringSizeInput input) {
        OringSizeResult result = OringSizeCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Object inside = values.remove(INSIDE);
        Object section = values.remove(SECTION);
        if (inside != null || section != null) {
            Map<String, Object> measured = new HashMap<>();
            measured.put("insideMm", inside);
            measured.put("sectionMm", section);
            values.put("measured", measured);
        }
        OringSizeInput in = OringFields.saidAt(
                OringFields.names("measured.insideMm:" + INSIDE, "measured.sectionMm:" + SECTION),
                () -> CheckInput.of(values, OringSizeInput.class));
        OringSizeResult r = OringSizeCheck.check(in);
        List<Entry> grooves = r.grooves() == null
                ? List.of()
                : r.grooves().stream()
                        .map(g -> new Entry(
                                null,
                                "Ø " + Length.show(g.grooveDiameterMm(), 2) + " x " + Length.show(g.grooveWidthMm(), 2)
                                        + " mm",
                                g.designation() + ", " + figures(g.squeezePercent(), g.fillPercent()),
                                judged(in, g)))
                        .toList();
        List<Entry> sizes = r.sizes().stream()
                .map(e -> new Entry(null, e.designation(), OringFields.words(e)))
                .toList();
        List<Entry> best = sizes.subList(0, Math.min(sizes.size(), QuickResult.BEST));
        QuickResult result = QuickResult.of(
                show,
                r.findings(),
                List.of(),
                new Listing("Grooves that would do, the best first", false, grooves),
                new Listing("Rings, the best first", r.grooves() != null, best),
                new Listing("More of them", true, sizes.subList(best.size(), sizes.size())));
        return in.measured() == null ? result : result.drawn(FoundRingField.of(in.measured(), r, "f-"));
    }

    /** The same groove in the check of a gland. */
    private static String judged(OringSizeInput in, OringSizeResult.Groove groove) {
        return "/checks/o-ring-gland?unit=MM&gland=" + in.gland() + "&motion=" + in.motion() + "&counterDiameterMm="
                + plain(in.counterDiameterMm()) + "&grooveDiameterMm=" + plain(groove.grooveDiameterMm())
                + "&grooveWidthMm=" + plain(groove.grooveWidthMm()) + "&ring="
                + groove.designation().replaceAll(" = .*", "");
    }

    private static String plain(double mm) {
        return BigDecimal.valueOf(mm).stripTrailingZeros().toPlainString();
    }

    private static String figures(double squeeze, double fill) {
        return "squeezed " + Length.show(squeeze, 1) + " %, " + Length.show(fill, 0) + " % full";
    }
}
