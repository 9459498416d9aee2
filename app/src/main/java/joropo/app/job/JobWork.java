package joropo.app.job;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import joropo.app.family.Families;
import joropo.app.family.JobFacts;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.Work;
import joropo.app.register.Position;
import joropo.app.settings.Shop;
import joropo.app.ui.Errors;
import joropo.app.ui.Figure;
import joropo.app.ui.SymptomFields;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from the sheets of a job: each item's family is asked, and what they say is merged. What an
 * item says bears its prefix, so that two of a kind stay apart.
 */
final class JobWork {
    private record ItemWork(JobItem item, Work work) {
        List<JobFinding> findings() {
            return item.prefix().isEmpty()
                    ? work.findings()
                    : work.findings().stream()
                            .map(f -> new JobFinding(f.stage(), f.finding().ofItem(item.prefix(), item.name())))
                            .toList();
        }
    }

    private final JobCards cards;
    private final ReadFields read;
    private final List<ItemWork> items;
    private final CommonWork common;
    private final List<JobFinding> findings;
    private final Map<String, String> errors;

    private JobWork(
            Position position,
            List<JobItem> all,
            Map<String, Typed> texts,
            JobFacts.Arranged arranged,
            Shop shop,
            Families families) {
        cards = new JobCards(all, families);
        read = ReadFields.of(cards.fields(), texts, shop);
        items = all.stream()
                .map(i -> new ItemWork(
                        i,
                        families.need(i.kind())
                                .evaluate(new JobFacts(
                                        position,
                                        read.under(i.prefix()),
                                        i.number() == 1 ? arranged : JobFacts.Arranged.NONE))))
                .toList();
        Set<String> absent = answered(SymptomFields.ABSENT);
        Set<String> symptoms = answered(SymptomFields.SEEN);
        items.stream()
                .flatMap(i -> i.work().symptoms().stream())
                .filter(s -> !absent.contains(s))
                .forEach(symptoms::add);
        common = new CommonWork(read, symptoms, absent);
        findings = Stream.concat(common.findings().stream(), items.stream().flatMap(i -> i.findings().stream()))
                .sorted(Comparator.comparing(JobFinding::stage))
                .toList();
        errors = merged();
    }

    /**
     * @param texts by stage and name of the field, @param shop whose gauges, drivers, fluids and materials they may
     *     name
     */
    static JobWork of(
            Position position,
            List<JobItem> items,
            Map<Stage, Map<String, Typed>> texts,
            JobFacts.Arranged arranged,
            Shop shop,
            Families families) {
        Map<String, Typed> all = new HashMap<>();
        texts.values().forEach(all::putAll);
        return new JobWork(position, items, all, arranged, shop, families);
    }

    private Set<String> answered(String answer) {
        Set<String> out = new LinkedHashSet<>();
        items.forEach(i -> out.addAll(SymptomFields.answered(read.under(i.item().prefix())::get, answer)));
        return out;
    }

    private Map<String, String> merged() {
        Map<String, String> out = new LinkedHashMap<>(read.errors());
        common.errors().forEach((field, message) -> out.putIfAbsent(field, Errors.sentence(message)));
        items.forEach(i -> i.work()
                .errors()
                .forEach((field, message) ->
                        out.putIfAbsent(read.under(i.item().prefix()).onSheet(field), Errors.sentence(message))));
        return out;
    }

    JobCards cards() {
        return cards;
    }

    ReadFields read() {
        return read;
    }

    /** What follows for what the job was opened for. */
    Work main() {
        return items.get(0).work();
    }

    List<JobFinding> findings() {
        return findings;
    }

    /** Findings up to a stage, worst first; within one state in working order. */
    List<JobFinding> findingsTo(Stage stage) {
        return findings.stream()
                .filter(f -> f.stage().compareTo(stage) <= 0)
                .sorted(Comparator.comparing(JobFinding::status).thenComparing(f -> f.stage() == stage ? 0 : 1))
                .toList();
    }

    /** The worst of one stage. */
    Status verdict(Stage stage) {
        return Finding.worst(findings.stream()
                .filter(f -> f.stage() == stage)
                .map(JobFinding::finding)
                .toList());
    }

    /** By name of the field. */
    Map<String, String> errors() {
        return errors;
    }

    /** What has to be typed before a stage is kept, by name of the field: in words what is missing. */
    Map<String, String> wanted(Stage stage) {
        Map<String, String> out = new LinkedHashMap<>(common.wanted(stage));
        items.forEach(i -> i.work()
                .wanted(stage)
                .forEach((field, message) ->
                        out.put(read.under(i.item().prefix()).onSheet(field), message)));
        return out;
    }

    /** Why it leaks; absent while nobody has looked. */
    @Nullable
    DiagnosisResult diagnosis() {
        return common.diagnosis();
    }

    /** How the bolts are tightened; absent while nobody has said. */
    @Nullable
    TorquePlanResult torque() {
        return common.torque();
    }

    /** Steps of the plan; none before something is decided. */
    List<Step> plan() {
        return Step.merged(items.stream()
                .map(i -> i.work().plan().stream()
                        .map(s -> s.under(i.item().prefix()))
                        .toList())
                .toList());
    }

    /** Items for which nothing is decided that a plan could be made from, by name. */
    List<String> undecided() {
        return items.stream()
                .filter(i -> i.work().plan().isEmpty())
                .map(i -> i.item().name())
                .toList();
    }

    /** What has to be in hand. */
    List<Part> parts() {
        return items.stream()
                .flatMap(
                        i -> i.work().parts().stream().map(p -> p.under(i.item().prefix())))
                .toList();
    }

    /** What was computed from the readings of a card. @param card as it stands on the sheet */
    List<Figure> figures(String card) {
        return items.stream()
                .filter(i -> card.startsWith(i.item().prefix()))
                .flatMap(i -> i.work().figures(card.substring(i.item().prefix().length())).stream())
                .toList();
    }

    /** What a stage offers and shows beside its fields, each under its card. */
    List<Panel> panels(Stage stage) {
        return items.stream()
                .flatMap(i -> i.work().panels(stage).stream()
                        .map(p -> p.under(i.item().prefix())))
                .toList();
    }

    /** Closed cards that something typed asks for. */
    List<String> asks() {
        return items.stream()
                .flatMap(i -> i.work().asks().stream().map(c -> i.item().prefix() + c))
                .toList();
    }

    /** Cards that stay closed while nothing calls for them. */
    List<String> idle() {
        return items.stream()
                .flatMap(i -> i.work().idle().stream().map(c -> i.item().prefix() + c))
                .toList();
    }

    /** Whether what follows the stripping may be kept: all three ticked, or a written reason. */
    boolean madeSafe() {
        return findings.stream()
                .filter(f -> f.finding().id().equals("safe"))
                .noneMatch(f -> f.status() == Status.MISSING);
    }
}
