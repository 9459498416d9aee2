package joropo.app.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.Space;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What of a section is arranged otherwise than it follows, figure by figure: a text such as {@code [10.5,11.5]} under
 * {@code h1-fromMm}, what it was before and what it is since. One whose figure follows otherwise by now counts no more.
 */
public final class SectionChanges {
    /** Before the names of parts that a section alone has. */
    private static final String ADDED = "n";

    private static final String TYPE = "type";
    private static final String ID = "id";
    private static final String ENTRY = "entry";
    private static final String OUTSIDE = "outside";
    private static final String INSIDE = "inside";
    private static final String BEHIND = "behind-";
    private static final Set<String> LISTS =
            Set.of("spaces", "boreItems", "shaftItems", "joints", "clockMarks", "asFound", "name");
    /** Figures nearer than this are the same (mm). */
    private static final double SAME = 1e-6;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final SectionText text;

    SectionChanges(SectionText text) {
        this.text = text;
    }

    /** Where a part stands in a section: the list that holds it, absent for the entry, and its figures. */
    private record Held(@Nullable String list, ObjectNode figures) {
        /** Its type, of joints and clock marks that of their list; absent for what is always there. */
        @Nullable
        String type() {
            return list == null || list.equals("spaces")
                    ? null
                    : figures.path(TYPE).asString(list);
        }
    }

    /** One figure, before and since. */
    private record Change(@Nullable JsonNode was, @Nullable JsonNode is) {}

    /** What one section has otherwise than another. @return texts by name */
    public Map<String, String> between(Section from, Section to) {
        Map<String, Held> before = parts(text.tree(from));
        Map<String, Held> since = parts(text.tree(to));
        Map<String, String> out = new LinkedHashMap<>();
        before.forEach((key, part) -> {
            if (!since.containsKey(key) && part.type() != null) {
                put(out, key, TYPE, JSON.valueToTree(part.type()), null);
            }
        });
        since.forEach((key, part) -> {
            Held old = before.get(key);
            if (old == null && part.type() != null) {
                put(out, key, TYPE, null, JSON.valueToTree(part.type()));
            }
            Map<String, JsonNode> were = old == null ? Map.of() : figures(old.figures());
            Map<String, JsonNode> are = figures(part.figures());
            were.forEach((name, was) -> {
                if (!are.containsKey(name)) {
                    put(out, key, name, was, null);
                }
            });
            are.forEach((name, is) -> {
                if (!same(were.get(name), is)) {
                    put(out, key, name, were.get(name), is);
                }
            });
        });
        return out;
    }

    private static void put(
            Map<String, String> out, String key, String name, @Nullable JsonNode was, @Nullable JsonNode is) {
        ArrayNode pair = JSON.createArrayNode();
        pair.add(was == null ? JSON.nullNode() : was);
        pair.add(is == null ? JSON.nullNode() : is);
        out.put(key + "-" + name, pair.toString());
    }

    /**
     * A section with these on it, as far as they still meet what they changed. What makes no section any more is left
     * out, part by part.
     */
    public Section on(Section base, Map<String, String> changes) {
        Map<String, Map<String, Change>> byPart = new LinkedHashMap<>();
        changes.forEach((name, pair) -> {
            int cut = name.lastIndexOf('-');
            Change change = read(pair);
            if (cut > 0 && change != null) {
                byPart.computeIfAbsent(name.substring(0, cut), k -> new LinkedHashMap<>())
                        .put(name.substring(cut + 1), change);
            }
        });
        if (byPart.isEmpty()) {
            return base;
        }
        try {
            return changed(base, byPart);
        } catch (RefusedInput e) {
            Section out = base;
            for (Map.Entry<String, Map<String, Change>> one : byPart.entrySet()) {
                out = changedOr(out, Map.of(one.getKey(), one.getValue()));
            }
            return out;
        }
    }

    private Section changedOr(Section base, Map<String, Map<String, Change>> change) {
        try {
            return changed(base, change);
        } catch (RefusedInput e) {
            return base;
        }
    }

    /**
     * What of a section is otherwise, part by part, such as {@code h1} and {@code from 11.5, before 10.5}. @param
     * changes by name
     */
    public static Map<String, String> said(Map<String, String> changes) {
        Map<String, List<String>> out = new TreeMap<>();
        new TreeMap<>(changes).forEach((name, pair) -> {
            Change change = read(pair);
            int cut = name.lastIndexOf('-');
            if (change != null && cut > 0) {
                List<String> words = out.computeIfAbsent(part(name.substring(0, cut)), k -> new ArrayList<>());
                String figure = name.substring(cut + 1);
                if (figure.equals(TYPE)) {
                    words.add(0, change.is() == null ? "taken out" : words(change.is()) + " put in");
                } else {
                    words.add(figure(figure) + " " + (change.is() == null ? "none" : words(change.is()))
                            + (change.was() == null ? "" : ", before " + words(change.was())));
                }
            }
        });
        Map<String, String> said = new LinkedHashMap<>();
        out.forEach((part, words) -> said.put(part, String.join("; ", words)));
        return said;
    }

