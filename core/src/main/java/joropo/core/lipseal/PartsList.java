package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import joropo.core.plan.Part;
import joropo.core.plan.PartKind;
import joropo.core.surface.Remedy;
import joropo.core.units.Length;
import joropo.core.verdict.Status;

/**
 * What has to be in hand before the machine is opened (guide): the seal, what its remedy needs, and what is renewed
 * together with it.
 */
public final class PartsList {
    /** The seal itself, whoever puts it on the list. */
    public static final String SEAL = "lip-seal";

    private PartsList() {}

    public static List<Part> of(PlanInput in) {
        List<Part> out = new ArrayList<>();
        boolean pair =
                in.among().isAlone() && in.layout() != null && in.layout().isPair();
        String sleeve = in.runningSleeve() ? "running sleeve" : null;
        out.add(new Part(
                SEAL,
                pair ? 2 : 1,
                PartKind.LIP_SEAL,
                "lip seal " + in.words(),
                in.size().words(),
                in.material() == null ? null : in.material().code(),
                "the old one counts as destroyed",
                sleeve));
        if (in.runningSleeve()) {
            out.add(new Part(
                    "running-sleeve",
                    1,
                    PartKind.SLEEVE,
                    "running sleeve for shaft Ø " + mm(in.section().shaftDiameterMm()),
                    mm(in.section().shaftDiameterMm()),
                    null,
                    "a new lip on an old sleeve wears out at once: never one alone",
                    "lip seal"));
        }
        if (in.remedy() != null) {
            remedy(in, out);
        }
        if (in.cover() != null && in.cover().isTemporary()) {
            out.add(new Part(
                    "edge-cover",
                    1,
                    PartKind.OTHER,
                    in.cover().words() + ", to be counted in and out",
                    "",
                    null,
                    "covers the edge that passes under the lip",
                    null));
        }
        return out;
    }

    private static void remedy(PlanInput in, List<Part> out) {
        Remedy remedy = in.remedy().remedy();
        String running = in.remedy().runningDiameterMm() == null
                ? ""
                : ", Ø " + mm(in.remedy().runningDiameterMm()) + " outside";
        switch (remedy) {
            case THIN_SLEEVE -> {
                out.add(new Part(
                        "thin-sleeve",
                        1,
                        PartKind.SLEEVE,
                        "thin repair sleeve for shaft " + mm(in.section().shaftDiameterMm()) + running,
                        mm(in.section().shaftDiameterMm()),
                        null,
                        "covers the worn track",
                        "lip seal"));
                if (in.remedy().verdict() == Status.CAUTION) {
                    out.add(new Part(
                            "epoxy",
                            1,
                            PartKind.SEALANT,
                            "metal-filled epoxy",
                            "",
                            null,
                            "fills the groove under the sleeve",
                            null));
                }
                out.add(new Part(
                        "sleeve-sealant",
                        1,
                        PartKind.SEALANT,
                        "sealant film",
                        "",
                        null,
                        "the sleeve's bore is a joint",
                        null));
            }
            case HEAVY_SLEEVE ->
                out.add(new Part(
                        "heavy-sleeve",
                        1,
                        PartKind.SLEEVE,
                        "sleeve of 2 mm wall or more" + running,
                        "",
                        null,
                        "brings the shaft back to size",
                        "lip seal"));
            case SPRAY_OR_RENEW ->
                out.add(new Part(
                        "shaft",
                        1,
                        PartKind.OTHER,
                        "new shaft, or the shaft sprayed and ground",
                        "",
                        null,
                        "the old track cannot be kept",
                        null));
            case DRESS, MOVE, GRIND_SMALLER -> {}
        }
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
