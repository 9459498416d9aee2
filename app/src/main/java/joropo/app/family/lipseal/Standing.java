package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.PairPlaces;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.section.SpaceBuilder;

/**
 * One seal of an entry as its own sheets put it, for the others of that entry.
 *
 * @param index of its item: the first stands innermost, each further one outward of the last while nobody says how deep
 * @param placed whether its depth is known, @param between what lies inward of it, up to the next seal
 * @param grooves old tracks that are still there when the work on the shaft is done
 */
record Standing(int index, BoreItem.Seal seal, boolean placed, Space between, List<ShaftItem.WearGroove> grooves) {
    /** The others of its entry, each as if it stood alone. */
    static List<Standing> others(JobFacts facts) {
        return IntStream.range(0, facts.alike().reads().size())
                .filter(i -> i != facts.alike().index())
                .mapToObj(i -> alone(facts.as(i)))
                .toList();
    }

    private static Standing alone(JobFacts facts) {
        ReadFields read = facts.read();
        ShaftAndBoreReadings measured = ShaftAndBoreReadings.of(read, facts.position());
        AssumedSection alone = AssumedSection.of(facts, measured);
        Section section = alone.section();
        TrackAssessment track = TrackAssessment.of(
                read,
                measured,
                alone,
                LipSealRules.section(section).window(alone.among().id()),
                Duty.speedMPerS(facts.position(), read, section.shaftDiameterMm()));
        return of(facts, track.appliedTo(alone, read.get(LipSealFields.PLANNED_DEPTH) != null));
    }

    static Standing of(JobFacts facts, AssumedSection alone) {
        ReadFields read = facts.read();
        Medium medium = read.get(LipSealFields.BETWEEN_MEDIUM);
        Level level = read.get(LipSealFields.BETWEEN_LEVEL);
        Space usual = PairPlaces.between();
        return new Standing(
                facts.alike().index(),
                BoreItemSealBuilder.builder(alone.seal())
                        .insideDiameterMm(alone.section().shaftDiameterMm())
                        .build(),
                !alone.assumes(Assumed.DEPTH),
                SpaceBuilder.builder()
                        .medium(medium == null ? usual.medium() : medium)
                        .level(level == null && medium == null ? usual.level() : level)
                        .greaseFeed(read.get(LipSealFields.BETWEEN_FEED))
                        .build(),
                alone.grooves());
    }

    /**
     * All of an entry, outermost first. One whose depth nobody has said stands as far out as those outward of it leave
     * room for, and never in the place of the next one inward; the innermost inward of all that were read.
     */
    static List<Standing> placed(List<Standing> all) {
        List<Standing> outward =
                all.stream().sorted(Comparator.comparingInt(Standing::index)).toList();
        List<Standing> out = new ArrayList<>();
        double limit = Double.POSITIVE_INFINITY;
        double innermost = all.stream()
                .filter(s -> s.placed && s.index > 0)
                .mapToDouble(s -> s.seal.toMm())
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        for (int i = 0; i < outward.size(); i++) {
            Standing one = outward.get(i);
            double room = outward.subList(i + 1, outward.size()).stream()
                    .mapToDouble(s -> s.seal.widthMm())
                    .sum();
            Standing stands = one.placed
                    ? one
                    : one.at(
                            i == 0
                                    ? Math.max(one.seal.fromMm(), innermost)
                                    : Math.min(room, limit - one.seal.widthMm()));
            out.add(0, stands);
            limit = stands.seal.fromMm();
        }
        out.sort(Comparator.comparingDouble(s -> s.seal.fromMm()));
        return out;
    }

    private Standing at(double fromMm) {
        return new Standing(index, (BoreItem.Seal) seal.at(fromMm), placed, between, grooves);
    }
}
