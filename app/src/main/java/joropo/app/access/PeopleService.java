package joropo.app.access;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import joropo.app.database.Remembered;
import joropo.core.units.LengthUnit;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;

/**
 * People and their sign-ins. After {@link #MOST_FAILURES} refused tries in a row a name is locked for {@link #LOCK}.
 */
@Service
public class PeopleService {
    static final int MOST_FAILURES = 5;
    static final Duration LOCK = Duration.ofMinutes(15);
    private static final int SHORTEST_PASSWORD = 10;
    private static final int LONGEST_PASSWORD = 72;
    private static final int TOKEN_BYTES = 24;

    private final PersonMapper people;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final Remembered<String, Optional<Person>> known;

    PeopleService(PersonMapper people, PasswordEncoder encoder, Clock clock, PlatformTransactionManager transactions) {
        known = new Remembered<>(transactions);
        this.people = people;
        this.encoder = encoder;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return people.count() == 0;
    }

    /** Asked with every request, so it is remembered. */
    public Optional<Person> find(String name) {
        return known.get(name.toLowerCase(Locale.ROOT), people::findByName);
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return people.findAll();
    }

    /** The first account of an empty shop; it is a lead's. */
    @Transactional
    public void addFirst(NewPerson first) {
        new Needs()
                .that("name", people.count() == 0, "cannot be the first account: there is one already")
                .done();
        add(new NewPerson(first.name(), first.fullName(), Role.LEAD, first.password()), first.name());
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void add(NewPerson wanted, String by) {
        new Needs()
                .that(
                        "name",
                        wanted.name().matches("[\\p{L}\\p{N}._-]{2,30}"),
                        "needs 2 to 30 letters or digits, no blanks")
                .that(
                        "fullName",
                        !wanted.fullName().isBlank() && wanted.fullName().length() <= 80,
                        "needs 1 to 80 characters")
                .that("name", people.findByName(wanted.name()).isEmpty(), "is taken already")
                .done();
        checkPassword(wanted.password());
        known.forget();
        people.insert(
                wanted.name(), wanted.fullName().strip(), wanted.role(), encoder.encode(wanted.password()), now());
        record(by, "added " + wanted.name() + " as " + wanted.role().words());
    }

    @Transactional
    public void setPassword(String name, String password, String by) {
        checkPassword(password);
        known.forget();
        people.setPassword(need(name).id(), encoder.encode(password));
        record(by, "set a new password for " + name);
    }

    /** Nobody is deleted: a person who left can no longer sign in, and the reason stays. */
    @Transactional
    public void withdraw(String name, String why, String by) {
        new Needs()
                .that("why", !why.isBlank() && why.length() <= 200, "needs a reason")
                .that("why", !name.equalsIgnoreCase(by), "cannot be given for yourself: another lead has to do it")
                .done();
        known.forget();
        people.withdraw(need(name).id(), why.strip());
        record(by, "withdrew " + name + ": " + why.strip());
    }

    /** A new token for the JSON interface; it is shown once and only its hash is kept. */
    @Transactional
    public String newToken(Person owner) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        people.insertToken(owner.id(), Sha256.of(token), now());
        record(owner.name(), "made a token for the JSON interface");
        return token;
    }

    @Transactional(readOnly = true)
    public Optional<Person> ofToken(String token) {
        return people.findByToken(Sha256.of(token));
    }

    @Transactional
    public void setUnit(Person person, LengthUnit unit) {
        known.forget();
        people.setUnit(person.id(), unit);
    }

    @Transactional
    public void setTheme(Person person, Theme theme) {
        known.forget();
        people.setTheme(person.id(), theme);
    }

    boolean isLocked(Person person) {
        return person.lockedUntil() != null && clock.instant().isBefore(person.lockedUntil());
    }

    @Transactional
    void refused(String name) {
        people.findByName(name).filter(p -> !isLocked(p)).ifPresent(p -> {
            int failures = p.failures() + 1;
            boolean lock = failures >= MOST_FAILURES;
            known.forget();
            people.setFailures(p.id(), lock ? 0 : failures, lock ? now().plus(LOCK) : null);
            if (lock) {
                record(p.name(), "locked after " + MOST_FAILURES + " refused sign-ins");
            }
        });
    }

    @Transactional
    void admitted(String name) {
        people.findByName(name)
                .filter(p -> p.failures() > 0 || p.lockedUntil() != null)
                .ifPresent(p -> {
                    known.forget();
                    people.setFailures(p.id(), 0, null);
                });
    }

    /** Writes into the record of acts. */
    @Transactional
    public void record(String personName, String what) {
        people.insertAct(now(), personName, what);
    }

    private Person need(String name) {
        return people.findByName(name).orElseThrow(() -> new RefusedInput("name", "is not known: " + name));
    }

    private static void checkPassword(String password) {
        new Needs()
                .that(
                        "password",
                        password.length() >= SHORTEST_PASSWORD && password.length() <= LONGEST_PASSWORD,
                        "needs " + SHORTEST_PASSWORD + " to " + LONGEST_PASSWORD + " characters")
                .done();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
