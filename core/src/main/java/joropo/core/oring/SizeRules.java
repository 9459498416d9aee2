package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** What the nominal sizes say: stretch, squeeze and fill (guide). */
final class SizeRules {
    private final OringGlandInput in;
    private final GlandUse use;
    private final Fit fit;

    SizeRules(OringGlandInput in, Fit fit) {
        this.in = in;
        this.use = in.use();
        this.fit = fit;
    }

    List<Finding> findings() {
        List<Finding> out = new ArrayList<>();
        out.add(circumference());
        if (in.gland() == Gland.ROD) {
            out.add(rodFit());
        }
        out.add(squeeze());
        out.add(absolute());
        out.add(fill());
        return out;
    }

    private Finding circumference() {
        Status status = fit.circumferenceStatus();
        double c = fit.circumference;
        boolean compressed = in.gland().compresses();
        String id = compressed ? "compression" : "stretch";
        String subject = compressed ? "compression of the ring's outside" : "stretch of the ring";
        if (status == Status.PASS) {
            return value(
                    Say.guide(
                            id,
                            status,
                            subject,
                            compressed
                                    ? c > 0 ? "The groove holds the ring." : "The rod holds the ring."
                                    : "The ring lies in its groove by itself.",
                            ""),
                    c);
        }
        if (in.gland() == Gland.PISTON && use.isRotary()) {
            return value(
                    Say.guide(
                            id,
                            status,
                            subject,
                            "A ring in a groove of the shaft is thrown out, and one that is stretched shrinks as it "
                                    + "warms.",
                            "Groove in the housing; a lip seal is the usual choice."),
                    c);
        }
        boolean large = c < 0;
        return value(
                Say.guide(
                        id,
                        status,
                        subject,
                        compressed
                                ? large || use.isRotary() && c <= 0
                                        ? "The ring is too small for this groove: nothing holds it against the wall."
                                        : "The ring is too large for this groove: it buckles."
                                : large
                                        ? "The ring is too large for this groove: it hangs out and is caught."
                                        : c < 1 ? "The ring is hardly stretched: it may hang out." : stretched(status),
                        "Look for a ring of another inside diameter."),
                c);
    }

    private static String stretched(Status status) {
        return status == Status.FAIL
                ? "The ring is stretched so far that it thins, ages early and breaks."
                : "The ring is stretched more than usual: it thins and ages earlier.";
    }

    private static Finding value(Finding finding, double percent) {
        return finding.withValue(Math.rint(percent * 100) / 100, "%");
    }

    private Finding rodFit() {
        Status status = fit.rodFitStatus();
        double over = fit.overRodPercent();
        return value(
                Say.guide(
                        "rod-fit",
                        status,
                        "ring on the rod",
                        status == Status.PASS
                                ? use.isRotary()
                                        ? "The ring is loose on the shaft and held by its groove."
                                        : "The ring lies to the rod."
                                : use.isRotary()
                                        ? over < 2
                                                ? "The ring grips the shaft: one that is stretched shrinks as it warms."
                                                : "The ring is far too large for this shaft."
                                        : over < 0
                                                ? "The ring is tight on the rod: it drags, and thins."
                                                : "The ring is loose on the rod.",
                        status == Status.PASS ? "" : "Look for a ring of another inside diameter."),
                over);
    }

    private Finding squeeze() {
        Status status = fit.squeezeStatus();
        Limits limits = use.squeezePass().orElse(use.squeezeWide());
        double squeeze = fit.squeezePercent();
        String subject = "squeeze of the section";
        String free = "Free section: " + Length.show(fit.squeezeFreePercent(), 1) + " %.";
        if (in.gland() == Gland.BOSS && status == Status.PASS) {
            return Say.percent(
                    Say.guide("squeeze", status, subject, "The leg of the chamfer is right for this section.", ""),
                    squeeze,
                    use.squeezeWide());
        }
        if (status == Status.MISSING) {
            return Finding.missing(
                    "squeeze", subject, "No guide tells of a square ring on a turning shaft.", "Ask its maker.");
        }
        if (status == Status.PASS && fit.isThinByTrade()) {
            return Say.percent(
                    Say.guide(
                            "squeeze",
                            Status.CAUTION,
                            subject,
                            "Squeezed enough by volume; by the trade's figure a stretched ring thins more: "
                                    + Length.show(fit.squeezeEmpiricalPercent(), 1) + " %. " + free,
                            "A ring that is stretched less, or a groove a little shallower."),
                    squeeze,
                    limits);
        }
        boolean low = squeeze < limits.lower();
        return Say.percent(
                Say.guide(
                        "squeeze",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "Squeezed as usual. " + free;
                            case CAUTION ->
                                use.squeezePass().isEmpty()
                                        ? "The trade lists no groove for this section; it may hold. " + free
                                        : (low ? "Squeezed less than usual. " : "Squeezed more than usual. ") + free;
                            default ->
                                low
                                        ? "Squeezed too little: it leaks. " + free
                                        : "Squeezed too hard: it is damaged, or the parts do not close. " + free;
                        },
                        status == Status.PASS
                                ? ""
                                : low
                                        ? "A thicker section, or a shallower groove."
                                        : "A thinner section, or a deeper groove."),
                squeeze,
                status == Status.FAIL ? use.squeezeWide() : limits);
    }

    private Finding absolute() {
        Status status = fit.absoluteStatus();
        return Say.guide(
                        "absolute",
                        status,
                        "squeeze in millimetres",
                        status == Status.PASS
                                ? "Enough is left for scratches and set."
                                : "So little squeeze is lost to the first scratch or set.",
                        status == Status.PASS ? "" : "A thicker section, or a shallower groove.")
                .withValue(Length.snap(fit.squeezeMm()), "mm")
                .withLimits(Limits.atLeast(use.leastMm()), 0);
    }

    private Finding fill() {
        String subject = "fill of the groove";
        if (in.backups() > 0 && in.backupThicknessMm() == null) {
            return Finding.missing(
                    "fill", subject, "How thick a back-up is, is not known.", "Measure one, or read its bag.");
        }
        Status status = fit.fillStatus();
        double fill = fit.fillPercent();
        return Say.percent(
                Say.guide(
                        "fill",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "The ring has room to grow.";
                            case CAUTION ->
                                fill < use.fillMost() - 20
                                        ? "The ring has much room: it wanders when the pressure turns."
                                        : "Little room is left for heat and swelling.";
                            default -> "The groove is too full: the ring is crushed when it grows.";
                        },
                        status == Status.PASS
                                ? ""
                                : fill < use.fillMost() - 20
                                        ? "A narrower groove."
                                        : "A wider groove, or a thinner ring."),
                fill,
                use.fillPass());
    }
}
