package joropo.core.lipseal;

import java.util.List;
import joropo.core.material.Dirt;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.shaft.Side;

/** How the lips of a seal, or of a pair of seals, are arranged. */
public enum Layout {
    PLAIN("plain lip"),
    DUST_LIP("lip with dust lip"),
    TANDEM("two in tandem"),
    BACK_TO_BACK("two back to back"),
    PRESSURE("short stiff lip for pressure"),
    PTFE("PTFE lip"),
    CASSETTE("cassette with its own sleeve");

    private static final List<Layout> CLEAN = List.of(PLAIN, DUST_LIP, CASSETTE, BACK_TO_BACK, TANDEM, PRESSURE, PTFE);
    private static final List<Layout> DUST = List.of(DUST_LIP, CASSETTE, PLAIN, BACK_TO_BACK, TANDEM, PRESSURE, PTFE);
    private static final List<Layout> MUD = List.of(BACK_TO_BACK, CASSETTE, DUST_LIP, TANDEM, PRESSURE, PTFE, PLAIN);

    private final String words;

    Layout(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** How the lips of a section are arranged, by its innermost seal. */
    public static Layout of(Section section) {
        BoreItem.Seal seal = section.seal();
        if (section.seals().size() > 1) {
            return section.seals().get(0).mainLip() == seal.mainLip() ? TANDEM : BACK_TO_BACK;
        }
        return of(seal);
    }

    /** What a seal is by itself. */
    public static Layout of(BoreItem.Seal seal) {
        return switch (seal.profile()) {
            case PRESSURE -> PRESSURE;
            case PTFE -> PTFE;
            case CASSETTE -> CASSETTE;
            case STANDARD -> seal.dustLip() == Side.OUT ? DUST_LIP : PLAIN;
        };
    }

    /** Whether two seals stand behind each other. */
    public boolean isPair() {
        return this == TANDEM || this == BACK_TO_BACK;
    }

    /** Whether a light lip without spring faces the dirt outside. */
    public boolean hasDustLip() {
        return this == DUST_LIP || this == CASSETTE;
    }

    /** The layouts in the order in which they are wished for against this dirt (guide). */
    static List<Layout> orderFor(Dirt dirt) {
        return switch (dirt) {
            case CLEAN -> CLEAN;
            case DUST -> DUST;
            case MUD, IMMERSED -> MUD;
        };
    }
}
