package joropo.app.watch;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.app.check.CheckAnswer;
import joropo.app.check.CheckInput;
import joropo.app.check.QuickCheck;
import joropo.app.check.QuickForm;
import joropo.app.check.QuickResult;
import joropo.app.drawing.LeakDrawing;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.leak.LeakFigure;
import joropo.core.leak.LeakKind;
import joropo.core.leak.LeakTrendCheck;
import joropo.core.leak.LeakTrendInput;
import joropo.core.leak.LeakTrendResult;
import joropo.core.units.Day;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Readings of a leak, typed in one go. */
@RestController
@Order(134)
@Tag(name = "checks")
class LeakTrendQuickCheck implements QuickCheck {
    private static final String EVENTS = "events";
    private static final String PATH = "/api/v1/checks/leak-trend";
    private static final Pattern ENTRY = Pattern.compile(
            "(?:(emptied|topped up|fitted)\\s+)?(\\d{4}-\\d\\d-\\d\\d|\\d{1,2} \\p{L}{3} \\d{4})(?:\\s+(.+))?");
    private static final QuickForm FORM = QuickForm.of(
                    "leak-trend", "Leak over time", "Whether it leaks more than it did, and until when it may.")
            .with(
                    "Readings",
                    Field.choice("kind", "what is read", LeakKind.class, LeakKind::words)
                            .need(),
                    Field.note(EVENTS, "day and reading, the next")
                            .need()
                            .hint("1 Oct 2026 0; 21 Oct 2026 42; emptied 9 Nov 2026 96"),
                    Field.number("allowance", "allowance in a day; of drops in a minute", "", 0, 1_000_000),
                    Field.number("bottleMl", "the bottle holds", "mL", 1, 1_000_000),
                    Field.yesNo("rises", "a level that rises: a catch tank"),
                    Field.yesNo("regulated", "the law allows no loss of it"));

    private final Show show;

    LeakTrendQuickCheck(Show show) {
        this.show = show;
    }

    @Override
    public QuickForm form() {
        return FORM;
    }

    @PostMapping(PATH)
    @Operation(summary = "Rates of a leak, their trend, an alarm, and when the allowance is reached")
    CheckAnswer<LeakTrendResult> check(@RequestBody LeakTrendInput input) {
        LeakTrendResult result = LeakTrendCheck.check(input);
        return CheckAnswer.of(kind(), result, result.findings());
    }

    @Override
    public QuickResult run(Map<String, Object> values, Shop shop) {
        LeakKind kind = LeakKind.valueOf(String.valueOf(values.get("kind")));
        values.put(EVENTS, events(kind, String.valueOf(values.get(EVENTS))));
        if (values.remove("allowance") instanceof Double allowance) {
            values.put(kind.inMl() ? "allowanceMlPerDay" : "allowancePerDay", kind.perDay(allowance));
        }
        LeakTrendInput in = CheckInput.of(values, LeakTrendInput.class);
        LeakTrendResult r = LeakTrendCheck.check(in);
        List<Figure> figures = new ArrayList<>();
        if (r.lastPerDay() != null) {
            figures.add(new Figure("last settled rate", number(kind.shown(r.lastPerDay())), kind.shownUnit(), null));
        }
        figure(figures, "allowance passed", r.crossesOn());
        figure(figures, "earliest, in eight of ten", r.crossesFrom());
        figure(figures, "bottle full", r.bottleFullOn());
        List<QuickResult.Entry> rates = r.rates().stream()
                .map(x -> new QuickResult.Entry(
                        null,
                        Day.words(LocalDate.parse(x.to())),
                        number(kind.shown(x.inADay())) + " " + kind.shownUnit() + (x.runIn() ? ", running in" : "")))
                .toList();
        return QuickResult.of(show, r.findings(), figures, new QuickResult.Listing("rates", true, rates))
                .drawn(LeakDrawing.of(in, r, LeakDrawing.WIDE, "t-"));
    }

    private static void figure(List<Figure> figures, String label, @Nullable LocalDate day) {
        if (day != null) {
            figures.add(new Figure(label, Day.words(day), "", null));
        }
    }

    private static String number(double value) {
        return Length.show(value, Math.abs(value) < 1 ? 4 : 2);
    }

    private static List<LeakEvent> events(LeakKind kind, String text) {
        List<LeakEvent> out = new ArrayList<>();
        List<Double> before = new ArrayList<>();
        for (String part : text.split("[;\n]")) {
            if (part.isBlank()) {
                continue;
            }
            Matcher m = ENTRY.matcher(part.strip());
            if (!m.matches()) {
                throw new RefusedInput(
                        EVENTS, "needs a day and a reading, such as 21 Oct 2026 42, got '" + part.strip() + "'");
            }
            try {
                Double figure = m.group(3) == null
                        ? null
                        : Double.valueOf(LeakFigure.parse(kind, m.group(3), LengthUnit.MM, null, before));
                if (figure != null) {
                    before.add(figure);
                }
                out.add(LeakEvent.of(kind, figure)
                        .at(Day.parse(m.group(2)).toString())
                        .type(type(m.group(1)))
                        .build());
            } catch (RefusedInput e) {
                throw new RefusedInput(EVENTS, e.errors().get(0).message());
            }
        }
        return out;
    }

    private static Type type(@Nullable String word) {
        return word == null
                ? Type.READING
                : switch (word) {
                    case "emptied" -> Type.EMPTIED;
                    case "topped up" -> Type.TOPPED_UP;
                    default -> Type.FITTED;
                };
    }
}
