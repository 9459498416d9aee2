package joropo.app.drawing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakTrendInput;
import joropo.core.leak.LeakTrendResult;
import joropo.core.units.Day;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * A leak over time: what was read as steps, the rates as bars in their own strip below with the allowance across, the
 * trend as a band that widens to the day on which it passes it, and what happened as flags on the axis.
 */
public final class LeakDrawing {
    private static final double LEFT = 70;
    private static final double MARGIN = 24;
    /** On a sheet, and on a phone. */
    public static final double WIDE = 780;

    public static final double NARROW = 400;
    private static final double HEIGHT = 392;
    private static final double READ_TOP = 34;
    private static final double READ_BOTTOM = 150;
    private static final double TOP = 190;
    private static final double BOTTOM = 322;
    private static final double TEXT = 13;
    private static final double DAY_S = 86_400;
    private static final double LETTER = 7;
    /** The forecast takes no more than so many times what was read. */
    private static final double AHEAD = 1.5;

    private static final double SPARK_WIDE = 96;
    private static final double SPARK_HIGH = 26;

    private final LeakTrendInput in;
    private final LeakTrendResult result;
    private final @Nullable Double allowance;
    private final Svg svg;
    private final double width;
    private final double from;
    private final double last;
    private final double to;
    private final double most;

    private LeakDrawing(LeakTrendInput in, LeakTrendResult result, double width, String prefix) {
        this.in = in;
        this.result = result;
        this.width = width;
        Double perDay = in.kind().inMl() ? in.allowanceMlPerDay() : in.allowancePerDay();
        allowance = perDay == null ? null : Double.valueOf(in.kind().shown(perDay));
        svg = new Svg(prefix);
        from = day(in.events().get(0));
        last = day(in.events().get(in.events().size() - 1));
        double read = Math.max(1, last - from);
        double crosses = result.crossesOn() == null ? last : result.crossesOn().toEpochDay();
        to = Math.max(from + read, Math.min(crosses, from + AHEAD * read));
        double highest = result.rates().stream()
                .mapToDouble(r -> in.kind().shown(r.inADay()))
                .max()
                .orElse(0);
        most = Math.max(1e-9, 1.2 * Math.max(highest, allowance == null ? 0 : allowance));
    }

    /** @param width {@link #WIDE} or {@link #NARROW}, @param prefix of ids, so that two drawings may share a page */
    public static String of(LeakTrendInput in, LeakTrendResult result, double width, String prefix) {
        return new LeakDrawing(in, result, width, prefix).draw();
    }

