package joropo.app.watch;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.register.NewPositionBuilder;
import joropo.app.register.RegisterService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;

/** Makes watches of their own for tests, each at a position of its own. */
final class WatchMaker {
    private static int made;

    private WatchMaker() {}

    static Person person(String name) {
        return Workshop.bean(PeopleService.class).find(name).orElseThrow();
    }

    static long position() {
        made++;
        return Workshop.bean(RegisterService.class)
                .addPlace(
                        "Watched machine " + made,
                        "test stand",
                        NewPositionBuilder.builder()
                                .kind(PartKind.LIP_SEAL)
                                .name("output")
                                .shaftMm(45.0)
                                .boreMm(62.0)
                                .medium(Medium.OIL)
                                .dirt(Dirt.DUST)
                                .oneWay(false)
                                .note("")
                                .build(),
                        "jacinta");
    }

    /** @param terms name and text, in pairs */
    static long watch(String kind, String... terms) {
        Map<String, String> form = new LinkedHashMap<>(Map.of("area", "test stand", "every", "7"));
        for (int i = 0; i < terms.length; i += 2) {
            form.put(terms[i], terms[i + 1]);
        }
        return Workshop.bean(WatchEntries.class).start(position(), kind, "watch " + made, form, person("marisol"));
    }

    /** A plain reading so many days ago, by Marisol. */
    static void read(long watch, int daysAgo, String figure) {
        enter(watch, daysAgo, figure, "");
    }

    static void enter(long watch, int daysAgo, String figure, String act) {
        Map<String, String> form = new LinkedHashMap<>();
        form.put("figure", figure);
        form.put("act", act);
        form.put(
                "at",
                Instant.now().minus(daysAgo, ChronoUnit.DAYS).minusSeconds(60).toString());
        form.put("sent", "made-" + watch + "-" + daysAgo + "-" + figure + act);
        Workshop.bean(WatchEntries.class).enter(watch, form, person("marisol"));
    }
}
