package joropo.app.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Map;
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

    @Bean
    @FlywayDataSource
    HikariDataSource writePool(JoropoSettings settings) {
        try {
            Files.createDirectories(settings.data());
        } catch (IOException e) {
            throw new UncheckedIOException("Cannot make the data folder " + settings.data(), e);
        }
        HikariConfig config = pool("write", settings, 1);
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("synchronous", "FULL");
        config.addDataSourceProperty("transaction_mode", "IMMEDIATE");
        return new HikariDataSource(config);
    }

    @Bean
    HikariDataSource readPool(JoropoSettings settings) {
        HikariConfig config = pool("read", settings, READERS);
        config.setReadOnly(true);
        config.addDataSourceProperty("open_mode", "1");
        config.addDataSourceProperty("transaction_mode", "DEFERRED");
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

    private static HikariConfig pool(String name, JoropoSettings settings, int size) {
        var config = new HikariConfig();
        config.setPoolName(name);
        config.setJdbcUrl("jdbc:sqlite:" + settings.databaseFile().toAbsolutePath());
        config.setMaximumPoolSize(size);
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("busy_timeout", String.valueOf(BUSY_MS));
        return config;
    }
}
