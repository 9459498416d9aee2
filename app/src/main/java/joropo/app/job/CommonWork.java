package joropo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.core.assembly.EndPlayCheck;
import joropo.core.assembly.EndPlayInputBuilder;
import joropo.core.assembly.Fasteners;
import joropo.core.assembly.ProvingCheck;
import joropo.core.assembly.ShimPack;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInputBuilder;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.LookedAt;
import joropo.core.material.Medium;
import joropo.core.plan.HoldPoints;
import joropo.core.readings.Gauge;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** What follows from the cards that every job has, whatever is sealed. */
final class CommonWork {
    /** What a concession says beside its defect. */
    static final List<Field<String>> CONCESSION = List.of(
            CommonFields.CONCESSION_WHY,
            CommonFields.CONCESSION_EXPECTED,
            CommonFields.CONCESSION_FALLBACK,
            CommonFields.CONCESSION_LOOK);

    /** Fields of every job that a step names, by its rule. */
    static final Map<String, List<String>> NAMED_BY = Map.of("aligned", List.of(AssemblyCards.ALIGNED_BY));

    /** Fields in which findings are answered. */
    static final Map<String, String> ANSWERED_IN = Map.ofEntries(
            Map.entry("innocent", CommonFields.LEVEL_SEEN.name()),
            Map.entry("causes", CommonFields.SYMPTOM.name()),
            Map.entry("safe", CommonFields.ISOLATED.name()),
            Map.entry("before-play", CommonFields.PLAY_BEFORE.name()),
            Map.entry("play", CommonFields.PLAY_MEASURED.name()),
            Map.entry("torque-figure", CommonFields.BOLT_TORQUE.name()),
            Map.entry("torque-threads", CommonFields.FIGURE_FOR.name()),
            Map.entry("torque-sequence", CommonFields.BOLTS.name()),
            Map.entry("torque-left-hand", CommonFields.LEFT_HAND.name()),
            Map.entry("torque-wrench", CommonFields.WRENCH_LENGTH.name()),
            Map.entry("torque-closure", CommonFields.TRIAL_SEATING.name()),
            Map.entry("impact", CommonFields.IMPACT.name()),
            Map.entry("lining", CommonFields.LOCK_LINED.name()),
            Map.entry("pack", CommonFields.PLAY_MEASURED.name()),
            Map.entry("before-pack", CommonFields.PLAY_BEFORE.name()),
            Map.entry("bearings", CommonFields.PLAY_MEASURED.name()),
            Map.entry("before-bearings", CommonFields.PLAY_BEFORE.name()),
            Map.entry("locking", CommonFields.LOCKING.name()),
            Map.entry("closed", CommonFields.TIGHTENED.name()),
            Map.entry("hand-turn", CommonFields.HAND_TURN.name()),
            Map.entry("first-run", CommonFields.FIRST_RUN.name()),
            Map.entry("filled", CommonFields.LEVEL_RIGHT.name()),
            Map.entry("greased", CommonFields.GREASE_IN.name()));

    private final ReadFields read;
    private final boolean turns;
    private final Medium medium;
    private final AssemblyCards assembly;
    private final @Nullable DiagnosisResult diagnosis;
    private final List<Joint> joints;
    private final @Nullable List<Double> pack;
    private final List<JobFinding> findings = new ArrayList<>();
    private final Map<String, String> errors = new HashMap<>();

    /**
     * @param cards of the job, which say what joints, bearings and shims there are, @param speedRpm of its shaft,
     *     absent: not known
     * @param symptoms what was seen, @param absent what was looked for and is not there; codes of the table of signs
     */
    CommonWork(ReadFields read, JobCards cards, @Nullable Double speedRpm, Set<String> symptoms, Set<String> absent) {
        this.read = read;
        diagnosis = diagnosis(symptoms, absent);
        joints = joints(cards.joints());
        turns = cards.turns();
        medium = cards.medium();
        List<ShimPack> packs = cards.log().stream()
                .map(StripPart::shims)
                .filter(Objects::nonNull)
                .toList();
        pack = packs.size() == 1 ? packs.get(0).shimsMm() : null;
        intake();
        add(
                Stage.STRIP,
                HoldPoints.madeSafe(
                        read.is(CommonFields.ISOLATED),
                        read.is(CommonFields.LOCKED),
                        read.is(CommonFields.PRESSURE_OFF),
                        read.get(CommonFields.UNSAFE_WHY)));
        measure();
        BearingCards.of(cards.log()).forEach(b -> findings.addAll(BearingCards.findings(b, read, errors)));
        set();
        prove();
        assembly = new AssemblyCards(read, speedRpm, errors);
        findings.addAll(assembly.findings());
    }

