/** What the rooms share on a page: numbers, errors, who is signed in. Open {@link joropo.app.ui.Show} first. */
@NullMarked
package joropo.app.ui;

import org.jspecify.annotations.NullMarked;
