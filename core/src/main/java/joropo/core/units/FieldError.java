package joropo.core.units;

/** One refused field: its name as the caller wrote it, and one sentence saying what was expected. */
public record FieldError(String field, String message) {}
