package joropo.app.check;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import joropo.app.drawing.TurnDrawings;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.assembly.ClockingCheck;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.ClockingResult;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A coupling that is turned from place to place. */
@RestController
@Order(128)
@Tag(name = "checks")
class ClockingQuickCheck implements QuickCheck {
    private static final String TRIALS = "trials";
    private static final String PATH = "/api/v1/checks/clocking";
    private static final QuickForm FORM = QuickForm.of(
                    "clocking", "Turning a coupling to its best place", "Which place to try next, and when it is over.")
            .with(
                    "Places",
                    Field.number("places", "index places", "", 2, 96).need(),
                    Field.number("every", "only every so many fit", "", 1, 48).hint("empty: each"),
                    Field.note(TRIALS, "place and whole reading, the next")
                            .need()
                            .hint("0 0.08; 3 0.05; 6 0.02"),
                    Field.play("limitMm", "limit of the whole reading"),
                    Field.yesNo("balancedSet", "the parts are balanced together"),
                    Field.play("uncertaintyMm", "uncertainty of a reading, k = 2")
                            .hint("empty: a dial indicator's"));

    private final Show show;

    ClockingQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Place of a coupling with the least run-out, from the places that were tried")
    CheckAnswer<ClockingResult> check(@RequestBody ClockingInput input) {
        ClockingResult result = ClockingCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        try {
            values.put(TRIALS, Readings.trials((String) values.get(TRIALS)));
        } catch (RefusedInput e) {
            throw new RefusedInput(TRIALS, e.errors().get(0).message());
        }
        List.of("places", "every").forEach(f -> Readings.whole(values, f));
        ClockingInput in = CheckInput.of(values, ClockingInput.class);
        ClockingResult r = ClockingCheck.check(in);
        List<Figure> figures =
                new ArrayList<>(List.of(new Figure("best measured", Integer.toString(r.bestPlace()), "place", null)));
        if (r.nextTrial() != null) {
            figures.add(new Figure("try next", Integer.toString(r.nextTrial()), "place", null));
        }
        List<QuickResult.Entry> hints = r.predictedTirMm() == null
                ? List.of()
                : IntStream.range(0, r.predictedTirMm().size())
                        .filter(p -> r.predictedTirMm().get(p) != null)
                        .mapToObj(p -> new QuickResult.Entry(
                                null,
                                "place " + p,
                                Length.show(r.predictedTirMm().get(p), 3) + " mm"))
                        .toList();
        return QuickResult.of(
                        show,
                        r.findings(),
                        figures,
                        new QuickResult.Listing("what the model sees, a hint", true, hints))
                .drawn(TurnDrawings.places(in, r, "t-"));
    }
}
