package joropo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import joropo.app.database.NotDone;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** What is being brought in: the file, where it goes, and what came of it so far. */
final class Incoming {
    private static final long MOST_BYTES = 64L << 20;
    private static final int MOST_LINES = 500;

    private final Connection connection;
    private final Rows rows;
    private final ZipFile zip;
    private final Instant now;
    private final Map<String, Long> people = new HashMap<>();
    private final Map<String, Long> lots = new HashMap<>();
    private final Map<String, String> gauges = new HashMap<>();
    private final Map<String, Integer> added = new LinkedHashMap<>();
    private final List<String> refused = new ArrayList<>();
    private int here;
    private int refusals;

    Incoming(Connection connection, ZipFile zip, Instant now) {
        this.connection = connection;
        this.rows = new Rows(connection);
        this.zip = zip;
        this.now = now;
    }

    Connection connection() {
        return connection;
    }

    Rows rows() {
        return rows;
    }

    /** People of the file by their name in small letters, as they are here. */
    Map<String, Long> people() {
        return people;
    }

    /** Lots of the file by their key, as they are here. */
    Map<String, Long> lots() {
        return lots;
    }

    /** Gauges by their number in the file, as they are here. */
    Map<String, String> gauges() {
        return gauges;
    }

    ShopIn.Result result() {
        return new ShopIn.Result(added, here, refusals, refused);
    }

    /** One thing, whole or not at all. */
    interface One {
        void add() throws IOException, SQLException;
    }

    void each(String what, One one) throws IOException, SQLException {
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
    long insert(String table, Map<String, ?> values) throws IOException, SQLException {
        Sound.check(table, values);
        return rows.insert(table, values);
    }

    void refuse(String what, String why) {
        refusals++;
        if (refused.size() < MOST_LINES) {
            refused.add(what + ": " + why);
        }
    }

    void added(String what) {
        added.merge(what, 1, Integer::sum);
    }

    void hereAlready() {
        here++;
    }

    byte[] bytes(ZipEntry entry) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] out = in.readNBytes((int) MOST_BYTES + 1);
            if (out.length > MOST_BYTES) {
                throw new NotDone(entry.getName() + " is larger than 64 MiB.");
            }
            return out;
        }
    }

    JsonNode json(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new NotDone("It holds no " + name + ".");
        }
        return ShopOut.JSON.readTree(bytes(entry));
    }

    static String text(JsonNode of, String field) throws NotDone {
        JsonNode node = of.path(field);
        if (!node.isString()) {
            throw new NotDone("its " + field + " is missing");
        }
        return node.asString();
    }

    static @Nullable Object value(JsonNode of, String field) {
        return Rows.value(of.path(field));
    }

    /** Columns of a row as the file has them. */
    static Map<String, Object> values(JsonNode of, String... columns) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (String column : columns) {
            out.put(column, value(of, Rows.name(column)));
        }
        return out;
    }

    String moment() {
        return now.truncatedTo(ChronoUnit.MILLIS).toString().replaceAll("(:\\d\\d)Z$", "$1.000Z");
    }

    long person(JsonNode of, String field) throws NotDone {
        Long id = people.get(text(of, field).toLowerCase(Locale.ROOT));
        if (id == null) {
            throw new NotDone("nobody is called " + text(of, field) + " in this file");
        }
        return id;
    }

    long position(JsonNode of) throws SQLException, IOException {
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

    /** The job of this number of this shop, absent: it is not here. */
    @Nullable
    Long known(String ofShop, String number) throws SQLException {
        String own = String.valueOf(rows.one("select value from works_setting where name = 'shop'"));
        return ofShop.equals(own)
                ? rows.id("select id from job where shop is null and number = ?", number)
                : rows.id("select id from job where shop = ? and shop_number = ?", ofShop, number);
    }

    @Nullable
    Object meant(OwnedRows.Column column, JsonNode line, Map<Integer, Long> parts) throws NotDone {
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
}
