package joropo.app.family.packing;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.RunInDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.packing.RunInCheck;
import joropo.core.packing.RunInInput;
import joropo.core.packing.RunInResult;
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
    private static final int LEAST_OF_A_LOOK = 2;
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
            .with(
                    "Looks",
                    Field.line(LOOKS, "minute, drops in a minute, box °C, flats turned then; the next")
                            .need()
                            .hint("0 60 40; 12 58 41 1; 22 30 45 - is not read"));

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
        values.put("points", points((String) values.remove(LOOKS)));
        Object from = values.remove(FROM);
        Object to = values.remove(TO);
        if (from != null || to != null) {
            if (from == null || to == null) {
                throw new RefusedInput(from == null ? FROM : TO, "belongs to the other end: give both");
            }
            values.put("band", Map.of("from", from, "to", to));
        }
        RunInInput in;
        try {
            in = CheckInput.of(values, RunInInput.class);
        } catch (RefusedInput e) {
            boolean ofLooks = e.errors().get(0).field().startsWith("points")
                    || form().fields()
                            .noneMatch(f -> f.name().equals(e.errors().get(0).field()));
            throw ofLooks ? new RefusedInput(LOOKS, e.errors().get(0).message()) : e;
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
        return QuickResult.of(show, r.findings(), figures).drawn(RunInDrawing.of(in, r, "r-"));
    }

    /** Each look in its own words. @throws RefusedInput when one is no look */
    private static List<Map<String, Object>> points(String text) {
        List<Map<String, Object>> out = new ArrayList<>();
        for (String look : text.split(";")) {
            String[] figures = look.strip().split("\\s+");
            if (look.isBlank()) {
                continue;
            }
            if (figures.length < LEAST_OF_A_LOOK) {
                throw new RefusedInput(LOOKS, "needs minute and drops of each look, got '" + look.strip() + "'");
            }
            Map<String, Object> point = new HashMap<>();
            String[] names = {"minute", "dropsPerMinute", "boxC", "flats"};
            for (int i = 0; i < Math.min(names.length, figures.length); i++) {
                if (!figures[i].equals("-")) {
                    point.put(names[i], number(figures[i]));
                }
            }
            out.add(point);
        }
        return out;
    }

    private static Double number(String text) {
        try {
            return Double.valueOf(text.replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new RefusedInput(LOOKS, "has '" + text + "' where a number belongs");
        }
    }
}
