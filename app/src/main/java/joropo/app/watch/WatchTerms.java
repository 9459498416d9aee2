package joropo.app.watch;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.leak.LeakKind;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Under which terms a watch is read and judged; what each means stands at {@link LeakWatch}.
 *
 * @param readerId of who reads it, absent: anybody
 */
@RecordBuilder
record WatchTerms(
        String area,
        int walk,
        int everyDays,
        @Nullable Double allowance,
        String document,
        @Nullable Double bottleMl,
        @Nullable Double resolution,
        @Nullable Double shotG,
        boolean rises,
        boolean barrier,
        @Nullable Boolean gas,
        boolean regulated,
        String note,
        @Nullable Long readerId) {
    private static final int LONGEST = 80;
    private static final int LONGEST_NOTE = 300;
    private static final int MOST_WALK = 9999;
    private static final int LONGEST_DAYS = 366;
    private static final double MOST = 1e6;

    /** @throws joropo.core.units.RefusedInput naming each field that will not do */
    void check(LeakKind kind) {
        new Needs()
                .that("area", !area.isBlank() && area.length() <= LONGEST, "needs 1 to " + LONGEST + " characters")
                .that("walk", walk >= 0 && walk <= MOST_WALK, "is a place on the round, 0 to " + MOST_WALK)
                .that("every", everyDays >= 1 && everyDays <= LONGEST_DAYS, "must be 1 to " + LONGEST_DAYS + " days")
                .that("allowance", isAmount(allowance) || isZero(allowance), "must be 0 or more")
                .that("document", document.length() <= LONGEST, "has room for " + LONGEST + " characters")
                .that("bottleMl", isAmount(bottleMl), "must be above 0")
                .that("resolution", isAmount(resolution), "must be above 0")
                .that("shotG", isAmount(shotG), "must be above 0")
                .that("rises", !rises || kind == LeakKind.LEVEL, "belongs to a level")
                .that("barrier", !barrier || kind == LeakKind.LEVEL && !rises, "belongs to a level between two faces")
                .that("note", note.length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .done();
    }

    private static boolean isAmount(@Nullable Double value) {
        return value == null || value > 0 && value <= MOST;
    }

    private static boolean isZero(@Nullable Double value) {
        return value != null && value == 0;
    }
}
