package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.Paper;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Laid;
import joropo.app.family.Panel;
import joropo.app.family.Picture;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.family.WorkSection;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.app.register.Position;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.Show;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.lipseal.FittingPlan;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.LipState;
import joropo.core.lipseal.OldSeal;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.PressFitResult;
import joropo.core.plan.Part;
import joropo.core.plan.PartsOfSection;
import joropo.core.plan.Step;
import joropo.core.plan.StripLog;
import joropo.core.plan.StrippingInput;
import joropo.core.plan.StrippingInputBuilder;
import joropo.core.plan.StrippingPlan;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalInputBuilder;
import joropo.core.removal.RemovalResult;
import joropo.core.section.AsFound;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.Joint;
import joropo.core.section.Mount;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.section.ShaftItem;
import joropo.core.sizes.SealSize;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from what was typed of a lip seal: each check of core called with what is there. No rule is
 * written here; this is where texts meet rules. What they find is gathered in {@link LipSealFindings}.
 */
final class LipSealWork implements Work {
    /** The driver's drawing, as its links name it. */
    static final String DRIVER = "driver";

    private static final double SAME_MM = 1e-9;
    private final EntrySeals all;
    private final JobFacts facts;
    private final LipSealFacts known;
    private final Show show;
    private final ShaftAndBoreReadings measured;
    private final AssumedSection planned;
    private final @Nullable Double speedMPerS;
    private final TrackAssessment track;
    private final Duty duty;
    private final Decided decided;
    private final @Nullable RemovalResult removal;
    private final @Nullable PressFitResult pressFit;
    private final SectionResult judged;
    private final FittingOutcome fitting;
    private final SeatDepths seat;
    private final List<JobFinding> findings;

    /** Of all seals of an entry; where two words of one figure contradict, each is judged, and the worse stands. */
    static List<LipSealWork> of(List<JobFacts> seals, Show show) {
        LipSealFacts known = LipSealFacts.of(seals.get(0));
        EntrySeals all = new EntrySeals(seals, known);
        List<EntrySeals> otherwise =
                known.otherwise().stream().map(k -> new EntrySeals(seals, k)).toList();
        return IntStream.range(0, seals.size())
                .mapToObj(i -> new LipSealWork(
                        all,
                        i,
                        otherwise.stream()
                                .map(e -> new LipSealWork(e, i, List.of(), show))
                                .toList(),
                        show))
                .toList();
    }

    private LipSealWork(EntrySeals all, int index, List<LipSealWork> otherwise, Show show) {
        this.all = all;
        this.show = show;
        facts = all.facts(index);
        ReadFields read = facts.read();
        measured = all.measured(index);
        known = all.known();
        planned = all.planned(index);
        judged = all.judged(planned);
        track = all.track(index);
        speedMPerS =
                Duty.speedMPerS(facts.position(), read, asArranged().section().shaftDiameterMm());
        duty = Duty.of(facts.position(), read, measured, planned);
        decided = Decided.of(read, duty);
        removal = read.get(LipSealFields.EDGE_REACHABLE) == null ? null : RemovalCheck.check(removal(read));
        CaseType caseType =
                decided.size() == null ? null : decided.caseTypeOrRecommended().orElse(null);
        pressFit = caseType == null || isOnShaft()
                ? null
                : PressFitCheck.check(
                        duty.pressFit(read, measured, planned.section().boreDiameterMm(), caseType));
        fitting = FittingOutcome.of(
                facts, known, goingIn(), decided, track.remedy(), planned, decidedSection(), targetMm());
        seat = seat(read);
        findings = LipSealFindings.of(this, otherwise);
    }

    /** A section beside what was found. */
    Section besideFound(Section section) {
        return all.besideFound(section);
    }

    /** Whether the depth of a seal was read after it was driven: then it is shown where it stands. */
    boolean isSeated() {
        return IntStream.range(0, facts.alike().reads().size())
                .anyMatch(i -> seat(facts.alike().reads().get(i)).square() != null);
    }

    private static RemovalInput removal(ReadFields read) {
        return RemovalInputBuilder.builder()
                .what(RemovalInput.What.LIP_SEAL)
                .edgeReachable(read.get(LipSealFields.EDGE_REACHABLE))
                .spaceInLineMm(read.get(LipSealFields.LINE_ROOM))
                .behindMm(read.get(LipSealFields.BEHIND))
                .besideBrittleFace(read.get(LipSealFields.BRITTLE_BESIDE))
                .otherSideAccess(read.get(LipSealFields.OTHER_SIDE))
                .pressureAllowed(read.get(LipSealFields.PRESSURE_ALLOWED))
                .elastomersStay(read.get(LipSealFields.ELASTOMERS_STAY))
                .flammable(read.get(LipSealFields.FLAMMABLE))
                .rimProud(read.get(LipSealFields.RIM_PROUD))
                .toolLengthMm(read.get(LipSealFields.TOOL_LENGTH))
                .lipOpeningMm(read.get(LipSealFields.LIP_OPENING))
                .build();
    }

