package joropo.app.database;

import java.util.List;

/**
 * The chain of all evidence: one link for each row that is written, in the order of writing. A link is the hash of the
 * link before it, of what it is about, and of what that says.
 */
public final class Chain {
    private static final List<String> TRIGGERS = List.of(
            "create trigger chain_once before insert on chain when exists (select 1 from chain x where x.id = new.id"
                    + " or x.what = new.what and x.ref = new.ref) begin select raise(abort, 'a link is never"
                    + " replaced'); end",
            "create trigger chain_here before delete on chain begin select raise(abort, 'a link is never "
                    + "deleted'); end",
            "create trigger chain_same before update on chain begin select raise(abort, 'a link stays as it is'); end",
            "create trigger evidence_linked instead of insert on evidence begin insert into chain (what, ref, said,"
                    + " link) values (new.what, new.ref, sha256(new.said), sha256(coalesce((select link from chain"
                    + " order by id desc limit 1), '') || ' ' || new.what || ' ' || new.ref || ' ' ||"
                    + " sha256(new.said))); end");

    private Chain() {}

    /** The triggers that make it and hold it, each as it stands in the database. */
    public static List<String> triggers() {
        return TRIGGERS;
    }

    /** @param before the link before, empty: this is the first, @param said hash of what the row says */
    public static String link(String before, String what, String ref, String said) {
        return HashingDataSource.sha256(before + " " + what + " " + ref + " " + said);
    }
}
