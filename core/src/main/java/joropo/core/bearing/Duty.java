package joropo.core.bearing;

/** What a bearing has to do. */
public enum Duty {
    SLOW("slow or now and then"),
    CONTINUOUS("continuous"),
    CRITICAL("critical: it may not fail");

    private final String words;

    Duty(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
