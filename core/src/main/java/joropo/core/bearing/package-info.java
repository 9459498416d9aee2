/**
 * A rolling bearing that is met on the way to a seal: which ring is tight and takes the force, its seat, its home, what
 * is seen on it, its marking and its grease. A bearing job has its own rules; these go as far as a seal's job touches
 * one. Open {@link joropo.core.bearing.BearingCheck} first.
 */
@NullMarked
package joropo.core.bearing;

import org.jspecify.annotations.NullMarked;
