package joropo.core.lipseal;

import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Two seals of an entry cannot stand in one place: one of the places was read or decided wrong (computed). */
public final class SealsInOnePlace {
    /** Two readings of one face may differ by this much (mm, guide). */
    private static final double SAME_MM = 0.3;

    private SealsInOnePlace() {}

    /** @param id of the seal that it is said of; empty where it has its place to itself */
    public static Optional<Finding> judge(Section section, String id) {
        BoreItem.Seal own = section.seal(id);
        List<BoreItem.Seal> in = section.seals().stream()
                .filter(s -> s != own)
                .filter(s -> Math.min(s.toMm(), own.toMm()) - Math.max(s.fromMm(), own.fromMm()) > SAME_MM)
                .toList();
        return in.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.of(
                                "one-place",
                                Status.FAIL,
                                "place of the seal among the others",
                                "It stands from " + room(own) + ", and another seal of this entry from "
                                        + room(in.get(0)) + ".",
                                "See which place was read wrong, or belongs to the other seal.",
                                Source.COMPUTED,
                                "")
                        .withPart(id));
    }

    private static String room(BoreItem.Seal seal) {
        return Length.show(seal.fromMm(), 2) + " to " + Length.show(seal.toMm(), 2) + " mm";
    }
}
