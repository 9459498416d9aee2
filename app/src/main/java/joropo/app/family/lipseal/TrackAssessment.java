package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipMove;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.SectionResult.Window;
import joropo.core.section.ShaftItem;
import joropo.core.surface.Defect;
import joropo.core.surface.Defect.Kind;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceCheck;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.surface.RunningSurfaceResult;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.surface.SurfaceByEye;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The running surface of a job: what it is, what may be done about it, what was decided.
 *
 * @param oldLipMm where the old lip ran, @param move how far the lip may be moved from there; absent while not known
 * @param decided what somebody picked, @param remedy the same where it may be taken, each absent: none, @param
 *     movedToMm depth that the seal goes to when its lip is moved
 * @param groove what the old lip wore, as far as known, @param standing the sleeve of an earlier job that was read,
 *     absent: none
 */
record TrackAssessment(
        RunningSurfaceInput input,
        RunningSurfaceResult result,
        @Nullable Double oldLipMm,
        @Nullable LipMove move,
        @Nullable Remedy decided,
        @Nullable Offer remedy,
        @Nullable Double movedToMm,
        Optional<ShaftItem.WearGroove> groove,
        @Nullable FittedSleeve standing) {
    private static final Set<String> MEASURED_ONLY = Set.of("wear-groove", "score-round");

    /** @param window where the seal may stand, absent: nothing limits it inward */
    static TrackAssessment of(
            JobFacts facts,
            ShaftAndBoreReadings measured,
            AssumedSection entry,
            @Nullable Window window,
            @Nullable Double speedMPerS) {
        ReadFields read = facts.read();
        BoreItem.Seal seal = entry.seal();
        Double oldLip = AssumedSection.oldLipMm(entry.found(), seal.widthMm());
        LipMove move = oldLip == null || window == null
                ? null
                : LipMove.of(seal, oldLip, window, read.get(LipSealFields.STOP_DEPTH));
        RunningSurfaceInput input = input(facts, measured, entry, speedMPerS, move);
        RunningSurfaceResult result = LipSealRules.surface(input);
        Remedy decided = read.get(LipSealFields.REMEDY);
        Offer remedy = decided == null ? null : result.offer(decided).orElse(null);
        boolean moves = move != null
                && remedy != null
                && decided == Remedy.MOVE
                && !remedy.ruledOut()
                && result.requiredShiftMm() != null;
        return new TrackAssessment(
                input,
                result,
                oldLip,
                move,
                decided,
                remedy,
                moves ? move.movedTo(result.requiredShiftMm()) : null,
                entry.grooves().stream().findFirst(),
                measured.sleeve());
    }

    /** Outside of the repair sleeve on which the lip runs when the work is done; absent: it runs on the shaft. */
    @Nullable
    Double sleeveMm() {
        if (remedy == null || remedy.remedy() == Remedy.MOVE || remedy.remedy() == Remedy.DRESS) {
            return standing == null ? null : Double.valueOf(standing.outsideMm());
        }
        return remedy.remedy() == Remedy.THIN_SLEEVE ? remedy.runningDiameterMm() : null;
    }

    /** What was found of the track, as it stands with the remedy. */
    List<Finding> findings() {
        return RunningSurfaceCheck.withRemedy(result, decided);
    }

    @Nullable
    Double inwardMm() {
        return move == null ? null : Double.valueOf(move.inwardMm());
    }

    @Nullable
    Double outwardMm() {
        return move == null ? null : Double.valueOf(move.outwardMm());
    }

    private static RunningSurfaceInput input(
            JobFacts facts,
            ShaftAndBoreReadings measured,
            AssumedSection entry,
            @Nullable Double speedMPerS,
            @Nullable LipMove move) {
        ReadFields read = facts.read();
        DiameterResult shaft = measured.shaft().result();
        String material = read.get(LipSealFields.MATERIAL);
        String family = material == null
                ? null
                : Duty.seals(read).material(material, "material").family();
        double nominal = measured.shaft().nominalMm() == null
                ? entry.section().shaftDiameterMm()
                : measured.shaft().nominalMm();
        return RunningSurfaceInputBuilder.builder()
                .nominalMm(nominal)
                .measuredMm(measured.besideTrackMm())
                .uncertaintyMm(shaft == null ? null : Double.valueOf(shaft.uncertaintyMm()))
                .raUm(read.get(LipSealFields.RA))
                .rzUm(read.get(LipSealFields.RZ))
                .hardnessHrc(read.get(LipSealFields.HRC))
                .surfaceSpeedMPerS(speedMPerS)
                .grooveDepthMm(read.get(LipSealFields.GROOVE_DEPTH))
                .grooveWidthMm(read.get(LipSealFields.GROOVE_WIDTH))
                .axialPlayMm(entry.section().axialPlayMm())
                .growthMm(entry.section().growthMm())
                .shiftInwardMm(move == null ? null : move.inwardMm())
                .shiftOutwardMm(move == null ? null : move.outwardMm())
                .runningSleeve(LipSealFacts.hasRunningSleeve(facts))
                .rotation(entry.section().rotation())
                .leadAdvanceMm(read.get(LipSealFields.LEAD_ADVANCE))
                .leadTurns(read.get(LipSealFields.LEAD_TURNS))
                .leadReverses(read.get(LipSealFields.LEAD_REVERSES))
                .boreMm(
                        entry.section().boreDiameterMm() > nominal
                                ? entry.section().boreDiameterMm()
                                : null)
                .outsideDirt(entry.outside().dirt())
                .lipMaterial(family)
                .ovalityMm(shaft == null ? null : Double.valueOf(shaft.ovalityMm()))
                .sleeveMm(
                        measured.sleeve() == null
                                ? null
                                : Double.valueOf(measured.sleeve().outsideMm()))
                .sleeveWallMm(read.get(LipSealFields.SLEEVE_WALL))
                .defects(defects(read))
                .rubberCase(
                        read.get(LipSealFields.CASE_TYPE) == null
                                ? null
                                : Boolean.valueOf(read.get(LipSealFields.CASE_TYPE) == CaseType.RUBBER))
                .build();
    }

    /** What was seen on the track and in the bore; absent while nobody has looked at the track. */
    private static @Nullable List<Defect> defects(ReadFields read) {
        SurfaceByEye first = read.get(LipSealFields.SURFACE);
        SurfaceByEye second = read.get(LipSealFields.SURFACE_2);
        List<Defect> out = new ArrayList<>();
        if (first != null) {
            out.addAll(first.defects());
        }
        if (second != null && second != first) {
            out.addAll(second.defects());
        }
        String bore = read.get(LipSealFields.BORE_SEEN);
        if (bore != null && !bore.equals("SMOOTH")) {
            out.add(new Defect(Kind.valueOf(bore), true, read.get(LipSealFields.BORE_SEEN_DEPTH), null, null, true));
        }
        return first == null && out.isEmpty() ? null : out;
    }

    /** Whether something was felt that only its depth and width can judge. */
    boolean wantsMeasures() {
        return input.grooveDepthMm() == null
                && result.findings().stream()
                        .anyMatch(f -> MEASURED_ONLY.contains(f.id()) && f.status() == Status.REMEASURE);
    }

    /** A finding about the track as it stands with the remedy that was decided. */
    Finding answered(Finding f) {
        return remedy == null ? f : RunningSurfaceCheck.answered(f, remedy);
    }

    /**
     * The section as it will be with the remedy: the lip moved to its new depth unless another was planned, or no old
     * track left to keep clear of.
     */
    AssumedSection appliedTo(AssumedSection entry, boolean depthPlanned) {
        if (remedy == null || remedy.ruledOut()) {
            return entry;
        }
        if (remedy.remedy() != Remedy.MOVE) {
            return entry.withoutGroove();
        }
        return movedToMm == null || depthPlanned ? entry : entry.plannedAt(movedToMm);
    }
}
