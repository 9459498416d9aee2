package joropo.app.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.util.Map;
import java.util.Properties;
import javax.sql.DataSource;
import joropo.app.JoropoSettings;
import org.springframework.boot.flyway.autoconfigure.FlywayDataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * One SQLite file in WAL: one writing connection, so that writers queue fairly, and four reading ones. Only a
 * transaction that is not read-only goes to the writer; everything else reads, and cannot write. Each commit is on the
 * disk before it is acknowledged (synchronous FULL).
 */
@Configuration(proxyBeanMethods = false)
class DatabaseConfig {
    private static final int READERS = 4;
    private static final int BUSY_MS = 5000;

    /** Before anything is opened: one server on one folder. */
    @Bean
    DataLock dataLock(JoropoSettings settings) throws IOException {
        DataLock lock = DataLock.take(settings.data());
        OwnerOnly.folder(settings.data());
        OwnerOnly.file(settings.databaseFile());
        return lock;
    }

    @Bean
    @FlywayDataSource
    HikariDataSource writePool(JoropoSettings settings, DataLock onlyOne) {
        return new HikariDataSource(pool(
                "write",
                settings,
                1,
                Map.of("journal_mode", "WAL", "synchronous", "FULL", "transaction_mode", "IMMEDIATE")));
    }

    @Bean
    HikariDataSource readPool(JoropoSettings settings) {
        HikariConfig config = pool("read", settings, READERS, Map.of("open_mode", "1", "transaction_mode", "DEFERRED"));
        config.setReadOnly(true);
        config.setInitializationFailTimeout(-1);
        config.setMinimumIdle(0);
        return new HikariDataSource(config);
    }

    @Bean
    @Primary
    DataSource dataSource(HikariDataSource writePool, HikariDataSource readPool) {
        var routed = new AbstractRoutingDataSource() {
            @Override
            protected Object determineCurrentLookupKey() {
                return TransactionSynchronizationManager.isActualTransactionActive()
                        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
            }
        };
        routed.setTargetDataSources(Map.of(true, writePool, false, readPool));
        routed.afterPropertiesSet();
        return new LazyConnectionDataSourceProxy(routed);
    }

    /** For what looks at the writing connection itself. */
    @Bean
    JdbcTemplate jdbcTemplate(HikariDataSource writePool) {
        return new JdbcTemplate(writePool);
    }

    private static HikariConfig pool(String name, JoropoSettings settings, int size, Map<String, String> more) {
        var config = new HikariConfig();
        config.setPoolName(name);
        var pragmas = new Properties();
        pragmas.put("foreign_keys", "true");
        pragmas.put("busy_timeout", String.valueOf(BUSY_MS));
        pragmas.putAll(more);
        config.setDataSource(
                new HashingDataSource("jdbc:sqlite:" + settings.databaseFile().toAbsolutePath(), pragmas));
        config.setMaximumPoolSize(size);
        return config;
    }
}
