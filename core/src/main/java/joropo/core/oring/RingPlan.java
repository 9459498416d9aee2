package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import org.jspecify.annotations.Nullable;

/**
 * How one ring of a joint is fitted, by its kind, and what has to be in hand (guide).
 *
 * @param name by which people tell it from the others, empty when it is alone
 * @param size as it is written, @param material code, absent while not decided
 * @param loaderMaterial code of what lies under a slide ring, absent while not decided
 * @param loaderSize of it as it is written, empty: not decided
 * @param cut how long the strip of a guide ring or a cord is cut, empty: nothing is cut
 * @param all every ring of the joint in a breath, in the order in which they go in
 * @param leads whether what is done once for all of them stands in its plan, @param carried whether what carries the
 *     rings came off, so that its way back has a step of its own
 * @param turns whether the joint turns and nothing of it moves along its axis
 */
@RecordBuilder
public record RingPlan(
        RingSort sort,
        String name,
        String size,
        @Nullable String material,
        @Nullable String loaderMaterial,
        String loaderSize,
        String cut,
        WayRound way,
        int backups,
        Gland gland,
        List<String> all,
        boolean leads,
        boolean carried,
        boolean turns) {
    private String ring() {
        String made = material == null || material.equals(RingMaterial.BY_MAKER) ? "" : ", " + material;
        return sort.words() + (size.isEmpty() ? "" : " " + size) + made;
    }

    /** Its material, where a lot can be told by it. */
    private @Nullable String listed() {
        return RingMaterial.BY_MAKER.equals(material) ? null : material;
    }

    public List<Step> steps() {
        List<Step> out = new ArrayList<>();
        Step.When prepare = Step.When.PREPARE;
        if (leads) {
            out.add(hold(
                    "parts",
                    prepare,
                    "Lay out and count, by size and colour: " + String.join("; ", all)
                            + ". Back-ups and loaders with their rings.",
                    "One that is left in its bag is found now."));
            out.add(hold(
                    "clean",
                    prepare,
                    "Grooves, lands and lead-in clean and without a burr, by wood or plastic. No sharp tool.",
                    "A scratch in a groove leaks, and no ring heals it."));
            out.add(hold(
                            "cover",
                            prepare,
                            "Cover threads, ports and edges that a ring must pass, the thread of the rod's end too. "
                                    + "Count what covers them in.",
                            "A ring that crosses a bare thread is cut.")
                    .countingIn("covers of threads, ports, edges"));
        }
        Step.When fit = Step.When.FIT;
        out.add(step(
                "lubricate",
                fit,
                "Lubricate ring and way with what suits medium and material."
                        + ("EPDM".equals(material) ? " EPDM takes no mineral oil or grease." : ""),
                "A dry ring rolls and tears."));
        if (way.sort().isFaced()) {
            out.add(hold("way-round", fit, "Way round: " + wayWords(), "The wrong way round it leaks at once."));
        }
        fitting(fit, out);
        if (backups > 0) {
            out.add(step(
                    "backups",
                    fit,
                    backups == 1
                            ? "Back-up on the low-pressure side, hollow face to the ring, its cut closed."
                            : "A back-up on each side, hollow face to the ring, its cut closed.",
                    "It closes the gap that the pressure would push the ring into."));
        }
        if (leads) {
            closing(out);
        }
        return out.stream().map(s -> s.when() == fit ? named(s) : s).toList();
    }

    /** Among several, a step says which ring it is of. */
    private Step named(Step step) {
        return name.isEmpty()
                ? step
                : step.withInstruction(
                        name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1) + ". " + step.instruction());
    }

    private String wayWords() {
        String words = way.words();
        return words.isEmpty() ? "as the drawing shows." : words;
    }

    private void fitting(Step.When fit, List<Step> out) {
        switch (sort) {
            case O_RING, SQUARE -> {
                out.add(step(
                        "in",
                        fit,
                        gland == Gland.ROD
                                ? "Bend it in as a kidney and let it lie into its groove."
                                : "Over the lands without rolling, the farthest groove first; let it come back.",
                        "A ring that rolls over a thread or a land stays twisted."));
                out.add(hold(
                        "twist",
                        fit,
                        "No twist: the mould line runs true all round. Roll it once and feel.",
                        "A twisted ring leaks in a spiral."));
            }
            case SLIDE -> {
                out.add(step("loader", fit, "The loader first, flat in its groove, without a twist.", ""));
                out.add(new Step(
                        "in",
                        fit,
                        gland == Gland.ROD
                                ? "Lay the slide ring in as a kidney. Press its last bulge home over its running face, "
                                        + "with a flat rounded tool."
                                : "The slide ring over a cone with its pusher; PTFE over more than "
                                        + "5 % is warmed to 100 "
                                        + "to 120 °C. Then size it back with a tapered sleeve.",
                        "An edge in its running face leaks for good.",
                        false,
                        gland == Gland.ROD ? "" : "Hot: gloves on, oil burns.",
                        null,
                        gland == Gland.ROD ? "flat rounded tool" : "cone, pusher, sizing sleeve"));
                out.add(hold("lies", fit, "Run the hand round it until it lies true.", ""));
            }
            case U_CUP ->
                out.add(step(
                        "in",
                        fit,
                        "Bend it in without a kink; its lip goes over no bare thread."
                                + (way.paired() ? " The other one back to back with it." : ""),
                        "A cut in the lip leaks from the first stroke."));
            case CORD ->
                out.add(hold(
                        "in",
                        fit,
                        "Cut the cord" + (cut.isEmpty() ? "" : " to " + cut)
                                + ", both ends at 45°. Join it, let it set, and lay it in without a twist.",
                        "A joint that is short pulls open."));
            case GUIDE ->
                out.add(step(
                        "in",
                        fit,
                        (cut.isEmpty() ? "" : "Cut its strip to " + cut + ". ")
                                + "Lay it in with its cut open by its maker's gap, 3 to 5 mm. No metal touches metal.",
                        "It keeps the parts apart and sets the gap behind every seal."));
            case WIPER ->
                out.add(step(
                        "in",
                        fit,
                        (way.isFar() ? "From its own end, once the shaft is through: press" : "Press")
                                + " it in with the tool beside its bead only.",
                        "A dented bead lets dirt in."));
            default ->
                out.add(step(
                        "in",
                        fit,
                        "Work its sides in, and leave its running face alone.",
                        "A marked running face leaks."));
        }
    }

    private void closing(List<Step> out) {
        Step.When close = Step.When.CLOSE;
        out.add(hold(
                "look",
                close,
                "Look at every ring again: "
                        + (all.size() > 1 ? "all " + all.size() + " of them" : "there")
                        + ", by colour too, clean, the right way round, no grease of a bearing on it.",
                "It is the last time that it can be seen."));
        out.add(step(
                        "carry",
                        close,
                        (carried ? "" : "Carry rod or cover square and slowly past each ring. ")
                                + "Count the covers out.",
                        "A heavy part that hangs cuts what it passes.")
                .countingOut());
        out.add(hold("draw", close, "Draw the joint to contact evenly, crosswise.", "The ring seals, not the force."));
        out.add(new Step(
                "prove",
                Step.When.PROVE,
                turns
                        ? "Bleed slowly, turn it slowly both ways, then hold the pressure at each port in turn."
                        : "Bleed slowly, move it end to end without load, then hold at both ends: look at the "
                                + "rod, watch the drift.",
                turns
                        ? "Each port has its own ring on either side."
                        : "A wet rod is the rod's ring, drift the piston's.",
                true,
                "Air under pressure burns with the oil. Stand clear of what moves; no bare hand feels for a leak.",
                null,
                ""));
    }

    private static Step step(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, false, "", null, "");
    }

    private static Step hold(String id, Step.When when, String instruction, String why) {
        return new Step(id, when, instruction, why, true, "", null, "");
    }

    public List<Part> parts() {
        List<Part> out = new ArrayList<>();
        out.add(new Part(
                "ring",
                1,
                sort == RingSort.GUIDE ? PartKind.OTHER : PartKind.O_RING,
                ring(),
                size,
                listed(),
                "the old one counts as destroyed",
                null));
        if (backups > 0) {
            out.add(new Part(
                    "backup",
                    backups,
                    PartKind.OTHER,
                    "back-up for " + ring(),
                    "",
                    null,
                    "renewed with its ring",
                    null));
        }
        if (sort == RingSort.SLIDE) {
            out.add(new Part(
                    "loader",
                    1,
                    PartKind.O_RING,
                    ("loader of the slide ring " + loaderSize).strip(),
                    loaderSize,
                    loaderMaterial,
                    "renewed with its ring",
                    null));
        }
        return out;
    }
}
