package joropo.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import joropo.app.Workshop;
import joropo.app.register.RegisterService;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

class DatabaseIT {
    private final JdbcTemplate writer = Workshop.bean(JdbcTemplate.class);
    private final JdbcTemplate jdbc = new JdbcTemplate(Workshop.bean(DataSource.class));

    private TransactionTemplate transaction(boolean readOnly) {
        var template = new TransactionTemplate(Workshop.bean(PlatformTransactionManager.class));
        template.setReadOnly(readOnly);
        return template;
    }

    @Test
    void theWritingConnectionIsAsDurableAsPromised() {
        assertThat(jdbc.queryForObject("pragma journal_mode", String.class)).isEqualTo("wal");
        assertThat(jdbc.queryForObject("pragma synchronous", Integer.class))
                .as("FULL")
                .isEqualTo(2);
        assertThat(jdbc.queryForObject("pragma foreign_keys", Integer.class)).isEqualTo(1);
    }

    @Test
    void aReadingTransactionCannotWriteAndDoesNotWaitForAnOpenWrite() {
        assertThatExceptionOfType(DataAccessException.class).isThrownBy(() -> transaction(true)
                .executeWithoutResult(
                        t -> jdbc.update("insert into act (at, person_name, what) values ('x', 'x', 'x')")));
        transaction(false).executeWithoutResult(write -> {
            jdbc.update("insert into act (at, person_name, what)"
                    + " values ('2026-01-01T00:00:00.000Z', 'test', 'open write')");
            var reader = Executors.newSingleThreadExecutor();
            try {
                assertThat(reader.submit(() -> transaction(true)
                                        .execute(t -> jdbc.queryForObject(
                                                "select count(*) from act where what = 'open write'", Integer.class)))
                                .get())
                        .as("reads go on beside it and do not see it yet")
                        .isZero();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            } finally {
                reader.shutdown();
            }
            write.setRollbackOnly();
        });
    }

    @Test
    void foreignKeysAndChecksAreEnforced() {
        assertThatExceptionOfType(DataIntegrityViolationException.class)
                .isThrownBy(() ->
                        writer.update("insert into seal_position (machine_id, name, medium, dirt, created_at) values "
                                + "(999999, 'x', 'OIL', 'DUST', 'x')"));
        assertThatExceptionOfType(DataIntegrityViolationException.class)
                .isThrownBy(() -> writer.update("update job set state = 'WITHDRAWN' where number = '26-0001'"));
    }

    @Test
    void manyWritersAtOnceLoseNothing() throws Exception {
        RegisterService register = Workshop.bean(RegisterService.class);
        var pool = Executors.newFixedThreadPool(8);
        List<Callable<Long>> writes = IntStream.range(0, 80)
                .mapToObj(i -> (Callable<Long>) () -> register.addMachine("Crowd " + i, "crowd", "", "jacinta"))
                .toList();
        for (var done : pool.invokeAll(writes)) {
            assertThat(done.get()).isPositive();
        }
        pool.shutdown();
        assertThat(jdbc.queryForObject("select count(*) from machine where place = 'crowd'", Integer.class))
                .isEqualTo(80);
    }
}
