/**
 * Lip seals: sizes, press fit, speed, and what the shaft must be. Open {@link joropo.core.lipseal.LipSealSizeCheck}
 * first, then {@link joropo.core.lipseal.PressFitCheck}. The seal in its place (direction, depth) is
 * {@code joropo.core.section}.
 */
@NullMarked
package joropo.core.lipseal;

import org.jspecify.annotations.NullMarked;
