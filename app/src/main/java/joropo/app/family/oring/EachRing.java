package joropo.app.family.oring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.family.JobFacts;
import joropo.app.family.Panel;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.ui.Field;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingSort;
import joropo.core.shaft.Side;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** For each ring of a joint that has no material yet what its own rules say the least against, to be taken at once. */
final class EachRing {
    private final JobFacts facts;

    EachRing(JobFacts facts) {
        this.facts = facts;
    }

    /** A text for a field. @param value as it is read */
    private record Put(Field<?> field, Object value, String text) {}

    /** One way to decide a ring. @param words as its chip reads */
    private record Way(String words, List<Put> puts) {
        Way with(@Nullable Put more) {
            return new Way(
                    words, Stream.concat(puts.stream(), Stream.ofNullable(more)).toList());
        }
    }

    /** Empty where fewer than two are open: each has its own list. */
    Optional<Panel.Option> best() {
        List<ReadFields> reads = facts.alike().reads();
        List<String> words = new ArrayList<>();
        List<String> take = new ArrayList<>();
        for (int i = 0; i < reads.size(); i++) {
            ReadFields read = reads.get(i);
            int index = i;
            best(i).ifPresent(way -> {
                words.add((index + 1) + " " + way.words());
                way.puts().forEach(p -> take.add(read.onSheet(p.field().name()) + "=" + p.text()));
            });
        }
        return words.size() < 2
                ? Optional.empty()
                : Optional.of(new Panel.Option(
                        0,
                        "for each ring its best",
                        String.join(", ", words),
                        "",
                        null,
                        String.join(";", take),
                        false));
    }

    private Optional<Way> best(int index) {
        ReadFields read = facts.alike().reads().get(index);
        RingWork work = new RingWork(at(index, read));
        return read.get(RingFields.MATERIAL) != null
                ? Optional.empty()
                : ways(work, read)
                        .min(Comparator.comparing(way -> against(index, read, way), EachRing::compare))
                        .map(way -> work.read().sort().isFaced() && read.get(RingFields.FACES) == null
                                ? facing(index, read, way)
                                : way);
    }

    /** With its way round, where one of the two is right and the other is not. */
    private Way facing(int index, ReadFields read, Way way) {
        Way in = facing(way, Side.IN);
        Way out = facing(way, Side.OUT);
        int worse = compare(against(index, read, in), against(index, read, out));
        return worse == 0 ? way : worse < 0 ? in : out;
    }

    private static Way facing(Way way, Side side) {
        return new Way(way.words() + " facing " + side.words(), way.puts())
                .with(new Put(RingFields.FACES, side, side.name()));
    }

    private static Stream<Way> ways(RingWork work, ReadFields read) {
        RingReads ring = work.read();
        RingSort sort = ring.sort();
        if (sort == RingSort.GUIDE) { // cut from its maker's strip
            return Stream.of(new Way("by its maker", List.of(put(RingFields.MATERIAL, RingMaterial.BY_MAKER))));
        }
        boolean hard = sort.isElastic() || sort == RingSort.U_CUP;
        Put size = read.get(RingFields.RING) != null
                ? null
                : work.firstSize().map(s -> new Put(RingFields.RING, s, s)).orElse(null);
        return RingMaterial.offers(ring.duty(), sort).stream().flatMap(offer -> {
            Way way = new Way(offer.code(), List.of(put(RingFields.MATERIAL, offer.code())))
                    .with(sort.isElastic() ? size : null);
            return hard
                    ? offer.hardnesses().stream().map(h -> new Way(offer.code() + " " + h, way.puts())
                            .with(new Put(RingFields.HARDNESS, Double.valueOf(h), Integer.toString(h))))
                    : sort == RingSort.SLIDE
                            ? RingMaterial.offers(ring.duty(), RingSort.O_RING).stream()
                                    .limit(1)
                                    .map(l -> new Way(offer.code() + " over " + l.code(), way.puts())
                                            .with(put(RingFields.LOADER_MATERIAL, l.code())))
                            : Stream.of(way);
        });
    }

    private static Put put(Field<String> field, String code) {
        return new Put(field, code, code);
    }

    /** How many of its findings are so, the worst first. */
    private List<Long> against(int index, ReadFields read, Way way) {
        ReadFields with = read;
        for (Put put : way.puts()) {
            with = with.with(put.field(), put.value());
        }
        List<Status> all = new RingWork(at(index, with))
                .findings().stream()
                        .filter(f -> f.stage() == Stage.DECIDE)
                        .map(f -> f.finding().status())
                        .toList();
        return Stream.of(Status.values())
                .map(s -> all.stream().filter(x -> x == s).count())
                .toList();
    }

    private static int compare(List<Long> a, List<Long> b) {
        return IntStream.range(0, a.size() - 1)
                .map(i -> Long.compare(a.get(i), b.get(i)))
                .filter(c -> c != 0)
                .findFirst()
                .orElse(0);
    }

    private JobFacts at(int index, ReadFields read) {
        JobFacts.Alike alike = facts.alike();
        List<ReadFields> reads = new ArrayList<>(alike.reads());
        reads.set(index, read);
        return new JobFacts(
                facts.position(),
                read,
                facts.log(),
                facts.stripped(),
                facts.sections(),
                new JobFacts.Alike(alike.name(), index, alike.keys(), List.copyOf(reads)));
    }
}
