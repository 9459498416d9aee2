/**
 * Limits and fits (ISO 286) and the judging of a measured diameter. Open {@link joropo.core.fits.ToleranceClass} first,
 * then {@link joropo.core.fits.DiameterCheck}.
 */
@NullMarked
package joropo.core.fits;

import org.jspecify.annotations.NullMarked;
