package joropo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.database.Chain;
import joropo.app.database.Changing;
import joropo.app.database.Evidence;
import joropo.app.database.HashingDataSource;

/**
 * Whether all evidence is as it was written: every row against its link, every link against the one before it, what was
 * signed against its hash, every photo against its name, and whether the database still holds what it has to hold. It
 * only reads, also while people work.
 */
public final class Verifier {
    private static final int MOST_FAULTS = 200;
    private static final int BUFFER = 1 << 16;

    private final Connection connection;
    private final Path files;
    private final LongWork.Tell tell;
    private final List<Evidence> lists;
    private final List<Fault> faults = new ArrayList<>();
    private long found;
    private boolean editions;
    private List<Evidence> known = List.of();

    private Verifier(Connection connection, Path files, LongWork.Tell tell, List<Evidence> lists) {
        this.lists = lists;
        this.connection = connection;
        this.files = files;
        this.tell = tell;
    }

    /** What differs. @param place how a person finds it */
    public record Fault(String place, String what) {
        @Override
        public String toString() {
            return place + ": " + what;
        }
    }

    /**
     * What was found.
     *
     * @param links of the chain, @param head its last link, empty: none, @param found how many faults there are,
     * @param faults the first of them
     */
    public record Report(long links, String head, long found, List<Fault> faults) {
        public boolean isWhole() {
            return found == 0;
        }

        public String words() {
            return isWhole()
                    ? "All " + links + " links hold. The last one: " + head
                    : found == 1 ? "One thing differs." : found + " things differ.";
        }
    }

    /**
     * @param connection to the records, in one transaction for as long as it takes, @param files folder of the photos
     * @param tell is told how far it is
     */
    public static Report verify(Connection connection, Path files, LongWork.Tell tell) throws SQLException {
        return verify(connection, files, tell, Evidence.editions());
    }

    /** @param lists every edition of the lists of columns that links were made with */
    static Report verify(Connection connection, Path files, LongWork.Tell tell, List<Evidence> lists)
            throws SQLException {
        return new Verifier(connection, files, tell, lists).all();
    }

    private Report all() throws SQLException {
        boolean auto = connection.getAutoCommit();
        connection.setAutoCommit(false);
        try {
            sound();
            String head = "";
            long links = 0;
            if (number("select count(*) from sqlite_master where name = 'chain'") == 1) {
                editions = number("select count(*) from pragma_table_info('chain') where name = 'edition'") == 1;
                known = known();
                gone();
                held();
                links = number("select count(*) from chain");
                tell.outOf(2 * links);
                head = chain();
                for (Evidence table : here()) {
                    rows(table);
                }
                for (Changing table : editions ? Changing.all() : List.<Changing>of()) {
                    now(table);
                }
                signatures();
                photos();
                if (editions) {
                    pages();
                }
            }
            foreignKeys();
            return new Report(links, head, found, List.copyOf(faults));
        } catch (SQLException e) {
            if (!String.valueOf(e.getMessage()).contains("SQLITE_CORRUPT")) {
                throw e;
            }
            fault("the database", "is damaged: bring back the last backup");
            return new Report(0, "", found, List.copyOf(faults));
        } finally {
            connection.rollback();
            connection.setAutoCommit(auto);
        }
    }

    /** Whether the file itself is whole, before anything in it is believed. */
    private void sound() throws SQLException {
        damage(connection).forEach(d -> fault("the database", "is damaged: " + d));
    }

