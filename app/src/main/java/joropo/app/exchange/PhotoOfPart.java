package joropo.app.exchange;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/** The photo that a note on a part names: in a file by its place among those of the job, from 1. */
final class PhotoOfPart {
    private static final String PHOTO = "photo";

    private PhotoOfPart() {}

    /** @param texts of the note, @param numbers what its photo is to be called by what it is called; else it goes */
    static String named(String texts, Map<Long, ? extends Number> numbers) {
        ObjectNode note = (ObjectNode) ShopOut.JSON.readTree(texts);
        String photo = note.path(PHOTO).asString("");
        if (photo.isEmpty()) {
            return texts;
        }
        Number number = photo.matches("\\d{1,18}") ? numbers.get(Long.valueOf(photo)) : null;
        return ShopOut.JSON.writeValueAsString(with(note, number));
    }

    private static ObjectNode with(ObjectNode note, @Nullable Number number) {
        if (number == null) {
            note.remove(PHOTO);
        } else {
            note.put(PHOTO, number.toString());
        }
        return note;
    }
}
