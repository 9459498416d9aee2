package joropo.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import joropo.app.JoropoSettings;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What stands at the door: names it does not answer to, bodies that never end, files that others must not read. */
class DoorsIT {
    private static final int DRIPPING = 100;

    private static String raw(String request) throws IOException {
        URI at = URI.create(Workshop.address());
        try (Socket socket = new Socket(at.getHost(), at.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
            InputStream in = socket.getInputStream();
            byte[] head = in.readNBytes(400);
            return new String(head, StandardCharsets.UTF_8);
        }
    }

    @Test
    void itAnswersToItsOwnNamesOnly() throws Exception {
        for (String host : List.of("evil.example", "127.0.0.1.evil.example", "localhost.evil.example")) {
            assertThat(raw("GET /login HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
                    .startsWith("HTTP/1.1 400")
                    .contains("JOROPO_HOSTS");
        }
        for (String host : List.of("localhost", "127.0.0.1:8080", "[::1]:8080", "192.0.2.7")) {
            assertThat(raw("GET /login HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
                    .as(host)
                    .startsWith("HTTP/1.1 200");
        }
    }

    @Test
    void bodiesThatDripOrNeverComeHoldNoPage() throws Exception {
        URI at = URI.create(Workshop.address());
        var signedIn = new Visitor(Workshop.address()).signIn("tobias");
        List<Socket> sockets = new ArrayList<>();
        try {
            for (int i = 0; i < DRIPPING; i++) {
                Socket socket = new Socket(at.getHost(), at.getPort());
                sockets.add(socket);
                String type = i % 2 == 0 ? "application/x-www-form-urlencoded" : "application/json";
                String path = i % 2 == 0 ? "/login" : "/api/v1/checks/driver";
                socket.getOutputStream()
                        .write(("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type
                                        + "\r\nContent-Length: 1000\r\n\r\n{")
                                .getBytes(StandardCharsets.UTF_8));
                socket.getOutputStream().flush();
            }
            for (int i = 0; i < 20; i++) {
                assertThat(new Visitor(Workshop.address()).get("/login").statusCode())
                        .isEqualTo(200);
            }
            signedIn.post("/account/unit", "unit", "INCH");
            assertThat(Workshop.bean(JdbcTemplate.class)
                            .queryForObject("select unit from person where name = 'tobias'", String.class))
                    .as("who is signed in has places of their own")
                    .isEqualTo("INCH");
            signedIn.post("/account/unit", "unit", "MM");
        } finally {
            for (Socket socket : sockets) {
                socket.close();
            }
        }
    }

    @Test
    void onlyItsOwnUserReadsTheRecords() throws Exception {
        Path data = Workshop.bean(JoropoSettings.class).data();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data)))
                .isEqualTo("rwx------");
        try (Stream<Path> files = Files.list(data)) {
            assertThat(files.filter(f -> f.getFileName().toString().startsWith("joropo.db")))
                    .isNotEmpty()
                    .allMatch(f -> mode(f).equals("rw-------"));
        }
    }

    private static String mode(Path file) {
        try {
            return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void theSignInsOfTheDemoAreShownAtTheMachineOnly() throws Exception {
        assertThat(raw("GET /login HTTP/1.1\r\nHost: localhost\r\nConnection: "
                        + "close\r\nX-Forwarded-For: 192.0.2.7\r\n\r\n"))
                .startsWith("HTTP/1.1 200");
        var visitor = new Visitor(Workshop.address());
        assertThat(visitor.get("/login").body()).contains("guasimo-jacinta");
        assertThat(visitor.getAs("/login", "X-Forwarded-For", "192.0.2.7").body())
                .doesNotContain("guasimo");
    }

    @Test
    void whatIsKeptAfterASessionIsWhatWasSentNotWhatTheAddressSays() throws Exception {
        var visitor = new Visitor(Workshop.address());
        visitor.get("/login");
        String body = visitor.post("/machines?name=call+this+number", "place", "hall 7")
                .body();
        assertThat(body).contains("hall 7").doesNotContain("call this number");
    }

    @Test
    void nothingIsTakenWhileTheFolderIsGone() throws Exception {
        Path data = Workshop.temporary("joropo-gone");
        try (var own = Workshop.start(data, true)) {
            var visitor = new Visitor("http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port"))
                    .signIn("marisol");
            assertThat(visitor.post("/machines", "name", "Before", "place", "hall")
                            .statusCode())
                    .isEqualTo(302);
            Path away = data.resolveSibling(data.getFileName() + "-away");
            Files.move(data, away);
            try {
                var answer = visitor.post("/machines", "name", "Meanwhile", "place", "hall");
                assertThat(answer.statusCode()).isEqualTo(503);
                assertThat(answer.body()).contains("The data folder is gone from where it was.");
            } finally {
                Files.move(away, data);
            }
            assertThat(visitor.post("/machines", "name", "After", "place", "hall")
                            .statusCode())
                    .isEqualTo(302);
            assertThat(visitor.get("/machines").body())
                    .contains("Before", "After")
                    .doesNotContain("Meanwhile");
        }
    }
}