    ReadFields read() {
        return facts.read();
    }

    Position position() {
        return facts.position();
    }

    /** Whether its case grips the shaft and its lip runs in the housing. */
    boolean isOnShaft() {
        return facts.read().get(LipSealFields.MOUNT) == Mount.SHAFT;
    }

    /** This seal as the last job that was signed here left it. */
    Optional<BoreItem.Seal> lastTime() {
        return AssumedSection.lastTime(facts);
    }

    boolean hasRunningSleeve() {
        return LipSealFacts.hasRunningSleeve(facts);
    }

    List<StripLog.Removed> log() {
        return facts.log();
    }

    LipSealFacts known() {
        return known;
    }

    /** As strip log and sheets have it. */
    Section foundSection() {
        return all.found(typed().section());
    }

    ShaftAndBoreReadings measured() {
        return measured;
    }

    /** The section as it will be, with what is assumed in it. */
    AssumedSection entry() {
        return planned;
    }

    /** The section as it follows from the texts alone. */
    AssumedSection typed() {
        return all.typed(facts.alike().index());
    }

    /** The same with what was arranged on the bench beyond them. */
    AssumedSection asArranged() {
        return all.arranged(facts.alike().index());
    }

    /** Whether anything was. */
    boolean isRearranged() {
        return all.isRearranged();
    }

    TrackAssessment track() {
        return track;
    }

    Duty duty() {
        return duty;
    }

    Decided decided() {
        return decided;
    }

    @Nullable
    Double speedMPerS() {
        return speedMPerS;
    }

    @Nullable
    RemovalResult removal() {
        return removal;
    }

    @Nullable
    PressFitResult pressFit() {
        return pressFit;
    }

    FittingOutcome fitting() {
        return fitting;
    }

    SeatDepths seat() {
        return seat;
    }

    /** What the rules say of the section as it will be, whether the seal in it is decided or assumed. */
    SectionResult judged() {
        return judged;
    }

    /** The same, absent before size and way round are decided. */
    @Nullable
    SectionResult decidedSection() {
        return decided.size() == null || decided.mainLip() == null ? null : judged;
    }

    @Nullable
    Window window() {
        return decidedSection() == null ? null : judged.window(planned.among().id());
    }

    /** The depth to drive to: as planned or read, else what the window aims at; nothing where nothing says how deep. */
    @Nullable
    Double targetMm() {
        if (!planned.assumes(Assumed.DEPTH)) {
            return planned.seal().fromMm();
        }
        return window() == null ? null : Double.valueOf(window().targetMm());
    }

    private SeatDepths seat(ReadFields of) {
        return SeatDepths.of(
                of, planned.section().boreDiameterMm(), planned.section().shaftDiameterMm());
    }

    /** The same with where this seal was to stand. */
    Section fitted() {
        Section out = placed();
        if (seat.square() == null || targetMm() == null) {
            return out;
        }
        boolean alone = facts.alike().isAlone();
        BoreItem.Seal read = alone ? planned.section().seals().get(0) : planned.seal();
        return out.decided(
                read.id(),
                alone ? Length.snap(targetMm() + read.fromMm() - planned.seal().fromMm()) : targetMm(),
                seat.namedU());
    }

    /** The section with each seal where it really stands, as far as that was read. */
    Section placed() {
        Double play = read().get(CommonFields.PLAY_MEASURED);
        Section out = play == null
                ? planned.section()
                : SectionBuilder.builder(planned.section()).axialPlayMm(play).build();
        if (facts.alike().isAlone()) {
            return seat.square() == null
                    ? out
                    : out.withOutermostSealAt(seat.square().meanMm(), seat.uncertaintyMm());
        }
        for (int i = 0; i < facts.alike().reads().size(); i++) {
            SeatDepths read = seat(facts.alike().reads().get(i));
            if (read.square() != null && !AssumedSection.id(i).isEmpty()) {
                out = out.withSealRead(AssumedSection.id(i), read.square().meanMm(), read.namedU());
            }
        }
        return out;
    }

