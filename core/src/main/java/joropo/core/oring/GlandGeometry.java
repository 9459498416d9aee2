package joropo.core.oring;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** Sizes of a gland as they were typed. What has no geometry is refused; what is merely bad is a finding. */
record GlandGeometry(
        Gland gland,
        @Nullable Double counterDiameterMm,
        Double grooveDiameterMm,
        Double grooveWidthMm,
        @Nullable Double grooveDepthMm) {
    /** @throws joropo.core.units.RefusedInput at each field that leaves no groove */
    void refuse(RingMotion motion, RingShape shape, double backupsMm) {
        boolean twoWalls = gland == Gland.FACE_INSIDE || gland == Gland.BOSS;
        new Needs()
                .that("counterDiameterMm", !gland.isRadial() || counterDiameterMm != null, "is needed")
                .that("grooveDepthMm", !gland.isFace() || grooveDepthMm != null, "is needed")
                .that(
                        "grooveDiameterMm",
                        gland != Gland.PISTON || counterDiameterMm == null || grooveDiameterMm < counterDiameterMm,
                        "must be below the bore, got " + grooveDiameterMm)
                .that(
                        "grooveDiameterMm",
                        gland != Gland.ROD || counterDiameterMm == null || grooveDiameterMm > counterDiameterMm,
                        "must be above the rod, got " + grooveDiameterMm)
                .that(
                        "grooveWidthMm",
                        !twoWalls || grooveDiameterMm > 2 * grooveWidthMm,
                        "is wider than the part, got " + grooveWidthMm)
                .that(
                        "motion",
                        gland.isRadial() || motion == RingMotion.STATIC,
                        gland == Gland.BOSS ? "a boss does not move" : "a face that moves is not judged as a ring's")
                .that("ringShape", gland != Gland.BOSS || shape == RingShape.O, "a boss takes an O-ring")
                .that("backupThicknessMm", backupsMm < grooveWidthMm, "leaves no room for the ring in its groove")
                .done();
    }
}
