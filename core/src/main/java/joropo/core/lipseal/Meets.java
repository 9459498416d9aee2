package joropo.core.lipseal;

import java.util.List;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * How the two lines come together round one seal (guide).
 *
 * @param shaft whether it is there when the seal goes in, @param bearingLater whether a bearing goes in after the seal
 */
public record Meets(Shaft shaft, boolean bearingLater) {
    public static final Meets NOT_SAID = new Meets(Shaft.NOT_SAID, false);

    /** The shaft when the seal goes in. */
    public enum Shaft {
        /** Neither the list of what came off nor an answer tells. */
        NOT_SAID,
        /** Its end is there: the seal goes over it. */
        THERE,
        /** It goes in afterwards, by a step of its own. */
        AFTER
    }

    /**
     * @param build parts in the order in which they go in, @param seal key of the seal, @param inPlace whether the
     *     shaft's end is there while it is driven, absent: not said; a shaft that came off tells by its place in the
     *     order
     */
    public static Meets of(List<Part> build, String seal, @Nullable Boolean inPlace) {
        int own = build.stream().map(Part::key).toList().indexOf(seal);
        boolean bearing = build.stream().skip(own + 1L).anyMatch(p -> p.kind() == PartKind.BEARING);
        return new Meets(
                build.stream()
                        .filter(p -> p.kind() == PartKind.SHAFT)
                        .findFirst()
                        .map(p -> build.indexOf(p) > own ? Shaft.AFTER : Shaft.THERE)
                        .orElse(Boolean.TRUE.equals(inPlace) ? Shaft.THERE : Shaft.NOT_SAID),
                bearing);
    }
}
