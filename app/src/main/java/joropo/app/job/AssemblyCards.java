package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.check.Readings;
import joropo.app.drawing.AlignmentDrawing;
import joropo.app.drawing.TurnDrawings;
import joropo.app.family.Card;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.core.assembly.AlignmentCheck;
import joropo.core.assembly.AlignmentInput;
import joropo.core.assembly.AlignmentInputBuilder;
import joropo.core.assembly.AlignmentResult;
import joropo.core.assembly.CentringCheck;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.CentringInputBuilder;
import joropo.core.assembly.CentringResult;
import joropo.core.assembly.ClockingCheck;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.ClockingInputBuilder;
import joropo.core.assembly.ClockingResult;
import joropo.core.assembly.PressureHoldCheck;
import joropo.core.assembly.PressureHoldInput;
import joropo.core.assembly.PressureHoldInputBuilder;
import joropo.core.assembly.RunoutCheck;
import joropo.core.assembly.RunoutInput;
import joropo.core.assembly.RunoutResult;
import joropo.core.assembly.ShimPack;
import joropo.core.assembly.ShimsCheck;
import joropo.core.assembly.ShimsInput;
import joropo.core.assembly.ShimsInputBuilder;
import joropo.core.assembly.ShimsResult;
import joropo.core.units.FieldError;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What is set at a machine whatever is sealed there: run-out by an indicator, a ring on its centre, clearances by
 * shims, the coupling, and whether it holds pressure. Each is judged once something of it is typed.
 */
final class AssemblyCards {
    private static final int HOURS = 12;
    private static final int HOUR_DEG = 30;
    private static final List<Integer> QUARTERS = List.of(12, 3, 6, 9);

    static final String DIAL_CARD = "dial";
    private static final String RING_CARD = "ring-centre";
    private static final String VANES_CARD = "vanes";
    private static final String COUPLING_CARD = "coupling";
    private static final String CLOCKING_CARD = "clocking";
    private static final String HOLD_CARD = "pressure-hold";

    private static final List<Field<Double>> DIAL = IntStream.range(0, HOURS)
            .mapToObj(i -> Field.place("dial" + i * HOUR_DEG, Integer.toString(i == 0 ? HOURS : i)))
            .toList();
    private static final Field<Double> DIAL_LIMIT =
            Field.play("dialLimit", "limit of the whole reading").stays();
    private static final Field<RunoutInput.Coupling> DIAL_COUPLING = Field.choice(
                    "dialCoupling", "else by its coupling", RunoutInput.Coupling.class, RunoutInput.Coupling::words)
            .stays();
    private static final Field<Double> DIAL_U = Field.play("dialReadTo", "read to within")
            .hint("empty: a dial indicator's 0.008")
            .stays();

    private static final List<Field<Double>> GAPS =
            QUARTERS.stream().map(q -> Field.play("ringGap" + q, "gap at " + q)).toList();
    private static final Field<Double> GAP_LEAST =
            Field.play("ringGapLeast", "every gap at least").stays();
    private static final Field<Double> GAP_LIMIT = Field.play("ringGapLimit", "greatest less least")
            .hint("empty: 0.05")
            .stays();

    private static final Field<String> VANES =
            Field.line("vaneGaps", "clearance at each vane").hint("parted by blanks");
    private static final Field<Double> VANE_TARGET =
            Field.play("vaneTarget", "target").stays();
    private static final Field<Double> VANE_TOLERANCE =
            Field.size("vaneTolerance", "either way").stays();
    private static final Field<Boolean> VANE_OPENS =
            Field.yesNo("vaneShimOpens", "a thicker shim opens it").stays();
    private static final Field<String> VANE_AT_HAND =
            Field.line("vaneAtHand", "shims at hand").hint("4x0.05 2x0.10 0.25");
    private static final Field<String> VANE_PACK =
            Field.line("vanePack", "shims in it now").hint("0.5 0.2");

    /** What tells that a coupling was read. */
    static final String ALIGNED_BY = "couplingRim";

