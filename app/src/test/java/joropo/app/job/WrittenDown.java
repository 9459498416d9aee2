package joropo.app.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import joropo.app.Workshop;
import joropo.app.family.JobFinding;
import joropo.app.register.NewPosition;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.Step;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Writes down what follows for each job of a shop, so that two versions of the program can be laid side by side: by
 * hand with {@code -Dit.test=WrittenDown -Djoropo.written=FOLDER}. The shop in the folder is read as it is; where there
 * is none, demo jobs and fifty odd ones are made and kept there.
 */
class WrittenDown {
    private static final int ODD = 50;
    private static final long SEED = 29;
    private static final String[] PLACES = {"0", "0", "2", "2.1", "2.00", "6.95", "8", "8", "16", "16.02", "24", "-1"};
    private static final String[] WIDTHS = {"2", "7", "8", "8", "10", "1.75"};
    private static final PartKind[] OFF = {
        PartKind.LIP_SEAL,
        PartKind.LIP_SEAL,
        PartKind.LIP_SEAL,
        PartKind.RETAINING_RING,
        PartKind.BEARING,
        PartKind.WASHER,
        PartKind.SPACER,
        PartKind.SLINGER,
        PartKind.SLEEVE,
        PartKind.COVER,
        PartKind.SHIM,
        PartKind.NUT
    };
    private final Random random = new Random(SEED);

    @Test
    void everyJobOfTheShop() throws IOException {
        String folder = System.getProperty("joropo.written");
        Assumptions.assumeTrue(folder != null, "written down by hand");
        Path shop = Path.of(folder).resolve("shop");
        boolean there = Files.exists(shop.resolve("joropo.db"));
        Files.createDirectories(shop);
        if (!there) {
            for (int i = 0; i < ODD; i++) {
                odd(i);
            }
            Workshop.bean(JdbcTemplate.class).execute("vacuum into '" + shop.resolve("joropo.db") + "'");
            Files.writeString(shop.resolve("DEMO"), "Made-up data.");
        }
        Path copy = Workshop.temporary("joropo-written");
        Files.copy(shop.resolve("joropo.db"), copy.resolve("joropo.db"));
        Files.copy(shop.resolve("DEMO"), copy.resolve("DEMO"));
        try (ConfigurableApplicationContext running = Workshop.start(copy, false)) {
            StringBuilder out = new StringBuilder();
            for (String number : running.getBean(JdbcTemplate.class)
                    .queryForList("select number from job order by number", String.class)) {
                try {
                    JobState state = running.getBean(JobStore.class).load(number);
                    write(out, state, running.getBean(JobWorks.class).of(state));
                } catch (RuntimeException e) {
                    out.append("\n== ")
                            .append(number)
                            .append(" does not open: ")
                            .append(e)
                            .append('\n');
                }
            }
            Files.writeString(Path.of(folder).resolve("now.txt"), out);
        }
    }

    private static void write(StringBuilder out, JobState state, JobWork work) {
        out.append("\n== ")
                .append(state.job().number())
                .append(' ')
                .append(state.job().kind())
                .append(' ');
        out.append(work.verdict()).append('\n');
        work.items().forEach(i -> out.append("item ")
                .append(i.item().number())
                .append(' ')
                .append(i.name())
                .append(": ")
                .append(i.work().summary())
                .append('\n'));
        state.beside().log().forEach(p -> out.append("off ")
                .append(p.number())
                .append(' ')
                .append(p.fate())
                .append('\n'));
        for (JobFinding f : work.findings()) {
            out.append("finding ")
                    .append(f.stage())
                    .append(' ')
                    .append(f.key())
                    .append(' ')
                    .append(f.status());
            out.append(" | ")
                    .append(f.finding().subject())
                    .append(" | ")
                    .append(f.finding().message());
            out.append(" | ")
                    .append(f.finding().remedy())
                    .append(" | ")
                    .append(work.answeredAt(f))
                    .append('\n');
        }
        work.errors().forEach((field, error) -> out.append("error ")
                .append(field)
                .append(": ")
                .append(error)
                .append('\n'));
        for (Step s : work.plan()) {
            out.append("step ")
                    .append(s.id())
                    .append(s.hold() ? " HOLD " : " ")
                    .append(s.part())
                    .append(" | ");
            out.append(s.instruction())
                    .append(" | ")
                    .append(s.why())
                    .append(" | ")
                    .append(s.caution())
                    .append('\n');
        }
        JobParts.of(state, work).forEach(p -> out.append("part ")
                .append(p.part().id())
                .append(' ')
                .append(p.part().count())
                .append(" x ")
                .append(p.part().name())
                .append(" | ")
                .append(p.part().size())
                .append(" | ")
                .append(p.state())
                .append('\n'));
        JobRules.open(state, work)
                .forEach((stage, open) -> open.forEach(o ->
                        out.append("open ").append(stage).append(' ').append(o).append('\n')));
    }

