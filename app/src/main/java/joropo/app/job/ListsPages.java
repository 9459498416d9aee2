package joropo.app.job;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.WorkSection;
import joropo.app.job.Beside.Group;
import joropo.app.job.ListsView.LotView;
import joropo.app.job.ListsView.PartView;
import joropo.app.job.ListsView.Parts;
import joropo.app.job.ListsView.Standing;
import joropo.app.job.ListsView.Strip;
import joropo.app.job.ListsView.Timers;
import joropo.app.register.RegisterService;
import joropo.app.section.BenchService;
import joropo.app.store.Lot;
import joropo.app.store.StoreService;
import joropo.app.ui.Judged;
import joropo.app.ui.Paged;
import joropo.app.ui.Show;
import joropo.app.watch.WatchService;
import joropo.core.arrangement.PartKind;
import joropo.core.diagnosis.Cause;
import joropo.core.plan.PartsOfSection;
import joropo.core.plan.StockMatch;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Makes the lists beside a sheet: parts with the lots that serve, what came off, timers, what earlier jobs left here,
 * limits by its maker.
 */
@Component
class ListsPages {
    private static final List<Stage> WITH_PARTS = List.of(Stage.INTAKE, Stage.STRIP, Stage.DECIDE, Stage.FIT);
    private static final List<Stage> WITH_LOG = List.of(Stage.STRIP, Stage.FIT);
    private static final List<Stage> WITH_LIMITS = List.of(Stage.MEASURE, Stage.SET, Stage.PROVE);
    private static final Timers NO_TIMERS = new Timers(List.of(), Instant.EPOCH);
    private static final int MOST_LOTS = 4;

    private final StoreService store;
    private final RegisterService register;
    private final ListsMapper lists;
    private final LooksMapper looks;
    private final WatchService watches;
    private final JobMapper jobs;
    private final JobStore records;
    private final TextsJson json;
    private final BenchService bench;
    private final Show show;
    private final Clock clock;

    ListsPages(
            StoreService store,
            RegisterService register,
            ListsMapper lists,
            LooksMapper looks,
            WatchService watches,
            JobMapper jobs,
            JobStore records,
            TextsJson json,
            BenchService bench,
            Show show,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.lists = lists;
        this.looks = looks;
        this.watches = watches;
        this.jobs = jobs;
        this.records = records;
        this.json = json;
        this.bench = bench;
        this.show = show;
        this.clock = clock;
    }

    /** All that belongs to the stage, as this person sees it. */
    ListsView whole(JobState state, Stage stage, JobWork work, Person person) {
        boolean intake = stage == Stage.INTAKE;
        long position = state.position().id();
        return new ListsView(
                WITH_PARTS.contains(stage) ? parts(state, work, intake) : Parts.NONE,
                strip(state, stage, work),
                timers(state),
                new Standing(
                        intake ? lists.concessions(position, Paged.SIZE, 0) : List.of(),
                        intake ? lists.recommendations(position) : List.of(),
                        WITH_LIMITS.contains(stage)
                                ? register.limits(position).stream()
                                        .filter(l -> l.withdrawnWhy() == null)
                                        .toList()
                                : List.of(),
                        stage == Stage.DECIDE && state.isOpen() ? bench.own() : List.of(),
                        intake ? watches.atPosition(position) : List.of(),
                        stage == Stage.SIGN && !state.isOpen()
                                ? looks.ofJob(state.job().number())
                                : List.of(),
                        asLastTime(state, stage, work, person)));
    }

    /** What of the last job here may be taken on a sheet. */
    AsLastTime asLastTime(JobState state, Stage stage, JobWork work, Person person) {
        if (!state.isOpen()) {
            return AsLastTime.NOTHING;
        }
        Optional<JobMapper.LastSheet> last =
                jobs.lastSigned(state.position().id(), state.job().openedAt(), stage);
        return AsLastTime.of(
                stage,
                state,
                work,
                last.map(JobMapper.LastSheet::number).orElse(""),
                last.map(s -> texts(s, state)).orElse(Map.of()),
                stage == Stage.INTAKE ? last.map(ListsPages::cause).orElse("") : "",
                stage == Stage.MEASURE
                        ? jobs.lastKept(person.id(), stage).map(json::read).orElse(Map.of())
                        : Map.of());
    }

    private Map<String, Typed> texts(JobMapper.LastSheet last, JobState state) {
        Map<String, Typed> texts = json.read(last.texts());
        List<StripPart> log = state.beside().log();
        return BearingCards.of(log).isEmpty()
                ? texts
                : BearingCards.renumbered(
                        texts, records.load(last.number()).beside().log(), log);
    }

