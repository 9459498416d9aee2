/**
 * The running surface under the lip, as far as the eye and the nail tell. Open {@link joropo.core.surface.SurfaceByEye}
 * first.
 */
@NullMarked
package joropo.core.surface;

import org.jspecify.annotations.NullMarked;
