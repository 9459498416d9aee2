package joropo.core.units;

/** The unit in which a bare number on a sheet is meant. */
public enum LengthUnit {
    MM("mm", 1),
    INCH("in", Length.MM_PER_INCH);

    private final String symbol;
    private final double mm;

    LengthUnit(String symbol, double mm) {
        this.symbol = symbol;
        this.mm = mm;
    }

    public String symbol() {
        return symbol;
    }

    double mm() {
        return mm;
    }
}
