package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.family.Card;
import joropo.app.family.Card.Shape;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.family.Typed;

/** The joints of a job that are tightened, each with cards of its own; there is always one more to begin. */
final class Joints {
    private static final int MOST = 6;
    private static final Card BOLTS = Card.of(
            "bolts",
            "Bolts",
            Shape.LIST,
            CommonFields.BOLTS,
            CommonFields.BOLT_TORQUE,
            CommonFields.FIGURE_FOR,
            CommonFields.THREADS,
            CommonFields.LOCKING);
    private static final Card MORE = Card.of(
                    "locking",
                    "More about these bolts",
                    Shape.LIST,
                    CommonFields.JOINT,
                    CommonFields.TORQUE_UNIT,
                    CommonFields.LEFT_HAND,
                    CommonFields.THREAD,
                    CommonFields.BOLT_CLASS,
                    CommonFields.CLAMPED,
                    CommonFields.WRENCH_LENGTH,
                    CommonFields.EXTENSION,
                    CommonFields.TIGHTEN_BEFORE,
                    CommonFields.TRIAL_SEATING,
                    CommonFields.TO_MARK,
                    CommonFields.NEW_FASTENERS,
                    CommonFields.LOCKING_WAY,
                    CommonFields.LOCK_LINED,
                    CommonFields.HELD_AGAINST,
                    CommonFields.IMPACT)
            .fold();

    private Joints() {}

    /** Before the names of its fields: empty for the first. @param number from 1 */
    private static String prefix(int number) {
        return number == 1 ? "" : "t" + number + "-";
    }

    /** Keys of those of which something was typed, and of one more. @param texts by name of the field */
    static List<String> keys(Map<String, Typed> texts) {
        int used = 1;
        for (int n = 2; n <= MOST; n++) {
            String prefix = prefix(n);
            if (texts.entrySet().stream()
                    .anyMatch(
                            e -> e.getKey().startsWith(prefix) && !e.getValue().isBlank())) {
                used = n;
            }
        }
        List<String> out = new ArrayList<>();
        for (int n = 1; n <= Math.min(MOST, used + 1); n++) {
            out.add(prefix(n));
        }
        return out;
    }

    static List<Card> cards(List<String> keys) {
        List<Card> out = new ArrayList<>();
        for (String key : keys) {
            String which = key.isEmpty() ? "" : ", joint " + key.substring(1, key.length() - 1);
            Card bolts = BOLTS.under(key).titled(BOLTS.title() + which);
            out.add(key.isEmpty() ? bolts : bolts.fold());
            out.add(MORE.under(key).titled(MORE.title() + which));
        }
        return out;
    }

    /** What was typed of one of them. */
    static ReadFields read(ReadFields read, String key) {
        return read.under(key, key);
    }

    /** What people call it. */
    static String name(ReadFields ofJoint, String key) {
        String name = ofJoint.get(CommonFields.JOINT);
        return name != null ? name : key.isEmpty() ? "" : "joint " + key.substring(1, key.length() - 1);
    }
}
