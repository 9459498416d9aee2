package joropo.app.runs;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.app.Visitor;

/** The sheet of one stage as its page holds it: typed into, it sends all its fields, and takes over what comes back. */
final class Sheet {
    private static final Pattern INPUT = Pattern.compile("<input\\b[^>]*>");
    private static final Pattern SELECT =
            Pattern.compile("<select\\b[^>]* name=\"([^\"]+)\"[^>]*>(.*?)</select>", Pattern.DOTALL);
    private static final Pattern CHOSEN = Pattern.compile("<option value=\"([^\"]*)\"[^>]* selected");

    private final Visitor visitor;
    private final String path;
    private final Map<String, String> fields = new LinkedHashMap<>();

    Sheet(Visitor visitor, String job, String stage) throws IOException, InterruptedException {
        this.visitor = visitor;
        path = "/jobs/" + job + "/" + stage;
        String page = visitor.get(path).body();
        int from = page.indexOf("<form id=\"sheet\"");
        take(page.substring(from, page.indexOf("</form>", from)));
    }

    /** One keystroke. @return bytes of what came back */
    int type(String field, String text) throws IOException, InterruptedException {
        fields.put(field, text);
        List<String> form = new ArrayList<>();
        fields.forEach((name, value) -> form.addAll(List.of(name, value)));
        HttpResponse<String> answer = visitor.swap(path + "/draft", form.toArray(String[]::new));
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
        take(answer.body());
        return answer.body().getBytes(StandardCharsets.UTF_8).length;
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
