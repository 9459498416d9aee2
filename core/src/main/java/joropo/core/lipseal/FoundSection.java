package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.arrangement.Property;
import joropo.core.arrangement.View;
import joropo.core.plan.StripLog;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemBearingBuilder;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** What came off, as parts of a section: a lip seal's reading of the arrangement that was found (guide). */
public final class FoundSection {
    /** Drawn so until somebody has measured the part (mm, guide). */
    private static final double USUAL_WASHER_MM = 2;

    private static final double USUAL_RING_MM = 1.75;
    private static final double GROOVE_ROOM_MM = 0.15;
    /** As near as the log is read, by a rule (mm). */
    private static final double READ_MM = 0.3;

    private final View found;
    private final Map<String, String> names;

    /** @param names of the seals of the job in its sections, by their keys */
    public FoundSection(View found, Map<String, String> names) {
        this.found = found;
        this.names = names;
    }

    /**
     * Rings, spacers, washers and bearings whose place was read and that go back, in the order in which they came off.
     */
    public List<BoreItem> placed(@Nullable Double turningFromMm) {
        List<BoreItem> out = new ArrayList<>();
        for (Part part : offOrder()) {
            Double place = found.get(part.key(), Property.PLACE);
            if (isBeside(part) && part.goesIn() && place != null) {
                BoreItem item = other(part, place);
                out.add(
                        item instanceof BoreItem.Bearing b && turningFromMm != null && turningFromMm >= b.fromMm()
                                ? BoreItemBearingBuilder.builder(b)
                                        .turningFromMm(turningFromMm)
                                        .build()
                                : item);
            }
        }
        return out;
    }

    /** Slingers and rings of the shaft whose place was read. */
    public List<ShaftItem> onShaft() {
        return offOrder().stream()
                .filter(p -> p.goesIn() && found.lineOf(p) == Line.SHAFT)
                .filter(p -> p.kind() == PartKind.SLINGER || p.kind() == PartKind.RETAINING_RING)
                .filter(p -> found.get(p.key(), Property.PLACE) != null)
                .<ShaftItem>map(p -> {
                    double place = found.get(p.key(), Property.PLACE);
                    Double thick = found.get(p.key(), Property.THICK);
                    Double end = thick == null ? null : place + thick;
                    return p.kind() == PartKind.SLINGER
                            ? new ShaftItem.Slinger(place, end, null)
                            : new ShaftItem.LocatingRing(place, end, null);
                })
                .toList();
    }

    private List<Part> offOrder() {
        return found.parts().stream()
                .filter(p -> p.off() > 0)
                .sorted(Comparator.comparingInt(Part::off))
                .toList();
    }

    private boolean isBeside(Part part) {
        return StripLog.isInBore(part.kind()) && found.lineOf(part) != Line.SHAFT && part.kind() != PartKind.LIP_SEAL;
    }

    /** A section with each of its seals as its old one was found; empty where no place of them was read. */
    public Optional<Section> ofSeals(Section planned) {
        List<BoreItem> items = new ArrayList<>(planned.boreItems());
        boolean read = false;
        for (Map.Entry<String, String> one : names.entrySet()) {
            Double place = found.get(one.getKey(), Property.PLACE);
            Double width = found.get(one.getKey(), Property.THICK);
            Side faced = found.get(one.getKey(), Property.FACES);
            BoreItem.Seal seal = planned.seal(one.getValue());
            read |= place != null;
            items.set(
                    items.indexOf(seal),
                    BoreItemSealBuilder.builder(seal)
                            .fromMm(place == null ? seal.fromMm() : place)
                            .widthMm(width == null ? seal.widthMm() : width)
                            .lipOffsetMm(width == null ? seal.lipOffsetMm() : null)
                            .mainLip(faced == null ? seal.mainLip() : faced)
                            .placeAssumed(place == null ? true : null)
                            .build());
        }
        items.sort(Comparator.comparing(BoreItem::fromMm));
        return read ? Optional.of(planned.withParts(items, planned.spaces())) : Optional.empty();
    }

