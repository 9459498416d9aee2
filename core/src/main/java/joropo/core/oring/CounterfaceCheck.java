package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import joropo.core.material.Dirt;
import joropo.core.surface.Defect;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether the bore or rod that a ring seals on will do, and what makes it good (guide). */
public final class CounterfaceCheck {
    private static final Limits RA_MOVING = new Limits(0.1, 0.4);
    private static final double RA_MOVING_MOST = 0.6;
    private static final Limits RA_STATIC = Limits.atMost(1.6);
    private static final double HRC_IN_DIRT = 45;
    private static final double BEND_MOST_MM = 0.1;
    /** Depth that dressing takes away (µm). */
    private static final double DRESSED_UM = 10;
    /** Marks that cross the line on which a ring seals. */
    private static final Set<Defect.Kind> ACROSS =
            Set.of(Defect.Kind.SCORE_AXIAL, Defect.Kind.SCORE_SLANTING, Defect.Kind.NICK);
    /** Holes, which are sharp all round. */
    private static final Set<Defect.Kind> HOLES =
            Set.of(Defect.Kind.PIT, Defect.Kind.RUST_POCK, Defect.Kind.COATING_FLAKED);

    private static final Set<Defect.Kind> ON_TOP = Set.of(Defect.Kind.RUST, Defect.Kind.TARNISH);

    private final CounterfaceInput in;

    private CounterfaceCheck(CounterfaceInput in) {
        this.in = in;
    }

    public static CounterfaceResult check(CounterfaceInput in) {
        return new CounterfaceCheck(in).result();
    }

    private CounterfaceResult result() {
        List<Finding> findings = new ArrayList<>(List.of(roughness(), shape(), score()));
        if (in.isMoving()) {
            findings.add(hardness());
        }
        if (in.part() == CounterfaceInput.Part.ROD && (in.isMoving() || in.bendMm() != null)) {
            findings.add(bend());
        }
        boolean wanted = findings.stream().anyMatch(f -> f.status() == Status.FAIL);
        return new CounterfaceResult(wanted ? new FaceRemedies(in, findings).offers() : List.of(), findings);
    }

    private Finding roughness() {
        String subject = "roughness Ra";
        Limits limits = in.isMoving() ? RA_MOVING : RA_STATIC;
        if (in.raUm() == null) {
            return Finding.missing(
                    "roughness", subject, "The roughness is not known.", "Read Ra, or compare with a specimen.");
        }
        double ra = in.raUm();
        Status status = limits.margin(ra) >= -1e-9
                ? Status.PASS
                : in.isMoving() && ra <= RA_MOVING_MOST + 1e-9 ? Status.CAUTION : Status.FAIL;
        boolean smooth = in.isMoving() && ra < RA_MOVING.lower();
        return Say.guide(
                        "roughness",
                        status,
                        subject,
                        status == Status.PASS
                                ? "It holds a film and does not file the ring."
                                : smooth
                                        ? "So smooth that the ring runs dry on it."
                                        : in.isMoving() ? "It files the ring." : "The ring does not fill its furrows.",
                        status == Status.PASS ? "" : smooth ? "A light cross-hatch opens it." : "Hone or polish it.")
                .withValue(ra, "µm")
                .withLimits(limits, 0);
    }

    private Finding hardness() {
        String subject = "hardness";
        Double hrc = in.hardnessHrc();
        boolean hard = hrc != null && hrc >= HRC_IN_DIRT - 1e-9;
        if (in.dirt() == Dirt.CLEAN) {
            return Say.guide("hardness", Status.PASS, subject, "Nothing that scores it comes near.", "");
        }
        if (!hard && (hrc == null || in.dirt() == null)) {
            return Finding.missing(
                    "hardness",
                    subject,
                    hrc == null ? "The hardness is not known." : "Whether dirt reaches it is not known.",
                    "In dirt it wants 45 HRC at least.");
        }
        return Say.guide(
                        "hardness",
                        hard ? Status.PASS : Status.FAIL,
                        subject,
                        hard ? "Hard enough against dirt." : "Dirt in the ring scores so soft a face.",
                        hard ? "" : "Plate or harden it, and a wiper before it.")
                .withValue(hrc, "HRC")
                .withLimits(Limits.atLeast(HRC_IN_DIRT), 0);
    }

