package joropo.app.watch;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.ui.Errors;
import joropo.core.leak.LeakKind;
import joropo.core.units.Length;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** Terms of a watch as they are typed, by field. */
final class TermsForm {
    private static final int DEFAULT_DAYS = 30;

    private TermsForm() {}

    static Map<String, String> of(LeakWatch w) {
        Map<String, String> out = new LinkedHashMap<>();
        out.put("area", w.area());
        out.put("walk", Integer.toString(w.walk()));
        out.put("every", Integer.toString(w.everyDays()));
        out.put("allowance", number(w.allowance()));
        out.put("document", w.document());
        out.put("bottleMl", number(w.bottleMl()));
        out.put("resolution", number(w.resolution()));
        out.put("shotG", number(w.shotG()));
        out.put("tank", w.rises() ? "RISES" : w.barrier() ? "BARRIER" : "");
        out.put("gas", w.gas() == null ? "" : w.gas() ? "GAS" : "LIQUID");
        out.put("regulated", Boolean.toString(w.regulated()));
        out.put("note", w.note());
        out.put("reader", w.readerName() == null ? "" : w.readerName());
        return out;
    }

    private static String number(@Nullable Double value) {
        String text = value == null ? "" : Length.show(value, 3);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    /** @param errors gets one sentence at each field that is refused */
    static WatchTerms read(Map<String, String> form, List<Person> people, Map<String, String> errors) {
        String tank = form.getOrDefault("tank", "");
        String gas = form.getOrDefault("gas", "");
        String reader = form.getOrDefault("reader", "").strip();
        return WatchTermsBuilder.builder()
                .area(form.getOrDefault("area", "").strip())
                .walk(whole("walk", form, 0, errors))
                .everyDays(whole("every", form, DEFAULT_DAYS, errors))
                .allowance(plain("allowance", form, errors))
                .document(form.getOrDefault("document", "").strip())
                .bottleMl(volume("bottleMl", form, errors))
                .resolution(plain("resolution", form, errors))
                .shotG(plain("shotG", form, errors))
                .rises(tank.equals("RISES"))
                .barrier(tank.equals("BARRIER"))
                .gas(gas.isEmpty() ? null : Boolean.valueOf(gas.equals("GAS")))
                .regulated(form.getOrDefault("regulated", "").equals("true"))
                .note(form.getOrDefault("note", "").strip())
                .readerId(people.stream()
                        .filter(p -> p.name().equals(reader))
                        .map(Person::id)
                        .findFirst()
                        .orElse(null))
                .build();
    }

    static @Nullable LeakKind kind(String name) {
        return Arrays.stream(LeakKind.values())
                .filter(k -> k.name().equals(name))
                .findFirst()
                .orElse(null);
    }

    private static @Nullable Double plain(String field, Map<String, String> form, Map<String, String> errors) {
        String text = form.getOrDefault(field, "").strip();
        try {
            return text.isEmpty() ? null : Double.valueOf(Quantity.plain(text, ""));
        } catch (RefusedInput e) {
            errors.put(field, Errors.sentence(e.errors().get(0).message()));
            return null;
        }
    }

    private static @Nullable Double volume(String field, Map<String, String> form, Map<String, String> errors) {
        String text = form.getOrDefault(field, "").strip();
        try {
            return text.isEmpty()
                    ? null
                    : Double.valueOf(Quantity.parse(text, Unit.ML).base());
        } catch (RefusedInput e) {
            errors.put(field, Errors.sentence(e.errors().get(0).message()));
            return null;
        }
    }

    private static int whole(String field, Map<String, String> form, int empty, Map<String, String> errors) {
        String text = form.getOrDefault(field, "").strip();
        if (text.isEmpty()) {
            return empty;
        }
        if (!text.matches("\\d{1,4}")) {
            errors.put(field, "Write a whole number.");
            return empty;
        }
        return Integer.parseInt(text);
    }
}
