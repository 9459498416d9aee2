package joropo.app.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.check.QuickView.GroupView;
import joropo.app.job.JobLine;
import joropo.app.job.JobService;
import joropo.app.job.Stage;
import joropo.app.settings.SettingsService;
import joropo.app.settings.Shop;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.app.ui.FormField;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
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

    private final QuickRuns runs;
    private final SettingsService settings;
    private final JobService jobs;

    QuickService(QuickRuns runs, SettingsService settings, JobService jobs) {
        this.runs = runs;
        this.settings = settings;
        this.jobs = jobs;
    }

    /** What was typed into a form, read. */
    private record Sheet(
            QuickKind kind,
            Map<String, String> texts,
            LengthUnit unit,
            Map<String, Object> values,
            Map<String, String> errors) {}

    /** @param texts by field, with {@code unit} as the unit that bare lengths were typed in; empty: an empty form */
    QuickView view(QuickKind kind, Map<String, String> texts, Person person) {
        Shop shop = settings.shop();
        Sheet sheet = read(kind, texts, person, shop);
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
        List<JobLine> open =
                result == null || kind.intoJob().isEmpty() || !person.mayWork() ? List.of() : jobs.openJobs();
        return new QuickView(
                kind.path(),
                kind.title(),
                kind.purpose(),
                kind.caution(),
                groups,
                sheet.errors(),
                result,
                query(sheet),
                open);
    }

    /** The result alone; absent when nothing was typed or something is wrong. */
    @Nullable
    QuickResult result(QuickKind kind, Map<String, String> texts, Person person) {
        Shop shop = settings.shop();
        return run(read(kind, texts, person, shop), shop);
    }

    private @Nullable QuickResult run(Sheet sheet, Shop shop) {
        if (sheet.values().isEmpty() || !sheet.errors().isEmpty()) {
            return null;
        }
        try {
            return runs.run(sheet.kind(), sheet.values(), shop);
        } catch (RefusedInput e) {
            Errors.byField(e).forEach((field, message) -> sheet.errors()
                    .putIfAbsent(sheet.kind().fields().anyMatch(f -> f.name().equals(field)) ? field : "", message));
            return null;
        }
    }

    private static Sheet read(QuickKind kind, Map<String, String> texts, Person person, Shop shop) {
        LengthUnit unit = "INCH".equals(texts.get(UNIT))
                ? LengthUnit.INCH
                : "MM".equals(texts.get(UNIT)) ? LengthUnit.MM : person.unit();
        Map<String, Object> values = new LinkedHashMap<>();
        Map<String, String> errors = new LinkedHashMap<>();
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
                Object value = FieldReader.read(f, text, unit, shop);
                values.put(f.name(), f.isYesNo() ? value.equals("YES") : value);
            } catch (RefusedInput e) {
                errors.put(f.name(), Errors.sentence(e.errors().get(0).message()));
            }
        });
        return new Sheet(kind, texts, unit, values, errors);
    }

    private static FormField field(Field f, Sheet sheet, Shop shop, LengthUnit shown) {
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
        sheet.kind().fields().forEach(f -> {
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

    /** Fills blank fields of a job with what was typed here. @return the stage where the first of them stands */
    Stage take(QuickKind kind, Map<String, String> texts, String number, Person person) {
        Sheet sheet = read(kind, texts, person, settings.shop());
        if (!sheet.errors().isEmpty()) {
            throw new RefusedInput("", "has fields that cannot be read");
        }
        Map<String, String> fill = new LinkedHashMap<>();
        boolean bore = "BORE".equals(sheet.values().get("part"));
        kind.intoJob().forEach((own, field) -> {
            if (sheet.values().containsKey(own)) {
                fill.put(
                        bore ? field.replace("shaft", "bore") : field,
                        texts.get(own).strip());
            }
        });
        List<String> size = new ArrayList<>();
        for (String part : List.of("shaftNominalMm", "boreNominalMm", "widthMm")) {
            if (sheet.values().get(part) instanceof Double mm) {
                size.add(Length.show(mm, 3));
            }
        }
        if (size.size() == 3) {
            SealSize seal = SealSize.parse(String.join("x", size), LengthUnit.MM);
            fill.put("size", seal.words() + (seal.system() == SealSystem.METRIC ? " mm" : ""));
        }
        return jobs.fill(number, fill, sheet.unit(), person);
    }
}
