package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.lipseal.Side;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Port;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Spaces that are fed with grease, and the outer seal of a pair, where fitters differ (D5, D10; guide). */
final class GreaseRules {
    private static final String GUIDE = "direction of seals";

    private final Entry entry;
    private final Section section;

    GreaseRules(Entry entry) {
        this.entry = entry;
        this.section = entry.section();
    }

    List<Finding> judge() {
        List<Finding> out = new ArrayList<>(fed());
        if (entry.sealing().size() == 2 && entry.seals().size() == 2) {
            out.add(d10());
        }
        return out;
    }

    /** Every space that is fed. */
    List<Finding> fed() {
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
            return finding(
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
                    finding(
                            "D5",
                            FAIL,
                            subject,
                            "The feed goes on and nothing lets old grease out: its pressure moves a seal or turns a "
                                    + "lip over.",
                            "Turn one lip so that it opens, or a relief or drain port.",
                            part);
                case GUN ->
                    finding(
                            "D5",
                            CAUTION,
                            subject,
                            "Nothing lets old grease out. Two schools: both lips inward and few strokes, which "
                                    + "holds grease best; or one lip turned, which stands over-filling.",
                            "Turn the lip towards the dirt; else tag the fitting with the strokes that are allowed.",
                            part);
                default ->
                    finding(
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
            return finding(
                    "D5",
                    CAUTION,
                    subject,
                    "Grease leaves into the " + exits.get(0).into().medium().words() + " only.",
                    "A way out to the air, or grease that the "
                            + exits.get(0).into().medium().words() + " stands.",
                    part);
        }
        if (dust != null) {
            return finding(
                    "D5",
                    CAUTION,
                    subject,
                    "A dust lip faces the grease: it holds it back and wears.",
                    "A seal without dust lip on that side.",
                    dust);
        }
        return finding("D5", PASS, subject, "Old grease leaves " + exits.get(0).words() + ": leave it so.", "", part);
    }

    private List<Exit> exits(int number) {
        List<Exit> out = new ArrayList<>();
        Sealing outer = number == 0 ? null : entry.sealing().get(number - 1);
        Sealing inner =
                number == entry.sealing().size() ? null : entry.sealing().get(number);
        if (outer instanceof Seal s && s.mainLip() == Side.OUT) {
            out.add(new Exit("past the turned outer lip", section.spaces().get(number - 1)));
        }
        if (inner instanceof Seal s && s.mainLip() == Side.IN) {
            out.add(new Exit("past the turned inner lip", section.spaces().get(number + 1)));
        }
        if (section.spaces().get(number).vented()) {
            out.add(new Exit("by the vent", null));
        }
        entry.items(Port.class)
                .filter(p -> entry.spaceAt((p.fromMm() + p.toMm()) / 2) == number
                        && (p.kind() == Port.Kind.RELIEF || p.kind() == Port.Kind.DRAIN))
                .findFirst()
                .ifPresent(p -> out.add(
                        new Exit("by the " + (p.kind() == Port.Kind.RELIEF ? "relief" : "drain") + " port", null)));
        return out;
    }

    /** The seal whose dust lip faces this space; absent where none does. */
    private @Nullable String dustLipTowards(int number) {
        return entry.seals().stream()
                .filter(s -> s.dustLip() != null && entry.spaceNumber(s, s.dustLip()) == number)
                .map(Seal::id)
                .findFirst()
                .orElse(null);
    }

    private boolean sealedBearing(int number) {
        return entry.items(BoreItem.Bearing.class)
                .anyMatch(b -> Boolean.TRUE.equals(b.sealed()) && entry.spaceAt(b.fromMm()) == number);
    }

    /**
     * The outer seal of a pair as it stands and turned, judged by the same rules; outward is the usual one where
     * outside is not clean.
     */
    private Finding d10() {
        Seal outer = entry.seals().get(0);
        Status asIs = Schools.worst(Schools.direction(section));
        Status turned = Schools.worst(Schools.direction(section.replacing(outer, outer.turned())));
        boolean clean = section.outside().dirt() == Dirt.CLEAN;
        Side usual = clean ? Side.IN : Side.OUT;
        Side better = asIs.compareTo(turned) > 0
                ? outer.mainLip()
                : turned.compareTo(asIs) > 0 ? outer.mainLip().other() : usual;
        boolean follows = outer.mainLip() == better;
        String words = "Outward it keeps dirt out, inward it is a second stop for what is inside. Judged as it stands: "
                + words(asIs) + "; turned: " + words(turned) + ".";
        return finding(
                "D10",
                follows ? PASS : CAUTION,
                "outer seal of the pair",
                words,
                follows ? "" : "The usual choice here is " + better.words() + ": write down why it is as it is.",
                outer.id());
    }

    private static String words(Status status) {
        return switch (status) {
            case PASS -> "holds";
            case FAIL -> "does not hold";
            default -> "with a caution";
        };
    }

    private static Finding finding(
            String id, Status status, String subject, String message, String remedy, @Nullable String part) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE)
                .withPart(part);
    }
}
