/** Listed nominal sizes of seals and how people write them. Open {@link joropo.core.sizes.SealSize} first. */
@NullMarked
package joropo.core.sizes;

import org.jspecify.annotations.NullMarked;
