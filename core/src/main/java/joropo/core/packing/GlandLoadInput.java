package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A gland that is tightened on its packing.
 *
 * @param torqueNm of each bolt, @param friction of its threads; absent: not known, both are judged
 * @param packedLengthMm of the rings, @param packing key of their style, @param pressureMpa above atmosphere
 * @param boltClass property class, such as 8.8, @param stem how a valve's stem moves; absent: the shaft of a pump
 */
@RecordBuilder
public record GlandLoadInput(
        Double shaftMm,
        Double boxBoreMm,
        Integer bolts,
        Double boltDiameterMm,
        Double torqueNm,
        @Nullable Friction friction,
        Double packedLengthMm,
        String packing,
        @Nullable Double pressureMpa,
        @Nullable String boltClass,
        @Nullable Stem stem) {
    /** Of the threads. */
    public enum Friction {
        DRY("dry", 0.2),
        LUBRICATED("lubricated", 0.15);

        private final String words;
        private final double nutFactor;

        Friction(String words, double nutFactor) {
            this.words = words;
            this.nutFactor = nutFactor;
        }

        public String words() {
            return words;
        }

        double nutFactor() {
            return nutFactor;
        }
    }

    /** How the stem of a valve moves. */
    public enum Stem {
        TURNING("turning"),
        RISING("rising");

        private final String words;

        Stem(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public GlandLoadInput {
        new Needs()
                .size("shaftMm", shaftMm)
                .size("boxBoreMm", boxBoreMm)
                .that(
                        "boxBoreMm",
                        shaftMm == null || boxBoreMm == null || boxBoreMm > shaftMm,
                        "must be above the shaft of " + shaftMm + ", got " + boxBoreMm)
                .given("bolts", bolts)
                .that("bolts", bolts == null || bolts >= 1 && bolts <= 96, "must be 1 to 96, got " + bolts)
                .size("boltDiameterMm", boltDiameterMm)
                .size("torqueNm", torqueNm)
                .size("packedLengthMm", packedLengthMm)
                .given("packing", packing)
                .that("packing", PackingStyle.isKnown(packing), "'" + packing + "' is no style of the table")
                .optionalBetween("pressureMpa", pressureMpa, -0.1, 200)
                .that(
                        "boltClass",
                        boltClass == null || TorquePlanInput.BOLT_CLASSES.contains(boltClass),
                        "'" + boltClass + "' is no class of the table")
                .done();
    }

    /** Of the ring of packing (mm²). */
    double areaMm2() {
        return Math.PI / 4 * (boxBoreMm * boxBoreMm - shaftMm * shaftMm);
    }
}
