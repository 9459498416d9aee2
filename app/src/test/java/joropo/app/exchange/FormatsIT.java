package joropo.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipFile;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The formats that leave the house are described in the docs, and what leaves it is as described. */
class FormatsIT {
    private static final Set<OwnedRows.Meant> NAMING =
            EnumSet.of(OwnedRows.Meant.PERSON, OwnedRows.Meant.LOT, OwnedRows.Meant.PART);

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Path DOCS = Path.of("../docs/formats");

    /** What is said of a value by its column: its type, and whether it may be absent. */
    private static ObjectNode type(Map<String, Object> column) {
        ObjectNode out = JSON.createObjectNode();
        String type =
                switch (String.valueOf(column.get("type"))) {
                    case "INTEGER" -> "integer";
                    case "REAL" -> "number";
                    default -> "string";
                };
        if (((Number) column.get("notnull")).intValue() == 1 || ((Number) column.get("pk")).intValue() > 0) {
            out.put("type", type);
        } else {
            out.putArray("type").add(type).add("null");
        }
        return out;
    }

    private static Map<String, Map<String, Object>> columns(Rows rows, String table) throws Exception {
        Map<String, Map<String, Object>> out = new LinkedHashMap<>();
        for (var column : rows.all("select name, type, \"notnull\", pk from pragma_table_info('" + table + "')")) {
            out.put(String.valueOf(column.get("name")), column);
        }
        return out;
    }

    private static ObjectNode object(String title) {
        ObjectNode out = JSON.createObjectNode();
        if (!title.isEmpty()) {
            out.put("$schema", "https://json-schema.org/draft/2020-12/schema");
            out.put("title", title);
        }
        out.put("type", "object");
        out.putObject("properties");
        out.putArray("required");
        out.put("additionalProperties", false);
        return out;
    }

    private static void add(ObjectNode object, String field, JsonNode of) {
        object.withObject("/properties").set(field, of);
        object.withArray("/required").add(field);
    }

    private static ObjectNode list(ObjectNode items) {
        ObjectNode out = JSON.createObjectNode();
        out.put("type", "array");
        out.set("items", items);
        return out;
    }

    private static ObjectNode named(String type) {
        return JSON.createObjectNode().put("type", type);
    }

    private static ObjectNode mayBe(String type) {
        ObjectNode out = JSON.createObjectNode();
        out.putArray("type").add(type).add("null");
        return out;
    }

    private static ObjectNode rows(Rows rows, String table, List<String> columns) throws Exception {
        ObjectNode out = object("");
        var known = columns(rows, table);
        for (String column : columns) {
            add(out, Rows.name(column), column.equals("person") ? named("string") : type(known.get(column)));
        }
        return out;
    }

    private static ObjectNode sections(Rows rows) throws Exception {
        ObjectNode sheet = rows(rows, "section_sheet", List.of("role", "person", "made_at", "withdrawn_why"));
        ObjectNode move = rows(
                rows,
                "section_move",
                List.of("run", "what", "section", "wrote", "schema_version", "person", "made_at"));
        add(move, "before", mayBe("integer"));
        add(sheet, "moves", list(move));
        add(sheet, "at", mayBe("integer"));
        return sheet;
    }

    private static ObjectNode job(Rows rows) throws Exception {
        ObjectNode out = object("Job");
        out.put(
                "description",
                "One job with all that was typed, ticked, taken off, put in, said and signed. Lists run in the order of"
                        + " writing; texts of sheets and sections, and what was signed, are JSON as it was "
                        + "stored. Parts"
                        + " taken off are named by their place in the list, from 1; lots by their key in store.json.");
        add(out, "format", JSON.createObjectNode().put("const", "joropo-job"));
        add(out, "version", JSON.createObjectNode().put("const", ShopOut.VERSION));
        add(out, "shop", JSON.createObjectNode().put("type", "string").put("pattern", "^[0-9a-f]{32}$"));
        add(out, "number", named("string"));
        var known = columns(rows, "job");
        for (String column : List.of(
                "kind",
                "machine",
                "place",
                "position",
                "opener",
                "opened_at",
                "state",
                "withdrawn_why",
                "stands_at",
                "verdict",
                "numbered",
                "waits_for")) {
            add(out, Rows.name(column), known.containsKey(column) ? type(known.get(column)) : named("string"));
        }
        owned(rows, out, OwnedRows.ofJob());
        add(out, "sections", list(sections(rows)));
        return out;
    }

    private static void owned(Rows rows, ObjectNode out, List<OwnedRows> lists) throws Exception {
        for (OwnedRows of : lists) {
            ObjectNode row = object("");
            var columns = columns(rows, of.table());
            for (OwnedRows.Column column : of.columns()) {
                ObjectNode type = type(columns.get(column.column()));
                String plain = column.meant() == OwnedRows.Meant.PART ? "integer" : "string";
                add(
                        row,
                        column.field(),
                        NAMING.contains(column.meant())
                                ? type.path("type").isArray() ? mayBe(plain) : named(plain)
                                : type);
            }
            add(out, of.name(), list(row));
        }
    }

