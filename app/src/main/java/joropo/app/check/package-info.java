/**
 * One check of core without a job: by page, where the link holds what was typed, and by JSON. Nothing is stored. Open
 * {@link joropo.app.check.QuickKinds} for the pages, {@link joropo.app.check.CheckController} for JSON.
 */
@NullMarked
package joropo.app.check;

import org.jspecify.annotations.NullMarked;
