package joropo.app.register;

import org.jspecify.annotations.Nullable;

/**
 * A limit of a position by its maker. @param least, @param most one of them at least, @param document where it is
 * written; empty: unproved
 */
public record PositionLimit(
        long id,
        String what,
        @Nullable Double least,
        @Nullable Double most,
        String unit,
        String document,
        String personName,
        @Nullable String withdrawnWhy) {
    public String words() {
        String range = least == null ? "at most " + most : most == null ? "at least " + least : least + " to " + most;
        return what + " " + range + " " + unit + " (" + (document.isEmpty() ? "unproved" : document) + ")";
    }
}
