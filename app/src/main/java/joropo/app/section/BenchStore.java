package joropo.app.section;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.section.Section;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sections and their moves in the database: every move stays, a mark says which one counts. */
@Service
class BenchStore {
    private static final JobSection.Written NOTHING_WRITTEN = new JobSection.Written(Map.of(), Map.of());

    private final BenchMapper bench;
    private final PeopleService people;
    private final SectionText json;
    private final Clock clock;

    BenchStore(BenchMapper bench, PeopleService people, SectionText json, Clock clock) {
        this.bench = bench;
        this.people = people;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public StoredSection sheet(long id) {
        return find(id);
    }

    @Transactional(readOnly = true)
    public List<StoredSection> own() {
        return bench.own();
    }

    @Transactional(readOnly = true)
    public List<StoredSection> ofJob(long jobId) {
        return bench.ofJob(jobId);
    }

    @Transactional(readOnly = true)
    public boolean mayRedo(StoredSection sheet) {
        return bench.newestAfter(sheet.atMove()).isPresent();
    }

    @Transactional(readOnly = true)
    public Optional<Section> fittedAt(long positionId) {
        return bench.fitted(positionId).map(json::read);
    }

    @Transactional(readOnly = true)
    public List<BenchMapper.BesideJob> besideJob(long jobId, long positionId, Instant openedAt) {
        return bench.besideJob(jobId, positionId, openedAt);
    }

    @Transactional(readOnly = true)
    public List<Long> fittedOfMachine(long machineId) {
        return bench.fittedOfMachine(machineId);
    }

    @Transactional
    public long open(@Nullable Long jobId, SectionRole role, Section section, String what, Person person) {
        long id = bench.insertSheet(jobId, role, person.id(), now());
        bench.setAt(id, null, insert(id, null, null, what, section, jobId == null ? null : NOTHING_WRITTEN, person));
        return id;
    }

    /**
     * One move more; a run of typing or nudging stays one move. @throws RefusedInput when somebody else has moved on in
     * the meantime
     */
    @Transactional
    public StoredSection move(
            StoredSection sheet,
            Section section,
            String what,
            @Nullable String run,
            JobSection.@Nullable Written wrote,
            Person person) {
        boolean goesOn = run != null && run.equals(sheet.run()) && sheet.beforeId() != null;
        long move = insert(
                sheet.id(),
                goesOn ? sheet.beforeId() : Long.valueOf(sheet.atMove()),
                run,
                what,
                section,
                wrote == null || !goesOn ? wrote : json.wrote(sheet.wrote()).and(wrote),
                person);
        return at(sheet, move);
    }

    @Transactional
    public StoredSection undo(StoredSection sheet) {
        return sheet.beforeId() == null ? sheet : at(sheet, sheet.beforeId());
    }

    @Transactional
    public StoredSection redo(StoredSection sheet) {
        return bench.newestAfter(sheet.atMove()).map(m -> at(sheet, m)).orElse(sheet);
    }

    @Transactional
    public void withdraw(long id, String why, Person person) {
        if (find(id).role() != SectionRole.OWN) {
            throw new RefusedInput("why", "belongs to a job: it stays there");
        }
        bench.withdraw(id, why);
        people.record(person.name(), "put away section " + id + ": " + why);
    }

    @Transactional
    public void fitted(long positionId, long jobId, Section section) {
        bench.insertFitted(positionId, jobId, json.write(section), now());
    }

    private StoredSection at(StoredSection sheet, long move) {
        if (bench.setAt(sheet.id(), sheet.atMove(), move) == 0) {
            throw new RefusedInput("", "was moved on by somebody else in the same moment: look again");
        }
        return find(sheet.id());
    }

    private long insert(
            long sheetId,
            @Nullable Long before,
            @Nullable String run,
            String what,
            Section section,
            JobSection.@Nullable Written wrote,
            Person person) {
        return bench.insertMove(
                sheetId,
                before,
                run,
                what,
                json.write(section),
                wrote == null ? null : json.write(wrote),
                SectionText.SCHEMA_VERSION,
                person.id(),
                now());
    }

    private StoredSection find(long id) {
        return bench.sheet(id).orElseThrow(() -> new NotFound("section " + id));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
