package joropo.app.watch;

import java.time.Instant;
import joropo.core.leak.LeakKind;
import org.jspecify.annotations.Nullable;

/**
 * A watch with its terms as they are now.
 *
 * @param name where it hangs, such as {@code bottle under the gland}, @param walk its place on the round
 * @param allowance in the kind's shown unit, @param document where that is written, empty: unproved
 * @param shotG what the gun gives at one stroke, @param reader full name of who reads it, absent: anybody
 */
public record LeakWatch(
        long id,
        long positionId,
        long machineId,
        String machineName,
        String machinePlace,
        String positionName,
        LeakKind kind,
        String name,
        Instant startedAt,
        @Nullable String withdrawnWhy,
        String area,
        int walk,
        int everyDays,
        @Nullable Double allowance,
        String document,
        @Nullable Double bottleMl,
        @Nullable Double resolution,
        @Nullable Double shotG,
        boolean rises,
        boolean barrier,
        @Nullable Boolean gas,
        boolean regulated,
        String note,
        @Nullable String reader,
        @Nullable String readerName) {
    /** Where it is, as one says it aloud. */
    public String place() {
        return machineName + ", " + positionName;
    }

    public boolean isLive() {
        return withdrawnWhy == null;
    }
}
