package joropo.app.job;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.CommonFields;
import joropo.app.family.Families;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Laid;
import joropo.app.family.Panel;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.Work;
import joropo.app.register.Position;
import joropo.app.settings.Shop;
import joropo.app.ui.Errors;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.SymptomFields;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.FirstRun;
import joropo.core.assembly.ProvingCheck;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.plan.Care;
import joropo.core.plan.Part;
import joropo.core.plan.PutIn;
import joropo.core.plan.Step;
import joropo.core.plan.StripLog;
import joropo.core.section.AsFound;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from the sheets of a job: each item's family is asked, and what they say is merged. What an
 * item says bears its prefix, so that two of a kind stay apart.
 */
final class JobWork {
    /** A rule that is answered at a part of the strip log: its number and its field. */
    private static final Pattern OF_THE_LOG = Pattern.compile("off(\\d+)-(\\w+)(?:-unread|-order)?");

    private record ItemWork(JobItem item, Work work) {
        /** As they stand among those of the others. @param name empty: they need none */
        List<JobFinding> findings(String name) {
            return name.isEmpty()
                    ? work.findings()
                    : work.findings().stream()
                            .map(f -> f.ofItem(item.prefix(), name, work.part()))
                            .toList();
        }
    }

    private final JobCards cards;
    private final ReadFields read;
    private final List<JobItem> standing;
    private final List<ItemWork> items;
    private final CommonWork common;
    private final Stripped stripped;
    private final Arrangement arrangement;
    private final Map<String, String> drawn;
    private final List<joropo.core.arrangement.Part> build;
    private final List<Step> plan;
    private final List<JobFinding> findings;
    private final Map<String, String> errors;
    private final Set<Stage> begun;
    private final Set<Care> care;
    private final List<StripLog.Removed> log;
    private final Map<String, Typed> texts;

    private JobWork(
            Position position,
            List<JobItem> all,
            Map<String, Typed> texts,
            Set<Stage> begun,
            JobCards cards,
            JobFacts.Arranged arranged,
            Families families,
            Refusals.Judged judged) {
        this.begun = begun;
        this.texts = texts;
        this.cards = cards;
        care = position.care();
        List<StripPart> off = cards.log();
        log = IntStream.range(0, off.size())
                .mapToObj(i -> judged.unread().contains(i)
                        ? off.get(i).removed().unread()
                        : off.get(i).removed())
                .toList();
        read = judged.read();
        standing = all;
        stripped = new Stripped(all, off);
        Arrangement found = stripped.arranged(log);
        items = all.stream()
                .map(JobItem::kind)
                .distinct()
                .flatMap(k -> evaluated(k, position, found, arranged, families))
                .sorted(Comparator.comparingInt(i -> all.indexOf(i.item())))
                .toList();
        arrangement = items.stream()
                .flatMap(i -> i.work().laid().stream())
                .map(Laid::arrangement)
                .reduce(found, Arrangement::and);
        drawn = new HashMap<>();
        items.forEach(i -> i.work().laid().ifPresent(l -> l.drawn()
                .forEach((key, name) -> drawn.putIfAbsent(key, i.item().prefix() + name))));
        Set<String> absent = answered(SymptomFields.ABSENT);
        Set<String> symptoms = answered(SymptomFields.SEEN);
        items.stream()
                .flatMap(i -> i.work().symptoms().stream())
                .filter(s -> !absent.contains(s))
                .forEach(symptoms::add);
        common = new CommonWork(read, cards, position.speedRpm(), symptoms, absent);
        findings = Stream.of(
                        common.findings().stream(),
                        Stream.of(new JobFinding(Stage.PROVE, firstRun(read.get(CommonFields.FIRST_RUN)))),
                        items.stream().flatMap(i -> i.findings(nameOfFindings(i.item())).stream()),
                        BootCards.of(off).stream().flatMap(b -> BootCards.findings(b, read, main()).stream()),
                        judged.unread().stream().sorted().map(i -> cannotBe(off.get(i))),
                        outOfOrder(found, off).stream(),
                        SectionOnSheets.otherwise(texts).stream())
                .flatMap(s -> s)
                .sorted(Comparator.comparing(JobFinding::stage))
                .toList();
        errors = merged();
        build = arrangement.planned().build();
        plan = planned();
    }

