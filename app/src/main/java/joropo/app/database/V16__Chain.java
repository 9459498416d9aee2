package joropo.app.database;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Makes the {@link Chain}. What stood in the database before is linked in the order of its tables. */
@Component
class V16__Chain extends BaseJavaMigration {
    /** What held single tables until now. */
    private static final List<String> BEFORE = List.of(
            "sheet_revision_stays",
            "sheet_revision_remains",
            "signature_stays",
            "signature_remains",
            "job_entry_stays",
            "job_entry_remains",
            "lot_movement_stays",
            "lot_movement_remains",
            "part_entry_stays",
            "part_entry_remains",
            "strip_note_stays",
            "strip_note_remains",
            "fitted_section_stays",
            "fitted_section_remains",
            "job_kind_stays");

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement sql = context.getConnection().createStatement()) {
            sql.execute("create table chain (id integer primary key, what text not null, ref text not null,"
                    + " said text not null, link text not null, unique (what, ref)) strict");
            sql.execute("create view evidence as select what, ref, said from chain");
            sql.execute("create index turn_by_job on torque_turn (job_id)");
            for (String trigger : Chain.triggers()) {
                sql.execute(trigger);
            }
            for (String trigger : BEFORE) {
                sql.execute("drop trigger " + trigger);
            }
            for (Evidence table : Evidence.all()) {
                if (isHere(sql, table)) {
                    chain(sql, table);
                }
            }
        }
    }

    /** Tables that came later are chained when they come. */
    private static boolean isHere(Statement sql, Evidence table) throws SQLException {
        try (ResultSet row = sql.executeQuery("select 1 from sqlite_master where name = '" + table.table() + "'")) {
            return row.next();
        }
    }

    /** What stands in a table becomes links, and what comes into it from now on. */
    static void chain(Statement sql, Evidence table) throws SQLException {
        link(sql, table, table.what(), table.said("t"), "true");
        if (!table.once().isEmpty()) {
            link(sql, table, table.whatLater(), table.saidLater("t"), table.isLater("t"));
        }
        for (String trigger : table.triggers()) {
            sql.execute(trigger);
        }
    }

    private static void link(Statement sql, Evidence table, String what, String said, String which)
            throws SQLException {
        sql.execute("insert into evidence (what, ref, said) select '" + what + "', " + table.ref("t") + ", " + said
                + " from " + table.table() + " t where " + which + " order by t.rowid");
    }
}
