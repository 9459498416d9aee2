package joropo.app.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import joropo.app.check.JsonRules;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.BoreItem;
import joropo.core.section.Joint;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A section as JSON: written and read again it is the same, the schema names all of it, and what is broken is refused.
 */
class SectionJsonTest {
    private static final JsonMapper JSON = mapper();
    private static final int BROKEN = 10_000;

    private final Random random = new Random(1963);

    private static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        new JsonRules().strictJson().customize(builder);
        new SectionJson().sectionItems().customize(builder);
        return builder.build();
    }

    private static ObjectNode example() throws Exception {
        return (ObjectNode) JSON.readTree(Files.readString(Path.of("src/test/resources/section-example.json")));
    }

    @Test
    void writtenAndReadAgainItIsTheSame() throws Exception {
        Section section = JSON.treeToValue(example(), Section.class);
        String written = JSON.writeValueAsString(section);
        assertThat(JSON.readValue(written, Section.class)).isEqualTo(section);
        assertThat(JSON.writeValueAsString(JSON.readValue(written, Section.class)))
                .isEqualTo(written);
        assertThat(written).contains("\"type\":\"SEAL\"");
    }

    private static Set<String> names(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .map(RecordComponent::getName)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> properties(JsonNode schema) {
        var out = new TreeSet<>(schema.get("properties").propertyNames());
        out.remove("type");
        return out;
    }

    @Test
    void theSchemaNamesEveryPropertyOfEveryType() throws Exception {
        JsonNode defs = new SectionSchema(JSON).make().get("$defs");
        assertThat(properties(defs.get("section"))).isEqualTo(names(Section.class));
        assertThat(properties(defs.get("space"))).isEqualTo(names(Space.class));
        assertThat(properties(defs.get("joint"))).isEqualTo(names(Joint.class));
        for (var kind : List.of(BoreItem.class, ShaftItem.class)) {
            List<Class<?>> records = Arrays.stream(kind.getDeclaredClasses())
                    .filter(Class::isRecord)
                    .collect(Collectors.toList());
            JsonNode types =
                    defs.get(kind == BoreItem.class ? "boreItem" : "shaftItem").get("oneOf");
            assertThat(types.size()).isEqualTo(records.size());
            for (Class<?> record : records) {
                String type = record.getSimpleName()
                        .replaceAll("(?<!^)([A-Z])", "_$1")
                        .toUpperCase();
                JsonNode schema = types.valueStream()
                        .filter(t -> t.at("/properties/type/const").asString().equals(type))
                        .findFirst()
                        .orElseThrow(() -> new AssertionError("no " + type));
                assertThat(properties(schema)).as(type).isEqualTo(names(record));
            }
        }
    }

    /** What the schema says is what is refused: it was made by asking. */
    @Test
    void theSchemaSaysBetweenWhichEndsAFigureLies() {
        JsonNode schema = new SectionSchema(JSON).make();
        JsonNode seal = schema.at("/$defs/boreItem/oneOf/0");
        assertThat(seal.at("/properties/widthMm/exclusiveMinimum").asDouble()).isZero();
        assertThat(seal.at("/properties/widthMm/maximum").asDouble()).isEqualTo(5000);
        assertThat(seal.at("/properties/fromMm/minimum").asDouble()).isEqualTo(-5000);
        assertThat(seal.at("/properties/dustLip/enum")).hasSize(3);
        assertThat(seal.get("required"))
                .extracting(JsonNode::asString)
                .containsExactly("type", "id", "fromMm", "widthMm", "outsideDiameterMm", "mainLip");
        assertThat(schema.at("/$defs/space/properties/pressureMpa/minimum").asDouble())
                .isEqualTo(-0.1);
        assertThat(schema.at("/$defs/section/required"))
                .extracting(JsonNode::asString)
                .containsExactly("spaces", "boreItems");
    }

    /**
     * One thing broken anywhere: a needed field gone, a wrong kind of value, an impossible one, a name that is not
     * known.
     */
    @Test
    void tenThousandBrokenSectionsAreEachRefused() throws Exception {
        ObjectNode whole = example();
        LipSealRules.section(JSON.treeToValue(whole, Section.class));
        for (int n = 0; n < BROKEN; n++) {
            ObjectNode broken = whole.deepCopy();
            String how = breakSomething(broken);
            assertThatThrownBy(() -> JSON.treeToValue(broken, Section.class))
                    .as(how)
                    .isInstanceOf(JacksonException.class)
                    .satisfies(e -> assertThat(e.getMessage()).isNotBlank());
        }
    }

    private String breakSomething(ObjectNode root) {
        List<ObjectNode> objects = new ArrayList<>(List.of(root));
        root.forEach(child -> {
            if (child instanceof ArrayNode array) {
                array.forEach(item -> objects.add((ObjectNode) item));
            }
        });
        ObjectNode at = objects.get(random.nextInt(objects.size()));
        List<String> names = List.copyOf(at.propertyNames());
        String name = names.get(random.nextInt(names.size()));
        JsonNode old = at.get(name);
        switch (random.nextInt(4)) {
            case 0 -> at.put("unknown" + random.nextInt(1000), random.nextInt());
            case 1 -> {
                if (old.isNumber()) {
                    at.put(name, random.nextBoolean() ? 1e9 : -1e9);
                } else if (old.isArray()) {
                    at.put(name, "none");
                } else {
                    at.set(name, JSON.createArrayNode().add(1));
                }
            }
            case 2 -> {
                if (old.isString()) {
                    at.put(name, random.nextInt());
                } else {
                    at.put(name, "not this");
                }
            }
            default -> {
                root.withArray("/spaces").add(JSON.createObjectNode().put("medium", "AIR"));
                return "a space too many";
            }
        }
        return name + " of " + at;
    }
}
