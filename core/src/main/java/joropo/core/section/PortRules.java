package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Seal;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Ports beside the case of a seal (S3; guide). */
final class PortRules {
    /** A case keeps this far from a port (mm, guide). */
    private static final double PORT_ROOM_MM = 0.5;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;

    PortRules(ArrangedParts parts) {
        this.parts = parts;
    }

    List<Finding> judge() {
        return parts.seals().stream()
                .map(s -> parts.items(BoreItem.Port.class)
                        .map(p -> s3(s, p))
                        .reduce((a, b) -> a.status().compareTo(b.status()) < 0
                                        || a.status() == b.status() && a.value() <= b.value()
                                ? a
                                : b))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Whether a seal that stands like this covers no port. */
    boolean stayFree(Seal seal) {
        return parts.items(BoreItem.Port.class).noneMatch(p -> s3(seal, p).status() == Status.FAIL);
    }

    private Finding s3(Seal seal, BoreItem.Port port) {
        double room = Length.snap(Math.max(port.fromMm() - seal.toMm(), seal.fromMm() - port.toMm()));
        Status status = room < -SLACK ? Status.FAIL : room < PORT_ROOM_MM - SLACK ? Status.CAUTION : PASS;
        String message =
                switch (status) {
                    case FAIL -> "The case covers the port.";
                    case CAUTION -> "The case stands close to the port.";
                    default -> "The port stays free.";
                };
        return SectionFinding.depth(
                        "S3",
                        status,
                        "port beside the case",
                        message,
                        status == PASS ? "" : "Another depth, or a seal of another width.",
                        seal.id())
                .withValue(room, "mm")
                .withLimits(Limits.atLeast(PORT_ROOM_MM), 0);
    }
}
