package joropo.core.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;
import java.util.Objects;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** A part or a feature of the bore; x in mm from the datum face, positive into the machine. */
public sealed interface BoreItem {
    /** Its name on the drawing; absent where nobody gave it one. */
    @Nullable
    String id();

    /** x of its outermost face. */
    Double fromMm();

    /** x of its innermost face. */
    Double toMm();

    /** The same with its outermost face at another place, whatever belongs to it moved along. */
    BoreItem at(double newFromMm);

    /** What it is called in the trade. */
    String words();

    /** Whether it stands still, so that what is pushed against it goes no further. */
    boolean stops();

    /** Whether it lies beside what is put in, so that no stack meets it: a port, a step, a lead-in. */
    boolean liesBeside();

    /** Asks about each kind of item by itself: a new kind does not compile until everything has an answer to it. */
    <T> T accept(Visitor<T> visitor);

    /** An answer for each kind of item. */
    interface Visitor<T> {
        T seal(Seal seal);

        T chevron(Chevron set);

        T ring(Ring ring);

        T spacer(Spacer spacer);

        T shoulder(Shoulder shoulder);

        T port(Port port);

        T bearing(Bearing bearing);

        T cover(Cover cover);

        T step(Step step);

        T leadIn(LeadIn leadIn);
    }

    /** A part that is put in, not a feature of the housing. */
    sealed interface Part extends BoreItem {
        /** Side it is put in from; absent: outside. */
        @Nullable
        Side entersFrom();

        /** Part that it has to be in before, since no tool reaches it later. */
        @Nullable
        String beforeItem();
    }

    /** A part that takes its thickness of the room between a ring and its stop. */
    sealed interface Stacked extends Part {
        /** Along the shaft (mm). */
        double thickMm();

        /** What it is called in a chain of dimensions: one word. */
        String shortly();

        /** Tolerance of that (mm); absent: not known. */
        @Nullable
        Double toleranceMm();
    }

    /** A part that parts two spaces. */
    sealed interface Sealing extends Stacked {
        Double widthMm();

        @Override
        default double thickMm() {
            return widthMm();
        }

        /** The same turned round: what faced in faces out. */
        Sealing turned();

        /** Tolerance of the width where nobody says another (mm, guide). */
        static double usualToleranceMm(double widthMm) {
            return widthMm <= 10 ? 0.2 : 0.3;
        }

        /** Side to which its open side faces. */
        Side open();
    }

