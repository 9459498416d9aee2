package joropo.core.units;

import java.util.List;
import java.util.Locale;

/**
 * Units other than length that a fitter writes; each turns into the base unit of its kind (the first of the kind).
 * Factors are exact by definition (standard) but for psi, lbf·ft and lbf·in, which carry seven figures, and drops
 * (guide).
 */
public enum Unit {
    MPA(Kind.PRESSURE, "MPa", 1, 0, "mpa"),
    BAR(Kind.PRESSURE, "bar", 0.1, 0, "bar"),
    PSI(Kind.PRESSURE, "psi", 0.006894757, 0, "psi"),
    CELSIUS(Kind.TEMPERATURE, "°C", 1, 0, "°c", "c"),
    FAHRENHEIT(Kind.TEMPERATURE, "°F", 5.0 / 9, -32 * 5.0 / 9, "°f", "f"),
    NM(Kind.TORQUE, "N·m", 1, 0, "nm"),
    LBF_FT(Kind.TORQUE, "lbf·ft", 1.355818, 0, "lbfft", "lbft", "ftlb", "ftlbf"),
    LBF_IN(Kind.TORQUE, "lbf·in", 0.1129848, 0, "lbfin", "lbin", "inlb", "inlbf"),
    KGF_M(Kind.TORQUE, "kgf·m", 9.80665, 0, "kgfm"),
    KG(Kind.MASS, "kg", 1, 0, "kg"),
    G(Kind.MASS, "g", 0.001, 0, "g"),
    LB(Kind.MASS, "lb", 0.45359237, 0, "lb"),
    OZ(Kind.MASS, "oz", 0.45359237 / 16, 0, "oz"),
    ML(Kind.VOLUME, "mL", 1, 0, "ml"),
    L(Kind.VOLUME, "L", 1000, 0, "l"),
    FL_OZ(Kind.VOLUME, "fl oz", 29.5735295625, 0, "floz"),
    /** Drops of a water-like liquid, 20 to the mL (guide). */
    DROPS_WATER(Kind.VOLUME, "drops", 1.0 / 20, 0),
    /** Drops of oil, 30 to the mL (guide). */
    DROPS_OIL(Kind.VOLUME, "drops", 1.0 / 30, 0),
    HOUR(Kind.DURATION, "h", 1, 0, "h", "hours"),
    MINUTE(Kind.DURATION, "min", 1.0 / 60, 0, "min"),
    RPM(Kind.SPEED, "rpm", 1, 0, "rpm", "1/min", "r/min"),
    M_PER_S(Kind.SURFACE_SPEED, "m/s", 1, 0, "m/s"),
    FT_PER_MIN(Kind.SURFACE_SPEED, "ft/min", 0.3048 / 60, 0, "ft/min", "fpm");

    /** What is measured, with the least value that can be (in the base unit); pressure is always gauge pressure. */
    public enum Kind {
        PRESSURE("pressure", -0.1),
        TEMPERATURE("temperature", -273.15),
        TORQUE("torque", 0),
        MASS("mass", 0),
        VOLUME("volume", 0),
        DURATION("time", 0),
        SPEED("speed", 0),
        SURFACE_SPEED("surface speed", 0);

        private final String word;
        private final double least;

        Kind(String word, double least) {
            this.word = word;
            this.least = least;
        }

        String word() {
            return word;
        }

        double least() {
            return least;
        }
    }

    private final Kind kind;
    private final String symbol;
    private final double factor;
    private final double offset;
    private final List<String> spellings;

    Unit(Kind kind, String symbol, double factor, double offset, String... spellings) {
        this.kind = kind;
        this.symbol = symbol;
        this.factor = factor;
        this.offset = offset;
        this.spellings = List.of(spellings);
    }

    public Kind kind() {
        return kind;
    }

    public String symbol() {
        return symbol;
    }

    /** A value of this unit in the base unit of its kind. */
    public double toBase(double value) {
        return value * factor + offset;
    }

    /** A value of the base unit in this unit. */
    public double fromBase(double base) {
        return (base - offset) / factor;
    }

    boolean isSpelled(String text) {
        String bare = text.toLowerCase(Locale.ROOT);
        return spellings.contains(bare) || spellings.contains(bare.replaceAll("[\\s·.\\-]", ""));
    }
}
