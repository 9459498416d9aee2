package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.drawing.Paper;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.app.section.BenchService;
import joropo.app.section.JobSection.Written;
import joropo.app.section.SectionRole;
import joropo.core.arrangement.PartKind;
import joropo.core.section.Arranging;
import joropo.core.section.BoreItem;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.section.SpaceBuilder;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/**
 * What is moved on the bench of a job stands on its sheets: it counts, it can be undone, and later words go before it.
 */
class JobBenchIT {
    private static final int JOBS = 3;
    private static final int MOVES = 8;

    private final Person marisol = JobMaker.person("marisol");
    private final JobBench bench = Workshop.bean(JobBench.class);
    private final Random random = new Random(29);

    private String twoSeals() {
        String job = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        long ring = lists.remove(job, "RETAINING_RING", "", null, marisol);
        lists.note(job, ring, Map.of("place", "0.5", "thickness", "1.75"), LengthUnit.MM, marisol);
        long outer = lists.remove(job, "LIP_SEAL", "outer", null, marisol);
        lists.note(job, outer, Map.of("place", "2.5", "thickness", "8", "faced", "OUT"), LengthUnit.MM, marisol);
        long inner = lists.remove(job, "LIP_SEAL", "inner", null, marisol);
        lists.note(job, inner, Map.of("place", "12", "thickness", "8", "faced", "IN"), LengthUnit.MM, marisol);
        type(job, Stage.MEASURE, "shaftA1", "44.96", "boreA1", "62.015", "stopDepth", "20.5", "depthGauge", "RULE");
        type(job, Stage.DECIDE, "size", "45x62x8", "layout", "PLAIN", "mainLip", "OUT", "i2-size", "45x62x8");
        return job;
    }

    private void type(String job, Stage stage, String... texts) {
        Workshop.bean(JobSheets.class)
                .type(job, stage, new Posted("hand", 1 << 20, LengthUnit.MM, JobMaker.texts(texts)), marisol);
    }