    /**
     * A lip seal.
     *
     * @param fromMm x of its outer face, @param toleranceMm of its width, absent: 0.2 up to 10 mm, 0.3 above
     * @param mainLip side to which its open side faces, @param dustLip side to which the dust lip faces, absent: none
     * @param spring absent: true, @param ribs absent: NONE, @param profile absent: STANDARD, @param mount absent: BORE
     * @param lipOffsetMm from its open side to the lip, absent: 0.4 of the width
     * @param reversedOnPurpose whether somebody turned it for a reason
     * @param flangeDiameterMm, @param flangeThicknessMm of a flange at its outer face that lies on the housing, absent:
     *     none
     * @param decidedMm where its outer face was to stand, @param uncertaintyMm of the depth that was read, absent: not
     *     known
     * @param mayStandProudMm how far it may stand out of the bore on purpose, absent: not at all
     * @param placeAssumed whether its place is only drawn so and was not read, as of an old seal; absent: no
     */
    @RecordBuilder
    record Seal(
            String id,
            Double fromMm,
            Double widthMm,
            @Nullable Double toleranceMm,
            Double outsideDiameterMm,
            @Nullable Double insideDiameterMm,
            @Nullable Mount mount,
            @Nullable CaseType caseType,
            Side mainLip,
            @Nullable Side dustLip,
            @Nullable Boolean spring,
            @Nullable Ribs ribs,
            @Nullable Profile profile,
            @Nullable Double lipOffsetMm,
            @Nullable Boolean reversedOnPurpose,
            @Nullable Side entersFrom,
            @Nullable String beforeItem,
            @Nullable Double flangeDiameterMm,
            @Nullable Double flangeThicknessMm,
            @Nullable Double decidedMm,
            @Nullable Double uncertaintyMm,
            @Nullable Double mayStandProudMm,
            @Nullable Boolean placeAssumed)
            implements Sealing {
        /** Where the lip stands when its maker does not say (guide). */
        private static final double USUAL_OFFSET = 0.4;

        /** A seal with a spring pressed into the bore from outside, of which no more is known. */
        public static Seal pressed(String id, double fromMm, double widthMm, double outsideDiameterMm, Side mainLip) {
            return BoreItemSealBuilder.builder()
                    .id(id)
                    .fromMm(fromMm)
                    .widthMm(widthMm)
                    .outsideDiameterMm(outsideDiameterMm)
                    .mainLip(mainLip)
                    .build();
        }

        public Seal {
            new Needs()
                    .given("id", id)
                    .place("fromMm", fromMm)
                    .size("widthMm", widthMm)
                    .optionalNotNegative("toleranceMm", toleranceMm)
                    .size("outsideDiameterMm", outsideDiameterMm)
                    .optionalSize("insideDiameterMm", insideDiameterMm)
                    .that(
                            "insideDiameterMm",
                            insideDiameterMm == null
                                    || outsideDiameterMm == null
                                    || insideDiameterMm < outsideDiameterMm,
                            "must be below the outside, got " + insideDiameterMm)
                    .optionalPlace("decidedMm", decidedMm)
                    .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                    .optionalNotNegative("mayStandProudMm", mayStandProudMm)
                    .given("mainLip", mainLip)
                    .optionalNotNegative("lipOffsetMm", lipOffsetMm)
                    .that(
                            "lipOffsetMm",
                            lipOffsetMm == null || widthMm == null || lipOffsetMm < widthMm,
                            "must be below the width")
                    .optionalSize("flangeDiameterMm", flangeDiameterMm)
                    .optionalSize("flangeThicknessMm", flangeThicknessMm)
                    .that(
                            "flangeDiameterMm",
                            flangeDiameterMm == null
                                    || outsideDiameterMm == null
                                    || flangeDiameterMm > outsideDiameterMm,
                            "must be above the outside, got " + flangeDiameterMm)
                    .that(
                            "flangeThicknessMm",
                            (flangeDiameterMm == null) == (flangeThicknessMm == null),
                            "goes together with flangeDiameterMm")
                    .that(
                            "flangeThicknessMm",
                            flangeThicknessMm == null || widthMm == null || flangeThicknessMm < widthMm,
                            "must be below the width")
                    .done();
            toleranceMm = toleranceMm == null ? Sealing.usualToleranceMm(widthMm) : toleranceMm;
            mount = mount == null ? Mount.BORE : mount;
            spring = spring == null || spring;
            ribs = ribs == null ? Ribs.NONE : ribs;
            profile = profile == null ? Profile.STANDARD : profile;
            lipOffsetMm = lipOffsetMm == null ? USUAL_OFFSET * widthMm : lipOffsetMm;
            reversedOnPurpose = Boolean.TRUE.equals(reversedOnPurpose);
        }

        /** How far it stands out of the bore by design (mm). @param mouthMm where the bore begins */
        double standsProudMm(double mouthMm) {
            return Math.max(0, Math.min(Objects.requireNonNullElse(mayStandProudMm, 0.0), mouthMm - fromMm));
        }

        @Override
        public Double toMm() {
            return fromMm + widthMm;
        }

        @Override
        public Side open() {
            return mainLip;
        }

        @Override
        public String shortly() {
            return "seal";
        }

        @Override
        public String words() {
            return "lip seal";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.seal(this);
        }

        @Override
        public Seal at(double newFromMm) {
            return BoreItemSealBuilder.builder(this)
                    .fromMm(newFromMm)
                    .placeAssumed(null)
                    .build();
        }

        @Override
        public Seal turned() {
            return BoreItemSealBuilder.builder(this)
                    .mainLip(mainLip.other())
                    .dustLip(dustLip == null ? null : dustLip.other())
                    .build();
        }

        /** Whether its flange lies on the housing, so that it goes in so far and no further. */
        boolean hasFlange() {
            return flangeDiameterMm != null;
        }

        /** x of the lip. */
        public double lipMm() {
            return mainLip == Side.IN ? toMm() - lipOffsetMm : fromMm + lipOffsetMm;
        }
    }

    /** A set of chevron or cup rings. @param lips side to which their open side faces, @param rings how many */
    record Chevron(
            @Nullable String id,
            Double fromMm,
            Double widthMm,
            @Nullable Double toleranceMm,
            Side lips,
            @Nullable Integer rings,
            @Nullable Side entersFrom,
            @Nullable String beforeItem)
            implements Sealing {
        public Chevron {
            new Needs()
                    .place("fromMm", fromMm)
                    .size("widthMm", widthMm)
                    .optionalNotNegative("toleranceMm", toleranceMm)
                    .given("lips", lips)
                    .that("rings", rings == null || rings > 0, "must be above 0")
                    .done();
            toleranceMm = toleranceMm == null ? Sealing.usualToleranceMm(widthMm) : toleranceMm;
        }

        @Override
        public Double toMm() {
            return fromMm + widthMm;
        }

        @Override
        public Side open() {
            return lips;
        }

        @Override
        public String shortly() {
            return "set";
        }

        @Override
        public String words() {
            return "chevron set";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.chevron(this);
        }

        @Override
        public Chevron at(double newFromMm) {
            return new Chevron(id, newFromMm, widthMm, toleranceMm, lips, rings, entersFrom, beforeItem);
        }

        @Override
        public Chevron turned() {
            return new Chevron(id, fromMm, widthMm, toleranceMm, lips.other(), rings, entersFrom, beforeItem);
        }
    }

