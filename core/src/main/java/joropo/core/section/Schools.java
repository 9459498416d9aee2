package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.material.Dirt;
import joropo.core.section.BoreItem.Port;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/**
 * Where fitters differ: the outer seal of a pair, the seals round a space that is fed with grease. Each school is the
 * same section arranged its way and judged by the same direction rules; one of them is the usual one (guide).
 */
public final class Schools {
    private Schools() {}

    /**
     * One way of doing it.
     *
     * @param question what is differed about, @param words how this school does it, @param why what it is good for
     * @param asIs whether the section stands so, @param usual whether it is the usual one here, @param findings of the
     *     direction rules
     */
    public record School(
            String question,
            String words,
            String why,
            boolean asIs,
            boolean usual,
            Section section,
            Status verdict,
            List<Finding> findings) {
        public School {
            findings = List.copyOf(findings);
        }
    }

    /** Schools of every question that this section asks, question by question; none where it asks none. */
    /** @param limits what the kind of seal asks of the entry */
    public static List<School> of(Section section, SeatLimits limits) {
        var entry = new ArrangedParts(section, limits);
        List<School> out = new ArrayList<>();
        boolean fed = false;
        for (int i = 1; i < section.spaces().size() - 1; i++) {
            if (section.spaces().get(i).isFed()
                    && entry.sealing().get(i - 1) instanceof Seal outer
                    && entry.sealing().get(i) instanceof Seal inner) {
                out.addAll(withWhatStands(entry, greased(entry, i, outer, inner)));
                fed = true;
            }
        }
        if (!fed && entry.sealing().size() == 2 && entry.seals().size() == 2) {
            out.addAll(withWhatStands(entry, outer(entry, entry.seals().get(0))));
        }
        return out;
    }

    /** What stands here now is among them, whether a school teaches it or not. */
    private static List<School> withWhatStands(ArrangedParts parts, List<School> schools) {
        if (schools.stream().anyMatch(School::asIs)) {
            return schools;
        }
        List<School> out = new ArrayList<>(schools);
        out.add(school(
                schools.get(0).question(),
                "what stands here now",
                "no school teaches it: see what is found against it",
                parts,
                parts.section(),
                false));
        return out;
    }

    private static List<School> outer(ArrangedParts parts, Seal outer) {
        Section section = parts.section();
        Side usual = section.outside().dirt() == Dirt.CLEAN ? Side.IN : Side.OUT;
        return List.of(
                school(
                        "outer seal of the pair",
                        "outer seal outward",
                        "keeps dirt out of the pair",
                        parts,
                        facing(section, outer, Side.OUT),
                        usual == Side.OUT),
                school(
                        "outer seal of the pair",
                        "outer seal inward",
                        "a second stop for what is inside",
                        parts,
                        facing(section, outer, Side.IN),
                        usual == Side.IN));
    }

    /** A hand gun and an automatic feed want a turned lip; metered shots, or a port that lets grease out, do not. */
    private static List<School> greased(ArrangedParts parts, int number, Seal outer, Seal inner) {
        Section section = parts.section();
        boolean port = parts.items(Port.class)
                .anyMatch(p -> parts.spaceAt((p.fromMm() + p.toMm()) / 2) == number
                        && (p.kind() == Port.Kind.RELIEF || p.kind() == Port.Kind.DRAIN));
        GreaseFeed feed = section.spaces().get(number).greaseFeed();
        boolean turn = !port && feed != GreaseFeed.METERED;
        String question = "greased space " + number;
        Section kept = facing(section, inner, Side.OUT);
        return List.of(
                school(
                        question,
                        "both lips to the grease",
                        "holds the grease best; few strokes",
                        parts,
                        facing(kept, outer, Side.IN),
                        !turn),
                school(
                        question,
                        "outer lip turned outward",
                        "old grease leaves with the dirt; stands over-filling",
                        parts,
                        facing(kept, outer, Side.OUT),
                        turn));
    }

    private static Section facing(Section section, Seal seal, Side side) {
        Seal now = section.seals().stream()
                .filter(s -> s.id().equals(seal.id()))
                .findFirst()
                .orElseThrow();
        return now.mainLip() == side ? section : section.replacing(now, now.turned());
    }

    private static School school(
            String question, String words, String why, ArrangedParts asIs, Section arranged, boolean usual) {
        List<Finding> findings = direction(arranged, asIs.limits());
        return new School(
                question, words, why, arranged.equals(asIs.section()), usual, arranged, worst(findings), findings);
    }

    /** The direction rules but the one that compares schools. */
    static List<Finding> direction(Section section, SeatLimits limits) {
        return SectionCheck.direction(new ArrangedParts(section, limits));
    }

    /** The worst of them; what is not read speaks against no school. */
    static Status worst(List<Finding> findings) {
        return findings.stream()
                .map(Finding::status)
                .filter(s -> s != Status.MISSING)
                .reduce(PASS, Status::worse);
    }
}
