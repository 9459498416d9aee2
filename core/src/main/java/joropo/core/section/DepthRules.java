package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.SectionResult.DepthWindow;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** How deep each seal stands, and a bearing that its mating part wants somewhere (S2; guide). */
final class DepthRules {
    /** A bearing may stand this far from where its mating part wants it (mm, guide). */
    private static final double MATE_MM = 0.05;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;
    private final Section section;
    private final DepthWindows windows;
    private final PortRules ports;

    DepthRules(ArrangedParts parts, DepthWindows windows, PortRules ports) {
        this.parts = parts;
        this.section = parts.section();
        this.windows = windows;
        this.ports = ports;
    }

    List<Finding> judge() {
        List<Finding> findings = new ArrayList<>();
        parts.seals().forEach(s -> findings.add(s2(s)));
        parts.items(Bearing.class).filter(b -> b.mateMm() != null).forEach(b -> findings.add(mate(b)));
        return findings;
    }

    /**
     * Whether a seal may stand here as far as its depth and the ports beside it go; what is not known does not speak
     * against it.
     */
    boolean allows(Seal seal, double fromMm) {
        DepthWindow window = windows.of(seal).orElse(null);
        boolean deepEnough = window == null || fromMm >= window.fromMm() - SLACK && fromMm <= window.toMm() + SLACK;
        return deepEnough && ports.stayFree((Seal) seal.at(fromMm));
    }

    private Finding s2(Seal seal) {
        DepthWindow window = windows.of(seal).orElse(null);
        String subject = "depth of the seal's outer face";
        if (window == null) {
            return Finding.missing(
                            "S2",
                            subject,
                            "Neither a stop nor a turning part behind the seal is known, so nothing says how deep "
                                    + "is too deep.",
                            "Read the depth to the shoulder, or to the bearing and its turning part.")
                    .withPart(seal.id());
        }
        if (window.toMm() < window.fromMm() - SLACK) {
            return SectionFinding.depth(
                            "S2",
                            Status.FAIL,
                            subject,
                            "There is no room: a seal of " + mm(seal.widthMm()) + " mm stands out of the bore by "
                                    + mm(window.fromMm() - window.toMm()) + " mm before it is free inside.",
                            "Take a narrower seal.",
                            seal.id())
                    .withValue(Length.snap(seal.fromMm()), "mm");
        }
        Limits limits = new Limits(window.fromMm(), window.toMm());
        double from = Length.snap(seal.fromMm());
        double uncertaintyMm = section.depthUncertaintyMm();
        Status status = onStop(seal, from, uncertaintyMm, window) ? PASS : limits.judge(from, uncertaintyMm);
        String message =
                switch (status) {
                    case PASS -> "The seal stands where it may; the usual aim is " + mm(window.targetMm()) + " mm.";
                    case REMEASURE -> "The depth is so near the end of its window that the gauge cannot tell.";
                    default ->
                        from < window.fromMm()
                                ? "The seal stands out of the bore: part of its seat does not hold."
                                : "The seal stands too deep: it rubs on what turns behind it, or was crushed "
                                        + "against its stop.";
                };
        return SectionFinding.depth(
                        "S2",
                        status,
                        subject,
                        message,
                        status == PASS
                                ? ""
                                : "Between " + mm(window.fromMm()) + " and " + mm(window.toMm()) + " mm; aim at "
                                        + mm(window.targetMm()) + " mm.",
                        seal.id())
                .withValue(from, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    /** A seal that is meant to lie on its stop, or flush with the mouth, reads at the end of its window by nature. */
    private boolean onStop(Seal seal, double from, double uncertaintyMm, DepthWindow window) {
        return Math.abs(from - window.targetMm()) <= uncertaintyMm + SLACK
                && (window.targetMm() == window.toMm() && windows.hasStop(seal)
                        || window.targetMm() == window.fromMm());
    }

    private Finding mate(Bearing bearing) {
        Limits limits = new Limits(Length.snap(bearing.mateMm() - MATE_MM), Length.snap(bearing.mateMm() + MATE_MM));
        Status status = limits.judge(Length.snap(bearing.fromMm()), section.depthUncertaintyMm());
        return Finding.of(
                        "S2",
                        status,
                        "place of the bearing",
                        status == PASS
                                ? "The bearing stands where its mating part wants it."
                                : "The bearing does not stand where its mating part wants it.",
                        status == PASS ? "" : "Move it to " + mm(bearing.mateMm()) + " mm.",
                        Source.GUIDE,
                        "stack and depth")
                .withValue(bearing.fromMm(), "mm")
                .withLimits(limits, section.depthUncertaintyMm())
                .withPart(bearing.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
