package joropo.app.job;

/**
 * What a step waits for. @param why in words, @param field that is still empty, as it stands on the sheets, empty: no
 * field of them, @param stage on which that stands, empty likewise
 */
public record Waiting(String why, String field, String stage) {
    static Waiting because(String why) {
        return new Waiting(why, "", "");
    }
}
