package joropo.app.job;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Step;

/** Why a step cannot be ticked as done, whatever is sealed: what it names, counts or tightens is not there. */
final class StepStops {
    private static final String SHIMS = "strip-shims";
    private static final String TIGHT = "tight-";

    private StepStops() {}

    /** Empty: it can. */
    static Optional<Waiting> of(JobState state, Step step, JobWork work) {
        return work.waitsFor(step).or(() -> Stream.of(
                        work.stopped(step),
                        shims(state, step),
                        turn(state, step, work),
                        tight(state, step, work),
                        counted(state, step, work))
                .flatMap(Optional::stream)
                .findFirst()
                .map(Waiting::because));
    }

    private static Optional<String> shims(JobState state, Step step) {
        List<StripPart> packs = state.beside().log().stream()
                .filter(p -> p.kind() == PartKind.SHIM)
                .toList();
        return !step.rule().equals(SHIMS)
                ? Optional.empty()
                : packs.isEmpty()
                        ? Optional.of("Tap the shim pack in the strip log first, then note each shim.")
                        : packs.stream().anyMatch(p -> p.shims() == null)
                                ? Optional.of("Note each shim in the strip log first: it is not counted yet.")
                                : Optional.empty();
    }

    /** What goes in before it, by the one order, and is not in. */
    private static Optional<String> turn(JobState state, Step step, JobWork work) {
        List<StripPart> order = state.beside().order();
        return step.when() != Step.When.FIT
                ? Optional.empty()
                : work.plan().stream()
                        .takeWhile(s -> !s.id().equals(step.id()))
                        .filter(Step::isOfTheList)
                        .map(s -> order.get(s.numberInList() - 1))
                        .filter(StripPart::isMissing)
                        .findFirst()
                        .map(p -> "The " + p.name() + " goes in before it.");
    }

    private static Optional<String> tight(JobState state, Step step, JobWork work) {
        return TorqueProgress.all(work, state).stream()
                .filter(p -> step.id().equals(TIGHT + p.joint()) && p.left() > 0)
                .findFirst()
                .map(p -> "Tick its bolts first: " + p.left() + (p.left() == 1 ? " turn" : " turns")
                        + " of the wrench left at Set.");
    }

    private static Optional<String> counted(JobState state, Step step, JobWork work) {
        if (!step.countsOut()) {
            return Optional.empty();
        }
        List<Step> stripping = work.stripping();
        boolean apart = stripping.stream().anyMatch(s -> state.newestTick(s).isPresent());
        List<Step> uncounted = Stream.of(apart ? stripping : List.<Step>of(), work.plan())
                .flatMap(plan -> plan.stream().filter(s -> s.countsIn() != null).filter(s -> state.newestTick(s)
                        .filter(t -> t.undoneWhy() == null)
                        .isEmpty()))
                .toList();
        String in = state.beside().things().stream()
                .filter(e -> e.kind() == JobEntry.Kind.TEMPORARY && e.isOpen())
                .map(JobEntry::what)
                .collect(Collectors.joining(", "));
        return !in.isEmpty()
                ? Optional.of("Count out first, in the list below: " + in + ".")
                : uncounted.isEmpty()
                        ? Optional.empty()
                        : Optional.of("Nobody counted in the "
                                + Objects.requireNonNull(uncounted.get(0).countsIn())
                                + " yet: do that step, or skip it with its reason.");
    }
}
