package joropo.core.section;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** A feature of the shaft, or a running surface in a housing that turns; x in mm from the datum face, positive into the machine. */
public sealed interface ShaftItem {
    Double fromMm();

    Double toMm();

    /** What a running surface belongs to. */
    enum On { SHAFT, HOUSING }

    /** Refuses a stretch that is none. */
    private static void stretch(Double fromMm, Double toMm, @Nullable Double diameterMm) {
        new Needs().place("fromMm", fromMm).place("toMm", toMm).optionalSize("diameterMm", diameterMm)
                .that("toMm", fromMm == null || toMm == null || toMm > fromMm, "must be above fromMm, got " + toMm).done();
    }

    /** A feature of which only the place is known has no length. */
    private static @Nullable Double feature(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) {
        new Needs().place("fromMm", fromMm).optionalPlace("toMm", toMm).optionalSize("diameterMm", diameterMm)
                .that("toMm", fromMm == null || toMm == null || toMm >= fromMm, "must not be below fromMm, got " + toMm).done();
        return toMm == null ? fromMm : toMm;
    }

    /** Whether a lip that ran over it would be cut or would leak. */
    default boolean cutsALip() {
        return this instanceof Keyway || this instanceof Spline || this instanceof Thread || this instanceof RingGroove || this instanceof CrossHole;
    }

    /** The band that is ground for the lip. @param on absent: SHAFT, @param diameterMm absent: not known */
    record RunningSurface(Double fromMm, Double toMm, @Nullable Double diameterMm, @Nullable On on) implements ShaftItem {
        public RunningSurface(Double fromMm, Double toMm) {
            this(fromMm, toMm, null, null);
        }

        public RunningSurface {
            stretch(fromMm, toMm, diameterMm);
            on = on == null ? On.SHAFT : on;
        }
    }

    /** The track that an old lip has left. @param depthMm absent: not measured, @param on absent: SHAFT */
    record WearGroove(Double fromMm, Double toMm, @Nullable Double depthMm, @Nullable On on) implements ShaftItem {
        public WearGroove(Double fromMm, Double toMm, @Nullable Double depthMm) {
            this(fromMm, toMm, depthMm, null);
        }

        public WearGroove {
            stretch(fromMm, toMm, null);
            new Needs().optionalNotNegative("depthMm", depthMm).done();
            on = on == null ? On.SHAFT : on;
        }
    }

    /** A sleeve that the lip may run on. */
    record Sleeve(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Sleeve {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A keyway. */
    record Keyway(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Keyway {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** Splines. */
    record Spline(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Spline {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A thread. */
    record Thread(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Thread {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A groove for a ring. */
    record RingGroove(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public RingGroove {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A step of the shaft. */
    record Step(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Step {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A chamfer. */
    record Chamfer(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Chamfer {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A cross hole. */
    record CrossHole(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public CrossHole {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A disc that throws off what comes along the shaft. */
    record Slinger(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public Slinger {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }

    /** A ring that holds a part on the shaft. */
    record LocatingRing(Double fromMm, @Nullable Double toMm, @Nullable Double diameterMm) implements ShaftItem {
        public LocatingRing {
            toMm = feature(fromMm, toMm, diameterMm);
        }
    }
}
