package joropo.app.job;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.Paged;
import joropo.core.assembly.FirstRun;
import joropo.core.units.Day;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What comes back by itself: signed jobs that are to be looked at again, and times of open jobs that are up. */
@Service
class Looks {
    private static final int LONGEST_NOTE = 200;
    /** A time that was up longer ago is old news. */
    private static final Duration NEWS = Duration.ofDays(14);

    private static final int MOST_TIMES = 12;

    private final LooksMapper looks;
    private final JobStore jobs;
    private final PeopleService people;
    private final Clock clock;

    Looks(LooksMapper looks, JobStore jobs, PeopleService people, Clock clock) {
        this.looks = looks;
        this.jobs = jobs;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<Look> ofJob(String number) {
        return looks.ofJob(number);
    }

    /** Those whose day has come. */
    @Transactional(readOnly = true)
    Paged<Look> due() {
        LocalDate today = today();
        return Paged.of(1, looks.countOpen(today), (most, after) -> looks.open(today, most, after));
    }

    /** All that nobody did yet. */
    @Transactional(readOnly = true)
    List<Look> open() {
        return looks.open(null, Integer.MAX_VALUE, 0);
    }

    @Transactional(readOnly = true)
    List<WaitsForPart> waiting() {
        return looks.waiting(MOST_TIMES);
    }

    @Transactional(readOnly = true)
    List<TimeUp> timesUp() {
        Instant now = clock.instant();
        return looks.timesUp(now.minus(NEWS), now, MOST_TIMES);
    }

    /**
     * What was seen, and when it is looked at next. @param again a day, empty: not again
     *
     * @throws RefusedInput naming each field that will not do
     */
    @Transactional
    void seen(String number, long id, @Nullable FirstRun seen, String note, String again, Person person) {
        new Needs()
                .that("seen", seen != null, "has to be said")
                .that("note", note.length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .done();
        LocalDate next = day(again);
        if (looks.seen(id, number, seen, note.strip(), person.id(), clock.instant()) > 0) {
            people.record(person.name(), "looked at job " + number + " again: " + seen.words());
            if (next != null) {
                looks.insert(jobs.find(number).id(), next, person.id(), clock.instant());
            }
        }
    }

    private @Nullable LocalDate day(String text) {
        try {
            LocalDate day = text.isBlank() ? null : Day.parse(text);
            if (day != null && !day.isAfter(today())) {
                throw new RefusedInput("again", "has to be a day to come");
            }
            return day;
        } catch (RefusedInput e) {
            throw new RefusedInput("again", e.errors().get(0).message());
        }
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
