package joropo.app.family.lipseal;

import java.util.Optional;
import java.util.stream.Stream;
import joropo.app.family.JobFacts;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.surface.SleeveCover;

/**
 * A repair sleeve that stands under the lip of a seal since an earlier job.
 *
 * @param outsideMm what the lip runs on, @param shaftMm nominal size of the shaft under it
 */
record FittedSleeve(double outsideMm, double shaftMm) {
    /** As the last job that was signed here left it; empty where it fitted none. */
    static Optional<FittedSleeve> of(JobFacts facts) {
        Section before = facts.sections().before();
        if (before == null || before.shaftDiameterMm() == null) {
            return Optional.empty();
        }
        int index = facts.alike().index();
        BoreItem.Seal seal = before.seals().stream()
                .filter(s -> s.id().equals(AssumedSection.id(index)))
                .findFirst()
                .orElse(before.seal());
        return sleeves(before)
                .filter(s -> s.fromMm() < seal.lipMm() && seal.lipMm() < s.toMm())
                .map(s -> new FittedSleeve(s.diameterMm(), before.shaftDiameterMm()))
                .findFirst();
    }

    private static Stream<ShaftItem.Sleeve> sleeves(Section section) {
        return section.shaftItems().stream()
                .filter(ShaftItem.Sleeve.class::isInstance)
                .map(ShaftItem.Sleeve.class::cast)
                .filter(s -> s.diameterMm() != null);
    }

    /** Whether a reading of the shaft is one of the sleeve: then it is still there. */
    boolean isRead(double measuredMm) {
        return SleeveCover.isRead(measuredMm, outsideMm, shaftMm);
    }

    /** As it stands under a lip: no further than it was proved to reach. */
    static ShaftItem under(BoreItem.Seal seal, double outsideMm) {
        return new ShaftItem.Sleeve(seal.lipMm() - SleeveCover.PAST_MM, seal.lipMm() + SleeveCover.PAST_MM, outsideMm);
    }
}
