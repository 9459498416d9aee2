/**
 * The fitting plan: steps, hold points and cautions, made from the section and its findings. Open
 * {@link joropo.core.lipseal.FittingPlan} first.
 */
@NullMarked
package joropo.core.plan;

import org.jspecify.annotations.NullMarked;
