package joropo.app.access;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
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

/** People, what they may do, and the record of who did what. */
@Service
public class PeopleService {
    /** Else what was signed there would be theirs who sign in here. */
    static final String OF_ANOTHER_SHOP = "is of another shop: add a person of this one";

    private static final int SHORTEST_PASSWORD = 10;
    private static final int LONGEST_PASSWORD_BYTES = 72;
    private static final int TOKEN_BYTES = 24;

    private final PersonMapper people;
    private final PasswordEncoder encoder;
    private final Tries tries;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final Remembered<String, Optional<Person>> known;

    PeopleService(
            PersonMapper people,
            PasswordEncoder encoder,
            Tries tries,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.tries = tries;
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

    /** Those of this shop. */
    @Transactional(readOnly = true)
    public List<Person> ofHere() {
        return people.findAll().stream().filter(Person::isOfHere).toList();
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
        checkNames(wanted.name(), wanted.fullName());
        new Needs()
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
        Person person = need(name);
        new Needs().that("name", person.isOfHere(), OF_ANOTHER_SHOP).done();
        known.forget();
        people.setPassword(person.id(), encoder.encode(password));
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

    /**
     * Somebody who is signed in says once more who they are: before a signature, before a new password.
     *
     * @param caller the address it comes from. @throws RefusedInput at the field, as a sign-in would be refused
     */
    @Transactional(noRollbackFor = RefusedInput.class)
    public void confirm(Person person, String field, String password, String caller) {
        new Needs()
                .that(field, !tries.mustWait(caller, person.name()), "was refused too often: wait fifteen minutes")
                .that(field, !password.isEmpty(), "is asked for once more")
                .done();
        if (!encoder.matches(password, person.passwordHash())) {
            refused(person.name(), caller);
            throw new RefusedInput(field, "is not the one of " + person.name());
        }
        tries.admitted(caller, person.name());
    }

    /** A password that does not go with a name, whether or not there is such a person. */
    @Transactional
    void refused(String name, String caller) {
        if (tries.refused(caller, name)) {
            record(
                    people.findByName(name).map(Person::name).orElse("nobody"),
                    "must wait after " + Tries.MOST + " refused passwords from " + caller);
        }
    }

    /** Somebody signed in; they may have been changed from outside meanwhile, at the machine itself. */
    @Transactional
    void admitted(String name, String caller) {
        tries.admitted(caller, name);
        known.forget();
    }

    /** Many rows were written at once, past this house's own ways: nothing is remembered of before. */
    @Transactional
    public void changedOutside(String by, String what) {
        known.forget();
        record(by, what);
    }

    @Transactional(readOnly = true)
    public List<ApiToken> tokens(Person owner) {
        return people.tokens(owner.id());
    }

    @Transactional
    public void endToken(Person owner, long id) {
        if (people.endToken(id, owner.id(), now()) > 0) {
            record(owner.name(), "ended a token for the JSON interface");
        }
    }

    /** Writes into the record of acts. */
    @Transactional
    public void record(String personName, String what) {
        people.insertAct(now(), personName, what);
    }

    private Person need(String name) {
        return people.findByName(name).orElseThrow(() -> new RefusedInput("name", "is not known: " + name));
    }

    /** @throws RefusedInput naming the one that will not do */
    public static void checkNames(String name, String fullName) {
        new Needs()
                .that("name", name.matches("[\\p{L}\\p{N}._-]{2,30}"), "needs 2 to 30 letters or digits, no blanks")
                .that("fullName", !fullName.isBlank() && fullName.length() <= 80, "needs 1 to 80 characters")
                .done();
    }

    static void checkPassword(String password) {
        new Needs()
                .that(
                        "password",
                        password.length() >= SHORTEST_PASSWORD
                                && password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_PASSWORD_BYTES,
                        "needs " + SHORTEST_PASSWORD + " to " + LONGEST_PASSWORD_BYTES
                                + " characters, fewer where letters carry accents")
                .done();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
