package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.readings.Gauge;
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
    private static final String SUBJECT = "depth of the seal's outer face";
    /** A seal is home within this of the depth that was decided (mm, guide). */
    private static final double HOME_MM = 0.3;

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
        parts.seals().stream().filter(s -> s.decidedMm() != null).forEach(s -> findings.add(home(s)));
        parts.items(Bearing.class).filter(b -> b.mateMm() != null).forEach(b -> findings.add(mate(b)));
        return findings;
    }

    /**
     * Whether a seal may stand here as far as its depth and the ports beside it go; what is not known does not speak
     * against it.
     */
    boolean allows(Seal seal, double fromMm) {
        DepthWindow window = windows.of(seal).window();
        boolean deepEnough = window == null || fromMm >= window.fromMm() - SLACK && fromMm <= window.toMm() + SLACK;
        return deepEnough && ports.stayFree((Seal) seal.at(fromMm));
    }

    private Finding s2(Seal seal) {
        DepthWindows.Depth depth = windows.of(seal);
        DepthWindow window = depth.window();
        if (window == null) {
            return Finding.missing(
                            "S2",
                            SUBJECT,
                            "Neither a stop nor a rotating part behind the seal is known, so how deep is too deep is "
                                    + "not known either.",
                            "Read the depth to the shoulder, or to the bearing and its rotating part.")
                    .withPart(seal.id());
        }
        double from = Length.snap(seal.fromMm());
        if (window.toMm() < window.fromMm() - SLACK) {
            return SectionFinding.depth(
                            "S2",
                            Status.FAIL,
                            SUBJECT,
                            "There is no room: a seal of " + mm(seal.widthMm()) + " mm wants "
                                    + mm(window.fromMm() - window.toMm()) + " mm more than there is between what lies "
                                    + "outward of it and what lies inward." + depth.assumed(),
                            (depth.unread().isEmpty()
                                            ? ""
                                            : "Read the " + String.join(", and the ", depth.unread()) + " first. ")
                                    + "Take a narrower seal, or leave out a washer that is not needed.",
                            seal.id())
                    .withValue(from, "mm");
        }
        Limits limits = new Limits(window.fromMm(), window.toMm());
        double uncertaintyMm = section.depthU(seal);
        Status inWindow = onStop(seal, from, uncertaintyMm, window) ? PASS : limits.judge(from, uncertaintyMm);
        Status status = inWindow == PASS && !depth.unread().isEmpty() ? Status.MISSING : inWindow;
        String aim = " Aim at " + mm(window.targetMm()) + " mm.";
        return SectionFinding.depth(
                        "S2",
                        status,
                        SUBJECT,
                        message(status, from, window, depth),
                        status == PASS
                                ? ""
                                : status == Status.MISSING
                                        ? "Read the " + String.join(", and the ", depth.unread()) + "."
                                        : "Between " + mm(window.fromMm()) + " and " + mm(window.toMm()) + " mm." + aim,
                        seal.id())
                .withValue(from, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    private String message(Status status, double from, DepthWindow window, DepthWindows.Depth depth) {
        String found = depth.found().isEmpty() ? "" : " " + depth.found();
        return switch (status) {
            case PASS ->
                (depth.byRing()
                                ? "The seal is held by its ring; nothing lies inward to land on."
                                : "The seal stands where it may.")
                        + " Aim at " + mm(window.targetMm()) + " mm." + found + depth.assumed()
                        + section.wanderAssumed()
                        + section.depthsAssumed();
            case MISSING ->
                "As far as is read the seal stands where it may, but the " + String.join(" and the ", depth.unread())
                        + (depth.unread().size() == 1 ? " is" : " are") + " not known.";
            case REMEASURE -> "The depth is so near the end of its window that the gauge cannot tell.";
            default ->
                from < window.fromMm()
                        ? window.fromMm() <= section.boreFromMm()
                                ? "The seal stands out of the bore: part of its seat does not hold." + found
                                : "The seal stands where another part already is, outward of it." + found
                        : "The seal stands too deep: it meets what lies behind it, or was crushed against its stop."
                                + found;
        };
    }

    /**
     * A seal that lies on its stop, or is meant to stand at the shallow end, reads at the end of its window by nature:
     * it is there as far as its own gauge tells.
     */
    private boolean onStop(Seal seal, double from, double uncertaintyMm, DepthWindow window) {
        return windows.of(seal).onStop() && Math.abs(from - window.toMm()) <= uncertaintyMm + SLACK
                || window.targetMm() == window.fromMm() && Math.abs(from - window.fromMm()) <= uncertaintyMm + SLACK;
    }

    /** The depth read after fitting against the one that was decided (S9). */
    private Finding home(Seal seal) {
        double uncertaintyMm = seal.uncertaintyMm() == null
                ? Gauge.CALIPER_DEPTH.uncertaintyMm(Math.abs(seal.fromMm()))
                : seal.uncertaintyMm();
        Limits limits = new Limits(Length.snap(seal.decidedMm() - HOME_MM), Length.snap(seal.decidedMm() + HOME_MM));
        double from = Length.snap(seal.fromMm());
        Status read = limits.judge(from, uncertaintyMm);
        Status status = read == PASS && seal.uncertaintyMm() == null ? Status.CAUTION : read;
        String message =
                switch (status) {
                    case PASS -> "The seal is home.";
                    case CAUTION -> "The seal is home, as far as a caliper's depth rod tells: the gauge is not named.";
                    case REMEASURE -> "Whether the seal is home is too close for this gauge.";
                    default ->
                        from < seal.decidedMm()
                                ? "The seal is not home: something lies under it, or it stopped short."
                                : "The seal went past its place" + passed(seal) + ".";
                };
        return SectionFinding.depth(
                        "S9",
                        status,
                        "depth as fitted against the depth decided",
                        message,
                        switch (status) {
                            case PASS -> "";
                            case CAUTION -> "Name the gauge.";
                            case REMEASURE -> "Read the depth with a depth micrometer.";
                            default -> "Take the seal out and look; sound and feel do not make it home.";
                        },
                        seal.id())
                .withValue(from, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    /** What a seal that went too deep now covers or touches. */
    private String passed(Seal seal) {
        DepthWindow window = windows.of(seal).window();
        if (!ports.stayFree(seal)) {
            return " and covers a port";
        }
        return window != null && seal.fromMm() > window.toMm() + SLACK ? " and meets what lies behind it" : "";
    }

    private Finding mate(Bearing bearing) {
        Limits limits = new Limits(Length.snap(bearing.mateMm() - MATE_MM), Length.snap(bearing.mateMm() + MATE_MM));
        Status status = limits.judge(Length.snap(bearing.fromMm()), section.depthU());
        return Finding.of(
                        "S2",
                        status,
                        "place of the bearing",
                        status == PASS
                                ? "The bearing stands where its mating part wants it." + section.depthsAssumed()
                                : "The bearing does not stand where its mating part wants it.",
                        status == PASS ? "" : "Move it to " + mm(bearing.mateMm()) + " mm.",
                        Source.GUIDE,
                        "stack and depth")
                .withValue(bearing.fromMm(), "mm")
                .withLimits(limits, section.depthU())
                .withPart(bearing.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
