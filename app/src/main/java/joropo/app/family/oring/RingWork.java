package joropo.app.family.oring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.drawing.GlandDrawing;
import joropo.app.drawing.JointDrawing;
import joropo.app.drawing.JointDrawingRingBuilder;
import joropo.app.drawing.Paper;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.Picture;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.CylinderHold;
import joropo.core.oring.Gland;
import joropo.core.oring.LoadedRingCheck;
import joropo.core.oring.LoadedRingInput;
import joropo.core.oring.LoadedRingInputBuilder;
import joropo.core.oring.LoadedRingResult;
import joropo.core.oring.MakerGroove;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringGlandResult;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.OringSizeResult;
import joropo.core.oring.RingJoint;
import joropo.core.oring.RingJointBuilder;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingPlan;
import joropo.core.oring.RingPlanBuilder;
import joropo.core.oring.RingShape;
import joropo.core.oring.RingSize;
import joropo.core.oring.RingSort;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one ring in its place. */
final class RingWork implements Work {
    private static final int MOST_SIZES = 6;
    /** The fields of the sheets by those of the inputs, where a refusal is said. */
    private static final Map<String, Field<?>> SAID_AT = Map.ofEntries(
            Map.entry("gland", RingFields.GLAND),
            Map.entry("motion", RingFields.MOTION),
            Map.entry("counterDiameterMm", RingFields.COUNTER),
            Map.entry("grooveDiameterMm", RingFields.GROOVE),
            Map.entry("grooveWidthMm", RingFields.WIDTH),
            Map.entry("grooveDepthMm", RingFields.DEPTH),
            Map.entry("ring", RingFields.RING),
            Map.entry("ringInsideMm", RingFields.INSIDE),
            Map.entry("sectionMm", RingFields.SECTION),
            Map.entry("gapMm", RingFields.GAP),
            Map.entry("pressureMpa", RingFields.PRESSURE),
            Map.entry("coldestC", RingFields.COLDEST),
            Map.entry("hardnessShoreA", RingFields.HARDNESS),
            Map.entry("backups", RingFields.BACKUPS),
            Map.entry("backupThicknessMm", RingFields.BACKUP_THICK),
            Map.entry("slideThicknessMm", RingFields.SLIDE_THICK),
            Map.entry("slideWidthMm", RingFields.SLIDE_WIDE),
            Map.entry("tolerances", RingFields.READ_TO),
            Map.entry("ringShape", RingFields.SORT));

    private final JobFacts facts;
    private final RingReads read;
    private final RingSort sort;
    private final Map<String, String> errors = new HashMap<>();
    private final @Nullable OringGlandInput gland;
    private final @Nullable OringGlandResult result;
    private final @Nullable OringSizeResult sizes;
    private final @Nullable LoadedRingResult slide;

    RingWork(JobFacts facts) {
        this.facts = facts;
        read = RingReads.of(facts);
        sort = read.sort();
        gland = sort.isElastic() && isDecided() && isMeasured() ? gland() : null;
        result = gland == null ? null : OringGlandCheck.check(gland, 0);
        sizes = sort.isElastic() ? sizes() : null;
        slide = sort == RingSort.SLIDE && isDecided() && isMeasured() && read.counterMm() != null ? slide() : null;
    }

    private boolean isMeasured() {
        return read.gland() != null
                && read.motion() != null
                && read.get(RingFields.GROOVE) != null
                && read.get(RingFields.WIDTH) != null;
    }

    private boolean isDecided() {
        return read.get(RingFields.RING) != null
                || read.get(RingFields.INSIDE) != null && read.get(RingFields.SECTION) != null;
    }

    /** Its material, where the tables know it. */
    private @Nullable String listed() {
        String material = read.get(RingFields.MATERIAL);
        return RingMaterial.BY_MAKER.equals(material) ? null : material;
    }

