package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import joropo.app.register.PositionLimit;
import joropo.app.section.BenchService.OnBench;
import joropo.app.ui.Field;
import joropo.app.ui.StatusMark;
import joropo.app.watch.WatchLine;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;

/** What stands on lists beside the sheet; each empty where it does not belong to the stage. */
public record ListsView(Parts parts, Strip strip, Timers timers, Standing standing) {
    /** The parts list. @param proposals what may be put on it with one tap */
    public record Parts(List<PartView> lines, List<Part> proposals) {
        static final Parts NONE = new Parts(List.of(), List.of());

        public long unsettled() {
            return lines.stream().filter(p -> !p.line().isSettled()).count();
        }

        /** How many lie in the store, so that they can be laid out at once. */
        public long inStore() {
            return lines.stream()
                    .filter(p -> !p.line().isSettled()
                            && p.lots().stream().limit(1).anyMatch(l -> l.enough() && !l.needsLead()))
                    .count();
        }

        public List<PartKind> kinds() {
            return List.of(PartKind.values());
        }
    }

    /** One part of the list with the lots that serve for it. */
    public record PartView(PartLine line, List<LotView> lots) {}

    /** A lot that serves. @param needsLead whether it is past its date or has none, @param life its date in words */
    public record LotView(long id, String words, StatusMark sign, String life, boolean needsLead, boolean enough) {}

    /**
     * The strip log. @param log what came off, in its order, @param back the same in the order of building, @param
     * spent those of them that do not go back, @param items of several that are sealed, those of which nothing came off
     * yet, by number and name, @param again all that came off last time in words, empty: nothing, or it is begun
     * already
     *
     * @param known kinds to take from with one tap, @param safe whether anything may come off
     */
    public record Strip(
            List<StripPart> log,
            List<StripPart> back,
            List<StripPart> spent,
            Map<Integer, String> items,
            String again,
            List<PartKind> known,
            boolean safe) {
        /** What may be noted of a part: only what a part of its kind has. */
        public List<Field<?>> noteFields(StripPart part) {
            return StripPart.FIELDS.stream()
                    .filter(f -> part.kind().wantsLine() || f != StripPart.LINE)
                    .filter(f -> part.kind().isDisc() || f != StripPart.OPENING && f != StripPart.OUTSIDE)
                    .filter(f -> part.kind().isFaced() || f != StripPart.FACED)
                    .filter(f -> part.kind() == PartKind.SHIM || f != StripPart.SHIMS)
                    .filter(f -> part.kind().isPlaced() || f != StripPart.PLACE && f != StripPart.THICKNESS)
                    .toList();
        }

        /** What a cover or a plug brings along. */
        public List<PartKind> small() {
            return List.of(
                    PartKind.WASHER, PartKind.PIN, PartKind.KEY, PartKind.SHIM, PartKind.LOCK_TAB, PartKind.BOLT);
        }

        /** Parts of the bore of which nobody has read the place, by name. */
        public List<String> unplaced() {
            return log.stream()
                    .filter(p -> p.removed().isInBore()
                            && p.cameWith() == null
                            && p.text(StripPart.PLACE).isBlank())
                    .map(StripPart::name)
                    .toList();
        }
    }

    /** Times that have to pass. @param now the moment of the page */
    public record Timers(List<JobTimer> all, Instant now) {
        public boolean isOver(JobTimer timer) {
            return !timer.runs(now);
        }
    }

    /**
     * What earlier jobs and its maker left at the position. @param asLastTime what may be taken over from the last time
     */
    public record Standing(
            List<ConcessionLine> concessions,
            List<RecommendationLine> recommendations,
            List<PositionLimit> limits,
            List<OnBench> benched,
            List<WatchLine> watches,
            List<Look> looks,
            AsLastTime asLastTime) {
        static final Standing NONE =
                new Standing(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), AsLastTime.NOTHING);
    }
}
