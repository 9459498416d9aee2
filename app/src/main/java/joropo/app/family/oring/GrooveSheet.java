package joropo.app.family.oring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.TurnedDrawing;
import joropo.core.assembly.TurnedPart;
import joropo.core.assembly.TurnedPart.Cylinder;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandInput;
import joropo.core.units.Length;

/** A groove round a piston or in a housing as a drawing for the lathe. */
final class GrooveSheet {
    /** Land beside the groove, in widths of it: drawn, not wanted. */
    private static final double LAND = 2;
    /** Wall behind a groove in a housing, in depths of it. */
    private static final double BEHIND = 3;

    private GrooveSheet() {}

    /** Nothing for a face or a boss, or where the clearance leaves no land. */
    static Optional<LineDrawing> of(OringGlandInput in) {
        double width = in.grooveWidthMm();
        double gap = in.gapMm() == null ? 0 : in.gapMm();
        if (in.gland() != Gland.PISTON && in.gland() != Gland.ROD
                || gap >= Math.abs(in.counterDiameterMm() - in.grooveDiameterMm())) {
            return Optional.empty();
        }
        double from = Length.snap(LAND * width);
        double to = Length.snap(from + width);
        double whole = Length.snap(to + from);
        List<String> words = new ArrayList<>(List.of(
                "Groove for " + Length.show(in.ringInsideMm(), 2) + "x" + Length.show(in.sectionMm(), 2),
                (in.gland() == Gland.PISTON ? "bore Ø " : "rod Ø ") + Length.show(in.counterDiameterMm(), 2)
                        + ", clearance " + (in.gapMm() == null ? "not given" : Length.show(gap, 2)),
                "groove only; lands drawn as long as there was room"));
        Optional.ofNullable(in.tolerances())
                .ifPresent(t -> words.add("groove Ø ± " + within(t.grooveMm()) + ", width ± " + within(t.widthMm())));
        return Optional.of(TurnedDrawing.of(part(in, gap, from, to, whole), words));
    }

    private static String within(Double mm) {
        return mm == null ? "not given" : Length.show(mm, 3);
    }

    private static TurnedPart part(OringGlandInput in, double gap, double from, double to, double whole) {
        double groove = in.grooveDiameterMm();
        if (in.gland() == Gland.PISTON) {
            double land = Length.snap(in.counterDiameterMm() - gap);
            return new TurnedPart(
                    List.of(new Cylinder(0, from, land), new Cylinder(from, to, groove), new Cylinder(to, whole, land)),
                    List.of());
        }
        double land = Length.snap(in.counterDiameterMm() + gap);
        double outside = Length.snap(Math.ceil(groove + BEHIND * (groove - in.counterDiameterMm())));
        return new TurnedPart(
                List.of(new Cylinder(0, whole, outside)),
                List.of(new Cylinder(0, from, land), new Cylinder(from, to, groove), new Cylinder(to, whole, land)));
    }
}
