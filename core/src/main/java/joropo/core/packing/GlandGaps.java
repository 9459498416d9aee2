package joropo.core.packing;

import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Whether a gland stands square: its gap at four places (guide). @param mm as read; fewer than four: not all read */
public record GlandGaps(List<Double> mm) {
    private static final double ALIKE_MM = 0.3;
    private static final int PLACES = 4;
    private static final double SLACK = 1e-9;

    public GlandGaps {
        mm = List.copyOf(mm);
    }

    public Finding finding() {
        String subject = "gland gap at four places";
        double spread = Length.snap(mm.stream().mapToDouble(g -> g).max().orElse(0)
                - mm.stream().mapToDouble(g -> g).min().orElse(0));
        boolean square = spread <= ALIKE_MM + SLACK;
        if (square && mm.size() < PLACES) {
            return Finding.missing("gaps", subject, "It is not read at four places.", "Read it at 12, 3, 6 and 9.");
        }
        return Say.guide(
                        "gaps",
                        square ? Status.PASS : Status.CAUTION,
                        subject,
                        square ? "The gland stands square." : "The gland stands crooked and touches the shaft.",
                        square ? "" : "Even it out at the next flat.")
                .withValue(spread, "mm")
                .withLimits(Limits.atMost(ALIKE_MM), 0);
    }
}
