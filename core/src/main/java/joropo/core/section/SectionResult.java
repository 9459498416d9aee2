package joropo.core.section;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What the rules say about a section.
 *
 * @param gapMinMm, @param gapMaxMm free gap of the tightest stack by worst case, @param gapRssMinMm, @param gapRssMaxMm
 *     by root-sum-square; absent where there is no stack, or a tolerance is not known
 * @param lipTracks band of shaft that each lip touches, play and growth included
 * @param depthWindows where each seal's outer face may stand; none where nothing limits it inward
 * @param shifts places beside each old groove, and whether the seal may stand there
 * @param buildOrder parts in the order in which they go in, by id; empty where there is no such order
 */
public record SectionResult(
        @Nullable Double gapMinMm,
        @Nullable Double gapMaxMm,
        @Nullable Double gapRssMinMm,
        @Nullable Double gapRssMaxMm,
        List<LipTrack> lipTracks,
        List<DepthWindow> depthWindows,
        List<Shift> shifts,
        List<String> buildOrder,
        List<Finding> findings) {
    /** A stretch of the axis (mm). */
    public record Band(double fromMm, double toMm) {}

    /** Band of one lip. */
    public record LipTrack(String seal, double fromMm, double toMm) {}

    /**
     * Depth window of an outer face and the depth to aim at (mm); empty when {@code toMm < fromMm}. @param found how
     * the place of the old seal comes into the aim, a sentence; empty where none was read
     */
    public record Window(double fromMm, double toMm, double targetMm, String found) {
        public Window(double fromMm, double toMm, double targetMm) {
            this(fromMm, toMm, targetMm, "");
        }
    }

    /**
     * Window of one seal, or of a bearing whose mating part wants it somewhere. @param found how the place of the old
     * seal comes into the aim, a sentence; empty where none was read
     */
    public record DepthWindow(String seal, double fromMm, double toMm, double targetMm, String found) {}

    /**
     * A place for a seal's outer face at which its lip clears an old groove.
     *
     * @param byMm signed, + is inward, @param allowed whether depth, ports, running surface and every other groove
     *     allow it too
     */
    public record Shift(String seal, double toFromMm, double byMm, boolean allowed) {}

    public SectionResult {
        lipTracks = List.copyOf(lipTracks);
        depthWindows = List.copyOf(depthWindows);
        shifts = List.copyOf(shifts);
        buildOrder = List.copyOf(buildOrder);
        findings = List.copyOf(findings);
    }

    static SectionResult of(
            StackRules.@Nullable Gap gap,
            List<LipTrack> lipTracks,
            List<DepthWindow> depthWindows,
            List<Shift> shifts,
            List<String> buildOrder,
            List<Finding> findings) {
        return new SectionResult(
                gap == null ? null : gap.leastMm(),
                gap == null ? null : gap.mostMm(),
                gap == null ? null : gap.rssLeastMm(),
                gap == null ? null : gap.rssMostMm(),
                lipTracks,
                depthWindows,
                shifts,
                buildOrder,
                findings);
    }

    /** Band of the lip of this seal. */
    public Band track(String seal) {
        return lipTracks.stream()
                .filter(t -> t.seal().equals(seal))
                .findFirst()
                .map(t -> new Band(t.fromMm(), t.toMm()))
                .orElseThrow();
    }

    /** Window of this seal; absent when nothing limits it inward. */
    public @Nullable Window window(String seal) {
        return depthWindows.stream()
                .filter(w -> w.seal().equals(seal))
                .findFirst()
                .map(w -> new Window(w.fromMm(), w.toMm(), w.targetMm(), w.found()))
                .orElse(null);
    }
}
