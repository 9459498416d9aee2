/**
 * The half cut through one shaft entry: which way the seal faces, how deep it stands. Open
 * {@link joropo.core.section.Section} (the model), then {@link joropo.core.section.SectionCheck}. Rules are named D1..
 * (direction) and S1.. (stack and depth).
 */
@NullMarked
package joropo.core.section;

import org.jspecify.annotations.NullMarked;
