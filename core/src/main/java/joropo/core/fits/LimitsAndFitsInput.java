package joropo.core.fits;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** A nominal size (mm) with a hole class, a shaft class or both. */
public record LimitsAndFitsInput(
        Double sizeMm, @Nullable String holeClass, @Nullable String shaftClass) {
    public LimitsAndFitsInput {
        new Needs()
                .size("sizeMm", sizeMm)
                .that("holeClass", holeClass != null || shaftClass != null, "or shaftClass is needed, one at least")
                .done();
    }
}
