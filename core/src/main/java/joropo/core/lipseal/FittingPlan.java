package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import joropo.core.arrangement.PartKind;
import joropo.core.lipseal.Lubricants.Zone;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.plan.Step;
import joropo.core.removal.Cleaning;
import joropo.core.section.BoreItem;
import joropo.core.section.Joint;
import joropo.core.section.Level;
import joropo.core.section.Mount;
import joropo.core.section.Section;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.surface.SleeveCover;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * The steps of fitting one lip seal into its bore, in working order, with hold points (guide). Steps follow from the
 * section: a way round, a depth, an edge that is really there. Of several seals each has its own, by its name; what is
 * done once for all of them stands in the plan of the one that leads.
 */
public final class FittingPlan {
    /** The step in which a new running sleeve goes on in place of the old one. */
    public static final String NEW_SLEEVE = "running-sleeve";

    /** The step in which a seal's depth is read: it is in then. */
    public static final String DEPTH = "depth";

    private static final String SOLVENT = "Solvent: air the place, gloves on, no spark.";

    /** Parts that lie nearer than this bear on each other (mm, guide). */
    private static final double TOUCHING_MM = 0.5;

    private final PlanInput in;
    private final Section section;
    private final BoreItem.Seal seal;
    private final List<Step> steps = new ArrayList<>();
    private Step.When when = Step.When.PREPARE;

    private FittingPlan(PlanInput in) {
        this.in = in;
        this.section = in.section();
        this.seal = in.seal();
    }

    public static List<Step> of(PlanInput in) {
        var plan = new FittingPlan(in);
        plan.before();
        plan.when = Step.When.FIT;
        plan.parts();
        plan.when = Step.When.CLOSE;
        if (in.among().leads()) {
            plan.after();
        }
        return List.copyOf(plan.steps);
    }

    /** The sentence that says which way round this seal goes, in words that hold without the drawing. */
    public static String wayRound(Section section, Among among) {
        BoreItem.Seal seal = section.seal(among.id());
        Space kept = section.beside(seal, seal.mainLip());
        return "Open side, with the spring, faces " + seal.mainLip().words() + ", towards the "
                + (kept.nobodySaid() ? "other seal" : kept.medium().words())
                + (seal.dustLip() == null
                        ? ""
                        : "; dust lip faces " + seal.dustLip().words())
                + (section.seals().size() < 2 || !among.isAlone()
                        ? "."
                        : "; the second seal, before it, faces "
                                + section.seals().get(0).mainLip().words() + ".");
    }

    private void before() {
        hold(
                "parts",
                (in.among().isAlone() ? "Lay out the parts against the list. " : "Lay out the " + in.name() + ". ")
                        + "Measure the new seal's inside, outside and width; compare its marking with the old one: "
                        + in.words() + ".",
                "A wrong seal is found now or at the first leak.");
        if (in.among().leads()) {
            hold(
                    "clean",
                    "Bore and shaft clean and free of burrs; try the edges with the mating part. "
                            + Cleaning.of("BORE_SEAT").words() + " "
                            + Cleaning.of("RUNNING_SURFACE").words(),
                    "One burr cuts the lip or scores the case.",
                    SOLVENT);
        }
        if (in.remedy() != null) {
            remedy(in.remedy());
        }
        if (in.runningSleeve()) {
            steps.add(new Step(
                            NEW_SLEEVE,
                            when,
                            "New running sleeve" + ofThis() + " on, "
                                    + (in.sleevePlaceMm() == null
                                            ? "to the place its drawing says"
                                            : "at " + mm(in.sleevePlaceMm()) + " mm from its shoulder, within 0.25 mm")
                                    + "; read its place. Its bore is a joint: sealed.",
                            "Sleeve and seal are renewed together, never one alone.",
                            true,
                            "",
                            null,
                            StepTools.of(NEW_SLEEVE))
                    .puttingBack(PartKind.SLEEVE));
        }
        step(
                "dry-trial",
                "Dry trial: shaft in its bearing, driver on the case" + ofThis()
                        + ", turned by hand to feel that it sits true.",
                "What does not go dry does not go better under load.");
        hold(
                "way-round",
                "Way round" + ofThis() + " against the drawing: " + wayRound(section, in.among()),
                "The wrong way round is the most frequent fault of all.");
        for (int i = 0; in.among().leads() && i < section.clockMarks().size(); i++) {
            var mark = section.clockMarks().get(i);
            hold(
                    "clock-" + (i + 1),
                    "Clock mark: " + mark.what() + ", at " + Length.show(mark.clock(), mark.clock() % 1 == 0 ? 0 : 1)
                            + " o'clock seen from outside.",
                    "Turned a little it is closed, starved or sheared.");
        }
        lubricate();
        if (in.among().leads()) {
            greases();
        }
        steps.add(new Step(
                        "edges",
                        when,
                        named(edges()),
                        "An edge nicks the lip where nobody sees it.",
                        false,
                        "",
                        null,
                        edgesCovered() == null ? "" : edgesCovered())
                .countingIn(edgesCovered()));
    }

