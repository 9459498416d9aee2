package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Port;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Spaces that are fed with grease: where old grease goes, and whether it may lie there (D5; guide). */
final class GreaseRules {
    private static final String SUBJECT = "grease that is fed in";

    private final ArrangedParts parts;
    private final Section section;

    GreaseRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    /** Every space that is fed, and every seal whose dust lip stands in the way of its grease. */
    List<Finding> judge() {
        List<Finding> out = new ArrayList<>();
        IntStream.range(0, section.spaces().size())
                .filter(i -> section.spaces().get(i).isFed())
                .forEach(i -> {
                    out.add(d5(i));
                    dustLip(i, out);
                });
        return out;
    }

    /** Where grease goes that leaves a space, the better first. */
    private enum Goes {
        /** Outside, a drained or vented space between two seals, a port. */
        OUT,
        /** A space that keeps it, though it may lie there. */
        ALLOWED,
        /** Another medium that is not the machine. */
        MEDIUM,
        MACHINE
    }

    /** One way for grease to leave a space. @param into space it ends in, absent: a port or a vent */
    private record Exit(String words, Goes goes, @Nullable Space into) {}

    private Finding d5(int number) {
        Space space = section.spaces().get(number);
        List<Finding> found = new ArrayList<>(List.of(way(number, space)));
        if (sealedBearing(number)) {
            found.add(finding(
                    number,
                    CAUTION,
                    "The bearing in this space is sealed for life: grease pumped in only presses on the seals.",
                    "Close the fitting and tag it."));
        }
        return found.stream().min(Comparator.comparing(Finding::status)).orElseThrow();
    }

    private Finding way(int number, Space space) {
        boolean metered = space.greaseFeed() == GreaseFeed.METERED;
        Exit exit = exits(number).stream().min(Comparator.comparing(Exit::goes)).orElse(null);
        if (exit == null) {
            return closed(number, space);
        }
        return switch (exit.goes) {
            case OUT ->
                parts.sealing().size() == 1 && exit.into != null
                        ? finding(
                                number,
                                CAUTION,
                                "The only lip is turned away from its grease: old grease leaves, and nothing keeps the "
                                        + "rest in. Was that done on purpose?",
                                "Ask why before turning it; else the lip towards the grease and a relief port.")
                        : leaves(number, exit);
            case ALLOWED ->
                finding(
                        number,
                        CAUTION,
                        "Grease leaves into the machine's "
                                + exit.into.medium().words() + ", where it may lie"
                                + (exit.into.mayTakeGrease() == null ? ": a port lets it out." : "."),
                        "Look there at every service that it does not fill up.");
            case MEDIUM ->
                finding(
                        number,
                        CAUTION,
                        "Grease leaves into the " + exit.into.stands().words() + " only.",
                        "A way out to the air, or grease that the "
                                + exit.into.stands().words() + " stands.");
            case MACHINE ->
                finding(
                        number,
                        metered ? CAUTION : FAIL,
                        "Grease is pressed into the machine: the only way out leads to the "
                                + exit.into.stands().words() + " inside.",
                        "Turn the outer lip outward and the inner one towards the grease, or a relief port in the "
                                + "greased space.");
        };
    }

    /**
     * Old grease has a good way out. Where that is past a lip, and another that keeps no liquid opens towards the
     * machine as easily, some of it goes there: that one was turned for nothing.
     */
    private Finding leaves(int number, Exit exit) {
        boolean needlessly = exit.into != null
                && exits(number).stream().anyMatch(e -> e.goes == Goes.MACHINE && !e.into.holdsLiquid());
        return needlessly
                ? finding(
                        number,
                        CAUTION,
                        "Old grease leaves " + exit.words + ", and past the inner lip into the machine too.",
                        "Turn the inner lip towards the grease.")
                : finding(number, PASS, "Old grease leaves " + exit.words + ": leave it so.", "");
    }

