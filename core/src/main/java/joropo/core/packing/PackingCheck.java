package joropo.core.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import joropo.core.material.Medium;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Section, rings, cuts, joints, lantern ring and limits of a stuffing box (guide; lengths computed). */
public final class PackingCheck {
    private static final Limits RINGS = new Limits(3.0, 6.0);
    private static final double SLACK = 1e-9;
    /** Share of a ring that settling takes, for which the gland needs room. */
    private static final double SETTLES = 0.12;
    /** Pressure of the gland on the packing while a pump runs, in pressures of the box, and how it spreads sideways. */
    private static final double GLAND_BY_PRESSURE = 1.5;

    static final double SIDEWAYS = 0.5;
    /** Flush above the box (MPa), and above atmosphere where the box sucks. */
    private static final double FLUSH_FROM = 0.05;

    private static final double FLUSH_TO = 0.10;
    private static final double FLUSH_ON_VACUUM = 0.03;
    /** Of water (J/kgK, kg/L). */
    private static final double WATER_HEAT = 4186;

    private static final int FULL = 360;
    private static final int HOUR = 30;
    private static final int CLOCK = 12;

    private final PackingInput in;
    private final double section;
    private final int rings;

    private PackingCheck(PackingInput in) {
        this.in = in;
        section = in.section();
        double room = in.boxDepthMm() - in.bush() - in.lantern() - in.entry();
        rings = (int) Math.max(0, Math.floor(room / section + SLACK));
    }

    public static PackingResult check(PackingInput in) {
        return new PackingCheck(in).result();
    }

    private PackingResult result() {
        Optional<LanternPlace> place = LanternPlace.of(in, rings);
        List<Finding> findings = new ArrayList<>();
        BoxSection listed = new BoxSection(section);
        findings.add(listed.finding());
        findings.add(rings());
        findings.add(joints());
        lantern(place).ifPresent(findings::add);
        nose().ifPresent(findings::add);
        findings.addAll(new BoxLimits(in).findings());
        findings.addAll(new StyleRules(in).findings());
        double round = Math.PI * (in.shaftMm() + section);
        return PackingResultBuilder.builder()
                .sectionMm(section)
                .listedSectionMm(listed.listedMm())
                .rings(rings)
                .buttCutMm(Length.snap(round))
                .skiveCutMm(Length.snap(round + section))
                .jointClock(clocks())
                .ringsInboard(place.map(LanternPlace::inboard).orElse(null))
                .ringsOutboard(place.map(p -> rings - p.inboard()).orElse(null))
                .spacerMm(place.map(LanternPlace::spacerMm).orElse(null))
                .flushLPerMin(flushLPerMin())
                .flushMpa(flushMpa())
                .surfaceSpeedMPerS(in.surfaceMPerS())
                .runInDropsPerMinute(DropBand.runIn(in.shaftMm()))
                .settledDropsPerMinute(DropBand.settled(in.shaftMm()))
                .findings(findings)
                .build();
    }

    private Finding rings() {
        Status status = rings == 0 ? Status.FAIL : RINGS.margin(rings) >= -SLACK ? Status.PASS : Status.CAUTION;
        return Say.guide(
                        "rings",
                        status,
                        "rings in the box",
                        rings == 0
                                ? "No ring goes in beside bush, lantern and gland."
                                : rings < RINGS.lower()
                                        ? "So few rings seal little."
                                        : (status == Status.CAUTION
                                                        ? "More than six bring friction, not tightness."
                                                        : "As many as are usual.")
                                                + assumed(),
                        status == Status.PASS
                                ? ""
                                : rings > RINGS.upper()
                                        ? "A bush at the bottom takes the place of the rest."
                                        : "A shorter bush, or a seal of another kind.")
                .withValue((double) rings, "")
                .withLimits(RINGS, 0);
    }

