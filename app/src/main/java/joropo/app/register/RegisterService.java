package joropo.app.register;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.shaft.Rotation;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Machines of the works and the seal positions on them. */
@Service
public class RegisterService {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_UNIT = 12;
    /** Where the tables of ISO 286 end (mm). */
    private static final double LARGEST_MM = 1000;

    private final RegisterMapper register;
    private final PeopleService people;
    private final AttachmentService attachments;
    private final OpenWork work;
    private final Clock clock;

    RegisterService(
            RegisterMapper register, PeopleService people, AttachmentService attachments, OpenWork work, Clock clock) {
        this.attachments = attachments;
        this.work = work;
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

    /** By machine, in the order in which they were written down. */
    @Transactional(readOnly = true)
    public Map<Long, List<Position>> positionsOf(List<Machine> machines) {
        return machines.isEmpty()
                ? Map.of()
                : register.positionsOfAll(machines.stream().map(Machine::id).toList()).stream()
                        .collect(Collectors.groupingBy(Position::machineId));
    }

    @Transactional(readOnly = true)
    public Optional<Position> position(long id) {
        return register.position(id);
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long addMachine(String name, String place, String note, String by) {
        new Needs()
                .that("name", isName(name), "needs 1 to " + LONGEST_NAME + " characters")
                .that("place", isName(place), "needs 1 to " + LONGEST_NAME + " characters")
                .that("note", note.length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .that(
                        "name",
                        register.machines().stream()
                                .noneMatch(m -> m.name().equals(name.strip())
                                        && m.place().equals(place.strip())),
                        "is there already at this place")
                .done();
        people.record(by, "added machine " + name.strip());
        return register.insertMachine(name.strip(), place.strip(), note.strip(), clock.instant());
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long addPosition(long machineId, NewPosition wanted, String by) {
        mayBe(machineId, 0, wanted);
        people.record(by, "added position " + wanted.name().strip() + ": " + PositionWords.of(wanted));
        return register.insertPosition(machineId, wanted, clock.instant());
    }

    /**
     * A position, and its machine where that is not in the register yet. @param wanted without a name it is called what
     * seals there
     *
     * @throws RefusedInput naming each field that will not do; then neither is stored
     */
    @Transactional
    public long addPlace(String machine, String place, NewPosition wanted, String by) {
        new Needs()
                .that("machine", isName(machine), "needs 1 to " + LONGEST_NAME + " characters")
                .that("place", isName(place), "needs 1 to " + LONGEST_NAME + " characters")
                .done();
        long id =
                register.machineAt(machine.strip(), place.strip()).orElseGet(() -> addMachine(machine, place, "", by));
        String name = wanted.name().isBlank() ? free(id, wanted.kind().words()) : wanted.name();
        return addPosition(id, NewPositionBuilder.builder(wanted).name(name).build(), by);
    }

    /** This name, with a number behind it where it is taken. */
    private String free(long machineId, String name) {
        Set<String> taken =
                register.positionsOf(machineId).stream().map(Position::name).collect(Collectors.toSet());
        return IntStream.iterate(1, n -> n + 1)
                .mapToObj(n -> n == 1 ? name : name + " " + n)
                .filter(n -> !taken.contains(n))
                .findFirst()
                .orElseThrow();
    }

    /**
     * What is known of a position changes; what was signed there stays as it was, and under an open job what seals
     * there too. @throws RefusedInput naming each field that will not do
     */
    @Transactional
    public void changePosition(long id, NewPosition wanted, String by) {
        Position before = register.position(id).orElseThrow(() -> new NotFound("position " + id));
        mayBe(before.machineId(), id, wanted);
        new Needs()
                .that(
                        "kind",
                        wanted.kind() == before.kind() || !work.at(id),
                        "stays " + before.kind().words() + " while a job is open here")
                .done();
        register.changePosition(id, wanted);
        String changes = PositionWords.changes(before, wanted);
        if (!changes.isEmpty()) {
            people.record(
                    by,
                    "changed position " + before.name() + " of " + before.machineName() + ", " + before.machinePlace()
                            + ": " + changes);
        }
    }

    private void mayBe(long machineId, long self, NewPosition wanted) {
        boolean both = wanted.shaftMm() != null && wanted.boreMm() != null;
        new Needs()
                .that("name", isName(wanted.name()), "needs 1 to " + LONGEST_NAME + " characters")
                .that(
                        "shaft",
                        wanted.shaftMm() == null || wanted.shaftMm() <= LARGEST_MM,
                        "must be at most 1000 mm: the tables of limits end there")
                .that(
                        "bore",
                        wanted.boreMm() == null || wanted.boreMm() <= LARGEST_MM,
                        "must be at most 1000 mm: the tables of limits end there")
                .that("bore", !both || wanted.boreMm() > wanted.shaftMm(), "must be larger than the shaft")
                .that("note", wanted.note().length() <= LONGEST_NOTE, "has room for " + LONGEST_NOTE + " characters")
                .that(
                        "rotation",
                        !wanted.oneWay() || wanted.rotation() == Rotation.CW || wanted.rotation() == Rotation.CCW,
                        "must be said where it turns only one way")
                .that(
                        "name",
                        register.positionsOf(machineId).stream()
                                .noneMatch(p -> p.id() != self
                                        && p.name().equals(wanted.name().strip())),
                        "is there already on this machine")
                .done();
    }

    @Transactional(readOnly = true)
    public List<PositionLimit> limits(long positionId) {
        return register.limits(positionId);
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public void addLimit(
            long positionId,
            String what,
            @Nullable Double least,
            @Nullable Double most,
            String unit,
            String document,
            Person person) {
        new Needs()
                .that("what", isName(what), "needs 1 to " + LONGEST_NAME + " characters")
                .that("most", least != null || most != null, "needs a least or a most")
                .that("most", least == null || most == null || most >= least, "must not be below the least")
                .that("limit-unit", !unit.isBlank() && unit.length() <= LONGEST_UNIT, "is needed, such as mm")
                .that("document", document.length() <= LONGEST_NAME, "has room for " + LONGEST_NAME + " characters")
                .done();
        register.insertLimit(
                positionId, what.strip(), least, most, unit.strip(), document.strip(), person.id(), clock.instant());
        people.record(
                person.name(),
                "wrote a limit at position " + positionId + ": " + what.strip()
                        + (least == null ? "" : ", least " + least)
                        + (most == null ? "" : ", most " + most)
                        + " " + unit.strip() + (document.isBlank() ? "" : ", " + document.strip()));
    }

    /** @throws RefusedInput without a reason */
    @Transactional
    public void withdrawLimit(long positionId, long id, String why, String by) {
        new Needs()
                .that("why", isName(why), "needs a reason, up to " + LONGEST_NAME + " characters")
                .done();
        if (register.withdrawLimit(positionId, id, why.strip()) > 0) {
            people.record(by, "withdrew limit " + id + ": " + why.strip());
        }
    }

    /** Keeps a file of a position, perhaps one of a job there. @throws RefusedInput when it will not do */
    public long attach(long positionId, @Nullable Long jobId, String name, byte[] bytes, boolean photo, Person person) {
        return attachments.add(positionId, jobId, name, bytes, photo, person);
    }

    public List<Attachment> attachments(long positionId) {
        return attachments.ofPosition(positionId);
    }

    /** @throws RefusedInput without a reason */
    public void withdrawAttachment(long id, String why, Person person) {
        attachments.withdraw(id, why, person);
    }

    private static boolean isName(String text) {
        return !text.isBlank() && text.length() <= LONGEST_NAME;
    }
}
