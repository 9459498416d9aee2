package joropo.app.job;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.family.Stage;
import joropo.app.register.RegisterService;
import joropo.app.settings.SettingsService;
import joropo.app.store.StoreService;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.app.ui.NotFound;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.ShimPack;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a person does with the lists of a job: parts, what came off, timers. */
@Service
public class JobListsService {
    private static final int LONGEST_KIT = 160;
    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_NAME = 60;
    private static final int MOST_PARTS = 100;
    private static final int MOST_MINUTES = 7 * 24 * 60;

    private final JobStore store;
    private final ListsStore lists;
    private final SettingsService settings;
    private final JobWorks works;
    private final Families families;
    private final RegisterService register;
    private final StoreService lots;

    JobListsService(
            JobStore store,
            ListsStore lists,
            SettingsService settings,
            JobWorks works,
            Families families,
            RegisterService register,
            StoreService lots) {
        this.lots = lots;
        this.works = works;
        this.families = families;
        this.register = register;
        this.store = store;
        this.lists = lists;
        this.settings = settings;
    }

    /** Puts one of the proposals on the list. */
    public void propose(String number, Stage stage, String id, Person person) {
        JobState state = store.load(number);
        Part part = JobParts.proposals(state, lines(state)).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElse(null);
        if (part != null) {
            lists.list(number, stage, part, person);
        }
    }

    /** Puts a part on the list that nobody proposed. @throws RefusedInput saying what will not do */
    public void list(String number, Stage stage, Map<String, String> form, Person person) {
        PartKind kind = kind(form.getOrDefault("kind", ""))
                .orElseThrow(() -> new RefusedInput("part", "needs a kind from the list"));
        String name = form.getOrDefault("name", "").strip();
        String count = form.getOrDefault("count", "").strip();
        if (name.length() > LONGEST_NAME || form.getOrDefault("size", "").length() > LONGEST_NAME) {
            throw new RefusedInput("part", "has room for " + LONGEST_NAME + " characters");
        }
        if (!count.isEmpty() && !count.matches("[1-9]\\d{0,2}")) {
            throw new RefusedInput("part", "needs a whole number of pieces");
        }
        String size = form.getOrDefault("size", "").strip();
        int pieces = count.isEmpty() ? 1 : Integer.parseInt(count);
        Part ofThePlan = byHand(kind, size, person.unit(), pieces, name);
        lists.list(
                number,
                stage,
                ofItsOwn(
                        lines(store.load(number)),
                        ofThePlan != null
                                ? ofThePlan
                                : new Part(
                                        ownId(kind, name, size),
                                        pieces,
                                        kind,
                                        (name.isEmpty() ? kind.words() : name) + (size.isEmpty() ? "" : " " + size),
                                        size,
                                        null,
                                        "",
                                        kind.together())),
                person);
    }

