package joropo.app.ui;

import org.jspecify.annotations.Nullable;

/** A figure under the fields of a card. @param sign absent where nothing is judged */
public record Figure(
        String label, String value, String unit, @Nullable StatusMark sign) {}
