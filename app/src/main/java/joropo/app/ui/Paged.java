package joropo.app.ui;

import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import org.springframework.ui.Model;

/**
 * One page of a long list, with how many there are in all.
 *
 * @param shown of this page, @param page from 1, @param asked page that was asked for, which may lie beyond the last
 * @param total of all pages, @param size how many a page holds
 */
public record Paged<T>(List<T> shown, int page, int asked, long total, int size) {
    public static final int SIZE = 25;
    /** Name of the page that was asked for, in the model of every page. */
    public static final String ASKED = "askedPage";

    /** @param read of so many after so many, @param asked from 1; beyond the end it is the last */
    public static <T> Paged<T> of(int asked, long total, BiFunction<Integer, Integer, List<T>> read) {
        return of(asked, total, SIZE, read);
    }

    /** @param size how many a page holds */
    public static <T> Paged<T> of(int asked, long total, int size, BiFunction<Integer, Integer, List<T>> read) {
        int page = (int) Math.max(1, Math.min(asked, pages(total, size)));
        return new Paged<>(total == 0 ? List.of() : read.apply(size, (page - 1) * size), page, asked, total, size);
    }

    /** The page that somebody asked for. */
    public static int asked(Model model) {
        return (Integer) Objects.requireNonNullElse(model.getAttribute(ASKED), 1);
    }

    /** Of a list that is at hand as a whole. */
    public static <T> Paged<T> of(int asked, List<T> all) {
        return of(asked, all.size(), (size, after) -> all.subList(after, Math.min(all.size(), after + size)));
    }

    private static long pages(long total, int size) {
        return (total + size - 1) / size;
    }

    public long pages() {
        return pages(total, size);
    }

    public boolean isBeyond() {
        return asked > page;
    }
}
