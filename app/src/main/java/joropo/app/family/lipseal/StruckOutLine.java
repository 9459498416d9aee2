package joropo.app.family.lipseal;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.section.CaseType;

/** Seals that may not be taken for one reason: each layout with its materials. */
public record StruckOutLine(String reason, String seals) {
    /**
     * One line a reason, in the order in which reasons come first; a case is named only where not every case is struck.
     */
    public static List<StruckOutLine> of(List<StruckOut> all) {
        Map<String, Map<Layout, Map<String, Set<CaseType>>>> byReason = new LinkedHashMap<>();
        for (StruckOut s : all) {
            byReason.computeIfAbsent(s.reason(), r -> new EnumMap<>(Layout.class))
                    .computeIfAbsent(s.layout(), l -> new LinkedHashMap<>())
                    .computeIfAbsent(s.material(), m -> new TreeSet<>())
                    .add(s.caseType());
        }
        return byReason.entrySet().stream()
                .map(e -> new StruckOutLine(
                        e.getKey(),
                        e.getValue().entrySet().stream()
                                .map(l -> l.getKey().words() + ": " + materials(l.getValue()))
                                .collect(Collectors.joining("; "))))
                .toList();
    }

    private static String materials(Map<String, Set<CaseType>> struck) {
        return struck.entrySet().stream()
                .map(m -> m.getKey()
                        + (m.getValue().size() == CaseType.values().length
                                ? ""
                                : " ("
                                        + m.getValue().stream()
                                                .map(CaseType::words)
                                                .collect(Collectors.joining(", ")) + ")"))
                .collect(Collectors.joining(", "));
    }
}
