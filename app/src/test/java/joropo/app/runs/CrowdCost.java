package joropo.app.runs;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.springframework.util.FileSystemUtils;

/** What people wait for, beside a small shop and beside one with very many jobs: it must not grow with them. */
final class CrowdCost {
    static final int JOBS = 100_000;
    private static final int WARM_UP = 60;
    private static final int ROUNDS = 240;
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final List<String> PAGES = List.of(
            "/",
            "/machines",
            "/machines/1",
            "/machines/positions/1",
            "/find?q=conveyor",
            "/find?q=dripping",
            "/store",
            "/watches",
            "/watches/1",
            "/round?area=clarifying",
            "/jobs/26-0005/measure");

    private CrowdCost() {}

    /** One request. @param small, @param large median in either shop, @param p99 in the large one (ms) */
    record Row(String what, double small, double large, double p99) {
        String line() {
            return String.format(
                    Locale.ROOT, "| %s | %.1f | %.1f | %.1f | %.1f |%n", what, small, large, large / small, p99);
        }
    }

    /** What is done with all records at once, in 256 MiB. @param seconds from its start to its end */
    record Work(String what, double seconds) {}

    /** @param residentMib of the large shop after all of it */
    record Result(List<Row> rows, List<Work> works, double residentMib) {}

    private interface Request {
        void send(Visitor visitor, int n) throws IOException, InterruptedException;
    }

    static Result measure(Path jar, List<String> java) throws Exception {
        Path small = Workshop.temporary("joropo-small");
        Path large = Workshop.temporary("joropo-large");
        Server.start(jar, large, java, List.of("--joropo.demo-jobs=" + JOBS), LONGEST)
                .close();
        List<Work> works = works(jar, large);
        try (Server few = Server.start(jar, small, java);
                Server many = Server.start(jar, large, java)) {
            Visitor beforeFew = new Visitor(few.address()).onScreen("WIDE").signIn("marisol");
            Visitor beforeMany = new Visitor(many.address()).onScreen("WIDE").signIn("marisol");
            List<Row> rows = new ArrayList<>();
            for (String page : PAGES) {
                rows.add(row("`" + page + "`", (v, n) -> good(v.get(page)), beforeFew, beforeMany));
            }
            // an area as long as a page, beside one of two watches
            rows.add(row(
                    "a round of a hundred watches",
                    (v, n) -> good(v.get(v == beforeFew ? "/round?area=clarifying" : "/round?area=walk+7")),
                    beforeFew,
                    beforeMany));
            for (String stage : List.of("measure", "decide")) {
                Sheet[] sheets = {new Sheet(beforeFew, "26-0004", stage), new Sheet(beforeMany, "26-0004", stage)};
                String field = stage.equals("measure") ? "stopDepth" : "plannedDepth";
                rows.add(row(
                        "one keystroke at " + stage,
                        (v, n) -> sheets[v == beforeFew ? 0 : 1].type(field, "1" + n % 9 + "." + n % 7),
                        beforeFew,
                        beforeMany));
            }
            return new Result(rows, works, BenchRun.residentMib(many.pid()));
        }
    }

    private static List<Work> works(Path jar, Path large) throws Exception {
        Path out = Workshop.temporary("joropo-works");
        Path other = Workshop.temporary("joropo-other");
        try (var empty = Workshop.start(other, false)) {
            empty.getId(); // its schema is made by starting it
        }
        String zip = out.resolve("shop.zip").toString();
        List<Work> works = List.of(
                work(jar, large, "verify"),
                work(jar, large, "backup", out.resolve("backup.zip").toString()),
                work(jar, large, "export", zip),
                work(jar, other, "import", zip),
                work(jar, other, "verify"));
        FileSystemUtils.deleteRecursively(out);
        FileSystemUtils.deleteRecursively(other);
        return works;
    }

    static Work work(Path jar, Path data, String... command) throws Exception {
        List<String> line = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-Xmx256m",
                "-jar",
                jar.toString()));
        line.addAll(List.of(command));
        Path log = data.resolve("work.log");
        var builder = new ProcessBuilder(line).redirectErrorStream(true).redirectOutput(log.toFile());
        builder.environment().put("JOROPO_DATA", data.toString());
        long began = System.nanoTime();
        int code = builder.start().waitFor();
        if (code != 0) {
            throw new IllegalStateException(command[0] + " ended with " + code + ": " + Files.readString(log));
        }
        return new Work(command[0], (System.nanoTime() - began) / 1e9);
    }

    /** Side by side, so that a busy moment of the machine meets both. */
    private static Row row(String what, Request request, Visitor few, Visitor many) throws Exception {
        double[][] ms = new double[2][ROUNDS];
        for (int n = -WARM_UP; n < ROUNDS; n++) {
            for (int shop = 0; shop < 2; shop++) {
                long began = System.nanoTime();
                request.send(shop == 0 ? few : many, Math.abs(n));
                if (n >= 0) {
                    ms[shop][n] = (System.nanoTime() - began) / 1e6;
                }
            }
        }
        Arrays.sort(ms[0]);
        Arrays.sort(ms[1]);
        return new Row(what, ms[0][ROUNDS / 2], ms[1][ROUNDS / 2], ms[1][(int) (ROUNDS * 0.99)]);
    }

    private static void good(HttpResponse<String> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.uri() + " answered " + answer.statusCode());
        }
    }
}