    private static String part(String key) {
        return key.replaceFirst("^(shaft|joint|clock)-", "")
                .replace('-', ' ')
                .replace('_', ' ')
                .replaceFirst("([A-Z])(\\d+)$", "$1 $2")
                .toLowerCase(Locale.ROOT);
    }

    private static String figure(String name) {
        return name.replaceFirst("(Mm|Mpa|Deg|Rpm)$", "")
                .replaceAll("([A-Z])", " $1")
                .toLowerCase(Locale.ROOT);
    }

    private static String words(JsonNode value) {
        return value.isString() ? value.asString().replace('_', ' ').toLowerCase(Locale.ROOT) : value.toString();
    }

    private static @Nullable Change read(String pair) {
        try {
            JsonNode read = JSON.readTree(pair);
            return read.isArray() && read.size() == 2 ? new Change(known(read.get(0)), known(read.get(1))) : null;
        } catch (JacksonException e) {
            return null;
        }
    }

    private static @Nullable JsonNode known(JsonNode value) {
        return value.isNull() ? null : value;
    }

    private Section changed(Section base, Map<String, Map<String, Change>> changes) {
        ObjectNode tree = text.plain(text.tree(base));
        Map<String, Held> parts = parts(tree);
        Map<String, ObjectNode> rooms = new HashMap<>();
        parts.forEach((key, part) -> {
            if ("spaces".equals(part.list())) {
                rooms.put(key, part.figures());
            }
        });
        changes.forEach((key, figures) -> {
            Held part = parts.get(key);
            Change type = figures.get(TYPE);
            if (key.startsWith(BEHIND) && part == null) {
                set(rooms.computeIfAbsent(key, k -> text.plain(JSON.valueToTree(Space.unsaid()))), figures, true);
            } else if (part != null && type != null && type.is() == null) {
                remove((ArrayNode) tree.get(Objects.requireNonNull(part.list())), part.figures());
            } else if (part == null && type != null && type.is() != null) {
                String list = list(key);
                ObjectNode added = JSON.createObjectNode();
                if (list.equals("boreItems")) {
                    added.put(ID, key);
                }
                set(added, figures, true);
                if (list.equals("joints") || list.equals("clockMarks")) {
                    added.remove(TYPE);
                }
                tree.withArray(list).add(added);
            } else if (part != null && type == null) {
                set(part.figures(), figures, false);
            }
        });
        lined(tree, rooms);
        return text.read(tree);
    }

    /** @param anyway whatever stood there before */
    private static void set(ObjectNode part, Map<String, Change> figures, boolean anyway) {
        figures.forEach((name, change) -> {
            if (anyway || same(known(part.path(name)), change.was())) {
                if (change.is() == null) {
                    part.remove(name);
                } else {
                    part.set(name, change.is());
                }
            }
        });
    }

