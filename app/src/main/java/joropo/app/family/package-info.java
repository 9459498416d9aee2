/**
 * The seam between a job and the kinds of sealing: what a family is asked and what it answers. Each family has a room
 * of its own below. Open {@link joropo.app.family.Family} first.
 */
@NullMarked
package joropo.app.family;

import org.jspecify.annotations.NullMarked;
