package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import joropo.core.lipseal.Side;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Seal;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The entry as a whole: what it keeps apart, pairs, dirt, joints beside the lip, attitude (D3, D4, D6, D11, D12;
 * guide).
 */
final class EntryRules {
    private static final String GUIDE = "direction of seals";

    private final Entry entry;
    private final Section section;
    private final DirectionRules direction;

    EntryRules(Entry entry, DirectionRules direction) {
        this.entry = entry;
        this.section = entry.section();
        this.direction = direction;
    }

    List<Finding> judge() {
        List<Finding> out = new ArrayList<>(List.of(d3()));
        for (int i = 1; i < entry.sealing().size(); i++) {
            if (entry.sealing().get(i - 1).open() == entry.sealing().get(i).open()) {
                out.add(d4(i));
            }
        }
        out.addAll(d6());
        section.joints().forEach(j -> out.add(d11(j)));
        d12().ifPresent(out::add);
        return out;
    }

    private Finding d3() {
        Space outside = section.outside();
        Space inside = section.inside();
        String subject = "media that must not mix";
        if (outside.isEmpty() || inside.isEmpty() || same(outside, inside)) {
            return finding("D3", PASS, subject, "There is nothing to keep apart.", "", null);
        }
        String both =
                outside.stands().words() + " outside and " + inside.stands().words() + " inside";
        boolean grease = outside.stands() == Medium.GREASE || inside.stands() == Medium.GREASE;
        if (entry.sealing().size() == 1) {
            return finding(
                    "D3",
                    grease ? CAUTION : FAIL,
                    subject,
                    "One lip between " + both + ": it keeps one of them only.",
                    "Two lips back to back, with a drained, vented or greased space between.",
                    null);
        }
        boolean out = entry.sealing().stream().anyMatch(s -> s.open() == Side.OUT);
        boolean in = entry.sealing().stream().anyMatch(s -> s.open() == Side.IN);
        if (!out || !in) {
            return finding(
                    "D3",
                    CAUTION,
                    subject,
                    "All lips face one way between " + both + ": only one medium is kept.",
                    "Turn one seal towards the other medium.",
                    null);
        }
        boolean parted = false;
        for (int i = 1; i < section.spaces().size() - 1; i++) {
            Space between = section.spaces().get(i);
            parted |= between.vented() || between.medium() == Medium.GREASE || has(i, BoreItem.Port.Kind.DRAIN);
        }
        return finding(
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

    private static boolean same(Space a, Space b) {
        return a.stands() == b.stands()
                && (a.fluid() == null || b.fluid() == null || a.fluid().equals(b.fluid()));
    }

    private boolean has(int space, BoreItem.Port.Kind kind) {
        return entry.items(BoreItem.Port.class)
                .anyMatch(p -> p.kind() == kind && entry.spaceAt((p.fromMm() + p.toMm()) / 2) == space);
    }

    /** @param i number of the space between two lips that face the same way */
    private Finding d4(int i) {
        Space between = section.spaces().get(i);
        String subject = "space between two in tandem";
        Side open = entry.sealing().get(i).open();
        Space kept =
                open == Side.IN ? section.spaces().get(i + 1) : section.spaces().get(i - 1);
        String part = "space" + i;
        if (between.isFed()) {
            return finding("D4", PASS, subject, "The space between is fed with grease.", "", part);
        }
        if (kept.pressureMpa() > 0 && !between.vented()) {
            return finding(
                    "D4",
                    CAUTION,
                    subject,
                    "There is pressure and the space between has no vent: the second lip takes it all once the "
                            + "first has let some past.",
                    "Vent the space between.",
                    part);
        }
        return switch (level(i)) {
            case DRY ->
                finding(
                        "D4",
                        CAUTION,
                        subject,
                        "The second lip runs dry.",
                        "A third to a half of the space filled with grease or medium.",
                        part);
            case FULL ->
                between.vented()
                        ? finding("D4", PASS, subject, "The space between is full and vented.", "", part)
                        : finding(
                                "D4",
                                CAUTION,
                                subject,
                                "The space between is full and closed: it swells when warm and presses on both lips.",
                                "Fill a third to a half, or vent it.",
                                part);
            case PARTIAL, SPLASH -> finding("D4", PASS, subject, "The second lip has what it needs.", "", part);
        };
    }

    /** An entry that hangs outside down has its liquid standing on the lip. */
    private Level level(int i) {
        Space space = section.spaces().get(i);
        return section.attitude() == Attitude.OUTSIDE_DOWN
                        && i == section.spaces().size() - 1
                        && space.medium().isLiquid()
                ? Level.FULL
                : space.level();
    }

    private List<Finding> d6() {
        Dirt dirt = section.outside().dirt();
        String subject = "dirt outside against what keeps it out";
        List<Finding> out = new ArrayList<>();
        for (Seal seal : entry.seals()) {
            boolean towardsGrease =
                    entry.spaceNumber(seal, Side.IN) < section.spaces().size() - 1
                            && entry.space(seal, Side.IN).medium() == Medium.GREASE;
            if (seal.dustLip() == Side.IN && !towardsGrease) {
                out.add(finding(
                        "D6",
                        FAIL,
                        subject,
                        "The dust lip faces inside: it keeps nothing out and drags dry.",
                        "Turn the seal or take another layout.",
                        seal.id()));
            }
        }
        if (!out.isEmpty()) {
            return out;
        }
        if (dirt == Dirt.IMMERSED && !mainLipOut()) {
            return List.of(finding(
                    "D6",
                    FAIL,
                    subject,
                    "The entry stands under water and no main lip faces outside; a dust lip keeps out dust and "
                            + "splashes only.",
                    "Two lips back to back, with a drained or greased space between them.",
                    null));
        }
        if ((dirt == Dirt.DUST || dirt == Dirt.MUD) && !hasExcluder()) {
            return List.of(finding(
                    "D6",
                    CAUTION,
                    subject,
                    dirt.words().substring(0, 1).toUpperCase(Locale.ROOT)
                            + dirt.words().substring(1)
                            + " outside and nothing keeps it from the lip: shaft and lip wear early.",
                    "Take a seal with a dust lip, or add an excluder.",
                    null));
        }
        return List.of(finding(
                "D6",
                PASS,
                subject,
                dirt == Dirt.CLEAN ? "Outside is clean." : "Something keeps the " + dirt.words() + " out.",
                "",
                null));
    }

    private boolean mainLipOut() {
        return entry.sealing().stream()
                .anyMatch(s -> s.open() == Side.OUT && !(s instanceof Seal seal && direction.facesAway(seal)));
    }

    private boolean hasExcluder() {
        double outermost = entry.sealing().get(0).fromMm();
        return mainLipOut()
                || entry.seals().stream().anyMatch(s -> s.dustLip() == Side.OUT)
                || entry.shaft(ShaftItem.Slinger.class).anyMatch(s -> s.fromMm() < outermost)
                || entry.items(BoreItem.Cover.class).anyMatch(c -> c.fromMm() < outermost);
    }

    private Finding d11(Joint joint) {
        String subject = joint.kind().words() + " beside the lip";
        String part = joint.kind().name();
        if (joint.sealedBy() != Joint.Closure.NONE) {
            return finding("D11", PASS, subject, "It is closed.", "", part);
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
        boolean counts = to == 0 || to == section.spaces().size() - 1 || other.isEmpty() || other.holdsLiquid();
        if (wet.isEmpty() || same(wet, other) || !counts) {
            return finding("D11", PASS, subject, "Nothing is lost through it.", "", part);
        }
        if (!wet.holdsLiquid()) {
            return finding(
                    "D11",
                    CAUTION,
                    subject,
                    "Grease can leave through it, past a good lip.",
                    "A film of sealant, or a gasket.",
                    part);
        }
        boolean sure = wet.pressureMpa() > 0 || level(from) == Level.FULL;
        return finding(
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

    private Optional<Finding> d12() {
        String subject = "attitude of the shaft";
        return switch (section.attitude()) {
            case HORIZONTAL -> Optional.empty();
            case OUTSIDE_DOWN ->
                !section.inside().medium().isLiquid()
                        ? Optional.of(finding("D12", PASS, subject, "Nothing stands on the lip.", "", null))
                        : Optional.of(finding(
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
                yield Optional.of(finding(
                        "D12",
                        lies && !hasExcluder() ? CAUTION : PASS,
                        subject,
                        !lies
                                ? "Nothing lies on the seal."
                                : hasExcluder()
                                        ? "What lies on the seal is kept off the lip."
                                        : "Water or dirt lies on the seal.",
                        lies && !hasExcluder() ? "An excluder or a catch ring above the seal." : "",
                        null));
            }
        };
    }

    private static Finding finding(
            String id, Status status, String subject, String message, String remedy, @Nullable String part) {
        Finding out = Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
        return part == null ? out : out.withPart(part);
    }
}
