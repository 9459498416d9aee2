package joropo.app.today;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import joropo.app.job.JobLine;
import joropo.app.job.JobService;
import joropo.app.register.Machine;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.store.StoreService;
import joropo.app.today.FindMapper.Hit;
import joropo.app.ui.Paged;
import joropo.core.material.Elastomer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds anything by words of it: every word has to be there, the last letters may be left out. */
@Service
public class FindService {
    private static final int MOST = 20;
    /** Jobs of one page: each with the words that were read there. */
    private static final int PAGE = 12;

    /** What lies beyond is not counted: "more than five hundred" says enough. */
    private static final int MOST_COUNTED = 500;

    /** A beginning that more words have is looked up as it is. */
    private static final int MOST_WORDS = 25;

    private static final Pattern PLAIN_WORD = Pattern.compile("[\\p{L}\\p{N}]+");
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
    private static final Pattern CODE = Pattern.compile("\\b[A-Z][A-Z_]{2,}\\b");
    private static final Set<String> MATERIALS =
            Elastomer.all().stream().map(Elastomer::code).collect(Collectors.toUnmodifiableSet());

    private final FindMapper finder;
    private final JobService jobs;
    private final RegisterService register;
    private final StoreService store;

    FindService(FindMapper finder, JobService jobs, RegisterService register, StoreService store) {
        this.finder = finder;
        this.jobs = jobs;
        this.register = register;
        this.store = store;
    }

    /**
     * What was found, the newest first. @param jobs one page of them, @param where what was read there, by job number
     */
    public record Found(
            Paged<JobLine> jobs,
            Map<String, String> where,
            List<Position> positions,
            List<Machine> machines,
            List<StoreService.Shelved> lots) {
        static final Found NOTHING =
                new Found(new Paged<>(List.of(), 1, 1, 0, PAGE), Map.of(), List.of(), List.of(), List.of());

        public boolean isEmpty() {
            return jobs.total() == 0 && positions.isEmpty() && machines.isEmpty() && lots.isEmpty();
        }

        /** Whether there are more words of jobs than are counted. */
        public boolean isMoreThanCounted() {
            return jobs.total() > MOST_COUNTED;
        }
    }

    /** @param page of the jobs, from 1 */
    @Transactional(readOnly = true)
    public Found find(String asked, int page) {
        List<Hit> things = finder.things(query(asked, FindService::begun), MOST);
        String query = query(asked, this::whole);
        Paged<Hit> hits = Paged.of(
                page, finder.count(query, MOST_COUNTED + 1), PAGE, (most, after) -> finder.find(query, most, after));
        Map<String, String> where = new LinkedHashMap<>();
        hits.shown().forEach(h -> where.putIfAbsent(h.place(), readable(h.snippet())));
        return new Found(
                new Paged<>(jobs.ofNumbers(List.copyOf(where.keySet())), hits.page(), hits.asked(), hits.total(), PAGE),
                where,
                positions(things),
                ids(things, "MACHINE").stream()
                        .map(register::machine)
                        .flatMap(Optional::stream)
                        .toList(),
                ids(things, "LOT").stream().map(store::lot).toList());
    }

    /** Positions with these words, of themselves, of their machine or of what was noted there. */
    @Transactional(readOnly = true)
    public List<Position> positions(String asked) {
        return positions(finder.things(query(asked, FindService::begun), MOST));
    }

    private List<Position> positions(List<Hit> things) {
        return ids(things, "POSITION", "NOTE").stream()
                .map(register::position)
                .flatMap(Optional::stream)
                .toList();
    }

    /** What was chosen on a sheet is kept as a code; here it reads as words. */
    private static String readable(String snippet) {
        return CODE.matcher(snippet)
                .replaceAll(m -> MATERIALS.contains(m.group())
                        ? m.group()
                        : m.group().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    private static List<Long> ids(List<Hit> hits, String... kinds) {
        return hits.stream()
                .filter(h -> List.of(kinds).contains(h.kind()))
                .map(h -> Long.valueOf(h.place()))
                .distinct()
                .limit(MOST)
                .toList();
    }

    private static String query(String asked, UnaryOperator<String> word) {
        return Arrays.stream(asked.split("\\s+")).map(word).collect(Collectors.joining(" AND "));
    }

    /** In quotes, so that nothing in it means something to the search. */
    private static String begun(String word) {
        return "\"" + word.replace("\"", "\"\"") + "\"*";
    }

    /**
     * The whole words that begin so. Each is read as far as is shown; of a beginning everything is gathered that was
     * ever written with it.
     */
    private String whole(String word) {
        String start = ACCENTS.matcher(Normalizer.normalize(word, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        List<String> words = PLAIN_WORD.matcher(start).matches() ? finder.words(start, MOST_WORDS) : List.of();
        return words.isEmpty() || words.size() == MOST_WORDS
                ? begun(word)
                : words.stream().map(w -> "\"" + w + "\"").collect(Collectors.joining(" OR ", "(", ")"));
    }
}
