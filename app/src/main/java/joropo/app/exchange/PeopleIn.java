package joropo.app.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import joropo.app.access.PeopleService;
import joropo.app.database.NotDone;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Brings in people. Whoever is of another shop is so for ever, whatever they are called: they bear its mark, and nobody
 * signs in as them.
 */
final class PeopleIn {
    /** Nobody signs in with it: a lead sets a password first. */
    private static final String NO_PASSWORD = "{bcrypt}none";

    private final Incoming in;

    PeopleIn(Incoming in) {
        this.in = in;
    }

    void people(JsonNode list) throws SQLException, IOException {
        in.writing(() -> {
            for (JsonNode person : list) {
                in.each("person " + person.path("name").asString(""), () -> person(person));
            }
        });
    }

    private void person(JsonNode person) throws SQLException, IOException {
        String key = Incoming.text(person, "name");
        Names.Somebody somebody = Names.Somebody.read(key, in.ofShop());
        String fullName = Incoming.text(person, "fullName");
        PeopleService.checkNames(somebody.name(), fullName);
        Sound.mustBeShop(somebody.shop());
        Long there = there(somebody, fullName);
        if (there == null) {
            there = add(somebody, fullName, person);
            in.added("people");
        }
        in.references().now(Names.of(in.rows()));
        in.references()
                .person(key, there, in.rows().one("select 1 from person where id = ? and shop is null", there) != null);
    }

    private @Nullable Long there(Names.Somebody somebody, String fullName) throws SQLException, NotDone {
        if (somebody.shop().equals(in.own())) {
            Long own = in.rows()
                    .id(
                            "select id from person where shop is null and name = ? and full_name = ?",
                            somebody.name(),
                            fullName);
            if (own != null) {
                return own;
            }
        }
        List<Map<String, Object>> brought = in.rows()
                .all(
                        "select id, full_name from person where shop = ? and shop_name = ?",
                        somebody.shop(),
                        somebody.name());
        if (brought.isEmpty()) {
            return null;
        }
        if (!brought.get(0).get("full_name").equals(Names.marked(fullName, somebody.shop()))) {
            throw new NotDone("somebody else of that name was brought in from there before");
        }
        return Rows.number(brought.get(0).get("id"));
    }

    private long add(Names.Somebody somebody, String fullName, JsonNode person) throws SQLException, IOException {
        boolean ofHere = somebody.shop().equals(in.own());
        if (ofHere && !in.ofShop().equals(in.own())) {
            throw new NotDone("nobody of this shop is called so");
        }
        boolean own = ofHere && in.rows().one("select 1 from person where name = ?", somebody.name()) == null;
        Map<String, Object> row = Incoming.values(person, "role", "withdrawn_why");
        row.put("name", own ? somebody.name() : free(somebody));
        row.put("full_name", own ? fullName : Names.marked(fullName, somebody.shop()));
        row.put("shop", own ? null : somebody.shop());
        row.put("shop_name", own ? null : somebody.name());
        row.put("password_hash", NO_PASSWORD);
        row.put("created_at", in.moment());
        return in.insert("person", row);
    }

    private String free(Names.Somebody somebody) throws SQLException {
        String wanted = Names.personOf(somebody.shop(), somebody.name());
        String out = wanted;
        for (int n = 2; in.rows().one("select 1 from person where name = ?", out) != null; n++) {
            out = wanted + "-" + n;
        }
        return out;
    }
}
