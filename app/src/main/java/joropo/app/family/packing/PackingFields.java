package joropo.app.family.packing;

import java.util.List;
import joropo.app.ui.Field;
import joropo.core.packing.PackingStyle;

/** What the forms of this family share. */
final class PackingFields {
    static final List<Field.Choice> STYLES = PackingStyle.all().stream()
            .map(s -> new Field.Choice(s.key(), s.name()))
            .toList();
    /** What can hurt at every gland. */
    static final String GLAND = "Never slacken a gland or take off its nuts under pressure. On a running pump only "
            + "with a fixed guard at the shaft. Old packing may hold asbestos: no dry scraping, local law.";

    private PackingFields() {}
}
