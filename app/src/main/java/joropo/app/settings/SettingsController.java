package joropo.app.settings;

import java.security.Principal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.access.PeopleService;
import joropo.app.register.RegisterService;
import joropo.app.settings.SettingsService.Kind;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.core.lipseal.Practice;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.readings.Gauge;
import joropo.core.units.Day;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The settings page: one form a list, nothing stored unless all of it can be read. */
@Controller
@RequestMapping("/settings")
class SettingsController {
    private final SettingsService settings;
    private final RegisterService register;
    private final PeopleService people;

    SettingsController(SettingsService settings, RegisterService register, PeopleService people) {
        this.settings = settings;
        this.register = register;
        this.people = people;
    }

    /** Stores one thing, or throws what is wrong with it. */
    @FunctionalInterface
    private interface Store {
        void by(String name, Fields fields, Map<String, String> errors);
    }

    @GetMapping
    String page(Model model) {
        return page("", Map.of(), Map.of(), model);
    }

    @PostMapping("/practice")
    String practice(@RequestParam Practice practice, Principal who) {
        settings.setPractice(practice, who.getName());
        return "redirect:/settings";
    }

    @PostMapping("/signing")
    String signing(@RequestParam boolean asked, Principal who) {
        settings.setPasswordAtSigning(asked, who.getName());
        return "redirect:/settings";
    }

    @PostMapping("/gauges")
    String addGauge(@RequestParam Map<String, String> form, Principal who, Model model) {
        return store("gauges", form, who, model, (by, fields, errors) -> {
            Gauge kind = Arrays.stream(Gauge.values())
                    .filter(g -> g.name().equals(text(form, "kind")))
                    .findFirst()
                    .orElse(null);
            Double u = fields.sizeMm("uncertainty", text(form, "uncertainty"));
            LocalDate due = day("due", text(form, "due"), errors);
            if (errors.isEmpty()) {
                settings.addGauge(text(form, "name"), kind, u, text(form, "certificate"), due, by);
            }
        });
    }

    @PostMapping("/gauges/{id}/renewal")
    String renewGauge(@PathVariable long id, @RequestParam Map<String, String> form, Principal who, Model model) {
        return store("gauge-" + id, form, who, model, (by, fields, errors) -> {
            LocalDate due = day("due", text(form, "due"), errors);
            if (errors.isEmpty()) {
                settings.renewGauge(id, text(form, "certificate"), due, by);
            }
        });
    }

    @PostMapping("/drivers")
    String addDriver(@RequestParam Map<String, String> form, Principal who, Model model) {
        return store("drivers", form, who, model, (by, fields, errors) -> {
            Double outside = fields.sizeMm("outside", text(form, "outside"));
            Long position = text(form, "position").matches("\\d{1,18}") ? Long.valueOf(text(form, "position")) : null;
            if (errors.isEmpty()) {
                settings.addDriver(outside, text(form, "note"), position, by);
            }
        });
    }

    @PostMapping("/fluids")
    String addFluid(@RequestParam Map<String, String> form, Principal who, Model model) {
        return store("fluids", form, who, model, (by, fields, errors) -> {
            String ratings = SettingsService.lipMaterials().stream()
                    .map(Elastomer::code)
                    .filter(m -> text(form, "rate" + m).matches("[1-4]"))
                    .map(m -> m + ":" + text(form, "rate" + m))
                    .collect(Collectors.joining(" "));
            settings.addFluid(
                    new OwnFluid(
                            0,
                            text(form, "code"),
                            text(form, "name"),
                            text(form, "like"),
                            ratings,
                            text(form, "document"),
                            null),
                    by);
        });
    }

    @PostMapping("/materials")
    String addMaterial(@RequestParam Map<String, String> form, Principal who, Model model) {
        return store("materials", form, who, model, (by, fields, errors) -> {
            Double min = fields.celsius("minC", text(form, "minC"));
            Double max = fields.celsius("maxC", text(form, "maxC"));
            if (min == null) {
                errors.putIfAbsent("minC", "This is needed.");
            }
            if (max == null) {
                errors.putIfAbsent("maxC", "This is needed.");
            }
            if (errors.isEmpty()) {
                settings.addMaterial(
                        new OwnMaterial(
                                0,
                                text(form, "code"),
                                text(form, "name"),
                                text(form, "family"),
                                min,
                                max,
                                text(form, "document"),
                                null),
                        by);
            }
        });
    }

    @PostMapping("/{kind}/{id}/withdrawal")
    String withdraw(
            @PathVariable Kind kind, @PathVariable long id, @RequestParam String why, Principal who, Model model) {
        try {
            settings.withdraw(kind, id, why, who.getName());
            return "redirect:/settings";
        } catch (RefusedInput e) {
            return page("withdraw-" + kind + "-" + id, Map.of("why", why), Errors.byField(e), model);
        }
    }

    private String store(String list, Map<String, String> form, Principal who, Model model, Store store) {
        Map<String, String> errors = new LinkedHashMap<>();
        try {
            store.by(
                    who.getName(),
                    new Fields(people.find(who.getName()).orElseThrow().unit(), errors),
                    errors);
        } catch (RefusedInput e) {
            errors.putAll(Errors.byField(e));
        }
        return errors.isEmpty() ? "redirect:/settings#" + list : page(list, form, errors, model);
    }

    /** @param list the form whose texts come back with their errors */
    private String page(String list, Map<String, String> form, Map<String, String> errors, Model model) {
        model.addAttribute("shop", settings.shop());
        model.addAttribute("list", list);
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("gaugeKinds", Gauge.values());
        model.addAttribute("practices", Practice.values());
        model.addAttribute("fluids", Fluid.all());
        model.addAttribute("materials", SettingsService.lipMaterials());
        model.addAttribute(
                "machines",
                register.machines().stream()
                        .collect(Collectors.toMap(
                                m -> m, m -> register.positionsOf(m.id()), (a, b) -> a, LinkedHashMap::new)));
        return "settings/settings";
    }

    private static String text(Map<String, String> form, String name) {
        return form.getOrDefault(name, "").strip();
    }

    private static @Nullable LocalDate day(String field, String text, Map<String, String> errors) {
        try {
            return text.isEmpty() ? null : Day.parse(text);
        } catch (RefusedInput e) {
            errors.put(field, Errors.sentence(e.errors().get(0).message()));
            return null;
        }
    }
}
