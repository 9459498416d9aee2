package joropo.core.removal;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.tables.CsvTable;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * How a surface is cleaned (guide, {@code cleaning.csv}).
 *
 * @param code key of the row, @param coarsest, @param finest empty where not meant, @param never what spoils it, empty
 *     when nothing special
 */
public record Cleaning(String code, String surface, String means, String coarsest, String finest, String never) {
    private static final List<Cleaning> ALL = CsvTable.rows(
            "cleaning",
            r -> new Cleaning(
                    r.text("code"),
                    r.text("surface"),
                    r.text("means"),
                    r.text("coarsest"),
                    r.text("finest"),
                    r.text("never")));

    public static List<Cleaning> all() {
        return ALL;
    }

    /** The row of a surface that there is, such as {@code BORE_SEAT}. */
    public static Cleaning of(String code) {
        return ALL.stream()
                .filter(c -> c.code.equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Table cleaning has no " + code));
    }

    /** Rows of the surfaces that parts of these kinds lie on or are near to, each once, in the order of the table. */
    public static List<Cleaning> of(Set<PartKind> there) {
        Set<String> codes = there.stream().flatMap(k -> codes(k).stream()).collect(Collectors.toSet());
        return ALL.stream().filter(c -> codes.contains(c.code)).toList();
    }

    private static List<String> codes(PartKind kind) {
        return switch (kind) {
            case LIP_SEAL, CHEVRON, PACKING -> List.of("BORE_SEAT", "RUNNING_SURFACE");
            case SLEEVE -> List.of("RUNNING_SURFACE");
            case RETAINING_RING -> List.of("RING_GROOVE");
            case O_RING -> List.of("RING_GROOVE", "BELLOWS_SEAT");
            case COVER -> List.of("OLD_SEALANT", "PAINTED_HOUSING");
            case GASKET, SEALANT -> List.of("OLD_SEALANT");
            case NUT, BOLT, STRETCH_BOLT, PLUG -> List.of("THREAD");
            case BEARING -> List.of("BEARING_NEAR");
            case MECHANICAL_SEAL, SEAT, ROTARY -> List.of("SEAL_FACE", "BELLOWS_SEAT");
            case BELLOWS, BOOT, HOSE -> List.of("OLD_SEALANT", "BELLOWS_SEAT");
            default -> List.of();
        };
    }

    /**
     * A solvent against each rubber that stays or that it touches: a doubtful one stays away (guide, fluid table).
     *
     * @param stays rubbers, none: not known
     */
    public static Finding solvent(Fluid solvent, Collection<Elastomer> stays) {
        String subject = "solvent against the rubber that stays";
        if (stays.isEmpty()) {
            return Finding.missing(
                    "solvent",
                    subject,
                    "Which rubber stays in, or is touched by the " + solvent.name() + ", is not known.",
                    "Name it, or keep the solvent away from all of it.");
        }
        List<String> unrated = stays.stream()
                .filter(e -> solvent.rating(e).isEmpty())
                .map(Elastomer::code)
                .toList();
        List<String> attacked = stays.stream()
                .filter(e -> solvent.rating(e).orElse(1) >= Fluid.DOUBTFUL)
                .map(Elastomer::code)
                .toList();
        if (!attacked.isEmpty()) {
            return Finding.of(
                    "solvent",
                    Status.FAIL,
                    subject,
                    solvent.name() + " attacks " + String.join(" and ", attacked) + ".",
                    "Another solvent, or that rubber out first.",
                    Source.GUIDE,
                    "fluid table");
        }
        return unrated.isEmpty()
                ? Finding.of(
                        "solvent",
                        Status.PASS,
                        subject,
                        String.join(" and ", stays.stream().map(Elastomer::code).toList()) + " stands it.",
                        "",
                        Source.GUIDE,
                        "fluid table")
                : Finding.missing(
                        "solvent",
                        subject,
                        String.join(" and ", unrated) + " has no rating in " + solvent.name() + ".",
                        "Try it on a scrap, or keep it away.");
    }

    /** The surface, then what to use on it. */
    public String words() {
        return surface.substring(0, 1).toUpperCase(Locale.ROOT) + surface.substring(1) + ": " + use();
    }

    /** What to use, then each prohibition with its own never. */
    public String use() {
        String use = means + ".";
        return never.isEmpty()
                ? use
                : use + " Never "
                        + Arrays.stream(never.split(";")).map(String::strip).collect(Collectors.joining(", and never "))
                        + ".";
    }
}
