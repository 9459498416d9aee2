package joropo.core.section;

import joropo.core.shaft.Hand;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A feature of the shaft, or a running surface in a housing that turns; x in mm from the datum face, positive into the
 * machine.
 */
public sealed interface ShaftItem {
    Double fromMm();

    Double toMm();

    /** The same with its outermost end at another place, its length kept. */
    ShaftItem at(double newFromMm);

    /** What it is called in the trade. */
    String words();

    /** Whether a lip that ran over it would be cut or would leak. */
    boolean cutsALip();

    /** Diameter of its edge, or of the surface it lies in; absent: not known. */
    @Nullable
    Double diameterMm();

    /** Whether a sleeve or tape covers it while it passes a lip; absent: no. */
    default @Nullable Boolean covered() {
        return null;
    }

    /** Asks about each kind of feature by itself: a new kind does not compile until everything has an answer to it. */
    <T> T accept(Visitor<T> visitor);

    /** An answer for each kind of feature. */
    interface Visitor<T> {
        T runningSurface(RunningSurface surface);

        T wearGroove(WearGroove groove);

        T sleeve(Sleeve sleeve);

        T keyway(Keyway keyway);

        T spline(Spline spline);

        T thread(Thread thread);

        T ringGroove(RingGroove groove);

        T step(Step step);

        T chamfer(Chamfer chamfer);

        T crossHole(CrossHole hole);

        T slinger(Slinger slinger);

        T locatingRing(LocatingRing ring);
    }

    /** What a running surface belongs to. */
    enum On {
        SHAFT,
        HOUSING
    }

    /** Refuses a stretch that is none. */
    private static void stretch(Double fromMm, Double toMm, @Nullable Double diameterMm) {
        new Needs()
                .place("fromMm", fromMm)
                .place("toMm", toMm)
                .optionalSize("diameterMm", diameterMm)
                .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm, got " + toMm)
                .done();
    }

    /** A feature of which only the place is known has no length. */
    private static @Nullable Double feature(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
        new Needs()
                .place("fromMm", fromMm)
                .optionalPlace("toMm", toMm)
                .optionalSize("diameterMm", diameterMm)
                .that("toMm", fromMm == null || toMm == null || toMm >= fromMm, "must not be below fromMm, got " + toMm)
                .done();
        return toMm == null ? fromMm : toMm;
    }

    /** The band that is ground for the lip. @param on absent: SHAFT, @param diameterMm absent: not known */
    record RunningSurface(
            Double fromMm,
            Double toMm,
            @Nullable Double diameterMm,
            @Nullable On on) implements ShaftItem {
        public RunningSurface(Double fromMm, Double toMm) {
            this(fromMm, toMm, null, null);
        }

        public RunningSurface {
            stretch(fromMm, toMm, diameterMm);
            on = on == null ? On.SHAFT : on;
        }

        @Override
        public String words() {
            return "running surface";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.runningSurface(this);
        }

        @Override
        public RunningSurface at(double newFromMm) {
            return new RunningSurface(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, on);
        }
    }

    /**
     * The track that an old lip has left. @param depthMm absent: not measured, @param on absent: SHAFT
     *
     * @param widthMeasured false where its ends are only taken as usual, since nobody has measured it; absent: true
     */
    record WearGroove(
            Double fromMm,
            Double toMm,
            @Nullable Double depthMm,
            @Nullable On on,
            @Nullable Boolean widthMeasured) implements ShaftItem {
        public WearGroove(Double fromMm, Double toMm, @Nullable Double depthMm) {
            this(fromMm, toMm, depthMm, null, null);
        }

        public WearGroove {
            stretch(fromMm, toMm, null);
            new Needs().optionalNotNegative("depthMm", depthMm).done();
            on = on == null ? On.SHAFT : on;
            widthMeasured = widthMeasured == null || widthMeasured;
        }

        /** A groove is told by its depth. */
        @Override
        public @Nullable Double diameterMm() {
            return null;
        }

        @Override
        public String words() {
            return "wear groove";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.wearGroove(this);
        }

        @Override
        public WearGroove at(double newFromMm) {
            return new WearGroove(newFromMm, Length.snap(newFromMm + toMm - fromMm), depthMm, on, widthMeasured);
        }
    }

