package joropo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import joropo.app.database.HashingDataSource;
import joropo.app.database.NotDone;
import joropo.app.job.SealMeans;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings in a shop's file, all of it or nothing: what is here already is left as it is, what differs is refused with
 * the reason, all else is added. A shop that is still empty becomes the shop of the file; another one keeps its own
 * jobs apart by where they come from. A try does the same, tells what it would do, and takes it back.
 */
final class ShopIn {
    private static final long MOST_BYTES = 64L << 20;
    private static final int MOST_LINES = 500;
    private static final String NAMES =
            "(shop|settings|machines|store|sections)\\.json|(register|store|readings|leaks)\\.csv"
                    + "|watches/\\d{6,9}\\.json|jobs/[0-9a-f]{32}/[\\w-]{1,40}\\.json|files/[0-9a-f]{64}";
    /** Nobody signs in with it: a lead sets a password first. */
    private static final String NO_PASSWORD = "{bcrypt}none";

    private final Connection connection;
    private final Rows rows;
    private final ZipFile zip;
    private final Path files;
    private final Instant now;
    private final LongWork.Tell tell;
    private final Map<String, Long> people = new HashMap<>();
    private final Map<String, Long> lots = new HashMap<>();
    private final Map<String, String> gauges = new HashMap<>();
    private final Map<String, Integer> added = new LinkedHashMap<>();
    private final List<String> refused = new ArrayList<>();
    private final List<Path> filesMade = new ArrayList<>();
    private int here;
    private int refusals;
    private String shop = "";

    private ShopIn(Connection connection, ZipFile zip, Path files, Instant now, LongWork.Tell tell) {
        this.connection = connection;
        this.rows = new Rows(connection);
        this.zip = zip;
        this.files = files;
        this.now = now;
        this.tell = tell;
    }

    /**
     * What came of it. @param added how many of each kind, @param here how many were here already, @param refusals how
     * many were refused, @param refused the first of them with their reasons
     */
    record Result(Map<String, Integer> added, int here, int refusals, List<String> refused) {
        List<String> lines() {
            List<String> out = new ArrayList<>();
            added.forEach((what, n) -> out.add("added: " + n + " " + what));
            if (here > 0) {
                out.add("here already: " + here);
            }
            if (refusals > 0) {
                out.add("refused: " + refusals);
            }
            out.addAll(refused);
            return out;
        }

        int total() {
            return added.values().stream().mapToInt(n -> n).sum();
        }
    }

    /**
     * @param connection that writes; nobody else writes meanwhile, @param keep false: it is only tried
     * @throws NotDone when the file is none of a shop
     */
    static Result read(Path file, Connection connection, Path files, Instant now, boolean keep, LongWork.Tell tell)
            throws IOException, SQLException {
        connection.setAutoCommit(false);
        ShopIn in = null;
        boolean kept = false;
        try (ZipFile zip = new ZipFile(file.toFile())) {
            in = new ShopIn(connection, zip, files, now, tell);
            in.all();
            if (keep) {
                connection.commit();
                kept = true;
            }
            return new Result(in.added, in.here, in.refusals, in.refused);
        } catch (ZipException e) {
            throw new NotDone("It is no ZIP, or was cut off.");
        } catch (JacksonException e) {
            throw new NotDone("It holds a file that is no JSON: " + e.getOriginalMessage() + ".");
        } finally {
            if (!kept) {
                connection.rollback();
                if (in != null) {
                    for (Path made : in.filesMade) {
                        Files.deleteIfExists(made);
                    }
                }
            }
            connection.setAutoCommit(true);
        }
    }

