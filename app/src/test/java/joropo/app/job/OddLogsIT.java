package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.JobFinding;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** Logs as people keep them: what came off bit by bit, by the name of its place, or has a new one already. */
class OddLogsIT {
    private final Person marisol = JobMaker.person("marisol");
    private final JobListsService lists = Workshop.bean(JobListsService.class);

    private String safe(PartKind kind) {
        String job = JobMaker.open(NewPositionBuilder.builder()
                .kind(kind)
                .name("place")
                .shaftMm(50.0)
                .boreMm(70.0)
                .medium(Medium.WATER)
                .dirt(Dirt.CLEAN)
                .speedRpm(1450.0)
                .note("")
                .build());
        type(job, "isolated yes locked yes pressureOff yes");
        return job;
    }

    private void type(String job, String texts) {
        Workshop.bean(JobSheets.class).fill(job, JobMaker.texts(texts.split(" ")), LengthUnit.MM, marisol);
    }

    private static JobState state(String job) {
        return Workshop.bean(JobStore.class).load(job);
    }

    private static JobWork work(String job) {
        return Workshop.bean(JobWorks.class).of(state(job));
    }

    private void off(String job, String... kinds) {
        Stream.of(kinds).forEach(k -> lists.remove(job, k, "", null, marisol));
    }

