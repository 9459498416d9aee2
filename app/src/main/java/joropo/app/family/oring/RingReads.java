package joropo.app.family.oring;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.ui.Field;
import joropo.core.material.Dirt;
import joropo.core.oring.CounterfaceInput;
import joropo.core.oring.Gland;
import joropo.core.oring.GuideRing;
import joropo.core.oring.MakerGroove;
import joropo.core.oring.RingDuty;
import joropo.core.oring.RingFace;
import joropo.core.oring.RingFaceBuilder;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingMotion;
import joropo.core.oring.RingSort;
import joropo.core.oring.Tolerances;
import joropo.core.oring.WayRound;
import joropo.core.plan.Care;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** What the sheets say of one ring of a joint, with what holds for all that run on the same rod or bore. */
final class RingReads {
    private final JobFacts facts;
    private final ReadFields read;
    private final int index;

    private RingReads(JobFacts facts, ReadFields read, int index) {
        this.facts = facts;
        this.read = read;
        this.index = index;
    }

    static RingReads of(JobFacts facts) {
        return new RingReads(facts, facts.read(), facts.alike().index());
    }

    /** All rings of the joint, in the order in which they go in. */
    List<RingReads> joint() {
        List<ReadFields> reads = facts.alike().reads();
        return IntStream.range(0, reads.size())
                .mapToObj(i -> new RingReads(facts, reads.get(i), i))
                .toList();
    }

    <T> @Nullable T get(Field<T> field) {
        return read.get(field);
    }

    int index() {
        return index;
    }

    /** What tells it in the drawing. */
    String seal() {
        return "ring-" + index;
    }

    RingSort sort() {
        return read.get(RingFields.SORT, RingSort.O_RING);
    }

    @Nullable
    RingMotion motion() {
        RingMotion typed = read.get(RingFields.MOTION);
        return typed == null ? sort().usualMotion() : typed;
    }

    @Nullable
    Gland gland() {
        Gland typed = read.get(RingFields.GLAND);
        return typed == null ? sort().usualGland() : typed;
    }

    boolean isMoving() {
        RingMotion motion = motion();
        return motion != null && motion != RingMotion.STATIC;
    }

    /** Whether it holds the pressure where parts move: not a wiper, not a guide. */
    boolean isSealing() {
        return (isOnRod() || isInBore()) && sort() != RingSort.WIPER && sort() != RingSort.GUIDE;
    }

    /** Whether it runs on the joint's rod or in its bore. */
    boolean runsOn(CounterfaceInput.Part part) {
        Gland gland = gland();
        return isMoving() && gland != null && gland.isRadial() && CounterfaceInput.Part.of(gland) == part;
    }

    private boolean isOnRod() {
        return runsOn(CounterfaceInput.Part.ROD);
    }

    private boolean isInBore() {
        return runsOn(CounterfaceInput.Part.BORE);
    }

    /** Its own, else that of the joint's rod or bore; absent where neither is measured. */
    @Nullable
    Double counterMm() {
        Double typed = read.get(RingFields.COUNTER);
        return typed != null ? typed : ofJoint(RingFields.ROD, RingFields.BORE);
    }

    /** Largest clearance of the metal, its own, else that of the rod or bore that it runs on. */
    @Nullable
    private Double metalGapMm() {
        Double typed = read.get(RingFields.GAP);
        return typed != null || !isMoving() ? typed : ofJoint(RingFields.ROD_GAP, RingFields.BORE_GAP);
    }

    /** The chamfer that it meets, its own, else at the end of the joint's rod or bore. */
    @Nullable
    Double leadInMm() {
        Double typed = read.get(RingFields.LEAD_IN);
        return typed != null || read.get(RingFields.COUNTER) != null
                ? typed
                : ofJoint(RingFields.ROD_LEAD_IN, RingFields.BORE_LEAD_IN);
    }

    @Nullable
    private Double ofJoint(Field<Double> ofRod, Field<Double> ofBore) {
        Gland gland = gland();
        return gland == Gland.ROD ? read.get(ofRod) : gland == Gland.PISTON ? read.get(ofBore) : null;
    }

    /**
     * The clearance as wide as it can come; a guide ring beside it takes the half of it; of two guides the looser
     * counts.
     */
    @Nullable
    Double gapMm() {
        Double gap = metalGapMm();
        return joint().stream()
                .filter(r -> r.sort() == RingSort.GUIDE && isMoving() && r.gland() == gland() && r.isMoving())
                .map(r -> r.guide().guidedGapMm(gap))
                .filter(Objects::nonNull)
                .max(Double::compare)
                .orElse(gap);
    }

    MakerGroove maker() {
        Boolean own = read.get(RingFields.BY_MAKER);
        return new MakerGroove(
                own == null ? read.get(RingFields.ALL_BY_MAKER) : own,
                read.get(RingFields.MAKER_GROOVE),
                read.get(RingFields.MAKER_WIDTH),
                read.get(RingFields.MAKER_WITHIN));
    }

