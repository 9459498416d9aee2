package joropo.app.runs;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;

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
            "/jobs/26-0005/measure");

    private CrowdCost() {}

    /** One request. @param small, @param large median in either shop, @param p99 in the large one (ms) */
    record Row(String what, double small, double large, double p99) {
        String line() {
            return String.format(
                    Locale.ROOT, "| %s | %.1f | %.1f | %.1f | %.1f |%n", what, small, large, large / small, p99);
        }
    }

    /** @param residentMib of the large shop after all of it */
    record Result(List<Row> rows, double residentMib) {}

    private interface Request {
        void send(Visitor visitor, int n) throws IOException, InterruptedException;
    }

    static Result measure(Path jar, List<String> java) throws Exception {
        Path small = Workshop.temporary("joropo-small");
        Path large = Workshop.temporary("joropo-large");
        Server.start(jar, large, java, List.of("--joropo.demo-jobs=" + JOBS), LONGEST)
                .close();
        try (Server few = Server.start(jar, small, java);
                Server many = Server.start(jar, large, java)) {
            Visitor beforeFew = new Visitor(few.address()).onScreen("WIDE").signIn("marisol");
            Visitor beforeMany = new Visitor(many.address()).onScreen("WIDE").signIn("marisol");
            List<Row> rows = new ArrayList<>();
            for (String page : PAGES) {
                rows.add(row("`" + page + "`", (v, n) -> good(v.get(page)), beforeFew, beforeMany));
            }
            for (String stage : List.of("measure", "decide")) {
                Sheet[] sheets = {new Sheet(beforeFew, "26-0004", stage), new Sheet(beforeMany, "26-0004", stage)};
                String field = stage.equals("measure") ? "stopDepth" : "plannedDepth";
                rows.add(row(
                        "one keystroke at " + stage,
                        (v, n) -> sheets[v == beforeFew ? 0 : 1].type(field, "1" + n % 9 + "." + n % 7),
                        beforeFew,
                        beforeMany));
            }
            return new Result(rows, BenchRun.residentMib(many.pid()));
        }
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
