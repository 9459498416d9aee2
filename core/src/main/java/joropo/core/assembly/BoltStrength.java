package joropo.core.assembly;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.tables.CsvTable;
import joropo.core.units.Length;

/**
 * What a bolt of a class stands, and its torque where no figure is to be had (guide; {@code proof-loads.csv},
 * {@code proof-stress.csv}).
 */
public final class BoltStrength {
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

    /** Stress area of a coarse thread of the table (mm²). @param diameterMm such as 12 */
    public static OptionalDouble areaMm2(double diameterMm) {
        return THREADS.stream()
                .filter(t -> t.size.equals(size(diameterMm)))
                .mapToDouble(Thread::areaMm2)
                .findFirst();
    }

    /** Proof stress by property class, such as 8.8 (MPa). */
    public static OptionalDouble proofMpa(String boltClass, double diameterMm) {
        return PROOFS.stream()
                .filter(p -> p.boltClass.equals(boltClass) && diameterMm > p.overMm && diameterMm <= p.toMm)
                .mapToDouble(Proof::mpa)
                .findFirst();
    }

    private static String size(double diameterMm) {
        return "M" + Length.show(diameterMm, diameterMm == Math.rint(diameterMm) ? 0 : 1);
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
                .filter(t -> t.size.equals(size(d)))
                .filter(t -> pitch == null || Math.abs(pitch - t.pitchMm) < 1e-9)
                .findFirst()
                .flatMap(t -> proofMpa(boltClass, d).stream()
                        .mapToObj(mpa -> Length.snap(NUT_FACTOR * USED * mpa * t.areaMm2 * d / 1000))
                        .findFirst());
    }
}
