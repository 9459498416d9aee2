package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.fits.DiameterInput;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * The machine at its seal chamber; mm, µm.
 *
 * @param shaftDiameterMm shaft or sleeve at the seal, @param chamberBoreMm of the chamber
 * @param runoutTirMm, @param faceSquarenessTirMm, @param concentricityTirMm whole readings
 * @param radialPlayMm lift of the shaft, @param axialPlayMm whole; each absent: not measured
 * @param uncertaintyMm of one reading, k = 2; absent: a dial indicator, with a caution
 * @param mount what of the seal sits on the shaft, @param raUm under it
 * @param shaft, @param seat as read, judged by the class that the seal asks for, whatever limits they name
 * @param chamferMm, @param chamferDeg over which elastomers pass
 */
@RecordBuilder
public record ChamberInput(
        Double shaftDiameterMm,
        Double chamberBoreMm,
        @Nullable Double runoutTirMm,
        @Nullable Double radialPlayMm,
        @Nullable Double axialPlayMm,
        @Nullable Double faceSquarenessTirMm,
        @Nullable Double concentricityTirMm,
        @Nullable Double uncertaintyMm,
        @Nullable Mount mount,
        @Nullable Double raUm,
        @Nullable DiameterInput shaft,
        @Nullable DiameterInput seat,
        @Nullable Double chamferMm,
        @Nullable Double chamferDeg) {
    /** What of the seal sits on the shaft. */
    public enum Mount {
        O_RING("an O-ring that moves"),
        WEDGE("a wedge"),
        BELLOWS("a bellows"),
        STATIC("an O-ring that lies still");

        private final String words;

        Mount(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public ChamberInput {
        new Needs()
                .size("shaftDiameterMm", shaftDiameterMm)
                .size("chamberBoreMm", chamberBoreMm)
                .that(
                        "chamberBoreMm",
                        shaftDiameterMm == null || chamberBoreMm == null || chamberBoreMm > shaftDiameterMm,
                        "must be above the shaft of " + shaftDiameterMm + ", got " + chamberBoreMm)
                .optionalNotNegative("runoutTirMm", runoutTirMm)
                .optionalNotNegative("radialPlayMm", radialPlayMm)
                .optionalNotNegative("axialPlayMm", axialPlayMm)
                .optionalNotNegative("faceSquarenessTirMm", faceSquarenessTirMm)
                .optionalNotNegative("concentricityTirMm", concentricityTirMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .optionalNotNegative("raUm", raUm)
                .that("shaft", shaft == null || shaft.part() == DiameterInput.Part.SHAFT, "must be a shaft")
                .that("seat", seat == null || seat.part() == DiameterInput.Part.BORE, "must be a bore")
                .optionalNotNegative("chamferMm", chamferMm)
                .optionalBetween("chamferDeg", chamferDeg, 0, 90)
                .done();
    }

    /** A swing or a play is the difference of two readings. */
    double swingU() {
        return 1.4 * (uncertaintyMm != null ? uncertaintyMm : Gauge.DIAL_INDICATOR.uncertaintyMm(1));
    }
}
