/**
 * Who may do what: people, sign-in, lock-out, the record of acts. Open {@link joropo.app.access.PeopleService} first,
 * then {@link joropo.app.access.SecurityConfig}.
 */
@NullMarked
package joropo.app.access;

import org.jspecify.annotations.NullMarked;
