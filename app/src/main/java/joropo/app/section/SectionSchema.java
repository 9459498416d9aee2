package joropo.app.section;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoublePredicate;
import java.util.stream.Collectors;
import joropo.core.section.BoreItem;
import joropo.core.section.Joint;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.units.FieldError;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schema of a section, made from the section itself: names and kinds from its records, what is needed and
 * between which ends a figure lies by asking each record what it refuses.
 */
final class SectionSchema {
    private static final Map<Class<?>, String> DEFINED = Map.of(
            Section.class, "section",
            Space.class, "space",
            Joint.class, "joint",
            BoreItem.class, "boreItem",
            ShaftItem.class, "shaftItem");
    /** Figures of which a field that has ends takes one at least. */
    private static final double[] TRIED = {1, 6, 45, 10, 0, 0.05};
    /** What lies beyond is not looked at. */
    private static final double FAR = 1e7;

    private static final int DECIMALS = 6;

    private final JsonMapper json;

    /** @param json that reads sections */
    SectionSchema(JsonMapper json) {
        this.json = json;
    }

    ObjectNode make() {
        ObjectNode out = json.createObjectNode();
        out.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        out.put("title", "Section");
        out.put(
                "description",
                "Half a lengthwise cut through one shaft entry. x in mm from the datum face of the housing, positive "
                        + "into the machine; lists run from outside to inside.");
        out.put("$ref", "#/$defs/section");
        ObjectNode defs = out.putObject("$defs");
        defs.set("section", object(Section.class, Section.class, null));
        defs.set("space", object(Space.class, Space.class, null));
        defs.set("boreItem", oneOf(BoreItem.class, SectionJson.BORE_ITEMS));
        defs.set("shaftItem", oneOf(ShaftItem.class, SectionJson.SHAFT_ITEMS));
        defs.set("joint", object(Joint.class, Joint.class, null));
        return out;
    }

    private ObjectNode oneOf(Class<?> kind, JsonSubTypes types) {
        ObjectNode out = json.createObjectNode();
        ArrayNode all = out.putArray("oneOf");
        for (JsonSubTypes.Type type : types.value()) {
            all.add(object(kind, type.value(), type.name()));
        }
        return out;
    }

    /** @param read as what it is read, @param type that says which of its kind, absent: it is no one of several */
    private ObjectNode object(Class<?> read, Class<?> record, @Nullable String type) {
        ObjectNode bare = json.createObjectNode();
        ObjectNode out = json.createObjectNode();
        out.put("type", "object");
        ObjectNode properties = out.putObject("properties");
        ArrayNode required = out.putArray("required");
        if (type != null) {
            bare.put("type", type);
            properties.putObject("type").put("const", type);
            required.add("type");
        }
        Set<String> needed = refused(read, bare);
        for (RecordComponent c : record.getRecordComponents()) {
            properties.set(c.getName(), value(c.getGenericType(), new Asked(read, bare, c.getName())));
            if (needed.contains(c.getName())) {
                required.add(c.getName());
            }
        }
        out.put("additionalProperties", false);
        return out;
    }

    /** One field of something that is otherwise empty. */
    private record Asked(Class<?> read, ObjectNode bare, String field) {}

    private ObjectNode value(Type type, Asked asked) {
        ObjectNode out = json.createObjectNode();
        if (type instanceof ParameterizedType list) {
            out.put("type", "array");
            out.set("items", value(list.getActualTypeArguments()[0], asked));
        } else if (DEFINED.containsKey(type)) {
            out.put("$ref", "#/$defs/" + DEFINED.get(type));
        } else if (type instanceof Class<?> kind && kind.isEnum()) {
            ArrayNode all = out.putArray("enum");
            Arrays.stream(kind.getEnumConstants()).forEach(e -> all.add(((Enum<?>) e).name()));
            if (takes(asked, asked.bare.deepCopy().put(asked.field, "NONE")) && all.size() == 2) {
                all.add("NONE");
            }
        } else if (type == Double.class) {
            out.put("type", "number");
            ends(asked, out);
        } else if (type == Integer.class) {
            out.put("type", "integer");
        } else if (type == Boolean.class) {
            out.put("type", "boolean");
        } else if (type == String.class) {
            out.put("type", "string");
        } else {
            return object((Class<?>) type, (Class<?>) type, null);
        }
        return out;
    }

    private void ends(Asked asked, ObjectNode out) {
        DoublePredicate taken = mm -> takes(asked, asked.bare.deepCopy().put(asked.field, mm));
        Arrays.stream(TRIED).filter(taken).findFirst().ifPresent(good -> {
            end(taken, good, -FAR, out, "minimum", "exclusiveMinimum");
            end(taken, good, FAR, out, "maximum", "exclusiveMaximum");
        });
    }

    /** Between a figure that is taken and one that is far out: where it ends. */
    private static void end(
            DoublePredicate taken, double good, double far, ObjectNode out, String including, String excluding) {
        if (taken.test(far)) {
            return;
        }
        double in = good;
        double beyond = far;
        while (Math.abs(beyond - in) > Math.pow(10, -DECIMALS - 2)) {
            double middle = (in + beyond) / 2;
            if (taken.test(middle)) {
                in = middle;
            } else {
                beyond = middle;
            }
        }
        BigDecimal end =
                BigDecimal.valueOf(in).setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
        out.put(taken.test(end.doubleValue()) ? including : excluding, end);
    }

    private boolean takes(Asked asked, ObjectNode tree) {
        return !refused(asked.read, tree).contains(asked.field);
    }

    /** Fields that are refused as they stand in this tree. */
    private Set<String> refused(Class<?> read, ObjectNode tree) {
        try {
            json.treeToValue(tree, read);
            return Set.of();
        } catch (JacksonException e) {
            for (Throwable t = e; t != null; t = t.getCause()) {
                if (t instanceof RefusedInput refused) {
                    List<FieldError> errors = refused.errors();
                    return errors.stream().map(FieldError::field).collect(Collectors.toSet());
                }
            }
            return Set.copyOf(tree.propertyNames());
        }
    }
}
