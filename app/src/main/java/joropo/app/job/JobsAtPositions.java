package joropo.app.job;

import joropo.app.register.OpenWork;
import org.springframework.stereotype.Component;

/** Open jobs, for the register. */
@Component
class JobsAtPositions implements OpenWork {
    private final JobMapper jobs;

    JobsAtPositions(JobMapper jobs) {
        this.jobs = jobs;
    }

    @Override
    public boolean at(long positionId) {
        return jobs.hasOpen(positionId);
    }
}
