package joropo.app;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data folder with the database and what belongs to it
 * @param demo whether demo data are made and the sign-ins shown, @param demoJobs how many jobs more they hold
 * @param backups how many of the daily backups are kept, 0: none is taken
 * @param hosts names it answers to, beside the machine's own
 */
@ConfigurationProperties("joropo")
public record JoropoSettings(
        @DefaultValue("data") Path data,
        @DefaultValue("false") boolean demo,
        @DefaultValue("0") int demoJobs,
        @DefaultValue("14") int backups,
        @DefaultValue({}) List<String> hosts) {
    private static final int MOST_JOBS = 200_000;

    public JoropoSettings {
        if (demoJobs < 0 || demoJobs > MOST_JOBS) {
            throw new IllegalArgumentException(
                    "demo-jobs needs a whole number up to " + MOST_JOBS + ", got " + demoJobs);
        }
    }

    public Path databaseFile() {
        return data.resolve("joropo.db");
    }
}
