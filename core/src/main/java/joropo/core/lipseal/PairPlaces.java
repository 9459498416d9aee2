package joropo.core.lipseal;

import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Space;
import joropo.core.verdict.Finding;

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

    /** What lies between two seals of an entry while nobody has said it. */
    public static Finding betweenUnsaid() {
        return Finding.missing(
                "between",
                "room to the next seal inward",
                "Nobody has said what lies there: grease, a third to a half, is assumed.",
                "Say medium and level; what is not greased runs one lip dry.");
    }

    /** Grease is put between two seals, a third to a half. */
    public static Space between() {
        return new Space(Medium.GREASE, null, null, Level.PARTIAL);
    }
}
