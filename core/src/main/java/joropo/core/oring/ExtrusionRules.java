package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether the pressure nibbles the ring through the gap, and what back-ups and gas have to do with it (guide). */
final class ExtrusionRules {
    /** Rings that stand half the gap only. */
    private static final Set<String> SOFT = Set.of("VMQ", "FVMQ");

    private static final double SOFT_SHARE = 0.5;
    /** Below this pressure an unknown gap is only doubtful (MPa). */
    private static final double GAP_MATTERS_MPA = 1.5;
    /** Above this a sudden drop of a gas blisters rings (MPa). */
    private static final double GAS_MPA = 3;

    private static final Set<String> GASES = Set.of("AIR", "CO2", "STEAM_150", "R134A_POE", "AMMONIA_OIL", "OXYGEN");
    private static final String GAP = "gap behind the ring";

    /**
     * What pushes a ring into which gap.
     *
     * @param gapMm largest diametral clearance, @param usualMm what is usual for such a section, absent: not listed
     */
    @RecordBuilder
    record Load(
            @Nullable Double pressureMpa,
            @Nullable Boolean pressureTurns,
            @Nullable Double hardnessShoreA,
            @Nullable String material,
            @Nullable Double gapMm,
            @Nullable Double usualMm,
            int backups,
            @Nullable Double backupThicknessMm,
            @Nullable String fluid,
            @Nullable Boolean gas) {
        static Load of(OringGlandInput in) {
            return new Load(
                    in.pressureMpa(),
                    in.pressureTurns(),
                    in.hardnessShoreA(),
                    in.material(),
                    in.gapMm(),
                    in.use().row().flatMap(GlandTable.Row::clearanceMm).orElse(null),
                    in.backups(),
                    in.backupThicknessMm(),
                    in.fluid(),
                    in.gas());
        }
    }

    private final Load in;
    /** Largest diametral clearance without back-ups, and with them (mm); absent while nothing tells. */
    private final @Nullable Double bareMm;

    private final @Nullable Double backedMm;

    ExtrusionRules(Load in) {
        this.in = in;
        bareMm = bare();
        backedMm = in.pressureMpa() == null
                ? null
                : Double.valueOf(Length.snap(ExtrusionCurve.backedMm(in.pressureMpa())));
    }

    private @Nullable Double bare() {
        Double pressure = in.pressureMpa();
        Double shore = in.hardnessShoreA();
        if (pressure == null || shore == null || shore < ExtrusionCurve.SOFTEST) {
            return null;
        }
        OptionalDouble curve = ExtrusionCurve.bareMm(shore, pressure);
        return curve.isEmpty()
                ? Double.valueOf(0)
                : Double.valueOf(Length.snap(curve.getAsDouble() * (isSoft() ? SOFT_SHARE : 1)));
    }

    private boolean isSoft() {
        return in.material() != null && SOFT.contains(in.material());
    }

    /** What the gap may be as the gland is (mm); absent while nothing tells. */
    @Nullable
    Double allowedMm() {
        if (in.backups() > 0) {
            return bareMm == null || backedMm == null ? backedMm : Double.valueOf(Math.max(bareMm, backedMm));
        }
        return bareMm;
    }

    private boolean isBackupAlways() {
        return in.pressureMpa() != null && in.pressureMpa() > ExtrusionCurve.BACKUPS_ABOVE_MPA;
    }

    /** Whether the ring stands the gap without back-ups; false while that is not known. */
    private boolean standsBare() {
        return bareMm != null
                && in.gapMm() != null
                && !isBackupAlways()
                && in.gapMm() <= bareMm + 1e-9
                && isSureOfSoft();
    }

    /** A silicone ring stands half of it: where the material is not known, only half is sure. */
    private boolean isSureOfSoft() {
        return in.material() != null || in.gapMm() <= SOFT_SHARE * bareMm + 1e-9;
    }

