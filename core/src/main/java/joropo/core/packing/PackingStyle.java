package joropo.core.packing;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A style of packing with what it stands (guide, {@code packing-styles.csv}); the maker's figures come first.
 *
 * @param turningMpa pressure where the shaft turns, @param valveMpa where it is turned by hand only; each absent where
 *     the style is not made for that
 * @param phFrom, @param phTo absent where the table says nothing, @param friction on the shaft
 * @param stressFromMpa, @param stressToMpa of the gland on a stem, of a chevron set on any shaft; absent: not listed
 */
public record PackingStyle(
        String key,
        String name,
        double mostMPerS,
        @Nullable Double turningMpa,
        @Nullable Double valveMpa,
        double mostC,
        @Nullable Double phFrom,
        @Nullable Double phTo,
        double friction,
        @Nullable Double stressFromMpa,
        @Nullable Double stressToMpa,
        String note) {
    private static final List<PackingStyle> ALL = CsvTable.rows("packing-styles", PackingStyle::read);
    /** Fibres that wear a soft sleeve. */
    private static final Set<String> HARD_FIBRES = Set.of("ARAMID", "CARBON_FIBRE");

    /** Pattern of its name where no longer one of another style ends with it. */
    String said() {
        String own = name.toLowerCase(Locale.ROOT);
        String longer = ALL.stream()
                .map(s -> s.name.toLowerCase(Locale.ROOT))
                .filter(n -> n.endsWith(own) && !n.equals(own))
                .map(n -> "(?<!" + Pattern.quote(n.substring(0, n.length() - own.length())) + ")")
                .collect(Collectors.joining());
        return longer + Pattern.quote(own);
    }

    /** Pattern of the names of all others. */
    String othersSaid() {
        return ALL.stream()
                .filter(s -> !s.key.equals(key))
                .map(PackingStyle::said)
                .collect(Collectors.joining("|"));
    }

    public static List<PackingStyle> all() {
        return ALL;
    }

    public static Optional<PackingStyle> of(String key) {
        return ALL.stream().filter(s -> s.key.equals(key)).findFirst();
    }

    /** One that would do. @param worst of what is said of it */
    public record Offer(PackingStyle style, Status worst) {}

    /** Those that stand the duty of a box, the best first. */
    public static List<Offer> offers(PackingInput box) {
        return ALL.stream()
                .filter(s -> !s.isChevron())
                .map(s -> new Offer(
                        s,
                        Finding.worst(new StyleRules(PackingInputBuilder.builder(box)
                                        .style(s.key)
                                        .build())
                                .findings())))
                .filter(o -> o.worst() != Status.FAIL)
                .sorted(Comparator.comparing(Offer::worst).reversed())
                .toList();
    }

    /** @throws RefusedInput at this field when the table has no such style */
    static PackingStyle need(String key, String field) {
        return of(key).orElseThrow(() -> new RefusedInput(field, "'" + key + "' is no style of the table"));
    }

    static boolean isKnown(@Nullable String key) {
        return key == null || of(key).isPresent();
    }

    /** Whether the pressure spreads it: a set of V rings. */
    public boolean isChevron() {
        return key.startsWith("CHEVRON");
    }

    boolean hasHardFibres() {
        return HARD_FIBRES.contains(key);
    }

    /** The column of its sealing material in the table of fluids; empty where it has none there. */
    Optional<String> material() {
        return key.contains("PTFE") ? Optional.of("PTFE") : Optional.empty();
    }

    private static PackingStyle read(CsvTable.Row row) {
        return new PackingStyle(
                row.text("key"),
                row.text("name"),
                row.number("v_max_m_s"),
                optional(row, "p_max_rotary_mpa"),
                optional(row, "p_max_valve_mpa"),
                row.number("t_max_c"),
                optional(row, "ph_from"),
                optional(row, "ph_to"),
                row.number("friction"),
                optional(row, "valve_stress_from_mpa"),
                optional(row, "valve_stress_to_mpa"),
                row.text("note"));
    }

    private static @Nullable Double optional(CsvTable.Row row, String column) {
        return row.text(column).isEmpty() ? null : Double.valueOf(row.number(column));
    }
}
