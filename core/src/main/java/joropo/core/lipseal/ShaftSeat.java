package joropo.core.lipseal;

import joropo.core.verdict.Finding;

/** The seat of a case that grips the shaft, while its lip runs in the housing (guide). */
public final class ShaftSeat {
    /** Class of the shaft there. */
    public static final String CLASS = "h8";

    private ShaftSeat() {}

    /** No common table has the inside of such a case. */
    public static Finding interference() {
        return Finding.missing(
                "interference",
                "interference of the case on the shaft",
                "How much smaller than its shaft such a case is made, only its maker says.",
                "Ask for its inside diameter, and compare with the shaft as read.");
    }
}
