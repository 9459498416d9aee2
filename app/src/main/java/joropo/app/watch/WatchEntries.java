package joropo.app.watch;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.core.units.FieldError;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Service;

/** Watches and their entries as they are typed: read, then written. */
@Service
public class WatchEntries {
    private final WatchService watches;
    private final PeopleService people;
    private final Clock clock;

    WatchEntries(WatchService watches, PeopleService people, Clock clock) {
        this.watches = watches;
        this.people = people;
        this.clock = clock;
    }

    /** @param form terms by field, @throws RefusedInput naming each field that will not do */
    public long start(long positionId, String kind, String name, Map<String, String> form, Person me) {
        Map<String, String> errors = new LinkedHashMap<>();
        WatchTerms terms = TermsForm.read(form, people.ofHere(), errors);
        refuse(errors);
        return watches.start(positionId, TermsForm.kind(kind), name, terms, me);
    }

    /** @param form terms by field, @throws RefusedInput naming each field that will not do */
    void change(long id, Map<String, String> form, Person me) {
        Map<String, String> errors = new LinkedHashMap<>();
        WatchTerms terms = TermsForm.read(form, people.ofHere(), errors);
        refuse(errors);
        watches.changeTerms(id, terms, me);
    }

    /** @param form an entry by field, @throws RefusedInput naming each field that will not do */
    public void enter(long id, Map<String, String> form, Person me) {
        Map<String, String> errors = new LinkedHashMap<>();
        NewEntry entry = EntryForm.of(form).read(watches.watched(id), me.unit(), clock.instant(), errors);
        refuse(errors);
        watches.enter(id, entry, me);
    }

    private static void refuse(Map<String, String> errors) {
        if (!errors.isEmpty()) {
            throw new RefusedInput(errors.entrySet().stream()
                    .map(e -> new FieldError(e.getKey(), e.getValue()))
                    .toList());
        }
    }
}
