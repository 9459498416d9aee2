package joropo.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is sent, it is answered, at once, and never with a failure of the house. */
class OddRequestsIT {
    /** More of both with {@code -Djoropo.odd=20000}, and then none may take longer than a second. */
    private static final int BODIES = Integer.getInteger("joropo.odd", 1_500);

    private static final int FORMS = BODIES / 4;
    private static final boolean TIMED = Integer.getInteger("joropo.odd") != null;
    private static final int AT_ONCE = 4;
    private static final long LONGEST_NANOS = 1_000_000_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String[] ODD = {
        "null",
        "true",
        "-1",
        "0",
        "1e308",
        "-1e-308",
        "1e999",
        "12345678901234567890",
        "\"\"",
        "\"45\"",
        "\"\u0000\"",
        "[]",
        "{}",
        "[[[]]]",
        "[1,2,null]",
        "{\"a\":{\"b\":[]}}",
        "\"NaN\"",
        "0.1",
        "45.0000000001",
        "\"'; drop table job; --\"",
        "\"" + "x".repeat(3000) + "\"",
        "\"\\ud800\"",
        "\"\u202e\"",
        "1,5"
    };
    private static final String[] TEXTS = {
        "",
        " ",
        "45",
        "-1",
        "0",
        "1e308",
        "NaN",
        "45,2",
        "45x62x8",
        "null",
        "true",
        "IN",
        "26-0001",
        "99999999999999999999",
        "<script>",
        "'; drop table job; --",
        "../../etc/passwd",
        "%00",
        "\u0000",
        "\u202e",
        "é",
        "x".repeat(5000),
        "2026-02-30",
        "SEEN",
        "MM",
        "1/3 in",
        "15 thou",
        "jacinta",
        "[]",
        "{\"a\":1}",
        "\r\nSet-Cookie: a=b"
    };

    private static Map<String, JsonNode> kinds() {
        JsonNode api = JSON.readTree(
                new Visitor(Workshop.address()).plain("/api/v1/openapi").body());
        Map<String, JsonNode> out = new TreeMap<>();
        api.path("paths").properties().forEach(p -> {
            String ref = p.getValue()
                    .path("post")
                    .path("requestBody")
                    .path("content")
                    .path("application/json")
                    .path("schema")
                    .path("$ref")
                    .asString("");
            if (!ref.isEmpty()) {
                out.put(
                        p.getKey().replace("{format}", "svg"),
                        api.at(ref.substring(1)).path("properties"));
            }
        });
        return out;
    }

    /** A body after the description of its kind, most of it sound, some of it not. */
    private static String body(JsonNode properties, Random random) {
        List<String> parts = new ArrayList<>();
        properties.properties().forEach(p -> {
            if (random.nextInt(4) > 0) {
                parts.add("\"" + p.getKey() + "\":" + value(p.getValue(), random));
            }
        });
        if (random.nextInt(10) == 0) {
            parts.add("\"unheardOf\":" + odd(random));
        }
        String whole = "{" + String.join(",", parts) + "}";
        return switch (random.nextInt(40)) {
            case 0 -> whole.substring(0, random.nextInt(whole.length()));
            case 1 -> "[" + whole + "]";
            case 2 -> odd(random);
            case 3 -> whole + whole;
            default -> whole;
        };
    }

    private static String odd(Random random) {
        return ODD[random.nextInt(ODD.length)];
    }

    private static String value(JsonNode property, Random random) {
        if (random.nextInt(8) == 0) {
            return odd(random);
        }
        if (property.has("enum")) {
            JsonNode all = property.path("enum");
            return "\"" + all.get(random.nextInt(all.size())).asString() + "\"";
        }
        return switch (property.path("type").asString("")) {
            case "boolean" -> String.valueOf(random.nextBoolean());
            case "integer" -> String.valueOf(random.nextInt(12));
            case "number" -> String.valueOf(Math.round(random.nextDouble() * Math.pow(10, random.nextInt(6))) / 100.0);
            case "array" ->
                "[" + value(property.path("items"), random) + "," + value(property.path("items"), random) + "]";
            case "string" -> "\"45x62x8\"";
            default -> odd(random);
        };
    }

