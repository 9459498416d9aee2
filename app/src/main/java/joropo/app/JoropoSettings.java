package joropo.app;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data folder with the database and what belongs to it
 * @param demo whether demo data are made and the sign-ins shown
 */
@ConfigurationProperties("joropo")
public record JoropoSettings(
        @DefaultValue("data") Path data,
        @DefaultValue("false") boolean demo) {
    public Path databaseFile() {
        return data.resolve("joropo.db");
    }
}
