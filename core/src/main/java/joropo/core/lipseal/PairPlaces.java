package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.GreaseFeed;
import joropo.core.section.Level;
import joropo.core.section.Space;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

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
                .insideDiameterMm(inner.insideDiameterMm())
                .caseType(inner.caseType())
                .mainLip(
                        layout == Layout.TANDEM
                                ? inner.mainLip()
                                : inner.mainLip().other())
                .build();
    }

    /**
     * What nobody has said of the room between two seals of an entry, each absent while unsaid; empty where all is
     * said. Air and vacuum have no level, only grease is fed.
     */
    public static Optional<Finding> betweenUnsaid(
            @Nullable Medium medium, @Nullable Level level, @Nullable GreaseFeed feed) {
        List<String> assumed = new ArrayList<>();
        if (level == null && medium != Medium.AIR && medium != Medium.VACUUM) {
            assumed.add("splashed");
        }
        if (feed == null && medium == Medium.GREASE) {
            assumed.add("not fed");
        }
        String words = medium == null
                ? "Nobody has said what lies there."
                : "What lies there is not all known; assumed: " + String.join(", ", assumed) + ".";
        return medium != null && assumed.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.missing(
                        "between",
                        "room to the next seal inward",
                        words,
                        "Say medium, level and feed: a dry room burns a lip, fed grease needs a way out."));
    }

    /** Seals of the section that no item of the job stands for. @param count how many */
    public static Finding withoutItem(int count) {
        return Finding.missing(
                "no-item",
                "seals of the section against the job",
                (count == 1 ? "One seal" : count + " seals")
                        + " of the section has no sheet of its own: its size, depth and batch are not read.",
                "Add it to the job.");
    }

    /** A pair that comes as one is put in with grease between its two, a third to a half. */
    public static Space between() {
        return new Space(Medium.GREASE, null, null, Level.PARTIAL);
    }
}