    /** Why it failed last time, in words. */
    private static String cause(JobMapper.LastSheet last) {
        return last.causes() == null
                ? ""
                : Arrays.stream(last.causes().split(" "))
                        .flatMap(c -> Cause.of(c).stream())
                        .map(Cause::words)
                        .collect(Collectors.joining(" or "));
    }

    /** The list that a keystroke of this stage may change; absent: none. */
    @Nullable
    ListsView echo(JobState state, Stage stage, JobWork work) {
        return switch (stage) {
            case STRIP -> new ListsView(Parts.NONE, strip(state, stage, work), NO_TIMERS, Standing.NONE);
            case DECIDE ->
                new ListsView(
                        parts(state, work, false),
                        new Strip(List.of(), List.of(), List.of(), Map.of(), "", List.of(), true),
                        NO_TIMERS,
                        Standing.NONE);
            default -> null;
        };
    }

    /** What an answer to a keystroke of this stage needs beside the sheets: each box says what is open there. */
    static Set<Group> neededFor(Stage stage) {
        return stage == Stage.INTAKE
                ? EnumSet.of(Group.MARKS)
                : EnumSet.of(Group.MARKS, Group.PARTS); // whether the parts are in hand may hold it
    }

    private Parts parts(JobState state, JobWork work, boolean proposing) {
        List<PartLine> lines = JobParts.of(state, work);
        return new Parts(
                lines.stream().map(l -> new PartView(l, lots(l))).toList(),
                proposing ? JobParts.proposals(state, lines) : List.of());
    }

    private List<LotView> lots(PartLine line) {
        return line.isSettled()
                ? List.of()
                : store.offers(line.part()).stream()
                        .limit(MOST_LOTS)
                        .map(this::lot)
                        .toList();
    }

    private static Strip strip(JobState state, Stage stage, JobWork work) {
        List<StripPart> log = WITH_LOG.contains(stage) ? state.beside().log() : List.of();
        List<StripPart> back = stage == Stage.FIT ? work.inOrder(log) : List.of();
        List<StripPart> spent = back.stream()
                .filter(p -> p.isMissing()
                        && JobParts.noWayBack(state, work, p, "sound").isPresent())
                .toList();
        return new Strip(
                log,
                back,
                spent,
                stage == Stage.STRIP ? unnoted(state) : Map.of(),
                stage == Stage.STRIP && log.isEmpty() ? counted(state.job().cameOffLastTime()) : "",
                stage == Stage.STRIP ? known(state, work) : List.of(),
                work.madeSafe());
    }

    private Timers timers(JobState state) {
        return new Timers(state.beside().entered().timers(), clock.instant());
    }

    private LotView lot(StoreService.Offered offered) {
        StockMatch.Offer offer = offered.offer();
        Lot lot = offered.lot();
        return new LotView(
                lot.id(),
                "batch " + lot.batch() + ", " + lot.place() + ", " + lot.onHand() + " there",
                show.mark(offer.status(), Judged.ARRANGEMENT),
                (offer.untold().isEmpty() ? "" : String.join(", ", offer.untold()) + " not told: look at it; ")
                        + (offer.life().useBy() == null
                                ? offer.life().finding().message()
                                : "to be used by " + show.dayOf(offer.life().useBy())),
                offer.needsLead(),
                offer.enough());
    }

    /**
     * What came off here last time first, then the parts that stand at this position, then what usually comes off, then
     * the rest.
     */
    /** Each kind once, in its order. */
    private static String counted(List<PartKind> kinds) {
        return kinds.stream()
                .distinct()
                .map(k -> k.words()
                        + (Collections.frequency(kinds, k) > 1 ? " (" + Collections.frequency(kinds, k) + ")" : ""))
                .collect(Collectors.joining(", "));
    }

    /** One alone is meant by its kind. */
    private static Map<Integer, String> unnoted(JobState state) {
        Map<Integer, String> out = new TreeMap<>();
        if (state.items().size() > 1) {
            new Stripped(state.items(), state.beside().order())
                    .unnoted()
                    .forEach(i -> out.put(i.number(), i.calledAmong(state.items())));
        }
        return out;
    }

    private static List<PartKind> known(JobState state, JobWork work) {
        Set<PartKind> out = new LinkedHashSet<>(state.job().cameOffLastTime());
        Section here = Optional.ofNullable(state.sections().found())
                .or(() -> work.main().section().map(WorkSection::typed))
                .orElse(null);
        if (here != null) {
            out.addAll(PartsOfSection.of(here));
        }
        out.add(state.job().kind());
        out.addAll(work.cards().comesOff());
        out.addAll(Arrays.asList(PartKind.values()));
        return List.copyOf(out);
    }
}
