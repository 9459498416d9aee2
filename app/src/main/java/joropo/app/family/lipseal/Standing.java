package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.GreaseFeed;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.section.SpaceBuilder;
import joropo.core.units.Length;

/**
 * One seal of an entry as its own sheets put it, for the others of that entry.
 *
 * @param index of its item, @param placed whether its depth is known, @param leastMm where it begins at least while
 *     that is not known, behind what came off before its old one
 * @param between what lies inward of it, up to the next seal, @param grooves old tracks under its lip
 */
record Standing(
        int index,
        BoreItem.Seal seal,
        boolean placed,
        double leastMm,
        Space between,
        List<ShaftItem.WearGroove> grooves) {
    /**
     * @param alone as if it stood alone in its entry, @param leastMm where it begins at least while nobody has read it
     */
    static Standing of(JobFacts facts, AssumedSection alone, double leastMm) {
        ReadFields read = facts.read();
        return new Standing(
                facts.alike().index(),
                BoreItemSealBuilder.builder(alone.seal())
                        .insideDiameterMm(alone.section().shaftDiameterMm())
                        .build(),
                !alone.assumes(Assumed.DEPTH),
                leastMm,
                between(read),
                alone.grooves());
    }

    /** What lies inward of it, as far as somebody has said: only grease is fed in. */
    private static Space between(ReadFields read) {
        Medium medium = read.get(LipSealFields.BETWEEN_MEDIUM);
        GreaseFeed feed = read.get(LipSealFields.BETWEEN_FEED);
        Medium said = medium == null && feed != null && feed != GreaseFeed.NONE ? Medium.GREASE : medium;
        return SpaceBuilder.builder(Space.unsaid())
                .medium(said == null ? Space.unsaid().medium() : said)
                .mediumAssumed(said == null ? true : null)
                .fluid(said == null ? null : read.get(LipSealFields.BETWEEN_FLUID))
                .level(read.get(LipSealFields.BETWEEN_LEVEL))
                .greaseFeed(feed)
                .build();
    }

    /**
     * All of an entry, outermost first. One whose depth nobody has said stands behind the one before it and what came
     * off before it, and no further in than the next one that has its place leaves room for.
     *
     * @param order items of the seals, outside first
     */
    static List<Standing> placed(List<Standing> all, List<Integer> order) {
        List<Standing> line = all.stream()
                .sorted(Comparator.comparingInt(s -> order.indexOf(s.index)))
                .toList();
        List<Standing> out = new ArrayList<>();
        double end = 0;
        for (int i = 0; i < line.size(); i++) {
            Standing one = line.get(i);
            double least = Math.max(end, Math.max(one.leastMm, one.seal.fromMm()));
            Standing stands = one.placed ? one : one.at(Math.min(least, roomMm(line, i)));
            out.add(stands);
            end = stands.seal.toMm();
        }
        out.sort(Comparator.comparingDouble(s -> s.seal.fromMm()));
        return out;
    }

    /** Where one has to begin at the latest, so that it and those behind it end at the next that has its place. */
    private static double roomMm(List<Standing> line, int from) {
        double wide = 0;
        for (int i = from; i < line.size(); i++) {
            if (line.get(i).placed) {
                return Length.snap(line.get(i).seal.fromMm() - wide);
            }
            wide += line.get(i).seal.widthMm();
        }
        return Double.POSITIVE_INFINITY;
    }

    private Standing at(double fromMm) {
        return new Standing(index, (BoreItem.Seal) seal.at(fromMm), placed, leastMm, between, grooves);
    }
}
