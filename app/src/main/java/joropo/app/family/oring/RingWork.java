package joropo.app.family.oring;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.drawing.FoundRingField;
import joropo.app.drawing.GlandDrawing;
import joropo.app.drawing.JointDrawing;
import joropo.app.drawing.JointDrawingRingBuilder;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.Paper;
import joropo.app.drawing.TemperatureChart;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Laid;
import joropo.app.family.Panel;
import joropo.app.family.Picture;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.CylinderHold;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringSizeResult;
import joropo.core.oring.RingCarrier;
import joropo.core.oring.RingJoint;
import joropo.core.oring.RingJointBuilder;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingPlan;
import joropo.core.oring.RingPlanBuilder;
import joropo.core.oring.RingSort;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.plan.StripLog;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one ring in its place. */
final class RingWork implements Work {
    /** What a ring of a joint sits on or lets through. */
    private static final Set<PartKind> CARRIERS =
            EnumSet.of(PartKind.ROD, PartKind.PISTON, PartKind.HEAD, PartKind.SHAFT);

    private static final int MOST_SIZES = 6;
    private static final String TOOLS = "stretch-tools";
    private static final String GROOVE = "groove";

    private final JobFacts facts;
    private final RingReads read;
    private final RingSort sort;
    private final RingFit fit;

    RingWork(JobFacts facts) {
        this.facts = facts;
        read = RingReads.of(facts);
        sort = read.sort();
        fit = new RingFit(facts, read);
    }

    @Override
    public Map<String, String> errors() {
        return fit.errors();
    }

    @Override
    public List<String> asks() {
        return cards(true);
    }

    @Override
    public List<String> idle() {
        return cards(false);
    }

