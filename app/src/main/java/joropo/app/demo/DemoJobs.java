package joropo.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.Stream;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.Job;
import joropo.app.job.JobBench;
import joropo.app.job.JobEntry;
import joropo.app.job.JobListsService;
import joropo.app.job.JobService;
import joropo.app.job.JobSheets;
import joropo.app.job.JobSheets.Posted;
import joropo.app.section.BenchService;
import joropo.app.section.SectionText;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import joropo.core.units.LengthUnit;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Jobs of the made-up mill: two seasons that are over, and the beginning of the third in every stage. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoJobs {
    private static final long SEED = 1963;
    private static final List<String> PLAN = List.of(
            "parts",
            "clean",
            "dry-trial",
            "way-round",
            "outside",
            "lip",
            "between",
            "edges",
            "start",
            "drive",
            "depth",
            "free",
            "shaft",
            "print");

    /** The hold points among them. */
    private static final List<String> HOLDS = List.of("parts", "clean", "way-round", "depth", "free", "shaft");

    private final PeopleService people;
    private final JobService jobs;
    private final JobSheets sheets;
    private final JobListsService lists;
    private final BenchService bench;
    private final SectionText sections;
    private final JobBench planned;
    private final DemoMill mill;
    private final DemoEntry entry;
    private final DemoRings rings;
    private final DemoPacking packing;
    private final DemoSeals seals;
    private final DemoClock clock;
    private final Random random = new Random(SEED);

    DemoJobs(
            PeopleService people,
            JobService jobs,
            JobSheets sheets,
            JobListsService lists,
            BenchService bench,
            SectionText sections,
            JobBench planned,
            DemoMill mill,
            DemoEntry entry,
            DemoRings rings,
            DemoPacking packing,
            DemoSeals seals,
            DemoClock clock) {
        this.people = people;
        this.jobs = jobs;
        this.sheets = sheets;
        this.lists = lists;
        this.bench = bench;
        this.sections = sections;
        this.planned = planned;
        this.mill = mill;
        this.entry = entry;
        this.rings = rings;
        this.packing = packing;
        this.seals = seals;
        this.clock = clock;
    }

    void make() {
        Person marisol = person("marisol");
        Person tobias = person("tobias");
        Person jacinta = person("jacinta");
        seasons(marisol, tobias, jacinta);
        on("2026-11-10");
        signed(jobs.open(mill.id("gear motor output"), marisol).number(), marisol, 45, 62, 8, 10.5, "45x62x8");
        on("2026-11-16");
        proving(jobs.open(mill.id("reducer input"), tobias).number(), tobias);
        on("2026-11-18");
        fitting(jobs.open(mill.id("bearing bracket, pump end"), marisol).number(), marisol);
        on("2026-11-20");
        deciding(jobs.open(mill.id("gear motor input"), tobias).number(), tobias);
        on("2026-11-23");
        measuring(jobs.open(mill.id("gear motor output"), marisol).number(), marisol);
        on("2026-11-24");
        Job stripped = jobs.open(mill.id("reducer output"), jacinta);
        stripping(stripped.number(), jacinta);
        planned.plan(stripped.number(), sections.read(text("roll-output-kit.json")), "the kit", jacinta);
        bench.bringIn(text("tail-pulley.json"), marisol);
        String withdrawn = jobs.open(mill.id("gear end"), tobias).number();
        jobs.withdraw(withdrawn, "Plug above was loose, the seal is dry.", tobias);
        jobs.open(mill.id("gear end"), tobias);
        on("2026-11-25");
        waiting(jobs.open(mill.id("mill 1 reducer input"), tobias).number(), tobias);
        entry.make(mill.id("mill 1 intermediate shaft"), marisol);
        rings.cylinder(mill.id("hydraulics cylinder head, mill 2"), marisol);
        rings.cover(mill.id("hydraulics tank cover"), tobias);
        rings.boss(mill.id("hydraulics pump port"), marisol);
        packing.pump(mill.id("juice 1 packed box"), tobias);
        packing.stem(mill.id("valve stem"), marisol);
        packing.ram(mill.id("hydraulics rod seal, mill 1"), tobias);
        packing.leakingPump(mill.id("juice 2 packed box"), marisol);
        seals.cartridge(mill.id("condensate mechanical seal"), marisol);
        seals.component(mill.id("molasses mechanical seal"), tobias);
        seals.bellows(mill.id("wash water mechanical seal"), marisol);
    }

    private void on(String day) {
        clock.turnTo(Instant.parse(day + "T12:00:00Z"));
    }

    /** Jobs that are long over: their lives and reasons stand at the positions. */
    private void seasons(Person marisol, Person tobias, Person jacinta) {
        past("2024-11-12", "gear motor output", marisol, 45, 62, 8, 10.5, "5100", "HARD", "LIP_HARD");
        past("2024-11-19", "reducer input", tobias, 70, 90, 10, 12.4, "4800", "WORN", "GROOVE_IN_SHAFT");
        past("2024-11-26", "mill 1 reducer input", tobias, 70, 90, 10, 12.4, "6050", "HARD", "LIP_HARD");
        past("2024-12-03", "mill 1 intermediate shaft", marisol, 85, 110, 12, 15.0, "7300", "WORN", "LIP_WIDE");
        past("2024-12-10", "knives drive end", jacinta, 100, 125, 12, 16.0, "3900", "CUT", "LIP_CUT");
        past("2025-01-14", "mill 3 reducer input", tobias, 70, 90, 10, 12.4, "5600", "ONE_SIDED", "LIP_ONE_SIDED");
        past("2025-01-21", "bearing bracket, pump end", marisol, 35, 52, 8, 9.6, "6600", "HARD", "LIP_HARD");
        past("2025-02-04", "juice 1 bracket, pump end", marisol, 35, 52, 8, 9.6, "6900", "WORN", "LIP_WIDE");
        past("2025-02-11", "juice 1 bracket, drive end", marisol, 35, 52, 8, 9.6, "7100", "HARD", "LIP_HARD");
        past("2025-02-25", "centrifugal drive input", tobias, 45, 62, 8, 10.5, "5900", "WORN", "LIP_WIDE");
        past("2025-03-11", "tail tail pulley, drive side", jacinta, 50, 68, 8, 10.0, "4100", "CUT", "LIP_CUT");
        past("2025-04-08", "gear motor output", marisol, 45, 62, 8, 10.5, "2700", "HARD", "LIP_HARD");
        past("2025-06-03", "fan bearing, drive end", tobias, 65, 90, 10, 13.0, "8200", "HARD", "LIP_HARD");
        past("2025-06-04", "fan bearing, fan end", tobias, 65, 90, 10, 13.0, "8200", "WORN", "LIP_WIDE");
        past("2025-11-04", "mill 1 reducer input", tobias, 70, 90, 10, 12.4, "5400", "HARD", "LIP_HARD");
        past("2025-11-11", "knives free end", jacinta, 100, 125, 12, 16.0, "4400", "WORN", "LIP_WIDE");
        past("2025-11-18", "molasses gear case input", marisol, 40, 55, 8, 10.0, "9000", "HARD", "LIP_HARD");
        past("2025-11-25", "gear motor output", marisol, 45, 62, 8, 10.5, "4300", "WORN", "GROOVE_IN_SHAFT");
        past("2025-12-02", "stirrer gear input", tobias, 40, 55, 8, 10.0, "6200", "WORN", "LIP_WIDE");
        past("2025-12-09", "mill 3 reducer input", tobias, 70, 90, 10, 12.4, "6100", "WORN", "LIP_WIDE");
        accepted(jacinta);
    }

    /** One signed job. @param sign seen on what came off, @param state of its lip */
    private void past(
            String day,
            String position,
            Person who,
            double shaft,
            double bore,
            double width,
            double depth,
            String hours,
            String state,
            String sign) {
        on(day);
        String number = jobs.open(mill.id(position), who).number();
        String size = fixed0(shaft) + "x" + fixed0(bore) + "x" + fixed0(width);
        through(number, who, shaft, bore, width, depth, size, hours, state, Map.of("sign" + sign, "SEEN"), HOLDS);
        closing(number, who, Map.of("remark", "Seal and print of the lip shown to the shift."));
        jobs.leaveNote(number, "Drip tray stays under it until the first oil change.", who);
        jobs.sign(number, who);
    }

    /** A job that was signed with a defect accepted for a time, and advice that waits for its answer. */
    private void accepted(Person lead) {
        on("2025-12-16");
        String number = jobs.open(mill.id("centrifugal drive output"), lead).number();
        through(
                number,
                lead,
                50,
                68,
                8,
                10.0,
                "50x68x8",
                "5300",
                "ONE_SIDED",
                Map.of("signLIP_ONE_SIDED", "SEEN"),
                HOLDS);
        keep(
                number,
                Stage.SET,
                lead,
                texts(
                        "playMeasured",
                        "0.32",
                        "tightened",
                        "yes",
                        "lockedUp",
                        "yes",
                        "locking",
                        "TAB",
                        "countedOut",
                        "yes",
                        "guardsBack",
                        "yes"));
        keep(
                number,
                Stage.PROVE,
                lead,
                texts("handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes"));
        keep(
                number,
                Stage.SIGN,
                lead,
                texts(
                        "concession",
                        "Axial play 0.32 mm, builder allows 0.20.",
                        "concessionWhy",
                        "bearings come in week 50",
                        "concessionExpected",
                        "dry until then",
                        "concessionFallback",
                        "stop at the first drop, spare gear on the rack",
                        "concessionLook",
                        "2026-12-11",
                        "recommendation",
                        "New bearings for the output shaft; the seal will not last on this play."));
        jobs.sign(number, lead);
    }

    /**
     * A job that waits for a part: the only lot of its seal is past its date; and nobody has looked at the breather, to
     * which all points.
     */
    private void waiting(String number, Person who) {
        keep(
                number,
                Stage.INTAKE,
                who,
                texts(
                        "symptom",
                        "DRIPPING",
                        "since",
                        "since the first crushing day",
                        "hours",
                        "5900",
                        "aboveSeen",
                        "yes",
                        "medium",
                        "OIL",
                        "fluid",
                        "EP_GEAR_OIL",
                        "dirt",
                        "DUST",
                        "speed",
                        "980",
                        "rotation",
                        "CW",
                        "signWET_AT_HUB",
                        "ABSENT",
                        "signLEAKS_WARM",
                        "SEEN",
                        "signLEAKS_STANDING",
                        "ABSENT"));
        lists.propose(number, Stage.INTAKE, "lip-seal", who);
        lists.propose(number, Stage.INTAKE, "breather", who);
        lists.propose(number, Stage.INTAKE, "cover-gasket", who);
    }

    private static String text(String file) {
        try (var in = DemoJobs.class.getResourceAsStream("/demo/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The job that the pictures show: a groove, a bore that its gauge cannot judge. */
    private void measuring(String number, Person who) {
        intake(number, who, "DRIPPING", "drips since the start of the season", "8760", "OIL", "DUST", "145", "CW");
        strip(number, who, "2.1", "IN", "WORN", "45 62 8, worn", Map.of());
        stripLog(number, who);
        Map<String, String> texts = texts(
                "shaftGauge",
                "OUTSIDE_MICROMETER",
                "shaftA1",
                "44.912",
                "shaftA2",
                "44.921",
                "shaftB1",
                "44.478",
                "shaftB2",
                "1.7708 in",
                "boreGauge",
                "TELESCOPIC",
                "boreA1",
                "62,038",
                "boreA2",
                "62.041",
                "boreB1",
                "62.029",
                "boreB2",
                "62.033",
                "depthGauge",
                "DEPTH_MICROMETER",
                "stopDepth",
                "10.52",
                "turningDepth",
                "14.6",
                "surface",
                "GROOVE_CATCHES",
                "grooveDepth",
                "0.06",
                "grooveWidth",
                "1.3",
                "groundFrom",
                "-3",
                "groundTo",
                "17",
                "ra",
                "0.35",
                "housing",
                "ALUMINIUM",
                "shaftEnd",
                "FULL_CHAMFER",
                "entersFrom",
                "IN");
        sheets.strike(
                number,
                Stage.MEASURE,
                new Posted("demo", 0, LengthUnit.MM, texts),
                "shaftB1",
                "half a turn misread",
                who);
        texts.put("shaftB1", "44.978");
        type(number, Stage.MEASURE, who, texts);
    }

    private void stripping(String number, Person who) {
        intake(number, who, "DIRT_IN", "grit in the drained oil", "4100", "OIL", "MUD", "48", "CW");
        type(number, Stage.STRIP, who, texts("isolated", "yes", "locked", "yes", "pressureOff", "yes"));
        off(number, who, "RETAINING_RING", "", "place", "1.0", "thickness", "2.5");
        off(number, who, "WASHER", "", "place", "3.5", "thickness", "2.5", "opening", "126", "outside", "149.5");
        off(number, who, "LIP_SEAL", "", "place", "6.0", "thickness", "12", "faced", "OUT");
        off(number, who, "SPACER", "", "place", "18.0", "thickness", "6.0", "opening", "126", "outside", "149.5");
        off(number, who, "LIP_SEAL", "", "place", "24.0", "thickness", "12", "faced", "IN");
    }

    private void deciding(String number, Person who) {
        intake(number, who, "WET", "a week", "2200", "OIL", "DUST", "1450", "CCW");
        strip(number, who, "0.2", "OUT", "HARD", "25 40 7", Map.of());
        measure(
                number,
                who,
                25,
                40,
                8.1,
                "11.8",
                "GROOVE_CATCHES",
                "FULL_CHAMFER",
                "grooveDepth",
                "0.04",
                "grooveWidth",
                "1.1");
        type(
                number,
                Stage.DECIDE,
                who,
                texts(
                        "size",
                        "25x40x7",
                        "layout",
                        "DUST_LIP",
                        "material",
                        "HNBR",
                        "caseType",
                        "RUBBER",
                        "mainLip",
                        "OUT",
                        "remedy",
                        "THIN_SLEEVE"));
    }

    private void fitting(String number, Person who) {
        intake(number, who, "MILKY", "since the wash-down", "6100", "OIL", "MUD", "1470", "CCW");
        strip(number, who, "1.6", "IN", "ONE_SIDED", "35 52 8", Map.of());
        measure(number, who, 35, 52, 9.6, "13.2", "SMOOTH", "FULL_CHAMFER");
        keep(
                number,
                Stage.DECIDE,
                who,
                texts(
                        "size",
                        "35x52x8",
                        "caseType",
                        "RUBBER",
                        "layout",
                        "DUST_LIP",
                        "material",
                        "HNBR",
                        "mainLip",
                        "IN",
                        "chooseWhy",
                        "No room for a pair, and this one lasted two seasons."));
        settle(number, who);
        keep(number, Stage.FIT, who, texts("newOutside", "52.2", "newWidth", "8"));
        tick(number, who, PLAN.subList(0, 10));
        type(
                number,
                Stage.FIT,
                who,
                texts(
                        "newOutside",
                        "52.2",
                        "newWidth",
                        "8",
                        "fitGauge",
                        "DEPTH_MICROMETER",
                        "depth12",
                        "1.72",
                        "depth3",
                        "1.64",
                        "depth6",
                        "1.49",
                        "depth9",
                        "1.58",
                        "gaugeCircle",
                        "46"));
    }

    private void proving(String number, Person who) {
        through(number, who, 70, 90, 10, 12.4, "70x90x10", "5200", "WORN", Map.of(), PLAN);
        keep(
                number,
                Stage.SET,
                who,
                texts(
                        "playMeasured",
                        "0.12",
                        "joint",
                        "reducer cover",
                        "t2-joint",
                        "coupling nut",
                        "t2-bolts",
                        "1",
                        "t2-boltTorque",
                        "120",
                        "t2-torqueUnit",
                        "NM",
                        "t2-figureFor",
                        "DRY",
                        "t2-threads",
                        "DRY",
                        "t2-leftHand",
                        "YES",
                        "bolts",
                        "8",
                        "boltTorque",
                        "48",
                        "torqueUnit",
                        "NM",
                        "figureFor",
                        "DRY",
                        "threads",
                        "OILED",
                        "tightened",
                        "yes",
                        "lockedUp",
                        "yes",
                        "locking",
                        "TAB",
                        "lockingWay",
                        "over the flat, away from the shaft",
                        "countedOut",
                        "yes",
                        "guardsBack",
                        "yes"));
        for (int bolt : new int[] {1, 5, 3, 7, 2, 6, 4, 8}) {
            jobs.tick(number, "", 1, bolt, 10.8, who);
        }
        for (int bolt : new int[] {1, 5, 3}) {
            jobs.tick(number, "", 2, bolt, 21.6, who);
        }
        type(number, Stage.PROVE, who, texts("handTurn", "EVEN", "levelRight", "yes", "breatherFree", "yes"));
    }

    private void signed(String number, Person who, double shaft, double bore, double width, double depth, String size) {
        through(number, who, shaft, bore, width, depth, size, "5200", "WORN", Map.of(), PLAN);
        closing(number, who, Map.of("remark", "Breather renewed at the same time.", "nextLook", "2026-12-18"));
        jobs.sign(number, who);
    }

    private void closing(String number, Person who, Map<String, String> sign) {
        keep(
                number,
                Stage.SET,
                who,
                texts(
                        "playMeasured",
                        "0.1",
                        "tightened",
                        "yes",
                        "lockedUp",
                        "yes",
                        "locking",
                        "TAB",
                        "countedOut",
                        "yes",
                        "guardsBack",
                        "yes"));
        keep(
                number,
                Stage.PROVE,
                who,
                texts(
                        "handTurn",
                        "EVEN",
                        "firstRun",
                        "DRY",
                        "proveNote",
                        "dry after two hours at full load",
                        "levelRight",
                        "yes",
                        "breatherFree",
                        "yes"));
        keep(number, Stage.SIGN, who, sign);
    }

    private void through(
            String number,
            Person who,
            double shaft,
            double bore,
            double width,
            double depth,
            String size,
            String hours,
            String state,
            Map<String, String> signs,
            List<String> steps) {
        intake(number, who, "DRIPPING", "two weeks", hours, "OIL", "DUST", "145", "CW");
        strip(number, who, fixed(depth - width), "IN", state, size.replace('x', ' '), signs);
        measure(number, who, shaft, bore, depth, fixed(depth + 4), "SMOOTH", "FULL_CHAMFER");
        keep(
                number,
                Stage.DECIDE,
                who,
                texts(
                        "size",
                        size,
                        "caseType",
                        "RUBBER",
                        "layout",
                        "DUST_LIP",
                        "material",
                        "HNBR",
                        "mainLip",
                        "IN",
                        "chooseWhy",
                        "As its builder fitted it."));
        settle(number, who);
        double target = depth - width;
        keep(
                number,
                Stage.FIT,
                who,
                texts(
                        "fitGauge",
                        "DEPTH_MICROMETER",
                        "depth12",
                        fixed(target - 0.01),
                        "depth3",
                        fixed(target + 0.01),
                        "depth6",
                        fixed(target - 0.02),
                        "depth9",
                        fixed(target),
                        "gaugeCircle",
                        fixed(bore - 8),
                        "newOutside",
                        fixed(bore + (bore <= 50 ? 0.22 : 0.27)),
                        "newWidth",
                        fixed(width)));
        tick(number, who, steps);
    }

    /** Taken apart step by step, then these of the plan; what was put in for a time is counted out in time. */
    private void tick(String number, Person who, List<String> steps) {
        List<Step> apart = jobs.steps(number, Stage.STRIP);
        apart.forEach(s -> jobs.finishStep(number, s.id(), null, null, who));
        List<Step> plan = jobs.steps(number, Stage.FIT);
        for (String step : steps) {
            if (plan.stream().anyMatch(s -> s.id().equals(step) && s.countsOut())) {
                Stream.of(apart, plan)
                        .flatMap(List::stream)
                        .map(Step::countsIn)
                        .filter(Objects::nonNull)
                        .forEach(t -> jobs.enter(number, JobEntry.Kind.TEMPORARY, t, false, who));
            }
            jobs.finishStep(number, step, null, null, who);
        }
    }

    private void settle(String number, Person who) {
        lists.decide(
                number,
                "lip-seal",
                PartState.NEW,
                null,
                "bought in, batch G-" + (2000 + random.nextInt(900)) + ", cured 1Q2025",
                "",
                who);
    }

    private void intake(
            String number,
            Person who,
            String symptom,
            String since,
            String hours,
            String medium,
            String dirt,
            String speed,
            String rotation) {
        keep(
                number,
                Stage.INTAKE,
                who,
                texts(
                        "symptom",
                        symptom,
                        "since",
                        since,
                        "hours",
                        hours,
                        "levelSeen",
                        "yes",
                        "breatherSeen",
                        "yes",
                        "aboveSeen",
                        "yes",
                        "medium",
                        medium,
                        "fluid",
                        "EP_GEAR_OIL",
                        "dirt",
                        dirt,
                        "speed",
                        speed,
                        "rotation",
                        rotation));
    }

    private void strip(
            String number,
            Person who,
            String depth,
            String facing,
            String state,
            String marking,
            Map<String, String> signs) {
        Map<String, String> texts = texts(
                "isolated",
                "yes",
                "locked",
                "yes",
                "pressureOff",
                "yes",
                "foundDepth",
                depth,
                "foundFacing",
                facing,
                "foundState",
                state,
                "marking",
                marking,
                "drained",
                "DARK");
        texts.putAll(signs);
        keep(number, Stage.STRIP, who, texts);
    }

    /** What came off the conveyor's output, in its order. */
    private void stripLog(String number, Person who) {
        long cover = off(number, who, "COVER", "guard of the coupling", "mark", "two dots at 12");
        lists.remove(number, "WASHER", "plain washers, 4", cover, who);
        off(
                number,
                who,
                "COUPLING",
                "torque arm and bush",
                "faced",
                "OUT",
                "mark",
                "line across the joint",
                "clock",
                "12");
        long shims = lists.remove(number, "SHIM", "", cover, who);
        lists.note(number, shims, texts("shims", "0.5 0.2 2x0.1"), LengthUnit.MM, who);
        off(number, who, "KEY", "key 14x9", "condition", "one edge pressed");
        off(number, who, "RETAINING_RING", "", "place", "0.2", "thickness", "1.2", "condition", "open ends at 6");
        off(number, who, "WASHER", "washer under the ring", "place", "1.4", "thickness", "0.7");
        off(
                number,
                who,
                "LIP_SEAL",
                "",
                "faced",
                "IN",
                "place",
                "2.1",
                "thickness",
                "8",
                "marking",
                "45 62 8",
                "condition",
                "lip worn to a wide band");
    }

    private long off(String number, Person who, String kind, String name, String... noted) {
        long id = lists.remove(number, kind, name, null, who);
        lists.note(number, id, texts(noted), LengthUnit.MM, who);
        return id;
    }

    private void measure(
            String number,
            Person who,
            double shaft,
            double bore,
            double depth,
            String turning,
            String surface,
            String end,
            String... more) {
        Map<String, String> texts = texts(
                "shaftGauge",
                "OUTSIDE_MICROMETER",
                "boreGauge",
                "BORE_GAUGE_3",
                "depthGauge",
                "DEPTH_MICROMETER",
                "stopDepth",
                fixed(depth),
                "turningDepth",
                turning,
                "groundFrom",
                "-4",
                "groundTo",
                fixed(depth + 6),
                "surface",
                surface,
                "shaftEnd",
                end,
                "entersFrom",
                "IN",
                "housing",
                "ALUMINIUM",
                "ra",
                "0.35",
                "hrc",
                "58",
                "leadAdvance",
                "0",
                "leadTurns",
                "20",
                "runoutTir",
                "0.03",
                "offset",
                "0.05",
                "partC",
                "22",
                "gaugeC",
                "22",
                "playLow",
                "0.05",
                "playHigh",
                "0.20");
        texts.putAll(texts(more));
        for (String plane : List.of("A1", "A2", "B1", "B2")) {
            texts.put("shaft" + plane, fixed3(shaft - 0.03 - 0.012 * random.nextDouble()));
            texts.put("bore" + plane, fixed3(bore + 0.014 + 0.008 * random.nextDouble()));
        }
        keep(number, Stage.MEASURE, who, texts);
    }

    private void type(String number, Stage stage, Person who, Map<String, String> texts) {
        sheets.type(number, stage, new Posted("demo", 0, LengthUnit.MM, texts), who);
    }

    private void keep(String number, Stage stage, Person who, Map<String, String> texts) {
        if (!sheets.keep(number, stage, new Posted("demo", 0, LengthUnit.MM, texts), who)
                .isKept()) {
            throw new IllegalStateException("Demo job " + number + ", " + stage + " was not kept");
        }
    }

    private Person person(String name) {
        return people.find(name).orElseThrow();
    }

    private static String fixed0(double value) {
        return String.format(Locale.ROOT, "%.0f", value);
    }

    private static Map<String, String> texts(String... nameAndText) {
        Map<String, String> out = new LinkedHashMap<>();
        for (int i = 0; i < nameAndText.length; i += 2) {
            out.put(nameAndText[i], nameAndText[i + 1]);
        }
        return out;
    }

    private static String fixed(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String fixed3(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
