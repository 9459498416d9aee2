package joropo.app.family;

import java.util.List;
import joropo.app.ui.Figure;
import joropo.app.ui.StatusMark;
import org.jspecify.annotations.Nullable;

/** What a stage offers or shows under one of its cards: one fragment of the page for each kind. */
public sealed interface Panel {
    /** Unique on its stage. */
    String id();

    /** The card it stands under. */
    String card();

    /** As it stands on a page with other items. @param prefix that tells its item apart, empty for the first */
    Panel under(String prefix);

    /**
     * Things of which one may be taken.
     *
     * @param heading empty: none, @param chips whether each is its words alone, side by side
     * @param more how many of the last are folded away
     */
    record Choices(String id, String card, String heading, boolean chips, List<Option> options, int more)
            implements Panel {
        public Choices {
            options = List.copyOf(options);
        }

        public List<Option> shown() {
            return options.subList(0, options.size() - more);
        }

        public List<Option> folded() {
            return options.subList(options.size() - more, options.size());
        }

        @Override
        public Choices under(String prefix) {
            return new Choices(
                    prefix + id,
                    prefix + card,
                    heading,
                    chips,
                    options.stream().map(o -> o.under(prefix)).toList(),
                    more);
        }
    }

    /**
     * One of them.
     *
     * @param rank among its like, 0: not ranked, @param note reasons, or where it is listed, @param conditions opened
     *     on demand, empty: none
     * @param take what its button sends, {@code field=text} pairs parted by semicolons; empty: it cannot be taken
     * @param sign absent where nothing is judged
     */
    record Option(
            int rank,
            String words,
            String note,
            String conditions,
            @Nullable StatusMark sign,
            String take,
            boolean taken) {
        Option under(String prefix) {
            String own = take.isEmpty() ? "" : prefix + take.replace(";", ";" + prefix);
            return new Option(rank, words, note, conditions, sign, own, taken);
        }
    }

    /** Lines under a heading. @param fold whether it is closed until asked for, @param note below them, empty: none */
    record Listing(String id, String card, String heading, Fold fold, List<Line> lines, String note) implements Panel {
        public Listing {
            lines = List.copyOf(lines);
        }

        @Override
        public Listing under(String prefix) {
            return new Listing(prefix + id, prefix + card, heading, fold, lines, note);
        }
    }

    /** Whether a listing can be folded, and how it begins. */
    enum Fold {
        NONE,
        OPEN,
        CLOSED
    }

    /**
     * One line. @param figure beside its head, empty: none, @param word that stands out, empty: none, @param cautions
     * what can hurt, @param sign absent where nothing is judged
     */
    record Line(
            @Nullable StatusMark sign, String head, String figure, String word, String text, List<String> cautions) {}

    /**
     * A picture with its figures. @param svg empty while there is nothing to draw, @param file its name as a file,
     * empty: none
     */
    record Image(String id, String card, String svg, List<Figure> figures, String file) implements Panel {
        public Image {
            figures = List.copyOf(figures);
        }

        @Override
        public Image under(String prefix) {
            return new Image(prefix + id, prefix + card, svg, figures, file.isEmpty() ? "" : prefix + file);
        }
    }

    /** Something to look at next. @param field it is answered in, empty: nothing is left to look at */
    record Question(String id, String card, String words, String check, String field) implements Panel {
        @Override
        public Question under(String prefix) {
            return new Question(prefix + id, prefix + card, words, check, field.isEmpty() ? "" : prefix + field);
        }
    }

    /** The way to a screen of its own. @param href as from a sheet of the job */
    record Link(String id, String card, String words, String href) implements Panel {
        @Override
        public Link under(String prefix) {
            return new Link(prefix + id, prefix + card, words, href);
        }
    }

    /** One sentence, empty: nothing to say. @param soft whether it stays in the background */
    record Note(String id, String card, String text, boolean soft) implements Panel {
        @Override
        public Note under(String prefix) {
            return new Note(prefix + id, prefix + card, text, soft);
        }
    }
}
