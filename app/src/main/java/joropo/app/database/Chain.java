package joropo.app.database;

import java.util.List;
import java.util.stream.Stream;

/**
 * The chain of all evidence: one link for each row that is written, in the order of writing. A link is the hash of the
 * link before it, of what it is about, and of what that says by its edition.
 */
public final class Chain {
    private static final List<String> HELD = List.of(
            "create trigger chain_once before insert on chain when exists (select 1 from chain x where x.id = new.id"
                    + " or x.what = new.what and x.ref = new.ref) begin select raise(abort, 'a link is never"
                    + " replaced'); end",
            "create trigger chain_here before delete on chain begin select raise(abort, 'a link is never "
                    + "deleted'); end",
            "create trigger chain_same before update on chain begin select raise(abort, 'a link stays as it is'); end");

    private static final String LINKED = "create trigger evidence_linked instead of insert on evidence begin insert"
            + " into chain (what, ref, said, edition, link) values (new.what, new.ref, sha256(new.said),"
            + " coalesce(new.edition, 1), sha256(coalesce((select link from chain order by id desc limit 1), '') || ' '"
            + " || new.what || case when coalesce(new.edition, 1) = 1 then '' else '/' || new.edition end || ' ' ||"
            + " new.ref || ' ' || sha256(new.said))); end";

    /** As it stood before links had editions. */
    private static final String LINKED_BEFORE =
            "create trigger evidence_linked instead of insert on evidence begin insert into chain (what, ref, said,"
                    + " link) values (new.what, new.ref, sha256(new.said), sha256(coalesce((select link from chain"
                    + " order by id desc limit 1), '') || ' ' || new.what || ' ' || new.ref || ' ' ||"
                    + " sha256(new.said))); end";

    private Chain() {}

    /**
     * The triggers that make it and hold it, each as it stands in the database. @param editions whether its links have
     * them already
     */
    public static List<String> triggers(boolean editions) {
        return Stream.concat(HELD.stream(), Stream.of(editions ? LINKED : LINKED_BEFORE))
                .toList();
    }

    /** @param before the link before, empty: this is the first, @param said hash of what the row says */
    public static String link(String before, String what, int edition, String ref, String said) {
        return HashingDataSource.sha256(
                before + " " + what + (edition == 1 ? "" : "/" + edition) + " " + ref + " " + said);
    }
}
