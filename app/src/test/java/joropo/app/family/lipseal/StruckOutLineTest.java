package joropo.app.family.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.section.CaseType;
import org.junit.jupiter.api.Test;

class StruckOutLineTest {
    private static Stream<StruckOut> everyCase(Layout layout, String material, String reason) {
        return Arrays.stream(CaseType.values()).map(c -> new StruckOut(layout, material, c, reason));
    }

    /** One line a reason, its first one first; cases are named only where some are left. */
    @Test
    void sealsAreGatheredByTheReasonThatStrikesThem() {
        List<StruckOut> all = Stream.of(
                        everyCase(Layout.PLAIN, "NBR", "too hot"),
                        everyCase(Layout.DUST_LIP, "NBR", "too hot"),
                        everyCase(Layout.PLAIN, "ACM", "too hot"),
                        Stream.of(new StruckOut(Layout.PLAIN, "FKM", CaseType.METAL, "grows loose")),
                        everyCase(Layout.PLAIN, "VMQ", "swells"))
                .flatMap(s -> s)
                .toList();
        assertThat(StruckOutLine.of(all))
                .containsExactly(
                        new StruckOutLine(
                                "too hot", Layout.PLAIN.words() + ": NBR, ACM; " + Layout.DUST_LIP.words() + ": NBR"),
                        new StruckOutLine(
                                "grows loose", Layout.PLAIN.words() + ": FKM (" + CaseType.METAL.words() + ")"),
                        new StruckOutLine("swells", Layout.PLAIN.words() + ": VMQ"));
        assertThat(StruckOutLine.of(List.of())).isEmpty();
    }
}
