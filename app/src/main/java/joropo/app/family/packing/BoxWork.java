package joropo.app.family.packing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.drawing.BoxDrawing;
import joropo.app.drawing.CuttingDrawing;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.Paper;
import joropo.app.drawing.RunInDrawing;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.Picture;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.arrangement.Listed;
import joropo.core.assembly.FirstRun;
import joropo.core.assembly.ProvingCheck;
import joropo.core.packing.GlandGaps;
import joropo.core.packing.GlandLoadCheck;
import joropo.core.packing.GlandLoadInput;
import joropo.core.packing.GlandLoadInputBuilder;
import joropo.core.packing.GlandLoadResult;
import joropo.core.packing.PackedFace;
import joropo.core.packing.PackedFaceBuilder;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInput;
import joropo.core.packing.PackingInputBuilder;
import joropo.core.packing.PackingPlan;
import joropo.core.packing.PackingPlanBuilder;
import joropo.core.packing.PackingResult;
import joropo.core.packing.PackingStyle;
import joropo.core.packing.RunInCheck;
import joropo.core.packing.RunInInput;
import joropo.core.packing.RunInResult;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one packed box. */
final class BoxWork implements Work {
    private static final String CUTTING = "cutting";
    private static final String FORMED = "FORMED";
    private static final Set<String> MEASURED =
            Set.of("runout", "roughness", "offset", "groove", "throat", "hardness", "section", "rings");
    /** Seen before anything comes off. */
    private static final String LOOKED_AT = "under-sleeve";
    /** The fields of the sheets by those of the inputs, where a refusal is said. */
    private static final Map<String, Field<?>> SAID_AT = Map.ofEntries(
            Map.entry("shaftMm", BoxFields.SHAFT),
            Map.entry("boxBoreMm", BoxFields.BORE),
            Map.entry("boxDepthMm", BoxFields.DEPTH),
            Map.entry("bottomBushMm", BoxFields.BUSH),
            Map.entry("lanternWidthMm", BoxFields.LANTERN),
            Map.entry("lanternSlotMm", BoxFields.SLOT),
            Map.entry("portFromMm", BoxFields.PORT_FROM),
            Map.entry("portToMm", BoxFields.PORT_TO),
            Map.entry("pressureMpa", BoxFields.PRESSURE),
            Map.entry("temperatureC", BoxFields.TEMPERATURE));

    private final JobFacts facts;
    private final ReadFields read;
    private final Map<String, String> errors = new HashMap<>();
    private final Listed shaft;
    private final Listed bore;
    private final @Nullable PackingInput box;
    private final @Nullable PackingResult result;
    private final @Nullable GlandLoadResult load;
    private final @Nullable RunInInput series;
    private final @Nullable RunInResult advice;

    BoxWork(JobFacts facts) {
        this.facts = facts;
        read = facts.read();
        shaft = new Listed("listed-shaft", "shaft or sleeve", facts.position().shaftMm(), read.get(BoxFields.SHAFT));
        bore = new Listed("listed-bore", "box, bore", facts.position().boreMm(), read.get(BoxFields.BORE));
        box = shaft.mm() == null || bore.mm() == null || read.get(BoxFields.DEPTH) == null
                ? null
                : tried(BoxFields.DEPTH, this::box);
        result = box == null ? null : PackingCheck.check(box);
        load = result == null ? null : load();
        String looks = read.get(BoxFields.LOOKS);
        series = looks == null || shaft.mm() == null
                ? null
                : tried(
                        BoxFields.LOOKS,
                        () -> new RunInInput(shaft.mm(), null, read.get(BoxFields.TRAVEL), LooksText.read(looks)));
        advice = series == null ? null : RunInCheck.check(series);
    }

    private boolean isStem() {
        return read.is(BoxFields.STEM);
    }

