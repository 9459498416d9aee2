/**
 * Whether a seal leaks more than it did: rates from readings, their trend, an alarm, and when the allowance or a full
 * bottle is reached. Open {@link joropo.core.leak.LeakTrendCheck} first.
 */
@NullMarked
package joropo.core.leak;

import org.jspecify.annotations.NullMarked;
