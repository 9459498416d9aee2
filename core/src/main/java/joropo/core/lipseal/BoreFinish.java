package joropo.core.lipseal;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Roughness of the bore under a case (guide, {@code lip-seal-housing.csv}). */
public final class BoreFinish {
    private BoreFinish() {}

    /** Whether a bare metal case does not close on it. */
    public static boolean tooRoughForMetal(double raUm, double widthMm) {
        return raUm > LipSealSeatLimits.housing(widthMm).metalRaUm().upper();
    }

    /** @param raUm as read (µm), @param rubber whether the case is covered, so that it fills rougher marks */
    public static Finding judge(double raUm, double widthMm, boolean rubber) {
        Limits limits = rubber
                ? LipSealSeatLimits.housing(widthMm).rubberRaUm()
                : LipSealSeatLimits.housing(widthMm).metalRaUm();
        Status status = limits.judge(raUm, 0) == Status.PASS ? Status.PASS : Status.CAUTION;
        boolean rough = raUm > limits.upper();
        return Finding.of(
                        "bore-roughness",
                        status,
                        "roughness Ra of the bore",
                        status == Status.PASS
                                ? "The case holds and closes on it."
                                : rough
                                        ? "The bore is rough: the medium may creep past the case."
                                        : "The bore is very smooth: the case may creep out.",
                        status == Status.PASS
                                ? ""
                                : rough
                                        ? "A rubber-covered case, or a thin film of sealant."
                                        : "A stop that holds the seal.",
                        Source.GUIDE,
                        "housing of lip seals")
                .withValue(raUm, "µm")
                .withLimits(limits, 0);
    }
}
