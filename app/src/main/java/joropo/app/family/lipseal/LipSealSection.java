package joropo.app.family.lipseal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import joropo.app.family.JobFacts;
import joropo.app.family.WorkSection;
import joropo.core.lipseal.Layout;
import joropo.core.plan.PartKind;
import joropo.core.plan.StripLog;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.Length;

/** The section of a lip seal's job between its sheets and the bench. */
final class LipSealSection implements WorkSection {
    private final LipSealWork work;

    LipSealSection(LipSealWork work) {
        this.work = work;
    }

    @Override
    public Section typed() {
        return work.typed().section();
    }

    @Override
    public Section planned() {
        return work.entry().section();
    }

    @Override
    public Section fitted() {
        return work.fitted();
    }

    /** As the strip log has it; before a seal is logged as the position was left, else as the sheets say. */
    @Override
    public Section found(JobFacts.Evidence evidence) {
        Section sheets = AssumedSection.found(typed(), work.read());
        return evidence.log().stream().anyMatch(r -> r.kind() == PartKind.LIP_SEAL)
                ? StripLog.asFound(sheets, evidence.log())
                : evidence.fitted().get().orElse(sheets);
    }

    @Override
    public Map<String, String> asTexts(Section section) {
        BoreItem.Seal seal = section.seal();
        Map<String, String> out = new LinkedHashMap<>();
        out.put(
                LipSealFields.SIZE.name(),
                plain(Objects.requireNonNullElse(section.shaftDiameterMm(), 0.0)) + "x"
                        + plain(seal.outsideDiameterMm()) + "x" + plain(seal.widthMm()));
        out.put(LipSealFields.MAIN_LIP.name(), seal.mainLip().name());
        out.put(LipSealFields.PLANNED_DEPTH.name(), plain(seal.fromMm()));
        out.put(LipSealFields.LAYOUT.name(), Layout.of(section).name());
        if (seal.caseType() != null) {
            out.put(LipSealFields.CASE_TYPE.name(), seal.caseType().name());
        }
        return out;
    }

    private static String plain(double mm) {
        return Length.show(mm, Math.abs(mm - Math.rint(mm)) < 1e-9 ? 0 : 2);
    }
}