    private Finding closed(int number, Space space) {
        return switch (space.greaseFeed()) {
            case AUTOMATIC ->
                finding(
                        number,
                        FAIL,
                        "The feed goes on and nothing lets old grease out: its pressure moves a seal or turns a lip "
                                + "over.",
                        "Turn one lip so that it opens, or a relief or drain port.");
            case GUN ->
                finding(
                        number,
                        CAUTION,
                        "Nothing lets old grease out. Two schools: both lips inward and few strokes, which holds "
                                + "grease best; or one lip turned, which stands over-filling.",
                        "Turn the lip towards the dirt; else tag the fitting with the strokes that are allowed.");
            default ->
                finding(
                        number,
                        PASS,
                        "Metered shots"
                                + (space.amountMl() == null ? "" : " of " + Length.show(space.amountMl(), 1) + " mL")
                                + " need no way out.",
                        "");
        };
    }

    private List<Exit> exits(int number) {
        List<Exit> out = new ArrayList<>();
        Port port = port(number);
        if (port != null) {
            String kind = port.kind() == Port.Kind.RELIEF ? "relief" : "drain";
            out.add(new Exit("by the " + kind + " port", Goes.OUT, null));
        }
        if (section.spaces().get(number).vented()) {
            out.add(new Exit("by the vent", Goes.OUT, null));
        }
        past(number, Side.OUT, out);
        past(number, Side.IN, out);
        return out;
    }

    /** The way past the lip at one side, if that lip has its back to the grease. */
    private void past(int number, Side side, List<Exit> out) {
        int at = side == Side.OUT ? number - 1 : number;
        if (at < 0
                || at >= parts.sealing().size()
                || !(parts.sealing().get(at) instanceof Seal s)
                || s.mainLip() != side) {
            return;
        }
        int next = side == Side.OUT ? number - 1 : number + 1;
        Space space = section.spaces().get(next);
        String words = "past the turned " + (side == Side.OUT ? "outer" : "inner") + " lip";
        if (next == section.spaces().size() - 1) {
            boolean allowed = port(next) != null || space.mayTakeGrease() != null;
            out.add(new Exit(words, allowed ? Goes.ALLOWED : Goes.MACHINE, space));
        } else if (next == 0) {
            boolean air = space.medium() == Medium.AIR || space.medium() == Medium.VACUUM;
            out.add(new Exit(words, air && !space.holdsLiquid() ? Goes.OUT : Goes.MEDIUM, space));
        } else if (space.vented() || port(next) != null) {
            out.add(new Exit(words, Goes.OUT, space));
        } else if (space.nobodySaid()) {
            return; // no way out that anybody knows
        } else if (space.medium() != Medium.AIR && space.medium() != Medium.GREASE && space.medium() != Medium.VACUUM) {
            out.add(new Exit(words, Goes.MEDIUM, space));
        } else {
            past(next, side, out); // a closed space keeps none of it: what counts is where it goes from there
        }
    }

    /** A port that lets grease out of a space; absent where there is none. */
    private @Nullable Port port(int space) {
        return parts.items(Port.class)
                .filter(p -> (p.kind() == Port.Kind.RELIEF || p.kind() == Port.Kind.DRAIN)
                        && parts.spaceAt((p.fromMm() + p.toMm()) / 2) == space)
                .findFirst()
                .orElse(null);
    }

    /** A dust lip that faces fed grease holds it back. */
    private void dustLip(int number, List<Finding> out) {
        parts.seals().stream()
                .filter(s -> s.dustLip() != null && parts.spaceNumber(s, s.dustLip()) == number)
                .forEach(s -> out.add(SectionFinding.direction(
                        "D5",
                        CAUTION,
                        SUBJECT,
                        "A dust lip faces the grease: it holds it back and wears.",
                        "A seal without dust lip on that side.",
                        s.id())));
    }

    private boolean sealedBearing(int number) {
        return parts.items(BoreItem.Bearing.class)
                .anyMatch(b -> Boolean.TRUE.equals(b.sealed()) && parts.spaceAt(b.fromMm()) == number);
    }

    private static Finding finding(int number, Status status, String message, String remedy) {
        return SectionFinding.direction("D5", status, SUBJECT, message, remedy, "space" + number);
    }
}
