package joropo.app.check;

import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.settings.Shop;

/** A check that has a page of its own: one bean each, beside its family. */
public interface QuickCheck extends CheckKind {
    QuickForm form();

    /**
     * @param values by field, as read; what was not typed is not there. @throws joropo.core.units.RefusedInput naming
     *     the fields that cannot be judged
     */
    QuickResult run(Map<String, Object> values, Shop shop);

    /**
     * What it brings into a job: texts by field of the job's sheets.
     *
     * @param values as read, @param texts as typed
     */
    default Map<String, String> intoJob(Map<String, Object> values, Map<String, String> texts) {
        Map<String, String> out = new LinkedHashMap<>();
        form().intoJob().forEach((own, field) -> {
            if (values.containsKey(own)) {
                out.put(field, texts.get(own).strip());
            }
        });
        return out;
    }

    @Override
    default String kind() {
        return form().path();
    }
}
