package joropo.app.family.packing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import joropo.app.access.Person;
import joropo.app.drawing.RunInDrawing;
import joropo.app.family.JobLines;
import joropo.app.family.Stage;
import joropo.app.ui.NotFound;
import joropo.core.packing.RunInInput.Look;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Running a packed box in, for one thumb: drops, temperature, a flat, and what to do next. */
@Controller
@RequestMapping("/jobs/{number}/run-in")
class RunInController {
    /** A look that was kept in a pocket for longer is not believed (days). */
    private static final long OLDEST_DAYS = 7;

    private static final double ML_TO_DROPS = 20;

    private static final double MS_IN_MIN = 60_000;
    /** A box does not warm by so much from look to look. */
    private static final double FAR_K = 40;

    private static final double NEAR_K = 25;

    private final JobLines lines;
    private final Clock clock;

    RunInController(JobLines lines, Clock clock) {
        this.lines = lines;
        this.clock = clock;
    }

    /** One look as the screen shows it. */
    public record Shown(String minute, String drops, String box, String flats, String gaps) {}

    @GetMapping
    String screen(@PathVariable String number, @ModelAttribute(name = "me", binding = false) Person me, Model model) {
        return page(number, "", me, model);
    }

    private String page(String number, String wrong, Person me, Model model) {
        JobLines.Lines of = looks(number);
        BoxWork box = box(number);
        model.addAttribute("number", number);
        model.addAttribute("title", of.title());
        model.addAttribute("open", of.open());
        model.addAttribute("advice", box.advice());
        model.addAttribute("next", next(number, box));
        model.addAttribute(
                "looks", box.looks().stream().map(RunInController::shown).toList());
        model.addAttribute(
                "curve",
                box.advice() == null ? "" : RunInDrawing.of(box.series(), box.advice(), RunInDrawing.NARROW, "r-"));
        model.addAttribute("wrong", wrong);
        return "packing/run-in";
    }

    private JobLines.Lines looks(String number) {
        return lines.of(number, Stage.PROVE, BoxFields.LOOKS.name());
    }

    private BoxWork box(String number) {
        if (lines.work(number) instanceof BoxWork box) {
            return box;
        }
        throw new NotFound("running in for job " + number);
    }

    /** When to look again; nothing where there is nothing to wait for, or it is not known when it began. */
    private @Nullable Instant next(String number, BoxWork box) {
        Instant from = from(number);
        if (from == null || box.advice() == null || box.advice().nextLookMin() == null) {
            return null;
        }
        double last = box.looks().get(box.looks().size() - 1).minute();
        return from.plusMillis((long) ((last + box.advice().nextLookMin()) * MS_IN_MIN));
    }

    private static Shown shown(Look look) {
        return new Shown(
                LooksText.text(look.minute()),
                LooksText.text(look.drops()),
                look.boxC() == null ? "" : LooksText.text(look.boxC()),
                look.flats() == null || look.flats() == 0 ? "" : LooksText.text(look.flats()),
                look.gapsMm() == null
                        ? ""
                        : look.gapsMm().stream().map(LooksText::text).collect(Collectors.joining(", ")));
    }

