package joropo.app.ui;

import java.util.Map;
import java.util.function.Supplier;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.sizes.SeatSize;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** Reads texts of a plain form, putting what is refused at its field; an empty text is nothing, not an error. */
public final class Fields {
    private final LengthUnit unit;
    private final Map<String, String> errors;

    public Fields(LengthUnit unit, Map<String, String> errors) {
        this.unit = unit;
        this.errors = errors;
    }

    public @Nullable Double sizeMm(String field, String text) {
        return read(field, text, () -> Length.parseSize(text, unit).mm());
    }

    /** Shaft, bore and width in one text; what is refused leaves nothing known. */
    public SeatSize seat(String field, String text) {
        SeatSize read = read(field, text, () -> SeatSize.parse(text, unit));
        return read == null ? SeatSize.UNKNOWN : read;
    }

    /** An answer of a list that has to be given. */
    public Fields chosen(String field, @Nullable Object answer) {
        if (answer == null) {
            errors.put(field, "Choose one.");
        }
        return this;
    }

    public @Nullable Double speedRpm(String field, String text) {
        return read(field, text, () -> {
            double rpm = Quantity.parse(text, Unit.RPM).base();
            if (rpm > SurfaceSpeed.MOST_RPM) {
                throw new RefusedInput(
                        "", "is faster than " + Length.show(SurfaceSpeed.MOST_RPM, 0) + " rpm: look at the figure");
            }
            return rpm;
        });
    }

    public @Nullable Double celsius(String field, String text) {
        return read(field, text, () -> Quantity.parse(text, Unit.CELSIUS).base());
    }

    private <T> @Nullable T read(String field, String text, Supplier<T> reader) {
        if (text.isBlank()) {
            return null;
        }
        try {
            return reader.get();
        } catch (RefusedInput e) {
            errors.put(field, Errors.sentence(e.errors().get(0).message()));
            return null;
        }
    }
}