    /** The work on the shaft, and the hold that proves it. */
    private void remedy(Offer offer) {
        String conditions = offer.precondition() + ". " + offer.caution() + ".";
        switch (offer.remedy()) {
            case DRESS -> {
                step(
                        "remedy",
                        named("Dress the track by plunge, no axial feed: " + offer.reason() + "."),
                        conditions,
                        "Bearings masked; hands and cloth clear of what turns.");
                hold(
                        "remedy-proof",
                        named("Shaft read again, roughness and thread test again, washed twice."),
                        "Dressing changes size and lead.");
            }
            case MOVE ->
                hold(
                        "remedy",
                        named("Move the lip: " + offer.reason() + "; the seal's outer face goes " + depthWords() + "."),
                        conditions);
            case THIN_SLEEVE -> {
                step(
                        "remedy",
                        named("Thin sleeve over the worn track: " + offer.reason() + "."),
                        conditions,
                        "The sleeve's edge cuts: gloves.");
                hold(
                        "remedy-proof",
                        named("Sleeve reaches " + Length.show(SleeveCover.PAST_MM, 1)
                                + " mm past the lip on both sides, clear of the shoulder, its bore sealed "
                                + "with a film, its edge smooth."),
                        "A lip that runs off the sleeve is cut.");
            }
            case HEAVY_SLEEVE, GRIND_SMALLER, SPRAY_OR_RENEW -> {
                step(
                        "remedy",
                        named(offer.remedy().words().substring(0, 1).toUpperCase(Locale.ROOT)
                                + offer.remedy().words().substring(1) + ": " + offer.reason() + "."),
                        conditions,
                        "Strength and run-out of the shaft are a designer's word.");
                hold(
                        "remedy-proof",
                        named("Shaft read again: size, roundness, roughness, lead, hardness."),
                        "Work on the shaft is proved before a lip runs on it.");
            }
        }
    }

    private void lubricate() {
        if (in.lubricants().isEmpty()) {
            step(
                    "lip",
                    "Lip, case and room between the lips" + ofThis()
                            + ": decide the material first, it says which lubricant is " + "allowed.",
                    "A dry lip is burnt in its first minute.");
        }
        for (Zone zone : in.lubricants()) {
            switch (zone.place()) {
                case CASE -> step("outside", named(zone.words()), "Too much is wiped in front of the lip.");
                case LIP -> step("lip", named(zone.words()), "A dry lip is burnt in its first minute.");
                case BETWEEN_LIPS ->
                    step("between", named(zone.words()), "The outer lip gets nothing from the medium.");
                case SPLINES -> {
                    if (in.among().leads()) {
                        step("splines", zone.words(), "Grease that cannot give way pushes the shaft back.");
                    }
                }
            }
        }
    }

