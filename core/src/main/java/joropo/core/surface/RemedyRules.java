package joropo.core.surface;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The remedies for one running surface, each with its conditions computed (guide). */
final class RemedyRules {
    /** A thin sleeve holds on a shaft this near its nominal size (mm). */
    private static final double SLEEVE_FIT_MM = 0.08;
    /** The new track keeps this far from the groove, and a sleeve covers this much beside the track (mm). */
    private static final double CLEAR_MM = 1.0;
    /** Wall of a heavy sleeve (mm). */
    private static final double HEAVY_WALL_MM = 2;
    /** Loss of torsional strength that wants a thought. */
    private static final double STRENGTH_LOSS = 0.10;
    /** Under the same seal a thin sleeve has at most this wall (mm, guide). */
    private static final double THIN_WALL_MM = 0.38;

    private static final double SLACK = 1e-9;
    private static final List<Defect.Kind> DEEP = List.of(
            Defect.Kind.WEAR_GROOVE,
            Defect.Kind.SCORE_ROUND,
            Defect.Kind.SCORE_AXIAL,
            Defect.Kind.SCORE_SLANTING,
            Defect.Kind.PIT,
            Defect.Kind.RUST_POCK);

    private final RunningSurfaceInput in;
    private final TrackLimits limits;
    private final List<Finding> findings;
    private final @Nullable Double depthMm;
    private final @Nullable Double widthMm;
    private final boolean unmeasured;
    private final SealSystem system;

    /** @param findings what was found of this surface: a remedy has to answer what does not hold */
    RemedyRules(RunningSurfaceInput in, TrackLimits limits, List<Finding> findings) {
        this.in = in;
        this.limits = limits;
        this.findings = findings;
        List<Defect> grooves = in.seen().stream()
                .filter(d -> d.onShaftTrack() && DEEP.contains(d.kind()))
                .toList();
        depthMm = Stream.concat(
                        Stream.ofNullable(in.grooveDepthMm()),
                        grooves.stream().map(Defect::depthMm).filter(Objects::nonNull))
                .max(Double::compare)
                .orElse(null);
        widthMm = Stream.concat(
                        Stream.ofNullable(in.grooveWidthMm()),
                        grooves.stream().map(Defect::widthMm).filter(Objects::nonNull))
                .max(Double::compare)
                .orElse(null);
        unmeasured = in.grooveDepthMm() == null
                && (in.grooveWidthMm() != null || grooves.stream().anyMatch(d -> d.depthUm() == null && d.nail()));
        system = SealSystem.of(in.nominalMm(), null);
    }

    /** Half the groove, half the lip's contact, half the play, the growth and the room between (mm, computed). */
    @Nullable
    Double requiredShiftMm() {
        return widthMm == null
                ? null
                : Double.valueOf(Length.snap(widthMm / 2 + in.lipContactMm() / 2 + in.wanderMm() + CLEAR_MM));
    }

    List<Offer> offers() {
        if (in.isOnSleeve()) {
            return List.of(
                    offer(Remedy.RENEW_SLEEVE, PASS, "the track is on a part that comes off: sleeve and seal together"),
                    stopgap(dress()),
                    stopgap(move()));
        }
        List<Offer> all = List.of(dress(), move(), thinSleeve(), heavySleeve(), grindSmaller(), sprayOrRenew());
        return all.stream().sorted(Comparator.comparing(Offer::ruledOut)).toList();
    }

    /** What will do until the sleeve is renewed. */
    private static Offer stopgap(Offer o) {
        return o.verdict() == PASS ? offer(o.remedy(), CAUTION, "as a stopgap: " + o.reason()) : o;
    }

    private double depth() {
        return depthMm == null ? 0 : depthMm;
    }

    private Offer dress() {
        List<Defect> stays = in.seen().stream()
                .filter(d -> d.onShaftTrack() && !DefectRules.dressesOut(d))
                .toList();
        if (!stays.isEmpty()) {
            return offer(Remedy.DRESS, FAIL, stays.get(0).kind().words() + " does not dress out");
        }
        if (fails("hardness")) {
            return offer(Remedy.DRESS, FAIL, "dressing makes the track no harder");
        }
        if (unmeasured) {
            return offer(Remedy.DRESS, MISSING, "how deep the groove is has not been measured");
        }
        if (depth() > Remedy.DRESS.deepestMm(false) + SLACK) {
            return offer(
                    Remedy.DRESS,
                    FAIL,
                    "the groove, " + mm(depth()) + " mm, is deeper than the " + mm(Remedy.DRESS.deepestMm(false))
                            + " mm that dressing takes off");
        }
        if (in.measuredMm() == null) {
            return offer(
                    Remedy.DRESS,
                    MISSING,
                    "the shaft has not been read beside the groove, so what dressing leaves is not known");
        }
        double left = Length.snap(in.measuredMm() - 2 * depth());
        Status size = limits.shaftMm(system, in.nominalMm()).judge(left, in.readU());
        Status round = in.ovalityMm() == null
                ? MISSING
                : TrackRoundness.judge(in.nominalMm(), in.ovalityMm(), in.readU())
                        .status();
        String means = depth() <= DefectRules.FINE_CLOTH_MM + SLACK
                ? "by fine cloth in the plunge direction"
                : "by plunge grinding or lapping, no axial feed";
        return offer(
                Remedy.DRESS,
                size.worse(round),
                means + "; it leaves Ø " + mm(left) + (size == FAIL ? ", below the least size" : "")
                        + (round == FAIL
                                ? "; the track is too oval"
                                : round == MISSING ? "; its roundness is not read" : ""));
    }

