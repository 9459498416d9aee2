/** The bench card: one A4 page (or more) a job, as PDF. Open {@link joropo.app.card.CardService} first. */
@NullMarked
package joropo.app.card;

import org.jspecify.annotations.NullMarked;
