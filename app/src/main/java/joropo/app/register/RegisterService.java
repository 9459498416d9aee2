package joropo.app.register;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import joropo.app.access.PeopleService;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Machines of the works and the seal positions on them. */
@Service
public class RegisterService {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 500;
    /** Where the tables of ISO 286 end (mm). */
    private static final double LARGEST_MM = 1000;

    private final RegisterMapper register;
    private final PeopleService people;
    private final Clock clock;

    RegisterService(RegisterMapper register, PeopleService people, Clock clock) {
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Machine> machines() {
        return register.machines();
    }

    @Transactional(readOnly = true)
    public Optional<Machine> machine(long id) {
        return register.machine(id);
    }

    @Transactional(readOnly = true)
    public List<Position> positionsOf(long machineId) {
        return register.positionsOf(machineId);
    }

    @Transactional(readOnly = true)
    public Optional<Position> position(long id) {
        return register.position(id);
    }

    /** @param pattern an SQL pattern with backslash as its escape */
    @Transactional(readOnly = true)
    public List<Machine> machinesLike(String pattern) {
        return register.machinesLike(pattern);
    }

    /** @param pattern an SQL pattern with backslash as its escape */
    @Transactional(readOnly = true)
    public List<Position> positionsLike(String pattern) {
        return register.positionsLike(pattern);
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long addMachine(String name, String place, String note, String by) {
        new Needs().that("name", isName(name), "needs 1 to " + LONGEST_NAME + " characters")
                .that("place", isName(place), "needs 1 to " + LONGEST_NAME + " characters")
                .that("note", note.length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .that("name", register.machines().stream().noneMatch(m -> m.name().equals(name.strip()) && m.place().equals(place.strip())),
                        "is there already at this place").done();
        people.record(by, "added machine " + name.strip());
        return register.insertMachine(name.strip(), place.strip(), note.strip(), clock.instant());
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long addPosition(long machineId, NewPosition wanted, String by) {
        boolean both = wanted.shaftMm() != null && wanted.boreMm() != null;
        new Needs().that("name", isName(wanted.name()), "needs 1 to " + LONGEST_NAME + " characters")
                .that("shaft", wanted.shaftMm() == null || wanted.shaftMm() <= LARGEST_MM, "must be at most 1000 mm: the tables of limits end there")
                .that("bore", wanted.boreMm() == null || wanted.boreMm() <= LARGEST_MM, "must be at most 1000 mm: the tables of limits end there")
                .that("bore", !both || wanted.boreMm() > wanted.shaftMm(), "must be larger than the shaft")
                .that("name", register.positionsOf(machineId).stream().noneMatch(p -> p.name().equals(wanted.name().strip())),
                        "is there already on this machine").done();
        people.record(by, "added position " + wanted.name().strip());
        return register.insertPosition(machineId, wanted, clock.instant());
    }

    private static boolean isName(String text) {
        return !text.isBlank() && text.length() <= LONGEST_NAME;
    }
}
