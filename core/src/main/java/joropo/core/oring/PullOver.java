package joropo.core.oring;

import java.util.Set;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** How far a ring may be stretched over the lands, threads and edges on its way (guide). */
record PullOver(@Nullable String material, double needPercent, boolean landAssumed) {
    private static final Set<String> STIFF = Set.of("VMQ", "FVMQ", "AU");
    private static final double USUAL = 50;
    private static final double STIFF_USUAL = 30;
    private static final double FFKM_MOST = 20;
    private static final double MOST = 100;
    /** Solid PTFE, cold and warmed. */
    private static final double PTFE_COLD = 5;

    private static final double PTFE_WARM = 30;

    Finding finding() {
        String subject = "stretch over the way to the groove";
        double pass = usual();
        double most = most();
        Status status = needPercent <= pass + 1e-9
                ? material == null && needPercent > PTFE_COLD ? Status.MISSING : Status.PASS
                : material == null && needPercent <= MOST + 1e-9
                        ? Status.MISSING
                        : needPercent <= most + 1e-9 ? Status.CAUTION : Status.FAIL;
        if (status == Status.PASS && landAssumed) {
            status = Status.CAUTION;
        }
        String land = landAssumed ? " The land is taken for the largest on its way." : "";
        return Say.guide(
                        "pull-over",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It goes over by hand, slowly.";
                            case MISSING -> "How far it may be stretched is not known: the material is not named.";
                            case CAUTION ->
                                needPercent <= pass + 1e-9 ? "It goes over by hand, slowly." + land : far() + land;
                            default -> "It tears or stays stretched before it is over." + land;
                        },
                        status == Status.PASS
                                ? ""
                                : status == Status.MISSING
                                        ? "Name the material."
                                        : status == Status.FAIL
                                                ? "A split groove, a softer ring, or another way."
                                                : landAssumed
                                                        ? "Look for threads, ports and steps on its way."
                                                        : "The farthest land first; bridge open grooves.")
                .withValue(Math.rint(needPercent * 100) / 100, "%")
                .withLimits(Limits.atMost(isPtfe() ? PTFE_COLD : pass), 0);
    }

    private boolean isPtfe() {
        return "PTFE".equals(material);
    }

    private double usual() {
        return isPtfe()
                ? PTFE_COLD
                : "FFKM".equals(material)
                        ? FFKM_MOST
                        : material != null && STIFF.contains(material) ? STIFF_USUAL : USUAL;
    }

    private double most() {
        return isPtfe() ? PTFE_WARM : "FFKM".equals(material) ? FFKM_MOST : MOST;
    }

    private String far() {
        return isPtfe()
                ? "Warm it to 100 to 120 °C, over a cone with a pusher, before it stiffens again; "
                        + "then size it back with "
                        + "a tapered sleeve."
                : "It is stretched far, up to " + Length.show(needPercent, 0)
                        + " %: slowly, and wait until it has come back.";
    }
}
