package joropo.core.material;

/** What fills a space. */
public enum Medium {
    AIR("air"),
    OIL("oil"),
    GREASE("grease"),
    WATER("water"),
    PRODUCT("product"),
    FUEL("fuel"),
    REFRIGERANT("refrigerant"),
    STEAM("steam"),
    VACUUM("vacuum");

    private final String words;

    Medium(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it runs out at once where nothing holds it. */
    public boolean isLiquid() {
        return this != AIR && this != VACUUM && this != GREASE;
    }
}