    /** A job as somebody might leave it: taken apart in some order, read in part, decided in part. */
    private void odd(int number) {
        List<PartKind> others = List.of(PartKind.O_RING, PartKind.PACKING, PartKind.MECHANICAL_SEAL);
        PartKind kind = number % 5 == 4 ? others.get(random.nextInt(others.size())) : PartKind.LIP_SEAL;
        String job = JobMaker.open(new NewPosition(
                kind,
                "odd place " + number,
                45.0,
                62.0,
                null,
                random.nextInt(3) > 0 ? Medium.OIL : Medium.GREASE,
                random.nextBoolean() ? Dirt.DUST : Dirt.CLEAN,
                random.nextBoolean() ? Rotation.CW : null,
                random.nextInt(4) > 0 ? 1450.0 : null,
                false,
                "",
                ""));
        Workshop.bean(JobSheets.class)
                .fill(
                        job,
                        JobMaker.texts("symptom", "DRIPPING", "isolated", "yes", "locked", "yes", "pressureOff", "yes"),
                        LengthUnit.MM,
                        JobMaker.person("marisol"));
        var lists = Workshop.bean(JobListsService.class);
        var person = JobMaker.person("marisol");
        for (int n = random.nextInt(7); n > 0; n--) {
            PartKind off = OFF[random.nextInt(OFF.length)];
            long id = lists.remove(job, off.name(), "", null, person);
            Map<String, String> note = new LinkedHashMap<>();
            if (random.nextInt(3) > 0 && off.isPlaced()) {
                note.put("place", PLACES[random.nextInt(PLACES.length)]);
            }
            if (random.nextBoolean() && off.isPlaced()) {
                note.put("thickness", WIDTHS[random.nextInt(WIDTHS.length)]);
            }
            if (random.nextBoolean() && off.isFaced()) {
                note.put("faced", random.nextBoolean() ? "IN" : "OUT");
            }
            quietly(() -> lists.note(job, id, note, LengthUnit.MM, person));
            if (random.nextInt(5) == 0) {
                quietly(() -> lists.back(job, id, StripPart.Back.LEFT_OUT, "not needed", person));
            }
        }
        boolean two = kind == PartKind.LIP_SEAL && random.nextInt(3) == 0;
        if (two) {
            Workshop.bean(JobItems.class).add(job, kind, random.nextBoolean() ? "outer" : "", person);
        }
        fill(job, "", kind);
        if (two) {
            fill(job, "i2-", kind);
        }
        if (kind == PartKind.LIP_SEAL && random.nextInt(8) == 0) {
            quietly(() -> Workshop.bean(JobBench.class).planAsFound(job, person));
        }
    }

    private void fill(String job, String prefix, PartKind kind) {
        Map<String, String> texts = new LinkedHashMap<>();
        some(texts, prefix, "shaftA1", "44.96", "44.90");
        some(texts, prefix, "boreA1", "62.015", "62.1");
        if (kind == PartKind.LIP_SEAL) {
            some(texts, prefix, "foundDepth", PLACES);
            some(texts, prefix, "foundFacing", "IN", "OUT");
            some(texts, prefix, "stopDepth", "10.5", "16.5", "24");
            some(texts, prefix, "turningDepth", "14", "26", "30");
            some(texts, prefix, "surface", "SMOOTH", "GROOVE_CATCHES");
            some(texts, prefix, "grooveDepth", "0.02", "0.12");
            some(texts, prefix, "grooveWidth", "0.8", "2");
            some(texts, prefix, "groundFrom", "-4", "0");
            some(texts, prefix, "groundTo", "16", "30");
            some(texts, prefix, "depthGauge", "DEPTH_MICROMETER", "RULE");
            some(texts, prefix, "entersFrom", "IN", "OUT");
            some(texts, prefix, "shaftEnd", "FULL_CHAMFER", "KEYWAY");
            some(texts, prefix, "size", "45x62x8", "45x62x8", "45x62x7");
            some(texts, prefix, "layout", "PLAIN", "DUST_LIP", "DUST_LIP", "TANDEM");
            some(texts, prefix, "material", "NBR", "HNBR", "FKM");
            some(texts, prefix, "caseType", "METAL", "RUBBER");
            some(texts, prefix, "mainLip", "IN", "IN", "OUT");
            rare(texts, prefix, "plannedDepth", PLACES);
            rare(texts, prefix, "remedy", "MOVE", "SLEEVE", "POLISH");
            rare(texts, prefix, "pressure", "0.03", "0.3");
            rare(texts, prefix, "betweenMedium", "OIL", "AIR", "GREASE");
            rare(texts, prefix, "runningSleeve", "yes");
            rare(texts, prefix, "cylDepth", "9", "16");
            rare(texts, prefix, "leadInLength", "1");
            rare(texts, prefix, "playBefore", "0.05", "0.4");
            if (random.nextInt(4) == 0) {
                String depth = PLACES[random.nextInt(PLACES.length)];
                List.of("depth12", "depth3", "depth6", "depth9").forEach(f -> texts.put(prefix + f, depth));
            }
        }
        List<Map.Entry<String, String>> each = new ArrayList<>(texts.entrySet());
        each.forEach(e -> quietly(() -> Workshop.bean(JobSheets.class)
                .fill(job, Map.of(e.getKey(), e.getValue()), LengthUnit.MM, JobMaker.person("marisol"))));
    }

    private void some(Map<String, String> texts, String prefix, String field, String... of) {
        if (random.nextInt(4) > 0) {
            texts.put(prefix + field, of[random.nextInt(of.length)]);
        }
    }

    private void rare(Map<String, String> texts, String prefix, String field, String... of) {
        if (random.nextInt(4) == 0) {
            texts.put(prefix + field, of[random.nextInt(of.length)]);
        }
    }

    /** What is refused was not done. */
    private static void quietly(Runnable act) {
        try {
            act.run();
        } catch (RefusedInput e) {
            // it stands as it was
        }
    }
}
