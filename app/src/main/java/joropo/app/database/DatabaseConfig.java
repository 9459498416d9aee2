package joropo.app.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import javax.sql.DataSource;
import joropo.app.JoropoSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/**
 * One SQLite file in WAL: one writing connection, so that writers queue fairly, and four reading ones. Reading services
 * say {@code @Transactional(readOnly = true)}; everything else goes to the writer. Each commit is on the disk before it
 * is acknowledged (synchronous FULL).
 */
@Configuration(proxyBeanMethods = false)
class DatabaseConfig {
    private static final int READERS = 4;
    private static final int BUSY_MS = 5000;

    @Bean
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
        var proxy = new LazyConnectionDataSourceProxy(writePool);
        proxy.setReadOnlyDataSource(readPool);
        return proxy;
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
