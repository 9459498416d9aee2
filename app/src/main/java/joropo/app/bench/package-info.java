/**
 * The section bench: sections are arranged, judged, compared and kept move by move. Open
 * {@link joropo.app.bench.BenchService} first.
 */
@NullMarked
package joropo.app.bench;

import org.jspecify.annotations.NullMarked;
