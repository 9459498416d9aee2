package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Side;
import joropo.core.shaft.Thrust;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;

/** What holds each part against pressure (D9; guide). */
final class RetentionRules {
    private final ArrangedParts parts;
    private final Section section;

    RetentionRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return parts.sealing().stream().map(this::d9).toList();
    }

    private Finding d9(Sealing part) {
        String subject = "held against pressure";
        double inward = parts.pushInwardMpa(part);
        if (inward == 0) {
            return SectionFinding.direction("D9", PASS, subject, "No pressure pushes it.", "", part.id())
                    .withValue(0, "N");
        }
        if (section.shaftDiameterMm() == null || section.boreDiameterMm() == null) {
            return SectionFinding.direction(
                    "D9",
                    MISSING,
                    subject,
                    "Shaft and bore are not known, so nobody can say how hard the pressure pushes.",
                    "Read both diameters.",
                    part.id());
        }
        double thrust = Thrust.newton(inward, section.shaftDiameterMm(), section.boreDiameterMm());
        Side low = inward > 0 ? Side.IN : Side.OUT;
        BoreItem.Spacer washer = parts.washerAt(part, low).orElse(null);
        if (washer != null
                && washer.insideDiameterMm() != null
                && washer.insideDiameterMm() <= section.shaftDiameterMm()) {
            return SectionFinding.direction(
                            "D9",
                            FAIL,
                            subject,
                            "The washer behind the seal rubs on the shaft: its opening is "
                                    + Length.show(washer.insideDiameterMm(), 2) + " mm.",
                            "A washer that clears shaft and dust lip.",
                            part.id())
                    .withValue(Length.snap(thrust), "N");
        }
        if (!parts.limits().mustBeHeld(inward, section.shaftDiameterMm(), section.boreDiameterMm())) {
            return SectionFinding.direction(
                            "D9",
                            PASS,
                            subject,
                            "The press fit holds it; pressure pushes with " + Length.show(thrust, 0) + " N.",
                            "",
                            part.id())
                    .withValue(Length.snap(thrust), "N");
        }
        boolean held = parts.isHeld(part, low);
        return SectionFinding.direction(
                        "D9",
                        held ? PASS : FAIL,
                        subject,
                        held
                                ? "A stop on the low-pressure side takes the " + Length.show(thrust, 0) + " N."
                                : "Pressure pushes the seal " + low.words() + " with " + Length.show(thrust, 0)
                                        + " N and nothing stops it there.",
                        held ? "" : "A retaining ring or a cover on the " + low.words() + " of the seal.",
                        part.id())
                .withValue(Length.snap(thrust), "N");
    }
}
