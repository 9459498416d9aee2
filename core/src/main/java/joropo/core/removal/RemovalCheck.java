package joropo.core.removal;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import joropo.core.removal.RemovalInput.What;
import joropo.core.removal.RemovalResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Ways of taking a part out: ruled out by what is round it, and ordered (guide). */
public final class RemovalCheck {
    /** Way that a slide hammer needs on top of its length (mm, guide). */
    private static final double STROKE_MM = 100;
    /** Free depth that a hook needs to reach behind an edge, and a drill behind a case (mm, guide). */
    private static final double BEHIND_MM = 3;
    /** Free depth and opening that the jaws of an internal puller need (mm, guide). */
    private static final double JAW_DEPTH_MM = 5;

    private static final double JAW_OPENING_MM = 12;
    private static final double SLACK = 1e-9;
    private static final String GUIDE = "taking out";

    private final RemovalInput in;

    private RemovalCheck(RemovalInput in) {
        this.in = in;
    }

    public static RemovalResult check(RemovalInput in) {
        var check = new RemovalCheck(in);
        List<Offer> ways = Arrays.stream(Way.values())
                .map(check::judge)
                .sorted(Comparator.comparingInt(o -> group(o.verdict())))
                .toList();
        return new RemovalResult(
                ways,
                List.of(
                        check.best(ways),
                        Finding.of(
                                "destroyed",
                                CAUTION,
                                "what comes out",
                                "Every removed seal counts as destroyed, unless a written inspection says "
                                        + "otherwise, and then never as the only seal.",
                                "Have the new one in hand before you pull.",
                                Source.GUIDE,
                                GUIDE)));
    }

    private static int group(Status verdict) {
        return verdict == FAIL ? 2 : verdict == MISSING ? 1 : 0;
    }

    private Finding best(List<Offer> ways) {
        Offer first = ways.get(0);
        String subject = "way of taking out the " + in.what().words();
        return switch (first.verdict()) {
            case FAIL ->
                Finding.of(
                        "way",
                        FAIL,
                        subject,
                        "Every way is ruled out as things stand.",
                        "Take more apart round it, so that it can be reached.",
                        Source.GUIDE,
                        GUIDE);
            case MISSING ->
                Finding.missing(
                        "way",
                        subject,
                        "Nothing can be said before it is known how it can be reached.",
                        "Look at what is round it.");
            default ->
                Finding.of(
                        "way",
                        PASS,
                        subject,
                        "First: " + first.way().words() + ", " + first.reason() + ".",
                        "",
                        Source.GUIDE,
                        GUIDE);
        };
    }

    private Offer judge(Way way) {
        return switch (way) {
            case LEVER -> lever();
            case FLANGE_LIFT ->
                needs(
                        way,
                        in.rimProud(),
                        "a rim or flange stands proud",
                        "nothing stands proud to lift by",
                        "Bends a cover: lift all round, a little at a time.");
            case HOOK_SLIDE_HAMMER -> hook();
            case PRESS_FROM_BEHIND ->
                needs(
                        way,
                        in.otherSideAccess(),
                        "it can be reached from the other side",
                        "no access from the other side",
                        "Support the housing round the bore: the press must not carry on shaft or bearing.");
            case COLLAPSE -> collapse();
            case PIERCE_SCREW_PULL -> pierce();
            case INTERNAL_PULLER -> puller();
            case HEAT_OR_COLD -> heat();
            case PRESSURE -> pressure();
        };
    }

    private Offer lever() {
        if (!in.edgeReachable()) {
            return offer(Way.LEVER, FAIL, "its edge cannot be reached");
        }
        if (Boolean.TRUE.equals(in.besideBrittleFace())) {
            return offer(Way.LEVER, FAIL, "the tool would bear on a brittle face or the running surface");
        }
        return offer(
                Way.LEVER,
                PASS,
                "its edge can be reached and the bore's edge may carry a pad",
                "A scratch across the seat is a leak path: pad under the tool, never on a sealing edge.");
    }

    private Offer hook() {
        if (in.spaceInLineMm() == null || in.toolLengthMm() == null || in.behindMm() == null) {
            String what = in.spaceInLineMm() == null
                    ? "the room in line"
                    : in.toolLengthMm() == null ? "the length of the tool" : "what lies behind";
            return offer(Way.HOOK_SLIDE_HAMMER, MISSING, what + " is not known");
        }
        double wanted = in.toolLengthMm() + STROKE_MM;
        if (in.spaceInLineMm() < wanted - SLACK) {
            return offer(
                    Way.HOOK_SLIDE_HAMMER,
                    FAIL,
                    "it wants " + mm(wanted) + " mm in line, there are " + mm(in.spaceInLineMm()));
        }
        if (in.behindMm() < BEHIND_MM - SLACK) {
            return offer(Way.HOOK_SLIDE_HAMMER, FAIL, "a bearing or face lies right behind it");
        }
        return offer(
                Way.HOOK_SLIDE_HAMMER,
                PASS,
                "there is room in line and an edge to hook behind",
                "The hook scratches the bore: pad it.",
                "Hands clear of the sliding weight.");
    }

