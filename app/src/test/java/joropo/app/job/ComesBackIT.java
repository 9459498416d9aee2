package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.app.section.BenchService;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** The job that comes back begins with what the shop itself fitted and measured last. */
class ComesBackIT {
    private final Person marisol = JobMaker.person("marisol");
    private final JobService jobs = Workshop.bean(JobService.class);

    private static JobState state(String job) {
        return Workshop.bean(JobStore.class).load(job);
    }

    private static JobWork work(String job) {
        return Workshop.bean(JobWorks.class).of(state(job));
    }

    private void type(String job, Stage stage, String words) {
        Workshop.bean(JobSheets.class).fill(job, JobMaker.texts(words.split(" ")), LengthUnit.MM, marisol);
    }

    private String again(String job) {
        return jobs.open(state(job).position().id(), marisol).number();
    }

    private static Status status(String job, String rule) {
        return work(job).findings().stream()
                .filter(f -> f.finding().rule().equals(rule))
                .map(f -> f.finding().status())
                .findFirst()
                .orElseThrow();
    }

    /** A thin sleeve of 0.3 over 45: the next job's shaft is right at 45.60, and nowhere else is. */
    @Test
    void theSleeveThatTheShopFittedIsKnown() {
        String job = JobMaker.madeSafe();
        type(job, Stage.STRIP, "foundDepth 2.5 foundFacing IN");
        type(
                job,
                Stage.MEASURE,
                "shaftGauge OUTSIDE_MICROMETER shaftA1 44.96 shaftA2 44.96 shaftB1 44.96 shaftB2 44.96 boreGauge "
                        + "BORE_GAUGE_3 boreA1 62.015 boreA2 62.015 stopDepth 10.5 surface GROOVE_CATCHES grooveDepth "
                        + "0.2 grooveWidth 1.4");
        type(job, Stage.DECIDE, "size 45x62x8 layout PLAIN material NBR caseType METAL mainLip IN remedy THIN_SLEEVE");
        Section left = work(job).main().section().orElseThrow().fitted();
        assertThat(left.shaftItem(ShaftItem.Sleeve.class)).hasValueSatisfying(s -> {
            assertThat(s.diameterMm()).isCloseTo(45.6, within(1e-9));
            assertThat(s.toMm() - s.fromMm()).isCloseTo(3, within(1e-9));
        });
        Workshop.bean(BenchService.class)
                .fitted(state(job).position().id(), state(job).job().id(), left);

        String next = again(job);
        String elsewhere = JobMaker.open();
        for (String one : List.of(next, elsewhere)) {
            type(
                    one,
                    Stage.MEASURE,
                    "shaftGauge OUTSIDE_MICROMETER shaftA1 45.61 shaftA2 45.60 shaftB1 45.60 shaftB2 45.60");
        }
        assertThat(status(next, "shaft-size")).isEqualTo(Status.PASS);
        assertThat(status(elsewhere, "shaft-size")).isEqualTo(Status.FAIL);
        assertThat(work(next).main().section().orElseThrow().fitted().shaftItem(ShaftItem.Sleeve.class))
                .as("it stays until another is fitted")
                .isPresent();
        String bare = again(next);
        type(
                bare,
                Stage.MEASURE,
                "shaftGauge OUTSIDE_MICROMETER shaftA1 44.96 shaftA2 44.96 shaftB1 44.96 shaftB2 44.96");
        assertThat(status(bare, "shaft-size"))
                .as("the shaft itself, the sleeve is off")
                .isEqualTo(Status.PASS);
        assertThat(work(bare).main().section().orElseThrow().fitted().shaftItem(ShaftItem.Sleeve.class))
                .isEmpty();
    }