    /** The same with the repair sleeves that stand under its lips. */
    Section left() {
        Section out = placed();
        List<ShaftItem> shaft = new ArrayList<>(out.shaftItems());
        for (int i = 0; i < all.size(); i++) {
            Double sleeve = all.track(i).sleeveMm();
            if (sleeve != null) {
                String id = facts.alike().isAlone() ? planned.among().id() : AssumedSection.id(i);
                shaft.add(FittedSleeve.under(out.seal(id), sleeve));
            }
        }
        return SectionBuilder.builder(out).shaftItems(shaft).build();
    }

    /** What the section rules found of this seal; what is nobody else's is said by the one that leads. */
    boolean concerns(Finding found) {
        List<Integer> others = IntStream.range(0, facts.alike().reads().size())
                .boxed()
                .filter(i -> i != facts.alike().index())
                .toList();
        return planned.among().id().equals(found.part())
                || planned.among().leads()
                        && others.stream().noneMatch(i -> AssumedSection.id(i).equals(found.part()));
    }

    JobFacts.Alike alike() {
        return facts.alike();
    }

    /** The sentence that says which way round it goes. */
    String wayRound() {
        return FittingPlan.wayRound(planned.section(), planned.among());
    }

    @Override
    public Map<String, String> errors() {
        return Stream.of(measured.errors(), typed().errors(), duty.errors(), seat.errors())
                .flatMap(e -> e.entrySet().stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @Override
    public Optional<String> fieldOf(String rule) {
        boolean noneBetween =
                rule.matches("D4|D5") && known.fromInside(alike().index()) == 0; // asked of those further out
        if (rule.equals("S2") && isProud() && read().get(LipSealFields.PROUD) == null) {
            return Optional.of(LipSealFields.PROUD.name());
        }
        return noneBetween
                ? Optional.of(LipSealFields.LAYOUT.name())
                : LipSealAnswers.of(rule).map(Field::name);
    }

    @Override
    public Map<String, String> doubts() {
        Map<String, String> out = new LinkedHashMap<>(measured.doubts());
        out.putAll(seat.doubts(read()));
        return out;
    }

    @Override
    public List<JobFinding> findings() {
        return findings;
    }

    @Override
    public Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new LinkedHashMap<>();
        if (stage == Stage.DECIDE && decided.wantsReason() && read().get(LipSealFields.CHOOSE_WHY) == null) {
            out.put(LipSealFields.CHOOSE_WHY.name(), "Another than the recommended seal needs its reason.");
        }
        if (stage == Stage.DECIDE && leavesFound() && read().get(LipSealFields.DECIDE_WHY) == null) {
            out.put(LipSealFields.DECIDE_WHY.name(), "Another place than that of the old seal needs its reason.");
        }
        return out;
    }

    /** Whether somebody plans it elsewhere than where the old one stood, though that place would do. */
    private boolean leavesFound() {
        Double decidedMm = read().get(LipSealFields.PLANNED_DEPTH);
        Double old = planned.found().placeMm();
        return decidedMm != null
                && old != null
                && window() != null
                && Math.abs(window().targetMm() - old) <= SAME_MM
                && Math.abs(decidedMm - old) > AsFound.ELSEWHERE_MM;
    }

    @Override
    public List<String> symptoms() {
        return OldSeal.signs(
                read().get(LipSealFields.FOUND_STATE),
                read().get(LipSealFields.DRAINED),
                read().get(LipSealFields.SURFACE));
    }

    @Override
    public Optional<Laid> laid() {
        return Optional.of(new Laid(goingIn(), known.drawn(planned.section())));
    }

    /** The parts of the job, this seal where it is to be driven. */
    private Arrangement goingIn() {
        Double target = targetMm();
        return target == null
                ? known.arrangement()
                : known.arrangement()
                        .with(List.of(new Fact<>(
                                facts.alike().key(), Property.PLACE, target, 0, Origin.DECIDED, "section#target")));
    }

    @Override
    public List<Step> plan() {
        return fitting.plan();
    }

    @Override
    public List<Field<?>> names(Step step) {
        return switch (step.rule()) {
            case "parts" -> List.of(LipSealFields.NEW_OUTSIDE, LipSealFields.NEW_WIDTH);
            case FittingPlan.NEW_SLEEVE -> List.of(LipSealFields.SLEEVE_PLACE_NEW);
            case FittingPlan.DEPTH -> List.copyOf(LipSealFields.DEPTHS);
            case "turn" -> List.of(CommonFields.HAND_TURN);
            case "fill" -> CommonFields.filled(facts.position().medium());
            case "run" -> List.of(CommonFields.FIRST_RUN);
            default -> List.of();
        };
    }

    /** The depth is not ticked where what was read will not do. */
    @Override
    public Optional<String> stopped(Step step) {
        if (!step.rule().equals(FittingPlan.DEPTH)) {
            return Optional.empty();
        }
        return findings.stream()
                .map(JobFinding::finding)
                .filter(f -> f.id().equals("S9-fitted") && f.status() != Status.PASS)
                .filter(f -> f.status() != Status.CAUTION)
                .map(f -> f.message() + " " + f.remedy())
                .findFirst();
    }

    /** Kinds of what came off, of what was arranged, and of the seal itself. */
    Set<PartKind> partsThere() {
        Set<PartKind> there = EnumSet.of(PartKind.LIP_SEAL);
        facts.log().forEach(r -> there.add(r.kind()));
        Stream.of(facts.sections().found(), isRearranged() ? asArranged().section() : null)
                .filter(Objects::nonNull)
                .flatMap(s -> PartsOfSection.of(s).stream())
                .forEach(there::add);
        return there;
    }

    @Override
    public List<Step> stripping() {
        return StrippingPlan.of(StrippingInputBuilder.builder()
                .there(partsThere())
                .inside(planned.inside().medium())
                .pressureMpa(planned.inside().pressureMpa())
                .attitude(planned.section().attitude())
                .way(
                        removal == null
                                ? null
                                : removal.ways().stream()
                                        .filter(w -> w.verdict() == Status.PASS || w.verdict() == Status.CAUTION)
                                        .findFirst()
                                        .map(w ->
                                                new StrippingInput.Way(w.way().words(), String.join(" ", w.cautions())))
                                        .orElse(null))
                .build());
    }

    @Override
    public Optional<String> foundState() {
        return Optional.ofNullable(read().get(LipSealFields.FOUND_STATE)).map(LipState::words);
    }

    /** What leaves past a good lip, through ways beside it that were opened. */
    @Override
    public List<Finding> beside(List<Joint> opened) {
        return LipSealRules.section(planned.section().withJoints(opened)).findings().stream()
                .filter(f -> f.id().equals("D11"))
                .filter(f -> opened.stream().anyMatch(j -> j.kind().name().equals(f.part())))
                .toList();
    }

    @Override
    public List<Part> parts() {
        return fitting.parts();
    }

    @Override
    public List<Figure> figures(String card) {
        return new LipSealFigures(this, show).of(card);
    }

    @Override
    public List<Panel> panels(Stage stage) {
        return new LipSealPanels(this, show).of(stage);
    }

    /** A groove that somebody felt wants its measures; a seal out of its bore whether it is meant to be. */
    @Override
    public List<String> asks() {
        return Stream.of(track.wantsMeasures() ? "groove" : "", isProud() ? LipSealCards.DRIVING : "")
                .filter(c -> !c.isEmpty())
                .toList();
    }

    /** Whether it stands out of the bore, or is planned so. */
    private boolean isProud() {
        Double old = planned.found().placeMm();
        return planned.seal().fromMm() < planned.section().boreFromMm() || old != null && old < 0;
    }

    @Override
    public List<String> idle() {
        return track.result().remedies().isEmpty() ? List.of("work") : List.of();
    }

    @Override
    public Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        return Optional.of(new Picture(LipSealPicture.svg(this, numbered, paper, next)));
    }

