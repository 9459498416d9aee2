package joropo.app.section;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import joropo.app.access.Person;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.core.section.Section;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Sections on the bench: brought in, moved, kept for jobs and positions. */
@Service
public class BenchService {
    private static final JsonMapper WRITTEN = JsonMapper.builder().build();

    private final BenchStore store;
    private final SectionText json;
    private final SectionChanges changes;

    BenchService(BenchStore store, SectionText json) {
        this.store = store;
        this.json = json;
        this.changes = new SectionChanges(json);
    }

    /** What sections have otherwise than one another. */
    public SectionChanges changes() {
        return changes;
    }

    /**
     * Whether a text is a section as it is stored, told without a server. @param rules how JSON is taken in this house
     */
    public static Predicate<String> reads(JsonMapperBuilderCustomizer rules) {
        SectionText text = SectionText.atTheMachine(rules);
        return section -> {
            try {
                text.read(section);
                return true;
            } catch (RefusedInput e) {
                return false;
            }
        };
    }

    /** Whether a text is what a move wrote on sheets, as it is stored. */
    public static boolean wasWritten(String text) {
        JobSection.Written read = WRITTEN.readValue(text, JobSection.Written.class);
        return read != null
                && read.before() != null
                && read.since() != null
                && !read.before().containsValue(null)
                && !read.since().containsValue(null);
    }

    /** @throws RefusedInput saying what is wrong with the file's text */
    public long bringIn(String text, Person person) {
        return store.open(null, SectionRole.OWN, json.read(text).written(), "brought in from a file", person);
    }

    /** Begins one of the two sections of a job, or gives the one that is there. @return its number on the bench */
    public long openFor(long jobId, SectionRole role, Section section, Person person) {
        return onBench(jobId, role)
                .orElseGet(() -> store.open(jobId, role, section, "began from the job's sheets", person));
    }

    private Optional<Long> onBench(long jobId, SectionRole role) {
        return store.ofJob(jobId).stream()
                .filter(s -> s.role() == role)
                .map(StoredSection::id)
                .findFirst();
    }

    /** Keeps what another room wrote on the sheets of a job as a move that can be undone. */
    public void wrote(long id, Section section, String what, JobSection.Written wrote, Person person) {
        store.move(store.sheet(id), section, what, null, wrote, person);
    }

    /** A section of somebody's own on the bench. @param name as it calls itself */
    public record OnBench(long id, String name, String madeBy) {}

    /** Sections of somebody's own that stand on the bench, the newest first. */
    public List<OnBench> own() {
        return store.own().stream()
                .map(s -> new OnBench(s.id(), json.read(s.section()).name(), s.madeBy()))
                .toList();
    }

    /** A section as it stands on the bench. @throws NotFound when there is none of this number */
    public Section section(long id) {
        return json.read(store.sheet(id).section());
    }

    /**
     * What a job rests on. @param own its sections that were arranged before its sheets said so, by what they stand
     * for, @param before what stood at its position when it was opened, absent: nobody knows
     */
    public record BesideJob(
            Map<SectionRole, Section> own, @Nullable Section before) {}

    public BesideJob besideJob(long jobId, long positionId, Instant openedAt) {
        Map<SectionRole, Section> own = new EnumMap<>(SectionRole.class);
        Section before = null;
        for (BenchMapper.BesideJob one : store.besideJob(jobId, positionId, openedAt)) {
            Section section = json.read(one.section());
            if (one.role() == null) {
                before = section;
            } else {
                own.put(one.role(), section);
            }
        }
        return new BesideJob(own, before);
    }

    /** Keeps what now stands at a position. */
    public void fitted(long positionId, long jobId, Section section) {
        store.fitted(positionId, jobId, section);
    }

    /** What stands at a position since its last signed job; absent before the first. */
    public Optional<Section> fittedAt(long positionId) {
        return store.fittedAt(positionId);
    }

    /** What stands at a position as a picture; empty before its first signed job. */
    public String drawingOfFitted(long positionId) {
        return fittedAt(positionId)
                .map(s -> SectionDrawing.svg(SectionPicture.of(s), "f-"))
                .orElse("");
    }

    /** Positions of a machine of which it is known what stands there. */
    public List<Long> fittedOfMachine(long machineId) {
        return store.fittedOfMachine(machineId);
    }
}
