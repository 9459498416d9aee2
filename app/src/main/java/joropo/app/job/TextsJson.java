package joropo.app.job;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import joropo.app.family.Typed;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Texts and snapshots as JSON with sorted keys, so that the same content always gives the same bytes. */
@Component
class TextsJson {
    /** Version of the stored form; a later one has to be able to read this one. */
    static final int SCHEMA_VERSION = 2;

    private static final TypeReference<Map<String, Typed>> TEXTS = new TypeReference<>() {};

    private static final TypeReference<Map<String, String>> PLAIN = new TypeReference<>() {};

    private final JsonMapper json = JsonMapper.builder()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .build();

    Map<String, Typed> read(String text) {
        return current(json.readValue(text, TEXTS));
    }

    /** Version 1 knew a dust lip and no layout. */
    private static Map<String, Typed> current(Map<String, Typed> texts) {
        Typed dustLip = texts.remove("dustLip");
        if (dustLip != null
                && !dustLip.isBlank()
                && texts.getOrDefault("layout", Typed.NOTHING).isBlank()) {
            texts.put(
                    "layout",
                    new Typed(dustLip.text().equals("NONE") ? "PLAIN" : "DUST_LIP", dustLip.unit(), List.of()));
        }
        return texts;
    }

    String write(Map<String, Typed> texts) {
        return json.writeValueAsString(new TreeMap<>(texts));
    }

    /** Plain texts by name. */
    Map<String, String> readPlain(@Nullable String text) {
        return text == null ? Map.of() : json.readValue(text, PLAIN);
    }

    String writePlain(Map<String, String> texts) {
        return json.writeValueAsString(new TreeMap<>(texts));
    }

    Snapshot readSnapshot(String text) {
        return json.readValue(text, Snapshot.class);
    }

    String writeSnapshot(Snapshot snapshot) {
        return json.writeValueAsString(snapshot);
    }
}
