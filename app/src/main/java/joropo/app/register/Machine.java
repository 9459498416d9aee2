package joropo.app.register;

/** A machine of the works. */
public record Machine(long id, String name, String place, String note) {}
