package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import joropo.core.verdict.Finding;

/** Ways past the lip: splines, keyways, gaskets (D11; guide). */
final class JointRules {
    private final ArrangedParts parts;
    private final Section section;

    JointRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return section.joints().stream().map(this::d11).toList();
    }

    private Finding d11(Joint joint) {
        String subject = joint.kind().words() + " beside the lip";
        String part = joint.kind().name();
        if (joint.sealedBy() != Joint.Closure.NONE) {
            return SectionFinding.direction("D11", PASS, subject, "It is closed.", "", part);
        }
        int a = joint.between().get(0);
        int b = joint.between().get(1);
        Finding one = leak(a, b, subject, part);
        Finding other = leak(b, a, subject, part);
        return one.status().compareTo(other.status()) <= 0 ? one : other;
    }

    /** What leaves the first space through an open joint into the second. */
    private Finding leak(int from, int to, String subject, String part) {
        Space wet = section.spaces().get(from);
        Space other = section.spaces().get(to);
        boolean counts = to == 0
                || to == section.spaces().size() - 1
                || other.isEmpty()
                || other.holdsLiquid()
                || other.nobodySaid();
        if (wet.isEmpty() || wet.unlike(other) == Space.Unlike.NO || !counts) {
            return SectionFinding.direction(
                    "D11",
                    PASS,
                    subject,
                    "Nothing is lost through it."
                            + (wet.isEmpty() && from == 0 && wet.dirtIsAssumed()
                                    ? " Outside is assumed to be clean."
                                    : ""),
                    "",
                    part);
        }
        if (!wet.holdsLiquid()) {
            return SectionFinding.direction(
                    "D11",
                    CAUTION,
                    subject,
                    "Grease can leave through it, past a good lip.",
                    "A film of sealant, or a gasket.",
                    part);
        }
        boolean sure = wet.mpa() > 0 || parts.level(from) == Level.FULL;
        return SectionFinding.direction(
                "D11",
                sure ? FAIL : CAUTION,
                subject,
                "The " + wet.stands().words()
                        + (sure
                                ? " leaves through it, however good the lip is."
                                : " can creep out through it, past a good lip."),
                "Sealant in the joint, an O-ring or a gasket; blind splines keep an air path.",
                part);
    }
}
