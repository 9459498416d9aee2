package joropo.app.job;

import java.time.Instant;
import joropo.app.family.Stage;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import joropo.core.plan.PartState;
import org.jspecify.annotations.Nullable;

/**
 * A row of a parts list: a part that was put there by hand, or what was decided about one. @param state absent: the
 * first, @param why of it what it is for, of a decision the reason
 */
record PartRow(
        String part,
        @Nullable Stage stage,
        @Nullable PartKind kind,
        int count,
        @Nullable String name,
        String size,
        @Nullable String material,
        String why,
        @Nullable PartState state,
        @Nullable Long lotId,
        @Nullable String batch,
        @Nullable CureQuarter cured,
        @Nullable String followUp,
        @Nullable String personName,
        @Nullable Instant enteredAt) {
    boolean isDecision() {
        return state != null;
    }

    ListedPart listed() {
        return new ListedPart(part, stage, kind, count, name, size, material, why);
    }

    PartEntry decided() {
        return PartEntryBuilder.builder()
                .part(part)
                .state(state)
                .lotId(lotId)
                .batch(batch)
                .cured(cured)
                .count(count)
                .size(size)
                .material(material)
                .reason(why)
                .followUp(followUp)
                .personName(personName)
                .enteredAt(enteredAt)
                .build();
    }
}