    /** Cards that this ring wants, or has no use for. */
    private List<String> cards(boolean wanted) {
        return Map.of(
                        RingFields.FACES_CARD,
                        !sort.isElastic(),
                        RingFields.ROD_CARD,
                        runs(CounterfaceInput.Part.ROD),
                        RingFields.BORE_CARD,
                        runs(CounterfaceInput.Part.BORE),
                        RingFields.PROVE_CARD,
                        !turns() && (runs(CounterfaceInput.Part.ROD) || runs(CounterfaceInput.Part.BORE)))
                .entrySet()
                .stream()
                .filter(e -> e.getValue() == wanted)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A joint of which no part moves along the axis. */
    private boolean turns() {
        return read.joint().stream().anyMatch(r -> r.motion() == RingMotion.ROTARY)
                && read.joint().stream().noneMatch(r -> r.motion() == RingMotion.RECIPROCATING);
    }

    private boolean runs(CounterfaceInput.Part part) {
        return read.joint().stream().anyMatch(r -> r.runsOn(part));
    }

    private RingJoint joint() {
        return RingJointBuilder.builder()
                .sort(sort)
                .motion(read.motion())
                .duty(read.duty())
                .way(read.way())
                .maker(read.maker())
                .material(read.get(RingFields.MATERIAL))
                .loaderMaterial(read.get(RingFields.LOADER_MATERIAL))
                .hardnessShoreA(read.get(RingFields.HARDNESS))
                .gapMm(read.gapMm())
                .cordInsideMm(
                        fit.gland() == null
                                ? read.get(RingFields.INSIDE)
                                : fit.gland().ringInsideMm())
                .grooveMm(read.get(RingFields.GROOVE))
                .widthMm(read.get(RingFields.WIDTH))
                .build();
    }

    @Override
    public Optional<String> fieldOf(String rule) {
        Field<?> ofFace = ofFace(rule);
        return ofFace == null ? RingAnswers.of(rule).map(Field::name) : Optional.of(ofFace.name());
    }

    /** What is read of the rod or bore that it runs on, or of the lands of a ring that lies still. */
    private @Nullable Field<?> ofFace(String rule) {
        boolean rod = read.runsOn(CounterfaceInput.Part.ROD);
        boolean bore = read.runsOn(CounterfaceInput.Part.BORE);
        return switch (rule) {
            case "roughness" -> rod ? RingFields.ROD_RA : bore ? RingFields.BORE_RA : RingFields.RA;
            case "score" -> rod ? RingFields.ROD_NO_MARK : bore ? RingFields.BORE_NO_MARK : RingFields.NO_MARK;
            case "shape" -> rod ? RingFields.ROD_SHAPE : RingFields.BORE_SHAPE;
            case "hardness" -> rod ? RingFields.ROD_HRC : RingFields.HARDNESS;
            case "bend" -> RingFields.ROD_BEND;
            case "chamfer" -> rod ? RingFields.ROD_LEAD_IN : RingFields.BORE_LEAD_IN;
            default -> null;
        };
    }

    @Override
    public List<JobFinding> findings() {
        List<JobFinding> out = new ArrayList<>();
        read.face().ifPresent(face -> face.findings().forEach(f -> out.add(new JobFinding(Stage.MEASURE, f))));
        if (sort == RingSort.GUIDE) {
            out.add(new JobFinding(Stage.MEASURE, read.guide().finding()));
        }
        joint().findings().forEach(f -> out.add(new JobFinding(Stage.DECIDE, f)));
        if (fit.result() != null) {
            fit.result().findings().forEach(f -> out.add(new JobFinding(stageOf(f), f)));
        } else if (fit.slide() != null) {
            fit.slide().findings().forEach(f -> out.add(new JobFinding(stageOf(f), f)));
        } else if (fit.sizes() != null) {
            fit.sizes().findings().forEach(f -> out.add(new JobFinding(Stage.MEASURE, f)));
        }
        proving().ifPresent(f -> out.add(new JobFinding(Stage.PROVE, f)));
        return out;
    }

    /** What a hold tells of this ring: of the first that seals the rod, and of the first that seals the bore. */
    private Optional<Finding> proving() {
        if (turns()
                || !read.isSealing()
                || read.joint().stream()
                        .anyMatch(r -> r.isSealing() && r.gland() == read.gland() && r.index() < read.index())) {
            return Optional.empty();
        }
        CylinderHold hold = new CylinderHold(
                read.get(RingFields.ROD_WET),
                read.get(RingFields.DRIFT),
                read.get(RingFields.DRIFT_MINUTES),
                read.get(RingFields.DRIFT_MOST));
        return Optional.of(read.runsOn(CounterfaceInput.Part.ROD) ? hold.rod() : hold.piston());
    }

    private static Stage stageOf(Finding finding) {
        return finding.id().equals("pull-over") ? Stage.FIT : Stage.DECIDE;
    }

    @Override
    public Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new HashMap<>();
        if (stage == Stage.MEASURE && !sort.isByMaker()) {
            Map.of(
                            RingFields.GLAND, read.gland() == null,
                            RingFields.MOTION, read.motion() == null,
                            RingFields.GROOVE, read.get(RingFields.GROOVE) == null,
                            RingFields.WIDTH, read.get(RingFields.WIDTH) == null)
                    .forEach((f, absent) -> {
                        if (absent) {
                            out.put(f.name(), "A groove is measured before its ring is judged.");
                        }
                    });
        }
        if (stage == Stage.DECIDE && sort == RingSort.SLIDE) {
            Stream.of(RingFields.SLIDE_THICK, RingFields.SLIDE_WIDE)
                    .filter(f -> read.get(f) == null)
                    .forEach(f -> out.put(f.name(), "A slide ring is judged with its loader: measure it."));
        }
        if (stage == Stage.DECIDE && !sort.isByMaker()) {
            if (!fit.isDecided()) {
                out.put(RingFields.RING.name(), "No ring is decided yet.");
            }
            if (read.get(RingFields.MATERIAL) == null) {
                out.put(RingFields.MATERIAL.name(), "No material is decided yet.");
            }
        }
        return out;
    }

    private boolean isReady() {
        return sort.isElastic() ? fit.result() != null : sort != RingSort.SLIDE || fit.slide() != null;
    }

    private RingPlan ringPlan() {
        Double backups = read.get(RingFields.BACKUPS);
        return RingPlanBuilder.builder()
                .sort(sort)
                .name(facts.alike().name())
                .size(read.size())
                .loaderSize(read.loaderSize())
                .material(read.get(RingFields.MATERIAL))
                .loaderMaterial(read.get(RingFields.LOADER_MATERIAL))
                .cut(cut())
                .way(read.way())
                .backups(backups == null ? 0 : backups.intValue())
                .gland(Optional.ofNullable(read.gland()).orElse(Gland.PISTON))
                .all(read.joint().stream().map(RingReads::words).toList())
                .leads(facts.alike().index() == 0)
                .turns(turns())
                .carried(facts.log().stream().map(StripLog.Removed::kind).anyMatch(CARRIERS::contains))
                .build();
    }

    private String cut() {
        return switch (sort) {
            case GUIDE -> read.guide().cutWords();
            case CORD ->
                fit.gland() == null
                        ? ""
                        : Length.show(
                                        RingJoint.cordMm(
                                                fit.gland().ringInsideMm(),
                                                fit.gland().sectionMm()),
                                        0) + " mm";
            default -> "";
        };
    }