    private void all() throws IOException, SQLException {
        List<ZipEntry> jobs = new ArrayList<>();
        List<ZipEntry> watches = new ArrayList<>();
        for (var entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            if (!entry.getName().matches(NAMES)) {
                throw new NotDone("It holds " + entry.getName() + ", which does not belong into a shop's file.");
            }
            if (entry.getName().startsWith("jobs/")) {
                jobs.add(entry);
            } else if (entry.getName().startsWith("watches/")) {
                watches.add(entry);
            }
        }
        tell.outOf(jobs.size() + watches.size() + 1L);
        JsonNode head = json("shop.json");
        if (!ShopOut.FORMAT.equals(head.path("format").asString(""))
                || head.path("version").asInt(0) != ShopOut.VERSION) {
            throw new NotDone("It is no file of a shop, or one of a version that is not known here.");
        }
        shop = head.path("shop").asString("");
        if (!shop.matches("[0-9a-f]{32}")) {
            throw new NotDone("It does not say of which shop it is.");
        }
        boolean empty = rows.one("select 1 from machine") == null && rows.one("select 1 from job") == null;
        if (empty) {
            rows.run("update works_setting set value = ? where name = 'shop'", shop);
        }
        people(head.path("people"));
        photos();
        settings(json("settings.json"), empty);
        machines(json("machines.json"));
        for (ZipEntry entry : watches) {
            each(
                    "leak watch " + entry.getName().replaceAll("^watches/0*|\\.json$", ""),
                    () -> watch(ShopOut.JSON.readTree(bytes(entry))));
            tell.one();
        }
        JsonNode store = json("store.json");
        lots(store);
        sections(json("sections.json"), null);
        for (ZipEntry entry : jobs) {
            each("job " + entry.getName().replaceAll("^.*/|\\.json$", ""), () -> job(entry));
            tell.one();
        }
        movements(store);
        drivers(json("settings.json").path("drivers"));
        for (String sql : SealMeans.RECOUNT) {
            rows.run(sql);
        }
        rows.run("insert into job_number (year, last) select cast(substr(number, 1, 2) as integer), "
                + "max(cast(substr(number,"
                + " 4) as integer)) from job where number glob '[0-9][0-9]-[0-9]*' group by 1 on "
                + "conflict (year) do update"
                + " set last = max(last, excluded.last)");
        tell.one();
    }

    /** One thing, whole or not at all. */
    private interface One {
        void add() throws IOException, SQLException;
    }

    private void each(String what, One one) throws IOException, SQLException {
        rows.run("savepoint one");
        try {
            one.add();
            rows.run("release one");
        } catch (CancellationException e) {
            throw e;
        } catch (NotDone | SQLException | JacksonException | IllegalArgumentException | NullPointerException e) {
            rows.run("rollback to one");
            rows.run("release one");
            refuse(what, e instanceof NotDone ? e.getMessage() : "it does not fit: " + e.getMessage());
        }
    }

    /** What the pages can read again, and nothing else. */
    private long insert(String table, Map<String, ?> values) throws IOException, SQLException {
        Sound.check(table, values);
        return rows.insert(table, values);
    }

    private void refuse(String what, String why) {
        refusals++;
        if (refused.size() < MOST_LINES) {
            refused.add(what + ": " + why);
        }
    }

    private void added(String what) {
        added.merge(what, 1, Integer::sum);
    }

