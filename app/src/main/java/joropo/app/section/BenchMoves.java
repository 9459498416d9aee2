package joropo.app.section;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import joropo.app.access.Person;
import joropo.app.drawing.Orientation;
import joropo.app.ui.NotFound;
import joropo.core.section.Arranging;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** One section under the hand: its page, and each move on it. */
@Service
class BenchMoves {
    /** Said of what was found. */
    static final String FOLLOWS = "What was found follows from what came off and from the sheets: note it there.";

    private final BenchStore store;
    private final BenchPages pages;
    private final JobSection jobs;
    private final SectionChanges changes;
    private final SectionText json;

    BenchMoves(BenchStore store, BenchPages pages, JobSection jobs, SectionText json) {
        this.store = store;
        this.pages = pages;
        this.jobs = jobs;
        this.changes = new SectionChanges(json);
        this.json = json;
    }

    /** What a page asks for: what is in hand, which way the paper lies, the move that it shows. */
    public record Asks(
            @Nullable String at,
            Orientation view,
            @Nullable Long seen,
            @Nullable String run) {}

    public BenchView page(long id, Asks asks, Person person) {
        StoredSection sheet = store.sheet(id);
        Section section = section(sheet);
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
        Section section = section(sheet);
        ItemRef at = ItemRef.of(asks.at(), section);
        if (!sheet.isOpen()) {
            return refused(sheet, section, at, asks, "This section is closed: it is not changed any more.", person);
        }
        if (sheet.role() == SectionRole.AS_FOUND) {
            return refused(sheet, section, at, asks, FOLLOWS, person);
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
            String kept = moved(sheet, after, undo, person);
            Section then = section(after);
            String what = undo ? "Undone: " + sheet.what() : "Done again: " + after.what();
            return view(
                    after,
                    then,
                    new BenchPages.Asked(
                            ItemRef.of(asks.at(), then),
                            asks.view(),
                            Map.of(),
                            Map.of(),
                            what,
                            kept.isEmpty() ? "" : "Typed otherwise since, and left so: " + kept + "."),
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
            StoredSection after = write(sheet, section, next, asks.run(), person);
            Section then = section(after);
            return view(
                    after,
                    then,
                    new BenchPages.Asked(next.at().in(then), asks.view(), Map.of(), Map.of(), next.what(), ""),
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

    /** Of a job as it follows from its sheets, else as it was arranged. */
    Section section(StoredSection sheet) {
        return (sheet.jobNumber() == null ? Optional.<Section>empty() : jobs.of(sheet.jobNumber(), sheet.role()))
                .orElseGet(() -> json.read(sheet.section()));
    }

    /** Of a job on its sheets, and in any case as a move that can be undone. */
    private StoredSection write(
            StoredSection sheet, Section before, SectionMoves.Next next, @Nullable String run, Person person) {
        if (sheet.jobNumber() == null) {
            return store.move(sheet, next.section(), next.what(), run, null, person);
        }
        Section named = changes.added(next.section(), before);
        return store.move(sheet, named, next.what(), run, jobs.write(sheet.jobNumber(), named, person), person);
    }

    /** What the sheets of its job have of it. @return names of what was left as somebody typed it since */
    private String moved(StoredSection from, StoredSection to, boolean undo, Person person) {
        JobSection.Written wrote = json.wrote(undo ? from.wrote() : to.wrote());
        return from.jobNumber() == null || from.atMove() == to.atMove()
                ? ""
                : jobs.takeBack(from.jobNumber(), undo ? wrote : wrote.back(), person);
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
        return pages.view(sheet, section, found(sheet).orElse(null), store.mayRedo(sheet), asked, person);
    }

    /** What was found in the job of a section as planned. */
    Optional<Section> found(StoredSection sheet) {
        return sheet.role() == SectionRole.PLANNED
                ? jobs.of(Objects.requireNonNull(sheet.jobNumber()), SectionRole.AS_FOUND)
                : Optional.empty();
    }
}
