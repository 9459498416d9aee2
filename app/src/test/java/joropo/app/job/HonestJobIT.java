package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** Nothing that nobody read is right, nothing that fails leaves anything, and what is signed stays as it was signed. */
class HonestJobIT {
    private static final List<String> PAGES =
            List.of("intake", "strip", "measure", "decide", "fit", "set", "prove", "sign");

    /** Holds that are a look, a feel or an act. */
    private static final Set<String> LOOKS = Set.of(
            "adjusted",
            "clean",
            "cover",
            "draw",
            "flush",
            "free",
            "gland",
            "lantern",
            "lies",
            "look",
            "order",
            "parts",
            "remedy",
            "remedy-proof",
            "ring-1",
            "scribe",
            "shaft",
            "twist",
            "way-round");

    private static String open(PartKind kind) {
        return JobMaker.open(NewPositionBuilder.builder()
                .kind(kind)
                .name("output")
                .shaftMm(45.0)
                .boreMm(62.0)
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .oneWay(false)
                .note("")
                .build());
    }

    private static JobState state(String number) {
        return Workshop.bean(JobStore.class).load(number);
    }

    private static JobWork work(String number) {
        return Workshop.bean(JobWorks.class).of(state(number));
    }

    private static void everyPageOpens(Visitor visitor, String number) throws Exception {
        for (String page : PAGES) {
            assertThat(visitor.get("/jobs/" + number + "/" + page).statusCode())
                    .as(page)
                    .isEqualTo(200);
        }
        assertThat(visitor.get("/jobs/" + number + "/card.pdf").statusCode()).isEqualTo(200);
    }

    /** Two seals came off, one at the face and one nowhere: each way of planning them leaves a job that opens. */
    @ParameterizedTest
    @CsvSource({"0, ", "0, 0", "0, 4", "3, 3"})
    void twoSealsInOnePlaceAreSaidAndEveryPageOpens(String top, String bottom) throws Exception {
        var visitor = new Visitor(Workshop.address()).signIn("marisol");
        String number = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        for (String place : new String[] {top, bottom}) {
            long part = lists.remove(number, "LIP_SEAL", "", null, JobMaker.person("marisol"));
            if (place != null) {
                lists.note(number, part, Map.of("place", place), LengthUnit.MM, JobMaker.person("marisol"));
            }
        }
        visitor.post("/jobs/" + number + "/items", "kind", "LIP_SEAL", "label", "bottom");
        everyPageOpens(visitor, number);
        visitor.post("/jobs/" + number + "/decide/section-found");
        everyPageOpens(visitor, number);
        visitor.swap(
                "/jobs/" + number + "/strip/draft", "tab", "a", "seq", "1", "foundDepth", "4", "i2-foundDepth", "4");
        visitor.post("/jobs/" + number + "/decide/section-found");
        everyPageOpens(visitor, number);
    }

    @ParameterizedTest
    @CsvSource({"LIP_SEAL", "O_RING", "PACKING"})
    void whatNobodyReadIsNotMeasured(PartKind kind) {
        String number = JobMaker.madeSafe(open(kind));
        if (kind == PartKind.O_RING) {
            Workshop.bean(JobItems.class).addSet(number, "cylinder", JobMaker.person("marisol"));
        }
        JobWork work = work(number);
        for (JobWork.Named item : work.items()) {
            assertThat(work.verdict(Stage.MEASURE, item.item())).as(item.name()).isNotEqualTo(Status.PASS);
        }
        assertThat(work.verdict(Stage.MEASURE)).isNotEqualTo(Status.PASS);
        assertThat(Workshop.bean(JobService.class).ofNumbers(List.of(number)))
                .singleElement()
                .extracting(JobLine::verdict)
                .isNotEqualTo(Status.PASS);
    }

