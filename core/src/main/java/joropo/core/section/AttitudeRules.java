package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.PASS;

import java.util.Optional;
import joropo.core.material.Dirt;
import joropo.core.verdict.Finding;

/** A shaft that stands upright (D12; guide). */
final class AttitudeRules {
    private final Section section;
    private final DirtRules dirt;

    AttitudeRules(Section section, DirtRules dirt) {
        this.section = section;
        this.dirt = dirt;
    }

    Optional<Finding> judge() {
        String subject = "attitude of the shaft";
        if (section.attitude() == null) {
            return Optional.of(
                    SectionFinding.direction("D12", PASS, subject, "The shaft is assumed to lie level.", "", null));
        }
        return switch (section.attitude()) {
            case HORIZONTAL -> Optional.empty();
            case OUTSIDE_DOWN ->
                !section.inside().medium().isLiquid()
                        ? Optional.of(
                                SectionFinding.direction("D12", PASS, subject, "Nothing stands on the lip.", "", null))
                        : Optional.of(SectionFinding.direction(
                                "D12",
                                section.inside().level() == Level.FULL ? PASS : CAUTION,
                                subject,
                                "The " + section.inside().medium().words() + " stands on the lip: it counts as full.",
                                section.inside().level() == Level.FULL
                                        ? ""
                                        : "Judge the level as full; gravity never decides the direction against "
                                                + "pressure.",
                                null));
            case OUTSIDE_UP -> {
                boolean lies = section.outside().dirt() != Dirt.CLEAN
                        || section.outside().holdsLiquid();
                yield Optional.of(SectionFinding.direction(
                        "D12",
                        lies && !dirt.hasExcluder() ? CAUTION : PASS,
                        subject,
                        !lies
                                ? "Nothing lies on the seal."
                                        + (section.outside().dirtIsAssumed() ? " Outside is assumed to be clean." : "")
                                : dirt.hasExcluder()
                                        ? "What lies on the seal is kept off the lip."
                                        : "Water or dirt lies on the seal.",
                        lies && !dirt.hasExcluder() ? "An excluder or a catch ring above the seal." : "",
                        null));
            }
        };
    }
}
