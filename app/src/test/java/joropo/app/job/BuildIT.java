package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.register.NewPosition;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** Plan and list of putting back are one order: every part that goes in, once. */
class BuildIT {
    private final Person marisol = JobMaker.person("marisol");
    private final JobListsService lists = Workshop.bean(JobListsService.class);

    private static JobWork work(String job) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(job));
    }

    private static List<String> plan(String job) {
        return work(job).plan().stream().map(Step::id).toList();
    }

    private long off(String job, String kind, String... note) {
        long id = lists.remove(job, kind, "", null, marisol);
        if (note.length > 0) {
            lists.note(
                    job,
                    id,
                    note.length == 2 ? Map.of(note[0], note[1]) : Map.of(note[0], note[1], note[2], note[3]),
                    LengthUnit.MM,
                    marisol);
        }
        return id;
    }

    private void type(String job, Stage stage, String words) {
        Workshop.bean(JobSheets.class).fill(job, JobMaker.texts(words.split(" ")), LengthUnit.MM, marisol);
    }

    /** Two gaskets came off and one new one is laid out: a hold carries one along, the other waits for its new one. */
    @Test
    void aHoldCarriesNoMoreNewPartsAlongThanAreLaidOut() {
        String job = JobMaker.madeSafe();
        lists.list(job, Stage.INTAKE, Map.of("kind", "GASKET", "count", "1"), marisol);
        JobState state = Workshop.bean(JobStore.class).load(job);
        String listed = state.beside().parts().listed().get(0).part();
        lists.decide(job, listed, PartState.NEW, null, "batch 7, cured 2026-01", "", marisol);
        for (String kind : List.of("COVER", "LIP_SEAL", "GASKET", "SPACER", "GASKET")) {
            off(job, kind);
        }
        type(job, Stage.DECIDE, "size 45x62x8 layout DUST_LIP material HNBR caseType RUBBER mainLip IN");
        JobState now = Workshop.bean(JobStore.class).load(job);
        JobWork work = work(job);
        assertThat(work.plan().stream()
                        .filter(Step::hold)
                        .map(hold ->
                                StepWith.of(now, work, StepWith.laidOut(now, work), work.plan(), hold)
                                        .back()
                                        .keySet()
                                        .stream()
                                        .filter(p -> p.kind() == PartKind.GASKET)
                                        .count()))
                .contains(1L)
                .allMatch(n -> n <= 1);
    }

    /** Off came rod, nut, piston, head: in go the rings of the head, the head, those of the piston, it, nut and rod. */
    @Test
    void aCylinderGoesTogetherRingByRingOnWhatCarriesIt() {
        String job = JobMaker.madeSafe(JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.O_RING)
                .name("cylinder")
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build()));
        Workshop.bean(JobItems.class).addSet(job, "cylinder", marisol);
        for (String kind : List.of("ROD", "NUT", "PISTON", "HEAD")) {
            off(job, kind);
        }
        assertThat(work(job).build())
                .extracting(Part::name)
                .containsExactly(
                        "wiper",
                        "rod U-cup",
                        "rod guide",
                        "head ring",
                        "head",
                        "piston ring",
                        "piston guide",
                        "ring under piston",
                        "piston",
                        "nut",
                        "rod");
    }

    /** A spindle: its bearings go in before anything turns freely, its shaft past the seals that are in by then. */
    @Test
    void aSpindleWithTwoSealsTwoBearingsASpacerAndABushing() {
        String job = JobMaker.madeSafe(
                JobMaker.open(new NewPosition("spindle", 45.0, 62.0, Medium.OIL, Dirt.DUST, Rotation.CW, 1450.0)));
        off(job, "NUT");
        off(job, "BEARING");
        off(job, "SPACER");
        off(job, "SHAFT");
        off(job, "LIP_SEAL", "place", "2", "thickness", "8");
        off(job, "OTHER");
        off(job, "LIP_SEAL", "place", "14", "thickness", "8");
        off(job, "BEARING");
        type(
                job,
                Stage.DECIDE,
                "size 45x62x8 mainLip IN caseType METAL plannedDepth 2 i2-size 45x62x8 i2-mainLip IN "
                        + "i2-caseType METAL i2-plannedDepth 14");
        List<String> steps = plan(job);
        assertThat(steps)
                .doesNotHaveDuplicates()
                .containsSubsequence(
                        "back-8",
                        "i2-depth",
                        "back-6",
                        "depth",
                        "back-4",
                        "back-3",
                        "back-2",
                        "back-1",
                        "free",
                        "shaft",
                        "turn");
        assertThat(steps).filteredOn(s -> s.startsWith("back-")).hasSize(6);
        assertThat(steps).as("the last bearing goes in after the seals").doesNotContain("i2-free");
        Step shaft = work(job).plan().stream()
                .filter(s -> s.id().equals("back-4"))
                .findFirst()
                .orElseThrow();
        assertThat(shaft.instruction()).startsWith("Shaft or rotor back, its edges covered, slowly past each seal");
        assertThat(work(job).plan())
                .filteredOn(s -> s.id().equals("shaft"))
                .extracting(Step::instruction)
                .containsExactly("Temporary things counted out.");
        assertThat(work(job)
                        .inOrder(
                                Workshop.bean(JobStore.class).load(job).beside().log()))
                .extracting(StripPart::number)
                .containsExactly(8, 7, 6, 5, 4, 3, 2, 1);
    }

    /** Places that contradict the order of coming off are said, and the places win in the plan. */
    @Test
    void placesWin() {
        String job = JobMaker.madeSafe();
        off(job, "LIP_SEAL", "place", "4");
        off(job, "RETAINING_RING", "place", "1", "thickness", "2");
        type(job, Stage.DECIDE, "size 45x62x8 mainLip IN caseType METAL plannedDepth 4");
        assertThat(plan(job)).containsSubsequence("depth", "back-2");
        assertThat(work(job).findings())
                .filteredOn(f -> f.finding().id().equals("off2-place-order"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.finding().message())
                            .isEqualTo("It came off after the lip seal and is noted outward of it: the places count.");
                    assertThat(work(job).answeredAt(f)).startsWith("strip#off-").endsWith("-place");
                });
    }

    /** An old seal found 3 mm proud: asked whether that is meant so, then judged, driven and read by it. */
    @Test
    void aSealMayStandProudByDesign() {
        String job = JobMaker.madeSafe();
        off(job, "LIP_SEAL", "place", "-3", "thickness", "8");
        type(
                job,
                Stage.MEASURE,
                "depthGauge DEPTH_MICROMETER stopDepth 5.5 cylDepth 5.2 shaftGauge OUTSIDE_MICROMETER "
                        + "shaftA1 44.96 shaftA2 44.96 boreGauge BORE_GAUGE_3 boreA1 62.015 boreA2 62.015");
        type(job, Stage.DECIDE, "size 45x62x8 layout PLAIN material NBR caseType METAL mainLip IN");
        assertThat(work(job).asks(Stage.DECIDE)).contains("driving");
        JobFinding depth = found(job, "S2");
        assertThat(depth.status()).isEqualTo(Status.FAIL);
        assertThat(work(job).answeredAt(depth)).isEqualTo("decide#mayStandProud");
        assertThat(found(job, "S6").status()).isEqualTo(Status.FAIL);
        type(job, Stage.DECIDE, "mayStandProud 3");
        assertThat(found(job, "S2").status()).isEqualTo(Status.PASS);
        assertThat(work(job).findings())
                .filteredOn(f -> f.finding().rule().equals("S6"))
                .allMatch(f -> f.status() == Status.PASS);
        assertThat(work(job).plan())
                .extracting(Step::instruction)
                .anyMatch(s -> s.startsWith("Depth at four places, to 3.00 mm proud of the face"))
                .anyMatch(s -> s.contains("recess 3.00 deep"));
    }

    private static JobFinding found(String job, String rule) {
        return work(job).findings().stream()
                .filter(f -> f.finding().rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    /** A ring is one ring: the O-ring of the cover that came off too is no part of the job's ring, and is not lost. */
    @Test
    void theRingOfTheCoverHasAStepOfItsOwn() {
        String job = JobMaker.madeSafe(JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.O_RING)
                .name("flange")
                .medium(Medium.OIL)
                .dirt(Dirt.CLEAN)
                .note("")
                .build()));
        off(job, "COVER");
        off(job, "O_RING");
        off(job, "O_RING");
        assertThat(work(job).build()).extracting(Part::key).containsExactly("i1", "o2", "o1");
    }

    /** What came off with a box that is packed anew goes back behind its rings. */
    @Test
    void theGlandComesAfterThePacking() {
        String job = JobMaker.madeSafe(JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.PACKING)
                .name("box")
                .medium(Medium.WATER)
                .dirt(Dirt.CLEAN)
                .note("")
                .build()));
        off(job, "NUT");
        off(job, "COVER");
        off(job, "PACKING");
        off(job, "PACKING");
        off(job, "BEARING");
        assertThat(work(job).build()).extracting(Part::key).containsSubsequence("o5", "i1", "o2", "o1");
    }
}
