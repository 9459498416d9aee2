/** Mechanical seals in jobs and as quick checks. */
@NullMarked
package joropo.app.family.mechseal;

import org.jspecify.annotations.NullMarked;
