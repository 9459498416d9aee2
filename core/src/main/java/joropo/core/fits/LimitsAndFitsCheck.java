package joropo.core.fits;

import java.util.ArrayList;
import java.util.List;
import joropo.core.fits.LimitsAndFitsResult.Fit;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Limits of a size by class, and the fit of two (standard, ISO 286). It judges nothing: every finding is PASS. */
public final class LimitsAndFitsCheck {
    private LimitsAndFitsCheck() {}

    /** @throws RefusedInput when a class is none, stands in the wrong field, or is not given at this size */
    public static LimitsAndFitsResult check(LimitsAndFitsInput in) {
        Deviations hole = deviations("holeClass", in.holeClass(), in.sizeMm(), true);
        Deviations shaft = deviations("shaftClass", in.shaftClass(), in.sizeMm(), false);
        Fit fit = hole == null || shaft == null ? null : fit(hole, shaft);
        List<Finding> findings = new ArrayList<>();
        if (hole != null) {
            findings.add(limits("hole", in.holeClass(), hole));
        }
        if (shaft != null) {
            findings.add(limits("shaft", in.shaftClass(), shaft));
        }
        if (fit != null) {
            findings.add(Finding.computed(
                    "fit",
                    "fit " + in.holeClass() + "/" + in.shaftClass(),
                    fit.minClearanceUm(),
                    "µm",
                    "Clearance from " + Length.show(fit.minClearanceUm(), 1) + " to "
                            + Length.show(fit.maxClearanceUm(), 1) + " µm; negative is interference."));
        }
        return new LimitsAndFitsResult(hole, shaft, fit, findings);
    }

    private static @Nullable Deviations deviations(String field, @Nullable String text, double sizeMm, boolean hole) {
        if (text == null) {
            return null;
        }
        try {
            ToleranceClass wanted = ToleranceClass.parse(text);
            new Needs()
                    .that(
                            "",
                            wanted.isHole() == hole,
                            hole
                                    ? "'" + text + "' is a shaft class: holes have capital letters"
                                    : "'" + text + "' is a hole class: shafts have small letters")
                    .done();
            return wanted.at(sizeMm);
        } catch (RefusedInput e) {
            throw new RefusedInput(field, e.errors().get(0).message());
        }
    }

    private static Fit fit(Deviations hole, Deviations shaft) {
        double max = Length.snap(hole.upperUm() - shaft.lowerUm());
        double min = Length.snap(hole.lowerUm() - shaft.upperUm());
        return new Fit(
                min >= 0 ? Fit.Kind.CLEARANCE : max <= 0 ? Fit.Kind.INTERFERENCE : Fit.Kind.TRANSITION, max, min);
    }

    private static Finding limits(String id, @Nullable String text, Deviations d) {
        return Finding.of(
                id,
                Status.PASS,
                id + " " + Length.show(d.nominalMm(), 3) + " " + text,
                "From " + Length.show(d.minMm(), 4) + " to " + Length.show(d.maxMm(), 4) + " mm.",
                "",
                Source.STANDARD,
                "ISO 286-2");
    }
}
