package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import joropo.app.Workshop;
import joropo.app.drawing.Paper;
import joropo.app.family.Families;
import joropo.app.family.JobFacts;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.Work;
import joropo.app.register.Position;
import joropo.app.register.PositionBuilder;
import joropo.app.section.BenchService;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.Step;
import joropo.core.section.Arranging;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/**
 * Whatever stands on the sheets and in the strip log, all that a page of the job shows can be made of it. Three hundred
 * jobs here; more with {@code -Djoropo.texts=200000}.
 */
class AnyTextsIT {
    private static final int JOBS = Integer.getInteger("joropo.texts", 300);
    private static final long SEED = 28;
    private static final int MOST_FAULTS = 12;
    private static final int ABSURD = 25;
    private static final String[] ABSURD_SIZES = {"0.0001", "0.001", "0.5", "4999.9", "5000"};
    private static final String[] SIZES = {"1", "2", "7", "8", "8", "10", "16.02", "24", "44.96", "45", "45", "62", "70"
    };
    private static final String[] ABSURD_PLACES = {"-5000", "-100", "100", "4999.9", "5000"};
    private static final String[] PLACES = {"-8", "-2", "-0.5", "0", "0", "2", "2.1", "6.95", "8", "8", "16", "24", "40"
    };
    private static final String[] ABSURD_PLAYS = {"2", "45", "5000"};
    private static final String[] PLAYS = {"0", "0.001", "0.02", "0.05", "0.3"};
    private static final String[] ABSURD_SEALS = {"6x16x7", "1x1000x1", "4990x5000x0.5"};
    private static final String[] SEALS = {"45x62x8", "45x62x8", "45x62x7", "50x72x8"};
    private static final String[] LINES = {
        "0",
        "0.00 0.02 0.05 0.03",
        "10.0 10.1 10.2 10.1",
        "0.5 0.2 2x0.1",
        "0 60 30 2; 12 40 28 3",
        "2x8",
        "5000 5000",
        "-5000",
        "rag",
        "batch B-1, cured 1Q2025",
        "0 0 0 0 0 0",
        "12 0.1 3 0.2 6 0.1 9 0.3"
    };
    private final Random random = new Random(SEED);
    private final Families families = Workshop.bean(Families.class);

    @Test
    void allThatAPageShowsCanBeMade() {
        Map<String, String> wrong = new LinkedHashMap<>();
        for (int n = 0; n < JOBS && wrong.size() < MOST_FAULTS; n++) {
            List<JobItem> items = items();
            List<StripPart> off = off();
            Position position = position(items.get(0).kind());
            Map<Stage, Map<String, Typed>> texts = texts(items, off, position);
            try {
                JobWork first = work(position, items, texts, off, JobFacts.Arranged.NONE);
                shown(first);
                if (random.nextInt(4) == 0 && first.main().section().isPresent()) {
                    shown(work(position, items, texts, off, arranged(first)));
                }
            } catch (RuntimeException e) {
                wrong.putIfAbsent(where(e), e.getMessage() + " of job " + n);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** A figure in the wrong field is an error there, and is kept; the rest is judged without it. */
    @Test
    void whatCannotBeIsSaidAtItsField() {
        String job = JobMaker.madeSafe();
        Workshop.bean(JobSheets.class)
                .type(
                        job,
                        Stage.MEASURE,
                        new JobSheets.Posted(
                                "hand", 0, LengthUnit.MM, JobMaker.texts("shaftA1", "44.96", "grooveDepth", "45")),
                        JobMaker.person("marisol"));
        JobState state = Workshop.bean(JobStore.class).load(job);
        JobWork work = Workshop.bean(JobWorks.class).of(state);
        assertThat(state.sheet(Stage.MEASURE).get("grooveDepth").text()).isEqualTo("45");
        assertThat(work.errors()).containsEntry("grooveDepth", "Must be below half the shaft, got 45.0.");
        assertThat(work.findings()).anyMatch(f -> f.finding().id().equals("shaft-size"));
    }

    /** A part that came off with a length that no machine has counts as not read, and says so at its notes. */
    @Test
    void whatWasNotedAndCannotBeIsSaidAtItsPart() {
        String job = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        long ring = lists.remove(job, "RETAINING_RING", "", null, JobMaker.person("marisol"));
        lists.note(job, ring, Map.of("place", "1", "thickness", "5000"), LengthUnit.MM, JobMaker.person("marisol"));
        JobWork work =
                Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(job));
        assertThat(work.findings())
                .filteredOn(f -> f.finding().id().equals("off1-place-unread"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.status()).isEqualTo(Status.REMEASURE);
                    assertThat(work.answeredAt(f)).isEqualTo("strip#off-" + ring + "-place");
                });
    }

    /** An old seal may be narrower than where the lip of the new one stands in it. */
    @Test
    void aNarrowOldSealIsCompared() {
        String job = JobMaker.madeSafe();
        var lists = Workshop.bean(JobListsService.class);
        long seal = lists.remove(job, "LIP_SEAL", "", null, JobMaker.person("marisol"));
        lists.note(job, seal, Map.of("place", "1", "thickness", "2"), LengthUnit.MM, JobMaker.person("marisol"));
        JobMaker.keep(job, Stage.MEASURE, "stopDepth", "10.5");
        JobMaker.keep(job, Stage.DECIDE, "size", "45x62x8", "mainLip", "IN");
        JobWork work =
                Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(job));
        assertThat(work.errors()).isEmpty();
        assertThat(work.findings()).noneMatch(f -> f.finding().id().equals("off1-place-unread"));
    }

