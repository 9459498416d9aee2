package joropo.app.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.family.ItemSet;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.PartState;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is sealed in a job: one thing more, its name, and what is taken out again. */
@Service
public class JobItems {
    private static final int LONGEST_LABEL = 40;
    private static final int LONGEST_REASON = 200;
    static final int MOST_ITEMS = 12;

    private final JobStore store;
    private final JobSheets sheets;
    private final Families families;

    JobItems(JobStore store, JobSheets sheets, Families families) {
        this.store = store;
        this.sheets = sheets;
        this.families = families;
    }

    /**
     * One thing more that is sealed in this job, of a kind of its own. @param label empty: its kind is name enough
     *
     * @return its number, @throws RefusedInput when it cannot be
     */
    public int add(String number, PartKind kind, String label, Person person) {
        new Needs()
                .that("label", label.strip().length() <= LONGEST_LABEL, "has room for " + LONGEST_LABEL + " characters")
                .that(
                        "item",
                        store.load(number).items().size() < MOST_ITEMS,
                        "is one too many: a job holds " + MOST_ITEMS)
                .done();
        return store.addItem(number, kind, label.strip(), person);
    }

    /** Sets that can be added to a job: while it holds only what it was opened for. */
    static List<ItemSet> setsFor(Job job, Families families) {
        return job.items().size() > 1 || !job.takenOut().isEmpty()
                ? List.of()
                : families.need(job.items().get(0).kind()).sets();
    }

    /**
     * Things that usually stand together, with what their names say of them already. @throws RefusedInput when the job
     * holds more than what it was opened for, or its kind has no such set
     */
    @Transactional
    public void addSet(String number, String key, Person person) {
        Job job = store.load(number).job();
        ItemSet set = setsFor(job, families).stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("item", "is no set that can be added to this job now"));
        Map<String, String> texts = new HashMap<>();
        for (ItemSet.Member member : set.members()) {
            int item = texts.isEmpty()
                    ? 1
                    : store.addItem(number, job.items().get(0).kind(), member.name(), person);
            if (texts.isEmpty()) {
                store.labelItem(number, item, member.name(), person);
            }
            String prefix = new JobItem(item, PartKind.OTHER, "", null).prefix();
            member.texts().forEach((field, text) -> texts.put(prefix + field, text));
        }
        sheets.fill(number, texts, person.unit(), person);
    }

    /** @throws RefusedInput when it is blank, too long, or another one is called so */
    public void label(String number, int item, String label, Person person) {
        String name = label.strip();
        new Needs()
                .that(
                        "label",
                        !name.isEmpty() && name.length() <= LONGEST_LABEL,
                        "needs 1 to " + LONGEST_LABEL + " characters")
                .done();
        store.labelItem(number, item, name, person);
    }

    /**
     * Takes one out of the job: what was typed of it stays in the record and is judged no more.
     *
     * @throws RefusedInput without a reason, for what the job was opened for, and while parts of it are laid out
     */
    public void takeOut(String number, int item, String why, Person person) {
        new Needs()
                .that(
                        "why",
                        !why.isBlank() && why.strip().length() <= LONGEST_REASON,
                        "needs a reason, up to " + LONGEST_REASON + " characters")
                .that("why", item != 1, "cannot be: the job was opened for it. Withdraw the job instead")
                .done();
        String prefix = new JobItem(item, PartKind.OTHER, "", null).prefix();
        boolean laidOut = store.load(number).beside().parts().decided().stream()
                .anyMatch(p -> p.part().startsWith(prefix) && p.state() == PartState.NEW && p.lotId() != null);
        if (laidOut) {
            throw new RefusedInput("why", "waits: parts of it are laid out from the store. Decide them anew first");
        }
        store.withdrawItem(number, item, why.strip(), person);
    }
}