    private Finding shape() {
        String subject = "ovality and taper";
        double most = in.shapeMostMm();
        String by = in.shapeLimitMm() == null ? " IT8 of the diameter is assumed." : "";
        double worst = Stream.of(in.ovalityMm(), in.taperMm())
                .filter(v -> v != null)
                .mapToDouble(v -> v)
                .max()
                .orElse(0);
        boolean out = worst > most + 1e-9;
        if (!out && (in.ovalityMm() == null || in.taperMm() == null)) {
            return Finding.missing(
                    "shape",
                    subject,
                    (in.ovalityMm() == null ? "The ovality" : "The taper") + " is not known.",
                    "Read it in three planes, two ways.");
        }
        return Say.guide(
                        "shape",
                        out ? Status.FAIL : Status.PASS,
                        subject,
                        (out ? "The squeeze changes round it, or along the stroke." : "Round and straight enough.")
                                + by,
                        out ? "Hone it true, sleeve or renew it." : "")
                .withValue(worst, "mm")
                .withLimits(Limits.atMost(most), 0);
    }

    private Finding bend() {
        String subject = "bend of the rod over 300 mm";
        if (in.bendMm() == null) {
            return Finding.missing(
                    "bend", subject, "Whether the rod is bent is not known.", "Turn it in V-blocks, half the reading.");
        }
        boolean bent = in.bendMm() > BEND_MOST_MM + 1e-9;
        return Say.guide(
                        "bend",
                        bent ? Status.FAIL : Status.PASS,
                        subject,
                        bent ? "A bent rod presses its rings to one side and scores the gland." : "Straight enough.",
                        bent ? "Renew the rod." : "")
                .withValue(in.bendMm(), "mm")
                .withLimits(Limits.atMost(BEND_MOST_MM), 0);
    }

    private Finding score() {
        String subject = "scores and pits";
        List<CounterfaceInput.Mark> marks = in.defects();
        if (marks == null) {
            return Finding.missing(
                    "score", subject, "Whether it is marked is not known.", "Look, and draw a nail across.");
        }
        CounterfaceInput.Mark worst =
                marks.stream().min((a, b) -> status(a).compareTo(status(b))).orElse(null);
        if (worst == null) {
            return Say.guide("score", Status.PASS, subject, "No marks were found.", "");
        }
        Status status = status(worst);
        return Say.guide(
                "score",
                status,
                subject,
                upper(worst.kind().words()) + ": " + why(worst, status),
                switch (status) {
                    case FAIL ->
                        in.isMoving() ? "Take one of the remedies." : "Fill it, move the ring beside it, or a remedy.";
                    case MISSING ->
                        worst.depthUm() == null && !isAcross(worst) ? "Measure how deep." : "Draw a nail across.";
                    default -> isRound(worst) ? "Dress it smooth, along the mark." : "Clean it, and look again.";
                });
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String why(CounterfaceInput.Mark mark, Status status) {
        return switch (status) {
            case MISSING -> "how deep it is, is not known.";
            case FAIL ->
                isRound(mark)
                        ? "deeper than dressing takes away, 0.01 mm."
                        : mark.kind() == Defect.Kind.BURR
                                ? "it cuts every ring that passes."
                                : in.isMoving() ? "it leaks along it and cuts the ring." : "it leaks along it.";
            default -> isRound(mark) ? "it can be dressed away." : "no nail feels it.";
        };
    }

    private static boolean isAcross(CounterfaceInput.Mark mark) {
        return ACROSS.contains(mark.kind()) || HOLES.contains(mark.kind());
    }

    static boolean isRound(CounterfaceInput.Mark mark) {
        return !isAcross(mark) && !ON_TOP.contains(mark.kind()) && mark.kind() != Defect.Kind.BURR;
    }

    /** How bad one mark is. */
    private Status status(CounterfaceInput.Mark mark) {
        if (mark.kind() == Defect.Kind.BURR || in.isMoving() && HOLES.contains(mark.kind())) {
            return Status.FAIL;
        }
        if (ON_TOP.contains(mark.kind())) {
            return Boolean.TRUE.equals(mark.catchesNail()) ? Status.FAIL : Status.CAUTION;
        }
        if (isAcross(mark)) {
            return byNail(mark.catchesNail());
        }
        return mark.depthUm() == null
                ? Boolean.FALSE.equals(mark.catchesNail()) ? Status.CAUTION : Status.MISSING
                : mark.depthUm() <= DRESSED_UM + 1e-9 ? Status.CAUTION : Status.FAIL;
    }

    private static Status byNail(@Nullable Boolean catches) {
        return catches == null ? Status.MISSING : catches ? Status.FAIL : Status.CAUTION;
    }

    /** Whether dressing alone makes a mark good. */
    static boolean isDressed(CounterfaceInput.Mark mark) {
        return mark.kind() == Defect.Kind.BURR
                || ON_TOP.contains(mark.kind())
                || isRound(mark) && mark.depthUm() != null && mark.depthUm() <= DRESSED_UM + 1e-9;
    }
}
