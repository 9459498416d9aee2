package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import joropo.app.drawing.TurnDrawings;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.ShimPack;
import joropo.core.assembly.ShimsCheck;
import joropo.core.assembly.ShimsInput;
import joropo.core.assembly.ShimsResult;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A clearance that shims set. */
@RestController
@Order(126)
@Tag(name = "checks")
class ShimsQuickCheck implements QuickCheck {
    private static final String AT_HAND = "availableMm";
    private static final String PATH = "/api/v1/checks/shims";
    private static final QuickForm FORM = QuickForm.of(
                    "shims",
                    "Clearance by shims",
                    "Which shims at hand bring a clearance to its target, and when none is touched.")
            .with(
                    "Clearance",
                    Field.line("readingsMm", "at every vane, or four places")
                            .need()
                            .hint("parted by blanks"),
                    Field.play("targetMm", "target").need(),
                    Field.size("toleranceMm", "either way").need(),
                    Field.yesNo("shimOpens", "a thicker shim opens it").need(),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: feelers'"))
            .with(
                    "Shims",
                    Field.line(AT_HAND, "at hand").hint("such as 4x0.05 2x0.10 0.25"),
                    Field.line("packMm", "in it now, each").hint("such as 0.5 0.2"),
                    Field.yesNo("worn", "it has changed by wear"));

    private final Show show;

    ShimsQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Choice of shims for a clearance read at every place")
    CheckAnswer<ShimsResult> check(@RequestBody ShimsInput input) {
        ShimsResult result = ShimsCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Readings.list(values, "readingsMm");
        pack(values, "packMm").ifPresent(p -> values.put("packMm", p.shimsMm()));
        pack(values, AT_HAND)
                .ifPresent(p -> values.put(
                        AT_HAND,
                        p.shimsMm().stream()
                                .collect(Collectors.groupingBy(t -> t, TreeMap::new, Collectors.summingInt(t -> 1)))
                                .entrySet()
                                .stream()
                                .map(e -> Map.of("thicknessMm", e.getKey(), "count", e.getValue()))
                                .toList()));
        ShimsInput in = CheckInput.of(values, ShimsInput.class);
        ShimsResult r = ShimsCheck.check(in);
        List<Figure> figures = new ArrayList<>(
                List.of(QuickResult.mm("mean", r.meanMm(), 3), QuickResult.mm("from place to place", r.spreadMm(), 3)));
        if (r.predictedMm() != null) {
            figures.add(QuickResult.mm("mean with them", r.predictedMm(), 3));
        }
        return QuickResult.of(show, r.findings(), figures).drawn(TurnDrawings.vanes(in, r, "t-"));
    }

    private static Optional<ShimPack> pack(Map<String, Object> values, String field) {
        if (!(values.get(field) instanceof String text)) {
            return Optional.empty();
        }
        try {
            return Optional.of(ShimPack.parse(text, LengthUnit.MM));
        } catch (RefusedInput e) {
            throw new RefusedInput(field, e.errors().get(0).message());
        }
    }
}
