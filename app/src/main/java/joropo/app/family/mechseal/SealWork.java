package joropo.app.family.mechseal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import joropo.app.drawing.CartridgeDrawing;
import joropo.app.drawing.Paper;
import joropo.app.drawing.SealDrawing;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Picture;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Work;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.arrangement.Listed;
import joropo.core.mechseal.Build;
import joropo.core.mechseal.ChamberCheck;
import joropo.core.mechseal.ChamberInput;
import joropo.core.mechseal.ChamberInputBuilder;
import joropo.core.mechseal.ChamberResult;
import joropo.core.mechseal.SealHolds;
import joropo.core.mechseal.SealHoldsBuilder;
import joropo.core.mechseal.SealIdentity;
import joropo.core.mechseal.SealIdentityBuilder;
import joropo.core.mechseal.SealPlan;
import joropo.core.mechseal.SealPlanBuilder;
import joropo.core.mechseal.SealSettingCheck;
import joropo.core.mechseal.SealSettingInput;
import joropo.core.mechseal.SealSettingInputBuilder;
import joropo.core.mechseal.SealSettingResult;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.shaft.Rotation;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one mechanical seal. */
final class SealWork implements Work {
    private static final Set<String> WHERE_SET = Set.of("place", "scribe", "gauge");
    private static final double CARTRIDGE_BAND_MM = 0.5;
    private static final Map<String, Field<?>> SAID_AT = Map.ofEntries(
            Map.entry("workingLengthMm", SealFields.WORKING),
            Map.entry("freeLengthMm", SealFields.FREE),
            Map.entry("shaftDiameterMm", SealFields.SHAFT),
            Map.entry("chamberBoreMm", SealFields.CHAMBER),
            Map.entry("gaugeCircleMm", SealFields.SEAT_OUTSIDE),
            Map.entry("outsideDiameterMm", SealFields.SEAT_OUTSIDE));

    private final JobFacts facts;
    private final ReadFields read;
    private final Map<String, String> errors = new HashMap<>();
    private final @Nullable Build build;
    private final @Nullable SealSettingInput lengths;
    private final @Nullable SealSettingResult setting;
    private final @Nullable Finding seat;
    private final Listed shaft;
    private final Listed bore;
    private final List<Finding> chamber;

    SealWork(JobFacts facts) {
        this.facts = facts;
        read = facts.read();
        build = read.get(SealFields.BUILD);
        lengths = build == null || build.style() == null || read.get(SealFields.WORKING) == null
                ? null
                : tried(SealFields.WORKING, this::lengths);
        setting = lengths == null ? null : SealSettingCheck.check(lengths);
        for (Field<Double> count : List.of(SealFields.CLIPS_IN, SealFields.CLIPS_OUT)) {
            if (read.get(count) != null && whole(read.get(count)) == null) {
                errors.put(count.name(), "must be a whole number");
            }
        }
        seat = isSetByHand() ? tried(SealFields.DEPTHS.get(0), this::seat) : null;
        shaft = new Listed("listed-shaft", "shaft", facts.position().shaftMm(), read.get(SealFields.SHAFT));
        bore = new Listed("listed-bore", "chamber", facts.position().boreMm(), read.get(SealFields.CHAMBER));
        chamber = judgedChamber();
    }

    /** By each size that it may have, the worse of each rule. */
    private List<Finding> judgedChamber() {
        Map<String, Finding> worst = new LinkedHashMap<>();
        boolean twoWords = shaft.words().size() + bore.words().size() > 2;
        for (Double shaftMm : shaft.words()) {
            for (Double boreMm : bore.words()) {
                if (twoWords && boreMm <= shaftMm) {
                    continue;
                }
                ChamberResult one = tried(SealFields.RUN_OUT, () -> ChamberCheck.check(chamber(shaftMm, boreMm)));
                if (one == null) {
                    return List.of();
                }
                one.findings()
                        .forEach(f ->
                                worst.merge(f.rule(), f, (a, b) -> b.status().compareTo(a.status()) < 0 ? b : a));
            }
        }
        return List.copyOf(worst.values());
    }

