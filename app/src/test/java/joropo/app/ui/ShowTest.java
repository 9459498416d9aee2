package joropo.app.ui;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

class ShowTest {
    @Test
    void noTextHoldsWhatNoPrintCanTake() {
        assertThat(PlainText.of("a\u0000b\u000bc\ud800d\uffffe\u0085f\tg\nh \ud83d\ude00 \u00fc"))
                .isEqualTo("abcde\u0085f\tg\nh \ud83d\ude00 \u00fc");
    }

    private final Show show = new Show();

    private static Finding finding(String id, double value, String unit, Limits limits, double u) {
        return Finding.of(id, Status.PASS, "subject", "message", "", Source.GUIDE, "")
                .withValue(value, unit)
                .withLimits(limits, u);
    }

    @Test
    void everyStateHasItsWordAndItsMark() {
        assertThat(Stream.of(Status.values()).map(s -> show.word(s)))
                .containsExactly("out of limits", "too close for this gauge", "not measured", "take care", "in limits");
        Finding arrangement = Finding.of("D1", Status.FAIL, "", "", "", Source.GUIDE, "");
        assertThat(show.word(arrangement)).isEqualTo("wrong");
        assertThat(show.word(finding("size", 44.96, "mm", new Limits(44.84, 45.0), 0)))
                .isEqualTo("in limits");
        Finding near = Finding.of("tilt", Status.CAUTION, "", "", "", Source.GUIDE, "")
                .withValue(0.19, "mm")
                .withLimits(Limits.atMost(0.2), 0);
        Finding past = near.withValue(0.269, "mm");
        assertThat(show.word(near)).isEqualTo("in limits, take care");
        assertThat(show.word(past)).isEqualTo("past the limit, take care");
        assertThat(show.verdict(List.of(near, past)).word()).isEqualTo("past the limit, take care");
        assertThat(show.word(arrangement.withId("safe"))).isEqualTo("wrong");
        assertThat(Stream.of(Status.values()).map(s -> show.mark(s)).map(StatusMark::mark))
                .containsExactly("fails", "cant", "unread", "mind", "holds");
    }

    @Test
    void limitsAreWrittenAsTheyAreSaid() {
        assertThat(show.limits(finding("size", 44.96, "mm", new Limits(44.84, 45.0), 0.005)))
                .isEqualTo("44.840 to 45.000 mm, gauge ±0.005");
        assertThat(show.limits(finding("S2", 2.5, "mm", new Limits(0.0, 2.5), 0)))
                .isEqualTo("0.00 to 2.50 mm");
        assertThat(show.limits(finding("tilt", 0.1, "mm", Limits.atMost(0.2), 0.013)))
                .isEqualTo("to 0.200 mm, gauge ±0.013");
        assertThat(show.limits(finding("interference", 0.1, "mm", Limits.atLeast(0.02), 0)))
                .isEqualTo("from 0.020 mm");
        assertThat(show.limits(Finding.missing("x", "s", "m", "r"))).isEmpty();
        assertThat(show.value(finding("D9", 42.9, "N", new Limits(null, null), 0)))
                .isEqualTo("43");
    }

    @Test
    void numbersDoNotDependOnTheMachinesLanguage() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.GERMANY);
            assertThat(show.fit(44.9784)).isEqualTo("44.978");
            assertThat(show.inch(25.4)).isEqualTo("1.0000");
            assertThat(show.number(-0.0001, 2)).isEqualTo("0.00");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void refusalsBecomeSentencesAtTheirFields() {
        assertThat(Errors.byField(new RefusedInput("bore", "must be larger than the shaft")))
                .containsEntry("bore", "Must be larger than the shaft.");
        assertThat(Errors.sentence("Is it closed?")).isEqualTo("Is it closed?");
    }
}
