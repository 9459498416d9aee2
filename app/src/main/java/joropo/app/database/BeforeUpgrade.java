package joropo.app.database;

/** Makes a backup of the records before an upgrade changes them. */
public interface BeforeUpgrade {
    /** @param from, @param to versions of the records. @return where it lies */
    String backUp(String from, String to);
}
