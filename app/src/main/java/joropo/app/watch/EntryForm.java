package joropo.app.watch;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import joropo.app.ui.Errors;
import joropo.core.leak.LeakEvent.Seen;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.leak.LeakFigure;
import joropo.core.units.Day;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * An entry as it was typed.
 *
 * @param act what was pressed: a word of {@link Type} or of {@link Seen}; empty: a plain reading
 * @param at day and time, or the moment of a page that waited; empty: now
 */
record EntryForm(
        String figure,
        String act,
        String at,
        String running,
        String hot,
        String temperature,
        String hours,
        String mass,
        String note,
        String sent,
        String unit,
        boolean kept) {
    static EntryForm of(Map<String, String> form) {
        return new EntryForm(
                form.getOrDefault("figure", "").strip(),
                form.getOrDefault("act", "").strip(),
                form.getOrDefault("at", "").strip(),
                form.getOrDefault("running", "").strip(),
                form.getOrDefault("hot", "").strip(),
                form.getOrDefault("temperature", "").strip(),
                form.getOrDefault("hours", "").strip(),
                form.getOrDefault("mass", "").strip(),
                form.getOrDefault("note", "").strip(),
                form.getOrDefault("sent", "").strip(),
                form.getOrDefault("unit", "").strip(),
                form.getOrDefault("kept", "").equals("true"));
    }

    /**
     * What can be read of it. A bare level is in the unit that the page showed when it was typed, which may be long
     * ago.
     *
     * @param own unit of the person, where the form does not tell, @param errors gets one sentence at each field that
     *     is refused
     */
    NewEntry read(Watched watched, LengthUnit own, Instant now, Map<String, String> errors) {
        LengthUnit shown = word(LengthUnit.values(), unit).orElse(own);
        LeakWatch w = watched.watch();
        Type type = word(Type.values(), act).orElse(Type.READING);
        Seen seen = word(Seen.values(), act).orElse(Seen.READ);
        return NewEntryBuilder.builder()
                .happenedAt(moment(now, errors))
                .type(type)
                .seen(seen)
                .figure(read(
                        "figure",
                        figure,
                        errors,
                        t -> LeakFigure.parse(w.kind(), t, shown, w.shotG(), watched.figures())))
                .temperatureC(read("temperature", temperature, errors, t -> Quantity.parse(t, Unit.CELSIUS)
                        .base()))
                .runningHours(read("hours", hours, errors, t -> Quantity.parse(t, Unit.HOUR)
                        .base()))
                .massG(read("mass", mass, errors, t -> Quantity.parse(t, Unit.G).base() / Unit.G.toBase(1)))
                .running(yes(running, "RUNNING", "STANDING"))
                .hot(yes(hot, "HOT", "COLD"))
                .note(note)
                .sent(sent)
                .kept(kept)
                .build();
    }

    private interface Reading {
        double of(String text);
    }

    private static @Nullable Double read(String field, String text, Map<String, String> errors, Reading reading) {
        if (text.isEmpty()) {
            return null;
        }
        try {
            return reading.of(text);
        } catch (RefusedInput e) {
            errors.put(field, Errors.sentence(e.errors().get(0).message()));
            return null;
        }
    }

    private static <E extends Enum<E>> Optional<E> word(E[] all, String text) {
        return Arrays.stream(all).filter(e -> e.name().equals(text)).findFirst();
    }

    private static @Nullable Boolean yes(String text, String yes, String no) {
        return text.equals(yes) ? Boolean.TRUE : text.equals(no) ? Boolean.FALSE : null;
    }

    private Instant moment(Instant now, Map<String, String> errors) {
        if (at.isEmpty()) {
            return now;
        }
        try {
            return at.endsWith("Z")
                    ? Instant.parse(at)
                    : local().atZone(WatchService.ZONE).toInstant();
        } catch (DateTimeParseException | RefusedInput e) {
            errors.put("at", "Write day and time, such as " + Day.EXAMPLE + " 07:30.");
            return now;
        }
    }

    private LocalDateTime local() {
        int clock = at.lastIndexOf(' ');
        boolean timed = at.matches(".*\\d{1,2}:\\d\\d");
        if (at.contains("T")) {
            return LocalDateTime.parse(at);
        }
        LocalDate day = Day.parse(timed ? at.substring(0, Math.max(0, clock)).replaceAll(",$", "") : at);
        String time = timed ? at.substring(clock + 1) : "12:00";
        return day.atTime(LocalTime.parse(time.length() == 4 ? "0" + time : time));
    }
}
