package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Brings in lots, and what was taken from them. */
final class StoreIn {
    /** Lots that are written before others may write. */
    private static final int AT_ONCE = 25;

    private final Incoming in;
    /** Lots of the file by their key there, as they are here. */
    private final Map<String, Long> taken = new HashMap<>();

    StoreIn(Incoming in) {
        this.in = in;
    }

    void lots(JsonNode store) throws IOException, SQLException {
        for (List<JsonNode> some : Pieces.of(store, AT_ONCE)) {
            in.writing(() -> {
                for (JsonNode lot : some) {
                    in.each("lot " + lot.path("batch").asString(""), () -> lot(lot));
                }
            });
        }
        in.writing(() -> in.references().now(Names.of(in.rows())));
        taken.forEach(in.references()::lot);
    }

    private void lot(JsonNode lot) throws IOException, SQLException {
        in.references().mapPerson(lot, "person");
        in.references().mapPeople(lot.path("extensions"));
        Map<String, Object> row = Incoming.values(
                lot, "kind", "name", "size", "material", "batch", "cured", "place", "source", "received_on");
        row.put("person_id", in.person(lot, "person"));
        Long there = there(row);
        if (there == null) {
            row.put("withdrawn_why", Incoming.value(lot, "withdrawnWhy"));
            there = in.insert("lot", row);
            in.added("lots");
        } else {
            in.hereAlready();
        }
        for (JsonNode longer : lot.path("extensions")) {
            if (in.rows().one("select 1 from lot_extension where lot_id = ?", there) == null) {
                Map<String, Object> more = Incoming.values(longer, "inspection", "written_at");
                more.put("lot_id", there);
                more.put("person_id", in.person(longer, "person"));
                in.insert("lot_extension", more);
            }
        }
        taken.put(Incoming.text(lot, "key"), there);
    }

    /** The same lot, all that was ever said of it alike, and not another of the file; absent: it is not here. */
    private @Nullable Long there(Map<String, Object> row) throws SQLException {
        for (var lot : in.rows().all("select * from lot where batch = ? order by id", row.get("batch"))) {
            long id = Rows.number(lot.get("id"));
            if (!taken.containsValue(id)
                    && row.entrySet().stream()
                            .allMatch(e -> Objects.equals(
                                    String.valueOf(lot.get(e.getKey())), String.valueOf(e.getValue())))) {
                return id;
            }
        }
        return null;
    }

    /** Once the jobs are here that they belong to. */
    void movements(JsonNode store) throws IOException, SQLException {
        for (List<JsonNode> some : Pieces.of(store, AT_ONCE)) {
            in.writing(() -> {
                for (JsonNode lot : some) {
                    Long id = in.references().lotOfFile(lot.path("key").asString(""));
                    if (id != null) {
                        movements(id, lot);
                    }
                }
            });
        }
    }

    private void movements(long id, JsonNode lot) throws IOException, SQLException {
        for (JsonNode moved : lot.path("movements")) {
            in.each("lot " + lot.path("batch").asString("") + ", movement", () -> {
                in.references().mapPerson(moved, "person");
                Map<String, Object> row = Incoming.values(moved, "kind", "change", "why", "moved_at");
                if (in.rows()
                                .one(
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
