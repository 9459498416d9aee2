package joropo.app.family;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The eight stages of a job, in working order. */
public enum Stage {
    INTAKE("Intake"),
    STRIP("Make safe"),
    MEASURE("Measure"),
    DECIDE("Decide"),
    FIT("Fit"),
    SET("Set"),
    PROVE("Prove"),
    SIGN("Sign");

    private final String title;

    Stage(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public int number() {
        return ordinal() + 1;
    }

    /** As it stands in an address. */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Optional<Stage> next() {
        return ordinal() + 1 < values().length ? Optional.of(values()[ordinal() + 1]) : Optional.empty();
    }

    public Optional<Stage> previous() {
        return ordinal() > 0 ? Optional.of(values()[ordinal() - 1]) : Optional.empty();
    }

    public static Optional<Stage> ofPath(String path) {
        return Arrays.stream(values()).filter(s -> s.path().equals(path)).findFirst();
    }
}
