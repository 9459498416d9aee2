package joropo.app.section;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.SectionPicture;
import joropo.app.print.Printing;
import joropo.app.section.BenchMoves.Asks;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
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

/** Pages of the section bench, the same for a browser with script and without. */
@Controller
@RequestMapping("/sections")
class BenchController {
    private final BenchService bench;
    private final BenchMoves moves;
    private final SectionLibrary shelf;
    private final Printing files;

    BenchController(BenchService bench, BenchMoves moves, SectionLibrary shelf, Printing files) {
        this.bench = bench;
        this.moves = moves;
        this.shelf = shelf;
        this.files = files;
    }

    @GetMapping
    String list(Model model) {
        return list(Map.of(), Map.of(), model);
    }

    @PostMapping("/starts/{start}")
    String begin(@PathVariable String start, @ModelAttribute(name = "me", binding = false) Person me) {
        return "redirect:/sections/" + shelf.begin(start, me);
    }

    @PostMapping("/nothing")
    String beginWith(
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        Map<String, String> errors = new LinkedHashMap<>();
        var fields = new Fields(me.unit(), errors);
        Double shaft = fields.sizeMm("shaft", form.getOrDefault("shaft", ""));
        Double bore = fields.sizeMm("bore", form.getOrDefault("bore", ""));
        Double width = fields.sizeMm("width", form.getOrDefault("width", ""));
        for (String field : new String[] {"shaft", "bore", "width"}) {
            if (form.getOrDefault(field, "").isBlank()) {
                errors.put(field, "This is needed.");
            }
        }
        try {
            if (errors.isEmpty()) {
                return "redirect:/sections/" + shelf.beginWith(form.getOrDefault("name", ""), shaft, bore, width, me)
                        + "?at=b0";
            }
        } catch (RefusedInput e) {
            Errors.byField(e)
                    .forEach((field, message) -> errors.put(field.equals("boreDiameterMm") ? "bore" : field, message));
        }
        return list(form, errors, model);
    }

    @PostMapping("/file")
    String bringIn(
            @RequestParam(defaultValue = "") String text,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            return "redirect:/sections/" + bench.bringIn(text, me);
        } catch (RefusedInput e) {
            var first = e.errors().get(0);
            return list(
                    Map.of("text", text),
                    Map.of(
                            "text",
                            Errors.sentence(
                                    (first.field().isEmpty() ? "this " : first.field() + " ") + first.message())),
                    model);
        }
    }

    @GetMapping("/fitted/{positionId}")
    String fitted(@PathVariable long positionId, Model model) {
        model.addAttribute("f", shelf.fitted(positionId));
        return "section/fitted";
    }

    @PostMapping("/fitted/{positionId}")
    String tryFitted(@PathVariable long positionId, @ModelAttribute(name = "me", binding = false) Person me) {
        return "redirect:/sections/" + shelf.tryFitted(positionId, me);
    }

    @GetMapping("/{id}")
    String section(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String at,
            @RequestParam(defaultValue = "OUTSIDE_LEFT") Orientation view,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        return page(
                moves.page(id, new Asks(at, view, null, null), me),
                htmx ? "section/bench :: work" : "section/bench",
                model);
    }

    /**
     * One move: judged, drawn, stored. While figures are typed the form stays as it is and only what follows from it is
     * sent.
     */
    @PostMapping("/{id}/{move:undo|redo|place|turn|outward|inward|take-out|add|school|figures}")
    String move(
            @PathVariable long id,
            @PathVariable String move,
            @RequestParam Map<String, String> form,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        String run = form.getOrDefault("run", "");
        String seen = form.getOrDefault("seen", "");
        BenchView view = moves.move(
                id,
                move,
                form,
                new Asks(
                        form.get("at") == null ? null : form.get("at") + named(form),
                        view(form.get("view")),
                        seen.matches("\\d{1,15}") ? Long.valueOf(seen) : null,
                        run.matches("[0-9a-z]{1,20}") ? run : null),
                me);
        boolean same = view.at().equals(form.get("at"))
                || !view.part().isEmpty() && view.part().equals(form.get("part"));
        boolean typing = htmx && form.containsKey("typing") && same;
        boolean plain =
                !htmx && view.notice().isEmpty() && view.panel().errors().isEmpty();
        return plain
                ? "redirect:/sections/" + id + "?at=" + view.at() + "&view=" + view.view()
                : page(view, typing ? "section/typed" : htmx ? "section/bench :: work" : "section/bench", model);
    }

    /** The name of the part in hand, which stays the same wherever it moves. */
    private static String named(Map<String, String> form) {
        String part = form.getOrDefault("part", "");
        return part.isEmpty() ? "" : "@" + part;
    }

    @GetMapping("/{id}/against")
    String against(@PathVariable long id, @RequestParam(required = false) @Nullable Long other, Model model) {
        model.addAttribute("c", shelf.against(id, other));
        return "section/against";
    }

    @PostMapping("/{id}/put-away")
    String putAway(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            shelf.putAway(id, why, me);
            return "redirect:/sections";
        } catch (RefusedInput e) {
            model.addAttribute(
                    "awayError",
                    Errors.sentence("the reason " + e.errors().get(0).message()));
            return page(
                    moves.page(id, new Asks(null, Orientation.OUTSIDE_LEFT, null, null), me), "section/bench", model);
        }
    }

    @GetMapping("/{id}/section.json")
    ResponseEntity<byte[]> json(@PathVariable long id) {
        SectionLibrary.File file = shelf.file(id);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.name() + ".json", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.text().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/{id}/section.{format:svg|pdf|dxf}")
    ResponseEntity<byte[]> drawing(
            @PathVariable long id,
            @PathVariable String format,
            @RequestParam(defaultValue = "OUTSIDE_LEFT") Orientation view) {
        SectionLibrary.File file = shelf.file(id);
        return files.section(
                SectionPicture.of(file.section())
                        .with(new DrawingStyle(view.isUpright() ? Paper.WHOLE : Paper.WIDE, view, false, null)),
                Printing.Format.valueOf(format.toUpperCase(Locale.ROOT)),
                file.name(),
                file.place());
    }

    private static Orientation view(@Nullable String text) {
        for (Orientation view : Orientation.values()) {
            if (view.name().equals(text)) {
                return view;
            }
        }
        return Orientation.OUTSIDE_LEFT;
    }

    private String list(Map<String, String> typed, Map<String, String> errors, Model model) {
        model.addAttribute("lines", shelf.own());
        model.addAttribute("starts", shelf.starts());
        model.addAttribute("typed", typed);
        model.addAttribute("errors", errors);
        return "section/list";
    }

    private static String page(BenchView view, String template, Model model) {
        model.addAttribute("view", view);
        return template;
    }
}
