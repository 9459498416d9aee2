package joropo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import joropo.app.access.Person;
import joropo.app.family.Laid;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.WorkSection;
import joropo.app.section.BenchService;
import joropo.app.section.JobSection;
import joropo.app.section.SectionChanges;
import joropo.app.section.SectionRole;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Service;

/**
 * The sections of a job on the bench. They follow from its sheets, and what is moved there is written on the sheets: no
 * section of its own is kept.
 */
@Service
public class JobBench implements JobSection {
    /** The window in which the bench types. */
    private static final String TAB = "section";
    /** Before the number of an item that an act brought, among the texts that it wrote. */
    private static final String ITEM = "ITEM/";

    private static final String BROUGHT = "brought";

    private final JobStore store;
    private final BenchService bench;
    private final JobWorks works;
    private final SectionOnSheets onSheets;

    JobBench(JobStore store, BenchService bench, JobWorks works, SectionOnSheets onSheets) {
        this.store = store;
        this.bench = bench;
        this.works = works;
        this.onSheets = onSheets;
    }

    /** Opens one of the two on the bench. @return its number there */
    long arrange(String number, SectionRole role, Person person) {
        JobState state = store.load(number);
        WorkSection section = SectionOnSheets.section(works.of(state));
        return bench.openFor(
                state.job().id(),
                role,
                role == SectionRole.PLANNED
                        ? section.arranged()
                        : found(state, section).orElseGet(section::found),
                person);
    }

    @Override
    public Optional<Section> of(String job, SectionRole role) {
        JobState state = store.load(job);
        WorkSection section = SectionOnSheets.section(works.of(state));
        return role == SectionRole.PLANNED ? Optional.of(section.arranged()) : found(state, section);
    }

    /** Kept before strip log and sheets said so, else as they do; as the last job left it while nothing was read. */
    private static Optional<Section> found(JobState state, WorkSection section) {
        return Optional.ofNullable(state.sections().found())
                .or(() -> section.isFound()
                        ? Optional.of(section.found())
                        : Optional.ofNullable(state.sections().before()));
    }

    @Override
    public Written write(String job, Section section, Person person) {
        JobState state = open(job);
        Map<Stage, Map<String, Typed>> texts = works.whole(state, state.texts());
        JobWork work = works.following(state, texts);
        Section before = SectionOnSheets.section(work).arranged();
        mayBe(work, before, section);
        return save(state, onSheets.written(texts, before, section, false, t -> works.following(state, t)), person);
    }

    private JobState open(String job) {
        JobState state = store.load(job);
        if (!state.isOpen()) {
            throw new RefusedInput("", "is closed: it is not changed any more");
        }
        return state;
    }

    /** A seal of a job is an item, and what came off goes back or is left out with its reason. */
    private static void mayBe(JobWork work, Section before, Section section) {
        long items = work.items().stream()
                .filter(i -> i.work().section().isPresent())
                .count();
        int seals = section.seals().size();
        if (seals != before.seals().size() && (items > 1 || seals > 2)) {
            throw new RefusedInput(
                    "", "is an item of the job: add it or take it out beside the sheet, with its own size and batch");
        }
        Set<String> left = section.boreItems().stream()
                .map(BoreItem::id)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        work.items().stream()
                .flatMap(i -> i.work().laid().stream())
                .map(Laid::drawn)
                .flatMap(d -> d.entrySet().stream())
                .filter(e -> e.getKey().startsWith("o") && !left.contains(e.getValue()))
                .findFirst()
                .ifPresent(e -> {
                    throw new RefusedInput(
                            "", "came off in this job: say at what came off that it is left out, and why");
                });
    }

    @Override
    public String takeBack(String job, Written written, Person person) {
        JobState state = open(job);
        Map<Stage, Map<String, Typed>> texts = SectionOnSheets.copy(state.texts());
        List<String> kept = new ArrayList<>();
        written.before().forEach((at, text) -> {
            if (at.startsWith(ITEM)) {
                return;
            }
            Stage stage = Stage.valueOf(at.substring(0, at.indexOf('/')));
            String name = at.substring(at.indexOf('/') + 1);
            Map<String, Typed> sheet = texts.computeIfAbsent(stage, s -> new LinkedHashMap<>());
            Typed now = sheet.getOrDefault(name, Typed.NOTHING);
            if (!now.text().equals(written.since().get(at))) {
                kept.add(label(state, stage, name));
            } else if (name.startsWith(SectionOnSheets.BENCH)) {
                sheet.put(name, new Typed(text, null, List.of()));
            } else {
                sheet.put(name, now.retyped(text, LengthUnit.MM));
            }
        });
        save(state, texts, person);
        kept.addAll(itemsTakenBack(job, written, person));
        return String.join(", ", kept);
    }

