package joropo.app.job;

import java.security.SecureRandom;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.JobPages.Shown;
import joropo.app.ui.Field;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** The sheets of a job as people type into them: each stage read once, saved once. */
@Service
public class JobSheets {
    private static final Logger LOG = LoggerFactory.getLogger(JobSheets.class);
    private static final int LONGEST_REASON = 200;
    /** Every field has room for far less and says so; a text beyond this is not stored at all. */
    private static final int LONGEST_STORED = 20_000;
    /** What was filled on a sheet where nobody has been yet: a sheet that nobody was at is not left either. */
    private static final String AHEAD = "ahead";

    private final JobStore store;
    private final JobPages pages;
    private final JobWorks works;
    private final TextsJson json;
    private final SecureRandom random = new SecureRandom();

    JobSheets(JobStore store, JobPages pages, JobWorks works, TextsJson json) {
        this.store = store;
        this.pages = pages;
        this.works = works;
        this.json = json;
    }

    /**
     * What a window sends: its name, the newest draft it has seen, and the texts of all its fields.
     *
     * @param unit in which the window shows bare numbers; the person may have changed theirs since in another window
     */
    public record Posted(String tab, long seq, LengthUnit unit, Map<String, String> texts) {}

    /**
     * A posted sheet beside what is stored. @param texts to be stored, @param shown as they were typed, @param errors
     * of what is not stored, @param gone items that were taken out and still typed of
     */
    private record Retyped(
            Map<String, Typed> texts, Map<String, Typed> shown, Map<String, String> errors, List<JobItem> gone) {}

    /** What came of a posted sheet. @param work what follows from it, @param retyped what was posted */
    private record Saved(JobState state, JobWork work, long seq, Retyped retyped) {}

    /** What keeping a sheet came to. @param page to show when it was not kept, absent: it was */
    public record Keeping(@Nullable JobPage page) {
        public boolean isKept() {
            return page == null;
        }
    }

    /** A stage as somebody opens it: what they typed on the others is kept, for they have left them. */
    public JobPage page(String number, Stage stage, Person person) {
        JobState state = store.load(number);
        return page(state.isOpen() && person.mayWork() ? left(state, stage, person) : state, stage, person);
    }

    /** What somebody else changed, shown where this one is: that is no leaving of the other sheets. */
    JobPage live(String number, Stage stage, Person person) {
        return page(store.load(number), stage, person);
    }

    private JobPage page(JobState state, Stage stage, Person person) {
        var shown = new Shown(newTab(), state.seq(stage), state.sheet(stage), Map.of(), person.unit(), List.of());
        return pages.page(state, stage, works.of(state), shown, person);
    }

    /** Where the store takes nothing, the page opens all the same: what was typed is there as a draft. */
    private JobState left(JobState state, Stage stage, Person person) {
        try {
            return keepLeft(
                    state,
                    d -> d.stage() != stage
                            && d.personId() == person.id()
                            && !d.tab().equals(AHEAD));
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("Not kept on leaving: job {}", state.job().number(), e);
            return state;
        }
    }

    /** Keeps every sheet as it stands, whoever typed it last. */
    JobState keepAll(String number) {
        JobState state = store.load(number);
        return state.isOpen() ? keepLeft(state, d -> true) : state;
    }

    /** Nothing of a stage is kept that still waits for a hold: it stays as it was typed. */
    private JobState keepLeft(JobState state, Predicate<JobMapper.StageDraft> which) {
        List<Stage> left = Arrays.stream(Stage.values())
                .filter(s -> state.newestDraft(s).filter(which).isPresent())
                .toList();
        JobWork work = works.of(state);
        List<Stage> kept = left.stream()
                .filter(s -> JobRules.held(s, state, work).isEmpty())
                .toList();
        kept.forEach(s -> store.keepLeft(state.job().number(), s, state.sheet(s), work.verdicts(s)));
        boolean numbered = Numbers.of(state.job().numbered())
                .with(work.findings())
                .text()
                .equals(state.job().numbered());
        if (!numbered) {
            store.number(state.job(), work.findings());
        }
        return kept.isEmpty() && numbered ? state : store.load(state.job().number());
    }

