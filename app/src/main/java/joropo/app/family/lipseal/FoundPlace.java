package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.core.plan.StripLog;
import joropo.core.plan.StripLog.Removed;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * Where an old seal stood and which way it faced: as typed of it, else as the strip log has it.
 *
 * @param placeMm of depth from housing face, @param widthMm each absent while it was not read
 */
record FoundPlace(
        @Nullable Double placeMm,
        @Nullable Side faced,
        @Nullable Double widthMm) {
    static final FoundPlace UNREAD = new FoundPlace(null, null, null);

    /** Of one item. */
    static FoundPlace of(JobFacts facts) {
        return of(facts, facts.alike().index());
    }

    private static FoundPlace of(JobFacts facts, int index) {
        return of(
                facts.alike().reads().get(index),
                logged(facts.log(), facts.alike().reads().size(), index));
    }

    private static FoundPlace of(@Nullable ReadFields read, @Nullable Removed logged) {
        Double place = read == null ? null : read.get(LipSealFields.FOUND_DEPTH);
        Side faced = read == null ? null : read.get(LipSealFields.FOUND_FACING);
        return new FoundPlace(
                place == null && logged != null ? logged.placeMm() : place,
                faced == null && logged != null ? logged.faced() : faced,
                logged == null ? null : logged.thicknessMm());
    }

    /** Items count from the innermost outward; a log that has another number of seals tells nothing of any one. */
    private static @Nullable Removed logged(List<Removed> log, int seals, int fromInside) {
        List<Removed> all = StripLog.seals(log);
        return all.size() == seals ? all.get(all.size() - 1 - fromInside) : null;
    }

    /** What the log alone says of the place of this item; absent where nothing. */
    static @Nullable Double loggedMm(JobFacts facts) {
        Removed logged =
                logged(facts.log(), facts.alike().reads().size(), facts.alike().index());
        return logged == null ? null : logged.placeMm();
    }

    /**
     * A section with each of its seals as it was found, in the places of those that are planned; absent where no place
     * was read.
     */
    static @Nullable Section section(JobFacts facts, Section planned) {
        List<BoreItem.Seal> fromInside = new ArrayList<>(planned.seals());
        Collections.reverse(fromInside);
        List<BoreItem> items = new ArrayList<>(planned.boreItems());
        boolean read = false;
        for (int i = 0; i < fromInside.size(); i++) {
            FoundPlace found = i < facts.alike().reads().size()
                    ? of(facts, i)
                    : of(null, logged(facts.log(), fromInside.size(), i));
            BoreItem.Seal seal = fromInside.get(i);
            read |= found.placeMm != null;
            items.set(
                    items.indexOf(seal),
                    BoreItemSealBuilder.builder(seal)
                            .fromMm(found.placeMm == null ? seal.fromMm() : found.placeMm)
                            .widthMm(found.widthMm == null ? seal.widthMm() : found.widthMm)
                            .lipOffsetMm(found.widthMm == null ? seal.lipOffsetMm() : null)
                            .mainLip(found.faced == null ? seal.mainLip() : found.faced)
                            .placeAssumed(found.placeMm == null ? true : null)
                            .build());
        }
        List<Double> places = items.stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem::fromMm)
                .toList();
        if (!read || !places.equals(places.stream().distinct().sorted().toList())) {
            return null; // read across each other: no arrangement that could have stood
        }
        items.sort(Comparator.comparing(BoreItem::fromMm));
        return planned.withParts(items, planned.spaces());
    }
}