    /**
     * Items that the act brought go with it while nothing is known of them; one that has gone does not come again by
     * itself. @return names of those that stay as they are
     */
    private List<String> itemsTakenBack(String job, Written written, Person person) {
        List<String> kept = new ArrayList<>();
        JobState now = store.load(job);
        var stripped = new Stripped(now.items(), now.beside().order());
        written.before().keySet().stream().filter(at -> at.startsWith(ITEM)).forEach(at -> {
            int number = Integer.parseInt(at.substring(ITEM.length()));
            Optional<JobItem> item =
                    now.items().stream().filter(i -> i.number() == number).findFirst();
            boolean known = item.filter(i -> !stripped.unnoted().contains(i) || isTyped(now, i))
                    .isPresent();
            if (item.isPresent() && !known && written.since().get(at).equals(BROUGHT)) {
                store.withdrawItem(job, number, "taken back with the section that brought it", person);
            } else {
                kept.add(item.map(i -> i.calledAmong(now.items())).orElse("seal " + number));
            }
        });
        return kept;
    }

    private static boolean isTyped(JobState state, JobItem item) {
        return state.texts().values().stream()
                .flatMap(sheet -> sheet.entrySet().stream())
                .anyMatch(e ->
                        e.getKey().startsWith(item.prefix()) && !e.getValue().isBlank());
    }

    private String label(JobState state, Stage stage, String name) {
        return works.cards(state)
                .fields(stage)
                .filter(f -> f.name().equals(name))
                .map(Field::label)
                .findFirst()
                .orElseGet(() -> String.join(
                        ", ",
                        SectionChanges.said(Map.of(name.substring(name.indexOf('-') + 1), "[null,null]"))
                                .keySet()));
    }

    /** Writes the sheets that changed. */
    private Written save(JobState before, Map<Stage, Map<String, Typed>> texts, Person person) {
        Map<String, String> were = new LinkedHashMap<>();
        Map<String, String> are = new LinkedHashMap<>();
        JobWork work = works.following(before, texts);
        JobState state = before;
        for (Map.Entry<Stage, Map<String, Typed>> sheet : texts.entrySet()) {
            Stage stage = sheet.getKey();
            Map<String, Typed> old = before.sheet(stage);
            if (sheet.getValue().equals(old)) {
                continue;
            }
            Set<String> names = new TreeSet<>(sheet.getValue().keySet());
            names.addAll(old.keySet());
            for (String name : names) {
                String was = old.getOrDefault(name, Typed.NOTHING).text();
                String is = sheet.getValue().getOrDefault(name, Typed.NOTHING).text();
                if (!was.equals(is)) {
                    were.put(stage + "/" + name, was);
                    are.put(stage + "/" + name, is);
                }
            }
            state = store.saveDraft(state, stage, TAB, state.seq(stage), sheet.getValue(), work.verdicts(stage), person)
                    .after();
        }
        return new Written(were, are);
    }

    /**
     * Plans it as it was found: as the texts of each seal, so that what is decided later counts. Where nothing was read
     * in this job, as the last one left it. @throws RefusedInput when the job is closed, or nothing of an old seal was
     * read
     */
    void planAsFound(String number, Person person) {
        JobState state = open(number);
        JobWork work = works.of(state);
        WorkSection section = SectionOnSheets.section(work);
        Section kept =
                section.isFound() ? state.sections().found() : state.sections().before();
        if (kept != null) {
            plan(number, kept, "planned as it was found", person);
            return;
        }
        Map<Stage, Map<String, Typed>> texts = SectionOnSheets.copy(works.whole(state, state.texts()));
        Map<Stage, Map<String, String>> said = onSheets.said(work, WorkSection::foundTexts);
        if (said.isEmpty()) {
            throw new RefusedInput("", "has no old seal yet whose place or way round was read");
        }
        said.forEach((stage, fields) -> fields.forEach((name, text) ->
                SectionOnSheets.type(texts.computeIfAbsent(stage, s -> new LinkedHashMap<>()), name, text)));
        save(state, texts, person);
    }

    /** Plans a section from the bench: an item for each of its seals. @throws RefusedInput when the job is closed */
    void plan(String number, long onBench, Person person) {
        Section section = bench.section(onBench);
        plan(number, section, "as planned on the bench, " + section.name(), person);
    }

    /** Plans a section likewise. @param what it is, in words */
    public void plan(String number, Section section, String what, Person person) {
        JobState state = open(number);
        PartKind kind = state.job().kind();
        long there = state.items().stream().filter(i -> i.kind() == kind).count();
        Map<String, String> none = new LinkedHashMap<>();
        Map<String, String> brought = new LinkedHashMap<>();
        for (long i = there; i < section.seals().size(); i++) {
            String item = ITEM + store.addItem(number, kind, "", person);
            none.put(item, "");
            brought.put(item, BROUGHT);
        }
        long sheet = arrange(number, SectionRole.PLANNED, person);
        JobState with = store.load(number);
        Map<Stage, Map<String, Typed>> texts = works.whole(with, with.texts());
        Section typed = SectionOnSheets.section(works.following(with, texts)).arranged();
        Section wanted = bench.changes().named(section, typed);
        Written written =
                save(with, onSheets.written(texts, typed, wanted, true, t -> works.following(with, t)), person);
        bench.wrote(sheet, wanted, what, new Written(none, brought).and(written), person);
    }
}
