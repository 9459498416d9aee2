package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import joropo.app.database.HashingDataSource;
import joropo.app.database.NotDone;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings in jobs with all that belongs to them, and sections. */
final class JobsIn {
    private final Incoming in;
    private final Rows rows;

    JobsIn(Incoming in) {
        this.in = in;
        this.rows = in.rows();
    }

    void job(ZipEntry entry) throws IOException, SQLException {
        byte[] bytes = in.bytes(entry);
        ObjectNode job = (ObjectNode) ShopOut.JSON.readTree(bytes);
        String ofShop = Incoming.text(job, "shop");
        String number = Incoming.text(job, "number");
        if (!entry.getName().equals("jobs/" + ofShop + "/" + number + ".json")) {
            throw new NotDone("it is called otherwise inside");
        }
        for (JsonNode signed : job.path("signatures")) {
            if (!HashingDataSource.sha256(Incoming.text(signed, "snapshot")).equals(Incoming.text(signed, "sha256"))) {
                throw new NotDone("what was signed does not give the hash that was signed");
            }
        }
        Long there = in.known(ofShop, number);
        if (there != null) {
            String name = String.valueOf(rows.one("select number from job where id = ?", there));
            if (ShopOut.JSON
                    .writeValueAsString(ShopOut.job(in.connection(), name))
                    .equals(ShopOut.JSON.writeValueAsString(job))) {
                in.hereAlready();
                return;
            }
            throw new NotDone("it is here already, as job " + name + ", and differs");
        }
        add(job, ofShop, number);
        in.added("jobs");
    }

    private void add(ObjectNode job, String ofShop, String number) throws IOException, SQLException {
        String own = String.valueOf(rows.one("select value from works_setting where name = 'shop'"));
        long position = in.position(job);
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("number", ofShop.equals(own) ? number : free(ofShop, number));
        row.put("shop", ofShop.equals(own) ? null : ofShop);
        row.put("shop_number", ofShop.equals(own) ? null : number);
        row.put("position_id", position);
        row.put("machine_id", rows.one("select machine_id from seal_position where id = ?", position));
        row.put("opened_by", in.person(job, "opener"));
        row.putAll(Incoming.values(job, "opened_at", "kind", "last_off"));
        long id = in.insert("job", row);
        Map<Integer, Long> parts = new HashMap<>();
        for (OwnedRows of : OwnedRows.ofJob()) {
            for (JsonNode line : job.path(of.name())) {
                Map<String, Object> values = new LinkedHashMap<>();
                if (!of.isOfPart()) {
                    values.put(of.owner(), id);
                }
                if (of.position()) {
                    values.put("position_id", position);
                }
                for (OwnedRows.Column column : of.columns()) {
                    values.put(column.column(), in.meant(column, line, parts));
                }
                long made = in.insert(of.table(), values);
                if (of.table().equals("strip_part")) {
                    parts.put(parts.size() + 1, made);
                }
            }
        }
        rows.run(
                "insert into found_row (kind, ref) select 'CAUSE', job_id || ' ' || cause from position_cause "
                        + "where job_id = ?"
                        + " on conflict do nothing",
                id);
        rows.run(
                "insert into found (rowid, kind, place, words) select f.id, 'CAUSE', j.number, 'cause ' ||"
                        + " lower(replace(c.cause, '_', ' ')) || ' ' || m.name || ' ' || p.name from "
                        + "position_cause c join found_row f"
                        + " on f.kind = 'CAUSE' and f.ref = c.job_id || ' ' || c.cause join job j on j.id = "
                        + "c.job_id join"
                        + " seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where "
                        + "c.job_id = ?",
                id);
        sections(job.path("sections"), id);
        Sound.check("job", Incoming.values(job, "stands_at", "verdict"));
        rows.run(
                "update job set stands_at = ?, verdict = ?, numbered = ?, waits_for = ? where id = ?",
                Incoming.value(job, "standsAt"),
                Incoming.value(job, "verdict"),
                Incoming.value(job, "numbered"),
                Incoming.value(job, "waitsFor"),
                id);
        if (!"OPEN".equals(Incoming.text(job, "state"))) {
            rows.run(
                    "update job set state = ?, withdrawn_why = ? where id = ?",
                    Incoming.text(job, "state"),
                    Incoming.value(job, "withdrawnWhy"),
                    id);
        }
    }

    /** A number that is free here; a job of another shop shows which one. */
    private String free(String ofShop, String number) throws SQLException {
        String wanted = ofShop.substring(0, 4) + "-" + number;
        String out = wanted;
        for (int n = 2; rows.one("select 1 from job where number = ?", out) != null; n++) {
            out = wanted + "-" + n;
        }
        return out;
    }

    /** @param job absent: of nobody's job */
    void sections(JsonNode list, @Nullable Long job) throws IOException, SQLException {
        for (JsonNode sheet : list) {
            long by = in.person(sheet, "person");
            if (job == null
                    && rows.one(
                                    "select 1 from section_sheet where job_id is null and made_by = ? and made_at = ?",
                                    by,
                                    Incoming.text(sheet, "madeAt"))
                            != null) {
                in.hereAlready();
                continue;
            }
            Map<String, Object> row = Incoming.values(sheet, "role", "made_at", "withdrawn_why");
            row.put("job_id", job);
            row.put("made_by", by);
            long id = in.insert("section_sheet", row);
            List<Long> moves = new ArrayList<>();
            for (JsonNode move : sheet.path("moves")) {
                Map<String, Object> one = Incoming.values(move, "run", "what", "section", "schema_version", "made_at");
                one.put("sheet_id", id);
                one.put("person_id", in.person(move, "person"));
                one.put(
                        "before_id",
                        move.path("before").isNull()
                                ? null
                                : moves.get(move.path("before").asInt() - 1));
                moves.add(in.insert("section_move", one));
            }
            if (!sheet.path("at").isNull()) {
                rows.run(
                        "update section_sheet set at_move = ? where id = ?",
                        moves.get(sheet.path("at").asInt() - 1),
                        id);
            }
            if (job == null) {
                in.added("sections");
            }
        }
    }
}
