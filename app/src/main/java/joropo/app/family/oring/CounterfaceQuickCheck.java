package joropo.app.family.oring;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.HashMap;
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
import joropo.core.material.Dirt;
import joropo.core.oring.CounterfaceCheck;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.CounterfaceResult;
import joropo.core.surface.Defect;
import joropo.core.verdict.Status;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The bore or rod that a ring seals on. */
@RestController
@Order(98)
@Tag(name = "checks")
class CounterfaceQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/counterface";
    private static final String UNMARKED = "unmarked";
    private static final String MARK = "mark";
    private static final String DEPTH = "markDepthUm";
    private static final String NAIL = "markNail";
    private static final QuickForm FORM = QuickForm.of(
                    "counterface",
                    "Face that a ring runs on",
                    "Whether a bore or a rod will do for its ring, and what makes it good again.")
            .with(
                    "Part",
                    Field.choice("part", "part", Field.pairs("BORE", "bore", "ROD", "rod"))
                            .need(),
                    OringFields.motion().need(),
                    Field.size("diameterMm", "diameter").need(),
                    Field.choice("dirt", "what reaches it", Dirt.class, Dirt::words))
            .with(
                    "Read",
                    Field.number("raUm", "roughness Ra", "µm", 0, 100),
                    Field.number("hardnessHrc", "hardness", "HRC", 0, 80),
                    Field.play("ovalityMm", "ovality"),
                    Field.play("taperMm", "taper"),
                    Field.play("shapeLimitMm", "limit of both").hint("empty: IT8"),
                    Field.play("bendMm", "bend over 300 mm").hint("of a rod"))
            .with(
                    "Seen",
                    Field.yesNo(UNMARKED, "looked at, no mark"),
                    Field.choice(MARK, "worst mark", Defect.Kind.class, Defect.Kind::words),
                    Field.number(DEPTH, "deep", "µm", 0, 5000),
                    Field.yesNo(NAIL, "a nail catches"));

    private final Show show;

    CounterfaceQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(
            summary = "Roughness, hardness, shape and marks of a bore or rod that a ring seals on, with its remedies")
    CheckAnswer<CounterfaceResult> check(@RequestBody CounterfaceInput input) {
        CounterfaceResult result = CounterfaceCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Object unmarked = values.remove(UNMARKED);
        Map<String, Object> mark = new HashMap<>();
        mark.put("kind", values.remove(MARK));
        mark.put("depthUm", values.remove(DEPTH));
        mark.put("catchesNail", values.remove(NAIL));
        if (mark.get("kind") != null) {
            values.put("defects", List.of(mark));
        } else if (Boolean.TRUE.equals(unmarked)) {
            values.put("defects", List.of());
        }
        CounterfaceResult r = CounterfaceCheck.check(CheckInput.of(values, CounterfaceInput.class));
        List<Entry> good = entries(
                r.remedies().stream().filter(o -> o.verdict() != Status.FAIL).toList());
        List<Entry> ruledOut = entries(
                r.remedies().stream().filter(o -> o.verdict() == Status.FAIL).toList());
        return QuickResult.of(
                show,
                r.findings(),
                List.of(),
                new Listing("What makes it good", false, good),
                new Listing("Ruled out", true, ruledOut));
    }

    private List<Entry> entries(List<CounterfaceResult.Offer> offers) {
        return offers.stream()
                .map(o -> new Entry(
                        show.mark(o.verdict()),
                        upper(o.remedy().words()),
                        o.reason()
                                + (o.sizes() == null || o.sizes().isEmpty()
                                        ? ""
                                        : " " + String.join("; ", o.sizes()) + ".")))
                .toList();
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
