package joropo.app.section;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import joropo.app.access.Person;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.app.ui.NotFound;
import joropo.core.section.Arranging;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Service;

/** Sections on the bench: brought in, moved, kept for jobs and positions. */
@Service
public class BenchService {
    private final BenchStore store;
    private final BenchPages pages;
    private final SectionText json;

    BenchService(BenchStore store, BenchPages pages, SectionText json) {
        this.store = store;
        this.pages = pages;
        this.json = json;
    }

    /** What a page asks for: what is in hand, which way the paper lies, the move that it shows. */
    public record Asks(
            @Nullable String at,
            Orientation view,
            @Nullable Long seen,
            @Nullable String run) {}

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

    /** @throws RefusedInput saying what is wrong with the file's text */
    public long bringIn(String text, Person person) {
        return store.open(null, SectionRole.OWN, json.read(text).written(), "brought in from a file", person);
    }

    /** Begins one of the two sections of a job, or gives the one that is there. */
    public long openFor(long jobId, SectionRole role, Section section, Person person) {
        return store.ofJob(jobId).stream()
                .filter(s -> s.role() == role)
                .map(StoredSection::id)
                .findFirst()
                .orElseGet(() -> store.open(jobId, role, section, "began from the job's sheets", person));
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

    /** A move that another room makes on a section. @throws RefusedInput when the section is closed */
    public void move(long id, Section section, String what, Person person) {
        StoredSection sheet = store.sheet(id);
        if (!sheet.isOpen()) {
            throw new RefusedInput("", "is closed: it is not changed any more");
        }
        store.move(sheet, section, what, null, person);
    }

    /** The sections of a job, by what they stand for. */
    public Map<SectionRole, Arranged> ofJob(long jobId) {
        Map<SectionRole, Arranged> out = new EnumMap<>(SectionRole.class);
        store.ofJob(jobId).forEach(s -> out.put(s.role(), new Arranged(s.id(), json.read(s.section()))));
        return out;
    }

    /**
     * What a job rests on: its own sections by what they stand for, and what stood at its position when it was opened.
     */
    public record BesideJob(
            Map<SectionRole, Arranged> own, @Nullable Section before) {}

    public BesideJob besideJob(long jobId, long positionId, Instant openedAt) {
        Map<SectionRole, Arranged> own = new EnumMap<>(SectionRole.class);
        Section before = null;
        for (BenchMapper.BesideJob one : store.besideJob(jobId, positionId, openedAt)) {
            Section section = json.read(one.section());
            if (one.role() == null) {
                before = section;
            } else {
                own.put(one.role(), new Arranged(one.id(), section));
            }
        }
        return new BesideJob(own, before);
    }

    /** A section of a job, with its number on the bench. */
    public record Arranged(long id, Section section) {}

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

    public BenchView page(long id, Asks asks, Person person) {
        StoredSection sheet = store.sheet(id);
        Section section = json.read(sheet.section());
        return view(
                sheet,
                section,
                new BenchPages.Asked(ItemRef.of(asks.at(), section), asks.view(), Map.of(), Map.of(), "", ""),
                person);
    }

    /**
     * One move of the hand. What cannot be done is said on the page, nothing of it is stored.
     *
     * @param move its name in the address, @param form what was posted with it
     */
    public BenchView move(long id, String move, Map<String, String> form, Asks asks, Person person) {
        StoredSection sheet = store.sheet(id);
        Section section = json.read(sheet.section());
        ItemRef at = ItemRef.of(asks.at(), section);
        if (!sheet.isOpen()) {
            return refused(sheet, section, at, asks, "This section is closed: it is not changed any more.", person);
        }
        if (asks.seen() != null && asks.seen() != sheet.atMove()) {
            return refused(
                    sheet,
                    section,
                    at,
                    asks,
                    "This section was moved on in another window: what you see now is the newest. Make your move "
                            + "again if it is still wanted.",
                    person);
        }
        if (move.equals("undo") || move.equals("redo")) {
            boolean undo = move.equals("undo");
            StoredSection after = undo ? store.undo(sheet) : store.redo(sheet);
            Section then = json.read(after.section());
            String what = undo ? "Undone: " + sheet.what() : "Done again: " + after.what();
            return view(
                    after,
                    then,
                    new BenchPages.Asked(ItemRef.of(asks.at(), then), asks.view(), Map.of(), Map.of(), what, ""),
                    person);
        }
        try {
            SectionMoves.Next next = next(move, form, section, at, person.unit());
            if (next.section().equals(section)) {
                return view(
                        sheet,
                        section,
                        new BenchPages.Asked(next.at(), asks.view(), Map.of(), Map.of(), next.what(), ""),
                        person);
            }
            StoredSection after = store.move(sheet, next.section(), next.what(), asks.run(), person);
            return view(
                    after,
                    next.section(),
                    new BenchPages.Asked(next.at(), asks.view(), Map.of(), Map.of(), next.what(), ""),
                    person);
        } catch (RefusedInput e) {
            boolean fields = move.equals("figures");
            Map<String, String> errors = fields ? new PartForm(at, section, json, person.unit()).errors(e) : Map.of();
            String message = e.errors().get(0).message();
            String notice = fields
                    ? errors.getOrDefault("", "")
                    : "Not done: " + (message.matches("(there|the|a) .*") ? message : "it " + message) + ".";
            return view(
                    sheet,
                    section,
                    new BenchPages.Asked(at, asks.view(), fields ? form : Map.of(), errors, "", notice),
                    person);
        }
    }

    private SectionMoves.Next next(
            String move, Map<String, String> form, Section section, ItemRef at, LengthUnit unit) {
        var hand = new SectionMoves(section, at, unit);
        return switch (move) {
            case "place" -> hand.place(form.get("place"), form.get("by"));
            case "turn" -> hand.turn();
            case "outward" -> hand.swap(Side.OUT);
            case "inward" -> hand.swap(Side.IN);
            case "take-out" -> hand.takeOut(json);
            case "add" -> hand.add(form.getOrDefault("kind", ""), json);
            case "school" ->
                hand.school(
                        form.getOrDefault("school", "").matches("\\d{1,2}")
                                ? Integer.parseInt(form.get("school"))
                                : -1);
            case "figures" -> figures(form, section, at, unit);
            default -> throw new NotFound("move " + move);
        };
    }

    /** New figures of what is in hand; parts keep their order along the axis. */
    private SectionMoves.Next figures(Map<String, String> form, Section section, ItemRef at, LengthUnit unit) {
        Section read = new PartForm(at, section, json, unit).read(form, json);
        String what = at.words(read) + ": figures";
        if (at.list() != 'b') {
            return new SectionMoves.Next(read, at, what);
        }
        var sorted = Arranging.replaced(read, at.index(), read.boreItems().get(at.index()));
        return new SectionMoves.Next(sorted.section(), new ItemRef('b', sorted.part()), what);
    }

    private BenchView refused(
            StoredSection sheet, Section section, ItemRef at, Asks asks, String notice, Person person) {
        return view(sheet, section, new BenchPages.Asked(at, asks.view(), Map.of(), Map.of(), "", notice), person);
    }

    private BenchView view(StoredSection sheet, Section section, BenchPages.Asked asked, Person person) {
        Section found = sheet.role() == SectionRole.PLANNED
                ? Optional.ofNullable(ofJob(sheet.jobId()).get(SectionRole.AS_FOUND))
                        .map(Arranged::section)
                        .orElse(null)
                : null;
        return pages.view(sheet, section, found, store.mayRedo(sheet), asked, person);
    }
}
