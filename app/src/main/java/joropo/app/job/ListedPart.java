package joropo.app.job;

import joropo.app.family.Stage;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import org.jspecify.annotations.Nullable;

/**
 * A part that somebody put on the list of a job. @param part its id on the list, @param stage at which it was put there
 */
record ListedPart(
        String part,
        Stage stage,
        PartKind kind,
        int count,
        String name,
        String size,
        @Nullable String material,
        String why) {
    Part asPart() {
        return new Part(part, count, kind, name, size, material, why, kind.together());
    }
}
