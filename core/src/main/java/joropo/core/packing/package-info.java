/** Stuffing boxes: section and rings, lantern, limits, gland load, running in; chevron sets. */
@NullMarked
package joropo.core.packing;

import org.jspecify.annotations.NullMarked;
