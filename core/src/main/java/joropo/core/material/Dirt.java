package joropo.core.material;

/** Dirt in a space, from none to standing in water. */
public enum Dirt {
    CLEAN("clean"),
    DUST("dust"),
    MUD("mud"),
    IMMERSED("immersed");

    private final String words;

    Dirt(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
