package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.nio.file.Path;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.register.NewPosition;
import joropo.app.register.NewPositionBuilder;
import joropo.app.register.RegisterService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.RefusedInput;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** What a job is about is fixed when it is opened, and its number never comes twice. */
class JobKindIT {
    private static ConfigurableApplicationContext application;
    private static RegisterService register;
    private static Visitor visitor;

    @BeforeAll
    static void start() throws Exception {
        application = Workshop.start(Workshop.temporary("joropo-kind"), true);
        register = application.getBean(RegisterService.class);
        visitor = new Visitor("http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port"))
                .onScreen("SHEET")
                .signIn("marisol");
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    private static NewPosition of(PartKind kind) {
        return NewPositionBuilder.builder()
                .kind(kind)
                .name("output")
                .shaftMm(45.0)
                .boreMm(62.0)
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build();
    }

    private static long position(PartKind kind) {
        long machine = register.addMachine("Kinds " + System.nanoTime(), "yard", "", "jacinta");
        return register.addPosition(machine, of(kind), "jacinta");
    }

    private static String opened(long position) throws Exception {
        String at = visitor.post("/machines/positions/" + position + "/jobs")
                .headers()
                .firstValue("Location")
                .orElseThrow();
        return at.substring(at.indexOf("/jobs/") + 6);
    }

    /** The page has no button for it, and whoever posts all the same is refused at the kind. */
    @Test
    void aPositionWhoseKindHasNoFamilyStartsNoJob() throws Exception {
        long packing = position(PartKind.BELLOWS);
        assertThat(visitor.get("/machines/positions/" + packing).body()).doesNotContain("Start a job");
        assertThat(visitor.post("/machines/positions/" + packing + "/jobs").body())
                .contains("Is bellows: there is no work for that here yet.");
        assertThat(application.getBean(JobService.class).ofPosition(packing, 1).shown())
                .isEmpty();
    }

    @Test
    void theKindOfAPositionStaysWhileAJobIsOpenThere() throws Exception {
        long position = position(PartKind.LIP_SEAL);
        String number = opened(position);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> register.changePosition(position, of(PartKind.BELLOWS), "jacinta"))
                .withMessageContaining("stays lip seal while a job is open here");
        var jdbc = application.getBean(JdbcTemplate.class);
        assertThatExceptionOfType(DataAccessException.class)
                .isThrownBy(() -> jdbc.update("update job set kind = 'BELLOWS' where number = ?", number))
                .withMessageContaining("what stands in job stays as it is");
        visitor.post("/jobs/" + number + "/withdrawal", "why", "opened in error");
        register.changePosition(position, of(PartKind.BELLOWS), "jacinta");
        assertThat(register.position(position).orElseThrow().kind()).isEqualTo(PartKind.BELLOWS);
    }

    @Test
    void jobTenThousandOfAYearOpens() throws Exception {
        long position = position(PartKind.LIP_SEAL);
        String before = opened(position);
        String year = before.substring(0, 2);
        application
                .getBean(JdbcTemplate.class)
                .update("update job_number set last = 9999 where year = ?", Integer.valueOf(year));
        assertThat(opened(position)).isEqualTo(year + "-10000");
        assertThat(opened(position)).isEqualTo(year + "-10001");
        assertThat(visitor.get("/jobs/" + year + "-10001/intake").statusCode()).isEqualTo(200);
    }

    /** Nothing is cut in silence: what stood there stays, the field says why, and the page keeps what was typed. */
    @Test
    void aTextThatIsFarTooLongIsRefusedAtItsField() throws Exception {
        String sheet = "/jobs/" + opened(position(PartKind.LIP_SEAL)) + "/prove";
        visitor.swap(sheet + "/draft", "tab", "t", "seq", "0", "proveNote", "dry");
        String long20 = "x".repeat(20_001);
        assertThat(visitor.swap(sheet + "/draft", "tab", "t", "seq", "1", "proveNote", long20)
                        .body())
                .contains("Not saved: has room for 20000 characters, got 20001.");
        assertThat(visitor.get(sheet).body()).contains(">dry</textarea>").doesNotContain("xxxx");
        assertThat(visitor.post(sheet, "tab", "t", "seq", "1", "proveNote", long20)
                        .body())
                .contains("Not saved: has room for 20000 characters", ">" + long20 + "</textarea>");
    }

    /** What was opened before jobs had a kind was about lip seals. */
    @Test
    void olderJobsAreTakenOver() {
        Path file = Workshop.temporary("joropo-older").resolve("older.db");
        var source = new DriverManagerDataSource("jdbc:sqlite:" + file);
        Flyway.configure().dataSource(source).target("5").load().migrate();
        var jdbc = new JdbcTemplate(source);
        jdbc.update("insert into person (id, name, full_name, role, password_hash, created_at) values (1, 'a', 'A', "
                + "'LEAD', 'x', 't')");
        jdbc.update("insert into machine (id, name, place, created_at) values (1, 'm', 'p', 't')");
        jdbc.update("insert into seal_position (id, machine_id, name, medium, dirt, created_at) values (1, 1, 's', "
                + "'OIL', 'DUST', 't')");
        for (String number : new String[] {"25-0041", "26-0007", "26-0012"}) {
            jdbc.update("insert into job (number, position_id, opened_by, opened_at) values (?, 1, 1, 't')", number);
        }
        Flyway.configure().dataSource(source).target("18").load().migrate();
        assertThat(jdbc.queryForList("select distinct kind from job_item", String.class))
                .containsExactly("LIP_SEAL");
        assertThat(jdbc.queryForList("select last from job_number order by year", Integer.class))
                .containsExactly(41, 12);
    }
}