    /** On what came off it sits, and in which turn; the far wiper waits for all that goes in from the other end. */
    @Override
    public Optional<Laid> laid() {
        List<joropo.core.arrangement.Part> there = facts.stripped().parts();
        String key = facts.alike().key();
        List<Fact<?>> own = new ArrayList<>();
        Optional<joropo.core.arrangement.Part> carried = RingCarrier.of(read.gland(), read.motion())
                .flatMap(kind -> there.stream().filter(p -> p.kind() == kind).findFirst())
                .flatMap(carrier -> there.stream()
                        .filter(p -> p.key().equals(key))
                        .findFirst()
                        .map(p -> p.on(carrier.key())));
        carried.ifPresent(p ->
                own.add(decided(key, Property.TURN, RingCarrier.turn(sort, read.motion()), RingFields.SORT.name())));
        if (read.way().isFar()) {
            there.stream()
                    .filter(p -> p.kind() == PartKind.O_RING || p.kind() == PartKind.SHAFT || p.kind() == PartKind.ROD)
                    .filter(p -> !p.key().equals(key))
                    .forEach(p -> own.add(decided(p.key(), Property.BEFORE, key, RingFields.FAR_END.name())));
        }
        return own.isEmpty()
                ? Optional.empty()
                : Optional.of(new Laid(new Arrangement(carried.stream().toList(), own), Map.of()));
    }

    private static <T> Fact<T> decided(String part, Property<T> property, T value, String at) {
        return new Fact<>(part, property, value, 0, Origin.DECIDED, at);
    }

    @Override
    public List<Step> plan() {
        return isReady() ? ringPlan().steps() : List.of();
    }

    /** What a hold of the cylinder tells, of those of its two sides that have a ring; else what the first run shows. */
    @Override
    public List<Field<?>> names(Step step) {
        List<Field<?>> out = new ArrayList<>();
        if (step.rule().equals("prove")) {
            if (runs(CounterfaceInput.Part.ROD) && !turns()) {
                out.add(RingFields.ROD_WET);
            }
            if (runs(CounterfaceInput.Part.BORE) && !turns()) {
                out.add(RingFields.DRIFT);
                out.add(RingFields.DRIFT_MINUTES);
            }
            if (out.isEmpty()) {
                out.add(CommonFields.FIRST_RUN);
            }
        }
        return out;
    }

    @Override
    public List<Part> parts() {
        return isReady() ? ringPlan().parts() : List.of();
    }

    @Override
    public List<Figure> figures(String card) {
        if (fit.result() == null || !card.equals(RingFields.RING_CARD)) {
            return List.of();
        }
        return List.of(
                fit.result().stretchPercent() != null
                        ? OringFields.percent("stretch", fit.result().stretchPercent())
                        : OringFields.percent("compression", fit.result().compressionPercent()),
                OringFields.percent("squeeze", fit.result().squeezePercent()),
                OringFields.percent("fill", fit.result().fillPercent()));
    }

    @Override
    public List<Panel> panels(Stage stage) {
        return switch (stage) {
            case DECIDE -> List.of(choices(), materials(), loaders(), image());
            case FIT -> List.of(tools());
            default -> List.of();
        };
    }

    /** Squeeze and fill over temperature; among several rings each has its gland here too. */
    private Panel.Image image() {
        String prefix = "g" + read.index() + "-";
        String warm = fit.result() == null
                ? ""
                : TemperatureChart.of(OringGlandCheck.overTemperature(fit.gland()), fit.result(), "w" + prefix);
        return new Panel.Image(
                "ring-gland",
                RingFields.RING_CARD,
                facts.alike().isAlone() ? warm : gland(prefix).orElse("") + warm,
                List.of(),
                drawing(GROOVE).isPresent() ? GROOVE : "");
    }

    /** What a slide ring is brought over its land with. */
    private Panel.Image tools() {
        return new Panel.Image(
                "stretch-tools",
                RingFields.WAY_CARD,
                drawing(TOOLS)
                        .map(d -> d.svg("t" + read.index() + "-", "Cone, pusher and sizing sleeve"))
                        .orElse(""),
                List.of(),
                TOOLS);
    }

    @Override
    public Optional<LineDrawing> drawing(String name) {
        return name.equals(TOOLS)
                ? fit.tools().map(StretchSheet::of)
                : name.equals(GROOVE) && fit.gland() != null ? GrooveSheet.of(fit.gland()) : Optional.empty();
    }

    /** Of a ring whose hardness counts, each with that too. */
    private Panel.Choices materials() {
        boolean hardness = sort.isElastic() || sort == RingSort.U_CUP;
        Stream<Panel.Option> listed = RingMaterial.offers(read.duty(), sort).stream()
                .flatMap(o -> hardness
                        ? o.hardnesses().stream().map(h -> material(o, RingFields.HARDNESS.name(), h))
                        : Stream.of(material(o, "", 0)));
        Stream<Panel.Option> other = sort.isElastic() || read.duty().fluid() == null
                ? Stream.of()
                : Stream.of(new Panel.Option(
                        0,
                        "another",
                        "by its maker",
                        "",
                        null,
                        RingFields.MATERIAL.name() + "=" + RingMaterial.BY_MAKER,
                        false));
        Stream<Panel.Option> each =
                read.index() > 0 || facts.alike().isAlone() ? Stream.of() : new EachRing(facts).best().stream();
        return chips(
                "ring-materials",
                "materials that stand it, the best first",
                Stream.of(each, listed, other).flatMap(s -> s));
    }

