package joropo.app.register;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A photo or a document of a position. @param jobNumber the job it was added in, absent: none, @param mediaType by its
 * first bytes, not by its name
 */
public record Attachment(
        long id,
        long positionId,
        @Nullable String jobNumber,
        String name,
        String mediaType,
        String sha256,
        String personName,
        Instant addedAt,
        @Nullable String withdrawnWhy) {
    public boolean isPhoto() {
        return mediaType.startsWith("image/");
    }
}
