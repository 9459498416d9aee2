package joropo.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.core.arrangement.Clash;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.PartState;
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

    /** What has to be typed on a stage before it is whole, by name of the field: in words what is missing. */
    static Map<String, String> wanted(Stage stage, JobState state, JobWork work) {
        Map<String, Typed> texts = state.sheet(stage);
        Map<String, String> out = new LinkedHashMap<>();
        work.cards()
                .fields(stage)
                .filter(f -> f.needed()
                        && texts.getOrDefault(f.name(), Typed.NOTHING).isBlank())
                .forEach(f -> out.put(f.name(), "This is needed."));
        out.putAll(work.wanted(stage));
        return out;
    }

    /**
     * What a stage still wants, in words as its box and the signature say it: fields that are needed or cannot be read,
     * or anything at all where nothing was entered, ticked or saved.
     */
    static List<String> stillWanted(Stage stage, JobState state, JobWork work) {
        boolean untouched = !state.isTyped(stage) && state.lastRevision(stage).isEmpty();
        boolean ticked = untouched
                && stage == Stage.FIT
                && !state.done(work.plan(), work).isEmpty();
        if (untouched && !ticked) {
            return List.of("nothing was entered.");
        }
        Map<String, String> wanted = wanted(stage, state, work);
        return Stream.concat(
                        work.cards()
                                .fields(stage)
                                .filter(f -> wanted.containsKey(f.name()))
                                .map(f -> f.label() + " is wanted."),
                        work.cards()
                                .fields(stage)
                                .filter(f -> work.errors().containsKey(f.name()))
                                .map(f -> f.label() + " cannot be read as it stands."))
                .toList();
    }

    /**
     * All that is open, stage by stage, in words: what each still wants, holds of the plan that are done there, and
     * turns of the wrench.
     */
    static Map<Stage, List<String>> open(JobState state, JobWork work) {
        Map<Stage, List<String>> out = new EnumMap<>(Stage.class);
        for (Stage stage : Stage.values()) {
            out.put(stage, new ArrayList<>(stillWanted(stage, state, work)));
        }
        for (Step hold : holdsOpen(state, work)) {
            out.get(work.isAnswered(hold) ? work.answeredAt(hold) : Stage.FIT).add("Not done: " + hold.instruction());
        }
        int turns = turnsLeft(state, work);
        if (turns > 0) {
            out.get(Stage.SET).add(turns(turns) + " not ticked.");
        }
        return out;
    }

    /** Hold points of the plan that are neither done nor skipped with a reason. */
    private static List<Step> holdsOpen(JobState state, JobWork work) {
        List<Step> plan = work.plan();
        Set<String> done = state.done(plan, work).keySet();
        return plan.stream().filter(s -> s.hold() && !done.contains(s.id())).toList();
    }

    private static int turnsLeft(JobState state, JobWork work) {
        return TorqueProgress.all(work, state).stream()
                .mapToInt(TorqueProgress::left)
                .sum();
    }

    private static String turns(int count) {
        return count + (count == 1 ? " turn" : " turns") + " of the wrench";
    }

    /** Ticks that something else contradicts, by name of the field: what is still open. */
    static Map<String, String> contradicted(JobState state, JobWork work) {
        Map<String, String> out = new LinkedHashMap<>();
        int left = turnsLeft(state, work);
        if (left > 0) {
            out.put(CommonFields.TIGHTENED.name(), turns(left) + " not ticked");
        }
        for (JobEntry open :
                state.beside().things().stream().filter(JobEntry::isOpen).toList()) {
            out.putIfAbsent(
                    open.kind() == JobEntry.Kind.TEMPORARY
                            ? CommonFields.COUNTED_OUT.name()
                            : CommonFields.LOCKED_UP.name(),
                    open.what() + (open.kind() == JobEntry.Kind.TEMPORARY ? " still in" : " still on trial"));
        }
        state.beside().log().stream()
                .filter(p -> p.isMissing() && (p.kind() == PartKind.COVER || p.kind() == PartKind.PLUG))
                .findFirst()
                .ifPresent(p -> out.put(CommonFields.GUARDS_BACK.name(), p.name() + " not back yet"));
        return out;
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
            if (stage != Stage.SIGN) {
                stillWanted(stage, state, work).forEach(w -> out.add(stage.title() + ": " + w));
            }
        }
        held(Stage.SIGN, state, work).map(Held::why).ifPresent(out::add);
        partsHeld(state, work).ifPresent(why -> out.add("Parts list: " + why + "."));
        List<Step> steps = holdsOpen(state, work);
        work.undecided().forEach(item -> out.add("There is no fitting plan: the " + item + " is not decided."));
        if (!steps.isEmpty()) {
            out.add(steps.size() + (steps.size() == 1 ? " hold point of the plan is" : " hold points of the plan are")
                    + " neither done nor skipped with a reason, first: "
                    + steps.get(0).instruction());
        }
        int left = turnsLeft(state, work);
        if (left > 0) {
            out.add("Torque plan: " + turns(left) + (left == 1 ? " is" : " are") + " not ticked.");
        }
        state.beside().things().stream()
                .filter(JobEntry::isOpen)
                .map(JobEntry::openWords)
                .forEach(out::add);
        List<StripPart> missing =
                state.beside().log().stream().filter(StripPart::isMissing).toList();
        if (!missing.isEmpty()) {
            out.add("Came off, and nobody has said what became of it: "
                    + missing.stream().map(StripPart::name).collect(Collectors.joining(", ")) + ".");
        }
        long oldSeals = state.beside().log().stream()
                .filter(p -> p.kind() == PartKind.LIP_SEAL && p.back() == StripPart.Back.BACK)
                .count();
        long newSeals = JobParts.of(state, work).stream()
                .filter(l -> l.part().kind() == PartKind.LIP_SEAL && l.state() == PartState.NEW && l.isSettled())
                .mapToLong(l -> l.part().count())
                .sum();
        long places = work.main().section().map(s -> s.planned().seals().size()).orElse(Integer.MAX_VALUE);
        if (oldSeals > 0 && newSeals > 0 && oldSeals + newSeals > places) {
            out.add("Old seals stand as back in where new ones are laid out: say of each which it is.");
        }
        state.beside().entered().timers().stream()
                .filter(t -> t.runs(now))
                .forEach(t -> out.add(t.what() + ": its time is not up yet."));
        work.findings().stream()
                .map(JobFinding::finding)
                .filter(f -> f.status() == Status.REMEASURE && f.rule().endsWith(Misreading.ID))
                .forEach(f -> out.add("Suspected: " + f.subject() + ". Read it again, or say that it stands."));
        work.findings().stream()
                .map(JobFinding::finding)
                .filter(Clash::isSaidBy)
                .filter(f -> !f.rule().startsWith("found-"))
                .forEach(f -> out.add("To settle, " + f.subject() + ": " + f.message()));
        concession(work, person).ifPresent(out::add);
        return out;
    }

    private static Optional<String> concession(JobWork work, Person person) {
        long failing =
                work.findings().stream().filter(f -> f.status() == Status.FAIL).count();
        boolean written = work.read().get(CommonFields.CONCESSION) != null;
        String what = failing == 0 ? "" : failing + (failing == 1 ? " finding does" : " findings do") + " not hold: ";
        if (!written) {
            return failing == 0 ? Optional.empty() : Optional.of(what + "mend it, or a lead writes a concession.");
        }
        if (CommonWork.CONCESSION.stream().anyMatch(f -> work.read().get(f) == null)) {
            return Optional.of(
                    "The concession does not say yet why it is accepted, what is expected, the fallback and the "
                            + "next look" + (failing == 0 ? ": write that, or clear it, for nothing fails." : "."));
        }
        return person.isLead() ? Optional.empty() : Optional.of(what + "with a concession only a lead signs.");
    }
}
