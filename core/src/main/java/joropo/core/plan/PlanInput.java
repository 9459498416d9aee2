package joropo.core.plan;

import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * What the plan is made from.
 * @param size as fitters say it, such as 45x62x8
 * @param shaftEnd the edge that passes under the lip, as seen; absent: not looked at
 * @param targetDepthMm where the outer face should stand, absent: no limit inward is known
 */
public record PlanInput(Section section, String size, CaseType caseType, @Nullable ShaftEnd shaftEnd, @Nullable Double targetDepthMm) { }