    /**
     * All that came off, as it stood: where it was read, and behind what stood before it where it was not; stop,
     * lead-in and a bearing that nobody took out as the sheets have them. Without an old seal the sheets' section.
     *
     * @param sheets the section that the sheets make
     */
    public Section whole(Section sheets) {
        List<Part> line = found.line(Line.BORE).stream()
                .filter(p -> StripLog.isInBore(p.kind()))
                .toList();
        if (line.stream().noneMatch(p -> p.kind() == PartKind.LIP_SEAL)) {
            return sheets;
        }
        Set<PartKind> logged = line.stream().map(Part::kind).collect(Collectors.toSet());
        List<BoreItem> items = new ArrayList<>();
        double end = Math.min(0, sheets.boreFromMm());
        for (Part part : line) {
            Double place = found.get(part.key(), Property.PLACE);
            double from = place == null ? end : place;
            BoreItem item = part.kind() == PartKind.LIP_SEAL
                    ? seal(part, from, sheets.seal(), place == null)
                    : other(part, from);
            items.add(item);
            end = Math.max(end, item.toMm());
        }
        double innermost = end;
        sheets.boreItems().stream()
                .filter(i -> !(i instanceof BoreItem.Sealing)
                        && !(i instanceof BoreItem.Bearing && logged.contains(PartKind.BEARING))
                        && !(i instanceof BoreItem.Ring)
                        && !(i instanceof BoreItem.Spacer)
                        && !(i instanceof BoreItem.Shoulder && i.fromMm() < innermost - 1e-9))
                .forEach(items::add);
        items.sort(Comparator.comparing(BoreItem::fromMm));
        return sheets.withParts(items, spaces(sheets, items));
    }

    /** Where seals begin whose place nobody read, behind all that stood before them, by their names. */
    public Map<String, Double> unreadFrom(Section sheets) {
        return whole(sheets).seals().stream()
                .filter(s -> Boolean.TRUE.equals(s.placeAssumed()))
                .collect(Collectors.toMap(BoreItem.Seal::id, BoreItem::fromMm));
    }

    /**
     * Whether the log leaves room for a seal to stand on a stop: nothing that lies outward of it reaches that far in,
     * and nothing inward of it begins before the stop. One that nobody took off may. @param seal its name
     */
    public boolean mayStandOn(String seal, double stopMm) {
        List<Part> line = found.line(Line.BORE);
        int own = IntStream.range(0, line.size())
                .filter(i -> seal.equals(names.get(line.get(i).key())))
                .findFirst()
                .orElse(line.size());
        if (own == line.size() || line.get(own).off() == 0) {
            return true;
        }
        return IntStream.range(0, line.size())
                .filter(i -> isBeside(line.get(i)))
                .allMatch(i -> {
                    Double place = found.get(line.get(i).key(), Property.PLACE);
                    return place == null || (i < own ? place < stopMm - READ_MM : place >= stopMm - READ_MM);
                });
    }

    private static List<Space> spaces(Section sheets, List<BoreItem> items) {
        List<Space> out = new ArrayList<>();
        out.add(sheets.outside());
        long seals = items.stream().filter(BoreItem.Sealing.class::isInstance).count();
        for (int i = 1; i < seals; i++) {
            out.add(Space.unsaid());
        }
        out.add(sheets.inside());
        return out;
    }

    /** @param like the seal of the sheets, for what nobody read, @param assumed whether its place was not read */
    private BoreItem seal(Part part, double from, BoreItem.Seal like, boolean assumed) {
        Double thick = found.get(part.key(), Property.THICK);
        Side faced = found.get(part.key(), Property.FACES);
        return BoreItemSealBuilder.builder()
                .id(names.getOrDefault(part.key(), part.key()))
                .fromMm(Length.snap(from))
                .widthMm(thick == null ? like.widthMm() : thick)
                .outsideDiameterMm(like.outsideDiameterMm())
                .insideDiameterMm(like.insideDiameterMm())
                .caseType(like.caseType())
                .mainLip(faced == null ? like.mainLip() : faced)
                .placeAssumed(assumed ? true : null)
                .build();
    }

    /** What a part that is no item is called in a section: by its number among what came off. */
    static String name(Part part) {
        String letter = part.kind() == PartKind.RETAINING_RING ? "r" : part.kind() == PartKind.BEARING ? "b" : "w";
        return letter + part.key().substring(1);
    }

    private BoreItem other(Part part, double from) {
        Double thick = found.get(part.key(), Property.THICK);
        String id = name(part);
        return switch (part.kind()) {
            case RETAINING_RING -> {
                double ring = thick == null ? USUAL_RING_MM : thick;
                yield new BoreItem.Ring(id, from, ring + GROOVE_ROOM_MM, ring, null, null, null);
            }
            case BEARING ->
                BoreItemBearingBuilder.builder()
                        .id(id)
                        .fromMm(from)
                        .widthMm(thick)
                        .build();
            default ->
                new BoreItem.Spacer(
                        id,
                        from,
                        thick == null ? USUAL_WASHER_MM : thick,
                        null,
                        found.get(part.key(), Property.OPENING),
                        found.get(part.key(), Property.OUTSIDE),
                        null,
                        null);
        };
    }
}