    private PackingInput box() {
        String joints = read.get(BoxFields.JOINTS);
        return PackingInputBuilder.builder()
                .shaftMm(shaft.mm())
                .boxBoreMm(bore.mm())
                .boxDepthMm(read.get(BoxFields.DEPTH))
                .bottomBushMm(read.get(BoxFields.BUSH))
                .lanternWidthMm(read.get(BoxFields.LANTERN))
                .lanternSlotMm(read.get(BoxFields.SLOT))
                .portFromMm(read.get(BoxFields.PORT_FROM))
                .portToMm(read.get(BoxFields.PORT_TO))
                .glandEntryMm(read.get(BoxFields.ENTRY))
                .glandNoseMm(read.get(BoxFields.NOSE))
                .medium(facts.position().medium())
                .fluid(read.get(BoxFields.FLUID))
                .ph(read.get(BoxFields.PH))
                .sleeveHardnessHrc(read.get(BoxFields.HRC))
                .joints(joints == null ? null : Integer.valueOf(joints))
                .style(read.get(BoxFields.STYLE))
                .speedRpm(isStem() ? Double.valueOf(0) : facts.position().speedRpm())
                .speedMPerS(read.get(BoxFields.PLUNGER))
                .pressureMpa(read.get(BoxFields.PRESSURE))
                .temperatureC(read.get(BoxFields.TEMPERATURE))
                .runoutTirMm(read.get(BoxFields.RUN_OUT))
                .offsetMm(read.get(BoxFields.OFFSET))
                .throatClearanceMm(read.get(BoxFields.THROAT))
                .grooveDepthMm(read.get(BoxFields.GROOVE))
                .raUm(read.get(BoxFields.RA))
                .build();
    }

    /** Of the gland as it is tightened; nothing before bolts and torque are typed. */
    private @Nullable GlandLoadResult load() {
        Double bolts = read.get(BoxFields.BOLTS);
        Double bolt = read.get(BoxFields.BOLT);
        Double torque = read.get(BoxFields.TORQUE);
        String style = read.get(BoxFields.STYLE);
        if (bolts == null || bolt == null || torque == null || style == null) {
            return null;
        }
        if (bolts != Math.rint(bolts)) {
            errors.put(BoxFields.BOLTS.name(), "must be a whole number");
            return null;
        }
        return tried(
                BoxFields.TORQUE,
                () -> GlandLoadCheck.check(GlandLoadInputBuilder.builder()
                        .shaftMm(shaft.mm())
                        .boxBoreMm(bore.mm())
                        .bolts(bolts.intValue())
                        .boltDiameterMm(bolt)
                        .torqueNm(torque)
                        .friction(read.get(BoxFields.FRICTION))
                        .packedLengthMm(Length.snap(Math.max(1, result.rings()) * result.sectionMm()))
                        .packing(style)
                        .pressureMpa(read.get(BoxFields.PRESSURE))
                        .boltClass(read.get(BoxFields.BOLT_CLASS))
                        .stem(stem())
                        .build()));
    }

    /** A stem is judged as one, also while it is not said how it moves. */
    private GlandLoadInput.@Nullable Stem stem() {
        GlandLoadInput.Stem moves = read.get(BoxFields.MOVES);
        return moves == null && isStem() ? GlandLoadInput.Stem.TURNING : moves;
    }

    private <T> @Nullable T tried(Field<?> otherwise, Supplier<T> check) {
        try {
            return check.get();
        } catch (RefusedInput e) {
            for (FieldError x : e.errors()) {
                errors.putIfAbsent(SAID_AT.getOrDefault(x.field(), otherwise).name(), x.message());
            }
            return null;
        }
    }

    /** The looks while it ran in; none yet: empty. */
    List<RunInInput.Look> looks() {
        return series == null ? List.of() : series.points();
    }

    /** Absent before the first look. */
    @Nullable
    RunInInput series() {
        return series;
    }

    /** What the box was read at last, else what the product has; absent: not known. */
    @Nullable
    Double warmth() {
        return looks().stream()
                .map(RunInInput.Look::boxC)
                .filter(Objects::nonNull)
                .reduce((a, b) -> b)
                .orElse(read.get(BoxFields.TEMPERATURE));
    }

    @Nullable
    RunInResult advice() {
        return advice;
    }

    @Override
    public Map<String, String> errors() {
        return Map.copyOf(errors);
    }

    @Override
    public Optional<String> fieldOf(String rule) {
        return BoxAnswers.of(rule).map(Field::name);
    }

