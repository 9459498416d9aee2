package joropo.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.PartKind.After;
import joropo.core.arrangement.Property;
import joropo.core.arrangement.View;
import joropo.core.assembly.ShimPack;
import joropo.core.plan.StripLog.Removed;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** The one plan of a job: every part that goes in once, in the order of building, with what is done for it (guide). */
public final class PutIn {
    /** Before the number that the part has in the log, from 1. */
    static final String ID = "back-";

    private final View planned;
    private final List<Removed> log;
    private final Map<String, List<Step>> plans;
    private final Map<String, String> drawn;

    private PutIn(View planned, List<Removed> log, Map<String, List<Step>> plans, Map<String, String> drawn) {
        this.planned = planned;
        this.log = log;
        this.plans = plans;
        this.drawn = drawn;
    }

    /**
     * @param planned all that goes in, @param log what came off, in its order, without small parts that another brought
     *     along
     * @param plans of what is sealed, by its key, @param drawn names of parts in the picture, by their keys
     * @param before what is done before all is closed
     */
    public static List<Step> plan(
            View planned,
            List<Removed> log,
            Map<String, List<Step>> plans,
            Map<String, String> drawn,
            List<Step> before) {
        var all = new PutIn(planned, log, plans, drawn);
        List<Step> out = new ArrayList<>(all.of(Step.When.STRIP));
        out.addAll(all.of(Step.When.PREPARE));
        List<Step> fitting = all.fitting();
        out.addAll(fitting);
        out.addAll(before);
        all.of(Step.When.CLOSE).stream().filter(s -> !fitting.contains(s)).forEach(out::add);
        out.addAll(all.of(Step.When.PROVE));
        return out;
    }

    private List<Step> of(Step.When when) {
        return plans.values().stream()
                .flatMap(Collection::stream)
                .filter(s -> s.when() == when)
                .toList();
    }

    /**
     * Part by part; what a plan has of another part than its own stands at that part, a sleeve of the shaft at the turn
     * of the old one, and what it puts back when all is closed at the turn of what came off, once its own is in.
     */
    private List<Step> fitting() {
        List<Part> order = planned.build();
        Set<String> elsewhere = order.stream()
                .filter(p -> !plans.containsKey(p.key()))
                .map(p -> drawn.getOrDefault(p.key(), ""))
                .collect(Collectors.toSet());
        Set<PartKind> said = Stream.concat(
                        plans.values().stream().flatMap(Collection::stream).map(Step::back),
                        order.stream()
                                .filter(p -> plans.containsKey(p.key()) && p.kind() == PartKind.LIP_SEAL)
                                .map(Part::kind)) // one item may hold a pair of them
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        List<Step> own = of(Step.When.FIT);
        Set<Step> out = new LinkedHashSet<>();
        Set<Step> due = new LinkedHashSet<>();
        for (Part part : order) {
            due.stream().filter(s -> s.back() == part.kind()).forEach(out::add);
            own.stream()
                    .filter(s -> isOld(part, s))
                    .filter(s -> hasItsTurn(s, order))
                    .forEach(out::add);
            plans.getOrDefault(part.key(), List.of()).stream()
                    .filter(s -> s.when() == Step.When.CLOSE && s.back() != null)
                    .forEach(due::add);
            plans.getOrDefault(part.key(), List.of()).stream()
                    .filter(s -> s.when() == Step.When.FIT)
                    .filter(s -> s.part() == null || !elsewhere.contains(s.part()))
                    .filter(s -> !hasItsTurn(s, order))
                    .forEach(out::add);
            if (!plans.containsKey(part.key()) && drawn.containsKey(part.key())) {
                own.stream().filter(s -> drawn.get(part.key()).equals(s.part())).forEach(out::add);
            }
            if (part.off() > 0
                    && !plans.containsKey(part.key())
                    && !said.contains(part.kind())
                    && !log.get(part.off() - 1).leftOut()) {
                out.add(back(part));
            }
        }
        return List.copyOf(out);
    }

    /** Whether a step puts something on the shaft of which the old one came off by itself. */
    private boolean hasItsTurn(Step step, List<Part> order) {
        return step.back() != null
                && step.back().line() == PartKind.Line.SHAFT
                && order.stream().anyMatch(p -> isOld(p, step));
    }

    private boolean isOld(Part part, Step step) {
        return part.kind() == step.back() && part.off() > 0 && !plans.containsKey(part.key());
    }

    private Step back(Part part) {
        Removed noted = log.get(part.off() - 1);
        Double mm = planned.get(part.key(), Property.PLACE);
        Side faced = noted.faced();
        String place = mm == null ? "" : ", its outer face at " + mm(mm) + " mm";
        String side = faced == null ? "" : ", open or marked side to the " + faced.words();
        String asFound = side.isEmpty() && place.isEmpty() ? "" : ", as it came out" + side + place;
        return new Step(
                ID + part.off(),
                Step.When.FIT,
                named(noted) + where(noted) + act(noted) + asFound + ".",
                why(part.kind()),
                holds(part.kind()),
                caution(part.kind()),
                drawn.get(part.key()),
                "");
    }

    private static String named(Removed part) {
        String name = part.name().substring(0, 1).toUpperCase(Locale.ROOT)
                + part.name().substring(1);
        return part.kind().after() == After.RENEWED ? "New " + part.name() + " in" : name + " back";
    }

    private static String where(Removed part) {
        return part.line() == null ? "" : " " + part.line().words();
    }

    /** What has to be right about a part of this kind, after its name. */
    private static String act(Removed part) {
        return switch (part.kind()) {
            case RETAINING_RING ->
                " in its groove: rounded edge to the side of the load, clicked, felt and tapped home all round";
            case SHIM -> ": " + pack(part.shims());
            case NUT -> " by hand first, its lock with it; the thread's hand is named before it is turned";
            case BEARING -> " by the ring that is tight, home on its shoulder";
            case BOOT ->
                ": seat and mate clean, its room filled a third to a half unless its drawing says full, clamp at its "
                        + "mark "
                        + "and turn";
            case BELLOWS, HOSE -> ": seat and mate clean, clamp at its mark and turn";
            case COUPLING -> " at its mark";
            case O_RING, GASKET -> ", its seat clean, no twist and nothing under it";
            case SHAFT, ROD -> ", its edges covered, slowly past each seal that is in, never hanging on a lip";
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
            case SHAFT, ROD -> "An edge nicks a lip where nobody sees it.";
            default -> "";
        };
    }

    private static boolean holds(PartKind kind) {
        return kind == PartKind.RETAINING_RING
                || kind == PartKind.SHIM
                || kind == PartKind.BEARING
                || kind == PartKind.BELLOWS
                || kind == PartKind.BOOT
                || kind == PartKind.HOSE
                || kind == PartKind.SHAFT
                || kind == PartKind.ROD;
    }

    private static String caution(PartKind kind) {
        return switch (kind) {
            case RETAINING_RING -> "Eye protection; nobody in line with the ring.";
            case SHAFT, ROD -> "Heavy parts hang in a sling, never on the lip.";
            default -> "";
        };
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
