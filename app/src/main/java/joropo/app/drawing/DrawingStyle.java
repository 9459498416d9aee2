package joropo.app.drawing;

import org.jspecify.annotations.Nullable;

/**
 * How a section is laid on its paper.
 *
 * @param handles whether parts can be taken hold of on a page, @param chosen the part that stands out, absent: none
 */
public record DrawingStyle(
        Paper paper,
        Orientation view,
        boolean handles,
        @Nullable Integer chosen) {
    /** As a sheet or a file shows it. */
    public static final DrawingStyle SHEET = new DrawingStyle(Paper.SHEET, Orientation.OUTSIDE_LEFT, false, null);
}
