package joropo.app.job;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.job.Field.Kind;
import joropo.app.ui.Errors;
import joropo.app.ui.Fields;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** Typed texts of all stages read into values; what cannot be read is an error at its field and counts as not given. */
final class Values {
    private static final int LONGEST_LINE = 120;
    private static final int LONGEST_NOTE = 1000;
    private static final double MOST_HOURS = 1_000_000;
    private static final double HOTTEST_C = 400;
    private static final double COLDEST_C = -100;
    private static final double MOST_MPA = 100;

    private final Map<String, Object> values = new HashMap<>();
    private final Map<String, String> errors = new LinkedHashMap<>();

    static Values read(Map<Stage, Map<String, Typed>> texts) {
        var out = new Values();
        for (Stage stage : Stage.values()) {
            Map<String, Typed> sheet = texts.getOrDefault(stage, Map.of());
            SheetFields.fields(stage).forEach(f -> out.readField(f, sheet.getOrDefault(f.name(), Typed.NOTHING)));
        }
        return out;
    }

    Map<String, String> errors() {
        return errors;
    }

    /** Puts an error at a field, for rules that look at more than one. */
    void refuse(String field, String message) {
        errors.putIfAbsent(field, Errors.sentence(message));
    }

    @Nullable Double number(String field) {
        return (Double) values.get(field);
    }

    @Nullable String text(String field) {
        return (String) values.get(field);
    }

    boolean ticked(String field) {
        return values.get(field) != null;
    }

    <E extends Enum<E>> @Nullable E choice(String field, Class<E> kind) {
        String name = text(field);
        return name == null ? null : Enum.valueOf(kind, name);
    }

    @Nullable ChosenSize size(String field) {
        return (ChosenSize) values.get(field);
    }

    private void readField(Field field, Typed typed) {
        if (typed.isBlank()) {
            return;
        }
        try {
            values.put(field.name(), value(field, typed));
        } catch (RefusedInput e) {
            errors.put(field.name(), Errors.sentence(e.errors().get(0).message()));
        }
    }

    private static Object value(Field field, Typed typed) {
        String text = typed.text().strip();
        LengthUnit unit = typed.unit() == null ? LengthUnit.MM : typed.unit();
        return switch (field.kind()) {
            case SIZE -> Length.parseSize(text, unit).mm();
            case PLACE -> Length.parsePlace(text, unit).mm();
            case PLAY -> atLeastZero(Length.parsePlace(text, unit).mm());
            case HOURS -> within(Quantity.parse(text, Unit.HOUR).base(), 0, MOST_HOURS, "h");
            case SPEED -> within(Quantity.parse(text, Unit.RPM).base(), 0, Fields.MOST_RPM, "rpm");
            case PRESSURE -> within(Quantity.parse(text, Unit.MPA).base(), -1, MOST_MPA, "MPa");
            case TEMPERATURE -> within(Quantity.parse(text, Unit.CELSIUS).base(), COLDEST_C, HOTTEST_C, "°C");
            case SEAL_SIZE -> ChosenSize.parse(text, unit);
            case DATE -> date(text);
            case LINE -> within(text, LONGEST_LINE);
            case NOTE -> within(text, LONGEST_NOTE);
            case TICK -> "yes";
            case CHOICE -> listed(field, text);
        };
    }

    private static Double atLeastZero(double mm) {
        if (mm < 0) {
            throw new RefusedInput("", "cannot be below zero, got " + Length.show(mm, 3) + " mm");
        }
        return mm;
    }

    private static Double within(double value, double low, double high, String unit) {
        if (value < low || value > high) {
            throw new RefusedInput("", "must lie between " + Length.show(low, 0) + " and " + Length.show(high, 0) + " " + unit + ": look at the figure");
        }
        return value;
    }

    private static String within(String text, int most) {
        if (text.length() > most) {
            throw new RefusedInput("", "has room for " + most + " characters, got " + text.length());
        }
        return text;
    }

    private static String date(String text) {
        try {
            return LocalDate.parse(text).toString();
        } catch (DateTimeParseException e) {
            throw new RefusedInput("", "is not understood as a day: write year-month-day, such as 2026-12-24");
        }
    }

    private static String listed(Field field, String text) {
        if (field.choices().stream().noneMatch(c -> c.value().equals(text))) {
            throw new RefusedInput("", "is not one of the list");
        }
        return text;
    }
}
