package joropo.core.sizes;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Nominal size of a seat, as far as it is known, all in mm. @param shaftMm, @param boreMm, @param widthMm of the seal
 * that belongs there, each absent where it is not known
 */
public record SeatSize(
        @Nullable Double shaftMm,
        @Nullable Double boreMm,
        @Nullable Double widthMm) {
    public static final SeatSize UNKNOWN = new SeatSize(null, null, null);

    private static final Pattern BETWEEN = Pattern.compile("\\s*[xX×*]\\s*");
    private static final Pattern DASHES = Pattern.compile("\\s*-\\s*");
    private static final Pattern UNIT = Pattern.compile("\\s*(in|mm|\"|″)$");
    private static final int MOST = 3;

    /**
     * Reads {@code 45x62x8}, {@code 45x62} or {@code 45}: shaft, bore, width, in this order; a unit at the end holds
     * for all of them. An empty text is unknown.
     *
     * @throws RefusedInput when it is no size
     */
    public static SeatSize parse(String text, LengthUnit sheetUnit) {
        String bare = text.strip();
        if (bare.isEmpty()) {
            return UNKNOWN;
        }
        LengthUnit unit =
                bare.matches(".*(in|\"|″)$") ? LengthUnit.INCH : bare.endsWith("mm") ? LengthUnit.MM : sheetUnit;
        String figures = UNIT.matcher(bare).replaceAll("");
        String[] parts =
                BETWEEN.matcher(figures).find() || !figures.matches("\\d+([.,]\\d+)?(\\s*-\\s*\\d+([.,]\\d+)?){1,2}")
                        ? BETWEEN.split(figures, -1)
                        : DASHES.split(figures, -1);
        if (parts.length > MOST) {
            throw new RefusedInput("", "is not understood as a size: write shaft x bore x width, such as 45x62x8");
        }
        List<Double> mm = new ArrayList<>();
        for (String part : parts) {
            mm.add(Length.parseSize(part, unit).mm());
        }
        if (mm.size() > 1 && mm.get(1) <= mm.get(0)) {
            throw new RefusedInput("", "the bore must be larger than the shaft: write shaft x bore x width");
        }
        return new SeatSize(mm.get(0), mm.size() > 1 ? mm.get(1) : null, mm.size() == MOST ? mm.get(2) : null);
    }

    /** The listed size, or one of its own; absent while a part of it is not known. */
    public @Nullable SealSize seal() {
        return shaftMm == null || boreMm == null || widthMm == null
                ? null
                : SealSize.parse(shaftMm + "x" + boreMm + "x" + widthMm, LengthUnit.MM);
    }

    /** As it is typed in this unit, without it; empty where nothing is known. */
    public String text(LengthUnit unit) {
        return Stream.of(shaftMm, boreMm, widthMm)
                .filter(Objects::nonNull)
                .map(mm -> unit == LengthUnit.INCH
                        ? shortened(Length.show(mm / Length.MM_PER_INCH, 4))
                        : shortened(Length.show(mm, 3)))
                .collect(Collectors.joining("x"));
    }

    /** As people say it, with its unit; an en dash where nothing is known. */
    public String words(LengthUnit unit) {
        String figures = text(unit);
        return figures.isEmpty() ? "–" : figures.replace("x", " x ") + " " + unit.symbol();
    }

    private static String shortened(String figure) {
        return figure.contains(".") ? figure.replaceAll("0+$", "").replaceAll("\\.$", "") : figure;
    }
}
