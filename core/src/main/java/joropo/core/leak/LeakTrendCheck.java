package joropo.core.leak;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import joropo.core.leak.LeakEvent.Seen;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.units.Day;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether a watched leak stays within its allowance, and how long it will (guide; allowance of the maker or works). */
public final class LeakTrendCheck {
    private static final String GUIDE = "leak watch";
    private static final double DAY_S = 86_400;
    private static final double SOON_DAYS = 30;
    private static final double FARTHEST_DAYS = 36_525;
    private static final double SLACK = 1e-9;

    private final LeakTrendInput in;
    private final Series series;
    private final List<LeakRate> settled;
    private final List<Double> judged;
    private final @Nullable RateTrend trend;
    private final @Nullable RiseAlarm alarm;
    private final OffsetDateTime last;

    private LeakTrendCheck(LeakTrendInput in) {
        this.in = in;
        series = new Series(in);
        settled = series.rates().stream().filter(LeakRate::isSettled).toList();
        judged = settled.stream().map(r -> judged(r.perDay())).toList();
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < settled.size(); i++) {
            points.add(new double[] {settled.get(i).middle(), judged.get(i)});
        }
        trend = RateTrend.of(points);
        alarm = judged.size() > RiseAlarm.REFERENCE ? RiseAlarm.of(settled, judged, in::resolutionPerDay) : null;
        last = in.events().get(in.events().size() - 1).time();
    }

    public static LeakTrendResult check(LeakTrendInput in) {
        return new LeakTrendCheck(in).result();
    }

    /** While nothing is read. */
    public static Finding unread() {
        return Finding.missing("allowance", "rate against allowance", "Nothing is read yet.", "Read it.");
    }

    /** While the entries cannot follow each other. */
    public static Finding broken() {
        return guide(
                "data",
                Status.FAIL,
                "what was read",
                "The entries do not follow each other: less than before, or twice in a minute.",
                "Strike the wrong one.");
    }

    /** Between two faces a rise tells as much as a fall. */
    private double judged(double perDay) {
        return in.isBarrier() ? Math.abs(perDay) : perDay;
    }

    private LeakTrendResult result() {
        boolean ml = in.kind().inMl();
        List<Finding> findings = new ArrayList<>(List.of(allowance()));
        rise().ifPresent(findings::add);
        forecast().ifPresent(findings::add);
        findings.add(data());
        LeakTrendResultBuilder out = LeakTrendResultBuilder.builder()
                .rates(series.rates().stream()
                        .map(r -> LeakTrendResult.Rate.of(r, ml))
                        .toList())
                .alarm(alarm != null && alarm.isRinging())
                .lastPerDay(worstStanding().map(r -> judged(r.perDay())).orElse(null))
                .mlPerRunningHour(perRunningHour())
                .levelMl(in.kind() == LeakKind.BOTTLE ? series.level() : null)
                .bottleFullOn(bottleFull().orElse(null))
                .findings(findings);
        if (trend != null) {
            out.slopePerDay2(trend.slope())
                    .slopeMlPerDay2(ml ? Double.valueOf(trend.slope()) : null)
                    .slopeFrom(trend.from())
                    .slopeTo(trend.to())
                    .trendDay(trend.day())
                    .trendRate(trend.rate());
            if (in.allowance() != null) {
                out.crossesOn(day(trend.crosses(in.allowance(), trend.slope())))
                        .crossesFrom(day(trend.crosses(in.allowance(), trend.to())))
                        .crossesTo(day(trend.crosses(in.allowance(), trend.from())));
            }
        }
        return out.build();
    }

    private double lastDay() {
        return last.toEpochSecond() / DAY_S;
    }

    /** In the time of the last entry; absent: too far off to mean anything. */
    private @Nullable LocalDate day(@Nullable Double sinceEpoch) {
        return sinceEpoch == null || Math.abs(sinceEpoch - lastDay()) > FARTHEST_DAYS
                ? null
                : last.plusSeconds(Math.round((sinceEpoch - lastDay()) * DAY_S)).toLocalDate();
    }

    private @Nullable Double perRunningHour() {
        if (!in.kind().inMl() || settled.isEmpty()) {
            return null;
        }
        LeakRate r = settled.get(settled.size() - 1);
        Double from = r.from().runningHours();
        Double to = r.to().runningHours();
        return from == null || to == null || to - from < SLACK ? null : Double.valueOf(r.lost() / (to - from));
    }

    /** The earlier of what the last rate and the line say. */
    private Optional<LocalDate> bottleFull() {
        Double level = series.level();
        if (in.kind() != LeakKind.BOTTLE
                || in.bottleMl() == null
                || level == null
                || series.rates().isEmpty()) {
            return Optional.empty();
        }
        double room = in.bottleMl() - level;
        double rate = series.rates().get(series.rates().size() - 1).perDay();
        double days = rate > SLACK ? room / rate : Double.POSITIVE_INFINITY;
        if (trend != null) {
            days = Math.min(days, filled(room, trend.at(lastDay()), trend.slope()));
        }
        return Double.isInfinite(days) ? Optional.empty() : Optional.ofNullable(day(lastDay() + days));
    }

    /** Days until a rate that starts so and climbs so has filled the room: rate d + slope d²/2 = room. */
    private static double filled(double room, double rate, double slope) {
        if (Math.abs(slope) < SLACK * SLACK) {
            return rate > SLACK ? room / rate : Double.POSITIVE_INFINITY;
        }
        double root = rate * rate + 2 * slope * room;
        double days = root < 0 ? Double.NaN : (Math.sqrt(root) - rate) / slope;
        return days >= 0 ? days : Double.POSITIVE_INFINITY;
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }

    /** As people say it. */
    private Finding valued(Finding finding, double perDay) {
        return finding.withValue(in.kind().shown(perDay), in.kind().shownUnit());
    }

    private Limits atMost(double perDay) {
        return Limits.atMost(in.kind().shown(perDay));
    }

    private boolean isLast(Seen seen) {
        return in.events().get(in.events().size() - 1).shows(seen);
    }

    /** Until somebody reads it again: an emptied bottle stops no stream. */
    private boolean isRunning() {
        return in.events().stream()
                .filter(e -> e.is(Type.READING) || e.is(Type.FITTED))
                .reduce((a, b) -> b)
                .filter(e -> e.shows(Seen.RUNNING))
                .isPresent();
    }

    /** The greatest of those that stand. */
    private Optional<LeakRate> worstStanding() {
        return series.standing().stream().max(Comparator.comparingDouble(r -> judged(r.perDay())));
    }

    private boolean isPast(double allowance) {
        return worstStanding()
                .filter(r -> judged(r.perDay()) > allowance + SLACK)
                .isPresent();
    }

    private Finding allowance() {
        String subject = "rate against allowance";
        if (isRunning()) {
            return guide(
                    "allowance",
                    Status.FAIL,
                    subject,
                    "It runs out in a stream.",
                    "Call somebody now. Stop it safely, isolate, then look.");
        }
        LeakRate r = worstStanding().orElse(null);
        if (r == null) {
            return Finding.missing(
                    "allowance",
                    subject,
                    series.rates().isEmpty()
                            ? "No rate yet: it takes two readings."
                            : "Nothing settled yet: what was read so far is running in, or not alike.",
                    "Read it again.");
        }
        double rate = judged(r.perDay());
        if (in.allowance() == null) {
            return in.isRegulated() && rate * r.days() > 0
                    ? valued(lawful(Status.FAIL), rate)
                    : valued(
                            Finding.missing(
                                    "allowance",
                                    subject,
                                    "How much it may lose is not known.",
                                    "Take it from the maker or the works, with the document."),
                            rate);
        }
        Status status = atAllowance(r, rate, in.allowance());
        Finding said = Finding.of(
                "allowance",
                status,
                subject,
                message(status, r),
                switch (status) {
                    case FAIL -> "Find where it comes from, and plan the change.";
                    case REMEASURE -> "Empty it, and read it before it runs over. Of drops: count for longer.";
                    default -> "";
                },
                Source.MAKER,
                in.allowanceDocument() == null ? "allowance as typed" : in.allowanceDocument());
        if (in.isRegulated() && status == Status.PASS && rate > SLACK) {
            said = lawful(Status.CAUTION);
        }
        return valued(said, rate).withLimits(atMost(in.allowance()), 0);
    }

    private Finding lawful(Status status) {
        return guide(
                "allowance",
                status,
                "rate against allowance",
                "A medium that may not be lost is being lost: no trend of it is acceptable.",
                "Licensed people find and stop it, and keep the record of mass that the law asks for.");
    }

    private static Status atAllowance(LeakRate r, double rate, double allowance) {
        boolean above = rate > allowance + SLACK;
        if (r.bound() == LeakRate.Bound.AT_MOST) {
            return 2 * rate > allowance + SLACK ? Status.REMEASURE : Status.PASS;
        }
        return above
                ? Status.FAIL
                : r.to().shows(Seen.OVER_THE_BRIM) || r.to().shows(Seen.RUNNING) ? Status.REMEASURE : Status.PASS;
    }

    private static String message(Status status, LeakRate r) {
        return switch (status) {
            case FAIL -> "It loses more than it may.";
            case REMEASURE ->
                r.bound() == LeakRate.Bound.AT_MOST
                        ? "No drop in a minute does not show that it is within its allowance."
                        : "It ran over the brim: at least so much is lost, how much more is not known.";
            default -> "It loses no more than it may.";
        };
    }

    /** Empty while there are too few rates for a rise to be told: what is not known is not right. */
    private Optional<Finding> rise() {
        if (alarm == null) {
            return Optional.empty();
        }
        String subject = "rise above its first rates";
        Finding said = guide(
                "alarm",
                alarm.isRinging() ? Status.CAUTION : Status.PASS,
                subject,
                alarm.isRinging()
                        ? "It leaks more than it used to: the rises add up."
                        : "It stays about its first settled rates.",
                alarm.isRinging() ? "Look at it, read it more often, get the parts." : "");
        return Optional.of(valued(said, alarm.sum()).withLimits(atMost(alarm.rings()), 0));
    }

    private Optional<Finding> forecast() {
        if (in.allowance() == null || judged.isEmpty() || trend == null) {
            return Optional.empty(); // without a trend nothing is foretold
        }
        String subject = "when it reaches its allowance";
        Double crosses = trend.crosses(in.allowance(), trend.slope());
        LocalDate on = day(crosses);
        boolean past = isPast(in.allowance());
        if (on == null || past) {
            return Optional.of(guide(
                    "forecast",
                    Status.PASS,
                    subject,
                    past ? "It is past its allowance already." : "It does not rise towards its allowance.",
                    ""));
        }
        double days = crosses - now();
        boolean soon = days <= SOON_DAYS + SLACK;
        return Optional.of(guide(
                        "forecast",
                        soon ? Status.CAUTION : Status.PASS,
                        subject,
                        days < 0
                                ? "By its trend it passed its allowance on " + Day.words(on) + "."
                                : "By its trend it passes its allowance on " + Day.words(on) + ".",
                        soon ? "Plan the change now." : "")
                .withValue(Math.rint(days * 10) / 10, "days")
                .withLimits(Limits.atLeast(SOON_DAYS), 0));
    }

    private double now() {
        return in.asOf() == null
                ? lastDay()
                : Math.max(lastDay(), LeakEvent.moment(in.asOf()).toEpochSecond() / DAY_S);
    }

    private Finding data() {
        String subject = "what was read";
        String unknown = isLast(Seen.NOT_READ)
                ? "At the last look it was not read."
                : isLast(Seen.BOTTLE_MISSING) ? "At the last look the bottle was missing." : null;
        if (unknown != null) {
            return Finding.missing("data", subject, unknown, "Set it right, and read it.");
        }
        List<LeakRate> rates = series.rates();
        if (in.kind() != LeakKind.DROPS
                && !rates.isEmpty()
                && rates.get(rates.size() - 1).unlike()) {
            return guide(
                    "data",
                    Status.REMEASURE,
                    subject,
                    "Read once hot and once cold: heat alone moves it.",
                    "Read it again in the state it was read in before.");
        }
        List<String> doubts = doubts();
        return guide(
                "data",
                doubts.isEmpty() ? Status.PASS : Status.CAUTION,
                subject,
                doubts.isEmpty()
                        ? settled.size() + (settled.size() == 1 ? " settled rate." : " settled rates.")
                        : String.join(" ", doubts),
                doubts.isEmpty() ? "" : "Read it again, each time in the same state.");
    }

    private List<String> doubts() {
        List<String> out = new ArrayList<>();
        if (series.hasGap()) {
            out.add("One amount went away unread: that interval is lost.");
        }
        if (isLast(Seen.VAPOUR)) {
            out.add("Some of it goes off as vapour: more is lost than was read.");
        }
        List<LeakRate> rates = series.rates();
        LeakRate newest = rates.isEmpty() ? null : rates.get(rates.size() - 1);
        if (newest != null && isOneSided(newest)) {
            out.add("One look says hot or cold, the one before does not.");
        }
        if (in.kind() == LeakKind.PRESSURE && rates.stream().anyMatch(LeakTrendCheck::isWithoutHeat)) {
            out.add("Pressure without its temperature: heat alone moves it.");
        } else if (in.kind() == LeakKind.PRESSURE && in.gas() == null) {
            out.add("What is under pressure is not known: a gas is assumed.");
        }
        if (newest != null && newest.lost() < -in.resolutionPerDay(newest.days()) * newest.days() - SLACK) {
            out.add(
                    in.isBarrier()
                            ? "It rises: what is sealed comes in past the inner face."
                            : "It gained: something comes in, or heat moved it.");
        }
        return out;
    }

    private boolean isOneSided(LeakRate r) {
        return in.kind() == LeakKind.LEVEL && (r.from().hot() == null) != (r.to().hot() == null);
    }

    private static boolean isWithoutHeat(LeakRate r) {
        return r.from().temperatureC() == null || r.to().temperatureC() == null;
    }
}