    private static String where(RuntimeException e) {
        return e.getClass().getSimpleName()
                + Arrays.stream(e.getStackTrace())
                        .map(StackTraceElement::toString)
                        .filter(s -> s.contains("joropo") && !s.contains("Builder"))
                        .limit(6)
                        .toList();
    }

    private JobWork work(
            Position position,
            List<JobItem> items,
            Map<Stage, Map<String, Typed>> texts,
            List<StripPart> off,
            JobFacts.Arranged arranged) {
        return JobWork.of(position, items, texts, off, arranged, Shop.bare(LocalDate.of(2026, 11, 25)), families);
    }

    /** Put on the bench otherwise: a spacer more, its innermost seal turned. */
    private JobFacts.Arranged arranged(JobWork work) {
        Section planned = work.main().section().orElseThrow().arranged();
        Section moved = Arranging.added(
                        Arranging.turned(planned, planned.boreItems().indexOf(planned.seal()))
                                .section(),
                        new BoreItem.Spacer("n1", random.nextInt(30) - 5.0, 2.5, null, null, null, null, null))
                .section();
        Map<String, String> changes =
                Workshop.bean(BenchService.class).changes().between(planned, moved);
        return new JobFacts.Arranged(
                null, planned, s -> Workshop.bean(BenchService.class).changes().on(s, changes));
    }

    private void shown(JobWork work) {
        List<Step> plan = work.plan();
        plan.forEach(s -> {
            work.stopped(s);
            work.waitsFor(s);
            if (work.isAnswered(s)) {
                work.answeredAt(s);
            }
        });
        work.findings().forEach(work::answeredAt);
        work.parts();
        work.stripping();
        work.doubts();
        work.verdict();
        for (Stage stage : Stage.values()) {
            work.panels(stage);
            work.wanted(stage);
            work.asks(stage);
            work.cards().of(stage).forEach(c -> work.figures(c.id()));
        }
        var numbered =
                work.findingsTo(Stage.SIGN).stream().map(f -> f.finding()).toList();
        for (JobWork.Named item : work.items()) {
            Work of = item.work();
            of.picture(random.nextBoolean() ? Paper.SHEET : Paper.NARROW, numbered, null);
            of.drawing("driver");
            of.summary();
            of.section().ifPresent(s -> {
                s.fitted();
                s.asTexts(s.typed(), s.planned(), true);
            });
        }
    }

    private List<JobItem> items() {
        List<JobItem> out = new ArrayList<>();
        List<PartKind> kinds = families.kinds();
        PartKind kind = random.nextInt(3) > 0 ? PartKind.LIP_SEAL : pick(kinds);
        for (int n = 1 + (random.nextBoolean() ? 0 : random.nextInt(4)); n > 0; n--) {
            PartKind own = out.isEmpty() || random.nextInt(4) > 0 ? kind : pick(kinds);
            out.add(new JobItem(out.size() + 1, own, random.nextInt(3) == 0 ? "item " + n : "", null));
        }
        return out;
    }