    /** What SQLite itself finds damaged in a file; none: it is whole. */
    static List<String> damage(Connection connection) throws SQLException {
        List<String> out = new ArrayList<>();
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("pragma integrity_check(20)")) {
            while (row.next()) {
                if (!row.getString(1).equals("ok")) {
                    out.add(row.getString(1));
                }
            }
        }
        return out;
    }

    /** Lists whose columns are there: records of an older version have not all of them yet. */
    private List<Evidence> known() throws SQLException {
        Set<String> there = new HashSet<>();
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("select t.name || '.' || c.name from sqlite_master t,"
                        + " pragma_table_info(t.name) c where t.type = 'table'")) {
            while (row.next()) {
                there.add(row.getString(1));
            }
        }
        return lists.stream()
                .filter(e -> e.columns().stream().allMatch(c -> there.contains(e.table() + "." + c)))
                .toList();
    }

    /** Each table by the newest list that it knows. */
    private List<Evidence> here() {
        return Evidence.newest(known);
    }

    /** A table of evidence that is not there any more, though its links are. */
    private void gone() throws SQLException {
        List<String> there = here().stream().map(Evidence::table).toList();
        for (Evidence e : Evidence.newest(lists)) {
            if (!there.contains(e.table())
                    && number("select count(*) from chain where what = '" + e.what() + "'") > 0) {
                fault("the database", "its table " + e.table() + " is gone, or lacks columns");
            }
        }
    }

    private void fault(String place, String what) {
        found++;
        if (faults.size() < MOST_FAULTS) {
            faults.add(new Fault(place, what));
        }
    }

    private long number(String sql) throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }

    /** The triggers by which the database itself refuses a change. */
    private void held() throws SQLException {
        Map<String, String> there = new HashMap<>();
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("select name, sql from sqlite_master where type = 'trigger'")) {
            while (row.next()) {
                there.put(row.getString(1), body(row.getString(2)));
            }
        }
        List<Changing> changing = editions ? Changing.all() : List.of();
        Stream.of(
                        Chain.triggers(editions).stream(),
                        here().stream().flatMap(e -> e.triggers().stream()),
                        changing.stream().flatMap(c -> c.triggers().stream()))
                .flatMap(s -> s)
                .forEach(wanted -> {
                    String name = body(wanted).split(" ", 2)[0];
                    if (!body(wanted).equals(there.get(name))) {
                        fault(
                                "the database",
                                there.containsKey(name)
                                        ? "its guard " + name + " was changed"
                                        : "its guard " + name + " is gone");
                    }
                });
    }

    /** What follows "create trigger". */
    private static String body(String sql) {
        return sql.substring("create trigger ".length());
    }

    private String chain() throws SQLException {
        String before = "";
        long expected = 1;
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("select id, what, ref, said, link, " + (editions ? "edition" : "1")
                        + " from chain order by id")) {
            while (row.next()) {
                long id = row.getLong(1);
                if (id != expected) {
                    fault("link " + expected, "is gone from the chain");
                }
                expected = id + 1;
                String what = row.getString(2);
                String ref = row.getString(3);
                String link = row.getString(5);
                if (!link.equals(Chain.link(before, what, row.getInt(6), ref, row.getString(4)))) {
                    fault(placeOf(what, ref), "its link, " + id + " of the chain, does not follow from the one before");
                }
                before = link;
                tell.one();
            }
        }
        return before;
    }

    /** How a person finds what a link is about, by what the table says now. */
    private String placeOf(String what, String ref) throws SQLException {
        for (Evidence table : here()) {
            if (table.what().equals(what) || table.whatLater().equals(what)) {
                String sql =
                        "select " + table.place() + " from " + table.table() + " t where " + table.ref("t") + " = ?";
                try (PreparedStatement s = connection.prepareStatement(sql)) {
                    s.setString(1, ref);
                    try (ResultSet row = s.executeQuery()) {
                        if (row.next()) {
                            return row.getString(1);
                        }
                    }
                }
            }
        }
        return what + " " + ref;
    }

    private void rows(Evidence table) throws SQLException {
        compare(table, table.what(), byEdition(table, e -> e.said("t")), "true");
        if (!table.once().isEmpty()) {
            compare(table, table.whatLater(), byEdition(table, e -> e.saidLater("t")), table.isLater("t"));
        }
    }

    /** What a row says by the list of columns that its link was made with; null for a list that nobody knows. */
    private String byEdition(Evidence table, Function<Evidence, String> said) {
        return editions
                ? known.stream()
                        .filter(e -> e.table().equals(table.table()))
                        .map(e -> " when " + e.edition() + " then " + said.apply(e))
                        .collect(Collectors.joining("", "case c.edition", " end"))
                : said.apply(table);
    }

    /** What may change is as its newest link says. */
    private void now(Changing table) throws SQLException {
        String sql = "select " + table.place() + ", " + table.said("t") + ", (select x.said from chain x where "
                + table.isOf("t") + " order by x.id desc limit 1) from " + table.table() + " t";
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(sql)) {
            while (row.next()) {
                String linked = row.getString(3);
                if (linked == null) {
                    fault(row.getString(1), "stands there without having been written by Joropo");
                } else if (!linked.equals(HashingDataSource.sha256(row.getString(2)))) {
                    fault(row.getString(1), "was changed past Joropo");
                }
            }
        }
        String gone =
                "select distinct substr(x.ref, 1, instr(x.ref, '#') - 1) from chain x where x.what = '" + table.what()
                        + "' and not exists (select 1 from " + table.table() + " t where " + table.ref("t")
                        + " = substr(x.ref, 1, instr(x.ref, '#') - 1))";
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(gone)) {
            while (row.next()) {
                fault(table.table() + " " + row.getString(1), "was written once, and is gone");
            }
        }
    }

    private void compare(Evidence table, String what, String said, String which) throws SQLException {
        String sql = "select " + table.place() + ", " + said + ", c.said from " + table.table()
                + " t left join chain c on c.what = '" + what + "' and c.ref = " + table.ref("t") + " where " + which;
        long rows = 0;
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(sql)) {
            while (row.next()) {
                rows++;
                String linked = row.getString(3);
                if (linked == null) {
                    fault(row.getString(1), "stands there without having been written by Joropo");
                } else if (row.getString(2) == null || !linked.equals(HashingDataSource.sha256(row.getString(2)))) {
                    fault(row.getString(1), "was changed after it was written");
                }
                tell.one();
            }
        }
        if (number("select count(*) from chain where what = '" + what + "'") != rows) {
            gone(table, what, which);
        }
    }

    private void gone(Evidence table, String what, String which) throws SQLException {
        String sql = "select ref from chain where what = '" + what + "' except select " + table.ref("t") + " from "
                + table.table() + " t where " + which;
        List<String> refs = new ArrayList<>();
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(sql)) {
            while (row.next()) {
                refs.add(row.getString(1));
            }
        }
        for (String ref : refs) {
            fault(placeOf(what, ref), "was written once, and is gone");
        }
    }

    private void signatures() throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery(
                        "select j.number, g.snapshot, g.sha256 from signature g join job j on" + " j.id = g.job_id")) {
            while (row.next()) {
                if (!HashingDataSource.sha256(row.getString(2)).equals(row.getString(3))) {
                    fault("job " + row.getString(1), "what was signed does not give the hash that was signed");
                }
            }
        }
    }

    private void photos() throws SQLException {
        String place = Evidence.all().stream()
                .filter(e -> e.table().equals("attachment"))
                .findFirst()
                .orElseThrow()
                .place();
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("select " + place + ", t.sha256 from attachment t order by t.id")) {
            while (row.next()) {
                Path file = files.resolve(row.getString(2));
                if (!Files.isRegularFile(file)) {
                    fault(row.getString(1), "its bytes are not there any more");
                } else if (!hash(file).equals(row.getString(2))) {
                    fault(row.getString(1), "its bytes were changed");
                }
            }
        }
    }

    private void pages() throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("select p.sha256, p.page_sha256, (select a.name from attachment a where"
                        + " a.sha256 = p.sha256 limit 1) from file_page p order by p.sha256")) {
            while (row.next()) {
                Path file = files.resolve(row.getString(1) + "-page");
                String place = "the copy for pages of " + row.getString(3);
                if (!Files.isRegularFile(file)) {
                    fault(place, "is not there any more");
                } else if (!hash(file).equals(row.getString(2))) {
                    fault(place, "was changed");
                }
            }
        }
    }

    private void foreignKeys() throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet row = s.executeQuery("pragma foreign_key_check")) {
            while (row.next()) {
                fault(row.getString(1) + " " + row.getString(2), "belongs to something that is not there");
            }
        }
    }

    /** Of a file's bytes, 64 hexadecimal digits; empty where it cannot be read. */
    static String hash(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] some = new byte[BUFFER];
            for (int n = in.read(some); n > 0; n = in.read(some)) {
                digest.update(some, 0, n);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (IOException e) {
            return "";
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
