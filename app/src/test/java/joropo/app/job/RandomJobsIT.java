package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** A page of a job opens whatever was done to it. Five jobs here; more with {@code -Djoropo.jobs=200}. */
class RandomJobsIT {
    private static final int JOBS = Integer.getInteger("joropo.jobs", 3);

    @Test
    @Timeout(value = 65, unit = TimeUnit.MINUTES)
    void everyPageOfAJobOpensWhateverWasTyped() throws Exception {
        RandomJobs.Tried tried = RandomJobs.run(28, JOBS, Duration.ofHours(1));
        assertThat(tried.wrong()).isEmpty();
        assertThat(tried.jobs()).isEqualTo(JOBS);
        assertThat(tried.acts()).as("most pages offer something").isGreaterThan(JOBS * 12);
    }
}
