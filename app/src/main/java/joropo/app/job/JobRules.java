package joropo.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.app.access.Person;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.core.plan.Step;
import joropo.core.readings.Misreading;
import joropo.core.verdict.Status;

/** What has to be done before what: hold points of the job, and what a signature needs. */
final class JobRules {
    private JobRules() {}

    /** What holds a stage. @param why in words, @param mendedAt the stage where it is settled */
    record Held(String why, Stage mendedAt) {}

    /** Why nothing of this stage can be kept yet; empty when it can. */
    static Optional<Held> held(Stage stage, JobState state, JobWork work) {
        boolean closed = stage.compareTo(Stage.INTAKE) > 0
                && state.lastRevision(Stage.STRIP).isEmpty();
        List<PartLine> absent = !closed
                ? List.of()
                : JobParts.of(state, work).stream()
                        .filter(l -> l.beforeOpening() && !l.isSettled() && !l.isOvertaken())
                        .toList();
        if (!absent.isEmpty()) {
            return Optional.of(new Held(
                    "Not in hand: " + JobParts.names(absent)
                            + ". The machine stays closed until each is laid out or decided.",
                    Stage.INTAKE));
        }
        return stage.compareTo(Stage.STRIP) > 0 && !work.madeSafe()
                ? Optional.of(new Held(
                        "Isolated, locked, pressure off: tick all three at Make safe, or write the reason there, "
                                + "before this is kept.",
                        Stage.STRIP))
                : Optional.empty();
    }

    /** Why the parts cannot be ticked as laid out; empty when they can. */
    static Optional<String> partsHeld(JobState state, JobWork work) {
        List<PartLine> open =
                JobParts.of(state, work).stream().filter(l -> !l.isSettled()).toList();
        return open.isEmpty() ? Optional.empty() : Optional.of("neither laid out nor decided: " + JobParts.names(open));
    }

    /** The hold point that comes before this step and is still open. */
    static Optional<Step> stepHeldBy(List<Step> plan, Set<String> done, String step) {
        for (Step s : plan) {
            if (s.id().equals(step)) {
                return Optional.empty();
            }
            if (s.hold() && !done.contains(s.id())) {
                return Optional.of(s);
            }
        }
        return Optional.empty();
    }

    /** Everything that still keeps this person from signing, in words; empty when they may. */
    static List<String> openBeforeSigning(JobState state, JobWork work, Person person, Instant now) {
        List<String> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            if (stage != Stage.SIGN && state.lastRevision(stage).isEmpty()) {
                out.add(stage.title() + " has not been kept yet.");
            } else if (stage != Stage.SIGN && state.hasUnkept(stage)) {
                out.add(stage.title() + " has typing that was not kept.");
            }
        }
        held(Stage.SIGN, state, work).map(Held::why).ifPresent(out::add);
        partsHeld(state, work).ifPresent(why -> out.add("Parts list: " + why + "."));
        Set<String> done = state.done(work.plan()).keySet();
        List<Step> steps = work.plan().stream()
                .filter(s -> s.hold() && !done.contains(s.id()))
                .toList();
        work.undecided().forEach(item -> out.add("There is no fitting plan: the " + item + " is not decided."));
        if (!steps.isEmpty()) {
            out.add(steps.size() + (steps.size() == 1 ? " hold point of the plan is" : " hold points of the plan are")
                    + " neither done nor skipped with a reason, first: "
                    + steps.get(0).instruction());
        }
        int bolts = TorqueProgress.all(work, state).stream()
                .mapToInt(TorqueProgress::left)
                .sum();
        if (bolts > 0) {
            out.add("Torque plan: " + bolts + (bolts == 1 ? " turn of the wrench is" : " turns of the wrench are")
                    + " not ticked.");
        }
        state.beside().entered().things().stream()
                .filter(JobEntry::isOpen)
                .map(JobEntry::openWords)
                .forEach(out::add);
        List<StripPart> missing =
                state.beside().log().stream().filter(StripPart::isMissing).toList();
        if (!missing.isEmpty()) {
            out.add("Came off, and nobody has said what became of it: "
                    + missing.stream().map(StripPart::name).collect(Collectors.joining(", ")) + ".");
        }
        state.beside().entered().timers().stream()
                .filter(t -> t.runs(now))
                .forEach(t -> out.add(t.what() + ": its time is not up yet."));
        work.findings().stream()
                .map(JobFinding::finding)
                .filter(f -> f.status() == Status.REMEASURE && f.rule().endsWith(Misreading.ID))
                .forEach(f -> out.add("Suspected: " + f.subject() + ". Read it again, or say that it stands."));
        concession(work, person).ifPresent(out::add);
        return out;
    }

    private static Optional<String> concession(JobWork work, Person person) {
        long failing =
                work.findings().stream().filter(f -> f.status() == Status.FAIL).count();
        if (failing == 0) {
            return Optional.empty();
        }
        String what = failing + (failing == 1 ? " finding does" : " findings do") + " not hold: ";
        if (work.read().get(CommonFields.CONCESSION) == null) {
            return Optional.of(what + "mend it, or a lead writes a concession.");
        }
        if (CommonWork.CONCESSION.stream().anyMatch(f -> work.read().get(f) == null)) {
            return Optional.of(
                    "The concession does not say yet why it is accepted, what is expected, the fallback and the "
                            + "next look.");
        }
        return person.isLead() ? Optional.empty() : Optional.of(what + "with a concession only a lead signs.");
    }
}
