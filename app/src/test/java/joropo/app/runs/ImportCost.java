package joropo.app.runs;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import joropo.app.Server;
import joropo.app.Visitor;
import joropo.app.Workshop;

/** What somebody who types waits for while another shop is brought in. */
final class ImportCost {
    private static final int JOBS = 500;
    private static final int WARM_UP = 200;
    private static final Duration LONGEST = Duration.ofMinutes(5);

    private ImportCost() {}

    /** @param jobs brought in, @param keystrokes typed meanwhile; times in ms, @param seconds that the import took */
    record Result(int jobs, int keystrokes, double median, double p99, double longest, double seconds) {
        String line() {
            return String.format(
                    Locale.ROOT,
                    "%nA shop of %,d jobs brought in while somebody types (aim: p99 under 300 ms): %.0f s,"
                            + " %d keystrokes meanwhile, median %.0f ms, p99 %.0f ms, the longest %.0f ms.%n",
                    jobs,
                    seconds,
                    keystrokes,
                    median,
                    p99,
                    longest);
        }
    }

    static Result measure(Path jar, List<String> java) throws Exception {
        Path other = Workshop.temporary("joropo-to-come");
        Path here = Workshop.temporary("joropo-typed-in");
        Server.start(jar, other, java, List.of("--joropo.demo-jobs=" + JOBS), LONGEST)
                .close();
        Path zip = other.resolve("shop.zip");
        CrowdCost.work(jar, other, "export", zip.toString());
        try (Server server = Server.start(jar, here, java)) {
            Visitor lead = new Visitor(server.address()).signIn("jacinta");
            var sheet =
                    new Sheet(new Visitor(server.address()).onScreen("WIDE").signIn("marisol"), "26-0005", "measure");
            for (int n = 0; n < WARM_UP; n++) {
                sheet.type("shaftA1", "44." + (900 + n % 90));
            }
            long began = System.nanoTime();
            int status = lead.file("/records/in", "file", Files.readAllBytes(zip), "keep", "true")
                    .statusCode();
            if (status != 302) {
                throw new IllegalStateException("/records/in answered " + status);
            }
            List<Double> ms = new ArrayList<>();
            while (!isDone(lead)) {
                for (int n = 0; n < 20; n++) {
                    long typed = System.nanoTime();
                    sheet.type("shaftA1", "44." + (900 + ms.size() % 90));
                    ms.add((System.nanoTime() - typed) / 1e6);
                }
            }
            double seconds = (System.nanoTime() - began) / 1e9;
            ms.sort(null);
            return new Result(
                    JOBS,
                    ms.size(),
                    ms.get(ms.size() / 2),
                    ms.get((int) (ms.size() * 0.99)),
                    ms.get(ms.size() - 1),
                    seconds);
        }
    }

    /** @throws IllegalStateException when it did not come in */
    private static boolean isDone(Visitor lead) throws IOException, InterruptedException {
        String page = lead.get("/records/progress").body();
        if (page.contains("Refused: ") && !page.contains("Refused: 0.")) {
            throw new IllegalStateException("Not brought in: " + page);
        }
        return page.contains("Refused: 0.");
    }
}
