package joropo.app.exchange;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import joropo.app.database.DataLock;
import joropo.app.database.HashingDataSource;
import joropo.app.database.NotDone;
import joropo.app.database.OwnerOnly;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A copy of all records in one file: the database as it stood at one moment, the photos it names, and a list of both
 * with their hashes. It is taken while people work, and checked before it replaces anything.
 */
public final class Backup {
    private static final String FORMAT = "joropo-backup";
    private static final int VERSION = 1;
    private static final String DATABASE = "joropo.db";
    private static final String FILES = "files/";
    private static final String LIST = "backup.json";
    /** What a zip of this house may hold, so that a made-up one cannot fill the disk or leave its folder. */
    private static final String NAMES = "joropo\\.db|backup\\.json|files/[0-9a-f]{64}(-page)?";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Backup() {}

    /** @param files how many photos are in it, @param head the chain's last link then */
    public record Taken(Path file, long files, String head) {}

    /**
     * @param data folder of the records, @param file where the copy goes: it is there whole, or not at all
     * @throws NotDone when it cannot be written, or is there already
     */
    public static Taken take(Path data, Path file, Instant now, LongWork.Tell tell) throws IOException, SQLException {
        Path target = file.toAbsolutePath();
        if (Files.exists(target)) {
            throw new NotDone(target + " is there already. Choose another name.");
        }
        if (target.getParent() == null || !Files.isDirectory(target.getParent())) {
            throw new NotDone("There is no folder " + target.getParent() + ".");
        }
        Path work = Files.createTempDirectory(target.getParent(), ".backup");
        try {
            Path database = work.resolve(DATABASE);
            copy(data.resolve(DATABASE), database);
            Path zip = work.resolve("zip");
            Taken taken = pack(data.resolve("files"), database, zip, now, tell);
            OwnerOnly.file(zip);
            Files.move(zip, target, StandardCopyOption.ATOMIC_MOVE);
            sync(target.getParent());
            return new Taken(target, taken.files(), taken.head());
        } finally {
            FileSystemUtils.deleteRecursively(work);
        }
    }

    /** The records as they stand at one moment, beside a running server. @throws NotDone when they are damaged */
    static void copy(Path database, Path to) throws IOException, SQLException {
        try (Connection from = reading(database);
                Statement sql = from.createStatement()) {
            mustBeSound(from);
            sql.execute("vacuum into '" + to.toString().replace("'", "''") + "'");
        }
    }

    private static void mustBeSound(Connection records) throws NotDone, SQLException {
        List<String> damage = Verifier.damage(records);
        if (!damage.isEmpty()) {
            throw new NotDone("The database is damaged, so no copy was made of it: " + damage.get(0)
                    + ". Bring back the last backup: ./joropo restore FILE.");
        }
    }