    private Offer move() {
        if (in.seen().stream().anyMatch(d -> d.onShaftTrack() && d.kind() == Defect.Kind.COATING_FLAKED)) {
            return offer(Remedy.MOVE, FAIL, "where the coating flakes it goes on flaking");
        }
        if (fails("hardness") || fails("lead") || fails("size")) {
            return offer(
                    Remedy.MOVE,
                    FAIL,
                    fails("hardness")
                            ? "the new track would be as soft"
                            : fails("lead")
                                    ? "the new track would pump as well"
                                    : "the shaft beside the groove is outside its limits too");
        }
        Double required = requiredShiftMm();
        if (required == null) {
            return offer(Remedy.MOVE, MISSING, "how wide the damage is has not been measured");
        }
        boolean assumed = in.axialPlayMm() == null || in.growthMm() == null;
        String wanted = "it takes " + mm(required) + " mm" + (assumed ? ", play and growth assumed to be 0" : "");
        boolean inward = reaches(in.shiftInwardMm(), required);
        boolean outward = reaches(in.shiftOutwardMm(), required);
        if (inward || outward) {
            return offer(
                    Remedy.MOVE,
                    doubtful() ? CAUTION : PASS,
                    wanted + "; " + (inward && outward ? "inward or outward" : inward ? "inward" : "outward")
                            + " there is room, if the new track is clean");
        }
        return in.shiftInwardMm() == null || in.shiftOutwardMm() == null
                ? offer(Remedy.MOVE, MISSING, wanted + "; how far the lip may move is not known both ways")
                : offer(
                        Remedy.MOVE,
                        FAIL,
                        wanted + ", there are " + mm(in.shiftInwardMm()) + " mm inward and " + mm(in.shiftOutwardMm())
                                + " mm outward");
    }

    /** Damage along the axis, or all over, may reach the new track as well. */
    private boolean doubtful() {
        return fails("roughness")
                || in.seen().stream()
                        .anyMatch(d -> d.onShaftTrack()
                                && (d.kind() == Defect.Kind.SCORE_AXIAL || d.kind() == Defect.Kind.SCORE_SLANTING));
    }

    private static boolean reaches(@Nullable Double possible, double required) {
        return possible != null && possible >= required - SLACK;
    }

    private Offer thinSleeve() {
        double outside = Length.snap(in.nominalMm() + 2 * in.sleeveWallMm());
        if (in.sleeveWallMm() > THIN_WALL_MM + SLACK) {
            List<SealSize> larger = sizes(s -> Math.abs(s.shaftMm() - outside) <= SLEEVE_FIT_MM);
            return larger.isEmpty()
                    ? offer(
                            Remedy.THIN_SLEEVE,
                            FAIL,
                            "a wall of " + mm(in.sleeveWallMm()) + " mm wants a seal for Ø " + mm(outside)
                                    + ", and none of this bore is listed"
                                    + (in.boreMm() == null ? ": bore not read" : ""))
                    : made(
                            Remedy.THIN_SLEEVE,
                            CAUTION,
                            "a wall of " + mm(in.sleeveWallMm()) + " mm makes Ø " + mm(outside) + ": the seal is "
                                    + list(larger),
                            larger,
                            outside,
                            false);
        }
        if (unmeasured) {
            return offer(Remedy.THIN_SLEEVE, MISSING, "how deep the groove is has not been measured");
        }
        if (depth() > Remedy.THIN_SLEEVE.deepestMm(true) + SLACK) {
            return offer(Remedy.THIN_SLEEVE, FAIL, "over a groove of " + mm(depth()) + " mm it lacks support");
        }
        boolean filled = depth() > Remedy.THIN_SLEEVE.deepestMm(false) + SLACK;
        String words = (filled ? "with filler under it" : "over the groove as it is") + "; Ø " + mm(outside)
                + " outside, the seal's size stays, its lip sits tighter by " + mm(2 * in.sleeveWallMm())
                + " mm: look at the heat again" + (in.wallIsAssumed() ? "; a wall of 0.3 mm is assumed" : "");
        if (in.measuredMm() == null) {
            return made(
                    Remedy.THIN_SLEEVE,
                    MISSING,
                    "the shaft has not been read beside the groove; " + words,
                    null,
                    outside,
                    filled);
        }
        Status fit = new Limits(in.nominalMm() - SLEEVE_FIT_MM, in.nominalMm() + SLEEVE_FIT_MM)
                .judge(in.measuredMm(), in.readU());
        String doubt = fit == PASS
                ? ""
                : "the shaft, " + mm(in.measuredMm()) + " mm, is " + (fit == FAIL ? "not" : "perhaps not")
                        + " within 0.08 mm of " + mm(in.nominalMm()) + "; ";
        return made(Remedy.THIN_SLEEVE, filled ? fit.worse(CAUTION) : fit, doubt + words, null, outside, filled);
    }

