package joropo.app.check;

/** There is no check of this kind. */
final class UnknownKind extends RuntimeException {
    UnknownKind(String kind) {
        super("There is no check '" + (kind.length() > 40 ? kind.substring(0, 40) + "…" : kind)
                + "'; GET /api/v1/checks lists the kinds");
    }
}