    @Override
    public List<JobFinding> findings() {
        List<JobFinding> out = new ArrayList<>();
        if (result != null) {
            result.findings()
                    .forEach(f -> out.add(new JobFinding(MEASURED.contains(f.id()) ? Stage.MEASURE : Stage.DECIDE, f)));
            face().findings()
                    .forEach(f -> out.add(new JobFinding(LOOKED_AT.equals(f.id()) ? Stage.STRIP : Stage.MEASURE, f)));
            out.add(new JobFinding(Stage.FIT, gaps().finding()));
        }
        Stream.of(shaft, bore).flatMap(l -> l.clash().stream()).forEach(f -> out.add(new JobFinding(Stage.MEASURE, f)));
        if (load != null) {
            load.findings().forEach(f -> out.add(new JobFinding(Stage.SET, f)));
        }
        if (result != null && read.is(BoxFields.HOME)) {
            out.add(new JobFinding(Stage.PROVE, RunInCheck.home(!isStem())));
        } else if (result != null && !isStem()) {
            Optional.ofNullable(advice)
                    .map(RunInResult::findings)
                    .orElse(List.of(RunInCheck.unread()))
                    .forEach(f -> out.add(new JobFinding(Stage.PROVE, f)));
        }
        return out;
    }

    /** What is bolted home has no drops to be set; they are counted in the first hour. */
    @Override
    public Finding firstRun(@Nullable FirstRun seen) {
        return isStem()
                ? ProvingCheck.firstRun(seen)
                : ProvingCheck.firstRunOfBox(seen, advice != null || read.is(BoxFields.HOME));
    }

    private PackedFace face() {
        return PackedFaceBuilder.builder()
                .diameterMm(shaft.mm())
                .stem(isStem())
                .scored(read.get(BoxFields.SCORED))
                .ovalityMm(read.get(BoxFields.OVALITY))
                .bendMm(read.get(BoxFields.BEND))
                .underSleeve(read.get(BoxFields.UNDER))
                .build();
    }

    private PackingPlan.Gland gland() {
        return new PackingPlan.Gland(read.is(BoxFields.LIVE), read.is(BoxFields.HOME), read.is(BoxFields.PINS));
    }

    private boolean hasLantern() {
        return read.get(BoxFields.LANTERN) != null;
    }

    private GlandGaps gaps() {
        return new GlandGaps(
                BoxFields.GAPS.stream().map(read::get).filter(Objects::nonNull).toList());
    }

