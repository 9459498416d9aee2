package joropo.app.job;

import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.check.OpenJobs;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Component;

/** Open jobs, for a quick check that is taken into one. */
@Component
class JobsForChecks implements OpenJobs {
    private final JobService jobs;
    private final JobSheets sheets;

    JobsForChecks(JobService jobs, JobSheets sheets) {
        this.jobs = jobs;
        this.sheets = sheets;
    }

    @Override
    public List<OpenJob> open() {
        return jobs.openJobs(1).shown().stream()
                .map(j -> new OpenJob(j.number(), j.machineName() + ", " + j.positionName()))
                .toList();
    }

    @Override
    public String fill(String number, Map<String, String> texts, LengthUnit unit, Person person) {
        return "/jobs/" + number + "/"
                + sheets.fill(number, texts, unit, person).path();
    }
}
