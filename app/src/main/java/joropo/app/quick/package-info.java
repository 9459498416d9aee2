/**
 * Quick checks: one check of core on a page of its own, without a job; the link holds what was typed.
 * Open {@link joropo.app.quick.QuickKinds} first.
 */
@NullMarked
package joropo.app.quick;

import org.jspecify.annotations.NullMarked;
