package joropo.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
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
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address there is, asked for by everybody; and a position of every kind. */
class SweepIT {
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

    /** Every address that has this method, and the same with its variables filled in. */
    private static List<Map.Entry<String, String>> addresses(ConfigurableApplicationContext own, String method) {
        Map<String, String> out = new TreeMap<>();
        own.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues().forEach(pattern -> {
                    Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
                    if (methods.stream().anyMatch(m -> m.name().equals(method))
                            && OPEN.stream().noneMatch(pattern::startsWith)
                            && !STREAMS.contains(pattern)) {
                        out.put(pattern, filled(pattern));
                    }
                }));
        return List.copyOf(out.entrySet());
    }

    static String filled(String pattern) {
        String out = pattern;
        for (var variable : VARIABLES.entrySet()) {
            out = out.replaceAll("\\{" + variable.getKey() + "(:[^/]*)?\\}(?=$|/|\\.)", variable.getValue());
        }
        return out.replaceAll("\\{[^:}]+:\\(?([a-z]+)[^}]*\\}", "$1").replaceAll("\\{[^}]+\\}", "1");
    }

    /** Who is let in where, as it is and as the table has it; a new address is in it, or this fails. */
    @Test
    void everybodyIsLetInWhereTheTableSays() throws Exception {
        Path data = Workshop.temporary("joropo-doors");
        Path made = Path.of("target/access.txt");
        try (ConfigurableApplicationContext own = Workshop.start(data, true)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            PeopleService people = own.getBean(PeopleService.class);
            people.add(new NewPerson("ida", "Ida Guamo", Role.LEAD, "gone-by-tomorrow"), "jacinta");
            var gone = new Visitor(at).signIn("ida", "gone-by-tomorrow");
            people.withdraw("ida", "left", "jacinta");
            Map<String, Visitor> who = new LinkedHashMap<>();
            who.put("nobody", new Visitor(at));
            who.put("withdrawn", gone);
            who.put("viewer", new Visitor(at).signIn("visita"));
            who.put("fitter", new Visitor(at).signIn("tobias"));
            who.put("lead", new Visitor(at).signIn("jacinta"));
            List<String> lines = new ArrayList<>(List.of("# method, address: " + String.join(", ", who.keySet())));
            for (String method : List.of("GET", "POST")) {
                for (var address : addresses(own, method)) {
                    List<String> let = new ArrayList<>();
                    for (Visitor visitor : who.values()) {
                        let.add(asked(visitor, method, address.getValue()));
                    }
                    lines.add(method + " " + address.getKey() + ": " + String.join(", ", let));
                }
            }
            Files.write(made, lines);
        }
        assertThat(Files.readString(made)).doesNotContain("failed");
        assertThat(made)
                .as("copy app/target/access.txt to src/test/resources, once every line of it is as it should be")
                .hasSameTextualContentAs(Path.of("src/test/resources/access.txt"));
    }

    /** Whether somebody is let in; who is, gets an answer and no failure. */
    private static String asked(Visitor visitor, String method, String address) throws Exception {
        HttpResponse<String> answer = method.equals("GET") ? visitor.get(address) : visitor.post(address);
        if (answer.statusCode() >= 500) {
            return "failed";
        }
        if (answer.statusCode() == 403) {
            return "no";
        }
        String to = answer.headers().firstValue("Location").orElse("");
        return to.endsWith("/login") || answer.body().contains("You were signed out") ? "sign in" : "yes";
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
