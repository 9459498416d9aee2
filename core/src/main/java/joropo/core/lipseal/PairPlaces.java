package joropo.core.lipseal;

import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Space;

/** Where the second seal of a pair stands while nobody has arranged it, and what lies between the two (guide). */
public final class PairPlaces {
    private PairPlaces() {}

    /** The outer seal: flush with the mouth, so that what is left between the two is room for grease. */
    public static BoreItem.Seal outer(String id, BoreItem.Seal inner, Layout layout) {
        return BoreItemSealBuilder.builder()
                .id(id)
                .fromMm(Math.min(0, inner.fromMm() - inner.widthMm()))
                .widthMm(inner.widthMm())
                .outsideDiameterMm(inner.outsideDiameterMm())
                .caseType(inner.caseType())
                .mainLip(
                        layout == Layout.TANDEM
                                ? inner.mainLip()
                                : inner.mainLip().other())
                .build();
    }

    /** Grease is put between two seals, a third to a half. */
    public static Space between() {
        return new Space(Medium.GREASE, null, null, Level.PARTIAL);
    }
}
