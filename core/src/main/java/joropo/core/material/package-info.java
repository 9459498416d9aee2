/**
 * Materials of parts: how far they grow with heat.
 * Open {@link joropo.core.material.ThermalExpansion} first.
 */
@NullMarked
package joropo.core.material;

import org.jspecify.annotations.NullMarked;
