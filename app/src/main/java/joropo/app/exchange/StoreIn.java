package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Brings in lots, and what was taken from them. */
final class StoreIn {
    private final Incoming in;
    private final Rows rows;

    StoreIn(Incoming in) {
        this.in = in;
        this.rows = in.rows();
    }

    void lots(JsonNode store) throws IOException, SQLException {
        for (JsonNode lot : store) {
            in.each("lot " + lot.path("batch").asString(""), () -> {
                String key = Incoming.text(lot, "key");
                String[] parts = key.split(" \\| ");
                int again = parts.length > 5 ? Integer.parseInt(parts[5]) : 1;
                var there = rows.all(
                        "select id from lot where batch = ? and kind = ? and name = ? and size = ? and "
                                + "received_on = ? order"
                                + " by id",
                        Incoming.text(lot, "batch"),
                        Incoming.text(lot, "kind"),
                        Incoming.text(lot, "name"),
                        Incoming.text(lot, "size"),
                        Incoming.text(lot, "receivedOn"));
                if (there.size() >= again) {
                    in.lots().put(key, ((Number) there.get(again - 1).get("id")).longValue());
                    in.hereAlready();
                    return;
                }
                Map<String, Object> row = Incoming.values(
                        lot,
                        "kind",
                        "name",
                        "size",
                        "material",
                        "batch",
                        "cured",
                        "place",
                        "source",
                        "received_on",
                        "withdrawn_why");
                row.put("person_id", in.person(lot, "person"));
                long id = in.insert("lot", row);
                in.lots().put(key, id);
                for (JsonNode longer : lot.path("extensions")) {
                    Map<String, Object> more = Incoming.values(longer, "inspection", "written_at");
                    more.put("lot_id", id);
                    more.put("person_id", in.person(longer, "person"));
                    in.insert("lot_extension", more);
                }
                in.added("lots");
            });
        }
    }

    /** Once the jobs are here that they belong to. */
    void movements(JsonNode store) throws IOException, SQLException {
        for (JsonNode lot : store) {
            Long id = in.lots().get(lot.path("key").asString(""));
            if (id == null) {
                continue;
            }
            for (JsonNode moved : lot.path("movements")) {
                in.each("lot " + lot.path("batch").asString("") + ", movement", () -> {
                    Map<String, Object> row = Incoming.values(moved, "kind", "change", "why", "moved_at");
                    if (rows.one(
                                    "select 1 from lot_movement where lot_id = ? and kind = ? and change = ? "
                                            + "and moved_at = ?",
                                    id,
                                    row.get("kind"),
                                    row.get("change"),
                                    row.get("moved_at"))
                            != null) {
                        return;
                    }
                    row.put("lot_id", id);
                    row.put("person_id", in.person(moved, "person"));
                    row.put(
                            "job_id",
                            moved.path("job").isNull()
                                    ? null
                                    : in.known(Incoming.text(moved, "shop"), Incoming.text(moved, "job")));
                    in.insert("lot_movement", row);
                    in.added("movements of lots");
                });
            }
        }
    }
}
