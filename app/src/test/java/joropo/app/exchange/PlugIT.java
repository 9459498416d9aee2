package joropo.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * The plug is pulled at a random moment while eight people type, tick and write and a backup is taken: nothing that was
 * acknowledged is lost, the chain is whole, and a backup that was told to be taken comes back. Two pulls here; more
 * with {@code -Djoropo.plugs=50}.
 */
class PlugIT {
    private static final Path JAR = Path.of("target/joropo.jar");
    private static final int WRITERS = 8;
    private static final String[] PEOPLE = {"marisol", "tobias", "jacinta"};
    /** Sheets that the first writers type on; the others add machines. */
    private static final List<String> TYPISTS = List.of("/jobs/26-0005/measure/draft", "/jobs/26-0008/measure/draft");

    private static final List<String> STEPS = List.of("depth", "free", "shaft", "print");

    /** What a writer was told is kept. */
    private record Told(int writer, List<Integer> numbers) {}

    @Test
    @Timeout(value = 30, unit = TimeUnit.MINUTES)
    void nothingIsLostWhenThePlugIsPulled() throws Exception {
        Workshop.address();
        Path data = Workshop.temporary("joropo-plug");
        Workshop.demoData(data);
        var random = new Random(18);
        int restored = 0;
        int acknowledged = 0;
        for (int round = 0; round < Integer.getInteger("joropo.plugs", 2); round++) {
            Path backup = data.resolve("plug-" + round + ".zip");
            List<Told> told = pull(data, round, random.nextInt(1500), backup);
            assertThat(told).hasSize(WRITERS);
            acknowledged += told.stream().mapToInt(t -> t.numbers().size()).sum();
            assertThat(command(data, "verify")).as("round " + round).startsWith("0 All ");
            try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
                isThere(new Rows(records), told, round);
            }
            if (Files.exists(backup)) {
                assertThat(command(Workshop.temporary("joropo-again"), "restore", backup.toString()))
                        .startsWith("0 All ");
                restored++;
            }
        }
        assertThat(acknowledged).as("something was told to be kept").isPositive();
        assertThat(restored).as("a backup was taken in time").isPositive();
    }

    /** Every machine, every tick, and of what was typed over and over the last that was told, or one after it. */
    private static void isThere(Rows rows, List<Told> told, int round) throws SQLException {
        assertThat(rows.one("pragma integrity_check")).isEqualTo("ok");
        for (Told t : told) {
            if (t.writer() < TYPISTS.size()) {
                String typed =
                        String.valueOf(rows.one("select texts from draft where tab = ?", tab(round, t.writer())));
                Matcher last = Pattern.compile("(\\d+) mm").matcher(typed);
                assertThat(last.find()).as(typed).isTrue();
                assertThat(Integer.parseInt(last.group(1)))
                        .isGreaterThanOrEqualTo(t.numbers().get(t.numbers().size() - 1));
                continue;
            }
            for (int n : t.numbers()) {
                assertThat(rows.one("select 1 from machine where name = ?", name(round, t.writer(), n)))
                        .as(name(round, t.writer(), n))
                        .isNotNull();
            }
        }
        for (String step : STEPS) {
            assertThat(rows.one(
                            "select 1 from step_done s join job j on j.id = s.job_id where j.number = '26-0003' and "
                                    + "s.step = ?",
                            step))
                    .as(step)
                    .isNotNull();
        }
    }

    private static List<Told> pull(Path data, int round, int delayMs, Path backup) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(WRITERS + 1);
        try (Server server = Server.start(JAR, data, List.of("-XX:TieredStopAtLevel=1", "-Xmx256m"))) {
            List<Visitor> visitors = new ArrayList<>();
            for (int w = 0; w < WRITERS; w++) {
                visitors.add(new Visitor(server.address()).signIn(PEOPLE[w % PEOPLE.length]));
            }
            var everybody = new CountDownLatch(WRITERS);
            List<Future<Told>> writing = new ArrayList<>();
            for (int w = 0; w < WRITERS; w++) {
                writing.add(pool.submit(write(visitors.get(w), round, w, everybody)));
            }
            if (round == 0) {
                // the rag that the hold waits for
                visitors.get(0)
                        .post(
                                "/jobs/26-0003/entries",
                                "kind",
                                "TEMPORARY",
                                "what",
                                "rag or card in the bore",
                                "open",
                                "false");
            }
            for (String step : round == 0 ? STEPS : List.<String>of()) {
                assertThat(visitors.get(0).post("/jobs/26-0003/steps/" + step).statusCode())
                        .isEqualTo(302);
            }
            Future<?> copying = pool.submit(() -> Backup.take(data, backup, Instant.EPOCH, LongWork.Tell.nobody()));
            if (round % 2 == 0) {
                copying.get(60, TimeUnit.SECONDS);
            }
            assertThat(everybody.await(60, TimeUnit.SECONDS))
                    .as("each was told something")
                    .isTrue();
            new CountDownLatch(1).await(delayMs, TimeUnit.MILLISECONDS);
            server.kill();
            List<Told> told = new ArrayList<>();
            for (Future<Told> one : writing) {
                told.add(one.get(60, TimeUnit.SECONDS));
            }
            copying.get(60, TimeUnit.SECONDS);
            return told;
        } finally {
            pool.shutdownNow();
        }
    }

    private static Callable<Told> write(Visitor visitor, int round, int writer, CountDownLatch everybody) {
        return () -> {
            List<Integer> numbers = new ArrayList<>();
            for (int n = 1; ; n++) {
                try {
                    int status = (writer < TYPISTS.size()
                                    ? visitor.post(
                                            TYPISTS.get(writer),
                                            "tab",
                                            tab(round, writer),
                                            "seq",
                                            "99999",
                                            "stopDepth",
                                            n + " mm")
                                    : visitor.post(
                                            "/machines", "name", name(round, writer, n), "place", "plug", "note", ""))
                            .statusCode();
                    if (status == 200 || status == 302) {
                        numbers.add(n);
                        if (numbers.size() == 1) {
                            everybody.countDown();
                        }
                    }
                } catch (IOException gone) {
                    return new Told(writer, numbers);
                }
            }
        };
    }

    private static String name(int round, int writer, int n) {
        return "Plug " + round + " " + writer + " " + n;
    }

    private static String tab(int round, int writer) {
        return "plug" + round + "w" + writer;
    }

    private static String command(Path data, String... args) {
        var out = new ByteArrayOutputStream();
        int code = Commands.run(data, args, new PrintStream(out, true, StandardCharsets.UTF_8));
        return code + " " + out.toString(StandardCharsets.UTF_8);
    }
}
