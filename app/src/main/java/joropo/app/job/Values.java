package joropo.app.job;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.core.material.Materials;
import joropo.core.sizes.SealSize;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/** Typed texts of all stages read into values; what cannot be read is an error at its field and counts as not given. */
final class Values {
    private final Map<String, Object> values = new HashMap<>();
    private final Map<String, String> errors = new LinkedHashMap<>();

    private final Shop shop;

    private Values(Shop shop) {
        this.shop = shop;
    }

    static Values read(Map<Stage, Map<String, Typed>> texts, Shop shop) {
        var out = new Values(shop);
        for (Stage stage : Stage.values()) {
            Map<String, Typed> sheet = texts.getOrDefault(stage, Map.of());
            SheetFields.fields(stage).forEach(f -> out.readField(f, sheet.getOrDefault(f.name(), Typed.NOTHING)));
        }
        return out;
    }

    Map<String, String> errors() {
        return errors;
    }

    /** Puts an error at a field, for rules that look at more than one. */
    void refuse(String field, String message) {
        errors.putIfAbsent(field, Errors.sentence(message));
    }

    @Nullable
    Double number(String field) {
        return (Double) values.get(field);
    }

    @Nullable
    String text(String field) {
        return (String) values.get(field);
    }

    boolean ticked(String field) {
        return values.get(field) != null;
    }

    <E extends Enum<E>> @Nullable E choice(String field, Class<E> kind) {
        String name = text(field);
        return name == null ? null : Enum.valueOf(kind, name);
    }

    @Nullable
    SealSize size(String field) {
        return (SealSize) values.get(field);
    }

    /** The gauge a card names; absent when none. */
    @Nullable
    ShopGauge gauge(String field) {
        return shop.gauge(text(field));
    }

    /** Yes, no, or nothing said. */
    @Nullable
    Boolean yes(String field) {
        String text = text(field);
        return text == null ? null : Boolean.valueOf(text.equals("YES"));
    }

    Shop shop() {
        return shop;
    }

    /** Seal materials and fluids that may be taken, and those that this job names. */
    Materials seals() {
        return shop.seals(text("material"), text("fluid"));
    }

    private void readField(Field field, Typed typed) {
        if (typed.isBlank()) {
            return;
        }
        try {
            values.put(
                    field.name(),
                    FieldReader.read(field, typed.text(), typed.unit() == null ? LengthUnit.MM : typed.unit(), shop));
        } catch (RefusedInput e) {
            errors.put(field.name(), Errors.sentence(e.errors().get(0).message()));
        }
    }
}
