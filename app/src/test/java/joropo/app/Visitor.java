package joropo.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A person at a plain HTTP client: signs in, reads pages, posts forms; for tests without a browser. */
public final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" (?:content|value)=\"([^\"]+)\"");

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private String token = "";

    public Visitor(String address) {
        this.address = address;
    }

    public Visitor signIn(String name) throws IOException, InterruptedException {
        return signIn(name, "guasimo-" + name);
    }

    public Visitor signIn(String name, String password) throws IOException, InterruptedException {
        get("/login");
        post("/login", "username", name, "password", password);
        get("/");
        return this;
    }

    /** As the script of the pages tells how much room there is. @param paper WIDE, SHEET or NARROW */
    public Visitor onScreen(String paper) {
        var cookie = new HttpCookie("paper", paper);
        cookie.setPath("/");
        cookie.setVersion(0);
        cookies.getCookieStore().add(URI.create(address), cookie);
        return this;
    }

    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
        Matcher m = TOKEN.matcher(answer.body());
        if (m.find()) {
            token = m.group(1);
        }
        return answer;
    }

    /** What a file holds. */
    public byte[] bytes(String path) throws IOException, InterruptedException {
        return client.send(
                        HttpRequest.newBuilder(URI.create(address + path)).build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    /** The same where nothing checked is wanted of the caller. */
    public HttpResponse<String> plain(String path) {
        try {
            return get(path);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** With one header more. */
    public HttpResponse<String> getAs(String path, String header, String value)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header(header, value)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    public HttpResponse<String> post(String path, String... nameAndText) throws IOException, InterruptedException {
        return client.send(form(path, nameAndText).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** As a page with script posts it: a part of the page comes back. */
    public HttpResponse<String> swap(String path, String... nameAndText) throws IOException, InterruptedException {
        return client.send(
                form(path, nameAndText).header("HX-Request", "true").build(), HttpResponse.BodyHandlers.ofString());
    }

    /** The same with its bytes as they come over the wire, packed as for any browser. */
    public HttpResponse<byte[]> swapPacked(String path, String... nameAndText)
            throws IOException, InterruptedException {
        return client.send(
                form(path, nameAndText)
                        .header("HX-Request", "true")
                        .header("Accept-Encoding", "gzip")
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
    }

    /** As another program asks a check. */
    public HttpResponse<String> json(String path, String body) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** A form with a file in it. */
    public HttpResponse<String> file(String path, String name, byte[] bytes, String... nameAndText)
            throws IOException, InterruptedException {
        String edge = "edge-of-a-part";
        var body = new ByteArrayOutputStream();
        List<String> texts = new ArrayList<>(List.of("_csrf", token));
        texts.addAll(List.of(nameAndText));
        for (int i = 0; i < texts.size(); i += 2) {
            body.write(("--" + edge + "\r\nContent-Disposition: form-data; name=\"" + texts.get(i) + "\"\r\n\r\n"
                            + texts.get(i + 1) + "\r\n")
                    .getBytes(StandardCharsets.UTF_8));
        }
        body.write(("--" + edge + "\r\nContent-Disposition: form-data; name=\"" + name
                        + "\"; filename=\"file\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.write(bytes);
        body.write(("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "multipart/form-data; boundary=" + edge)
                        .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder form(String path, String... nameAndText) {
        List<String> form = new ArrayList<>(List.of("_csrf=" + encode(token)));
        for (int i = 0; i < nameAndText.length; i += 2) {
            form.add(encode(nameAndText[i]) + "=" + encode(nameAndText[i + 1]));
        }
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", form)));
    }

    private static String encode(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