    /**
     * @param texts by stage and name of the field, @param off what came off, in its order, @param shop whose gauges,
     *     drivers, fluids and materials they may name
     */
    static JobWork of(
            Position position,
            List<JobItem> items,
            Map<Stage, Map<String, Typed>> texts,
            List<StripPart> off,
            JobFacts.Arranged arranged,
            Shop shop,
            Families families) {
        Map<String, Typed> all = new HashMap<>();
        texts.values().forEach(sheet -> sheet.forEach(all::putIfAbsent));
        JobCards cards = new JobCards(items, off, all, position.medium(), families);
        return Refusals.settled(
                ReadFields.of(cards.fields(), all, shop),
                off.size(),
                judged -> new JobWork(position, items, all, begun(texts), cards, arranged, families, judged));
    }

    /** One word stands for all that is sealed: where one has to drip and another has to be dry it says nothing. */
    private Finding firstRun(@Nullable FirstRun seen) {
        List<Finding> all = items.stream().map(i -> i.work().firstRun(seen)).toList();
        return all.stream().map(Finding::status).distinct().count() > 1 ? ProvingCheck.mixed() : all.get(0);
    }

    private static JobFinding cannotBe(StripPart part) {
        return new JobFinding(
                Stage.STRIP,
                AsFound.cannotBe(part.name()).withId("off" + part.number() + "-" + StripPart.PLACE.name() + "-unread"));
    }

    /** Parts that came off after one inward of them: the places count, and somebody sees which is right. */
    private static List<JobFinding> outOfOrder(Arrangement stripped, List<StripPart> off) {
        return stripped.found().outOfOrder().entrySet().stream()
                .map(e -> new JobFinding(
                        Stage.STRIP,
                        AsFound.outOfOrder(
                                        off.get(e.getKey().off() - 1).name(),
                                        off.get(e.getValue().off() - 1).name())
                                .withId("off" + off.get(e.getKey().off() - 1).number() + "-" + StripPart.PLACE.name()
                                        + "-order")))
                .toList();
    }

