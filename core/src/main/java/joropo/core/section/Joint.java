package joropo.core.section;

import java.util.List;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A way past the lip between two spaces.
 *
 * @param between numbers of the two spaces, 0 is outside, @param sealedBy absent: NONE
 * @param beforeItem id of the part that closes the tool's way to it: it has to be made tight before that part goes in
 */
public record Joint(
        Kind kind,
        List<Integer> between,
        @Nullable Closure sealedBy,
        @Nullable String beforeItem) {
    /** What the way is. */
    public enum Kind {
        SPLINE("splines"),
        KEYWAY("keyway"),
        THREAD("thread"),
        SLEEVE_BORE("bore of the sleeve"),
        SPACER_BORE("bore of the spacer"),
        GASKET("gasket joint"),
        PLUG("plug"),
        BELLOWS("bellows"),
        BOOT("boot: seat, clamp, adhesive");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What closes it. */
    public enum Closure {
        NONE,
        SEALANT,
        O_RING,
        GASKET,
        BLIND
    }

    /** A joint that any tool reaches at any time. */
    public Joint(Kind kind, List<Integer> between, @Nullable Closure sealedBy) {
        this(kind, between, sealedBy, null);
    }

    public Joint {
        new Needs()
                .given("kind", kind)
                .given("between", between)
                .that(
                        "between",
                        between == null
                                || between.size() == 2
                                        && between.stream().allMatch(b -> b != null && b >= 0)
                                        && !between.get(0).equals(between.get(1)),
                        "names two different spaces")
                .done();
        between = List.copyOf(between);
        sealedBy = sealedBy == null ? Closure.NONE : sealedBy;
    }

    /** As the order of the parts names it. */
    public String words() {
        return kind.words + " between " + (between.get(0) == 0 ? "outside" : "space " + between.get(0)) + " and space "
                + between.get(1);
    }
}
