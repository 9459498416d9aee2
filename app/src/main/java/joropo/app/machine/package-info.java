/**
 * The pages of machines and their positions: what is registered, what was done there. Open
 * {@link joropo.app.machine.PositionController} first.
 */
@NullMarked
package joropo.app.machine;

import org.jspecify.annotations.NullMarked;