    private static Set<Stage> begun(Map<Stage, Map<String, Typed>> texts) {
        return texts.entrySet().stream()
                .filter(e -> e.getKey() != Stage.SIGN
                        && e.getValue().values().stream().anyMatch(t -> !t.isBlank()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private ReadFields read(JobItem item) {
        return read.under(item.prefix(), JobItem.first(standing, item).prefix());
    }

    /** What follows of all items of a kind. */
    private Stream<ItemWork> evaluated(
            PartKind kind, Position position, Arrangement found, JobFacts.Arranged arranged, Families families) {
        List<JobItem> same = standing.stream().filter(i -> i.kind() == kind).toList();
        List<? extends Work> works = families.need(kind)
                .evaluate(same.stream()
                        .map(i -> new JobFacts(
                                position,
                                read(i),
                                log,
                                found,
                                kind == standing.get(0).kind() ? arranged : JobFacts.Arranged.NONE,
                                alike(i)))
                        .toList());
        return IntStream.range(0, same.size()).mapToObj(i -> new ItemWork(same.get(i), works.get(i)));
    }

    private JobFacts.Alike alike(JobItem item) {
        List<JobItem> same =
                standing.stream().filter(i -> i.kind() == item.kind()).toList();
        return new JobFacts.Alike(
                item.calledAmong(standing),
                same.indexOf(item),
                same.stream().map(Stripped::key).toList(),
                same.stream().map(this::read).toList());
    }

    /** The only one that the job was opened for needs no name. */
    private String nameOfFindings(JobItem item) {
        return item.number() == 1 && !item.isOneOfSeveral(standing) ? "" : item.calledAmong(standing);
    }

    /** One item with what follows for it. @param name by which people tell it from the others */
    record Named(JobItem item, String name, Work work) {}

    /** All items, the one that the job was opened for first. */
    List<Named> items() {
        return items.stream()
                .map(i -> new Named(i.item(), i.item().calledAmong(standing), i.work()))
                .toList();
    }

    private Set<String> answered(String answer) {
        Set<String> out = new LinkedHashSet<>();
        items.forEach(i -> out.addAll(SymptomFields.answered(read(i.item())::get, answer)));
        return out;
    }

    private Map<String, String> merged() {
        Map<String, String> out = new LinkedHashMap<>(read.errors());
        common.errors().forEach((field, message) -> out.putIfAbsent(field, Errors.sentence(message)));
        items.forEach(i -> i.work()
                .errors()
                .forEach((field, message) -> out.putIfAbsent(read(i.item()).onSheet(field), Errors.sentence(message))));
        return out;
    }

    JobCards cards() {
        return cards;
    }

    ReadFields read() {
        return read;
    }

    /** What follows for what the job was opened for. */
    Work main() {
        return items.get(0).work();
    }

    List<JobFinding> findings() {
        return findings;
    }

    /** Findings up to a stage, worst first; within one state in working order. */
    List<JobFinding> findingsTo(Stage stage) {
        return findings.stream()
                .filter(f -> f.stage().compareTo(stage) <= 0)
                .sorted(Comparator.comparing(JobFinding::status).thenComparing(f -> f.stage() == stage ? 0 : 1))
                .toList();
    }

    /** The worst of one stage; nothing is right on which nothing was typed. */
    Status verdict(Stage stage) {
        return asRead(
                begun.contains(stage),
                findings.stream().filter(f -> f.stage() == stage).map(JobFinding::status));
    }

    /** Not measured at best while nothing was read. */
    private static Status asRead(boolean read, Stream<Status> found) {
        Status worst = found.reduce(Status::worse).orElse(Status.MISSING);
        return read ? worst : worst.worse(Status.MISSING);
    }

    /** What is found as the job stands now. */
    Verdicts verdicts(Stage stage) {
        return new Verdicts(verdict(stage), verdict(), findings);
    }

    /** The worst of all stages on which something was typed; not measured while one of its items was not. */
    Status verdict() {
        boolean measured = items.stream().allMatch(i -> isTyped(Stage.MEASURE, i.item()));
        return asRead(
                measured,
                findings.stream().filter(f -> begun.contains(f.stage())).map(JobFinding::status));
    }

    /** The worst of what one stage found of one item; not measured while nothing of it was typed there. */
    Status verdict(Stage stage, JobItem item) {
        return asRead(
                isTyped(stage, item),
                items.stream()
                        .filter(i -> i.item().equals(item))
                        .flatMap(i -> i.work().findings().stream())
                        .filter(f -> f.stage() == stage)
                        .map(JobFinding::status));
    }

    /**
     * Whether somebody typed of an item on a stage; one that is asked nothing there counts as typed. What a set of
     * items said of it is no reading.
     */
    private boolean isTyped(Stage stage, JobItem item) {
        List<Field<?>> asked = cards.of(stage, item).stream()
                .flatMap(c -> c.fields().stream())
                .filter(f -> !cards.saidBySet(item).contains(f.name()))
                .toList();
        return asked.isEmpty()
                || asked.stream().anyMatch(f -> !texts.getOrDefault(f.name(), Typed.NOTHING)
                        .isBlank());
    }

    /** By name of the field. */
    Map<String, String> errors() {
        return errors;
    }

    /** The field in which a finding is answered, as it stands on the sheets; empty: no rule says which. */
    String fieldOf(JobFinding finding) {
        String id = finding.finding().id();
        JobItem item = itemOf(id);
        return ofTheJob(finding.stage(), id)
                .or(() -> items.stream()
                        .filter(i -> i.item().equals(item))
                        .findFirst()
                        .flatMap(i -> i.work().fieldOf(finding.finding().rule()).map(f -> read(item)
                                .onSheet(f))))
                .filter(f -> cards.fields().stream().anyMatch(x -> x.name().equals(f)))
                .orElse("");
    }

    /**
     * The field of a common card in which a finding is answered: by its rule, else by the card or key it begins with.
     */
    private Optional<String> ofTheJob(Stage stage, String id) {
        String key = id.matches("[tbh]\\d+-.*") ? id.substring(0, id.indexOf('-') + 1) : "";
        return Optional.ofNullable(CommonWork.ANSWERED_IN.get(id.substring(key.length())))
                .map(f -> key + f)
                .or(() -> cards.common(stage).stream()
                        .filter(c -> key.isEmpty() ? id.startsWith(c.id() + "-") : c.id().startsWith(key))
                        .findFirst()
                        .map(c -> c.fields().get(0).name()));
    }

    /**
     * Where a finding is answered, as a link has it: stage and field. Where its field stands on another stage than the
     * one it was found on, that one; where no rule says which, the first field that is asked of its item there.
     */
    String answeredAt(JobFinding finding) {
        Optional<String> row = rowOf(finding);
        if (row.isPresent()) {
            return row.get();
        }
        String field = fieldOf(finding);
        if (!field.isEmpty()) {
            return cards.stageOf(field).path() + "#" + field;
        }
        Matcher off = OF_THE_LOG.matcher(finding.finding().rule());
        if (off.matches()) {
            return cards.log().stream()
                    .filter(p -> p.number() == Integer.parseInt(off.group(1)))
                    .findFirst()
                    .map(p -> Stage.STRIP.path() + "#off-" + p.id() + "-" + off.group(2))
                    .orElse(Stage.STRIP.path() + "#main");
        }
        JobItem item = itemOf(finding.finding().id());
        return Stream.of(finding.stage())
                .flatMap(s -> Stream.concat(cards.of(s, item).stream(), cards.of(s).stream()))
                .flatMap(c -> c.fields().stream())
                .map(f -> finding.stage().path() + "#" + f.name())
                .findFirst()
                .orElse(finding.stage().path() + "#main");
    }

    /** Of a part that came off and is no item: its row in the list of what came off. */
    private Optional<String> rowOf(JobFinding finding) {
        String part = finding.finding().part();
        String name = itemOf(finding.finding().id()).prefix() + part;
        return cards.log().stream()
                .filter(p -> part != null && name.equals(drawn.get(Stripped.key(p))))
                .findFirst()
                .map(p -> Stage.STRIP.path() + "#off-" + p.id() + "-"
                        + (p.kind().isDisc() ? StripPart.OPENING : StripPart.PLACE).name());
    }

    /** What is suspected of readings, by name of the field. */
    Map<String, String> doubts() {
        Map<String, String> out = new HashMap<>();
        items.forEach(i -> i.work()
                .doubts()
                .forEach((field, question) -> out.put(read(i.item()).onSheet(field), question)));
        return out;
    }

    /** What has to be typed before a stage is kept, by name of the field: in words what is missing. */
    Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new LinkedHashMap<>(common.wanted(stage));
        items.forEach(i -> i.work()
                .wanted(stage)
                .forEach((field, message) -> out.put(read(i.item()).onSheet(field), message)));
        return out;
    }

    /** Why it leaks; absent while nobody has looked. */
    @Nullable
    DiagnosisResult diagnosis() {
        return common.diagnosis();
    }

    /** How each joint is tightened, where somebody has said. */
    List<CommonWork.Joint> joints() {
        return common.joints();
    }

    /** Steps of taking apart, by what is there. */
    List<Step> stripping() {
        return Care.with(care, main().stripping());
    }

    /** Steps of the fitting plan, with the way back of what else came off; none before something is decided. */
    List<Step> plan() {
        return plan;
    }

    private List<Step> planned() {
        Map<String, List<Step>> plans = new LinkedHashMap<>();
        items.forEach(i -> plans.put(
                Stripped.key(i.item()),
                i.work().plan().stream().map(s -> s.under(i.item().prefix())).toList()));
        if (plans.values().stream().allMatch(List::isEmpty)) {
            return List.of();
        }
        return Care.with(care, PutIn.plan(arrangement.planned(), log, plans, drawn, before()));
    }

    /** All that goes in, in the order in which it goes in. */
    List<joropo.core.arrangement.Part> build() {
        return build;
    }

    /** What came off in the order in which it goes in; what came along with a part goes with it. */
    List<StripPart> inOrder(List<StripPart> all) {
        Set<StripPart> out = new LinkedHashSet<>();
        for (joropo.core.arrangement.Part part : build()) {
            for (StripPart there : stripped.of(part.key())) {
                out.add(there);
                all.stream()
                        .filter(p -> p.cameWith() != null && p.cameWith() == there.id())
                        .forEach(out::add);
            }
        }
        out.addAll(all);
        return List.copyOf(out);
    }

    /**
     * The part that has to go in before this one. @param all what came off, @param going parts that go in in the same
     * act, empty: none waits
     */
    Optional<StripPart> waitsFor(List<StripPart> all, StripPart part, Set<StripPart> going) {
        List<StripPart> order =
                inOrder(all).stream().filter(p -> p.cameWith() == null).toList();
        int at = order.indexOf(part);
        return at < 0
                ? Optional.empty()
                : order.subList(0, at).stream()
                        .filter(p -> p.isMissing() && !going.contains(p))
                        .findFirst();
    }

    /** What came off in the place of the item that a step is of, the last first. */
    List<StripPart> oldOf(Step step) {
        return stripped.of(Stripped.key(itemOf(step.id())));
    }

    /** Whether a new running sleeve goes on: no old one is put back otherwise than by its own row. */
    boolean renewsSleeve() {
        return items.stream().flatMap(i -> i.work().plan().stream()).anyMatch(s -> s.back() == PartKind.SLEEVE);
    }

    /** Why a step cannot be ticked as done, as its family has it; empty: it can. */
    Optional<String> stopped(Step step) {
        return ofItem(step).stopped(step);
    }

    private Work ofItem(Step step) {
        JobItem item = itemOf(step.id());
        return items.stream()
                .filter(i -> i.item().equals(item))
                .map(ItemWork::work)
                .findFirst()
                .orElseThrow();
    }

    /** Fields that a step names, as they stand on the sheets. */
    private List<Field<?>> named(Step step) {
        ReadFields of = read(itemOf(step.id()));
        List<String> names = Stream.concat(
                        ofItem(step).names(step).stream().map(f -> of.onSheet(f.name())),
                        CommonWork.NAMED_BY.getOrDefault(step.rule(), List.of()).stream())
                .toList();
        return cards.fields().stream().filter(f -> names.contains(f.name())).toList();
    }

    /** What a step names and is not there; empty: nothing is missing. */
    Optional<Waiting> waitsFor(Step step) {
        List<Field<?>> absent =
                named(step).stream().filter(f -> read.get(f) == null).toList();
        if (absent.isEmpty()) {
            return Optional.empty();
        }
        Stage at = cards.stageOf(absent.get(0).name());
        return Optional.of(new Waiting(
                "Waits for: " + absent.stream().map(Field::label).collect(Collectors.joining(", ")) + ".",
                absent.get(0).name(),
                at.path()));
    }

    /**
     * Whether what it names is asked after the fitting: then it is done when that is answered, rather than by a tick.
     */
    boolean isAnswered(Step step) {
        List<Field<?>> named = named(step);
        return !named.isEmpty()
                && named.stream().allMatch(f -> cards.stageOf(f.name()).compareTo(Stage.FIT) > 0);
    }

    /** The sheet on which it is answered. */
    Stage answeredAt(Step step) {
        return cards.stageOf(named(step).get(0).name());
    }

    /** Joints that have to be tight before something closes the way to them. */
    private List<Step> before() {
        return common.joints().stream()
                .filter(j -> j.read().get(CommonFields.TIGHTEN_BEFORE) != null)
                .map(j -> new Step(
                        "tight-" + j.key(),
                        Step.When.CLOSE,
                        "Tighten " + (j.name().isEmpty() ? "the bolts" : j.name()) + " by its plan before "
                                + j.read().get(CommonFields.TIGHTEN_BEFORE) + " closes the way.",
                        "No wrench reaches it later.",
                        true,
                        "",
                        null,
                        ""))
                .toList();
    }

    /** Items for which nothing is decided that a plan could be made from, by name. */
    List<String> undecided() {
        return items.stream()
                .filter(i -> i.work().plan().isEmpty())
                .map(i -> i.item().calledAmong(standing))
                .toList();
    }

    /** What has to be in hand. */
    List<Part> parts() {
        return items.stream()
                .flatMap(
                        i -> i.work().parts().stream().map(p -> p.under(i.item().prefix())))
                .toList();
    }

    /** Whose card it is; empty: the job's own. */
    Optional<JobItem> itemOf(Card card) {
        return cards.isCommon(card) ? Optional.empty() : Optional.of(itemOf(card.id()));
    }

    /** By the prefix of a name as it stands on the sheet. */
    JobItem itemOf(String name) {
        return standing.stream()
                .filter(i -> name.startsWith(i.prefix()))
                .max(Comparator.comparingInt(i -> i.prefix().length()))
                .orElseThrow();
    }

    /** What was computed from the readings of a card. @param card as it stands on the sheet */
    List<Figure> figures(String card) {
        return items.stream()
                .filter(i -> i.item().equals(itemOf(card)))
                .flatMap(i -> i.work().figures(card.substring(i.item().prefix().length())).stream())
                .toList();
    }

    /** What a stage offers and shows beside its fields, each under its card. */
    List<Panel> panels(Stage stage) {
        return Stream.concat(common.panels(stage).stream(), items.stream().flatMap(i -> i.work().panels(stage).stream()
                        .map(p -> p.under(i.item().prefix()))))
                .toList();
    }

    /** Closed cards that something typed asks for: once a machine is safe, what is found in it too. */
    List<String> asks(Stage stage) {
        Stream<String> found = stage == Stage.STRIP && madeSafe()
                ? cards.of(stage).stream()
                        .filter(c -> itemOf(c).isPresent() && !c.folded())
                        .map(Card::id)
                : Stream.empty();
        return Stream.concat(
                        items.stream().flatMap(i -> i.work().asks().stream()
                                .map(c -> i.item().prefix() + c)),
                        found)
                .toList();
    }

    /** Cards that stay closed while nothing calls for them. */
    List<String> idle() {
        return items.stream()
                .flatMap(i -> i.work().idle().stream().map(c -> i.item().prefix() + c))
                .toList();
    }

    /** Whether what follows the stripping may be kept: all three ticked, or a written reason. */
    boolean madeSafe() {
        return findings.stream()
                .filter(f -> f.finding().id().equals("safe"))
                .noneMatch(f -> f.status() == Status.MISSING);
    }
}
