package joropo.app;

import java.util.List;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Fails every test during which a browser complained. */
public final class Complaints implements AfterEachCallback {
    @Override
    public void afterEach(ExtensionContext context) {
        List<String> complaints = Workshop.complaints();
        if (!complaints.isEmpty() && context.getExecutionException().isEmpty()) {
            throw new AssertionError("The browser complained: " + String.join("; ", complaints));
        }
    }
}