    /** Items keep number and name; what belongs to the place is taken with one tap, what wears is read anew. */
    @Test
    void whatBelongsToThePlaceComesBackWithOneTap() {
        String job = JobMaker.readyToSign("IN");
        Workshop.bean(JobItems.class).label(job, 1, "drive side", marisol);
        jobs.sign(job, marisol);
        String next = again(job);
        assertThat(state(next).items())
                .extracting(JobItem::number, JobItem::label)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(1, "drive side"));
        var sheets = Workshop.bean(JobSheets.class);
        AsLastTime offered =
                sheets.page(next, Stage.MEASURE, marisol).lists().standing().asLastTime();
        assertThat(offered.number()).isEqualTo(job);
        assertThat(offered.texts().keySet())
                .contains("shaftGauge", "stopDepth", "groundFrom", "playHigh", "entersFrom")
                .doesNotContain("shaftA1", "boreA1", "surface");
        sheets.takeAsLastTime(
                next,
                Stage.MEASURE,
                new Posted("hand", 1 << 20, LengthUnit.MM, Map.of("shaftA1", "44.95", "stopDepth", "10.7")),
                marisol);
        assertThat(state(next).sheet(Stage.MEASURE).get("stopDepth").text())
                .as("typed goes first")
                .isEqualTo("10.7");
        assertThat(state(next).sheet(Stage.MEASURE).get("groundFrom").text()).isEqualTo("-4");
        assertThat(sheets.page(next, Stage.MEASURE, marisol)
                        .lists()
                        .standing()
                        .asLastTime()
                        .texts())
                .isEmpty();
        sheets.takeAsLastTime(next, Stage.DECIDE, new Posted("hand", 1, LengthUnit.MM, Map.of()), marisol);
        assertThat(work(next).main().summary().size()).isEqualTo("45x62x8");
        assertThat(state(job).sheet(Stage.DECIDE)).as("the signed one stays").containsKey("size");
    }

    /**
     * Every part under its name and on its line, the old seal as that of its item; what was read of it is read anew.
     */
    @Test
    void whatCameOffLastTimeIsLoggedWithOneTap() {
        var lists = Workshop.bean(JobListsService.class);
        String job = JobMaker.readyToSign("IN");
        long spacer = lists.remove(job, "SPACER", "long spacer", null, marisol);
        lists.note(job, spacer, Map.of("line", "SHAFT", "thickness", "30"), LengthUnit.MM, marisol);
        long seal = lists.remove(job, "LIP_SEAL", "", null, marisol);
        lists.back(job, seal, StripPart.Back.RENEWED, "", marisol);
        lists.back(job, spacer, StripPart.Back.BACK, "", marisol);
        JobMaker.tickAll(job);
        jobs.sign(job, marisol);

        String next = again(job);
        type(next, Stage.INTAKE, "symptom PLANNED levelSeen yes breatherSeen yes aboveSeen yes");
        type(next, Stage.STRIP, "isolated yes locked yes pressureOff yes");
        lists.removeAsLastTime(next, marisol);
        JobState now = state(next);
        assertThat(now.beside().order())
                .extracting(StripPart::name, p -> p.text(StripPart.LINE), p -> p.text(StripPart.THICKNESS))
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("long spacer", "SHAFT", ""),
                        org.assertj.core.groups.Tuple.tuple("lip seal", "", ""));
        assertThat(new Stripped(now.items(), now.beside().order())
                        .itemOf(now.beside().order().get(1)))
                .isPresent();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.removeAsLastTime(next, marisol))
                .withMessageContaining("begun already");
    }

    /** A bearing is told by its name, whatever number it has in the log; what was read of it is read anew. */
    @Test
    void theSizesOfABearingComeBackUnderItsName() {
        var lists = Workshop.bean(JobListsService.class);
        String job = JobMaker.readyToSign("IN");
        long bearing = lists.remove(job, "BEARING", "pulley side", null, marisol);
        String old = "b" + part(job, bearing) + "-";
        type(job, Stage.STRIP, old + "turningRing INNER " + old + "loadTurns NO");
        type(
                job,
                Stage.MEASURE,
                old + "bearingBore 45 " + old + "bearingOutside 85 " + old + "bearingWidth 19 " + old
                        + "bearingDuty CONTINUOUS " + old + "sign1 NOTHING");
        lists.back(job, bearing, StripPart.Back.RENEWED, "worn", marisol);
        JobMaker.tickAll(job);
        jobs.sign(job, marisol);

        String next = again(job);
        type(next, Stage.INTAKE, "symptom PLANNED levelSeen yes breatherSeen yes aboveSeen yes");
        type(next, Stage.STRIP, "isolated yes locked yes pressureOff yes");
        lists.remove(next, "COVER", "", null, marisol);
        String b = "b" + part(next, lists.remove(next, "BEARING", "pulley side", null, marisol)) + "-";
        var sheets = Workshop.bean(JobSheets.class);
        assertThat(sheets.page(next, Stage.MEASURE, marisol)
                        .lists()
                        .standing()
                        .asLastTime()
                        .texts())
                .containsKeys(b + "bearingBore", b + "bearingOutside", b + "bearingWidth", b + "bearingDuty")
                .doesNotContainKeys(b + "sign1", old + "bearingBore");
        assertThat(b).isNotEqualTo(old);
    }

    private static int part(String job, long id) {
        return state(job).beside().log().stream()
                .filter(p -> p.id() == id)
                .findFirst()
                .orElseThrow()
                .number();
    }

    /** Nothing is read yet: it is drawn as it was left, and judged as not known; what stood otherwise is said. */
    @Test
    void itIsDrawnAsItWasLeftAndWhatChangedSinceIsSaid() {
        String job = JobMaker.readyToSign("IN");
        type(job, Stage.SIGN, "causeConfirmed HEAT");
        jobs.sign(job, marisol);
        String next = again(job);
        var sheets = Workshop.bean(JobSheets.class);
        assertThat(sheets.page(next, Stage.INTAKE, marisol)
                        .lists()
                        .standing()
                        .asLastTime()
                        .cause())
                .isEqualTo("heat");
        Section drawn = work(next).main().section().orElseThrow().planned();
        Section left = work(job).main().section().orElseThrow().fitted();
        assertThat(drawn.seal().fromMm()).isEqualTo(left.seal().fromMm());
        assertThat(drawn.seal().outsideDiameterMm()).isEqualTo(62);
        assertThat(sheets.page(next, Stage.STRIP, marisol).sheet().drawing("SHEET"))
                .contains("drawn as last time")
                .doesNotContain("drawn as usual");
        assertThat(work(next).findings()).noneMatch(f -> f.finding().rule().matches("S\\d+|D\\d+|changed.*"));
        JobMaker.keep(next, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        type(next, Stage.STRIP, "foundDepth 1 foundFacing OUT");
        assertThat(status(next, "changed-place")).isEqualTo(Status.CAUTION);
        assertThat(status(next, "changed-way-round")).isEqualTo(Status.CAUTION);
    }

    /** A running sleeve that came off is one to renew: nobody has to say so twice. */
    @Test
    void aSleeveThatCameOffIsRenewed() {
        String job = JobMaker.madeSafe();
        type(job, Stage.MEASURE, "surface GROOVE_CATCHES grooveDepth 0.06 grooveWidth 1.2");
        type(job, Stage.DECIDE, "remedy RENEW_SLEEVE");
        assertThat(status(job, "remedy")).isEqualTo(Status.MISSING);
        Workshop.bean(JobListsService.class).remove(job, "SLEEVE", "", null, marisol);
        assertThat(status(job, "remedy")).isEqualTo(Status.PASS);
        type(job, Stage.STRIP, "runningSleeve NO");
        assertThat(status(job, "remedy")).isEqualTo(Status.MISSING);
    }
}
