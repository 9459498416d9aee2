/**
 * What this workshop has of its own: gauges with certificates, drivers, fluids, materials; and by which practice it
 * works. Open {@link joropo.app.settings.Shop} first.
 */
@NullMarked
package joropo.app.settings;

import org.jspecify.annotations.NullMarked;
