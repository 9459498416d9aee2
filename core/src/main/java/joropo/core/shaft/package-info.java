/**
 * The shaft itself, whatever is sealed on it: sides, turning and swinging, surface speed, thrust, attitude, play and
 * growth. Open {@link joropo.core.shaft.Side} first.
 */
@NullMarked
package joropo.core.shaft;

import org.jspecify.annotations.NullMarked;
