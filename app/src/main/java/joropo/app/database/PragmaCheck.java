package joropo.app.database;

import java.util.Map;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Refuses to start when the writing connection is not as durable as promised: SQLite takes a misspelt pragma in
 * silence.
 */
@Component
class PragmaCheck implements SmartInitializingSingleton {
    private static final Map<String, String> WANTED =
            Map.of("journal_mode", "wal", "synchronous", "2", "foreign_keys", "1");

    private final JdbcTemplate jdbc;

    PragmaCheck(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void afterSingletonsInstantiated() {
        WANTED.forEach((pragma, wanted) -> {
            String found = jdbc.queryForObject("pragma " + pragma, String.class);
            if (!wanted.equalsIgnoreCase(found)) {
                throw new IllegalStateException(
                        "The database must have " + pragma + " = " + wanted + ", found " + found);
            }
        });
    }
}
