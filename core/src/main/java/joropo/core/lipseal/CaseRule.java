package joropo.core.lipseal;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import joropo.core.material.ThermalExpansion;
import joropo.core.section.CaseType;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** Which outside of the case suits the housing and what surrounds it (guide), with its interference cold and hot. */
final class CaseRule {
    /** A bore of these carries a bare metal case as well as its own metal. */
    private static final Set<String> HARD_BORES =
            Set.of("STEEL", "BEARING_STEEL", "CAST_IRON", "STAINLESS", "MARTENSITIC");

    private final LipSealInput in;
    private final List<CaseType> order;
    private final Map<CaseType, PressFitResult> fits = new EnumMap<>(CaseType.class);

    CaseRule(LipSealInput in, OperatingPoint at) {
        this.in = in;
        this.order = in.isCorrosive()
                ? List.of(CaseType.STAINLESS, CaseType.RUBBER, CaseType.METAL)
                : rubberFirst(at)
                        ? List.of(CaseType.RUBBER, CaseType.METAL, CaseType.STAINLESS)
                        : List.of(CaseType.METAL, CaseType.RUBBER, CaseType.STAINLESS);
        for (CaseType type : CaseType.values()) {
            fits.put(
                    type,
                    PressFitCheck.check(PressFitInputBuilder.builder()
                            .boreNominalMm(in.boreNominalMm())
                            .caseType(type)
                            .system(system())
                            .practice(in.practice())
                            .bore(in.bore())
                            .outsideMinMm(in.sealOutsideMinMm())
                            .outsideMaxMm(in.sealOutsideMaxMm())
                            .makerDocument(in.makerDocument())
                            .housingMaterial(in.housingMaterial())
                            .hotC(in.sumpTemperatureC())
                            .build()));
        }
    }

    private SealSystem system() {
        return in.system() != null ? in.system() : SealSystem.of(in.shaftNominalMm(), in.boreNominalMm());
    }

    private boolean rubberFirst(OperatingPoint at) {
        return in.isSplit()
                || in.isMarked()
                || at.isThin()
                || in.housingMaterial() == null
                || !HARD_BORES.contains(in.housingMaterial());
    }

    List<CaseType> order() {
        return order;
    }

    PressFitResult fit(CaseType type) {
        return fits.get(type);
    }

    /** A message as it stands among reasons. */
    private static String inASentence(String message) {
        return message.substring(0, 1).toLowerCase(Locale.ROOT)
                + message.substring(1).replaceAll("\\.$", "");
    }

    Judgement judge(CaseType type) {
        var out = new Judgement();
        for (Finding f : fits.get(type).findings()) {
            switch (f.status()) {
                case FAIL -> out.strike(f.message());
                case PASS ->
                    out.say(
                            Status.PASS,
                            f.id().equals("hot")
                                    ? Length.show(f.value(), 3) + " mm of it left when hot"
                                    : "case holds with " + Length.show(f.value(), 3) + " mm");
                default -> out.say(f.status(), inASentence(f.message()));
            }
        }
        if (in.isSplit() && type != CaseType.RUBBER) {
            out.mind("a bare case does not fill the joint of a split housing");
        }
        if (in.isMarked() && type != CaseType.RUBBER) {
            out.mind("a bare case does not fill the marks of the bore");
        }
        if (in.isFood()) {
            if (type == CaseType.METAL) {
                out.strike("a bare metal case rusts into the food");
            }
            out.say(Status.PASS, "compound approved for this food, certificate kept");
        }
        if (in.isCorrosive()) {
            switch (type) {
                case METAL -> out.mind("rusts in this surrounding");
                case RUBBER -> out.say(Status.PASS, "with a spring of corrosion-proof steel");
                case STAINLESS -> out.say(Status.PASS, "stands this surrounding");
            }
        }
        if (type == CaseType.RUBBER
                && in.housingMaterial() != null
                && ThermalExpansion.of(in.housingMaterial()).perK() > ThermalExpansion.STEEL.perK()) {
            out.say(Status.PASS, "follows the housing when it grows warm");
        }
        return out;
    }
}
