/**
 * What a check says: findings with their state, and the decision rule that sets the state. Open
 * {@link joropo.core.verdict.Finding} first, then {@link joropo.core.verdict.Limits}. Nothing here knows any part of a
 * machine.
 */
@NullMarked
package joropo.core.verdict;

import org.jspecify.annotations.NullMarked;
