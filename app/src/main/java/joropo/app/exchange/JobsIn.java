package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import joropo.app.database.HashingDataSource;
import joropo.app.database.NotDone;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings in jobs with all that belongs to them, and sections. */
final class JobsIn {
    private static final String NUMBER = "\\d{2}-\\d{4,9}";
    private static final Set<String> STATES = Set.of("OPEN", "SIGNED", "WITHDRAWN");
    /** Fields that older files name after numbers of the database that they were taken from. */
    private static final String NAMED_ELSEWHERE = "[bh]\\d+-.*";

    private final Incoming in;

    JobsIn(Incoming in) {
        this.in = in;
    }

    void job(ZipEntry entry) throws IOException, SQLException {
        ObjectNode job = in.object(entry);
        String shop = Incoming.text(job, "shop");
        String number = Incoming.text(job, "number");
        if (!entry.getName().equals("jobs/" + shop + "/" + number + ".json") || !number.matches(NUMBER)) {
            throw new NotDone("it is called otherwise inside");
        }
        mustBeWhole(job, number);
        if (job.path("version").asInt(0) < ShopOut.VERSION) {
            numberParts(job);
        }
        map(job);
        in.writing(() -> {
            Long there = in.known(shop, number);
            if (there == null) {
                add(job, shop, number);
                in.added("jobs");
            } else if (ShopOut.job(in.rows(), in.references().names(), there).equals(job)) {
                in.hereAlready();
            } else {
                throw new NotDone("it is here already, as job "
                        + in.rows().one("select number from job where id = ?", there) + ", and differs");
            }
        });
    }

    /** What is signed bears one signature, of this very job; nothing else bears one. */
    private static void mustBeWhole(ObjectNode job, String number) throws NotDone {
        String state = Incoming.text(job, "state");
        JsonNode signatures = job.path("signatures");
        if (!STATES.contains(state)) {
            throw new NotDone("its state cannot be read: " + state);
        }
        if (signatures.size() != (state.equals("SIGNED") ? 1 : 0)) {
            throw new NotDone(
                    state.equals("SIGNED")
                            ? "it is signed without a signature"
                            : "it bears a signature and" + " is not signed");
        }
        if (state.equals("WITHDRAWN") != job.path("withdrawnWhy").isString()) {
            throw new NotDone("it does not say why it was withdrawn, or was not withdrawn");
        }
        for (JsonNode signed : signatures) {
            String snapshot = Incoming.text(signed, "snapshot");
            if (!HashingDataSource.sha256(snapshot).equals(Incoming.text(signed, "sha256"))) {
                throw new NotDone("what was signed does not give the hash that was signed");
            }
            if (!number.equals(ShopOut.JSON.readTree(snapshot).path("number").asString(""))) {
                throw new NotDone("what was signed is another job");
            }
        }
        if (job.path("items").path(0).path("number").asInt(0) != 1) {
            throw new NotDone("it does not say what it was opened for");
        }
    }

    /** A file of version 1 named no numbers of parts, and some of its fields after those of its own database. */
    private static void numberParts(ObjectNode job) throws NotDone {
        for (String list : List.of("sheets", "drafts")) {
            for (JsonNode sheet : job.path(list)) {
                if (ShopOut.JSON.readTree(Incoming.text(sheet, "texts")).properties().stream()
                        .anyMatch(f -> f.getKey().matches(NAMED_ELSEWHERE))) {
                    throw new NotDone("an older file does not say which bearing or boot is meant: start that shop with"
                            + " this Joropo and take it out anew");
                }
            }
        }
        int number = 0;
        for (JsonNode part : job.path("takenOff")) {
            ((ObjectNode) part).put("number", ++number);
        }
        job.put("version", ShopOut.VERSION);
    }

    /** In one pass, as everything is called here. */
    private void map(ObjectNode job) throws IOException {
        in.references().mapPerson(job, "opener");
        for (OwnedRows of : OwnedRows.ofJob()) {
            in.references().map(of, job.path(of.name()));
        }
        for (JsonNode sheet : job.path("sections")) {
            mapSection(sheet);
        }
    }

    private void mapSection(JsonNode sheet) throws NotDone {
        in.references().mapPerson(sheet, "person");
        in.references().mapPeople(sheet.path("moves"));
    }

