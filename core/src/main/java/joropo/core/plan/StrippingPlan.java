package joropo.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;
import joropo.core.shaft.Attitude;

/** The steps of taking apart, made from what is there (guide). Every one can be said aloud before the first screw. */
public final class StrippingPlan {
    private final StrippingInput in;
    private final List<Step> steps = new ArrayList<>();

    private StrippingPlan(StrippingInput in) {
        this.in = in;
    }

    public static List<Step> of(StrippingInput in) {
        var plan = new StrippingPlan(in);
        plan.before();
        plan.off();
        plan.out();
        return List.copyOf(plan.steps);
    }

    private void before() {
        boolean liquid = in.inside().isLiquid() || in.inside() == Medium.REFRIGERANT;
        hold(
                "open",
                liquid
                        ? "Prove it empty: slacken the lowest plug over a tray, and wait. Catch the "
                                + in.inside().words() + " and look at it."
                        : "Prove that nothing presses or turns: slacken the smallest plug or fitting first, and wait.",
                "What is still in there comes out with the first part.",
                (in.pressureMpa() == null || in.pressureMpa() != 0
                                ? "A jet goes through skin: stand aside, eye protection. "
                                : "")
                        + (liquid ? "Hot " + in.inside().words() + " burns." : ""));
        if (Stream.of(PartKind.COVER, PartKind.COUPLING, PartKind.BEARING).anyMatch(in::has)
                || in.attitude() != null && in.attitude() != Attitude.HORIZONTAL) {
            hold(
                    "prop",
                    in.attitude() == Attitude.OUTSIDE_DOWN
                            ? "Prop the machine, and hold from below what drops out when the last part lets go."
                            : "Prop what tips or rolls when a part comes off; raise a little on each side in turn.",
                    "A machine loses its balance with its weight.",
                    "Nobody under it; a sling through the centre of mass.");
        }
        hold(
                "way-out",
                "Clean round the entry. Take rust ring, paint ridge and burrs off the way out.",
                "A part that is pulled over them scores its seat, and the dirt falls in.",
                "");
        if (Stream.of(PartKind.values())
                .filter(k -> k.whole() == PartKind.MECHANICAL_SEAL)
                .anyMatch(in::has)) {
            hold(
                    "holders",
                    "Put the holders in before any screw is loosened: clips or plates that keep the faces together.",
                    "Springs part the faces, and a face that falls is chipped.",
                    "");
        }
    }

    private void off() {
        List<String> small = Stream.of(
                        PartKind.LOCK_TAB, PartKind.PIN, PartKind.KEY, PartKind.WASHER, PartKind.PLUG, PartKind.SHIM)
                .filter(in::has)
                .map(PartKind::words)
                .toList();
        if (!small.isEmpty() || in.has(PartKind.COVER)) {
            hold(
                    "small",
                    "Small loose parts that come along are named and counted into a tray: "
                            + (small.isEmpty() ? "washers, tabs, pins and keys" : String.join(", ", small)) + ".",
                    "What is missing afterwards lies inside.",
                    "");
        }
        if (in.has(PartKind.COVER)) {
            step(
                    "cover",
                    "Cover off by its jacking screws, in turn, a turn at a time; no chisel into the joint.",
                    "A notch across the joint leaks for good.",
                    "Old gaskets may hold asbestos: wet, no dry scraping.");
        }
        if (in.has(PartKind.SHIM)) {
            hold(
                    "shims",
                    "Shims tied together as they came, each measured, number and sum written down.",
                    "The same number and sum goes back.",
                    "The edges cut.");
        }
        if (Stream.of(PartKind.BELLOWS, PartKind.BOOT, PartKind.HOSE).anyMatch(in::has)) {
            step(
                    "boot",
                    "Mark place and turn of each clamp before it is opened; ease the "
                            + Stream.of(PartKind.BELLOWS, PartKind.BOOT, PartKind.HOSE)
                                    .filter(in::has)
                                    .map(PartKind::words)
                                    .collect(Collectors.joining(" and "))
                            + " off by its rubber, not by its band.",
                    "A torn seat leaks beside a good lip.",
                    "");
        }
        if (in.has(PartKind.RETAINING_RING)) {
            step(
                    "ring",
                    "Retaining ring out: opened no more than it needs, under a cloth; see which edge faces the load.",
                    "One that was opened too far does not hold again.",
                    "It flies: eye protection, nobody in line with it.");
        }
    }

    private void out() {
        if (in.has(PartKind.LIP_SEAL)) {
            step(
                    "seal",
                    "Read depth and way round of the old seal, then take it out"
                            + (in.way() == null ? "." : ": " + in.way().words() + "."),
                    "It counts as destroyed; its place is the first aim of the new one.",
                    in.way() == null
                            ? "A slip cuts: gloves, the shaft sleeved."
                            : in.way().caution());
        }
        if (in.has(PartKind.BEARING)) {
            step(
                    "bearing",
                    "See the marked side of the bearing, then take it off by the ring that is tight; never through "
                            + "the balls.",
                    "A blow through the balls dents the tracks.",
                    "Hardened rings splinter: eye protection, a soft drift.");
        }
        hold(
                "plug-bore",
                "Plug the bore behind, with a rag or a card, and count it in.",
                "Chips and dirt fall in, and what stays inside comes out through the new seal.",
                "");
        steps.set(steps.size() - 1, steps.get(steps.size() - 1).countingIn("rag or card in the bore"));
    }

    private void step(String id, String instruction, String why, String caution) {
        add(id, instruction, why, false, caution);
    }

    private void hold(String id, String instruction, String why, String caution) {
        add(id, instruction, why, true, caution);
    }

    private void add(String id, String instruction, String why, boolean hold, String caution) {
        steps.add(new Step("strip-" + id, Step.When.STRIP, instruction, why, hold, caution.strip(), null, ""));
    }
}
