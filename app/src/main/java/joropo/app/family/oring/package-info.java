/**
 * O-rings and other rings in grooves as the application shows them. Open
 * {@link joropo.app.family.oring.OringGlandQuickCheck} first.
 */
@NullMarked
package joropo.app.family.oring;

import org.jspecify.annotations.NullMarked;
