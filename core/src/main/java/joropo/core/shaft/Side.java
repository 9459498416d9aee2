package joropo.core.shaft;

/** A side of a shaft entry: OUT is the air side, IN the machine. */
public enum Side {
    OUT,
    IN;

    public Side other() {
        return this == OUT ? IN : OUT;
    }

    public String words() {
        return this == OUT ? "outside" : "inside";
    }
}
