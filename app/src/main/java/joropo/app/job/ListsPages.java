package joropo.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.app.job.JobView.LotView;
import joropo.app.job.JobView.PartView;
import joropo.app.register.RegisterService;
import joropo.app.store.Lot;
import joropo.app.store.StoreService;
import joropo.app.ui.Show;
import joropo.core.plan.PartKind;
import joropo.core.plan.StockMatch;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import org.springframework.stereotype.Component;

/**
 * Makes the lists beside a sheet: parts with the lots that serve, what came off, timers, what earlier jobs left here,
 * limits by its maker.
 */
@Component
class ListsPages {
    private static final List<Stage> WITH_PARTS = List.of(Stage.INTAKE, Stage.STRIP, Stage.DECIDE, Stage.FIT);
    private static final List<Stage> WITH_LOG = List.of(Stage.STRIP, Stage.FIT);
    private static final List<PartKind> USUAL = List.of(
            PartKind.COVER,
            PartKind.BOLT,
            PartKind.GASKET,
            PartKind.RETAINING_RING,
            PartKind.WASHER,
            PartKind.LIP_SEAL,
            PartKind.SPACER,
            PartKind.SLEEVE,
            PartKind.BEARING,
            PartKind.KEY);
    private static final Map<Class<? extends BoreItem>, PartKind> KINDS = Map.of(
            BoreItem.Seal.class,
            PartKind.LIP_SEAL,
            BoreItem.Ring.class,
            PartKind.RETAINING_RING,
            BoreItem.Spacer.class,
            PartKind.SPACER,
            BoreItem.Bearing.class,
            PartKind.BEARING,
            BoreItem.Cover.class,
            PartKind.COVER,
            BoreItem.Chevron.class,
            PartKind.CHEVRON);
    private static final List<Stage> WITH_LIMITS = List.of(Stage.MEASURE, Stage.SET, Stage.PROVE);
    private static final int MOST_LOTS = 4;

    private final StoreService store;
    private final RegisterService register;
    private final ListsMapper lists;
    private final Show show;
    private final Clock clock;

    ListsPages(StoreService store, RegisterService register, ListsMapper lists, Show show, Clock clock) {
        this.store = store;
        this.register = register;
        this.lists = lists;
        this.show = show;
        this.clock = clock;
    }

    JobView.Lists view(JobState state, Stage stage, JobEvaluation evaluation) {
        List<PartLine> lines = WITH_PARTS.contains(stage) ? JobParts.of(state, evaluation) : List.of();
        List<StripPart> log = WITH_LOG.contains(stage) ? state.kept().lists().log() : List.of();
        List<StripPart> back = new ArrayList<>(stage == Stage.FIT ? log : List.of());
        Collections.reverse(back);
        boolean intake = stage == Stage.INTAKE;
        return new JobView.Lists(
                parts(lines),
                intake ? JobParts.proposals(state, lines) : List.of(),
                log,
                back,
                stage == Stage.STRIP ? known(evaluation.typed().section(), state) : List.of(),
                state.kept().lists().timers(),
                intake ? lists.concessions(state.position().id()) : List.of(),
                intake ? lists.recommendations(state.position().id()) : List.of(),
                WITH_LIMITS.contains(stage)
                        ? register.limits(state.position().id()).stream()
                                .filter(l -> l.withdrawnWhy() == null)
                                .toList()
                        : List.of(),
                clock.instant(),
                evaluation.madeSafe());
    }

    private List<PartView> parts(List<PartLine> lines) {
        if (lines.isEmpty()) {
            return List.of();
        }
        List<StoreService.Shelved> stock = store.lots();
        return lines.stream()
                .map(l -> new PartView(
                        l,
                        l.isSettled()
                                ? List.of()
                                : store.offers(l.part(), stock).stream()
                                        .limit(MOST_LOTS)
                                        .map(o -> lot(o, stock))
                                        .toList()))
                .toList();
    }

    private LotView lot(StockMatch.Offer offer, List<StoreService.Shelved> stock) {
        Lot lot = stock.stream()
                .map(StoreService.Shelved::lot)
                .filter(l -> l.id() == offer.lot().id())
                .findFirst()
                .orElseThrow();
        return new LotView(
                lot.id(),
                "batch " + lot.batch() + ", " + lot.place() + ", " + lot.onHand() + " there",
                show.sign(offer.life().finding().status()),
                offer.life().useBy() == null
                        ? offer.life().finding().message()
                        : "to be used by " + offer.life().useBy(),
                offer.needsLead(),
                offer.enough());
    }

    /** The parts that stand at this position first, then what usually comes off, then the rest. */
    private static List<PartKind> known(Section section, JobState state) {
        Set<PartKind> out = new LinkedHashSet<>();
        Section here = state.sections().found() == null
                ? section
                : state.sections().found().section();
        here.boreItems().stream()
                .map(ListsPages::kind)
                .filter(k -> k != PartKind.OTHER)
                .forEach(out::add);
        out.addAll(USUAL);
        out.addAll(Arrays.asList(PartKind.values()));
        return List.copyOf(out);
    }

    private static PartKind kind(BoreItem item) {
        return KINDS.entrySet().stream()
                .filter(k -> k.getKey().isInstance(item))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(PartKind.OTHER);
    }
}
