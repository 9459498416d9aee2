package joropo.app.runs;

import java.io.IOException;
import java.io.InputStreamReader;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.drawing.BoxDrawing;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.Pin;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.core.assembly.CentringCheck;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.CentringInputBuilder;
import joropo.core.assembly.ClockingCheck;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.ClockingInputBuilder;
import joropo.core.assembly.RunoutCheck;
import joropo.core.assembly.RunoutInput;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealInputBuilder;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandCheck;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandInputBuilder;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeInputBuilder;
import joropo.core.oring.RingMotion;
import joropo.core.oring.Tolerances;
import joropo.core.packing.PackingCheck;
import joropo.core.packing.PackingInput;
import joropo.core.packing.PackingInputBuilder;
import joropo.core.packing.PackingResult;
import joropo.core.packing.RunInCheck;
import joropo.core.packing.RunInInput;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.verdict.Status;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * Measures the application as people run it, and writes what it found; run by {@code ./joropo bench}, never with the
 * tests.
 */
class BenchRun {
    private static final int STARTS = 3;
    private static final int WARM_UP = 400;
    private static final int ROUNDS = 800;
    private static final int PARTS = 40;
    private static final int MANY_PARTS = 400;
    private static final Path HOME = Path.of(System.getProperty("joropo.home"));
    private static final Path RUN = HOME.resolve("run");

    private static final String PACKED = "One keystroke at a packed box, saved, judged, drawn";
    private static final int LOOKS = 200;
    /** What is run for hours by hand, with its figures: it stays as it was written. */
    private static final String SOAKS = "## Soaks";

    private interface Request {
        void send(int n) throws IOException, InterruptedException;
    }

    private static final OringSizeInput FOUND = OringSizeInputBuilder.builder()
            .measured(new OringSizeInput.Measured(54.5, 3.42))
            .build();

    private static final OringGlandInput RING = OringGlandInputBuilder.builder()
            .gland(Gland.PISTON)
            .motion(RingMotion.STATIC)
            .counterDiameterMm(60.0)
            .grooveDiameterMm(54.36)
            .grooveWidthMm(4.8)
            .ringInsideMm(53.57)
            .sectionMm(3.53)
            .tolerances(new Tolerances(0.02, 0.02, 0.06, null, 0.2, 0.1))
            .build();

    private static final PackingInput BOX = PackingInputBuilder.builder()
            .shaftMm(70.0)
            .boxBoreMm(102.0)
            .boxDepthMm(120.0)
            .lanternWidthMm(24.0)
            .lanternSlotMm(12.0)
            .portFromMm(54.0)
            .portToMm(66.0)
            .glandEntryMm(6.0)
            .build();