    /** What was not said of the room and is taken as usual. */
    private String assumed() {
        List<String> out = new ArrayList<>();
        if (in.bottomBushMm() == null) {
            out.add("no bush at the bottom");
        }
        if (in.lanternWidthMm() == null) {
            out.add("no lantern ring");
        }
        if (in.glandEntryMm() == null) {
            out.add("the gland enters " + Length.show(in.entry(), 1) + " mm");
        }
        return out.isEmpty() ? "" : " Assumed: " + String.join(", ", out) + ".";
    }

    /** Angle from joint to joint: as chosen, else by the number of rings. */
    private int angle() {
        return in.joints() != null ? in.joints() : rings >= 4 ? 90 : rings == 3 ? 120 : 180;
    }

    private List<Integer> clocks() {
        return IntStream.range(0, rings)
                .mapToObj(k -> (k * angle() % FULL / HOUR + CLOCK - 1) % CLOCK + 1)
                .toList();
    }

    private Finding joints() {
        boolean inLine = angle() == 180 && rings > 2;
        return Say.guide(
                "joints",
                inLine ? Status.CAUTION : Status.PASS,
                "joints of the rings",
                inLine
                        ? "At 180° every second joint stands in line."
                        : "Joints " + angle() + "° apart, the first at 12.",
                inLine ? "90° apart with four rings or more, 120° with three." : "");
    }

    private Optional<Finding> lantern(Optional<LanternPlace> place) {
        if (place.isPresent()) {
            return place.map(LanternPlace::finding);
        }
        if (in.lanternWidthMm() == null && in.portFromMm() == null) {
            return Optional.empty();
        }
        return Optional.of(Finding.missing(
                "lantern",
                "lantern ring under its port",
                in.lanternWidthMm() == null
                        ? "The box has a port, and no lantern ring is named."
                        : "Where the port lies is not known.",
                in.lanternWidthMm() == null
                        ? "Look whether one belongs there."
                        : "Measure it from the box face inward."));
    }

    private Optional<Finding> nose() {
        if (in.glandNoseMm() == null) {
            return Optional.empty();
        }
        double left = Length.snap(in.glandNoseMm() - in.entry());
        double wanted = Length.snap(SETTLES * section * rings);
        boolean enough = left >= wanted - SLACK;
        return Optional.of(Say.guide(
                        "nose",
                        enough ? Status.PASS : Status.FAIL,
                        "room of the gland for settling",
                        (enough
                                        ? "The rings can settle, and one more can then be added."
                                        : "The gland comes to its end before the rings have settled.")
                                + (in.glandEntryMm() == null
                                        ? " It is assumed to enter " + Length.show(in.entry(), 1) + " mm."
                                        : ""),
                        enough ? "" : "One ring more, or a longer gland.")
                .withValue(left, "mm")
                .withLimits(Limits.atLeast(wanted), 0));
    }

    /** The heat of the packing (W); absent while nothing tells. */
    private @Nullable Double heatW() {
        PackingStyle style = in.packing();
        Double v = in.surfaceMPerS();
        if (style == null || v == null || in.pressureMpa() == null || in.pressureMpa() < 0) {
            return null;
        }
        double stress = GLAND_BY_PRESSURE * in.pressureMpa();
        return style.friction() * SIDEWAYS * stress * Math.PI * in.shaftMm() * rings * section * v;
    }

    private @Nullable Double flushLPerMin() {
        Double heat = heatW();
        return heat == null || in.flushRiseK() == null
                ? null
                : Double.valueOf(heat / (WATER_HEAT * in.flushRiseK()) * 60);
    }

    private PackingResult.@Nullable Between flushMpa() {
        boolean sucks = in.medium() == Medium.VACUUM || in.pressureMpa() != null && in.pressureMpa() < 0;
        if (in.lanternWidthMm() == null || !sucks && in.pressureMpa() == null) {
            return null;
        }
        return sucks
                ? new PackingResult.Between(FLUSH_ON_VACUUM, FLUSH_ON_VACUUM)
                : new PackingResult.Between(
                        Length.snap(in.pressureMpa() + FLUSH_FROM), Length.snap(in.pressureMpa() + FLUSH_TO));
    }
}