    /** The listed ring that belongs best; absent where its groove is not known yet. */
    Optional<String> firstSize() {
        return fit.sizes() == null
                ? Optional.empty()
                : fit.sizes().sizes().stream().findFirst().map(e -> e.designation()
                        .replaceAll(" = .*", ""));
    }

    RingReads read() {
        return read;
    }

    private Panel.Option material(RingMaterial.Offer offer, String field, int shore) {
        return new Panel.Option(
                0,
                offer.code() + (shore == 0 ? "" : " " + shore),
                offer.worst() == Status.PASS ? "" : "take care",
                "",
                null,
                RingFields.MATERIAL.name() + "=" + offer.code() + (shore == 0 ? "" : ";" + field + "=" + shore),
                offer.code().equals(read.get(RingFields.MATERIAL)));
    }

    private Panel.Choices loaders() {
        return chips(
                "loader-materials",
                "materials for the loader",
                sort != RingSort.SLIDE
                        ? Stream.of()
                        : RingMaterial.offers(read.duty(), RingSort.O_RING).stream()
                                .map(o -> new Panel.Option(
                                        0,
                                        o.code(),
                                        o.worst() == Status.PASS ? "" : "take care",
                                        "",
                                        null,
                                        RingFields.LOADER_MATERIAL.name() + "=" + o.code(),
                                        o.code().equals(read.get(RingFields.LOADER_MATERIAL)))));
    }

    private static Panel.Choices chips(String id, String heading, Stream<Panel.Option> options) {
        return new Panel.Choices(id, RingFields.RING_CARD, heading, true, options.toList(), 0);
    }

    private Panel.Choices choices() {
        List<OringSizeResult.Entry> listed =
                fit.sizes() == null ? List.of() : fit.sizes().sizes();
        return new Panel.Choices(
                "ring-sizes",
                RingFields.RING_CARD,
                "listed rings that belong, the best first",
                false,
                listed.stream()
                        .limit(MOST_SIZES)
                        .map(e -> new Panel.Option(
                                0,
                                e.designation(),
                                OringFields.words(e),
                                "",
                                null,
                                RingFields.RING.name() + "=" + e.designation().replaceAll(" = .*", ""),
                                e.designation().replaceAll(" = .*", "").equals(read.get(RingFields.RING))))
                        .toList(),
                0);
    }

    @Override
    public Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        String prefix = paper == Paper.NARROW ? "n-" : "s-";
        return facts.alike().isAlone()
                ? gland(prefix).map(Picture::new)
                : JointDrawing.of(
                                read.joint().stream().map(RingWork::drawn).toList(),
                                read.get(RingFields.PRESSURE_SIDE),
                                Boolean.TRUE.equals(read.get(RingFields.PRESSURE_TURNS)),
                                prefix)
                        .map(Picture::new);
    }

    /** Its gland, free and closed; before that is measured, the old ring among the listed ones. */
    private Optional<String> gland(String prefix) {
        return fit.result() == null
                ? fit.lookedFor().map(ring -> FoundRingField.of(ring, fit.sizes(), prefix))
                : Optional.of(GlandDrawing.of(fit.gland(), fit.result(), prefix));
    }

    private static JointDrawing.Ring drawn(RingReads ring) {
        return JointDrawingRingBuilder.builder()
                .seal(ring.seal())
                .name(ring.sort().words())
                .sort(ring.sort())
                .gland(ring.gland())
                .moving(ring.isMoving())
                .counterMm(ring.counterMm())
                .grooveMm(ring.get(RingFields.GROOVE))
                .widthMm(ring.get(RingFields.WIDTH))
                .faces(ring.get(RingFields.FACES))
                .build();
    }

    @Override
    public String part() {
        return read.seal();
    }

    @Override
    public Summary summary() {
        String material = read.get(RingFields.MATERIAL);
        String words = Stream.of(sort.words(), read.size(), material == null ? "" : material)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
        String way = read.way().words();
        return !isReady()
                ? Summary.EMPTY
                : new Summary(
                        read.size().isEmpty() ? null : read.size(),
                        sort.words() + (material == null ? "" : ", " + material),
                        null,
                        way.isEmpty() ? null : way,
                        null,
                        null,
                        new Summary.FittedItem(words, read.size(), material));
    }
}