    /** Greases of different names on the two sides of a lip. */
    private void greases() {
        List<String> names = section.spaces().stream()
                .filter(s -> s.medium() == Medium.GREASE && s.fluid() != null && !s.nobodySaid())
                .map(s -> Fluid.of(s.fluid()).name())
                .distinct()
                .toList();
        if (names.size() > 1) {
            step(
                    "greases",
                    "Two greases, each on its own side: " + String.join(", and ", names)
                            + ". A gun and a cloth of its own for each.",
                    "Greases that do not mix run out together.");
        }
    }

    /** What is put over an edge for a time; absent while that is not said. */
    private @Nullable String edgesCovered() {
        return in.cover() != null
                ? in.cover() == EdgeCover.SLEEVE
                        ? "assembly sleeve"
                        : in.cover().isTemporary() ? in.cover().words() : null
                : in.shaftEnd() != null && in.shaftEnd().compareTo(ShaftEnd.SHARP) > 0 ? "cover of the edge" : null;
    }

    private String edges() {
        boolean against = section.shaftEntersFrom() == seal.mainLip();
        if (in.cover() != null) {
            return in.cover() == EdgeCover.SLEEVE
                    ? "Cover the edge: assembly sleeve to Ø " + mm(EdgeCover.mostOutsideMm(section.shaftDiameterMm()))
                            + " outside, wall 0.2 to 0.5 mm, lubricated; count it in."
                    : "The edge on the way: " + in.cover().words()
                            + (in.cover().isTemporary() ? "; count it in." : ", proved smooth.");
        }
        if (in.shaftEnd() != null && in.shaftEnd().compareTo(ShaftEnd.SHARP) > 0) {
            return "Cover it: " + in.shaftEnd().words() + ". Lubricated assembly sleeve or tape; count it in.";
        }
        if (against) {
            return "The shaft meets the open side first: full chamfer proved smooth, or a cone over its end; count "
                    + "it in.";
        }
        return "The shaft enters with the lip: its edge rounded and smooth. Count in whatever is put inside for a "
                + "time.";
    }

    /** Of this seal, where there are others. */
    private String ofThis() {
        return in.among().isAlone() ? "" : " of the " + in.name();
    }

    /** A sentence with the seal's name before it, where there are others. */
    private String named(String sentence) {
        return in.among().isAlone()
                ? sentence
                : in.name().substring(0, 1).toUpperCase(Locale.ROOT) + in.name().substring(1) + ": "
                        + sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }

    /** Each part in the order in which it reaches its place; this seal with all that driving it takes. */
    private void parts() {
        List<String> order = in.buildOrder();
        List<Joint> closed = !in.among().leads()
                ? List.of()
                : section.joints().stream()
                        .filter(j -> j.sealedBy() != Joint.Closure.NONE)
                        .toList();
        closed.stream().filter(j -> !order.contains(j.words())).forEach(this::joint);
        for (String name : order) {
            closed.stream().filter(j -> j.words().equals(name)).findFirst().ifPresent(this::joint);
            section.boreItems().stream()
                    .filter(b -> name.equals(b.id()) && b instanceof BoreItem.Part)
                    .filter(b -> !in.cameOff().contains(name))
                    .findFirst()
                    .ifPresent(this::part);
        }
        if (!order.contains(seal.id())) {
            press(); // no order lets all parts in, which the section says: the seal is driven all the same
        }
    }

    private void joint(Joint joint) {
        hold(
                "joint-" + joint.words().replace(' ', '-'),
                "Close the " + joint.words() + ": "
                        + joint.sealedBy().name().toLowerCase(Locale.ROOT).replace('_', '-') + "."
                        + (joint.sealedBy() == Joint.Closure.SEALANT
                                ? " Thin, clear of lip and oil ways; start its open time before joining and its cure "
                                        + "before oil as two timers, by its maker."
                                : ""),
                "A lip can be perfect and the joint beside it leaks.");
    }

