package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneId;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import joropo.app.JoropoSettings;
import joropo.app.database.Failures;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * By itself: a backup a day, and what was written last folded into the database file every few minutes. The demo takes
 * none: its data are made up.
 */
@Component
class Backups implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final int EVERY_MINUTES = 10;

    private final JoropoSettings settings;
    private final JdbcTemplate writer;
    private final Clock clock;
    private final ScheduledExecutorService clockwork = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "backups");
        thread.setDaemon(true);
        return thread;
    });

    Backups(JoropoSettings settings, JdbcTemplate writer, Clock clock) {
        this.settings = settings;
        this.writer = writer;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        clockwork.scheduleWithFixedDelay(this::look, 0, EVERY_MINUTES, TimeUnit.MINUTES);
    }

    private void look() {
        try {
            writer.execute("pragma wal_checkpoint(truncate)");
            if (settings.backups() > 0 && !settings.demo()) {
                Backup.daily(
                                settings.data(),
                                clock.instant().atZone(ZoneId.systemDefault()).toLocalDate(),
                                settings.backups(),
                                clock.instant())
                        .ifPresent(t -> LOG.info("Backup of the day kept in {}", t.file()));
            }
        } catch (IOException | SQLException | RuntimeException e) {
            if (clockwork.isShutdown()) {
                return;
            }
            LOG.warn("No backup of the day: {}", Failures.words(e));
        }
    }

    @Override
    public void destroy() {
        clockwork.shutdownNow();
    }
}
