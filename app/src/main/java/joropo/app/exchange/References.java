package joropo.app.exchange;

import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.app.database.NotDone;
import joropo.app.family.CommonFields;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What people, lots and gauges of a file are called here. Each is mapped once, where the file names such a thing and
 * nowhere else, so that a text that happens to read like one stays as it is.
 */
final class References {
    /** What a gauge is called on a sheet that the file does not tell of: nothing is, here or anywhere. */
    private static final String NO_GAUGE = "own-0";

    private final Map<String, String> people = new HashMap<>();
    private final Map<String, String> lots = new HashMap<>();
    private final Map<String, String> gauges = new HashMap<>();
    private final Set<Long> ofHere = new HashSet<>();
    private Map<String, Long> peopleHere = Map.of();
    private Map<String, Long> lotsHere = Map.of();
    private Names names = new Names("", Map.of(), Map.of());

    /** What things are called here, after some were added. */
    void now(Names all) {
        names = all;
        peopleHere = byName(all.people());
        lotsHere = byName(all.lots());
    }

    private static Map<String, Long> byName(Map<Long, String> names) {
        return names.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));
    }

    Names names() {
        return names;
    }

    /** @param isOfHere whether it is somebody who signs in here */
    void person(String ofFile, long here, boolean isOfHere) {
        people.put(ofFile, Objects.requireNonNull(names.people().get(here)));
        if (isOfHere) {
            ofHere.add(here);
        }
    }

    void lot(String ofFile, long here) {
        lots.put(ofFile, Objects.requireNonNull(names.lots().get(here)));
    }

    void gauge(long ofFile, long here) {
        gauges.put("own-" + ofFile, "own-" + here);
    }

    boolean isOfHere(@Nullable Object person) {
        return person instanceof Long id && ofHere.contains(id);
    }

    /** The number of somebody who is named as they are called here. */
    long person(JsonNode of, String field) throws NotDone {
        return Objects.requireNonNull(peopleHere.get(Incoming.text(of, field)));
    }

    private String personHere(String ofFile) throws NotDone {
        String here = people.get(ofFile);
        if (here == null) {
            throw new NotDone("nobody is called " + ofFile + " in this file, or they could not be taken");
        }
        return here;
    }

    /** The number here of a lot that the file names, absent: it could not be taken. */
    @Nullable
    Long lotOfFile(String key) {
        return lotsHere.get(lots.get(key));
    }

    /** Rows of a table as they are called here. */
    void map(OwnedRows of, JsonNode lines) throws IOException {
        for (JsonNode line : lines) {
            for (OwnedRows.Column column : of.columns()) {
                JsonNode node = line.path(column.field());
                if (!node.isNull() && !node.isMissingNode()) {
                    map((ObjectNode) line, column, node);
                }
            }
        }
    }

    private void map(ObjectNode line, OwnedRows.Column column, JsonNode node) throws IOException {
        switch (column.meant()) {
            case PERSON -> line.put(column.field(), personHere(node.asString()));
            case LOT -> {
                String lot = lots.get(node.asString());
                if (lot == null) {
                    throw new NotDone("its lot " + node.asString() + " is missing");
                }
                line.put(column.field(), lot);
            }
            case SHEET -> line.put(column.field(), sheet(node.asString()));
            case ITSELF, PART, NOTE -> {
                // said the same here
            }
        }
    }

    /** Somebody who is named in a field of its own. */
    void mapPerson(JsonNode of, String field) throws NotDone {
        ((ObjectNode) of).put(field, personHere(Incoming.text(of, field)));
    }

    /** The same in each of a list. */
    void mapPeople(JsonNode list) throws NotDone {
        for (JsonNode of : list) {
            mapPerson(of, "person");
        }
    }

    /** What was typed on a sheet, with its gauges as they are called here. */
    private String sheet(String texts) {
        JsonNode sheet = ShopOut.JSON.readTree(texts);
        boolean changed = false;
        for (var field : sheet.properties()) {
            if (CommonFields.isGauge(field.getKey())) {
                changed |= gauge(field.getValue());
                for (JsonNode struck : field.getValue().path("struck")) {
                    changed |= gauge(struck);
                }
            }
        }
        return changed ? ShopOut.JSON.writeValueAsString(sheet) : texts;
    }

    private boolean gauge(JsonNode typed) {
        String text = typed.path("text").asString("");
        if (!text.matches("own-\\d+") || text.equals(gauges.get(text))) {
            return false;
        }
        ((ObjectNode) typed).put("text", gauges.getOrDefault(text, NO_GAUGE));
        return true;
    }

    /** Values of a row as this database has them. @param within what else of its job it names, by place */
    @Nullable
    Object meant(OwnedRows.Column column, JsonNode line, Within within) throws NotDone {
        JsonNode node = line.path(column.field());
        if (node.isNull() || node.isMissingNode()) {
            return null;
        }
        return switch (column.meant()) {
            case ITSELF, SHEET -> Rows.value(node);
            case PERSON -> peopleHere.get(node.asString());
            case LOT -> lotsHere.get(node.asString());
            case PART -> within.part(node.asLong(0));
            case NOTE -> PhotoOfPart.named(node.asString(), within.photos());
        };
    }

    /** Numbers here of parts and photos of a job by their place in it, from 1. */
    record Within(Map<Long, Long> parts, Map<Long, Long> photos) {
        Within() {
            this(new HashMap<>(), new HashMap<>());
        }

        private long part(long place) throws NotDone {
            Long part = parts.get(place);
            if (part == null) {
                throw new NotDone("a part it names is missing");
            }
            return part;
        }
    }
}
