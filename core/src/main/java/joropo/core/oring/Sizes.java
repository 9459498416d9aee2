package joropo.core.oring;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The sizes of a ring and of its place, as one set; mm.
 *
 * @param counterMm bore or rod, 0 where there is none, @param grooveMm bottom of the groove; of a face the wall that
 *     the ring lies on, of a boss the large end of its chamfer
 * @param widthMm of the groove; of a boss the leg of its chamfer, @param depthMm of a face's groove, else 0
 */
record Sizes(double counterMm, double grooveMm, double widthMm, double depthMm, double insideMm, double sectionMm) {
    private static final int COUNT = 6;

    /** Its six figures, in the order of {@link Tolerances#each()}. */
    private double[] figures() {
        return new double[] {counterMm, grooveMm, widthMm, depthMm, insideMm, sectionMm};
    }

    private static Sizes of(double[] f) {
        return new Sizes(f[0], f[1], f[2], f[3], f[4], f[5]);
    }

    /** Each of them moved by a share of its tolerance. @param shares -1 to 1 each */
    Sizes moved(double[] tolerances, double[] shares) {
        double[] f = figures();
        for (int i = 0; i < COUNT; i++) {
            f[i] += tolerances[i] * shares[i];
        }
        return of(f);
    }

    /** Each of them grown by a factor. */
    Sizes grown(Growth by) {
        return new Sizes(
                counterMm * by.counter(),
                grooveMm * by.part(),
                widthMm * by.part(),
                depthMm * by.part(),
                insideMm * by.ring(),
                sectionMm * by.ring());
    }

    /** Every end of the tolerances against every other. */
    static List<double[]> ends() {
        return IntStream.range(0, 1 << COUNT)
                .mapToObj(bits -> IntStream.range(0, COUNT)
                        .mapToDouble(i -> (bits >> i & 1) == 0 ? -1 : 1)
                        .toArray())
                .toList();
    }

    /** Factors by which ring and metals have grown. */
    record Growth(double part, double counter, double ring) {
        static final Growth NONE = new Growth(1, 1, 1);
    }
}