    private byte[] bytes(ZipEntry entry) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] out = in.readNBytes((int) MOST_BYTES + 1);
            if (out.length > MOST_BYTES) {
                throw new NotDone(entry.getName() + " is larger than 64 MiB.");
            }
            return out;
        }
    }

    private JsonNode json(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new NotDone("It holds no " + name + ".");
        }
        return ShopOut.JSON.readTree(bytes(entry));
    }

    private static String text(JsonNode of, String field) throws NotDone {
        JsonNode node = of.path(field);
        if (!node.isString()) {
            throw new NotDone("its " + field + " is missing");
        }
        return node.asString();
    }

    private static @Nullable Object value(JsonNode of, String field) {
        return Rows.value(of.path(field));
    }

    /** Columns of a row as the file has them. */
    private static Map<String, Object> values(JsonNode of, String... columns) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (String column : columns) {
            out.put(column, value(of, Rows.name(column)));
        }
        return out;
    }

    private void people(JsonNode list) throws SQLException, IOException {
        for (JsonNode person : list) {
            String name = text(person, "name");
            Long there =
                    rows.id("select id from person where name = ? and full_name = ?", name, value(person, "fullName"));
            if (there == null) {
                String free = name;
                for (int n = 2; rows.one("select 1 from person where name = ?", free) != null; n++) {
                    free = name + "-" + n;
                }
                Map<String, Object> row = values(person, "full_name", "role", "withdrawn_why");
                row.put("name", free);
                row.put("password_hash", NO_PASSWORD);
                row.put("created_at", moment());
                there = insert("person", row);
                added("people");
            }
            people.put(name.toLowerCase(Locale.ROOT), there);
        }
    }

    private String moment() {
        return now.truncatedTo(java.time.temporal.ChronoUnit.MILLIS).toString().replaceAll("(:\\d\\d)Z$", "$1.000Z");
    }

    private long person(JsonNode of, String field) throws NotDone {
        Long id = people.get(text(of, field).toLowerCase(Locale.ROOT));
        if (id == null) {
            throw new NotDone("nobody is called " + text(of, field) + " in this file");
        }
        return id;
    }

    private void photos() throws IOException {
        Files.createDirectories(files);
        for (var entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            if (entry.getName().startsWith("files/")) {
                String name = entry.getName().substring("files/".length());
                Path file = files.resolve(name);
                if (!Files.exists(file)) {
                    Path part = Files.createTempFile(files, "part", null);
                    Files.write(part, bytes(entry));
                    if (!Verifier.hash(part).equals(name)) {
                        Files.delete(part);
                        throw new NotDone("The photo " + name + " was changed.");
                    }
                    Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
                    filesMade.add(file);
                }
            }
        }
    }

    private void settings(JsonNode settings, boolean empty) throws IOException, SQLException {
        if (empty) {
            for (JsonNode s : settings.path("works")) {
                if (!Sound.isSetting(text(s, "name"), text(s, "value"))) {
                    refuse("setting " + text(s, "name"), "it is not known here");
                    continue;
                }
                rows.run(
                        "insert into works_setting (name, value) values (?, ?) on conflict (name) do update set value ="
                                + " excluded.value",
                        text(s, "name"),
                        text(s, "value"));
            }
        }
        for (JsonNode gauge : settings.path("gauges")) {
            each("gauge " + gauge.path("name").asString(""), () -> gauge(gauge));
        }
        for (JsonNode fluid : settings.path("fluids")) {
            each(
                    "fluid " + fluid.path("code").asString(""),
                    () -> coded(
                            "own_fluid",
                            "fluids",
                            fluid,
                            "code",
                            "name",
                            "like_fluid",
                            "ratings",
                            "document",
                            "created_at",
                            "withdrawn_why"));
        }
        for (JsonNode material : settings.path("materials")) {
            each(
                    "material " + material.path("code").asString(""),
                    () -> coded(
                            "own_material",
                            "materials",
                            material,
                            "code",
                            "name",
                            "family",
                            "min_c",
                            "max_c",
                            "document",
                            "created_at",
                            "withdrawn_why"));
        }
    }

    /** A gauge is named in readings by its number: it keeps it where that is free. */
    private void gauge(JsonNode gauge) throws SQLException, IOException {
        Long there = rows.id(
                "select id from own_gauge where name = ? and kind = ? and created_at = ?",
                text(gauge, "name"),
                text(gauge, "kind"),
                value(gauge, "createdAt"));
        if (there == null) {
            Map<String, Object> row = values(
                    gauge, "name", "kind", "uncertainty_mm", "certificate", "due_on", "created_at", "withdrawn_why");
            Object number = value(gauge, "id");
            if (rows.one("select 1 from own_gauge where id = ?", number) == null) {
                row.put("id", number);
            }
            there = insert("own_gauge", row);
            added("gauges");
        } else {
            here++;
        }
        gauges.put("own-" + value(gauge, "id"), "own-" + there);
    }

    private void coded(String table, String what, JsonNode of, String... columns) throws SQLException, IOException {
        Map<String, Object> row = values(of, columns);
        var there = rows.all("select * from " + table + " where code = ?", text(of, "code"));
        if (there.isEmpty()) {
            insert(table, row);
            added(what);
        } else if (row.entrySet().stream()
                .filter(e -> !e.getKey().endsWith("_at"))
                .allMatch(e -> String.valueOf(there.get(0).get(e.getKey())).equals(String.valueOf(e.getValue())))) {
            here++;
        } else {
            throw new NotDone("this code stands for something else here");
        }
    }

    private void drivers(JsonNode drivers) throws IOException, SQLException {
        for (JsonNode driver : drivers) {
            each("driver " + driver.path("outsideMm").asString(""), () -> {
                Long position = driver.path("position").isNull() ? null : position(driver);
                if (rows.one(
                                "select 1 from own_driver where outside_mm = ? and note = ? and position_id is ?",
                                value(driver, "outsideMm"),
                                value(driver, "note"),
                                position)
                        != null) {
                    here++;
                    return;
                }
                Map<String, Object> row = values(driver, "outside_mm", "note", "created_at", "withdrawn_why");
                row.put("position_id", position);
                insert("own_driver", row);
                added("drivers");
            });
        }
    }

    private long position(JsonNode of) throws SQLException, IOException {
        Long id = rows.id(
                "select p.id from seal_position p join machine m on m.id = p.machine_id where m.name = ? and "
                        + "m.place = ? and"
                        + " p.name = ?",
                text(of, "machine"),
                text(of, "place"),
                text(of, "position"));
        if (id == null) {
            throw new NotDone("its position " + text(of, "position") + " is missing");
        }
        return id;
    }

    private void machines(JsonNode machines) throws IOException, SQLException {
        for (JsonNode machine : machines) {
            each("machine " + machine.path("name").asString(""), () -> {
                Long id = rows.id(
                        "select id from machine where name = ? and place = ?",
                        text(machine, "name"),
                        text(machine, "place"));
                if (id == null) {
                    id = insert("machine", values(machine, "name", "place", "note", "created_at"));
                    added("machines");
                } else {
                    here++;
                }
                for (JsonNode position : machine.path("positions")) {
                    position(id, position);
                }
            });
        }
    }

    private void position(long machine, JsonNode position) throws SQLException, IOException {
        Long id = rows.id(
                "select id from seal_position where machine_id = ? and name = ?", machine, text(position, "name"));
        if (id == null) {
            Map<String, Object> row = values(
                    position,
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
                    "created_at");
            row.put("machine_id", machine);
            id = insert("seal_position", row);
            added("positions");
        } else {
            here++;
        }
        for (JsonNode limit : position.path("limits")) {
            if (rows.one(
                            "select 1 from position_limit where position_id = ? and what = ? and written_at = ?",
                            id,
                            value(limit, "what"),
                            value(limit, "writtenAt"))
                    == null) {
                Map<String, Object> row =
                        values(limit, "what", "least", "most", "unit", "document", "written_at", "withdrawn_why");
                row.put("position_id", id);
                row.put("person_id", person(limit, "person"));
                insert("position_limit", row);
                added("limits");
            }
        }
        for (JsonNode file : position.path("files")) {
            if (rows.one(
                            "select 1 from attachment where position_id = ? and job_id is null and sha256 = ? "
                                    + "and added_at = ?",
                            id,
                            value(file, "sha256"),
                            value(file, "addedAt"))
                    == null) {
                Map<String, Object> row = values(file, "name", "media_type", "sha256", "added_at", "withdrawn_why");
                row.put("position_id", id);
                row.put("person_id", person(file, "person"));
                insert("attachment", row);
                added("photos");
            }
        }
    }

    /** What was read here and there stands together afterwards. */
    private void watch(JsonNode watch) throws SQLException, IOException {
        long position = position(watch);
        Long id = rows.id(
                "select id from leak_watch where position_id = ? and kind = ? and name = ? and started_at = ?",
                position,
                value(watch, "kind"),
                value(watch, "name"),
                value(watch, "startedAt"));
        if (id == null) {
            Map<String, Object> row = values(watch, "kind", "name", "started_at", "withdrawn_why");
            row.put("position_id", position);
            row.put("person_id", person(watch, "person"));
            id = insert("leak_watch", row);
            added("leak watches");
        } else {
            here++;
        }
        for (OwnedRows of : OwnedRows.ofWatch()) {
            String known = of.table().equals("leak_entry") ? "sent" : "written_at";
            for (JsonNode line : watch.path(of.name())) {
                if (rows.one(
                                "select 1 from " + of.table() + " where watch_id = ? and " + known + " = ?",
                                id,
                                value(line, Rows.name(known)))
                        == null) {
                    Map<String, Object> values = new LinkedHashMap<>();
                    values.put(of.owner(), id);
                    for (OwnedRows.Column column : of.columns()) {
                        values.put(column.column(), meant(column, line, Map.of()));
                    }
                    insert(of.table(), values);
                    added("rows of leak watches");
                }
            }
        }
        rows.run("delete from leak_state where watch_id = ?", id);
    }

    private void lots(JsonNode store) throws IOException, SQLException {
        for (JsonNode lot : store) {
            each("lot " + lot.path("batch").asString(""), () -> {
                String key = text(lot, "key");
                String[] parts = key.split(" \\| ");
                int again = parts.length > 5 ? Integer.parseInt(parts[5]) : 1;
                var there = rows.all(
                        "select id from lot where batch = ? and kind = ? and name = ? and size = ? and "
                                + "received_on = ? order"
                                + " by id",
                        text(lot, "batch"),
                        text(lot, "kind"),
                        text(lot, "name"),
                        text(lot, "size"),
                        text(lot, "receivedOn"));
                if (there.size() >= again) {
                    lots.put(key, ((Number) there.get(again - 1).get("id")).longValue());
                    here++;
                    return;
                }
                Map<String, Object> row = values(
                        lot,
                        "kind",
                        "name",
                        "size",
                        "material",
                        "batch",
                        "cured",
                        "place",
                        "source",
                        "received_on",
                        "withdrawn_why");
                row.put("person_id", person(lot, "person"));
                long id = insert("lot", row);
                lots.put(key, id);
                for (JsonNode longer : lot.path("extensions")) {
                    Map<String, Object> more = values(longer, "inspection", "written_at");
                    more.put("lot_id", id);
                    more.put("person_id", person(longer, "person"));
                    insert("lot_extension", more);
                }
                added("lots");
            });
        }
    }

    /** Once the jobs are here that they belong to. */
    private void movements(JsonNode store) throws IOException, SQLException {
        for (JsonNode lot : store) {
            Long id = lots.get(lot.path("key").asString(""));
            if (id == null) {
                continue;
            }
            for (JsonNode moved : lot.path("movements")) {
                each("lot " + lot.path("batch").asString("") + ", movement", () -> {
                    Map<String, Object> row = values(moved, "kind", "change", "why", "moved_at");
                    if (rows.one(
                                    "select 1 from lot_movement where lot_id = ? and kind = ? and change = ? "
                                            + "and moved_at = ?",
                                    id,
                                    row.get("kind"),
                                    row.get("change"),
                                    row.get("moved_at"))
                            != null) {
                        return;
                    }
                    row.put("lot_id", id);
                    row.put("person_id", person(moved, "person"));
                    row.put(
                            "job_id",
                            moved.path("job").isNull() ? null : known(text(moved, "shop"), text(moved, "job")));
                    insert("lot_movement", row);
                    added("movements of lots");
                });
            }
        }
    }

    /** The job of this number of this shop, absent: it is not here. */
    private @Nullable Long known(String ofShop, String number) throws SQLException {
        String own = String.valueOf(rows.one("select value from works_setting where name = 'shop'"));
        return ofShop.equals(own)
                ? rows.id("select id from job where shop is null and number = ?", number)
                : rows.id("select id from job where shop = ? and shop_number = ?", ofShop, number);
    }

    private void job(ZipEntry entry) throws IOException, SQLException {
        byte[] bytes = bytes(entry);
        ObjectNode job = (ObjectNode) ShopOut.JSON.readTree(bytes);
        String ofShop = text(job, "shop");
        String number = text(job, "number");
        if (!entry.getName().equals("jobs/" + ofShop + "/" + number + ".json")) {
            throw new NotDone("it is called otherwise inside");
        }
        for (JsonNode signed : job.path("signatures")) {
            if (!HashingDataSource.sha256(text(signed, "snapshot")).equals(text(signed, "sha256"))) {
                throw new NotDone("what was signed does not give the hash that was signed");
            }
        }
        Long there = known(ofShop, number);
        if (there != null) {
            String name = String.valueOf(rows.one("select number from job where id = ?", there));
            if (ShopOut.JSON
                    .writeValueAsString(ShopOut.job(connection, name))
                    .equals(ShopOut.JSON.writeValueAsString(job))) {
                here++;
                return;
            }
            throw new NotDone("it is here already, as job " + name + ", and differs");
        }
        add(job, ofShop, number);
        added("jobs");
    }

    private void add(ObjectNode job, String ofShop, String number) throws IOException, SQLException {
        String own = String.valueOf(rows.one("select value from works_setting where name = 'shop'"));
        long position = position(job);
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("number", ofShop.equals(own) ? number : free(ofShop, number));
        row.put("shop", ofShop.equals(own) ? null : ofShop);
        row.put("shop_number", ofShop.equals(own) ? null : number);
        row.put("position_id", position);
        row.put("machine_id", rows.one("select machine_id from seal_position where id = ?", position));
        row.put("opened_by", person(job, "opener"));
        row.putAll(values(job, "opened_at", "kind", "last_off"));
        long id = insert("job", row);
        Map<Integer, Long> parts = new HashMap<>();
        for (OwnedRows of : OwnedRows.ofJob()) {
            for (JsonNode line : job.path(of.name())) {
                Map<String, Object> values = new LinkedHashMap<>();
                if (!of.isOfPart()) {
                    values.put(of.owner(), id);
                }
                if (of.position()) {
                    values.put("position_id", position);
                }
                for (OwnedRows.Column column : of.columns()) {
                    values.put(column.column(), meant(column, line, parts));
                }
                long made = insert(of.table(), values);
                if (of.table().equals("strip_part")) {
                    parts.put(parts.size() + 1, made);
                }
            }
        }
        rows.run(
                "insert into found_row (kind, ref) select 'CAUSE', job_id || ' ' || cause from position_cause "
                        + "where job_id = ?"
                        + " on conflict do nothing",
                id);
        rows.run(
                "insert into found (rowid, kind, place, words) select f.id, 'CAUSE', j.number, 'cause ' ||"
                        + " lower(replace(c.cause, '_', ' ')) || ' ' || m.name || ' ' || p.name from "
                        + "position_cause c join found_row f"
                        + " on f.kind = 'CAUSE' and f.ref = c.job_id || ' ' || c.cause join job j on j.id = "
                        + "c.job_id join"
                        + " seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where "
                        + "c.job_id = ?",
                id);
        sections(job.path("sections"), id);
        Sound.check("job", values(job, "stands_at", "verdict"));
        rows.run(
                "update job set stands_at = ?, verdict = ?, numbered = ?, waits_for = ? where id = ?",
                value(job, "standsAt"),
                value(job, "verdict"),
                value(job, "numbered"),
                value(job, "waitsFor"),
                id);
        if (!"OPEN".equals(text(job, "state"))) {
            rows.run(
                    "update job set state = ?, withdrawn_why = ? where id = ?",
                    text(job, "state"),
                    value(job, "withdrawnWhy"),
                    id);
        }
    }

    /** A number that is free here; a job of another shop shows which one. */
    private String free(String ofShop, String number) throws SQLException {
        String wanted = ofShop.substring(0, 4) + "-" + number;
        String out = wanted;
        for (int n = 2; rows.one("select 1 from job where number = ?", out) != null; n++) {
            out = wanted + "-" + n;
        }
        return out;
    }

    private @Nullable Object meant(OwnedRows.Column column, JsonNode line, Map<Integer, Long> parts) throws NotDone {
        JsonNode node = line.path(column.field());
        if (node.isNull() || node.isMissingNode()) {
            return null;
        }
        return switch (column.names()) {
            case ITSELF -> column.column().equals("texts") ? withGauges(node.asString()) : Rows.value(node);
            case PERSON -> person(line, column.field());
            case LOT -> {
                Long lot = lots.get(node.asString());
                if (lot == null) {
                    throw new NotDone("its lot " + node.asString() + " is missing");
                }
                yield lot;
            }
            case PART -> {
                Long part = parts.get(node.asInt(0));
                if (part == null) {
                    throw new NotDone("a part it names is missing");
                }
                yield part;
            }
        };
    }

    /** Gauges that have another number here are named by that. */
    private String withGauges(String texts) {
        String out = texts;
        for (var gauge : gauges.entrySet()) {
            if (!gauge.getKey().equals(gauge.getValue())) {
                out = out.replace("\"" + gauge.getKey() + "\"", "\"" + gauge.getValue() + "\"");
            }
        }
        return out;
    }

    /** @param job absent: of nobody's job */
    private void sections(JsonNode list, @Nullable Long job) throws IOException, SQLException {
        for (JsonNode sheet : list) {
            long by = person(sheet, "person");
            if (job == null
                    && rows.one(
                                    "select 1 from section_sheet where job_id is null and made_by = ? and made_at = ?",
                                    by,
                                    text(sheet, "madeAt"))
                            != null) {
                here++;
                continue;
            }
            Map<String, Object> row = values(sheet, "role", "made_at", "withdrawn_why");
            row.put("job_id", job);
            row.put("made_by", by);
            long id = insert("section_sheet", row);
            List<Long> moves = new ArrayList<>();
            for (JsonNode move : sheet.path("moves")) {
                Map<String, Object> one = values(move, "run", "what", "section", "schema_version", "made_at");
                one.put("sheet_id", id);
                one.put("person_id", person(move, "person"));
                one.put(
                        "before_id",
                        move.path("before").isNull()
                                ? null
                                : moves.get(move.path("before").asInt() - 1));
                moves.add(insert("section_move", one));
            }
            if (!sheet.path("at").isNull()) {
                rows.run(
                        "update section_sheet set at_move = ? where id = ?",
                        moves.get(sheet.path("at").asInt() - 1),
                        id);
            }
            if (job == null) {
                added("sections");
            }
        }
    }
}
