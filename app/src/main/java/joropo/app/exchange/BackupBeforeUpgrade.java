package joropo.app.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import joropo.app.JoropoSettings;
import joropo.app.database.BeforeUpgrade;
import joropo.app.database.NotDone;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** The records as they were before an upgrade, in a backup of their own; it stays until somebody takes it away. */
@Component
class BackupBeforeUpgrade implements BeforeUpgrade {
    private final Path data;
    private final Clock clock;

    @Autowired
    BackupBeforeUpgrade(JoropoSettings settings, Clock clock) {
        this(settings.data(), clock);
    }

    /** At the machine itself. */
    BackupBeforeUpgrade(Path data, Clock clock) {
        this.data = data;
        this.clock = clock;
    }

    @Override
    public String backUp(String from, String to) {
        Instant now = clock.instant();
        try {
            Path folder = Files.createDirectories(data.resolve("backups"));
            Path file =
                    folder.resolve("before-version-" + to + "-" + now.toString().replaceAll("[^0-9TZ]", "-") + ".zip");
            return Backup.take(data, file, now, LongWork.Tell.nobody()).file().toString();
        } catch (NotDone e) {
            throw new IllegalStateException(e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException("The records of version " + from + " could not be backed up", e);
        } catch (SQLException e) {
            throw new IllegalStateException("The records of version " + from + " could not be backed up", e);
        }
    }
}
