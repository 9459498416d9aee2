package joropo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import joropo.app.drawing.RowLayout.Wish;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.shaft.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RowLayoutTest {
    /** Sums of doubles. */
    private static final double ROUNDING = 1e-9;

    @Test
    void whatHasRoomStaysWhereItWishes() {
        assertThat(RowLayout.place(List.of(new Wish(100, 20), new Wish(200, 30)), 4, 0, 780))
                .containsExactly(100.0, 200.0);
        assertThat(RowLayout.place(List.of(), 4, 0, 780)).isEmpty();
    }

    @Test
    void noneTouchesTheNextTheOrderStaysAndTheEndsHold() {
        var random = new Random(12);
        for (int run = 0; run < 500; run++) {
            List<Wish> wishes = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(9); i++) {
                wishes.add(new Wish(780 * random.nextDouble(), 20 + 40 * random.nextDouble()));
            }
            List<Double> middles = RowLayout.place(wishes, 4, 0, 780);
            List<Integer> order = IntStream.range(0, wishes.size())
                    .boxed()
                    .sorted(Comparator.comparingDouble(i -> wishes.get(i).middle()))
                    .toList();
            for (int k = 0; k < order.size(); k++) {
                int i = order.get(k);
                double half = wishes.get(i).width() / 2;
                assertThat(middles.get(i) - half).isGreaterThanOrEqualTo(-ROUNDING);
                assertThat(middles.get(i) + half).isLessThanOrEqualTo(780 + ROUNDING);
                if (k > 0) {
                    int before = order.get(k - 1);
                    double room = middles.get(i)
                            - half
                            - (middles.get(before) + wishes.get(before).width() / 2);
                    assertThat(room).isGreaterThanOrEqualTo(4 - ROUNDING);
                }
            }
        }
    }

    @ParameterizedTest(name = "{0} is written {1}")
    @CsvSource({"0, 0", "-0.04, 0", "0.05, 0.1", "12.34, 12.3", "12.96, 13", "-7.25, -7.2", "-7.26, -7.3", "780, 780"})
    void coordinatesAreWrittenToATenth(double value, String text) {
        assertThat(Svg.n(value)).isEqualTo(text);
    }

    @Test
    void theProfileTouchesShaftAndBoreAndTurnsWithItsLip() {
        var in = seal(Side.IN);
        var out = seal(Side.OUT);
        List<Point> rubber = new LipProfile(in, 22.5, 31).rubber();
        assertThat(rubber.stream().mapToDouble(Point::y).min()).hasValueCloseTo(22.5, within(0.15));
        assertThat(rubber.stream().mapToDouble(Point::y).max()).hasValueCloseTo(31.0, within(ROUNDING));
        List<Point> turned = new LipProfile(out, 22.5, 31).rubber();
        for (int i = 0; i < rubber.size(); i++) {
            assertThat(turned.get(i).x())
                    .as("mirrored about the middle of the seal")
                    .isCloseTo(2 + 8 + 2 - rubber.get(i).x(), within(ROUNDING));
            assertThat(turned.get(i).y()).isEqualTo(rubber.get(i).y());
        }
        assertThat(new LipProfile(in, 22.5, 31).divide().get(0)).isEqualTo(new Point(in.lipMm(), 22.5));
    }

    private static BoreItem.Seal seal(Side lip) {
        return BoreItemSealBuilder.builder()
                .id("s1")
                .fromMm(2.0)
                .widthMm(8.0)
                .outsideDiameterMm(62.0)
                .mainLip(lip)
                .dustLip(lip.other())
                .spring(true)
                .build();
    }
}
