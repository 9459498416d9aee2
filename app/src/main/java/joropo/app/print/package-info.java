/** From a page or a drawing to a file: PDF, SVG, DXF. Open {@link joropo.app.print.Printing} first. */
@NullMarked
package joropo.app.print;

import org.jspecify.annotations.NullMarked;
