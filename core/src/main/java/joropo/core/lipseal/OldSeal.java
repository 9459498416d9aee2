package joropo.core.lipseal;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.core.diagnosis.DrainedOil;
import joropo.core.surface.SurfaceByEye;
import org.jspecify.annotations.Nullable;

/** What an old lip seal, the oil and the shaft show of why it leaked, without anybody being asked (guide). */
public final class OldSeal {
    private static final String GROOVE_IN_SHAFT = "GROOVE_IN_SHAFT";

    private OldSeal() {}

    /** Codes of the table of signs; each argument absent while nobody has looked. */
    public static List<String> signs(
            @Nullable LipState lip, @Nullable DrainedOil drained, @Nullable SurfaceByEye track) {
        return Stream.of(
                        lip == null ? null : lip.sign(),
                        drained == null ? null : drained.sign(),
                        track == SurfaceByEye.GROOVE_CATCHES ? GROOVE_IN_SHAFT : null)
                .filter(Objects::nonNull)
                .toList();
    }
}