    /** Rates alone, for a line of a list. @param allowance in the same unit, absent: none drawn */
    public static String spark(List<Double> rates, @Nullable Double allowance) {
        if (rates.isEmpty()) {
            return "";
        }
        var svg = new Svg("");
        double most = 1.1
                * Math.max(
                        allowance == null ? 0 : allowance,
                        Math.max(1e-9, rates.stream().mapToDouble(r -> r).max().orElseThrow()));
        double step = SPARK_WIDE / Math.max(6, rates.size());
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"spark\" viewBox=\"0 0 " + Svg.n(SPARK_WIDE) + " "
                + Svg.n(SPARK_HIGH) + "\" aria-hidden=\"true\" focusable=\"false\" color=\"#17332c\">");
        for (int i = 0; i < rates.size(); i++) {
            double high = SPARK_HIGH * Math.max(0, rates.get(i)) / most;
            boolean over = allowance != null && rates.get(i) > allowance + 1e-9;
            svg.rect(over ? Ink.FAILS : Ink.NAME, i * step, SPARK_HIGH - high, step * 0.7, Math.max(0.8, high));
        }
        if (allowance != null) {
            double y = SPARK_HIGH - SPARK_HIGH * allowance / most;
            svg.line(Ink.HAIR, 0, y, SPARK_WIDE, y);
        }
        return svg.raw("</svg>").toString();
    }

    private static double day(LeakEvent e) {
        return e.time().toEpochSecond() / DAY_S;
    }

    private static double day(String at) {
        return LeakEvent.moment(at).toEpochSecond() / DAY_S;
    }

    private double right() {
        return width - MARGIN;
    }

    private double x(double day) {
        return LEFT + (right() - LEFT) * (day - from) / Math.max(1e-9, to - from);
    }

    private double y(double rate) {
        return BOTTOM - (BOTTOM - TOP) * Math.max(0, Math.min(1, rate / most));
    }

    private String draw() {
        String title = "What was read, its rates" + (allowance == null ? "" : ", the allowance")
                + (result.crossesOn() == null ? "" : ", and when it is passed: " + Day.words(result.crossesOn()));
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 " + Svg.n(width) + " "
                        + Svg.n(HEIGHT) + "\" role=\"img\" focusable=\"false\" color=\"#17332c\" aria-labelledby=\""
                        + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">" + Svg.escape(title) + "</title>");
        svg.rect(Ink.PAPER, 0, 0, width, HEIGHT);
        readings();
        forecast();
        rates();
        axis();
        return svg.raw("</svg>").toString();
    }

    /** Steps that stand until the next look; an emptied bottle begins at nothing. */
    private void readings() {
        List<Double> figures = in.events().stream()
                .map(in.kind()::figure)
                .filter(f -> f != null)
                .toList();
        svg.words(
                        Ink.NAME,
                        LEFT,
                        READ_TOP - 12,
                        TEXT,
                        "start",
                        in.kind().words() + ", " + in.kind().unit())
                .line(Ink.HAIR, LEFT, READ_BOTTOM, right(), READ_BOTTOM);
        if (figures.isEmpty()) {
            return;
        }
        double high = figures.stream().mapToDouble(f -> f).max().orElseThrow();
        double least = figures.stream().mapToDouble(f -> f).min().orElseThrow();
        double low = in.kind().inMl() || least >= 0 && least < high / 2 ? Math.min(0, least) : least;
        double span = Math.max(1e-9, high - low);
        StringBuilder d = new StringBuilder();
        for (LeakEvent e : in.events()) {
            Double f = in.kind().figure(e);
            if (f == null) {
                continue;
            }
            double y = READ_BOTTOM - (READ_BOTTOM - READ_TOP) * (f - low) / span;
            d.append(d.isEmpty() ? "M" : "H" + Svg.n(x(day(e))) + "V");
            d.append(d.length() == 1 ? Svg.n(x(day(e))) + " " + Svg.n(y) : Svg.n(y));
            svg.circle(Ink.BALL, x(day(e)), y, 3);
            if (e.type() == LeakEvent.Type.EMPTIED) {
                d.append("V").append(Svg.n(READ_BOTTOM));
            }
        }
        svg.path(Ink.OUTLINE, d.toString());
        svg.number(Ink.NUMBER, LEFT - 6, READ_TOP + 5, TEXT - 1, "end", tidy(high));
        svg.number(Ink.NUMBER, LEFT - 6, READ_BOTTOM + 4, TEXT - 1, "end", tidy(low));
    }

    private static String tidy(double value) {
        int decimals = Math.abs(value) >= 100 ? 0 : Math.abs(value) >= 1 || value == 0 ? 1 : 3;
        String text = Length.show(value, decimals);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    private void rates() {
        for (LeakTrendResult.Rate r : result.rates()) {
            double rate = in.kind().shown(r.inADay());
            double left = x(day(r.from()));
            double wide = Math.max(3, x(day(r.to())) - left - 1.5);
            boolean counts = !r.runIn() && !r.unlike();
            boolean over = allowance != null && rate > allowance + 1e-9;
            svg.rect(
                    counts ? over ? Ink.FAILS : Ink.RUBBER : Ink.PLASTIC,
                    left,
                    y(rate),
                    wide,
                    Math.max(1.5, BOTTOM - y(rate)));
        }
        svg.words(Ink.NAME, LEFT, TOP - 12, TEXT, "start", "rate, " + in.kind().shownUnit())
                .line(Ink.TICK, LEFT, TOP, LEFT, BOTTOM)
                .line(Ink.TICK, LEFT, BOTTOM, right(), BOTTOM)
                .number(Ink.NUMBER, LEFT - 6, BOTTOM + 4, TEXT - 1, "end", "0");
        if (allowance != null) {
            String document = in.allowanceDocument() == null ? "" : ": " + in.allowanceDocument();
            svg.line(Ink.CHOSEN, LEFT, y(allowance), right(), y(allowance))
                    .number(Ink.NUMBER, LEFT - 6, y(allowance) + 4, TEXT - 1, "end", tidy(allowance))
                    .words(
                            Ink.NAME,
                            right(),
                            y(allowance) - 5,
                            TEXT,
                            "end",
                            cut("allowance" + document, (right() - LEFT) / LETTER));
        } else if (!result.rates().isEmpty()) {
            svg.number(Ink.NUMBER, LEFT - 6, TOP + 5, TEXT - 1, "end", tidy(most));
        }
    }

    private static String cut(String text, double most) {
        return text.length() <= most ? text : text.substring(0, (int) most - 1) + "…";
    }

    /** Between the flattest and the steepest line, from the last look on. */
    private void forecast() {
        if (result.trendDay() == null || result.slopeFrom() == null || result.slopeTo() == null) {
            return;
        }
        List<Point> edge = new ArrayList<>();
        for (double at : new double[] {last, to}) {
            edge.add(new Point(x(at), y(line(result.slopeTo(), at))));
        }
        for (double at : new double[] {to, last}) {
            edge.add(new Point(x(at), y(line(result.slopeFrom(), at))));
        }
        if (to > last) {
            svg.polygon(Ink.BAND, edge);
        }
        double first = Math.max(from, day(result.rates().get(0).from()));
        double slope = result.slopePerDay2() == null ? 0 : result.slopePerDay2();
        svg.line(Ink.THIN, x(first), y(line(slope, first)), x(to), y(line(slope, to)));
        LocalDate on = result.crossesOn();
        if (on != null && on.toEpochDay() > last && on.toEpochDay() <= to) {
            svg.line(Ink.HAIR, x(on.toEpochDay()), TOP, x(on.toEpochDay()), BOTTOM)
                    .words(Ink.STRONG, x(on.toEpochDay()) - 4, BOTTOM - 6, TEXT, "end", Day.words(on));
        }
    }

    private double line(double slope, double at) {
        double rate = result.trendRate() == null || result.trendDay() == null
                ? 0
                : result.trendRate() + slope * (at - result.trendDay());
        return in.kind().shown(rate);
    }

    private void axis() {
        double free = LEFT;
        List<LeakEvent> flags = in.events().stream()
                .filter(e -> e.type() != LeakEvent.Type.READING
                        || e.seen() != LeakEvent.Seen.READ && e.seen() != LeakEvent.Seen.VAPOUR)
                .toList();
        for (LeakEvent e : flags) {
            String word = e.type() == LeakEvent.Type.READING
                    ? e.seen().words()
                    : e.type().words();
            double x = x(day(e));
            svg.line(Ink.MARK, x, BOTTOM, x, BOTTOM + 14)
                    .path(Ink.WORN, "M" + Svg.n(x) + " " + Svg.n(BOTTOM + 5) + "l7 4.5l-7 4.5Z");
            double wide = LETTER * word.length();
            double start = Math.min(x, right() - wide);
            if (start >= free) {
                svg.words(Ink.NAME, start, BOTTOM + 28, TEXT - 1, "start", word);
                free = start + wide + 8;
            }
        }
        svg.number(Ink.NUMBER, LEFT, HEIGHT - 16, TEXT, "start", Day.words(date(from)))
                .number(Ink.NUMBER, right(), HEIGHT - 16, TEXT, "end", Day.words(date(to)));
    }

    private static LocalDate date(double day) {
        return LocalDate.ofEpochDay((long) Math.floor(day));
    }
}
