package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.section.SectionResult.LipTrack;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether each seal and washer is of this place: its outside for the bore, its inside for the shaft (S10; guide). */
final class SizeRules {
    /** A washer's opening clears the shaft by this much of the diameter (mm, guide). */
    private static final double WASHER_CLEAR_MM = 0.5;
    /** Where a lip reaches over the washer, by this much (mm, guide). */
    private static final double LIP_CLEAR_MM = 2;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;
    private final Section section;
    private final TrackRules tracks;

    SizeRules(ArrangedParts parts, TrackRules tracks) {
        this.parts = parts;
        this.section = parts.section();
        this.tracks = tracks;
    }

    /** One half of the judgement. */
    private record Half(Status status, String message, String remedy) {}

    List<Finding> judge() {
        return Stream.concat(
                        parts.seals().stream().map(this::seal),
                        parts.items(Spacer.class).map(this::washer))
                .toList();
    }

    private Finding seal(Seal seal) {
        return finding("size of the seal against its place", seal.id(), List.of(outside(seal), inside(seal)));
    }

    private Half outside(Seal seal) {
        Double bore = parts.boreMm(seal.fromMm());
        if (bore == null) {
            return new Half(MISSING, "The bore is not known.", "Read the bore where the seal stands.");
        }
        return belongs(parts.limits().boreLessNominalMm(), bore, seal.outsideDiameterMm())
                ? new Half(PASS, "Its outside is of this bore.", "")
                : new Half(
                        FAIL,
                        "A seal for a bore of " + mm(seal.outsideDiameterMm())
                                + " mm is not of this place: the bore is " + mm(bore) + " mm there.",
                        "Take the seal of this bore.");
    }

    private Half inside(Seal seal) {
        if (seal.insideDiameterMm() == null) {
            return new Half(MISSING, "For which shaft the seal is, is not known.", "Read the seal's marking.");
        }
        Double shaft = shaftMm(seal);
        if (shaft == null) {
            return new Half(MISSING, "The shaft under the lip is not known.", "Read the shaft under the lip.");
        }
        return belongs(parts.limits().shaftLessNominalMm(), shaft, seal.insideDiameterMm())
                ? new Half(PASS, "Its lip is of this shaft." + surfaceAssumed(seal), "")
                : new Half(
                        FAIL,
                        "A seal for a shaft of " + mm(seal.insideDiameterMm()) + " mm is not of this place: under its "
                                + "lip there are " + mm(shaft) + " mm.",
                        "Take the seal of this shaft.");
    }

    private static boolean belongs(Limits band, double measured, double nominal) {
        return band.margin(Length.snap(measured - nominal)) >= -SLACK;
    }

    /** What the lip runs on (mm): a sleeve over the shaft counts by its outside; absent: not known. */
    private @Nullable Double shaftMm(Seal seal) {
        LipTrack band = tracks.track(seal);
        ShaftItem.Sleeve sleeve = parts.shaft(ShaftItem.Sleeve.class)
                .filter(s -> seal.mount() == Mount.BORE && over(s, band))
                .findFirst()
                .orElse(null);
        if (sleeve != null) {
            return sleeve.diameterMm();
        }
        Double surface = parts.shaft(ShaftItem.RunningSurface.class)
                .filter(r -> TrackRules.runsOn(seal, r.on()) && r.diameterMm() != null && over(r, band))
                .map(ShaftItem.RunningSurface::diameterMm)
                .findFirst()
                .orElse(null);
        return surface != null || seal.mount() == Mount.SHAFT ? surface : section.shaftDiameterMm();
    }

    /** That the ground band has the shaft's diameter, where nobody read its own. */
    private String surfaceAssumed(Seal seal) {
        LipTrack band = tracks.track(seal);
        return parts.shaft(ShaftItem.RunningSurface.class).anyMatch(r -> r.diameterMm() == null && over(r, band))
                ? " The ground band is assumed to have the shaft's diameter."
                : "";
    }

    private static boolean over(ShaftItem item, LipTrack band) {
        return item.fromMm() < band.toMm() - SLACK && item.toMm() > band.fromMm() + SLACK;
    }

    private Finding washer(Spacer washer) {
        return finding("size of the washer against its place", washer.id(), List.of(outside(washer), opening(washer)));
    }

    private Half outside(Spacer washer) {
        Double bore = parts.boreMm(washer.fromMm());
        if (bore == null || washer.outsideDiameterMm() == null) {
            return new Half(
                    MISSING,
                    bore == null ? "The bore is not known." : "The washer's outside is not known.",
                    "Read " + (bore == null ? "the bore." : "the washer's outside."));
        }
        double outside = washer.outsideDiameterMm();
        return outside <= bore + SLACK && outside >= bore - ArrangedParts.WASHER_MM - SLACK
                ? new Half(PASS, "The washer is of this bore.", "")
                : new Half(
                        FAIL,
                        "A washer of " + mm(outside) + " mm outside is not of a bore of " + mm(bore) + " mm.",
                        "A washer of " + mm(bore - ArrangedParts.WASHER_MM) + " to " + mm(bore) + " mm outside.");
    }

    private Half opening(Spacer washer) {
        Double shaft = section.shaftDiameterMm();
        if (shaft == null || washer.insideDiameterMm() == null) {
            return new Half(
                    MISSING,
                    shaft == null ? "The shaft is not known." : "The washer's opening is not known.",
                    "Read " + (shaft == null ? "the shaft." : "the washer's opening."));
        }
        boolean lip = lipReachesOver(washer);
        double least = shaft + (lip ? LIP_CLEAR_MM : WASHER_CLEAR_MM);
        return washer.insideDiameterMm() >= least - SLACK
                ? new Half(PASS, "Its opening clears the shaft" + (lip ? " and the lip." : "."), "")
                : new Half(
                        FAIL,
                        "The washer's opening of " + mm(washer.insideDiameterMm()) + " mm "
                                + (lip ? "meets the lip that reaches over it." : "rubs on the shaft."),
                        "An opening of " + mm(least) + " mm at least.");
    }

    /** Whether a dust lip stands out over the washer, or a lip's band reaches past its case. */
    private boolean lipReachesOver(Spacer washer) {
        return parts.seals().stream().anyMatch(s -> {
            LipTrack band = tracks.track(s);
            boolean dust =
                    s.dustLip() != null && parts.washersAt(s, s.dustLip()).anyMatch(w -> w == washer);
            return dust || band.fromMm() < washer.toMm() - SLACK && band.toMm() > washer.fromMm() + SLACK;
        });
    }

    /** One finding for a part: the worse half says why. */
    private static Finding finding(String subject, @Nullable String part, List<Half> halves) {
        Status worst = halves.stream().map(Half::status).reduce(Status::worse).orElseThrow();
        List<String> messages = new ArrayList<>();
        List<String> remedies = new ArrayList<>();
        halves.stream().filter(h -> h.status == worst).forEach(h -> {
            messages.add(h.message);
            remedies.add(h.remedy);
        });
        return SectionFinding.depth(
                "S10",
                worst,
                subject,
                String.join(" ", messages),
                String.join(" ", remedies).strip(),
                part);
    }

    private static String mm(double value) {
        return Length.show(value, 2);
    }
}
