package joropo.app.exchange;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import joropo.app.JoropoSettings;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.settings.SettingsService;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.app.watch.WatchService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The records as a whole, for a lead: verified, copied, and who did what. */
@Service
class RecordsService {
    private static final DateTimeFormatter NOW =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HHmmss").withZone(ZoneId.systemDefault());
    private static final String BACKUP = "(joropo|shop|before-version)-[0-9TZ-]{1,50}\\.zip";

    private final JoropoSettings settings;
    private final LongWork works;
    private final ActMapper acts;
    private final PeopleService people;
    private final SettingsService workshop;
    private final WatchService watches;
    private final HikariDataSource writer;
    private final Clock clock;

    RecordsService(
            JoropoSettings settings,
            LongWork works,
            ActMapper acts,
            PeopleService people,
            SettingsService workshop,
            WatchService watches,
            HikariDataSource writePool,
            Clock clock) {
        this.workshop = workshop;
        this.watches = watches;
        this.writer = writePool;
        this.settings = settings;
        this.works = works;
        this.acts = acts;
        this.people = people;
        this.clock = clock;
    }

    Optional<LongWork.Progress> progress() {
        return works.progress();
    }

    void stop() {
        works.stop();
    }

    /** @return whether it was begun: not while another long work runs */
    boolean verify(Person person) {
        return works.begin("verify the records", person.name(), tell -> {
            try (Connection records = Backup.reading(settings.databaseFile())) {
                Verifier.Report report =
                        Verifier.verify(records, settings.data().resolve("files"), tell);
                people.record(person.name(), "verified the records: " + report.words());
                return new LongWork.Outcome(
                        report.isWhole(),
                        report.words(),
                        report.faults().stream().map(Verifier.Fault::toString).toList(),
                        null);
            }
        });
    }

    /** @return whether it was begun: not while another long work runs */
    boolean backup(Person person) {
        return works.begin("take a backup", person.name(), tell -> {
            Path folder = Files.createDirectories(settings.data().resolve("backups"));
            String name = "joropo-" + NOW.format(clock.instant()) + ".zip";
            Backup.Taken taken = Backup.take(settings.data(), folder.resolve(name), clock.instant(), tell);
            people.record(person.name(), "took the backup " + name);
            return new LongWork.Outcome(
                    true,
                    "Kept as " + name + ". Its last link: " + taken.head(),
                    List.of(),
                    "/records/backups/" + name);
        });
    }

    /** The whole shop in open formats. @return whether it was begun: not while another long work runs */
    boolean takeOut(Person person) {
        return works.begin("take the shop out", person.name(), tell -> {
            Path folder = Files.createDirectories(settings.data().resolve("backups"));
            String name = "shop-" + NOW.format(clock.instant()) + ".zip";
            try (Connection records = Backup.reading(settings.databaseFile())) {
                ShopOut.write(records, settings.data().resolve("files"), folder.resolve(name), tell);
            }
            people.record(person.name(), "took the shop out as " + name);
            return new LongWork.Outcome(true, "Kept as " + name + ".", List.of(), "/records/backups/" + name);
        });
    }

    /**
     * Brings a shop's file in, or tries what that would do.
     *
     * @param file its own copy, which is deleted afterwards, @param keep false: it is only tried
     * @return whether it was begun: not while another long work runs
     */
    boolean bringIn(Path file, boolean keep, Person person) {
        return works.begin(keep ? "bring a shop in" : "try to bring a shop in", person.name(), tell -> {
            try {
                ShopIn.Result result =
                        keep ? kept(file, person, tell) : ShopIn.tried(file, settings.data(), clock.instant(), tell);
                return new LongWork.Outcome(
                        result.refusals() == 0 && !result.stopped(), words(result, keep), result.lines(), null);
            } finally {
                Files.deleteIfExists(file);
            }
        });
    }

    private ShopIn.Result kept(Path file, Person person, LongWork.Tell tell) throws IOException, SQLException {
        String came = "broke off";
        try {
            ShopIn.Result result =
                    ShopIn.read(file, writer::getConnection, settings.data().resolve("files"), clock.instant(), tell);
            came = words(result, true);
            return result;
        } finally {
            people.changedOutside(person.name(), "brought a shop in: " + came);
            workshop.changedOutside();
            watches.keepStates();
        }
    }

    private static String words(ShopIn.Result result, boolean keep) {
        return (result.stopped() && keep ? "Stopped: what came in stays, and the same file goes on from there. " : "")
                + (keep ? "Added: " : "Would add: ") + result.total() + ". Here already: " + result.here()
                + ". Refused: " + result.refusals() + ".";
    }

    List<String> backups() throws IOException {
        return Backup.known(settings.data());
    }

    /** @throws NotFound when there is none of this name */
    Path backupFile(String name) {
        Path file = settings.data().resolve("backups").resolve(name);
        if (!name.matches(BACKUP) || !Files.isRegularFile(file)) {
            throw new NotFound("backup " + name);
        }
        return file;
    }

    @Transactional(readOnly = true)
    public Paged<ActLine> acts(String person, int asked) {
        return Paged.of(asked, acts.count(person), (size, after) -> acts.acts(person, size, after));
    }

    @Transactional(readOnly = true)
    public List<String> names() {
        return acts.names();
    }
}
