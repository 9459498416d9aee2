/** Machines and their seal positions. Open {@link joropo.app.register.RegisterService} first. */
@NullMarked
package joropo.app.register;

import org.jspecify.annotations.NullMarked;
