package joropo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import joropo.app.database.NotDone;
import joropo.app.job.SealMeans;
import org.springframework.util.FileSystemUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Brings in a shop's file in steps, between which others write: what is here already is left as it is, what differs is
 * refused with the reason, all else is added. What was brought in stays when it is stopped, and the same file brought
 * in again goes on from there. A shop that is still empty becomes the shop of the file; another one keeps its own jobs
 * and people apart by where they come from.
 */
final class ShopIn {
    private static final String NAMES =
            "(shop|settings|machines|store|sections)\\.json|(register|store|readings|leaks)\\.csv"
                    + "|watches/\\d{6,9}\\.json|jobs/[0-9a-f]{32}/[\\w-]{1,40}\\.json|files/[0-9a-f]{64}";

    private final Incoming in;
    private final ZipFile zip;
    private final Path files;
    private final LongWork.Tell tell;

    private ShopIn(Incoming in, ZipFile zip, Path files, LongWork.Tell tell) {
        this.in = in;
        this.zip = zip;
        this.files = files;
        this.tell = tell;
    }

    /**
     * What came of it. @param added how many of each kind, @param here how many were here already, @param refusals how
     * many were refused, @param refused the first of them with their reasons, @param stopped before its end
     */
    record Result(Map<String, Integer> added, int here, int refusals, List<String> refused, boolean stopped) {
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
     * @param to where it goes, @param files folder of the photos
     * @throws NotDone when the file is none of a shop
     */
    static Result read(Path file, Incoming.Connections to, Path files, Instant now, LongWork.Tell tell)
            throws IOException, SQLException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            var in = new Incoming(to, zip, now);
            try {
                new ShopIn(in, zip, files, tell).all();
            } catch (CancellationException e) {
                in.stopped();
            }
            return in.result();
        } catch (ZipException e) {
            throw new NotDone("It is no ZIP, or was cut off.");
        } catch (JacksonException e) {
            throw new NotDone("It holds a file that is no JSON: " + e.getOriginalMessage() + ".");
        }
    }

    /** Does the same with a copy of the records, which goes again. @param data folder of the records */
    static Result tried(Path file, Path data, Instant now, LongWork.Tell tell) throws IOException, SQLException {
        Path copy = Files.createTempDirectory(data, ".try");
        try {
            Path database = copy.resolve("joropo.db");
            Backup.copy(data.resolve("joropo.db"), database);
            return read(file, () -> Backup.writing(database), copy.resolve("files"), now, tell);
        } finally {
            FileSystemUtils.deleteRecursively(copy);
        }
    }

    private void all() throws IOException, SQLException {
        List<ZipEntry> jobs = new ArrayList<>();
        List<ZipEntry> watches = new ArrayList<>();
        List<ZipEntry> photos = new ArrayList<>();
        for (var entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            if (!entry.getName().matches(NAMES)) {
                throw new NotDone("It holds " + entry.getName() + ", which does not belong into a shop's file.");
            }
            if (entry.getName().startsWith("jobs/")) {
                jobs.add(entry);
            } else if (entry.getName().startsWith("watches/")) {
                watches.add(entry);
            } else if (entry.getName().startsWith("files/")) {
                photos.add(entry);
            }
        }
        tell.outOf(jobs.size() + watches.size() + 1L);
        JsonNode head = in.json("shop.json");
        int version = head.path("version").asInt(0);
        if (!ShopOut.FORMAT.equals(head.path("format").asString("")) || version < 1 || version > ShopOut.VERSION) {
            throw new NotDone("It is no file of a shop, or one of a version that is not known here.");
        }
        JsonNode works = in.json("settings.json");
        JsonNode machines = in.json("machines.json");
        JsonNode store = in.json("store.json");
        JsonNode sections = in.json("sections.json");
        boolean becomes = shop(head.path("shop").asString(""));
        var settings = new SettingsIn(in);
        var register = new RegisterIn(in);
        var lots = new StoreIn(in);
        var records = new JobsIn(in);
        new PeopleIn(in).people(head.path("people"));
        for (ZipEntry photo : photos) {
            photo(photo);
        }
        settings.settings(works, becomes);
        register.machines(machines);
        for (ZipEntry entry : watches) {
            in.each(
                    "leak watch " + entry.getName().replaceAll("^watches/0*|\\.json$", ""),
                    () -> register.watch(in.json(entry)));
            tell.one();
        }
        lots.lots(store);
        records.sections(sections);
        for (ZipEntry entry : jobs) {
            in.each("job " + entry.getName().replaceAll("^.*/|\\.json$", ""), () -> records.job(entry));
            tell.one();
        }
        lots.movements(store);
        settings.drivers(works.path("drivers"));
        in.writing(this::recount);
        tell.one();
    }

    /** Of which shop it is. @return whether this one is still empty and becomes that */
    private boolean shop(String ofFile) throws IOException, SQLException {
        Sound.mustBeShop(ofFile);
        var becomes = new boolean[1];
        in.writing(() -> {
            becomes[0] =
                    in.rows().one("select 1 from machine") == null && in.rows().one("select 1 from job") == null;
            in.shops(ofFile, Names.shop(in.rows()), becomes[0]);
            if (becomes[0]) {
                in.rows().run("update works_setting set value = ? where name = 'shop'", ofFile);
            }
        });
        return becomes[0];
    }

    /** Lives and numbers, after many jobs have come at once. */
    private void recount() throws SQLException {
        for (String sql : SealMeans.RECOUNT) {
            in.rows().run(sql);
        }
        in.rows()
                .run("insert into job_number (year, last) select cast(substr(number, 1, 2) as integer), "
                        + "max(cast(substr(number, 4) as integer)) from job where number glob '[0-9][0-9]-[0-9]*' group"
                        + " by 1 on conflict (year) do update set last = max(last, excluded.last)");
    }

    private void photo(ZipEntry entry) throws IOException {
        Files.createDirectories(files);
        String name = entry.getName().substring("files/".length());
        Path file = files.resolve(name);
        if (Files.exists(file)) {
            return;
        }
        Path part = Files.createTempFile(files, "part", null);
        try (InputStream bytes = in.open(entry)) {
            Files.copy(bytes, part, StandardCopyOption.REPLACE_EXISTING);
            if (!Verifier.hash(part).equals(name)) {
                throw new NotDone("The photo " + name + " was changed.");
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
