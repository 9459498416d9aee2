/**
 * The running surface under a lip: what eye, nail and gauge tell, and the remedies in the order offered. Open
 * {@link joropo.core.surface.RunningSurfaceCheck} first; limits and sizes come from the kind of seal that asks, by
 * {@link joropo.core.surface.TrackLimits}.
 */
@NullMarked
package joropo.core.surface;

import org.jspecify.annotations.NullMarked;