    private static void remove(ArrayNode list, ObjectNode part) {
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i) == part) {
                list.remove(i);
                return;
            }
        }
    }

    /** Parts of the bore in their order, and between those that seal the rooms that belong to them. */
    private void lined(ObjectNode tree, Map<String, ObjectNode> rooms) {
        List<JsonNode> items =
                new ArrayList<>(tree.withArray("boreItems").valueStream().toList());
        items.sort(Comparator.comparingDouble(i -> i.path("fromMm").asDouble(0)));
        List<JsonNode> seals = items.stream().filter(SectionChanges::isSealing).toList();
        ArrayNode spaces = JSON.createArrayNode();
        spaces.add(rooms.get(OUTSIDE));
        for (int i = 0; i < seals.size() - 1; i++) {
            spaces.add(rooms.computeIfAbsent(
                    BEHIND + seals.get(i).path(ID).asString(String.valueOf(i)),
                    k -> text.plain(JSON.valueToTree(Space.unsaid()))));
        }
        spaces.add(rooms.get(INSIDE));
        tree.set("boreItems", JSON.createArrayNode().addAll(items));
        tree.set("spaces", spaces);
    }

    private static boolean isSealing(JsonNode item) {
        String type = item.path(TYPE).asString("");
        return type.equals("SEAL") || type.equals("CHEVRON");
    }

    /** Each part of a section by its name; what bears none by its type and number. */
    private static Map<String, Held> parts(ObjectNode section) {
        Map<String, Held> out = new LinkedHashMap<>();
        out.put(ENTRY, new Held(null, section));
        Map<String, Integer> named = new HashMap<>();
        List<JsonNode> seals = new ArrayList<>();
        for (JsonNode item : section.path("boreItems")) {
            if (isSealing(item)) {
                seals.add(item);
            }
            String id = item.path(ID).asString("");
            out.put(id.isEmpty() ? numbered("", item, named) : id, new Held("boreItems", (ObjectNode) item));
        }
        JsonNode spaces = section.path("spaces");
        for (int i = 0; i < spaces.size(); i++) {
            String key = i == 0
                    ? OUTSIDE
                    : i == spaces.size() - 1
                            ? INSIDE
                            : BEHIND + seals.get(i - 1).path(ID).asString(String.valueOf(i - 1));
            out.put(key, new Held("spaces", (ObjectNode) spaces.get(i)));
        }
        for (JsonNode item : section.path("shaftItems")) {
            out.put(numbered("shaft-", item, named), new Held("shaftItems", (ObjectNode) item));
        }
        for (JsonNode joint : section.path("joints")) {
            out.put(numbered("joint-", joint, named), new Held("joints", (ObjectNode) joint));
        }
        for (JsonNode mark : section.path("clockMarks")) {
            out.put(numbered("clock-", mark, named), new Held("clockMarks", (ObjectNode) mark));
        }
        return out;
    }

    private static String numbered(String list, JsonNode item, Map<String, Integer> named) {
        String name = list + item.path(TYPE).asString("");
        return name + named.merge(name, 1, Integer::sum);
    }

    private static String list(String key) {
        return key.startsWith("shaft-")
                ? "shaftItems"
                : key.startsWith("joint-") ? "joints" : key.startsWith("clock-") ? "clockMarks" : "boreItems";
    }

    private static Map<String, JsonNode> figures(ObjectNode part) {
        Map<String, JsonNode> out = new LinkedHashMap<>();
        part.forEachEntry((name, value) -> {
            if (!value.isNull() && !LISTS.contains(name) && !name.equals(ID) && !name.equals(TYPE)) {
                out.put(name, value);
            }
        });
        return out;
    }

    private static boolean same(@Nullable JsonNode one, @Nullable JsonNode other) {
        if (one == null || other == null || one.isMissingNode() || one.isNull()) {
            return (one == null || one.isMissingNode() || one.isNull()) == (other == null);
        }
        return one.isNumber() && other.isNumber()
                ? Math.abs(one.asDouble() - other.asDouble()) < SAME
                : one.equals(other);
    }

    /**
     * A section whose parts bear the names that they bear in another: its seals from the inside, the rest the nearest
     * of their kind, and what that one has not a name of its own.
     */
    public Section named(Section section, Section like) {
        Map<String, String> names = new LinkedHashMap<>();
        List<BoreItem.Seal> seals = section.seals();
        List<BoreItem.Seal> old = like.seals();
        for (int i = 1; i <= Math.min(seals.size(), old.size()); i++) {
            names.put(seals.get(seals.size() - i).id(), old.get(old.size() - i).id());
        }
        List<BoreItem> left = new ArrayList<>(like.boreItems().stream()
                .filter(i -> i.id() != null && !(i instanceof BoreItem.Seal))
                .toList());
        for (BoreItem item : section.boreItems()) {
            if (item.id() != null && !(item instanceof BoreItem.Seal)) {
                left.stream()
                        .filter(l -> l.getClass() == item.getClass())
                        .min(Comparator.comparingDouble(l -> Math.abs(l.fromMm() - item.fromMm())))
                        .ifPresent(l -> {
                            names.put(item.id(), l.id());
                            left.remove(l);
                        });
            }
        }
        return renamed(section, names, like);
    }

    /** A section that was moved: what was put in bears a name that no part of what came off will bear. */
    public Section added(Section moved, Section before) {
        Set<String> there = before.boreItems().stream()
                .map(BoreItem::id)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        Map<String, String> names = moved.boreItems().stream()
                .map(BoreItem::id)
                .filter(id -> id != null && there.contains(id))
                .collect(Collectors.toMap(id -> id, id -> id));
        return names.size()
                        == moved.boreItems().stream()
                                .filter(i -> i.id() != null)
                                .count()
                ? moved
                : renamed(moved, names, before);
    }

    private Section renamed(Section section, Map<String, String> names, Section like) {
        int next = 1;
        for (BoreItem item : section.boreItems()) {
            if (item.id() != null && !names.containsKey(item.id())) {
                while (isTaken(like, ADDED + next) || names.containsValue(ADDED + next)) {
                    next++;
                }
                names.put(item.id(), ADDED + next);
            }
        }
        ObjectNode tree = text.plain(text.tree(section));
        for (JsonNode item : tree.withArray("boreItems")) {
            for (String name : List.of(ID, "beforeItem")) {
                String id = item.path(name).asString("");
                if (names.containsKey(id)) {
                    ((ObjectNode) item).put(name, names.get(id));
                }
            }
        }
        return text.read(tree);
    }

    private static boolean isTaken(Section section, String id) {
        return section.boreItems().stream().anyMatch(i -> id.equals(i.id()));
    }
}