    /** A sleeve that the lip may run on. */
    record Sleeve(
            Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Sleeve {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "sleeve";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.sleeve(this);
        }

        @Override
        public Sleeve at(double newFromMm) {
            return new Sleeve(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm);
        }
    }

    /** A keyway. @param covered whether a sleeve or tape covers it while it passes a lip, absent: no */
    record Keyway(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered) implements ShaftItem {
        public Keyway(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public Keyway {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "keyway";
        }

        @Override
        public boolean cutsALip() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.keyway(this);
        }

        @Override
        public Keyway at(double newFromMm) {
            return new Keyway(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered);
        }
    }

    /** Splines. */
    record Spline(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered) implements ShaftItem {
        public Spline(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public Spline {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "splines";
        }

        @Override
        public boolean cutsALip() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.spline(this);
        }

        @Override
        public Spline at(double newFromMm) {
            return new Spline(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered);
        }
    }

    /** A thread. @param hand of its helix, @param returns whether it is a helix that carries back what creeps out */
    record Thread(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered,
            @Nullable Hand hand,
            @Nullable Boolean returns)
            implements ShaftItem {
        public Thread(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null, null, null);
        }

        public Thread {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "thread";
        }

        @Override
        public boolean cutsALip() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.thread(this);
        }

        @Override
        public Thread at(double newFromMm) {
            return new Thread(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered, hand, returns);
        }
    }

    /** A groove for a ring. */
    record RingGroove(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered) implements ShaftItem {
        public RingGroove(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public RingGroove {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "ring groove";
        }

        @Override
        public boolean cutsALip() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.ringGroove(this);
        }

        @Override
        public RingGroove at(double newFromMm) {
            return new RingGroove(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered);
        }
    }

    /** A step of the shaft. */
    record Step(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered) implements ShaftItem {
        public Step(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public Step {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "step of the shaft";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.step(this);
        }

        @Override
        public Step at(double newFromMm) {
            return new Step(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered);
        }
    }

    /** A chamfer. @param diameterMm at its small end, @param angleDeg to the shaft's axis */
    record Chamfer(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Double angleDeg) implements ShaftItem {
        public Chamfer(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public Chamfer {
            toMm = feature(fromMm, toMm, diameterMm);
            new Needs().optionalBetween("angleDeg", angleDeg, 1, 89).done();
        }

        @Override
        public String words() {
            return "chamfer";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.chamfer(this);
        }

        @Override
        public Chamfer at(double newFromMm) {
            return new Chamfer(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, angleDeg);
        }
    }

    /** A cross hole. */
    record CrossHole(
            Double fromMm,
            @Nullable Double toMm,
            @Nullable Double diameterMm,
            @Nullable Boolean covered) implements ShaftItem {
        public CrossHole(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
            this(fromMm, toMm, diameterMm, null);
        }

        public CrossHole {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "cross hole";
        }

        @Override
        public boolean cutsALip() {
            return true;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.crossHole(this);
        }

        @Override
        public CrossHole at(double newFromMm) {
            return new CrossHole(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm, covered);
        }
    }

    /** A disc that throws off what comes along the shaft. */
    record Slinger(
            Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Slinger {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "slinger";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.slinger(this);
        }

        @Override
        public Slinger at(double newFromMm) {
            return new Slinger(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm);
        }
    }

    /** A ring that holds a part on the shaft. */
    record LocatingRing(
            Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public LocatingRing {
            toMm = feature(fromMm, toMm, diameterMm);
        }

        @Override
        public String words() {
            return "locating ring";
        }

        @Override
        public boolean cutsALip() {
            return false;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.locatingRing(this);
        }

        @Override
        public LocatingRing at(double newFromMm) {
            return new LocatingRing(newFromMm, Length.snap(newFromMm + toMm - fromMm), diameterMm);
        }
    }
}