    /** Saves what was typed and says what follows from it; nothing is refused here, errors stand at their fields. */
    public JobPage type(String number, Stage stage, Posted posted, Person person) {
        JobState before = store.load(number, ListsPages.neededFor(stage));
        Saved saved = save(before, stage, posted, retyped(before, stage, posted), person);
        return pages.echo(saved.state(), stage, saved.work(), shown(saved, posted, Map.of()), person);
    }

    /** Strikes one reading with its reason; it stays in the record. */
    public JobPage strike(String number, Stage stage, Posted posted, String field, String why, Person person) {
        JobState before = store.load(number);
        Retyped retyped = retyped(before, stage, posted);
        Map<String, String> errors = why.isBlank() || why.length() > LONGEST_REASON
                ? Map.of(field, "A struck reading needs its reason, up to " + LONGEST_REASON + " characters.")
                : Map.of();
        Typed struck = retyped.texts().getOrDefault(field, Typed.NOTHING).strike(why.strip());
        if (errors.isEmpty() && wasStruck(before, stage, posted, struck, field)) {
            return page(before, stage, person);
        }
        Map<String, Typed> texts = new HashMap<>(retyped.texts());
        if (errors.isEmpty()) {
            texts.computeIfPresent(field, (name, typed) -> struck);
        }
        Saved saved = save(before, stage, posted, new Retyped(texts, texts, retyped.errors(), retyped.gone()), person);
        return pages.page(saved.state(), stage, saved.work(), shown(saved, posted, errors), person);
    }

    /** Whether this very strike has come before: a browser may send a form twice when its connection breaks. */
    private static boolean wasStruck(JobState before, Stage stage, Posted posted, Typed struck, String field) {
        Typed stored = before.sheet(stage).getOrDefault(field, Typed.NOTHING);
        int last = stored.struck().size() - 1;
        return posted.seq() < before.seq(stage)
                && stored.isBlank()
                && last >= 0
                && !struck.struck().isEmpty()
                && stored.struck()
                        .get(last)
                        .equals(struck.struck().get(struck.struck().size() - 1));
    }

    /**
     * Keeps a sheet as a revision, unless something in it cannot be read, is needed and absent, or waits for a hold
     * point.
     */
    public Keeping keep(String number, Stage stage, Posted posted, Person person) {
        JobState before = store.load(number);
        Saved saved = save(before, stage, posted, retyped(before, stage, posted), person);
        JobState state = saved.state();
        boolean aside = state.aside(stage).stream().anyMatch(d -> d.tab().equals(posted.tab()));
        JobWork work = aside ? works.of(state) : saved.work();
        Map<String, Typed> texts = state.sheet(stage);
        Map<String, String> missing = new LinkedHashMap<>(JobRules.wanted(stage, state, work));
        missing.putAll(saved.retyped().errors());
        boolean refused = work.cards().fields(stage).anyMatch(f -> work.errors().containsKey(f.name()));
        if (refused
                || aside
                || !missing.isEmpty()
                || JobRules.held(stage, state, work).isPresent()) {
            return new Keeping(pages.page(state, stage, work, shown(saved, posted, missing), person));
        }
        store.keep(number, stage, texts, work.verdicts(stage), person);
        return new Keeping(null);
    }

