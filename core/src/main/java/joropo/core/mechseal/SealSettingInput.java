package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A component seal and where it is set, from the chamber's face inward; mm.
 *
 * @param seatProtrusionMm how far the seat's face stands inward of the gland's mounting surface, negative: outward
 * @param gasketMm as compressed, 0 only where it is confined; absent: not known
 * @param workingLengthMm from the face to the back of the unit, @param freeLengthMm the same, not pressed
 * @param rotorMoveMm by which the rotor is moved afterwards, + inward; absent: not known
 * @param axialPlayMm whole, @param growthMm when warm, + where the unit moves inward; each absent: not known
 * @param rotorAt where the rotor stood in its play; absent: in the middle
 * @param measuredMm where the back of the unit stands, @param uncertaintyMm of that, k = 2; absent: a caliper's depth
 *     rod
 * @param toleranceMm the maker's, either way; absent: by the style
 * @param springTightens whether turning the shaft its way winds the spring tighter, @param coilDrives whether the coil
 *     of a bellows drives it
 * @param oldScribeMm where the old unit's scribe line was, on the same shaft
 */
@RecordBuilder
public record SealSettingInput(
        Double seatProtrusionMm,
        @Nullable Double gasketMm,
        Double workingLengthMm,
        @Nullable Double freeLengthMm,
        @Nullable Double rotorMoveMm,
        @Nullable Double axialPlayMm,
        @Nullable Double growthMm,
        @Nullable RotorAt rotorAt,
        @Nullable Double measuredMm,
        @Nullable Double uncertaintyMm,
        Style style,
        @Nullable Double toleranceMm,
        @Nullable Boolean springTightens,
        @Nullable Boolean coilDrives,
        @Nullable Double oldScribeMm) {

    /** What presses the faces. */
    public enum Style {
        MULTI_SPRING(0.8, "several springs"),
        SINGLE_SPRING(0.5, "one coil spring"),
        BELLOWS(0.5, "bellows");

        private final double toleranceMm;
        private final String words;

        Style(double toleranceMm, String words) {
            this.toleranceMm = toleranceMm;
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where the rotor stood in its play while it was measured. */
    public enum RotorAt {
        MIDDLE("in the middle of its play"),
        IN("pushed in"),
        OUT("pulled out");

        private final String words;

        RotorAt(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public SealSettingInput {
        new Needs()
                .place("seatProtrusionMm", seatProtrusionMm)
                .optionalNotNegative("gasketMm", gasketMm)
                .size("workingLengthMm", workingLengthMm)
                .optionalSize("freeLengthMm", freeLengthMm)
                .that(
                        "workingLengthMm",
                        freeLengthMm == null || workingLengthMm == null || workingLengthMm < freeLengthMm,
                        "must be below the free length of " + freeLengthMm + ", got " + workingLengthMm)
                .optionalPlace("rotorMoveMm", rotorMoveMm)
                .optionalNotNegative("axialPlayMm", axialPlayMm)
                .optionalPlace("growthMm", growthMm)
                .optionalPlace("measuredMm", measuredMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .given("style", style)
                .optionalSize("toleranceMm", toleranceMm)
                .optionalPlace("oldScribeMm", oldScribeMm)
                .done();
    }

    double bandMm() {
        return toleranceMm == null ? style.toleranceMm : toleranceMm;
    }

    double placeU() {
        return uncertaintyMm != null
                ? uncertaintyMm
                : Gauge.CALIPER_DEPTH.uncertaintyMm(measuredMm == null ? 1 : Math.max(1, Math.abs(measuredMm)));
    }
}
