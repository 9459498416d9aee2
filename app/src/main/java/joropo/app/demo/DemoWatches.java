package joropo.app.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.watch.WatchEntries;
import joropo.app.watch.WatchService;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Leak watches of the made-up mill, read every week or so until a few days ago: one rises, one took a step, one is
 * emptied and one topped up, one is of a medium that may not be lost, one waits to be read.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoWatches {
    private static final int WEEK = 7;
    private static final LocalTime MORNING = LocalTime.of(7, 30);

    private final WatchEntries watches;
    private final WatchService service;
    private final PeopleService people;
    private final DemoClock clock;
    private final Random random = new Random(19);
    private int walk;
    private int sent;

    DemoWatches(WatchEntries watches, WatchService service, PeopleService people, DemoClock clock) {
        this.watches = watches;
        this.service = service;
        this.people = people;
        this.clock = clock;
    }

    void make(DemoMill mill) {
        bottle(mill.id("condensate mechanical seal"), "evaporators", 16, week -> 14 * (1 + week / 22.0));
        long juice = start(
                mill.id("juice 1 packed box"), "BOTTLE", "bottle under the gland", "clarifying", "8", "works sheet 12");
        double ml = 0;
        for (int week = 14; week >= 0; week--) {
            ml += scattered(38);
            enter(juice, 4 + WEEK * week, ml, ml > 300 ? "EMPTIED" : "");
            ml = ml > 300 ? 0 : ml;
        }
        long drops =
                start(mill.id("juice 2 packed box"), "DROPS", "gland, counted", "clarifying", "12", "works sheet 12");
        weekly(drops, 12, 3, week -> scattered(7));
        long barrier = start(
                mill.id("molasses mechanical seal"),
                "LEVEL",
                "barrier tank, glass",
                "sugar house",
                "1.5",
                "seal sheet 4");
        double level = 160;
        for (int week = 12; week >= 0; week--) {
            level -= scattered(4);
            enter(barrier, 5 + WEEK * week, level, "");
            if (level < 125) {
                level = 160;
                enter(barrier, 5 + WEEK * week, level, "TOPPED_UP");
            }
        }
        long added = start(
                mill.id("reducer output"), "OIL_ADDED", "oil added, reducer", "milling hall", "60", "gear sheet 3");
        enter(added, 6 + WEEK * 16, null, "TOPPED_UP");
        weekly(added, 15, 6, week -> scattered(week < 9 ? 180 : 330));
        advised(added);
        long vacuum = start(mill.id("gear end"), "PRESSURE", "gauge on the line", "evaporators", "0.002", "");
        weekly(vacuum, 8, 2, week -> -0.085 + 0.0006 * week + 0.0004 * random.nextGaussian());
        long regulated =
                start(mill.id("cooling shaft seal"), "OIL_ADDED", "oil of the cooling unit", "laboratory", "1", "");
        enter(regulated, 100, null, "TOPPED_UP");
        enter(regulated, 65, 12.0, "");
        enter(regulated, 31, 13.5, "");
        long conveyor =
                start(mill.id("gear motor output"), "BOTTLE", "bottle under the motor", "boiler house", "5", "");
        double caught = 0;
        for (int month = 5; month >= 1; month--) {
            enter(conveyor, 12 + 30 * month, caught, "");
            caught += scattered(66);
        }
    }

    /** What was advised because of the step, and the answer. */
    private void advised(long watch) {
        service.advise(watch, "New seal for the reducer at the next stop, sleeve ready.", reader());
        service.answer(watch, service.advice(watch).get(0).id(), "At the stop in January.", "");
    }

    private void bottle(long position, String area, int weeks, IntToDoubleFunction inAWeek) {
        long id = start(position, "BOTTLE", "bottle at the gland drain", area, "5", "seal sheet 2, page 3");
        double ml = 0;
        for (int week = 0; week <= weeks; week++) {
            enter(id, 3 + WEEK * (weeks - week), ml, ml > 380 ? "EMPTIED" : "");
            ml = (ml > 380 ? 0 : ml) + scattered(inAWeek.applyAsDouble(week));
        }
    }

    private void weekly(long id, int weeks, int ago, IntToDoubleFunction figure) {
        for (int week = 0; week <= weeks; week++) {
            enter(id, ago + WEEK * (weeks - week), figure.applyAsDouble(week), "");
        }
    }

    private double scattered(double mean) {
        return mean * (1 + 0.08 * random.nextGaussian());
    }

    private long start(long position, String kind, String name, String area, String allowance, String document) {
        clock.turnTo(LocalDate.now(ZoneId.systemDefault())
                .minusDays(200)
                .atTime(MORNING)
                .atZone(ZoneId.systemDefault())
                .toInstant());
        Map<String, String> terms = new LinkedHashMap<>();
        terms.put("area", area);
        terms.put("walk", Integer.toString(++walk));
        terms.put("every", name.equals("bottle under the motor") ? "30" : area.equals("laboratory") ? "35" : "7");
        terms.put("allowance", allowance);
        terms.put("document", document);
        terms.put("bottleMl", kind.equals("BOTTLE") ? "500" : "");
        terms.put("tank", kind.equals("LEVEL") ? "BARRIER" : "");
        terms.put("gas", kind.equals("PRESSURE") ? "GAS" : "");
        terms.put("regulated", Boolean.toString(area.equals("laboratory")));
        terms.put("reader", "marisol");
        return watches.start(position, kind, name, terms, reader());
    }

    private Person reader() {
        return people.find("marisol").orElseThrow();
    }

    private void enter(long id, int daysAgo, @Nullable Double figure, String act) {
        clock.turnTo(LocalDate.now(ZoneId.systemDefault())
                .minusDays(daysAgo)
                .atTime(MORNING.plusMinutes(act.equals("TOPPED_UP") ? 5 : 0))
                .atZone(ZoneId.systemDefault())
                .toInstant());
        Map<String, String> form = new LinkedHashMap<>();
        form.put("figure", figure == null ? "" : Length.show(figure, figure < 1 ? 4 : 1));
        form.put("act", act);
        form.put("running", "RUNNING");
        form.put("hot", "HOT");
        form.put("temperature", "22");
        form.put("sent", "demo-" + ++sent);
        watches.enter(id, form, reader());
    }
}
