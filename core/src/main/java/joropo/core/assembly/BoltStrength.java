package joropo.core.assembly;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.tables.CsvTable;
import joropo.core.units.Length;

/**
 * Torque of a bolt by its class, where no figure is to be had (guide; {@code proof-loads.csv},
 * {@code proof-stress.csv}).
 */
final class BoltStrength {
    /** Nut factor of dry threads, and the share of the proof stress that is used. */
    private static final double NUT_FACTOR = 0.2;

    private static final double USED = 0.75;

    private record Thread(String size, double pitchMm, double areaMm2) {
        Thread(CsvTable.Row row) {
            this(row.text("size"), row.number("pitch_mm"), row.number("stress_area_mm2"));
        }
    }

    private record Proof(String boltClass, double overMm, double toMm, double mpa) {
        Proof(CsvTable.Row row) {
            this(row.text("class"), row.number("over_mm"), row.number("to_mm"), row.number("proof_stress_mpa"));
        }
    }

    private static final List<Thread> THREADS = CsvTable.rows("proof-loads", Thread::new);
    private static final List<Proof> PROOFS = CsvTable.rows("proof-stress", Proof::new);
    private static final Pattern THREAD =
            Pattern.compile("[mM]\\s*(\\d+(?:\\.\\d+)?)(?:\\s*[xX×]\\s*(\\d+(?:[.,]\\d+)?))?");

    private BoltStrength() {}

    static boolean isThread(String thread) {
        return THREAD.matcher(thread.strip()).matches();
    }

    static boolean isClass(String boltClass) {
        return PROOFS.stream().anyMatch(p -> p.boltClass.equals(boltClass));
    }

    static List<String> classes() {
        return PROOFS.stream().map(Proof::boltClass).distinct().toList();
    }

    /** Torque for dry threads (N·m); empty where the thread is not one of the coarse ones of the table. */
    static Optional<Double> dryNm(String thread, String boltClass) {
        Matcher m = THREAD.matcher(thread.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        double d = Double.parseDouble(m.group(1));
        Double pitch = m.group(2) == null ? null : Double.valueOf(m.group(2).replace(',', '.'));
        return THREADS.stream()
                .filter(t -> t.size.equals("M" + Length.show(d, d == Math.rint(d) ? 0 : 1)))
                .filter(t -> pitch == null || Math.abs(pitch - t.pitchMm) < 1e-9)
                .findFirst()
                .flatMap(t -> PROOFS.stream()
                        .filter(p -> p.boltClass.equals(boltClass) && d > p.overMm && d <= p.toMm)
                        .findFirst()
                        .map(p -> Length.snap(NUT_FACTOR * USED * p.mpa * t.areaMm2 * d / 1000)));
    }
}
