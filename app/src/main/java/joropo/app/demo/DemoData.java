package joropo.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import joropo.app.JoropoSettings;
import joropo.app.access.DemoPeople;
import joropo.app.access.NewPerson;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.access.Role;
import joropo.app.job.JobService.Posted;
import joropo.app.job.JobService;
import joropo.app.job.Stage;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.app.settings.OwnFluid;
import joropo.app.settings.OwnMaterial;
import joropo.app.settings.SettingsService;
import joropo.core.lipseal.Rotation;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.readings.Gauge;
import joropo.core.units.LengthUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The first machines of a made-up mill with jobs in several stages. Readings come from a fixed seed, so that every screen looks
 * the same each time. An existing database is left alone.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoData implements SmartInitializingSingleton {
    /** Its presence says that the data beside it are the demo's and may be thrown away. */
    private static final String MARKER = "DEMO";
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final long SEED = 1963;
    private static final List<String> PLAN = List.of("parts", "clean", "dry-trial", "way-round", "outside", "lip", "between", "edges", "start", "drive", "depth",
            "free", "shaft", "print", "turn", "fill", "run");

    private final JoropoSettings settings;
    private final PeopleService people;
    private final RegisterService register;
    private final JobService jobs;
    private final SettingsService workshop;
    private final Random random = new Random(SEED);

    DemoData(JoropoSettings settings, PeopleService people, RegisterService register, JobService jobs, SettingsService workshop) {
        this.settings = settings;
        this.people = people;
        this.register = register;
        this.jobs = jobs;
        this.workshop = workshop;
    }

    /** Before the first page can be asked for. */
    @Override
    public void afterSingletonsInstantiated() {
        if (!people.isEmpty()) {
            return;
        }
        mark(settings.data().resolve(MARKER));
        NewPerson lead = DemoPeople.ALL.stream().filter(p -> p.role() == Role.LEAD).findFirst().orElseThrow();
        people.addFirst(lead);
        DemoPeople.ALL.stream().filter(p -> !p.equals(lead)).forEach(p -> people.add(p, lead.name()));
        mill();
        LOG.info("Demo data made in {}", settings.data().toAbsolutePath());
    }

    private static void mark(Path marker) {
        try {
            Files.writeString(marker, "Made-up data of the Joropo demo. May be thrown away.\n");
        } catch (IOException e) {
            throw new UncheckedIOException("The demo's data folder cannot be written to", e);
        }
    }

    private void mill() {
        Person marisol = person("marisol");
        Person tobias = person("tobias");
        Person jacinta = person("jacinta");
        long conveyor = machine("Bagasse conveyor", "boiler house", "Gear motor on the shaft, 1450 rpm in, dusty all season.");
        long output = position(conveyor, "gear motor output", 45.0, 62.0, Dirt.DUST, Rotation.CW, 145.0);
        long input = position(conveyor, "gear motor input", 25.0, 40.0, Dirt.DUST, Rotation.CCW, 1450.0);
        long roll = machine("Mill 2 roll drive", "milling hall", "Reducer with splash oil; wash-down at each stop.");
        long rollOutput = position(roll, "reducer output", 120.0, 150.0, Dirt.MUD, Rotation.CW, 48.0);
        long rollInput = position(roll, "reducer input", 70.0, 90.0, Dirt.DUST, Rotation.CW, 980.0);
        long juice = machine("Juice pump 3", "clarifying", "Bearing bracket with oil, pump end packed.");
        long bracket = position(juice, "bearing bracket, pump end", 35.0, 52.0, Dirt.MUD, Rotation.CCW, 1470.0);
        long vacuum = machine("Vacuum pump", "evaporators", "");
        long gear = position(vacuum, "gear end", 30.0, 42.0, Dirt.CLEAN, Rotation.CW, 1480.0);

        ownThings(output);
        signed(jobs.open(output, marisol).number(), marisol, 45, 62, 8, 10.5, "45x62x8");
        proving(jobs.open(rollInput, tobias).number(), tobias);
        fitting(jobs.open(bracket, marisol).number(), marisol);
        deciding(jobs.open(input, tobias).number(), tobias);
        measuring(jobs.open(output, marisol).number(), marisol);
        stripping(jobs.open(rollOutput, jacinta).number(), jacinta);
        String withdrawn = jobs.open(gear, tobias).number();
        jobs.withdraw(withdrawn, "Plug above was loose, the seal is dry.", tobias);
        jobs.open(gear, tobias);
    }

    /** What the workshop has of its own; one certificate has run out. */
    private void ownThings(long output) {
        workshop.addGauge("Outside micrometer 25 to 50, no. 2", Gauge.OUTSIDE_MICROMETER, 0.003, "K-0412", LocalDate.of(2027, 3, 1), "jacinta");
        workshop.addGauge("Bore gauge 60 to 75", Gauge.BORE_GAUGE_3, 0.004, "K-0398", LocalDate.of(2026, 9, 30), "jacinta");
        for (double outside : new double[] {39.5, 51.5, 61.5, 89.0}) {
            workshop.addDriver(outside, "disc with handle", null, "jacinta");
        }
        workshop.addDriver(61.2, "with recess, for the sunk seat", output, "jacinta");
        workshop.addFluid(new OwnFluid(0, "MILL_GEAR_460", "mill gear oil 460, EP", "EP_GEAR_OIL", "NBR:1 FKM:1", "fluid sheet 7, page 2", null), "jacinta");
        workshop.addMaterial(new OwnMaterial(0, "NBR-K", "cold-proof compound", "NBR", -50, 95, "compound sheet 3", null), "jacinta");
    }

    /** The job that the pictures show: a groove, a bore that its gauge cannot judge. */
    private void measuring(String number, Person who) {
        intake(number, who, "DRIPPING", "drips since the start of the season", "8760", "OIL", "DUST", "145", "CW");
        strip(number, who, "2.1", "IN", "WORN", "45 62 8, worn");
        Map<String, String> texts = texts("shaftGauge", "OUTSIDE_MICROMETER", "shaftA1", "44.912", "shaftA2", "44.921", "shaftB1", "44.478",
                "shaftB2", "1.7708 in", "boreGauge", "TELESCOPIC", "boreA1", "62,038", "boreA2", "62.041", "boreB1", "62.029", "boreB2", "62.033",
                "depthGauge", "DEPTH_MICROMETER", "stopDepth", "10.52", "turningDepth", "14.6", "surface", "GROOVE_CATCHES",
                "grooveDepth", "0.06", "grooveWidth", "1.3", "groundFrom", "-3", "groundTo", "17", "ra", "0.35", "housing", "ALUMINIUM", "shaftEnd", "FULL_CHAMFER", "entersFrom", "IN");
        jobs.strike(number, Stage.MEASURE, new Posted("demo", 0, LengthUnit.MM, texts), "shaftB1", "half a turn misread", who);
        texts.put("shaftB1", "44.978");
        type(number, Stage.MEASURE, who, texts);
    }

    private void stripping(String number, Person who) {
        intake(number, who, "DIRT_IN", "grit in the drained oil", "4100", "OIL", "MUD", "48", "CW");
        type(number, Stage.STRIP, who, texts("isolated", "yes", "locked", "yes", "foundDepth", "0.8"));
    }

    private void deciding(String number, Person who) {
        intake(number, who, "WET", "a week", "2200", "OIL", "DUST", "1450", "CCW");
        strip(number, who, "0.2", "OUT", "HARD", "25 40 7");
        measure(number, who, 25, 40, 8.1, "11.8", "GROOVE_CATCHES", "FULL_CHAMFER", "grooveDepth", "0.04", "grooveWidth", "1.1");
        type(number, Stage.DECIDE, who, texts("size", "25x40x7", "layout", "DUST_LIP", "material", "HNBR", "caseType", "RUBBER", "mainLip", "OUT", "remedy", "THIN_SLEEVE"));
    }

    private void fitting(String number, Person who) {
        intake(number, who, "MILKY", "since the wash-down", "6100", "OIL", "MUD", "1470", "CCW");
        strip(number, who, "1.2", "IN", "ONE_SIDED", "35 52 8");
        measure(number, who, 35, 52, 9.6, "13.2", "SMOOTH", "FULL_CHAMFER");
        keep(number, Stage.DECIDE, who, texts("size", "35x52x8", "caseType", "RUBBER", "layout", "DUST_LIP", "material", "HNBR", "mainLip", "IN",
                "chooseWhy", "No room for a pair, and this one lasted two seasons."));
        PLAN.subList(0, 10).forEach(step -> jobs.finishStep(number, step, null, who));
        type(number, Stage.FIT, who, texts("fitGauge", "DEPTH_MICROMETER", "depth12", "1.72", "depth3", "1.64", "depth6", "1.49", "depth9", "1.58",
                "gaugeCircle", "46"));
    }

    private void proving(String number, Person who) {
        throughFit(number, who, 70, 90, 10, 12.4, "70x90x10");
        keep(number, Stage.SET, who, texts("playMeasured", "0.12", "playLow", "0.05", "playHigh", "0.20", "tightened", "yes", "lockedUp", "yes",
                "countedOut", "yes", "guardsBack", "yes"));
        type(number, Stage.PROVE, who, texts("handTurn", "EVEN", "levelRight", "yes", "breatherFree", "yes"));
    }

    private void signed(String number, Person who, double shaft, double bore, double width, double depth, String size) {
        throughFit(number, who, shaft, bore, width, depth, size);
        keep(number, Stage.SET, who, texts("playMeasured", "0.1", "playLow", "0.05", "playHigh", "0.2", "tightened", "yes", "lockedUp", "yes",
                "countedOut", "yes", "guardsBack", "yes"));
        keep(number, Stage.PROVE, who, texts("handTurn", "EVEN", "firstRun", "DRY", "proveNote", "dry after two hours at full load", "levelRight", "yes", "breatherFree", "yes"));
        keep(number, Stage.SIGN, who, texts("remark", "Breather renewed at the same time.", "nextLook", "2026-12-18"));
        jobs.sign(number, who);
    }

    private void throughFit(String number, Person who, double shaft, double bore, double width, double depth, String size) {
        intake(number, who, "DRIPPING", "two weeks", "5200", "OIL", "DUST", "145", "CW");
        strip(number, who, "0.4", "IN", "WORN", size.replace('x', ' '));
        measure(number, who, shaft, bore, depth, fixed(depth + 4), "SMOOTH", "FULL_CHAMFER");
        keep(number, Stage.DECIDE, who, texts("size", size, "caseType", "RUBBER", "layout", "DUST_LIP", "material", "HNBR", "mainLip", "IN"));
        PLAN.subList(0, 10).forEach(step -> jobs.finishStep(number, step, null, who));
        double target = depth - width;
        keep(number, Stage.FIT, who, texts("fitGauge", "DEPTH_MICROMETER", "depth12", fixed(target - 0.01), "depth3", fixed(target + 0.01),
                "depth6", fixed(target - 0.02), "depth9", fixed(target), "gaugeCircle", fixed(bore - 8)));
        PLAN.subList(10, PLAN.size()).forEach(step -> jobs.finishStep(number, step, null, who));
    }

    private void intake(String number, Person who, String symptom, String since, String hours, String medium, String dirt, String speed, String rotation) {
        keep(number, Stage.INTAKE, who, texts("symptom", symptom, "since", since, "hours", hours, "levelSeen", "yes", "breatherSeen", "yes", "aboveSeen", "yes",
                "medium", medium, "fluid", "EP_GEAR_OIL", "dirt", dirt, "speed", speed, "rotation", rotation));
    }

    private void strip(String number, Person who, String depth, String facing, String state, String marking) {
        keep(number, Stage.STRIP, who, texts("isolated", "yes", "locked", "yes", "pressureOff", "yes", "foundDepth", depth, "foundFacing", facing,
                "foundState", state, "marking", marking, "drained", "DARK"));
    }

    private void measure(String number, Person who, double shaft, double bore, double depth, String turning, String surface, String end, String... more) {
        Map<String, String> texts = texts("shaftGauge", "OUTSIDE_MICROMETER", "boreGauge", "BORE_GAUGE_3", "depthGauge", "DEPTH_MICROMETER",
                "stopDepth", fixed(depth), "turningDepth", turning, "groundFrom", "-4", "groundTo", fixed(depth + 6), "surface", surface,
                "shaftEnd", end, "entersFrom", "IN", "housing", "ALUMINIUM", "ra", "0.35", "hrc", "58", "leadAdvance", "0", "leadTurns", "20", "runoutTir", "0.03", "offset", "0.05",
                "partC", "22", "gaugeC", "22");
        texts.putAll(texts(more));
        for (String plane : List.of("A1", "A2", "B1", "B2")) {
            texts.put("shaft" + plane, fixed3(shaft - 0.03 - 0.012 * random.nextDouble()));
            texts.put("bore" + plane, fixed3(bore + 0.014 + 0.008 * random.nextDouble()));
        }
        keep(number, Stage.MEASURE, who, texts);
    }

    private void type(String number, Stage stage, Person who, Map<String, String> texts) {
        jobs.type(number, stage, new Posted("demo", 0, LengthUnit.MM, texts), who);
    }

    private void keep(String number, Stage stage, Person who, Map<String, String> texts) {
        if (!jobs.keep(number, stage, new Posted("demo", 0, LengthUnit.MM, texts), who).kept()) {
            throw new IllegalStateException("Demo job " + number + ", " + stage + " was not kept");
        }
    }

    private Person person(String name) {
        return people.find(name).orElseThrow();
    }

    private long machine(String name, String place, String note) {
        return register.addMachine(name, place, note, "jacinta");
    }

    private long position(long machine, String name, double shaft, double bore, Dirt dirt, Rotation rotation, double speed) {
        return register.addPosition(machine, new NewPosition(name, shaft, bore, Medium.OIL, dirt, rotation, speed), "jacinta");
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
