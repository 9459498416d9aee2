package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Shaft, sleeve or stem as the face that packing runs on: what its roughness, its hardness and a groove round it do not
 * tell (guide). Mm.
 *
 * @param diameterMm of it, @param stem whether it is a valve's, @param scored whether a nail feels a mark along it;
 *     absent: not looked
 * @param ovalityMm greatest less least diameter, @param bendMm of a stem between V-blocks over 300 mm, half the reading
 * @param underSleeve whether the sleeve's end shows that it leaks under it; absent: not looked; of a bare shaft: no
 */
@RecordBuilder
public record PackedFace(
        Double diameterMm,
        boolean stem,
        @Nullable Boolean scored,
        @Nullable Double ovalityMm,
        @Nullable Double bendMm,
        @Nullable Boolean underSleeve) {
    private static final double BEND_MOST_MM = 0.1;
    private static final double SLACK = 1e-9;

    public PackedFace {
        new Needs()
                .size("diameterMm", diameterMm)
                .optionalNotNegative("ovalityMm", ovalityMm)
                .optionalNotNegative("bendMm", bendMm)
                .done();
    }

    /** Run-out that packing follows, whole reading (mm, guide). */
    static double runOutMostMm(double shaftMm) {
        return Math.min(0.05 + 0.0005 * shaftMm, 0.10);
    }

    /** What was found on it. */
    public List<Finding> findings() {
        List<Finding> out = new ArrayList<>(List.of(score(), ovality()));
        out.add(stem ? bend() : sleeve());
        return out;
    }

    private Finding score() {
        String subject = stem ? "scores along the stem" : "scores along shaft or sleeve";
        if (scored == null) {
            return Finding.missing(
                    "score",
                    subject,
                    "Whether it is scored along is not known.",
                    "Draw a nail round it, at three places of the packing.");
        }
        return Say.guide(
                "score",
                scored ? Status.FAIL : Status.PASS,
                subject,
                scored
                        ? "It leaks along the mark however tight the gland, and the mark files the rings."
                        : "No nail feels a mark along it.",
                scored
                        ? stem
                                ? "Grind and polish it round if its least diameter allows, build it up, or a new stem."
                                : "Renew the sleeve; of a bare shaft: grind it true, sleeve it, or spray it up."
                        : "");
    }

    /** An oval passes twice in a turn, as a shaft that runs out by as much. */
    private Finding ovality() {
        String subject = stem ? "ovality of the stem" : "ovality of shaft or sleeve";
        if (ovalityMm == null) {
            return Finding.missing(
                    "ovality", subject, "It is not read.", "Read the diameter two ways, where the packing runs.");
        }
        double most = Length.snap(runOutMostMm(diameterMm));
        boolean oval = ovalityMm > most + SLACK;
        return Say.guide(
                        "ovality",
                        oval ? Status.FAIL : Status.PASS,
                        subject,
                        oval ? "It opens the packing twice in a turn." : "Round enough for packing.",
                        oval ? "Grind it round, or renew it." : "")
                .withValue(ovalityMm, "mm")
                .withLimits(Limits.atMost(most), 0);
    }

    private Finding bend() {
        String subject = "bend of the stem over 300 mm";
        if (bendMm == null) {
            return Finding.missing(
                    "bend",
                    subject,
                    "Whether the stem is bent is not known.",
                    "Turn it in V-blocks, half the reading.");
        }
        boolean bent = bendMm > BEND_MOST_MM + SLACK;
        return Say.guide(
                        "bend",
                        bent ? Status.FAIL : Status.PASS,
                        subject,
                        bent ? "A bent stem pushes the packing aside at every stroke." : "Straight enough.",
                        bent ? "Straighten it, or a new stem." : "")
                .withValue(bendMm, "mm")
                .withLimits(Limits.atMost(BEND_MOST_MM), 0);
    }

    private Finding sleeve() {
        String subject = "leak under the sleeve";
        if (underSleeve == null) {
            return Finding.missing(
                    "under-sleeve",
                    subject,
                    "Whether it leaks under the sleeve was not looked at.",
                    "Wipe, chalk, look at the sleeve's end.");
        }
        return Say.guide(
                "under-sleeve",
                underSleeve ? Status.FAIL : Status.PASS,
                subject,
                underSleeve
                        ? "It creeps under the sleeve: no gland stops that, and it looks like a packing leak."
                        : "Dry at the sleeve's end.",
                underSleeve ? "Sleeve off: clean seat, new O-ring or sealed by its maker's way, then pack." : "");
    }
}
