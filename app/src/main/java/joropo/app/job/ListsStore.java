package joropo.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.Beside.OnList;
import joropo.app.store.Movement;
import joropo.app.store.StoreService;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Parts list, strip log and timers of jobs in the database: short transactions, an open job only. */
@Service
class ListsStore {
    private final ListsMapper lists;
    private final JobStore jobs;
    private final StoreService store;
    private final TextsJson json;
    private final Clock clock;

    ListsStore(ListsMapper lists, JobStore jobs, StoreService store, TextsJson json, Clock clock) {
        this.lists = lists;
        this.jobs = jobs;
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /** Puts a part on the list; one that is there stays as it is. */
    @Transactional
    public void list(String number, Stage stage, Part part, Person person) {
        lists.list(jobs.openJob(number).id(), stage, part, person.id(), now());
    }

    /**
     * Decides about a part. What was laid out before for it goes back to its lot first.
     *
     * @throws RefusedInput when the lot does not serve for it, has too few, or is past its date and nobody may release
     *     it: then nothing is stored
     */
    @Transactional
    public void decide(
            String number,
            Part part,
            PartState state,
            @Nullable Long lotId,
            String reason,
            String followUp,
            Person person) {
        Job job = jobs.openJob(number);
        PartEntry before = OnList.of(lists.partRows(job.id())).decided().stream()
                .filter(e -> e.part().equals(part.id()))
                .findFirst()
                .orElse(null);
        if (before != null
                && before.state() == state
                && Objects.equals(before.lotId(), lotId)
                && before.reason().equals(reason)
                && before.isFor(part)) {
            return;
        }
        if (before != null && before.lotId() != null) {
            store.move(before.lotId(), Movement.Kind.RETURNED, before.count(), "not used after all", job.id(), person);
        }
        if (lotId != null) {
            if (!store.serves(lotId, part)) {
                throw new RefusedInput(
                        "lot",
                        "that lot is used up, or of another size or material than what is wanted now: " + part.name());
            }
            store.move(lotId, Movement.Kind.ISSUED, part.count(), reason, job.id(), person);
        }
        lists.decide(job.id(), part, state, lotId, reason, followUp, person.id(), now());
    }

    /** New ones that are not from the store, all or none of them. */
    @Transactional
    public void decideNew(String number, List<Part> parts, String reason, Person person) {
        parts.forEach(p -> decide(number, p, PartState.NEW, null, reason, "", person));
    }

    @Transactional
    public long remove(String number, PartKind kind, String name, @Nullable Long cameWith, Person person) {
        return lists.remove(jobs.openJob(number).id(), kind, name, cameWith, person.id(), now());
    }

    /**
     * One that came off in the place of an item: the first of its kind of which none did yet, else one more that the
     * job takes, while it has room.
     */
    @Transactional
    public long removeSealed(String number, PartKind kind, String name, Person person) {
        long part = remove(number, kind, name, null, person);
        JobState now = jobs.load(number, Set.of());
        List<StripPart> before =
                now.beside().order().stream().filter(p -> p.id() != part).toList();
        Optional<JobItem> without = new Stripped(now.items(), before).without(kind);
        if (without.isPresent()) {
            note(number, part, StripPart.textsOf(without.get().number(), false), person);
        } else if (now.items().size() < JobItems.MOST_ITEMS) {
            note(number, part, StripPart.textsOf(jobs.addItem(number, kind, "", person), true), person);
        }
        return part;
    }

    /** The old one of an item. */
    @Transactional
    public void removeOf(String number, JobItem item, String name, Person person) {
        note(number, remove(number, item.kind(), name, null, person), StripPart.textsOf(item.number(), false), person);
    }

    /** All that came off here before, in that order: of what each was an item it is the old one again. */
    @Transactional
    public void removeAgain(String number, List<StripPart> before, Person person) {
        for (StripPart part : before) {
            JobState now = jobs.load(number, Set.of());
            Optional<JobItem> item = new Stripped(now.items(), now.beside().order())
                    .unnoted().stream()
                            .filter(i -> i.kind() == part.kind()
                                    && Integer.valueOf(i.number()).equals(part.item()))
                            .findFirst();
            if (item.isPresent()) {
                removeOf(number, item.get(), part.name(), person);
            } else {
                String line = part.text(StripPart.LINE);
                long row = remove(number, part.kind(), part.name(), null, person);
                if (!line.isBlank()) {
                    note(number, row, Map.of(StripPart.LINE.name(), line), person);
                }
            }
        }
    }

    @Transactional
    public void note(String number, long partId, Map<String, String> texts, Person person) {
        jobs.openJob(number);
        lists.note(partId, json.writePlain(texts), person.id(), now());
    }

    @Transactional
    public void back(String number, long partId, StripPart.Back back, String reason, Person person) {
        jobs.openJob(number);
        lists.back(partId, back, reason, person.id(), now());
    }

    /** @param item that came into the job with it and goes with it, absent: none */
    @Transactional
    public void strike(String number, long partId, String why, @Nullable Integer item, Person person) {
        lists.strike(jobs.openJob(number).id(), partId, why + " (" + person.fullName() + ")");
        if (item != null) {
            jobs.withdrawItem(number, item, "its old one was noted in error: " + why, person);
        }
    }

    @Transactional
    public void startTimer(String number, String what, int minutes, Person person) {
        lists.startTimer(jobs.openJob(number).id(), what, minutes, person.id(), now());
    }

    @Transactional
    public void stopTimer(String number, long id, String why, Person person) {
        lists.stopTimer(jobs.openJob(number).id(), id, why + " (" + person.fullName() + ")");
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