    /**
     * A retaining ring in its groove. @param fromMm x of the groove's outer wall, @param toleranceMm of the ring's
     * thickness
     */
    record Ring(
            @Nullable String id,
            Double fromMm,
            Double grooveWidthMm,
            Double thicknessMm,
            @Nullable Double toleranceMm,
            @Nullable Side entersFrom,
            @Nullable String beforeItem)
            implements Stacked {
        public Ring {
            new Needs()
                    .place("fromMm", fromMm)
                    .size("grooveWidthMm", grooveWidthMm)
                    .size("thicknessMm", thicknessMm)
                    .optionalNotNegative("toleranceMm", toleranceMm)
                    .that(
                            "thicknessMm",
                            grooveWidthMm == null || thicknessMm == null || thicknessMm <= grooveWidthMm,
                            "must not be above the groove's width")
                    .done();
        }

        @Override
        public Double toMm() {
            return fromMm + grooveWidthMm;
        }

        @Override
        public double thickMm() {
            return thicknessMm;
        }

        @Override
        public String shortly() {
            return "ring";
        }

        @Override
        public String words() {
            return "retaining ring";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.ring(this);
        }

        @Override
        public Ring at(double newFromMm) {
            return new Ring(id, newFromMm, grooveWidthMm, thicknessMm, toleranceMm, entersFrom, beforeItem);
        }
    }

    /** A loose washer or spacer. */
    record Spacer(
            @Nullable String id,
            Double fromMm,
            Double thicknessMm,
            @Nullable Double toleranceMm,
            @Nullable Double insideDiameterMm,
            @Nullable Double outsideDiameterMm,
            @Nullable Side entersFrom,
            @Nullable String beforeItem)
            implements Stacked {
        public Spacer {
            new Needs()
                    .place("fromMm", fromMm)
                    .size("thicknessMm", thicknessMm)
                    .optionalNotNegative("toleranceMm", toleranceMm)
                    .optionalSize("insideDiameterMm", insideDiameterMm)
                    .optionalSize("outsideDiameterMm", outsideDiameterMm)
                    .that(
                            "outsideDiameterMm",
                            insideDiameterMm == null
                                    || outsideDiameterMm == null
                                    || outsideDiameterMm > insideDiameterMm,
                            "must be above the inside")
                    .done();
        }

        @Override
        public Double toMm() {
            return fromMm + thicknessMm;
        }

        @Override
        public double thickMm() {
            return thicknessMm;
        }

        @Override
        public String shortly() {
            return "washer";
        }

        @Override
        public String words() {
            return "washer";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.spacer(this);
        }

        @Override
        public Spacer at(double newFromMm) {
            return new Spacer(
                    id,
                    newFromMm,
                    thicknessMm,
                    toleranceMm,
                    insideDiameterMm,
                    outsideDiameterMm,
                    entersFrom,
                    beforeItem);
        }
    }

    /**
     * A step of the housing that stops what is pushed against it. @param toleranceMm of its distance to the ring's
     * groove
     */
    record Shoulder(
            @Nullable String id,
            Double fromMm,
            @Nullable Double toleranceMm,
            @Nullable Double insideDiameterMm) implements BoreItem {
        public Shoulder {
            new Needs()
                    .place("fromMm", fromMm)
                    .optionalNotNegative("toleranceMm", toleranceMm)
                    .optionalSize("insideDiameterMm", insideDiameterMm)
                    .done();
        }

        @Override
        public Double toMm() {
            return fromMm;
        }

        @Override
        public String words() {
            return "shoulder";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.shoulder(this);
        }

        @Override
        public Shoulder at(double newFromMm) {
            return new Shoulder(id, newFromMm, toleranceMm, insideDiameterMm);
        }
    }

    /** A hole of the housing into a space. @param clock where it lies, o'clock, 0 to 12 */
    record Port(
            @Nullable String id,
            Kind kind,
            Double fromMm,
            Double toMm,
            @Nullable Double clock) implements BoreItem {
        /** What a port is for. */
        public enum Kind {
            DRAIN,
            GREASE,
            BREATHER,
            RELIEF
        }

        public Port {
            new Needs()
                    .given("kind", kind)
                    .place("fromMm", fromMm)
                    .place("toMm", toMm)
                    .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm")
                    .optionalBetween("clock", clock, 0, 12)
                    .done();
        }

        @Override
        public String words() {
            return kind.name().toLowerCase(Locale.ROOT) + " port";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.port(this);
        }

        @Override
        public Port at(double newFromMm) {
            return new Port(id, kind, newFromMm, Length.snap(newFromMm + toMm - fromMm), clock);
        }
    }

