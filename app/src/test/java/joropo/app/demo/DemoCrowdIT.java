package joropo.app.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.file.Path;
import java.util.List;
import joropo.app.JoropoSettings;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.job.JobService;
import joropo.app.store.StoreService;
import joropo.app.ui.Paged;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Very many jobs come page by page, with how many there are. */
class DemoCrowdIT {
    private static final int JOBS = 2000;

    @Test
    void listsShowOnePageAndSayHowManyThereAre() throws Exception {
        try (ConfigurableApplicationContext own = Workshop.start(Workshop.temporary("joropo-crowd"), true)) {
            JobService jobs = own.getBean(JobService.class);
            long openBefore = jobs.openJobs(1).total();
            own.getBean(DemoCrowd.class).make(JOBS);
            var jdbc = own.getBean(JdbcTemplate.class);
            assertThat(jdbc.queryForObject("pragma synchronous", Integer.class))
                    .as("full again")
                    .isEqualTo(2);
            long open = openBefore + JOBS / 40;
            assertThat(jobs.openJobs(1).total()).isEqualTo(open);
            assertThat(jobs.openJobs(99).shown())
                    .hasSize((int) (open % Paged.SIZE))
                    .doesNotContainAnyElementsOf(jobs.openJobs(1).shown());
            String address = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Visitor visitor = new Visitor(address).signIn("jacinta");
            assertThat(visitor.get("/").body())
                    .contains(open + " open, 25 shown")
                    .contains("page 1 of 3");
            assertThat(visitor.get("/?page=99").body()).contains("There is no page 99: this is the last.");
            assertThat(visitor.get("/?page=-1").body()).contains("page 1 of 3");
            assertThat(visitor.get("/find?q=output").body()).contains("more than 500 places where it is written");
            assertThat(visitor.get("/find?q=O%C3%9ATP%20outpu").body())
                    .as("a beginning, in capitals, with an accent")
                    .contains("more than 500 places where it is written");
            String first = jobs.ofMachine(1, 1).shown().get(0).number();
            assertThat(visitor.get("/find?q=" + first).body()).contains(first);
            assertThat(own.getBean(StoreService.class).lots()).hasSizeGreaterThan(JOBS / 50);
            assertThat(jdbc.queryForObject(
                            "select count(*) from found_row r where r.kind in ('JOB', 'SHEET', 'STRIP', 'PART', "
                                    + "'ADDENDUM') and not exists (select 1 from found f where f.rowid = r.id)",
                            Integer.class))
                    .isZero();
        }
    }

    @Test
    void howManyHasItsLimits() {
        for (int wrong : new int[] {-1, 200_001}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new JoropoSettings(Path.of("x"), true, wrong, 14, List.of()))
                    .withMessageContaining("needs a whole number up to 200000, got " + wrong);
        }
    }
}
