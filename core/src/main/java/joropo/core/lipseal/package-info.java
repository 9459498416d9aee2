/**
 * The family of lip seals: sizes, choice, press fit, limits of seat and track, driver, fitting plan. Open
 * {@link joropo.core.lipseal.LipSealCheck} first; {@link joropo.core.lipseal.LipSealRules} brings its limits to the
 * neutral checks of section and running surface.
 */
@NullMarked
package joropo.core.lipseal;

import org.jspecify.annotations.NullMarked;