    private static String ownId(PartKind kind, String name, String size) {
        return "own-"
                + (kind.name() + "-" + name + "-" + size)
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^a-z0-9]+", "-");
    }

    /**
     * A part beside those that are on the list: another one of its kind has a line of its own. @throws RefusedInput
     * where the very same stands there
     */
    private static Part ofItsOwn(List<PartLine> lines, Part part) {
        if (lines.stream()
                .anyMatch(l -> l.part().kind() == part.kind()
                        && l.part().name().equals(part.name())
                        && l.part().size().equals(part.size()))) {
            throw new RefusedInput(
                    "part", "stands on the list already: write what this one is for as its name, or how many at once");
        }
        if (JobParts.line(lines, part.id()) == null) {
            return part;
        }
        String own = ownId(part.kind(), part.name(), "");
        String id = own;
        for (int n = 2; JobParts.line(lines, id) != null; n++) {
            id = own + "-" + n;
        }
        return new Part(
                id, part.count(), part.kind(), part.name(), part.size(), part.material(), part.why(), part.together());
    }

    /** As the plan of its kind names it; absent: under a name of its own. */
    private @Nullable Part byHand(PartKind kind, String size, LengthUnit unit, int count, String words) {
        try {
            return families.of(kind)
                    .flatMap(f -> f.byHand(size, unit, count, words))
                    .orElse(null);
        } catch (RefusedInput e) {
            throw new RefusedInput("part", e.errors().get(0).message());
        }
    }

    /**
     * Decides about a part of the list.
     *
     * @param lotId where it is taken from, absent: not from the store; only what is new comes from there
     * @throws RefusedInput at {@code part-id} when a reason is wanted and absent, or the store refuses
     */
    public void decide(
            String number,
            String id,
            PartState to,
            @Nullable Long lotId,
            String reason,
            String followUp,
            Person person) {
        JobState state = store.load(number);
        PartLine line = JobParts.line(lines(state), id);
        if (line == null) {
            throw new NotFound("part " + id);
        }
        String at = "part-" + id;
        if (reason.length() > LONGEST_REASON || followUp.length() > LONGEST_REASON) {
            throw new RefusedInput(at, "has room for " + LONGEST_REASON + " characters");
        }
        if (to != PartState.NEW && lotId != null) {
            throw new RefusedInput(at, "comes from the store only as a new one");
        }
        if (to.wantsReason() && reason.isBlank()) {
            throw new RefusedInput(at, "needs a written reason: " + to.words());
        }
        if (to == PartState.NEW && lotId == null && reason.isBlank()) {
            throw new RefusedInput(at, "is not from the store: write its batch and cure date, or where it comes from");
        }
        if (to == PartState.UNOBTAINABLE && followUp.isBlank()) {
            throw new RefusedInput(at, "needs what is to follow, by when and from whom");
        }
        try {
            lists.decide(number, line.part(), to, lotId, reason.strip(), followUp.strip(), person);
        } catch (RefusedInput e) {
            FieldError first = e.errors().get(0);
            throw new RefusedInput(at, (first.field().equals("lot") ? "" : first.field() + " ") + first.message());
        }
    }

    /**
     * Lays out everything that is not decided yet and lies in the store in full number and in its date: the lot that is
     * to be used first. What wants a look stays open.
     *
     * @throws RefusedInput when there is nothing of it
     */
    public void layOutAll(String number, Person person) {
        int laidOut = 0;
        for (PartLine line : lines(store.load(number))) {
            Optional<StoreService.Offered> first = line.isSettled()
                    ? Optional.empty()
                    : lots.offers(line.part()).stream()
                            .findFirst()
                            .filter(o -> o.offer().enough()
                                    && !o.offer().needsLead()
                                    && o.offer().untold().isEmpty());
            if (first.isPresent()) {
                decide(
                        number,
                        line.part().id(),
                        PartState.NEW,
                        first.get().lot().id(),
                        "",
                        "",
                        person);
                laidOut++;
            }
        }
        if (laidOut == 0) {
            throw new RefusedInput(
                    "store",
                    "waits: nothing that is still open lies in the store, in full number and in " + "its date");
        }
    }

    /**
     * Lays out what lies in one kit: all of it has one batch.
     *
     * @param kit its number, batch and cure date, @param in ids of the parts that were seen in it
     * @throws RefusedInput at {@code kit} when it has no name, nothing is in it, or a part of it is settled by now
     */
    public void layOutKit(String number, String kit, List<String> in, Person person) {
        List<PartLine> lines = lines(store.load(number));
        List<Part> parts = lines.stream()
                .filter(l -> !l.isSettled() && in.contains(l.part().id()))
                .map(PartLine::part)
                .toList();
        new Needs()
                .that(
                        "kit",
                        !kit.isBlank() && kit.length() <= LONGEST_KIT,
                        "needs its number, batch and cure date, up to " + LONGEST_KIT + " characters")
                .that("kit", !in.isEmpty(), "lays out nothing before it is ticked what lies in it")
                .that("kit", parts.size() == in.size(), "holds something that is settled by now: look again")
                .done();
        lists.decideNew(number, parts, "from the kit " + kit.strip(), person);
    }

    /** How many things a job asks of with cards of their own: what is sealed, and bearings that came off. */
    public int countAsked(String number) {
        JobState state = store.load(number);
        return state.items().size() + BearingCards.of(state.beside().log()).size();
    }

    /**
     * Notes that a part came off; a seal is the old one of an item, the job takes one more where all have theirs.
     *
     * @param cameWith the part that brought it along, absent: none. @return its number
     */
    public long remove(String number, String kindName, String name, @Nullable Long cameWith, Person person) {
        PartKind kind = kind(kindName).orElseThrow(() -> new RefusedInput("strip", "needs a kind from the list"));
        JobState state = mayComeOff(number, name);
        if (cameWith != null) {
            part(state, cameWith);
        }
        long same = state.beside().log().stream().filter(p -> p.kind() == kind).count();
        String called = name.isBlank() ? kind.words() + (same == 0 ? "" : " " + (same + 1)) : name.strip();
        boolean isSealed = cameWith == null
                && kind == PartKind.LIP_SEAL
                && state.items().stream().anyMatch(i -> i.kind() == kind);
        return isSealed
                ? lists.removeSealed(number, kind, called, person)
                : lists.remove(number, kind, called, cameWith, person);
    }

    /** Notes that the old one of an item came off, under the item's name. @throws RefusedInput when it did already */
    public void removeOf(String number, int item, Person person) {
        JobState state = mayComeOff(number, "");
        JobItem sealed = new Stripped(state.items(), state.beside().order())
                .unnoted().stream()
                        .filter(i -> i.number() == item)
                        .findFirst()
                        .orElseThrow(() -> new RefusedInput("strip", "has it already, or the job does not hold it"));
        lists.removeOf(number, sealed, sealed.calledAmong(state.items()), person);
    }

    /** All that came off here last time, in its order. @throws RefusedInput when something is logged, or nothing was */
    public void removeAsLastTime(String number, Person person) {
        JobState state = mayComeOff(number, "");
        List<StripPart> before = store.lastSigned(state.job())
                .map(last -> store.load(last).beside().order())
                .orElse(List.of());
        if (before.isEmpty() || !state.beside().log().isEmpty()) {
            throw new RefusedInput("strip", "is begun already, or nothing was logged here last time");
        }
        lists.removeAgain(number, before, person);
    }

    /** The job, of which another part may come off. */
    private JobState mayComeOff(String number, String name) {
        JobState state = store.load(number);
        if (name.length() > LONGEST_NAME || state.beside().removed().size() >= MOST_PARTS) {
            throw new RefusedInput(
                    "strip",
                    name.length() > LONGEST_NAME
                            ? "has room for " + LONGEST_NAME + " characters"
                            : "holds " + MOST_PARTS + " parts already");
        }
        JobRules.held(Stage.MEASURE, state, works.of(state)).ifPresent(held -> {
            throw new RefusedInput("strip", "waits: " + held.why());
        });
        return state;
    }

    /**
     * Notes what was seen of a part that came off.
     *
     * @param form by field what was typed, and as {@code was-} and the field what stood there when the page was made
     * @throws RefusedInput naming each field that cannot be read, or that somebody else noted otherwise meanwhile; then
     *     nothing is stored
     */
    public void note(String number, long partId, Map<String, String> form, LengthUnit unit, Person person) {
        StripPart part = part(store.load(number), partId);
        Map<String, String> texts = new LinkedHashMap<>();
        Map<String, String> errors = new LinkedHashMap<>();
        for (Field<?> field : StripPart.FIELDS) {
            String now = part.texts().getOrDefault(field.name(), "");
            String was = form.getOrDefault("was-" + field.name(), now);
            String typed = form.getOrDefault(field.name(), was).strip();
            if (typed.equals(was)) {
                typed = now;
            } else if (!was.equals(now) && !typed.equals(now)) {
                errors.put(
                        "strip-" + partId + "-" + field.name(),
                        "was noted meanwhile as \"" + now + "\": see which is right");
                continue;
            }
            if (typed.isEmpty()) {
                continue;
            }
            try {
                if (field == StripPart.SHIMS) {
                    texts.put(field.name(), ShimPack.parse(typed, unit).text());
                    continue;
                }
                FieldReader.read(field, typed, unit, settings.shop());
                texts.put(
                        field.name(),
                        field.kind().isLength() && !Length.namesUnit(typed) ? typed + " " + unit.symbol() : typed);
            } catch (RefusedInput e) {
                errors.put(
                        "strip-" + partId + "-" + field.name(),
                        e.errors().get(0).message());
            }
        }
        if (!errors.isEmpty()) {
            throw new RefusedInput(errors.entrySet().stream()
                    .map(e -> new FieldError(e.getKey(), e.getValue()))
                    .toList());
        }
        texts.putAll(part.beside());
        if (!texts.equals(part.texts())) {
            lists.note(number, partId, texts, person);
        }
    }

    /** Keeps a photo of a part that came off. @throws RefusedInput when it is no picture, or too large */
    public void photo(String number, long partId, @Nullable String fileName, byte[] bytes, Person person) {
        JobState state = store.load(number);
        StripPart part = part(state, partId);
        long id = register.attach(
                state.position().id(),
                state.job().id(),
                fileName == null ? part.name() : fileName,
                bytes,
                true,
                person);
        Map<String, String> texts = new LinkedHashMap<>(part.texts());
        texts.put("photo", Long.toString(id));
        lists.note(number, partId, texts, person);
    }

    /** A part that was noted in error stays in the record, with why. */
    public void strike(String number, long partId, String why, Person person) {
        JobState state = store.load(number);
        StripPart part = part(state, partId);
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("strip-" + partId, "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        lists.strike(number, partId, why.strip(), part.broughtItsItem() ? untouched(state, part) : null, person);
    }

    /** The item of a part, where nobody has typed or decided anything of it; absent where somebody has. */
    private static @Nullable Integer untouched(JobState state, StripPart part) {
        return state.items().stream()
                .filter(i -> part.item() != null
                        && i.number() == part.item()
                        && i.label().isEmpty())
                .filter(i -> state.texts().values().stream()
                        .flatMap(sheet -> sheet.entrySet().stream())
                        .noneMatch(e -> e.getKey().startsWith(i.prefix())
                                && !e.getValue().isBlank()))
                .filter(i -> state.beside().parts().decided().stream()
                        .noneMatch(p -> p.part().startsWith(i.prefix())))
                .findFirst()
                .map(JobItem::number)
                .orElse(null);
    }

    /**
     * Says what became of a part that came off. @throws RefusedInput when a seal or bearing goes back without a written
     * inspection, or a used seal as the only one
     */
    public void back(String number, long partId, StripPart.Back to, String reason, Person person) {
        JobState state = store.load(number);
        StripPart part = part(state, partId);
        String at = "back-" + partId;
        if (reason.length() > LONGEST_REASON) {
            throw new RefusedInput(at, "has room for " + LONGEST_REASON + " characters");
        }
        if (to == StripPart.Back.LEFT_OUT && reason.isBlank()) {
            throw new RefusedInput(at, "needs why it is left out");
        }
        if (to == StripPart.Back.BACK) {
            JobWork work = works.of(state);
            inItsOrder(state, work, part);
            if (part.kind() == PartKind.SHIM) {
                countedBack(number, part, reason, person);
                return;
            }
            JobParts.noWayBack(state, work, part, reason).ifPresent(why -> {
                throw new RefusedInput(at, why);
            });
        }
        if (to == StripPart.Back.RENEWED) {
            inItsOrder(state, works.of(state), part);
        }
        if (part.back() != to || !part.backReason().equals(reason.strip())) {
            lists.back(number, partId, to, reason.strip(), person);
        }
    }

    /** Last off, first on. @throws RefusedInput naming what goes back before it */
    private static void inItsOrder(JobState state, JobWork work, StripPart part) {
        work.waitsFor(state.beside().order(), part, Set.of()).ifPresent(before -> {
            throw new RefusedInput(
                    "back-" + part.id(), "waits: " + before.name() + " goes in before it, or say why that is left out");
        });
    }

    /**
     * A pack goes back in the number and sum that came out, counted again.
     *
     * @param counted each shim, then after a colon why it is another pack, such as new bearings
     */
    private void countedBack(String number, StripPart part, String counted, Person person) {
        String at = "back-" + part.id();
        String[] said = counted.split(":", 2);
        ShimPack now;
        try {
            now = ShimPack.parse(said[0], person.unit());
        } catch (RefusedInput e) {
            throw new RefusedInput(at, "is counted back: write each shim, such as 0.5 0.2 2x0.1");
        }
        ShimPack out = part.shims();
        String unlike = out == null ? "" : now.unlike(out).orElse("");
        boolean reason = said.length > 1 && !said[1].isBlank();
        if (!unlike.isEmpty() && !reason) {
            throw new RefusedInput(
                    at, "the pack " + unlike + ": count again, or write a colon and why, such as \": new bearings\"");
        }
        lists.back(
                number,
                part.id(),
                StripPart.Back.BACK,
                now.words() + (unlike.isEmpty() ? "" : "; " + unlike + ", because " + said[1].strip()),
                person);
    }

    /** @throws RefusedInput when it has no name or no time */
    public void startTimer(String number, String what, String minutes, Person person) {
        boolean whole = minutes.strip().matches("\\d{1,5}");
        if (what.isBlank()
                || what.length() > LONGEST_NAME
                || !whole
                || Integer.parseInt(minutes.strip()) < 1
                || Integer.parseInt(minutes.strip()) > MOST_MINUTES) {
            throw new RefusedInput(
                    "timer",
                    "needs a name, up to " + LONGEST_NAME + " characters, and whole minutes up to " + MOST_MINUTES);
        }
        lists.startTimer(number, what.strip(), Integer.parseInt(minutes.strip()), person);
    }

    /** A timer is stopped before its time only with a reason. */
    public void stopTimer(String number, long id, String why, Person person) {
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("timer-" + id, "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        lists.stopTimer(number, id, why.strip(), person);
    }

    private static StripPart part(JobState state, long id) {
        return state.beside().log().stream()
                .filter(p -> p.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotFound("part " + id + " of the strip log"));
    }

    private static Optional<PartKind> kind(String name) {
        return Arrays.stream(PartKind.values())
                .filter(k -> k.name().equals(name))
                .findFirst();
    }

    private List<PartLine> lines(JobState state) {
        return JobParts.of(state, works.of(state));
    }
}
