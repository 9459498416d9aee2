package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.fits.DiameterInput;
import joropo.core.section.CaseType;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * How tight a seal's case sits in its bore, cold and hot.
 *
 * @param boreNominalMm nominal bore of the seal, @param bore the bore as read; absent: H8 about the nominal
 * @param practice absent: ISO
 * @param outsideMinMm, @param outsideMaxMm outside of the seal as its maker says or as measured, in place of the
 *     table's allowances
 * @param housingMaterial code of the expansion table; absent: the hot figure is MISSING
 * @param makerDocument where the outside is written; absent: what was typed is unproved
 * @param hotC temperature of housing and case in work (°C); absent: judged cold only
 */
@RecordBuilder
public record PressFitInput(
        Double boreNominalMm,
        CaseType caseType,
        SealSystem system,
        @Nullable Practice practice,
        @Nullable DiameterInput bore,
        @Nullable Double outsideMinMm,
        @Nullable Double outsideMaxMm,
        @Nullable String housingMaterial,
        @Nullable Double hotC,
        @Nullable String makerDocument) {
    public PressFitInput {
        new Needs()
                .size("boreNominalMm", boreNominalMm)
                .given("caseType", caseType)
                .given("system", system)
                .that("bore", bore == null || bore.part() == DiameterInput.Part.BORE, "must be a bore")
                .that(
                        "outsideMaxMm",
                        (outsideMinMm == null) == (outsideMaxMm == null),
                        "and outsideMinMm belong together")
                .done();
    }
}
