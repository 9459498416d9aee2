package joropo.app.family;

import java.util.Arrays;
import java.util.List;
import joropo.app.ui.Field;
import joropo.app.ui.Field.Choice;
import joropo.app.ui.Field.Own;
import joropo.core.assembly.Fasteners;
import joropo.core.assembly.FirstRun;
import joropo.core.assembly.HandTurn;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.diagnosis.Cause;
import joropo.core.material.Medium;
import joropo.core.readings.Gauge;
import joropo.core.shaft.Side;
import joropo.core.units.Day;
import joropo.core.units.LengthUnit;

/** Fields that every job has, whatever is sealed; a family may read them too. */
public final class CommonFields {
    private static final String DAY = "such as " + Day.EXAMPLE;

    public static final Field<String> SYMPTOM = Field.choice(
                    "symptom",
                    "what do you see?",
                    Field.pairs(
                            "WET",
                            "wet, no drops",
                            "DRIPPING",
                            "dripping",
                            "RUNNING",
                            "running out",
                            "MILKY",
                            "milky oil",
                            "DIRT_IN",
                            "dirt or water got in",
                            "NOISE",
                            "noise or heat",
                            "PLANNED",
                            "planned change"))
            .need();
    public static final Field<String> SINCE = Field.line("since", "since when");
    public static final Field<Double> HOURS = Field.hours("hours", "running hours of the seal");
    public static final Field<String> LAST_WORK = Field.line("lastWork", "done here last time");
    public static final Field<Boolean> LEVEL_SEEN = Field.tick("levelSeen", "level checked, not overfilled");
    public static final Field<Boolean> BREATHER_SEEN = Field.tick("breatherSeen", "breather checked, free");
    public static final Field<Boolean> ABOVE_SEEN = Field.tick("aboveSeen", "plugs, gaskets, hoses above checked, dry");

    public static final Field<Boolean> ISOLATED = Field.tick("isolated", "isolated and proved dead");
    public static final Field<Boolean> LOCKED = Field.tick("locked", "locked and tagged");
    public static final Field<Boolean> PRESSURE_OFF = Field.tick("pressureOff", "pressure off, drained, weight held");
    public static final Field<String> UNSAFE_WHY = Field.line("unsafeWhy", "if one cannot be ticked: the reason");
    public static final Field<String> REFERENCE =
            Field.line("reference", "moving parts stand at").hint("reference position, with its mark");
    public static final Field<String> LINE_MARKS = Field.line("lineMarks", "lines that could be swapped, marked how");

