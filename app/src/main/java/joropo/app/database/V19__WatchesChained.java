package joropo.app.database;

import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Leak watches and looks at signed jobs are evidence from their first entry on. */
@Component
class V19__WatchesChained extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement sql = context.getConnection().createStatement()) {
            for (Evidence table : Evidence.all()) {
                if (table.table().startsWith("leak_") || table.table().equals("job_look")) {
                    V16__Chain.chain(sql, table);
                }
            }
        }
    }
}
