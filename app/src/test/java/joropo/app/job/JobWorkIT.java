package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.family.Families;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.register.Position;
import joropo.app.register.PositionBuilder;
import joropo.app.settings.Shop;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** What the families say of the items of a job, and what every job has, as one. */
class JobWorkIT {
    private static final Position POSITION = PositionBuilder.builder()
            .id(1)
            .machineId(1)
            .machineName("Conveyor")
            .machinePlace("yard")
            .name("output")
            .medium(Medium.OIL)
            .dirt(Dirt.DUST)
            .kind(PartKind.LIP_SEAL)
            .oneWay(false)
            .note("")
            .build();

    private static JobWork work(Stage stage, String... nameAndText) {
        Map<String, Typed> sheet = new HashMap<>();
        for (int i = 0; i < nameAndText.length; i += 2) {
            sheet.put(nameAndText[i], new Typed(nameAndText[i + 1], LengthUnit.MM, List.of()));
        }
        return JobWork.of(
                POSITION,
                List.of(new JobItem(1, PartKind.LIP_SEAL, "", null)),
                Map.of(stage, sheet),
                List.of(),
                JobFacts.Arranged.NONE,
                Shop.bare(LocalDate.of(2026, 11, 25)),
                Workshop.bean(Families.class));
    }

    @Test
    void anEmptyJobIsNotMadeSafeAndHoldsNothing() {
        JobWork empty = work(Stage.INTAKE);
        assertThat(empty.errors()).isEmpty();
        assertThat(empty.madeSafe()).isFalse();
        assertThat(empty.findings()).extracting(JobFinding::status).containsOnly(Status.MISSING);
        assertThat(empty.plan()).isEmpty();
    }

    @Test
    void findingsOfLaterStagesWaitForTheirStageAndTheWorstComesFirst() {
        List<JobFinding> shown = work(Stage.MEASURE, "surface", "PIT").findingsTo(Stage.MEASURE);
        assertThat(shown).extracting(JobFinding::stage).doesNotContain(Stage.DECIDE, Stage.FIT, Stage.PROVE);
        assertThat(shown.get(0).finding().id()).isEqualTo("pit");
        assertThat(shown).extracting(JobFinding::status).isSorted();
    }

    /** What was looked for and is not there goes before what follows from another field. */
    @Test
    void whatTheOldSealShowsIsASignUnlessSomebodyLookedInVain() {
        assertThat(work(Stage.STRIP, "foundState", "HARD").diagnosis().causes()).isNotEmpty();
        assertThat(work(Stage.STRIP, "foundState", "HARD", "signLIP_HARD", "ABSENT")
                        .diagnosis()
                        .causes())
                .isEmpty();
        assertThat(work(Stage.STRIP).diagnosis()).isNull();
    }
}
