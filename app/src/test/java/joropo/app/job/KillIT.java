package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** The running server is killed while people type and tick; whatever was acknowledged is there afterwards. */
class KillIT {
    private static final Path JAR = Path.of("target", "joropo.jar").toAbsolutePath();
    private static final int ENOUGH = 250;
    private static final List<String> STEPS = List.of("depth", "free", "shaft", "print");

    private final CountDownLatch enough = new CountDownLatch(ENOUGH);

    /** One way of working; says what was acknowledged for each number from 1 on, until the server is gone. */
    private interface Work {
        HttpResponse<String> post(int n) throws IOException, InterruptedException;
    }

    private List<Integer> untilKilled(Work work) throws InterruptedException {
        List<Integer> acknowledged = new ArrayList<>();
        for (int n = 1; ; n++) {
            try {
                int status = work.post(n).statusCode();
                assertThat(status).isIn(200, 302);
                acknowledged.add(n);
                enough.countDown();
            } catch (IOException gone) {
                return acknowledged;
            }
        }
    }

    @Test
    void nothingAcknowledgedIsLostAtSigkill() throws Exception {
        Path data = Workshop.temporary("joropo-kill");
        Workshop.demoData(data);
        Set<String> ticked = ConcurrentHashMap.newKeySet();
        List<Integer> drafts;
        List<Integer> otherDrafts;
        List<Integer> machines;
        try (Server server = Server.start(JAR, data, List.of("-XX:TieredStopAtLevel=1", "-Xmx256m"))) {
            ExecutorService pool = Executors.newFixedThreadPool(4);
            Visitor typist = new Visitor(server.address()).signIn("marisol");
            Visitor other = new Visitor(server.address()).signIn("tobias");
            Visitor clerk = new Visitor(server.address()).signIn("jacinta");
            Visitor fitter = new Visitor(server.address()).signIn("marisol");
            Future<List<Integer>> typing = pool.submit(() -> untilKilled(n ->
                    typist.post("/jobs/26-0005/measure/draft", "tab", "a", "seq", "99999", "stopDepth", n + " mm")));
            Future<List<Integer>> typingToo = pool.submit(() -> untilKilled(
                    n -> other.post("/jobs/26-0008/strip/draft", "tab", "b", "seq", "99999", "marking", "mark " + n)));
            Future<List<Integer>> adding = pool.submit(() -> untilKilled(
                    n -> clerk.post("/machines", "name", "Machine " + n, "place", "kill test", "note", "")));
            for (String step : STEPS) {
                if (fitter.post("/jobs/26-0003/steps/" + step).statusCode() == 302) {
                    ticked.add(step);
                }
            }
            assertThat(enough.await(60, TimeUnit.SECONDS))
                    .as("enough was acknowledged before the kill")
                    .isTrue();
            server.kill();
            drafts = typing.get();
            otherDrafts = typingToo.get();
            machines = adding.get();
            pool.shutdown();
        }
        assertThat(drafts).hasSizeGreaterThan(20);
        assertThat(ticked).containsExactlyInAnyOrderElementsOf(STEPS);
        try (ConfigurableApplicationContext again = Workshop.start(data, true)) {
            var jdbc = again.getBean(JdbcTemplate.class);
            assertThat(jdbc.queryForObject("pragma integrity_check", String.class))
                    .isEqualTo("ok");
            assertThat(jdbc.queryForList("pragma foreign_key_check")).isEmpty();
            assertThat(number(draft(jdbc, "a"), "(\\d+) mm")).isGreaterThanOrEqualTo(last(drafts));
            assertThat(number(draft(jdbc, "b"), "mark (\\d+)")).isGreaterThanOrEqualTo(last(otherDrafts));
            Set<String> names = new HashSet<>(
                    jdbc.queryForList("select name from machine where place = 'kill test'", String.class));
            assertThat(machines).allSatisfy(n -> assertThat(names).contains("Machine " + n));
            assertThat(jdbc.queryForList(
                            "select step from step_done s join job j on j.id = s.job_id where j.number = '26-0003'",
                            String.class))
                    .containsAll(STEPS);
        }
    }

    private static String draft(JdbcTemplate jdbc, String tab) {
        return jdbc.queryForObject("select texts from draft where tab = ?", String.class, tab);
    }

    private static int number(String texts, String pattern) {
        var m = Pattern.compile(pattern).matcher(texts);
        assertThat(m.find()).as(texts).isTrue();
        return Integer.parseInt(m.group(1));
    }

    private static int last(List<Integer> numbers) {
        return numbers.get(numbers.size() - 1);
    }
}
