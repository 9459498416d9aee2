package joropo.app.check;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.check.OpenJobs.OpenJob;
import joropo.app.check.QuickView.GroupView;
import joropo.app.settings.SettingsService;
import joropo.app.settings.Shop;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.app.ui.FormField;
import joropo.app.ui.NotFound;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.web.util.UriComponentsBuilder;

/** Quick checks: reads what was typed, runs the check, takes it into a job. */
@Service
class QuickService {
    private static final String UNIT = "unit";

    private final List<QuickCheck> checks;
    private final SettingsService settings;
    private final OpenJobs jobs;

    QuickService(List<QuickCheck> checks, SettingsService settings, OpenJobs jobs) {
        this.checks = checks;
        this.settings = settings;
        this.jobs = jobs;
    }

    /** What was typed into a form, read. */
    private record Sheet(
            QuickCheck check,
            Map<String, String> texts,
            LengthUnit unit,
            Map<String, Object> values,
            Map<String, String> errors) {}

    List<QuickForm> forms() {
        return checks.stream().map(QuickCheck::form).toList();
    }

    /** @throws NotFound when there is none of this kind */
    QuickCheck check(String kind) {
        return checks.stream()
                .filter(c -> c.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> new NotFound("check " + kind));
    }

    /** @param texts by field, with {@code unit} as the unit that bare lengths were typed in; empty: an empty form */
    QuickView view(QuickCheck check, Map<String, String> texts, Person person) {
        Shop shop = settings.shop();
        QuickForm kind = check.form();
        Sheet sheet = read(check, texts, person, shop);
        QuickResult result = run(sheet, shop);
        List<GroupView> groups = kind.groups().stream()
                .map(g -> {
                    List<FormField> fields = g.fields().stream()
                            .map(f -> field(f, sheet, shop, person.unit()))
                            .toList();
                    return new GroupView(
                            g.title(),
                            g.folded() && fields.stream().allMatch(f -> f.text().isEmpty() && f.error() == null),
                            fields);
                })
                .toList();
        List<OpenJob> open = result == null || kind.intoJob().isEmpty() || !person.mayWork() ? List.of() : jobs.open();
        return new QuickView(kind, groups, sheet.errors(), result, query(sheet), Examples.query(check.kind()), open);
    }

    /** The result alone; absent when nothing was typed or something is wrong. */
    @Nullable
    QuickResult result(QuickCheck check, Map<String, String> texts, Person person) {
        Shop shop = settings.shop();
        return run(read(check, texts, person, shop), shop);
    }

    private @Nullable QuickResult run(Sheet sheet, Shop shop) {
        if (sheet.values().isEmpty() || !sheet.errors().isEmpty()) {
            return null;
        }
        try {
            return sheet.check().run(new HashMap<>(sheet.values()), shop);
        } catch (RefusedInput e) {
            Errors.byField(e).forEach((field, message) -> sheet.errors()
                    .putIfAbsent(
                            sheet.check().form().fields().anyMatch(f -> f.name().equals(field)) ? field : "", message));
            return null;
        }
    }

    private static Sheet read(QuickCheck check, Map<String, String> texts, Person person, Shop shop) {
        LengthUnit unit = "INCH".equals(texts.get(UNIT))
                ? LengthUnit.INCH
                : "MM".equals(texts.get(UNIT)) ? LengthUnit.MM : person.unit();
        Map<String, Object> values = new LinkedHashMap<>();
        Map<String, String> errors = new LinkedHashMap<>();
        QuickForm kind = check.form();
        boolean typed =
                kind.fields().anyMatch(f -> !texts.getOrDefault(f.name(), "").isBlank());
        kind.fields().forEach(f -> {
            String text = texts.getOrDefault(f.name(), "");
            if (text.isBlank()) {
                if (typed && f.needed()) {
                    errors.put(f.name(), "This is needed.");
                }
                return;
            }
            try {
                values.put(f.name(), FieldReader.read(f, text, unit, shop));
            } catch (RefusedInput e) {
                errors.put(f.name(), Errors.sentence(e.errors().get(0).message()));
            }
        });
        return new Sheet(check, texts, unit, values, errors);
    }

    private static FormField field(Field<?> f, Sheet sheet, Shop shop, LengthUnit shown) {
        String text = sheet.texts().getOrDefault(f.name(), "").strip();
        boolean length = f.kind().isLength();
        String onSheet = text.isEmpty() || !length || sheet.unit() == shown || Length.namesUnit(text)
                ? text
                : text + " " + sheet.unit().symbol();
        Double mm = length ? (Double) sheet.values().get(f.name()) : null;
        return FormField.of(f, onSheet, f.offered(shop, text), sheet.errors().get(f.name()), mm);
    }

    private static String query(Sheet sheet) {
        var link = UriComponentsBuilder.newInstance();
        sheet.check().form().fields().forEach(f -> {
            String text = sheet.texts().getOrDefault(f.name(), "").strip();
            if (!text.isEmpty()) {
                link.queryParam(f.name(), "{" + f.name() + "}");
            }
        });
        return sheet.values().isEmpty()
                ? ""
                : link.queryParam(UNIT, sheet.unit().name())
                        .encode()
                        .buildAndExpand(sheet.texts())
                        .toUriString();
    }

    /** What was typed and what it came to, as a table. */
    String csv(QuickCheck check, Map<String, String> texts, Person person) {
        Shop shop = settings.shop();
        Sheet sheet = read(check, texts, person, shop);
        return QuickCsv.write(check.form(), texts, sheet.unit(), run(sheet, shop));
    }

    /** The query of a check that was kept as a table. @throws RefusedInput when it is none of this check */
    String opened(QuickCheck check, String file, Person person) {
        return query(read(check, QuickCsv.read(check.form(), file), person, settings.shop()));
    }

    /** Fills blank fields of a job with what was typed here. @return the address where the first of them stands */
    String take(QuickCheck check, Map<String, String> texts, String number, Person person) {
        Sheet sheet = read(check, texts, person, settings.shop());
        if (!sheet.errors().isEmpty()) {
            throw new RefusedInput("", "has fields that cannot be read");
        }
        return jobs.fill(number, check.intoJob(sheet.values(), texts), sheet.unit(), person);
    }
}