    /** Each hold of an untouched plan waits for the figure, answer or count that it names; the others are looks. */
    @Test
    void aHoldWaitsForWhatItNames() throws Exception {
        var free = new TreeSet<String>();
        try (var own = Workshop.start(Workshop.temporary("joropo-holds"), true)) {
            var store = own.getBean(JobStore.class);
            var fitter = new Visitor("http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port"))
                    .signIn("marisol");
            for (String number : own.getBean(JdbcTemplate.class)
                    .queryForList(
                            "select number from job where state = 'OPEN' and not exists (select 1 from draft d where"
                                    + " d.job_id = job.id and d.stage in ('FIT', 'SET', 'PROVE')) order by id",
                            String.class)) {
                JobWork before = own.getBean(JobWorks.class).of(store.load(number));
                for (Stage stage : List.of(Stage.FIT, Stage.SET, Stage.PROVE)) {
                    List<String> blank = new ArrayList<>(List.of("tab", "holds", "seq", "1", "take", "yes"));
                    before.cards().fields(stage).forEach(f -> blank.addAll(List.of(f.name(), "")));
                    fitter.swap("/jobs/" + number + "/" + stage.path() + "/draft", blank.toArray(String[]::new));
                }
                JobState state = store.load(number);
                JobWork work = own.getBean(JobWorks.class).of(state);
                work.plan().stream()
                        .filter(step ->
                                step.hold() && StepStops.of(state, step, work).isEmpty())
                        .forEach(step -> free.add(step.rule()));
            }
        }
        assertThat(free).as("acts and looks, of which no sheet holds a figure").isSubsetOf(LOOKS);
    }

    /** A concession of a lead where nothing fails is signed too, once it is whole, and says what it lacks before. */
    @Test
    void aLeadMayConcedeWhatNothingForbids() throws Exception {
        var lead = new Visitor(Workshop.address()).signIn("jacinta");
        String number = JobMaker.readyToSign("IN");
        lead.swap("/jobs/" + number + "/sign/draft", "tab", "c", "seq", "1", "concession", "a score beside the track");
        var refused = lead.post("/jobs/" + number + "/signature", "password", "guasimo-jacinta");
        assertThat(refused.statusCode()).isLessThan(500);
        assertThat(state(number).isSigned()).isFalse();
        lead.swap(
                "/jobs/" + number + "/sign/draft",
                "tab",
                "c",
                "seq",
                "2",
                "concession",
                "a score beside the track",
                "concessionWhy",
                "it does not reach the lip",
                "concessionExpected",
                "dry",
                "concessionFallback",
                "a sleeve",
                "concessionLook",
                "2027-03-01");
        assertThat(lead.post("/jobs/" + number + "/signature", "password", "guasimo-jacinta")
                        .statusCode())
                .isEqualTo(302);
        assertThat(state(number).isSigned()).isTrue();
    }

    /** What is said of a signed job is what was signed, whatever a gauge is worth later. */
    @Test
    void aSignedPageIsWhatWasSigned() throws Exception {
        var visitor = new Visitor(Workshop.address()).signIn("marisol");
        var jdbc = Workshop.bean(JdbcTemplate.class);
        var settings = Workshop.bean(SettingsService.class);
        Integer gauge = jdbc.queryForObject(
                "insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values ('signed with',"
                        + " 'OUTSIDE_MICROMETER', 0.004, 'C', '2026-01-01T00:00:00.000Z') returning id",
                Integer.class);
        settings.changedOutside();
        String number = JobMaker.readyToSign("IN", "own-" + gauge);
        visitor.post("/jobs/" + number + "/signature", "password", "guasimo-marisol");
        assertThat(state(number).isSigned()).isTrue();
        String page = body(visitor, number);
        jdbc.update("update own_gauge set uncertainty_mm = 0.9, name = 'another' where id = ?", gauge);
        settings.changedOutside();
        assertThat(body(visitor, number)).isEqualTo(page);
        jdbc.update("update own_gauge set withdrawn_why = 'dropped' where id = ?", gauge);
        settings.changedOutside();
        assertThat(body(visitor, number)).isEqualTo(page);
    }

    private static String body(Visitor visitor, String number) throws Exception {
        return visitor.get("/jobs/" + number + "/measure")
                .body()
                .replaceAll("(_csrf\"|name=\"tab\") (value|content)=\"[^\"]*\"", "");
    }

    /** A choice that is called otherwise today, or is gone, is said as it was signed; of two alike each its own. */
    @Test
    void aChoiceIsSaidAsItWasSigned() {
        var today = List.of(new Field.Choice("own-1", "renamed"), new Field.Choice("CALIPER", "caliper"));
        var signed = new Shows.Said(List.of("micrometer no. 2", "caliper"), null, null);
        assertThat(signed.of("own-1", today)).containsExactly(new Field.Choice("own-1", "micrometer no. 2"));
        assertThat(signed.of("CALIPER", today)).containsExactly(new Field.Choice("CALIPER", "caliper"));
        assertThat(new Shows.Said(List.of(), null, null).of("own-1", today)).isEqualTo(today);
    }

    /** A seal that reads on its stop by its own gauge is on it. */
    @Test
    void aSealOnItsStopIsNotTooDeep() {
        String number = JobMaker.madeSafe();
        int gauge = Objects.requireNonNull(Workshop.bean(JdbcTemplate.class)
                .queryForObject(
                        "insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values"
                                + " ('depth gauge of the bench', 'CALIPER_DEPTH', 0.040, 'C',"
                                + " '2026-01-01T00:00:00.000Z') returning id",
                        Integer.class));
        Workshop.bean(SettingsService.class).changedOutside();
        JobMaker.keep(number, Stage.MEASURE, "depthGauge", "own-" + gauge, "stopDepth", "24");
        JobMaker.keep(
                number,
                Stage.DECIDE,
                "size",
                "45x62x8",
                "layout",
                "PLAIN",
                "material",
                "NBR",
                "caseType",
                "RUBBER",
                "mainLip",
                "IN",
                "plannedDepth",
                "16",
                "chooseWhy",
                "what the store has");
        JobMaker.settle(number);
        JobMaker.keep(
                number,
                Stage.FIT,
                "fitGauge",
                "own-" + gauge,
                "newWidth",
                "8.0",
                "depth12",
                "16.02",
                "depth3",
                "16.05",
                "depth6",
                "16.00",
                "depth9",
                "15.98");
        assertThat(work(number).findings())
                .filteredOn(f ->
                        f.finding().id().equals("S2-fitted") || f.finding().id().equals("S9-fitted"))
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.status()).as(f.finding().id()).isEqualTo(Status.PASS));
    }

    /** A second part of a kind has a line of its own; the very same is not taken twice. */
    @Test
    void fourRingsAreFourLines() {
        String number = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        for (String size : List.of("20x3", "25x3", "30x3", "35x3")) {
            lists.list(
                    number,
                    Stage.INTAKE,
                    Map.of("kind", "O_RING", "size", size, "count", "1"),
                    JobMaker.person("marisol"));
        }
        assertThat(JobParts.of(state(number), work(number)))
                .filteredOn(l -> l.part().kind() == PartKind.O_RING)
                .extracting(l -> l.part().size())
                .containsExactlyInAnyOrder("20.00x3.00", "25.00x3.00", "30.00x3.00", "35.00x3.00");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.list(
                        number,
                        Stage.INTAKE,
                        Map.of("kind", "O_RING", "size", "20x3", "count", "1"),
                        JobMaker.person("marisol")))
                .withMessageContaining("stands on the list already");
    }
}