    private @Nullable OringGlandInput gland() {
        Double backups = read.get(RingFields.BACKUPS);
        if (backups != null && backups != Math.rint(backups)) {
            errors.put(RingFields.BACKUPS.name(), "must be 0, 1 or 2");
            return null;
        }
        return tried(() -> OringGlandInputBuilder.builder()
                .gland(read.gland())
                .motion(read.motion())
                .counterDiameterMm(read.counterMm())
                .grooveDiameterMm(read.get(RingFields.GROOVE))
                .grooveWidthMm(read.get(RingFields.WIDTH))
                .grooveDepthMm(read.get(RingFields.DEPTH))
                .ring(read.get(RingFields.RING))
                .ringInsideMm(read.get(RingFields.INSIDE))
                .sectionMm(read.get(RingFields.SECTION))
                .tolerances(read.tolerances())
                .ringShape(sort == RingSort.SQUARE ? RingShape.SQUARE : RingShape.O)
                .pressureMpa(read.get(RingFields.PRESSURE))
                .pressureTurns(read.duty().pressureTurns())
                .hardnessShoreA(read.get(RingFields.HARDNESS))
                .gapMm(read.gapMm())
                .speedRpm(facts.position().speedRpm())
                .strokeMm(read.get(RingFields.STROKE))
                .speedMPerS(read.get(RingFields.STROKE_SPEED))
                .material(listed())
                .fluid(read.get(RingFields.FLUID))
                .coldestC(read.get(RingFields.COLDEST))
                .hottestC(read.get(RingFields.HOTTEST))
                .backups(backups == null ? null : Integer.valueOf(backups.intValue()))
                .backupThicknessMm(read.get(RingFields.BACKUP_THICK))
                .passOverMm(read.get(RingFields.PASS_OVER))
                .leadInMm(read.get(RingFields.LEAD_IN))
                .leadInAngleDeg(read.get(RingFields.LEAD_ANGLE))
                .build());
    }

    /** Slide ring and loader together; nothing before both are measured. */
    private @Nullable LoadedRingResult slide() {
        Double thick = read.get(RingFields.SLIDE_THICK);
        Double wide = read.get(RingFields.SLIDE_WIDE);
        if (thick == null || wide == null) {
            return null;
        }
        Double to = read.get(RingFields.READ_TO);
        return tried(() -> {
            RingSize loader =
                    read.get(RingFields.RING) == null ? null : RingSize.parse(read.get(RingFields.RING), "ring");
            return LoadedRingCheck.check(LoadedRingInputBuilder.builder()
                    .gland(read.gland())
                    .counterDiameterMm(read.counterMm())
                    .grooveDepthMm(Length.snap(Math.abs(read.counterMm() - read.get(RingFields.GROOVE)) / 2))
                    .grooveWidthMm(read.get(RingFields.WIDTH))
                    .slideThicknessMm(thick)
                    .slideWidthMm(wide)
                    .ringInsideMm(loader == null ? read.get(RingFields.INSIDE) : Double.valueOf(loader.insideMm()))
                    .sectionMm(loader == null ? read.get(RingFields.SECTION) : Double.valueOf(loader.sectionMm()))
                    .tolerances(
                            to == null || loader == null
                                    ? null
                                    : new LoadedRingInput.Tolerances(
                                            to,
                                            to,
                                            to,
                                            to,
                                            loader.insideToleranceMm(),
                                            loader.sectionToleranceMm(),
                                            to))
                    .passOverMm(read.get(RingFields.PASS_OVER))
                    .slideMaterial(listed())
                    .build());
        });
    }

    private <T> @Nullable T tried(Supplier<T> check) {
        try {
            return check.get();
        } catch (RefusedInput e) {
            e.errors()
                    .forEach(x -> errors.putIfAbsent(
                            SAID_AT.getOrDefault(x.field(), RingFields.RING).name(), x.message()));
            return null;
        }
    }

