package joropo.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.ShimPack;
import joropo.core.plan.StripLog.Removed;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * Steps of putting back what came off and does not stand in the section: the order of removal backwards, what came off
 * after the last seal before the first one goes in (guide).
 */
public final class PartsBack {
    /** They stand in the section, or go with the part that carries them. */
    private static final Set<PartKind> ELSEWHERE =
            Set.of(PartKind.LIP_SEAL, PartKind.CHEVRON, PartKind.O_RING, PartKind.PACKING, PartKind.MECHANICAL_SEAL);
    /** Before the shaft is turned by hand and all is closed. */
    private static final int BEFORE_CLOSING = -1;

    /** Before the number that the part has in the log, from 1. */
    static final String ID = "back-";

    private PartsBack() {}

    /**
     * @param log what came off, in its order, without small parts that another brought along
     * @param newSleeve whether a new running sleeve goes on: then the old one does not
     */
    public static List<Step> of(List<Removed> log, boolean newSleeve) {
        List<Integer> seals = IntStream.range(0, log.size())
                .filter(i -> log.get(i).kind() == PartKind.LIP_SEAL)
                .boxed()
                .toList();
        int last = seals.isEmpty() ? -1 : seals.get(seals.size() - 1);
        List<Step> out = new ArrayList<>();
        for (int i = log.size() - 1; i >= 0; i--) {
            Removed part = log.get(i);
            boolean inSection = part.isInBore() && part.placeMm() != null;
            boolean replaced = newSleeve && part.kind() == PartKind.SLEEVE;
            if (!ELSEWHERE.contains(part.kind()) && !inSection && !replaced && !part.leftOut()) {
                out.add(step(part, i + 1, i > last ? Step.When.FIT : Step.When.CLOSE.at(BEFORE_CLOSING)));
            }
        }
        return out;
    }

    private static Step step(Removed part, int number, Step.When when) {
        String place = part.placeMm() == null ? "" : ", its outer face at " + mm(part.placeMm()) + " mm";
        String side = part.faced() == null
                ? ""
                : ", open or marked side to the " + part.faced().words();
        String asFound = side.isEmpty() && place.isEmpty() ? "" : ", as it came out" + side + place;
        String name = part.name().substring(0, 1).toUpperCase(Locale.ROOT)
                + part.name().substring(1);
        return new Step(
                ID + number,
                when,
                name + " back" + where(part) + act(part) + asFound + ".",
                why(part.kind()),
                holds(part.kind()),
                caution(part.kind()),
                null,
                "");
    }

    private static String where(Removed part) {
        return part.line() == null ? "" : " " + part.line().words();
    }

    /** What has to be right about a part of this kind, after its name. */
    private static String act(Removed part) {
        return switch (part.kind()) {
            case RETAINING_RING ->
                " in its groove: rounded edge to the side of the load, felt and tapped home all round";
            case SHIM -> ": " + pack(part.shims());
            case NUT -> " by hand first, its lock with it; the thread's hand is named before it is turned";
            case BEARING -> " by the ring that is tight, home on its shoulder";
            case BOOT ->
                ": seat and mate clean, its room filled a third to a half unless its drawing says full, clamp at its "
                        + "mark "
                        + "and turn";
            case BELLOWS, HOSE -> ": seat and mate clean, clamp at its mark and turn";
            case COUPLING -> " at its mark";
            case SLINGER -> ", pushed on straight and not against the lip";
            default -> "";
        };
    }

    private static String pack(@Nullable ShimPack shims) {
        return shims == null ? "in the number and sum that came out" : shims.words() + ", counted";
    }

    private static String why(PartKind kind) {
        return switch (kind) {
            case RETAINING_RING -> "A ring that only looks home flies out.";
            case SHIM -> "Another sum is another play.";
            case BELLOWS, BOOT, HOSE -> "It leaks beside a good lip.";
            case NUT -> "A left-hand thread that is forced is lost.";
            case BEARING -> "A false home settles under load.";
            default -> "";
        };
    }

    private static boolean holds(PartKind kind) {
        return kind == PartKind.RETAINING_RING
                || kind == PartKind.SHIM
                || kind == PartKind.BEARING
                || kind == PartKind.BELLOWS
                || kind == PartKind.BOOT
                || kind == PartKind.HOSE;
    }

    private static String caution(PartKind kind) {
        return kind == PartKind.RETAINING_RING ? "Eye protection; nobody in line with the ring." : "";
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
