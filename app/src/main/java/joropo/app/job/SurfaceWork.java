package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.LipSealSeatLimits;
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
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The running surface of a job: what it is, what may be done about it, what was decided.
 *
 * @param inwardMm, @param outwardMm how far the lip may be moved from where the old one ran, absent while not known
 * @param oldLipMm where the old lip ran, @param groove what it wore, as far as known
 * @param remedy what was decided, absent: nothing yet, @param movedToMm depth that the seal goes to when its lip is
 *     moved
 */
record SurfaceWork(
        RunningSurfaceInput input,
        RunningSurfaceResult result,
        @Nullable Double inwardMm,
        @Nullable Double outwardMm,
        @Nullable Offer remedy,
        @Nullable Double movedToMm,
        List<Finding> findings,
        @Nullable Double oldLipMm,
        Optional<ShaftItem.WearGroove> groove) {
    /** The plan rounds a new depth to this (mm). */
    private static final double STEP_MM = 0.1;

    private static final Set<String> MEASURED_ONLY = Set.of("wear-groove", "score-round");

    static SurfaceWork of(Values values, Measured measured, Sketch sketch, @Nullable Double speedMPerS) {
        BoreItem.Seal seal = sketch.section().seal();
        Double oldLip = Sketch.oldLipMm(values, seal.widthMm());
        double lipBehindFace = seal.lipMm() - seal.fromMm();
        Window window = LipSealRules.section(sketch.section()).window();
        Double stop = values.number("stopDepth");
        double deepest = window == null
                ? 0
                : stop == null
                        ? window.toMm()
                        : Math.min(window.toMm(), stop - seal.widthMm() - LipSealSeatLimits.DEPTH_ROOM_MM);
        boolean known = oldLip != null && window != null;
        Double inward = known ? Double.valueOf(Math.max(0, Length.snap(deepest + lipBehindFace - oldLip))) : null;
        Double outward =
                known ? Double.valueOf(Math.max(0, Length.snap(oldLip - window.fromMm() - lipBehindFace))) : null;
        RunningSurfaceInput input = input(values, measured, sketch, speedMPerS, inward, outward);
        RunningSurfaceResult result = LipSealRules.surface(input);
        Remedy decided = values.choice("remedy", Remedy.class);
        Offer remedy = decided == null ? null : result.offer(decided).orElse(null);
        boolean moves = known
                && remedy != null
                && decided == Remedy.MOVE
                && !remedy.ruledOut()
                && result.requiredShiftMm() != null;
        Double to = moves ? movedTo(oldLip - lipBehindFace, result.requiredShiftMm(), inward, deepest) : null;
        return new SurfaceWork(
                input,
                result,
                inward,
                outward,
                remedy,
                to,
                RunningSurfaceCheck.withRemedy(result, decided),
                oldLip,
                sketch.section().shaftItem(ShaftItem.WearGroove.class));
    }

    /**
     * @param same depth at which the new lip would run where the old one ran, @param shift how far it has to go from
     *     there
     */
    private static Double movedTo(double same, double shift, Double inward, double deepest) {
        return inward >= shift - 1e-9
                ? Math.min(deepest, Length.snap(Math.ceil((same + shift) / STEP_MM - 1e-6) * STEP_MM))
                : Length.snap(Math.floor((same - shift) / STEP_MM + 1e-6) * STEP_MM);
    }

    private static RunningSurfaceInput input(
            Values values,
            Measured measured,
            Sketch sketch,
            @Nullable Double speedMPerS,
            @Nullable Double inward,
            @Nullable Double outward) {
        DiameterResult shaft = measured.shaft();
        String material = values.text("material");
        boolean ptfe = material != null
                && values.seals().material(material, "material").family().equals("PTFE");
        double nominal =
                measured.shaftNominalMm() == null ? sketch.section().shaftDiameterMm() : measured.shaftNominalMm();
        return RunningSurfaceInputBuilder.builder()
                .nominalMm(nominal)
                .measuredMm(measured.besideTrackMm())
                .uncertaintyMm(shaft == null ? null : Double.valueOf(shaft.uncertaintyMm()))
                .raUm(values.number("ra"))
                .rzUm(values.number("rz"))
                .hardnessHrc(values.number("hrc"))
                .surfaceSpeedMPerS(speedMPerS)
                .grooveDepthMm(values.number("grooveDepth"))
                .grooveWidthMm(values.number("grooveWidth"))
                .axialPlayMm(sketch.section().axialPlayMm())
                .growthMm(sketch.section().growthMm())
                .shiftInwardMm(inward)
                .shiftOutwardMm(outward)
                .leadAdvanceMm(values.number("leadAdvance"))
                .leadTurns(values.number("leadTurns"))
                .leadReverses(values.yes("leadReverses"))
                .boreMm(sketch.section().boreDiameterMm())
                .outsideDirt(sketch.section().outside().dirt())
                .lipMaterial(ptfe ? "PTFE" : material)
                .ovalityMm(shaft == null ? null : Double.valueOf(shaft.ovalityMm()))
                .sleeveWallMm(values.number("sleeveWall"))
                .defects(defects(values))
                .rubberCase(
                        values.text("caseType") == null
                                ? null
                                : Boolean.valueOf(values.choice("caseType", CaseType.class) == CaseType.RUBBER))
                .build();
    }

    /** What was seen on the track and in the bore; absent while nobody has looked at the track. */
    private static @Nullable List<Defect> defects(Values values) {
        SurfaceByEye first = values.choice("surface", SurfaceByEye.class);
        SurfaceByEye second = values.choice("surface2", SurfaceByEye.class);
        List<Defect> out = new ArrayList<>();
        if (first != null) {
            out.addAll(first.defects());
        }
        if (second != null && second != first) {
            out.addAll(second.defects());
        }
        String bore = values.text("boreSeen");
        if (bore != null && !bore.equals("SMOOTH")) {
            out.add(new Defect(Kind.valueOf(bore), true, values.number("boreSeenDepth"), null, null, true));
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
    Sketch appliedTo(Sketch sketch, boolean depthPlanned) {
        if (remedy == null || remedy.ruledOut()) {
            return sketch;
        }
        if (remedy.remedy() != Remedy.MOVE) {
            return sketch.withoutGroove();
        }
        return movedToMm == null || depthPlanned ? sketch : sketch.plannedAt(movedToMm);
    }
}
