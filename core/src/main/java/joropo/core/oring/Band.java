package joropo.core.oring;

/** One figure: as the nominal sizes have it, and the least and most over all ends of the tolerances. */
public record Band(double nominal, double min, double max) {}