    private static Path written(String name) {
        return Path.of("target", name + ".schema.json");
    }

    private static ObjectNode watch(Rows rows) throws Exception {
        ObjectNode out = object("Leak watch");
        out.put(
                "description",
                "One leak watch with its terms, of which the last count, all that was read in the order of writing, and"
                        + " what was advised.");
        add(out, "format", JSON.createObjectNode().put("const", "joropo-watch"));
        add(out, "version", JSON.createObjectNode().put("const", ShopOut.VERSION));
        var known = columns(rows, "leak_watch");
        for (String column : ShopOut.WATCH) {
            add(out, Rows.name(column), known.containsKey(column) ? type(known.get(column)) : named("string"));
        }
        owned(rows, out, OwnedRows.ofWatch());
        return out;
    }

    private static ObjectNode machines(Rows rows) throws Exception {
        ObjectNode machine = rows(rows, "machine", List.of("name", "place", "note", "created_at"));
        ObjectNode position = rows(
                rows,
                "seal_position",
                List.of(
                        "name",
                        "kind",
                        "shaft_mm",
                        "bore_mm",
                        "width_mm",
                        "medium",
                        "dirt",
                        "rotation",
                        "speed_rpm",
                        "one_way",
                        "cares",
                        "note",
                        "created_at"));
        add(
                position,
                "limits",
                list(rows(
                        rows,
                        "position_limit",
                        List.of(
                                "what",
                                "least",
                                "most",
                                "unit",
                                "document",
                                "person",
                                "written_at",
                                "withdrawn_why"))));
        add(
                position,
                "files",
                list(rows(
                        rows,
                        "attachment",
                        List.of("name", "media_type", "sha256", "person", "added_at", "withdrawn_why"))));
        add(machine, "positions", list(position));
        return titled("Machines with their positions", list(machine));
    }

    private static ObjectNode store(Rows rows) throws Exception {
        ObjectNode lot = object("");
        add(lot, "key", named("string"));
        ObjectNode more = rows(
                rows,
                "lot",
                List.of(
                        "kind",
                        "name",
                        "size",
                        "material",
                        "batch",
                        "cured",
                        "place",
                        "source",
                        "person",
                        "received_on",
                        "withdrawn_why"));
        more.path("properties").properties().forEach(p -> add(lot, p.getKey(), p.getValue()));
        add(lot, "extensions", list(rows(rows, "lot_extension", List.of("inspection", "person", "written_at"))));
        ObjectNode moved = rows(rows, "lot_movement", List.of("kind", "change", "why", "person", "moved_at"));
        add(moved, "shop", mayBe("string"));
        add(moved, "job", mayBe("string"));
        add(lot, "movements", list(moved));
        return titled("Lots of the store with their movements", list(lot));
    }

    private static ObjectNode titled(String title, ObjectNode of) {
        ObjectNode out = JSON.createObjectNode();
        out.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        out.put("title", title);
        out.setAll(of);
        return out;
    }

    @Test
    void theDocsDescribeWhatGoesOutAndItIsSo() throws Exception {
        Workshop.address();
        Path data = Workshop.temporary("joropo-formats");
        Workshop.demoData(data);
        Path zip = data.resolve("shop.zip");
        Map<String, ObjectNode> made = new LinkedHashMap<>();
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            Rows rows = new Rows(records);
            made.put("job", job(rows));
            made.put("machines", machines(rows));
            made.put("watch", watch(rows));
            made.put("store", store(rows));
            made.put("sections", titled("Sections of the bench with every move of the hand", list(sections(rows))));
        }
        for (var schema : made.entrySet()) {
            Files.writeString(
                    written(schema.getKey()),
                    JSON.writerWithDefaultPrettyPrinter().writeValueAsString(schema.getValue()) + "\n");
        }
        for (String name : made.keySet()) {
            assertThat(written(name)).as("copy it there").hasSameTextualContentAs(DOCS.resolve(name + ".schema.json"));
        }
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            ShopOut.write(records, data.resolve("files"), zip, LongWork.Tell.nobody());
        }
        var factory = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012);
        var mapper = new com.fasterxml.jackson.databind.ObjectMapper();
        List<String> wrong = new ArrayList<>();
        int seen = 0;
        try (ZipFile file = new ZipFile(zip.toFile())) {
            for (var entry : file.stream().toList()) {
                String kind = entry.getName().startsWith("watches/")
                        ? "watch"
                        : entry.getName().startsWith("jobs/")
                                ? "job"
                                : entry.getName().replace(".json", "");
                if (made.containsKey(kind)) {
                    seen++;
                    var schema = factory.getSchema(made.get(kind).toString());
                    String text = new String(file.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8);
                    schema.validate(mapper.readTree(text)).forEach(m -> wrong.add(entry.getName() + ": " + m));
                }
            }
        }
        assertThat(seen).isGreaterThan(40);
        assertThat(wrong).isEmpty();
    }
}
