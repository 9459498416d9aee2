package joropo.app.job;

import java.util.Optional;
import java.util.regex.Pattern;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;

/** The seal size that was decided on, listed or not (mm). */
record ChosenSize(SealSize size, boolean listed) {
    private static final Pattern PARTS = Pattern.compile("\\s*[xX×*]\\s*");
    private static final double SAME_MM = 0.02;
    /** Where the tables of ISO 286 end (mm). */
    static final double LARGEST_MM = 1000;

    /**
     * Reads {@code 45x62x8}, or {@code 1.75x2.5x0.375 in}: a unit at the end holds for all three.
     * @throws RefusedInput when it is no size
     */
    static ChosenSize parse(String text, LengthUnit sheetUnit) {
        String bare = text.strip();
        boolean inch = bare.matches(".*(in|\"|″)$");
        boolean mm = bare.matches(".*mm$");
        LengthUnit unit = inch ? LengthUnit.INCH : mm ? LengthUnit.MM : sheetUnit;
        String[] parts = PARTS.split(bare.replaceAll("\\s*(in|mm|\"|″)$", ""));
        if (parts.length != 3) {
            throw new RefusedInput("", "'" + (bare.length() > 40 ? bare.substring(0, 40) + "…" : bare)
                    + "' is not understood as a seal size: write shaft x bore x width, such as 45x62x8");
        }
        double shaft = Length.parseSize(parts[0], unit).mm();
        double bore = Length.parseSize(parts[1], unit).mm();
        double width = Length.parseSize(parts[2], unit).mm();
        if (bore <= shaft) {
            throw new RefusedInput("", "the bore of a seal must be larger than its shaft: write shaft x bore x width");
        }
        if (bore > LARGEST_MM) {
            throw new RefusedInput("", "is beyond the tables of limits, which end at " + Length.show(LARGEST_MM, 0) + " mm");
        }
        Optional<SealSize> listed = SealSize.all().stream().filter(s -> near(s.shaftMm(), shaft) && near(s.boreMm(), bore) && near(s.widthMm(), width))
                .findFirst();
        SealSystem system = unit == LengthUnit.INCH ? SealSystem.INCH : SealSystem.METRIC;
        return new ChosenSize(listed.orElseGet(() -> new SealSize(system, shaft, bore, width, "own")), listed.isPresent());
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= SAME_MM;
    }
}
