package joropo.app.runs;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import joropo.app.JoropoApplication;
import joropo.app.Traffic;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.springframework.boot.builder.SpringApplicationBuilder;

/** What one keystroke costs at each stage: statements, transactions, bytes sent back. */
final class KeystrokeCost {
    /** One stage. */
    record Stage(String path, int statements, int transactions, int characters, int bytes) {}

    private record Typing(String job, String stage, String field, List<String> texts) {}

    /** Jobs of the demo that stand at, or have passed, each stage; two texts in turn, so that each is a change. */
    private static final List<Typing> TYPED = List.of(
            new Typing("26-0005", "intake", "since", List.of("a week", "a week or two")),
            new Typing("26-0005", "strip", "foundDepth", List.of("2.1", "2.15")),
            new Typing("26-0005", "measure", "shaftA1", List.of("44.91", "44.912")),
            new Typing("26-0004", "decide", "plannedDepth", List.of("1.1", "1.15")),
            new Typing("26-0003", "fit", "depth12", List.of("1.72", "1.725")),
            new Typing("26-0002", "set", "playMeasured", List.of("0.12", "0.125")),
            new Typing("26-0002", "prove", "proveNote", List.of("dry", "dry, warm")),
            new Typing("26-0002", "sign", "remark", List.of("good", "good so far")));

    private KeystrokeCost() {}

    /** Of the second of two keystrokes that follow each other, as somebody goes on typing. */
    static List<Stage> measure() throws IOException, InterruptedException {
        try (var application = new SpringApplicationBuilder(JoropoApplication.class, Traffic.class)
                .run("--server.port=0", "--joropo.data=" + Workshop.temporary("joropo-cost"), "--joropo.demo=true")) {
            String address = "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
            Visitor visitor = new Visitor(address).onScreen("SHEET").signIn("marisol");
            List<Stage> out = new ArrayList<>();
            for (Typing t : TYPED) {
                var sheet = new Sheet(visitor, t.job(), t.stage());
                sheet.type(t.field(), t.texts().get(0));
                Traffic.sinceLast();
                Sheet.Answer answer = sheet.type(t.field(), t.texts().get(1));
                Traffic.Count count = Traffic.sinceLast();
                out.add(new Stage(
                        t.stage(), count.statements(), count.transactions(), answer.characters(), answer.bytes()));
            }
            return out;
        }
    }
}
