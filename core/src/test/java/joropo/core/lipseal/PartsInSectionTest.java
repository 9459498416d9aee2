package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import org.junit.jupiter.api.Test;

/** Which part of a job each part of an arranged section is. */
class PartsInSectionTest {
    private static Section section(Side sealEnters, String ringBefore) {
        return SectionBuilder.builder()
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(
                        new BoreItem.Ring("r1", 1.0, 2.2, 2.0, null, null, ringBefore),
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(4.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .mainLip(Side.IN)
                                .entersFrom(sealEnters)
                                .build(),
                        new BoreItem.Spacer("w1", 12.0, 2.0, null, null, null, sealEnters, null)))
                .build();
    }

    private static List<String> build(Section section) {
        Arrangement known = new Arrangement(
                List.of(
                        new Part("i1", PartKind.LIP_SEAL, "lip seal", 2, null, true),
                        new Part("o1", PartKind.RETAINING_RING, "ring", 1, null, true)),
                List.of(
                        new Fact<>("o1", Property.PLACE, 0.8, 0.3, Origin.STRIPPED, "off1-place"),
                        new Fact<>("i1", Property.PLACE, 4.0, 0.3, Origin.STRIPPED, "off2-place")));
        return known.and(new PartsInSection(known, section, Map.of("s1", "i1")).decided()).planned().build().stream()
                .map(Part::key)
                .toList();
    }

    /** The ring that came off is the section's ring; the washer was put in on the bench, inward of the seal. */
    @Test
    void theNearestOfItsKindIsTheOldOne() {
        assertThat(build(section(null, null))).containsExactly("n-w1", "i1", "o1");
    }

    /** From inside the seal goes in before the washer behind it, and a ring that is wished in first is first. */
    @Test
    void sidesAndWishesOfTheSectionCount() {
        assertThat(build(section(Side.IN, null))).containsSubsequence("i1", "n-w1");
        assertThat(build(section(null, "s1"))).containsExactly("n-w1", "o1", "i1");
    }
}