    public static final Field<String> SHAFT_GAUGE =
            gauge("shaftGauge", Gauge.Use.SHAFT, Own.SHAFT_GAUGES).stays().shared();
    public static final Field<String> BORE_GAUGE =
            gauge("boreGauge", Gauge.Use.BORE, Own.BORE_GAUGES).stays().shared();
    public static final Field<String> FIT_GAUGE = gauge("fitGauge", Gauge.Use.DEPTH, Own.DEPTH_GAUGES)
            .hint("empty: that of Measure")
            .stays()
            .shared();
    public static final Field<Double> PART_C =
            Field.temperature("partC", "of the parts").hint("°C");
    public static final Field<Double> GAUGE_C =
            Field.temperature("gaugeC", "of the gauge").hint("empty: as the parts");
    public static final Field<Double> PLAY_BEFORE = Field.play("playBefore", "axial play, seal out");
    public static final Field<Boolean> BEARINGS_RENEWED = Field.yesNo(
                    "bearingsRenewed", "new bearings, or a new shaft, go in")
            .hint("empty: the old ones");
    public static final Field<Boolean> SHIM_OPENS =
            Field.yesNo("shimOpens", "a thicker shim pack gives more play").stays();
    public static final Field<Double> PLAY_MEASURED = Field.play("playMeasured", "axial play, total");
    public static final Field<Double> PLAY_LOW =
            Field.play("playLow", "maker's minimum").stays();
    public static final Field<Double> PLAY_HIGH =
            Field.play("playHigh", "maker's maximum").stays();
    public static final Field<String> JOINT = Field.line("joint", "what is tightened")
            .hint("such as cover, or nut of the hub")
            .stays();
    public static final Field<Double> BOLTS = Field.number(
                    "bolts", "bolts round the circle", "", TorquePlanInput.LEAST_BOLTS, TorquePlanInput.MOST_BOLTS)
            .hint("1: a single nut or screw")
            .stays();
    public static final Field<Double> BOLT_TORQUE = Field.number(
                    "boltTorque", "specified torque", "", 0.01, TorquePlanInput.MOST_TORQUE)
            .hint("N·m; on an inch sheet lbf·ft; empty: none is to be had")
            .stays();
    public static final Field<TorquePlanInput.TorqueUnit> TORQUE_UNIT = Field.choice(
                    "torqueUnit", "specified in", TorquePlanInput.TorqueUnit.class, TorquePlanInput.TorqueUnit::words)
            .hint("only where it is another unit")
            .stays();
    public static final Field<TorquePlanInput.FigureFor> FIGURE_FOR = Field.choice(
                    "figureFor", "specified for", TorquePlanInput.FigureFor.class, TorquePlanInput.FigureFor::words)
            .stays();
    public static final Field<TorquePlanInput.Threads> THREADS = Field.choice(
                    "threads", "threads are", TorquePlanInput.Threads.class, TorquePlanInput.Threads::words)
            .stays();
    public static final Field<Double> WRENCH_LENGTH =
            Field.size("wrenchLength", "wrench, grip to square").stays();
    public static final Field<Double> EXTENSION = Field.play("extension", "extension in line with it")
            .hint("empty: none")
            .stays();
    public static final Field<Boolean> LEFT_HAND =
            Field.yesNo("leftHand", "left-hand thread").hint("empty: no").stays();
    public static final Field<String> THREAD = Field.line("thread", "no specified torque: thread")
            .hint("such as M12")
            .stays();
    public static final Field<String> BOLT_CLASS = Field.choice(
                    "boltClass",
                    "no specified torque: class on the head",
                    TorquePlanInput.BOLT_CLASSES.stream()
                            .map(c -> new Choice(c, c))
                            .toList())
            .stays();
    public static final Field<TorquePlanInput.Clamped> CLAMPED = Field.choice(
                    "clamped",
                    "no specified torque: what is clamped",
                    TorquePlanInput.Clamped.class,
                    TorquePlanInput.Clamped::words)
            .stays();
    public static final Field<String> TIGHTEN_BEFORE = Field.line("tightenBefore", "tight before this closes the way")
            .hint("such as the coupling guard")
            .stays();
    public static final Field<Boolean> TRIAL_SEATING =
            Field.yesNo("trialSeating", "gasket seated on trial first").hint("empty: no");
    public static final Field<Boolean> TO_MARK = Field.yesNo("toMark", "back to the mark made before loosening");
    public static final Field<Boolean> NEW_FASTENERS = Field.yesNo("newFasteners", "bolt or nut is new");
    public static final Field<Fasteners.Lining> LOCK_LINED =
            Field.choice("lockLined", "the lock came into line", Fasteners.Lining.class, Fasteners.Lining::words);
    public static final Field<String> LOCKING = Field.choice(
                    "locking",
                    "locked by",
                    Field.pairs(
                            "TAB",
                            "tab",
                            "PLATE",
                            "plate",
                            "WIRE",
                            "wire",
                            "PIN",
                            "pin",
                            "PEENED",
                            "peened",
                            "ADHESIVE_LOW",
                            "adhesive, low",
                            "ADHESIVE_MEDIUM",
                            "adhesive, medium",
                            "ADHESIVE_HIGH",
                            "adhesive, high",
                            "NONE",
                            "nothing, its builder wants none"))
            .stays();
    public static final Field<String> LOCKING_WAY = Field.line("lockingWay", "direction of tab, wire or pin");
    public static final Field<String> HELD_AGAINST = Field.line("heldAgainst", "who or what held against it");
    public static final Field<Boolean> IMPACT =
            Field.yesNo("impact", "an impact tool was used").hint("empty: no");
    public static final Field<Boolean> TIGHTENED = Field.tick("tightened", "fasteners in steps and crosswise");
    public static final Field<Boolean> LOCKED_UP = Field.tick("lockedUp", "none left on trial, locking done");
    public static final Field<Boolean> COUNTED_OUT = Field.tick("countedOut", "temporary things counted out");
    public static final Field<Boolean> GUARDS_BACK = Field.tick("guardsBack", "guards, plugs and tags back");

