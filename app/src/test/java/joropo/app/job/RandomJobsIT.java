package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;

/** A page of a job opens whatever was done to it; {@code ./joropo bench} tries it for an hour. */
class RandomJobsIT {
    private static final int JOBS = 24;

    @Test
    void everyPageOfAJobOpensWhateverWasTyped() throws Exception {
        RandomJobs.Tried tried = RandomJobs.run(28, JOBS, Duration.ofMinutes(4));
        assertThat(tried.wrong()).isEmpty();
        assertThat(tried.jobs()).isEqualTo(JOBS);
        assertThat(tried.acts()).as("most pages offer something").isGreaterThan(JOBS * 12);
    }
}
