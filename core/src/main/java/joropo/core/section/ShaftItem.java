package joropo.core.section;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** A feature of the shaft; x in mm from the datum face, positive into the machine. */
public sealed interface ShaftItem {
    /** The band that is ground for the lip. */
    record RunningSurface(Double fromMm, Double toMm) implements ShaftItem {
        public RunningSurface {
            new Needs().place("fromMm", fromMm).place("toMm", toMm)
                    .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm, got " + toMm).done();
        }
    }

    /** The track that an old lip has left. */
    record WearGroove(Double fromMm, Double toMm, @Nullable Double depthMm) implements ShaftItem {
        public WearGroove {
            new Needs().place("fromMm", fromMm).place("toMm", toMm).optionalNotNegative("depthMm", depthMm)
                    .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm, got " + toMm).done();
        }
    }
}
