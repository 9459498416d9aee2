package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * The narrow face of a mechanical seal and what presses it; mm, MPa, N.
 *
 * @param balanceMm diameter on which the pressure acts, @param pressureOn where it stands, @param pressureMpa over the
 *     other side, @param springForceN at working length
 * @param k share of the pressure that opens the faces; absent: both usual ones are tried
 * @param friction of the pair; absent: 0.07
 */
@RecordBuilder
public record SealFacesInput(
        Double outerMm,
        Double innerMm,
        Double balanceMm,
        PressureOn pressureOn,
        Double pressureMpa,
        Double springForceN,
        Double speedRpm,
        @Nullable Double k,
        @Nullable Double friction) {
    private static final double MOST_MPA = 100;
    private static final double MOST_N = 1_000_000;
    private static final double FASTEST_RPM = 60_000;

    /** Where the pressure stands. */
    public enum PressureOn {
        OUTSIDE("outside the faces"),
        INSIDE("inside the faces");

        private final String words;

        PressureOn(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public SealFacesInput {
        new Needs()
                .size("outerMm", outerMm)
                .size("innerMm", innerMm)
                .that(
                        "innerMm",
                        outerMm == null || innerMm == null || innerMm < outerMm,
                        "must be below the outer diameter of " + outerMm + ", got " + innerMm)
                .size("balanceMm", balanceMm)
                .given("pressureOn", pressureOn)
                .given("pressureMpa", pressureMpa)
                .optionalBetween("pressureMpa", pressureMpa, 0, MOST_MPA)
                .given("springForceN", springForceN)
                .optionalBetween("springForceN", springForceN, 0, MOST_N)
                .given("speedRpm", speedRpm)
                .optionalBetween("speedRpm", speedRpm, 0, FASTEST_RPM)
                .optionalBetween("k", k, 0, 1)
                .optionalBetween("friction", friction, 0, 1)
                .done();
    }
}
