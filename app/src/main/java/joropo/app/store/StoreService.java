package joropo.app.store;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.database.Remembered;
import joropo.app.settings.OwnMaterial;
import joropo.app.settings.SettingsService;
import joropo.app.ui.NotFound;
import joropo.core.arrangement.PartKind;
import joropo.core.material.ShelfLife;
import joropo.core.plan.Part;
import joropo.core.plan.StockMatch;
import joropo.core.plan.StockMatchLotBuilder;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;

/** The store: lots received, issued, counted. Movements are only ever added; what is on hand is their sum. */
@Service
public class StoreService {
    private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\.\\d+)?");
    /** By kind, then by size as numbers, the smallest first. */
    private static final Comparator<Lot> BY_SIZE = Comparator.comparing(
                    (Lot l) -> l.kind().words())
            .thenComparing(StoreService::numbers, StoreService::compare)
            .thenComparing(Lot::words)
            .thenComparing(Lot::id);

    private static final int LONGEST_REASON = 200;
    private static final int MOST = 10_000;

    private final StoreMapper store;
    private final Remembered<On, Shelves> known;
    private final PeopleService people;
    private final SettingsService settings;
    private final Clock clock;

    StoreService(
            StoreMapper store,
            PeopleService people,
            SettingsService settings,
            PlatformTransactionManager transactions,
            Clock clock) {
        known = new Remembered<>(transactions);
        this.store = store;
        this.people = people;
        this.settings = settings;
        this.clock = clock;
    }

    /** A lot with how long it may be used. */
    public record Shelved(Lot lot, ShelfLife life) {}

    /** What a lot's life depends on beside itself. */
    private record On(LocalDate today, List<OwnMaterial> materials) {}

    /** All lots, and those of one kind and size. */
    private record Shelves(List<Shelved> all, Map<String, List<Shelved>> bySize, Map<PartKind, List<Shelved>> byKind) {
        static Shelves of(List<Shelved> all) {
            return new Shelves(
                    all,
                    all.stream()
                            .collect(Collectors.groupingBy(
                                    s -> under(s.lot().kind(), s.lot().size()))),
                    all.stream().collect(Collectors.groupingBy(s -> s.lot().kind())));
        }

        private static String under(PartKind kind, String size) {
            return kind + " " + StockMatch.figuresOf(size);
        }

        /** What may serve, whatever its material. */
        List<Shelved> like(Part part) {
            return part.size().isBlank()
                    ? byKind.getOrDefault(part.kind(), List.of())
                    : bySize.getOrDefault(under(part.kind(), part.size()), List.of());
        }
    }

    private static List<Double> numbers(Lot lot) {
        return NUMBER.matcher(lot.size())
                .results()
                .map(m -> Double.valueOf(m.group()))
                .toList();
    }

    private static int compare(List<Double> a, List<Double> b) {
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            int by = a.get(i).compareTo(b.get(i));
            if (by != 0) {
                return by;
            }
        }
        return Integer.compare(a.size(), b.size());
    }

    /** All of them; asked for again and again, they are read and judged once a day and after each change. */
    public List<Shelved> lots() {
        return shelves().all();
    }

    private Shelves shelves() {
        return known.get(
                new On(today(), settings.shop().materials()),
                on -> Shelves.of(store.lots().stream()
                        .sorted(BY_SIZE)
                        .map(l -> shelved(l, on.today()))
                        .toList()));
    }

    /** Lots past their date, without one where there has to be one, or about to pass it; of what is on hand. */
    public List<Shelved> due() {
        return lots().stream()
                .filter(s -> s.lot().onHand() > 0 && s.life().isDue())
                .sorted(Comparator.comparing(
                        (Shelved s) -> s.life().useBy(), Comparator.nullsFirst(Comparator.naturalOrder())))
                .toList();
    }

    /** @throws NotFound when there is no such lot */
    @Transactional(readOnly = true)
    public Shelved lot(long id) {
        return shelved(store.lot(id).orElseThrow(() -> new NotFound("lot " + id)), today());
    }

    @Transactional(readOnly = true)
    public List<Movement> movements(long id) {
        return store.movements(id);
    }

    /** A lot that serves for a part, as it lies in the store. */
    public record Offered(StockMatch.Offer offer, Lot lot) {}

    /** Lots that serve for a part, in the order in which they are to be used. */
    public List<Offered> offers(Part part) {
        Map<Long, Lot> like =
                shelves().like(part).stream().map(Shelved::lot).collect(Collectors.toMap(Lot::id, l -> l));
        return StockMatch.of(part, like.values().stream().map(this::stock).toList(), today()).stream()
                .map(o -> new Offered(o, like.get(o.lot().id())))
                .toList();
    }

    /** Whether a lot, as it lies there at this moment, serves for a part. @throws NotFound when there is no such lot */
    @Transactional(readOnly = true)
    public boolean serves(long id, Part part) {
        return !StockMatch.of(part, List.of(stock(lot(id).lot())), today()).isEmpty();
    }

    /** @throws RefusedInput naming each field that will not do */
    @Transactional
    public long receive(Map<String, String> texts, LengthUnit unit, Person person) {
        NewLot lot = LotReader.read(texts, unit, settings.shop());
        long id = receive(lot, person);
        people.record(
                person.name(),
                "received " + lot.count() + " " + lot.kind().words() + " " + lot.size() + ", batch " + lot.batch());
        return id;
    }

    /** One step of many at once: all of these, or none. @throws RefusedInput when one lies there already */
    @Transactional
    void receive(List<NewLot> lots, Person person) {
        lots.forEach(l -> receive(l, person));
        people.record(person.name(), "received " + lots.size() + " lots from a file");
    }

    private long receive(NewLot lot, Person person) {
        mustBeNew(lot);
        long id = store.insertLot(lot, person.id(), today());
        store.insertMovement(id, Movement.Kind.RECEIVED, lot.count(), null, "", person.id(), now());
        known.forget();
        return id;
    }

    /**
     * Writes a lot anew that was written wrong: the one before is put away with the reason, what is on hand goes over.
     * What was taken from it stays where it was written. @return number of the lot as it is now
     *
     * @throws RefusedInput naming each field that will not do, without a reason, or for a lot that is put away
     */
    @Transactional
    public long correct(long id, Map<String, String> texts, LengthUnit unit, Person person) {
        Lot was = lot(id).lot();
        String why = texts.getOrDefault("why", "").strip();
        if (was.withdrawnWhy() != null) {
            throw new RefusedInput("why", "is put away: " + was.withdrawnWhy());
        }
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("why", "needs what was wrong, up to " + LONGEST_REASON + " characters");
        }
        Map<String, String> asked = new HashMap<>(texts);
        asked.put("count", String.valueOf(Math.max(1, was.onHand())));
        NewLot lot = LotReader.read(asked, unit, settings.shop());
        store.withdrawLot(id, "corrected: " + why);
        mustBeNew(lot);
        long now = store.insertLot(lot, person.id(), was.receivedOn());
        if (was.onHand() > 0) {
            store.insertMovement(
                    id, Movement.Kind.COUNTED, -was.onHand(), null, "now lot " + now + ": " + why, person.id(), now());
            store.insertMovement(
                    now, Movement.Kind.RECEIVED, was.onHand(), null, "was lot " + id + ": " + why, person.id(), now());
        }
        if (was.inspection() != null) {
            store.insertExtension(now, was.inspection(), person.id(), now());
        }
        known.forget();
        people.record(person.name(), "corrected lot " + id + ", now lot " + now + ": " + why);
        return now;
    }

    private void mustBeNew(NewLot lot) {
        store.ofBatch(lot.batch()).stream().filter(lot::liesWith).findFirst().ifPresent(l -> {
            throw new RefusedInput(
                    "batch", "lies at " + l.place() + " already as lot " + l.id() + ": bring more back to that one");
        });
    }

    /**
     * Takes from a lot, brings back, counts or scraps.
     *
     * @param count how many; when counting, how many there are
     * @throws RefusedInput naming what will not do: more than there are, no reason where one is wanted, past its date
     *     and nobody who may release it
     */
    @Transactional
    public void move(long id, Movement.Kind kind, int count, String why, @Nullable Long jobId, Person person) {
        Shelved now = lot(id);
        if (count < (kind == Movement.Kind.COUNTED ? 0 : 1) || count > MOST) {
            throw new RefusedInput("count", "must be a whole number up to " + MOST);
        }
        if (why.length() > LONGEST_REASON || why.isBlank() && kind == Movement.Kind.SCRAPPED) {
            throw new RefusedInput("why", "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        if (kind == Movement.Kind.ISSUED || kind == Movement.Kind.SCRAPPED) {
            if (count > now.lot().onHand()) {
                throw new RefusedInput(
                        "count", "is more than there are: " + now.lot().onHand() + " on hand");
            }
        }
        if (kind == Movement.Kind.ISSUED) {
            released(now, why, person);
        }
        int change =
                switch (kind) {
                    case RECEIVED, RETURNED -> count;
                    case ISSUED, SCRAPPED -> -count;
                    case COUNTED -> count - now.lot().onHand();
                };
        store.insertMovement(id, kind, change, jobId, why.strip(), person.id(), now());
        known.forget();
    }

    /** A part past its date, or without one, is not put on a card without a written reason by a lead. */
    private static void released(Shelved lot, String why, Person person) {
        if (!StockMatch.needsLead(lot.life())) {
            return;
        }
        String what = lot.life().finding().message() + " ";
        if (!person.isLead()) {
            throw new RefusedInput("lot", what + "Only a lead releases it, with a written reason");
        }
        if (why.isBlank()) {
            throw new RefusedInput("lot", what + "Write why it is used all the same");
        }
    }

    /**
     * Extends its date once; the same people may who may release what is past its date.
     *
     * @throws RefusedInput without an inspection, by anybody but a lead, when it was extended before, when its date has
     *     passed, or when its material has none
     */
    @Transactional
    public void extend(long id, String inspection, Person person) {
        Shelved now = lot(id);
        now.life().extensionRefused(now.lot().inspection() != null).ifPresent(why -> {
            throw new RefusedInput("inspection", why);
        });
        if (!person.isLead()) {
            throw new RefusedInput("inspection", "is written by a lead, as a release is");
        }
        if (inspection.isBlank() || inspection.length() > LONGEST_REASON) {
            throw new RefusedInput(
                    "inspection", "needs what was looked at and found, up to " + LONGEST_REASON + " characters");
        }
        if (store.insertExtension(id, inspection.strip(), person.id(), now()) == 0) {
            throw new RefusedInput("inspection", "was written once already: a date is extended once");
        }
        known.forget();
        people.record(person.name(), "extended lot " + id + " after an inspection: " + inspection.strip());
    }

    public LocalDate today() {
        return clock.instant().atZone(ZoneId.systemDefault()).toLocalDate();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private Shelved shelved(Lot lot, LocalDate today) {
        return new Shelved(lot, stock(lot).life(today));
    }

    /** An own material ages as the listed one that it is based on. */
    private StockMatch.Lot stock(Lot lot) {
        String family = settings.shop().materials().stream()
                .filter(m -> m.code().equals(lot.material()))
                .map(m -> m.family())
                .findFirst()
                .orElse(lot.material());
        return StockMatchLotBuilder.builder()
                .id(lot.id())
                .kind(lot.kind())
                .name(lot.name())
                .size(lot.size())
                .material(lot.material())
                .family(family)
                .cured(lot.cured())
                .extended(lot.inspection() != null)
                .onHand(lot.onHand())
                .receivedOn(lot.receivedOn())
                .build();
    }
}
