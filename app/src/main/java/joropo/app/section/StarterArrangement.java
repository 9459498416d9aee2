package joropo.app.section;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Starting arrangements to pick from; each lies as a section file in the resources. */
enum StarterArrangement {
    SINGLE("Single lip", "Oil inside, clean outside"),
    DUST_LIP("With dust lip", "Oil inside, dust outside"),
    PAIR_TO_OIL("Pair facing the oil", "The second lip behind the first, grease between"),
    TWO_MEDIA("Two media with a drain", "Water outside, oil inside, what passes leaves between"),
    GREASED_WAY_OUT("Greased space with a way out", "Grease by gun, the outer lip lets old grease leave"),
    ON_A_STOP("On a stop", "Bearing behind the shoulder"),
    BEHIND_A_RING("Behind a ring", "Retaining ring, washer, seal, shoulder"),
    SWINGING_PRESSURE("Swinging, under pressure", "Pressure lip, back-up washer and ring on the low side"),
    AGITATOR("Vertical agitator entry", "Outside up, dust lies on it, product below");

    private final String title;
    private final String words;

    StarterArrangement(String title, String words) {
        this.title = title;
        this.words = words;
    }

    public String title() {
        return title;
    }

    public String words() {
        return words;
    }

    public String path() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static Optional<StarterArrangement> ofPath(String path) {
        return Arrays.stream(values()).filter(s -> s.path().equals(path)).findFirst();
    }

    String json() {
        try (InputStream in = StarterArrangement.class.getResourceAsStream("/starts/" + path() + ".json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
