package joropo.app.ui;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import joropo.core.units.RefusedInput;

/** Refusals as a page needs them: one sentence a field. */
public final class Errors {
    private Errors() {}

    public static Map<String, String> byField(RefusedInput refused) {
        Map<String, String> out = new LinkedHashMap<>();
        refused.errors().forEach(e -> out.putIfAbsent(e.field(), sentence(e.message())));
        return out;
    }

    /** The first letter large, a full stop at the end. */
    public static String sentence(String message) {
        String head = message.substring(0, 1).toUpperCase(Locale.ROOT) + message.substring(1);
        return head.matches("(?s).*[.?…]$") ? head : head + ".";
    }
}
