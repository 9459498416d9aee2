package joropo.app.family.lipseal;

import java.util.List;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.TurnedDrawing;
import joropo.core.lipseal.DriverResult;

/** A driver as a drawing for the lathe. */
final class DriverSheet {
    private DriverSheet() {}

    /** @param heading what the driver is for */
    static LineDrawing of(DriverResult driver, String heading) {
        return TurnedDrawing.of(
                driver.part(),
                List.of(
                        heading,
                        "pressing face left, square within 0.02",
                        "edges broken 0.5; aluminium or hard plastic"));
    }
}