    /** Rings that belong: by the gland, else by the ring that was found. */
    private @Nullable OringSizeResult sizes() {
        Double inside = read.get(RingFields.FOUND_INSIDE);
        Double section = read.get(RingFields.FOUND_SECTION);
        if (isMeasured()) {
            return tried(() -> OringSizeCheck.check(OringSizeInputBuilder.builder()
                    .gland(read.gland())
                    .motion(read.motion())
                    .counterDiameterMm(read.counterMm())
                    .grooveDiameterMm(read.get(RingFields.GROOVE))
                    .grooveWidthMm(read.get(RingFields.WIDTH))
                    .grooveDepthMm(read.get(RingFields.DEPTH))
                    .build()));
        }
        return inside == null || section == null
                ? null
                : OringSizeCheck.check(OringSizeInputBuilder.builder()
                        .measured(new OringSizeInput.Measured(inside, section))
                        .build());
    }

    @Override
    public Map<String, String> errors() {
        return Map.copyOf(errors);
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
                        RingFields.FACE_CARD,
                        !read.isMoving(),
                        RingFields.ROD_CARD,
                        runs(CounterfaceInput.Part.ROD),
                        RingFields.BORE_CARD,
                        runs(CounterfaceInput.Part.BORE),
                        RingFields.PROVE_CARD,
                        runs(CounterfaceInput.Part.ROD) || runs(CounterfaceInput.Part.BORE))
                .entrySet()
                .stream()
                .filter(e -> e.getValue() == wanted)
                .map(Map.Entry::getKey)
                .toList();
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
                .maker(new MakerGroove(
                        read.get(RingFields.BY_MAKER),
                        read.get(RingFields.MAKER_GROOVE),
                        read.get(RingFields.MAKER_WIDTH),
                        read.get(RingFields.MAKER_WITHIN)))
                .material(read.get(RingFields.MATERIAL))
                .loaderMaterial(read.get(RingFields.LOADER_MATERIAL))
                .hardnessShoreA(read.get(RingFields.HARDNESS))
                .gapMm(read.gapMm())
                .cordInsideMm(read.get(RingFields.INSIDE))
                .grooveMm(read.get(RingFields.GROOVE))
                .widthMm(read.get(RingFields.WIDTH))
                .build();
    }

    @Override
    public List<JobFinding> findings() {
        List<JobFinding> out = new ArrayList<>();
        read.face().ifPresent(face -> face.findings().forEach(f -> out.add(new JobFinding(Stage.MEASURE, f))));
        if (sort == RingSort.GUIDE) {
            out.add(new JobFinding(Stage.MEASURE, read.guide().finding()));
        }
        joint().findings().forEach(f -> out.add(new JobFinding(Stage.DECIDE, f)));
        if (result != null) {
            result.findings().forEach(f -> out.add(new JobFinding(stageOf(f), f)));
        } else if (slide != null) {
            slide.findings().forEach(f -> out.add(new JobFinding(stageOf(f), f)));
        } else if (sizes != null) {
            sizes.findings().forEach(f -> out.add(new JobFinding(Stage.MEASURE, f)));
        }
        proving().ifPresent(f -> out.add(new JobFinding(Stage.PROVE, f)));
        return out;
    }

    /** What a hold tells of this ring: of the first that seals the rod, and of the first that seals the bore. */
    private Optional<Finding> proving() {
        if (!read.isSealing()
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
        return switch (finding.id()) {
            case "pull-over", "lead-in" -> Stage.FIT;
            default -> Stage.DECIDE;
        };
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
            if (!isDecided()) {
                out.put(RingFields.RING.name(), "No ring is decided yet.");
            }
            if (read.get(RingFields.MATERIAL) == null) {
                out.put(RingFields.MATERIAL.name(), "No material is decided yet.");
            }
        }
        return out;
    }

    private boolean isReady() {
        return sort.isElastic() ? result != null : sort != RingSort.SLIDE || slide != null;
    }

    private RingPlan ringPlan() {
        Double backups = read.get(RingFields.BACKUPS);
        return RingPlanBuilder.builder()
                .sort(sort)
                .name(facts.alike().name())
                .size(size())
                .material(read.get(RingFields.MATERIAL))
                .loaderMaterial(read.get(RingFields.LOADER_MATERIAL))
                .cut(cut())
                .way(read.way())
                .backups(backups == null ? 0 : backups.intValue())
                .gland(Optional.ofNullable(read.gland()).orElse(Gland.PISTON))
                .order(facts.alike().index())
                .rings(facts.alike().reads().size())
                .leads(facts.alike().index() == 0)
                .build();
    }

    private String cut() {
        return switch (sort) {
            case GUIDE -> read.guide().cutWords();
            case CORD ->
                gland == null ? "" : Length.show(RingJoint.cordMm(gland.ringInsideMm(), gland.sectionMm()), 0) + " mm";
            default -> "";
        };
    }

    /** As it is written: its listed name, else its sizes. */
    private String size() {
        return gland == null
                ? Optional.ofNullable(read.get(RingFields.RING)).orElse("")
                : read.get(RingFields.RING) != null
                        ? read.get(RingFields.RING)
                        : Length.show(gland.ringInsideMm(), 2) + "x" + Length.show(gland.sectionMm(), 2);
    }

    @Override
    public List<Step> plan() {
        return isReady() ? ringPlan().steps() : List.of();
    }

    @Override
    public List<Part> parts() {
        return isReady() ? ringPlan().parts() : List.of();
    }

    @Override
    public List<Figure> figures(String card) {
        if (result == null || !card.equals(RingFields.RING_CARD)) {
            return List.of();
        }
        return List.of(
                result.stretchPercent() != null
                        ? OringFields.percent("stretch", result.stretchPercent())
                        : OringFields.percent("compression", result.compressionPercent()),
                OringFields.percent("squeeze", result.squeezePercent()),
                OringFields.percent("fill", result.fillPercent()));
    }

    @Override
    public List<Panel> panels(Stage stage) {
        return stage == Stage.DECIDE ? List.of(choices(), materials(), image()) : List.of();
    }

    /** Among several rings each has its gland under its card. */
    private Panel.Image image() {
        String svg =
                facts.alike().isAlone() ? "" : gland("g" + read.index() + "-").orElse("");
        return new Panel.Image("ring-gland", RingFields.RING_CARD, svg, List.of(), "");
    }

    private Panel.Choices materials() {
        String taken = read.get(RingFields.MATERIAL);
        return new Panel.Choices(
                "ring-materials",
                RingFields.RING_CARD,
                "materials that stand it, the best first",
                true,
                RingMaterial.offers(read.duty()).stream()
                        .map(o -> new Panel.Option(
                                0,
                                o.code(),
                                o.why(),
                                "",
                                null,
                                RingFields.MATERIAL.name() + "=" + o.code(),
                                o.code().equals(taken)))
                        .toList(),
                0);
    }

    private Panel.Choices choices() {
        List<OringSizeResult.Entry> fit = sizes == null ? List.of() : sizes.sizes();
        return new Panel.Choices(
                "ring-sizes",
                RingFields.RING_CARD,
                "listed rings that belong, the best first",
                false,
                fit.stream()
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
        String prefix = paper == Paper.SHEET ? "s-" : "n-";
        return facts.alike().isAlone()
                ? gland(prefix).map(Picture::new)
                : JointDrawing.of(
                                read.joint().stream().map(RingWork::drawn).toList(),
                                read.get(RingFields.PRESSURE_SIDE),
                                Boolean.TRUE.equals(read.get(RingFields.PRESSURE_TURNS)),
                                prefix)
                        .map(Picture::new);
    }

    /** Its gland, free and closed; empty before it is judged. */
    private Optional<String> gland(String prefix) {
        return result == null ? Optional.empty() : Optional.of(GlandDrawing.of(gland, result, prefix));
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
        String words = Stream.of(sort.words(), size(), material == null ? "" : material)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
        String way = read.way().words();
        return !isReady()
                ? Summary.EMPTY
                : new Summary(
                        size().isEmpty() ? null : size(),
                        sort.words() + (material == null ? "" : ", " + material),
                        null,
                        way.isEmpty() ? null : way,
                        null,
                        new Summary.FittedItem(words, size(), material));
    }
}
