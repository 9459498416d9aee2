/**
 * O-rings and other rings in grooves: what a gland does to its ring, which ring belongs to a gland, loaded slide rings,
 * the face they run on. Open {@link joropo.core.oring.OringGlandCheck} first, then {@link joropo.core.oring.Fit}.
 */
@NullMarked
package joropo.core.oring;

import org.jspecify.annotations.NullMarked;
