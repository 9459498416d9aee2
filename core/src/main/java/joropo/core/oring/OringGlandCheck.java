package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * An O-ring or square ring in its gland: squeezed right, cold, hot and off centre, and standing what it seals (guide).
 */
public final class OringGlandCheck {
    /** Rings and grooves that the simulation draws. */
    private static final int DRAWS = 20_000;

    private OringGlandCheck() {}

    public static OringGlandResult check(OringGlandInput in) {
        return check(in, DRAWS);
    }

    /** @param draws rings and grooves that the simulation draws; 0: none */
    public static OringGlandResult check(OringGlandInput in, int draws) {
        Fit fit = new Fit(in.use(), in.sizes(), in.backupsMm());
        EndsRules ends = new EndsRules(in, fit);
        RingMaterial material = new RingMaterial(in.material(), in.fluid(), in.coldestC(), in.hottestC());
        ServiceRules service = new ServiceRules(in);
        ExtrusionRules extrusion = new ExtrusionRules(ExtrusionRules.Load.of(in));
        LeadInRule leadIn = new LeadInRule(in, fit);

        List<Finding> findings = new ArrayList<>(new SizeRules(in, fit).findings());
        findings.add(ends.extremes(material.swellPercent()));
        ends.offCentre().ifPresent(findings::add);
        findings.add(extrusion.extrusion());
        extrusion.backup().ifPresent(findings::add);
        findings.add(extrusion.gas());
        findings.add(material.inFluid());
        findings.add(material.temperature());
        findings.add(service.swell(ends, material));
        service.speed().ifPresent(findings::add);
        PullOver over = pullOver(in);
        if (over != null) {
            findings.add(over.finding());
        }
        if (in.gland().isRadial()) {
            findings.add(leadIn.finding());
        }
        Double off = in.gland().isRadial() ? ends.offMm() : null;
        return OringGlandResultBuilder.builder()
                .stretchPercent(in.gland().compresses() ? null : Double.valueOf(fit.circumference))
                .compressionPercent(in.gland().compresses() ? Double.valueOf(fit.circumference) : null)
                .sectionStretchedMm(fit.sectionMm)
                .depthMm(Length.snap(fit.depthMm))
                .squeezePercent(ends.squeeze())
                .squeezeFreePercent(ends.squeezeFree())
                .fillPercent(ends.fill(material.swellPercent()))
                .gapMm(extrusion.allowedMm())
                .offCentrePercent(
                        off == null
                                ? null
                                : new OringGlandResult.Sides(fit.squeezeOffPercent(off), fit.squeezeOffPercent(-off)))
                .leadInMm(in.gland().isRadial() ? Double.valueOf(leadIn.needMm()) : null)
                .outsidePercent(ends.outsidePercent(draws))
                .findings(findings)
                .build();
    }

    /** The same gland as its nominal sizes are at a temperature (°C), for a drawing of it; nothing is swollen. */
    public static OringGlandInput at(OringGlandInput in, double temperatureC) {
        Sizes grown = new EndsRules(in, new Fit(in.use(), in.sizes(), in.backupsMm())).at(temperatureC);
        return OringGlandInputBuilder.builder(in)
                .counterDiameterMm(in.counterDiameterMm() == null ? null : Double.valueOf(grown.counterMm()))
                .grooveDiameterMm(grown.grooveMm())
                .grooveWidthMm(grown.widthMm())
                .grooveDepthMm(in.grooveDepthMm() == null ? null : Double.valueOf(grown.depthMm()))
                .ring(null)
                .ringInsideMm(grown.insideMm())
                .sectionMm(grown.sectionMm())
                .build();
    }

    /** From the coldest to the hottest; empty while these or the material are not known. */
    public static List<AtTemperature> overTemperature(OringGlandInput in) {
        return new EndsRules(in, new Fit(in.use(), in.sizes(), in.backupsMm()))
                .overTemperature(
                        new RingMaterial(in.material(), in.fluid(), in.coldestC(), in.hottestC()).swellPercent());
    }

    /** Over what the ring has to go: as given, else the land before its groove, or the stud. */
    private static @Nullable PullOver pullOver(OringGlandInput in) {
        Double largest = in.passOverMm() != null
                ? in.passOverMm()
                : switch (in.gland()) {
                    case PISTON -> Double.valueOf(in.counterDiameterMm() - (in.gapMm() == null ? 0 : in.gapMm()));
                    case BOSS -> Double.valueOf(in.grooveDiameterMm() - 2 * in.grooveWidthMm());
                    default -> null;
                };
        return largest == null
                ? null
                : new PullOver(
                        in.material(),
                        Math.max(0, 100 * (largest - in.ringInsideMm()) / in.ringInsideMm()),
                        in.passOverMm() == null);
    }
}
