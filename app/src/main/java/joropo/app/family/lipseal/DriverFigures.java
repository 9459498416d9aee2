package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.List;
import joropo.app.ui.Figure;
import joropo.core.lipseal.DriverResult;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Dimensions of a driver as a page lists them. */
public final class DriverFigures {
    private DriverFigures() {}

    public static List<Figure> of(DriverResult d) {
        List<Figure> out = new ArrayList<>();
        figure(out, "outside Ø", d.outsideMm());
        figure(out, "bears from Ø", d.landFromMm());
        figure(out, "to Ø", d.landToMm());
        figure(out, "recess Ø", d.recessDiameterMm());
        figure(out, "recess deep", d.recessDepthMm());
        figure(out, "spigot long", d.spigotMm());
        figure(out, "hole through Ø", d.throughHoleMm());
        figure(out, "hollow, from the housing's face", d.hollowToMm());
        figure(out, "own set: take Ø", d.pickMm());
        return out;
    }

    private static void figure(List<Figure> out, String label, @Nullable Double mm) {
        if (mm != null) {
            out.add(new Figure(label, Length.show(mm, 2), "mm", null));
        }
    }
}
