/**
 * Packing and chevron sets as the application shows them. Open {@link joropo.app.family.packing.PackingQuickCheck}
 * first.
 */
@NullMarked
package joropo.app.family.packing;

import org.jspecify.annotations.NullMarked;