    private Offer collapse() {
        if (in.what() != What.LIP_SEAL) {
            return offer(Way.COLLAPSE, FAIL, "only the thin case of a lip seal bends");
        }
        if (in.besideBrittleFace() == null) {
            return offer(Way.COLLAPSE, MISSING, "it is not said what lies beside it");
        }
        return in.besideBrittleFace()
                ? offer(Way.COLLAPSE, FAIL, "it lies next to a brittle face or on the running surface")
                : offer(
                        Way.COLLAPSE,
                        PASS,
                        "the case can be bent inward in a tight place",
                        "The tool slips onto the shaft: sleeve the shaft first.");
    }

    private Offer pierce() {
        if (in.what() != What.LIP_SEAL) {
            return offer(Way.PIERCE_SCREW_PULL, FAIL, "only the case of a lip seal can be pierced");
        }
        if (in.behindMm() == null) {
            return offer(Way.PIERCE_SCREW_PULL, MISSING, "what lies behind is not known");
        }
        return in.behindMm() <= BEHIND_MM + SLACK
                ? offer(Way.PIERCE_SCREW_PULL, FAIL, "a bearing or face lies within 3 mm behind it")
                : offer(
                        Way.PIERCE_SCREW_PULL,
                        PASS,
                        "two opposite holes with a stop on the drill",
                        "Chips fall inside: grease on the drill, magnet, wash.",
                        "Eye protection.");
    }

    private Offer puller() {
        if (in.behindMm() == null || in.lipOpeningMm() == null) {
            return offer(
                    Way.INTERNAL_PULLER,
                    MISSING,
                    (in.behindMm() == null ? "what lies behind" : "the opening inside the lip") + " is not known");
        }
        if (in.behindMm() < JAW_DEPTH_MM - SLACK) {
            return offer(Way.INTERNAL_PULLER, FAIL, "no room behind it for the jaws");
        }
        return in.lipOpeningMm() < JAW_OPENING_MM - SLACK
                ? offer(Way.INTERNAL_PULLER, FAIL, "the jaws do not pass its opening")
                : offer(
                        Way.INTERNAL_PULLER,
                        PASS,
                        "the jaws pass its opening and find room behind",
                        "A step of the housing may hide the edge: feel for it.");
    }

    private Offer heat() {
        if (Boolean.TRUE.equals(in.elastomersStay()) || Boolean.TRUE.equals(in.flammable())) {
            return offer(
                    Way.HEAT_OR_COLD,
                    FAIL,
                    Boolean.TRUE.equals(in.flammable())
                            ? "something flammable, or a refrigerant, is near"
                            : "elastomers near by stay in");
        }
        return in.elastomersStay() == null || in.flammable() == null
                ? offer(
                        Way.HEAT_OR_COLD,
                        MISSING,
                        "it is not said whether elastomers stay in or anything flammable is near")
                : offer(
                        Way.HEAT_OR_COLD,
                        CAUTION,
                        "helps any other way, where sealant or a locked joint holds it",
                        "Burns and fumes: gloves, air the place; never flame an old seal off.");
    }

    private Offer pressure() {
        return Boolean.TRUE.equals(in.pressureAllowed())
                ? offer(
                        Way.PRESSURE,
                        CAUTION,
                        "the maker's instruction allows it, everything else closed",
                        "Press with oil, at the lowest pressure that does it. Shield up; everybody clear of the line of "
                                + "flight. Gas is never used.")
                : offer(Way.PRESSURE, FAIL, "no maker's instruction allows it");
    }

    private static Offer needs(Way way, @Nullable Boolean there, String holds, String fails, String caution) {
        return there == null
                ? offer(way, MISSING, "it is not said whether " + holds)
                : there ? offer(way, PASS, holds, caution) : offer(way, FAIL, fails);
    }

    private static Offer offer(Way way, Status verdict, String reason, String... cautions) {
        return new Offer(way, verdict, reason, List.of(cautions));
    }

    private static String mm(double mm) {
        return Length.show(mm, 0);
    }
}