    @Test
    void aBodyOfAnyShapeIsAnswered() throws Exception {
        Map<String, JsonNode> kinds = kinds();
        assertThat(kinds).hasSizeGreaterThan(25);
        List<String> paths = List.copyOf(kinds.keySet());
        AtomicInteger judged = new AtomicInteger();
        List<String> wrong = many(BODIES, () -> new Visitor(Workshop.address()), random -> {
            String path = paths.get(random.nextInt(paths.size()));
            String body = body(kinds.get(path), random);
            return new Asked(path + " " + body, visitor -> {
                HttpResponse<String> answer = visitor.json(path, body);
                if (answer.statusCode() == 200) {
                    judged.incrementAndGet();
                }
                return answer;
            });
        });
        assertThat(wrong).isEmpty();
        assertThat(judged.get()).as("some of them are sound").isGreaterThan(BODIES / 100);
    }

    /** Addresses that take a form, with the names that they know. */
    private static Map<String, Set<String>> forms(ConfigurableApplicationContext own) {
        Map<String, Set<String>> out = new TreeMap<>();
        own.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues().stream()
                        .filter(p -> info.getMethodsCondition().getMethods().contains(RequestMethod.POST))
                        .filter(p -> !p.startsWith("/api") && !p.startsWith("/login") && !p.startsWith("/records"))
                        .filter(p -> !p.startsWith("/account/password") && !p.startsWith("/people"))
                        .forEach(p -> {
                            Set<String> names = out.computeIfAbsent(p, x -> new TreeSet<>());
                            Arrays.stream(handler.getMethodParameters())
                                    .filter(m -> m.hasParameterAnnotation(RequestParam.class))
                                    .forEach(m -> names.add(m.getParameter().getName()));
                            names.addAll(List.of(
                                    "name", "size", "kind", "why", "unit", "seq", "tab", "shaftA1", "depth12",
                                    "offer"));
                        }));
        return out;
    }

    @Test
    void aFormOfAnyContentIsAnswered() throws Exception {
        Path data = Workshop.temporary("joropo-odd");
        try (ConfigurableApplicationContext own = Workshop.start(data, true)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Map<String, Set<String>> forms = forms(own);
            assertThat(forms).hasSizeGreaterThan(50);
            List<String> paths = List.copyOf(forms.keySet());
            List<String> wrong = many(FORMS, () -> new Visitor(at).signIn("jacinta"), random -> {
                String pattern = paths.get(random.nextInt(paths.size()));
                String path = SweepIT.filled(pattern);
                List<String> form = new ArrayList<>();
                for (String name : forms.get(pattern)) {
                    if (random.nextBoolean()) {
                        form.add(name);
                        form.add(TEXTS[random.nextInt(TEXTS.length)]);
                    }
                }
                boolean swap = random.nextInt(3) == 0;
                String[] sent = form.toArray(String[]::new);
                return new Asked(path + " " + form, fitter -> swap ? fitter.swap(path, sent) : fitter.post(path, sent));
            });
            assertThat(wrong).isEmpty();
        }
    }

    /** So many first ones of each caller meet a server that is still warming up. */
    private static final int COLD = 50;

    private interface One {
        Asked next(Random random);
    }

    private interface Send {
        HttpResponse<String> by(Visitor visitor) throws Exception;
    }

    private record Asked(String words, Send send) {
        /**
         * What is wrong with the answer; empty: nothing.
         *
         * @param times how often a long one may be asked for: once more while the server is warming up
         */
        String wrong(Visitor visitor, int times) throws Exception {
            for (int n = 0; n < times; n++) {
                long began = System.nanoTime();
                HttpResponse<String> answer = send.by(visitor);
                long took = System.nanoTime() - began;
                if (answer.statusCode() >= 500 || answer.body().contains("\tat ")) {
                    return answer.statusCode() + " " + words;
                }
                if (!TIMED || took <= LONGEST_NANOS) {
                    return "";
                }
            }
            return "longer than a second: " + words;
        }
    }

    private static List<String> many(int count, Callable<Visitor> caller, One one) throws Exception {
        var pool = Executors.newFixedThreadPool(AT_ONCE);
        List<Callable<List<String>>> parts = new ArrayList<>();
        for (int part = 0; part < AT_ONCE; part++) {
            var random = new Random(18 + part);
            parts.add(() -> {
                List<String> wrong = new ArrayList<>();
                Visitor visitor = caller.call();
                for (int i = 0; i < count / AT_ONCE && wrong.size() < 20; i++) {
                    String fault = one.next(random).wrong(visitor, i < COLD ? 2 : 1);
                    if (!fault.isEmpty()) {
                        wrong.add(fault);
                    }
                }
                return wrong;
            });
        }
        List<String> out = new ArrayList<>();
        for (var done : pool.invokeAll(parts)) {
            out.addAll(done.get());
        }
        pool.shutdown();
        return out;
    }
}