    /** Settling for hours, a flat now and then. */
    private static RunInInput looks() {
        List<RunInInput.Look> out = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            out.add(new RunInInput.Look(i * 6.0, i % 9 == 8 ? 1.0 : null, 60.0 - i / 5.0, null, 40.0 + i / 20.0, null));
        }
        return new RunInInput(70.0, null, 600.0, out);
    }

    private record Timing(String what, double medianMs, double p99Ms) {
        static Timing of(String what, double[] ms) {
            double[] sorted = ms.clone();
            Arrays.sort(sorted);
            return new Timing(what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.99)]);
        }

        String row(Timing bare, Map<String, CSVRecord> before) {
            CSVRecord was = before.get(what);
            CSVRecord bareWas = before.get(bare.what);
            return String.format(
                    Locale.ROOT,
                    "| %s | %s | %s | %.2f | %.2f | %.1f / %.1f | %.1f / %.1f |%n",
                    what,
                    was.get("first"),
                    was.get("second"),
                    medianMs,
                    p99Ms,
                    figure(was, "first") / figure(bareWas, "first"),
                    medianMs / bare.medianMs,
                    figure(was, "second") / figure(bareWas, "second"),
                    p99Ms / bare.p99Ms);
        }

        private static double figure(CSVRecord row, String column) {
            return Double.parseDouble(row.get(column));
        }
    }

    /** What was measured before a keystroke read everything once, by what it is of. */
    private static Map<String, CSVRecord> before() throws IOException {
        try (var in = new InputStreamReader(
                BenchRun.class.getResourceAsStream("/performance-before.csv"), StandardCharsets.UTF_8)) {
            return CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get().parse(in).stream()
                    .collect(Collectors.toMap(r -> r.get("what"), r -> r));
        }
    }

    @Test
    @Timeout(value = 1, unit = TimeUnit.HOURS)
    void measure() throws Exception {
        List<String> java =
                new ArrayList<>(List.of(System.getenv("JOROPO_JAVA_ARGS").split(" ")));
        java.add("-XX:SharedArchiveFile=" + RUN.resolve("joropo.jsa"));
        double[] starts = new double[STARTS];
        double[] memory = new double[STARTS];
        List<Timing> timings = List.of();
        double after = 0;
        for (int i = 0; i < STARTS; i++) {
            Path data = Workshop.temporary("joropo-bench");
            Server.start(RUN.resolve("joropo.jar"), data, java).close(); // makes the demo data
            try (Server server = Server.start(RUN.resolve("joropo.jar"), data, java)) {
                starts[i] = server.firstPage().toMillis() / 1000.0;
                memory[i] = residentMib(server.pid());
                if (i == STARTS - 1) {
                    timings = latencies(server);
                    after = residentMib(server.pid());
                }
            }
        }
        write(
                starts,
                memory,
                timings,
                after,
                KeystrokeCost.measure(),
                CrowdCost.measure(RUN.resolve("joropo.jar"), java),
                ImportCost.measure(RUN.resolve("joropo.jar"), java));
    }

    private static List<Timing> latencies(Server server) throws Exception {
        Visitor visitor = new Visitor(server.address()).onScreen("WIDE").signIn("marisol");
        String section = visitor.post("/sections/file", "text", fortyPartsAsFile())
                .headers()
                .firstValue("Location")
                .orElseThrow()
                .replaceAll("^.*(/sections/\\d+).*$", "$1");
        List<String> names = List.of(
                "bare page",
                "job sheet page",
                "one keystroke: saved, judged, drawn",
                "one move among 40 parts on the bench: stored, judged, drawn",
                PACKED);
        var sheet = new Sheet(visitor, "26-0005", "measure");
        var box = new Sheet(visitor, "26-0015", "measure");
        List<Request> requests = List.of(
                n -> good(visitor.get("/bare")),
                n -> good(visitor.get("/jobs/26-0005/measure")),
                n -> sheet.type("shaftA1", "44.9" + n % 100),
                n -> good(visitor.swap(section + "/place", "at", "b1", "by", n % 2 == 0 ? "0.1" : "-0.1")),
                n -> box.type("boxRa", "0.2" + n % 100));
        double[][] ms = new double[requests.size()][ROUNDS];
        for (int n = -WARM_UP; n < ROUNDS; n++) {
            for (int r = 0;
                    r < requests.size();
                    r++) { // side by side, so that a busy moment of the machine meets all alike
                long began = System.nanoTime();
                requests.get(r).send(Math.abs(n));
                if (n >= 0) {
                    ms[r][n] = (System.nanoTime() - began) / 1e6;
                }
            }
        }
        List<Timing> out = new ArrayList<>();
        for (int r = 0; r < requests.size(); r++) {
            out.add(Timing.of(names.get(r), ms[r]));
        }
        return out;
    }

    private static void good(HttpResponse<String> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.uri() + " answered " + answer.statusCode());
        }
    }

    /** Every layout, material and case judged and ranked, in core alone. */
    private static Timing evaluation() {
        LipSealInput in = LipSealInputBuilder.builder()
                .shaftNominalMm(45.0)
                .boreNominalMm(62.0)
                .widthMm(8.0)
                .speedRpm(1450.0)
                .insideMedium(Medium.OIL)
                .insideFluid("EP_GEAR_OIL")
                .sumpTemperatureC(70.0)
                .coldestC(0.0)
                .wetting(Wetting.SPLASH)
                .dirt(Dirt.DUST)
                .housingMaterial("ALUMINIUM")
                .runoutTirMm(0.05)
                .offsetMm(0.05)
                .build();
        LipSealResult result = LipSealCheck.check(in);
        return timed(
                "one full evaluation, "
                        + (result.candidates().size() + result.struckOut().size())
                        + " candidates of layout, material and case",
                () -> LipSealCheck.check(in));
    }

    private static Section fortyParts() {
        return inOneBore(PARTS);
    }

    /** So many parts in one bore. */
    private static Section inOneBore(int count) {
        List<BoreItem> parts = new ArrayList<>();
        List<Space> spaces = new ArrayList<>(List.of(new Space(Medium.AIR, Dirt.DUST, null, null)));
        for (int i = 0; i < count; i += 4) {
            double x = i * 6;
            parts.add(new BoreItem.Ring("r" + i, x, 1.9, 1.75, 0.03, null, null));
            parts.add(BoreItemSealBuilder.builder()
                    .id("s" + i)
                    .fromMm(x + 1.75)
                    .widthMm(8.0)
                    .outsideDiameterMm(62.0)
                    .mainLip(i % 8 == 0 ? Side.IN : Side.OUT)
                    .spring(true)
                    .build());
            parts.add(new BoreItem.Spacer("w" + i, x + 9.75, 3.0, 0.05, 49.0, 61.5, null, null));
            parts.add(new BoreItem.Port("p" + i, BoreItem.Port.Kind.DRAIN, x + 14, x + 16, 6.0));
            spaces.add(new Space(i % 8 == 0 ? Medium.OIL : Medium.GREASE, null, 0.01, null));
        }
        return SectionBuilder.builder()
                .name(count + " parts")
                .rotation(Rotation.CW)
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .spaces(spaces)
                .boreItems(parts)
                .shaftItems(List.of(new ShaftItem.RunningSurface(0.0, 300.0)))
                .axialPlayMm(0.1)
                .growthMm(0.1)
                .build();
    }

    private static String drawn(Section section) {
        List<Pin> pins = new ArrayList<>();
        LipSealRules.section(section).findings().stream()
                .filter(f -> f.status() != Status.PASS)
                .limit(20)
                .forEach(f -> pins.add(Pin.of(pins.size() + 1, f.status(), f.id(), f.part())));
        SectionPicture drawn = SectionPicture.of(section)
                .with(pins)
                .with(new DrawingStyle(Paper.WIDE, Orientation.OUTSIDE_LEFT, true, 1));
        return SectionDrawing.svg(drawn, "w-");
    }

    /** The same forty parts as a file that is brought in. */
    private static String fortyPartsAsFile() {
        var spaces = new StringBuilder("{\"medium\": \"AIR\", \"dirt\": \"DUST\"}");
        var parts = new StringBuilder();
        for (BoreItem part : fortyParts().boreItems()) {
            String more = part instanceof BoreItem.Ring
                    ? "\"type\": \"RING\", \"grooveWidthMm\": 1.9, \"thicknessMm\": 1.75, \"toleranceMm\": 0.03"
                    : part instanceof BoreItem.Spacer
                            ? "\"type\": \"SPACER\", \"thicknessMm\": 3, \"toleranceMm\": 0.05"
                            : part instanceof BoreItem.Port
                                    ? "\"type\": \"PORT\", \"kind\": \"DRAIN\", \"toMm\": " + part.toMm()
                                    : "\"type\": \"SEAL\", \"widthMm\": 8, \"outsideDiameterMm\": 62, \"mainLip\": "
                                            + "\"IN\"";
            parts.append(parts.isEmpty() ? "" : ", ")
                    .append("{\"id\": \"")
                    .append(part.id())
                    .append("\", \"fromMm\": ")
                    .append(part.fromMm())
                    .append(", ")
                    .append(more)
                    .append('}');
            spaces.append(part instanceof BoreItem.Seal ? ", {\"medium\": \"OIL\"}" : "");
        }
        return "{\"name\": \"forty parts\", \"shaftDiameterMm\": 45, \"boreDiameterMm\": 62, \"spaces\": [" + spaces
                + "], \"boreItems\": [" + parts + "]}";
    }

    private static Timing timed(String what, Runnable work) {
        double[] ms = new double[ROUNDS];
        for (int n = -WARM_UP; n < ROUNDS; n++) {
            long began = System.nanoTime();
            work.run();
            if (n >= 0) {
                ms[n] = (System.nanoTime() - began) / 1e6;
            }
        }
        return Timing.of(what, ms);
    }

    static double residentMib(long pid) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToDouble(l -> Double.parseDouble(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }

    private static void write(
            double[] starts,
            double[] memory,
            List<Timing> timings,
            double after,
            List<KeystrokeCost.Stage> costs,
            CrowdCost.Result crowd,
            ImportCost.Result brought)
            throws IOException {
        Arrays.sort(starts);
        Arrays.sort(memory);
        var out = new StringBuilder("# Performance\n\nMeasured by `./joropo bench` on " + LocalDate.now() + ", "
                + Runtime.getRuntime().availableProcessors()
                + " cores, Java " + Runtime.version().feature()
                + ", the extracted application with its class-data archive, demo data, one client on the same "
                + "machine.\n"
                + "The machine is shared: read single figures as hints and the ratios as the result.\n\n");
        out.append(String.format(
                Locale.ROOT,
                "- start to first page that reads the database: %.1f s (median of %d; aim: under 6 s)%n",
                starts[STARTS / 2],
                STARTS));
        out.append(String.format(
                Locale.ROOT,
                "- resident memory after the first page: %.0f MiB (aim: under 300), after %d requests: %.0f MiB%n%n",
                memory[STARTS / 2],
                4 * (WARM_UP + ROUNDS),
                after));
        Map<String, CSVRecord> before = before();
        out.append("| request | median ms, before | p99 ms, before | median ms | p99 ms | median, times bare, before / "
                + "now | p99, times bare, before / now |\n| --- | --- | --- | --- | --- | --- | --- |\n");
        Timing bare = timings.get(0);
        timings.stream().filter(t -> before.containsKey(t.what)).forEach(t -> out.append(t.row(bare, before)));
        timings.stream()
                .filter(t -> !before.containsKey(t.what))
                .forEach(t -> out.append(String.format(
                        Locale.ROOT,
                        "%n%s: median %.2f ms, %.1f times the bare page, p99 %.2f ms.%n",
                        t.what,
                        t.medianMs,
                        t.medianMs / bare.medianMs,
                        t.p99Ms)));
        out.append(String.format(
                Locale.ROOT,
                "%nEach request %d times after %d to warm up, in turn. A keystroke writes its draft to the disk "
                        + "before it is answered "
                        + "(aim: p99 under 25 ms and at most 4 times the bare page); a move on the bench its own "
                        + "(aim: a quarter of a second).%n",
                ROUNDS,
                WARM_UP));
        out.append("\nOne keystroke at each stage, as somebody goes on typing (aim: under ten statements, two "
                + "transactions, under 12,000 bytes):\n\n"
                + "| stage | statements, before / now | transactions, before / "
                + "now | bytes sent back, before / now | of these over the wire, packed |\n"
                + "| --- | --- | --- | --- | --- |\n");
        for (KeystrokeCost.Stage s : costs) {
            CSVRecord was = before.get(s.path());
            out.append(String.format(
                    Locale.ROOT,
                    "| %s | %s / %d | %s / %d | %s / %d | %d |%n",
                    s.path(),
                    was.get("first"),
                    s.statements(),
                    was.get("second"),
                    s.transactions(),
                    was.get("third"),
                    s.characters(),
                    s.bytes()));
        }
        Timing seal = evaluation();
        Section forty = fortyParts();
        Timing section = timed(
                "a section of " + forty.boreItems().size() + " parts judged by all rules",
                () -> LipSealRules.section(forty));
        Section many = inOneBore(MANY_PARTS);
        Timing most = timed(
                "a section of " + many.boreItems().size() + " parts judged by all rules",
                () -> LipSealRules.section(many));
        Timing drawing = timed("the same judged and drawn", () -> drawn(forty));
        out.append(String.format(
                Locale.ROOT,
                "%nIn core alone: %s: median %.2f ms, p99 %.2f ms (aim: median under 1 ms); %s: median %.2f ms, p99 "
                        + "%.2f ms (aim: under 2 ms); %s: median %.2f ms, p99 %.2f ms (aim: under 50 ms).%n",
                seal.what,
                seal.medianMs,
                seal.p99Ms,
                section.what,
                section.medianMs,
                section.p99Ms,
                most.what,
                most.medianMs,
                most.p99Ms));
        out.append(String.format(
                Locale.ROOT,
                "Of the forty %s, with twenty tags and handles on a wide paper: median %.2f ms, p99 %.2f ms; the "
                        + "drawing alone is the difference (aim: under 5 ms).%n",
                drawing.what,
                drawing.medianMs,
                drawing.p99Ms));
        Timing gland = timed("a ring in its gland with 100,000 draws", () -> OringGlandCheck.check(RING, 100_000));
        Timing found = timed("a found ring looked for in all sizes", () -> OringSizeCheck.check(FOUND));
        out.append(String.format(
                Locale.ROOT,
                "Rings: %s: median %.2f ms, p99 %.2f ms (aim: under 80 ms); %s: median %.2f ms, p99 %.2f ms (aim: "
                        + "under "
                        + "2 ms).%n",
                gland.what,
                gland.medianMs,
                gland.p99Ms,
                found.what,
                found.medianMs,
                found.p99Ms));
        RunInInput looks = looks();
        Timing advised = timed("the adviser over " + LOOKS + " looks", () -> RunInCheck.check(looks));
        PackingResult packed = PackingCheck.check(BOX);
        Timing boxed = timed("a packed box drawn", () -> BoxDrawing.of(BOX, packed, "b-"));
        out.append(String.format(
                Locale.ROOT,
                "Packing: %s: median %.3f ms, p99 %.3f ms (aim: under 0.2 ms); %s: median %.2f ms, p99 %.2f ms (aim: "
                        + "under 5 ms).%n",
                advised.what,
                advised.medianMs,
                advised.p99Ms,
                boxed.what,
                boxed.medianMs,
                boxed.p99Ms));
        CentringInput gaps = CentringInputBuilder.builder()
                .readings(IntStream.range(0, 12)
                        .mapToObj(i -> new CentringInput.Reading(null, 30.0 * i, 0.3 + 0.05 * Math.cos(i)))
                        .toList())
                .build();
        RunoutInput run = new RunoutInput(
                IntStream.range(0, 12)
                        .mapToObj(i -> new RunoutInput.Reading(30.0 * i, 0.02 * Math.cos(i)))
                        .toList(),
                0.05,
                null,
                0.005);
        ClockingInput clock = ClockingInputBuilder.builder()
                .places(12)
                .trials(IntStream.range(0, 6)
                        .mapToObj(i -> new ClockingInput.Trial(2 * i, 0.05 + 0.01 * i))
                        .toList())
                .limitMm(0.01)
                .build();
        List<Timing> turns = List.of(
                timed("a ring centred by twelve gaps", () -> CentringCheck.check(gaps)),
                timed("run-out of twelve readings", () -> RunoutCheck.check(run)),
                timed("a coupling clocked by six trials", () -> ClockingCheck.check(clock)));
        out.append("Assembly (aim: under 0.2 ms each): ")
                .append(turns.stream()
                        .map(t -> String.format(
                                Locale.ROOT, "%s: median %.3f ms, p99 %.3f ms", t.what, t.medianMs, t.p99Ms))
                        .collect(Collectors.joining("; ")))
                .append(String.format(".%n"));
        out.append(String.format(
                Locale.ROOT,
                "%nBeside %,d jobs, 2,000 lots and 5,000 leak watches of 200 readings (`./joropo demo --jobs %d`), "
                        + "against the demo alone, "
                        + "side by side (aim: at "
                        + "most twice, p99 under 100 ms); resident memory after it %.0f MiB (aim: under 350):%n%n"
                        + "| request | median ms, demo | median ms, very many | times | p99 ms, very many |%n"
                        + "| --- | --- | --- | --- | --- |%n",
                CrowdCost.JOBS,
                CrowdCost.JOBS,
                crowd.residentMib()));
        crowd.rows().forEach(r -> out.append(r.line()));
        out.append(String.format(
                Locale.ROOT,
                "%nAll records of that shop at once, each in a Java of 256 MiB (the last two in the shop it was brought"
                        + " into): %s.%n",
                crowd.works().stream()
                        .map(w -> String.format(Locale.ROOT, "%s %.0f s", w.what(), w.seconds()))
                        .collect(Collectors.joining(", "))));
        out.append(brought.line());
        out.append(EntryCost.measured());
        Path docs = HOME.resolve("docs/performance.md");
        String was = Files.readString(docs);
        out.append(System.lineSeparator()).append(was.substring(was.indexOf(SOAKS)));
        Files.writeString(docs, out);
    }
}
