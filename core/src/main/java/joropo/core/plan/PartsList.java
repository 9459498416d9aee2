package joropo.core.plan;

import java.util.ArrayList;
import java.util.List;
import joropo.core.surface.Remedy;
import joropo.core.units.Length;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What has to be in hand before the machine is opened (guide): the seal, what its remedy needs, and what is renewed together with it. */
public final class PartsList {
    /** One line. @param count how many, @param why what for, @param together what it is renewed together with, absent: on its own */
    public record Part(int count, String name, String why, @Nullable String together) { }

    private PartsList() { }

    public static List<Part> of(PlanInput in) {
        List<Part> out = new ArrayList<>();
        boolean pair = in.layout() != null && in.layout().isPair();
        String sleeve = in.runningSleeve() ? "running sleeve" : null;
        out.add(new Part(pair ? 2 : 1, "lip seal " + in.seal(), "the old one counts as destroyed", sleeve));
        if (in.runningSleeve()) {
            out.add(new Part(1, "running sleeve for shaft Ø " + mm(in.section().shaftDiameterMm()), "a new lip on an old sleeve wears out at once: never one alone", "lip seal"));
        }
        if (in.remedy() != null) {
            remedy(in, out);
        }
        if (in.cover() != null && in.cover().isTemporary()) {
            out.add(new Part(1, in.cover().words() + ", to be counted in and out", "covers the edge that passes under the lip", null));
        }
        return out;
    }

    private static void remedy(PlanInput in, List<Part> out) {
        Remedy remedy = in.remedy().remedy();
        String running = in.remedy().runningDiameterMm() == null ? "" : ", Ø " + mm(in.remedy().runningDiameterMm()) + " outside";
        switch (remedy) {
            case THIN_SLEEVE -> {
                out.add(new Part(1, "thin repair sleeve for shaft " + mm(in.section().shaftDiameterMm()) + running, "covers the worn track", "lip seal"));
                if (in.remedy().verdict() == Status.CAUTION) {
                    out.add(new Part(1, "metal-filled epoxy", "fills the groove under the sleeve", null));
                }
                out.add(new Part(1, "sealant film", "the sleeve's bore is a joint", null));
            }
            case HEAVY_SLEEVE -> out.add(new Part(1, "sleeve of 2 mm wall or more" + running, "brings the shaft back to size", "lip seal"));
            case SPRAY_OR_RENEW -> out.add(new Part(1, "new shaft, or the shaft sprayed and ground", "the old track cannot be kept", null));
            case DRESS, MOVE, GRIND_SMALLER -> { }
        }
    }

    private static String mm(double mm) {
        return Length.show(mm, 2);
    }
}
