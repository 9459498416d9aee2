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
        if (parts.vacuumIsMissing(part)) {
            return SectionFinding.direction(
                    "D9", MISSING, subject, "How deep the vacuum is, is not known.", "Read its pressure.", part.id());
        }
        if (inward == 0) {
            return SectionFinding.direction(
                            "D9", PASS, subject, "No pressure pushes it." + parts.pressureAssumed(part), "", part.id())
                    .withValue(0, "N");
        }
        if (section.shaftDiameterMm() == null || section.boreDiameterMm() == null) {
            return SectionFinding.direction(
                    "D9",
                    MISSING,
                    subject,
                    "Shaft and bore are not known, so how hard the pressure pushes is not known either.",
                    "Read both diameters.",
                    part.id());
        }
        double thrust = Thrust.newton(inward, section.shaftDiameterMm(), section.boreDiameterMm());
        Side low = inward > 0 ? Side.IN : Side.OUT;
        BoreItem.Spacer washer = parts.washersAt(part, low)
                .filter(w -> w.insideDiameterMm() != null && w.insideDiameterMm() <= section.shaftDiameterMm())
                .findFirst()
                .orElse(null);
        if (washer != null) {
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
                            "The press fit holds it; pressure pushes with " + Length.show(thrust, 0) + " N."
                                    + parts.pressureAssumed(part),
                            "",
                            part.id())
                    .withValue(Length.snap(thrust), "N");
        }
        String pushes = "Pressure pushes the seal " + low.words() + " with " + Length.show(thrust, 0) + " N";
        Finding out =
                switch (parts.held(part, low)) {
                    case YES ->
                        SectionFinding.direction(
                                "D9",
                                PASS,
                                subject,
                                "A stop on the low-pressure side takes the " + Length.show(thrust, 0) + " N.",
                                "",
                                part.id());
                    case UNKNOWN ->
                        SectionFinding.direction(
                                "D9",
                                MISSING,
                                subject,
                                pushes + "; whether the case lands on what stands there is not known: its opening is "
                                        + "not read.",
                                "Read the opening of the shoulder, washer or bearing ring on that side.",
                                part.id());
                    case NO ->
                        SectionFinding.direction(
                                "D9",
                                FAIL,
                                subject,
                                pushes + " and nothing that the case lands on stops it there.",
                                "A retaining ring or a cover on the " + low.words() + " of the seal.",
                                part.id());
                };
        return out.withValue(Length.snap(thrust), "N");
    }
}
