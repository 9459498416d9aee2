package joropo.core.surface;

import joropo.core.fits.ToleranceClass;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Out-of-roundness of the lip track: to IT8 of the shaft it holds, to twice that with caution (guide). */
public final class TrackRoundness {
    /** A difference of two readings carries 1.4 U (guide: root of two). */
    private static final double DIFFERENCE = 1.4;

    private TrackRoundness() {}

    /** @param uncertaintyMm expanded uncertainty of one reading (mm) */
    public static Finding judge(double nominalMm, double ovalityMm, double uncertaintyMm) {
        var h8 = ToleranceClass.parse("h8").at(nominalMm);
        double limit = Length.snap((h8.upperUm() - h8.lowerUm()) / 1000);
        double spreadU = DIFFERENCE * uncertaintyMm;
        Status status = Limits.twoStep(ovalityMm, spreadU, limit, 2 * limit);
        String message =
                switch (status) {
                    case PASS -> "The track is round enough for the lip to follow.";
                    case REMEASURE -> "The gauge cannot tell whether the track is round enough.";
                    default -> "The lip has to follow an oval track: it lifts as the shaft turns faster.";
                };
        return Finding.of(
                        "roundness",
                        status,
                        "ovality of the shaft at the lip",
                        message,
                        status == Status.PASS ? "" : "Read more planes; move the lip, sleeve or renew the shaft.",
                        Source.GUIDE,
                        "IT8 of the shaft")
                .withValue(ovalityMm, "mm")
                .withLimits(Limits.atMost(limit), spreadU);
    }
}
