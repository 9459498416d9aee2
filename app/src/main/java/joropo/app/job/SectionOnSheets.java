package joropo.app.job;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.WorkSection;
import joropo.app.section.BenchService;
import joropo.app.section.SectionChanges;
import joropo.app.ui.Field;
import joropo.app.ui.NotFound;
import joropo.core.section.AsFound;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import org.springframework.stereotype.Component;

/**
 * A section as the texts of a job's sheets: what a field asks for in that field, the rest on the decide sheet under a
 * name of the bench.
 */
@Component
class SectionOnSheets {
    /** Before the names of texts that no field asks for. */
    static final String BENCH = "bench-";

    /** Before the names of what a section that was kept beside the sheets had otherwise than what is typed. */
    private static final String OTHERWISE = "otherwise-";

    /** What the fields of a seal say of it. */
    private static final Set<String> SAID_OF_A_SEAL = Set.of(
            "fromMm", "widthMm", "toleranceMm", "outsideDiameterMm", "insideDiameterMm", "mainLip", "lipOffsetMm");

    private final SectionChanges changes;

    SectionOnSheets(BenchService bench) {
        this.changes = bench.changes();
    }

    /** What was arranged beyond the sheets, put on a section. @param sheet the decide sheet */
    UnaryOperator<Section> moved(Map<String, Typed> sheet) {
        Map<String, String> arranged = texts(sheet, BENCH);
        return arranged.isEmpty() ? UnaryOperator.identity() : s -> changes.on(s, arranged);
    }

    /** What was arranged beyond the fields, part by part. */
    static List<Snapshot.Line> lines(Map<String, Typed> sheet) {
        return SectionChanges.said(texts(sheet, BENCH)).entrySet().stream()
                .map(e -> new Snapshot.Line("arranged on the bench", e.getKey(), e.getValue(), "", List.of()))
                .toList();
    }

    /** Those under names with this before them, by what follows it. */
    private static Map<String, String> texts(Map<String, Typed> sheet, String before) {
        return sheet.entrySet().stream()
                .filter(e -> e.getKey().startsWith(before) && !e.getValue().isBlank())
                .collect(Collectors.toMap(e -> e.getKey().substring(before.length()), e -> e.getValue()
                        .text()));
    }

    /** What a section that was kept beside the sheets had otherwise: which of the two is right, somebody has to say. */
    static List<JobFinding> otherwise(Map<String, Typed> sheet) {
        return SectionChanges.said(texts(sheet, OTHERWISE)).entrySet().stream()
                .map(e -> new JobFinding(
                        Stage.DECIDE,
                        AsFound.keptOtherwise(e.getKey(), e.getValue()).withId(OTHERWISE + e.getKey())))
                .toList();
    }

    /**
     * The texts that make a section of this. @param before what it is now, @param all whether what its seals are is
     * said of all of them, @param follows what follows from texts
     */
    Map<Stage, Map<String, Typed>> written(
            Map<Stage, Map<String, Typed>> texts,
            Section before,
            Section wanted,
            boolean all,
            Function<Map<Stage, Map<String, Typed>>, JobWork> follows) {
        JobWork work = follows.apply(texts);
        Map<Stage, Map<String, Typed>> out = copy(texts);
        said(work, s -> s.asTexts(before, wanted, all))
                .forEach((stage, fields) -> fields.forEach(
                        (name, text) -> type(out.computeIfAbsent(stage, s -> new LinkedHashMap<>()), name, text)));
        Map<String, Typed> sheet = out.computeIfAbsent(Stage.DECIDE, s -> new LinkedHashMap<>());
        sheet.keySet().removeIf(n -> n.startsWith(BENCH) || n.startsWith(OTHERWISE));
        changes.between(section(follows.apply(out)).typed(), wanted)
                .forEach((name, change) -> sheet.put(BENCH + name, new Typed(change, null, List.of())));
        return out;
    }

    /** What of each item is said of a section, by the stage whose field asks for it. */
    Map<Stage, Map<String, String>> said(JobWork work, Function<WorkSection, Map<String, String>> asked) {
        Map<Stage, Map<String, String>> out = new EnumMap<>(Stage.class);
        work.items()
                .forEach(i -> i.work().section().ifPresent(s -> asked.apply(s).forEach((field, text) -> {
                    String name = i.item().prefix() + field;
                    stageOf(work, name).ifPresent(stage -> out.computeIfAbsent(stage, t -> new LinkedHashMap<>())
                            .put(name, text));
                })));
        return out;
    }

    private static Optional<Stage> stageOf(JobWork work, String name) {
        for (Stage stage : Stage.values()) {
            if (work.cards().fields(stage).map(Field::name).anyMatch(name::equals)) {
                return Optional.of(stage);
            }
        }
        return Optional.empty();
    }

    /** With a section that was kept beside the sheets: what somebody typed of its seals goes before it. */
    Map<Stage, Map<String, Typed>> older(
            Map<Stage, Map<String, Typed>> texts,
            Section kept,
            Function<Map<Stage, Map<String, Typed>>, JobWork> follows) {
        Section before = section(follows.apply(texts)).typed();
        Section wanted = changes.named(kept, before);
        Map<Stage, Map<String, Typed>> out = written(texts, before, wanted, true, follows);
        texts.forEach((stage, sheet) -> sheet.forEach((name, typed) -> {
            if (!typed.isBlank()) {
                out.get(stage).put(name, typed);
            }
        }));
        Map<String, Typed> sheet = out.get(Stage.DECIDE);
        sheet.keySet().removeIf(n -> n.startsWith(BENCH));
        JobWork work = follows.apply(out);
        Set<String> said = work.items().stream()
                .flatMap(i -> i.work().section().stream())
                .flatMap(s -> SAID_OF_A_SEAL.stream().map(f -> s.seal() + "-" + f))
                .collect(Collectors.toCollection(HashSet::new));
        said.add("entry-shaftDiameterMm");
        changes.between(section(work).typed(), wanted)
                .forEach((name, change) -> sheet.put(
                        (said.contains(name) ? OTHERWISE : BENCH) + name, new Typed(change, null, List.of())));
        return out;
    }

    static void type(Map<String, Typed> sheet, String name, String text) {
        sheet.put(name, sheet.getOrDefault(name, Typed.NOTHING).retyped(text, LengthUnit.MM));
    }

    static Map<Stage, Map<String, Typed>> copy(Map<Stage, Map<String, Typed>> texts) {
        Map<Stage, Map<String, Typed>> out = new EnumMap<>(Stage.class);
        texts.forEach((stage, sheet) -> out.put(stage, new LinkedHashMap<>(sheet)));
        return out;
    }

    static WorkSection section(JobWork work) {
        return work.main().section().orElseThrow(() -> new NotFound("section of this kind of job"));
    }
}
