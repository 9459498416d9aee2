package joropo.app.runs;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import joropo.app.Visitor;

/** The sheet of one stage as its page holds it: typed into, it sends all its fields, and takes over what comes back. */
final class Sheet {
    private static final Pattern INPUT = Pattern.compile("<input\\b[^>]*>");
    private static final Pattern SELECT =
            Pattern.compile("<select\\b[^>]* name=\"([^\"]+)\"[^>]*>(.*?)</select>", Pattern.DOTALL);
    private static final Pattern CHOSEN = Pattern.compile("<option value=\"([^\"]*)\"[^>]* selected");

    private static final Pattern PART = Pattern.compile("<[a-z]+\\b[^>]* data-part=\"[^>]*>");

    private final Visitor visitor;
    private final String path;
    private final Map<String, String> fields = new LinkedHashMap<>();
    private final Map<String, String> parts = new LinkedHashMap<>();

    Sheet(Visitor visitor, String job, String stage) throws IOException, InterruptedException {
        this.visitor = visitor;
        path = "/jobs/" + job + "/" + stage;
        String page = visitor.get(path).body();
        int from = page.indexOf("<form id=\"sheet\"");
        take(page.substring(from, page.indexOf("</form>", from)));
        takeParts(page);
    }

    /** What came back: its text, and what of it went over the wire. */
    record Answer(int characters, int bytes) {}

    /** One keystroke. */
    Answer type(String field, String text) throws IOException, InterruptedException {
        fields.put(field, text);
        List<String> form = new ArrayList<>();
        fields.forEach((name, value) -> form.addAll(List.of(name, value)));
        form.addAll(List.of(
                "shown",
                parts.entrySet().stream()
                        .map(p -> p.getKey() + ":" + p.getValue())
                        .collect(Collectors.joining(" "))));
        HttpResponse<byte[]> answer = visitor.swapPacked(path + "/draft", form.toArray(String[]::new));
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
        String html = unpacked(answer);
        take(html);
        takeParts(html);
        return new Answer(html.getBytes(StandardCharsets.UTF_8).length, answer.body().length);
    }

    private static String unpacked(HttpResponse<byte[]> answer) throws IOException {
        var body = new ByteArrayInputStream(answer.body());
        boolean packed =
                answer.headers().firstValue("Content-Encoding").orElse("").equals("gzip");
        try (InputStream in = packed ? new GZIPInputStream(body) : body) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** What the window shows from now on, as its script tells with the next keystroke. */
    private void takeParts(String html) {
        Matcher part = PART.matcher(html);
        while (part.find()) {
            parts.put(attribute(part.group(), "id"), attribute(part.group(), "data-part"));
        }
    }

    private void take(String html) {
        Matcher input = INPUT.matcher(html);
        while (input.find()) {
            String name = attribute(input.group(), "name");
            boolean box = "checkbox".equals(attribute(input.group(), "type"));
            if (name != null && !name.endsWith(".why") && (!box || input.group().contains("checked"))) {
                String value = attribute(input.group(), "value");
                fields.put(
                        name,
                        value == null
                                ? ""
                                : value.replace("&quot;", "\"")
                                        .replace("&#39;", "'")
                                        .replace("&amp;", "&"));
            }
        }
        Matcher select = SELECT.matcher(html);
        while (select.find()) {
            Matcher chosen = CHOSEN.matcher(select.group(2));
            fields.put(select.group(1), chosen.find() ? chosen.group(1) : "");
        }
    }

    private static String attribute(String tag, String name) {
        Matcher m = Pattern.compile("\\s" + name + "=\"([^\"]*)\"").matcher(tag);
        return m.find() ? m.group(1) : null;
    }
}
