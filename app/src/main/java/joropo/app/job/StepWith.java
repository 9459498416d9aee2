package joropo.app.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.FittingPlan;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import org.jspecify.annotations.Nullable;

/**
 * What is done in one act with the tick of a hold: the plain steps between it and the hold before, and the parts that
 * these put back as they came out. What wants a word of its own, an inspection, a count or a choice, is never carried.
 *
 * @param steps in their order, @param back parts by what becomes of them, the first first
 */
record StepWith(List<Step> steps, Map<StripPart, StripPart.Back> back) {
    static final StepWith NOTHING = new StepWith(List.of(), Map.of());

    /** @param laidOut by kind how many new ones are laid out and not in yet */
    static StepWith of(JobState state, JobWork work, Map<PartKind, Integer> laidOut, List<Step> plan, Step hold) {
        if (!hold.hold()) {
            return NOTHING;
        }
        Set<String> done = state.done(plan, work).keySet();
        List<Step> before = plan.subList(0, plan.indexOf(hold)).stream()
                .filter(s -> !done.contains(s.id()))
                .toList();
        List<StripPart> order = state.beside().order();
        Map<StripPart, StripPart.Back> back = new LinkedHashMap<>();
        replaced(state, work, plan, hold).forEach(old -> back.put(old, StripPart.Back.RENEWED));
        Stream.concat(before.stream(), Stream.of(hold))
                .filter(s -> s.back() != null && StepStops.of(state, s, work).isEmpty())
                .forEach(s -> state.beside().log().stream()
                        .filter(p -> p.kind() == s.back() && p.isMissing())
                        .forEach(p -> back.put(
                                p,
                                p.kind().after() == PartKind.After.GOES_BACK
                                        ? StripPart.Back.BACK
                                        : StripPart.Back.RENEWED)));
        Map<PartKind, Integer> left = new EnumMap<>(PartKind.class);
        left.putAll(laidOut);
        for (Step s : before) {
            if (s.isOfTheList() && !s.hold()) {
                StripPart part = order.get(s.numberInList() - 1);
                StripPart.Back fate = fate(part, left);
                if (part.isMissing()
                        && fate != StripPart.Back.OUT
                        && work.waitsFor(order, part, back.keySet()).isEmpty()) {
                    back.put(part, fate);
                    left.computeIfPresent(part.kind(), (kind, count) -> count - 1);
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
    private static StripPart.Back fate(StripPart part, Map<PartKind, Integer> laidOut) {
        return switch (part.kind().after()) {
            case GOES_BACK -> part.kind() == PartKind.SHIM ? StripPart.Back.OUT : StripPart.Back.BACK;
            case RENEWED -> laidOut.getOrDefault(part.kind(), 0) > 0 ? StripPart.Back.RENEWED : StripPart.Back.OUT;
            case ASK -> StripPart.Back.OUT;
        };
    }

    /** By kind how many new ones are laid out, less those that are in already. */
    static Map<PartKind, Integer> laidOut(JobState state, JobWork work) {
        Map<PartKind, Integer> out = new EnumMap<>(PartKind.class);
        JobParts.of(state, work).stream()
                .filter(l -> l.state() == PartState.NEW && l.isSettled())
                .forEach(l -> out.merge(l.part().kind(), l.part().count(), Integer::sum));
        state.beside().log().stream()
                .filter(p -> p.back() == StripPart.Back.RENEWED)
                .forEach(p -> out.computeIfPresent(p.kind(), (kind, count) -> count - 1));
        return out;
    }

    /** What came off in the place of what this hold has put in, the last first. */
    private static List<StripPart> replaced(JobState state, JobWork work, List<Step> plan, Step hold) {
        List<StripPart> old = hold.equals(lastOf(work.itemOf(hold.id()), work, plan)) ? work.oldOf(hold) : List.of();
        return old.stream().filter(StripPart::isMissing).toList();
    }

    /** The hold after which the new one of an item is in: where its depth is read, else the last while it goes in. */
    private static @Nullable Step lastOf(JobItem item, JobWork work, List<Step> plan) {
        List<Step> holds = plan.stream()
                .filter(s -> s.hold() && s.when() == Step.When.FIT && !s.isOfTheList())
                .filter(s -> work.itemOf(s.id()).equals(item))
                .toList();
        return holds.stream()
                .filter(s -> s.rule().equals(FittingPlan.DEPTH))
                .findFirst()
                .orElse(holds.isEmpty() ? null : holds.get(holds.size() - 1));
    }
}
