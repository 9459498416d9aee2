package joropo.core.lipseal;

import joropo.core.fits.DiameterInput;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * How tight a seal's case sits in its bore, cold.
 * @param boreNominalMm nominal bore of the seal, @param bore the bore as read; absent: H8 about the nominal
 * @param practice absent: ISO
 */
public record PressFitInput(Double boreNominalMm, CaseType caseType, SealSystem system, @Nullable Practice practice, @Nullable DiameterInput bore) {
    public PressFitInput {
        new Needs().size("boreNominalMm", boreNominalMm).given("caseType", caseType).given("system", system)
                .that("bore", bore == null || bore.part() == DiameterInput.Part.BORE, "must be a bore").done();
    }
}
