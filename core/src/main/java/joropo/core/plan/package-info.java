/**
 * What every job has, whatever is sealed: steps and hold points, parts and what becomes of them, lots that serve, the
 * strip log, lives. Open {@link joropo.core.plan.Step} and {@link joropo.core.plan.Part} first. The plan of a kind of
 * seal is made in its own room, such as {@code joropo.core.lipseal}.
 */
@NullMarked
package joropo.core.plan;

import org.jspecify.annotations.NullMarked;
