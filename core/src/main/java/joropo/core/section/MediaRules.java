package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import joropo.core.material.Medium;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** Media that must not mix (D3; guide). */
final class MediaRules {
    private final ArrangedParts parts;
    private final Section section;

    MediaRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    Finding judge() {
        Space outside = section.outside();
        Space inside = section.inside();
        String subject = "media that must not mix";
        Space.Unlike unlike = outside.unlike(inside);
        if (outside.isEmpty() || inside.isEmpty() || unlike == Space.Unlike.NO) {
            return SectionFinding.direction(
                    "D3",
                    PASS,
                    subject,
                    "There is nothing to keep apart."
                            + (outside.isEmpty() && outside.dirtIsAssumed() ? " Outside is assumed to be clean." : ""),
                    "",
                    null);
        }
        Finding apart = apart(outside, inside, subject);
        return unlike == Space.Unlike.YES || apart.status() == PASS
                ? apart
                : SectionFinding.direction(
                        "D3",
                        Status.MISSING,
                        subject,
                        "There is " + inside.stands().words()
                                + " on both sides, and only one of the two is named: whether they are the same is not "
                                + "known.",
                        "Name both.",
                        null);
    }

    private Finding apart(Space outside, Space inside, String subject) {
        String both =
                outside.stands().words() + " outside and " + inside.stands().words() + " inside";
        boolean grease = outside.stands() == Medium.GREASE || inside.stands() == Medium.GREASE;
        if (parts.sealing().size() == 1) {
            return SectionFinding.direction(
                    "D3",
                    grease ? CAUTION : FAIL,
                    subject,
                    "One lip between " + both + ": it keeps one of them only.",
                    "Two lips back to back, with a drained, vented or greased space between.",
                    null);
        }
        boolean out = false;
        boolean eachItsOwn = false;
        for (BoreItem.Sealing s : parts.sealing()) {
            eachItsOwn |= out && s.open() == Side.IN;
            out |= s.open() == Side.OUT;
        }
        if (!eachItsOwn) {
            return SectionFinding.direction(
                    "D3",
                    CAUTION,
                    subject,
                    "No two lips face away from each other between " + both + ": only one medium is kept, or none.",
                    "Turn one seal towards the other medium.",
                    null);
        }
        boolean parted = false;
        boolean unsaid = false;
        for (int i = 1; i < section.spaces().size() - 1; i++) {
            Space between = section.spaces().get(i);
            unsaid |= between.nobodySaid();
            parted |= between.vented()
                    || between.medium() == Medium.GREASE && !between.nobodySaid()
                    || has(i, BoreItem.Port.Kind.DRAIN);
        }
        if (unsaid && !parted) {
            return SectionFinding.direction(
                    "D3",
                    Status.MISSING,
                    subject,
                    "A lip faces each medium; what lies between the lips is not known.",
                    "Say what lies there: a drain, a vent or grease keeps the two apart.",
                    null);
        }
        return SectionFinding.direction(
                "D3",
                parted ? PASS : CAUTION,
                subject,
                parted
                        ? "A lip faces each medium, and what passes one of them leaves or meets grease."
                        : "A lip faces each medium, but what passes one collects in a closed space and passes the "
                                + "other.",
                parted ? "" : "A drain, a vent or grease between the lips.",
                null);
    }

    private boolean has(int space, BoreItem.Port.Kind kind) {
        return parts.items(BoreItem.Port.class)
                .anyMatch(p -> p.kind() == kind && parts.spaceAt((p.fromMm() + p.toMm()) / 2) == space);
    }
}
