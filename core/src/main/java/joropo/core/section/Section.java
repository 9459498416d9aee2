package joropo.core.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Motion;
import joropo.core.shaft.PlayAndGrowth;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Half a lengthwise cut through one shaft entry. x runs along the axis in mm from the datum face of the housing,
 * positive into the machine; lists run from outside to inside. n parts that seal part n + 1 spaces.
 *
 * @param name absent: unnamed, @param rotation as seen from outside; absent: not known
 * @param motion absent: it is assumed to turn, @param attitude absent: it is assumed to lie level
 * @param shaftDiameterMm, @param boreDiameterMm absent: what needs them is MISSING
 * @param spaces outside first, one more than there are seals
 * @param axialPlayMm whole play of the shaft, @param growthMm growth when hot, signed, + is inward; absent: not known,
 *     0 is taken and named
 * @param boreFromMm mouth of the bore, absent: 0
 * @param cylindricalDepthMm, @param totalDepthMm, @param cornerRadiusMm of the seat, where read
 * @param depthUncertaintyMm of depths along the axis, absent: they are taken as exact and that is named, @param
 *     speedRpm how fast the shaft turns
 * @param asFound the arrangement as it was found, to be compared; where its seals stood is where new ones go first
 */
@RecordBuilder
public record Section(
        @Nullable String name,
        @Nullable Rotation rotation,
        @Nullable Motion motion,
        @Nullable Attitude attitude,
        @Nullable Double shaftDiameterMm,
        @Nullable Double boreDiameterMm,
        @Nullable Side shaftEntersFrom,
        List<Space> spaces,
        List<BoreItem> boreItems,
        @Nullable List<ShaftItem> shaftItems,
        @Nullable List<Joint> joints,
        @Nullable List<ClockMark> clockMarks,
        @Nullable Double axialPlayMm,
        @Nullable Double growthMm,
        @Nullable Double boreFromMm,
        @Nullable Double cylindricalDepthMm,
        @Nullable Double totalDepthMm,
        @Nullable Double cornerRadiusMm,
        @Nullable Double depthUncertaintyMm,
        @Nullable Double speedRpm,
        @Nullable Section asFound) {
    private static final int MOST_ITEMS = 400;
    private static final double MOST_RPM = 1e6;

    public Section {
        long sealing = boreItems == null
                ? 0
                : boreItems.stream().filter(BoreItem.Sealing.class::isInstance).count();
        new Needs()
                .optionalSize("shaftDiameterMm", shaftDiameterMm)
                .optionalSize("boreDiameterMm", boreDiameterMm)
                .that(
                        "boreDiameterMm",
                        shaftDiameterMm == null || boreDiameterMm == null || boreDiameterMm > shaftDiameterMm,
                        "must be above the shaft, got " + boreDiameterMm)
                .that("boreItems", sealing > 0 && whole(boreItems), "needs one seal at least")
                .that("boreItems", boreItems == null || boreItems.size() <= MOST_ITEMS, "has more than " + MOST_ITEMS)
                .that(
                        "spaces",
                        spaces != null && whole(spaces) && spaces.size() == sealing + 1,
                        "needs one space more than there are seals, outside first")
                .that(
                        "shaftItems",
                        shaftItems == null || whole(shaftItems) && shaftItems.size() <= MOST_ITEMS,
                        "has an empty one, or more than " + MOST_ITEMS)
                .that(
                        "joints",
                        joints == null
                                || joints.stream()
                                        .allMatch(j -> j != null
                                                && j.between().stream().allMatch(b -> b <= sealing)),
                        "names a space that is not there")
                .that("joints", joints == null || joints.size() <= MOST_ITEMS, "has more than " + MOST_ITEMS)
                .that(
                        "clockMarks",
                        clockMarks == null || whole(clockMarks) && clockMarks.size() <= MOST_ITEMS,
                        "has an empty one, or more than " + MOST_ITEMS)
                .that("asFound", asFound == null || asFound.asFound() == null, "must not hold another one")
                .optionalNotNegative("axialPlayMm", axialPlayMm)
                .optionalPlace("growthMm", growthMm)
                .optionalPlace("boreFromMm", boreFromMm)
                .optionalSize("cylindricalDepthMm", cylindricalDepthMm)
                .optionalSize("totalDepthMm", totalDepthMm)
                .optionalNotNegative("cornerRadiusMm", cornerRadiusMm)
                .optionalNotNegative("depthUncertaintyMm", depthUncertaintyMm)
                .optionalBetween("speedRpm", speedRpm, 0, MOST_RPM)
                .done();
        List<String> ids =
                boreItems.stream().map(BoreItem::id).filter(Objects::nonNull).toList();
        new Needs()
                .that("boreItems", Set.copyOf(ids).size() == ids.size(), "have an id twice")
                .done();
        name = name == null ? "" : name;
        spaces = List.copyOf(spaces);
        boreItems = List.copyOf(boreItems);
        shaftItems = shaftItems == null ? List.of() : List.copyOf(shaftItems);
        joints = joints == null ? List.of() : List.copyOf(joints);
        clockMarks = clockMarks == null ? List.of() : List.copyOf(clockMarks);
        boreFromMm = boreFromMm == null ? 0 : boreFromMm;
    }

    /**
     * What somebody writes by hand lists its seals as they stand, one behind another.
     *
     * @throws RefusedInput where two seals stand in one place or are listed in another order than they stand: of what
     *     was found or planned that is a finding, here it is a slip of the pen
     */
    public Section written() {
        new Needs()
                .that("boreItems", isInOrder(), "list seals in another order than they stand")
                .that("asFound", asFound == null || asFound.isInOrder(), "lists seals in another order than they stand")
                .done();
        return this;
    }

    private boolean isInOrder() {
        List<Double> places = boreItems.stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem::fromMm)
                .toList();
        return places.equals(places.stream().distinct().sorted().toList());
    }

    private static boolean whole(List<?> items) {
        return items.stream().noneMatch(Objects::isNull);
    }

    /**
     * The same section with its innermost seal at another place, seals before it moved along, read with this
     * uncertainty (mm).
     */
    public Section withSealAt(double fromMm, @Nullable Double uncertaintyMm) {
        double by = fromMm - seal().fromMm();
        return with(
                boreItems.stream()
                        .map(i -> i instanceof BoreItem.Seal s ? s.at(Length.snap(s.fromMm() + by)) : i)
                        .toList(),
                shaftItems,
                uncertaintyMm);
    }

    /** The same section with the outermost seal at this depth, as it was read from outside. */
    public Section withOutermostSealAt(double fromMm, @Nullable Double uncertaintyMm) {
        return withSealAt(
                seal().fromMm()
                        + fromMm
                        - boreItem(BoreItem.Seal.class).orElseThrow().fromMm(),
                uncertaintyMm);
    }

    /** The same section with this seal alone at another place. */
    public Section withSealAt(String id, double fromMm) {
        return with(
                boreItems.stream()
                        .map(i -> i instanceof BoreItem.Seal s && s.id().equals(id) ? s.at(Length.snap(fromMm)) : i)
                        .toList(),
                shaftItems,
                depthUncertaintyMm);
    }

    /** The same section with this seal where it was read to stand, as surely as its own gauge tells (mm). */
    public Section withSealRead(String id, double fromMm, @Nullable Double uncertaintyMm) {
        Section there = withSealAt(id, fromMm);
        return there.with(
                there.boreItems.stream()
                        .map(i -> i instanceof BoreItem.Seal s && s.id().equals(id)
                                ? BoreItemSealBuilder.builder(s)
                                        .uncertaintyMm(uncertaintyMm)
                                        .build()
                                : i)
                        .toList(),
                shaftItems,
                depthUncertaintyMm);
    }

    /** The same section with the depth that was decided for one seal, and how surely its own was read. */
    public Section decided(String id, double decidedMm, @Nullable Double uncertaintyMm) {
        return with(
                boreItems.stream()
                        .map(i -> i instanceof BoreItem.Seal s && s.id().equals(id)
                                ? BoreItemSealBuilder.builder(s)
                                        .decidedMm(decidedMm)
                                        .uncertaintyMm(uncertaintyMm)
                                        .build()
                                : i)
                        .toList(),
                shaftItems,
                depthUncertaintyMm);
    }

    /** The same section with more ways past its lips. */
    public Section withJoints(List<Joint> more) {
        return SectionBuilder.builder(this)
                .joints(Stream.concat(joints.stream(), more.stream()).toList())
                .build();
    }

    /** The same section with an old track worked off or covered. */
    public Section without(ShaftItem.WearGroove groove) {
        return with(boreItems, shaftItems.stream().filter(i -> i != groove).toList(), depthUncertaintyMm);
    }

    /** The same section with one part in place of another. */
    Section replacing(BoreItem old, BoreItem part) {
        return with(boreItems.stream().map(i -> i == old ? part : i).toList(), shaftItems, depthUncertaintyMm);
    }

    /** The same section beside the arrangement as it was found, or beside none. */
    public Section comparedWith(@Nullable Section found) {
        return found == asFound
                ? this
                : SectionBuilder.builder(this)
                        .asFound(found == null ? null : found.comparedWith(null))
                        .build();
    }

    /**
     * The same arrangement with what another section of this entry has read: stop, bearing, shaft, seat, play, what
     * lies outside and inside; what it has not read stays.
     */
    public Section withReadings(Section read) {
        List<BoreItem> bore = new ArrayList<>(boreItems);
        for (BoreItem reading : read.boreItems) {
            if (reading instanceof BoreItem.Shoulder
                    || reading instanceof BoreItem.Bearing
                    || reading instanceof BoreItem.LeadIn) {
                BoreItem own = bore.stream()
                        .filter(i -> i.getClass() == reading.getClass())
                        .findFirst()
                        .orElse(null);
                if (own == null) {
                    bore.add(reading);
                } else {
                    bore.set(
                            bore.indexOf(own),
                            own instanceof BoreItem.LeadIn
                                    ? reading
                                    : own instanceof BoreItem.Bearing b && b.turningFromMm() != null
                                            ? b.at(Length.snap(b.fromMm() + reading.fromMm() - b.turningFromMm()))
                                            : own.at(reading.fromMm()));
                }
            }
        }
        List<ShaftItem> shaft = new ArrayList<>(shaftItems);
        for (ShaftItem reading : read.shaftItems) {
            shaft.stream()
                    .filter(i -> i.getClass() == reading.getClass())
                    .findFirst()
                    .ifPresentOrElse(own -> shaft.set(shaft.indexOf(own), reading), () -> shaft.add(reading));
        }
        List<Space> lies = new ArrayList<>(spaces);
        lies.set(0, outside().read(read.outside()));
        lies.set(lies.size() - 1, inside().read(read.inside()));
        bore.sort(Comparator.comparing(BoreItem::fromMm));
        return SectionBuilder.builder(this)
                .rotation(read.rotation == null ? rotation : read.rotation)
                .shaftEntersFrom(read.shaftEntersFrom == null ? shaftEntersFrom : read.shaftEntersFrom)
                .spaces(lies)
                .boreItems(bore)
                .shaftItems(shaft)
                .axialPlayMm(read.axialPlayMm == null ? axialPlayMm : read.axialPlayMm)
                .growthMm(read.growthMm == null ? growthMm : read.growthMm)
                .speedRpm(read.speedRpm == null ? speedRpm : read.speedRpm)
                .cylindricalDepthMm(read.cylindricalDepthMm == null ? cylindricalDepthMm : read.cylindricalDepthMm)
                .totalDepthMm(read.totalDepthMm == null ? totalDepthMm : read.totalDepthMm)
                .cornerRadiusMm(read.cornerRadiusMm == null ? cornerRadiusMm : read.cornerRadiusMm)
                .depthUncertaintyMm(read.depthUncertaintyMm == null ? depthUncertaintyMm : read.depthUncertaintyMm)
                .build();
    }

    private Section with(List<BoreItem> newBoreItems, List<ShaftItem> newShaftItems, @Nullable Double uncertaintyMm) {
        return with(spaces, newBoreItems, newShaftItems, joints, uncertaintyMm);
    }

    /** The same entry with other parts in its bore, between other spaces; joints between the old ones are left out. */
    public Section withParts(List<BoreItem> newBoreItems, List<Space> newSpaces) {
        return with(
                newSpaces,
                newBoreItems,
                shaftItems,
                newSpaces.size() == spaces.size() ? joints : List.of(),
                depthUncertaintyMm);
    }

    /** The same section with other parts between other spaces. */
    Section with(
            List<Space> newSpaces,
            List<BoreItem> newBoreItems,
            List<ShaftItem> newShaftItems,
            List<Joint> newJoints,
            @Nullable Double uncertaintyMm) {
        return SectionBuilder.builder(this)
                .spaces(newSpaces)
                .boreItems(newBoreItems)
                .shaftItems(newShaftItems)
                .joints(newJoints)
                .depthUncertaintyMm(uncertaintyMm)
                .build();
    }

    /** The innermost lip seal: the one that keeps what is in the machine. */
    public BoreItem.Seal seal() {
        return seals().get(seals().size() - 1);
    }

    /** The lip seal of this name. @throws java.util.NoSuchElementException when there is none */
    public BoreItem.Seal seal(String id) {
        return seals().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** What lies on one side of a seal of this section. */
    public Space beside(BoreItem.Sealing seal, Side side) {
        List<BoreItem> sealing =
                boreItems.stream().filter(BoreItem.Sealing.class::isInstance).toList();
        return spaces.get(sealing.indexOf(seal) + (side == Side.IN ? 1 : 0));
    }

    /** Lip seals, outside first. */
    public List<BoreItem.Seal> seals() {
        return boreItems.stream()
                .filter(BoreItem.Seal.class::isInstance)
                .map(BoreItem.Seal.class::cast)
                .toList();
    }

    public <T extends BoreItem> Optional<T> boreItem(Class<T> kind) {
        return boreItems.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    public <T extends ShaftItem> Optional<T> shaftItem(Class<T> kind) {
        return shaftItems.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    public Space outside() {
        return spaces.get(0);
    }

    public Space inside() {
        return spaces.get(spaces.size() - 1);
    }

    /** Half the play and the whole growth, either way: how far a turning part may come nearer (mm, computed). */
    double wanderMm() {
        return PlayAndGrowth.of(axialPlayMm, growthMm).wanderMm();
    }

    /** Expanded uncertainty of depths along the axis (mm), 0 where none was given. */
    public double depthU() {
        return depthUncertaintyMm == null ? 0 : depthUncertaintyMm;
    }

    /** The same of one seal: its own where its depth was read by another gauge than the rest. */
    public double depthU(BoreItem.Seal seal) {
        return seal.uncertaintyMm() == null ? depthU() : seal.uncertaintyMm();
    }

    /** That depths are taken as exact, as a sentence; empty where their uncertainty was given. */
    String depthsAssumed() {
        return depthUncertaintyMm == null ? " Depths are assumed to be exact." : "";
    }

    /** What was taken for play and growth, as a sentence; empty where both were given. */
    String wanderAssumed() {
        return axialPlayMm != null && growthMm != null
                ? ""
                : axialPlayMm == null && growthMm == null
                        ? " Axial play and growth are assumed to be 0."
                        : " " + (axialPlayMm == null ? "Axial play" : "Growth when hot") + " is assumed to be 0.";
    }
}
