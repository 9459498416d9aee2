package joropo.app.family.oring;

import java.util.List;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.TurnedDrawing;
import joropo.core.oring.StretchTools;

/** Cone, pusher and sizing sleeve of a slide ring as one sheet for the lathe. */
final class StretchSheet {
    private StretchSheet() {}

    static LineDrawing of(StretchTools tools) {
        return TurnedDrawing.cut(
                        tools.cone(), List.of("Cone, polished", "ring on from the left", "no edge at the land"))
                .beside(TurnedDrawing.cut(tools.pusher(), List.of("Pusher, plastic", "slit from the left")))
                .beside(TurnedDrawing.cut(
                        tools.sleeve(), List.of("Sizing sleeve", "polished inside", "stays on until cold")));
    }
}