    /**
     * One look, or a turn just after one.
     *
     * @param at when it was read (ms since 1970), for one that comes late; absent: now, @param ml of a cup in a minute
     *     instead of drops, @param gap of the gland at 12, 3, 6 and 9, all or none
     */
    @PostMapping("/looks")
    Object look(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String drops,
            @RequestParam(defaultValue = "") String ml,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "0") String flats,
            @RequestParam(required = false) @Nullable List<String> gap,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "false") boolean kept,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            Double counted = number(drops, "drops");
            Double cup = number(ml, "the cup");
            Double turned = number(flats, "flats");
            boolean turnsOnly = counted == null && cup == null && turned != null && turned != 0;
            if (counted == null && cup == null && !turnsOnly) {
                throw new RefusedInput("", "wants drops in a minute, or a cup; 0 is a reading");
            }
            Double many = counted != null ? counted : cup == null ? null : Double.valueOf(cup * ML_TO_DROPS);
            BoxWork before = box(number);
            Double warm = temperature(box, before.warmth());
            List<Double> gaps = gaps(gap, me.unit());
            double minute = minute(number, when(at), turnsOnly, before.looks(), me);
            String line = LooksText.line(minute, many, warm, turned, gaps);
            lines.change(number, Stage.PROVE, BoxFields.LOOKS.name(), text -> LooksText.with(text, line), me);
        } catch (RefusedInput e) {
            String why = "Not noted: it " + e.errors().get(0).message() + ".";
            return kept
                    ? ResponseEntity.status(HttpStatus.UNPROCESSABLE_ENTITY).body(why)
                    : page(number, why, me, model);
        }
        return kept ? ResponseEntity.noContent().build() : "redirect:/jobs/" + number + "/run-in";
    }

    private static @Nullable Double number(String text, String what) {
        if (text.isBlank()) {
            return null;
        }
        try {
            return Double.valueOf(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new RefusedInput("", "needs a number for " + what + ", got '" + text.strip() + "'");
        }
    }

    /**
     * A bare figure that leaves the one before it far behind, and would lie beside it if it were Fahrenheit, is asked
     * back.
     *
     * @param before what was read last, or the product's; absent: nothing is known
     */
    static @Nullable Double temperature(String text, @Nullable Double before) {
        if (text.isBlank()) {
            return null;
        }
        double read = Quantity.parse(text.strip(), Unit.CELSIUS).base();
        boolean bare = text.strip().matches("[-0-9.,]+");
        double inF = Unit.FAHRENHEIT.toBase(read);
        if (bare && before != null && read - before > FAR_K && Math.abs(inF - before) < NEAR_K) {
            String figure = LooksText.text(read);
            throw new RefusedInput(
                    "",
                    "reads " + figure + " °C after " + LooksText.text(before) + " °C: write " + figure
                            + " F if that was " + "Fahrenheit, " + figure + " C if it is so");
        }
        return read;
    }

    private static @Nullable List<Double> gaps(@Nullable List<String> typed, LengthUnit unit) {
        if (typed == null || typed.stream().allMatch(String::isBlank)) {
            return null;
        }
        if (typed.size() != BoxFields.GAPS.size() || typed.stream().anyMatch(String::isBlank)) {
            throw new RefusedInput("", "wants the gland's gap at all four places, or at none");
        }
        return typed.stream().map(g -> Length.parsePlace(g, unit).mm()).toList();
    }

    private Instant when(String at) {
        Instant now = clock.instant();
        if (!at.matches("\\d{10,14}")) {
            return now;
        }
        Instant said = Instant.ofEpochMilli(Long.parseLong(at));
        return said.isAfter(now) || said.isBefore(now.minus(Duration.ofDays(OLDEST_DAYS))) ? now : said;
    }

    private @Nullable Instant from(String number) {
        String from =
                lines.of(number, Stage.PROVE, BoxFields.RUN_IN_FROM.name()).text();
        return from.isBlank() ? null : Instant.parse(from.lines().findFirst().orElseThrow());
    }

    /** Since the first look; that one says when it was. */
    private double minute(String number, Instant when, boolean turnsOnly, List<Look> before, Person me) {
        Instant from = from(number);
        if (from == null) {
            double own = before.isEmpty() ? 0 : before.get(before.size() - 1).minute() + 1;
            String began = when.minusMillis((long) (own * MS_IN_MIN)).toString();
            if (!turnsOnly) {
                lines.change(number, Stage.PROVE, BoxFields.RUN_IN_FROM.name(), t -> t.isBlank() ? began : t, me);
            }
            return own;
        }
        return Duration.between(from, when).toMillis() / MS_IN_MIN;
    }
}
