package joropo.core.section;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.verdict.Finding;

/**
 * Judges a section by the direction rules and the stack and depth rules; a figure that is not there makes its own rule
 * MISSING and no other.
 */
public final class SectionCheck {
    private SectionCheck() {}

    public static SectionResult check(Section section) {
        var entry = new Entry(section);
        var direction = new DirectionRules(entry);
        List<Finding> findings = new ArrayList<>(direction.judge());
        findings.addAll(new EntryRules(entry, direction).judge());
        findings.addAll(new GreaseRules(entry).judge());
        var stack = new StackRules(entry);
        findings.addAll(stack.judge());
        var windows = new DepthWindows(entry);
        var depths = new DepthRules(entry, windows);
        findings.addAll(depths.judge());
        var tracks = new TrackRules(entry, depths);
        findings.addAll(tracks.judge());
        var order = new BuildOrder(entry);
        findings.addAll(order.judge());
        if (section.asFound() != null) {
            findings.addAll(Comparison.of(section, section.asFound()).findings());
        }
        List<LipTrack> bands = entry.seals().stream().map(tracks::track).toList();
        StackRules.Gap gap = stack.tightest().orElse(null);
        return new SectionResult(
                gap == null ? null : gap.leastMm(),
                gap == null ? null : gap.mostMm(),
                gap == null ? null : gap.rssLeastMm(),
                gap == null ? null : gap.rssMostMm(),
                bands,
                windows.all(),
                tracks.shifts(),
                order.order(),
                findings);
    }
}
