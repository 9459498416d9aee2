package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * How a box is packed, and what has to be in hand (guide).
 *
 * @param result what goes in, @param style absent while not decided, @param skive whether it is cut at 45°, else square
 * @param stem whether it is a valve's, @param shaftFirst whether bearing and shaft stand in their final place before it
 *     is packed, else the box is packed first; absent: not decided
 * @param lantern whether a lantern ring goes in, @param newSleeve whether the sleeve is renewed
 * @param formed whether die-formed rings stand between braided end rings, @param gland what is special about the gland
 */
@RecordBuilder
public record PackingPlan(
        PackingResult result,
        @Nullable PackingStyle style,
        boolean skive,
        boolean stem,
        @Nullable Boolean shaftFirst,
        boolean lantern,
        boolean newSleeve,
        boolean formed,
        Gland gland) {
    private static final double MM_IN_M = 1000;
    /** Braided, one at each end of die-formed rings. */
    private static final int END_RINGS = 2;

    /**
     * A gland. @param live whether springs on its bolts follow the packing, @param home whether it is bolted home on
     * metal, @param pins whether it hangs on eye bolts with pins
     */
    public record Gland(boolean live, boolean home, boolean pins) {
        public static final Gland PLAIN = new Gland(false, false, false);
    }

    /** Taking the old packing out. @param gland what is special about it, @param lantern whether there is a flush */
    public static List<Step> stripping(Gland gland, boolean lantern) {
        List<Step> out = new ArrayList<>();
        out.add(new Step(
                "gland-off",
                Step.When.STRIP,
                "Isolate, relieve, drain; prove the box empty at its drain. Only then the gland's nuts come off.",
                "Pressure behind packing throws the gland.",
                true,
                "Never slacken a gland under pressure. Hot or harmful product: wait, flush, gloves and shield.",
                null,
                ""));
        if (gland.live) {
            out.add(step(
                    "springs-off",
                    Step.When.STRIP,
                    "Springs of the gland eased evenly until they are free; their number, order and direction noted "
                            + "for each bolt.",
                    "A stack that is put back the wrong way round is twice as stiff, or half."));
        }
        if (gland.pins) {
            out.add(step(
                    "pins-out",
                    Step.When.STRIP,
                    "Mark from which side each pin of the eye bolts was driven; drift it out the same way back.",
                    "A peened end that is driven through tears its hole."));
        }
        if (lantern) {
            out.add(step(
                    "flush-off",
                    Step.When.STRIP,
                    "Mark each connection of the flush before it comes off: which is in, which is out, which blind.",
                    "Changed over, it draws from where it should feed."));
        }
        out.add(new Step(
                "rings-out",
                Step.When.STRIP,
                "Old rings out with a flexible corkscrew hook, two at a time, opposite each other. Count them, note "
                        + "their "
                        + "order, which were hard, where they leaked, and where the lantern ring lay.",
                "The old rings tell why it leaked.",
                false,
                "Old packing may hold asbestos: no dry scraping, local law. Never a drill, never a steel pick towards "
                        + "the "
                        + "sleeve.",
                null,
                "corkscrew hooks"));
        out.add(new Step(
                "lantern-out",
                Step.When.STRIP,
                "The lantern ring comes by its threaded holes; then the rings behind it.",
                "A ring that is left behind it leaks from the first day.",
                false,
                "",
                null,
                "long screws for the lantern ring"));
        return out;
    }

    private String cut() {
        return Length.show(skive ? result.skiveCutMm() : result.buttCutMm(), 1) + " mm"
                + (skive ? ", at 45° tip to tip" : ", square");
    }

    private String size() {
        return Length.show(result.listedSectionMm(), 2).replaceAll("\\.?0+$", "");
    }

    private String braid() {
        return "packing " + size() + " mm" + (style == null ? "" : ", " + style.name());
    }

    public List<Step> steps() {
        List<Step> out = new ArrayList<>();
        Step.When prepare = Step.When.PREPARE;
        out.add(hold(
                "parts",
                prepare,
                "Lay out " + braid() + " for " + result.rings() + " rings"
                        + (lantern ? ", the lantern ring" : "")
                        + (result.spacerMm() == null
                                ? ""
                                : ", a spacer of " + Length.show(result.spacerMm(), 1) + " mm")
                        + ".",
                "A rebuilt box gets new rings."));
        out.add(hold(
                "clean",
                prepare,
                "Box clean to its bottom, nothing left behind. Look at shaft or sleeve along the whole packing.",
                "What is left in the box stands under the new rings."));
        out.add(step(
                "cut",
                prepare,
                "Cut one ring " + cut()
                        + ", try it in the box: no gap, no overlap above 1 mm. Then the rest; number them.",
                "Too long a ring stands off the shaft, too short a one lets it through."));
        if (newSleeve) {
            out.add(hold(
                            "sleeve-new",
                            Step.When.FIT,
                            "New shaft sleeve on: its bore and the shaft clean, its ring or gasket new, driven by its "
                                    + "key or pin. Read it outside.",
                            "What creeps under the sleeve looks like a leak of the packing.")
                    .puttingBack(PartKind.SLEEVE));
        }
        if (shaftFirst != null) {
            out.add(hold(
                    "order",
                    Step.When.FIT,
                    shaftFirst
                            ? "Bearing and shaft stand in their final place before the first ring goes in."
                            : "Box packed first, as its builder wants; the shaft then comes in slowly, oiled, square.",
                    "A shaft that is driven later drags the rings along."));
        }
        rings(out);
        gland(out);
        return out;
    }

    private void rings(List<Step> out) {
        Step.When fit = Step.When.FIT;
        int below = result.ringsInboard() == null ? result.rings() : result.ringsInboard();
        for (int i = 0; i < result.rings(); i++) {
            if (i == below && lantern) {
                lantern(out, below);
            }
            String words = name(i) + ", joint at " + result.jointClock().get(i) + " o'clock, pressed home alone"
                    + " by a split bush or the gland itself.";
            out.add(
                    i == 0
                            ? hold("ring-1", fit, words, "The first ring bears the rest.")
                            : step("ring-" + (i + 1), fit, words, ""));
        }
        if (below >= result.rings() && lantern) {
            lantern(out, below);
        }
    }

    private String name(int index) {
        boolean end = index == 0 || index == result.rings() - 1;
        return !isFormed() ? "Ring " + (index + 1) : (end ? "Braided ring " : "Die-formed ring ") + (index + 1);
    }

    /** Between two ends there has to be a ring. */
    private boolean isFormed() {
        return formed && result.rings() > END_RINGS;
    }

    private void lantern(List<Step> out, int below) {
        out.add(hold(
                        "lantern",
                        Step.When.FIT,
                        "Lantern ring over " + below + " rings" + (result.spacerMm() == null ? "" : " and its spacer")
                                + ", by measured depth; its slot stands at the port now and after settling.",
                        "Beside its port it flushes nothing.")
                .puttingBack(PartKind.LANTERN));
    }

    private void gland(List<Step> out) {
        Step.When close = Step.When.CLOSE;
        out.add(hold(
                        "gland",
                        close,
                        "Gland square: its gap alike at four places within 0.3 mm, follower free of the shaft.",
                        "A crooked gland wears the shaft and leaks on one side.")
                .puttingBack(PartKind.GLAND));
        if (gland.pins) {
            out.add(step(
                    "pins-in",
                    close,
                    "Pins of the eye bolts in from the side they came from, then peened or their split pins open.",
                    "A pin that walks out lets the gland go."));
        }
        if (gland.live) {
            out.add(hold(
                    "springs",
                    close,
                    "Springs on each bolt in their noted order, direction and number; pulled evenly to their maker's "
                            + "height, and that height written down.",
                    "Flat on each other they are a washer and follow nothing."));
        }
        if (lantern) {
            out.add(hold("flush", close, flush(), "A flush that comes late lets the product into the rings."));
        }
        if (gland.home) {
            out.add(hold(
                    "home",
                    close,
                    "Gland bolted home on its metal, in steps, crosswise" + (stem ? "; then stroked." : "."),
                    "Its depth sets the load: nothing is brought up afterwards."));
        }
        if (stem) {
            out.add(hold(
                    "stroke",
                    close,
                    "Valve in the position its maker names. Torque in steps, stroke it five to ten times, torque "
                            + "again.",
                    "Packing settles only when it is moved."));
            return;
        }
        if (!gland.home) {
            out.add(step(
                    "contact",
                    close,
                    "Nuts to contact, then a sixth of a turn. It has to leak at first.",
                    "Packing that is pulled tight at once burns."));
        }
        out.add(hold(
                "turn",
                Step.When.PROVE,
                "Turn the shaft by hand: it turns freely.",
                "What binds by hand burns by motor."));
        if (gland.home) {
            underSleeve(out);
            return;
        }
        out.add(new Step(
                "run-in",
                Step.When.PROVE,
                "Run it in: one flat on each nut in turn, ten to fifteen minutes between, until it has settled at "
                        + Length.show(result.settledDropsPerMinute().from(), 0) + " to "
                        + Length.show(result.settledDropsPerMinute().to(), 0) + " drops in a minute.",
                "None at all is the worst reading: nothing cools it.",
                true,
                "Adjust a running pump only with a fixed guard at the shaft. Hot, dry or smoking: stop, isolate, let "
                        + "the "
                        + "pressure off, let it cool.",
                null,
                "watch, cup"));
        underSleeve(out);
    }

    private String flush() {
        PackingResult.Between pressure = result.flushMpa();
        return "Flush connected as marked, clean and cool, open before it turns"
                + (pressure == null
                        ? "."
                        : ", at " + Length.show(pressure.from(), 2) + " to " + Length.show(pressure.to(), 2) + " MPa.");
    }

    private static void underSleeve(List<Step> out) {
        out.add(step(
                "under-sleeve",
                Step.When.PROVE,
                "At a standstill, wipe the sleeve's end dry, chalk it, and look where it wets first.",
                "What creeps under the sleeve looks like a packing leak, and no gland stops it."));
    }

    private static Step step(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, false, "", null, "");
    }

    private static Step hold(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, true, "", null, "");
    }

    /** Which braid it is, as the name of a lot has to say it. */
    private List<Part.Told> told() {
        return style == null ? List.of() : List.of(new Part.Told("style", style.said(), style.othersSaid()));
    }

    public List<Part> parts() {
        List<Part> out = new ArrayList<>();
        int cut = isFormed() ? END_RINGS : result.rings();
        double mm = cut * (skive ? result.skiveCutMm() : result.buttCutMm());
        out.add(new Part(
                        "packing",
                        (int) Math.max(1, Math.ceil(mm / MM_IN_M)),
                        PartKind.PACKING,
                        braid() + ", by the metre",
                        size(),
                        null,
                        "old rings are never used again",
                        null)
                .telling(told()));
        if (isFormed()) {
            out.add(new Part(
                    "formed",
                    result.rings() - END_RINGS,
                    PartKind.PACKING,
                    "die-formed ring " + size() + " mm",
                    size(),
                    null,
                    "between braided end rings",
                    null));
        }
        if (lantern && result.spacerMm() != null) {
            String wide = Length.show(result.spacerMm(), 1) + " mm";
            out.add(new Part(
                    "spacer",
                    1,
                    PartKind.SPACER,
                    "spacer " + wide,
                    wide,
                    null,
                    "under the lantern ring, turned here",
                    null));
        }
        if (newSleeve) {
            out.add(new Part("sleeve", 1, PartKind.SLEEVE, "shaft sleeve", "", null, "worn under the packing", null));
        }
        return out;
    }
}
