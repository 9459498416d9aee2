package joropo.core.section;

/** Outside of the seal's case. */
public enum CaseType {
    METAL("bare metal case"),
    RUBBER("rubber-covered case"),
    STAINLESS("stainless case");

    private final String words;

    CaseType(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
