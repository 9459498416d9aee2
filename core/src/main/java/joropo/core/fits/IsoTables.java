package joropo.core.fits;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;

/**
 * The tables of ISO 286 as they lie in the resources: grades, fundamental deviations, delta values (standard, ISO 286-1
 * and -2).
 */
final class IsoTables {
    /** Grades IT1 to IT16. */
    static final int FINEST = 1;

    static final int COARSEST = 16;

    /** What is added to the written deviation. */
    enum Add {
        NONE,
        DELTA,
        HALF_IT
    }

    /** Which end of the zone the fundamental deviation is. */
    enum End {
        UPPER,
        LOWER
    }

    /** Standard tolerances (µm) of one range of sizes, by grade. */
    record Grades(double overMm, double upToMm, Map<Integer, Double> um) {
        Grades(CsvTable.Row row) {
            this(
                    row.number("over_mm"),
                    row.number("up_to_mm"),
                    IntStream.rangeClosed(FINEST, COARSEST)
                            .boxed()
                            .collect(Collectors.toMap(Function.identity(), g -> row.number("IT" + g))));
            for (int g = FINEST; g < COARSEST; g++) {
                if (!(um.get(g) < um.get(g + 1))) {
                    throw new IllegalStateException(
                            "Table iso286-it-grades: IT" + (g + 1) + " over " + overMm + " mm does not exceed IT" + g);
                }
            }
        }
    }

    /** One fundamental deviation for a letter, a range of sizes and a range of grades. */
    record Fundamental(
            String letter, double overMm, double upToMm, End end, int gradeFrom, int gradeTo, double baseUm, Add add) {
        Fundamental(CsvTable.Row row) {
            this(
                    row.text("letter"),
                    row.number("over_mm"),
                    row.number("up_to_mm"),
                    row.text("kind").equalsIgnoreCase("es") ? End.UPPER : End.LOWER,
                    (int) row.number("grade_from"),
                    (int) row.number("grade_to"),
                    row.number("base_um"),
                    Add.valueOf(row.text("add").toUpperCase(Locale.ROOT)));
        }

        boolean covers(int grade) {
            return gradeFrom <= grade && grade <= gradeTo;
        }
    }

    private record Delta(double overMm, double upToMm, int grade, double um) {
        Delta(CsvTable.Row row) {
            this(row.number("over_mm"), row.number("up_to_mm"), (int) row.number("grade"), row.number("delta_um"));
        }
    }

    private static final Ranges<Grades> GRADES = new Ranges<>(
            "iso286-it-grades", CsvTable.rows("iso286-it-grades", Grades::new), Grades::overMm, Grades::upToMm);
    private static final Map<String, List<Fundamental>> SHAFTS = byLetter("iso286-shaft-deviations");
    private static final Map<String, List<Fundamental>> HOLES = byLetter("iso286-hole-deviations");
    private static final Map<Integer, Ranges<Delta>> DELTAS = deltas();

    private IsoTables() {}

    /** Standard tolerance (µm), empty outside the table. */
    static Optional<Double> toleranceUm(double nominalMm, int grade) {
        return GRADES.at(nominalMm).map(g -> g.um.get(grade));
    }

    static Optional<Fundamental> fundamental(boolean hole, String letter, double nominalMm, int grade) {
        return (hole ? HOLES : SHAFTS)
                .getOrDefault(letter, List.of()).stream()
                        .filter(f -> f.overMm < nominalMm && nominalMm <= f.upToMm && f.covers(grade))
                        .findFirst();
    }

    static double deltaUm(double nominalMm, int grade) {
        return Optional.ofNullable(DELTAS.get(grade))
                .flatMap(r -> r.at(nominalMm))
                .map(Delta::um)
                .orElseThrow(() -> new IllegalStateException(
                        "Table iso286-hole-delta has no grade " + grade + " at " + nominalMm + " mm"));
    }

    static List<Fundamental> all(boolean hole) {
        return (hole ? HOLES : SHAFTS).values().stream().flatMap(List::stream).toList();
    }

    private static Map<String, List<Fundamental>> byLetter(String table) {
        Map<String, List<Fundamental>> rows =
                CsvTable.rows(table, Fundamental::new).stream().collect(Collectors.groupingBy(Fundamental::letter));
        rows.forEach((letter, list) -> {
            for (int grade = FINEST; grade <= COARSEST; grade++) {
                int g = grade;
                List<Fundamental> one = list.stream()
                        .filter(f -> f.covers(g))
                        .sorted(Comparator.comparingDouble(Fundamental::overMm))
                        .collect(Collectors.toCollection(ArrayList::new));
                if (!one.isEmpty()) {
                    new Ranges<>(table + ", " + letter + grade, one, Fundamental::overMm, Fundamental::upToMm);
                }
            }
        });
        return rows;
    }

    private static Map<Integer, Ranges<Delta>> deltas() {
        return CsvTable.rows("iso286-hole-delta", Delta::new).stream()
                .collect(Collectors.groupingBy(
                        Delta::grade,
                        Collectors.collectingAndThen(
                                Collectors.toList(),
                                list -> new Ranges<>("iso286-hole-delta", list, Delta::overMm, Delta::upToMm))));
    }
}
