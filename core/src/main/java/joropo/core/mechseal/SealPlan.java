package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.plan.Step.When;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * How a mechanical seal comes out and goes in, and what has to be in hand (guide).
 *
 * @param kind how it comes, @param size of the shaft, @param setting absent: the maker has set it, or nothing is
 *     measured yet
 * @param soapy whether the elastomers allow soapy water only, @param impeller whether it comes off and goes back
 * @param turnOnly way in which alone it may be turned, empty: both, @param dual whether it has a barrier
 */
@RecordBuilder
public record SealPlan(
        Build kind,
        String size,
        @Nullable SealSettingResult setting,
        boolean soapy,
        boolean impeller,
        String turnOnly,
        boolean dual) {
    private static final String HANDS =
            "No finger on a face, no face on the bench, no grease on it. Hard faces and carbon break like glass.";

    private boolean isCartridge() {
        return kind == Build.CARTRIDGE;
    }

    /** Taking it out. @param turnOnly way in which alone it may be turned, empty: both */
    public static List<Step> stripping(@Nullable Build build, boolean impeller) {
        List<Step> out = new ArrayList<>();
        out.add(new Step(
                "empty",
                When.STRIP,
                "Isolate, relieve, drain; prove the chamber empty. Barrier and flush shut off and let down as well.",
                "What stands behind the seal comes out at once.",
                true,
                "Hot or harmful product: flush, gloves, shield, local rules.",
                null,
                ""));
        out.add(step(
                "old-scribe",
                When.STRIP,
                "Read where the old unit stands from the chamber face, and the scribe line, before it moves.",
                "It tells whether the new figure can be right.",
                ""));
        out.add(hold(
                "holders",
                When.STRIP,
                build == Build.CARTRIDGE
                        ? "Setting clips back into the old cartridge, before a gland bolt is loosened."
                        : "Keepers that hold the spring set together in, before anything is loosened.",
                "A spring set that jumps apart is hurt, and hurts."));
        if (impeller) {
            out.add(step(
                    "impeller-off",
                    When.STRIP,
                    "Impeller held against turning, its nut off (look which hand its thread has), pulled by its holes. "
                            + "Count and log the shims behind it.",
                    "The same shims in the same sum go back.",
                    "Never heat a closed hub: what is shut in bursts it."));
        }
        out.add(step(
                "jacking",
                When.STRIP,
                "Gland off evenly, by its jacking screws in turn; count the screws. Keyway covered. The plate that "
                        + "still holds the seat comes down by hand, onto soft ground.",
                "A plate that drops breaks its seat.",
                HANDS));
        return out;
    }

    public List<Step> steps() {
        List<Step> out = new ArrayList<>();
        out.add(hold(
                "parts",
                When.PREPARE,
                "Lay out the seal with its O-rings and gasket. Leave it in its box, faces up.",
                "Code, box and drawing read once more."));
        out.add(step(
                "clean",
                When.PREPARE,
                "Shaft or sleeve, seat bore and chamber face clean, no rust ring, no old sealant; edges and keyway "
                        + "broken and covered.",
                "An O-ring that is nicked on its way leaks from the start.",
                ""));
        if (impeller || isCartridge()) {
            out.add(hold(
                    "adjusted",
                    When.PREPARE,
                    (impeller ? "Impeller clearance and the" : "The")
                            + " distance between shaft ends set, the rotor in its place.",
                    "That moves the rotor: the seal is set after it."));
        }
        if (isCartridge()) {
            cartridge(out);
        } else {
            seat(out);
            unit(out);
            close(out);
        }
        end(out);
        return out;
    }

    private void cartridge(List<Step> out) {
        out.add(step(
                "slide",
                When.FIT,
                "Cartridge onto the shaft, straight, its O-ring lubricated, past the covered key edges.",
                "A twisted ring leaks, and is not seen any more.",
                HANDS));
        out.add(hold(
                        "gland",
                        When.CLOSE,
                        "Gland bolts in steps and crosswise with the clips in; "
                                + "then the screws of the drive collar, crosswise.",
                        "The clips hold the faces where the maker set them.")
                .puttingBack(PartKind.GLAND));
        out.add(hold(
                "clips-out",
                When.CLOSE,
                "Clips out or turned away, counted, kept with the card. Read the gap between gland and collar.",
                "A clip left in ruins the seal at the first turn."));
    }

    private void seat(List<Step> out) {
        out.add(hold(
                "faces", When.FIT, "Both faces looked at under a lamp, at a slant.", "New ones chip on the way too."));
        out.add(step(
                "seat",
                When.FIT,
                "Seat in with its elastomer lubricated, its face under a "
                        + "clean soft disc, pushed square by a smooth tube "
                        + "of soft plastic. A click: out again, look under the lamp.",
                "Crooked, the faces open at every turn.",
                HANDS));
        out.add(hold(
                "seat-depth",
                When.FIT,
                "Read the seat's depth at four places: within 0.05 mm.",
                "It is square now or it leaks later."));
    }

    private void unit(List<Step> out) {
        if (setting != null) {
            out.add(hold(
                    "scribe",
                    When.FIT,
                    "Scribe the shaft at the chamber face; the back of the unit belongs at "
                            + Length.show(setting.settingMm(), 2) + " mm from there, "
                            + Length.show(setting.lowMm(), 2) + " to " + Length.show(setting.highMm(), 2) + ".",
                    "Three tenths of a millimetre decide over its life."));
        }
        if (kind == Build.BELLOWS) {
            out.add(new Step(
                    "wet",
                    When.FIT,
                    "Shaft free of film and adhesive. Wet it with "
                            + (soapy ? "soapy water" : "a lubricant that elastomer and product allow")
                            + ", push the unit by its thick collar. It grips after minutes: it stands at its figure "
                            + "within 15 minutes of wetting, or as its maker says.",
                    "Once it has gripped it does not move any more, and tears.",
                    true,
                    "Not by its band, not by its spring. " + HANDS,
                    null,
                    "watch: 15 min from wetting"));
            out.add(hold("touch", When.FIT, "See that the faces touch, all round.", "Apart by a hair they run dry."));
            return;
        }
        out.add(step(
                "unit",
                When.FIT,
                "Rotating unit to its line, screws in turn and in steps.",
                "Tightened one by one they walk it along.",
                HANDS));
        out.add(hold(
                "place-again",
                When.FIT,
                "Read its place again with the screws tight.",
                "A hub with set screws walks while they are tightened."));
    }

    private void close(List<Step> out) {
        out.add(hold(
                        "gland",
                        When.CLOSE,
                        "Gland on by hand, gasket right, bolts in steps and crosswise. The gap alike all round.",
                        "A gland pulled on at one side breaks the seat.")
                .puttingBack(PartKind.GLAND));
    }

    private void end(List<Step> out) {
        if (impeller) {
            out.add(step(
                            "impeller-on",
                            When.CLOSE,
                            "Impeller back with the shims that were logged, held against turning, "
                                    + "its nut to its figure.",
                            "Any other sum moves it, and the seal with it.",
                            "")
                    .puttingBack(PartKind.IMPELLER));
        }
        out.add(step("aligned", When.CLOSE, "Coupling in line, read with all feet tight.", "", ""));
        out.add(hold(
                "turn",
                When.PROVE,
                "Turn the shaft by hand" + (turnOnly.isEmpty() ? "" : ", only " + turnOnly)
                        + ": even, no scrape, no click.",
                turnOnly.isEmpty() ? "What scrapes by hand is gone in a minute." : "The other way tears its drive."));
        out.add(step(
                "air",
                When.PROVE,
                "Air into the chamber, to 0.2 MPa or as the maker says; soapy water at the gland.",
                "It finds a nicked ring before the pump is full.",
                "Air under pressure throws what lets go: stand aside."));
        out.add(new Step(
                "start",
                When.PROVE,
                (dual ? "Barrier on at its figure first. " : "")
                        + "Chamber full, vented at its highest point, flush on at its figure, ports to the drawing, "
                        + "unused ones plugged; guards back.",
                "A seal that starts dry is dead in a minute.",
                true,
                "Start and the first minutes from outside the line of the coupling.",
                null,
                ""));
    }

    private static Step step(String id, When when, String instruction, String why, String caution) {
        return new Step(id, when, instruction, why, false, caution, null, "");
    }

    private static Step hold(String id, When when, String instruction, String why) {
        return new Step(id, when, instruction, why, true, "", null, "");
    }

    public List<Part> parts() {
        List<Part> out = new ArrayList<>();
        out.add(new Part(
                "seal",
                1,
                PartKind.MECHANICAL_SEAL,
                kind.words().replaceAll(",.*", "") + (size.isEmpty() ? "" : " " + size),
                size,
                null,
                "both faces together, one alone is of no use",
                null));
        out.add(new Part(
                "seal-gasket", 1, PartKind.GASKET, "gasket or O-ring of the gland", "", null, "squeezed once", null));
        return out;
    }
}
