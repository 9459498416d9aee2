package joropo.app.watch;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakEvent.Seen;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.leak.LeakKind;
import joropo.core.leak.LeakTrendCheck;
import joropo.core.leak.LeakTrendInput;
import joropo.core.leak.LeakTrendInputBuilder;
import joropo.core.leak.LeakTrendResult;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A watch with its entries, and what follows from them.
 *
 * @param entries by time, those that were struck too, @param in what is judged, absent: nothing counts yet
 * @param broken why the entries cannot follow each other, as where two shops' came together; absent: they can
 */
public record Watched(
        LeakWatch watch,
        List<WatchEntry> entries,
        @Nullable LeakTrendInput in,
        @Nullable LeakTrendResult result,
        @Nullable RefusedInput broken) {
    private static final int SPARKS = 24;
    private static final int DECIMALS = 3;

    static Watched of(LeakWatch watch, List<WatchEntry> entries, LocalDate today) {
        List<LeakEvent> events = entries.stream()
                .filter(e -> e.struckWhy() == null)
                .map(e -> event(watch.kind(), e))
                .toList();
        if (events.isEmpty()) {
            return new Watched(watch, entries, null, null, null);
        }
        try {
            LeakTrendInput in = input(watch, events, today);
            return new Watched(watch, entries, in, LeakTrendCheck.check(in), null);
        } catch (RefusedInput e) {
            return new Watched(watch, entries, null, null, e);
        }
    }

    private static LeakTrendInput input(LeakWatch watch, List<LeakEvent> events, LocalDate today) {
        Double perDay =
                watch.allowance() == null ? null : Double.valueOf(watch.kind().perDay(watch.allowance()));
        boolean ml = watch.kind().inMl();
        return LeakTrendInputBuilder.builder()
                .kind(watch.kind())
                .events(events)
                .allowanceMlPerDay(ml ? perDay : null)
                .allowancePerDay(ml ? null : perDay)
                .allowanceDocument(watch.document().isBlank() ? "unproved" : watch.document())
                .bottleMl(watch.bottleMl())
                .rises(watch.rises())
                .barrier(watch.barrier())
                .gas(watch.gas())
                .resolutionMl(watch.resolution())
                .regulated(watch.regulated())
                .asOf(today.toString())
                .build();
    }

    private static LeakEvent event(LeakKind kind, WatchEntry e) {
        return LeakEvent.of(kind, e.figure())
                .at(e.happenedAt().toString())
                .type(e.type())
                .temperatureC(e.temperatureC())
                .runningHours(e.runningHours())
                .seen(e.type() == Type.READING ? e.seen() : null)
                .running(e.running())
                .hot(e.hot())
                .build();
    }

    public List<Finding> findings() {
        return result != null
                ? result.findings()
                : List.of(broken == null ? LeakTrendCheck.unread() : LeakTrendCheck.broken());
    }

    /** Whether too few rates have settled for a rise to be told. */
    public boolean isRiseUntold() {
        return result != null && result.findings().stream().noneMatch(f -> f.id().equals("alarm"));
    }

    public Status verdict() {
        return Finding.worst(findings());
    }

    /** Those that count, by time. */
    List<WatchEntry> counting() {
        return entries.stream().filter(e -> e.struckWhy() == null).toList();
    }

    public Optional<WatchEntry> last() {
        return counting().stream().reduce((a, b) -> b);
    }

    /** Figures that were read, by time. */
    List<Double> figures() {
        return counting().stream()
                .filter(e -> e.figure() != null && e.type() != Type.EMPTIED)
                .map(WatchEntry::figure)
                .toList();
    }

    /** An entry in few words, such as {@code 42 mL} or {@code over the brim}. */
    public String text(WatchEntry e) {
        String figure = e.figure() == null ? "" : figure(watch.kind(), e.figure());
        String what = e.type() != Type.READING
                ? e.type().words()
                : e.seen() == Seen.READ ? "" : e.seen().words();
        return what.isEmpty() ? figure : figure.isEmpty() ? what : what + ", " + figure;
    }

    /** In which state it was read, and what was noted; empty: nothing. */
    public String aside(WatchEntry e) {
        return Stream.of(
                        e.running() == null ? "" : e.running() ? "running" : "standing",
                        e.hot() == null ? "" : e.hot() ? "hot" : "cold",
                        e.temperatureC() == null ? "" : Length.show(e.temperatureC(), 0) + " °C",
                        e.runningHours() == null ? "" : "counter " + Length.show(e.runningHours(), 0) + " h",
                        e.massG() == null ? "" : Length.show(e.massG(), 0) + " g",
                        e.note())
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining(", "));
    }

    public List<WatchEntry> newestFirst() {
        List<WatchEntry> out = new ArrayList<>(entries);
        Collections.reverse(out);
        return out;
    }

    /** Put in (g), by topping up. */
    public double massIn() {
        return mass(e -> e.type() != Type.EMPTIED);
    }

    /** Taken out (g), by emptying. */
    public double massOut() {
        return mass(e -> e.type() == Type.EMPTIED);
    }

    /** What was put in and is not back (g); absent where no mass was written. */
    public @Nullable Double massKept() {
        return counting().stream().allMatch(e -> e.massG() == null) ? null : Double.valueOf(massIn() - massOut());
    }

    private double mass(Predicate<WatchEntry> which) {
        return counting().stream()
                .filter(e -> e.massG() != null)
                .filter(which)
                .mapToDouble(WatchEntry::massG)
                .sum();
    }

    /** Whether somebody should open the machine for it. */
    public boolean asksForWork() {
        return verdict() == Status.FAIL || verdict() == Status.CAUTION;
    }

    static String figure(LeakKind kind, double value) {
        String number = Length.show(value, kind == LeakKind.PRESSURE ? 4 : kind == LeakKind.LEVEL ? 2 : 1);
        return (number.contains(".") ? number.replaceAll("\\.?0+$", "") : number) + " " + kind.unit();
    }

    WatchState state(ZoneId zone) {
        Optional<WatchEntry> last = last();
        Finding worst = findings().stream()
                .min((a, b) -> a.status().compareTo(b.status()))
                .orElseThrow();
        Instant from = last.map(WatchEntry::happenedAt).orElse(watch.startedAt());
        return WatchStateBuilder.builder()
                .area(watch.area())
                .walk(watch.walk())
                .live(watch.isLive())
                .verdict(verdict())
                .word(worst.message())
                .lastAt(last.map(WatchEntry::happenedAt).orElse(null))
                .lastBy(last.map(WatchEntry::personName).orElse(null))
                .lastText(last.map(this::text).orElse(""))
                .dueOn(LocalDate.ofInstant(from, zone).plusDays(last.isEmpty() ? 0 : watch.everyDays()))
                .crossesOn(result == null ? null : result.crossesOn())
                .fullOn(result == null ? null : result.bottleFullOn())
                .rates(result == null ? "" : sparks(result))
                .build();
    }

    private String sparks(LeakTrendResult r) {
        List<LeakTrendResult.Rate> rates = r.rates();
        return rates.subList(Math.max(0, rates.size() - SPARKS), rates.size()).stream()
                .map(x -> Length.show(watch.kind().shown(x.inADay()), DECIMALS))
                .collect(Collectors.joining(" "));
    }
}
