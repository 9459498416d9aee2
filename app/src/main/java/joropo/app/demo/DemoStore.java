package joropo.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import joropo.app.access.PeopleService;
import joropo.app.store.StoreCsv;
import joropo.core.material.CureQuarter;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The store of the made-up mill. Cure quarters are counted back from today, so that the same two lots are past their
 * date whenever it is made.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoStore {
    private static final Pattern QUARTERS_BACK = Pattern.compile("\\{(\\d+)}");
    private static final int QUARTERS = 4;

    private final StoreCsv csv;
    private final PeopleService people;

    DemoStore(StoreCsv csv, PeopleService people) {
        this.csv = csv;
        this.people = people;
    }

    void make() {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        try (var in = DemoStore.class.getResourceAsStream("/demo/lots.csv")) {
            String lots = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            csv.takeNow(
                    QUARTERS_BACK.matcher(lots).replaceAll(m -> back(m, today)),
                    people.find("jacinta").orElseThrow());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String back(MatchResult quarters, LocalDate today) {
        int count = today.getYear() * QUARTERS + (today.getMonthValue() - 1) / 3 - Integer.parseInt(quarters.group(1));
        return new CureQuarter(count / QUARTERS, count % QUARTERS + 1).toString();
    }
}
