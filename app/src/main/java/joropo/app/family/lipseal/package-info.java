/**
 * Lip seals in a job and in quick checks: their cards, what follows from them, panels and pictures. Open
 * {@link joropo.app.family.lipseal.LipSealFamily} first, then {@link joropo.app.family.lipseal.LipSealWork}.
 */
@NullMarked
package joropo.app.family.lipseal;

import org.jspecify.annotations.NullMarked;
