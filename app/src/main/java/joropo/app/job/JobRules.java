package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.app.access.Person;
import joropo.core.plan.Step;
import joropo.core.verdict.Status;

/** What has to be done before what: hold points of the job, and what a signature needs. */
final class JobRules {
    private JobRules() { }

    /** Why nothing of this stage can be kept yet; empty when it can. */
    static Optional<String> held(Stage stage, JobEvaluation evaluation) {
        return stage.compareTo(Stage.STRIP) > 0 && !evaluation.madeSafe()
                ? Optional.of("Isolated, locked, pressure off: tick all three at Make safe, or write the reason there, before this is kept.") : Optional.empty();
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
    static List<String> openBeforeSigning(JobState state, JobEvaluation evaluation, Person person) {
        List<String> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            if (stage != Stage.SIGN && state.lastRevision(stage).isEmpty()) {
                out.add(stage.title() + " has not been kept yet.");
            } else if (stage != Stage.SIGN && state.hasUnkept(stage)) {
                out.add(stage.title() + " has typing that was not kept.");
            }
        }
        held(Stage.SIGN, evaluation).ifPresent(out::add);
        long steps = evaluation.plan().stream().filter(s -> s.hold() && !state.stepsDone().contains(s.id())).count();
        if (evaluation.plan().isEmpty()) {
            out.add("There is no fitting plan: the seal is not decided.");
        } else if (steps > 0) {
            out.add(steps + (steps == 1 ? " hold point of the plan is" : " hold points of the plan are") + " neither done nor skipped with a reason.");
        }
        concession(evaluation, person).ifPresent(out::add);
        return out;
    }

    private static Optional<String> concession(JobEvaluation evaluation, Person person) {
        long failing = evaluation.findings().stream().filter(f -> f.status() == Status.FAIL).count();
        if (failing == 0) {
            return Optional.empty();
        }
        String what = failing + (failing == 1 ? " finding does" : " findings do") + " not hold: ";
        if (evaluation.values().text("concession") == null) {
            return Optional.of(what + "mend it, or a lead writes a concession.");
        }
        return person.isLead() ? Optional.empty() : Optional.of(what + "with a concession only a lead signs.");
    }
}