    private void part(BoreItem item) {
        if (item == seal) {
            press();
        } else if (!in.among().leads()
                || item instanceof BoreItem.Seal && !in.among().isAlone()) {
            return; // stands in the plan of another
        } else if (item instanceof BoreItem.Sealing other) {
            hold(
                    "in-" + item.id(),
                    "Then the " + item.words() + " " + item.id() + ": open side faces "
                            + other.open().words() + ", outer face to "
                            + mm(other.fromMm() - seal.fromMm() + targetMm()) + " mm" + greaseBehind(other) + ".",
                    "It must touch neither lip nor spring of the other.",
                    "",
                    item.id());
        } else if (item instanceof BoreItem.Ring) {
            hold(
                    "in-" + item.id(),
                    "Retaining ring " + item.id() + " into its groove, rounded edge to the side of the load: "
                            + "clicked, felt and tapped home all round.",
                    "A ring that only looks home flies out.",
                    "Eye protection; nobody in line with the ring.",
                    item.id());
        } else if (!(item instanceof BoreItem.Bearing b && b.entersFrom() == null)) {
            step(
                    "in-" + item.id(),
                    "Put in the " + item.words() + " " + item.id() + ", its outer face at " + mm(item.fromMm())
                            + " mm.",
                    "",
                    "",
                    item.id());
        }
    }

    /** What is filled in behind a seal before it goes in. */
    private String greaseBehind(BoreItem.Sealing part) {
        Space behind = section.beside(part, Side.IN);
        return behind.nobodySaid()
                ? "; say first what lies in the room behind it"
                : behind.medium() == Medium.GREASE
                        ? "; the room behind it filled with grease first"
                                + (behind.level() == Level.FULL ? "" : ", a third to a half")
                        : "";
    }

    /** Where the innermost seal goes; as the section has it while nothing says how deep. */
    private double targetMm() {
        return in.targetDepthMm() == null ? seal.fromMm() : in.targetDepthMm();
    }

    private void press() {
        boolean before = !in.among().isAlone() && seal != section.seal();
        step(
                "start",
                "Start the " + in.name() + " by hand, square "
                        + (seal.mount() == Mount.SHAFT ? "over the shaft's chamfer" : "in the lead-in")
                        + (before ? greaseBehind(seal) : "") + ".",
                before ? "It must touch neither lip nor spring of the next one inward." : "",
                "",
                seal.id());
        step(
                "drive",
                named(driver()) + " Small steps, looking round the circumference each time."
                        + (isHeldByARing()
                                ? " A ring holds it: the last of the way the driver bears on the ring, both together, "
                                        + "until it clicks into its groove."
                                : ""),
                "Home is known by the change of sound or the tool's stop, and by the depth agreeing: dirt gives a "
                        + "false bottom.",
                "Hands clear of the driver; eye protection under the hammer; support the job on the ring that is "
                        + "driven against.",
                seal.id());
        hold(
                DEPTH,
                "Depth" + ofThis() + " at four places, " + depthWords() + "; tilt in its limit.",
                (in.found().isEmpty() ? "" : in.found() + " ") + "A tilted seal wears one side of its lip.");
        if (!in.meets().bearingLater()) {
            free(in.among().isAlone() ? "" : "After the " + in.name() + " the bearing");
        }
    }

    /** @param bearing the words that begin it, empty: the bearing alone */
    private void free(String bearing) {
        hold(
                "free",
                (bearing.isEmpty() ? "Bearing" : bearing) + " still turns freely: it moves as before, nothing rubs.",
                "Pressed too far it runs against what turns.");
    }

    /** Whether a retaining ring bears on it, itself or through washers, so that it goes home together with the ring. */
    private boolean isHeldByARing() {
        double outer = seal.fromMm();
        for (BoreItem item : section.boreItems().stream()
                .filter(i -> i.fromMm() < seal.fromMm())
                .sorted(Comparator.comparing(BoreItem::fromMm).reversed())
                .toList()) {
            if (!(item instanceof BoreItem.Ring || item instanceof BoreItem.Spacer)
                    || outer - item.toMm() > TOUCHING_MM) {
                return false;
            }
            if (item instanceof BoreItem.Ring) {
                return true;
            }
            outer = item.fromMm();
        }
        return false;
    }

