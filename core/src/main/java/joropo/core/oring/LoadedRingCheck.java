package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** A slide ring over its loader: squeezed right, with room, free to move, and able to be fitted (guide). */
public final class LoadedRingCheck {
    private static final Limits SQUEEZE = new Limits(12.0, 30.0);
    private static final Limits SQUEEZE_WIDE = new Limits(8.0, 35.0);
    private static final double FILL_USUAL = 92;
    private static final double FILL_MOST = 97;
    private static final Limits PLAY = new Limits(0.05, 0.30);
    private static final double PLAY_MOST = 0.5;
    private static final String PTFE = "PTFE";

    private final LoadedRingInput in;
    private final Parts nominal;
    private final List<Parts> ends;
    private final LoadedRingInput.@Nullable Tolerances tolerances;

    private LoadedRingCheck(LoadedRingInput in) {
        this.in = in;
        tolerances = in.tolerances();
        double[] each = {
            in.grooveDepthMm(),
            in.grooveWidthMm(),
            in.slideThicknessMm(),
            in.slideWidthMm(),
            in.ringInsideMm(),
            in.sectionMm(),
            in.counterDiameterMm()
        };
        nominal = new Parts(in.gland(), each);
        ends = tolerances == null ? List.of(nominal) : ends(each, tolerances.each());
    }

    /** The groove's tolerance is that of its diameter: half of it goes into the depth, as of the bore's or rod's. */
    private List<Parts> ends(double[] each, double[] moves) {
        boolean piston = in.gland() == Gland.PISTON;
        return IntStream.range(0, 1 << each.length)
                .mapToObj(bits -> {
                    double[] f = each.clone();
                    for (int i = 1; i < f.length; i++) {
                        f[i] += moves[i] * sign(bits, i);
                    }
                    double deeper = moves[6] * sign(bits, 6) - moves[0] * sign(bits, 0);
                    f[0] += (piston ? deeper : -deeper) / 2;
                    return new Parts(in.gland(), f);
                })
                .toList();
    }

    private static int sign(int bits, int i) {
        return (bits >> i & 1) == 0 ? -1 : 1;
    }

    /** One set of sizes. @param f depth, width, slide thickness and width, loader's inside and section, counter */
    private record Parts(Gland gland, double[] f) {
        private Fit loader() {
            double bottom = gland == Gland.PISTON ? f[6] - 2 * f[0] : f[6] + 2 * f[0];
            double face = gland == Gland.PISTON ? f[6] - 2 * f[2] : f[6] + 2 * f[2];
            return new Fit(
                    GlandUse.of(gland, RingMotion.STATIC, RingShape.O, f[5]),
                    new Sizes(face, bottom, f[1], 0, f[4], f[5]),
                    0);
        }

        double squeezePercent() {
            return loader().squeezePercent();
        }

        double fillPercent() {
            double loader = Math.PI * Math.PI / 4 * f[5] * f[5] * (f[4] + f[5]);
            double slide = ring(f[2]) * f[3];
            return 100 * (loader + slide) / (ring(f[0]) * f[1]);
        }

        /** Area of a ring of this thickness that touches the bore or rod (mm²). */
        private double ring(double thick) {
            return Math.PI * (gland == Gland.PISTON ? f[6] - thick : f[6] + thick) * thick;
        }

        double playMm() {
            return f[1] - f[3];
        }
    }

    public static LoadedRingResult check(LoadedRingInput in) {
        return new LoadedRingCheck(in).result();
    }

    private Band band(ToDoubleFunction<Parts> figure) {
        return new Band(
                figure.applyAsDouble(nominal),
                ends.stream().mapToDouble(figure).min().orElseThrow(),
                ends.stream().mapToDouble(figure).max().orElseThrow());
    }

    private LoadedRingResult result() {
        Band squeeze = band(Parts::squeezePercent);
        Band fill = band(Parts::fillPercent);
        double play = Length.snap(nominal.playMm());
        List<Finding> findings = new ArrayList<>(List.of(squeeze(squeeze), fill(fill), play(play), extremes(squeeze)));
        Double largest =
                in.passOverMm() != null ? in.passOverMm() : in.gland() == Gland.PISTON ? in.counterDiameterMm() : null;
        Double stretch = null;
        if (largest != null && in.gland() == Gland.PISTON) {
            double inside = in.counterDiameterMm() - 2 * in.slideThicknessMm();
            stretch = Math.max(0, 100 * (largest - inside) / inside);
            findings.add(pullOver(stretch));
        } else {
            findings.add(Say.guide(
                    "pull-over",
                    Status.PASS,
                    "way of the slide ring to its groove",
                    "It is bent in as a kidney: the last bulge is pressed home over its running face, with a flat "
                            + "rounded tool.",
                    ""));
        }
        boolean stretched = stretch != null && stretch > 0;
        return new LoadedRingResult(
                squeeze,
                fill,
                play,
                stretch,
                stretched ? largest : null,
                stretched ? in.counterDiameterMm() : null,
                findings);
    }