    private static final Field<String> RIM =
            Field.line(ALIGNED_BY, "rim at 0, 90, 180, 270").hint("in is +; 0 on top");
    private static final Field<String> FACE =
            Field.line("couplingFace", "face at 0, 90, 180, 270").hint("rotor held one way");
    private static final Field<Double> FACE_DIAMETER =
            Field.size("couplingFaceDiameter", "face read on a diameter of").stays();
    private static final Field<Double> SAG = Field.place("couplingSag", "sag of the bracket")
            .hint("by which it drops, +")
            .stays();
    private static final Field<Double> FRONT =
            Field.size("couplingFront", "front feet from the coupling").stays();
    private static final Field<Double> BACK =
            Field.size("couplingBack", "back feet from the coupling").stays();
    private static final Field<String> SOFT =
            Field.line("couplingSoftFoot", "rise of each foot, slackened").hint("four of them");
    private static final Field<Double> TARGET =
            Field.place("couplingTarget", "to stand high by, cold").hint("empty: it does not grow");

    private static final Field<Boolean> PIPES = Field.yesNo("couplingPipes", "flanges fall into line by hand");
    private static final Field<Boolean> TIGHT = Field.yesNo("couplingTight", "these were read with all feet tight");

    private static final Field<Double> PLACES =
            Field.number("clockPlaces", "index places", "", 2, 96).stays();
    private static final Field<String> TRIALS =
            Field.note("clockTrials", "place and whole reading, the next").hint("0 0.08; 3 0.05; 6 0.02");
    private static final Field<Double> PLACES_LIMIT =
            Field.play("clockLimit", "limit of the whole reading").stays();
    private static final Field<Boolean> BALANCED = Field.yesNo("clockBalanced", "the parts are balanced together");
    private static final Field<Double> EVERY = Field.number("clockEvery", "only every so many fit", "", 1, 48)
            .hint("empty: each")
            .stays();

    private static final Field<Double> HOLD_START = Field.pressure("holdStart", "pressure at first");
    private static final Field<Double> HOLD_END = Field.pressure("holdEnd", "at the end");
    private static final Field<Double> HOLD_START_C = Field.temperature("holdStartC", "temperature at first");
    private static final Field<Double> HOLD_END_C = Field.temperature("holdEndC", "at the end");
    private static final Field<Double> HOLD_MINUTES =
            Field.number("holdMinutes", "held for", "min", 0.01, 500_000).stays();
    private static final Field<PressureHoldInput.Held> HOLD_MEDIUM = Field.choice(
                    "holdMedium", "filled with", PressureHoldInput.Held.class, PressureHoldInput.Held::words)
            .stays();
    private static final Field<Double> HOLD_LIMIT =
            Field.pressure("holdLimit", "it may lose").stays();
    private static final Field<Double> HOLD_U = Field.pressure("holdReadTo", "gauge reads to within")
            .hint("empty: one in a hundred")
            .stays();

    private final ReadFields read;
    private final @Nullable Double speedRpm;
    private final Map<String, String> errors;
    private final List<JobFinding> findings = new ArrayList<>();
    private final List<Panel> panels = new ArrayList<>();

    /** @param speedRpm of the position, absent: not known, @param errors where refusals are said */
    AssemblyCards(ReadFields read, @Nullable Double speedRpm, Map<String, String> errors) {
        this.read = read;
        this.speedRpm = speedRpm;
        this.errors = errors;
        dial();
        ring();
        vanes();
        clocking();
        coupling();
        hold();
    }

    static List<Card> cards(Stage stage) {
        return switch (stage) {
            case MEASURE ->
                List.of(Card.of(
                                DIAL_CARD,
                                "Run-out, indicator round the shaft",
                                Card.Shape.DIAL,
                                Stream.concat(DIAL.stream(), Stream.<Field<?>>of(DIAL_LIMIT, DIAL_COUPLING, DIAL_U))
                                        .toList())
                        .fold());
            case SET ->
                List.of(
                        list(
                                RING_CARD,
                                "Ring on the shaft's centre",
                                Stream.concat(GAPS.stream(), Stream.<Field<?>>of(GAP_LEAST, GAP_LIMIT))
                                        .toList()),
                        list(
                                VANES_CARD,
                                "Clearance by shims",
                                List.of(VANES, VANE_TARGET, VANE_TOLERANCE, VANE_OPENS, VANE_AT_HAND, VANE_PACK)),
                        list(
                                CLOCKING_CARD,
                                "Best place of a coupling",
                                List.of(PLACES, TRIALS, PLACES_LIMIT, BALANCED, EVERY)),
                        list(
                                COUPLING_CARD,
                                "Coupling in line",
                                List.of(RIM, FACE, FACE_DIAMETER, SAG, FRONT, BACK, SOFT, TARGET, PIPES, TIGHT)));
            case PROVE ->
                List.of(list(
                        HOLD_CARD,
                        "Pressure hold",
                        List.of(
                                HOLD_START,
                                HOLD_END,
                                HOLD_START_C,
                                HOLD_END_C,
                                HOLD_MINUTES,
                                HOLD_MEDIUM,
                                HOLD_LIMIT,
                                HOLD_U)));
            default -> List.of();
        };
    }

