/**
 * The one arrangement of a place: parts on two lines, what is known of each and from where, the order of building. It
 * knows no section and no kind of seal. Open {@link joropo.core.arrangement.Arrangement} first.
 */
@NullMarked
package joropo.core.arrangement;

import org.jspecify.annotations.NullMarked;
