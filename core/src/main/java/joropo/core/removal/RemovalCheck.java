package joropo.core.removal;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
    private static final String BESIDE_UNKNOWN =
            "whether a brittle face or the running surface lies beside it is not known";

    private final RemovalInput in;

    private RemovalCheck(RemovalInput in) {
        this.in = in;
    }

    public static RemovalResult check(RemovalInput in) {
        var check = new RemovalCheck(in);
        List<Offer> ways = Arrays.stream(Way.values())
                .filter(check::isOffered)
                .map(check::judge)
                .sorted(Comparator.comparingInt(o -> group(o.verdict())))
                .toList();
        return new RemovalResult(ways, List.of(check.best(ways), check.after()));
    }

    private static int group(Status verdict) {
        return verdict == FAIL ? 2 : verdict == MISSING ? 1 : 0;
    }

    /** Ways that belong to other things are not offered; those that would break this one are, ruled out. */
    private boolean isOffered(Way way) {
        return switch (way) {
            case PUSH_BY_HAND -> in.what() == What.SEAT;
            case PULLER, DRIFT_ON_TIGHT_RING -> in.what() == What.BEARING;
            case CORKSCREW, LANTERN_THREADS -> in.what() == What.PACKING;
            case PICK -> in.what() == What.RING;
            default -> true;
        };
    }

    /** Heat is no way by itself: it only helps another one. */
    private Finding best(List<Offer> ways) {
        Offer first = ways.stream()
                .filter(o -> o.way() != Way.HEAT_OR_COLD)
                .findFirst()
                .orElseThrow();
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
                        "No way can be chosen yet: " + first.reason() + ".",
                        "Look at what is round it.");
            default ->
                Finding.of(
                        "way",
                        first.verdict(),
                        subject,
                        "First: " + first.way().words() + ", " + first.reason() + ".",
                        "",
                        Source.GUIDE,
                        GUIDE);
        };
    }

    /** What becomes of it: the same for every one of its kind, so it is no caution. */
    private Finding after() {
        return in.what() == What.BEARING
                ? Finding.of(
                        "destroyed",
                        PASS,
                        "what comes out",
                        "A bearing may go back after it was looked at, washed and turned by hand.",
                        "Write down what was found.",
                        Source.GUIDE,
                        GUIDE)
                : Finding.of(
                        "destroyed",
                        PASS,
                        "what comes out",
                        "Every removed seal counts as destroyed, unless a written inspection says otherwise, and then "
                                + "never as the only seal.",
                        "Have the new one in hand before you pull.",
                        Source.GUIDE,
                        GUIDE);
    }

    private Offer judge(Way way) {
        String breaks = breaks(way);
        if (breaks != null) {
            return offer(way, FAIL, breaks);
        }
        return switch (way) {
            case PUSH_BY_HAND ->
                needs(
                        way,
                        in.otherSideAccess(),
                        "the other side is open",
                        "the bore is blind",
                        "Thumb or a soft rod on the stiff part; soft ground below, since the ring chips.");
            case PULLER -> pullerOnRing();
            case DRIFT_ON_TIGHT_RING ->
                fromBehind(
                        way,
                        "Never through the balls: a step round each time, and look at the ring.",
                        "Eye protection.");
            case CORKSCREW ->
                in.edgeReachable()
                        ? offer(
                                way,
                                PASS,
                                "the rings can be reached, two at a time from opposite sides",
                                "The box is proved empty first. Never a drill, and never a steel pick towards the "
                                        + "sleeve.",
                                "Old packing may hold asbestos: never scrape it dry.")
                        : offer(way, FAIL, "the rings cannot be reached: the gland has to come further back");
            case LANTERN_THREADS ->
                in.edgeReachable()
                        ? offer(way, PASS, "the lantern has threaded holes to draw it by", "Draw it straight.")
                        : offer(way, FAIL, "the lantern cannot be reached yet");
            case PICK ->
                in.edgeReachable()
                        ? offer(
                                way,
                                PASS,
                                "it is pressed out of its groove from the side that does not seal",
                                "Never a steel pick on the corner of the groove, and never on a running face.")
                        : offer(way, FAIL, "its groove cannot be reached");
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
                in.what() == What.BEARING
                        ? fromBehind(way, "Support under the tight ring; the press never carries on the balls.")
                        : needs(
                                way,
                                in.otherSideAccess(),
                                "it can be reached from the other side",
                                "no access from the other side",
                                in.what() == What.SEAT
                                        ? "With a soft ring on its stiff part, straight."
                                        : "Support the housing round the bore: the press must not carry on shaft or "
                                                + "bearing.");
            case COLLAPSE -> collapse();
            case PIERCE_SCREW_PULL -> pierce();
            case INTERNAL_PULLER -> puller();
            case HEAT_OR_COLD -> heat();
            case PRESSURE -> pressure();
        };
    }

    /** Why a way breaks what comes out, or what stays; absent where it does not. */
    private @Nullable String breaks(Way way) {
        return switch (in.what()) {
            case LIP_SEAL -> null;
            case SEAT ->
                switch (way) {
                    case LEVER, HOOK_SLIDE_HAMMER, COLLAPSE, PIERCE_SCREW_PULL, FLANGE_LIFT ->
                        "it chips or breaks a brittle ring";
                    default -> null;
                };
            case BEARING ->
                switch (way) {
                    case LEVER, FLANGE_LIFT -> "it pulls on one side and the ring jams";
                    case HOOK_SLIDE_HAMMER, INTERNAL_PULLER ->
                        "it pulls through the balls unless it grips the tight ring";
                    case COLLAPSE, PIERCE_SCREW_PULL -> "a bearing has no thin case";
                    default -> null;
                };
            case PACKING -> way == Way.CORKSCREW || way == Way.LANTERN_THREADS ? null : "packing is drawn ring by ring";
            case RING -> way == Way.PICK ? null : "it scratches the groove or the running face";
        };
    }

    private Offer pullerOnRing() {
        if (in.tightRing() == null) {
            return offer(Way.PULLER, MISSING, "which ring is tight is not known");
        }
        return in.edgeReachable()
                ? offer(
                        Way.PULLER,
                        PASS,
                        "the claws reach the " + in.tightRing().words() + ", which is tight",
                        "Never through the balls. A step round if it jams.")
                : offer(
                        Way.PULLER,
                        FAIL,
                        "the claws do not reach the " + in.tightRing().words());
    }

    /** Pressing or driving a bearing from the other side, through its tight ring. */
    private Offer fromBehind(Way way, String... cautions) {
        if (Boolean.FALSE.equals(in.otherSideAccess())) {
            return offer(way, FAIL, "no access from the other side");
        }
        if (in.otherSideAccess() == null || in.tightRing() == null) {
            return offer(
                    way,
                    MISSING,
                    in.tightRing() == null
                            ? "which ring is tight is not known"
                            : "whether it can be reached from the other side is not known");
        }
        return offer(
                way,
                way == Way.DRIFT_ON_TIGHT_RING ? CAUTION : PASS,
                "from the other side on the " + in.tightRing().words() + ", which is tight",
                cautions);
    }

    private Offer lever() {
        if (!in.edgeReachable()) {
            return offer(Way.LEVER, FAIL, "its edge cannot be reached");
        }
        if (in.besideBrittleFace() == null) {
            return offer(Way.LEVER, MISSING, BESIDE_UNKNOWN);
        }
        if (in.besideBrittleFace()) {
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
        if (in.besideBrittleFace() == null) {
            return offer(Way.COLLAPSE, MISSING, BESIDE_UNKNOWN);
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
                        "whether elastomers stay in or anything flammable is near is not known")
                : offer(
                        Way.HEAT_OR_COLD,
                        CAUTION,
                        "helps any other way, where sealant or a locked joint holds it",
                        "Burns and fumes: gloves, air the place; never flame an old seal off.");
    }

    /** Wants all four: one that is not known leaves it open, one that is not so rules it out. */
    private Offer pressure() {
        Map<String, @Nullable Boolean> wanted = new LinkedHashMap<>();
        wanted.put("the maker's instruction allows it", in.pressureAllowed());
        wanted.put("shaft or plug closes the other end", in.otherEndClosed());
        wanted.put("everything else is closed", in.allElseClosed());
        wanted.put("people stand clear, and oil is used, never gas", in.oilAndClear());
        for (Map.Entry<String, @Nullable Boolean> one : wanted.entrySet()) {
            if (Boolean.FALSE.equals(one.getValue())) {
                return offer(Way.PRESSURE, FAIL, "it is not so that " + one.getKey());
            }
        }
        for (Map.Entry<String, @Nullable Boolean> one : wanted.entrySet()) {
            if (one.getValue() == null) {
                return offer(Way.PRESSURE, MISSING, "whether " + one.getKey() + " is not known");
            }
        }
        return offer(
                Way.PRESSURE,
                CAUTION,
                "the maker's instruction allows it and everything else is closed",
                "Press with oil, at the lowest pressure that does it. Shield up; everybody clear of the line of "
                        + "flight. "
                        + "Never use gas.");
    }

    private static Offer needs(Way way, @Nullable Boolean there, String holds, String fails, String caution) {
        return there == null
                ? offer(way, MISSING, "whether " + holds + " is not known")
                : there ? offer(way, PASS, holds, caution) : offer(way, FAIL, fails);
    }

    private static Offer offer(Way way, Status verdict, String reason, String... cautions) {
        return new Offer(way, verdict, reason, List.of(cautions));
    }

    private static String mm(double mm) {
        return Length.show(mm, 0);
    }
}
