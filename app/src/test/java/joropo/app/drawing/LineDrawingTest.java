package joropo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.lipseal.DriverInputBuilder;
import joropo.core.lipseal.DriverResult;
import joropo.core.section.SectionResult.Band;
import joropo.core.units.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.InputSource;

/**
 * Drawings of drivers and tracks: whole, well formed, every figure of the part on them, and files that name only what
 * is there.
 */
class LineDrawingTest {
    static Stream<DriverInput> drivers() {
        return Stream.of(
                driver(null, null, null, null, null),
                driver(null, 2.0, null, null, null),
                driver(1.5, null, null, null, null),
                driver(null, null, true, null, null),
                driver(null, 6.0, null, true, 30.0),
                driver(2.0, null, null, true, 12.0),
                driver(null, 1.0, null, true, null));
    }

    private static DriverInput driver(Double proud, Double sunk, Boolean flush, Boolean shaft, Double standsOut) {
        return DriverInputBuilder.builder()
                .shaftMm(45.0)
                .boreMm(62.0)
                .outsideDiameterMm(62.0)
                .proudMm(proud)
                .sunkMm(sunk)
                .flush(flush)
                .shaftInPlace(shaft)
                .standsOutMm(standsOut)
                .build();
    }

    @ParameterizedTest
    @MethodSource("drivers")
    void everyDiameterAndLengthOfThePartIsWritten(DriverInput in) throws Exception {
        DriverResult driver = DriverCheck.check(in);
        LineDrawing drawing = TurnedDrawing.of(driver.part(), List.of("Driver <45 & 62>"));
        List<String> written =
                drawing.texts().stream().map(x -> Mm.plain(x.words())).toList();
        Stream.concat(driver.part().outer().stream(), driver.part().inner().stream())
                .forEach(c ->
                        assertThat(written).contains("Ø " + Length.show(c.diameterMm(), 2), Length.show(c.toMm(), 2)));
        assertThat(drawing.circles())
                .extracting(LineDrawing.Circle::radius)
                .contains(driver.part().largestMm() / 2);
        wellFormed(drawing.svg("d-", "Driver"));
        assertThat(drawing.svg("d-", "Driver"))
                .contains("Driver &lt;45 &amp; 62&gt;")
                .doesNotContain("NaN");
    }

    /** Nothing that is drawn of the part lies beyond it, and the hatch stays within its walls. */
    @ParameterizedTest
    @MethodSource("drivers")
    void theHatchStaysInTheWalls(DriverInput in) {
        DriverResult driver = DriverCheck.check(in);
        double most = driver.part().largestMm() / 2;
        assertThat(TurnedDrawing.of(driver.part(), List.of()).lines())
                .filteredOn(l -> l.layer() == LineDrawing.Layer.HATCH)
                .isNotEmpty()
                .allSatisfy(l -> {
                    double x = (l.x1() + l.x2()) / 2;
                    double y = Math.abs(l.y1() + l.y2()) / 2;
                    double hollow = driver.part().inner().stream()
                            .filter(c -> c.fromMm() < x && x < c.toMm())
                            .mapToDouble(c -> c.diameterMm() / 2)
                            .findFirst()
                            .orElse(0);
                    assertThat(y).isBetween(hollow - 1e-6, most + 1e-6);
                    assertThat(x).isBetween(0.0, driver.part().lengthMm());
                });
    }

    @Test
    void theDxfIsPairsOfCodeAndValueWithEveryStrokeOnANamedLayer() {
        LineDrawing drawing = TurnedDrawing.of(
                DriverCheck.check(driver(null, 2.0, null, true, 12.0)).part(), List.of("Driver for Ø 62, ± 0.1"));
        String dxf = Dxf.of(drawing);
        assertThat(dxf).matches("\\p{ASCII}*").endsWith("EOF\r\n").contains("%%c 62, %%p 0.1");
        String[] rows = dxf.split("\r\n");
        assertThat(rows.length % 2).isZero();
        List<String> kinds = new ArrayList<>();
        List<String> layers = new ArrayList<>();
        int depth = 0;
        for (int i = 0; i < rows.length; i += 2) {
            int code = Integer.parseInt(rows[i].strip());
            switch (code) {
                case 0 -> {
                    kinds.add(rows[i + 1]);
                    depth += rows[i + 1].equals("SECTION") ? 1 : rows[i + 1].equals("ENDSEC") ? -1 : 0;
                }
                case 8 -> layers.add(rows[i + 1]);
                case 10, 11, 20, 21, 30, 31, 40 -> assertThat(rows[i + 1]).matches("-?\\d+\\.\\d+");
                default -> assertThat(code).isIn(1, 2, 3, 6, 9, 62, 70, 72, 73);
            }
        }
        assertThat(depth).isZero();
        assertThat(kinds).filteredOn("LINE"::equals).hasSameSizeAs(drawing.lines());
        assertThat(kinds).filteredOn("CIRCLE"::equals).hasSameSizeAs(drawing.circles());
        assertThat(kinds).filteredOn("TEXT"::equals).hasSameSizeAs(drawing.texts());
        assertThat(layers)
                .isSubsetOf(
                        Stream.of(LineDrawing.Layer.values()).map(Enum::name).toList());
    }

    @Test
    void theTrackShowsGrooveShiftAndSleeve() throws Exception {
        var track = TrackPictureBuilder.builder()
                .shaftMm(45)
                .ground(new Band(-4, 16))
                .groove(new Band(6.2, 7.6))
                .grooveDepthMm(0.08)
                .oldLipMm(6.9)
                .track(new Band(4.7, 4.9))
                .inwardMm(0.1)
                .outwardMm(2.4)
                .requiredMm(2.1)
                .sleeve(new Band(3.2, 6.4))
                .sleeveOutsideMm(45.6)
                .datum(true)
                .notes(List.of("seen & noted"))
                .build();
        String svg = TrackDrawing.svg(track, "r-");
        wellFormed(svg);
        assertThat(svg.replaceAll("<[^>]*>", ""))
                .contains(
                        "groove 0.08 deep",
                        "0.10 inward: not enough",
                        "2.40 outward",
                        "old lip 6.90",
                        "new lip 4.80",
                        "sleeve Ø 45.60",
                        "moved by 2.10",
                        "seen &amp; noted")
                .doesNotContain("2.40 out, too");
        String bare = TrackDrawing.svg(
                TrackPictureBuilder.builder()
                        .shaftMm(45)
                        .datum(false)
                        .notes(List.of())
                        .build(),
                "r-");
        wellFormed(bare);
        assertThat(bare).doesNotContain("NaN", "datum face", "groove");
    }

    private static void wellFormed(String svg) throws Exception {
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }
}
