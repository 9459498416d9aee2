package joropo.app.check;

import java.util.List;
import java.util.Map;
import joropo.app.check.OpenJobs.OpenJob;
import joropo.app.ui.FormField;
import org.jspecify.annotations.Nullable;

/**
 * A quick check as its page shows it.
 *
 * @param result absent while nothing was typed or something is wrong, @param query the link's end that holds what was
 *     typed
 * @param example the same of made-up figures that show what the check does; empty: there is none
 * @param jobs open jobs that it may be taken into; empty where nothing goes into a job
 */
public record QuickView(
        QuickForm form,
        List<GroupView> groups,
        Map<String, String> errors,
        @Nullable QuickResult result,
        String query,
        String example,
        List<OpenJob> jobs) {
    /** Fields that belong together. */
    public record GroupView(String title, boolean folded, List<FormField> fields) {}

    /** What is still needed before anything can be said. */
    public List<String> missing() {
        return groups.stream()
                .flatMap(g -> g.fields().stream())
                .filter(f -> f.needed() && f.text().isBlank())
                .map(FormField::label)
                .toList();
    }

    public String path() {
        return form.path();
    }

    public String title() {
        return form.title();
    }

    public String purpose() {
        return form.purpose();
    }

    public String caution() {
        return form.caution();
    }
}