    /** Told by their names, whatever else was tapped between; the wiper of the far end goes in when all others are. */
    @Test
    void ringsComeOffByTheNamesOfTheirPlacesAndTheFarWiperGoesInLast() {
        String job = safe(PartKind.O_RING);
        Workshop.bean(JobItems.class).addSet(job, "rotary-joint", marisol);
        type(job, "rodDiameter 100 ringGroove 111 ringWidth 4.2 i2-ringGroove 111 i2-ringWidth 4.2");
        type(job, "i3-ringFaces OUT i4-ringFaces IN");
        off(job, "COVER");
        lists.removeOf(job, 3, marisol);
        off(job, "SHAFT");
        lists.removeOf(job, 2, marisol);
        lists.removeOf(job, 1, marisol);
        lists.removeOf(job, 4, marisol);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.removeOf(job, 4, marisol))
                .withMessageContaining("has it already");
        assertThat(state(job).beside().order())
                .extracting(StripPart::name)
                .containsExactly("cover", "near wiper", "shaft or rotor", "outer ring", "inner ring", "far wiper");
        assertThat(work(job).build())
                .extracting(Part::name)
                .containsExactly("inner ring", "outer ring", "shaft or rotor", "near wiper", "far wiper", "cover");
    }

    /**
     * Tapped as rings, not by name: four of four, the last off is the first that goes in; a fifth is something else.
     */
    @Test
    void ringsWithoutANameAreThoseOfTheJobWhereThereAreEnough() {
        String job = safe(PartKind.O_RING);
        off(job, "O_RING", "O_RING", "O_RING", "O_RING", "O_RING");
        Workshop.bean(JobItems.class).addSet(job, "rotary-joint", marisol);
        JobState state = state(job);
        var stripped = new Stripped(state.items(), state.beside().order());
        assertThat(state.beside().order().stream()
                        .map(p -> stripped.itemOf(p).map(JobItem::number).orElse(0)))
                .containsExactly(0, 4, 3, 2, 1);
    }

    /** Rings below and above a lantern are one packing; a sleeve that is renewed goes on in the turn of the old one. */
    @Test
    void aBoxThatWasEmptiedBitByBitIsOne() {
        String job = safe(PartKind.PACKING);
        off(job, "GLAND", "PACKING", "LANTERN", "PACKING", "SLEEVE");
        type(
                job,
                "boxShaft 49.6 boxBore 70.1 boxDepth 82 boxBush 0 boxLantern 15 boxSlot 8 boxPortFrom 34 boxPortTo 44 boxEntry 6");
        type(job, "boxStyle PTFE_GRAPHITE boxOrder SHAFT boxNewSleeve YES");
        assertThat(JobParts.of(state(job), work(job)))
                .extracting(l -> l.part().id())
                .containsExactlyInAnyOrder("packing", "sleeve", "spacer");
        List<String> steps = work(job).plan().stream().map(Step::id).toList();
        assertThat(steps).containsSubsequence("sleeve-new", "order", "ring-1", "lantern", "gland");
        assertThat(steps).noneMatch(s -> s.startsWith("back-"));
        StripPart sleeve = state(job).beside().order().get(4);
        assertThat(JobParts.noWayBack(state(job), work(job), sleeve, "polished"))
                .hasValueSatisfying(why -> assertThat(why).contains("a new one goes on"));
    }

    /** Where a new seal is laid out, nobody is offered the old one. */
    @Test
    void anOldMechanicalSealHasNoPlaceBesideItsNewOne() {
        String job = safe(PartKind.MECHANICAL_SEAL);
        off(job, "GLAND", "MECHANICAL_SEAL");
        type(job, "sealBuild CARTRIDGE");
        StripPart old = state(job).beside().order().get(1);
        assertThat(JobParts.noWayBack(state(job), work(job), old, "lapped again"))
                .isEmpty();
        lists.decide(job, "seal", PartState.NEW, null, "batch 4, cured 2026-03", "", marisol);
        assertThat(JobParts.noWayBack(state(job), work(job), old, "lapped again"))
                .hasValueSatisfying(why -> assertThat(why).contains("a new one is laid out"));
    }

    /** Seat and rotary unit that came out by themselves are one old seal: with its new one in, nothing of it waits. */
    @Test
    void aSealThatCameOutInPiecesIsOne() {
        String job = safe(PartKind.MECHANICAL_SEAL);
        off(job, "COUPLING", "IMPELLER", "ROTARY", "COLLAR", "GLAND", "SEAT");
        type(job, "sealBuild CARTRIDGE");
        assertThat(work(job).build())
                .extracting(Part::name)
                .containsExactly("mechanical seal", "gland", "impeller", "coupling or hub");
        assertThat(work(job).plan()).extracting(Step::id).noneMatch(s -> s.startsWith("back-") && s.length() > 6);
        assertThat(JobParts.of(state(job), work(job)))
                .extracting(l -> l.part().id())
                .containsExactly("seal", "seal-gasket");
        lists.decide(job, "seal", PartState.NEW, null, "batch 4, cured 2026-03", "", marisol);
        for (StripPart piece : List.of(
                state(job).beside().order().get(2), state(job).beside().order().get(5))) {
            assertThat(JobParts.noWayBack(state(job), work(job), piece, "lapped again"))
                    .hasValueSatisfying(why -> assertThat(why).contains("a new one is laid out"));
        }
    }

    /** One word for a box that has to drip and a lip that has to be dry says nothing of either. */
    @Test
    void oneLookIsNotTheWordOfABoxAndALip() {
        for (String seen : List.of("DRIPPING", "DRY")) {
            String job = safe(PartKind.PACKING);
            Workshop.bean(JobItems.class).add(job, PartKind.LIP_SEAL, "bearing side", marisol);
            type(job, "runInLooks 0,60,38 firstRun " + seen);
            assertThat(work(job).findings().stream()
                            .filter(f -> f.finding().rule().equals("first-run"))
                            .map(f -> f.finding().status()))
                    .as(seen)
                    .containsExactly(Status.MISSING);
        }
    }

    /** A size typed otherwise than the place has it: asked, judged by the worse, and the signature waits. */
    @Test
    void aSizeThatIsListedOtherwiseIsAskedAndTheWorseCounts() {
        String job = safe(PartKind.MECHANICAL_SEAL);
        type(job, "sealBuild CARTRIDGE sealRunOut 0.06 sealReadTo 0.002");
        Status listed = status(job, "runout");
        assertThat(listed).isEqualTo(Status.FAIL);
        type(job, "sealShaft 90 sealChamber 130");
        assertThat(status(job, "listed-shaft")).isEqualTo(Status.REMEASURE);
        assertThat(status(job, "listed-bore")).isEqualTo(Status.REMEASURE);
        assertThat(status(job, "runout")).as("a larger shaft would have more").isEqualTo(listed);
        assertThat(JobRules.openBeforeSigning(state(job), work(job), marisol, Instant.EPOCH))
                .anyMatch(w -> w.startsWith("To settle, shaft: "));
        String near = safe(PartKind.MECHANICAL_SEAL);
        type(near, "sealBuild CARTRIDGE sealShaft 50.04 sealChamber 69.9");
        assertThat(work(near).findings()).noneMatch(f -> f.finding().rule().startsWith("listed-"));

        String box = safe(PartKind.PACKING);
        type(box, "boxShaft 49.6 boxBore 80");
        assertThat(status(box, "listed-bore")).isEqualTo(Status.REMEASURE);
        assertThat(work(box).findings()).noneMatch(f -> f.finding().rule().equals("listed-shaft"));
    }

    private static Status status(String job, String rule) {
        return work(job).findings().stream()
                .map(JobFinding::finding)
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow()
                .status();
    }
}