    Finding extrusion() {
        if (in.pressureMpa() == null) {
            return Finding.missing("extrusion", GAP, "The pressure is not known.", "Say it, peaks with it.");
        }
        if (isBackupAlways() && in.backups() == 0) {
            return figured(
                    Status.FAIL,
                    "No ring stands more than 40 MPa without back-ups.",
                    "A back-up on the low-pressure side" + bothIfTurning() + ".");
        }
        if (in.gapMm() == null) {
            return in.pressureMpa() > GAP_MATTERS_MPA
                    ? Finding.missing(
                            "extrusion",
                            GAP,
                            "The gap is not known, and this pressure pushes a ring into it.",
                            "Give the largest diametral clearance, worn as the parts are.")
                    : Say.guide(
                            "extrusion",
                            Status.CAUTION,
                            GAP,
                            "The gap is not known; at this pressure it seldom matters.",
                            "Measure it.");
        }
        if (bareMm == null) {
            return Finding.missing(
                    "extrusion",
                    GAP,
                    in.hardnessShoreA() == null
                            ? "The hardness of the ring is not known."
                            : "No curve is given for a ring softer than 70 Shore A.",
                    in.hardnessShoreA() == null ? "Read its bag; 70 Shore A is usual." : "Ask its maker.");
        }
        if (in.gapMm() > allowedMm() + 1e-9) {
            return figured(
                    Status.FAIL,
                    "The pressure pushes the ring into the gap and nibbles it.",
                    in.backups() == 0
                            ? "A back-up on the low-pressure side" + bothIfTurning()
                                    + ", a harder ring, or a smaller gap."
                            : "A smaller gap.");
        }
        if (in.backups() == 0 && !isSureOfSoft()) {
            return Finding.missing(
                    "extrusion",
                    GAP,
                    "A silicone ring stands half of this gap only, and the material is not known.",
                    "Name the material.");
        }
        Double usual = in.usualMm();
        if (usual != null && in.gapMm() > usual + 1e-9) {
            return figured(
                    Status.CAUTION,
                    "It stands the gap, which is wider than usual for this section: " + Length.show(usual, 2) + " mm.",
                    "Guide the parts closer at the next overhaul.");
        }
        return figured(Status.PASS, "The ring bridges the gap at this pressure, at room temperature.", "");
    }

    private String bothIfTurning() {
        return Boolean.TRUE.equals(in.pressureTurns()) ? ", and one on the other, since the pressure turns" : "";
    }

    private Finding figured(Status status, String message, String remedy) {
        Finding finding = Say.guide("extrusion", status, GAP, message, remedy);
        Double allowed = allowedMm();
        return in.gapMm() == null || allowed == null
                ? finding
                : finding.withValue(in.gapMm(), "mm").withLimits(Limits.atMost(allowed), 0);
    }

    /** Where the back-ups have to lie; nothing where there are none. */
    Optional<Finding> backup() {
        if (in.backups() == 0) {
            return Optional.empty();
        }
        String subject = "back-ups";
        String lie = "A hollow face lies to the ring, a cut closed.";
        if (in.backupThicknessMm() == null) {
            return Optional.of(Finding.missing(
                    "backup", subject, "How thick a back-up is, is not known.", "Measure one, or read its bag."));
        }
        if (in.backups() == 2) {
            return Optional.of(Say.guide("backup", Status.PASS, subject, "One on each side of the ring. " + lie, ""));
        }
        if (standsBare() || Boolean.FALSE.equals(in.pressureTurns())) {
            return Optional.of(
                    Say.guide("backup", Status.PASS, subject, "It belongs on the low-pressure side. " + lie, ""));
        }
        return Optional.of(
                in.pressureTurns() == null
                        ? Finding.missing(
                                "backup",
                                subject,
                                "Whether the pressure comes from both sides is not known.",
                                "If it does, a back-up on each side.")
                        : Say.guide(
                                "backup",
                                Status.FAIL,
                                subject,
                                "The pressure turns, and one side has no back-up.",
                                "A back-up on each side."));
    }

    Finding gas() {
        String subject = "gas under pressure";
        if (in.pressureMpa() == null) {
            return Finding.missing("gas", subject, "The pressure is not known.", "Say it.");
        }
        if (in.pressureMpa() <= GAS_MPA) {
            return Say.guide("gas", Status.PASS, subject, "The pressure is too low to blister a ring.", "");
        }
        boolean gas = in.gas() != null ? in.gas() : in.fluid() != null && GASES.contains(in.fluid());
        if (in.gas() == null && in.fluid() == null) {
            return Finding.missing("gas", subject, "Whether a gas is sealed is not known.", "Name the fluid.");
        }
        return Say.guide(
                "gas",
                gas ? Status.CAUTION : Status.PASS,
                subject,
                gas ? "When the pressure drops at once, gas in the ring tears blisters into it." : "No gas is sealed.",
                gas ? "A harder ring made for it; let the pressure down slowly." : "");
    }
}
