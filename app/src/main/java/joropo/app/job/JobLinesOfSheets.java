package joropo.app.job;

import java.security.SecureRandom;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import joropo.app.access.Person;
import joropo.app.family.JobLines;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.Work;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lines that a screen of its own writes into a field of a sheet. */
@Component
class JobLinesOfSheets implements JobLines {
    private final JobStore store;
    private final JobWorks works;
    private final SecureRandom random = new SecureRandom();

    JobLinesOfSheets(JobStore store, JobWorks works) {
        this.store = store;
        this.works = works;
    }

    @Override
    public Lines of(String number, Stage stage, String field) {
        JobState state = store.load(number);
        return new Lines(
                state.position().machineName() + ", " + state.position().name(),
                state.isOpen(),
                state.sheet(stage).getOrDefault(field, Typed.NOTHING).text());
    }

    /** One after the other: nobody's look overtakes another's. */
    @Override
    @Transactional
    public void change(String number, Stage stage, String field, UnaryOperator<String> change, Person person) {
        JobState state = store.load(number);
        if (!state.isOpen()) {
            throw new RefusedInput("", "is signed or withdrawn: nothing is added to it any more");
        }
        Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(stage));
        Typed before = sheet.getOrDefault(field, Typed.NOTHING);
        String text = change.apply(before.text());
        if (text.equals(before.text())) {
            return;
        }
        sheet.put(field, before.retyped(text, LengthUnit.MM));
        JobWork work = works.of(state, state.textsWith(stage, sheet));
        if (work.errors().containsKey(field)) {
            String why = work.errors().get(field);
            throw new RefusedInput(
                    "", why.substring(0, 1).toLowerCase(Locale.ROOT) + why.substring(1, why.length() - 1));
        }
        String tab = Long.toString(random.nextLong() >>> 1, Character.MAX_RADIX);
        store.saveDraft(state, stage, tab, state.seq(stage), sheet, work.verdicts(stage), person);
    }

    @Override
    public Work work(String number) {
        return works.of(store.load(number)).main();
    }
}
