/**
 * The records as a whole: whether they are as they were written, a copy of them, the shop taken out and brought in.
 * Open {@link joropo.app.exchange.Verifier} first.
 */
@NullMarked
package joropo.app.exchange;

import org.jspecify.annotations.NullMarked;
