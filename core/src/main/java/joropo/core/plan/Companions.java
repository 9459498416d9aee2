package joropo.core.plan;

import java.util.List;
import joropo.core.arrangement.PartKind;

/** What costs little while the machine is open and much later: offered, decided, recorded (guide). */
public final class Companions {
    private static final List<Part> ALL = List.of(
            part(
                    "cover-o-ring",
                    PartKind.O_RING,
                    "O-ring of the cover",
                    "it was squeezed for years and does not come back"),
            part("cover-gasket", PartKind.GASKET, "gasket of the cover", "it tears when the cover comes off"),
            part("breather", PartKind.BREATHER, "breather", "a blocked one pushes the medium out past a good lip"),
            part("drive-part", PartKind.COUPLING, "worn drive part on the shaft's end", "it comes off anyway"),
            part("filter", PartKind.FILTER, "filter", "dirt of the old seal is in it"),
            part(
                    "retaining-ring",
                    PartKind.RETAINING_RING,
                    "retaining ring",
                    "a ring that was opened once has lost tension"));

    private Companions() {}

    public static List<Part> all() {
        return ALL;
    }

    private static Part part(String id, PartKind kind, String name, String why) {
        return new Part(id, 1, kind, name, "", null, why, null);
    }
}
