package joropo.app.drawing;

import java.util.List;
import java.util.function.ToDoubleFunction;
import joropo.core.oring.AtTemperature;
import joropo.core.oring.OringGlandResult;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;

/** Squeeze and fill of a gland over temperature: two strips, each with what is right as its ground. */
public final class TemperatureChart {
    private static final double LEFT = 92;
    private static final double RIGHT = 700;
    private static final double STRIP = 76;
    private static final double[] TOPS = {26, 128};
    private static final double TEXT = 13;

    private final List<AtTemperature> line;
    private final OringGlandResult result;
    private final Svg svg;

    private TemperatureChart(List<AtTemperature> line, OringGlandResult result, String prefix) {
        this.line = line;
        this.result = result;
        svg = new Svg(prefix);
    }

    /** @param line from the coldest to the hottest, two at least, @return empty where there are fewer */
    public static String of(List<AtTemperature> line, OringGlandResult result, String prefix) {
        return line.size() < 2 ? "" : new TemperatureChart(line, result, prefix).draw();
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 238\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Squeeze and fill from the coldest to the hottest</title>");
        svg.rect(Ink.PAPER, 0, 0, 780, 238);
        strip(TOPS[0], "squeeze, %", "squeeze", AtTemperature::squeezePercent, "");
        strip(TOPS[1], "fill, swollen, %", "fill", AtTemperature::fillPercent, " stroke-dasharray=\"7 4\"");
        for (AtTemperature end : List.of(line.get(0), line.get(line.size() - 1))) {
            double x = x(end);
            boolean cold = end == line.get(0);
            svg.line(Ink.HAIR, x, TOPS[0] - 4, x, TOPS[1] + STRIP + 4);
            svg.number(
                    Ink.NUMBER,
                    x,
                    TOPS[1] + STRIP + 22,
                    TEXT,
                    cold ? "start" : "end",
                    (cold ? "coldest " : "hottest ") + Length.show(end.temperatureC(), 0) + " °C");
        }
        touched();
        return svg.raw("</svg>").toString();
    }

    /** Each temperature of the line can be touched: the gland is drawn as it is then. */
    private void touched() {
        double half = (RIGHT - LEFT) / (line.size() - 1) / 2;
        for (AtTemperature at : line) {
            svg.raw("<rect class=\"touch\" fill-opacity=\"0\" data-temperature=\""
                    + Length.show(at.temperatureC(), 0) + "\" x=\"" + Svg.n(x(at) - half) + "\" y=\""
                    + Svg.n(TOPS[0]) + "\" width=\"" + Svg.n(2 * half) + "\" height=\""
                    + Svg.n(TOPS[1] + STRIP - TOPS[0]) + "\"/>");
        }
    }

    private double x(AtTemperature at) {
        double from = line.get(0).temperatureC();
        double to = line.get(line.size() - 1).temperatureC();
        return LEFT + (RIGHT - LEFT) * (at.temperatureC() - from) / Math.max(1e-9, to - from);
    }

    private void strip(double top, String name, String id, ToDoubleFunction<AtTemperature> figure, String pattern) {
        Finding by = result.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
        double least = line.stream().mapToDouble(figure).min().orElseThrow();
        double most = line.stream().mapToDouble(figure).max().orElseThrow();
        double lower = by.lower() == null ? least : by.lower();
        double upper = by.upper() == null ? most : by.upper();
        double from = Math.min(least, lower) - 2;
        double to = Math.max(most, upper) + 2;
        double bandTop = y(top, Math.min(upper, to), from, to);
        double bandBottom = y(top, Math.max(lower, from), from, to);
        svg.rect(Ink.BAND, LEFT, bandTop, RIGHT - LEFT, bandBottom - bandTop);
        svg.line(Ink.TICK, LEFT, top, LEFT, top + STRIP).line(Ink.TICK, LEFT, top + STRIP, RIGHT, top + STRIP);
        StringBuilder d = new StringBuilder();
        line.forEach(a -> d.append(d.isEmpty() ? 'M' : 'L')
                .append(Svg.n(x(a)))
                .append(' ')
                .append(Svg.n(y(top, figure.applyAsDouble(a), from, to))));
        svg.path(Ink.OUTLINE, d.toString(), pattern);
        svg.words(Ink.NAME, LEFT, top - 8, TEXT, "start", name);
        svg.number(Ink.NUMBER, LEFT - 8, bandTop + 5, TEXT - 1, "end", Length.show(upper, 1));
        svg.number(Ink.NUMBER, LEFT - 8, bandBottom + 5, TEXT - 1, "end", Length.show(lower, 1));
        AtTemperature last = line.get(line.size() - 1);
        double end = figure.applyAsDouble(last);
        svg.number(Ink.NUMBER, RIGHT + 8, y(top, end, from, to) + 5, TEXT, "start", Length.show(end, 1));
    }

    private static double y(double top, double value, double from, double to) {
        return top + STRIP * (to - value) / (to - from);
    }
}
