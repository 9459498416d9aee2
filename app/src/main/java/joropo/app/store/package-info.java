/**
 * What lies in the store: lots with batch and cure date, what came and went, how long it may still be used. Open
 * {@link joropo.app.store.StoreService} first.
 */
@NullMarked
package joropo.app.store;

import org.jspecify.annotations.NullMarked;