    private List<StripPart> off() {
        List<StripPart> out = new ArrayList<>();
        for (int n = random.nextInt(8); n > 0; n--) {
            PartKind kind = random.nextBoolean() ? PartKind.LIP_SEAL : pick(List.of(PartKind.values()));
            Map<String, String> texts = new HashMap<>();
            maybe(texts, "place", mostly(PLACES, ABSURD_PLACES));
            maybe(texts, "thickness", mostly(SIZES, ABSURD_SIZES));
            maybe(texts, "faced", random.nextBoolean() ? "IN" : "OUT");
            if (kind == PartKind.SHIM) {
                maybe(texts, "shims", "0.5 0.2 2x0.1");
            }
            out.add(StripPartBuilder.builder()
                    .id(100L + out.size())
                    .number(out.size() + 1)
                    .kind(kind)
                    .name(kind.words())
                    .personName("somebody")
                    .removedAt(Instant.EPOCH)
                    .texts(texts)
                    .back(random.nextInt(5) == 0 ? StripPart.Back.LEFT_OUT : StripPart.Back.OUT)
                    .backReason("")
                    .build());
        }
        return out;
    }

    private void maybe(Map<String, String> texts, String field, String text) {
        if (random.nextInt(3) > 0) {
            texts.put(field, text);
        }
    }

    private Position position(PartKind kind) {
        boolean sized = random.nextInt(3) > 0;
        return PositionBuilder.builder()
                .id(1)
                .machineId(1)
                .machineName("Stand")
                .machinePlace("")
                .name("place")
                .shaftMm(sized ? 45.0 : null)
                .boreMm(sized ? 62.0 : null)
                .medium(pick(Medium.values()))
                .dirt(pick(Dirt.values()))
                .speedRpm(random.nextBoolean() ? 1450.0 : null)
                .kind(kind)
                .note("")
                .build();
    }

    private Map<Stage, Map<String, Typed>> texts(List<JobItem> items, List<StripPart> off, Position position) {
        var cards = new JobCards(items, off, Map.of(), position.medium(), families);
        int share = 2 + random.nextInt(6);
        Map<Stage, Map<String, Typed>> out = new EnumMap<>(Stage.class);
        for (Stage stage : Stage.values()) {
            Map<String, Typed> sheet = new LinkedHashMap<>();
            cards.fields(stage)
                    .filter(f -> random.nextInt(share) == 0)
                    .forEach(f -> sheet.put(f.name(), new Typed(text(f), LengthUnit.MM, List.of())));
            out.put(stage, sheet);
        }
        return out;
    }

    private String text(Field<?> field) {
        return switch (field.kind()) {
            case SIZE -> mostly(SIZES, ABSURD_SIZES);
            case PLACE -> mostly(PLACES, ABSURD_PLACES);
            case PLAY -> mostly(PLAYS, ABSURD_PLAYS);
            case NUMBER -> {
                double low = field.range().low();
                double high = field.range().high();
                yield String.valueOf(
                        switch (random.nextInt(4)) {
                            case 0 -> low;
                            case 1 -> high;
                            default -> low + (high - low) * random.nextDouble() * random.nextDouble();
                        });
            }
            case HOURS -> pick("0", "1", "1000", "1000000");
            case SPEED -> pick("0", "1", "145", "1450", "100000");
            case PRESSURE -> pick("-0.1", "0", "0.03", "0.3", "16", "100");
            case TEMPERATURE -> pick("-100", "0", "20", "70", "400");
            case SEAL_SIZE -> mostly(SEALS, ABSURD_SEALS);
            case DATE -> pick("2026-12-24", "1999-01-01");
            case LINE, NOTE -> pick(LINES);
            case CHOICE -> {
                var offered = field.offered(Field.ShopLists.NONE, "");
                yield offered.isEmpty()
                        ? ""
                        : offered.get(random.nextInt(offered.size())).value();
            }
            case TICK -> "yes";
        };
    }

    private String mostly(String[] usual, String[] absurd) {
        return pick(random.nextInt(ABSURD) == 0 ? absurd : usual);
    }

    private <T> T pick(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    @SafeVarargs
    private final <T> T pick(T... of) {
        return of[random.nextInt(of.length)];
    }
}