    /** In a breath, as it is laid out: its kind, size and material. */
    String words() {
        String size = size();
        String material = read.get(RingFields.MATERIAL);
        return sort().words()
                + (size.isEmpty() ? "" : " " + size)
                + (material == null || RingMaterial.BY_MAKER.equals(material) ? "" : ", " + material);
    }

    /** As it is written: its listed name, else its sizes; empty where neither is known. */
    String size() {
        String listed = read.get(RingFields.RING);
        if (sort() == RingSort.SLIDE) {
            return sizes(counterMm(), read.get(RingFields.SLIDE_THICK), read.get(RingFields.SLIDE_WIDE));
        }
        return listed != null ? listed : sizes(read.get(RingFields.INSIDE), read.get(RingFields.SECTION));
    }

    /** Of the loader under a slide ring. */
    String loaderSize() {
        String listed = read.get(RingFields.RING);
        return listed != null ? listed : sizes(read.get(RingFields.INSIDE), read.get(RingFields.SECTION));
    }

    private static String sizes(@Nullable Double... mm) {
        return Stream.of(mm).anyMatch(Objects::isNull)
                ? ""
                : Stream.of(mm).map(v -> Length.show(v, 2)).collect(Collectors.joining("x"));
    }

    GuideRing guide() {
        return new GuideRing(
                Optional.ofNullable(gland()).orElse(Gland.PISTON),
                counterMm(),
                read.get(RingFields.GROOVE),
                read.get(RingFields.GUIDE_THICK),
                metalGapMm());
    }

    /** What was read is sure to within its reading; of a listed ring its list's tolerances are taken. */
    @Nullable
    Tolerances tolerances() {
        Double to = read.get(RingFields.READ_TO);
        return to == null ? null : new Tolerances(to, to, to, to, null, null);
    }

    /** A rod's ring, and one that lies still beside a piston, meets the pressure from one side only. */
    RingDuty duty() {
        return new RingDuty(
                read.get(RingFields.FLUID),
                read.get(RingFields.PRESSURE),
                read.get(RingFields.PRESSURE_SIDE),
                isAtPiston() || joint().stream().noneMatch(RingReads::isAtPiston)
                        ? read.get(RingFields.PRESSURE_TURNS)
                        : Boolean.FALSE,
                read.get(RingFields.COLDEST),
                read.get(RingFields.HOTTEST),
                read.get(RingFields.CLEANER),
                facts.position().care().contains(Care.FOOD));
    }

    private boolean isAtPiston() {
        return isInBore() && gland() == Gland.PISTON;
    }

    WayRound way() {
        RingDuty duty = duty();
        Side faces = read.get(RingFields.FACES);
        return new WayRound(
                sort(),
                faces,
                duty.pressureSide(),
                duty.pressureTurns(),
                joint().stream()
                        .filter(r -> r.index != index && r.sort() == sort() && r.gland() == gland())
                        .anyMatch(r -> sort() == RingSort.WIPER || facesAgainst(faces, r.get(RingFields.FACES))),
                read.get(RingFields.FAR_END));
    }

    private static boolean facesAgainst(@Nullable Side own, @Nullable Side other) {
        return own != null && other != null && own != other;
    }

    /** The face that it seals on; of a rod or bore that several run on, the first of them says it. */
    Optional<RingFace> face() {
        Gland gland = gland();
        if (gland == null || motion() == null) {
            return Optional.empty();
        }
        CounterfaceInput.Part part = CounterfaceInput.Part.of(gland);
        if (!runsOn(part)) {
            return Optional.of(RingFaceBuilder.builder()
                    .part(part)
                    .motion(motion())
                    .diameterMm(Optional.ofNullable(counterMm()).orElse(read.get(RingFields.GROOVE)))
                    .raUm(read.get(RingFields.RA))
                    .unmarked(read.get(RingFields.NO_MARK))
                    .build());
        }
        boolean first = joint().stream().filter(r -> r.runsOn(part)).allMatch(r -> r.index >= index);
        boolean rod = part == CounterfaceInput.Part.ROD;
        return first
                ? Optional.of(RingFaceBuilder.builder()
                        .part(part)
                        .motion(motion())
                        .diameterMm(counterMm())
                        .raUm(read.get(rod ? RingFields.ROD_RA : RingFields.BORE_RA))
                        .unmarked(read.get(rod ? RingFields.ROD_NO_MARK : RingFields.BORE_NO_MARK))
                        .bendMm(rod ? read.get(RingFields.ROD_BEND) : null)
                        .shapeMm(read.get(rod ? RingFields.ROD_SHAPE : RingFields.BORE_SHAPE))
                        .hardnessHrc(rod ? read.get(RingFields.ROD_HRC) : null)
                        .dirt(rod ? facts.position().dirt() : Dirt.CLEAN)
                        .build())
                : Optional.empty();
    }
}
