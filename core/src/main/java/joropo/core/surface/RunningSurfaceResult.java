package joropo.core.surface;

import java.util.List;
import java.util.Optional;
import joropo.core.sizes.SealSize;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What the running surface is, and what can be done about it.
 *
 * @param leadAngleDeg of the thread test, absent when not made
 * @param requiredShiftMm how far a lip has to move to run clear of the groove, absent while its width is not known
 * @param remedies in the order offered: what holds first, the cheapest of it first, what is ruled out last; none where
 *     nothing wants one
 */
public record RunningSurfaceResult(
        @Nullable Double leadAngleDeg, @Nullable Double requiredShiftMm, List<Offer> remedies, List<Finding> findings) {
    /**
     * One remedy with its conditions computed.
     *
     * @param sizes seals that it leads to, absent where the seal stays as it is
     * @param runningDiameterMm what the lip then runs on, absent where it stays
     * @param precondition what must be so before and after, @param caution what goes wrong with it
     */
    public record Offer(
            Remedy remedy,
            Status verdict,
            String reason,
            @Nullable List<SealSize> sizes,
            @Nullable Double runningDiameterMm,
            String precondition,
            String caution) {
        public boolean ruledOut() {
            return verdict == Status.FAIL;
        }
    }

    public Optional<Offer> offer(Remedy remedy) {
        return remedies.stream().filter(o -> o.remedy == remedy).findFirst();
    }
}
