package joropo.app.family.lipseal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import joropo.app.family.JobFacts;
import joropo.app.family.WorkSection;
import joropo.core.lipseal.Layout;
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
        return work.left();
    }

    @Override
    public Section found() {
        return work.foundSection();
    }

    @Override
    public boolean isFound() {
        return !StripLog.seals(work.log()).isEmpty() || work.known().isRead();
    }

    /** Its place and the way it faced; its size where all three of it were read and none is decided. */
    @Override
    public Map<String, String> foundTexts() {
        LipSealFacts.Found old = work.known().found(work.alike().index());
        Double shaft = work.measured().shaft().nominalMm();
        Double bore = work.measured().bore().nominalMm();
        Map<String, String> out = new LinkedHashMap<>();
        if (old.placeMm() != null) {
            out.put(LipSealFields.PLANNED_DEPTH.name(), plain(old.placeMm()));
        }
        if (old.faced() != null) {
            out.put(LipSealFields.MAIN_LIP.name(), old.faced().name());
        }
        if (shaft != null
                && bore != null
                && old.widthMm() != null
                && work.read().get(LipSealFields.SIZE) == null) {
            out.put(LipSealFields.SIZE.name(), plain(shaft) + "x" + plain(bore) + "x" + plain(old.widthMm()));
        }
        return out;
    }

    @Override
    public Map<String, String> asTexts(Section section) {
        JobFacts.Alike alike = work.alike();
        int fromInside = work.known().fromInside(alike.index());
        if (fromInside >= section.seals().size()) {
            return Map.of();
        }
        BoreItem.Seal seal = section.seal(AssumedSection.arrangedId(section, fromInside));
        Map<String, String> out = new LinkedHashMap<>();
        out.put(
                LipSealFields.SIZE.name(),
                plain(shaftMm(section, seal)) + "x" + plain(seal.outsideDiameterMm()) + "x" + plain(seal.widthMm()));
        out.put(LipSealFields.MAIN_LIP.name(), seal.mainLip().name());
        out.put(LipSealFields.PLANNED_DEPTH.name(), plain(seal.fromMm()));
        out.put(LipSealFields.LAYOUT.name(), (alike.isAlone() ? Layout.of(section) : Layout.of(seal)).name());
        if (seal.caseType() != null) {
            out.put(LipSealFields.CASE_TYPE.name(), seal.caseType().name());
        }
        return out;
    }

    private double shaftMm(Section section, BoreItem.Seal seal) {
        return work.alike().isAlone() || seal.insideDiameterMm() == null
                ? Objects.requireNonNullElse(section.shaftDiameterMm(), 0.0)
                : seal.insideDiameterMm();
    }

    private static String plain(double mm) {
        return Length.show(mm, Math.abs(mm - Math.rint(mm)) < 1e-9 ? 0 : 2);
    }
}
