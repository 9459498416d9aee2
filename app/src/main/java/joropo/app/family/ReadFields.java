package joropo.app.family;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Typed texts read into values; what cannot be read is an error at its field and counts as not given. An item of a job
 * reads its own fields by their bare names, whatever tells them apart on the sheet.
 */
public final class ReadFields {
    private final Map<String, Object> values;
    private final Map<String, LengthUnit> units;
    private final Map<String, String> errors;
    private final Set<String> names;
    private final Shop shop;
    private final List<String> prefixes;

    private ReadFields(
            Map<String, Object> values,
            Map<String, LengthUnit> units,
            Map<String, String> errors,
            Set<String> names,
            Shop shop,
            List<String> prefixes) {
        this.values = values;
        this.units = units;
        this.errors = errors;
        this.names = names;
        this.shop = shop;
        this.prefixes = prefixes;
    }

    /**
     * @param fields as they stand on the sheets, @param texts by name of the field; those of no field are left alone
     */
    public static ReadFields of(List<Field<?>> fields, Map<String, Typed> texts, Shop shop) {
        Map<String, Object> values = new HashMap<>();
        Map<String, LengthUnit> units = new HashMap<>();
        Map<String, String> errors = new LinkedHashMap<>();
        for (Field<?> field : fields) {
            Typed typed = texts.getOrDefault(field.name(), Typed.NOTHING);
            if (!typed.isBlank()) {
                try {
                    values.put(field.name(), FieldReader.read(field, typed.text(), unit(typed), shop));
                    units.put(field.name(), unit(typed));
                } catch (RefusedInput e) {
                    errors.put(field.name(), Errors.sentence(e.errors().get(0).message()));
                }
            }
        }
        return new ReadFields(
                values, units, errors, fields.stream().map(Field::name).collect(Collectors.toSet()), shop, List.of());
    }

    private static LengthUnit unit(Typed typed) {
        return typed.unit() == null ? LengthUnit.MM : typed.unit();
    }

    /**
     * As one item of the job reads them.
     *
     * @param ofItem the prefix of its fields on the sheets, empty for the first, @param ofAll that of the first of its
     *     kind, which says what holds for all of them
     */
    public ReadFields under(String ofItem, String ofAll) {
        return new ReadFields(values, units, errors, names, shop, List.of(ofItem, ofAll));
    }

    /** A field's name on the sheets: an item's own bears its prefix, those of the job do not. */
    public String onSheet(String name) {
        return prefixes.stream()
                .map(p -> p + name)
                .filter(names::contains)
                .findFirst()
                .orElse(name);
    }

    /** Fields in which something stands that could be read, as they stand on the sheets. */
    public Set<String> given() {
        return Set.copyOf(values.keySet());
    }

    /** The same with one field counting as not given. @param error said at the field */
    public ReadFields without(String onSheet, String error) {
        Map<String, Object> left = new HashMap<>(values);
        left.remove(onSheet);
        Map<String, String> said = new LinkedHashMap<>(errors);
        said.put(onSheet, error);
        return new ReadFields(left, units, said, names, shop, prefixes);
    }

    /** The same with another word in one of its own fields. @param value as its text would be read */
    public ReadFields with(Field<?> field, Object value) {
        Map<String, Object> more = new HashMap<>(values);
        more.put(onSheet(field.name()), value);
        return new ReadFields(more, units, errors, names, shop, prefixes);
    }

    /** What could not be read, by name of the field on the sheets. */
    public Map<String, String> errors() {
        return Map.copyOf(errors);
    }

    /** Absent where nothing was typed, or nothing that can be read. */
    @SuppressWarnings("unchecked")
    public <T> @Nullable T get(Field<T> field) {
        return (T) values.get(saidAt(field));
    }

    /** The field that says it: its own, of what several share that of the first where its own is empty. */
    private String saidAt(Field<?> field) {
        String own = onSheet(field.name());
        return !field.isShared() || prefixes.isEmpty() || values.containsKey(own)
                ? own
                : prefixes.get(prefixes.size() - 1) + field.name();
    }

    public <T> T get(Field<T> field, T otherwise) {
        T value = get(field);
        return value == null ? otherwise : value;
    }

    /** The unit of the sheet on which it was typed; mm where nothing was. */
    public LengthUnit unit(Field<?> field) {
        return units.getOrDefault(saidAt(field), LengthUnit.MM);
    }

    /** Whether it is ticked, or answered with yes. */
    public boolean is(Field<Boolean> field) {
        return get(field, false);
    }

    /** The gauge a card names; absent when none. */
    public @Nullable ShopGauge gauge(Field<String> field) {
        return shop.gauge(get(field));
    }

    /** The same, or where none is named the one of an earlier card. */
    public @Nullable ShopGauge gauge(Field<String> field, Field<String> before) {
        return get(field) == null ? gauge(before) : gauge(field);
    }

    public Shop shop() {
        return shop;
    }
}
