package joropo.app.exchange;

import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;

/**
 * What rows of this shop are called in files: by what people know them by, never by a number of this database.
 *
 * @param shop this one, by the name that no other has, @param people by number, somebody of another shop as
 *     {@code name@shop}, @param lots by number
 */
record Names(String shop, Map<Long, String> people, Map<Long, String> lots) {
    private static final String AT = "@";
    private static final int SHORT = 4;

    /** Of {@code person w}, in SQL. */
    static final String PERSON = "coalesce(w.shop_name || '@' || w.shop, w.name)";

    static Names of(Rows rows) throws SQLException {
        Map<Long, String> people = new HashMap<>();
        for (var p : rows.all("select w.id, " + PERSON + " as key from person w")) {
            people.put(Rows.number(p.get("id")), String.valueOf(p.get("key")));
        }
        Map<Long, String> lots = new HashMap<>();
        Map<String, Integer> seen = new HashMap<>();
        for (var l : rows.all("select id, batch, kind, name, size, received_on from lot order by id")) {
            String key = l.get("batch") + " | " + l.get("kind") + " | " + l.get("name") + " | " + l.get("size") + " | "
                    + l.get("received_on");
            int again = seen.merge(key, 1, Integer::sum);
            lots.put(Rows.number(l.get("id")), again == 1 ? key : key + " | " + again);
        }
        return new Names(shop(rows), people, lots);
    }

    static String shop(Rows rows) throws SQLException {
        return String.valueOf(rows.one("select value from works_setting where name = 'shop'"));
    }

    /** Names of people of another shop bear a mark wherever they stand. */
    static String marked(String fullName, String shop) {
        return fullName + " (" + shop.substring(0, SHORT) + ")";
    }

    static String unmarked(String marked, String shop) {
        return marked.substring(0, marked.length() - marked("", shop).length());
    }

    /** The number of a job of another shop, told apart from those of this one. */
    static String jobOf(String shop, String number) {
        return shop.substring(0, SHORT) + "-" + number;
    }

    /** What somebody of another shop is called, told apart from who signs in here. */
    static String personOf(String shop, String name) {
        return name + "-" + shop.substring(0, SHORT);
    }

    /** Somebody as a file names them. @param shop whose person it is */
    record Somebody(String name, String shop) {
        /** @param ofShop whose file it is */
        static Somebody read(String key, String ofShop) {
            int at = key.indexOf(AT);
            return at < 0 ? new Somebody(key, ofShop) : new Somebody(key.substring(0, at), key.substring(at + 1));
        }
    }
}
