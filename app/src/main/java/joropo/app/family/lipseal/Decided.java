package joropo.app.family.lipseal;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.family.ReadFields;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealCheck;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.material.Elastomer;
import joropo.core.section.CaseType;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSize;
import org.jspecify.annotations.Nullable;

/**
 * What was decided about the seal, each part absent until it was.
 *
 * @param choosing how it stands among all that may be taken, absent while the speed is not known
 */
record Decided(
        @Nullable SealSize size,
        @Nullable Layout layout,
        @Nullable Elastomer material,
        @Nullable CaseType caseType,
        @Nullable Side mainLip,
        @Nullable LipSealResult choosing) {
    static Decided of(ReadFields read, Duty duty) {
        String code = read.get(LipSealFields.MATERIAL);
        return new Decided(
                read.get(LipSealFields.SIZE),
                read.get(LipSealFields.LAYOUT),
                code == null ? null : Duty.seals(read).material(code, "material"),
                read.get(LipSealFields.CASE_TYPE),
                read.get(LipSealFields.MAIN_LIP),
                duty.input() == null ? null : LipSealCheck.check(duty.input()));
    }

    boolean isComplete() {
        return open().isEmpty();
    }

    /** What is not decided, in words. */
    List<String> open() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", size);
        all.put("layout", layout);
        all.put("material", material);
        all.put("outside of the case", caseType);
        all.put("way round", mainLip);
        return all.entrySet().stream()
                .filter(e -> e.getValue() == null)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Whether enough is decided to say how it is fitted. */
    boolean canBePlanned() {
        return size != null && mainLip != null && caseType != null;
    }

    boolean isPtfe() {
        return layout == Layout.PTFE;
    }

    /** The decided seal among those that may be taken; absent when it is struck out or not all decided. */
    Optional<Candidate> candidate() {
        return choosing == null || material == null
                ? Optional.empty()
                : choosing.candidates().stream()
                        .filter(c -> c.layout() == layout
                                && c.material().equals(material.code())
                                && c.caseType() == caseType)
                        .findFirst();
    }

    /** Whether it is another than the recommended one, so that a reason has to be written. */
    boolean wantsReason() {
        return choosing != null
                && layout != null
                && material != null
                && caseType != null
                && candidate().map(c -> c.rank() > 1).orElse(true);
    }

    /** Outside of the case as decided, else of the recommended seal. */
    Optional<CaseType> caseTypeOrRecommended() {
        return Optional.ofNullable(caseType)
                .or(() -> choosing == null
                        ? Optional.empty()
                        : choosing.candidates().stream().findFirst().map(Candidate::caseType));
    }
}
