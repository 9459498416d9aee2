/** The start page and the search over everything. Open {@link joropo.app.today.TodayController} first. */
@NullMarked
package joropo.app.today;

import org.jspecify.annotations.NullMarked;
