package joropo.app.watch;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.drawing.LeakDrawing;
import joropo.app.print.Printing;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.ui.Errors;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.app.ui.Show;
import joropo.core.leak.LeakKind;
import joropo.core.units.RefusedInput;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** One leak watch: read with one number, judged, drawn, answered. */
@Controller
@RequestMapping("/watches")
class WatchController {
    private final WatchService watches;
    private final WatchEntries entries;
    private final RegisterService register;
    private final PeopleService people;
    private final Printing printing;
    private final Show show;

    WatchController(
            WatchService watches,
            WatchEntries entries,
            RegisterService register,
            PeopleService people,
            Printing printing,
            Show show) {
        this.watches = watches;
        this.entries = entries;
        this.register = register;
        this.people = people;
        this.printing = printing;
        this.show = show;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("areas", watches.areas());
        model.addAttribute("watches", watches.all(Paged.asked(model)));
        model.addAttribute("today", watches.today());
        return "watch/list";
    }

    @GetMapping("/new")
    String begin(@RequestParam long position, Model model) {
        return begin(position, Map.of(), Map.of(), model);
    }

    @PostMapping("/new")
    String begin(
            @RequestParam long position,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            long id = entries.start(position, form.getOrDefault("kind", ""), form.getOrDefault("name", ""), form, me);
            return "redirect:/watches/" + id;
        } catch (RefusedInput e) {
            return begin(position, form, Errors.byField(e), model);
        }
    }

    private String begin(long id, Map<String, String> form, Map<String, String> errors, Model model) {
        Position position = register.position(id).orElseThrow(() -> new NotFound("position " + id));
        Map<String, String> values = new LinkedHashMap<>(form);
        values.putIfAbsent("area", position.machinePlace());
        model.addAttribute("position", position);
        model.addAttribute("terms", values);
        model.addAttribute("errors", errors);
        model.addAttribute("kinds", LeakKind.values());
        model.addAttribute("people", people.ofHere());
        return "watch/new";
    }

    @GetMapping("/{id}")
    String page(@PathVariable long id, @ModelAttribute(name = "me", binding = false) Person me, Model model) {
        return page(id, "", Map.of(), Map.of(), me, model);
    }

    @PostMapping("/{id}/entries")
    String enter(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            entries.enter(id, form, me);
            return "redirect:/watches/" + id;
        } catch (RefusedInput e) {
            return page(id, "entry", form, Errors.byField(e), me, model);
        }
    }

    /** The same on a round: to its script the answer is the stop as it stands now. */
    @PostMapping("/{id}/round")
    String onRound(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "X-Round", defaultValue = "false") boolean script,
            @ModelAttribute(name = "me", binding = false) Person me,
            HttpServletResponse response,
            RedirectAttributes onward,
            Model model) {
        String sent = form.getOrDefault("sent", "");
        if (script && !form.getOrDefault("by", me.name()).equals(me.name())) {
            // somebody else has signed in on this phone since: it waits for who read it
            response.setStatus(HttpStatus.CONFLICT.value());
            return "watch/parts :: nothing";
        }
        Map<String, String> errors = Map.of();
        try {
            entries.enter(id, form, me);
            if (sent.matches("[0-9A-Za-z.-]{1,60}")) {
                response.setHeader("X-Stored", sent);
            }
        } catch (RefusedInput e) {
            errors = Errors.byField(e);
            if (!script) {
                return page(id, "entry", form, errors, me, model);
            }
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        WatchLine line = watches.line(id);
        if (!script) {
            onward.addAttribute("area", line.area());
            return "redirect:/round";
        }
        model.addAttribute("w", line);
        model.addAttribute("today", watches.today());
        model.addAttribute("sent", UUID.randomUUID().toString());
        model.addAttribute("typed", errors.isEmpty() ? Map.of() : form);
        model.addAttribute("errors", errors);
        return "watch/parts :: stop(w=${w})";
    }

    @PostMapping("/{id}/entries/{entry}/strike")
    String strike(
            @PathVariable long id,
            @PathVariable long entry,
            @RequestParam String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            watches.strike(id, entry, why, me);
            return "redirect:/watches/" + id + "#entries";
        } catch (RefusedInput e) {
            return page(id, "strike-" + entry, Map.of("why", why), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/{id}/terms")
    String terms(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            entries.change(id, form, me);
            return "redirect:/watches/" + id;
        } catch (RefusedInput e) {
            return page(id, "terms", form, Errors.byField(e), me, model);
        }
    }

    @PostMapping("/{id}/withdrawal")
    String withdraw(
            @PathVariable long id,
            @RequestParam String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            watches.withdraw(id, why, me);
            return "redirect:/watches/" + id;
        } catch (RefusedInput e) {
            return page(id, "end", Map.of("why", why), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/{id}/advice")
    String advise(
            @PathVariable long id,
            @RequestParam String advice,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            watches.advise(id, advice, me);
            return "redirect:/watches/" + id + "#advice";
        } catch (RefusedInput e) {
            return page(id, "advice", Map.of("advice", advice), Errors.byField(e), me, model);
        }
    }

    @PostMapping("/{id}/advice/{advice}")
    String answer(
            @PathVariable long id,
            @PathVariable long advice,
            @RequestParam String answer,
            @RequestParam String on,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            watches.answer(id, advice, answer, on);
            return "redirect:/watches/" + id + "#advice";
        } catch (RefusedInput e) {
            return page(id, "advice-" + advice, Map.of("answer", answer, "on", on), Errors.byField(e), me, model);
        }
    }

    private String page(
            long id, String list, Map<String, String> typed, Map<String, String> errors, Person me, Model model) {
        Watched watched = watches.watched(id);
        LeakWatch w = watched.watch();
        model.addAttribute("watched", watched);
        model.addAttribute("shown", Paged.of(Paged.asked(model), watched.newestFirst()));
        model.addAttribute("watch", w);
        model.addAttribute("list", list);
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        model.addAttribute("terms", list.equals("terms") ? typed : TermsForm.of(w));
        model.addAttribute("sent", typed.getOrDefault("sent", UUID.randomUUID().toString()));
        model.addAttribute("advice", watches.advice(id));
        model.addAttribute("people", people.ofHere());
        model.addAttribute("lines", show.lines(watched.findings()));
        model.addAttribute("sign", show.verdict(watched.findings()));
        model.addAttribute("chart", chart(watched, LeakDrawing.WIDE));
        model.addAttribute("chartNarrow", chart(watched, LeakDrawing.NARROW));
        return "watch/watch";
    }

    private static String chart(Watched watched, double width) {
        return watched.in() == null || watched.result() == null
                ? ""
                : LeakDrawing.of(watched.in(), watched.result(), width, "l" + (int) width + "-");
    }

    @GetMapping("/{id}/chart.pdf")
    ResponseEntity<byte[]> chart(@PathVariable long id, @ModelAttribute(name = "me", binding = false) Person me) {
        Watched watched = watches.watched(id);
        return printing.page(
                "print/watch",
                Map.of(
                        "watched",
                        watched,
                        "watch",
                        watched.watch(),
                        "chart",
                        chart(watched, LeakDrawing.WIDE),
                        "lines",
                        show.lines(watched.findings()),
                        "advice",
                        watches.advice(id),
                        "show",
                        show),
                me.unit(),
                "watch-" + id);
    }

    @GetMapping("/{id}/label.pdf")
    ResponseEntity<byte[]> label(@PathVariable long id) {
        LeakWatch w = watches.watched(id).watch();
        return printing.label(
                w.machineName(),
                List.of(w.positionName(), w.name(), w.kind().words(), "every " + w.everyDays() + " days"),
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/watches/" + id)
                        .toUriString(),
                "watch-" + id);
    }
}
