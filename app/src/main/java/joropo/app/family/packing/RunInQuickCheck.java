package joropo.app.family.packing;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.RunInDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.packing.DropBand;
import joropo.core.packing.RunInCheck;
import joropo.core.packing.RunInInput;
import joropo.core.packing.RunInResult;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What to do next while packing is run in. */
@RestController
@Order(104)
@Tag(name = "checks")
class RunInQuickCheck implements QuickCheck {
    private static final String PATH = "/api/v1/checks/run-in";
    private static final String LOOKS = "looks";
    private static final String FROM = "bandFrom";
    private static final String TO = "bandTo";
    private static final QuickForm FORM = QuickForm.of(
                    "run-in", "Running packing in", "Wait, one flat, let off, done or pack anew: by the looks so far.")
            .mind(PackingFields.GLAND)
            .with(
                    "Packing",
                    Field.size("shaftMm", "shaft or sleeve").need(),
                    Field.number(FROM, "it shall settle at, from", "drops/min", 0, 1000)
                            .hint("empty: by the shaft"),
                    Field.number(TO, "to", "drops/min", 0, 1000),
                    Field.number("travelFlats", "flats until the gland is home", "", 0, 600))
            .with("Looks", Field.note(LOOKS, LooksText.LABEL).need().hint(LooksText.HINT));

    private final Show show;

    RunInQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "What to do next while packing is run in")
    CheckAnswer<RunInResult> check(@RequestBody RunInInput input) {
        RunInResult result = RunInCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        Double from = (Double) values.get(FROM);
        Double to = (Double) values.get(TO);
        if ((from == null) != (to == null)) {
            throw new RefusedInput(from == null ? FROM : TO, "belongs to the other end: give both");
        }
        RunInInput in;
        try {
            in = new RunInInput(
                    (Double) values.get("shaftMm"),
                    from == null ? null : new DropBand(from, to),
                    (Double) values.get("travelFlats"),
                    LooksText.read((String) values.get(LOOKS)));
        } catch (RefusedInput e) {
            throw saidHere(e);
        }
        RunInResult r = RunInCheck.check(in);
        List<Figure> figures =
                new ArrayList<>(List.of(new Figure("now", r.advice().words(), "", null)));
        if (r.nextLookMin() != null) {
            figures.add(new Figure("look again in", Length.show(r.nextLookMin(), 0), "min", null));
        }
        if (r.travelLeftFlats() != null) {
            figures.add(new Figure("travel left", Length.show(r.travelLeftFlats(), 0), "flats", null));
        }
        if (r.travelLeftMm() != null) {
            figures.add(new Figure("gap left", Length.show(r.travelLeftMm(), 2), "mm", null));
        }
        if (r.repackInDays() != null) {
            figures.add(new Figure("pack anew in", Length.show(r.repackInDays(), 0), "days", null));
        }
        return QuickResult.of(show, r.findings(), figures).drawn(RunInDrawing.of(in, r, RunInDrawing.WIDE, "r-"));
    }

    /** What a look cannot be is said at the looks. */
    private static RefusedInput saidHere(RefusedInput e) {
        FieldError first = e.errors().get(0);
        boolean own = FORM.fields().anyMatch(f -> f.name().equals(first.field()));
        return own ? e : new RefusedInput(first.field().equals("band") ? FROM : LOOKS, first.message());
    }
}
