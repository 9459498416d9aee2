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

    /** @param limits what the kind of seal asks of the entry */
    public static SectionResult check(Section section, SeatLimits limits) {
        var parts = new ArrangedParts(section, limits);
        List<Finding> findings = new ArrayList<>(direction(parts));
        new PairRules(parts).judge().ifPresent(findings::add);
        var stack = new StackRules(parts);
        findings.addAll(stack.judge());
        var windows = new DepthWindows(parts);
        var ports = new PortRules(parts);
        var depths = new DepthRules(parts, windows, ports);
        findings.addAll(depths.judge());
        findings.addAll(ports.judge());
        findings.addAll(new SeatRules(parts).judge());
        var tracks = new TrackRules(parts);
        findings.addAll(tracks.judge());
        var grooves = new GrooveRules(parts, tracks, depths);
        findings.addAll(grooves.judge());
        findings.addAll(new SizeRules(parts, tracks).judge());
        findings.addAll(new EdgeRules(parts).judge());
        var order = new BuildOrder(parts);
        findings.addAll(order.judge());
        if (section.asFound() != null) {
            findings.addAll(Comparison.of(section, section.asFound()).findings());
        }
        List<LipTrack> bands = parts.seals().stream().map(tracks::track).toList();
        return SectionResult.of(
                stack.tightest().orElse(null), bands, windows.all(), grooves.shifts(), order.order(), findings);
    }

    /** The direction rules but the one that compares schools. */
    static List<Finding> direction(ArrangedParts parts) {
        var lips = new LipRules(parts);
        var dirt = new DirtRules(parts, lips);
        List<Finding> out = new ArrayList<>(lips.judge());
        out.addAll(new RibRules(parts).judge());
        out.addAll(new ChevronRules(parts).judge());
        out.addAll(new RetentionRules(parts).judge());
        out.addAll(new PressureRules(parts).judge());
        out.add(new MediaRules(parts).judge());
        out.addAll(new TandemRules(parts).judge());
        out.addAll(dirt.judge());
        out.addAll(new JointRules(parts).judge());
        new AttitudeRules(parts.section(), dirt).judge().ifPresent(out::add);
        out.addAll(new GreaseRules(parts).judge());
        return out;
    }
}
