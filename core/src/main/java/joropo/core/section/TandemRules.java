package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;

/** The space between two lips that face the same way (D4; guide). */
final class TandemRules {
    private final ArrangedParts parts;
    private final Section section;

    TandemRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return IntStream.range(1, parts.sealing().size())
                .filter(i -> parts.sealing().get(i - 1).open()
                        == parts.sealing().get(i).open())
                .mapToObj(this::d4)
                .toList();
    }

    /** @param i number of the space between two lips that face the same way */
    private Finding d4(int i) {
        Space between = section.spaces().get(i);
        String subject = "space between two in tandem";
        Side open = parts.sealing().get(i).open();
        Space kept =
                open == Side.IN ? section.spaces().get(i + 1) : section.spaces().get(i - 1);
        String part = "space" + i;
        if (kept.pressureIsMissing()) {
            return SectionFinding.direction(
                    "D4", MISSING, subject, "How deep the vacuum is, is not known.", "Read its pressure.", part);
        }
        if (between.nobodySaid()) {
            return SectionFinding.direction(
                    "D4",
                    MISSING,
                    subject,
                    "What lies between the two is not known: a dry room burns the second lip.",
                    "Say what lies there, and how full it stands.",
                    part);
        }
        if (between.isFed()) {
            return SectionFinding.direction("D4", PASS, subject, "The space between is fed with grease.", "", part);
        }
        if (kept.mpa() > 0 && !between.vented()) {
            return SectionFinding.direction(
                    "D4",
                    CAUTION,
                    subject,
                    "There is pressure and the space between has no vent: the second lip takes it all once the "
                            + "first has let some past.",
                    "Vent the space between.",
                    part);
        }
        return switch (parts.level(i)) {
            case DRY ->
                SectionFinding.direction(
                        "D4",
                        CAUTION,
                        subject,
                        "The second lip runs dry.",
                        "A third to a half of the space filled with grease or medium.",
                        part);
            case FULL ->
                between.vented()
                        ? SectionFinding.direction(
                                "D4", PASS, subject, "The space between is full and vented.", "", part)
                        : SectionFinding.direction(
                                "D4",
                                CAUTION,
                                subject,
                                "The space between is full and closed: it swells when warm and presses on both lips.",
                                "Fill a third to a half, or vent it.",
                                part);
            case PARTIAL, SPLASH ->
                SectionFinding.direction(
                        "D4",
                        PASS,
                        subject,
                        "The second lip has what it needs."
                                + (between.levelIsAssumed() ? " That the space is splashed is assumed." : "")
                                + (kept.pressureMpa() == null
                                        ? " 0 MPa is assumed for the "
                                                + kept.medium().words() + "."
                                        : ""),
                        "",
                        part);
        };
    }
}
