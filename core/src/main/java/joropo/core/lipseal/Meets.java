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

    /** Whether its end is there while the seal is driven; absent: not known. */
    public @Nullable Boolean isThere() {
        return shaft == Shaft.NOT_SAID ? null : Boolean.valueOf(shaft == Shaft.THERE);
    }

    /** Whether the seal's plan has to say that it is guided on: no step of its own does. */
    boolean isGuidedOn() {
        return shaft == Shaft.NOT_SAID || shaft == Shaft.AWAY;
    }

    /** The shaft when the seal goes in. */
    public enum Shaft {
        /** Neither the list of what came off nor an answer tells. */
        NOT_SAID,
        /** Its end is there: the seal goes over it. */
        THERE,
        /** It is not there, as somebody answered. */
        AWAY,
        /** It goes in afterwards, by a step of its own. */
        AFTER
    }

    /**
     * @param build parts in the order in which they go in, @param seal key of the seal, @param inPlace whether the
     *     shaft's end is there while it is driven, absent: not said; then a shaft that came off tells by its place in
     *     the order
     */
    public static Meets of(List<Part> build, String seal, @Nullable Boolean inPlace) {
        int own = build.stream().map(Part::key).toList().indexOf(seal);
        boolean bearing = build.stream().skip(own + 1L).anyMatch(p -> p.kind() == PartKind.BEARING);
        int shaft = build.stream().map(Part::kind).toList().indexOf(PartKind.SHAFT);
        Shaft logged = shaft < 0 ? Shaft.NOT_SAID : shaft > own ? Shaft.AFTER : Shaft.THERE;
        Shaft said = inPlace == null ? logged : inPlace ? Shaft.THERE : logged == Shaft.AFTER ? logged : Shaft.AWAY;
        return new Meets(said, bearing);
    }
}
