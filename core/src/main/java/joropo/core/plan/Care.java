package joropo.core.plan;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a position says of itself that wants its caution at each step it touches (guide; local codes come first). */
public enum Care {
    LICENSED(
            "refrigerant, fuel gas, ammonia, toxic or pressure equipment",
            Map.of(
                    "strip-open",
                    "Licensed or authorised people only, with the record that the law asks for; nothing is let off "
                            + "into "
                            + "the air.",
                    "fill",
                    "Filled and proved tight by licensed people; no leak is acceptable.",
                    "run",
                    "Licensed people only start it.")),
    SAFETY_CRITICAL(
            "brake, wheel, steering, aircraft, lift or passengers",
            Map.of(
                    "strip-open",
                    "Trained and authorised people only, with the maker's manual beside them.",
                    "parts",
                    "Only the maker's part: no substitute.",
                    "run",
                    "A second authorised person looks before anybody rides on it.")),
    FOOD(
            "food or drinking water",
            Map.of(
                    "strip-open",
                    "The product is shut off and taken away first; nothing drops into it.",
                    "clean",
                    "Only cleaners and cloths that the food plant allows.",
                    "lip",
                    "Lubricant of food grade only, its sheet kept.",
                    "run",
                    "Flushed and released by the plant before product runs.")),
    COUNTERSIGNED("a lead countersigns what is signed here", Map.of());

    private final String words;
    private final Map<String, String> cautions;

    Care(String words, Map<String, String> cautions) {
        this.words = words;
        this.cautions = cautions;
    }

    public String words() {
        return words;
    }

    /** @param codes parted by blanks; what is none is left out */
    public static Set<Care> parse(String codes) {
        return Arrays.stream(values())
                .filter(c -> List.of(codes.split(" ")).contains(c.name()))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Care.class)));
    }

    /** Codes parted by blanks, in their order. */
    public static String codes(Set<Care> cares) {
        return cares.stream().sorted().map(Care::name).collect(Collectors.joining(" "));
    }

    /** Codes in words. */
    public static String words(String codes) {
        return parse(codes).stream().map(Care::words).collect(Collectors.joining("; "));
    }

    /** The same steps, each with the cautions that belong to it. */
    public static List<Step> with(Collection<Care> cares, List<Step> steps) {
        return steps.stream()
                .map(s -> s.withCaution(Stream.concat(
                                Stream.of(s.caution()),
                                cares.stream().sorted().map(c -> c.cautions.getOrDefault(s.rule(), "")))
                        .filter(c -> !c.isEmpty())
                        .collect(Collectors.joining(" "))))
                .toList();
    }
}
