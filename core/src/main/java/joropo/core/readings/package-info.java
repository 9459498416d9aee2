/**
 * What gauges say: gauges and their uncertainty, readings on planes, least squares on a circle. Open
 * {@link joropo.core.readings.DiameterReadings} and {@link joropo.core.readings.HarmonicFit} first. Seat squareness is
 * judged here, since it is nothing but such a fit.
 */
@NullMarked
package joropo.core.readings;

import org.jspecify.annotations.NullMarked;
