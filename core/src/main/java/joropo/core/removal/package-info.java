/**
 * Taking old parts out, and cleaning what stays. Open {@link joropo.core.removal.RemovalCheck} first, then
 * {@link joropo.core.removal.Cleaning}.
 */
@NullMarked
package joropo.core.removal;

import org.jspecify.annotations.NullMarked;
