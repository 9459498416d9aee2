package joropo.app.demo;

import java.util.LinkedHashMap;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets;
import joropo.app.job.JobSheets.Posted;
import joropo.core.units.LengthUnit;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills and keeps sheets of the made-up mill as its people would. */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoSheets {
    private static final String TAB = "demo";

    private final JobSheets sheets;

    DemoSheets(JobSheets sheets) {
        this.sheets = sheets;
    }

    /** @param texts field and text, parted by a blank, one after the other */
    void keep(String number, Stage stage, Person who, String texts) {
        if (!sheets.keep(number, stage, posted(number, stage, who, texts), who).isKept()) {
            throw new IllegalStateException(stage.title() + " of job " + number + " was not kept");
        }
    }

    /** Typed and not kept yet. */
    void type(String number, Stage stage, Person who, String texts) {
        sheets.type(number, stage, posted(number, stage, who, texts), who);
    }

    private Posted posted(String number, Stage stage, Person who, String texts) {
        Map<String, String> form = new LinkedHashMap<>();
        for (String entry : texts.split("; ?")) {
            int blank = entry.indexOf(' ');
            form.put(entry.substring(0, blank), entry.substring(blank + 1));
        }
        long seen = sheets.page(number, stage, who).window().seq();
        return new Posted(TAB, seen, LengthUnit.MM, form);
    }
}
