package joropo.core.surface;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;
import static joropo.core.verdict.Status.REMEASURE;

import java.util.Locale;
import joropo.core.shaft.Hand;
import joropo.core.shaft.Rotation;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What each defect means as it is found, before anything is done about it (guide). */
final class DefectRules {
    /** A groove to this depth is left by fine cloth (mm, guide). */
    static final double FINE_CLOTH_MM = 0.005;
    /** An axial scratch that no nail feels is dressed to here and borne with caution to there (µm, guide). */
    private static final double AXIAL_DRESS_UM = 2;

    private static final double AXIAL_MOST_UM = 5;
    /** A rubber-covered case fills a scratch of its seat to this depth (µm, guide). */
    private static final double BORE_RUBBER_UM = 100;

    private static final double SLACK = 1e-9;
    private static final String GUIDE = "defects of a running surface";

    private DefectRules() {}

    /** @param in the surface it was seen on: case, hand of slanting marks, turning direction */
    static Finding judge(Defect d, RunningSurfaceInput in) {
        if (d.kind() == Defect.Kind.TARNISH || d.kind() == Defect.Kind.RUST) {
            return finding(
                    d, PASS, "Nothing is felt: it cleans off.", "Clean with cloth and solvent, then look again.");
        }
        if (d.kind() == Defect.Kind.BURR) {
            return finding(
                    d,
                    FAIL,
                    "A raised edge cuts the lip or scores the case.",
                    "Take it off with a fine stone before anything goes in; prove it by trying the mating part on.");
        }
        if (d.inBore()) {
            return bore(d, in.rubberCase());
        }
        if (!d.onTrack()) {
            return finding(
                    d,
                    CAUTION,
                    "It lies away from the track.",
                    "Take raised edges off, so that nothing cuts the lip on its way.");
        }
        return switch (d.kind()) {
            case WEAR_GROOVE, SCORE_ROUND -> round(d);
            case SCORE_SLANTING ->
                finding(
                        d,
                        FAIL,
                        "Slanting marks pump along the shaft like a thread, however shallow" + carries(in) + ".",
                        "Dress by plunge without feed, then prove it with the thread test.");
            case SCORE_AXIAL -> axial(d);
            case PIT, RUST_POCK ->
                finding(
                        d,
                        FAIL,
                        "Pits do not polish out and hold dirt under the lip.",
                        "Sleeve the shaft, or move the lip to sound metal.");
            default ->
                finding(
                        d,
                        FAIL,
                        "The edge of the coating cuts the lip and flakes travel into the bearing.",
                        "Strip the coating, or sleeve the shaft.");
        };
    }

    /** Which way slanting marks carry: what they carry does not turn with the shaft. */
    private static String carries(RunningSurfaceInput in) {
        if (in.slantHand() == null || in.rotation() == null) {
            return "";
        }
        if (in.rotation() == Rotation.BOTH) {
            return ": outward and inward by turns";
        }
        boolean inward = (in.slantHand() == Hand.LEFT) == (in.rotation() == Rotation.CW);
        return inward ? ": inward, dirt with it" : ": outward, towards the air side, which is the worse";
    }

    private static Finding round(Defect d) {
        if (d.depthUm() == null) {
            return d.nail()
                    ? finding(
                            d,
                            REMEASURE,
                            "A groove that a nail catches lifts the new lip at its edge; how deep it is decides.",
                            "Measure its depth and width: profile, indicator across it, or a cast.")
                    : finding(
                            d,
                            CAUTION,
                            "The old lip has left its track, and a nail does not catch.",
                            "Let the new lip run beside it where the depth allows.");
        }
        return groove(d.depthUm() / 1000).withId(id(d));
    }

    /** A measured groove under the lip (mm). */
    static Finding groove(double depthMm) {
        String subject = "groove under the lip";
        Status status = depthMm <= SLACK ? PASS : depthMm <= FINE_CLOTH_MM + SLACK ? CAUTION : FAIL;
        String message =
                switch (status) {
                    case PASS -> "No groove.";
                    case CAUTION -> "A trace that fine cloth takes off.";
                    default -> "A new lip in this groove lifts at its edge and leaks on the first day.";
                };
        return Finding.of(
                        "groove",
                        status,
                        subject,
                        message,
                        status == PASS ? "" : "One of the remedies, the first that holds.",
                        Source.GUIDE,
                        GUIDE)
                .withValue(Length.snap(depthMm), "mm");
    }

