/** Mechanical seals: the machine they need, their faces, their setting. */
@NullMarked
package joropo.core.mechseal;

import org.jspecify.annotations.NullMarked;
