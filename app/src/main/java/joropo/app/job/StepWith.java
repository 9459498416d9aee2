package joropo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.FittingPlan;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;

/**
 * What is done in one act with the tick of a hold: the plain steps between it and the hold before, and the parts that
 * these put back as they came out. What wants a word of its own, an inspection, a count or a choice, is never carried.
 *
 * @param steps in their order, @param back parts by what becomes of them, the first first
 */
record StepWith(List<Step> steps, Map<StripPart, StripPart.Back> back) {
    static final StepWith NOTHING = new StepWith(List.of(), Map.of());

    /** Steps in which a new one reaches its place: then the old one is replaced. */
    private static final Map<String, PartKind> NEW_IN =
            Map.of("depth", PartKind.LIP_SEAL, FittingPlan.NEW_SLEEVE, PartKind.SLEEVE);

    /** @param laidOut kinds of which a new one is laid out */
    static StepWith of(JobState state, JobWork work, Set<PartKind> laidOut, List<Step> plan, Step hold) {
        if (!hold.hold()) {
            return NOTHING;
        }
        Set<String> done = state.done(plan, work).keySet();
        List<Step> before = plan.subList(0, plan.indexOf(hold)).stream()
                .filter(s -> !done.contains(s.id()))
                .toList();
        List<StripPart> order = state.beside().order();
        Map<StripPart, StripPart.Back> back = new LinkedHashMap<>();
        replaced(state, work, hold).ifPresent(old -> back.put(old, StripPart.Back.RENEWED));
        for (Step s : before) {
            if (s.isOfTheList() && !s.hold()) {
                StripPart part = order.get(s.numberInList() - 1);
                StripPart.Back fate = fate(part, laidOut);
                if (part.isMissing()
                        && fate != StripPart.Back.OUT
                        && work.waitsFor(order, part, back.keySet()).isEmpty()) {
                    back.put(part, fate);
                }
            }
        }
        return new StepWith(
                before.stream()
                        .filter(s -> !s.isOfTheList() && !work.isAnswered(s))
                        .filter(s -> StepStops.of(state, s, work).isEmpty())
                        .toList(),
                back);
    }

    /** Numbers in the plan of what is carried along. */
    List<Integer> numbers(List<Step> plan, List<StripPart> order) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < plan.size(); i++) {
            Step s = plan.get(i);
            if (steps.contains(s) || s.isOfTheList() && back.containsKey(order.get(s.numberInList() - 1))) {
                out.add(i + 1);
            }
        }
        return out;
    }

    /** What becomes of it without a word more; OUT where it wants one. */
    private static StripPart.Back fate(StripPart part, Set<PartKind> laidOut) {
        return switch (part.kind().after()) {
            case GOES_BACK -> part.kind() == PartKind.SHIM ? StripPart.Back.OUT : StripPart.Back.BACK;
            case RENEWED -> laidOut.contains(part.kind()) ? StripPart.Back.RENEWED : StripPart.Back.OUT;
            case ASK -> StripPart.Back.OUT;
        };
    }

    /** Kinds of which a new one is laid out. */
    static Set<PartKind> laidOut(JobState state, JobWork work) {
        return JobParts.of(state, work).stream()
                .filter(l -> l.state() == PartState.NEW && l.isSettled())
                .map(l -> l.part().kind())
                .collect(Collectors.toSet());
    }

    /** The old one of the item that the step is of; of several that no item names, the innermost goes in first. */
    private static Optional<StripPart> replaced(JobState state, JobWork work, Step hold) {
        var stripped = new Stripped(state.items(), state.beside().order());
        JobItem item = work.itemOf(hold.id());
        return state.beside().log().stream()
                .filter(p -> p.kind() == NEW_IN.get(hold.rule()) && p.isMissing())
                .filter(p -> stripped.itemOf(p).map(item::equals).orElse(true))
                .reduce((earlier, later) -> later);
    }
}
