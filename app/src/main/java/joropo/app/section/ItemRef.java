package joropo.app.section;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * One thing of a section that can be taken in hand: the entry itself, or one item of one of its lists.
 *
 * @param list letter of the list: b parts of the bore, s of the shaft, p spaces, j joints, c clock marks, e the
 *     entry, @param index in that list
 */
record ItemRef(char list, int index) {
    static final ItemRef ENTRY = new ItemRef('e', 0);

    private static final Pattern WRITTEN = Pattern.compile("([bspjc])(\\d{1,3})(?:@(.+))?");

    /**
     * The entry where the text names nothing that is there. A part of the bore that bears a name is found by it,
     * wherever it stands by now, such as {@code b2@w1}.
     */
    static ItemRef of(@Nullable String text, Section section) {
        Matcher written = WRITTEN.matcher(text == null ? "" : text);
        if (!written.matches()) {
            return ENTRY;
        }
        var key = new ItemRef(written.group(1).charAt(0), Integer.parseInt(written.group(2)));
        String name = written.group(3);
        if (key.list == 'b' && name != null) {
            for (int i = 0; i < section.boreItems().size(); i++) {
                if (name.equals(section.boreItems().get(i).id())) {
                    return new ItemRef('b', i);
                }
            }
        }
        return key.index < key.size(section) ? key : ENTRY;
    }

    /** The same of a section in which it may not stand any more. */
    ItemRef in(Section section) {
        return list == 'e' || index < size(section) ? this : ENTRY;
    }

    /** The name of the part that it is; empty for what bears none. */
    String name(Section section) {
        return list == 'b'
                ? Objects.requireNonNullElse(section.boreItems().get(index).id(), "")
                : "";
    }

    private int size(Section section) {
        return switch (list) {
            case 'b' -> section.boreItems().size();
            case 's' -> section.shaftItems().size();
            case 'p' -> section.spaces().size();
            case 'j' -> section.joints().size();
            default -> section.clockMarks().size();
        };
    }

    /** Name of its list in the JSON of a section. */
    String property() {
        return switch (list) {
            case 'b' -> "boreItems";
            case 's' -> "shaftItems";
            case 'p' -> "spaces";
            case 'j' -> "joints";
            default -> "clockMarks";
        };
    }

    /** What it is called on the page. */
    String words(Section section) {
        return switch (list) {
            case 'b' -> {
                BoreItem item = section.boreItems().get(index);
                yield item.words() + (item.id() == null ? "" : " " + item.id());
            }
            case 's' -> section.shaftItems().get(index).words();
            case 'p' -> index == 0 ? "outside" : index == section.spaces().size() - 1 ? "inside" : "space " + index;
            case 'j' -> section.joints().get(index).kind().words();
            case 'c' -> "clock mark";
            default -> "the entry";
        };
    }

    @Override
    public String toString() {
        return list == 'e' ? "e" : list + String.valueOf(index);
    }
}