    private Finding pullOver(double stretch) {
        String material = in.slideMaterial() == null ? PTFE : in.slideMaterial();
        Finding finding = new PullOver(material, stretch, in.passOverMm() == null).finding();
        return in.slideMaterial() == null
                ? Finding.of(
                                finding.id(),
                                finding.status(),
                                finding.subject(),
                                finding.message() + " PTFE is assumed.",
                                finding.remedy(),
                                finding.source(),
                                finding.reference())
                        .withValue(finding.value(), "%")
                        .withLimits(Limits.atMost(finding.upper()), 0)
                : finding;
    }

    private static Finding squeeze(Band squeeze) {
        double s = squeeze.nominal();
        Status status = SQUEEZE.margin(s) >= -1e-9
                ? Status.PASS
                : SQUEEZE_WIDE.margin(s) >= -1e-9 ? Status.CAUTION : Status.FAIL;
        boolean low = s < SQUEEZE.lower();
        return Say.percent(
                Say.guide(
                        "squeeze",
                        status,
                        "squeeze of the loader",
                        status == Status.PASS
                                ? "The loader presses the slide ring as it should."
                                : low
                                        ? "The loader hardly presses the slide ring: it leaks cold or slow."
                                        : "The loader presses too hard: the slide ring drags and wears.",
                        status == Status.PASS ? "" : low ? "A thicker loader." : "A thinner loader."),
                s,
                status == Status.FAIL ? SQUEEZE_WIDE : SQUEEZE);
    }

    private static Finding fill(Band fill) {
        double f = fill.nominal();
        Status status = f <= FILL_USUAL + 1e-9 ? Status.PASS : f <= FILL_MOST + 1e-9 ? Status.CAUTION : Status.FAIL;
        return Say.percent(
                Say.guide(
                        "fill",
                        status,
                        "fill of the groove by both",
                        status == Status.PASS
                                ? "Both have room to grow."
                                : "Little room is left for heat and swelling.",
                        status == Status.PASS ? "" : "A thinner loader, or a wider groove."),
                f,
                Limits.atMost(FILL_USUAL));
    }

    private static Finding play(double play) {
        Status status = play < PLAY.lower() - 1e-9
                ? Status.FAIL
                : play <= PLAY.upper() + 1e-9 ? Status.PASS : play <= PLAY_MOST + 1e-9 ? Status.CAUTION : Status.FAIL;
        return Say.guide(
                        "side-play",
                        status,
                        "side play of the slide ring in its groove",
                        status == Status.PASS
                                ? "It moves freely and does not rock. Where it is notched or stepped, its drawing "
                                        + "decides which way round."
                                : play < PLAY.lower()
                                        ? "It jams in its groove: the loader cannot press it."
                                        : "It rocks in its groove, and the loader creeps beside it.",
                        status == Status.PASS ? "" : "A slide ring of the width that its maker says.")
                .withValue(play, "mm")
                .withLimits(PLAY, 0);
    }

    private Finding extremes(Band squeeze) {
        String subject = "squeeze of the loader over all tolerances";
        boolean out = SQUEEZE_WIDE.margin(squeeze.min()) < -1e-9 || SQUEEZE_WIDE.margin(squeeze.max()) < -1e-9;
        boolean whole = tolerances != null && tolerances.isWhole();
        Status status = (out ? Status.CAUTION : Status.PASS).worse(whole ? Status.PASS : Status.MISSING);
        return Say.percent(
                Say.guide(
                        "extremes",
                        status,
                        subject,
                        "From " + Length.show(squeeze.min(), 1) + " to " + Length.show(squeeze.max(), 1) + " %."
                                + (whole ? "" : " Not every tolerance is known."),
                        status == Status.PASS ? "" : whole ? "Closer tolerances." : "Give the tolerances."),
                SQUEEZE_WIDE.margin(squeeze.min()) < SQUEEZE_WIDE.margin(squeeze.max()) ? squeeze.min() : squeeze.max(),
                SQUEEZE_WIDE);
    }
}
