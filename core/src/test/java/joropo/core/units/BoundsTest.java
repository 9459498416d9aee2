package joropo.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.core.lipseal.DriverCheck;
import joropo.core.lipseal.DriverInput;
import joropo.core.packing.GlandLoadCheck;
import joropo.core.packing.GlandLoadInput;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.section.Mount;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever is typed is refused at its field or gives finite figures: never a failure, never "Infinity". */
class BoundsTest {
    private static final int SEEDS = 4000;

    private record Check(String name, Function<Random, Object> run) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Stream<Check> checks() {
        return Stream.of(
                new Check("driver", r -> {
                    double shaft = near(r);
                    double bore = shaft + (r.nextBoolean() ? any(r) : 20 * r.nextDouble());
                    return DriverCheck.check(new DriverInput(
                            shaft,
                            bore,
                            bore + r.nextDouble() / 2,
                            r.nextBoolean() ? DriverInput.PressSide.OPEN : null,
                            r.nextBoolean() ? any(r) : null,
                            null,
                            null,
                            r.nextBoolean(),
                            r.nextBoolean() ? any(r) : null,
                            r.nextBoolean() ? Mount.SHAFT : null,
                            List.of(),
                            List.of()));
                }),
                new Check(
                        "seat-squareness",
                        r -> SeatSquarenessCheck.check(new SeatSquarenessInput(
                                near(r),
                                any(r),
                                Stream.of(12.0, 3.0, 6.0, 9.0)
                                        .map(c -> new SeatSquarenessInput.Reading(c, null, any(r)))
                                        .toList(),
                                r.nextBoolean() ? any(r) : null))),
                new Check(
                        "gland-load",
                        r -> GlandLoadCheck.check(new GlandLoadInput(
                                near(r),
                                near(r),
                                1 + r.nextInt(96),
                                any(r),
                                any(r),
                                r.nextBoolean() ? GlandLoadInput.Friction.DRY : null,
                                any(r),
                                "FLAX_GREASED",
                                r.nextBoolean() ? any(r) : null,
                                null,
                                r.nextBoolean() ? GlandLoadInput.Stem.TURNING : GlandLoadInput.Stem.RISING))));
    }

    @ParameterizedTest
    @MethodSource("checks")
    void nothingTypedEndsInAFailureOrWithoutAnEnd(Check check) {
        int answered = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            Object result;
            try {
                result = check.run.apply(new Random(seed));
            } catch (RefusedInput refused) {
                continue;
            }
            answered++;
            finite(result, check + " of seed " + seed);
        }
        assertThat(answered).isGreaterThan(SEEDS / 100);
    }

    /** Of any size a number can have. */
    private static double any(Random random) {
        return random.nextInt(4) == 0
                ? Math.pow(10, random.nextDouble() * 320 - 310)
                : Math.pow(10, random.nextDouble() * 6 - 3);
    }

    /** Close to another of its kind, so that a part of them is one machine. */
    private static double near(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> any(random);
            case 1 -> 0.2 + random.nextDouble();
            default -> 40 + 20 * random.nextDouble();
        };
    }

    private static void finite(Object value, String where) {
        if (value instanceof Double number) {
            assertThat(number).as(where).isFinite();
        } else if (value instanceof List<?> list) {
            list.forEach(v -> finite(v, where));
        } else if (value instanceof Record) {
            for (RecordComponent part : value.getClass().getRecordComponents()) {
                try {
                    part.getAccessor().setAccessible(true);
                    finite(part.getAccessor().invoke(value), where + " " + part.getName());
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(where, e);
                }
            }
        }
    }
}