    @Override
    public Optional<LineDrawing> drawing(String name) {
        return name.equals(DRIVER) && fitting.driver() != null ? Optional.of(driver()) : Optional.empty();
    }

    /** Only where there is a driver. */
    LineDrawing driver() {
        return DriverSheet.of(
                fitting.driver(), "Driver for lip seal " + decided.size().words());
    }

    @Override
    public Optional<WorkSection> section() {
        return Optional.of(new LipSealSection(this));
    }

    @Override
    public @Nullable String part() {
        return facts.alike().isAlone() ? null : planned.among().id();
    }

    @Override
    public Summary summary() {
        SealSize size = decided.size();
        String material = decided.material() == null ? null : decided.material().code();
        String layout = decided.layout() == null ? null : decided.layout().words();
        String seal = Stream.of(
                        layout,
                        material,
                        decided.caseType() == null ? null : decided.caseType().words())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
        Offer remedy = track.remedy();
        return new Summary(
                size == null ? null : size.words(),
                seal.isEmpty() ? null : seal,
                remedy == null ? null : remedy.remedy().words() + ": " + remedy.reason(),
                fitting.plan().isEmpty() ? null : wayRound(),
                window() == null ? null : targetMm(),
                seat.square() == null ? null : Double.valueOf(seat.square().meanMm()),
                size == null
                        ? null
                        : new Summary.FittedItem(
                                Stream.of(size.words(), layout, material)
                                        .filter(Objects::nonNull)
                                        .collect(Collectors.joining(", ")),
                                size.words(),
                                material));
    }
}