    private void add(ObjectNode job, String shop, String number) throws IOException, SQLException {
        boolean elsewhere = !shop.equals(in.own());
        long position = in.position(job);
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("number", elsewhere ? free(shop, number) : number);
        row.put("shop", elsewhere ? shop : null);
        row.put("shop_number", elsewhere ? number : null);
        row.put("brought_at", in.broughtAt());
        row.put("position_id", position);
        row.put("machine_id", in.rows().one("select machine_id from seal_position where id = ?", position));
        row.put("opened_by", in.person(job, "opener"));
        row.putAll(Incoming.values(job, "opened_at", "kind"));
        long id = in.insert("job", row);
        var within = new References.Within();
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
                    values.put(column.column(), in.references().meant(column, line, within));
                }
                long made = in.insert(of.table(), values);
                if (of.table().equals("strip_part")) {
                    within.parts().put(within.parts().size() + 1L, made);
                } else if (of.table().equals("attachment")) {
                    within.photos().put(within.photos().size() + 1L, made);
                }
            }
        }
        for (JsonNode sheet : job.path("sections")) {
            section(sheet, id);
        }
        stands(job, id);
    }

    /** How it stands: what its rows would have made of it on the way, as the file says it. */
    private void stands(ObjectNode job, long id) throws IOException, SQLException {
        Map<String, Object> stands = Incoming.values(job, "stands_at", "verdict", "numbered", "waits_for");
        Sound.check("job", stands);
        in.rows()
                .run(
                        "update job set stands_at = ?, verdict = ?, numbered = ?, waits_for = ? where id = ?",
                        stands.get("stands_at"),
                        stands.get("verdict"),
                        stands.get("numbered"),
                        stands.get("waits_for"),
                        id);
        if (!"OPEN".equals(Incoming.text(job, "state"))) {
            in.rows()
                    .run(
                            "update job set state = ?, withdrawn_why = ? where id = ?",
                            Incoming.text(job, "state"),
                            Incoming.value(job, "withdrawnWhy"),
                            id);
        }
    }

    /** A number that is free here; a job of another shop shows which one. */
    private String free(String shop, String number) throws SQLException {
        String wanted = Names.jobOf(shop, number);
        String out = wanted;
        for (int n = 2; in.rows().one("select 1 from job where number = ?", out) != null; n++) {
            out = wanted + "-" + n;
        }
        return out;
    }

    /** Sections of nobody's job. */
    void sections(JsonNode list) throws IOException, SQLException {
        for (JsonNode sheet : list) {
            in.each(
                    "section of " + sheet.path("person").asString(""),
                    () -> in.writing(() -> {
                        mapSection(sheet);
                        if (in.rows()
                                        .one(
                                                "select 1 from section_sheet where job_id is null and "
                                                        + "made_by = ? and made_at"
                                                        + " = ?",
                                                in.person(sheet, "person"),
                                                Incoming.text(sheet, "madeAt"))
                                != null) {
                            in.hereAlready();
                        } else {
                            section(sheet, null);
                            in.added("sections");
                        }
                    }));
        }
    }

    /** @param job absent: of nobody's job */
    private void section(JsonNode sheet, @Nullable Long job) throws IOException, SQLException {
        Map<String, Object> row = Incoming.values(sheet, "role", "made_at", "withdrawn_why");
        row.put("job_id", job);
        row.put("made_by", in.person(sheet, "person"));
        long id = in.insert("section_sheet", row);
        List<Long> moves = new ArrayList<>();
        for (JsonNode move : sheet.path("moves")) {
            Map<String, Object> one =
                    Incoming.values(move, "run", "what", "section", "wrote", "schema_version", "made_at");
            one.put("sheet_id", id);
            one.put("person_id", in.person(move, "person"));
            one.put("before_id", place(moves, move.path("before")));
            moves.add(in.insert("section_move", one));
        }
        in.rows().run("update section_sheet set at_move = ? where id = ?", place(moves, sheet.path("at")), id);
    }

    private static @Nullable Long place(List<Long> moves, JsonNode at) {
        return at.isNull() ? null : moves.get(at.asInt() - 1);
    }
}
