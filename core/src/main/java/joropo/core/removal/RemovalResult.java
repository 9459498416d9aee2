package joropo.core.removal;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** Ways in the order offered: what goes first, then what is not known yet, what is ruled out last. */
public record RemovalResult(List<Offer> ways, List<Finding> findings) {
    /** One way. @param cautions what can hurt a person or a part */
    public record Offer(Way way, Status verdict, String reason, List<String> cautions) {}
}
