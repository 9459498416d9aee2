package joropo.app.database;

import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Leak watches and looks at signed jobs are evidence from their first entry on. */
@Component
class V19__WatchesChained extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        FrozenSql.run("V19", context.getConnection());
    }
}
