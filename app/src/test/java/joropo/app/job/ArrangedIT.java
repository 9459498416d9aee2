package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.core.arrangement.PartKind;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What one sheet knows of a place, the whole job knows: two seals, "top" and "bottom". */
class ArrangedIT {
    private final Person marisol = JobMaker.person("marisol");
    private final JobListsService lists = Workshop.bean(JobListsService.class);
    private String job;
    private long top;
    private long bottom;

    @BeforeEach
    void twoSealsCameOff() {
        job = JobMaker.madeSafe();
        top = lists.remove(job, "LIP_SEAL", "top", null, marisol);
        bottom = lists.remove(job, "LIP_SEAL", "bottom", null, marisol);
        lists.note(job, top, Map.of("place", "0", "thickness", "8"), LengthUnit.MM, marisol);
    }

    private JobState state() {
        return Workshop.bean(JobStore.class).load(job);
    }

    private JobWork work() {
        return Workshop.bean(JobWorks.class).of(state());
    }

    private void type(Stage stage, String... nameAndText) {
        Workshop.bean(JobSheets.class)
                .type(job, stage, new Posted("hand", 1 << 20, LengthUnit.MM, JobMaker.texts(nameAndText)), marisol);
    }

    private List<JobFinding> found(JobWork work, String rule) {
        return work.findings().stream()
                .filter(f -> f.finding().rule().equals(rule))
                .toList();
    }

    private Section foundSection() {
        return work().main().section().orElseThrow().found();
    }

