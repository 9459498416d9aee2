package joropo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** One keystroke goes to the database once to read and once to write, and brings only what has changed. */
class KeystrokeCostIT {
    private static final int MOST_STATEMENTS = 9;
    private static final int MOST_BYTES = 12_000;

    @Test
    void staysSmallAtEveryStage() throws Exception {
        assertThat(KeystrokeCost.measure()).hasSize(8).allSatisfy(stage -> {
            assertThat(stage.statements()).as(stage.path()).isLessThanOrEqualTo(MOST_STATEMENTS);
            assertThat(stage.transactions()).as(stage.path()).isLessThanOrEqualTo(2);
            assertThat(stage.bytes()).as(stage.path()).isLessThan(MOST_BYTES);
        });
    }
}
