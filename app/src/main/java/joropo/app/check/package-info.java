/**
 * One check of core without a job: by page, where the link holds what was typed, and by JSON. Nothing is stored. Open
 * {@link joropo.app.check.QuickCheck} first: each is a bean, beside its family where it has one.
 */
@NullMarked
package joropo.app.check;

import org.jspecify.annotations.NullMarked;
