package joropo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.core.assembly.AxialPlay;
import joropo.core.assembly.Fasteners;
import joropo.core.assembly.ProvingCheck;
import joropo.core.assembly.ProvingInput;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.LookedAt;
import joropo.core.plan.HoldPoints;
import joropo.core.readings.Gauge;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import org.jspecify.annotations.Nullable;

/** What follows from the cards that every job has, whatever is sealed. */
final class CommonWork {
    /** What a concession says beside its defect. */
    static final List<Field<String>> CONCESSION = List.of(
            CommonFields.CONCESSION_WHY,
            CommonFields.CONCESSION_EXPECTED,
            CommonFields.CONCESSION_FALLBACK,
            CommonFields.CONCESSION_LOOK);

    private final ReadFields read;
    private final @Nullable DiagnosisResult diagnosis;
    private final @Nullable TorquePlanResult torque;
    private final List<JobFinding> findings = new ArrayList<>();
    private final Map<String, String> errors = new HashMap<>();

    /**
     * @param symptoms what was seen, @param absent what was looked for and is not there; codes of the table of signs
     */
    CommonWork(ReadFields read, Set<String> symptoms, Set<String> absent) {
        this.read = read;
        diagnosis = diagnosis(symptoms, absent);
        torque = torquePlan();
        intake();
        add(
                Stage.STRIP,
                HoldPoints.madeSafe(
                        read.is(CommonFields.ISOLATED),
                        read.is(CommonFields.LOCKED),
                        read.is(CommonFields.PRESSURE_OFF),
                        read.get(CommonFields.UNSAFE_WHY)));
        set();
        prove();
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

    /** How the bolts are tightened; absent while nobody has said. */
    @Nullable
    TorquePlanResult torque() {
        return torque;
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

    private void set() {
        add(
                Stage.SET,
                AxialPlay.judge(
                        read.get(CommonFields.PLAY_MEASURED), playLimits(), Gauge.DIAL_INDICATOR.uncertaintyMm(1)));
        if (torque != null) {
            torque.findings().forEach(f -> add(Stage.SET, f.withId("torque-" + f.id())));
        }
        Fasteners.impact(read.get(CommonFields.IMPACT)).ifPresent(f -> add(Stage.SET, f));
        Fasteners.locking(read.get(CommonFields.LOCKING), read.is(CommonFields.LOCKED_UP))
                .ifPresent(f -> add(Stage.SET, f));
        add(
                Stage.SET,
                HoldPoints.closed(
                        read.is(CommonFields.TIGHTENED),
                        read.is(CommonFields.LOCKED_UP),
                        read.is(CommonFields.COUNTED_OUT),
                        read.is(CommonFields.GUARDS_BACK)));
    }

    /** Absent while its builder's limits are not known, or cross each other. */
    private @Nullable Limits playLimits() {
        Double low = read.get(CommonFields.PLAY_LOW);
        Double high = read.get(CommonFields.PLAY_HIGH);
        if (low != null && high != null && low > high) {
            errors.put(CommonFields.PLAY_HIGH.name(), "must not be below the least");
            return null;
        }
        return low == null && high == null ? null : new Limits(low, high);
    }

    private @Nullable TorquePlanResult torquePlan() {
        Double bolts = read.get(CommonFields.BOLTS);
        Double torqueTyped = read.get(CommonFields.BOLT_TORQUE);
        TorquePlanInput.TorqueUnit unit = read.get(CommonFields.TORQUE_UNIT);
        if (bolts == null || torqueTyped == null || unit == null) {
            return null;
        }
        if (bolts != Math.rint(bolts)) {
            errors.put(CommonFields.BOLTS.name(), "must be a whole number");
            return null;
        }
        try {
            return TorquePlanCheck.check(new TorquePlanInput(
                    bolts.intValue(),
                    torqueTyped,
                    unit,
                    read.get(CommonFields.FIGURE_FOR),
                    read.get(CommonFields.THREADS),
                    read.get(CommonFields.WRENCH_LENGTH),
                    read.get(CommonFields.EXTENSION),
                    read.get(CommonFields.LEFT_HAND)));
        } catch (RefusedInput e) {
            errors.put(CommonFields.BOLT_TORQUE.name(), e.errors().get(0).message());
            return null;
        }
    }

    private void prove() {
        ProvingCheck.check(new ProvingInput(read.get(CommonFields.HAND_TURN), read.get(CommonFields.FIRST_RUN)))
                .forEach(f -> add(Stage.PROVE, f));
        add(Stage.PROVE, HoldPoints.filled(read.is(CommonFields.LEVEL_RIGHT), read.is(CommonFields.BREATHER_FREE)));
    }

    private void add(Stage stage, Finding finding) {
        findings.add(new JobFinding(stage, finding));
    }
}
