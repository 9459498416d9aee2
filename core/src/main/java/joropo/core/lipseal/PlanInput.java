package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import joropo.core.lipseal.Lubricants.Zone;
import joropo.core.material.Elastomer;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.Section;
import joropo.core.sizes.SealSize;
import joropo.core.surface.RunningSurfaceResult.Offer;
import org.jspecify.annotations.Nullable;

/**
 * What the plan and the parts list are made from.
 *
 * @param among which seal of the section it is; absent: the only one
 * @param buildOrder parts of the section in the order in which they go in, as its check found
 * @param layout, @param material absent while not decided
 * @param shaftEnd the edge that passes under the lip, as seen; absent: not looked at, @param cover what covers it;
 *     absent: nothing
 * @param targetDepthMm where the outer face should stand, absent: no limit inward is known, @param found how the place
 *     of the old seal comes into that, sentences; absent: it was not read
 * @param remedy what is done about the running surface, absent: nothing, @param sleeveWallMm wall of a thin sleeve
 * @param lubricants by zone, empty while the material is not decided
 * @param driver absent while nothing says how deep, @param runningSleeve whether a removable running sleeve or spacer
 *     sits on the shaft
 * @param sleevePlaceMm where the old one stood from its shoulder, absent: not read
 * @param oneWay whether the shaft may be turned in its running direction only
 * @param meets how shaft and housing come together, @param cameOff names in the section of what came off: its way back
 *     stands in the plan of the job
 */
@RecordBuilder
public record PlanInput(
        Section section,
        @Nullable Among among,
        List<String> buildOrder,
        SealSize size,
        @Nullable Layout layout,
        @Nullable Elastomer material,
        CaseType caseType,
        @Nullable ShaftEnd shaftEnd,
        @Nullable EdgeCover cover,
        @Nullable Double targetDepthMm,
        @Nullable String found,
        @Nullable Offer remedy,
        List<Zone> lubricants,
        @Nullable DriverResult driver,
        boolean runningSleeve,
        @Nullable Double sleevePlaceMm,
        boolean oneWay,
        @Nullable Meets meets,
        @Nullable Set<String> cameOff) {

    public PlanInput {
        meets = meets == null ? Meets.NOT_SAID : meets;
        cameOff = cameOff == null ? Set.of() : Set.copyOf(cameOff);
        found = found == null ? "" : found;
        among = among == null ? Among.alone(section) : among;
    }

    BoreItem.Seal seal() {
        return section.seal(among.id());
    }

    /** What it is called in a sentence. */
    String name() {
        return among.isAlone() ? "seal" : among.name();
    }

    /** What the seal is, in the words of a parts list. */
    String words() {
        return size.words() + (layout == null ? "" : ", " + layout.words())
                + (material == null ? "" : ", " + material.code()) + ", " + caseType.words();
    }
}
