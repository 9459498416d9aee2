package joropo.app.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import joropo.app.database.NotDone;
import joropo.app.job.SealMeans;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Brings in a shop's file, all of it or nothing: what is here already is left as it is, what differs is refused with
 * the reason, all else is added. A shop that is still empty becomes the shop of the file; another one keeps its own
 * jobs apart by where they come from. A try does the same, tells what it would do, and takes it back.
 */
final class ShopIn {
    private static final String NAMES =
            "(shop|settings|machines|store|sections)\\.json|(register|store|readings|leaks)\\.csv"
                    + "|watches/\\d{6,9}\\.json|jobs/[0-9a-f]{32}/[\\w-]{1,40}\\.json|files/[0-9a-f]{64}";

    private final Incoming in;
    private final ZipFile zip;
    private final Path files;
    private final LongWork.Tell tell;
    private final List<Path> filesMade = new ArrayList<>();

    private ShopIn(Incoming in, ZipFile zip, Path files, LongWork.Tell tell) {
        this.in = in;
        this.zip = zip;
        this.files = files;
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
        ShopIn shop = null;
        boolean kept = false;
        try (ZipFile zip = new ZipFile(file.toFile())) {
            var in = new Incoming(connection, zip, now);
            shop = new ShopIn(in, zip, files, tell);
            shop.all();
            if (keep) {
                connection.commit();
                kept = true;
            }
            return in.result();
        } catch (ZipException e) {
            throw new NotDone("It is no ZIP, or was cut off.");
        } catch (JacksonException e) {
            throw new NotDone("It holds a file that is no JSON: " + e.getOriginalMessage() + ".");
        } finally {
            if (!kept) {
                connection.rollback();
                if (shop != null) {
                    for (Path made : shop.filesMade) {
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
        JsonNode head = in.json("shop.json");
        if (!ShopOut.FORMAT.equals(head.path("format").asString(""))
                || head.path("version").asInt(0) != ShopOut.VERSION) {
            throw new NotDone("It is no file of a shop, or one of a version that is not known here.");
        }
        String shop = head.path("shop").asString("");
        if (!shop.matches("[0-9a-f]{32}")) {
            throw new NotDone("It does not say of which shop it is.");
        }
        boolean empty =
                in.rows().one("select 1 from machine") == null && in.rows().one("select 1 from job") == null;
        if (empty) {
            in.rows().run("update works_setting set value = ? where name = 'shop'", shop);
        }
        var settings = new SettingsIn(in);
        var register = new RegisterIn(in);
        var lots = new StoreIn(in);
        var records = new JobsIn(in);
        settings.people(head.path("people"));
        photos();
        settings.settings(in.json("settings.json"), empty);
        register.machines(in.json("machines.json"));
        for (ZipEntry entry : watches) {
            in.each(
                    "leak watch " + entry.getName().replaceAll("^watches/0*|\\.json$", ""),
                    () -> register.watch(ShopOut.JSON.readTree(in.bytes(entry))));
            tell.one();
        }
        JsonNode store = in.json("store.json");
        lots.lots(store);
        records.sections(in.json("sections.json"), null);
        for (ZipEntry entry : jobs) {
            in.each("job " + entry.getName().replaceAll("^.*/|\\.json$", ""), () -> records.job(entry));
            tell.one();
        }
        lots.movements(store);
        settings.drivers(in.json("settings.json").path("drivers"));
        for (String sql : SealMeans.RECOUNT) {
            in.rows().run(sql);
        }
        in.rows()
                .run("insert into job_number (year, last) select cast(substr(number, 1, 2) as integer), "
                        + "max(cast(substr(number,"
                        + " 4) as integer)) from job where number glob '[0-9][0-9]-[0-9]*' group by 1 on "
                        + "conflict (year) do update"
                        + " set last = max(last, excluded.last)");
        tell.one();
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
                    Files.write(part, in.bytes(entry));
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
}
