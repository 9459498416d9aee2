/**
 * A section drawn to scale: mm in, shapes between, SVG out. Open {@link joropo.app.drawing.SectionDrawing} first;
 * {@link joropo.app.drawing.Ink} is the palette.
 */
@NullMarked
package joropo.app.drawing;

import org.jspecify.annotations.NullMarked;