    private static JobWork work(String job) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(job));
    }

    private Section planned(String job) {
        return bench.of(job, SectionRole.PLANNED).orElseThrow();
    }

    /** All that a job says: findings, plan, parts, picture. */
    private static String everything(String job) {
        JobWork work = work(job);
        return work.findings() + "\n" + work.plan() + "\n" + work.parts() + "\n"
                + work.main().picture(Paper.SHEET, List.of(), null);
    }

    /** One act of the hand that a section takes. */
    private Section moved(Section section) {
        double place = random.nextInt(220) / 10.0;
        int part = random.nextInt(section.boreItems().size());
        Space wet = SpaceBuilder.builder(section.inside()).level(Level.FULL).build();
        List<Space> spaces = new ArrayList<>(section.spaces());
        spaces.set(spaces.size() - 1, wet);
        return switch (random.nextInt(7)) {
            case 0 -> Arranging.placed(section, part, place).section();
            case 1 ->
                section.boreItems().get(part) instanceof BoreItem.Sealing
                        ? Arranging.turned(section, part).section()
                        : section;
            case 2 ->
                Arranging.added(section, new BoreItem.Spacer("w99", place, 2.5, null, null, null, null, null))
                        .section();
            case 3 -> Arranging.withShaftItem(section, null, new ShaftItem.Keyway(-30.0, -8.0, null));
            case 4 -> SectionBuilder.builder(section).spaces(spaces).build();
            case 5 -> SectionBuilder.builder(section).cornerRadiusMm(place).build();
            default -> Arranging.withShaftItem(section, null, new ShaftItem.WearGroove(place, place + 1, 0.05));
        };
    }

    @Test
    void everyActIsWhatIsPlannedAndUndoneLeavesNothing() {
        var changes = Workshop.bean(BenchService.class).changes();
        for (int n = 0; n < JOBS; n++) {
            String job = twoSeals();
            for (int i = 0; i < MOVES; i++) {
                String before = everything(job);
                Section is = planned(job);
                Section wanted = changes.added(moved(is), is);
                Written written = bench.write(job, wanted, marisol);
                assertThat(changes.between(planned(job), wanted))
                        .as("move %d of job %d", i, n)
                        .isEmpty();
                String since = everything(job);
                assertThat(bench.takeBack(job, written, marisol)).isEmpty();
                assertThat(everything(job)).isEqualTo(before);
                bench.write(job, wanted, marisol);
                assertThat(everything(job)).isEqualTo(since);
            }
        }
    }

    /** What somebody typed since stays and is named; what the act wrote elsewhere goes back. */
    @Test
    void whatIsTypedSinceGoesBeforeAnActAndItsUndoing() {
        String job = twoSeals();
        Section is = planned(job);
        int shoulder = is.boreItems().size() - 1;
        Section to = Arranging.placed(Arranging.turned(is, 1).section(), shoulder, 24)
                .section();
        Written written = bench.write(job, to, marisol);
        assertThat(planned(job).boreItem(BoreItem.Shoulder.class))
                .map(BoreItem::fromMm)
                .hasValue(24.0);
        type(job, Stage.MEASURE, "shaftA1", "44.96", "boreA1", "62.015", "stopDepth", "21", "depthGauge", "RULE");
        assertThat(planned(job).boreItem(BoreItem.Shoulder.class))
                .map(BoreItem::fromMm)
                .hasValue(21.0);
        String facing = Workshop.bean(JobStore.class)
                .load(job)
                .sheet(Stage.DECIDE)
                .get("mainLip")
                .text();
        assertThat(facing).isEqualTo("IN");
        type(job, Stage.DECIDE, "size", "45x62x8", "mainLip", "OUT", "i2-size", "45x62x8");
        assertThat(bench.takeBack(job, written, marisol)).isEqualTo("open side, with the spring, faces");
        assertThat(work(job).findings()).noneMatch(f -> f.finding().rule().startsWith("bench-"));
    }

    @Test
    void sealsAreItemsAndWhatCameOffIsLeftOutWithItsReason() {
        String job = twoSeals();
        Section is = planned(job);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> bench.write(job, Arranging.without(is, 1), marisol))
                .withMessageContaining("is an item of the job");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> bench.write(job, Arranging.without(is, 0), marisol))
                .withMessageContaining("came off in this job");
        assertThat(planned(job)).isEqualTo(is);
    }

    /** A seal that is turned on the bench when its hold is ticked: the tick counts no more, and the page says so. */
    @Test
    void aStepThatReadsOtherwiseSinceItWasTickedIsNamed() {
        String job = JobMaker.readyToSign("IN");
        var sheets = Workshop.bean(JobSheets.class);
        assertThat(sheets.page(job, Stage.FIT, marisol).plan().changed()).isEmpty();
        Section is = planned(job);
        bench.write(job, Arranging.turned(is, is.boreItems().indexOf(is.seal())).section(), marisol);
        assertThat(sheets.page(job, Stage.FIT, marisol).plan().changed()).endsWith("otherwise now: look again.");
    }

    /** A section of somebody's own brings an item for each of its seals, and its order goes with it. */
    @Test
    void aSectionOfTheBenchIsPlannedWithAnItemForEachOfItsSeals() {
        Section stack = planned(twoSeals());
        String job = JobMaker.madeSafe();
        bench.plan(job, stack, "a stack", marisol);
        JobState state = Workshop.bean(JobStore.class).load(job);
        assertThat(state.items()).extracting(JobItem::kind).containsExactly(PartKind.LIP_SEAL, PartKind.LIP_SEAL);
        assertThat(state.sheet(Stage.DECIDE).get("i2-size").text()).isEqualTo("45x62x8");
        assertThat(planned(job).seals())
                .extracting(BoreItem::fromMm)
                .containsExactlyElementsOf(
                        stack.seals().stream().map(BoreItem::fromMm).toList());
        assertThat(planned(job).boreItem(BoreItem.Ring.class)).isPresent();
    }

    /** Undone, the items that a section brought go with it, but for one of which something is known by then. */
    @Test
    void itemsThatASectionBroughtGoWithItWhenItIsUndone() throws Exception {
        Section stack = planned(twoSeals());
        Visitor visitor = new Visitor(Workshop.address()).signIn("marisol");
        for (boolean known : List.of(false, true)) {
            String job = JobMaker.madeSafe();
            String before = everything(job);
            bench.plan(job, stack, "a stack", marisol);
            if (known) {
                type(job, Stage.STRIP, "i2-foundDepth", "9.1");
            }
            visitor.post("/sections/" + bench.arrange(job, SectionRole.PLANNED, marisol) + "/undo");
            JobState state = Workshop.bean(JobStore.class).load(job);
            assertThat(state.items()).hasSize(known ? 2 : 1);
            if (!known) {
                assertThat(everything(job)).isEqualTo(before);
            }
        }
    }

    /**
     * Kept beside the sheets by an older bench: what is typed goes before it, and the two are named until they agree.
     */
    @Test
    void aSectionOfAnOlderBenchIsReadAsTexts() {
        String job = twoSeals();
        JobState state = Workshop.bean(JobStore.class).load(job);
        Section kept = Arranging.placed(Arranging.turned(planned(job), 2).section(), 2, 13)
                .section();
        var older = new JobState(
                state.job(),
                state.position(),
                state.revisions(),
                state.drafts(),
                new JobSections(null, kept, null),
                state.beside(),
                state.textsWith(
                        Stage.DECIDE,
                        Workshop.bean(TextsJson.class)
                                .read("{\"i2-mainLip\":{\"text\":\"IN\"},\"size\":{\"text\":\"45x62x8\"}}")));
        JobWork work = Workshop.bean(JobWorks.class).of(older);
        Section read = work.main().section().orElseThrow().arranged();
        assertThat(read.seal().fromMm()).isEqualTo(13);
        assertThat(read.seal().mainLip()).isEqualTo(planned(job).seal().mainLip());
        assertThat(work.findings())
                .filteredOn(f -> f.finding().id().startsWith("otherwise-"))
                .hasSize(1)
                .allMatch(f -> f.finding().status() == Status.REMEASURE);
    }
}
