package joropo.app.drawing;

import java.util.List;

/** One closed outline of a part in mm: x along the axis, y the radius. */
record Shape(Of of, List<Point> outline) {
    /** What it is made of. */
    enum Of {
        STEEL,
        RUBBER,
        CASE,
        PLASTIC,
        NOTHING
    }

    static Shape box(Of of, double fromMm, double fromR, double toMm, double toR) {
        return new Shape(
                of,
                List.of(
                        new Point(fromMm, fromR),
                        new Point(toMm, fromR),
                        new Point(toMm, toR),
                        new Point(fromMm, toR)));
    }
}