    /**
     * Fills fields that are still blank, as if they had been typed; what stands in a sheet stays.
     *
     * @param texts by field, @return the stage of the first field that was filled
     * @throws RefusedInput when the job is not open any more, or none of the fields is blank
     */
    Stage fill(String number, Map<String, String> texts, LengthUnit unit, Person person) {
        JobState state = store.load(number);
        if (!state.isOpen()) {
            throw new RefusedInput("", "can be taken into an open job only");
        }
        Stage first = null;
        String tab = newTab();
        for (Stage stage : Stage.values()) {
            Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(stage));
            List<String> blank = works.cards(state)
                    .fields(stage)
                    .map(Field::name)
                    .filter(texts::containsKey)
                    .filter(n -> sheet.getOrDefault(n, Typed.NOTHING).isBlank())
                    .toList();
            if (!blank.isEmpty()) {
                blank.forEach(
                        n -> sheet.put(n, sheet.getOrDefault(n, Typed.NOTHING).retyped(texts.get(n), unit)));
                JobWork work = works.of(state, state.textsWith(stage, sheet));
                store.saveDraft(state, stage, tab, state.seq(stage), sheet, work.verdicts(stage), person);
                first = first == null ? stage : first;
            }
        }
        if (first == null) {
            throw new RefusedInput("", "brings nothing that is still blank in job " + number);
        }
        return first;
    }

    /**
     * Saves what was typed, and fills what is still blank on this sheet and on those behind it as the last job here had
     * it: in their order, for what is taken on one asks for more on the next.
     */
    void takeAsLastTime(String number, Stage stage, Posted posted, Person person) {
        type(number, stage, posted, person);
        for (Stage each : Stage.values()) {
            if (each.compareTo(stage) >= 0) {
                takeAsLastTime(store.load(number), each, each == stage ? newTab() : AHEAD, person);
            }
        }
    }

    private void takeAsLastTime(JobState state, Stage stage, String tab, Person person) {
        Map<String, Typed> taken =
                pages.asLastTime(state, stage, works.of(state), person).texts();
        if (!taken.isEmpty()) {
            Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(stage));
            taken.forEach((name, text) -> sheet.merge(name, text, Typed::takenAs));
            JobWork work = works.of(state, state.textsWith(stage, sheet));
            store.saveDraft(state, stage, tab, state.seq(stage), sheet, work.verdicts(stage), person);
        }
    }

    /** Takes the typing of another window, which stood aside or in the way, as the newest. */
    void take(String number, Stage stage, String tab, Person person) {
        JobState state = store.load(number);
        state.drafts().stream()
                .filter(d -> d.stage() == stage && d.tab().equals(tab))
                .findFirst()
                .map(d -> json.read(d.texts()))
                .ifPresent(sheet -> store.saveDraft(
                        state,
                        stage,
                        tab,
                        state.seq(stage),
                        sheet,
                        works.of(state, state.textsWith(stage, sheet)).verdicts(stage),
                        person));
    }

    private Saved save(JobState before, Stage stage, Posted posted, Retyped retyped, Person person) {
        JobWork work = works.of(before, before.textsWith(stage, retyped.texts()));
        JobStore.Saved saved = store.saveDraft(
                before, stage, posted.tab(), posted.seq(), retyped.texts(), work.verdicts(stage), person);
        return new Saved(saved.after(), work, saved.seq(), retyped);
    }

    private static Shown shown(Saved saved, Posted posted, Map<String, String> errors) {
        Map<String, String> all = new HashMap<>(saved.retyped().errors());
        all.putAll(errors);
        return new Shown(
                posted.tab(),
                saved.seq(),
                saved.retyped().shown(),
                all,
                posted.unit(),
                saved.retyped().gone());
    }

    /**
     * The posted texts, each with the unit it was typed in: what was not touched keeps its own. One that is far too
     * long is not stored: what stood there stays, and its field says so. What was typed of an item that was taken out
     * stays too, and what a window that has not seen it go still types of it.
     */
    private Retyped retyped(JobState state, Stage stage, Posted posted) {
        Map<String, Typed> before = state.sheet(stage);
        Map<String, Typed> texts = new LinkedHashMap<>();
        Map<String, Typed> shown = new LinkedHashMap<>();
        Map<String, String> errors = new LinkedHashMap<>();
        JobCards cards = works.cards(state);
        List<JobItem> gone = state.job().takenOut().stream()
                .filter(i ->
                        fields(cards, stage, i).anyMatch(f -> posted.texts().containsKey(f.name())))
                .toList();
        texts.putAll(before);
        Stream.concat(cards.fields(stage), gone.stream().flatMap(i -> fields(cards, stage, i)))
                .forEach(f -> {
                    String text = posted.texts().getOrDefault(f.name(), "");
                    Typed stored = before.getOrDefault(f.name(), Typed.NOTHING);
                    Typed typed = stored.retyped(text, posted.unit());
                    boolean tooLong = text.length() > LONGEST_STORED;
                    if (tooLong) {
                        errors.put(
                                f.name(),
                                "Not saved: has room for " + LONGEST_STORED + " characters, got " + text.length()
                                        + ".");
                    }
                    texts.put(f.name(), tooLong ? stored : typed);
                    shown.put(f.name(), typed);
                });
        return new Retyped(texts, shown, errors, gone);
    }

    private static Stream<Field<?>> fields(JobCards cards, Stage stage, JobItem item) {
        return cards.of(stage, item).stream().flatMap(c -> c.fields().stream());
    }

    private String newTab() {
        return Long.toString(random.nextLong() >>> 1, Character.MAX_RADIX);
    }
}