    public static final Field<HandTurn> HAND_TURN =
            Field.choice("handTurn", "turned by hand", HandTurn.class, HandTurn::words);
    public static final Field<FirstRun> FIRST_RUN =
            Field.choice("firstRun", "after the first run, warm", FirstRun.class, FirstRun::words);
    public static final Field<Double> SEAL_C =
            Field.temperature("sealC", "at the seal, warm").hint("°C");
    public static final Field<String> PROVE_NOTE = Field.note("proveNote", "what was seen");
    public static final Field<Boolean> LEVEL_RIGHT = Field.tick("levelRight", "filled to level");
    public static final Field<Boolean> BREATHER_FREE = Field.tick("breatherFree", "breather free");
    public static final Field<Boolean> GREASE_IN =
            Field.tick("greaseIn", "greased: a third to half of the space, or until it shows");
    public static final Field<Boolean> RELIEF_OPEN = Field.tick("reliefOpen", "relief open");

    public static final Field<String> CAUSE_CONFIRMED = Field.choice(
                    "causeConfirmed",
                    "cause, as it proved in the end",
                    Cause.all().stream()
                            .map(c -> new Choice(c.code(), c.words()))
                            .toList())
            .hint("empty: the one that leads, else none");
    public static final Field<String> REMARK = Field.note("remark", "remark");
    public static final Field<String> NEXT_LOOK =
            Field.date("nextLook", "next look").hint(DAY);
    public static final Field<String> CONCESSION = Field.note("concession", "the defect: what does not hold");
    public static final Field<String> CONCESSION_WHY = Field.line("concessionWhy", "why it is accepted");
    public static final Field<String> CONCESSION_EXPECTED = Field.line("concessionExpected", "what is expected of it");
    public static final Field<String> CONCESSION_FALLBACK =
            Field.line("concessionFallback", "fallback, if it gets worse");
    public static final Field<String> CONCESSION_LOOK =
            Field.date("concessionLook", "next look").hint(DAY);
    public static final Field<String> RECOMMENDATION = Field.note("recommendation", "what is advised");
    public static final Field<String> RECOMMENDATION_ANSWER =
            Field.line("recommendationAnswer", "answer").hint("empty: none yet");
    public static final Field<String> RECOMMENDATION_ON =
            Field.date("recommendationOn", "answered on").hint(DAY);

    private CommonFields() {}

    /** The unit of the specified torque: as chosen, else that of the sheet on which it was typed. */
    public static TorquePlanInput.TorqueUnit torqueUnit(ReadFields read) {
        TorquePlanInput.TorqueUnit chosen = read.get(TORQUE_UNIT);
        return chosen != null
                ? chosen
                : read.unit(BOLT_TORQUE) == LengthUnit.INCH
                        ? TorquePlanInput.TorqueUnit.LBF_FT
                        : TorquePlanInput.TorqueUnit.NM;
    }

    /**
     * What is ticked of a machine that is filled: with a liquid to its level, with grease by its amount, else nothing.
     */
    public static List<Field<?>> filled(Medium medium) {
        return medium == Medium.GREASE
                ? List.of(GREASE_IN, RELIEF_OPEN)
                : medium.isLiquid() ? List.of(LEVEL_RIGHT, BREATHER_FREE) : List.of();
    }

    /** A gauge of the shop for one use. */
    public static Field<String> gauge(String name, Gauge.Use use, Own own) {
        if (!isGauge(name)) {
            throw new IllegalArgumentException("A field of a gauge is called so: " + name);
        }
        return Field.choice(
                        name,
                        "gauge",
                        Gauge.forUse(use).stream()
                                .map(g -> new Choice(g.name(), g.words()))
                                .toList())
                .with(own);
    }

    /** Whether a field says with which gauge was read, by its name on the sheet. */
    public static boolean isGauge(String name) {
        return name.endsWith("Gauge");
    }

    /** The sides of an entry as a person at the machine names them. */
    public static Field<Side> side(String name, String label) {
        return Field.choice(
                name, label, Side.class, Field.pairs("IN", "inside, the machine", "OUT", "outside, the air"));
    }

    /** What a choice reads as. @param value as it is stored, @return empty where it is none of the list */
    public static String words(Field<?> field, String value) {
        return field.choices().stream()
                .filter(c -> c.value().equals(value))
                .map(Choice::words)
                .findFirst()
                .orElse("");
    }

    /** The clock places that are read round a circumference. */
    public static List<Integer> clockPlaces() {
        return Arrays.asList(12, 3, 6, 9);
    }
}
