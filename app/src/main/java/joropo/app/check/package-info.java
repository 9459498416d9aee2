/**
 * The checks of core without a job, as a JSON interface.
 * Open {@link joropo.app.check.CheckController} first.
 */
@NullMarked
package joropo.app.check;

import org.jspecify.annotations.NullMarked;