    private static Card list(String id, String title, List<Field<?>> fields) {
        return Card.of(id, title, Card.Shape.LIST, fields).fold();
    }

    List<JobFinding> findings() {
        return List.copyOf(findings);
    }

    /** Pictures of a stage. */
    List<Panel> panels(Stage stage) {
        List<String> there = cards(stage).stream().map(Card::id).toList();
        return panels.stream().filter(p -> there.contains(p.card())).toList();
    }

    /** @param otherwise where a refusal is said that names no field of the sheet */
    private void judged(Stage stage, String card, Field<?> otherwise, Supplier<Judged> check) {
        Judged judged = null;
        try {
            judged = check.get();
        } catch (RefusedInput e) {
            FieldError first = e.errors().get(0);
            errors.putIfAbsent(otherwise.name(), sentence(first.message()));
        }
        if (judged != null) {
            judged.findings.forEach(f -> findings.add(new JobFinding(stage, f.withId(card + "-" + f.id()))));
        }
        panels.add(new Panel.Image(card + "-picture", card, judged == null ? "" : judged.svg, List.of(), ""));
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    private record Judged(List<Finding> findings, String svg) {}

    private void dial() {
        List<RunoutInput.Reading> readings = new ArrayList<>();
        for (int i = 0; i < HOURS; i++) {
            Double value = read.get(DIAL.get(i));
            if (value != null) {
                readings.add(new RunoutInput.Reading((double) i * HOUR_DEG, value));
            }
        }
        judged(Stage.MEASURE, DIAL_CARD, DIAL.get(0), () -> {
            if (readings.isEmpty()) {
                return null;
            }
            if (readings.size() < QUARTERS.size()) {
                return new Judged(List.of(RunoutCheck.unread()), "");
            }
            RunoutInput in = new RunoutInput(readings, read.get(DIAL_LIMIT), read.get(DIAL_COUPLING), read.get(DIAL_U));
            RunoutResult r = RunoutCheck.check(in);
            return new Judged(r.findings(), TurnDrawings.runout(in, r, "dial-"));
        });
    }

    private void ring() {
        List<CentringInput.Reading> readings = new ArrayList<>();
        for (int i = 0; i < QUARTERS.size(); i++) {
            Double gap = read.get(GAPS.get(i));
            if (gap != null) {
                readings.add(new CentringInput.Reading((double) QUARTERS.get(i), null, gap));
            }
        }
        judged(Stage.SET, RING_CARD, GAPS.get(0), () -> {
            if (readings.isEmpty()) {
                return null;
            }
            if (readings.size() < QUARTERS.size()) {
                return new Judged(List.of(CentringCheck.unread()), "");
            }
            CentringInput in = CentringInputBuilder.builder()
                    .readings(readings)
                    .leastGapMm(read.get(GAP_LEAST))
                    .limitMm(read.get(GAP_LIMIT))
                    .build();
            CentringResult r = CentringCheck.check(in);
            return new Judged(r.findings(), TurnDrawings.centring(in, r, "ring-"));
        });
    }

    private void vanes() {
        String gaps = read.get(VANES);
        judged(Stage.SET, VANES_CARD, VANES, () -> {
            if (gaps == null) {
                return null;
            }
            if (read.get(VANE_TARGET) == null || read.get(VANE_TOLERANCE) == null || read.get(VANE_OPENS) == null) {
                return new Judged(List.of(ShimsCheck.unread()), "");
            }
            ShimsInput in = ShimsInputBuilder.builder()
                    .readingsMm(Readings.of(gaps))
                    .targetMm(read.get(VANE_TARGET))
                    .toleranceMm(read.get(VANE_TOLERANCE))
                    .shimOpens(read.get(VANE_OPENS))
                    .availableMm(stock(read.get(VANE_AT_HAND)))
                    .packMm(pack(read.get(VANE_PACK)))
                    .asItStands(true)
                    .build();
            ShimsResult r = ShimsCheck.check(in);
            return new Judged(r.findings(), TurnDrawings.vanes(in, r, "vane-"));
        });
    }

    private static @Nullable List<Double> pack(@Nullable String text) {
        return text == null ? null : ShimPack.parse(text, LengthUnit.MM).shimsMm();
    }

    private static List<ShimsInput.Stock> stock(@Nullable String text) {
        List<Double> all =
                text == null ? List.of() : ShimPack.parse(text, LengthUnit.MM).shimsMm();
        return all.stream()
                .distinct()
                .map(t -> new ShimsInput.Stock(
                        t, (int) all.stream().filter(t::equals).count()))
                .toList();
    }

    private Integer whole(Field<Double> count) {
        double typed = read.get(count);
        if (typed != Math.rint(typed)) {
            throw new RefusedInput(count.name(), "must be a whole number, got " + typed);
        }
        return (int) typed;
    }

    private void clocking() {
        String trials = read.get(TRIALS);
        judged(Stage.SET, CLOCKING_CARD, TRIALS, () -> {
            if (trials == null) {
                return null;
            }
            if (read.get(PLACES) == null) {
                return new Judged(List.of(ClockingCheck.unread()), "");
            }
            Double every = read.get(EVERY);
            ClockingInput in = ClockingInputBuilder.builder()
                    .places(whole(PLACES))
                    .trials(Readings.trials(trials))
                    .limitMm(read.get(PLACES_LIMIT))
                    .balancedSet(read.get(BALANCED))
                    .every(every == null ? null : whole(EVERY))
                    .build();
            ClockingResult r = ClockingCheck.check(in);
            return new Judged(r.findings(), TurnDrawings.places(in, r, "clock-"));
        });
    }

    private void coupling() {
        String rim = read.get(RIM);
        String face = read.get(FACE);
        judged(Stage.SET, COUPLING_CARD, RIM, () -> {
            if (rim == null && face == null) {
                return null;
            }
            if (rim == null
                    || face == null
                    || read.get(FACE_DIAMETER) == null
                    || read.get(FRONT) == null
                    || read.get(BACK) == null
                    || speedRpm == null) {
                return new Judged(List.of(AlignmentCheck.unread()), "");
            }
            AlignmentInput in = AlignmentInputBuilder.builder()
                    .rimMm(Readings.of(rim))
                    .faceMm(Readings.of(face))
                    .faceDiameterMm(read.get(FACE_DIAMETER))
                    .sagMm(read.get(SAG))
                    .frontFeetMm(read.get(FRONT))
                    .backFeetMm(read.get(BACK))
                    .speedRpm(speedRpm)
                    .softFootMm(read.get(SOFT) == null ? null : Readings.of(read.get(SOFT)))
                    .targetVerticalMm(read.get(TARGET))
                    .build();
            AlignmentResult r = AlignmentCheck.check(in);
            List<Finding> all = new ArrayList<>(r.findings());
            all.add(AlignmentCheck.pipes(read.get(PIPES)));
            all.add(AlignmentCheck.tight(read.get(TIGHT)));
            return new Judged(all, AlignmentDrawing.of(in, r, "coupling-"));
        });
    }

    private void hold() {
        judged(Stage.PROVE, HOLD_CARD, HOLD_START, () -> {
            if (read.get(HOLD_START) == null && read.get(HOLD_END) == null) {
                return null;
            }
            if (Stream.of(HOLD_START, HOLD_END, HOLD_START_C, HOLD_END_C, HOLD_MINUTES)
                            .anyMatch(f -> read.get(f) == null)
                    || read.get(HOLD_MEDIUM) == null) {
                return new Judged(List.of(PressureHoldCheck.unread()), "");
            }
            return new Judged(
                    PressureHoldCheck.check(PressureHoldInputBuilder.builder()
                                    .startMpa(read.get(HOLD_START))
                                    .endMpa(read.get(HOLD_END))
                                    .startC(read.get(HOLD_START_C))
                                    .endC(read.get(HOLD_END_C))
                                    .minutes(read.get(HOLD_MINUTES))
                                    .medium(read.get(HOLD_MEDIUM))
                                    .limitMpa(read.get(HOLD_LIMIT))
                                    .uncertaintyMpa(read.get(HOLD_U))
                                    .build())
                            .findings(),
                    "");
        });
    }
}
