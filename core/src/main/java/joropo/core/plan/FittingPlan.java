package joropo.core.plan;

import java.util.ArrayList;
import java.util.List;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Side;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.Length;

/**
 * The steps of fitting one lip seal into its bore, in working order, with hold points (guide).
 * Steps follow from the section: a way round, a depth, an edge that is really there.
 */
public final class FittingPlan {
    private static final String SOLVENT = "Solvent: air the place, gloves on, no spark.";

    private final PlanInput in;
    private final Section section;
    private final BoreItem.Seal seal;
    private final List<Step> steps = new ArrayList<>();

    private FittingPlan(PlanInput in) {
        this.in = in;
        this.section = in.section();
        this.seal = section.seal();
    }

    public static List<Step> of(PlanInput in) {
        var plan = new FittingPlan(in);
        plan.before();
        plan.press();
        plan.after();
        return List.copyOf(plan.steps);
    }

    /** The sentence that says which way round, in words that hold without the drawing. */
    public static String wayRound(Section section) {
        BoreItem.Seal seal = section.seal();
        String faces = seal.mainLip().words();
        String toward = section.inside().medium().words();
        return "Open side, with the spring, faces " + faces + (seal.mainLip() == Side.IN ? ", towards the " + toward : ", towards the " + section.outside().medium().words())
                + (seal.dustLip() == null ? "." : "; dust lip faces " + seal.dustLip().words() + ".");
    }

    private void before() {
        hold("parts", "Lay out the parts against the list. Measure the new seal's inside, outside and width; compare its marking with the old one: "
                + in.size() + ", " + in.caseType().words() + ".", "A wrong seal is found now or at the first leak.");
        hold("clean", "Bore and shaft clean and free of burrs; try the edges with the mating part.", "One burr cuts the lip or scores the case.", SOLVENT);
        step("dry-trial", "Dry trial: shaft in its bearing, driver on the case, turned by hand to feel that it sits true.",
                "What does not go dry does not go better under load.");
        hold("way-round", "Way round against the drawing: " + wayRound(section), "The wrong way round is the most frequent fault of all.");
        step("outside", in.caseType() == CaseType.RUBBER ? "Case outside: a light film of a lubricant the rubber allows; no sealant in a sound bore."
                : "Case outside: dry, or a light sealant as its maker says.", "Too much is wiped in front of the lip.");
        step("lip", "Lip: the medium itself, or a grease that both medium and rubber allow"
                + (seal.dustLip() == null ? "." : "; fill a third to a half of the room between the lips with grease."), "A dry lip is burnt in its first minute.");
        step("edges", edges(), "An edge nicks the lip where nobody sees it.");
    }

    private String edges() {
        boolean against = section.shaftEntersFrom() == seal.mainLip();
        if (in.shaftEnd() == ShaftEnd.KEYWAY_OR_THREAD) {
            return "Cover keyway, spline or thread with a lubricated assembly sleeve or tape; count it in.";
        }
        if (against) {
            return "The shaft meets the open side first: full chamfer proved smooth, or a cone over its end; count it in.";
        }
        return "The shaft enters with the lip: its edge rounded and smooth. Count in whatever is put inside for a time.";
    }

    private void press() {
        step("start", "Start the seal by hand, square in the lead-in.", "");
        step("drive", "Drive it in small steps by the stiff outer part of the case, looking round the circumference each time.",
                "Home is known by the change of sound and by the depth agreeing: dirt gives a false bottom.",
                "Hands clear of the driver; eye protection under the hammer.");
        String depth = in.targetDepthMm() == null ? "at a depth that is still to be decided: decide it before you drive" : "to " + Length.show(in.targetDepthMm(), 2) + " mm from the face";
        hold("depth", "Depth at four places, " + depth + "; tilt in its limit.", "A tilted seal wears one side of its lip.");
        hold("free", "What comes next is free: the bearing still moves as before, nothing rubs.", "Pressed too far it runs against what turns.");
    }

    private void after() {
        hold("shaft", "Shaft or housing guided on with its edges covered, slowly past the lip; temporary things counted out.",
                "What stays inside comes out through the seal.", "Heavy parts hang in a sling, never on the lip.");
        step("print", "Look at the first print of the lip all round, where it can be seen.", "");
        hold("turn", "Turn by hand a full turn" + (section.rotation() == null ? "" : ", first " + section.rotation().words() + " seen from outside")
                + ": even drag, no scrape.", "");
        step("fill", "Fill to level; breather free.", "A blocked breather pushes the medium out past a good lip.");
        hold("run", "First run with guards on; look again warm.", "Most leaks show when warm.", "Hot parts and oil; hands away from what turns.");
    }

    private void step(String id, String act, String why) {
        step(id, act, why, "");
    }

    private void step(String id, String act, String why, String caution) {
        steps.add(new Step(id, act, why, false, caution));
    }

    private void hold(String id, String act, String why) {
        hold(id, act, why, "");
    }

    private void hold(String id, String act, String why, String caution) {
        steps.add(new Step(id, act, why, true, caution));
    }
}