    /** A stripped seal is its item: noting the second one makes one more; what was read of one is not the other's. */
    @Test
    void eachThatCameOffIsOneToFit() {
        assertThat(state().items()).extracting(JobItem::number).containsExactly(1, 2);
        assertThat(foundSection().seals())
                .extracting(BoreItem.Seal::id, BoreItem::fromMm, BoreItem.Seal::placeAssumed)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("s1", 0.0, null),
                        org.assertj.core.groups.Tuple.tuple("s2", 8.0, true));
        assertThat(found(work(), "found-place")).isEmpty();
    }

    /** The depth of the other one, typed of the top: both words are shown, each at its place, and signing waits. */
    @Test
    void aDepthTypedOfTheWrongSealIsAClashAtBothFields() {
        type(Stage.STRIP, "foundDepth", "16.95", "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        JobWork work = work();
        assertThat(found(work, "found-place")).singleElement().satisfies(f -> {
            assertThat(f.status()).isEqualTo(Status.REMEASURE);
            assertThat(f.finding().message())
                    .isEqualTo("It was noted as 16.95 mm (±0.04) and as 0.00 mm (±0.30): which?");
            assertThat(work.answeredAt(f)).isEqualTo("strip#foundDepth");
        });
        assertThat(found(work, "off1-place")).singleElement().satisfies(f -> assertThat(work.answeredAt(f))
                .isEqualTo("strip#off-" + top + "-place"));
        assertThat(JobRules.openBeforeSigning(
                        state(), work, marisol, Workshop.bean(JobStore.class).now()))
                .anyMatch(o -> o.startsWith("To settle, ") && o.contains("place of the old lip seal"));
    }

    /** Typed of the bottom, of which nobody noted a place, it contradicts nothing. */
    @Test
    void aDepthTypedOfTheOneThatWasNotReadIsItsPlace() {
        type(Stage.STRIP, "i2-foundDepth", "16.95", "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        assertThat(found(work(), "found-place")).isEmpty();
        assertThat(foundSection().seals()).extracting(BoreItem::fromMm).containsExactly(0.0, 16.95);
    }

    /** Both decided for one place: that is said of them, and the page opens. */
    @Test
    void bothDecidedForOnePlaceFail() throws Exception {
        type(
                Stage.DECIDE,
                "size",
                "45x62x8",
                "mainLip",
                "IN",
                "plannedDepth",
                "0",
                "i2-size",
                "45x62x8",
                "i2-mainLip",
                "IN",
                "i2-plannedDepth",
                "0");
        JobWork work = work();
        assertThat(work.errors()).isEmpty();
        assertThat(work.findings())
                .filteredOn(f -> f.status() == Status.FAIL)
                .extracting(f -> f.finding().rule())
                .contains("one-place", "S2");
        for (Stage stage : Stage.values()) {
            assertThat(new joropo.app.Visitor(Workshop.address())
                            .signIn("marisol")
                            .get("/jobs/" + job + "/" + stage.path())
                            .statusCode())
                    .isEqualTo(200);
        }
    }

    /** Both words of a contradiction are judged, and the worse of each rule stands. */
    @Test
    void theWorseOfTwoWordsCounts() {
        type(Stage.MEASURE, "stopDepth", "24", "depthGauge", "DEPTH_MICROMETER");
        type(Stage.DECIDE, "size", "45x62x8", "mainLip", "IN", "i2-size", "45x62x8", "i2-mainLip", "IN");
        List<Status> alone =
                found(work(), "S2").stream().map(JobFinding::status).toList();
        type(Stage.STRIP, "foundDepth", "30", "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        List<Status> both = found(work(), "S2").stream().map(JobFinding::status).toList();
        for (int i = 0; i < both.size(); i++) {
            assertThat(both.get(i)).isLessThanOrEqualTo(alone.get(i));
        }
        assertThat(found(work(), "found-place")).hasSize(1);
    }

    /** What was noted in error goes with the item that it brought, unless somebody has worked on that. */
    @Test
    void whatIsStruckTakesItsItemAlong() {
        lists.strike(job, bottom, "there was one only", marisol);
        assertThat(state().items()).extracting(JobItem::number).containsExactly(1);
        long again = lists.remove(job, "LIP_SEAL", "bottom", null, marisol);
        assertThat(state().items()).extracting(JobItem::number).containsExactly(1, 3);
        type(Stage.STRIP, "i3-foundFacing", "OUT", "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        lists.strike(job, again, "there was one only", marisol);
        assertThat(state().items())
                .as("somebody has typed of it")
                .extracting(JobItem::number)
                .containsExactly(1, 3);
    }

    /** A log that names no item, as older versions kept it: the last that came off is the first item's. */
    @Test
    void anOlderLogBindsFromTheInside() {
        List<JobItem> items =
                List.of(new JobItem(1, PartKind.LIP_SEAL, "", null), new JobItem(2, PartKind.LIP_SEAL, "", null));
        List<StripPart> off = state().beside().order().stream()
                .map(p -> StripPartBuilder.builder(p).texts(Map.of()).build())
                .toList();
        var stripped = new Stripped(items, off);
        assertThat(stripped.itemOf(off.get(0))).contains(items.get(1));
        assertThat(stripped.itemOf(off.get(1))).contains(items.get(0));
        assertThat(new Stripped(items.subList(0, 1), off).itemOf(off.get(1))).contains(items.get(0));
        assertThat(new Stripped(items.subList(0, 1), off).itemOf(off.get(0))).isEmpty();
    }

    /** The ring behind it leaves no room to the stop: it stands behind the top, and nobody knows how deep. */
    @Test
    void oneThatARingHoldsDoesNotStandOnTheStop() {
        long ring = lists.remove(job, "RETAINING_RING", "", null, marisol);
        lists.note(job, ring, Map.of("place", "16.4", "thickness", "1.75", "line", "BORE"), LengthUnit.MM, marisol);
        type(Stage.MEASURE, "stopDepth", "18.5");
        assertThat(planned("s2")).isEqualTo(8);
        assertThat(found(work(), "i2-S2@s2")).noneMatch(f -> f.status() == Status.PASS);
    }

    /** What came off after a bearing stands inward of it, whatever stop lies before the bearing. */
    @Test
    void oneBehindABearingIsDrawnBehindIt() {
        job = JobMaker.madeSafe();
        top = lists.remove(job, "LIP_SEAL", "top", null, marisol);
        long bearing = lists.remove(job, "BEARING", "", null, marisol);
        lists.remove(job, "LIP_SEAL", "bottom", null, marisol);
        lists.note(job, top, Map.of("place", "0", "thickness", "8"), LengthUnit.MM, marisol);
        lists.note(job, bearing, Map.of("place", "12.5", "thickness", "18"), LengthUnit.MM, marisol);
        type(Stage.MEASURE, "stopDepth", "12.5");
        assertThat(planned("s2")).isEqualTo(30.5);
    }

    private double planned(String seal) {
        return work().main().section().orElseThrow().planned().seal(seal).fromMm();
    }
}