    List<Panel> panels(Stage stage) {
        return assembly.panels(stage);
    }

    List<JobFinding> findings() {
        return List.copyOf(findings);
    }

    /** By name of the field. */
    Map<String, String> errors() {
        return Map.copyOf(errors);
    }

    /** Why it leaks; absent while nobody has looked. */
    @Nullable
    DiagnosisResult diagnosis() {
        return diagnosis;
    }

    /**
     * One joint that is tightened. @param key of its fields, empty: the first, @param name empty: it needs none, @param
     * plan absent while nobody has said how
     */
    record Joint(
            String key,
            String name,
            ReadFields read,
            @Nullable TorquePlanResult plan) {}

    /** Joints of which somebody has said how they are tightened. */
    List<Joint> joints() {
        return joints.stream().filter(j -> j.plan != null).toList();
    }

    /** What has to be typed before a stage is kept, by name of the field: in words what is missing. */
    Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new LinkedHashMap<>();
        if (stage == Stage.SIGN && read.get(CommonFields.CONCESSION) != null) {
            CONCESSION.stream()
                    .filter(f -> read.get(f) == null)
                    .forEach(f -> out.put(f.name(), "A concession needs this."));
        }
        return out;
    }

    private @Nullable DiagnosisResult diagnosis(Set<String> symptoms, Set<String> absent) {
        Set<String> notThere = new LinkedHashSet<>(absent);
        notThere.removeAll(symptoms);
        return symptoms.isEmpty() && notThere.isEmpty()
                ? null
                : DiagnosisCheck.check(new DiagnosisInput(
                        List.copyOf(symptoms), List.copyOf(notThere), LookedAt.ruledOut(foundGood())));
    }

    private Set<LookedAt> foundGood() {
        Set<LookedAt> out = new HashSet<>();
        if (read.is(CommonFields.LEVEL_SEEN)) {
            out.add(LookedAt.LEVEL);
        }
        if (read.is(CommonFields.BREATHER_SEEN)) {
            out.add(LookedAt.BREATHER);
        }
        if (read.is(CommonFields.ABOVE_SEEN)) {
            out.add(LookedAt.ABOVE);
        }
        return out;
    }

    private void intake() {
        add(
                Stage.INTAKE,
                HoldPoints.sealIsTheCause(
                        read.is(CommonFields.LEVEL_SEEN),
                        read.is(CommonFields.BREATHER_SEEN),
                        read.is(CommonFields.ABOVE_SEEN)));
        if (diagnosis != null) {
            diagnosis.findings().forEach(f -> add(Stage.INTAKE, f));
        }
    }

    /** Play that is read with the seal still out is judged there: afterwards it costs a seal. */
    private void measure() {
        Double before = read.get(CommonFields.PLAY_BEFORE);
        if (before != null) {
            play(before).forEach(f -> add(Stage.MEASURE, f.withId("before-" + f.id())));
        }
    }

    private void set() {
        if (turns) {
            Double measured = read.get(CommonFields.PLAY_MEASURED);
            (measured == null ? List.of(EndPlayCheck.unread("since the shaft went back")) : play(measured))
                    .forEach(f -> add(Stage.SET, f));
        }
        joints.forEach(this::tightened);
        add(
                Stage.SET,
                HoldPoints.closed(
                        read.is(CommonFields.TIGHTENED),
                        read.is(CommonFields.LOCKED_UP),
                        read.is(CommonFields.COUNTED_OUT),
                        read.is(CommonFields.GUARDS_BACK)));
    }

    private List<Finding> play(double measured) {
        Double low = read.get(CommonFields.PLAY_LOW);
        Double high = read.get(CommonFields.PLAY_HIGH);
        if (high == null) {
            return List.of(EndPlayCheck.withoutLimits(measured));
        }
        try {
            return EndPlayCheck.check(EndPlayInputBuilder.builder()
                            .measuredMm(measured)
                            .lowMm(low == null ? 0 : low)
                            .highMm(high)
                            .packMm(pack)
                            .shimOpens(read.get(CommonFields.SHIM_OPENS))
                            .bearingsRenewed(read.is(CommonFields.BEARINGS_RENEWED))
                            .uncertaintyMm(Gauge.DIAL_INDICATOR.uncertaintyMm(1))
                            .build())
                    .findings();
        } catch (RefusedInput e) {
            errors.put(
                    e.errors().get(0).field().equals("highMm")
                            ? CommonFields.PLAY_HIGH.name()
                            : CommonFields.PLAY_BEFORE.name(),
                    e.errors().get(0).message());
            return List.of(EndPlayCheck.withoutLimits(measured));
        }
    }

    private void tightened(Joint joint) {
        if (joint.plan != null) {
            joint.plan.findings().forEach(f -> add(Stage.SET, joint, f.withId("torque-" + f.id())));
        }
        Fasteners.impact(joint.read.get(CommonFields.IMPACT)).ifPresent(f -> add(Stage.SET, joint, f));
        Fasteners.lining(joint.read.get(CommonFields.LOCK_LINED)).ifPresent(f -> add(Stage.SET, joint, f));
        if (joint.key.isEmpty() || joint.plan != null) {
            Fasteners.locking(joint.read.get(CommonFields.LOCKING), read.is(CommonFields.LOCKED_UP))
                    .ifPresent(f -> add(Stage.SET, joint, f));
        }
    }

    /** Joints of which enough is typed, each by its own name. */
    private List<Joint> joints(List<String> keys) {
        List<Joint> out = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (String key : keys) {
            ReadFields of = Joints.read(read, key);
            String name = Joints.name(of, key);
            if (!names.add(name.toLowerCase(Locale.ROOT))) {
                errors.put(key + CommonFields.JOINT.name(), "another joint of this job is called so");
            }
            out.add(new Joint(key, name, of, torquePlan(key, of)));
        }
        return out;
    }

    private @Nullable TorquePlanResult torquePlan(String key, ReadFields of) {
        Double bolts = of.get(CommonFields.BOLTS);
        if (bolts == null) {
            return null;
        }
        if (bolts != Math.rint(bolts)) {
            errors.put(key + CommonFields.BOLTS.name(), "must be a whole number");
            return null;
        }
        Double torque = of.get(CommonFields.BOLT_TORQUE);
        if (torque == null
                && of.get(CommonFields.BOLT_CLASS) == null
                && of.get(CommonFields.CLAMPED) == null
                && !of.is(CommonFields.TO_MARK)) {
            errors.put(
                    key + CommonFields.BOLT_TORQUE.name(),
                    "is needed, or in its place what is clamped, thread and class, or the mark");
        }
        try {
            return TorquePlanCheck.check(TorquePlanInputBuilder.builder()
                    .bolts(bolts.intValue())
                    .torque(torque)
                    .torqueUnit(torque == null ? of.get(CommonFields.TORQUE_UNIT) : CommonFields.torqueUnit(of))
                    .figureFor(of.get(CommonFields.FIGURE_FOR))
                    .threads(of.get(CommonFields.THREADS))
                    .thread(of.get(CommonFields.THREAD))
                    .boltClass(of.get(CommonFields.BOLT_CLASS))
                    .clamped(of.get(CommonFields.CLAMPED))
                    .wrenchLengthMm(of.get(CommonFields.WRENCH_LENGTH))
                    .extensionMm(of.get(CommonFields.EXTENSION))
                    .leftHand(of.get(CommonFields.LEFT_HAND))
                    .trialSeating(of.get(CommonFields.TRIAL_SEATING))
                    .toMark(of.get(CommonFields.TO_MARK))
                    .newFasteners(of.get(CommonFields.NEW_FASTENERS))
                    .build());
        } catch (RefusedInput e) {
            errors.put(
                    key + torqueField(e.errors().get(0).field()),
                    e.errors().get(0).message());
            return null;
        }
    }

    private static String torqueField(String input) {
        return switch (input) {
            case "bolts" -> CommonFields.BOLTS.name();
            case "torqueUnit" -> CommonFields.TORQUE_UNIT.name();
            case "thread" -> CommonFields.THREAD.name();
            default -> CommonFields.BOLT_TORQUE.name();
        };
    }

    private void prove() {
        add(Stage.PROVE, ProvingCheck.handTurn(read.get(CommonFields.HAND_TURN)));
        HoldPoints.filled(
                        medium,
                        read.is(CommonFields.LEVEL_RIGHT) && read.is(CommonFields.BREATHER_FREE),
                        read.is(CommonFields.GREASE_IN) && read.is(CommonFields.RELIEF_OPEN))
                .ifPresent(f -> add(Stage.PROVE, f));
    }

    private void add(Stage stage, Joint joint, Finding finding) {
        add(stage, joint.name.isEmpty() ? finding : finding.ofItem(joint.key, joint.name));
    }

    private void add(Stage stage, Finding finding) {
        findings.add(new JobFinding(stage, finding));
    }
}
