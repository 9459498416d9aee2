package joropo.app.family.packing;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import joropo.app.access.Person;
import joropo.app.drawing.RunInDrawing;
import joropo.app.family.JobLines;
import joropo.app.family.Stage;
import joropo.app.ui.NotFound;
import joropo.core.packing.RunInInput.Look;
import joropo.core.units.RefusedInput;
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
    /** Two looks in the same breath stand one after the other (min). */
    private static final double SAME_MINUTE = 0.05;

    private static final double NEXT_MINUTE = 0.01;

    private final JobLines lines;
    private final Clock clock;

    RunInController(JobLines lines, Clock clock) {
        this.lines = lines;
        this.clock = clock;
    }

    /** One look as the screen shows it. */
    public record Shown(String minute, String drops, String box, String flats) {}

    @GetMapping
    String screen(@PathVariable String number, Model model) {
        return page(number, "", model);
    }

    private String page(String number, String wrong, Model model) {
        JobLines.Lines of = lines.of(number, Stage.PROVE, BoxFields.LOOKS.name());
        if (!(lines.work(number) instanceof BoxWork box)) {
            throw new NotFound("running in for job " + number);
        }
        model.addAttribute("number", number);
        model.addAttribute("title", of.title());
        model.addAttribute("open", of.open());
        model.addAttribute("advice", box.advice());
        model.addAttribute(
                "looks", box.looks().stream().map(RunInController::shown).toList());
        model.addAttribute("curve", box.advice() == null ? "" : RunInDrawing.of(box.series(), box.advice(), "r-"));
        model.addAttribute("wrong", wrong);
        return "packing/run-in";
    }

    private static Shown shown(Look look) {
        return new Shown(
                text(look.minute()),
                text(look.drops()),
                look.boxC() == null ? "" : text(look.boxC()),
                look.flats() == null || look.flats() == 0 ? "" : text(look.flats()));
    }

    private static String text(double value) {
        return BigDecimal.valueOf(Math.rint(value * 100) / 100)
                .stripTrailingZeros()
                .toPlainString();
    }

    /**
     * One look. @param at when it was read (ms since 1970), for one that comes late; absent: now, @param ml of a cup in
     * a minute instead of drops
     */
    @PostMapping("/looks")
    Object look(
            @PathVariable String number,
            @RequestParam(defaultValue = "") String drops,
            @RequestParam(defaultValue = "") String ml,
            @RequestParam(defaultValue = "") String box,
            @RequestParam(defaultValue = "0") String flats,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "false") boolean kept,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            Double counted = number(drops, "drops");
            Double cup = number(ml, "the cup");
            if (counted == null && cup == null) {
                throw new RefusedInput("", "wants drops in a minute, or a cup; 0 is a reading");
            }
            double many = counted != null ? counted : cup * ML_TO_DROPS;
            Double warm = number(box, "the temperature");
            Double turned = number(flats, "flats");
            Instant when = when(at);
            JobLines.Lines of = lines.of(number, Stage.PROVE, BoxFields.LOOKS.name());
            String minute = text(minute(number, when, of, me));
            lines.add(
                    number,
                    Stage.PROVE,
                    BoxFields.LOOKS.name(),
                    minute + " " + text(many) + " " + (warm == null ? "-" : text(warm))
                            + (turned == null || turned == 0 ? "" : " " + text(turned)),
                    me);
        } catch (RefusedInput e) {
            String why = "Not noted: it " + e.errors().get(0).message() + ".";
            return kept ? ResponseEntity.status(HttpStatus.UNPROCESSABLE_ENTITY).body(why) : page(number, why, model);
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

    private Instant when(String at) {
        Instant now = clock.instant();
        if (!at.matches("\\d{10,14}")) {
            return now;
        }
        Instant said = Instant.ofEpochMilli(Long.parseLong(at));
        return said.isAfter(now) || said.isBefore(now.minus(Duration.ofDays(OLDEST_DAYS))) ? now : said;
    }

    /** Since the first look; that one says when it was. */
    private double minute(String number, Instant when, JobLines.Lines of, Person me) {
        String from =
                lines.of(number, Stage.PROVE, BoxFields.RUN_IN_FROM.name()).text();
        List<Look> before = of.text().isBlank() ? List.of() : LooksText.read(of.text());
        if (from.isBlank()) {
            double last = before.isEmpty() ? 0 : before.get(before.size() - 1).minute() + 1;
            lines.add(
                    number,
                    Stage.PROVE,
                    BoxFields.RUN_IN_FROM.name(),
                    when.minusMillis((long) (last * 60_000)).toString(),
                    me);
            return last;
        }
        double minute = Duration.between(Instant.parse(from.lines().findFirst().orElseThrow()), when)
                        .toMillis()
                / 60_000.0;
        double last = before.isEmpty() ? 0 : before.get(before.size() - 1).minute();
        return Math.abs(minute - last) < SAME_MINUTE ? last + NEXT_MINUTE : minute;
    }
}
