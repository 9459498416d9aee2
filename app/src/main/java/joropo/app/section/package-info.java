/**
 * The section bench: sections are arranged, judged, compared and kept move by move. Open
 * {@link joropo.app.section.BenchService} first.
 */
@NullMarked
package joropo.app.section;

import org.jspecify.annotations.NullMarked;
