package joropo.app.store;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.print.Printing;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Errors;
import joropo.app.ui.Paged;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Elastomer;
import joropo.core.units.Day;
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
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Pages of the store. */
@Controller
@RequestMapping("/store")
class StoreController {
    private final Printing printing;
    private final StoreService store;
    private final StoreCsv csv;
    private final SettingsService settings;
    private final StoreImports imports;

    StoreController(
            StoreService store, StoreCsv csv, SettingsService settings, StoreImports imports, Printing printing) {
        this.printing = printing;
        this.imports = imports;
        this.store = store;
        this.csv = csv;
        this.settings = settings;
    }

    @GetMapping
    String page(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) @Nullable Long another,
            @RequestParam(defaultValue = "false") boolean like,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        if (another == null) {
            return page(q, "", Map.of(), Map.of(), model);
        }
        Lot last = store.lot(another).lot();
        model.addAttribute("received", last);
        return page(q, "receive", like ? LotReader.like(last) : LotReader.beside(last), Map.of(), model);
    }

    @PostMapping
    String receive(
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            return "redirect:/store?another=" + store.receive(form, me.unit(), me) + "#receive";
        } catch (RefusedInput e) {
            return page("", "receive", form, Errors.byField(e), model);
        }
    }

    @GetMapping("/{id:\\d+}")
    String lot(@PathVariable long id, Model model) {
        return lotPage(id, LotReader.texts(store.lot(id).lot()), Map.of(), model);
    }

    /** What was written wrong of a lot is written anew, with its reason. */
    @PostMapping("/{id:\\d+}/correction")
    String correct(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            return "redirect:/store/" + store.correct(id, form, me.unit(), me);
        } catch (RefusedInput e) {
            model.addAttribute("correcting", true);
            return lotPage(id, form, Errors.byField(e), model);
        }
    }

    @GetMapping("/{id:\\d+}/label.pdf")
    ResponseEntity<byte[]> label(@PathVariable long id) {
        StoreService.Shelved shelved = store.lot(id);
        Lot lot = shelved.lot();
        return printing.label(
                lot.words(),
                List.of(
                        "batch " + lot.batch(),
                        lot.cured() == null ? "" : "cured " + lot.cured(),
                        shelved.life().useBy() == null
                                ? ""
                                : "use by " + Day.words(shelved.life().useBy()),
                        "received " + Day.words(lot.receivedOn()),
                        "place " + lot.place()),
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/store/" + id)
                        .toUriString(),
                "lot-" + id);
    }

    @PostMapping("/{id:\\d+}/{kind:issued|returned|counted|scrapped}")
    String move(
            @PathVariable long id,
            @PathVariable String kind,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "") String why,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            store.move(
                    id,
                    Movement.Kind.valueOf(kind.toUpperCase(Locale.ROOT)),
                    count.strip().matches("\\d{1,6}") ? Integer.parseInt(count.strip()) : -1,
                    why,
                    null,
                    me);
            return "redirect:/store/" + id;
        } catch (RefusedInput e) {
            Map<String, String> errors = new HashMap<>();
            Errors.byField(e)
                    .forEach((field, message) ->
                            errors.put(kind + "-" + (field.equals("lot") ? "why" : field), message));
            return lotPage(id, Map.of(kind + "-count", count, kind + "-why", why), errors, model);
        }
    }

    @PostMapping("/{id:\\d+}/extension")
    String extend(
            @PathVariable long id,
            @RequestParam String inspection,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            store.extend(id, inspection, me);
            return "redirect:/store/" + id;
        } catch (RefusedInput e) {
            return lotPage(id, Map.of("inspection", inspection), Errors.byField(e), model);
        }
    }

    @GetMapping("/lots.csv")
    ResponseEntity<String> export() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("lots.csv")
                                .build()
                                .toString())
                .body(csv.write());
    }

    /** First what the file would bring; then, on the same text, all of it. */
    @PostMapping("/import")
    String bringIn(
            @RequestParam(name = "csv") String text,
            @RequestParam(defaultValue = "false") boolean take,
            @ModelAttribute(name = "me", binding = false) Person me,
            Model model) {
        try {
            StoreCsv.DryRun dry = csv.dryRun(text);
            if (take && dry.isClean()) {
                return "redirect:/store/import/" + csv.take(text, me);
            }
            model.addAttribute("dry", dry);
            return "store/dry-run";
        } catch (RefusedInput e) {
            return page("", "import", Map.of("csv", text), Errors.byField(e), model);
        }
    }

    /** How an import goes, and how it ended. */
    @GetMapping("/import/{id:\\d+}")
    String progress(
            @PathVariable long id,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model) {
        model.addAttribute("progress", imports.progress(id));
        return htmx ? "store/import :: progress" : "store/import";
    }

    @PostMapping("/import/{id:\\d+}/stop")
    String stop(@PathVariable long id) {
        imports.stop(id);
        return "redirect:/store/import/" + id;
    }

    private String page(String q, String list, Map<String, String> form, Map<String, String> errors, Model model) {
        String asked = q.strip().toLowerCase(Locale.ROOT);
        List<StoreService.Shelved> all = store.lots();
        model.addAttribute("all", all.size());
        model.addAttribute("q", q.strip());
        model.addAttribute(
                "lots",
                Paged.of(
                        Paged.asked(model),
                        all.stream()
                                .filter(s -> asked.isEmpty()
                                        || (s.lot().words() + " "
                                                        + s.lot().kind().words() + " "
                                                        + s.lot().batch() + " "
                                                        + s.lot().place())
                                                .toLowerCase(Locale.ROOT)
                                                .contains(asked))
                                .toList()));
        model.addAttribute("due", Paged.of(1, store.due()));
        model.addAttribute("list", list);
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        choices(model);
        return "store/store";
    }

    private void choices(Model model) {
        model.addAttribute("kinds", PartKind.values());
        model.addAttribute(
                "materials",
                Stream.concat(
                                settings.shop().materials().stream()
                                        .filter(m -> m.withdrawnWhy() == null)
                                        .map(m -> m.code()),
                                Elastomer.all().stream().map(Elastomer::code))
                        .toList());
    }

    private String lotPage(long id, Map<String, String> form, Map<String, String> errors, Model model) {
        model.addAttribute("shelved", store.lot(id));
        choices(model);
        model.addAttribute("movements", store.movements(id));
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        return "store/lot";
    }
}
