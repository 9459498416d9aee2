package joropo.core.section;

import java.util.List;
import java.util.stream.Stream;

/** Judges a section by the direction rules and the depth rules; a figure that is not there makes its own rule MISSING and no other. */
public final class SectionCheck {
    private SectionCheck() { }

    public static SectionResult check(Section section) {
        return new SectionResult(DepthRules.track(section), DepthRules.window(section),
                Stream.concat(DirectionRules.judge(section).stream(), DepthRules.judge(section).stream()).toList());
    }
}