    private static Taken pack(Path files, Path database, Path zip, Instant now, LongWork.Tell tell)
            throws IOException, SQLException {
        Map<String, String> hashes = new TreeMap<>();
        String head;
        List<String> photos = new ArrayList<>();
        try (Connection copy = reading(database);
                Statement sql = copy.createStatement()) {
            head = text(sql, "select count(*) from sqlite_master where name = 'chain'")
                            .equals("0")
                    ? ""
                    : text(sql, "select link from chain order by id desc limit 1");
            try (ResultSet row = sql.executeQuery("select distinct sha256 from attachment order by sha256")) {
                while (row.next()) {
                    photos.add(row.getString(1));
                }
            }
        }
        tell.outOf(photos.size() + 1L);
        long count = 0;
        try (FileChannel channel = FileChannel.open(zip, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
                OutputStream raw = Channels.newOutputStream(channel);
                ZipOutputStream out = new ZipOutputStream(new BufferedOutputStream(raw))) {
            add(out, DATABASE, database, hashes);
            tell.one();
            for (String photo : photos) {
                for (String name : List.of(photo, photo + "-page")) {
                    if (Files.isRegularFile(files.resolve(name))) {
                        add(out, FILES + name, files.resolve(name), hashes);
                        count++;
                    }
                }
                tell.one();
            }
            out.putNextEntry(new ZipEntry(LIST));
            out.write(JSON.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(Map.of(
                            "format",
                            FORMAT,
                            "version",
                            VERSION,
                            "taken",
                            now.toString(),
                            "head",
                            head,
                            "sha256",
                            hashes)));
            out.closeEntry();
            out.finish();
            out.flush();
            channel.force(true);
        }
        return new Taken(zip, count, head);
    }

    private static void add(ZipOutputStream out, String name, Path file, Map<String, String> hashes)
            throws IOException {
        hashes.put(name, Verifier.hash(file));
        out.putNextEntry(new ZipEntry(name));
        Files.copy(file, out);
        out.closeEntry();
    }

    /** What came back. @param before where what was there lies now, absent: nothing was there */
    public record Restored(Verifier.Report report, Path before) {}

    /**
     * Checks a backup, and only then puts it in the place of what is there; that is moved aside, not deleted.
     *
     * @throws NotDone when it is no backup, was changed, does not verify, or a server runs on the folder
     */
    public static Restored restore(Path file, Path data, Instant now) throws IOException, SQLException {
        Files.createDirectories(data);
        try (DataLock lock = DataLock.take(data)) {
            Path fresh = Files.createTempDirectory(data, ".restore");
            try {
                unpack(file, fresh);
                Verifier.Report report;
                try (Connection copy = writing(fresh.resolve(DATABASE))) {
                    report = Verifier.verify(copy, fresh.resolve("files"), LongWork.Tell.nobody());
                }
                if (!report.isWhole()) {
                    throw new NotDone("It does not verify, so nothing was replaced: "
                            + report.faults().get(0) + ".");
                }
                Path aside = data.resolve("before-restore-" + now.toString().replaceAll("[^0-9TZ]", "-"));
                moveAside(data, aside);
                for (String name : List.of("files", DATABASE)) {
                    if (Files.exists(fresh.resolve(name))) {
                        Files.move(fresh.resolve(name), data.resolve(name), StandardCopyOption.ATOMIC_MOVE);
                    }
                }
                sync(data);
                return new Restored(report, aside);
            } finally {
                FileSystemUtils.deleteRecursively(fresh);
            }
        }
    }

    private static void moveAside(Path data, Path aside) throws IOException {
        Files.createDirectories(aside);
        for (String name : List.of(DATABASE, DATABASE + "-wal", DATABASE + "-shm", "files")) {
            if (Files.exists(data.resolve(name))) {
                Files.move(data.resolve(name), aside.resolve(name), StandardCopyOption.ATOMIC_MOVE);
            }
        }
    }

    private static void unpack(Path file, Path to) throws IOException {
        Files.createDirectories(to.resolve("files"));
        try (ZipFile zip = new ZipFile(file.toFile())) {
            JsonNode list = list(zip);
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
                ZipEntry entry = all.nextElement();
                if (!entry.getName().matches(NAMES)) {
                    throw new NotDone("It holds " + entry.getName() + ", which does not belong into a backup.");
                }
                if (!entry.getName().equals(LIST)) {
                    Path out = to.resolve(entry.getName());
                    try (InputStream in = zip.getInputStream(entry)) {
                        Files.copy(in, out);
                    }
                    if (!Verifier.hash(out)
                            .equals(list.path("sha256").path(entry.getName()).asString(""))) {
                        throw new NotDone("Its " + entry.getName() + " was changed after it was taken.");
                    }
                }
            }
            for (String name : list.path("sha256").propertyNames()) {
                if (!Files.exists(to.resolve(name))) {
                    throw new NotDone("Its " + name + " is missing.");
                }
            }
        } catch (ZipException e) {
            throw new NotDone("It is no backup, or was cut off.");
        }
    }

    private static JsonNode list(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(LIST);
        if (entry == null) {
            throw new NotDone("It is no backup: it holds no " + LIST + ".");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            JsonNode list = JSON.readTree(in);
            if (!FORMAT.equals(list.path("format").asString(""))
                    || list.path("version").asInt(0) != VERSION) {
                throw new NotDone("It is no backup of a kind that is known here.");
            }
            return list;
        }
    }

    /** Backups of each day, the newest {@code kept} of them. @return what was taken, absent: there is one of today */
    static Optional<Taken> daily(Path data, LocalDate today, int kept, Instant now) throws IOException, SQLException {
        Path folder = Files.createDirectories(data.resolve("backups"));
        Path file = folder.resolve("joropo-" + today + ".zip");
        if (Files.exists(file)) {
            return Optional.empty();
        }
        Taken taken = take(data, file, now, LongWork.Tell.nobody());
        List<Path> all = new ArrayList<>();
        try (DirectoryStream<Path> there = Files.newDirectoryStream(folder, "joropo-????-??-??.zip")) {
            there.forEach(all::add);
        }
        all.sort(null);
        for (Path old : all.subList(0, Math.max(0, all.size() - kept))) {
            Files.delete(old);
        }
        return Optional.of(taken);
    }

    /** Names of the daily ones, newest first. */
    static List<String> known(Path data) throws IOException {
        Path folder = data.resolve("backups");
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> there = Files.list(folder)) {
            return there.map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".zip"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
    }

    /** A connection that reads beside a running server. */
    static Connection reading(Path database) throws SQLException {
        var pragmas = new Properties();
        pragmas.put("open_mode", "1");
        pragmas.put("busy_timeout", "10000");
        return new HashingDataSource("jdbc:sqlite:" + database.toAbsolutePath(), pragmas).getConnection();
    }

    static Connection writing(Path database) throws SQLException {
        var pragmas = new Properties();
        pragmas.put("foreign_keys", "true");
        pragmas.put("busy_timeout", "10000");
        return new HashingDataSource("jdbc:sqlite:" + database.toAbsolutePath(), pragmas).getConnection();
    }

    private static String text(Statement sql, String query) throws SQLException {
        try (ResultSet row = sql.executeQuery(query)) {
            return row.next() ? row.getString(1) : "";
        }
    }

    /** A file that was moved is there after a power cut only once its folder is on the disk too. */
    private static void sync(Path folder) throws IOException {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }
}
