package joropo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.Arrays;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingSort;
import joropo.core.shaft.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.xml.sax.InputSource;

/** Joint, chart and field of rings: well formed, everything that is known is on them, nothing before. */
class RingDrawingsTest {
    private static void wellFormed(String svg) throws Exception {
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        assertThat(svg).doesNotContain("NaN").doesNotContain("Infinity");
    }

    private static JointDrawingRingBuilder ring(RingSort sort, Gland gland, boolean moving) {
        return JointDrawingRingBuilder.builder()
                .seal("ring-" + sort + gland + moving)
                .name(sort.words())
                .sort(sort)
                .gland(gland)
                .moving(moving)
                .counterMm(gland == Gland.ROD ? 40.0 : 60.0)
                .grooveMm(gland == Gland.ROD ? 46.0 : 54.0)
                .widthMm(4.8);
    }

    @ParameterizedTest
    @EnumSource(Gland.class)
    void everySortIsDrawnInEveryGland(Gland gland) throws Exception {
        for (boolean moving : new boolean[] {true, false}) {
            List<JointDrawing.Ring> rings = Arrays.stream(RingSort.values())
                    .map(s -> ring(s, gland, moving).faces(Side.IN).build())
                    .toList();
            String svg = JointDrawing.of(rings, Side.IN, true, "x-").orElseThrow();
            wellFormed(svg);
            assertThat(svg.split("data-seal=", -1)).hasSize(rings.size() + 1);
            assertThat(svg).contains(">" + rings.size() + "</text>");
        }
    }

    @Test
    void aLipIsOpenToTheSideThatItFaces() {
        JointDrawing.Ring cup =
                ring(RingSort.U_CUP, Gland.ROD, true).faces(Side.IN).build();
        JointDrawing.Ring turned =
                ring(RingSort.U_CUP, Gland.ROD, true).faces(Side.OUT).build();
        JointDrawing.Ring unknown = ring(RingSort.U_CUP, Gland.ROD, true).build();
        assertThat(List.of(cup, turned, unknown))
                .extracting(
                        r -> JointDrawing.of(List.of(r), Side.IN, false, "x-").orElseThrow())
                .doesNotHaveDuplicates();
    }

    @Test
    void nothingIsDrawnBeforeADiameterIsKnown() throws Exception {
        JointDrawing.Ring bare = ring(RingSort.O_RING, Gland.PISTON, false)
                .counterMm(null)
                .grooveMm(null)
                .build();
        assertThat(JointDrawing.of(List.of(bare), null, false, "x-")).isEmpty();
        JointDrawing.Ring some = ring(RingSort.WIPER, Gland.ROD, true)
                .grooveMm(null)
                .widthMm(null)
                .build();
        wellFormed(JointDrawing.of(List.of(bare, some), null, false, "x-").orElseThrow());
    }

    @Test
    void squeezeAndFillAreDrawnFromTheColdestToTheHottest() throws Exception {
        OringGlandInputBuilder gland = OringGlandInputBuilder.builder()
                .gland(Gland.PISTON)
                .motion(RingMotion.STATIC)
                .counterDiameterMm(60.0)
                .grooveDiameterMm(54.36)
                .grooveWidthMm(4.8)
                .ring("227")
                .material("NBR")
                .fluid("HLP_OIL")
                .coldestC(-20.0)
                .hottestC(90.0);
        OringGlandInput in = gland.build();
        assertThat(OringGlandCheck.overTemperature(in))
                .hasSize(13)
                .isSortedAccordingTo((a, b) -> Double.compare(a.squeezePercent(), b.squeezePercent()))
                .first()
                .satisfies(at -> assertThat(at.temperatureC()).isEqualTo(-20));
        String svg = TemperatureChart.of(OringGlandCheck.overTemperature(in), OringGlandCheck.check(in, 0), "x-");
        wellFormed(svg);
        assertThat(svg).contains("coldest -20 °C", "hottest 90 °C");
        OringGlandInput cold = gland.hottestC(null).build();
        assertThat(TemperatureChart.of(OringGlandCheck.overTemperature(cold), OringGlandCheck.check(cold, 0), "x-"))
                .isEmpty();
    }

    @Test
    void aFoundRingStandsAmongTheListedOnes() throws Exception {
        var found = new OringSizeInput.Measured(54.5, 3.42);
        var result = OringSizeCheck.check(
                OringSizeInputBuilder.builder().measured(found).build());
        String svg = FoundRingField.of(found, result, "x-");
        wellFormed(svg);
        assertThat(svg).contains(">227</text>").doesNotContain(">226</text>");
        wellFormed(FoundRingField.of(
                new OringSizeInput.Measured(5000.0, 90.0),
                OringSizeCheck.check(OringSizeInputBuilder.builder()
                        .measured(new OringSizeInput.Measured(5000.0, 90.0))
                        .build()),
                "x-"));
    }
}