    private String driver() {
        DriverResult d = in.driver();
        if (d == null) {
            return seal.mount() == Mount.SHAFT
                    ? "Push it over the shaft by the stiff inner ring of the case."
                    : "Drive it by the stiff outer part of the case.";
        }
        String tool = d.pickMm() != null
                ? "driver Ø " + Length.show(d.pickMm(), 1) + " of the own set"
                : d.plateMm() != null
                        ? "plate Ø " + Length.show(d.plateMm(), 1)
                        : "driver Ø " + Length.show(d.outsideMm(), 1);
        if (seal.mount() == Mount.SHAFT) {
            return "Push it over the shaft with " + tool + ", bearing on its inner ring up to Ø " + mm(d.landToMm())
                    + (d.recessDepthMm() == null
                            ? ""
                            : ", recess " + mm(d.recessDepthMm()) + " deep for what stands proud")
                    + ".";
        }
        return "Drive it with " + tool + ", bearing on the case from Ø " + mm(d.landFromMm()) + " outward"
                + (d.recessDepthMm() != null
                        ? ", recess " + mm(d.recessDepthMm()) + " deep"
                        : d.spigotMm() != null ? ", spigot " + mm(d.spigotMm()) + " long" : "")
                + ".";
    }

    private String depthWords() {
        if (in.targetDepthMm() == null) {
            return "at a depth that is still to be decided: decide it before you drive";
        }
        return "to " + mm(Math.abs(in.targetDepthMm()))
                + (in.targetDepthMm() < 0 ? " mm proud of the face" : " mm from the face")
                + (section.seals().size() < 2 || !in.among().isAlone() ? "" : " (the inner seal)");
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }

    private void after() {
        if (in.meets().bearingLater()) {
            free("");
        }
        boolean guided = in.meets().isGuidedOn();
        steps.add(new Step(
                        "shaft",
                        when,
                        (guided ? "Shaft or housing guided on with its edges covered, slowly past the lip; t" : "T")
                                + "emporary things counted out.",
                        "What stays inside comes out through the seal.",
                        true,
                        guided ? "Heavy parts hang in a sling, never on the lip." : "",
                        null,
                        "")
                .countingOut());
        step("print", "Look at the first print of the lip all round, where it can be seen.", "");
        when = Step.When.PROVE;
        String running = section.rotation() == null
                ? "in its running direction"
                : section.rotation().words() + " seen from outside";
        hold(
                "turn",
                "Turn by hand a full turn, "
                        + (in.oneWay()
                                ? running + " only, never back"
                                : section.rotation() == null ? "both ways" : "first " + running)
                        + ": even drag, no scrape.",
                in.oneWay() ? "What runs one way only is damaged by one turn back." : "");
        step("fill", "Fill to level; breather free.", "A blocked breather pushes the medium out past a good lip.");
        hold(
                "run",
                "First run with guards on; look again warm.",
                "Most leaks show when warm.",
                "Hot parts and oil; hands away from what turns.");
    }

    private void step(String id, String instruction, String why) {
        step(id, instruction, why, "", null);
    }

    private void step(String id, String instruction, String why, String caution) {
        step(id, instruction, why, caution, null);
    }

    private void step(String id, String instruction, String why, String caution, @Nullable String part) {
        steps.add(new Step(id, when, instruction, why, false, caution, part, StepTools.of(id)));
    }

    private void hold(String id, String instruction, String why) {
        hold(id, instruction, why, "", null);
    }

    private void hold(String id, String instruction, String why, String caution) {
        hold(id, instruction, why, caution, null);
    }

    private void hold(String id, String instruction, String why, String caution, @Nullable String part) {
        steps.add(new Step(id, when, instruction, why, true, caution, part, StepTools.of(id)));
    }
}
