package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Port;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** Spaces that are fed with grease (D5; guide). */
final class GreaseRules {
    private final ArrangedParts parts;
    private final Section section;

    GreaseRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    /** Every space that is fed. */
    List<Finding> judge() {
        return IntStream.range(0, section.spaces().size())
                .filter(i -> section.spaces().get(i).isFed())
                .mapToObj(this::d5)
                .toList();
    }

    /** One way for grease to leave a space. @param into space it leaves into, absent: out of the machine */
    private record Exit(String words, @Nullable Space into) {
        boolean intoAnother() {
            return into != null && into.medium() != Medium.AIR && into.medium() != Medium.GREASE;
        }
    }

    private Finding d5(int number) {
        Space space = section.spaces().get(number);
        String subject = "grease that is fed in";
        String part = "space" + number;
        List<Exit> exits = exits(number);
        String dust = dustLipTowards(number);
        if (sealedBearing(number)) {
            return SectionFinding.direction(
                    "D5",
                    CAUTION,
                    subject,
                    "The bearing in this space is sealed for life: grease pumped in only presses on the seals.",
                    "Close the fitting and tag it.",
                    part);
        }
        if (exits.isEmpty()) {
            return switch (space.greaseFeed()) {
                case AUTOMATIC ->
                    SectionFinding.direction(
                            "D5",
                            FAIL,
                            subject,
                            "The feed goes on and nothing lets old grease out: its pressure moves a seal or turns a "
                                    + "lip over.",
                            "Turn one lip so that it opens, or a relief or drain port.",
                            part);
                case GUN ->
                    SectionFinding.direction(
                            "D5",
                            CAUTION,
                            subject,
                            "Nothing lets old grease out. Two schools: both lips inward and few strokes, which "
                                    + "holds grease best; or one lip turned, which stands over-filling.",
                            "Turn the lip towards the dirt; else tag the fitting with the strokes that are allowed.",
                            part);
                default ->
                    SectionFinding.direction(
                            "D5",
                            PASS,
                            subject,
                            "Metered shots"
                                    + (space.amountMl() == null
                                            ? ""
                                            : " of " + Length.show(space.amountMl(), 1) + " mL")
                                    + " need no way out.",
                            "",
                            part);
            };
        }
        if (exits.stream().allMatch(Exit::intoAnother)) {
            return SectionFinding.direction(
                    "D5",
                    CAUTION,
                    subject,
                    "Grease leaves into the " + exits.get(0).into().medium().words() + " only.",
                    "A way out to the air, or grease that the "
                            + exits.get(0).into().medium().words() + " stands.",
                    part);
        }
        if (dust != null) {
            return SectionFinding.direction(
                    "D5",
                    CAUTION,
                    subject,
                    "A dust lip faces the grease: it holds it back and wears.",
                    "A seal without dust lip on that side.",
                    dust);
        }
        return SectionFinding.direction(
                "D5", PASS, subject, "Old grease leaves " + exits.get(0).words() + ": leave it so.", "", part);
    }

    private List<Exit> exits(int number) {
        List<Exit> out = new ArrayList<>();
        Sealing outer = number == 0 ? null : parts.sealing().get(number - 1);
        Sealing inner =
                number == parts.sealing().size() ? null : parts.sealing().get(number);
        if (outer instanceof Seal s && s.mainLip() == Side.OUT) {
            out.add(new Exit("past the turned outer lip", section.spaces().get(number - 1)));
        }
        if (inner instanceof Seal s && s.mainLip() == Side.IN) {
            out.add(new Exit("past the turned inner lip", section.spaces().get(number + 1)));
        }
        if (section.spaces().get(number).vented()) {
            out.add(new Exit("by the vent", null));
        }
        parts.items(Port.class)
                .filter(p -> parts.spaceAt((p.fromMm() + p.toMm()) / 2) == number
                        && (p.kind() == Port.Kind.RELIEF || p.kind() == Port.Kind.DRAIN))
                .findFirst()
                .ifPresent(p -> out.add(
                        new Exit("by the " + (p.kind() == Port.Kind.RELIEF ? "relief" : "drain") + " port", null)));
        return out;
    }

    /** The seal whose dust lip faces this space; absent where none does. */
    private @Nullable String dustLipTowards(int number) {
        return parts.seals().stream()
                .filter(s -> s.dustLip() != null && parts.spaceNumber(s, s.dustLip()) == number)
                .map(Seal::id)
                .findFirst()
                .orElse(null);
    }

    private boolean sealedBearing(int number) {
        return parts.items(BoreItem.Bearing.class)
                .anyMatch(b -> Boolean.TRUE.equals(b.sealed()) && parts.spaceAt(b.fromMm()) == number);
    }
}
