/**
 * Closing and proving: torque plans, locking, axial play, the proving run. Open
 * {@link joropo.core.assembly.TorquePlanCheck} first, then {@link joropo.core.assembly.ProvingCheck}.
 */
@NullMarked
package joropo.core.assembly;

import org.jspecify.annotations.NullMarked;
