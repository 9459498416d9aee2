package joropo.app.access;

import java.time.Instant;

/** A token for the JSON interface; the token itself is not kept. */
public record ApiToken(long id, Instant createdAt) {}
