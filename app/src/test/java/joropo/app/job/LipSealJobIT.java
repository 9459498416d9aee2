package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import joropo.app.Entries;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;

/** A lip seal from a bare register to the signature costs a third of what it did. */
class LipSealJobIT {
    /** By touch; on the bench it costs the same, which the bench counts. */
    @Test
    void eightyEntriesAtMostAndThirtyFiveASecondTime() {
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180);
        Entries entries = LipSealEntries.whole(page);
        assertThat(entries.total()).isLessThanOrEqualTo(80);
        Entries again = LipSealEntries.again(page);
        assertThat(again.total()).as(again.byStage().toString()).isLessThanOrEqualTo(35);
        Workshop.close(page);
    }

    @Test
    void twoSealsAndASleeveInAHundred() {
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180);
        Entries entries = LipSealEntries.two(page);
        assertThat(entries.total()).as(entries.byStage().toString()).isLessThanOrEqualTo(100);
        Workshop.close(page);
    }
}