    private boolean isSetByHand() {
        return build != null && build.style() != null;
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

    /** What stands outside is read outward: what moves inward comes nearer. */
    private @Nullable Double turned(@Nullable Double inwardMm) {
        return inwardMm == null || !read.is(SealFields.OUTSIDE) ? inwardMm : Double.valueOf(-inwardMm);
    }

    private SealSettingInput lengths() {
        Double protrusion = read.get(SealFields.PROTRUSION);
        if (protrusion == null) {
            throw new RefusedInput("workingLengthMm", "is of no use before the place of the seat's face is read");
        }
        return SealSettingInputBuilder.builder()
                .seatProtrusionMm(protrusion)
                .gasketMm(read.get(SealFields.GASKET))
                .workingLengthMm(read.get(SealFields.WORKING))
                .freeLengthMm(read.get(SealFields.FREE))
                .rotorMoveMm(turned(read.get(SealFields.MOVE)))
                .axialPlayMm(read.get(SealFields.AXIAL))
                .growthMm(turned(read.get(SealFields.GROWTH)))
                .rotorAt(read.get(SealFields.ROTOR_AT))
                .measuredMm(read.get(SealFields.PLACE))
                .uncertaintyMm(read.get(SealFields.DEPTH_U))
                .style(build.style())
                .toleranceMm(read.get(SealFields.TOLERANCE))
                .springTightens(read.get(SealFields.TIGHTENS))
                .coilDrives(read.get(SealFields.COIL_DRIVES))
                .oldScribeMm(read.get(SealFields.OLD_SCRIBE))
                .build();
    }

    private Finding seat() {
        List<SeatSquarenessInput.Reading> depths = new ArrayList<>();
        for (int i = 0; i < SealFields.DEPTHS.size(); i++) {
            Double depth = read.get(SealFields.DEPTHS.get(i));
            if (depth != null) {
                depths.add(new SeatSquarenessInput.Reading(null, 90.0 * i, depth));
            }
        }
        Double outside = read.get(SealFields.SEAT_OUTSIDE);
        if (depths.size() < SealFields.DEPTHS.size() || outside == null) {
            return SeatSquarenessCheck.unread(outside == null ? 0 : depths.size());
        }
        List<Finding> all = SeatSquarenessCheck.check(new SeatSquarenessInput(
                        SeatSquarenessInput.What.SEAT, outside, outside, depths, read.get(SealFields.DEPTH_U)))
                .findings();
        return all.get(0);
    }

    private ChamberInput chamber(double shaftMm, double boreMm) {
        ChamberInput.Mount typed = read.get(SealFields.MOUNT);
        ChamberInput.Mount mount = typed != null
                ? typed
                : build == Build.CARTRIDGE
                        ? ChamberInput.Mount.STATIC
                        : build == Build.BELLOWS ? ChamberInput.Mount.BELLOWS : null;
        return ChamberInputBuilder.builder()
                .shaftDiameterMm(shaftMm)
                .chamberBoreMm(boreMm)
                .runoutTirMm(read.get(SealFields.RUN_OUT))
                .radialPlayMm(read.get(SealFields.LIFT))
                .axialPlayMm(read.get(SealFields.AXIAL))
                .faceSquarenessTirMm(read.get(SealFields.FACE_TIR))
                .concentricityTirMm(read.get(SealFields.BORE_TIR))
                .uncertaintyMm(read.get(SealFields.READ_U))
                .mount(mount)
                .raUm(read.get(SealFields.RA))
                .build();
    }

    private SealIdentity identity() {
        return SealIdentityBuilder.builder()
                .sameAsDrawing(read.get(SealFields.SAME))
                .seat(read.get(SealFields.SEAT))
                .rotor(read.get(SealFields.ROTOR))
                .elastomer(read.get(SealFields.ELASTOMER))
                .springs(read.get(SealFields.SPRINGS))
                .fluid(read.get(SealFields.FLUID))
                .temperatureC(read.get(SealFields.TEMPERATURE))
                .pressureMpa(read.get(SealFields.PRESSURE))
                .makerPressureMpa(read.get(SealFields.MAKER_PRESSURE))
                .dual(read.is(SealFields.DUAL))
                .barrierMpa(read.get(SealFields.BARRIER))
                .barrierFluid(read.get(SealFields.BARRIER_FLUID))
                .barrierAbove(read.get(SealFields.BARRIER_ABOVE))
                .build();
    }

    /** Nothing where it is no whole number: that is said at its field. */
    private static @Nullable Integer whole(@Nullable Double count) {
        return count == null || count != Math.rint(count) ? null : Integer.valueOf(count.intValue());
    }

    private SealHolds holds() {
        return SealHoldsBuilder.builder()
                .faces(read.get(SealFields.FACES))
                .bands(SealFields.BANDS.stream()
                        .map(read::get)
                        .filter(Objects::nonNull)
                        .toList())
                .facesSeen(read.get(SealFields.FACES_SEEN))
                .clipsIn(whole(read.get(SealFields.CLIPS_IN)))
                .clipsOut(whole(read.get(SealFields.CLIPS_OUT)))
                .full(read.get(SealFields.FULL))
                .vented(read.get(SealFields.VENTED))
                .flush(read.get(SealFields.FLUSH))
                .ports(read.get(SealFields.PORTS))
                .airTest(read.get(SealFields.AIR))
                .build();
    }

    @Override
    public Map<String, String> errors() {
        return Map.copyOf(errors);
    }

    @Override
    public Optional<String> fieldOf(String rule) {
        if (rule.equals("runout") && chamber.isEmpty()) {
            return Optional.of((shaft.mm() == null ? SealFields.SHAFT : SealFields.CHAMBER).name());
        }
        boolean makerAbsent = read.get(SealFields.PRESSURE) != null && read.get(SealFields.MAKER_PRESSURE) == null;
        return SealAnswers.of(rule)
                .<Field<?>>map(f -> f.equals(SealFields.PRESSURE) && makerAbsent ? SealFields.MAKER_PRESSURE : f)
                .map(Field::name);
    }

    @Override
    public List<JobFinding> findings() {
        List<JobFinding> out = new ArrayList<>();
        (chamber.isEmpty() ? List.of(ChamberCheck.unread()) : chamber)
                .forEach(f -> out.add(new JobFinding(Stage.MEASURE, f)));
        Stream.of(shaft, bore).flatMap(l -> l.clash().stream()).forEach(f -> out.add(new JobFinding(Stage.MEASURE, f)));
        if (build == null) {
            return out;
        }
        if (setting != null) {
            setting.findings()
                    .forEach(f -> out.add(new JobFinding(WHERE_SET.contains(f.id()) ? Stage.FIT : Stage.MEASURE, f)));
        }
        if (isSetByHand() && setting == null) {
            out.add(new JobFinding(Stage.FIT, SealSettingCheck.unread()));
        }
        identity().findings().forEach(f -> out.add(new JobFinding(Stage.DECIDE, f)));
        SealHolds holds = holds();
        out.add(new JobFinding(Stage.DECIDE, holds.reuse()));
        if (isSetByHand()) {
            out.add(new JobFinding(Stage.FIT, holds.seen()));
            if (seat != null) {
                out.add(new JobFinding(Stage.FIT, seat));
            }
        }
        out.add(new JobFinding(Stage.SET, holds.clips()));
        Double reckoned = isSetByHand() ? turned(read.get(SealFields.MOVE)) : Double.valueOf(0);
        Double moved = turned(read.get(SealFields.MOVED));
        out.add(new JobFinding(Stage.SET, SealHolds.moved(reckoned, moved, outMm(), inMm())));
        out.add(new JobFinding(Stage.PROVE, holds.air()));
        out.add(new JobFinding(Stage.PROVE, holds.start()));
        return out;
    }

    /** Where the unit stands, or belongs while that is not read; its maker's place of a cartridge is the middle. */
    private double placeMm() {
        Double stands = read.get(SealFields.PLACE);
        return stands != null ? stands : setting.settingMm();
    }

    /** How far it may go outward from there. */
    private double outMm() {
        return setting == null ? CARTRIDGE_BAND_MM : Math.max(0, placeMm() - setting.lowMm());
    }

    private double inMm() {
        return setting == null ? CARTRIDGE_BAND_MM : Math.max(0, setting.highMm() - placeMm());
    }

    @Override
    public Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new HashMap<>();
        if (stage == Stage.INTAKE && build == null) {
            out.put(SealFields.BUILD.name(), "How it comes decides what is measured.");
        }
        if (stage == Stage.MEASURE && isSetByHand() && setting == null) {
            out.put(SealFields.WORKING.name(), "A seal that is set by hand wants its lengths first.");
        }
        if (stage == Stage.SET && read.get(SealFields.CLIPS_OUT) == null) {
            out.put(SealFields.CLIPS_OUT.name(), "Count them out: one left in ruins the seal.");
        }
        return out;
    }

