package joropo.core;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakEventBuilder;
import joropo.core.leak.LeakKind;
import joropo.core.leak.LeakTrendCheck;
import joropo.core.leak.LeakTrendInputBuilder;

/** Leak watches in which everything is read and nearly all is well. */
final class LeakBodies {
    private static final int LOOKS = 7;

    private LeakBodies() {}

    static List<Bodies.Kind> all() {
        return List.of(
                kind(
                        "bottle",
                        watch(LeakKind.BOTTLE, (e, i) -> e.amountMl(14.0 * i).runningHours(hours(i)))
                                .allowanceMlPerDay(3.0)
                                .bottleMl(400.0)
                                .regulated(false)),
                kind(
                        "oil",
                        watch(LeakKind.OIL_ADDED, (e, i) -> e.amountMl(14.0 + i).runningHours(hours(i)))
                                .allowanceMlPerDay(3.2)
                                .asOf("2026-02-20")),
                kind(
                        "drops",
                        watch(LeakKind.DROPS, (e, i) -> e.dropsPerMinute(4.0 + i / 4.0)
                                        .running(true))
                                .allowancePerDay(9000.0)),
                kind(
                        "level",
                        watch(LeakKind.LEVEL, (e, i) -> e.levelMm(120.0 - 2 * i).hot(false))
                                .allowancePerDay(0.5)
                                .rises(false)
                                .barrier(false)),
                kind(
                        "barrier",
                        watch(LeakKind.LEVEL, (e, i) -> e.levelMm(120.0 + i).hot(true))
                                .allowancePerDay(0.5)
                                .barrier(true)),
                kind(
                        "catch",
                        watch(LeakKind.LEVEL, (e, i) -> e.levelMm(20.0 + i).hot(true))
                                .allowancePerDay(0.5)
                                .rises(true)),
                kind(
                        "gas",
                        watch(LeakKind.PRESSURE, (e, i) -> e.pressureMpa(0.6 - 0.002 * i)
                                        .temperatureC(20.0))
                                .allowancePerDay(0.001)
                                .gas(true)));
    }

    private interface Look {
        LeakEventBuilder of(LeakEventBuilder event, int i);
    }

    private static double hours(int i) {
        return 10.0 * i;
    }

    private static LeakTrendInputBuilder watch(LeakKind kind, Look look) {
        LocalDate first = LocalDate.of(2026, 1, 5);
        List<LeakEvent> events = IntStream.range(0, LOOKS)
                .mapToObj(i -> look.of(
                                LeakEventBuilder.builder()
                                        .at(first.plusDays(7L * i).toString())
                                        .type(LeakEvent.Type.READING)
                                        .seen(LeakEvent.Seen.READ),
                                i)
                        .build())
                .toList();
        return LeakTrendInputBuilder.builder()
                .kind(kind)
                .events(events)
                .resolutionMl(kind == LeakKind.PRESSURE ? 0.001 : 1.0);
    }

    private static Bodies.Kind kind(String name, LeakTrendInputBuilder body) {
        return Bodies.kind("leak-trend " + name, body.build(), LeakTrendCheck::check, Bodies::findings);
    }
}
