package joropo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.app.family.Stage;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Companions;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.plan.Reuse;
import org.jspecify.annotations.Nullable;

/**
 * The parts list of a job: what was listed before the machine was opened, what taking apart destroyed, what the plan
 * needs.
 */
final class JobParts {
    private JobParts() {}

    /** Every line once. What the plan says of a part goes before what was listed of it by hand. */
    static List<PartLine> of(JobState state, JobWork work) {
        Map<String, Part> parts = new LinkedHashMap<>();
        state.beside().parts().listed().forEach(p -> parts.put(p.part(), p.asPart()));
        work.parts().forEach(p -> parts.put(p.id(), p));
        destroyed(state, parts).forEach(p -> parts.putIfAbsent(p.id(), p));
        Map<String, PartEntry> decided = state.beside().parts().decided().stream()
                .collect(Collectors.toMap(PartEntry::part, Function.identity()));
        Map<String, ListedPart> listed = state.beside().parts().listed().stream()
                .collect(Collectors.toMap(ListedPart::part, Function.identity()));
        return parts.values().stream()
                .map(p -> new PartLine(
                        p,
                        listed.containsKey(p.id()) && listed.get(p.id()).stage() == Stage.INTAKE,
                        decided.get(p.id())))
                .toList();
    }

    /**
     * What came off and does not go back, by kind: as many as came off, less those that are on the list already, such
     * as the seals of the plan. What came off one item bit by bit is one.
     */
    private static List<Part> destroyed(JobState state, Map<String, Part> there) {
        var stripped = new Stripped(state.items(), state.beside().order());
        Map<PartKind, Set<String>> gone = state.beside().log().stream()
                .filter(s -> s.kind().after() == PartKind.After.RENEWED && s.kind() != PartKind.SEALANT)
                .filter(s -> s.back() != StripPart.Back.LEFT_OUT)
                .collect(Collectors.groupingBy(
                        StripPart::kind,
                        TreeMap::new,
                        Collectors.mapping(
                                s -> stripped.itemOf(s).map(Stripped::key).orElseGet(() -> Stripped.key(s)),
                                Collectors.toSet())));
        List<Part> out = new ArrayList<>();
        gone.forEach((kind, keys) -> {
            int more = keys.size()
                    - there.values().stream()
                            .filter(p -> p.kind() == kind)
                            .mapToInt(Part::count)
                            .sum();
            if (more > 0) {
                out.add(new Part(
                        "strip-" + kind.name().toLowerCase(Locale.ROOT),
                        more,
                        kind,
                        kind.words(),
                        "",
                        null,
                        "taking it off destroyed it, or it serves once",
                        kind.together()));
            }
        });
        return out;
    }

    /**
     * What may be put on the list with one tap: the seal that was fitted here last, what removal destroys, what is
     * renewed while the machine is open.
     */
    static List<Part> proposals(JobState state, List<PartLine> lines) {
        List<Part> out = new ArrayList<>();
        for (ListsMapper.LastSeal last : state.beside().earlier().last()) {
            PartKind kind = state.job().kind();
            String prefix = new JobItem(last.item(), kind, "", null).prefix();
            out.add(new Part(
                    prefix + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    1,
                    kind,
                    kind.words() + " " + last.seal(),
                    last.size(),
                    last.material(),
                    "as fitted in job " + last.jobNumber(),
                    kind.together()));
        }
        out.addAll(Companions.all());
        return out.stream()
                .filter(p -> lines.stream().noneMatch(l -> l.part().id().equals(p.id())))
                .toList();
    }

    /** The line of a part; absent when it is on no list. */
    static @Nullable PartLine line(List<PartLine> lines, String id) {
        return lines.stream().filter(l -> l.part().id().equals(id)).findFirst().orElse(null);
    }

    /** Names of lines that nobody has settled. */
    static String names(List<PartLine> open) {
        return open.stream().map(l -> l.part().name()).collect(Collectors.joining("; "));
    }

    /**
     * Why an old part does not go back. @param inspection what was looked at and seen, blank: nobody wrote it, @return
     * empty: it may
     */
    static Optional<String> noWayBack(JobState state, JobWork work, StripPart part, String inspection) {
        if (part.kind() == PartKind.SLEEVE && work.renewsSleeve()) {
            return Optional.of("counts as destroyed: a new one goes on");
        }
        List<PartLine> laidOut = of(state, work).stream()
                .filter(l -> l.part().kind() == part.kind().whole())
                .filter(l -> l.state() == PartState.NEW && l.isSettled())
                .toList();
        JobItem item =
                new Stripped(state.items(), state.beside().order()).itemOf(part).orElse(null);
        if (part.kind() != PartKind.LIP_SEAL
                && laidOut.stream().anyMatch(l -> work.itemOf(l.part().id()).equals(item))) {
            return Optional.of("has no place: a new one is laid out for it");
        }
        int seals = work.main().section().map(w -> w.planned().seals().size()).orElse(0);
        int newOnes = laidOut.stream().mapToInt(l -> l.part().count()).sum();
        return Reuse.refused(part.kind(), inspection, seals, newOnes, foundState(work, part, item));
    }

    /** How an old seal came out: as noted of it, and as its item's sheet has it. */
    private static String foundState(JobWork work, StripPart part, @Nullable JobItem item) {
        String typed = work.items().stream()
                .filter(i -> i.item().equals(item))
                .findFirst()
                .flatMap(i -> i.work().foundState())
                .orElse("");
        return part.text(StripPart.CONDITION) + " " + typed;
    }
}
