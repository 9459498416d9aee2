package joropo.app.section;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.app.ui.FormField;
import joropo.core.section.Section;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is in hand as a form: its figures as texts, and texts read back into the section. What was not touched keeps its
 * figure to the last digit.
 */
final class PartForm {
    private static final int MM_DECIMALS = 3;
    private static final int INCH_DECIMALS = 4;
    private static final String BETWEEN = "between";
    private static final String MEDIUM = "medium";
    private static final String ASSUMED = "mediumAssumed";

    private final ItemRef key;
    private final Section section;
    private final ObjectNode tree;
    private final PartFields.Fields fields;
    private final LengthUnit unit;

    PartForm(ItemRef key, Section section, SectionText json, LengthUnit unit) {
        this.key = key;
        this.section = section;
        this.tree = json.tree(section);
        this.fields = PartFields.inHand(key, section);
        this.unit = unit;
    }

    private ObjectNode item(ObjectNode of) {
        return key.list() == 'e' ? of : (ObjectNode) ((ArrayNode) of.get(key.property())).get(key.index());
    }

    /**
     * Fields that always show. @param typed texts to show in place of the figures, with their errors; empty: the
     * figures
     */
    List<FormField> shown(Map<String, String> typed, Map<String, String> errors) {
        return views(fields.all().subList(0, fields.all().size() - fields.folded()), typed, errors);
    }

    List<FormField> folded(Map<String, String> typed, Map<String, String> errors) {
        return views(
                fields.all()
                        .subList(
                                fields.all().size() - fields.folded(),
                                fields.all().size()),
                typed,
                errors);
    }

    private List<FormField> views(List<Field<?>> some, Map<String, String> typed, Map<String, String> errors) {
        return some.stream()
                .map(f -> {
                    String text = typed.getOrDefault(f.name(), text(f));
                    JsonNode value = value(f);
                    Double mm = f.kind().isLength() && value != null && !typed.containsKey(f.name())
                            ? Double.valueOf(value.asDouble())
                            : null;
                    return FormField.of(f, text, f.offered(Field.ShopLists.NONE, text), errors.get(f.name()), mm);
                })
                .toList();
    }

    private @Nullable JsonNode value(Field<?> f) {
        return f.name().startsWith(BETWEEN)
                ? item(tree).get(BETWEEN).get(f.name().charAt(BETWEEN.length()) - '0')
                : item(tree).get(f.name());
    }

    private String text(Field<?> f) {
        JsonNode value = value(f);
        if (value == null || value.isNull() || isAssumed(f)) {
            return "";
        } else if (value.isBoolean()) {
            return value.asBoolean() ? "YES" : "NO";
        } else if (!value.isNumber()) {
            return value.asString();
        }
        boolean inch = f.kind().isLength() && unit == LengthUnit.INCH;
        return plain(
                inch ? value.asDouble() / Length.MM_PER_INCH : value.asDouble(), inch ? INCH_DECIMALS : MM_DECIMALS);
    }

    /** Whether it is the medium of a space of which nobody has said what lies there. */
    private boolean isAssumed(Field<?> f) {
        return f.name().equals(MEDIUM) && item(tree).path(ASSUMED).asBoolean(false);
    }

    private static String plain(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** The section with the posted texts in it. @throws RefusedInput naming each field that cannot be read or judged */
    Section read(Map<String, String> posted, SectionText json) {
        Map<String, String> errors = new LinkedHashMap<>();
        ObjectNode changed = tree.deepCopy();
        ObjectNode item = item(changed);
        for (Field<?> f : fields.all()) {
            String text = posted.getOrDefault(f.name(), text(f)).strip();
            if (text.equals(text(f))) {
                continue;
            }
            try {
                put(item, f, text);
            } catch (RefusedInput e) {
                errors.put(f.name(), e.errors().get(0).message());
            }
        }
        if (!errors.isEmpty()) {
            throw new RefusedInput(errors.entrySet().stream()
                    .map(e -> new FieldError(e.getKey(), e.getValue()))
                    .toList());
        }
        return json.read(changed);
    }

    private void put(ObjectNode item, Field<?> f, String text) {
        if (text.isEmpty()) {
            if (f.needed()) {
                throw new RefusedInput("", "is needed");
            }
            item.remove(f.name());
            return;
        }
        Object value = FieldReader.read(f, text, unit, Field.ShopLists.NONE);
        if (f.name().startsWith(BETWEEN)) {
            ((ArrayNode) item.get(BETWEEN)).set(f.name().charAt(BETWEEN.length()) - '0', Integer.parseInt(text));
        } else if (value instanceof Boolean yes) {
            item.put(f.name(), yes);
        } else if (f.name().equals("rings")) {
            item.put(f.name(), ((Double) value).intValue());
        } else if (value instanceof Double number) {
            item.put(f.name(), number);
        } else {
            item.put(f.name(), value instanceof Enum<?> one ? one.name() : (String) value);
            if (f.name().equals(MEDIUM)) {
                item.remove(ASSUMED);
            }
        }
    }

    /** Errors at the fields of this form; what is wrong elsewhere stands under no name. */
    Map<String, String> errors(RefusedInput refused) {
        Map<String, String> out = new LinkedHashMap<>();
        Errors.byField(refused).forEach((field, message) -> {
            String own = field.equals("boreItems") && message.contains("id twice")
                    ? "id"
                    : field.startsWith(BETWEEN) ? BETWEEN + "1" : field;
            out.putIfAbsent(
                    fields.all().stream().anyMatch(f -> f.name().equals(own)) ? own : "",
                    own.equals("id") ? "Another part has this name." : message);
        });
        return out;
    }
}
