/**
 * Lengths, pressures, torques and the like as people write them, read into one base unit each. Open
 * {@link joropo.core.units.Length} first, then {@link joropo.core.units.Quantity}. Nothing here judges; what cannot be
 * read is refused with a {@link joropo.core.units.RefusedInput}.
 */
@NullMarked
package joropo.core.units;

import org.jspecify.annotations.NullMarked;