    @Override
    public List<String> asks() {
        List<String> out = new ArrayList<>();
        if (isSetByHand()) {
            out.addAll(List.of(SealFields.LENGTHS_CARD, SealFields.SEAT_CARD));
        }
        if (read.is(SealFields.DUAL)) {
            out.add(SealFields.BARRIER_CARD);
        }
        return out;
    }

    private String size() {
        return shaft.mm() == null ? "" : Length.show(shaft.mm(), 0);
    }

    private boolean isReady() {
        return build != null && (!isSetByHand() || setting != null);
    }

    @Override
    public List<Field<?>> names(Step step) {
        return switch (step.rule()) {
            case "old-scribe" -> List.of(SealFields.OLD_SCRIBE);
            case "holders" -> List.of(SealFields.CLIPS_IN);
            case "faces" -> List.of(SealFields.FACES_SEEN);
            case "seat-depth" -> List.copyOf(SealFields.DEPTHS);
            case "place-again" -> List.of(SealFields.PLACE);
            case "clips-out" -> List.of(SealFields.CLIPS_OUT);
            case "turn" -> List.of(CommonFields.HAND_TURN);
            case "air" -> List.of(SealFields.AIR);
            case "start" ->
                List.of(
                        SealFields.FULL,
                        SealFields.VENTED,
                        SealFields.FLUSH,
                        SealFields.PORTS,
                        CommonFields.GUARDS_BACK);
            default -> List.of();
        };
    }

