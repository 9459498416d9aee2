/**
 * Figures and looks after the seal is in: axial play and the proving run. Open
 * {@link joropo.core.assembly.ProvingCheck} first.
 */
@NullMarked
package joropo.core.assembly;

import org.jspecify.annotations.NullMarked;
