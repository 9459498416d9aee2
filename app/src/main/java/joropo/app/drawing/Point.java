package joropo.app.drawing;

/** A point, in mm or in units of the picture, as the place that uses it says. */
record Point(double x, double y) {}