    @Override
    public List<Step> plan() {
        return isReady()
                ? SealPlanBuilder.builder()
                        .kind(build)
                        .size(size())
                        .setting(setting)
                        .soapy("EPDM".equals(read.get(SealFields.ELASTOMER)))
                        .impeller(read.is(SealFields.IMPELLER))
                        .turnOnly(turnOnly())
                        .dual(read.is(SealFields.DUAL))
                        .build()
                        .steps()
                : List.of();
    }

    /** In words, where the position must not be turned the other way. */
    private String turnOnly() {
        Rotation way = facts.position().rotation();
        return !facts.position().oneWay() || way == null ? "" : way.words() + " seen from outside";
    }

    @Override
    public List<Step> stripping() {
        return SealPlan.stripping(build, read.is(SealFields.IMPELLER));
    }

    @Override
    public List<Part> parts() {
        return isReady()
                ? SealPlanBuilder.builder()
                        .kind(build)
                        .size(size())
                        .turnOnly("")
                        .build()
                        .parts()
                : List.of();
    }

    @Override
    public List<Figure> figures(String card) {
        return setting == null || !card.equals(SealFields.LENGTHS_CARD)
                ? List.of()
                : List.of(
                        new Figure("set at", Length.show(setting.settingMm(), 2), "mm", null),
                        new Figure("from", Length.show(setting.lowMm(), 2), "mm", null),
                        new Figure("to", Length.show(setting.highMm(), 2), "mm", null));
    }

    @Override
    public Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        Double shaftMm = shaft.mm();
        Double boreMm = bore.mm();
        if (shaftMm == null || boreMm == null || !isReady()) {
            return Optional.empty();
        }
        String prefix = paper == Paper.NARROW ? "n-" : "s-";
        return Optional.of(new Picture(
                setting == null
                        ? CartridgeDrawing.of(shaftMm, boreMm, holds().clips().status() != Status.PASS, prefix)
                        : SealDrawing.of(lengths, setting, shaftMm, boreMm, prefix)));
    }

    @Override
    public Summary summary() {
        if (!isReady()) {
            return Summary.EMPTY;
        }
        String words = build.words().replaceAll(",.*", "") + (size().isEmpty() ? "" : " " + size());
        return new Summary(
                size().isEmpty() ? null : size(),
                words,
                null,
                setting == null
                        ? "Set by its clips."
                        : "Set at " + Length.show(setting.settingMm(), 2) + " mm from the chamber face.",
                setting == null ? null : Double.valueOf(setting.settingMm()),
                read.get(SealFields.PLACE),
                new Summary.FittedItem(words, size(), read.get(SealFields.ELASTOMER)));
    }
}
