package joropo.app.exchange;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import joropo.app.database.OwnerOnly;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole shop in open formats, in one ZIP: machines, jobs, sections, store and settings as JSON, the register, the
 * store and all readings as tables too, and the photos. Rows are named by what people know them by, never by a number
 * of this database; the same content always gives the same bytes.
 */
final class ShopOut {
    static final String FORMAT = "joropo-shop";
    static final int VERSION = 2;
    /** Of a leak watch itself; person by name. */
    static final List<String> WATCH =
            List.of("machine", "place", "position", "kind", "name", "person", "started_at", "withdrawn_why");

    /** Of {@code person w}: what files call somebody. */
    private static final String PERSON = Names.PERSON;

    /** In an order that is the same in every database. */
    private static final String WATCHES = "select x.*, m.name as machine, m.place, p.name as position, " + PERSON
            + " as person from leak_watch x join"
            + " seal_position p on p.id = x.position_id join machine m on m.id = p.machine_id join person w on"
            + " w.id = x.person_id order by m.name, m.place, p.name, x.started_at, x.name, x.id";

    /** No file of a shop is deeper or longer. */
    private static final int DEEPEST = 60;

    static final long MOST_BYTES = 64L << 20;
    static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxDocumentLength(MOST_BYTES)
                            .build())
                    .build())
            .build();

    private final Rows rows;
    private final Path files;
    private final LongWork.Tell tell;
    private final Names names;
    private final TreeSet<String> photos = new TreeSet<>();

    private ShopOut(Rows rows, Names names, Path files, LongWork.Tell tell) {
        this.rows = rows;
        this.names = names;
        this.files = files;
        this.tell = tell;
    }

    /** @param connection that reads, @param to a file that is there whole afterwards, or not at all */
    static void write(Connection connection, Path files, Path to, LongWork.Tell tell) throws IOException, SQLException {
        Path part = Files.createTempFile(to.toAbsolutePath().getParent(), ".shop", null);
        connection.setAutoCommit(false);
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part));
                    ZipOutputStream zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.BEST_SPEED);
                var rows = new Rows(connection);
                new ShopOut(rows, Names.of(rows), files, tell).all(zip);
            }
            OwnerOnly.file(part);
            Files.move(part, to, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            connection.rollback();
            Files.deleteIfExists(part);
        }
    }

    /** One job as its file has it. */
    static JsonNode job(Rows rows, Names names, long id) throws SQLException {
        var out = new ShopOut(rows, names, Path.of("."), LongWork.Tell.nobody());
        return JSON.readTree(JSON.writeValueAsBytes(
                out.job(rows.all(JOBS + " where j.id = ?", id).get(0))));
    }

    private static final String JOBS =
            "select j.*, m.name as machine, m.place, p.name as position, " + PERSON + " as opener,"
                    + " coalesce(j.shop, (select value from works_setting where name = 'shop')) as of_shop,"
                    + " coalesce(j.shop_number, j.number) as of_number from job j join seal_position p "
                    + "on p.id = j.position_id"
                    + " join machine m on m.id = p.machine_id join person w on w.id = j.opened_by";

    private void all(ZipOutputStream zip) throws IOException, SQLException {
        long jobs = Rows.number(rows.one("select count(*) from job"));
        tell.outOf(jobs + Rows.number(rows.one("select count(*) from leak_watch")) + 1);
        ObjectNode head = JSON.createObjectNode();
        head.put("format", FORMAT);
        head.put("version", VERSION);
        head.put("shop", names.shop());
        head.set("people", people());
        put(zip, "shop.json", head);
        put(zip, "settings.json", settings());
        put(zip, "machines.json", machines());
        put(zip, "store.json", store());
        put(zip, "sections.json", sections(null));
        for (var job : rows.all("select id from job order by id")) {
            ObjectNode one =
                    job(rows.all(JOBS + " where j.id = ?", job.get("id")).get(0));
            put(
                    zip,
                    "jobs/" + one.path("shop").asString() + "/"
                            + one.path("number").asString() + ".json",
                    one);
            tell.one();
        }
        int watches = 0;
        for (var watch : rows.all(WATCHES)) {
            put(zip, String.format(Locale.ROOT, "watches/%06d.json", ++watches), watch(watch));
            tell.one();
        }
        table(
                zip,
                "register.csv",
                "select m.name as machine, m.place, p.name as position, p.kind, p.shaft_mm, p.bore_mm,"
                        + " p.width_mm, p.medium, p.dirt, p.rotation, p.speed_rpm, p.note from seal_position p "
                        + "join machine m on"
                        + " m.id = p.machine_id order by m.id, p.id");
        table(
                zip,
                "store.csv",
                "select batch, kind, name, size, material, cured, place, source, received_on, on_hand,"
                        + " withdrawn_why from lot order by id");
        table(
                zip,
                "readings.csv",
                "select j.number as job, r.stage, r.revision, r.kept_at, e.key as field,"
                        + " json_extract(e.value, '$.text') as text, json_extract(e.value, '$.unit') as unit "
                        + "from sheet_revision r"
                        + " join job j on j.id = r.job_id, json_each(r.texts) e order by r.id, e.key");
        table(
                zip,
                "leaks.csv",
                "select m.name as machine, m.place, p.name as position, w.kind, w.name as watch, e.happened_at, e.type,"
                        + " e.figure, e.seen, e.temperature_c, e.running_hours, e.note, e.struck_why from leak_entry e"
                        + " join leak_watch w on w.id = e.watch_id join seal_position p on p.id = w.position_id join"
                        + " machine m on m.id = p.machine_id order by m.name, m.place, p.name, w.started_at, w.name,"
                        + " e.happened_at, e.sent");
        for (String photo : photos) {
            if (Files.isRegularFile(files.resolve(photo))) {
                entry(zip, "files/" + photo);
                Files.copy(files.resolve(photo), zip);
                zip.closeEntry();
            }
        }
        tell.one();
    }

    private static void entry(ZipOutputStream zip, String name) throws IOException {
        var entry = new ZipEntry(name);
        entry.setTime(0); // the same content, the same bytes
        zip.putNextEntry(entry);
    }

    private static void put(ZipOutputStream zip, String name, JsonNode content) throws IOException {
        entry(zip, name);
        zip.write(JSON.writeValueAsBytes(content));
        zip.closeEntry();
    }

    /** A table for programs that reckon in sheets; it is made, and read by nobody here. */
    private void table(ZipOutputStream zip, String name, String sql) throws IOException, SQLException {
        entry(zip, name);
        var text = new StringBuilder();
        boolean headed = false;
        try (var csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            try (var row = rows.stream(sql)) {
                while (row.next()) {
                    if (!headed) {
                        csv.printRecord(row.columns());
                        headed = true;
                    }
                    csv.printRecord(row.values());
                    if (text.length() > 1 << 16) {
                        csv.flush();
                        zip.write(text.toString().getBytes(StandardCharsets.UTF_8));
                        text.setLength(0);
                    }
                }
            }
            csv.flush();
        }
        zip.write(text.toString().getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    /** Somebody of another shop goes out as they came in. */
    private ArrayNode people() throws SQLException {
        ArrayNode out = JSON.createArrayNode();
        for (var person : rows.all("select w.*, " + PERSON + " as key from person w order by key")) {
            ObjectNode one = out.addObject();
            String fullName = String.valueOf(person.get("full_name"));
            String shop = (String) person.get("shop");
            one.put("name", String.valueOf(person.get("key")));
            one.put("fullName", shop == null ? fullName : Names.unmarked(fullName, shop));
            one.setAll(node(person, List.of("role", "withdrawn_why")));
        }
        return out;
    }

    private ObjectNode settings() throws SQLException {
        ObjectNode out = JSON.createObjectNode();
        out.set("works", list("select name, value from works_setting where name <> 'shop' order by name"));
        out.set(
                "gauges",
                list("select id, name, kind, uncertainty_mm, certificate, due_on, created_at, withdrawn_why from"
                        + " own_gauge order by id"));
        out.set(
                "drivers",
                list("select d.outside_mm, d.note, m.name as machine, m.place, p.name as position, d.created_at,"
                        + " d.withdrawn_why from own_driver d left join seal_position p on p.id = d.position_id "
                        + "left join machine m"
                        + " on m.id = p.machine_id order by d.id"));
        out.set(
                "fluids",
                list("select code, name, like_fluid, ratings, document, created_at, withdrawn_why from own_fluid"
                        + " order by id"));
        out.set(
                "materials",
                list("select code, name, family, min_c, max_c, document, created_at, withdrawn_why from"
                        + " own_material order by id"));
        return out;
    }

    private ArrayNode machines() throws SQLException {
        ArrayNode out = JSON.createArrayNode();
        for (var machine : rows.all("select id, name, place, note, created_at from machine order by id")) {
            ObjectNode one = node(machine, List.of("name", "place", "note", "created_at"));
            ArrayNode positions = one.putArray("positions");
            for (var position :
                    rows.all("select * from seal_position where machine_id = ? order by id", machine.get("id"))) {
                ObjectNode p = node(
                        position,
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
                p.set(
                        "limits",
                        list(
                                "select l.what, l.least, l.most, l.unit, l.document, " + PERSON + " as person, "
                                        + "l.written_at, l.withdrawn_why"
                                        + " from position_limit l join person w on w.id = l.person_id where "
                                        + "l.position_id = ?"
                                        + " order by l.id",
                                position.get("id")));
                ArrayNode attached = list(
                        "select a.name, a.media_type, a.sha256, " + PERSON
                                + " as person, a.added_at, a.withdrawn_why from"
                                + " attachment a join person w on w.id = a.person_id where a.position_id = ? "
                                + "and a.job_id"
                                + " is null order by a.id",
                        position.get("id"));
                attached.forEach(a -> photos.add(a.path("sha256").asString()));
                p.set("files", attached);
                positions.add(p);
            }
            out.add(one);
        }
        return out;
    }

    private ArrayNode store() throws SQLException {
        ArrayNode out = JSON.createArrayNode();
        for (var lot : rows.all(
                "select l.*, " + PERSON + " as person from lot l join person w on w.id = l.person_id order by l.id")) {
            ObjectNode one = JSON.createObjectNode();
            one.put("key", names.lots().get(Rows.number(lot.get("id"))));
            one.setAll(node(
                    lot,
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
                            "withdrawn_why")));
            one.set(
                    "extensions",
                    list(
                            "select x.inspection, " + PERSON + " as person, x.written_at from lot_extension x join "
                                    + "person w on w.id ="
                                    + " x.person_id where x.lot_id = ?",
                            lot.get("id")));
            one.set(
                    "movements",
                    list(
                            "select x.kind, x.change, x.why, " + PERSON + " as person, x.moved_at, coalesce(j.shop, "
                                    + "case when j.id is null"
                                    + " then null else ? end) as shop, coalesce(j.shop_number, j.number) as job "
                                    + "from lot_movement x"
                                    + " join person w on w.id = x.person_id left join job j on j.id = x.job_id "
                                    + "where x.lot_id = ?"
                                    + " order by x.id",
                            names.shop(),
                            lot.get("id")));
            out.add(one);
        }
        return out;
    }

    private ObjectNode job(Map<String, Object> job) throws SQLException {
        ObjectNode out = JSON.createObjectNode();
        out.put("format", "joropo-job");
        out.put("version", VERSION);
        out.put("shop", String.valueOf(job.get("of_shop")));
        out.put("number", String.valueOf(job.get("of_number")));
        out.setAll(node(
                job,
                List.of(
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
                        "waits_for")));
        var within = new Within(
                places("select id from strip_part where job_id = ? order by id", job.get("id")),
                places("select id from attachment where job_id = ? order by id", job.get("id")));
        owned(out, OwnedRows.ofJob(), job.get("id"), within);
        out.path("files").forEach(a -> photos.add(a.path("sha256").asString()));
        out.set("sections", sections(job.get("id")));
        return out;
    }

    /** Which one it is among its like in a job, from 1, by its number here. */
    private record Within(Map<Long, Integer> parts, Map<Long, Integer> photos) {
        static final Within NOTHING = new Within(Map.of(), Map.of());
    }

    private Map<Long, Integer> places(String sql, @Nullable Object of) throws SQLException {
        Map<Long, Integer> out = new HashMap<>();
        for (var row : rows.all(sql, of)) {
            out.put(Rows.number(row.get("id")), out.size() + 1);
        }
        return out;
    }

    private void owned(ObjectNode out, List<OwnedRows> lists, Object owner, Within within) throws SQLException {
        for (OwnedRows of : lists) {
            ArrayNode list = out.putArray(of.name());
            for (var row : rows.all(of.select(), owner)) {
                ObjectNode one = list.addObject();
                for (OwnedRows.Column column : of.columns()) {
                    put(one, column.field(), named(column.meant(), row.get(column.column()), within));
                }
            }
        }
    }

    /** A leak watch with all that was read. @param watch as {@link #WATCHES} tells it */
    private ObjectNode watch(Map<String, Object> watch) throws SQLException {
        ObjectNode out = JSON.createObjectNode();
        out.put("format", "joropo-watch");
        out.put("version", VERSION);
        out.setAll(node(watch, WATCH));
        owned(out, OwnedRows.ofWatch(), watch.get("id"), Within.NOTHING);
        return out;
    }

    private @Nullable Object named(OwnedRows.Meant meant, @Nullable Object value, Within within) {
        if (value == null) {
            return null;
        }
        return switch (meant) {
            case ITSELF, SHEET -> value;
            case PERSON -> names.people().get(Rows.number(value));
            case LOT -> names.lots().get(Rows.number(value));
            case PART -> within.parts().get(Rows.number(value));
            case NOTE -> PhotoOfPart.named(String.valueOf(value), within.photos());
        };
    }

    /** Sections with every move of the hand. @param job absent: those of nobody's job */
    private ArrayNode sections(@Nullable Object job) throws SQLException {
        ArrayNode out = JSON.createArrayNode();
        String sheets = "select s.id, s.role, " + PERSON
                + " as person, s.made_at, s.withdrawn_why, s.at_move from section_sheet s join"
                + " person w on w.id = s.made_by where " + (job == null ? "s.job_id is null" : "s.job_id = ?")
                + " order by s.id";
        for (var sheet : job == null ? rows.all(sheets) : rows.all(sheets, job)) {
            ObjectNode one = node(sheet, List.of("role", "person", "made_at", "withdrawn_why"));
            Map<Long, Integer> places = new HashMap<>();
            ArrayNode moves = one.putArray("moves");
            for (var move : rows.all(
                    "select x.id, x.before_id, x.run, x.what, x.section, x.wrote, x.schema_version, " + PERSON
                            + " as person, "
                            + "x.made_at from"
                            + " section_move x join person w on w.id = x.person_id where x.sheet_id = ? order by x.id",
                    sheet.get("id"))) {
                places.put(Rows.number(move.get("id")), places.size() + 1);
                ObjectNode m =
                        node(move, List.of("run", "what", "section", "wrote", "schema_version", "person", "made_at"));
                put(m, "before", move.get("before_id") == null ? null : places.get(Rows.number(move.get("before_id"))));
                moves.add(m);
            }
            put(one, "at", sheet.get("at_move") == null ? null : places.get(Rows.number(sheet.get("at_move"))));
            out.add(one);
        }
        return out;
    }

    private ArrayNode list(String sql, @Nullable Object... values) throws SQLException {
        ArrayNode out = JSON.createArrayNode();
        for (var row : rows.all(sql, values)) {
            out.add(node(row, new ArrayList<>(row.keySet())));
        }
        return out;
    }

    private static ObjectNode node(Map<String, Object> row, List<String> columns) {
        ObjectNode out = JSON.createObjectNode();
        columns.forEach(c -> put(out, Rows.name(c), row.get(c)));
        return out;
    }

    private static void put(ObjectNode out, String field, @Nullable Object value) {
        if (value == null) {
            out.putNull(field);
        } else if (value instanceof Integer || value instanceof Long) {
            out.put(field, ((Number) value).longValue());
        } else if (value instanceof Double d) {
            out.put(field, d);
        } else {
            out.put(field, String.valueOf(value));
        }
    }
}