    /**
     * A bearing behind or between the seals.
     *
     * @param fromMm x of its outer ring's face, @param ringInsideDiameterMm inside of that face
     * @param turningFromMm x of the foremost part that turns: cage, balls or inner ring
     * @param sealed whether it carries its own grease for good, @param mateMm x where its mating part wants its face
     * @param widthMm absent: only its face is known
     * @param turningInsideMm, @param turningOutsideMm diameters between which something turns, absent: not known
     */
    @RecordBuilder
    record Bearing(
            @Nullable String id,
            Double fromMm,
            @Nullable Double ringInsideDiameterMm,
            @Nullable Double turningFromMm,
            @Nullable Boolean sealed,
            @Nullable Double mateMm,
            @Nullable Side entersFrom,
            @Nullable String beforeItem,
            @Nullable Double widthMm,
            @Nullable Double turningInsideMm,
            @Nullable Double turningOutsideMm)
            implements Part {
        /** A bearing of which nothing more is known. */
        public static Bearing plain(
                @Nullable String id,
                Double fromMm,
                @Nullable Double ringInsideDiameterMm,
                @Nullable Double turningFromMm) {
            return BoreItemBearingBuilder.builder()
                    .id(id)
                    .fromMm(fromMm)
                    .ringInsideDiameterMm(ringInsideDiameterMm)
                    .turningFromMm(turningFromMm)
                    .build();
        }

        public Bearing {
            new Needs()
                    .place("fromMm", fromMm)
                    .optionalSize("ringInsideDiameterMm", ringInsideDiameterMm)
                    .optionalPlace("turningFromMm", turningFromMm)
                    .optionalPlace("mateMm", mateMm)
                    .optionalSize("widthMm", widthMm)
                    .optionalSize("turningInsideMm", turningInsideMm)
                    .optionalSize("turningOutsideMm", turningOutsideMm)
                    .that(
                            "turningOutsideMm",
                            turningInsideMm == null || turningOutsideMm == null || turningOutsideMm > turningInsideMm,
                            "must be above turningInsideMm, got " + turningOutsideMm)
                    .done();
        }

        @Override
        public Double toMm() {
            return widthMm == null ? fromMm : fromMm + widthMm;
        }

        @Override
        public String words() {
            return "bearing";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.bearing(this);
        }

        @Override
        public Bearing at(double newFromMm) {
            return BoreItemBearingBuilder.builder(this)
                    .fromMm(newFromMm)
                    .turningFromMm(
                            turningFromMm == null
                                    ? null
                                    : Double.valueOf(Length.snap(turningFromMm + newFromMm - fromMm)))
                    .build();
        }
    }

    /** A plate screwed over the entry. */
    record Cover(
            @Nullable String id,
            Double fromMm,
            @Nullable Double thicknessMm,
            @Nullable Side entersFrom,
            @Nullable String beforeItem)
            implements Part {
        public Cover {
            new Needs()
                    .place("fromMm", fromMm)
                    .optionalSize("thicknessMm", thicknessMm)
                    .done();
        }

        @Override
        public Double toMm() {
            return thicknessMm == null ? fromMm : fromMm + thicknessMm;
        }

        @Override
        public String words() {
            return "cover";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public boolean liesBeside() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.cover(this);
        }

        @Override
        public Cover at(double newFromMm) {
            return new Cover(id, newFromMm, thicknessMm, entersFrom, beforeItem);
        }
    }

    /** From here inward the bore has this diameter. */
    record Step(@Nullable String id, Double fromMm, Double diameterMm) implements BoreItem {
        public Step {
            new Needs().place("fromMm", fromMm).size("diameterMm", diameterMm).done();
        }

        @Override
        public Double toMm() {
            return fromMm;
        }

        @Override
        public String words() {
            return "step of the bore";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.step(this);
        }

        @Override
        public Step at(double newFromMm) {
            return new Step(id, newFromMm, diameterMm);
        }
    }

    /** The chamfer at the mouth of the bore. */
    record LeadIn(
            @Nullable String id,
            Double fromMm,
            Double toMm,
            @Nullable Double angleDeg) implements BoreItem {
        public LeadIn {
            new Needs()
                    .place("fromMm", fromMm)
                    .place("toMm", toMm)
                    .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm")
                    .optionalBetween("angleDeg", angleDeg, 1, 89)
                    .done();
        }

        @Override
        public String words() {
            return "lead-in";
        }

        @Override
        public boolean stops() {
            return false;
        }

        @Override
        public boolean liesBeside() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.leadIn(this);
        }

        @Override
        public LeadIn at(double newFromMm) {
            return new LeadIn(id, newFromMm, Length.snap(newFromMm + lengthMm()), angleDeg);
        }

        double lengthMm() {
            return toMm - fromMm;
        }
    }
}