    @Override
    public Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new HashMap<>();
        if (stage == Stage.MEASURE && read.get(BoxFields.DEPTH) == null) {
            out.put(BoxFields.DEPTH.name(), "A box is measured before it is packed.");
        }
        if (stage == Stage.DECIDE) {
            if (read.get(BoxFields.STYLE) == null) {
                out.put(BoxFields.STYLE.name(), "No packing is decided yet.");
            }
            if (read.get(BoxFields.ORDER) == null) {
                out.put(
                        BoxFields.ORDER.name(),
                        "What comes first is not decided: a shaft driven in later tears rings.");
            }
        }
        return out;
    }

    private boolean isReady() {
        return result != null && read.get(BoxFields.STYLE) != null && result.rings() > 0;
    }

    private PackingPlan packingPlan() {
        String cut = read.get(BoxFields.CUT);
        String order = read.get(BoxFields.ORDER);
        return PackingPlanBuilder.builder()
                .result(result)
                .style(PackingStyle.of(read.get(BoxFields.STYLE)).orElse(null))
                .skive(cut == null || cut.equals(FORMED) ? isStem() : cut.equals("SKIVE"))
                .formed(FORMED.equals(cut))
                .gland(gland())
                .stem(isStem())
                .shaftFirst(order == null ? null : Boolean.valueOf(order.equals("SHAFT")))
                .lantern(hasLantern())
                .newSleeve(read.is(BoxFields.NEW_SLEEVE))
                .build();
    }

    @Override
    public List<Step> plan() {
        return isReady() ? packingPlan().steps() : List.of();
    }

    @Override
    public List<Field<?>> names(Step step) {
        return switch (step.rule()) {
            case "rings-out" -> List.of(BoxFields.OLD_RINGS);
            case "gland" -> List.copyOf(BoxFields.GAPS);
            case "turn" -> List.of(CommonFields.HAND_TURN);
            case "run-in" -> List.of(BoxFields.LOOKS);
            default -> List.of();
        };
    }

    @Override
    public List<Step> stripping() {
        return PackingPlan.stripping(gland(), hasLantern());
    }

    @Override
    public List<Part> parts() {
        return isReady() ? packingPlan().parts() : List.of();
    }

    @Override
    public List<Figure> figures(String card) {
        if (result == null) {
            return List.of();
        }
        return switch (card) {
            case BoxFields.BOX_CARD ->
                List.of(
                        new Figure("section", Length.show(result.listedSectionMm(), 2), "mm", null),
                        new Figure("rings", Integer.toString(result.rings()), "", null));
            case BoxFields.PACKING_CARD ->
                List.of(
                        new Figure("cut square", Length.show(result.buttCutMm(), 1), "mm", null),
                        new Figure("at 45°", Length.show(result.skiveCutMm(), 1), "mm", null),
                        new Figure(
                                "joints",
                                result.jointClock().stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", ")),
                                "o'clock",
                                null));
            default -> List.of();
        };
    }

    @Override
    public List<Panel> panels(Stage stage) {
        return switch (stage) {
            case DECIDE -> List.of(styles(), card());
            case PROVE ->
                List.of(
                        new Panel.Link(
                                "run-in-screen", BoxFields.RUN_IN_CARD, "Look by look, with one thumb", "run-in"),
                        new Panel.Image(
                                "run-in-curve",
                                BoxFields.RUN_IN_CARD,
                                advice == null ? "" : RunInDrawing.of(series, advice, RunInDrawing.WIDE, "r-"),
                                List.of(),
                                ""));
            default -> List.of();
        };
    }

    /** Those that stand speed, pressure, heat and medium, the best first. */
    private Panel.Choices styles() {
        String taken = read.get(BoxFields.STYLE);
        List<PackingStyle.Offer> offers = box == null ? List.of() : PackingStyle.offers(box);
        return new Panel.Choices(
                "box-styles",
                BoxFields.PACKING_CARD,
                "packings that stand it, the best first",
                true,
                offers.stream()
                        .map(o -> new Panel.Option(
                                0,
                                o.style().name(),
                                o.worst() == Status.PASS ? "" : "take care",
                                "",
                                null,
                                BoxFields.STYLE.name() + "=" + o.style().key(),
                                o.style().key().equals(taken)))
                        .toList(),
                0);
    }

    /** The rings at true size, on paper. */
    @Override
    public Optional<LineDrawing> drawing(String name) {
        if (!name.equals(CUTTING) || !isReady()) {
            return Optional.empty();
        }
        PackingPlan plan = packingPlan();
        double length = plan.skive() ? result.skiveCutMm() : result.buttCutMm();
        return Optional.of(CuttingDrawing.of(
                result.listedSectionMm(),
                length,
                plan.skive(),
                List.of(
                        result.rings() + " rings of " + Length.show(result.listedSectionMm(), 2) + " mm",
                        "square " + Length.show(result.buttCutMm(), 1) + " mm, at 45° "
                                + Length.show(result.skiveCutMm(), 1) + " mm tip to tip",
                        "joints at "
                                + result.jointClock().stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", "))
                                + " o'clock",
                        "cut one, try it in the box: no gap, no overlap above 1 mm")));
    }

    private Panel.Image card() {
        return new Panel.Image(
                "cutting-card",
                BoxFields.PACKING_CARD,
                drawing(CUTTING).map(d -> d.svg("c-", "Cutting card")).orElse(""),
                List.of(),
                CUTTING);
    }

    @Override
    public Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        return result == null
                ? Optional.empty()
                : Optional.of(new Picture(BoxDrawing.of(box, result, paper == Paper.NARROW ? "n-" : "s-")));
    }

    @Override
    public Summary summary() {
        if (!isReady()) {
            return Summary.EMPTY;
        }
        String size = Length.show(result.listedSectionMm(), 2).replaceAll("\\.?0+$", "");
        String style = PackingStyle.of(read.get(BoxFields.STYLE)).orElseThrow().name();
        String words = result.rings() + " rings of " + size + " mm, " + style;
        return new Summary(size, style, null, null, null, null, new Summary.FittedItem(words, size, null));
    }
}
