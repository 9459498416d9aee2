package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Brings in machines with their positions, and the leak watches at them. */
final class RegisterIn {
    /** Rows that are written before others may write. */
    private static final int AT_ONCE = 100;

    private final Incoming in;

    RegisterIn(Incoming in) {
        this.in = in;
    }

    void machines(JsonNode machines) throws IOException, SQLException {
        for (JsonNode machine : machines) {
            in.each(
                    "machine " + machine.path("name").asString(""),
                    () -> in.writing(() -> {
                        Long id = in.rows()
                                .id(
                                        "select id from machine where name = ? and place = ?",
                                        Incoming.text(machine, "name"),
                                        Incoming.text(machine, "place"));
                        if (id == null) {
                            id = in.insert("machine", Incoming.values(machine, "name", "place", "note", "created_at"));
                            in.added("machines");
                        } else {
                            in.hereAlready();
                        }
                        for (JsonNode position : machine.path("positions")) {
                            position(id, position);
                        }
                    }));
        }
    }

    private void position(long machine, JsonNode position) throws SQLException, IOException {
        Long id = in.rows()
                .id(
                        "select id from seal_position where machine_id = ? and name = ?",
                        machine,
                        Incoming.text(position, "name"));
        if (id == null) {
            Map<String, Object> row = Incoming.values(
                    position,
                    "name",
                    "kind",
                    "shaft_mm",
                    "bore_mm",
                    "width_mm",
                    "medium",
                    "dirt",
                    "rotation",
                    "speed_rpm",
                    "one_way",
                    "cares",
                    "note",
                    "created_at");
            row.put("machine_id", machine);
            id = in.insert("seal_position", row);
            in.added("positions");
        } else {
            in.hereAlready();
        }
        in.references().mapPeople(position.path("limits"));
        in.references().mapPeople(position.path("files"));
        for (JsonNode limit : position.path("limits")) {
            if (in.rows()
                            .one(
                                    "select 1 from position_limit where position_id = ? and what = ? "
                                            + "and written_at = ?",
                                    id,
                                    Incoming.value(limit, "what"),
                                    Incoming.value(limit, "writtenAt"))
                    == null) {
                Map<String, Object> row = Incoming.values(
                        limit, "what", "least", "most", "unit", "document", "written_at", "withdrawn_why");
                row.put("position_id", id);
                row.put("person_id", in.person(limit, "person"));
                in.insert("position_limit", row);
                in.added("limits");
            }
        }
        for (JsonNode file : position.path("files")) {
            if (in.rows()
                            .one(
                                    "select 1 from attachment where position_id = ? and job_id is null and sha256 = ? "
                                            + "and added_at = ?",
                                    id,
                                    Incoming.value(file, "sha256"),
                                    Incoming.value(file, "addedAt"))
                    == null) {
                Map<String, Object> row =
                        Incoming.values(file, "name", "media_type", "sha256", "added_at", "withdrawn_why");
                row.put("position_id", id);
                row.put("person_id", in.person(file, "person"));
                in.insert("attachment", row);
                in.added("photos");
            }
        }
    }

    /** What was read here and there stands together afterwards. */
    void watch(JsonNode watch) throws SQLException, IOException {
        for (OwnedRows of : OwnedRows.ofWatch()) {
            in.references().map(of, watch.path(of.name()));
        }
        in.references().mapPerson(watch, "person");
        var id = new long[1];
        in.writing(() -> id[0] = itself(watch));
        for (OwnedRows of : OwnedRows.ofWatch()) {
            for (List<JsonNode> some : Pieces.of(watch.path(of.name()), AT_ONCE)) {
                in.writing(() -> {
                    for (JsonNode line : some) {
                        row(of, id[0], line);
                    }
                    in.rows().run("delete from leak_state where watch_id = ?", id[0]);
                });
            }
        }
    }

    private long itself(JsonNode watch) throws SQLException, IOException {
        long position = in.position(watch);
        Long id = in.rows()
                .id(
                        "select id from leak_watch where position_id = ? and kind = ? and name = ? and started_at = ?",
                        position,
                        Incoming.value(watch, "kind"),
                        Incoming.value(watch, "name"),
                        Incoming.value(watch, "startedAt"));
        if (id != null) {
            in.hereAlready();
            return id;
        }
        Map<String, Object> row = Incoming.values(watch, "kind", "name", "started_at", "withdrawn_why");
        row.put("position_id", position);
        row.put("person_id", in.person(watch, "person"));
        in.added("leak watches");
        return in.insert("leak_watch", row);
    }

    /** One that is here already is left as it is. */
    private void row(OwnedRows of, long watch, JsonNode line) throws SQLException, IOException {
        String known = of.table().equals("leak_entry") ? "sent" : "written_at";
        if (in.rows()
                        .one(
                                "select 1 from " + of.table() + " where watch_id = ? and " + known + " = ?",
                                watch,
                                Incoming.value(line, Rows.name(known)))
                != null) {
            return;
        }
        Map<String, Object> values = new LinkedHashMap<>();
        values.put(of.owner(), watch);
        for (OwnedRows.Column column : of.columns()) {
            values.put(column.column(), in.references().meant(column, line, new References.Within()));
        }
        in.insert(of.table(), values);
        in.added("rows of leak watches");
    }
}
