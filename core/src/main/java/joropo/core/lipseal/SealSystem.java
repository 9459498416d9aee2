package joropo.core.lipseal;

/** The two systems of lip seal sizes. */
public enum SealSystem { METRIC, INCH }