    private Offer heavySleeve() {
        double back = Math.min(in.nominalMm() - 2 * HEAVY_WALL_MM, cleanedUpMm());
        List<SealSize> larger = sizes(s -> s.shaftMm() > in.nominalMm() + SLACK);
        double up = larger.isEmpty() ? 0 : Math.min(larger.get(0).shaftMm() - 2 * HEAVY_WALL_MM, cleanedUpMm());
        double best = Math.max(back, up);
        if (best <= 0) {
            return offer(Remedy.HEAVY_SLEEVE, FAIL, "nothing of the shaft would be left under it");
        }
        double loss = strengthLoss(best);
        String words = "turned down to Ø " + mm(back) + " and sleeved back to " + mm(in.nominalMm()) + ": "
                + percent(strengthLoss(back)) + " of the torsional strength goes"
                + (larger.isEmpty()
                        ? ""
                        : "; or sleeved up to " + list(larger) + " from Ø " + mm(up) + ": "
                                + percent(strengthLoss(up)));
        return made(
                Remedy.HEAVY_SLEEVE,
                loss > STRENGTH_LOSS + SLACK ? CAUTION : PASS,
                words,
                larger,
                in.nominalMm(),
                false);
    }

    private Offer grindSmaller() {
        if (in.boreMm() == null) {
            return offer(Remedy.GRIND_SMALLER, MISSING, "without the bore no smaller seal can be looked for");
        }
        List<SealSize> smaller =
                sizes(s -> s.shaftMm() < in.nominalMm() - SLACK && s.shaftMm() <= cleanedUpMm() + SLACK);
        if (smaller.isEmpty()) {
            return offer(Remedy.GRIND_SMALLER, FAIL, "no listed seal of this bore has a smaller shaft");
        }
        double to = smaller.stream().mapToDouble(SealSize::shaftMm).max().orElseThrow();
        List<SealSize> next =
                smaller.stream().filter(s -> s.shaftMm() >= to - SLACK).toList();
        double layer = Length.snap(
                (in.nominalMm() - to) / 2 + limits.finish(to).hardness().depthMm());
        if (in.hardLayerMm() != null && in.hardLayerMm() < layer - SLACK) {
            return offer(
                    Remedy.GRIND_SMALLER,
                    FAIL,
                    "to " + mm(to) + " the hard layer must reach " + mm(layer) + " mm down, it reaches "
                            + mm(in.hardLayerMm()));
        }
        return made(
                Remedy.GRIND_SMALLER,
                in.hardLayerMm() == null ? MISSING : CAUTION,
                "to " + mm(to) + " h11 for " + list(next) + ": " + percent(strengthLoss(to))
                        + " of the torsional strength goes, and the hard layer must reach "
                        + mm(layer) + " mm down" + (in.hardLayerMm() == null ? ", which is not known" : ""),
                smaller,
                to,
                false);
    }

    private static Offer sprayOrRenew() {
        return offer(Remedy.SPRAY_OR_RENEW, CAUTION, "metal sprayed and plunge ground back to size, or a new shaft");
    }

    /** What is left when the damage is turned off (mm). */
    private double cleanedUpMm() {
        return Length.snap(
                (in.measuredMm() == null ? in.nominalMm() : Math.min(in.measuredMm(), in.nominalMm())) - 2 * depth());
    }

    private double strengthLoss(double toMm) {
        return 1 - Math.pow(Math.max(0, toMm) / in.nominalMm(), 3);
    }

    private List<SealSize> sizes(Predicate<SealSize> wanted) {
        if (in.boreMm() == null) {
            return List.of();
        }
        return limits.sizes().stream()
                .filter(s -> s.system() == system && s.isOfBore(in.boreMm()))
                .filter(wanted)
                .sorted(Comparator.comparingDouble((SealSize s) -> Math.abs(s.shaftMm() - in.nominalMm()))
                        .thenComparing(SealSize::widthMm))
                .toList();
    }

    private boolean fails(String id) {
        return findings.stream().anyMatch(f -> f.id().equals(id) && f.status() == FAIL);
    }

    private static Offer offer(Remedy remedy, Status verdict, String reason) {
        return made(remedy, verdict, reason, null, null, false);
    }

    private static Offer made(
            Remedy remedy,
            Status verdict,
            String reason,
            @Nullable List<SealSize> sizes,
            @Nullable Double runningMm,
            boolean filled) {
        return new Offer(
                remedy,
                verdict,
                reason,
                sizes == null || sizes.isEmpty() ? null : sizes,
                runningMm,
                remedy.precondition(filled),
                remedy.caution(filled));
    }

    private static String list(List<SealSize> sizes) {
        return sizes.stream().limit(3).map(SealSize::words).collect(Collectors.joining(", "));
    }

    private static String percent(double share) {
        return Length.show(share * 100, 0) + " %";
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
