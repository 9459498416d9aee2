package joropo.app.database;

import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Makes the {@link Chain}. What stood in the database before is linked in the order of its tables. */
@Component
class V16__Chain extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        FrozenSql.run("V16", context.getConnection());
    }
}
