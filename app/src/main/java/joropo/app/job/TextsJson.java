package joropo.app.job;

import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Texts and snapshots as JSON with sorted keys, so that the same content always gives the same bytes. */
@Component
class TextsJson {
    /** Version of the stored form; a later one has to be able to read this one. */
    static final int SCHEMA_VERSION = 1;
    private static final TypeReference<Map<String, Typed>> TEXTS = new TypeReference<>() { };

    private final JsonMapper json = JsonMapper.builder().enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY).build();

    Map<String, Typed> read(String text) {
        return json.readValue(text, TEXTS);
    }

    String write(Map<String, Typed> texts) {
        return json.writeValueAsString(new TreeMap<>(texts));
    }

    Snapshot readSnapshot(String text) {
        return json.readValue(text, Snapshot.class);
    }

    String writeSnapshot(Snapshot snapshot) {
        return json.writeValueAsString(snapshot);
    }
}
