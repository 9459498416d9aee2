package joropo.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import joropo.app.JoropoSettings;
import joropo.app.access.DemoPeople;
import joropo.app.access.NewPerson;
import joropo.app.access.PeopleService;
import joropo.app.access.Role;
import joropo.app.settings.OwnFluid;
import joropo.app.settings.OwnMaterial;
import joropo.app.settings.SettingsService;
import joropo.core.readings.Gauge;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A made-up mill with its machines, store and jobs over two seasons. Readings come from a fixed seed and jobs bear
 * fixed days, so that every screen looks the same each time. An existing database is left alone.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoData implements SmartInitializingSingleton {
    /** Its presence says that the data beside it are the demo's and may be thrown away. */
    private static final String MARKER = "DEMO";

    /** What a process that was told to stop ends with. */
    private static final int STOPPED = 143;

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final Instant BEGINNING = Instant.parse("2024-10-01T12:00:00Z");
    private static final Instant STOCKTAKING = Instant.parse("2026-10-05T12:00:00Z");

    private final JoropoSettings settings;
    private final PeopleService people;
    private final SettingsService workshop;
    private final DemoMill mill;
    private final DemoStore store;
    private final DemoJobs jobs;
    private final DemoWatches watches;
    private final DemoClock clock;
    private final DemoCrowd crowd;
    private final TransactionTemplate whole;

    DemoData(
            JoropoSettings settings,
            PeopleService people,
            SettingsService workshop,
            DemoMill mill,
            DemoStore store,
            DemoJobs jobs,
            DemoWatches watches,
            DemoClock clock,
            DemoCrowd crowd,
            TransactionTemplate whole) {
        this.settings = settings;
        this.people = people;
        this.workshop = workshop;
        this.mill = mill;
        this.store = store;
        this.jobs = jobs;
        this.watches = watches;
        this.clock = clock;
        this.crowd = crowd;
        this.whole = whole;
    }

    /** Before the first page can be asked for; all of them or none. */
    @Override
    public void afterSingletonsInstantiated() {
        if (!people.isEmpty()) {
            return;
        }
        mark(settings.data().resolve(MARKER));
        clock.turnTo(BEGINNING);
        // the end of the context waits for this start: made-up data are not worth the waiting, and half of them is none
        var stop = new Thread(() -> Runtime.getRuntime().halt(STOPPED));
        Runtime.getRuntime().addShutdownHook(stop);
        try {
            whole.executeWithoutResult(made -> make());
            if (settings.demoJobs() > 0) {
                crowd.make(settings.demoJobs());
            }
        } finally {
            clock.letRun();
            Runtime.getRuntime().removeShutdownHook(stop);
        }
        LOG.info("Demo data made in {}", settings.data().toAbsolutePath());
    }

    private void make() {
        NewPerson lead = DemoPeople.ALL.stream()
                .filter(p -> p.role() == Role.LEAD)
                .findFirst()
                .orElseThrow();
        people.addFirst(lead);
        DemoPeople.ALL.stream().filter(p -> !p.equals(lead)).forEach(p -> people.add(p, lead.name()));
        mill.make();
        ownThings(mill.id("gear motor output"));
        clock.turnTo(STOCKTAKING);
        store.make();
        jobs.make();
        watches.make(mill);
    }

    private static void mark(Path marker) {
        try {
            Files.writeString(marker, "Made-up data of the Joropo demo. May be thrown away.\n");
        } catch (IOException e) {
            throw new UncheckedIOException("The demo's data folder cannot be written to", e);
        }
    }

    /** What the workshop has of its own; one certificate has run out. */
    private void ownThings(long output) {
        workshop.addGauge(
                "Outside micrometer 25 to 50, no. 2",
                Gauge.OUTSIDE_MICROMETER,
                0.003,
                "K-0412",
                LocalDate.of(2027, 3, 1),
                "jacinta");
        workshop.addGauge(
                "Bore gauge 60 to 75", Gauge.BORE_GAUGE_3, 0.004, "K-0398", LocalDate.of(2026, 9, 30), "jacinta");
        for (double outside : new double[] {39.5, 51.5, 61.5, 89.0}) {
            workshop.addDriver(outside, "disc with handle", null, "jacinta");
        }
        workshop.addDriver(61.2, "with recess, for the sunk seat", output, "jacinta");
        workshop.addFluid(
                new OwnFluid(
                        0,
                        "MILL_GEAR_460",
                        "mill gear oil 460, EP",
                        "EP_GEAR_OIL",
                        "NBR:1 FKM:1",
                        "fluid sheet 7, page 2",
                        null),
                "jacinta");
        workshop.addMaterial(
                new OwnMaterial(0, "NBR-K", "cold-proof compound", "NBR", -50, 95, "compound sheet 3", null),
                "jacinta");
    }
}
