package joropo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import joropo.app.database.NotDone;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteErrorCode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is being brought in: the file, where it goes, and what came of it so far. */
final class Incoming {
    private static final int MOST_LINES = 500;
    /** Columns that say who did something: only what is here already may name people of this shop from elsewhere. */
    private static final Set<String> WHO = Set.of("person_id", "opened_by", "made_by", "undone_by", "seen_by");

    private final Connections to;
    private final ZipFile zip;
    private final Instant now;
    private final References references = new References();
    private final Map<String, Integer> added = new LinkedHashMap<>();
    private final List<String> refused = new ArrayList<>();
    private @Nullable Rows rows;
    private String ofShop = "";
    private String own = "";
    private boolean marked = true;
    private int here;
    private int refusals;
    private boolean stopped;

    Incoming(Connections to, ZipFile zip, Instant now) {
        this.to = to;
        this.zip = zip;
        this.now = now;
    }

    /** Where it goes; asked for once a step. */
    interface Connections {
        Connection open() throws SQLException;
    }

    /** @param ofFile whose file it is, @param here this shop, @param becomes whether it becomes the shop of the file */
    void shops(String ofFile, String here, boolean becomes) {
        ofShop = ofFile;
        own = becomes ? ofFile : here;
        marked = !becomes;
    }

    String ofShop() {
        return ofShop;
    }

    /** The shop that it is brought into. */
    String own() {
        return own;
    }

    /** When it was brought in, absent: a shop that was empty became the one of the file. */
    @Nullable
    String broughtAt() {
        return marked ? moment() : null;
    }

    Rows rows() {
        return Objects.requireNonNull(rows);
    }

    References references() {
        return references;
    }

    ShopIn.Result result() {
        return new ShopIn.Result(added, here, refusals, refused, stopped);
    }

    void stopped() {
        stopped = true;
    }

    /** One thing, whole or not at all. */
    interface One {
        void add() throws IOException, SQLException;
    }

    /** A step: what it writes is there afterwards, and others write before the next. */
    void writing(One step) throws IOException, SQLException {
        try (Connection connection = to.open()) {
            connection.setAutoCommit(false);
            rows = new Rows(connection);
            var before = new Counts(Map.copyOf(added), here);
            boolean kept = false;
            try {
                step.add();
                connection.commit();
                kept = true;
            } finally {
                rows = null;
                if (!kept) {
                    connection.rollback();
                    back(before);
                }
                connection.setAutoCommit(true);
            }
        }
    }

    private record Counts(Map<String, Integer> added, int here) {}

    private void back(Counts before) {
        added.keySet().retainAll(before.added().keySet());
        added.putAll(before.added());
        here = before.here();
    }

    /** One of several: where it will not do it is refused, and the others come in. */
    void each(String what, One one) throws IOException, SQLException {
        boolean inStep = rows != null;
        var before = new Counts(Map.copyOf(added), here);
        if (inStep) {
            rows().run("savepoint one");
        }
        String why = refusal(one);
        if (inStep) {
            if (why != null) {
                rows().run("rollback to one");
                back(before);
            }
            rows().run("release one");
        }
        if (why != null) {
            refuse(what, why);
        }
    }

    private static @Nullable String refusal(One one) throws IOException, SQLException {
        try {
            one.add();
            return null;
        } catch (CancellationException e) {
            throw e;
        } catch (NotDone e) {
            return e.getMessage();
        } catch (RefusedInput e) {
            return e.errors().get(0).field() + " " + e.errors().get(0).message();
        } catch (SQLException e) {
            if ((e.getErrorCode() & 0xff) != SQLiteErrorCode.SQLITE_CONSTRAINT.code) {
                throw e;
            }
            return "it does not fit: " + e.getMessage();
        } catch (RuntimeException e) {
            return "it does not fit: " + e.getMessage();
        }
    }

    /** What the pages can read again, and nothing else. */
    long insert(String table, Map<String, ?> values) throws IOException, SQLException {
        Sound.check(table, values);
        if (!ofShop.equals(own)
                && values.entrySet().stream()
                        .anyMatch(e -> WHO.contains(e.getKey()) && references.isOfHere(e.getValue()))) {
            throw new NotDone("it says that somebody of this shop did it, and this shop knows nothing of it");
        }
        return rows().insert(table, values);
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

    InputStream open(ZipEntry entry) throws IOException {
        return zip.getInputStream(entry);
    }

    JsonNode json(ZipEntry entry) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            JsonNode read = ShopOut.JSON.readTree(in);
            if (read == null) {
                throw new NotDone("It holds an empty " + entry.getName() + ".");
            }
            return read;
        }
    }

    ObjectNode object(ZipEntry entry) throws IOException {
        if (json(entry) instanceof ObjectNode object) {
            return object;
        }
        throw new NotDone("it is no object");
    }

    JsonNode json(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new NotDone("It holds no " + name + ".");
        }
        return json(entry);
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
        return references.person(of, field);
    }

    long position(JsonNode of) throws SQLException, IOException {
        Long id = rows().id(
                        "select p.id from seal_position p join machine m on m.id = p.machine_id where m.name = ? and "
                                + "m.place = ? and p.name = ?",
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
    Long known(String shop, String number) throws SQLException {
        return shop.equals(own)
                ? rows().id("select id from job where shop is null and number = ?", number)
                : rows().id("select id from job where shop = ? and shop_number = ?", shop, number);
    }
}
