package joropo.core.section;

import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Ring;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Shoulder;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.DepthWindow;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.surface.Place;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** How deep each seal may stand and where its lip then runs (S2 to S5 guide; S6 standard, DIN 3760 class). */
final class DepthRules {
    /** Room wanted before anything that turns, play and growth come on top (mm, guide). */
    private static final double TURNING_ROOM_MM = 0.5;
    /** Half the width of the lip's contact (mm, guide). */
    private static final double HALF_CONTACT_MM = 0.4;
    /** The lip keeps this far from the ends of the running surface (mm, guide). */
    private static final double SURFACE_END_MM = 1.0;
    /** The band keeps this far from an old groove (mm, guide). */
    private static final double GROOVE_ROOM_MM = 1.0;
    /** The case has to land on a bearing's still ring by this much of the diameter (mm, guide). */
    private static final double LANDING_MM = 2;
    /** A case keeps this far from a port (mm, guide). */
    private static final double PORT_ROOM_MM = 0.5;
    /** A bearing may stand this far from where its mating part wants it (mm, guide). */
    private static final double MATE_MM = 0.05;
    private static final double SLACK = 1e-9;

    private final Entry entry;
    private final Section section;

    DepthRules(Entry entry) {
        this.entry = entry;
        this.section = entry.section();
    }

    LipTrack track(Seal seal) {
        double half = section.wanderMm() + HALF_CONTACT_MM;
        return new LipTrack(seal.id(), Length.snap(seal.lipMm() - half), Length.snap(seal.lipMm() + half));
    }

    /** Windows of the seals, outside first, and of a bearing whose mating part wants it somewhere; none where nothing limits it inward. */
    List<DepthWindow> windows() {
        List<DepthWindow> out = new ArrayList<>();
        entry.seals().forEach(s -> window(s).ifPresent(out::add));
        entry.items(Bearing.class).filter(b -> b.mateMm() != null && b.id() != null).forEach(b -> out.add(new DepthWindow(b.id(), b.mateMm(), b.mateMm(), b.mateMm())));
        return out;
    }

    /** What limits a seal inward. @param atMm x that its inner face must not pass, @param stop whether it may lie on it */
    private record Limit(double atMm, boolean stop) { }

    private Optional<DepthWindow> window(Seal seal) {
        Limit limit = limits(seal).stream().min(Comparator.comparingDouble(Limit::atMm).thenComparing(l -> !l.stop)).orElse(null);
        if (limit == null) {
            return Optional.empty();
        }
        Optional<Double> ring = ringBefore(seal);
        double from = Length.snap(ring.orElseGet(() -> section.boreFromMm() + widthsBefore(seal)));
        double to = Length.snap(limit.atMm - seal.widthMm());
        return Optional.of(new DepthWindow(seal.id(), from, to, ring.isPresent() || !limit.stop ? from : to));
    }

    private List<Limit> limits(Seal seal) {
        List<Limit> out = new ArrayList<>();
        double between = 0;
        for (BoreItem item : inwardOf(seal)) {
            if (item instanceof Sealing next) {
                out.add(new Limit(next.fromMm() - between, false));
                break;
            } else if (item instanceof Spacer s) {
                between += s.thicknessMm();
            } else if (item instanceof Shoulder s) {
                out.add(new Limit(s.fromMm() - between, true));
            } else if (item instanceof Ring r) {
                out.add(new Limit(r.toMm() - r.thicknessMm() - between, true));
            } else if (item instanceof Bearing b) {
                if (stops(b, seal)) {
                    out.add(new Limit(b.fromMm() - between, true));
                }
                out.add(new Limit((b.turningFromMm() != null ? b.turningFromMm() : b.fromMm()) - clearanceMm() - between, false));
            }
        }
        return out;
    }

    private List<BoreItem> inwardOf(Seal seal) {
        return section.boreItems().stream().filter(i -> i != seal && i.fromMm() >= seal.fromMm() && !(i instanceof Sealing && entry.sealing().indexOf(i) < entry.sealing().indexOf(seal)))
                .sorted(Comparator.comparing(BoreItem::fromMm)).toList();
    }

