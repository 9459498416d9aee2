/**
 * Leak watches: what is read at a position month by month, the round on which it is read, and what is done about it.
 * Open {@link joropo.app.watch.WatchService} first.
 */
@NullMarked
package joropo.app.watch;

import org.jspecify.annotations.NullMarked;
