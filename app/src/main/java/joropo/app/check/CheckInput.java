package joropo.app.check;

import java.util.Map;
import joropo.core.units.RefusedInput;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A check's input from values of the same names. */
public final class CheckInput {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private CheckInput() {}

    /** @throws RefusedInput as the input made it */
    public static <T> T of(Map<String, Object> values, Class<T> kind) {
        try {
            return JSON.convertValue(values, kind);
        } catch (JacksonException | IllegalArgumentException e) {
            for (Throwable t = e; t != null; t = t.getCause()) {
                if (t instanceof RefusedInput refused) {
                    throw refused;
                }
            }
            throw e;
        }
    }
}
