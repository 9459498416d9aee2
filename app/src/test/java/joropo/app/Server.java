package joropo.app;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The application as its own process, as people run it; only what this class started is ever ended by it. */
public final class Server implements AutoCloseable {
    private static final Duration LONGEST_START = Duration.ofSeconds(90);

    private final Process process;
    private final String address;
    private final Duration firstPage;

    private Server(Process process, String address, Duration firstPage) {
        this.process = process;
        this.address = address;
        this.firstPage = firstPage;
    }

    /** Starts java with these arguments before {@code -jar}, and waits for the first page that reads the database. */
    public static Server start(Path jar, Path data, List<String> javaArguments)
            throws IOException, InterruptedException {
        return start(jar, data, javaArguments, List.of(), LONGEST_START);
    }

    /** @param more arguments of the application, @param longest that it may take to answer */
    public static Server start(Path jar, Path data, List<String> javaArguments, List<String> more, Duration longest)
            throws IOException, InterruptedException {
        int port = freePort();
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(javaArguments);
        command.addAll(List.of(
                "-jar", jar.toString(), "--server.port=" + port, "--joropo.data=" + data, "--joropo.demo=true"));
        command.addAll(more);
        long began = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("server.log").toFile())
                .start();
        String address = "http://127.0.0.1:" + port;
        while (!answers(address)) {
            if (!process.isAlive() || System.nanoTime() - began > longest.toNanos()) {
                process.destroyForcibly();
                throw new IllegalStateException("The server did not start, see " + data.resolve("server.log"));
            }
            process.waitFor(20, TimeUnit.MILLISECONDS);
        }
        return new Server(process, address, Duration.ofNanos(System.nanoTime() - began));
    }

    public String address() {
        return address;
    }

    /** From the start of the process to the first page. */
    public Duration firstPage() {
        return firstPage;
    }

    public long pid() {
        return process.pid();
    }

    /** SIGKILL: no goodbye, nothing flushed. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        if (!process.waitFor(30, TimeUnit.SECONDS)) {
            kill();
        }
    }

    private static boolean answers(String address) throws InterruptedException {
        try {
            return HttpClient.newHttpClient()
                            .send(
                                    HttpRequest.newBuilder(URI.create(address + "/login"))
                                            .timeout(Duration.ofSeconds(5))
                                            .build(),
                                    HttpResponse.BodyHandlers.ofString())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        }
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