    /** Where a seal's outer face stands against a ring outside it, the ring in its groove's outer wall, spacers between. */
    private Optional<Double> ringBefore(Seal seal) {
        double between = 0;
        List<BoreItem> outward = section.boreItems().stream().filter(i -> i != seal && i.fromMm() <= seal.fromMm()).sorted(Comparator.comparing(BoreItem::fromMm).reversed()).toList();
        for (BoreItem item : outward) {
            if (item instanceof Ring r) {
                return Optional.of(r.fromMm() + r.thicknessMm() + between);
            } else if (item instanceof Spacer s) {
                between += s.thicknessMm();
            } else if (item instanceof Sealing s) {
                between += s.widthMm();
            } else if (item instanceof Shoulder || item instanceof Bearing) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Room that the parts outside of this one need in the bore. */
    private double widthsBefore(Seal seal) {
        return entry.sealing().subList(0, entry.sealing().indexOf(seal)).stream().mapToDouble(Sealing::widthMm).sum();
    }

    List<Finding> judge() {
        List<Finding> findings = new ArrayList<>();
        for (Seal seal : entry.seals()) {
            findings.add(s2(seal));
        }
        entry.items(Bearing.class).filter(b -> b.mateMm() != null).forEach(b -> findings.add(mate(b)));
        for (Seal seal : entry.seals()) {
            entry.items(BoreItem.Port.class).forEach(p -> findings.add(s3(seal, p)));
        }
        for (Seal seal : entry.seals()) {
            findings.add(s4(seal));
            entry.shaft(ShaftItem.WearGroove.class).filter(g -> runsOn(seal, g.on())).forEach(g -> findings.add(s5(seal, g)));
        }
        findings.addAll(s6());
        return findings;
    }

    private static boolean runsOn(Seal seal, ShaftItem.On on) {
        return (seal.mount() == Mount.SHAFT) == (on == ShaftItem.On.HOUSING);
    }

    private Finding s2(Seal seal) {
        DepthWindow window = window(seal).orElse(null);
        String subject = "depth of the seal's outer face";
        if (window == null) {
            return Finding.missing("S2", subject, "Neither a stop nor a turning part behind the seal is known, so nothing says how deep is too deep.",
                    "Read the depth to the shoulder, or to the bearing and its turning part.").withPart(seal.id());
        }
        if (window.toMm() < window.fromMm() - SLACK) {
            return guide("S2", Status.FAIL, subject, "There is no room: a seal of " + mm(seal.widthMm())
                    + " mm stands out of the bore by " + mm(window.fromMm() - window.toMm()) + " mm before it is free inside.",
                    "Take a narrower seal.", seal).withValue(Length.snap(seal.fromMm()), "mm");
        }
        Limits limits = new Limits(window.fromMm(), window.toMm());
        double from = Length.snap(seal.fromMm());
        double u = section.depthUncertaintyMm();
        Status status = onStop(seal, from, u, window) ? PASS : limits.judge(from, u);
        String message = switch (status) {
            case PASS -> "The seal stands where it may; aim at " + mm(window.targetMm()) + " mm.";
            case REMEASURE -> "The depth is so near the end of its window that the gauge cannot tell.";
            default -> from < window.fromMm() ? "The seal stands out of the bore: part of its seat does not hold."
                    : "The seal stands too deep: it rubs on what turns behind it, or was crushed against its stop.";
        };
        return guide("S2", status, subject, message, status == PASS ? "" : "Between " + mm(window.fromMm()) + " and " + mm(window.toMm())
                + " mm; aim at " + mm(window.targetMm()) + " mm.", seal).withValue(from, "mm").withLimits(limits, u);
    }

    /** A seal that is meant to lie on its stop, or flush with the mouth, reads at the end of its window by nature. */
    private boolean onStop(Seal seal, double from, double u, DepthWindow window) {
        boolean hasStop = limits(seal).stream().anyMatch(Limit::stop);
        return Math.abs(from - window.targetMm()) <= u + SLACK && (window.targetMm() == window.toMm() && hasStop || window.targetMm() == window.fromMm());
    }

    private Finding mate(Bearing bearing) {
        Limits limits = new Limits(Length.snap(bearing.mateMm() - MATE_MM), Length.snap(bearing.mateMm() + MATE_MM));
        Status status = limits.judge(Length.snap(bearing.fromMm()), section.depthUncertaintyMm());
        return Finding.of("S2", status, "place of the bearing", status == PASS ? "The bearing stands where its mating part wants it." : "The bearing does not stand where its mating part wants it.",
                status == PASS ? "" : "Move it to " + mm(bearing.mateMm()) + " mm.", Source.GUIDE, "stack and depth").withValue(bearing.fromMm(), "mm").withLimits(limits, section.depthUncertaintyMm())
                .withPart(bearing.id());
    }

    private Finding s3(Seal seal, BoreItem.Port port) {
        double room = Length.snap(Math.max(port.fromMm() - seal.toMm(), seal.fromMm() - port.toMm()));
        Status status = room < -SLACK ? Status.FAIL : room < PORT_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String message = switch (status) {
            case FAIL -> "The case covers the port.";
            case CAUTION -> "The case stands close to the port.";
            default -> "The port stays free.";
        };
        return guide("S3", status, "port beside the case", message, status == PASS ? "" : "Another depth, or a seal of another width.", seal).withValue(room, "mm").withLimits(Limits.atLeast(PORT_ROOM_MM), 0);
    }

    /** A bearing's still ring is a stop only where the case lands on it and the turning parts lie far enough behind. */
    private boolean stops(Bearing bearing, Seal seal) {
        return bearing.turningFromMm() != null && bearing.ringInsideDiameterMm() != null
                && bearing.turningFromMm() - bearing.fromMm() >= clearanceMm() - SLACK
                && bearing.ringInsideDiameterMm() <= seal.outsideDiameterMm() - LANDING_MM + SLACK;
    }

    private double clearanceMm() {
        return TURNING_ROOM_MM + section.wanderMm();
    }

    private Finding s4(Seal seal) {
        String subject = "lip track on the running surface";
        LipTrack band = track(seal);
        double lip = Length.snap(seal.lipMm());
        List<Band> surfaces = Stream.concat(entry.shaft(ShaftItem.RunningSurface.class).filter(r -> runsOn(seal, r.on())).map(r -> new Band(r.fromMm(), r.toMm())),
                entry.shaft(ShaftItem.Sleeve.class).filter(s -> seal.mount() == Mount.BORE).map(s -> new Band(s.fromMm(), s.toMm()))).toList();
        if (surfaces.isEmpty()) {
            return Finding.missing("S4", subject, "The ends of the ground running surface are not known; the lip would run at "
                    + mm(lip) + " mm.", "Read from where to where the shaft is ground.").withPart(seal.id()).withValue(lip, "mm");
        }
        Band surface = surfaces.stream().filter(b -> inside(band, b)).findFirst().orElse(surfaces.get(0));
        boolean cutByEnd = entry.shaft(ShaftItem.Sleeve.class).anyMatch(s -> within(s.fromMm(), band) || within(s.toMm(), band));
        ShaftItem broken = section.shaftItems().stream().filter(i -> (i.cutsALip() || i instanceof ShaftItem.Chamfer || i instanceof ShaftItem.Step) && i.fromMm() < band.toMm() - SLACK && i.toMm() > band.fromMm() + SLACK)
                .findFirst().orElse(null);
        boolean good = inside(band, surface) && broken == null && !cutByEnd;
        String where = "band " + mm(band.fromMm()) + " to " + mm(band.toMm()) + " mm.";
        String message = good ? "The lip keeps to the ground surface, play and growth included." : broken != null ? "The lip runs over something that cuts it or leads the medium past it: " + where
                : cutByEnd ? "The lip runs over the end of a sleeve: " + where : "The lip runs off the ground surface: " + where;
        return guide("S4", good ? PASS : Status.FAIL, subject, message, good ? "" : "Another depth, another width, or a sleeve.", seal).withValue(lip, "mm").withLimits(ends(surface), 0);
    }

    private static boolean within(double mm, LipTrack band) {
        return mm > band.fromMm() + SLACK && mm < band.toMm() - SLACK;
    }

    private static boolean inside(LipTrack band, Band surface) {
        Limits limits = ends(surface);
        return band.fromMm() >= limits.lower() - SLACK && band.toMm() <= limits.upper() + SLACK;
    }

    private static Limits ends(Band surface) {
        return new Limits(Length.snap(surface.fromMm() + SURFACE_END_MM), Length.snap(Math.max(surface.fromMm() + SURFACE_END_MM, surface.toMm() - SURFACE_END_MM)));
    }

    /** The band against the track of an old lip: it has to clear it by {@value #GROOVE_ROOM_MM} mm. */
    private Finding s5(Seal seal, ShaftItem.WearGroove groove) {
        LipTrack band = track(seal);
        double room = Length.snap(Math.max(groove.fromMm() - band.toMm(), band.fromMm() - groove.toMm()));
        double from = seal.fromMm();
        double outward = Length.snap(from - (band.toMm() - groove.fromMm() + GROOVE_ROOM_MM));
        double inward = Length.snap(from + (groove.toMm() - band.fromMm() + GROOVE_ROOM_MM));
        Status status = room < -SLACK ? Status.FAIL : room < GROOVE_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String places = places(List.of(outward, inward), window(seal).orElse(null));
        String remedy = status == PASS ? "" : places.isEmpty() ? "No depth in the window clears it: dress by measure, sleeve, or renew the shaft."
                : "The outer face at " + places + " mm clears it by " + mm(GROOVE_ROOM_MM) + " mm.";
        String message = switch (status) {
            case PASS -> "The lip runs beside the old groove.";
            case CAUTION -> "The lip runs close beside the old groove.";
            default -> "The lip runs in the old groove: it lifts at its edge and leaks on the first day.";
        };
        return guide("S5", status, "lip track against the old groove", message, remedy, seal).withValue(room, "mm").withLimits(Limits.atLeast(GROOVE_ROOM_MM), 0);
    }

    private static String places(List<Double> wanted, @Nullable DepthWindow window) {
        return wanted.stream().filter(x -> window == null || x >= window.fromMm() - SLACK && x <= window.toMm() + SLACK)
                .map(DepthRules::mm).collect(Collectors.joining(" or "));
    }

    private List<Finding> s6() {
        if (entry.seals().isEmpty()) {
            return List.of();
        }
        double width = entry.seals().stream().mapToDouble(Seal::widthMm).sum();
        double u = section.depthUncertaintyMm();
        List<Finding> findings = new ArrayList<>();
        if (section.totalDepthMm() != null) {
            findings.add(seat("total depth of the seat", section.totalDepthMm(), "mm", Limits.atLeast(Length.snap(Place.totalDepthMm(width))), u,
                    "The seat is deep enough.", "The seat is too shallow: the seal would stand out or be crushed.", "Take a narrower seal."));
        }
        if (section.cylindricalDepthMm() != null) {
            findings.add(seat("cylindrical depth of the seat", section.cylindricalDepthMm(), "mm",
                    Limits.atLeast(Length.snap(Place.cylindricalDepthMm(width))), u, "The cylinder carries the case.",
                    "Too little cylinder for the case to sit square.", "Take a narrower seal."));
        }
        if (section.cornerRadiusMm() != null) {
            findings.add(seat("corner radius of the seat", section.cornerRadiusMm(), "mm", Limits.atMost(Place.housing(entry.seals().get(0).widthMm()).cornerRadiusMm()), 0,
                    "The case clears the corner.", "The case rides on the corner and sits crooked.", "A spacer before the corner, or ease the seal's edge as its maker allows."));
        }
        entry.items(BoreItem.LeadIn.class).forEach(l -> leadIn(l, entry.seals().get(0).widthMm(), findings));
        return findings;
    }

    private static void leadIn(BoreItem.LeadIn leadIn, double width, List<Finding> findings) {
        Place.Housing housing = Place.housing(width);
        findings.add(seat("length of the bore's lead-in", leadIn.lengthMm(), "mm", Limits.atLeast(housing.leadInMinMm()), 0,
                "The lead-in guides the case.", "The lead-in is too short: the case starts crooked and is shaved.", "Lengthen it, no burr."));
        if (leadIn.angleDeg() != null) {
            findings.add(seat("angle of the bore's lead-in", leadIn.angleDeg(), "°", new Limits(housing.leadInMinDeg(), housing.leadInMaxDeg()), 0,
                    "The lead-in guides the case.", "The lead-in is too steep or too flat for the case.", "Cut it to the table."));
        }
    }

    private static Finding seat(String subject, double value, String unit, Limits limits, double u, String good, String bad, String cure) {
        Status status = limits.judge(value, u);
        String message = status == PASS ? good : status == Status.REMEASURE ? "The gauge cannot tell whether this is enough." : bad;
        return Finding.of("S6", status, subject, message, status == PASS ? "" : status == Status.REMEASURE ? "Read again with a finer gauge." : cure,
                Source.STANDARD, "DIN 3760 class").withValue(value, unit).withLimits(limits, u);
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy, Seal seal) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, "stack and depth").withPart(seal.id());
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
