package joropo.app.watch;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.register.RegisterService;
import joropo.app.register.SealFitted;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakEvent.Seen;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.leak.LeakKind;
import joropo.core.units.Day;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Leak watches: begun, read, judged at each entry, answered, ended. */
@Service
public class WatchService {
    private static final int A_MINUTE_S = 60;
    /** In which days are counted. */
    static final ZoneId ZONE = ZoneId.systemDefault();

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 300;
    private static final int LONGEST_SENT = 60;
    /** How far a phone's clock may be ahead. */
    private static final int AHEAD_MIN = 10;
    /** Of one area on one page: what is beyond is another walk. */
    static final int ROUND = 60;

    private final WatchMapper watches;
    private final RegisterService register;
    private final PeopleService people;
    private final TransactionTemplate writing;
    private final Clock clock;

    WatchService(
            WatchMapper watches,
            RegisterService register,
            PeopleService people,
            TransactionTemplate writing,
            Clock clock) {
        this.writing = writing;
        this.watches = watches;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZONE);
    }

    @Transactional(readOnly = true)
    public Watched watched(long id) {
        return Watched.of(need(id), watches.entries(id), today());
    }

    @Transactional(readOnly = true)
    public WatchLine line(long id) {
        return watches.line(id).orElseThrow(() -> new NotFound("leak watch " + id));
    }

    @Transactional(readOnly = true)
    public List<WatchLine> atPosition(long positionId) {
        return watches.atPosition(positionId);
    }

    @Transactional(readOnly = true)
    public Paged<WatchLine> all(int page) {
        return Paged.of(page, watches.count(null), (most, after) -> watches.all(null, most, after));
    }

    /** One area in walking order. */
    @Transactional(readOnly = true)
    public Paged<WatchLine> round(String area, int page) {
        return Paged.of(page, watches.count(area), ROUND, (most, after) -> watches.round(area, most, after));
    }

    @Transactional(readOnly = true)
    public List<WatchMapper.Area> areas() {
        return watches.areas(today());
    }

    /** Those that lose too much, rise, or want to be read again, the worst first. */
    @Transactional(readOnly = true)
    public Paged<WatchLine> rising() {
        return Paged.of(1, watches.countRising(), (most, after) -> watches.rising(most, after));
    }

    /** Those that should have been read, the longest first. */
    @Transactional(readOnly = true)
    public Paged<WatchLine> due() {
        return Paged.of(1, watches.countDue(today()), (most, after) -> watches.due(today(), most, after));
    }

    @Transactional(readOnly = true)
    public List<WatchLine> everyLine() {
        return watches.all(null, Integer.MAX_VALUE, 0);
    }

    @Transactional(readOnly = true)
    public List<WatchAdvice> advice(long id) {
        return watches.advice(id);
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long start(long positionId, @Nullable LeakKind kind, String name, WatchTerms terms, Person me) {
        register.position(positionId).orElseThrow(() -> new NotFound("position " + positionId));
        new Needs()
                .given("kind", kind)
                .that(
                        "name",
                        !name.isBlank() && name.length() <= LONGEST_NAME,
                        "needs 1 to " + LONGEST_NAME + " characters")
                .done();
        terms.check(kind);
        long id = watches.insertWatch(positionId, kind, name.strip(), me.id(), clock.instant());
        watches.insertTerms(id, terms, me.id(), clock.instant());
        keepState(id);
        people.record(me.name(), "began leak watch " + id + ": " + name.strip());
        return id;
    }

    /** @throws RefusedInput naming each field that will not do, also where what was read does not go with it */
    @Transactional
    public void changeTerms(long id, WatchTerms terms, Person me) {
        LeakWatch before = need(id);
        terms.check(before.kind());
        watches.insertTerms(id, terms, me.id(), clock.instant());
        try {
            keepSound(id);
        } catch (RefusedInput e) {
            throw new RefusedInput("bottleMl", e.errors().get(0).message());
        }
        people.record(me.name(), "changed the terms of leak watch " + id + ", " + before.place());
    }

    /**
     * Writes an entry; one that was sent before is kept once. @throws RefusedInput naming each field that will not do;
     * then nothing is stored
     */
    @Transactional
    public void enter(long id, NewEntry entry, Person me) {
        LeakWatch watch = need(id);
        if (watches.sent(entry.sent()).isPresent()) {
            return;
        }
        List<WatchEntry> before = watches.entries(id);
        Optional<WatchEntry> slip = slip(entry, before, me);
        slip.ifPresent(s -> watches.strike(id, s.id(), "a slip, read again within the minute"));
        check(
                watch,
                entry,
                before.stream().filter(e -> !slip.equals(Optional.of(e))).toList());
        watches.insertEntry(id, entry, me.id(), clock.instant());
        try {
            keepSound(id);
        } catch (RefusedInput e) {
            throw new RefusedInput("figure", said(e));
        }
    }

    /**
     * The last reading, where the same person reads again within a minute: what was wrong about it is mended by that.
     */
    private static Optional<WatchEntry> slip(NewEntry entry, List<WatchEntry> before, Person me) {
        return before.stream()
                .filter(e -> e.struckWhy() == null)
                .reduce((a, b) -> b)
                .filter(e -> e.type() == Type.READING && entry.type() == Type.READING)
                .filter(e -> e.personId() == me.id())
                .filter(e -> Math.abs(ChronoUnit.SECONDS.between(e.happenedAt(), entry.happenedAt())) < A_MINUTE_S);
    }

    /** What the check says of the entries as a whole, said of the one that is new. */
    private static String said(RefusedInput e) {
        String why = e.errors().get(0).message();
        return why.startsWith("holds less than before")
                ? "is less than before: was it emptied? Then say so"
                : why.replaceAll(", at .*$", "").replaceAll(" at \\d{4}-.*$", "");
    }

    private void check(LeakWatch watch, NewEntry entry, List<WatchEntry> before) {
        Instant now = clock.instant();
        boolean reading = entry.type() == Type.READING;
        Optional<WatchEntry> last =
                before.stream().filter(e -> e.struckWhy() == null).reduce((a, b) -> b);
        boolean late =
                last.filter(e -> entry.happenedAt().isBefore(e.happenedAt())).isPresent();
        boolean twice = reading
                && before.stream()
                        .anyMatch(e -> e.struckWhy() == null
                                && e.type() == Type.READING
                                && Math.abs(ChronoUnit.SECONDS.between(e.happenedAt(), entry.happenedAt()))
                                        < A_MINUTE_S);
        boolean wants = reading && (entry.seen() == Seen.READ || entry.seen() == Seen.VAPOUR);
        new Needs()
                .that("figure", watch.isLive(), "cannot be written: this watch has ended")
                .that("figure", !wants || entry.figure() != null, "is needed, or say why there is none")
                .that("at", !entry.happenedAt().isAfter(now.plus(AHEAD_MIN, ChronoUnit.MINUTES)), "is in the future")
                .that(
                        "at",
                        !late || entry.kept(),
                        "is before the last entry"
                                + last.map(e -> ", by " + e.personName()).orElse("")
                                + ": strike that one first, if it is wrong")
                .that("figure", !twice, "was read in this minute already")
                .that(
                        "seen",
                        entry.seen() != Seen.NO_DROP || watch.kind() == LeakKind.DROPS,
                        "counts drops only where drops are watched")
                .that("note", entry.note().length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .that("sent", !entry.sent().isBlank() && entry.sent().length() <= LONGEST_SENT, "is needed")
                .that("mass", entry.massG() == null || entry.massG() >= 0, "must be 0 or more")
                .done();
        // what an entry cannot be by itself is refused before anything is stored
        try {
            LeakEvent.of(watch.kind(), entry.figure())
                    .at(entry.happenedAt().toString())
                    .type(entry.type())
                    .temperatureC(entry.temperatureC())
                    .runningHours(entry.runningHours())
                    .seen(reading ? entry.seen() : null)
                    .build();
        } catch (RefusedInput e) {
            String field = e.errors().get(0).field();
            throw new RefusedInput(
                    field.equals("temperatureC") ? "temperature" : field.equals("runningHours") ? "hours" : "figure",
                    e.errors().get(0).message());
        }
    }

    /** A wrong entry does not count any more; it stays to be seen. @throws RefusedInput without a reason */
    @Transactional
    public void strike(long id, long entry, String why, Person me) {
        new Needs()
                .that(
                        "why",
                        !why.isBlank() && why.length() <= LONGEST_NAME,
                        "needs a reason, up to " + LONGEST_NAME + " characters")
                .done();
        if (watches.strike(id, entry, why.strip()) == 0) {
            return;
        }
        keepState(id);
        people.record(me.name(), "struck an entry of leak watch " + id + ": " + why.strip());
    }

    /** @throws RefusedInput without a reason */
    @Transactional
    public void withdraw(long id, String why, Person me) {
        new Needs()
                .that(
                        "why",
                        !why.isBlank() && why.length() <= LONGEST_NAME,
                        "needs a reason, up to " + LONGEST_NAME + " characters")
                .done();
        if (watches.withdraw(id, why.strip()) > 0) {
            keepState(id);
            people.record(me.name(), "ended leak watch " + id + ": " + why.strip());
        }
    }

    /** @throws RefusedInput without a text */
    @Transactional
    public void advise(long id, String text, Person me) {
        need(id);
        new Needs()
                .that(
                        "advice",
                        !text.isBlank() && text.length() <= LONGEST_NOTE,
                        "needs 1 to " + LONGEST_NOTE + " characters")
                .done();
        watches.insertAdvice(id, text.strip(), me.id(), clock.instant());
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void answer(long id, long advice, String answer, String on) {
        new Needs()
                .that(
                        "answer",
                        !answer.isBlank() && answer.length() <= LONGEST_NOTE,
                        "needs 1 to " + LONGEST_NOTE + " characters")
                .done();
        LocalDate day;
        try {
            day = on.isBlank() ? today() : Day.parse(on);
        } catch (RefusedInput e) {
            throw new RefusedInput("on", e.errors().get(0).message());
        }
        watches.answer(id, advice, answer.strip(), day);
    }

    /** Who fits a seal tells its watches with that. */
    @EventListener
    @Transactional
    public void fitted(SealFitted fitted) {
        for (long id : watches.liveAt(fitted.positionId())) {
            watches.insertEntry(
                    id,
                    NewEntryBuilder.builder()
                            .happenedAt(fitted.at())
                            .type(Type.FITTED)
                            .seen(Seen.READ)
                            .note("job " + fitted.jobNumber())
                            .sent("job-" + fitted.jobNumber() + "-" + id)
                            .build(),
                    fitted.personId(),
                    clock.instant());
            keepState(id);
        }
    }

    /** States that are not there, as after records came in; others write between one and the next. */
    @EventListener(ApplicationReadyEvent.class)
    public void keepStates() {
        watches.withoutState().forEach(id -> writing.executeWithoutResult(t -> keepState(id)));
    }

    private void keepState(long id) {
        watches.keepState(id, watched(id).state(ZONE));
    }

    /** @throws RefusedInput where the entries cannot follow each other */
    private void keepSound(long id) {
        Watched now = watched(id);
        if (now.broken() != null) {
            throw now.broken();
        }
        watches.keepState(id, now.state(ZONE));
    }

    private LeakWatch need(long id) {
        return watches.watch(id).orElseThrow(() -> new NotFound("leak watch " + id));
    }
}
