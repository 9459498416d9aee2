package joropo.app.check;

/** A check that the JSON interface knows: one bean each, listed by itself. Its order says where. */
public interface CheckKind {
    /** As it stands in its address. */
    String kind();
}
