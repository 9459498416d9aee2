package joropo.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Families;
import joropo.app.register.NewPosition;
import joropo.app.register.NewPositionBuilder;
import joropo.app.register.RegisterService;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address there is, asked for by everybody; and a position of every kind. */
class SweepIT {
    private static final String STRANGER = "nobody";
    /** Open before anybody has signed in. */
    private static final Set<String> OPEN =
            Set.of("/login", "/login/kept", "/first-account", "/bare", "/error", "/api/v1", "/v3/api-docs");
    /** A stream without an end. */
    private static final Set<String> STREAMS = Set.of("/jobs/{number}/watch");

    private static Visitor fitter;

    private static final Map<String, String> VARIABLES = Map.ofEntries(
            Map.entry("number", "26-0005"),
            Map.entry("stage", "measure"),
            Map.entry("revision", "1"),
            Map.entry("id", "1"),
            Map.entry("name", "driver"),
            Map.entry("kind", "lip-seal"));

    /** Every address of a page with its method, its variables filled in. */
    private static List<Map.Entry<RequestMethod, String>> addresses(String method) {
        List<Map.Entry<RequestMethod, String>> out = new ArrayList<>();
        Workshop.bean(RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues().forEach(pattern -> {
                    Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
                    if (methods.stream().anyMatch(m -> m.name().equals(method))
                            && OPEN.stream().noneMatch(pattern::startsWith)
                            && !STREAMS.contains(pattern)) {
                        out.add(Map.entry(RequestMethod.valueOf(method), filled(pattern)));
                    }
                }));
        return out;
    }

    private static String filled(String pattern) {
        String out = pattern;
        for (var variable : VARIABLES.entrySet()) {
            out = out.replaceAll("\\{" + variable.getKey() + "(:[^/]*)?\\}(?=$|/|\\.)", variable.getValue());
        }
        return out.replaceAll("\\{[^:}]+:\\(?([a-z]+)[^}]*\\}", "$1").replaceAll("\\{[^}]+\\}", "1");
    }

    private static Map<String, Integer> asked(String person, String method) throws Exception {
        var visitor = new Visitor(Workshop.address());
        if (!person.equals(STRANGER)) {
            visitor.signIn(person);
        }
        Map<String, Integer> out = new TreeMap<>();
        for (var address : addresses(method)) {
            int status = method.equals("GET")
                    ? visitor.get(address.getValue()).statusCode()
                    : visitor.post(address.getValue()).statusCode();
            out.put(address.getValue(), status);
        }
        return out;
    }

    @Test
    void aStrangerIsLetInNowhere() throws Exception {
        assertThat(addresses("GET")).hasSizeGreaterThan(25);
        assertThat(addresses("POST")).hasSizeGreaterThan(40);
        assertThat(asked(STRANGER, "GET"))
                .allSatisfy((at, status) -> assertThat(status).as(at).isEqualTo(302));
        // a form is told that its session has ended, and nothing is done
        assertThat(asked(STRANGER, "POST"))
                .allSatisfy((at, status) -> assertThat(status).as(at).isIn(200, 302, 403));
    }

    @Test
    void aViewerReadsAndChangesNothing() throws Exception {
        assertThat(asked("visita", "POST").entrySet().stream()
                        .filter(e -> e.getValue() != 403)
                        .map(Map.Entry::getKey)
                        .filter(at -> !at.startsWith("/account"))
                        .sorted()
                        .toList())
                .isEmpty();
        assertThat(asked("visita", "GET")).allSatisfy((at, status) -> assertThat(status)
                .as(at)
                .isIn(at.startsWith("/people") ? List.of(403) : List.of(200, 302, 404)));
    }

    @Test
    void nothingThatIsAskedForIsAnError() throws Exception {
        for (String person : List.of("marisol", "jacinta")) {
            assertThat(asked(person, "GET"))
                    .allSatisfy((at, status) ->
                            assertThat(status).as(person + " " + at).isIn(200, 302, 403, 404, 409));
        }
    }

    private static synchronized Visitor fitter() throws Exception {
        if (fitter == null) {
            fitter = new Visitor(Workshop.address()).signIn("marisol");
        }
        return fitter;
    }

    /** Its pages open whether there is work for it or not. */
    @ParameterizedTest
    @EnumSource(PartKind.class)
    void aPositionOfEveryKindOpens(PartKind kind) throws Exception {
        var register = Workshop.bean(RegisterService.class);
        long machine = register.addMachine("Kind " + kind, "sweep", "", "jacinta");
        NewPosition of = NewPositionBuilder.builder()
                .kind(kind)
                .name("output")
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build();
        long position = register.addPosition(machine, of, "jacinta");
        Visitor visitor = fitter();
        boolean work = Workshop.bean(Families.class).of(kind).isPresent();
        for (String at : List.of("/machines/" + machine, "/machines/positions/" + position, "/find?q=Kind")) {
            assertThat(visitor.get(at).statusCode()).as(at).isEqualTo(200);
        }
        assertThat(visitor.get("/machines/" + machine).body().contains("Start a job"))
                .isEqualTo(work);
        assertThat(visitor.post("/machines/positions/" + position + "/jobs").statusCode())
                .isEqualTo(work ? 302 : 200);
    }
}