    private static Finding axial(Defect d) {
        if (d.nail()) {
            return finding(
                    d,
                    FAIL,
                    "A scratch along the shaft leads the medium past the lip, standing or running.",
                    "Dress, sleeve or renew the shaft; then read the diameter again.");
        }
        Double um = d.depthUm();
        if (um == null) {
            return d.catchesNail() == null
                    ? finding(
                            d,
                            REMEASURE,
                            "Whether a nail catches is not known.",
                            "Draw a nail across it, or read its depth.")
                    : finding(
                            d, CAUTION, "A trace along the shaft that no nail feels.", "Dress it, look with a glass.");
        }
        return um <= AXIAL_DRESS_UM + SLACK
                ? finding(d, CAUTION, "A trace along the shaft.", "Dress it, then read roughness again.")
                : um <= AXIAL_MOST_UM + SLACK
                        ? finding(
                                d,
                                CAUTION,
                                "A shallow scratch along the shaft: it may weep at rest.",
                                "Let the lip run beside it, or sleeve.")
                        : finding(
                                d,
                                FAIL,
                                "A scratch along the shaft leads the medium past the lip.",
                                "Dress, sleeve or renew the shaft; then read the diameter again.");
    }

    private static Finding bore(Defect d, @Nullable Boolean rubberCase) {
        if (!d.onTrack()) {
            return finding(d, CAUTION, "It lies where nothing seals.", "Take raised edges off.");
        }
        return switch (d.kind()) {
            case NICK ->
                Boolean.TRUE.equals(rubberCase) && d.depthUm() != null && d.depthUm() <= BORE_RUBBER_UM + SLACK
                        ? finding(
                                d,
                                CAUTION,
                                "The rubber of the case fills the nick.",
                                "No sharp edge may stand: take it off, then look again.")
                        : finding(
                                d,
                                FAIL,
                                "The medium passes behind the case.",
                                "Shallow: a thin film of sealant, or a rubber-covered case; else bush the bore.");
            case SCORE_AXIAL -> axialInBore(d, rubberCase);
            case BORE_WEAR ->
                finding(
                        d,
                        CAUTION,
                        "The seat is worn: its diameter decides.",
                        "Read the bore and judge the interference by it.");
            default ->
                finding(
                        d,
                        CAUTION,
                        "The seat is marked: a bare metal case does not fill it.",
                        "A rubber-covered case, or a thin film of sealant.");
        };
    }

    private static Finding axialInBore(Defect d, @Nullable Boolean rubberCase) {
        boolean deep = d.depthUm() != null && d.depthUm() > BORE_RUBBER_UM + SLACK;
        if (!deep && Boolean.FALSE.equals(rubberCase)) {
            return finding(
                    d,
                    FAIL,
                    "The medium follows the scratch behind a bare metal case.",
                    "A rubber-covered case, or a film of sealant as the seal's maker allows.");
        }
        return deep
                ? finding(
                        d,
                        FAIL,
                        "The scratch is too deep even for a rubber-covered case.",
                        "Fill and dress it, or bush the bore.")
                : finding(
                        d,
                        CAUTION,
                        "The medium follows the scratch behind a bare metal case.",
                        "A rubber-covered case fills it to 0.1 mm; a metal one only with sealant.");
    }

    private static Finding finding(Defect d, Status status, String message, String remedy) {
        Finding out = Finding.of(
                id(d),
                status,
                d.kind().words()
                        + (d.inBore() ? ", in the bore" : d.onTrack() ? ", on the track" : ", beside the track"),
                message,
                remedy,
                Source.GUIDE,
                GUIDE);
        return d.depthUm() == null ? out : out.withValue(d.depthUm(), "µm");
    }

    private static String id(Defect d) {
        return (d.inBore() ? "bore-" : "")
                + d.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether dressing can take it off, as far as its kind says; grooves by their depth. */
    static boolean dressesOut(Defect d) {
        Double um = d.depthUm();
        return switch (d.kind()) {
            case RUST, TARNISH, BURR, SCORE_SLANTING -> true;
            case SCORE_AXIAL -> !d.nail() && (um == null || um <= AXIAL_DRESS_UM + SLACK);
            case PIT, RUST_POCK, COATING_FLAKED -> false;
            default -> true;
        };
    }
}
