/**
 * Materials of parts and seals: how far they grow with heat, what they stand. Open
 * {@link joropo.core.material.Materials} first; metals and plastics are in
 * {@link joropo.core.material.ThermalExpansion}.
 */
@NullMarked
package joropo.core.material;

import org.jspecify.annotations.NullMarked;
