package joropo.core.arrangement;

import joropo.core.shaft.Side;

/**
 * What can be known of a part and more than one place can say.
 *
 * @param name in words, @param carries whether a new part takes it over from the one that it replaces
 */
public record Property<T>(String name, Class<T> type, boolean carries) {
    /** Outer face from the face of the housing (mm). */
    public static final Property<Double> PLACE = new Property<>("place", Double.class, true);

    /** Length along the shaft (mm). */
    public static final Property<Double> THICK = new Property<>("length", Double.class, false);

    /** Its opening, across the shaft (mm). */
    public static final Property<Double> OPENING = new Property<>("opening", Double.class, false);

    /** Its outside, across the shaft (mm). */
    public static final Property<Double> OUTSIDE = new Property<>("outside", Double.class, false);

    /** Whether it stands in the bore or on the shaft, where its kind does not tell. */
    public static final Property<PartKind.Line> LINE = new Property<>("line", PartKind.Line.class, true);

    /** Side that it is put in from. */
    public static final Property<Side> ENTERS = new Property<>("side it enters from", Side.class, true);

    /** Key of a part that it has to be in before. */
    public static final Property<String> BEFORE = new Property<>("part it goes in before", String.class, true);

    /** Its turn among all that one part carries, the lowest first. */
    public static final Property<Double> TURN = new Property<>("turn", Double.class, true);

    /** Side to which its open or marked side faces. */
    public static final Property<Side> FACES = new Property<>("way round", Side.class, false);
}
