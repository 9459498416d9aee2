package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.section.CaseType;
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

    private static final String PLAIN_SAID = "plain|single lip|without dust|no dust";

    /** How the name of a lot says which layout it is; of a pair each is a plain one. */
    private static final Map<Layout, String> LAYOUT_SAID = Map.of(
            Layout.PLAIN,
            PLAIN_SAID,
            Layout.TANDEM,
            PLAIN_SAID,
            Layout.BACK_TO_BACK,
            PLAIN_SAID,
            Layout.DUST_LIP,
            "(?<!without )(?<!no )(dust lip|excluder)",
            Layout.PRESSURE,
            "pressure",
            Layout.PTFE,
            "ptfe lip",
            Layout.CASSETTE,
            "cassette");

    private static final Map<CaseType, String> CASE_SAID =
            Map.of(CaseType.METAL, "bare metal|metal case", CaseType.RUBBER, "rubber", CaseType.STAINLESS, "stainless");

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
                        sleeve)
                .telling(told(in)));
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
        return out;
    }

    /** What the bag of a seal has to say beside its size: the layout of its lip, the outside of its case. */
    private static List<Part.Told> told(PlanInput in) {
        List<Part.Told> out = new ArrayList<>();
        if (in.layout() != null) {
            String mark = LAYOUT_SAID.get(in.layout());
            out.add(new Part.Told("layout", mark, others(LAYOUT_SAID, mark)));
        }
        String mark = CASE_SAID.get(in.caseType());
        out.add(new Part.Told("outside of the case", mark, others(CASE_SAID, mark)));
        return out;
    }

    private static String others(Map<?, String> said, String own) {
        return said.values().stream().filter(m -> !m.equals(own)).distinct().collect(Collectors.joining("|"));
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
