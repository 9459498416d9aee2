/**
 * The application: one package a room of the workshop. Open {@link joropo.app.JoropoApplication} to see how it starts;
 * the computation is all in {@code joropo.core}.
 */
@NullMarked
package joropo.app;

import org.jspecify.annotations.NullMarked;
