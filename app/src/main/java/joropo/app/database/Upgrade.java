package joropo.app.database;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.Properties;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings records of an older version up to this one: a backup is made before, and named. Records of a newer version are
 * left alone.
 */
@Component
public class Upgrade implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(Upgrade.class);

    private final BeforeUpgrade before;

    Upgrade(BeforeUpgrade before) {
        this.before = before;
    }

    /** Makes the records of this version at the machine itself, where no server runs; none are there: they are made. */
    public static void upTo(Path database, BeforeUpgrade before) {
        var pragmas = new Properties();
        pragmas.put("journal_mode", "WAL");
        pragmas.put("foreign_keys", "true");
        Flyway flyway = Flyway.configure()
                .dataSource(new HashingDataSource("jdbc:sqlite:" + database.toAbsolutePath(), pragmas))
                .javaMigrations(new V16__Chain(), new V19__WatchesChained())
                .load();
        new Upgrade(before).migrate(flyway);
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo[] all = flyway.info().all();
        MigrationVersion newest = Arrays.stream(all)
                .filter(m -> !m.getState().name().startsWith("FUTURE"))
                .map(MigrationInfo::getVersion)
                .max(MigrationVersion::compareTo)
                .orElseThrow();
        MigrationInfo current = flyway.info().current();
        if (current != null && current.getVersion().compareTo(newest) > 0) {
            throw new MadeByNewer("These records are of version " + current.getVersion()
                    + ", and this Joropo knows them up to"
                    + " version " + newest + ": start the newer Joropo, or bring back a backup of before. Nothing was"
                    + " changed.");
        }
        if (current != null && current.getVersion().compareTo(newest) < 0) {
            String was = current.getVersion().toString();
            String file = before.backUp(was, newest.toString());
            LOG.info("Records of version {} become version {}. As they were they lie in {}", was, newest, file);
        }
        flyway.migrate();
    }

    /** What nobody undoes by starting again. */
    static final class MadeByNewer extends RuntimeException {
        MadeByNewer(String sentence) {
            super(sentence);
        }
    }
}
